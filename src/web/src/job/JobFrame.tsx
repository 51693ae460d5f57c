import { Redo2, Search, Undo2 } from "lucide-react";
import { type ReactNode, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { NavLink, useNavigate } from "react-router";
import type { Check } from "../api/client";
import { Frame } from "../frame/Frame";
import type { Shortcut } from "../frame/shortcuts";
import { Button } from "../ui/Button";
import { UnitsContext } from "../ui/units";
import { TallyLine } from "../ui/VerdictMark";
import { FindDialog } from "./FindDialog";
import { Ledger } from "./Ledger";
import type { RigEditor } from "./rigEditor";
import { rulesOf, withRules } from "./rigEdits";
import { SaveMark } from "./SaveMark";
import { StaleDialog } from "./StaleDialog";
import { type StageKey, stages } from "./stages";

// Made once: they are not drawn anew with every edit.
const searchSign = <Search size={20} aria-hidden />;
const undoSign = <Undo2 size={20} aria-hidden />;
const redoSign = <Redo2 size={20} aria-hidden />;

/** What stands round every stage of a job: ticket, stages, ledger, find, and the two versions where two windows met. */
export function JobFrame({
  editor,
  stage,
  shortcuts,
  trouble,
  onCure,
  children,
}: {
  editor: RigEditor;
  stage: StageKey;
  shortcuts: readonly Shortcut[];
  trouble?: string;
  onCure: (check: Check) => void;
  children: ReactNode;
}) {
  const { job, rig, assessment, save } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const rules = rulesOf(rig);
  const [ledger, setLedger] = useState(false);
  const [finding, setFinding] = useState(false);
  const go = useNavigate();

  useEffect(() => {
    const flush = () => editor.flush();
    window.addEventListener("pagehide", flush);
    return () => {
      window.removeEventListener("pagehide", flush);
      flush();
    };
  }, [editor]);

  const all = useMemo(
    () => [
      ...stages.map(({ key, name }, i) => ({
        keys: String(i + 1),
        does: name,
        run: () => go(`/jobs/${job.id}/${key}`),
      })),
      ...shortcuts,
      { keys: "/", does: "Find", run: () => setFinding(true) },
      { keys: "v", does: "Ledger of checks", run: () => setLedger((open) => !open) },
      { keys: "u", does: "Undo", run: () => void editor.undo() },
      { keys: "U", does: "Redo", run: () => void editor.redo() },
    ],
    [editor, go, job.id, shortcuts],
  );

  const ticket = (
    <>
      <h1 className="text-lg font-semibold">{job.name}</h1>
      <span className="font-figure">{rig.vehicle.systemVolts} V</span>
      <Button
        look="ticket"
        aria-label={rules.units === "metric" ? "Units: metric" : "Units: imperial"}
        onClick={() =>
          editor.edit((now) => withRules(now, { units: rules.units === "metric" ? "imperial" : "metric" }))
        }
      >
        <span className="font-figure">{rules.units === "metric" ? "m" : "ft"}</span>
      </Button>
      <Button look="ticket" onClick={() => setLedger(true)}>
        <span className="sr-only">Ledger of checks:</span>
        <TallyLine tally={assessment.tally} ticket />
      </Button>
      <span className="ml-auto" />
      <SaveMark save={save} />
      <span className="flex">
        <Button look="ticket" aria-label="Find" onClick={() => setFinding(true)}>
          {searchSign}
        </Button>
        <Button
          look="ticket"
          aria-label="Undo"
          disabled={!job.canUndo && save.kind === "saved"}
          onClick={() => editor.undo()}
        >
          {undoSign}
        </Button>
        <Button look="ticket" aria-label="Redo" disabled={!job.canRedo} onClick={() => editor.redo()}>
          {redoSign}
        </Button>
      </span>
    </>
  );

  return (
    <UnitsContext value={rules.units}>
      <Frame ticket={ticket} shortcuts={all}>
        <nav aria-label="Stages" className="flex flex-wrap gap-1 border-b border-seam px-4 pt-1">
          {stages.map(({ key, name }, i) => (
            <NavLink
              key={key}
              to={`/jobs/${job.id}/${key}`}
              className={`inline-flex min-h-11 items-center gap-2 border-b-4 px-3 font-semibold ${key === stage ? "border-lichen" : "border-transparent text-dust hover:bg-lichen-shade"}`}
            >
              <span className="font-figure text-sm" aria-hidden>
                {i + 1}
              </span>
              {name}
            </NavLink>
          ))}
        </nav>
        {children}
        {trouble && (
          <p role="alert" className="px-4 pb-3 font-semibold text-oxide">
            {trouble}
          </p>
        )}
        <Ledger
          assessment={assessment}
          nameOf={(id) => rig.lines.find((line) => line.id === id)?.name ?? id}
          open={ledger}
          onClose={() => setLedger(false)}
          onChoose={(id) => {
            go(`/jobs/${job.id}/lines?line=${encodeURIComponent(id)}`);
            setLedger(false);
          }}
          onCure={onCure}
        />
        {finding && <FindDialog jobId={job.id} rig={rig} onClose={() => setFinding(false)} />}
        {save.kind === "stale" && (
          <StaleDialog
            mine={rig}
            newest={save.newest}
            onTakeTheirs={() => editor.takeTheirs()}
            onKeepMine={() => editor.keepMine()}
          />
        )}
      </Frame>
    </UnitsContext>
  );
}
