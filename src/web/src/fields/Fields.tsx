import type { Holder } from "../api/client";
import { type FieldErrors, under, wrongIn } from "../api/problems";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { DayField } from "../ui/DayField";
import { Details } from "../ui/Details";
import { NumberField } from "../ui/NumberField";
import { TextField } from "../ui/TextField";
import { useUnits } from "../ui/units";
import { t } from "../words";
import { HoldsField } from "./HoldsField";
import { type Nested, RecordField, RecordsField } from "./RecordFields";
import { TextsField } from "./TextsField";
import type { Choice, Field, FieldTable } from "./table";

const none: Choice = { value: "", label: t("fields.notSpecified") };

/** What does not stand whole in half a row has one of its own. */
const longestInHalf = 12;
const wideKinds: readonly Field["as"][] = ["check", "some", "texts", "holds", "list", "record"];
const isWide = (field: Field) =>
  field.wide === true ||
  wideKinds.includes(field.as) ||
  (field.as === "choice" && (field.none || field.of.some(({ label }) => label.length > longestInHalf)));

/** Choices of fields that depend on the rig, by their names. */
export type Options = Readonly<Record<string, readonly Choice[]>>;

/** The fields of a table, for one record of the document. */
export function Fields<Entry extends object>({
  table,
  value,
  errors,
  options,
  onChange,
}: {
  table: FieldTable;
  value: Entry;
  errors: FieldErrors;
  options?: Options;
  onChange: (change: Partial<Entry>) => void;
}) {
  const values = value as Record<string, unknown>;
  return (
    <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">
      {Object.entries(table).map(([key, field]) => (
        <div key={key} className={isWide(field) ? "col-span-2" : ""} data-field={key}>
          <One
            name={key}
            field={field}
            value={values[key]}
            errors={errors}
            options={options}
            onChange={(next) => onChange({ [key]: next } as Partial<Entry>)}
          />
        </div>
      ))}
    </div>
  );
}

function One({
  name,
  field,
  value,
  errors,
  options,
  onChange,
}: {
  name: string;
  field: Field;
  value: unknown;
  /** Of the record that has it. */
  errors: FieldErrors;
  options: Options | undefined;
  onChange: (value: unknown) => void;
}) {
  const units = useUnits();
  const messages = errors[name];
  const nested: Nested = (table, of, said, change) => (
    <Fields table={table} value={of} errors={said} options={options} onChange={change} />
  );
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
    case "choice": {
      const of = options?.[name] ?? field.of;
      return (
        <ChoiceField
          label={field.label}
          value={String(value ?? (field.none ? "" : field.usual))}
          options={field.none ? [none, ...of] : of}
          messages={messages}
          onChange={(chosen) => onChange(chosen === "" ? null : field.numeric ? Number(chosen) : chosen)}
        />
      );
    }
    case "check":
      return (
        <CheckField
          label={field.label}
          checked={(value as boolean | undefined) ?? field.usual ?? false}
          onChange={onChange}
        />
      );
    case "maybe":
      return (
        <ChoiceField
          label={field.label}
          value={value === true ? "yes" : value === false ? "no" : ""}
          options={[
            none,
            { value: "yes", label: field.yes ?? t("fields.yes") },
            { value: "no", label: field.no ?? t("fields.no") },
          ]}
          messages={messages}
          onChange={(chosen) => onChange(chosen === "" ? null : chosen === "yes")}
        />
      );
    case "some": {
      const chosen = (value as readonly string[] | undefined) ?? [];
      return (
        <fieldset className="flex flex-wrap gap-x-4">
          <legend className="text-sm">{field.label}</legend>
          {field.of.map(({ value: one, label }) => (
            <CheckField
              key={one}
              label={label}
              checked={chosen.includes(one)}
              onChange={(on) => onChange(on ? [...chosen, one] : chosen.filter((other) => other !== one))}
            />
          ))}
        </fieldset>
      );
    }
    case "day":
      return (
        <DayField
          label={field.label}
          value={(value as string | undefined) ?? ""}
          messages={messages}
          onChange={onChange}
        />
      );
    case "texts":
      return (
        <TextsField
          label={field.label}
          another={field.another}
          texts={(value as readonly string[] | undefined) ?? []}
          messagesAt={(at) => errors[`${name}[${at}]`]}
          onChange={onChange}
        />
      );
    case "holds": {
      const holds = (value as readonly Holder[] | undefined) ?? [];
      return (
        <Details plain summary={`${field.label} (${holds.length})`} wrong={wrongIn(errors, name)}>
          <HoldsField name={name} holds={holds} errors={errors} onChange={onChange} />
        </Details>
      );
    }
    case "list":
      return (
        <RecordsField
          name={name}
          field={field}
          entries={(value as readonly object[] | undefined) ?? []}
          errors={errors}
          nested={nested}
          onChange={onChange}
        />
      );
    case "record":
      return (
        <RecordField
          field={field}
          entry={value as object | null | undefined}
          errors={under(errors, name)}
          nested={nested}
          onChange={onChange}
        />
      );
  }
}
