import type { ReactNode } from "react";
import type { HouseRules } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { ChoiceField } from "../ui/ChoiceField";
import { asLength, asPercent } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import {
  choices,
  colourUseWords,
  earthWords,
  forwardTriggerWords,
  gaugeWords,
  isolationWords,
  jointWords,
  sizingWords,
  zoneWords,
} from "../ui/words";

type Key = Exclude<keyof HouseRules, "zoneCelsius" | "colours">;

/** What each rule means, for and against, in two lines. */
const meant: Record<Key, string> = {
  units: "How lengths are said. The document keeps metres; nothing else changes with it.",
  gauges:
    "How the wire on your shelf is sold. A trade name is not a copper area: the ladder shows the copper beside it.",
  marginFraction:
    "25 % leaves room for a hot day; the 50 % school wants half as much again. More margin is thicker wire, never a larger fuse.",
  fuseLoadFraction:
    "Makers say 70 to 80 %. Nearer its rating a fuse ages and opens for nothing; further off it protects less well.",
  dropLimitRegulatedLed:
    "A regulated LED lamp keeps its light and draws more, down to its drop-out. A limit that you enter is kept whatever copper it takes.",
  dropLimitOther:
    "A filament or resistor lamp goes dim: 5 % of drop is 16 % less light. A limit that you enter is kept whatever copper it takes.",
  sizing:
    "Usual is how harnesses are built: 10 % for regulated LED, 5 % for other lamps. Light first aims at 3 % for all. Neither buys copper that hardly helps. The maker's harness takes gauge and fuse from the lamps, where they are entered there.",
  dropCopper:
    "Behind a fuse up to 30 A no wire gets thicker than this for the drop alone. Load, fuse and short always count first.",
  dropCopperHeavy: "Behind a fuse above 30 A no wire gets thicker than this for the drop alone.",
  joints:
    "Crimp and adhesive shrink hold where it shakes and is wet. Solder is liked for signal wires, and stiff where it shakes; solder alone turns crimps into solder joints. Taps are the first to fail outside.",
  earths:
    "A stud near the lamp is short and halves the copper. A wire to the post costs more and is immune to what becomes of body joints.",
  isolation:
    "Battery off: the negative of every battery comes off first and goes back last of all. Fuse out: the line's fuse comes out first and goes in last. One act makes it live.",
  forwardTrigger:
    "Linked to the high beam, one flick of the stalk darkens everything for oncoming traffic. A switch of its own suits slow work off the road.",
  leftOnHours:
    "How long everything may be left on with the engine off before the battery is half empty and will not start.",
  slackFraction:
    "What a wire is longer than its lanes, so that it is not pulled tight round corners. Practice is about 5 %.",
  loopMetres: "A loop at each end, folded and tied, so that a terminal can be made again without a joint.",
  looksFraction:
    "A lane where a wire shows counts as so much longer. Heat, hazards and length still weigh more.",
  currency: "Stands before every price.",
  mostGauges:
    "Fewer sizes on the bench are fewer drums and fewer terminals; sizing then takes the next thicker one you have.",
};

