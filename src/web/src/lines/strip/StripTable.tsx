import type { LineInState, Strand } from "../../api/client";
import { amps, length, lostVolts, percent, volts } from "../../ui/figures/figures";
import { useUnits } from "../../ui/units";
import { t } from "../../words";

/** Strip and ridge as a table. */
export function StripTable({ strands, state }: { strands: readonly Strand[]; state: LineInState }) {
  const units = useUnits();
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full border-collapse text-left text-sm">
        <caption className="pb-1 text-left text-dust">{state.name}</caption>
        <thead className="text-dust">
          <tr className="border-b border-edge">
            <th className="py-1 pl-2 font-normal">{t("lines.station2")}</th>
            <th className="px-2 font-normal">{t("lines.way")}</th>
            <th className="px-2 text-right font-normal">{t("lines.wireSoFar")}</th>
            <th className="px-2 text-right font-normal">{t("lines.voltsBehindIt")}</th>
            <th className="px-2 text-right font-normal">{t("lines.amps")}</th>
            <th className="px-2 text-right font-normal">{t("lines.lost2")}</th>
            <th className="px-2 text-right font-normal">{t("lines.shareOfTheDrop")}</th>
            <th className="px-2 text-right font-normal">{t("lines.voltageLeft")}</th>
          </tr>
        </thead>
        <tbody>
          {strands.flatMap((strand, number) =>
            strand.stations.map((station, index) => {
              const figure = state.figures.strands[number]?.[index];
              const lamp = station.kind === "lamp" || station.kind === "coil";
              return (
                figure && (
                  <tr key={station.id} className="border-b border-seam">
                    <th scope="row" className="py-1 pl-2 font-normal">
                      {index === 0 && number > 0 && (
                        <span className="text-dust">
                          {strand.control ? `${t("lines.control")} ` : `${t("lines.branch")} `}
                        </span>
                      )}
                      {station.name} <span className="text-dust">{station.detail}</span>
                    </th>
                    <td className="px-2">{station.leg}</td>
                    <td className="px-2 text-right font-figure">{length(station.metres, units)}</td>
                    <td className="px-2 text-right font-figure">{volts(figure.volts)}</td>
                    <td className="px-2 text-right font-figure">{amps(figure.amps)}</td>
                    <td className="px-2 text-right font-figure">{lamp ? "" : lostVolts(figure.lostVolts)}</td>
                    <td className="px-2 text-right font-figure">{lamp ? "" : percent(figure.shareOfLoss)}</td>
                    <td className="px-2 text-right font-figure">{volts(figure.leftVolts)}</td>
                  </tr>
                )
              );
            }),
          )}
        </tbody>
      </table>
    </div>
  );
}
