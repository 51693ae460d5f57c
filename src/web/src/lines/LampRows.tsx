import { Plus, Trash2 } from "lucide-react";
import type { LampSet } from "../api/client";
import { type FieldErrors, under } from "../api/problems";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { NumberField } from "../ui/NumberField";
import { choices, kindWords } from "../ui/words";
import { t } from "../words";

type Rating = "watts" | "amps";

const ratingOf = (lamp: LampSet): Rating =>
  lamp.amps !== undefined && lamp.amps !== null ? "amps" : "watts";

/** The lamps of a line: how many, of which kind, rated in watts or amps at a voltage. */
export function LampRows({
  lamps,
  systemVolts,
  errors,
  onChange,
}: {
  lamps: readonly LampSet[];
  systemVolts: number;
  errors: FieldErrors;
  onChange: (lamps: LampSet[]) => void;
}) {
  const change = (index: number, next: LampSet) =>
    onChange(lamps.map((lamp, at) => (at === index ? next : lamp)));

  return (
    <fieldset className="grid gap-3">
      <legend className="mb-1 font-semibold">{t("lines.lamps")}</legend>
      {lamps.map((lamp, index) => {
        const rating = ratingOf(lamp);
        const said = under(errors, `lamps[${index}]`);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: an entry has no other name than its place
          <div key={index} className="grid grid-cols-6 gap-2 border-l-4 border-seam pl-3">
            <div className="col-span-2">
              <NumberField
                label={t("lines.howMany")}
                value={lamp.count}
                messages={said.count}
                onChange={(count) => change(index, { ...lamp, count: count ?? Number.NaN })}
              />
            </div>
            <div className="col-span-4">
              <ChoiceField
                label={t("lines.kind")}
                value={lamp.kind}
                options={choices(kindWords)}
                onChange={(kind) => change(index, { ...lamp, kind })}
              />
            </div>
            <div className="col-span-2">
              <NumberField
                label={t("lines.each")}
                value={lamp[rating]}
                messages={said[rating]}
                onChange={(value) => change(index, { ...lamp, [rating]: value ?? Number.NaN })}
              />
            </div>
            <div className="col-span-2">
              <ChoiceField
                label={t("lines.inMoreWords")}
                value={rating}
                options={[
                  { value: "watts", label: t("lines.watts") },
                  { value: "amps", label: t("lines.amps") },
                ]}
                onChange={(next) => {
                  const { watts, amps, ...rest } = lamp;
                  change(index, { ...rest, [next]: (rating === "watts" ? watts : amps) ?? Number.NaN });
                }}
              />
            </div>
            <div className="col-span-2">
              <NumberField
                label={t("lines.statedAt")}
                unit="V"
                optional
                value={lamp.atVolts}
                placeholder={String(systemVolts)}
                messages={said.atVolts}
                onChange={(atVolts) => change(index, { ...lamp, atVolts })}
              />
            </div>
            {lamps.length > 1 && (
              <Button
                look="quiet"
                className="col-span-6 justify-self-start"
                onClick={() => onChange(lamps.filter((_, at) => at !== index))}
              >
                <Trash2 size={16} aria-hidden /> {t("lines.takeTheseLampsOut")}
              </Button>
            )}
          </div>
        );
      })}
      <Button
        look="quiet"
        className="justify-self-start"
        onClick={() => onChange([...lamps, { kind: "regulatedLed", count: 1, watts: 20 }])}
      >
        <Plus size={16} aria-hidden /> {t("lines.otherLampsOnTheSame")}
      </Button>
    </fieldset>
  );
}
