import { api, type Wishes } from "../api/client";
import type { FieldErrors } from "../api/problems";
import { CheckField } from "../ui/CheckField";
import { ChoiceField } from "../ui/ChoiceField";
import { Details } from "../ui/Details";
import { NumberField } from "../ui/NumberField";
import { useAnswer } from "../ui/useAnswer";
import { t } from "../words";
import { WeightFields } from "./WeightFields";

const asks = [
  ["nothingDrilled", t("wishes.nothingDrilled")],
  ["nothingCut", t("wishes.nothingCut")],
  ["backToStandard", t("wishes.backToStandard")],
  ["notSeenWhenOff", t("wishes.notSeenWhenOff")],
  ["factorySwitchesOnly", t("wishes.factorySwitchesOnly")],
] as const;

const toggled = (all: readonly string[] | undefined, one: string, on: boolean) =>
  on ? [...(all ?? []), one] : (all ?? []).filter((other) => other !== one);

/** What the customer asks beside the lights. */
export function AskFields({
  wishes,
  covers,
  lamps,
  errors,
  onChange,
}: {
  wishes: Wishes;
  /** What comes off somewhere on the body, by name. */
  covers: readonly string[];
  /** Lamps on the vehicle that could go somewhere else. */
  lamps: readonly { id: string; name: string }[];
  errors: FieldErrors;
  onChange: (wishes: Wishes) => void;
}) {
  const kits = useAnswer(["kits"], (signal) => api.GET("/api/catalogue/kits", { signal })).answer ?? [];
  return (
    <div className="grid content-start gap-2">
      <div className="grid">
        {asks.map(([field, label]) => (
          <CheckField
            key={field}
            label={label}
            checked={wishes[field] ?? false}
            onChange={(on) => onChange({ ...wishes, [field]: on })}
          />
        ))}
      </div>
      <NumberField
        label={t("wishes.budget")}
        value={wishes.budget}
        placeholder={t("wishes.noBudget")}
        optional
        messages={errors["wishes.budget"]}
        onChange={(budget) => onChange({ ...wishes, budget: budget ?? null })}
      />
      <ChoiceField
        label={t("wishes.kitAtHand")}
        value={wishes.kitAtHand ?? ""}
        options={[
          { value: "", label: t("wishes.noKit") },
          ...kits.map(({ kit }) => ({ value: kit.id, label: kit.name })),
        ]}
        onChange={(kitAtHand) => onChange({ ...wishes, kitAtHand: kitAtHand || null })}
      />
      <Details summary={t("wishes.coversStay", { count: wishes.coversStay?.length ?? 0 })}>
        {covers.length === 0 && <p className="text-dust">{t("wishes.noCovers")}</p>}
        <div className="grid">
          {covers.map((cover) => (
            <CheckField
              key={cover}
              label={cover}
              checked={wishes.coversStay?.includes(cover) ?? false}
              onChange={(on) => onChange({ ...wishes, coversStay: toggled(wishes.coversStay, cover, on) })}
            />
          ))}
        </div>
      </Details>
      {lamps.length > 0 && (
        <Details summary={t("wishes.mayMoveCount", { count: wishes.mayMove?.length ?? 0 })}>
          <div className="grid">
            {lamps.map(({ id, name }) => (
              <CheckField
                key={id}
                label={name}
                checked={wishes.mayMove?.includes(id) ?? false}
                onChange={(on) => onChange({ ...wishes, mayMove: toggled(wishes.mayMove, id, on) })}
              />
            ))}
          </div>
        </Details>
      )}
      <Details summary={t("wishes.weights")}>
        <WeightFields
          weights={wishes.weights ?? {}}
          onChange={(weights) => onChange({ ...wishes, weights })}
        />
      </Details>
    </div>
  );
}
