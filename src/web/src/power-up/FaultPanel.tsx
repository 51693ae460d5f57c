import { useState } from "react";
import type { Dashboard, Rig } from "../api/client";
import { Button } from "../ui/Button";
import { SearchField } from "../ui/SearchField";
import { t } from "../words";
import { MakeExerciseDialog } from "./MakeExerciseDialog";

const mostShown = 30;

/** Faults that are in the rig, and all that can be put into it. */
export function FaultPanel({
  rig,
  job,
  board,
  faults,
  onChange,
}: {
  rig: Rig;
  /** What the job is called. */
  job: string;
  board: Dashboard;
  faults: readonly string[];
  onChange: (faults: string[]) => void;
}) {
  /** Key of the fault that an exercise is made of; empty: one is drawn. */
  const [making, setMaking] = useState<string>();
  const [looked, setLooked] = useState("");
  const named = new Map(board.faults.map(({ key, name }) => [key, name]));
  const words = looked.trim().toLowerCase();
  const found = board.faults
    .filter(({ key, name }) => !faults.includes(key) && name.toLowerCase().includes(words))
    .slice(0, mostShown);
  return (
    <div className="grid gap-2">
      <ul className="grid gap-1">
        {faults.map((key) => (
          <li
            key={key}
            data-fault={key}
            className="flex flex-wrap items-center justify-between gap-2 text-sm"
          >
            {named.get(key) ?? key}
            <Button onClick={() => setMaking(key)}>{t("training.makeOne")}</Button>
            <Button onClick={() => onChange(faults.filter((other) => other !== key))}>
              {t("powerUp.takeOut")}
            </Button>
          </li>
        ))}
      </ul>
      {making !== undefined && (
        <MakeExerciseDialog
          rig={rig}
          job={job}
          fault={making}
          name={making === "" ? t("training.oneIsDrawn") : (named.get(making) ?? making)}
          lines={board.lines}
          onClose={() => setMaking(undefined)}
        />
      )}
      <Button onClick={() => setMaking("")}>{t("training.makeADrawnOne")}</Button>
      <SearchField name={t("powerUp.faultOf")} text={looked} onChange={setLooked} />
      <ul className="grid gap-1">
        {found.map(({ key, name }) => (
          <li key={key}>
            <Button
              look="quiet"
              className="w-full justify-start text-left text-sm"
              onClick={() => onChange([...faults, key])}
            >
              {name}
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
