import { Check, CloudUpload, Pause, Play, TriangleAlert } from "lucide-react";
import { type RefObject, useState } from "react";
import type { SheetAnswered, SheetStepCard, WaitFor } from "../api/client";
import { type FieldErrors, noErrors } from "../api/problems";
import { setWhoHere, whoHere } from "../job/who";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { DayField } from "../ui/DayField";
import { Details } from "../ui/Details";
import { moment } from "../ui/figures/day";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { type Answers, AskFields } from "./AskFields";
import { TakePhoto } from "./TakePhoto";
import type { SheetDesk } from "./useSheetRecord";

const waits: readonly { value: WaitFor; label: string }[] = [
  { value: "part", label: t("runSheet.wait.part") },
  { value: "curing", label: t("runSheet.wait.curing") },
  { value: "dark", label: t("runSheet.wait.dark") },
  { value: "other", label: t("runSheet.wait.other") },
];

/** One step, large: what, why, how, what is asked, and the tick. */
export function StepPane({
  card,
  answers,
  onAnswer,
  desk,
  ticked,
  tickButton,
  paused,
  secondName,
  onDone,
}: {
  card: SheetStepCard;
  answers: Answers;
  onAnswer: (key: string, change: Partial<SheetAnswered>) => void;
  desk: SheetDesk;
  /** Ticked here, and not sent yet. */
  ticked: boolean;
  tickButton: RefObject<HTMLButtonElement | null>;
  paused: boolean;
  secondName: boolean;
  /** The step was ticked: the next one is shown. */
  onDone: () => void;
}) {
  const { step, state } = card;
  const [who, setWho] = useState(whoHere);
  const [second, setSecond] = useState("");
  const errors: FieldErrors = desk.errors.step === step.id ? desk.errors.fields : noErrors;
  const refused = errors.step ?? [];
  const again = state === "again" || state === "undo";
  const tick = async () => {
    setWhoHere(who);
    const given = step.asks
      .filter(({ key }) => answers[key] !== undefined)
      .map(({ key }) => ({ key, because: "", ...answers[key] }) as SheetAnswered);
    await desk.add(
      card.takesBack
        ? { kind: "undone", step: card.takesBack }
        : ({ kind: "done", step: step.id, answers: given, second } as never),
    );
    onDone();
  };
  return (
    <article aria-label={step.title} data-shown-step={step.id} className="grid content-start gap-3">
      <header className="grid gap-1">
        <h2 className="text-2xl font-semibold">{step.title}</h2>
        <p className="text-dust">{step.why}</p>
        <p className="text-sm">
          {step.place && `${t("runSheet.where", { place: step.place })}. `}
          {step.minutes > 0 && t("runSheet.about", { count: Math.max(1, Math.round(step.minutes)) })}
        </p>
        {step.window && <p className="font-semibold text-oxide">{t("runSheet.inWindow")}</p>}
        {again && (
          <div className="border-l-4 border-oxide bg-slab px-3 py-2" data-changes>
            <p className="font-semibold text-oxide">
              {state === "undo" ? t("runSheet.planHasItNoMore") : t("runSheet.planChanged")}
            </p>
            {card.first && <p>{card.first}</p>}
            <ul className="list-disc pl-5 text-sm">
              {card.changes.map((change) => (
                <li key={`${change.what} ${change.was} ${change.now}`}>
                  {change.was && change.now
                    ? t("runSheet.wasIsNow", change)
                    : change.now
                      ? t("runSheet.isNew", change)
                      : t("runSheet.isGone", change)}
                </li>
              ))}
            </ul>
          </div>
        )}
      </header>
      {step.how.length > 0 && (
        <ul className="list-disc pl-5">
          {step.how.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      {step.cautions.length > 0 && (
        <ul className="grid gap-1 border-l-4 border-ochre bg-slab px-3 py-2">
          {step.cautions.map((caution) => (
            <li key={caution} className="flex items-start gap-2">
              <TriangleAlert size={18} aria-hidden className="mt-0.5 shrink-0 text-ochre" />
              {caution}
            </li>
          ))}
        </ul>
      )}
      {(step.tools.length > 0 || step.parts.length > 0) && (
        <p className="text-sm">
          {step.tools.length > 0 && (
            <span className="block">{t("runSheet.tools", { list: step.tools.join(", ") })}</span>
          )}
          {step.parts.length > 0 && (
            <span className="block">{t("runSheet.partsHere", { list: step.parts.join(", ") })}</span>
          )}
        </p>
      )}
      {card.waitsFor.length > 0 && state !== "done" && (
        <p className="border-l-4 border-edge bg-slab px-3 py-2" data-waits-for>
          {t("runSheet.first", { list: card.waitsFor.slice(0, 4).join("; ") })}
        </p>
      )}
      {card.wait && (
        <p className="flex flex-wrap items-center gap-3 border-l-4 border-ochre bg-slab px-3 py-2">
          <span>
            {waits.find(({ value }) => value === card.wait?.for)?.label}
            {card.wait.until && `, ${t("runSheet.until", { day: card.wait.until })}`}
          </span>
          <Button onClick={() => void desk.add({ kind: "came", step: card.wait?.step ?? step.id })}>
            {t("runSheet.itIsHere")}
          </Button>
        </p>
      )}
      {ticked ? (
        <p className="flex items-center gap-2 font-semibold text-ochre" role="status">
          <CloudUpload size={20} aria-hidden /> {t("runSheet.tickedHere")}
        </p>
      ) : state === "done" && card.done ? (
        <DoneBy card={card} desk={desk} />
      ) : (
        <>
          <AskFields card={card} answers={answers} errors={errors} onChange={onAnswer} />
          {refused.length > 0 && (
            <p role="alert" className="font-semibold text-oxide">
              {refused.join(" ")}
            </p>
          )}
          <div className="grid grid-cols-2 items-end gap-2">
            <TextField label={t("runSheet.who")} value={who} onChange={setWho} />
            {secondName && step.hold && (
              <TextField
                label={t("runSheet.second")}
                value={second}
                messages={errors.second}
                onChange={setSecond}
              />
            )}
          </div>
          <div className="sticky bottom-0 flex flex-wrap gap-2 bg-granite py-1">
            <Button
              look="main"
              ref={tickButton}
              className="min-h-15 flex-1 text-lg"
              disabled={(!card.ready && !card.wait) || (desk.busy && !desk.away)}
              onClick={() => void tick()}
            >
              <Check size={24} aria-hidden />
              {state === "undo" ? t("runSheet.isTakenBack") : t("runSheet.isDone")}
            </Button>
            {!paused && (
              <Button className="min-h-15" onClick={() => void desk.add({ kind: "started", step: step.id })}>
                <Play size={20} aria-hidden /> {t("runSheet.start")}
              </Button>
            )}
          </div>
        </>
      )}
      <MoreOfStep card={card} desk={desk} />
    </article>
  );
}

/** Who did it, when, and what was read; and that it was not done after all. */
function DoneBy({ card, desk }: { card: SheetStepCard; desk: SheetDesk }) {
  const [why, setWhy] = useState("");
  const done = card.done;
  if (!done) return null;
  return (
    <div className="grid gap-1 border-l-4 border-moss bg-slab px-3 py-2">
      <p className="font-semibold">
        {t("runSheet.doneBy", {
          who: done.who || t("runSheet.somebody"),
          when: moment(done.at),
        })}
        {done.minutes != null && `, ${t("runSheet.minutes", { count: Math.round(done.minutes) })}`}
      </p>
      <ul className="text-sm">
        {done.answers
          .filter(({ number, choice }) => number != null || choice)
          .map((answer) => (
            <li key={answer.key}>
              {card.step.asks.find(({ key }) => key === answer.key)?.words}:{" "}
              <span className="font-figure">{answer.number ?? answer.choice}</span>
              {answer.because && `, ${answer.because}`}
            </li>
          ))}
      </ul>
      <Details plain summary={t("runSheet.notDoneAfterAll")}>
        <div className="flex flex-wrap items-end gap-2">
          <TextField label={t("runSheet.why")} value={why} onChange={setWhy} />
          <Button onClick={() => void desk.add({ kind: "reopened", step: card.step.id, why })}>
            {t("runSheet.reopen")}
          </Button>
        </div>
      </Details>
    </div>
  );
}

/** Note, photo, waiting: what goes with a step beside its tick. */
function MoreOfStep({ card, desk }: { card: SheetStepCard; desk: SheetDesk }) {
  const [text, setText] = useState("");
  const [wait, setWait] = useState<WaitFor>("part");
  const [until, setUntil] = useState("");
  const step = card.step.id;
  return (
    <div className="grid gap-2 border-t border-seam pt-2">
      <div className="flex flex-wrap items-end gap-2">
        <div className="min-w-48 flex-1">
          <TextField label={t("runSheet.note")} value={text} onChange={setText} />
        </div>
        <Button
          disabled={!text.trim()}
          onClick={() => {
            void desk.add({ kind: "noted", step, text });
            setText("");
          }}
        >
          {t("runSheet.addNote")}
        </Button>
        <TakePhoto
          label={t("runSheet.takePhoto")}
          onTake={(picture) =>
            void desk.photo(picture, { step, about: card.step.about[0] ?? "", caption: text })
          }
        />
      </div>
      {card.state === "toDo" && !card.wait && (
        <Details plain summary={t("runSheet.itHasToWait")}>
          <div className="flex flex-wrap items-end gap-2">
            <ChoiceField label={t("runSheet.waitsFor")} value={wait} options={waits} onChange={setWait} />
            <DayField label={t("runSheet.expectedOn")} value={until} onChange={setUntil} />
            <Button onClick={() => void desk.add({ kind: "waits", step, for: wait, until })}>
              <Pause size={18} aria-hidden /> {t("runSheet.letItWait")}
            </Button>
          </div>
        </Details>
      )}
    </div>
  );
}
