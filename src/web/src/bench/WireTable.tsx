import type { CutPiece } from "../api/client";
import { length } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { t } from "../words";

/** Wires to be cut, a row each; one of them is on the bench. */
export function WireTable({
  wires,
  chosen,
  onChoose,
}: {
  wires: readonly CutPiece[];
  chosen: string | undefined;
  onChoose: (id: string) => void;
}) {
  const units = useUnits();
  return (
    <table className="w-full border border-seam bg-slab text-left text-sm">
      <thead>
        <tr>
          <th className="px-2 py-1">{t("bench.wire")}</th>
          <th className="px-2 py-1">{t("bench.sizeAndColour")}</th>
          <th className="px-2 py-1 text-right">{t("bench.cutTo")}</th>
          <th className="px-2 py-1">{t("bench.ends")}</th>
        </tr>
      </thead>
      <tbody>
        {wires.map((wire) => (
          <tr
            key={wire.id}
            data-wire={wire.id}
            className={`border-t border-seam align-top ${wire.id === chosen ? "bg-lichen-shade" : ""}`}
          >
            <td>
              <button
                type="button"
                aria-pressed={wire.id === chosen}
                onClick={() => onChoose(wire.id)}
                className="min-h-11 w-full px-2 py-1 text-left font-medium underline-offset-4 hover:underline"
              >
                {wire.name}
              </button>
            </td>
            <td className="px-2 py-1">
              {wire.wire}
              <span className="block text-dust">{wire.colour || t("bench.noColour")}</span>
            </td>
            <td className="px-2 py-1 text-right font-figure whitespace-nowrap" data-figure="cut">
              {length(wire.cutMetres, units)}
              {wire.afterLaying && <span className="block text-ochre">{t("bench.cutAfterLaying")}</span>}
            </td>
            <td className="px-2 py-1">
              {wire.from.fitting}
              <span className="block">{wire.to.fitting}</span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
