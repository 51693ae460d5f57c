import { Trash2 } from "lucide-react";
import type { Line, UnitSystem } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { TextField } from "../ui/TextField";
import { choices, triggerWords } from "../ui/words";
import { LampRows } from "./LampRows";
import { WayFields } from "./WayFields";
import { ZoneBoxes } from "./ZoneBoxes";

/** What the fitter knows about one line. */
export function LineForm({
  line,
  systemVolts,
  units,
  errors,
  onChange,
  onRemove,
}: {
  line: Line;
  systemVolts: number;
  units: UnitSystem;
  errors: FieldErrors;
  onChange: (change: Partial<Line>) => void;
  onRemove: () => void;
}) {
  return (
    <section aria-label="The line" className="grid content-start gap-4">
      <TextField
        label="Name"
        value={line.name}
        messages={errors.name}
        onChange={(name) => onChange({ name })}
      />
      <LampRows
        lamps={line.lamps}
        systemVolts={systemVolts}
        errors={errors}
        onChange={(lamps) => onChange({ lamps })}
      />
      <WayFields line={line} units={units} errors={errors} onChange={onChange} />
      <ZoneBoxes zones={line.zones} messages={errors.zones} onChange={(zones) => onChange({ zones })} />
      <ChoiceField
        label="Trigger"
        value={line.trigger}
        options={choices(triggerWords)}
        onChange={(trigger) => onChange({ trigger })}
      />
      <Button look="quiet" className="justify-self-start" onClick={onRemove}>
        <Trash2 size={16} aria-hidden /> Remove this line
      </Button>
    </section>
  );
}
