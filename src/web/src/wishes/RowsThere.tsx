import { Plus, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import { Button } from "../ui/Button";
import { t } from "../words";

/** Things of one kind that are on the vehicle, one under the other. */
export function RowsThere<Row extends object>({
  title,
  another,
  rows,
  blank,
  onChange,
  children,
}: {
  title: string;
  another: string;
  rows: readonly Row[];
  blank: Row;
  onChange: (rows: Row[]) => void;
  /** The fields of one of them. */
  children: (row: Row, at: number, change: (part: Partial<Row>) => void) => ReactNode;
}) {
  return (
    <fieldset className="grid gap-2 border border-seam p-2">
      <legend className="px-1 font-semibold">
        {title} ({rows.length})
      </legend>
      {rows.map((row, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: such a row has no name but its place
        <div key={at} className="grid grid-cols-2 items-end gap-2 border-b border-seam pb-2">
          {children(row, at, (part) =>
            onChange(rows.map((other, i) => (i === at ? { ...other, ...part } : other))),
          )}
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
