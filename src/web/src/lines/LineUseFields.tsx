import type { Line, UnitSystem } from "../api/client";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { asLength } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { choices, useWords } from "../ui/words";
import { t } from "../words";

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
          label={t("lines.lightFor")}
          value={line.use ?? "unsaid"}
          options={choices(useWords)}
          onChange={(use) => onChange({ use })}
        />
      </div>
      <NumberField
        label={t("lines.behindTheFront")}
        scale={asLength(units)}
        value={line.metresFromFront ?? null}
        messages={messages}
        hint={t("lines.emptyNotSpecified")}
        optional
        onChange={(metres) => onChange({ metresFromFront: metres ?? null })}
      />
      {cautions.length > 0 && (
        <ul
          aria-label={t("lines.cautions")}
          className="col-span-2 grid gap-1 border-l-4 border-ochre pl-2 text-sm"
        >
          {cautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
      )}
      <div className="col-span-2">
        <TextField
          label={t("lines.note")}
          rows={2}
          value={line.note ?? ""}
          messages={noteMessages}
          onChange={(note) => onChange({ note })}
        />
      </div>
      <CheckField
        wide
        label={t("lines.onTheVehicleAlreadyIt")}
        checked={line.existing ?? false}
        onChange={(existing) => onChange({ existing })}
      />
    </div>
  );
}