/** Every rule with what it means. */
export function RuleFields({
  rules,
  errors,
  makers,
  onChange,
}: {
  rules: HouseRules;
  /** Whether any lamp says what its maker's harness is. */
  makers: boolean;
  errors: FieldErrors;
  onChange: (change: Partial<HouseRules>) => void;
}) {
  const zoneErrors = under(errors, "zoneCelsius");
  const colourErrors = under(errors, "colours");
  const fraction = (
    key: "marginFraction" | "fuseLoadFraction" | "slackFraction" | "looksFraction",
    label: string,
  ) => (
    <Rule meaning={meant[key]}>
      <NumberField
        label={label}
        unit="%"
        scale={asPercent}
        value={rules[key]}
        messages={errors[key]}
        onChange={(value) => onChange({ [key]: value ?? Number.NaN })}
      />
    </Rule>
  );
  return (
    <div className="grid gap-x-6 gap-y-3 lg:grid-cols-2">
      <Rule meaning={meant.gauges}>
        <ChoiceField
          label="Wire sold as"
          value={rules.gauges}
          options={choices(gaugeWords)}
          onChange={(gauges) => onChange({ gauges })}
        />
      </Rule>
      <Rule meaning={meant.units}>
        <ChoiceField
          label="Units"
          value={rules.units}
          options={[
            { value: "metric", label: "Metres" },
            { value: "imperial", label: "Feet" },
          ]}
          onChange={(units) => onChange({ units })}
        />
      </Rule>
      {fraction("marginFraction", "Wire margin")}
      {fraction("fuseLoadFraction", "Fuse loaded to")}
      <Rule meaning={meant.sizing}>
        <ChoiceField
          label="Wire sized for"
          value={rules.sizing}
          options={choices(sizingWords).filter(
            ({ value }) => value !== "makersHarness" || makers || rules.sizing === "makersHarness",
          )}
          onChange={(sizing) => onChange({ sizing })}
        />
      </Rule>
      {(["dropLimitRegulatedLed", "dropLimitOther"] as const).map((key) => (
        <Rule key={key} meaning={meant[key]}>
          <NumberField
            label={key === "dropLimitOther" ? "Drop, other lamps" : "Drop, regulated LED"}
            unit="%"
            scale={asPercent}
            optional
            placeholder="by the school"
            value={rules[key]}
            messages={errors[key]}
            onChange={(value) => onChange({ [key]: value ?? null })}
          />
        </Rule>
      ))}
      {(["dropCopper", "dropCopperHeavy"] as const).map((key) => (
        <Rule key={key} meaning={meant[key]}>
          <NumberField
            label={key === "dropCopper" ? "Copper for drop" : "The same, over 30 A"}
            unit="mm²"
            value={rules[key]}
            messages={errors[key]}
            onChange={(value) => onChange({ [key]: value ?? Number.NaN })}
          />
        </Rule>
      ))}
      <Rule meaning={meant.joints}>
        <ChoiceField
          label="Joints"
          value={rules.joints}
          options={choices(jointWords)}
          onChange={(joints) => onChange({ joints })}
        />
      </Rule>
      <Rule meaning={meant.earths}>
        <ChoiceField
          label="Earths"
          value={rules.earths}
          options={choices(earthWords)}
          onChange={(earths) => onChange({ earths })}
        />
      </Rule>
      <Rule meaning={meant.isolation}>
        <ChoiceField
          label="Isolation"
          value={rules.isolation}
          options={choices(isolationWords)}
          onChange={(isolation) => onChange({ isolation })}
        />
      </Rule>
      <Rule meaning={meant.forwardTrigger}>
        <ChoiceField
          label="Light ahead"
          value={rules.forwardTrigger}
          options={choices(forwardTriggerWords)}
          onChange={(forwardTrigger) => onChange({ forwardTrigger })}
        />
      </Rule>
      <Rule meaning={meant.leftOnHours}>
        <NumberField
          label="Left on for"
          unit="h"
          value={rules.leftOnHours}
          messages={errors.leftOnHours}
          onChange={(value) => onChange({ leftOnHours: value ?? Number.NaN })}
        />
      </Rule>
      {fraction("slackFraction", "Slack along the way")}
      {fraction("looksFraction", "A lane that shows counts as more by")}
      <Rule meaning={meant.loopMetres}>
        <NumberField
          label="Loop at each end"
          scale={asLength(rules.units)}
          value={rules.loopMetres}
          messages={errors.loopMetres}
          onChange={(value) => onChange({ loopMetres: value ?? Number.NaN })}
        />
      </Rule>
      <Rule meaning={meant.mostGauges}>
        <NumberField
          label="Wire sizes bought"
          value={rules.mostGauges}
          messages={errors.mostGauges}
          placeholder="no limit"
          optional
          onChange={(value) => onChange({ mostGauges: value ?? null })}
        />
      </Rule>
      <Rule meaning={meant.currency}>
        <TextField
          label="Currency sign"
          value={rules.currency}
          messages={errors.currency}
          onChange={(currency) => onChange({ currency })}
        />
      </Rule>
      <fieldset className="grid grid-cols-2 gap-2 lg:col-span-2 lg:grid-cols-4">
        <legend className="mb-1 text-sm text-dust">
          The colour of a line's wires by what its light is for. Black comes back, red feeds several lines.
        </legend>
        {choices(colourUseWords).map(({ value: use, label }) => (
          <TextField
            key={use}
            label={label}
            value={rules.colours[use] ?? ""}
            messages={colourErrors[use]}
            onChange={(colour) => onChange({ colours: { ...rules.colours, [use]: colour } })}
          />
        ))}
      </fieldset>
      <fieldset className="grid grid-cols-2 gap-2 lg:col-span-2 lg:grid-cols-4">
        <legend className="mb-1 text-sm text-dust">
          How hot each zone is taken to be. What a wire may carry falls with it: at the temperature of its
          insulation it may carry nothing.
        </legend>
        {choices(zoneWords).map(({ value: zone, label }) => (
          <NumberField
            key={zone}
            label={label}
            unit="°C"
            value={rules.zoneCelsius[zone]}
            messages={zoneErrors[zone]}
            onChange={(celsius) =>
              onChange({ zoneCelsius: { ...rules.zoneCelsius, [zone]: celsius ?? Number.NaN } })
            }
          />
        ))}
      </fieldset>
    </div>
  );
}

function Rule({ meaning, children }: { meaning: string; children: ReactNode }) {
  return (
    <div className="grid grid-cols-[13rem_1fr] items-end gap-3">
      {children}
      <p className="pb-0.5 text-sm text-dust">{meaning}</p>
    </div>
  );
}
