import type { LinePlan, RouteAnswer, UnitSystem } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { ChoiceField } from "../ui/ChoiceField";
import { choices, triggerWords } from "../ui/words";
import { t } from "../words";
import { LaidLength } from "./LaidLength";
import { LampRows } from "./LampRows";
import { RouteFields } from "./RouteFields";
import { ZoneBoxes } from "./ZoneBoxes";

/** What the fitter knows about one line planned in short. */
export function LineForm({
  plan,
  way,
  routePage,
  systemVolts,
  units,
  errors,
  onChange,
}: {
  plan: LinePlan;
  /** How it lies, where it follows the lanes. */
  way?: RouteAnswer;
  routePage: string;
  systemVolts: number;
  units: UnitSystem;
  errors: FieldErrors;
  onChange: (change: Partial<LinePlan>) => void;
}) {
  return (
    <>
      <LampRows
        lamps={plan.lamps}
        systemVolts={systemVolts}
        errors={errors}
        onChange={(lamps) => onChange({ lamps })}
      />
      <RouteFields line={plan} units={units} errors={errors} onChange={onChange} />
      {plan.lay ? (
        <LaidLength plan={plan} way={way} page={routePage} units={units} onChange={onChange} />
      ) : (
        <ZoneBoxes zones={plan.zones} messages={errors.zones} onChange={(zones) => onChange({ zones })} />
      )}
      <ChoiceField
        label={t("lines.trigger")}
        value={plan.trigger}
        options={choices(triggerWords)}
        onChange={(trigger) => onChange({ trigger })}
      />
    </>
  );
}
