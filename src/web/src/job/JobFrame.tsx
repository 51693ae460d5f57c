import { Redo2, Search, Undo2 } from "lucide-react";
import { type ReactNode, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { NavLink, useNavigate } from "react-router";
import { Frame } from "../frame/Frame";
import type { Shortcut } from "../frame/shortcuts";
import { Button } from "../ui/Button";
import { NamesContext } from "../ui/names";
import { UnitsContext } from "../ui/units";
import { useStable } from "../ui/useStable";
import { TallyLine } from "../ui/VerdictMark";
import { FindDialog } from "./FindDialog";
import { Ledger } from "./Ledger";
import { rememberStage } from "./lastStage";
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
  bar,
  whole = false,
  children,
}: {
  editor: RigEditor;
  stage: StageKey;
  shortcuts: readonly Shortcut[];
  /** What stands in the row of the stages: what the stage is about, and what can be done with it. */
  bar?: ReactNode;
  /** Whether the stage fills the screen, pane by pane. */
  whole?: boolean;
  children: ReactNode;
}) {
  const { job, rig, assessment, outdated, save, waiting, trouble } = useSyncExternalStore(
    editor.subscribe,
    editor.snapshot,
  );
  const rules = rulesOf(rig);
  const [ledger, setLedger] = useState(false);
  const [finding, setFinding] = useState(false);
  const go = useNavigate();

  const undo = useStable(() => void editor.undo());
  const redo = useStable(() => void editor.redo());
  const isSaved = save.kind === "saved";

  useEffect(() => {
    const name = stages.find(({ key }) => key === stage)?.name ?? "";
    document.title = `${job.name}, ${name} · Burly Ridge`;
    rememberStage(job.id, stage);
    return () => {
      document.title = "Burly Ridge";
    };
  }, [job.id, job.name, stage]);

  useEffect(() => {
    const leave = () => editor.flush({ outlive: true });
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      editor.flush();
    };
  }, [editor]);

  useEffect(() => {
    if (isSaved) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, [isSaved]);

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
      { keys: "Ctrl+K", does: "Find anything", run: () => setFinding(true), always: true },
      { keys: "u", does: "Undo", run: undo },
      { keys: "U", does: "Redo", run: redo },
      { keys: "Ctrl+Z", does: "Undo", run: undo },
      { keys: "Ctrl+Y", does: "Redo", run: redo },
    ],
    [undo, redo, go, job.id, shortcuts],
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
      <SaveMark save={save} waiting={waiting > 0} />
      <span className="flex">
        <Button look="ticket" aria-label="Find" onClick={() => setFinding(true)}>
          {searchSign}
        </Button>
        <Button look="ticket" aria-label="Undo" disabled={!job.canUndo && isSaved} onClick={undo}>
          {undoSign}
        </Button>
        <Button look="ticket" aria-label="Redo" disabled={!job.canRedo} onClick={redo}>
          {redoSign}
        </Button>
      </span>
    </>
  );

  return (
    <NamesContext value={assessment.names}>
      <UnitsContext value={rules.units}>
        <Frame ticket={ticket} shortcuts={all} whole={whole}>
          <div className="flex flex-wrap items-center gap-x-4 border-b border-seam px-4">
            <nav aria-label="Stages" className="flex flex-wrap gap-1 pt-1">
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
            {bar && <div className="ml-auto flex min-w-0 flex-wrap items-center gap-2">{bar}</div>}
          </div>
          {outdated && (
            <p
              role="status"
              data-outdated
              className="border-b border-ochre bg-slab px-4 py-2 font-semibold text-ochre"
            >
              Old figures: they are from before your last change.
            </p>
          )}
          {trouble && (
            <p role="alert" className="px-4 py-2 font-semibold text-oxide">
              {trouble}
            </p>
          )}
          <div className={`${outdated ? "old-figures" : ""} ${whole ? "lg:min-h-0 lg:flex-1" : ""}`}>
            {children}
          </div>
          <Ledger
            assessment={assessment}
            nameOf={(id) => rig.lines.find((line) => line.id === id)?.name ?? id}
            open={ledger}
            onClose={() => setLedger(false)}
            onChoose={(id) => {
              go(`/jobs/${job.id}/lines?line=${encodeURIComponent(id)}`);
              setLedger(false);
            }}
            editor={editor}
          />
          {finding && (
            <FindDialog
              jobId={job.id}
              rig={rig}
              assessment={assessment}
              commands={all}
              onClose={() => setFinding(false)}
            />
          )}
          {save.kind === "stale" && (
            <StaleDialog
              mine={rig}
              newest={save.newest}
              onTakeTheirs={() => editor.takeTheirs()}
              onKeepMine={() => editor.keepMine()}
              onDropMine={() => editor.dropMine()}
            />
          )}
        </Frame>
      </UnitsContext>
    </NamesContext>
  );
}
