import { Plus, Trash2 } from "lucide-react";
import type { Holder } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { asTape } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { useUnits } from "../ui/units";
import { choices, holdWords } from "../ui/words";
import { t } from "../words";

/** The ways in which a mount holds a lamp, or a lamp can be held. */
export function HoldsField({
  name = "holds",
  holds,
  errors,
  onChange,
}: {
  /** Of the field in its record. */
  name?: string;
  holds: readonly Holder[];
  /** Of the record that has them. */
  errors: FieldErrors;
  onChange: (holds: Holder[]) => void;
}) {
  const scale = asTape(useUnits());
  const hold = (at: number, edit: Partial<Holder>) =>
    onChange(holds.map((other, i) => (i === at ? { ...other, ...edit } : other)));
  return (
    <div className="grid gap-2">
      {holds.map((holder, i) => {
        const said = under(errors, `${name}[${i}]`);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a way of holding has no name but its place
          <div key={i} className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
            <div className="col-span-2">
              <ChoiceField
                label={t("fields.by")}
                value={holder.kind}
                options={choices(holdWords)}
                onChange={(kind) => hold(i, { kind })}
              />
            </div>
            <Button
              look="quiet"
              aria-label={t("fields.removeHold", { what: holdWords[holder.kind].toLowerCase() })}
              onClick={() => onChange(holds.filter((_, at) => at !== i))}
            >
              <Trash2 size={16} aria-hidden /> {t("fields.remove")}
            </Button>
            <NumberField
              label={t("fields.from")}
              scale={scale}
              value={holder.fromMillimetres}
              messages={said.fromMillimetres}
              onChange={(from) => hold(i, { fromMillimetres: from ?? Number.NaN })}
            />
            <NumberField
              label={t("fields.to")}
              scale={scale}
              value={holder.toMillimetres}
              messages={said.toMillimetres}
              onChange={(to) => hold(i, { toMillimetres: to ?? Number.NaN })}
            />
          </div>
        );
      })}
      <Button onClick={() => onChange([...holds, { kind: "stud", fromMillimetres: 8, toMillimetres: 10 }])}>
        <Plus size={18} aria-hidden /> {t("fields.addAWayOfHolding")}
      </Button>
    </div>
  );
}
