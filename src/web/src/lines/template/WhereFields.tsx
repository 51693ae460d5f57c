import type { Rig } from "../../api/client";
import type { FieldErrors } from "../../api/problems";
import { rulesOf } from "../../job/rigEdits";
import { ChoiceField } from "../../ui/ChoiceField";
import { asLength } from "../../ui/figures/figures";
import { NumberField } from "../../ui/NumberField";
import { TextField } from "../../ui/TextField";

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
        label="Name of the line"
        value={asked.name}
        messages={errors.name}
        onChange={(name) => onChange({ name })}
      />
      <NumberField
        label="How many lamps"
        value={asked.count}
        messages={errors.count}
        onChange={(count = Number.NaN) => onChange({ count: Math.round(count) })}
      />
      {mounts.length > 0 && (
        <ChoiceField
          label="Where"
          value={asked.at}
          options={[
            { value: "", label: "By length, below" },
            ...mounts.map((mount) => ({ value: mount.id, label: mount.name })),
            ...stations.map((station) => ({ value: station.id, label: `At: ${station.name}` })),
          ]}
          messages={errors.at}
          onChange={(at) => onChange({ at })}
        />
      )}
      {asked.at === "" && (
        <NumberField
          label="From the battery to the lamps"
          scale={asLength(units)}
          value={asked.metres}
          messages={errors.metres}
          onChange={(metres = Number.NaN) => onChange({ metres })}
        />
      )}
      {questions.includes("output") && outputs.length > 0 && (
        <ChoiceField
          label="Output"
          value={outputs.includes(asked.output) ? asked.output : ""}
          options={[
            { value: "", label: `The smallest that will do: ${outputs[0]}` },
            ...outputs.map((output) => ({ value: output, label: output })),
          ]}
          onChange={(output) => onChange({ output })}
        />
      )}
      {questions.includes("beamSwitched") && (
        <>
          <ChoiceField
            label="Which wire of the high beam goes on and off"
            value={asked.beam || beam}
            options={[
              { value: "plus", label: "The plus: 0 V, then battery volts" },
              { value: "minus", label: "The minus: battery volts, then earth" },
            ]}
            onChange={(value) => onChange({ beam: value })}
          />
          <p className="text-sm text-dust">
            Test lamp to battery minus, beam off, then on: a wire that is live and goes dead, and lights again
            with the test lamp moved to plus, is switched in the minus.
          </p>
        </>
      )}
      {questions.includes("return") && (
        <ChoiceField
          label="How the current comes back"
          value={asked.return}
          options={[
            { value: "", label: "As the house rules have it" },
            { value: "wire", label: "By wire to the battery" },
            { value: "body", label: "By the body, earthed near the lamps" },
          ]}
          onChange={(value) => onChange({ return: value })}
        />
      )}
    </div>
  );
}
