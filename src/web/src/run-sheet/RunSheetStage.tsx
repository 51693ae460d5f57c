import { CalendarDays, Pause, Play, Printer } from "lucide-react";
import { useCallback, useMemo, useRef, useState, useSyncExternalStore } from "react";
import { useSearchParams } from "react-router";
import { withControl } from "../frame/shortcuts";
import { ofRunSheet, ofVehicle } from "../job/aboutRig";
import { JobFrame } from "../job/JobFrame";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";
import { Button } from "../ui/Button";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { useStable } from "../ui/useStable";
import { t } from "../words";
import { AlteredLog } from "./AlteredLog";
import type { Answers } from "./AskFields";
import { ChangedHere } from "./ChangedHere";
import { FastenerLog } from "./FastenerLog";
import { FindingsLog } from "./FindingsLog";
import { Forecast } from "./Forecast";
import { LevelLog } from "./LevelLog";
import { Notes } from "./Notes";
import { OpenList } from "./OpenList";
import { OtherwiseLog } from "./OtherwiseLog";
import { PlaceDrawing } from "./PlaceDrawing";
import { RegisterLog } from "./RegisterLog";
import { StepList } from "./StepList";
import { StepPane } from "./StepPane";
import { shownStep, tickedHere } from "./shown";
import { useSheetRecord } from "./useSheetRecord";
import { longAgo, WhereYouWere } from "./WhereYouWere";

const noAnswers: Answers = {};

const nothingTicked: ReadonlySet<string> = new Set();

