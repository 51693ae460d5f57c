import { useState } from "react";
import type { TurnCard } from "../api/client";
import { Button } from "../ui/Button";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import type { Commissioning } from "./useCommissioning";

/** Every slot, position and line turned over, with what has to be lit and what must not. */
export function TurnOverPane({
  desk,
  onStand,
}: {
  desk: Commissioning;
  onStand: (turn: TurnCard["check"]) => void;
}) {
  const [noting, setNoting] = useState("");
  const [note, setNote] = useState("");
  const turns = desk.view?.turns;
  if (!turns) return <p className="text-sm text-dust">{t("powerUp.workingOut")}</p>;
  const done = turns.filter(({ came }) => came?.asItShould).length;
  const answer = async (key: string, asItShould: boolean, text = "") => {
    if (await desk.add({ kind: "turned", key, asItShould, note: text } as never, key)) setNoting("");
  };
  return (
    <div className="grid gap-2">
      <p className="text-sm" data-turned>
        {t("powerUp.turnedSoFar", { done, all: turns.length })}
      </p>
      <ol className="grid gap-1">
        {turns.map(({ check, came }) => (
          <li
            key={check.key}
            data-turn={check.key}
            className={`grid gap-1 border-l-4 bg-slab p-2 text-sm ${came ? (came.asItShould ? "border-moss" : "border-oxide") : "border-edge"}`}
          >
            <p>
              {check.words}: <strong>{check.expects}</strong>
            </p>
            {came && (
              <p className="text-dust">
                {came.asItShould ? t("powerUp.wasSo") : t("powerUp.wasOtherwise", { note: came.note })}
                {came.who && `, ${came.who}`}, {came.at.slice(0, 10)}
              </p>
            )}
            {noting === check.key ? (
              <form
                className="grid gap-1"
                onSubmit={(event) => {
                  event.preventDefault();
                  void answer(check.key, false, note);
                }}
              >
                <TextField label={t("powerUp.whatWasSeen")} value={note} onChange={setNote} />
                <Button type="submit">{t("powerUp.writeDown")}</Button>
              </form>
            ) : (
              <div className="flex flex-wrap gap-1">
                <Button onClick={() => onStand(check)}>{t("powerUp.standSo")}</Button>
                <Button onClick={() => void answer(check.key, true)}>{t("powerUp.asItShould")}</Button>
                <Button
                  onClick={() => {
                    setNoting(check.key);
                    setNote("");
                  }}
                >
                  {t("powerUp.otherwise")}
                </Button>
              </div>
            )}
          </li>
        ))}
      </ol>
    </div>
  );
}
