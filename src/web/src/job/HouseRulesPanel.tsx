import { Scale } from "lucide-react";
import { useState } from "react";
import { api, type CheckChanges, type HouseRules, type Rig } from "../api/client";
import { noErrors, under } from "../api/problems";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { useAnswer } from "../ui/useAnswer";
import { TallyLine, VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";
import { RuleFields } from "./RuleFields";
import { rulesOf } from "./rigEdits";
import { rigId } from "./rigId";

const settleMilliseconds = 150;

/** The workshop's school for this job: what each rule means, and what a change of it does before it is taken. */
export function HouseRulesPanel({ rig, onTake }: { rig: Rig; onTake: (rules: Partial<HouseRules>) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <Scale size={18} aria-hidden /> {t("job.houseRulesOfThisJob")}
      </Button>
      {open && <RulesDialog rig={rig} onTake={onTake} onClose={() => setOpen(false)} />}
    </>
  );
}

function RulesDialog({
  rig,
  onTake,
  onClose,
}: {
  rig: Rig;
  onTake: (rules: Partial<HouseRules>) => void;
  onClose: () => void;
}) {
  const today = rulesOf(rig);
  const [rules, setRules] = useState(today);
  const changed = JSON.stringify(rules) !== JSON.stringify(today);
  const {
    answer,
    failed,
    why,
    errors: said,
    fresh,
  } = useAnswer<CheckChanges>(
    ["rules", rigId(rig), rules],
    (signal) => api.POST("/api/preview/rules", { body: { rig, houseRules: rules }, signal }),
    { enabled: changed, settle: settleMilliseconds },
  );
  const errors = under(said, "houseRules");
  const found = fresh ? answer : undefined;
  return (
    <Dialog open onClose={onClose} title={t("job.houseRulesOfThisJob2")} wide>
      <RuleFields
        rules={rules}
        errors={errors}
        makers={rig.fixtures?.some((lamp) => lamp.harnessWire != null) ?? false}
        onChange={(change) => setRules({ ...rules, ...change })}
      />
      <div aria-live="polite" className="mt-4 grid gap-2 border-t border-seam pt-3" data-rule-changes>
        {!changed && <p className="text-dust">{t("job.nothingIsChangedYetWhat")}</p>}
        {changed && failed && (
          <p className="font-semibold text-oxide">
            {said === noErrors ? why : t("job.correctTheMarkedFieldsFirst")}
          </p>
        )}
        {changed && !failed && !found && <p>{t("job.workingOutWhatChanges")}</p>}
        {changed && found && (
          <>
            <p className="font-semibold">
              {found.changed.length === 0
                ? t("job.noCheckChanges")
                : t("job.check", { count: found.changed.length })}
            </p>
            <p className="flex flex-wrap gap-x-4">
              {t("job.today")} <TallyLine tally={found.before} /> {t("job.afterThat")}{" "}
              <TallyLine tally={found.after} />
            </p>
            <ul className="grid max-h-56 gap-px overflow-y-auto border border-seam bg-seam">
              {found.changed.map((change) => (
                <li key={`${change.id} ${change.about} ${change.lineId}`} className="bg-slab px-3 py-1.5">
                  <span className="inline-flex flex-wrap items-center gap-2">
                    <VerdictMark verdict={change.from ?? "holds"} /> →{" "}
                    <VerdictMark verdict={change.to ?? "holds"} />
                    <span className="font-semibold">{change.title}</span>
                  </span>
                  <span className="block text-sm">{change.reason}</span>
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
      <div className="mt-4 flex justify-end gap-3">
        <Button onClick={onClose}>{t("job.leaveThem")}</Button>
        <Button
          look="main"
          disabled={!changed || failed || found === undefined}
          onClick={() => {
            onTake(changedOnly(today, rules));
            onClose();
          }}
        >
          {t("job.apply")}
        </Button>
      </div>
    </Dialog>
  );
}

/** The rules that differ: what was changed elsewhere meanwhile stays as it is. */
const changedOnly = (from: HouseRules, to: HouseRules) =>
  Object.fromEntries(
    Object.entries(to).filter(
      ([rule, value]) => JSON.stringify(value) !== JSON.stringify(from[rule as keyof HouseRules]),
    ),
  ) as Partial<HouseRules>;
