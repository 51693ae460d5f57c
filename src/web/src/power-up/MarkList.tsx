import type { Dashboard, RunMoment } from "../api/client";
import { Button } from "../ui/Button";
import { t } from "../words";

/** What has opened, to be replaced, and what is too hot. */
export function MarkList({
  board,
  moment,
  onReplace,
}: {
  board: Dashboard;
  moment: RunMoment;
  onReplace: (fuse: string) => void;
}) {
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
    </>
  );
}
