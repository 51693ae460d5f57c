import type { Check } from "../api/client";
import { ofUnit } from "../ui/figures";
import { VerdictMark } from "../ui/VerdictMark";

const order = { stop: 0, watch: 1, holds: 2 } as const;

/** Judgements, the worst first. */
export function CheckList({ checks }: { checks: readonly Check[] }) {
  const sorted = [...checks].sort((one, other) => order[one.verdict] - order[other.verdict]);
  return (
    <ul className="grid gap-px border border-seam bg-seam">
      {sorted.map((check) => (
        <li key={check.id} data-check={check.id} data-verdict={check.verdict} className="bg-slab px-3 py-2">
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <span className="inline-flex items-center gap-2 font-semibold">
              <VerdictMark verdict={check.verdict} />
              {check.title}
            </span>
            <span className="font-figure text-sm">
              {ofUnit(check.figure, check.unit)}
              <span className="ml-2 text-dust">limit {ofUnit(check.limit, check.unit)}</span>
            </span>
          </div>
          <p>{check.reason}</p>
          <p className="text-sm text-dust">{check.source}</p>
        </li>
      ))}
    </ul>
  );
}
