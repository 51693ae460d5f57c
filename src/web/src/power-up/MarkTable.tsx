import type { Dashboard, RunMoment } from "../api/client";
import { amps } from "../ui/figures/figures";
import { t } from "../words";
import { warm } from "./stands";

/** Every relay and fuse as it stands; pressed, the red probe goes to it. */
export function MarkTable({
  board,
  moment,
  onTouch,
}: {
  board: Dashboard;
  moment: RunMoment;
  onTouch: (part: string) => void;
}) {
  const over = new Map(moment.relays.map(({ id, over: pulled }) => [id, pulled]));
  const fuses = new Map(moment.fuses.map((fuse) => [fuse.id, fuse]));
  const stands = (id: string, isFuse: boolean) => {
    const fuse = fuses.get(id);
    if (!isFuse) return over.get(id) ? t("powerUp.pulledIn") : t("powerUp.atRest");
    return fuse?.blown
      ? t("powerUp.blown")
      : (fuse?.heat ?? 0) > warm
        ? t("powerUp.hot")
        : t("powerUp.whole");
  };
  return (
    <table className="w-full border border-seam bg-slab text-sm">
      <caption className="sr-only">{t("powerUp.relaysAndFuses")}</caption>
      <tbody>
        {board.marks.map(({ id, name, part, isFuse }) => (
          <tr key={id} className="border-t border-seam">
            <th scope="row" className="px-2 text-left font-normal">
              <button
                type="button"
                className="min-h-11 text-left underline decoration-edge underline-offset-4"
                onClick={() => onTouch(part)}
              >
                {name}
              </button>
            </th>
            <td data-stands={id} className={stands(id, isFuse) === t("powerUp.atRest") ? "text-dust" : ""}>
              {stands(id, isFuse)}
            </td>
            <td className="px-2 text-right font-figure">
              {isFuse && amps(Math.abs(fuses.get(id)?.amps ?? 0))}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
