import type { WishWeights } from "../api/client";
import { ChoiceField } from "../ui/ChoiceField";
import { t } from "../words";

const weightWords = {
  light: t("wishes.weight.light"),
  price: t("wishes.weight.price"),
  parts: t("wishes.weight.parts"),
  watts: t("wishes.weight.watts"),
  holes: t("wishes.weight.holes"),
  covers: t("wishes.weight.covers"),
  freeOutputs: t("wishes.weight.freeOutputs"),
  standingOut: t("wishes.weight.standingOut"),
} satisfies Record<keyof WishWeights, string>;

const steps = [
  { value: 0, label: t("wishes.counts.none") },
  { value: 0.5, label: t("wishes.counts.less") },
  { value: 1, label: t("wishes.counts.usual") },
  { value: 2, label: t("wishes.counts.more") },
  { value: 3, label: t("wishes.counts.most") },
];

/** What plans are weighed by. */
export function WeightFields({
  weights,
  onChange,
}: {
  weights: WishWeights;
  onChange: (weights: WishWeights) => void;
}) {
  return (
    <div className="grid gap-2">
      {(Object.keys(weightWords) as (keyof WishWeights)[]).map((field) => {
        const value = weights[field] ?? 1;
        return (
          <ChoiceField
            key={field}
            label={weightWords[field]}
            value={value}
            options={
              steps.some((step) => step.value === value) ? steps : [...steps, { value, label: `${value}` }]
            }
            onChange={(weight) => onChange({ ...weights, [field]: weight })}
          />
        );
      })}
    </div>
  );
}
