import { useState } from "react";
import type { SheetAnswer, SheetStepCard, WireEnd } from "../api/client";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { JobTable } from "./JobTable";
import type { SheetDesk } from "./useSheetRecord";

/** The wire register: which colour a wire has at which end, which place in a tap is whose, what is capped. */
export function RegisterLog({
  sheet,
  job,
  card,
  desk,
  again,
}: {
  sheet: SheetAnswer;
  job: string;
  card: SheetStepCard;
  desk: SheetDesk;
  again: () => void;
}) {
  const [at, setAt] = useState("");
  const [colour, setColour] = useState("");
  const [note, setNote] = useState("");
  const { register } = sheet.view;
  return (
    <Details summary={t("runSheet.register", { count: register.length })}>
      <div className="grid gap-2">
        {card.step.ends.map((end) => (
          <EndColour
            key={`${end.at} ${end.wire}`}
            end={end}
            known={register.find(({ at: there, wire }) => there === end.at && wire === end.wire)}
            desk={desk}
          />
        ))}
        <div className="grid grid-cols-2 gap-2">
          <TextField label={t("runSheet.end")} value={at} onChange={setAt} />
          <TextField label={t("runSheet.colour")} value={colour} onChange={setColour} />
        </div>
        <TextField label={t("runSheet.note")} value={note} onChange={setNote} />
        <Button
          className="justify-self-start"
          disabled={!at.trim() || !colour.trim()}
          onClick={() => {
            void desk.add({ kind: "registered", at, colour, wire: "", note });
            setAt("");
            setColour("");
            setNote("");
          }}
        >
          {t("runSheet.addToRegister")}
        </Button>
        <ul className="text-sm">
          {register.map((wire) => (
            <li
              key={`${wire.at} ${wire.wire}`}
              data-registered={wire.at}
              className="border-t border-seam py-1"
            >
              <span className="font-figure">{wire.at}</span>: {wire.colour}
              {wire.note && `, ${wire.note}`}
            </li>
          ))}
        </ul>
        <JobTable
          job={job}
          file="wire-register.csv"
          label={t("runSheet.registerFromFile")}
          asFile={t("runSheet.registerAsFile")}
          again={again}
        />
      </div>
    </Details>
  );
}

/** The colour of a wire at an end that is made at the shown step; by the plan as long as nobody said. */
function EndColour({
  end,
  known,
  desk,
}: {
  end: WireEnd;
  known: SheetAnswer["view"]["register"][number] | undefined;
  desk: SheetDesk;
}) {
  const [typed, setTyped] = useState<string>();
  const stored = known?.colour ?? "";
  return (
    <TextField
      label={end.name}
      value={typed ?? stored}
      placeholder={end.colour}
      onChange={setTyped}
      onDone={() => {
        if (typed?.trim() && typed.trim() !== stored)
          void desk.add({
            kind: "registered",
            at: end.at,
            colour: typed.trim(),
            wire: end.wire,
            note: known?.note ?? "",
          });
        else setTyped(undefined);
      }}
    />
  );
}
