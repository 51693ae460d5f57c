import type { OpenJob, Rig } from "../api/client";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { length } from "../ui/figures";
import { rulesOf } from "./rigEdits";

/** Two windows changed one job: both versions are shown, and the fitter says which goes on. */
export function StaleDialog({
  mine,
  newest,
  onTakeTheirs,
  onKeepMine,
}: {
  mine: Rig;
  newest: OpenJob;
  onTakeTheirs: () => void;
  onKeepMine: () => void;
}) {
  return (
    <Dialog open onClose={() => {}} title="This job was changed in another window">
      <p>Nothing is lost. Whichever you go on with, undo brings the other version back.</p>
      <div className="my-4 grid grid-cols-2 gap-4">
        <Version title="Here" rig={mine} />
        <Version title="There" rig={newest.rig} />
      </div>
      <div className="flex justify-end gap-3">
        <Button onClick={onTakeTheirs}>Go on with theirs</Button>
        <Button look="main" onClick={onKeepMine}>
          Save mine on top
        </Button>
      </div>
    </Dialog>
  );
}

function Version({ title, rig }: { title: string; rig: Rig }) {
  return (
    <div className="border border-seam p-3">
      <h3 className="font-semibold">{title}</h3>
      <ul>
        {rig.lines.map((line) => (
          <li key={line.id} className="flex justify-between gap-2">
            <span>{line.name}</span>
            <span className="font-figure">
              {line.plan ? length(line.plan.oneWayMetres, rulesOf(rig).units) : "wired"}
            </span>
          </li>
        ))}
        {(rig.fixtures ?? []).map((lamp) => {
          const at = rig.places?.find(({ part }) => part === lamp.id)?.at;
          const name = rig.body?.mounts?.find(({ id }) => id === at)?.name;
          return name ? (
            <li key={lamp.id} className="flex justify-between gap-2 text-sm text-dust">
              <span>{lamp.name}</span>
              <span>{name}</span>
            </li>
          ) : null;
        })}
      </ul>
    </div>
  );
}
