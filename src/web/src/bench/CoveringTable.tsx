import type { Covering } from "../api/client";
import { length, tape } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { zoneWords } from "../ui/words";
import { t } from "../words";

/** What covers and holds the wires, lane by lane. */
export function CoveringTable({ coverings }: { coverings: readonly Covering[] }) {
  const units = useUnits();
  if (coverings.length === 0) return <p className="text-dust">{t("bench.noLanes")}</p>;
  return (
    <table className="w-full border border-seam bg-slab text-left text-sm">
      <thead>
        <tr>
          <th className="px-2 py-1">{t("bench.lane")}</th>
          <th className="px-2 py-1 text-right">{t("bench.wires")}</th>
          <th className="px-2 py-1 text-right">{t("bench.across")}</th>
          <th className="px-2 py-1">{t("bench.sleeve")}</th>
          <th className="px-2 py-1">{t("bench.ties")}</th>
        </tr>
      </thead>
      <tbody>
        {coverings.map((along) => (
          <tr key={along.lane} data-lane={along.lane} className="border-t border-seam align-top">
            <td className="px-2 py-1 font-medium">
              {along.name}
              <span className="block font-normal text-dust">
                {zoneWords[along.zone]}, {length(along.metres, units)}
              </span>
            </td>
            <td className="px-2 py-1 text-right font-figure">{along.wires}</td>
            <td className="px-2 py-1 text-right font-figure whitespace-nowrap">
              {tape(along.acrossMillimetres, units)}
            </td>
            <td className="px-2 py-1">{sleeveOf(along)}</td>
            <td className="px-2 py-1">{tiesOf(along)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const sleeves = {
  conduit: "bench.conduit",
  heat: "bench.heatSleeve",
  braided: "bench.braidedSleeve",
} as const;

const tieKinds = {
  round: "bench.tiesOf",
  roundRail: "bench.tiesRoundRail",
  stickOn: "bench.tiesOnMounts",
  pushIn: "bench.tiesPushIn",
} as const;

const sleeveOf = ({ sleeve, sleeveMillimetres }: Covering) =>
  sleeve == null
    ? t("bench.noSleeve")
    : sleeveMillimetres == null
      ? t("bench.sleeveTooThick")
      : t(sleeves[sleeve], { millimetres: sleeveMillimetres });

const tiesOf = ({ ties, tie, tieMillimetres }: Covering) =>
  tieMillimetres == null
    ? t("bench.tiesTooShort", { count: ties })
    : t(tieKinds[tie], {
        count: ties,
        millimetres: tieMillimetres,
      });
