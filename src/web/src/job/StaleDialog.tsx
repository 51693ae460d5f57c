import { useState } from "react";
import { api, type OpenJob, type Rig } from "../api/client";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { Refused } from "../ui/Refused";
import { useAnswer } from "../ui/useAnswer";
import { t } from "../words";
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
    <Dialog open onClose={() => {}} title={t("job.thisJobWasChangedIn")} wide>
      <p>{t("job.nothingIsLostWhicheverYou")}</p>
      <div className="my-4">
        {changes.answer ? (
          <ChangeTable changes={changes.answer} before={t("job.yours")} after={t("job.theirs")} />
        ) : (
          <p role="status">
            {changes.failed ? t("job.whatDiffersCannotBeShown") : t("job.workingOutWhatDiffers")}
          </p>
        )}
      </div>
      {said && (
        <div className="mb-4">
          <Refused said={t("job.yourVersionCouldNotBe", { said })} />
        </div>
      )}
      <div className="flex justify-end gap-3">
        {said && (
          <Button look="quiet" onClick={onDropMine}>
            {t("job.dropMineForGood")}
          </Button>
        )}
        <Button disabled={busy} onClick={() => void takeTheirs()}>
          {t("job.goOnWithTheirs")}
        </Button>
        <Button look="main" disabled={busy} onClick={onKeepMine}>
          {t("job.saveMineOnTop")}
        </Button>
      </div>
    </Dialog>
  );
}
