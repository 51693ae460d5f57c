import type { SheetAnswered, SheetAsk, SheetStepCard } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { t } from "../words";

export type Answers = Readonly<Record<string, Partial<SheetAnswered>>>;

/** What the hold point asks: boxes for gloved thumbs, readings with what they should be beside them. */
export function AskFields({
  card,
  answers,
  errors,
  onChange,
}: {
  card: SheetStepCard;
  answers: Answers;
  errors: FieldErrors;
  onChange: (key: string, change: Partial<SheetAnswered>) => void;
}) {
  const given = card.step.asks.filter(({ key }) => answers[key] !== undefined).map(({ key }) => key);
  const wrong = (ask: SheetAsk, field: string) =>
    errors[`answers[${given.indexOf(ask.key)}].${field}`] ?? errors[`answers.${ask.key}.${field}`];
  return (
    <div className="grid gap-2">
      {card.step.asks.map((ask) => {
        const answer = answers[ask.key];
        if (ask.kind === "yes") {
          const said = wrong(ask, "yes");
          return (
            <div key={ask.key} data-ask={ask.key}>
              <label
                className={`flex min-h-15 items-center gap-3 border px-3 ${answer?.yes ? "border-moss bg-lichen-shade" : said ? "border-2 border-oxide" : "border-edge bg-slab"}`}
              >
                <input
                  type="checkbox"
                  className="size-8 shrink-0 accent-spruce"
                  checked={answer?.yes === true}
                  aria-invalid={said ? true : undefined}
                  onChange={(event) => onChange(ask.key, { yes: event.target.checked })}
                />
                {ask.words}
              </label>
              {said && (
                <p role="alert" className="text-sm font-semibold text-oxide">
                  {said.join(" ")}
                </p>
              )}
            </div>
          );
        }
        if (ask.kind === "choice") {
          const said = wrong(ask, "choice");
          return (
            <fieldset key={ask.key} data-ask={ask.key} className="min-w-0">
              <legend className="mb-1 font-semibold">{ask.words}</legend>
              <div className="grid grid-cols-3 gap-2">
                {ask.choices.map((choice) => (
                  <label
                    key={choice.key}
                    className={`flex min-h-15 items-center gap-2 border px-2 ${answer?.choice === choice.key ? "border-moss bg-lichen-shade font-semibold" : "border-edge bg-slab"}`}
                  >
                    <input
                      type="radio"
                      name={`${card.step.id} ${ask.key}`}
                      className="size-6 accent-spruce"
                      checked={answer?.choice === choice.key}
                      onChange={() => onChange(ask.key, { choice: choice.key })}
                    />
                    {choice.words}
                  </label>
                ))}
              </div>
              {said && (
                <p role="alert" className="text-sm font-semibold text-oxide">
                  {said.join(" ")}
                </p>
              )}
            </fieldset>
          );
        }
        const counted = card.counted[ask.key];
        const due = counted ?? ask.expected;
        const said = wrong(ask, "number");
        return (
          <div key={ask.key} data-ask={ask.key} className="grid gap-1">
            <NumberField
              label={ask.words}
              unit={ask.unit || undefined}
              optional
              value={answer?.number ?? undefined}
              hint={
                [
                  due == null
                    ? ""
                    : ask.kind === "count"
                      ? t("runSheet.due", { count: due })
                      : t("runSheet.shouldRead", { value: due, unit: ask.unit }),
                  ask.least != null ? t("runSheet.atLeast", { value: ask.least, unit: ask.unit }) : "",
                  ask.most != null ? t("runSheet.atMost", { value: ask.most, unit: ask.unit }) : "",
                ]
                  .filter(Boolean)
                  .join(", ") || undefined
              }
              messages={said}
              onChange={(number) => onChange(ask.key, { number: number ?? null })}
            />
            {ask.kind === "count" && (said || answer?.because) && (
              <TextField
                label={t("runSheet.whyItDiffers")}
                value={answer?.because ?? ""}
                onChange={(because) => onChange(ask.key, { because })}
              />
            )}
          </div>
        );
      })}
    </div>
  );
}
