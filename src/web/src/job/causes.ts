import type { Assessment, Check } from "../api/client";
import { t } from "../words";
import { worstFirst } from "./CheckList";
import { objects } from "./cure";

/** One objection, and the line it was found on; none where it hangs on no line alone. */
type Found = { check: Check; line: string | undefined };

/** Objections that are the same finding. */
export type Cause = { key: string; check: Check; found: readonly Found[] };

export const wholeRig = t("job.theWholeRig");

/** What stands in the way, by cause, the most serious first and then what is found most often; of one line alone if asked. */
export function causes(assessment: Pick<Assessment, "checks" | "lines">, only = ""): readonly Cause[] {
  const all: Found[] = [
    ...assessment.checks.map((check) => ({ check, line: undefined })),
    ...assessment.lines.flatMap((line) => line.checks.map((check) => ({ check, line: line.id }))),
  ];
  const wanted = ({ check, line }: Found) =>
    only === "" || (only === wholeRig ? line === undefined : line === only || check.lines.includes(only));
  const byCause = new Map<string, Found[]>();
  for (const one of all.filter((found) => objects(found.check) && wanted(found))) {
    const key = `${one.check.id} ${one.check.verdict}`;
    byCause.set(key, [...(byCause.get(key) ?? []), one]);
  }
  return [...byCause]
    .map(([key, found]) => ({ key, check: (found[0] as Found).check, found }))
    .sort((one, other) => worstFirst(one.check, other.check) || other.found.length - one.found.length);
}
