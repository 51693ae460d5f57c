import type { Zone } from "../api/client";
import { CheckField } from "../ui/CheckField";
import { choices, zoneWords } from "../ui/words";
import { t } from "../words";

/** The zones that a line runs through. */
export function ZoneBoxes({
  zones,
  messages,
  onChange,
}: {
  zones: readonly Zone[];
  messages?: readonly string[];
  onChange: (zones: Zone[]) => void;
}) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-dust">{t("lines.runsThroughTheHottestGoverns")}</legend>
      <div className="grid grid-cols-2 gap-x-3">
        {choices(zoneWords).map(({ value, label }) => (
          <CheckField
            key={value}
            label={label}
            checked={zones.includes(value)}
            onChange={(taken) => onChange(taken ? [...zones, value] : zones.filter((zone) => zone !== value))}
          />
        ))}
      </div>
      {messages && (
        <p role="alert" className="text-sm font-semibold text-oxide">
          {messages.join(" ")}
        </p>
      )}
    </fieldset>
  );
}