/** The Run sheet stage: what to do next, what must be so before, where the work was left. */
export default function RunSheetStage({ editor }: { editor: RigEditor }) {
  const { job, rig, errors } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const [place, setPlace] = useSearchParams();
  const about = useMemo(() => ofRunSheet(job.id), [job.id]);
  const { answer: sheet, failed, why, slow, again } = useOfRig(editor, rig, about);
  const walk = useOfRig(editor, rig, ofVehicle);
  const desk = useSheetRecord(editor, again);
  const view = sheet?.view;
  // What is being sent is acknowledged in a moment; what waits for the server counts as done here.
  const ticked = useMemo(
    () => (view && desk.away ? tickedHere(view, desk.waiting) : nothingTicked),
    [view, desk.away, desk.waiting],
  );
  const tick = useRef<HTMLButtonElement>(null);
  const [typed, setTyped] = useState<Readonly<Record<string, Answers>>>({});
  const shown = view && shownStep(view, place.get("step"), ticked);
  const choose = useCallback((id: string) => setPlace({ step: id }, { replace: true }), [setPlace]);
  const toNext = useStable(() => setPlace({}, { replace: true }));
  const paused = view?.paused != null;
  const rest = useStable(() => void desk.add(paused ? { kind: "resumed" } : { kind: "paused", why: "" }));
  const shortcuts = useMemo(() => {
    const ids = view?.steps.map(({ step }) => step.id) ?? [];
    const beside = (by: 1 | -1) => {
      const next = ids[ids.indexOf(shown?.step.id ?? "") + by];
      if (next) choose(next);
    };
    return [
      { keys: "j", does: t("runSheet.nextStep"), run: () => beside(1) },
      { keys: "k", does: t("runSheet.stepBefore"), run: () => beside(-1) },
      { keys: "g", does: t("runSheet.whatIsNext"), run: toNext },
      {
        keys: `${withControl}Enter`,
        does: t("runSheet.tickStep"),
        run: () => tick.current?.click(),
        always: true,
      },
      { keys: "p", does: t("runSheet.pauseOrGoOn"), run: rest },
    ];
  }, [view, shown, choose, toNext, rest]);
  const refused = desk.waiting.filter(({ refused: said }) => said);
  const besideCard = view?.steps.find(({ step }) => step.id === view.beside);
  const bar = (
    <>
      <Button onClick={rest}>
        {paused ? <Play size={18} aria-hidden /> : <Pause size={18} aria-hidden />}
        {paused ? t("runSheet.goOn") : t("runSheet.pause")}
      </Button>
      <a className={linkLook} href={`/api/jobs/${job.id}/run-sheet.html`} target="_blank" rel="noreferrer">
        <Printer size={18} aria-hidden /> {t("runSheet.print")}
      </a>
      <a className={linkLook} href={`/api/jobs/${job.id}/run-sheet.ics`} download>
        <CalendarDays size={18} aria-hidden /> {t("runSheet.calendar")}
      </a>
    </>
  );
  return (
    <JobFrame editor={editor} stage="run-sheet" shortcuts={shortcuts} bar={bar} whole>
      {desk.away && (
        <p role="status" data-away className="bg-ochre px-4 py-1 font-semibold text-slab">
          {t("runSheet.waitingToBeSent", { count: desk.waiting.length - refused.length })}
        </p>
      )}
      {refused.map((entry) => (
        <p key={entry.key} role="alert" className="flex flex-wrap items-center gap-3 px-4 py-1 text-oxide">
          {t("runSheet.notTaken", { why: entry.refused })}
          <Button onClick={() => void desk.drop(entry.key)}>{t("runSheet.dropIt")}</Button>
        </p>
      ))}
      {desk.told && (
        <p role="status" className="flex flex-wrap items-center gap-3 px-4 py-1 font-semibold text-ochre">
          {desk.told}
          <Button look="quiet" onClick={desk.dismiss}>
            {t("ui.dismiss")}
          </Button>
        </p>
      )}
      {!view && (
        <Notice alert={failed} title={failed ? t("runSheet.notWorkedOut") : t("runSheet.workingItOut")}>
          {why}
        </Notice>
      )}
      {view && view.steps.length === 0 && (
        <Notice title={t("runSheet.nothingToDoYet")}>{t("runSheet.startALineFirst")}</Notice>
      )}
      {sheet && view && view.steps.length > 0 && (
        <div className="grid gap-3 p-3 lg:h-full lg:grid-cols-[18rem_minmax(0,1fr)_20rem] lg:py-2">
          <div className="flex min-h-0 min-w-0 flex-col gap-2 max-lg:contents">
            <OpenList view={view} />
            <div className="max-lg:order-3">
              <Forecast view={view} />
              {(paused || longAgo(view.last)) && <WhereYouWere view={view} />}
              {besideCard && (
                <Button
                  look="quiet"
                  className="-ml-3 justify-start text-left text-sm"
                  onClick={() => choose(besideCard.step.id)}
                >
                  {t("runSheet.secondPerson", { title: besideCard.step.title })}
                </Button>
              )}
            </div>
            <div className="min-h-0 max-lg:order-4 lg:grid lg:flex-1">
              <StepList view={view} shown={shown} ticked={ticked} onChoose={choose} />
            </div>
          </div>
          <section
            aria-label={t("runSheet.theStep")}
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
            tabIndex={0}
            className="relative min-w-0 max-lg:order-1 lg:min-h-0 lg:overflow-y-auto lg:pr-1"
          >
            {slow && <p className="text-dust">{t("runSheet.workingItOut")}</p>}
            {failed && <p className="font-semibold text-oxide">{t("runSheet.asItWasBefore", { why })}</p>}
            {shown ? (
              <StepPane
                key={`${shown.step.id} ${shown.state}`}
                card={shown}
                answers={typed[shown.step.id] ?? noAnswers}
                onAnswer={(key, change) =>
                  setTyped((before) => ({
                    ...before,
                    [shown.step.id]: {
                      ...before[shown.step.id],
                      [key]: { ...before[shown.step.id]?.[key], ...change },
                    },
                  }))
                }
                desk={desk}
                ticked={ticked.has(shown.step.id)}
                tickButton={tick}
                paused={paused}
                secondName={sheet.secondName}
                onDone={toNext}
              />
            ) : (
              <Notice title={t("runSheet.allDone")} />
            )}
          </section>
          {shown && (
            <aside
              aria-label={t("runSheet.placeAndLog")}
              // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
              tabIndex={0}
              className="relative grid min-w-0 content-start gap-2 max-lg:order-2 lg:min-h-0 lg:overflow-y-auto"
            >
              {walk.answer?.picture && <PlaceDrawing views={walk.answer.picture.views} card={shown} />}
              <Notes job={job.id} card={shown} />
              <ChangedHere key={shown.step.id} editor={editor} rig={rig} card={shown} errors={errors} />
              <FastenerLog sheet={sheet} card={shown} desk={desk} />
              <FindingsLog sheet={sheet} job={job.id} card={shown} desk={desk} again={again} />
              <RegisterLog sheet={sheet} job={job.id} card={shown} desk={desk} again={again} />
              <LevelLog sheet={sheet} rig={rig} desk={desk} />
              <OtherwiseLog sheet={sheet} rig={rig} card={shown} desk={desk} />
              <AlteredLog sheet={sheet} desk={desk} />
            </aside>
          )}
        </div>
      )}
    </JobFrame>
  );
}
