import type { BeamView } from "../api/client";
import { length, percent } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";
import { luminance, lux } from "./figures";

/** What of the light comes back into an eye or a lens, and what ends it. */
export function GlarePane({ view }: { view: BeamView }) {
  const { glare, seen, rear, ends } = view;
  if (!glare || !seen || !rear) return null;
  const rows: readonly (readonly [string, string])[] = [
    [t("beam.bonnetLit"), percent(glare.litShare)],
    [
      t("beam.bonnetMost"),
      t("beam.pair", { one: lux(glare.mostLux), other: luminance(glare.mostLuminance) }),
    ],
    [t("beam.veil"), luminance(glare.veil)],
    [t("beam.roadAt30"), luminance(glare.roadLuminance)],
    [t("beam.veilShare"), glare.veilShare === null ? t("beam.roadDark") : percent(glare.veilShare)],
    [t("beam.frame"), lux(glare.frameLux)],
    [t("beam.oncoming"), lux(seen.oncoming)],
    [t("beam.leftMirror"), lux(seen.leftMirror)],
    [t("beam.rightMirror"), lux(seen.rightMirror)],
    [t("beam.cameraLens"), lux(seen.camera)],
    [t("beam.coupling"), lux(seen.coupling)],
    [t("beam.loading"), lux(seen.loading)],
    [t("beam.cameraSees"), percent(rear.litShare)],
    [t("beam.overlap"), percent(rear.bothShare)],
  ];
  return (
    <div className="grid gap-2">
      <p className="flex items-center gap-2 font-semibold" data-glare={glare.disturbs ? "disturbs" : "none"}>
        <VerdictMark verdict={glare.disturbs ? "watch" : "holds"} />
        {glare.disturbs ? t("beam.disturbs") : t("beam.noGlare")}
      </p>
      {ends.map((end) => (
        <section key={end.mount} className="border border-seam bg-slab p-2 text-sm">
          <h3 className="font-semibold">{t("beam.endsIt", { mount: end.mount })}</h3>
          <ul data-ends>
            <End how={t("beam.furtherBack")} metres={end.backMetres} />
            <End how={t("beam.higher")} metres={end.upMetres} />
            <End how={t("beam.lower")} metres={end.downMetres} />
            <End how={t("beam.strip")} metres={end.stripMetres} />
          </ul>
        </section>
      ))}
      <table className="w-full border border-seam bg-slab text-sm">
        <tbody>
          {rows.map(([name, value]) => (
            <tr key={name} className="border-b border-seam">
              <th scope="row" className="px-2 py-1 text-left font-normal">
                {name}
              </th>
              <td className="px-2 text-right font-figure whitespace-nowrap">{value}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-sm text-dust">{t("beam.glareHow")}</p>
    </div>
  );
}

function End({ how, metres }: { how: string; metres: number | null }) {
  const units = useUnits();
  return (
    <li className="flex justify-between gap-2">
      <span>{how}</span>
      <span className="font-figure">{metres === null ? t("beam.notWithin") : length(metres, units)}</span>
    </li>
  );
}
