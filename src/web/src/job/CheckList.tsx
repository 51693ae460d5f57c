import { memo } from "react";
import type { Check } from "../api/client";
import { Button } from "../ui/Button";
import { ofUnit } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { VerdictMark } from "../ui/VerdictMark";

const order = { stop: 0, watch: 1, holds: 2 } as const;

export const worstFirst = (one: Check, other: Check) => order[one.verdict] - order[other.verdict];

/** Judgements, the worst first; one that can be cured has its remedy as a button. */
export const CheckList = memo(function CheckList({
  checks,
  onCure,
}: {
  checks: readonly Check[];
  onCure?: (check: Check) => void;
}) {
  const units = useUnits();
  return (
    <ul className="grid gap-px border border-seam bg-seam">
      {[...checks].sort(worstFirst).map((check) => (
        <li
          key={`${check.id} ${check.about}`}
          data-check={check.id}
          data-verdict={check.verdict}
          className="bg-slab px-3 py-2"
        >
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <span className="inline-flex items-center gap-2 font-semibold">
              <VerdictMark verdict={check.verdict} />
              {check.title}
            </span>
            {check.unit !== "-" && (
              <span className="font-figure text-sm">
                {ofUnit(check.figure, check.unit, units)}
                <span className="ml-2 text-dust">limit {ofUnit(check.limit, check.unit, units)}</span>
              </span>
            )}
          </div>
          <p>{check.reason}</p>
          {check.rule && <p className="text-sm">House rule: {check.rule}</p>}
          <p className="text-sm text-dust">{check.source}</p>
          {check.remedy && onCure && (
            <Button className="mt-1.5" onClick={() => onCure(check)}>
              {check.remedy.label}
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
});
