import type { LinePlan, UnitSystem } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { ChoiceField } from "../ui/ChoiceField";
import { choices, triggerWords } from "../ui/words";
import { LampRows } from "./LampRows";
import { WayFields } from "./WayFields";
import { ZoneBoxes } from "./ZoneBoxes";

/** What the fitter knows about one line planned in short. */
export function LineForm({
  plan,
  systemVolts,
  units,
  errors,
  onChange,
}: {
  plan: LinePlan;
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
      <WayFields line={plan} units={units} errors={errors} onChange={onChange} />
      <ZoneBoxes zones={plan.zones} messages={errors.zones} onChange={(zones) => onChange({ zones })} />
      <ChoiceField
        label="Trigger"
        value={plan.trigger}
        options={choices(triggerWords)}
        onChange={(trigger) => onChange({ trigger })}
      />
    </>
  );
}
