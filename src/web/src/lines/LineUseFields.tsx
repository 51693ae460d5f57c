import type { Line, UnitSystem } from "../api/client";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { asLength } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { choices, useWords } from "../ui/words";

/** What the light is for, and where it sits along the vehicle. */
export function LineUseFields({
  line,
  units,
  messages,
  onChange,
}: {
  line: Line;
  units: UnitSystem;
  messages?: readonly string[];
  onChange: (change: Partial<Line>) => void;
}) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <ChoiceField
        label="Light for"
        value={line.use ?? "unsaid"}
        options={choices(useWords)}
        onChange={(use) => onChange({ use })}
      />
      <NumberField
        label="Behind the front"
        scale={asLength(units)}
        value={line.metresFromFront ?? null}
        messages={messages}
        hint="empty: not said"
        optional
        onChange={(metres) => onChange({ metresFromFront: metres ?? null })}
      />
      <CheckField
        wide
        label="On the vehicle already: it counts, and is left as it is"
        checked={line.existing ?? false}
        onChange={(existing) => onChange({ existing })}
      />
    </div>
  );
}
