import { useEffect, useRef } from "react";
import type { TrainingStep } from "../api/client";
import { t } from "../words";

/** What was done, what it showed, what it cost. */
export function Steps({
  steps,
  name,
  last = false,
}: {
  steps: readonly TrainingStep[];
  name: string;
  /** Whether the last one is kept in sight. */
  last?: boolean;
}) {
  const end = useRef<HTMLLIElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another step is another end
  useEffect(() => {
    if (last) end.current?.scrollIntoView({ block: "nearest" });
  }, [last, steps.length]);
  return (
    <section
      aria-label={name}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
      tabIndex={0}
      className="min-h-0 lg:overflow-y-auto"
    >
      {steps.length === 0 && <p className="text-sm text-dust">{t("training.nothingYet")}</p>}
      <ol className="grid gap-1">
        {steps.map(({ words, shows, minutes, covers }, at) => (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: the same may be done twice, and none moves
            key={at}
            ref={at === steps.length - 1 ? end : undefined}
            data-step={at}
            className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 border-t border-seam py-1 text-sm"
          >
            <span>{words}</span>
            <span className="font-figure text-dust">
              {t("training.minutes", { minutes: minutes.toFixed(2) })}
            </span>
            <span className="font-semibold">{shows}</span>
            {covers.length > 0 && (
              <span className="col-span-2 text-dust">
                {t("training.cameOff", { covers: covers.join(", ") })}
              </span>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
