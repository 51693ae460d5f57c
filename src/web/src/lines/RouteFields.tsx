import type { LinePlan, UnitSystem } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { ChoiceField } from "../ui/ChoiceField";
import { asLength } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { choices, returnWords } from "../ui/words";
import { t } from "../words";

/** Length, return, loom and insulation of a line. */
export function RouteFields({
  line,
  units,
  errors,
  onChange,
}: {
  line: Pick<LinePlan, "oneWayMetres" | "return" | "bundled" | "insulationCelsius" | "lay">;
  units: UnitSystem;
  errors: FieldErrors;
  onChange: (change: Partial<LinePlan>) => void;
}) {
  return (
    <div className="grid grid-cols-2 gap-3">
      {!line.lay && (
        <NumberField
          label={t("lines.oneWayLength")}
          scale={asLength(units)}
          value={line.oneWayMetres}
          messages={errors.oneWayMetres}
          onChange={(metres) => onChange({ oneWayMetres: metres ?? Number.NaN })}
        />
      )}
      <ChoiceField
        label={t("lines.return")}
        value={line.return}
        options={choices(returnWords)}
        onChange={(path) => onChange({ return: path })}
      />
      {!line.lay && (
        <NumberField
          label={t("lines.wiresInTheHarness")}
          optional
          value={line.bundled}
          placeholder={line.return === "wire" ? t("lines.of2ItsOwn") : t("lines.of1ItsOwn")}
          messages={errors.bundled}
          onChange={(bundled) => onChange({ bundled })}
        />
      )}
      <ChoiceField
        label={t("lines.insulation")}
        value={line.insulationCelsius}
        messages={errors.insulationCelsius}
        options={[
          { value: 105, label: "105 °C" },
          { value: 75, label: "75 °C" },
        ]}
        onChange={(insulationCelsius) => onChange({ insulationCelsius })}
      />
    </div>
  );
}
