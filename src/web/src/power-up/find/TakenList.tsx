import type { Probing, TakenHere } from "../../api/client";
import { t } from "../../words";
import { TakeBack } from "../TakeBack";

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
            <TakeBack
              of={t("powerUp.takeBackOf", { words: one.words })}
              onBack={() => onBack(one.stand, one.probing)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
