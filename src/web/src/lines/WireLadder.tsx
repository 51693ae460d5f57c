import { memo } from "react";
import type { LadderEntry } from "../api/client";
import { amps, celsius, copper, kilograms, percent } from "../ui/figures/figures";
import { VerdictMark } from "../ui/VerdictMark";

/** Every gauge with what it loses and carries; one press takes it. */
export const WireLadder = memo(function WireLadder({
  ladder,
  onTake,
}: {
  ladder: readonly LadderEntry[];
  onTake?: (name: string) => void;
}) {
  const costs = ladder.some((entry) => entry.cost !== null);
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full border-collapse text-left">
        <thead className="text-sm text-dust">
          <tr className="border-b border-edge">
            <th className="py-1 pl-2 font-normal">Wire</th>
            <th className="px-2 text-right font-normal">Copper</th>
            <th className="px-2 text-right font-normal">Lost</th>
            <th className="px-2 text-right font-normal">Carries</th>
            <th className="px-2 text-right font-normal">Margin over need</th>
            <th className="px-2 text-right font-normal">Warm</th>
            <th className="px-2 text-right font-normal">Copper weight</th>
            {costs && <th className="px-2 text-right font-normal">Cost</th>}
            <th className="px-2 font-normal">Verdict</th>
          </tr>
        </thead>
        <tbody>
          {ladder.map((entry) => (
            <tr
              key={entry.name}
              data-wire={entry.name}
              aria-current={entry.taken}
              className="border-b border-seam aria-[current=true]:bg-lichen-shade"
            >
              <th scope="row" className="py-0 pr-2 font-normal whitespace-nowrap">
                {onTake ? (
                  <button
                    type="button"
                    aria-pressed={entry.taken}
                    onClick={() => onTake(entry.name)}
                    className={`min-h-11 w-full rounded-sm border-l-4 pl-2 text-left font-semibold hover:bg-lichen-shade ${entry.taken ? "border-lichen" : "border-transparent"}`}
                  >
                    {entry.name}
                  </button>
                ) : (
                  <span
                    className={`inline-flex min-h-9 items-center border-l-4 pl-2 font-semibold ${entry.taken ? "border-lichen" : "border-transparent"}`}
                  >
                    {entry.name}
                  </span>
                )}
              </th>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {copper(entry.copperSquareMillimetres)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {entry.dropFraction >= 1 ? "all" : percent(entry.dropFraction)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">{amps(entry.ampacityAmps)}</td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {percent(entry.spareFraction)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {entry.conductorCelsius === null ? "—" : celsius(entry.conductorCelsius)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">{kilograms(entry.kilograms)}</td>
              {costs && (
                <td className="px-2 text-right font-figure whitespace-nowrap">
                  {entry.cost === null ? "—" : entry.cost.toFixed(2)}
                </td>
              )}
              <td className="px-2 py-1 text-sm">
                <span className="flex items-start gap-1.5">
                  <VerdictMark verdict={entry.holds ? "holds" : "stop"} word={false} />
                  <span className={entry.holds ? "text-dust" : ""}>{entry.why}</span>
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
});
