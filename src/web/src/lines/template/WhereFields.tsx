import type { Rig } from "../../api/client";
import type { FieldErrors } from "../../api/problems";
import { rulesOf } from "../../job/rigEdits";
import { ChoiceField } from "../../ui/ChoiceField";
import { asLength } from "../../ui/figures/figures";
import { NumberField } from "../../ui/NumberField";
import { TextField } from "../../ui/TextField";
import { t } from "../../words";

export type Asked = {
  name: string;
  count: number;
  metres: number;
  /** Station or mount; empty where nobody says. */
  at: string;
  return: "" | "wire" | "body";
  output: string;
  beam: "" | "plus" | "minus";
};

/** How many lamps, where they sit, and what the template wants to know. */
export function WhereFields({
  rig,
  asked,
  errors,
  questions,
  outputs,
  onChange,
}: {
  rig: Rig;
  asked: Asked;
  errors: FieldErrors;
  questions: readonly string[];
  outputs: readonly string[];
  onChange: (change: Partial<Asked>) => void;
}) {
  const { units } = rulesOf(rig);
  const mounts = rig.body?.mounts ?? [];
  const stations = rig.body?.stations ?? [];
  const beam = rig.vehicle.highBeam?.switched ?? "plus";
  return (
    <div className="grid gap-3">
      <TextField
        label={t("lines.nameOfTheLine")}
        value={asked.name}
        messages={errors.name}
        onChange={(name) => onChange({ name })}
      />
      <NumberField
        label={t("lines.howManyLamps")}
        value={asked.count}
        messages={errors.count}
        onChange={(count = Number.NaN) => onChange({ count: Math.round(count) })}
      />
      {mounts.length > 0 && (
        <ChoiceField
          label={t("lines.where")}
          value={asked.at}
          options={[
            { value: "", label: t("lines.byLengthBelow") },
            ...mounts.map((mount) => ({ value: mount.id, label: mount.name })),
            ...stations.map((station) => ({
              value: station.id,
              label: t("lines.at", { station: station.name }),
            })),
          ]}
          messages={errors.at}
          onChange={(at) => onChange({ at })}
        />
      )}
      {asked.at === "" && (
        <NumberField
          label={t("lines.fromTheBatteryToThe")}
          scale={asLength(units)}
          value={asked.metres}
          messages={errors.metres}
          onChange={(metres = Number.NaN) => onChange({ metres })}
        />
      )}
      {questions.includes("output") && outputs.length > 0 && (
        <ChoiceField
          label={t("lines.output2")}
          value={outputs.includes(asked.output) ? asked.output : ""}
          options={[
            { value: "", label: t("lines.theSmallestThatWillDo", { it: outputs[0] }) },
            ...outputs.map((output) => ({ value: output, label: output })),
          ]}
          onChange={(output) => onChange({ output })}
        />
      )}
      {questions.includes("beamSwitched") && (
        <>
          <ChoiceField
            label={t("lines.whichWireOfTheHigh")}
            value={asked.beam || beam}
            options={[
              { value: "plus", label: t("lines.thePlus0VThen") },
              { value: "minus", label: t("lines.theMinusBatteryVoltsThen") },
            ]}
            onChange={(value) => onChange({ beam: value })}
          />
          <p className="text-sm text-dust">{t("lines.testLampToBatteryMinus")}</p>
        </>
      )}
      {questions.includes("return") && (
        <ChoiceField
          label={t("lines.howTheCurrentComesBack")}
          value={asked.return}
          options={[
            { value: "", label: t("lines.asTheHouseRulesHave") },
            { value: "wire", label: t("lines.byWireToTheBattery") },
            { value: "body", label: t("lines.byTheBodyEarthedNear") },
          ]}
          onChange={(value) => onChange({ return: value })}
        />
      )}
    </div>
  );
}
