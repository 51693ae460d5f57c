import type { BenchView, CutPiece, ReelGroup } from "../api/client";
import { t } from "../words";

/** What of the bench is looked at. */
export type Shown = {
  key: string;
  name: string;
  wires: readonly CutPiece[];
  reel?: ReelGroup;
};

export const harnessKey = (name: string) => `harness ${name}`;

export const reelKey = (at: number) => `reel ${at}`;

/** What a size and colour of wire is called. */
export const reelName = ({ wire, colour }: { wire: string; colour: string }) =>
  `${wire}, ${colour || t("bench.noColour")}`;

/** Harnesses in the order of their wires, with how many each has. */
export const harnessesOf = ({ pieces }: Pick<BenchView, "pieces">) => [
  ...pieces.reduce(
    (all, { harness }) => all.set(harness, (all.get(harness) ?? 0) + 1),
    new Map<string, number>(),
  ),
];

export const placeKey = (name: string) => `place ${name}`;

const endsAt = ({ from, to }: CutPiece, place: string) => from.station === place || to.station === place;

/** Places that wires end at, with how many end there. */
export const placesOf = ({ pieces }: BenchView) => [
  ...pieces
    .flatMap(({ from, to }) => [...new Set([from.station, to.station])].filter((name) => name !== ""))
    .reduce((all, name) => all.set(name, (all.get(name) ?? 0) + 1), new Map<string, number>()),
];

/** Reads what is asked for; all wires where that is not there. */
export function shownOf(view: BenchView | undefined, key: string | null): Shown | undefined {
  if (!view) return undefined;
  if (key === "covering") return { key, name: t("bench.sleevesAndTies"), wires: [] };
  if (key === "parts") return { key, name: t("bench.parts"), wires: [] };
  if (key === "cost") return { key, name: t("bench.cost"), wires: [] };
  if (key === "kit") return { key, name: t("bench.kits"), wires: [] };
  if (key === "compare") return { key, name: t("bench.compare"), wires: [] };
  const place = placesOf(view).find(([name]) => placeKey(name) === key)?.[0];
  if (key && place !== undefined)
    return { key, name: place, wires: view.pieces.filter((piece) => endsAt(piece, place)) };
  const harness = harnessesOf(view).find(([name]) => harnessKey(name) === key)?.[0];
  if (key && harness !== undefined)
    return { key, name: harness, wires: view.pieces.filter((piece) => piece.harness === harness) };
  const at = view.reels.findIndex((_, i) => reelKey(i) === key);
  const reel = view.reels[at];
  if (key && reel)
    return {
      key,
      name: reelName(reel),
      reel,
      wires: view.pieces.filter(({ id }) => reel.pieces.includes(id)),
    };
  return { key: "wires", name: t("bench.allWires"), wires: view.pieces };
}
