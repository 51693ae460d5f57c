import type { Line, UnitSystem } from "../api/client";
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
      <label className="col-span-2 inline-flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-spruce"
          checked={line.existing ?? false}
          onChange={(event) => onChange({ existing: event.target.checked })}
        />
        On the vehicle already: it counts, and is left as it is
      </label>
    </div>
  );
}
