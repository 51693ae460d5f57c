import { Check } from "lucide-react";
import { memo } from "react";
import type { LightWanted, Wishes } from "../api/client";
import { ChoiceField } from "../ui/ChoiceField";
import { choices } from "../ui/words";
import { t } from "../words";
import { LightPicture } from "./LightPicture";
import { amountOf, amountWords, lightNames, withAmount, withWorked, workedWords } from "./lights";

const amounts = choices(amountWords);
const ways = [{ value: "" as const, label: t("wishes.workedHow.usual") }, ...choices(workedWords)];

/** One light that can be wanted: pressed it is, and then how much of it and how it is worked. */
export const LightTile = memo(function LightTile({
  light,
  wishes,
  standing = false,
  onChange,
}: {
  light: LightWanted;
  wishes: Wishes;
  /** Whether a line of the job answers it already. */
  standing?: boolean;
  onChange: (wishes: Wishes) => void;
}) {
  const amount = amountOf(wishes, light);
  const name = lightNames[light];
  const place = (wishes.lights ?? []).findIndex((one) => one.light === light);
  return (
    <div
      data-light={light}
      className={`grid content-start border bg-slab ${amount ? "border-2 border-lichen" : "border-edge"}`}
    >
      <button
        type="button"
        aria-pressed={amount !== undefined}
        className="relative grid min-h-11 w-full justify-items-center gap-1 px-1 py-1.5 font-medium hover:bg-lichen-shade"
        onClick={() => onChange(withAmount(wishes, light, amount ? undefined : "usual"))}
      >
        <LightPicture light={light} />
        <span>{name}</span>
        {place >= 0 && (
          <span className="absolute top-1 left-1.5 font-figure text-sm" aria-hidden>
            {place + 1}
          </span>
        )}
      </button>
      {standing && (
        <p className="flex items-center justify-center gap-1 pb-1 text-sm">
          <Check size={14} aria-hidden /> {t("wishes.hasALine")}
        </p>
      )}
      {amount && !standing && (
        <div className="grid gap-1 p-1.5 pt-0">
          <ChoiceField
            bare
            label={t("wishes.howMuch", { light: name })}
            value={amount}
            options={amounts}
            onChange={(next) => onChange(withAmount(wishes, light, next))}
          />
          {amount !== "later" && (
            <ChoiceField
              bare
              label={t("wishes.worked", { light: name })}
              value={wishes.lights?.find((one) => one.light === light)?.worked ?? ""}
              options={ways}
              onChange={(worked) => onChange(withWorked(wishes, light, worked || null))}
            />
          )}
        </div>
      )}
    </div>
  );
});
