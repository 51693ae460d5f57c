import { Scale } from "lucide-react";
import { useState } from "react";
import { api, type CheckChanges, type HouseRules, type Rig } from "../api/client";
import { type FieldErrors, refusal } from "../api/problems";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { useAsked } from "../ui/useAsked";
import { TallyLine, VerdictMark } from "../ui/VerdictMark";
import { RuleFields } from "./RuleFields";
import { rulesOf } from "./rigEdits";

/** The workshop's school for this job: what each rule means, and what a change of it does before it is taken. */
export function HouseRulesPanel({ rig, onTake }: { rig: Rig; onTake: (rules: HouseRules) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <Scale size={18} aria-hidden /> House rules of this job…
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
  onTake: (rules: HouseRules) => void;
  onClose: () => void;
}) {
  const today = rulesOf(rig);
  const [rules, setRules] = useState(today);
  const changed = JSON.stringify(rules) !== JSON.stringify(today);
  const asked = useAsked<CheckChanges>(changed ? rules : undefined, async (houseRules, signal) => {
    const { data, error } = await api.POST("/api/rules", { body: { rig, houseRules }, signal });
    return data ?? refusal(error);
  });
  const errors = fieldsOf(asked.refused);
  return (
    <Dialog open onClose={onClose} title="House rules of this job" wide>
      <RuleFields rules={rules} errors={errors} onChange={(change) => setRules({ ...rules, ...change })} />
      <div aria-live="polite" className="mt-4 grid gap-2 border-t border-seam pt-3" data-rule-changes>
        {!changed && (
          <p className="text-dust">
            Nothing is changed yet. What a change does to the checks stands here before it is taken.
          </p>
        )}
        {changed && asked.refused && <p className="font-semibold text-oxide">Mend what is marked first.</p>}
        {changed && !asked.refused && !asked.answer && <p>Looking what that changes…</p>}
        {changed && asked.answer && (
          <>
            <p className="font-semibold">
              {asked.answer.changed.length === 0
                ? "No check comes out otherwise."
                : `${asked.answer.changed.length} ${asked.answer.changed.length === 1 ? "check comes" : "checks come"} out otherwise.`}
            </p>
            <p className="flex flex-wrap gap-x-4">
              Today <TallyLine tally={asked.answer.before} /> then <TallyLine tally={asked.answer.after} />
            </p>
            <ul className="grid max-h-56 gap-px overflow-y-auto border border-seam bg-seam">
              {asked.answer.changed.map((change) => (
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
        <Button onClick={onClose}>Leave them</Button>
        <Button
          look="main"
          disabled={!changed || asked.refused !== undefined || asked.answer === undefined}
          onClick={() => {
            onTake(rules);
            onClose();
          }}
        >
          Take these rules
        </Button>
      </div>
    </Dialog>
  );
}

function fieldsOf(refused: ReturnType<typeof refusal> | undefined): FieldErrors {
  if (refused?.kind !== "fields") return {};
  return Object.fromEntries(
    Object.entries(refused.errors).map(([path, messages]) => [path.replace(/^houseRules\./, ""), messages]),
  );
}
