import type { TrainingView } from "../api/client";
import { CheckField } from "../ui/CheckField";
import { t } from "../words";

/** What can be taken out for a reading, and put back. */
export function TakeOutPane({ view, onTake }: { view: TrainingView; onTake: (out: string[]) => void }) {
  return (
    <div className="grid gap-1">
      <p className="text-sm text-dust">{t("training.whatTakingOutIs")}</p>
      {view.removable.map(({ key, name }) => (
        <CheckField
          key={key}
          label={name}
          checked={view.out.includes(key)}
          onChange={(on) => onTake(on ? [...view.out, key] : view.out.filter((other) => other !== key))}
        />
      ))}
    </div>
  );
}
