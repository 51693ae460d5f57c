import { useState } from "react";
import type { OpenJob, Rig } from "../api/client";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { length } from "../ui/figures/figures";
import { Refused } from "../ui/Refused";
import { rulesOf } from "./rigEdits";

/** Two windows changed one job: both versions are shown, and the fitter says which goes on. */
export function StaleDialog({
  mine,
  newest,
  onTakeTheirs,
  onKeepMine,
  onDropMine,
}: {
  mine: Rig;
  newest: OpenJob;
  /** Gives what went wrong, or nothing. */
  onTakeTheirs: () => Promise<string | undefined>;
  onKeepMine: () => void;
  onDropMine: () => void;
}) {
  const [said, setSaid] = useState<string>();
  const [busy, setBusy] = useState(false);
  const takeTheirs = async () => {
    setBusy(true);
    setSaid(await onTakeTheirs());
    setBusy(false);
  };
  return (
    <Dialog open onClose={() => {}} title="This job was changed in another window">
      <p>Nothing is lost. Whichever you go on with, undo brings the other version back.</p>
      <div className="my-4 grid grid-cols-2 gap-4">
        <Version title="Here" rig={mine} />
        <Version title="There" rig={newest.rig} />
      </div>
      {said && (
        <div className="mb-4">
          <Refused said={`Your version could not be stored before theirs. ${said}`} />
        </div>
      )}
      <div className="flex justify-end gap-3">
        {said && (
          <Button look="quiet" onClick={onDropMine}>
            Drop mine for good
          </Button>
        )}
        <Button disabled={busy} onClick={() => void takeTheirs()}>
          Go on with theirs
        </Button>
        <Button look="main" disabled={busy} onClick={onKeepMine}>
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
