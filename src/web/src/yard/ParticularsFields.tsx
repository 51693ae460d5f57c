import type { JobParticulars } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { DayField } from "../ui/DayField";
import { TextField } from "../ui/TextField";
import { t } from "../words";

/** Whose vehicle it is, and by when it is wanted. */
export function ParticularsFields({
  value,
  errors,
  onChange,
}: {
  value: JobParticulars;
  errors: FieldErrors;
  onChange: (value: JobParticulars) => void;
}) {
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-[2fr_1fr_1fr]">
      <TextField
        label={t("yard.customer")}
        value={value.customer ?? ""}
        messages={errors["particulars.customer"]}
        onChange={(customer) => onChange({ ...value, customer })}
      />
      <TextField
        label={t("yard.numberPlate")}
        value={value.plate ?? ""}
        messages={errors["particulars.plate"]}
        onChange={(plate) => onChange({ ...value, plate })}
      />
      <DayField
        label={t("yard.due2")}
        value={value.due ?? ""}
        messages={errors["particulars.due"]}
        onChange={(due) => onChange({ ...value, due: due || null })}
      />
    </div>
  );
}
