import { useState } from "react";
import { api, type OpenJob, type Rig } from "../api/client";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { Refused } from "../ui/Refused";
import { useAnswer } from "../ui/useAnswer";
import { ChangeTable } from "./ChangeTable";
import { rigId } from "./rigId";

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
  const changes = useAnswer(["changes", rigId(mine), rigId(newest.rig)], (signal) =>
    api.POST("/api/changes", { body: { rig: mine, other: newest.rig }, signal }),
  );
  const takeTheirs = async () => {
    setBusy(true);
    setSaid(await onTakeTheirs());
    setBusy(false);
  };
  return (
    <Dialog open onClose={() => {}} title="This job was changed in another window" wide>
      <p>Nothing is lost. Whichever you go on with, undo brings the other version back.</p>
      <div className="my-4">
        {changes.answer ? (
          <ChangeTable changes={changes.answer} before="Yours" after="Theirs" />
        ) : (
          <p role="status">
            {changes.failed
              ? "What differs cannot be shown: one of the two has fields to be corrected."
              : "Working out what differs…"}
          </p>
        )}
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
