import { useState } from "react";
import type { Assessment } from "../api/client";
import { Dialog } from "../ui/Dialog";
import { choiceLook } from "../ui/Field";
import { VerdictMark } from "../ui/VerdictMark";
import { verdictMeans, verdicts } from "../ui/words";
import { t } from "../words";
import { CauseList } from "./CauseList";
import { CheckList } from "./CheckList";
import { causes, wholeRig } from "./causes";
import { objects } from "./cure";
import type { RigEditor } from "./rigEditor";
import { Supply } from "./Supply";

/** Every objection of the rig by its cause, what was accepted, and what the states ask of the supply. */
export function Ledger({
  open,
  ...shown
}: {
  assessment: Assessment;
  nameOf: (line: string) => string;
  open: boolean;
  onClose: () => void;
  onChoose: (line: string) => void;
  editor: RigEditor;
}) {
  const [only, setOnly] = useState("");
  return (
    <Dialog open={open} onClose={shown.onClose} title={t("job.ledgerOfChecks")} wide>
      <Findings {...shown} only={only} onOnly={setOnly} />
    </Dialog>
  );
}

/** Drawn in the dialog, so that nothing is gathered with every edit while it is closed. */
function Findings({
  assessment,
  nameOf,
  onClose,
  onChoose,
  editor,
  only,
  onOnly,
}: Omit<Parameters<typeof Ledger>[0], "open"> & {
  /** The line that is asked about, the whole rig, or "" for everything. */
  only: string;
  onOnly: (only: string) => void;
}) {
  const holding = assessment.checks.filter((check) => check.verdict === "holds");
  const accepted = [...assessment.checks, ...assessment.lines.flatMap((line) => line.checks)].filter(
    (check) => check.accepted,
  );
  const found = causes(assessment, only);
  const withLines = assessment.lines.filter((line) => line.checks.some(objects));
  return (
    <div className="grid gap-5 xl:grid-cols-2">
      <div className="grid content-start gap-3">
        <ul className="flex flex-wrap gap-x-4 text-sm text-dust" aria-label={t("job.whatTheSignsSay")}>
          {verdicts.map((verdict) => (
            <li key={verdict} className="inline-flex items-center gap-1">
              <VerdictMark verdict={verdict} /> {verdictMeans[verdict]}
            </li>
          ))}
        </ul>
        <label className="inline-flex items-center gap-2">
          <span className="text-sm text-dust">{t("job.foundOn")}</span>
          <select
            className={`${choiceLook} min-w-0`}
            value={only}
            onChange={(event) => onOnly(event.target.value)}
          >
            <option value="">{t("job.everything")}</option>
            <option value={wholeRig}>{t("job.theWholeRig")}</option>
            {withLines.map(({ id }) => (
              <option key={id} value={id}>
                {nameOf(id)}
              </option>
            ))}
          </select>
        </label>
        <h3 className="font-semibold">{t("job.toDoTheMostSerious")}</h3>
        {found.map((cause) => (
          <CauseList
            key={cause.key}
            cause={cause}
            nameOf={nameOf}
            editor={editor}
            onChoose={onChoose}
            onLeave={onClose}
          />
        ))}
        {found.length === 0 && <p className="text-dust">{t("job.noObjections")}</p>}
      </div>
      <div className="grid content-start gap-3">
        {accepted.length > 0 && (
          <section aria-label={t("job.accepted")}>
            <h3 className="mb-1.5 font-semibold">{t("job.accepted")}</h3>
            <CheckList checks={accepted} editor={editor} onLeave={onClose} />
          </section>
        )}
        <h3 className="font-semibold">{t("job.supply")}</h3>
        <Supply supply={assessment.supply} />
        <h3 className="font-semibold">{t("job.whatHoldsForTheWhole")}</h3>
        <CheckList checks={holding} />
      </div>
    </div>
  );
}
