import { Plus, Trash2 } from "lucide-react";
import { type FieldErrors, under } from "../api/problems";
import { Fields, type Options } from "../fields/Fields";
import type { FieldTable } from "../fields/table";
import { Button } from "../ui/Button";
import { t } from "../words";

/** Things of one kind that are on the vehicle, one under the other. */
export function RowsThere<Row extends object>({
  title,
  another,
  rows,
  blank,
  table,
  options,
  errors,
  path,
  onChange,
}: {
  title: string;
  another: string;
  rows: readonly Row[];
  blank: Row;
  table: FieldTable;
  options?: Options;
  errors: FieldErrors;
  /** Where the list stands among what is asked. */
  path: string;
  onChange: (rows: Row[]) => void;
}) {
  return (
    <fieldset className="grid gap-2 border border-seam p-2">
      <legend className="px-1 font-semibold">
        {title} ({rows.length})
      </legend>
      {rows.map((row, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: such a row has no name but its place
        <div key={at} className="grid gap-2 border-b border-seam pb-2">
          <Fields
            table={table}
            value={row}
            options={options}
            errors={under(errors, `${path}[${at}]`)}
            onChange={(part) => onChange(rows.map((other, i) => (i === at ? { ...other, ...part } : other)))}
          />
          <Button
            look="quiet"
            className="justify-self-start"
            onClick={() => onChange(rows.filter((_, i) => i !== at))}
          >
            <Trash2 size={16} aria-hidden />{" "}
            {t("wishes.removeOne", { what: `${title.toLowerCase()} ${at + 1}` })}
          </Button>
        </div>
      ))}
      <Button className="justify-self-start" onClick={() => onChange([...rows, blank])}>
        <Plus size={18} aria-hidden /> {another}
      </Button>
    </fieldset>
  );
}
