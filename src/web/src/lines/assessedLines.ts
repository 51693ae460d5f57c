import type { AssessedLine, Assessment, Line, Verdict } from "../api/client";
import { t } from "../words";

/** The rig's lines, each with its assessment once there is one. */
export type AssessedLines = readonly { line: Line; found: AssessedLine | undefined }[];

export function assessedLines(lines: readonly Line[], assessment: Assessment): AssessedLines {
  const byId = new Map(assessment.lines.map((entry) => [entry.id, entry]));
  return lines.map((line) => ({ line, found: byId.get(line.id) }));
}

export type LineOrder = "rig" | "verdict" | "slot" | "front";

export const orderWords: Record<LineOrder, string> = {
  rig: t("lines.asEntered"),
  verdict: t("lines.worstFirst"),
  slot: t("lines.bySlot"),
  front: t("lines.frontToBack"),
};

const worst: Record<Verdict, number> = { stop: 0, watch: 1, holds: 2 };
const last = Number.POSITIVE_INFINITY;

/** What of the list is shown, and in what order; empty: all. */
export type Sifting = {
  order: LineOrder;
  verdict: Verdict | "";
  place: string;
  slot: "" | "with" | "without";
};

/** Lines of one verdict or place, on a slot or on none, in the order asked for; equal ones as they were entered. */
export function sifted(lines: AssessedLines, { order, verdict, place, slot }: Sifting): AssessedLines {
  const rank = ({ line, found }: AssessedLines[number]) => {
    if (order === "verdict") return worst[found?.verdict ?? "holds"];
    if (order === "slot") return found?.summary?.slot ?? last;
    return order === "front" ? (line.metresFromFront ?? last) : 0;
  };
  return lines
    .filter(
      ({ found }) =>
        (verdict === "" || found?.verdict === verdict) &&
        (place === "" || found?.summary?.place === place) &&
        (slot === "" || (found?.summary?.slot != null) === (slot === "with")),
    )
    .map((entry, index) => ({ entry, index, rank: rank(entry) }))
    .sort((one, other) => (one.rank === other.rank ? one.index - other.index : one.rank - other.rank))
    .map(({ entry }) => entry);
}
