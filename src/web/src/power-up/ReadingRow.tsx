import { useState } from "react";
import type { ReadingCard } from "../api/client";
import { Button } from "../ui/Button";
import { NumberField } from "../ui/NumberField";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";
import { TakeBack } from "./TakeBack";

const marks = { asExpected: "holds", measureAgain: "watch", notPassed: "stop" } as const;

const verdictsOf = {
  asExpected: t("powerUp.asExpected"),
  measureAgain: t("powerUp.measureAgain"),
  notPassed: t("powerUp.notPassed"),
} as const;

/** One reading: where the probes go, what it should be, what it was and what that tells. */
export function ReadingRow({
  card: { expected, taken, judged },
  said,
  onTake,
  onBack,
  onTry,
}: {
  card: ReadingCard;
  said: readonly string[] | undefined;
  onTake: (value: number) => Promise<unknown>;
  onBack: () => void;
  /** In a trial: the simulated meter reads it. */
  onTry: (() => void) | undefined;
}) {
  const [value, setValue] = useState<number>();
  return (
    <form
      data-reading-key={expected.key}
      className="grid grid-cols-[minmax(0,1fr)_5rem_1rem_2.75rem] items-center gap-x-1.5 border-t border-seam py-1"
      onSubmit={(event) => {
        event.preventDefault();
        if (value !== undefined) void onTake(value).then((there) => there !== false && setValue(undefined));
      }}
    >
      <p className="text-sm leading-snug">
        {expected.words}: <span className="font-figure whitespace-nowrap text-dust">{expected.should}</span>
      </p>
      <div data-reading-field>
        <NumberField
          bare
          label={t("powerUp.read", { words: expected.words })}
          value={value ?? taken?.value}
          onChange={setValue}
          messages={said}
        />
      </div>
      <span className="font-figure text-sm text-dust" aria-hidden>
        {expected.unit}
      </span>
      {value !== undefined ? (
        <Button type="submit" className="px-1 text-sm">
          {t("powerUp.take")}
        </Button>
      ) : taken ? (
        <TakeBack of={t("powerUp.takeBack")} onBack={onBack} />
      ) : onTry ? (
        <Button className="px-1 text-sm" onClick={onTry}>
          {t("powerUp.tryIt")}
        </Button>
      ) : (
        <span />
      )}
      {judged && (
        <div className="col-span-full text-sm" data-judged={judged.verdict}>
          <p className="flex items-center gap-1 font-semibold">
            <VerdictMark verdict={marks[judged.verdict]} word={false} />
            {verdictsOf[judged.verdict]}
            {judged.by && `, ${judged.by}`}
          </p>
          {judged.suspects.length > 0 && (
            <ul className="list-disc pl-5">
              {judged.suspects.map(({ key, name, reads }) => (
                <li key={key}>{t("powerUp.wouldRead", { name, reads })}</li>
              ))}
            </ul>
          )}
        </div>
      )}
    </form>
  );
}
