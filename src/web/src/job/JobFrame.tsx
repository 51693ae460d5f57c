import { useQueryClient } from "@tanstack/react-query";
import { History, Redo2, Search, Undo2, X } from "lucide-react";
import { memo, type ReactNode, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { NavLink, useNavigate } from "react-router";
import { Frame } from "../frame/Frame";
import type { Shortcut } from "../frame/shortcuts";
import { SmallPicture } from "../picture/SmallPicture";
import { usePicture } from "../picture/usePicture";
import { Button } from "../ui/Button";
import { NamesContext } from "../ui/names";
import { CurrencyContext, SwitchUnitsContext, UnitsContext } from "../ui/units";
import { useStable } from "../ui/useStable";
import { TallyLine } from "../ui/VerdictMark";
import { t } from "../words";
import { askAhead } from "./aboutRig";
import { FindDialog, type Found } from "./FindDialog";
import { HistoryDialog } from "./HistoryDialog";
import { Ledger } from "./Ledger";
import { rememberStage } from "./lastStage";
import type { RigEditor } from "./rigEditor";
import { rulesOf, withRules } from "./rigEdits";
import { SaveMark } from "./SaveMark";
import { StaleDialog } from "./StaleDialog";
import { type StageKey, stages } from "./stages";
import { useSeal } from "./useSeal";
import { useWhatWasDone } from "./useWhatWasDone";

// Made once: they are not drawn anew with every edit.
const searchSign = <Search size={20} aria-hidden />;
const undoSign = <Undo2 size={20} aria-hidden />;
const historySign = <History size={20} aria-hidden />;
const redoSign = <Redo2 size={20} aria-hidden />;

/** The stages of the job, the one that is on marked. */
const StageLinks = memo(function StageLinks({
  job,
  stage,
  onGo,
}: {
  job: string;
  stage: StageKey;
  onGo: (stage: StageKey) => void;
}) {
  return (
    <nav aria-label={t("job.stages")} className="flex flex-wrap gap-1 pt-1 max-lg:gap-0">
      {stages.map(({ key, name }, i) => (
        <NavLink
          key={key}
          to={`/jobs/${job}/${key}`}
          onClick={() => onGo(key)}
          className={`inline-flex min-h-11 items-center gap-2 border-b-4 px-3 font-semibold max-lg:gap-1 max-lg:px-2 ${key === stage ? "border-lichen" : "border-transparent text-dust hover:bg-lichen-shade"}`}
        >
          <span className="font-figure text-sm" aria-hidden>
            {i}
          </span>
          {name}
        </NavLink>
      ))}
    </nav>
  );
});

/** What stands round every stage of a job: ticket, stages, ledger, find, and the two versions where two windows met. */
export function JobFrame({
  editor,
  stage,
  shortcuts,
  bar,
  whole = false,
  found,
  children,
}: {
  editor: RigEditor;
  stage: StageKey;
  shortcuts: readonly Shortcut[];
  /** What stands in the row of the stages: what the stage is about, and what can be done with it. */
  bar?: ReactNode;
  /** Whether the stage fills the screen, pane by pane. */
  whole?: boolean;
  /** What can be gone to on this stage alone. */
  found?: readonly Found[] | undefined;
  children: ReactNode;
}) {
  const state = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const { job, rig, assessment, outdated, save, waiting, trouble } = state;
  const rules = rulesOf(rig);
  const [ledger, setLedger] = useState(false);
  const [finding, setFinding] = useState(false);
  const [history, setHistory] = useState(false);
  const go = useNavigate();
  const queries = useQueryClient();
  const ahead = useStable((next: StageKey) => askAhead(queries, next, rig, job.id));

  const broken = useSeal(job.id);
  const picture = usePicture(job.id, job.revision, rig.body != null);

  const isSaved = save.kind === "saved";

  const { undo, redo, told, dismiss } = useWhatWasDone(editor, state);

  useEffect(() => {
    const name = stages.find(({ key }) => key === stage)?.name ?? "";
    document.title = t("job.burlyRidge", { job: job.name, name });
    rememberStage(job.id, stage);
    return () => {
      document.title = t("job.burlyRidge2");
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
        keys: String(i),
        does: name,
        run: () => {
          ahead(key);
          go(`/jobs/${job.id}/${key}`);
        },
      })),
      ...shortcuts,
      { keys: "/", does: t("job.find"), run: () => setFinding(true) },
      { keys: "v", does: t("job.ledgerOfChecks"), run: () => setLedger((open) => !open) },
      { keys: t("job.ctrlK"), does: t("job.findAnything"), run: () => setFinding(true), always: true },
      { keys: "u", does: t("job.undo"), run: undo },
      { keys: "U", does: t("job.redo"), run: redo },
      { keys: t("job.ctrlZ"), does: t("job.undo"), run: undo },
      { keys: t("job.ctrlY"), does: t("job.redo"), run: redo },
      { keys: "h", does: t("job.history"), run: () => setHistory(true) },
    ],
    [undo, redo, go, ahead, job.id, shortcuts],
  );

  const switchUnits = useStable(() =>
    editor.edit((now) => withRules(now, { units: rulesOf(now).units === "metric" ? "imperial" : "metric" })),
  );
  const ticket = (
    <>
      {picture && <SmallPicture view={picture} className="h-8 max-lg:hidden" />}
      <h1 className="min-w-0 text-lg font-semibold wrap-anywhere">{job.name}</h1>
      <span className="font-figure">{rig.vehicle.systemVolts} V</span>
      <Button
        look="ticket"
        aria-label={rules.units === "metric" ? t("job.unitsMetric") : t("job.unitsImperial")}
        onClick={switchUnits}
      >
        <span className="font-figure">{rules.units === "metric" ? "m" : "ft"}</span>
      </Button>
      <Button look="ticket" onClick={() => setLedger(true)}>
        <span className="sr-only">{t("job.ledgerOfChecks2")}</span>
        <TallyLine tally={assessment.tally} ticket />
      </Button>
      <span role="status" aria-live="polite" className="ml-auto flex min-w-0">
        {told && (
          <span
            data-told
            title={told.words}
            className="flex min-w-0 items-center rounded-sm bg-white/10 pl-3 text-sm"
          >
            <span className="max-w-56 truncate">{told.words}</span>
            <Button look="ticket" className="underline" onClick={told.again === "undo" ? undo : redo}>
              {told.again === "undo" ? t("job.undo") : t("job.redo")}
            </Button>
            <Button look="ticket" aria-label={t("job.dismiss")} onClick={dismiss}>
              <X size={16} aria-hidden />
            </Button>
          </span>
        )}
      </span>
      <SaveMark save={save} waiting={waiting > 0} />
      <span className="flex">
        <Button look="ticket" aria-label={t("job.find")} onClick={() => setFinding(true)}>
          {searchSign}
        </Button>
        <Button
          look="ticket"
          aria-label={t("job.undo")}
          title={job.undoWhat && isSaved ? t("job.undo2", { undoWhat: job.undoWhat }) : t("job.undo")}
          disabled={(!job.canUndo && isSaved) || job.archived}
          onClick={undo}
        >
          {undoSign}
        </Button>
        <Button
          look="ticket"
          aria-label={t("job.redo")}
          title={job.redoWhat ? t("job.redo2", { redoWhat: job.redoWhat }) : t("job.redo")}
          disabled={!job.canRedo || job.archived}
          onClick={redo}
        >
          {redoSign}
        </Button>
        <Button
          look="ticket"
          aria-label={t("job.history")}
          title={t("job.history")}
          onClick={() => setHistory(true)}
        >
          {historySign}
        </Button>
      </span>
    </>
  );

  return (
    <NamesContext value={assessment.names}>
      <UnitsContext value={rules.units}>
        <SwitchUnitsContext value={switchUnits}>
          <CurrencyContext value={rules.currency}>
            <Frame ticket={ticket} shortcuts={all} whole={whole}>
              <div className="flex flex-wrap items-center gap-x-4 border-b border-seam px-4">
                <StageLinks job={job.id} stage={stage} onGo={ahead} />
                {bar && <div className="ml-auto flex min-w-0 flex-wrap items-center gap-2">{bar}</div>}
              </div>
              {outdated && (
                <p
                  role="status"
                  data-outdated
                  className="border-b border-ochre bg-slab px-4 py-2 font-semibold text-ochre"
                >
                  {t("job.oldFiguresTheyAreFrom")}
                </p>
              )}
              {broken.length > 0 && (
                <p
                  role="alert"
                  data-broken
                  className="border-b border-oxide bg-slab px-4 py-1 font-semibold text-oxide"
                >
                  {t("job.sealBroken")} {broken.join(" ")}
                </p>
              )}
              {rig.toStandard && (
                <p
                  role="status"
                  data-to-standard
                  className="border-b border-edge bg-slab px-4 py-1 font-semibold"
                >
                  {t("job.toStandard")}
                </p>
              )}
              {job.archived && (
                <div
                  role="status"
                  className="flex flex-wrap items-center gap-3 border-b border-edge bg-slab px-4 py-1 font-semibold"
                >
                  {t("job.thisJobIsInThe")}
                  <Button onClick={() => void editor.restore()}>{t("job.restore2")}</Button>
                </div>
              )}
              {trouble && (
                <p role="alert" className="px-4 py-2 font-semibold text-oxide">
                  {trouble}
                </p>
              )}
              <div className={`${outdated ? "old-figures" : ""} ${whole ? "lg:min-h-0 lg:flex-1" : ""}`}>
                {children}
              </div>
              {history && <HistoryDialog editor={editor} onClose={() => setHistory(false)} />}
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
                  more={found}
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
          </CurrencyContext>
        </SwitchUnitsContext>
      </UnitsContext>
    </NamesContext>
  );
}
