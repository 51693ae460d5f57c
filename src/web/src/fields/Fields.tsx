import type { FieldErrors } from "../api/problems";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { useUnits } from "../ui/units";
import type { Choice, Field, FieldTable } from "./table";

const none: Choice = { value: "", label: "Not specified" };

/** What does not stand whole in half a row has one of its own. */
const longestInHalf = 12;
const isWide = (field: Field) =>
  field.wide === true ||
  field.as === "check" ||
  (field.as === "choice" && (field.none || field.of.some(({ label }) => label.length > longestInHalf)));

/** The fields of a table, for one record of the document. */
export function Fields<Entry extends object>({
  table,
  value,
  errors,
  onChange,
}: {
  table: FieldTable;
  value: Entry;
  errors: FieldErrors;
  onChange: (change: Partial<Entry>) => void;
}) {
  const values = value as Record<string, unknown>;
  return (
    <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">
      {Object.entries(table).map(([key, field]) => (
        <div key={key} className={isWide(field) ? "col-span-2" : ""} data-field={key}>
          <One
            field={field}
            value={values[key]}
            messages={errors[key]}
            onChange={(next) => onChange({ [key]: next } as Partial<Entry>)}
          />
        </div>
      ))}
    </div>
  );
}

function One({
  field,
  value,
  messages,
  onChange,
}: {
  field: Field;
  value: unknown;
  messages: readonly string[] | undefined;
  onChange: (value: unknown) => void;
}) {
  const units = useUnits();
  switch (field.as) {
    case "text":
      return (
        <TextField
          label={field.label}
          value={(value as string | null | undefined) ?? ""}
          placeholder={field.empty}
          messages={messages}
          onChange={(text) => onChange(field.nullable && text === "" ? null : text)}
        />
      );
    case "number":
      return (
        <NumberField
          label={field.label}
          unit={field.unit}
          scale={field.scale?.(units)}
          hint={field.hint}
          optional={field.empty !== undefined}
          placeholder={field.empty}
          value={value as number | null | undefined}
          messages={messages}
          onChange={(number) => onChange(number ?? (field.empty === undefined ? Number.NaN : null))}
        />
      );
    case "choice":
      return (
        <ChoiceField
          label={field.label}
          value={String(value ?? (field.none ? "" : field.usual))}
          options={field.none ? [none, ...field.of] : field.of}
          messages={messages}
          onChange={(chosen) => onChange(chosen === "" ? null : field.numeric ? Number(chosen) : chosen)}
        />
      );
    case "check":
      return (
        <CheckField
          label={field.label}
          checked={(value as boolean | undefined) ?? field.usual ?? false}
          onChange={onChange}
        />
      );
  }
}
