import type { HouseRules } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { asLength, asPercent, lengthUnit } from "../ui/figures";
import { NumberField } from "../ui/NumberField";
import {
  choices,
  earthWords,
  forwardTriggerWords,
  gaugeWords,
  isolationWords,
  jointWords,
  zoneWords,
} from "../ui/words";

/** The workshop's school for this job. */
export function HouseRulesPanel({
  rules,
  errors,
  onChange,
}: {
  rules: HouseRules;
  errors: FieldErrors;
  onChange: (change: Partial<HouseRules>) => void;
}) {
  const zoneErrors = under(errors, "zoneCelsius");
  return (
    <Details summary="House rules of this job" wrong={Object.keys(errors).length > 0}>
      <div className="grid grid-cols-2 gap-3">
        <ChoiceField
          label="Wire sold as"
          value={rules.gauges}
          options={choices(gaugeWords)}
          onChange={(gauges) => onChange({ gauges })}
        />
        <ChoiceField
          label="Units"
          value={rules.units}
          options={[
            { value: "metric", label: "Metres" },
            { value: "imperial", label: "Feet" },
          ]}
          onChange={(units) => onChange({ units })}
        />
        <NumberField
          label="Wire margin"
          unit="%"
          scale={asPercent}
          value={rules.marginFraction}
          messages={errors.marginFraction}
          hint="25 or 50 are usual"
          onChange={(value) => onChange({ marginFraction: value ?? Number.NaN })}
        />
        <NumberField
          label="Fuse loaded to"
          unit="%"
          scale={asPercent}
          value={rules.fuseLoadFraction}
          messages={errors.fuseLoadFraction}
          hint="makers say 70 to 80"
          onChange={(value) => onChange({ fuseLoadFraction: value ?? Number.NaN })}
        />
        <NumberField
          label="Drop, regulated LED"
          unit="%"
          scale={asPercent}
          value={rules.dropLimitRegulatedLed}
          messages={errors.dropLimitRegulatedLed}
          onChange={(value) => onChange({ dropLimitRegulatedLed: value ?? Number.NaN })}
        />
        <NumberField
          label="Drop, other lamps"
          unit="%"
          scale={asPercent}
          value={rules.dropLimitOther}
          messages={errors.dropLimitOther}
          onChange={(value) => onChange({ dropLimitOther: value ?? Number.NaN })}
        />
        <ChoiceField
          label="Joints"
          value={rules.joints}
          options={choices(jointWords)}
          onChange={(joints) => onChange({ joints })}
        />
        <ChoiceField
          label="Earths"
          value={rules.earths}
          options={choices(earthWords)}
          onChange={(earths) => onChange({ earths })}
        />
        <ChoiceField
          label="Making it dead"
          value={rules.isolation}
          options={choices(isolationWords)}
          onChange={(isolation) => onChange({ isolation })}
        />
        <ChoiceField
          label="Light ahead"
          value={rules.forwardTrigger}
          options={choices(forwardTriggerWords)}
          onChange={(forwardTrigger) => onChange({ forwardTrigger })}
        />
        <NumberField
          label="Left on for"
          unit="h"
          value={rules.leftOnHours}
          messages={errors.leftOnHours}
          hint="to half the battery"
          onChange={(value) => onChange({ leftOnHours: value ?? Number.NaN })}
        />
        <NumberField
          label="Slack along the way"
          unit="%"
          scale={asPercent}
          value={rules.slackFraction}
          messages={errors.slackFraction}
          hint="of its lanes"
          onChange={(value) => onChange({ slackFraction: value ?? Number.NaN })}
        />
        <NumberField
          label="Loop at each end"
          unit={lengthUnit[rules.units].name}
          scale={asLength(rules.units)}
          value={rules.loopMetres}
          messages={errors.loopMetres}
          hint="to work on it again"
          onChange={(value) => onChange({ loopMetres: value ?? Number.NaN })}
        />
        <NumberField
          label="Wire sizes bought"
          value={rules.mostGauges}
          messages={errors.mostGauges}
          hint="empty: as many as it takes"
          optional
          onChange={(value) => onChange({ mostGauges: value ?? null })}
        />
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
      </div>
    </Details>
  );
}
