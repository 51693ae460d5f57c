import { useEffect, useRef } from "react";
import type { BeamView, Facing } from "../api/client";
import { amps, length, percent, watts } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { t } from "../words";
import { lumens, lux } from "./figures";
import { drawSeat } from "./light";

const distances = [10, 25, 50, 100, 200, 400];

export const facingWords: Record<Facing, string> = {
  ahead: t("beam.facingAhead"),
  astern: t("beam.facingAstern"),
  left: t("beam.facingLeft"),
  right: t("beam.facingRight"),
};

/** What the driver sees, or the reversing camera. */
export function SeatView({ view, camera }: { view: BeamView; camera: boolean }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const picture = camera ? view.rearPicture : view.seat;
  useEffect(() => {
    if (picture && canvas.current) drawSeat(canvas.current, picture);
  }, [picture]);
  return (
    <figure aria-label={t("beam.seat")} className="relative min-w-0 border border-seam bg-slab">
      <canvas ref={canvas} aria-hidden className="block aspect-[16/7] w-full bg-black" />
      <figcaption className="absolute top-0 left-0 px-2 text-sm text-white">
        {camera ? t("beam.fromCamera") : t("beam.fromSeat")}
      </figcaption>
    </figure>
  );
}

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
