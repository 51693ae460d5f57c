import { useState, useSyncExternalStore } from "react";
import { api } from "../api/client";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { moment } from "../ui/figures/day";
import { Notice } from "../ui/Notice";
import { Refused } from "../ui/Refused";
import { useAnswer } from "../ui/useAnswer";
import { t } from "../words";
import { ChangeTable } from "./ChangeTable";
import { type RigEditor, whyUnsaved } from "./rigEditor";

const mostAtFirst = 50;

/** What was changed when, newest first; what going back would change, and going back. */
export function HistoryDialog({ editor, onClose }: { editor: RigEditor; onClose: () => void }) {
  const { job, save } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const path = { id: job.id };
  const history = useAnswer(["history", job.id, job.revision], (signal) =>
    api.GET("/api/jobs/{id}/revisions", { params: { path }, signal }),
  );
  const [chosen, setChosen] = useState<number>();
  const [most, setMost] = useState(mostAtFirst);
  const changes = useAnswer(
    ["history", job.id, job.revision, chosen],
    (signal) =>
      api.GET("/api/jobs/{id}/revisions/{number}/changes", {
        params: { path: { ...path, number: chosen ?? 0 } },
        signal,
      }),
    { enabled: chosen !== undefined && chosen !== job.revision, keep: `${chosen}` },
  );
  const shown = history.answer?.slice(0, most);
  const back = async () => {
    if (chosen === undefined) return;
    await editor.goBack(chosen);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title={t("job.history")} wide>
      {save.kind !== "saved" && <Refused said={t("job.theNewestChangeIsNot", { save: whyUnsaved(save) })} />}
      {!history.answer && (
        <Notice
          alert={history.failed}
          title={history.failed ? t("job.theHistoryWasNotRead") : t("job.readingTheHistory")}
        >
          {history.why}
        </Notice>
      )}
      <div className="grid gap-4 md:grid-cols-2">
        <div className="grid content-start gap-2">
          <ul
            aria-label={t("job.revisions")}
            className="grid max-h-[60vh] gap-px overflow-y-auto border border-seam bg-seam"
          >
            {shown?.map(({ number, savedAt, what }) => (
              <li key={number}>
                <button
                  type="button"
                  aria-pressed={number === chosen}
                  onClick={() => setChosen(number)}
                  className={`grid min-h-11 w-full grid-cols-[3rem_1fr] gap-x-2 px-3 py-1.5 text-left ${number === chosen ? "bg-lichen-shade" : "bg-slab hover:bg-lichen-shade"}`}
                >
                  <span className="font-figure">{number}</span>
                  <span className="min-w-0 wrap-anywhere">
                    {what || t("job.saved")}
                    {number === job.revision && <span className="font-semibold"> {t("job.asItIsNow")}</span>}
                    <span className="block text-sm text-dust">{moment(savedAt)}</span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
          {history.answer && history.answer.length > most && (
            <Button onClick={() => setMost(most + 200)}>{t("job.showOlderOnes")}</Button>
          )}
        </div>
        <section aria-label={t("job.whatGoingBackChanges")} className="grid content-start gap-3">
          {chosen === undefined && <p className="text-dust">{t("job.chooseARevisionToSee")}</p>}
          {chosen === job.revision && <p>{t("job.thisIsTheJobAs")}</p>}
          {chosen !== undefined && chosen !== job.revision && (
            <>
              <h3 className="font-semibold">{t("job.goingBackToRevisionChanges", { chosen })}</h3>
              {changes.failed && <Refused said={changes.why} />}
              {changes.answer ? (
                <ChangeTable changes={changes.answer} before={t("job.now")} after={t("job.then")} />
              ) : (
                !changes.failed && <p role="status">{t("job.workingOutWhatChanges")}</p>
              )}
              <Button
                look="main"
                disabled={save.kind !== "saved" || job.archived || !changes.answer}
                onClick={() => void back()}
              >
                {t("job.goBackToRevision", { chosen })}
              </Button>
              <p className="text-sm text-dust">{t("job.nothingIsLostUndoBrings")}</p>
            </>
          )}
        </section>
      </div>
    </Dialog>
  );
}
