import { type KeyboardEvent, memo } from "react";
import type { LadderEntry } from "../api/client";
import { amps, celsius, copper, kilograms, percent } from "../ui/figures/figures";
import { useMoney } from "../ui/units";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";
import { gaugeStep } from "./steps";

/** Every gauge with what it loses and carries; one press takes it, plus and minus the next thicker and thinner. */
export const WireLadder = memo(function WireLadder({
  ladder,
  onTake,
}: {
  ladder: readonly LadderEntry[];
  onTake?: (name: string) => void;
}) {
  const taken = ladder.find((entry) => entry.taken);
  const step = (event: KeyboardEvent<HTMLDivElement>) => {
    const by = ({ "+": 1, "-": -1 } as const)[event.key];
    if (!by || !onTake) return;
    event.preventDefault();
    event.stopPropagation();
    const next = gaugeStep(ladder, by);
    if (!next) return;
    event.currentTarget.querySelector<HTMLElement>(`[data-wire="${CSS.escape(next)}"] button`)?.focus();
    onTake(next);
  };
  const money = useMoney();
  const costs = ladder.some((entry) => entry.cost !== null);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the keys are those of the buttons in it
    <div className="@container relative overflow-x-auto" onKeyDown={step}>
      <table className="w-full border-collapse text-left">
        <thead className="text-sm text-dust">
          <tr className="border-b border-edge">
            <th className="py-1 pl-2 font-normal">{t("lines.wire")}</th>
            <th className="@max-2xl:hidden px-2 text-right font-normal">{t("lines.copper2")}</th>
            <th className="px-2 text-right font-normal">{t("lines.lost2")}</th>
            <th className="@max-2xl:hidden px-2 text-right font-normal">{t("lines.carries")}</th>
            <th className="px-2 text-right font-normal">{t("lines.margin")}</th>
            <th className="@max-2xl:hidden px-2 text-right font-normal">{t("lines.conductor")}</th>
            <th className="@max-2xl:hidden px-2 text-right font-normal">{t("lines.copperWeight")}</th>
            {costs && <th className="@max-2xl:hidden px-2 text-right font-normal">{t("lines.cost")}</th>}
            <th className="px-2 font-normal">{t("lines.verdict")}</th>
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
                    <Marks entry={entry} />
                  </button>
                ) : (
                  <span
                    className={`inline-flex min-h-9 items-center border-l-4 pl-2 font-semibold ${entry.taken ? "border-lichen" : "border-transparent"}`}
                  >
                    {entry.name}
                    <Marks entry={entry} />
                  </span>
                )}
              </th>
              <td className="@max-2xl:hidden px-2 text-right font-figure whitespace-nowrap">
                {copper(entry.copperSquareMillimetres)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {entry.dropFraction >= 1 ? t("lines.allOfIt") : percent(entry.dropFraction)}
              </td>
              <td className="@max-2xl:hidden px-2 text-right font-figure whitespace-nowrap">
                {amps(entry.ampacityAmps)}
              </td>
              <td className="px-2 text-right font-figure whitespace-nowrap">
                {percent(entry.spareFraction)}
              </td>
              <td className="@max-2xl:hidden px-2 text-right font-figure whitespace-nowrap">
                {entry.conductorCelsius === null ? "—" : celsius(entry.conductorCelsius)}
              </td>
              <td className="@max-2xl:hidden px-2 text-right font-figure whitespace-nowrap">
                {kilograms(entry.kilograms)}
              </td>
              {costs && (
                <td className="@max-2xl:hidden px-2 text-right font-figure whitespace-nowrap">
                  {entry.cost === null ? "—" : money(entry.cost)}
                </td>
              )}
              <td className="px-2 py-1 text-sm">
                <span className="flex items-start gap-1.5">
                  <VerdictMark verdict={entry.holds ? "holds" : "stop"} word={false} />
                  <span className={`${entry.holds ? "text-dust" : ""} @max-2xl:hidden`}>{entry.why}</span>
                  <span className="@2xl:hidden">{entry.holds ? t("lines.holds") : t("lines.stop")}</span>
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {taken && <p className="mt-1 text-sm @2xl:hidden">{taken.why}</p>}
      <p className="mt-1 text-xs text-dust">{t("lines.usualWhatAFitterTakes")}</p>
    </div>
  );
});

/** What else a size is besides the one that is taken. */
function Marks({ entry }: { entry: LadderEntry }) {
  const words = [
    ...(entry.taken ? [t("lines.now")] : []),
    ...(entry.proposed ? [t("lines.proposed")] : []),
    ...(entry.usual ? [t("lines.usual")] : []),
  ];
  return words.length > 0 ? (
    <span data-marks className="block text-xs font-normal text-dust">
      {words.join(", ")}
    </span>
  ) : null;
}
