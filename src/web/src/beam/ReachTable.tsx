import type { BeamView, Facing } from "../api/client";
import { length, percent } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { t } from "../words";
import { lux } from "./figures";

/** How far and how wide there is light on one side of the vehicle, all lamps together. */
export function ReachTable({ view, to }: { view: BeamView; to: Facing }) {
  const units = useUnits();
  const side = view.sides.find((one) => one.to === to);
  if (!side) return null;
  const metres = (value: number) =>
    value === 0 ? t("beam.nowhere") : length(value > 10 ? Math.round(value) : value, units);
  return (
    <section
      aria-label={t("beam.reach")}
      className="grid content-start gap-1 border border-seam bg-slab p-2 text-sm"
    >
      <table className="w-full">
        <thead>
          <tr className="text-dust">
            <th scope="col" className="text-left font-normal">
              {t("beam.reachOf")}
            </th>
            <th scope="col" className="text-right font-normal">
              {t("beam.uprightAt", { height: length(side.uprightAt, units) })}
            </th>
            <th scope="col" className="text-right font-normal">
              {t("beam.onGround")}
            </th>
          </tr>
        </thead>
        <tbody className="font-figure">
          {side.reach.map((one) => (
            <tr key={one.lux} data-reach={one.lux}>
              <th scope="row" className="text-left font-normal">
                {lux(one.lux)}
              </th>
              <td className="text-right">{metres(one.uprightMetres)}</td>
              <td className="text-right">{metres(one.groundMetres)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="flex flex-wrap gap-x-2 font-figure text-xs" data-along>
        {side.along
          .filter(({ upright }) => upright >= 0.01)
          .map((one) => (
            <span key={one.metres}>
              {t("beam.pair", { one: length(one.metres, units), other: lux(one.upright) })}
            </span>
          ))}
      </p>
      <table className="w-full">
        <thead>
          <tr className="text-dust">
            <th scope="col" className="text-left font-normal">
              {t("beam.at")}
            </th>
            <th scope="col" className="text-right font-normal">
              {t("beam.width")}
            </th>
            <th scope="col" className="text-right font-normal">
              {t("beam.darkest")}
            </th>
            <th scope="col" className="text-right font-normal">
              {t("beam.evenness")}
            </th>
          </tr>
        </thead>
        <tbody className="font-figure">
          {side.crossings.map((one) => (
            <tr key={one.metres}>
              <th scope="row" className="text-left font-normal">
                {length(one.metres, units)}
              </th>
              <td className="text-right">{metres(one.widthMetres)}</td>
              <td className="text-right">{one.gapLux === null ? t("beam.noGap") : lux(one.gapLux)}</td>
              <td className="text-right">{one.widthMetres > 0 ? percent(one.evenness) : ""}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
