import { Plus, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import { type FieldErrors, under, wrongIn } from "../api/problems";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { t } from "../words";
import type { Field, FieldTable } from "./table";

type ListField = Extract<Field, { as: "list" }>;
type OneField = Extract<Field, { as: "record" }>;

/** Shows the fields of a record within another. */
export type Nested = (
  table: FieldTable,
  value: object,
  errors: FieldErrors,
  onChange: (change: object) => void,
) => ReactNode;

/** Records of one kind within another, folded away with their count. */
export function RecordsField({
  name,
  field,
  entries,
  errors,
  nested,
  onChange,
}: {
  name: string;
  field: ListField;
  entries: readonly object[];
  /** Of the record that has them. */
  errors: FieldErrors;
  nested: Nested;
  onChange: (entries: readonly object[]) => void;
}) {
  return (
    <Details plain summary={`${field.label} (${entries.length})`} wrong={wrongIn(errors, name)}>
      <div className="grid gap-2">
        {entries.length === 0 && <p className="text-dust">{field.empty}</p>}
        {entries.map((entry, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: such a record has no name but its place
          <div key={at} className="grid gap-2 border-l-2 border-seam pl-2" data-entry={at}>
            {nested(field.of, entry, under(errors, `${name}[${at}]`), (change) =>
              onChange(entries.map((other, i) => (i === at ? { ...other, ...change } : other))),
            )}
            <Button
              look="quiet"
              className="justify-self-start"
              aria-label={t("fields.removeEntry", { what: field.label.toLowerCase(), number: at + 1 })}
              onClick={() => onChange(entries.filter((_, i) => i !== at))}
            >
              <Trash2 size={16} aria-hidden /> {t("fields.remove")}
            </Button>
          </div>
        ))}
        <Button className="justify-self-start" onClick={() => onChange([...entries, field.blank])}>
          <Plus size={18} aria-hidden /> {field.another}
        </Button>
      </div>
    </Details>
  );
}

/** A record within another that is there or not. */
export function RecordField({
  field,
  entry,
  errors,
  nested,
  onChange,
}: {
  field: OneField;
  entry: object | null | undefined;
  errors: FieldErrors;
  nested: Nested;
  onChange: (entry: object | null) => void;
}) {
  const fields = (of: object) => nested(field.of, of, errors, (change) => onChange({ ...of, ...change }));
  if (!field.add)
    return (
      <fieldset>
        <legend className="text-sm font-medium">{field.label}</legend>
        {fields(entry ?? field.blank)}
      </fieldset>
    );
  return entry ? (
    <Details plain open summary={field.label} wrong={Object.keys(errors).length > 0}>
      <div className="grid gap-2">
        {fields(entry)}
        <Button look="quiet" className="justify-self-start" onClick={() => onChange(null)}>
          <Trash2 size={16} aria-hidden /> {field.remove}
        </Button>
      </div>
    </Details>
  ) : (
    <Button className="justify-self-start" onClick={() => onChange(field.blank)}>
      <Plus size={18} aria-hidden /> {field.add}
    </Button>
  );
}
