import type { Dashboard, RunMoment } from "../api/client";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { amps } from "../ui/figures/figures";
import { t } from "../words";

const warm = 0.2;

/** Every relay and fuse, as it stands; what has opened can be replaced. */
export function MarkList({
  board,
  moment,
  onReplace,
  onProbe,
}: {
  board: Dashboard;
  moment: RunMoment;
  onReplace: (fuse: string) => void;
  /** A part was pointed at: the red probe goes to it. */
  onProbe: (part: string) => void;
}) {
  const over = new Map(moment.relays.map(({ id, over: pulled }) => [id, pulled]));
  const fuses = new Map(moment.fuses.map((fuse) => [fuse.id, fuse]));
  const hot = moment.wires.filter(({ tooHot }) => tooHot).map(({ id }) => id);
  const wires = new Map(board.paths.map(({ wire, name }) => [wire, name]));
  const open = board.marks.filter(({ id, isFuse }) => isFuse && fuses.get(id)?.blown);
  return (
    <>
      {open.length > 0 && (
        <ul className="grid gap-1 border-l-4 border-oxide bg-slab p-2">
          {open.map(({ id, name }) => (
            <li
              key={id}
              data-blown={id}
              className="flex items-center justify-between gap-2 text-sm font-semibold"
            >
              {`${name}: ${t("powerUp.blown")}`}
              <Button onClick={() => onReplace(id)}>{t("powerUp.replace")}</Button>
            </li>
          ))}
        </ul>
      )}
      {hot.length > 0 && (
        <p role="alert" className="border-l-4 border-oxide bg-slab p-2 text-sm font-semibold">
          {t("powerUp.tooHotWires", { list: hot.map((id) => wires.get(id) ?? id).join("; ") })}
        </p>
      )}
      <Details summary={t("powerUp.relaysAndFuses")}>
        <table className="w-full text-sm">
          <tbody>
            {board.marks.map(({ id, name, part, isFuse }) => {
              const fuse = fuses.get(id);
              return (
                <tr key={id} className="border-t border-seam">
                  <th scope="row" className="py-1 text-left font-normal">
                    <button
                      type="button"
                      className="min-h-11 text-left underline"
                      onClick={() => onProbe(part)}
                    >
                      {name}
                    </button>
                  </th>
                  <td data-mark={id}>
                    {isFuse
                      ? fuse?.blown
                        ? t("powerUp.blown")
                        : (fuse?.heat ?? 0) > warm
                          ? t("powerUp.hot")
                          : t("powerUp.whole")
                      : over.get(id)
                        ? t("powerUp.pulledIn")
                        : t("powerUp.atRest")}
                  </td>
                  <td className="text-right font-figure">{fuse ? amps(Math.abs(fuse.amps)) : ""}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </Details>
    </>
  );
}
