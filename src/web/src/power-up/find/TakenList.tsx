import { RotateCcw } from "lucide-react";
import type { Probing, TakenHere } from "../../api/client";
import { Button } from "../../ui/Button";
import { t } from "../../words";

/** Readings that were taken, each of which can be taken back. */
export function TakenList({
  taken,
  onBack,
}: {
  taken: readonly TakenHere[];
  onBack: (stand: string, probing: Probing) => Promise<unknown>;
}) {
  return (
    <section aria-label={t("powerUp.readingsTaken")} className="grid gap-1">
      <h3 className="text-sm font-semibold">{t("powerUp.readingsTaken")}</h3>
      <ul className="grid gap-0.5">
        {taken.map((one) => (
          <li
            key={`${one.stand} ${one.words}`}
            data-taken={one.words}
            className={`flex items-center gap-2 border-l-4 bg-slab pl-2 text-sm ${one.fits ? "border-moss" : "border-ochre"}`}
          >
            <span className="min-w-0 flex-1">
              {one.stands}: {one.words}
              {!one.fits && ` ${t("powerUp.doesNotFit")}`}
            </span>
            <span className="shrink-0 font-figure">{one.reads}</span>
            <Button
              look="quiet"
              className="shrink-0 px-0"
              aria-label={t("powerUp.takeBackOf", { words: one.words })}
              title={t("powerUp.takeBack")}
              onClick={() => void onBack(one.stand, one.probing)}
            >
              <RotateCcw size={18} aria-hidden />
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
