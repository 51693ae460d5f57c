import { Ruler, Shuffle, Trash2 } from "lucide-react";
import { useCallback, useMemo, useState, useSyncExternalStore } from "react";
import { useSearchParams } from "react-router";
import type { Check, Fuse, LinePlan } from "../api/client";
import { under } from "../api/problems";
import { HouseRulesPanel } from "../job/HouseRulesPanel";
import { JobFrame } from "../job/JobFrame";
import { ProposalDialog } from "../job/ProposalDialog";
import type { ProposalKind, RigEditor } from "../job/rigEditor";
import {
  newLine,
  rulesOf,
  withFreeRun,
  withLine,
  withNewLine,
  withoutLine,
  withPlan,
  withRules,
  withRunWire,
} from "../job/rigEdits";
import { Button } from "../ui/Button";
import { Notice } from "../ui/Notice";
import { TextField } from "../ui/TextField";
import { Answer } from "./Answer";
import { assessedLines } from "./assessedLines";
import { LineForm } from "./LineForm";
import { LineList } from "./LineList";
import { LineUseFields } from "./LineUseFields";
import { fuseStep, gaugeStep } from "./steps";
import { WiredLine } from "./WiredLine";

/** The Lines stage: the list, the chosen line, and what follows from it. */
export default function LinesBench({ editor }: { editor: RigEditor }) {
  const { job, rig, assessment, errors, save } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const [place, setPlace] = useSearchParams();
  const wanted = place.get("line");
  const lines = assessedLines(rig, assessment);
  const at = Math.max(
    0,
    lines.findIndex(({ line }) => line.id === wanted),
  );
  const chosen = lines[at];
  const rules = rulesOf(rig);
  const [asked, setAsked] = useState<{ kind: ProposalKind; lineId?: string }>();
  const [trouble, setTrouble] = useState<string>();
  const cure = async (check: Check) => setTrouble(await editor.cure(check));
  const said = under(errors, `lines[${at}]`);

  const choose = useCallback((id: string) => setPlace({ line: id }, { replace: true }), [setPlace]);

  const shortcuts = useMemo(() => {
    const answer = chosen?.found?.assessment;
    const change = (edit: Partial<LinePlan>) =>
      chosen && editor.edit((current) => withPlan(current, chosen.line.id, edit));
    const wire = (by: 1 | -1) => {
      const name = answer && gaugeStep(answer.ladder, by);
      if (name) change({ chosenWire: name });
    };
    const fuse = (by: 1 | -1) => {
      const next = answer && fuseStep(answer.fuseWindow, by);
      if (next) change({ chosenFuse: next });
    };
    const beside = (by: 1 | -1) => {
      const next = lines[at + by];
      if (next) choose(next.line.id);
    };
    return [
      { keys: "j", does: "Next line", run: () => beside(1) },
      { keys: "k", does: "Line before", run: () => beside(-1) },
      { keys: "[", does: "One gauge thinner", run: () => wire(-1) },
      { keys: "]", does: "One gauge thicker", run: () => wire(1) },
      { keys: "-", does: "One fuse lower", run: () => fuse(-1) },
      { keys: "=", does: "One fuse higher", run: () => fuse(1) },
    ];
  }, [editor, lines, at, chosen, choose]);

  const add = () => {
    const line = newLine(`Line ${rig.lines.length + 1}`);
    editor.edit((current) => withNewLine(current, line));
    choose(line.id);
  };

  return (
    <JobFrame editor={editor} stage="lines" shortcuts={shortcuts} trouble={trouble} onCure={cure}>
      <div className="grid items-start gap-5 p-4 md:grid-cols-[20rem_1fr] xl:grid-cols-[15.5rem_20rem_1fr]">
        <div className="grid content-start gap-3 md:col-span-2 xl:col-span-1">
          <h2 className="font-semibold">Lines</h2>
          <LineList lines={lines} chosen={chosen?.line.id} onChoose={choose} onAdd={add} />
          {(rig.runs?.length ?? 0) > 0 && (
            <Button onClick={() => setAsked({ kind: "auto-size" })}>
              <Ruler size={18} aria-hidden /> Size the wired lines…
            </Button>
          )}
          {((rig.powerBoxes?.length ?? 0) > 0 || (rig.vehicle.auxOutputs?.length ?? 0) > 0) && (
            <Button onClick={() => setAsked({ kind: "assign-slots" })}>
              <Shuffle size={18} aria-hidden /> Assign outputs…
            </Button>
          )}
          <HouseRulesPanel
            rules={rules}
            errors={under(errors, "houseRules")}
            onChange={(change) => editor.edit((current) => withRules(current, change))}
          />
        </div>
        {chosen ? (
          <>
            <section aria-label="The line" key={chosen.line.id} className="grid content-start gap-4">
              <TextField
                label="Name"
                value={chosen.line.name}
                messages={said.name}
                onChange={(name) => editor.edit((current) => withLine(current, chosen.line.id, { name }))}
              />
              <LineUseFields
                line={chosen.line}
                units={rules.units}
                messages={said.metresFromFront}
                onChange={(change) => editor.edit((current) => withLine(current, chosen.line.id, change))}
              />
              {chosen.line.plan && (
                <LineForm
                  plan={chosen.line.plan}
                  way={assessment.ways.find(({ id, isLine }) => isLine && id === chosen.line.id)}
                  wayPage={`/jobs/${job.id}/walkaround?way=${encodeURIComponent(chosen.line.id)}`}
                  systemVolts={rig.vehicle.systemVolts}
                  units={rules.units}
                  errors={under(said, "plan")}
                  onChange={(change) => editor.edit((current) => withPlan(current, chosen.line.id, change))}
                />
              )}
              <Button
                look="quiet"
                className="justify-self-start"
                onClick={() => editor.edit((current) => withoutLine(current, chosen.line.id))}
              >
                <Trash2 size={16} aria-hidden /> Remove this line
              </Button>
            </section>
            {!chosen.line.plan && (
              <WiredLine
                rig={job.rig}
                line={chosen.line}
                found={chosen.found}
                runs={assessment.runs}
                onCure={cure}
                onSize={() => setAsked({ kind: "auto-size", lineId: chosen.line.id })}
                onFree={(run) => editor.edit((current) => withFreeRun(current, run))}
                onTakeWire={(run, wire) => editor.edit((current) => withRunWire(current, run, wire))}
              />
            )}
            {chosen.found?.assessment && (
              <Answer
                answer={chosen.found.assessment}
                checks={chosen.found.checks}
                onCure={cure}
                outdated={save.kind === "refused"}
                takes={{
                  wire: (name: string | null) =>
                    editor.edit((current) => withPlan(current, chosen.line.id, { chosenWire: name })),
                  fuse: (fuse: Fuse | null) =>
                    editor.edit((current) => withPlan(current, chosen.line.id, { chosenFuse: fuse })),
                }}
              />
            )}
          </>
        ) : (
          <Notice title="No lines yet.">Add one: its lamps, its length, and how it comes back.</Notice>
        )}
      </div>
      {asked && <ProposalDialog editor={editor} {...asked} onClose={() => setAsked(undefined)} />}
    </JobFrame>
  );
}
