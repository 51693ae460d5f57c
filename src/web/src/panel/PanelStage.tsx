import { Printer, Shuffle } from "lucide-react";
import { useMemo, useState, useSyncExternalStore } from "react";
import { ofPanel } from "../job/aboutRig";
import { JobFrame } from "../job/JobFrame";
import { ProposalDialog } from "../job/ProposalDialog";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";
import { Button } from "../ui/Button";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { t } from "../words";
import { BankPanel } from "./BankPanel";
import { LeadRegister } from "./LeadRegister";

/** The Panel stage: slots in the order of the panel, what hangs on them, and what the key does to them. */
export default function PanelStage({ editor }: { editor: RigEditor }) {
  const { job, rig, errors } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const [asked, setAsked] = useState(false);
  const { answer, failed, why, slow } = useOfRig(editor, rig, ofPanel);
  const shortcuts = useMemo(() => [], []);
  const move = (from: string, to: string) => void editor.do({ kind: "moveOutput", from, to });
  const edit = (change: Parameters<typeof editor.edit>[0]) => editor.edit(change);
  const slotted = rig.powerBoxes?.some((box) => box.outputs.some((output) => output.slot != null)) === true;

  return (
    <JobFrame editor={editor} stage="panel" shortcuts={shortcuts}>
      <div className="grid content-start gap-4 p-3">
        <div className="flex flex-wrap items-center gap-2">
          <h2 className="mr-3 text-lg font-semibold">{t("panel.panel")}</h2>
          {answer && answer.banks.length > 0 && (
            <Button onClick={() => setAsked(true)}>
              <Shuffle size={18} aria-hidden /> {t("panel.assignFrontToBack")}
            </Button>
          )}
          {slotted && (
            <a
              className={linkLook}
              href={`/api/jobs/${job.id}/legends.html`}
              target="_blank"
              rel="noreferrer"
            >
              <Printer size={18} aria-hidden /> {t("panel.printTheLegends")}
            </a>
          )}
          {slow && <p className="text-dust">{t("panel.stillWorkingItOut")}</p>}
          {failed && answer && (
            <p className="font-semibold text-oxide">{t("panel.asItWasBeforeThe", { why })}</p>
          )}
        </div>
        {!answer && (
          <Notice
            alert={failed}
            title={failed ? t("panel.thePanelsWereNotWorked") : t("panel.lookingAtThePanels")}
          >
            {why}
          </Notice>
        )}
        {answer?.banks.length === 0 && (
          <Notice title={t("panel.noPowerBoxAndNo")}>{t("panel.startALineOnA")}</Notice>
        )}
        {answer?.banks.map((bank) => (
          <BankPanel
            key={bank.id}
            jobId={job.id}
            rig={rig}
            bank={bank}
            errors={errors}
            onEdit={edit}
            onMove={move}
          />
        ))}
        {answer && <LeadRegister jobId={job.id} rig={rig} register={answer.register} />}
      </div>
      {asked && <ProposalDialog editor={editor} kind="assign-slots" onClose={() => setAsked(false)} />}
    </JobFrame>
  );
}
