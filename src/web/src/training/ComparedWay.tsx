import type { TrainingView } from "../api/client";
import { t } from "../words";

/** At the end: each step of the learner's way, what it ruled out, and what would have told more at that moment. */
export function ComparedWay({ view }: { view: TrainingView }) {
  return (
    <section
      aria-label={t("training.yourWay")}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
      tabIndex={0}
      className="min-h-0 lg:overflow-y-auto"
    >
      <table className="w-full text-sm">
        <caption className="text-left font-semibold">{t("training.yourWay")}</caption>
        <thead>
          <tr className="text-left">
            <th scope="col">{t("training.step")}</th>
            <th scope="col" className="pr-2 text-right">
              {t("training.cost")}
            </th>
            <th scope="col" className="pr-2 text-right whitespace-nowrap">
              {t("training.left")}
            </th>
            <th scope="col">{t("training.better")}</th>
          </tr>
        </thead>
        <tbody>
          {view.compared.map(
            ({ step, leftBefore, leftAfter, ruledOut, bits, best, bestBits, bestMinutes }, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the same may be done twice, and none moves
              <tr key={at} className="border-t border-seam align-top" data-compared={at}>
                <td className="py-1 pr-2">
                  {step.words}: <strong>{step.shows}</strong>
                  {ruledOut.length > 0 && (
                    <span className="block text-dust">
                      {t("training.ruledOut", { names: ruledOut.join("; ") })}
                    </span>
                  )}
                </td>
                <td className="py-1 pr-2 text-right font-figure whitespace-nowrap">
                  {t("training.minutes", { minutes: step.minutes.toFixed(2) })}
                </td>
                <td className="py-1 pr-2 text-right font-figure whitespace-nowrap">
                  {t("training.leftFromTo", { before: leftBefore, after: leftAfter })}
                </td>
                <td className="py-1">
                  {best
                    ? t("training.wouldTell", {
                        best,
                        bits: bestBits.toFixed(1),
                        minutes: bestMinutes.toFixed(2),
                        own: bits.toFixed(1),
                      })
                    : t("training.noneBetter")}
                </td>
              </tr>
            ),
          )}
        </tbody>
      </table>
    </section>
  );
}
