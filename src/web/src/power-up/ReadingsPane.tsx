import { Check } from "lucide-react";
import { useRef, useState } from "react";
import type { ReadingCard, ReadingGroupCard } from "../api/client";
import { setWhoHere, whoHere } from "../job/who";
import { Button } from "../ui/Button";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { ReadingRow } from "./ReadingRow";
import type { Commissioning } from "./useCommissioning";

/** What each line should read, and what it did: typed from the vehicle, or tried on the simulated rig. */
export function ReadingsPane({
  desk,
  onStand,
  onTry,
  onFind,
}: {
  desk: Commissioning;
  /** The rig on screen is to stand as a group asks. */
  onStand: (group: ReadingGroupCard) => void;
  /** Reads the simulated meter as a reading asks; nothing where it cannot. */
  onTry: (group: ReadingGroupCard, card: ReadingCard) => Promise<number | undefined>;
  onFind: () => void;
}) {
  const [volts, setVolts] = useState<number>();
  const [who, setWho] = useState(whoHere);
  const list = useRef<HTMLDivElement>(null);
  const { view, card, trial, line } = desk;
  if (!view) return <p className="text-sm text-dust">{t("powerUp.workingOut")}</p>;
  const standing = view.lines.find(({ id }) => id === line);

  const take = async (reading: ReadingCard, value: number) => {
    if (trial) {
      desk.setTrial([
        ...trial.filter(({ key }) => key !== reading.expected.key),
        { key: reading.expected.key, value },
      ]);
      return true;
    }
    return desk.add(
      { kind: "measured", line, key: reading.expected.key, value } as never,
      reading.expected.key,
    );
  };

  /** From one field to the next that is empty. */
  const next = (from: string) => {
    const fields = [
      ...(list.current?.querySelectorAll<HTMLInputElement>("[data-reading-field] input") ?? []),
    ];
    const at = fields.findIndex(
      (field) => field.closest("[data-reading-key]")?.getAttribute("data-reading-key") === from,
    );
    fields
      .slice(at + 1)
      .find((field) => field.value === "")
      ?.focus();
  };

  return (
    <div className="grid gap-2" ref={list}>
      <div className="flex items-end gap-2" data-battery-volts>
        <div className="min-w-0 flex-1">
          <NumberField
            label={t("powerUp.batteryAtRest")}
            unit="V"
            value={volts ?? view.batteryVolts}
            onChange={setVolts}
            messages={desk.said("battery", "volts")}
          />
        </div>
        <Button
          disabled={volts === undefined || trial !== undefined}
          onClick={() =>
            void desk
              .add({ kind: "batteryMeasured", volts: volts as number } as never, "battery")
              .then((there) => there && setVolts(undefined))
          }
        >
          {t("powerUp.writeDown")}
        </Button>
      </div>
      <ChoiceField
        label={t("powerUp.line")}
        value={line}
        options={view.lines.map(({ id, name, taken, all, standing: how }) => ({
          value: id,
          label:
            how === "passed"
              ? t("powerUp.linePassed", { name })
              : t("powerUp.lineSoFar", { name, taken, all }),
        }))}
        onChange={desk.setLine}
      />
      <CheckField
        label={t("powerUp.trial")}
        checked={trial !== undefined}
        onChange={(on) => desk.setTrial(on ? [] : undefined)}
      />
      {standing?.passed && (
        <p
          className={`border-l-4 bg-slab p-2 text-sm ${standing.standing === "passed" ? "border-moss" : "border-ochre"}`}
          data-passed={standing.standing}
        >
          {t("powerUp.passedOn", {
            day: standing.passed.at.slice(0, 10),
            who: standing.passed.who || t("powerUp.nobodyNamed"),
            volts: standing.passed.what.batteryVolts ?? "–",
          })}
          {standing.standing === "changedSince" && ` ${t("powerUp.changedSince")}`}
        </p>
      )}
      {desk.slow && (
        <p role="status" className="text-sm text-dust">
          {t("powerUp.workingOutSamples")}
        </p>
      )}
      {card?.groups.map((group) => (
        <section
          key={`${group.words} ${group.out.join()}`}
          aria-label={group.words}
          className="grid gap-1 border border-seam bg-slab p-2"
        >
          <div className="flex items-start justify-between gap-2">
            <h3 className="min-w-0 flex-1 text-sm font-semibold">{group.words}</h3>
            {!group.onBench && (
              <Button className="shrink-0 text-sm" onClick={() => onStand(group)}>
                {t("powerUp.standSo")}
              </Button>
            )}
          </div>
          {group.readings.map((reading) => (
            <ReadingRow
              key={reading.expected.key}
              card={reading}
              said={desk.said(reading.expected.key, "value")}
              onTake={(value) => take(reading, value).then((there) => there && next(reading.expected.key))}
              onBack={
                trial
                  ? () => desk.setTrial(trial.filter(({ key }) => key !== reading.expected.key))
                  : () =>
                      void desk.add(
                        { kind: "takenBack", line, key: reading.expected.key } as never,
                        reading.expected.key,
                      )
              }
              onTry={
                trial && !group.onBench
                  ? () =>
                      void onTry(group, reading).then((value) => value !== undefined && take(reading, value))
                  : undefined
              }
            />
          ))}
        </section>
      ))}
      {card && (
        <div className="grid gap-1">
          <TextField
            label={t("powerUp.who")}
            value={who}
            onChange={(typed) => {
              setWho(typed);
              setWhoHere(typed);
            }}
          />
          {card.left && (
            <p className="text-sm" data-left>
              {card.left}
            </p>
          )}
          <Button
            look="main"
            disabled={card.left !== "" || trial !== undefined}
            onClick={() => void desk.add({ kind: "passed", line } as never, "pass")}
          >
            <Check size={18} aria-hidden /> {t("powerUp.pass")}
          </Button>
          {desk.said("pass", "line") && (
            <p role="alert" className="text-sm font-semibold text-oxide">
              {desk.said("pass", "line")?.join(" ")}
            </p>
          )}
        </div>
      )}
      <Button look="quiet" className="justify-self-start" onClick={onFind}>
        {t("powerUp.findAWire")}
      </Button>
    </div>
  );
}
