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
import { t } from "../words";

type Key = Exclude<keyof HouseRules, "zoneCelsius" | "colours">;

/** What each rule means, for and against, in two lines. */
const meant: Record<Key, string> = {
  units: t("job.howLengthsAreSaidThe"),
  gauges: t("job.howTheWireOnYour"),
  marginFraction: t("job.of25LeavesRoomForA"),
  fuseLoadFraction: t("job.makersSay70To80"),
  dropLimitRegulatedLed: t("job.aRegulatedLedLampKeeps"),
  dropLimitOther: t("job.aFilamentOrResistorLamp"),
  sizing: t("job.usualIsHowHarnessesAre"),
  dropCopper: t("job.behindAFuseUpTo"),
  dropCopperHeavy: t("job.behindAFuseAbove30"),
  joints: t("job.crimpAndAdhesiveShrinkHold"),
  earths: t("job.aStudNearTheLamp"),
  isolation: t("job.batteryOffTheNegativeOf"),
  forwardTrigger: t("job.linkedToTheHighBeam"),
  leftOnHours: t("job.howLongEverythingMayBe"),
  slackFraction: t("job.whatAWireIsLonger"),
  loopMetres: t("job.aLoopAtEachEnd"),
  looksFraction: t("job.aLaneWhereAWire"),
  currency: t("job.standsBeforeEveryPrice"),
  mostGauges: t("job.fewerSizesOnTheBench"),
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
          label={t("job.wireSoldAs")}
          value={rules.gauges}
          options={choices(gaugeWords)}
          onChange={(gauges) => onChange({ gauges })}
        />
      </Rule>
      <Rule meaning={meant.units}>
        <ChoiceField
          label={t("job.units")}
          value={rules.units}
          options={[
            { value: "metric", label: t("job.metres") },
            { value: "imperial", label: t("job.feet") },
          ]}
          onChange={(units) => onChange({ units })}
        />
      </Rule>
      {fraction("marginFraction", t("job.wireMargin"))}
      {fraction("fuseLoadFraction", t("job.fuseLoadedTo"))}
      <Rule meaning={meant.sizing}>
        <ChoiceField
          label={t("job.wireSizedFor")}
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
            label={key === "dropLimitOther" ? t("job.dropOtherLamps") : t("job.dropRegulatedLed")}
            unit="%"
            scale={asPercent}
            optional
            placeholder={t("job.byTheSchool")}
            value={rules[key]}
            messages={errors[key]}
            onChange={(value) => onChange({ [key]: value ?? null })}
          />
        </Rule>
      ))}
      {(["dropCopper", "dropCopperHeavy"] as const).map((key) => (
        <Rule key={key} meaning={meant[key]}>
          <NumberField
            label={key === "dropCopper" ? t("job.copperForDrop") : t("job.theSameOver30A")}
            unit="mm²"
            value={rules[key]}
            messages={errors[key]}
            onChange={(value) => onChange({ [key]: value ?? Number.NaN })}
          />
        </Rule>
      ))}
      <Rule meaning={meant.joints}>
        <ChoiceField
          label={t("job.joints")}
          value={rules.joints}
          options={choices(jointWords)}
          onChange={(joints) => onChange({ joints })}
        />
      </Rule>
      <Rule meaning={meant.earths}>
        <ChoiceField
          label={t("job.earths")}
          value={rules.earths}
          options={choices(earthWords)}
          onChange={(earths) => onChange({ earths })}
        />
      </Rule>
      <Rule meaning={meant.isolation}>
        <ChoiceField
          label={t("job.isolation")}
          value={rules.isolation}
          options={choices(isolationWords)}
          onChange={(isolation) => onChange({ isolation })}
        />
      </Rule>
      <Rule meaning={meant.forwardTrigger}>
        <ChoiceField
          label={t("job.lightAhead")}
          value={rules.forwardTrigger}
          options={choices(forwardTriggerWords)}
          onChange={(forwardTrigger) => onChange({ forwardTrigger })}
        />
      </Rule>
      <Rule meaning={meant.leftOnHours}>
        <NumberField
          label={t("job.leftOnFor")}
          unit="h"
          value={rules.leftOnHours}
          messages={errors.leftOnHours}
          onChange={(value) => onChange({ leftOnHours: value ?? Number.NaN })}
        />
      </Rule>
      {fraction("slackFraction", t("job.slackAlongTheWay"))}
      {fraction("looksFraction", t("job.aLaneThatShowsCounts"))}
      <Rule meaning={meant.loopMetres}>
        <NumberField
          label={t("job.loopAtEachEnd")}
          scale={asLength(rules.units)}
          value={rules.loopMetres}
          messages={errors.loopMetres}
          onChange={(value) => onChange({ loopMetres: value ?? Number.NaN })}
        />
      </Rule>
      <Rule meaning={meant.mostGauges}>
        <NumberField
          label={t("job.wireSizesBought")}
          value={rules.mostGauges}
          messages={errors.mostGauges}
          placeholder={t("job.noLimit")}
          optional
          onChange={(value) => onChange({ mostGauges: value ?? null })}
        />
      </Rule>
      <Rule meaning={meant.currency}>
        <TextField
          label={t("job.currencySign")}
          value={rules.currency}
          messages={errors.currency}
          onChange={(currency) => onChange({ currency })}
        />
      </Rule>
      <fieldset className="grid grid-cols-2 gap-2 lg:col-span-2 lg:grid-cols-4">
        <legend className="mb-1 text-sm text-dust">{t("job.theColourOfALine")}</legend>
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
        <legend className="mb-1 text-sm text-dust">{t("job.howHotEachZoneIs")}</legend>
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
