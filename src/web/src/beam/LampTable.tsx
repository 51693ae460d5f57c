import type { BeamView } from "../api/client";
import { amps, length, watts } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { t } from "../words";
import { lumens, lux } from "./figures";

const distances = [10, 25, 50, 100, 200, 400];

/** All lamps by themselves: what each brings for what it draws. */
export function LampTable({ view }: { view: BeamView }) {
  const units = useUnits();
  return (
    <section
      aria-label={t("beam.allLamps")}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
      tabIndex={0}
      className="relative max-h-52 min-w-0 overflow-auto border border-seam bg-slab text-sm"
    >
      <table className="w-full whitespace-nowrap">
        <thead className="sticky top-0 bg-slab text-dust">
          <tr>
            <th scope="col" className="px-2 text-left font-normal">
              {t("beam.lamp")}
            </th>
            {distances.map((metres) => (
              <th key={metres} scope="col" className="px-2 text-right font-normal">
                {length(metres, units)}
              </th>
            ))}
            <th scope="col" className="px-2 text-right font-normal">
              {t("beam.oneLux")}
            </th>
            <th scope="col" className="px-2 text-right font-normal">
              {t("beam.draws")}
            </th>
            <th scope="col" className="px-2 text-right font-normal">
              {t("beam.onGround")}
            </th>
            <th scope="col" className="px-2 text-right font-normal">
              {t("beam.forEachAmp")}
            </th>
          </tr>
        </thead>
        <tbody className="font-figure">
          {view.lamps.map((lamp) => (
            <tr key={lamp.id} data-light={lamp.id} className="border-t border-seam">
              <th scope="row" className="px-2 text-left font-sans font-normal">
                {lamp.guess ? t("beam.aGuess", { name: lamp.name }) : lamp.name}
              </th>
              {lamp.lux.map((value, i) => (
                <td key={distances[i]} className="px-2 text-right">
                  {lux(value)}
                </td>
              ))}
              <td className="px-2 text-right">{length(lamp.reach[0]?.uprightMetres ?? 0, units)}</td>
              <td className="px-2 text-right">
                {watts(lamp.watts)}, {amps(lamp.amps)}
              </td>
              <td className="px-2 text-right">{lumens(lamp.groundLumens)}</td>
              <td className="px-2 text-right">
                {lamp.lumensPerAmp === null ? "" : lumens(lamp.lumensPerAmp)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
