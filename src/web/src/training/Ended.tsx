import type { TrainingView } from "../api/client";
import { Button } from "../ui/Button";
import { t } from "../words";
import { Steps } from "./Steps";

/** What was wrong, and the best way to it from the start. */
export function Ended({ view, onAgain }: { view: TrainingView; onAgain: () => void }) {
  return (
    <>
      <p className="border-l-4 border-moss bg-slab p-2 font-semibold" role="status">
        {t("training.itWas", { answer: view.answer })}
      </p>
      <Button onClick={onAgain}>{t("training.again")}</Button>
      <h2 className="font-semibold">{t("training.bestWay", { minutes: view.bestMinutes.toFixed(2) })}</h2>
      <Steps steps={view.bestWay} name={t("training.bestWayName")} />
    </>
  );
}
