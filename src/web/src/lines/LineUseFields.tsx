import type { Line, UnitSystem } from "../api/client";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { asLength } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { choices, useWords } from "../ui/words";

/** What the light is for, and where it sits along the vehicle. */
export function LineUseFields({
  line,
  units,
  messages,
  noteMessages,
  cautions,
  onChange,
}: {
  line: Line;
  units: UnitSystem;
  messages?: readonly string[];
  noteMessages?: readonly string[];
  /** What of the law is to be looked up before it is used. */
  cautions: readonly string[];
  onChange: (change: Partial<Line>) => void;
}) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <div className="col-span-2">
        <ChoiceField
          label="Light for"
          value={line.use ?? "unsaid"}
          options={choices(useWords)}
          onChange={(use) => onChange({ use })}
        />
      </div>
      <NumberField
        label="Behind the front"
        scale={asLength(units)}
        value={line.metresFromFront ?? null}
        messages={messages}
        hint="Empty: not specified."
        optional
        onChange={(metres) => onChange({ metresFromFront: metres ?? null })}
      />
      {cautions.length > 0 && (
        <ul aria-label="Cautions" className="col-span-2 grid gap-1 border-l-4 border-ochre pl-2 text-sm">
          {cautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
      )}
      <div className="col-span-2">
        <TextField
          label="Note"
          rows={2}
          value={line.note ?? ""}
          messages={noteMessages}
          onChange={(note) => onChange({ note })}
        />
      </div>
      <CheckField
        wide
        label="On the vehicle already: it counts, and is left as it is"
        checked={line.existing ?? false}
        onChange={(existing) => onChange({ existing })}
      />
    </div>
  );
}
