import { useState } from "react";
import type { Rig, SheetAnswer, SheetStepCard } from "../api/client";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asLength, length } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { useNames } from "../ui/names";
import { TextField } from "../ui/TextField";
import { useUnits } from "../ui/units";
import { t } from "../words";
import type { SheetDesk } from "./useSheetRecord";

/** What was built otherwise than planned: it waits in the record until the plan takes it in at the hand-over. */
export function OtherwiseLog({
  sheet,
  rig,
  card,
  desk,
}: {
  sheet: SheetAnswer;
  rig: Rig;
  card: SheetStepCard;
  desk: SheetDesk;
}) {
  const units = useUnits();
  const names = useNames();
  const wires = new Set((rig.runs ?? []).map(({ id }) => id));
  const parts = [
    ...(rig.fixtures ?? []),
    ...(rig.relays ?? []),
    ...(rig.protection ?? []),
    ...(rig.powerBoxes ?? []),
    ...(rig.earths ?? []),
    ...(rig.switches ?? []),
  ].map(({ id }) => id);
  const here = card.step.about.filter((id) => wires.has(id) || parts.includes(id));
  const all = [...here, ...[...wires, ...parts].filter((id) => !here.includes(id))];
  const places = [...(rig.body?.stations ?? []), ...(rig.body?.mounts ?? []), ...(rig.body?.spaces ?? [])];
  const [about, setAbout] = useState("");
  const [metres, setMetres] = useState<number>();
  const [colour, setColour] = useState("");
  const [at, setAt] = useState("");
  const [note, setNote] = useState("");
  const chosen = all.includes(about) ? about : (all[0] ?? "");
  const isWire = wires.has(chosen);
  const said = (isWire ? metres !== undefined || colour.trim() !== "" : at !== "") || note.trim() !== "";
  const { otherwise = [] } = sheet.view;
  return (
    <Details summary={t("runSheet.otherwise", { count: otherwise.length })}>
      <div className="grid gap-2">
        <ChoiceField
          label={t("runSheet.otherwiseAbout")}
          value={chosen}
          options={all.map((id) => ({ value: id, label: names(id) }))}
          onChange={setAbout}
        />
        {isWire ? (
          <div className="grid grid-cols-2 items-end gap-2">
            <NumberField
              label={t("runSheet.length")}
              scale={asLength(units)}
              optional
              value={metres}
              onChange={setMetres}
            />
            <TextField label={t("runSheet.colour")} value={colour} onChange={setColour} />
          </div>
        ) : (
          places.length > 0 && (
            <ChoiceField
              label={t("runSheet.otherwiseAt")}
              value={at}
              options={[
                { value: "", label: t("runSheet.whereItIsPlanned") },
                ...places.map(({ id, name }) => ({ value: id, label: name })),
              ]}
              onChange={setAt}
            />
          )
        )}
        <TextField label={t("runSheet.note")} value={note} onChange={setNote} />
        <Button
          className="justify-self-start"
          disabled={!said || chosen === ""}
          onClick={() => {
            void desk.add({
              kind: "otherwise",
              about: chosen,
              metres: isWire ? (metres ?? null) : null,
              colour: isWire ? colour : "",
              at: isWire ? "" : at,
              note,
            });
            setMetres(undefined);
            setColour("");
            setAt("");
            setNote("");
          }}
        >
          {t("runSheet.addOtherwise")}
        </Button>
        <ul className="text-sm">
          {otherwise.map((one) => (
            <li key={one.about} data-otherwise={one.about} className="border-t border-seam py-1">
              {[
                names(one.about),
                one.metres != null && length(one.metres, units),
                one.colour,
                one.at && (places.find(({ id }) => id === one.at)?.name ?? one.at),
                one.note,
              ]
                .filter(Boolean)
                .join(", ")}
            </li>
          ))}
        </ul>
      </div>
    </Details>
  );
}
