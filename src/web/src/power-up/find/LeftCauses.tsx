import type { DiagnosisView } from "../../api/client";
import { Button } from "../../ui/Button";
import { percent } from "../../ui/figures/figures";
import { t } from "../../words";

/** What may be wrong, the likeliest first, with what to look at. */
export function LeftCauses({
  view,
  onFound,
  onLookedInto,
}: {
  view: DiagnosisView;
  onFound: (fault: string) => Promise<unknown>;
  onLookedInto: (faults: readonly string[]) => Promise<unknown>;
}) {
  const lookedInto = new Set(view.lookedInto.map(({ key }) => key));
  return (
    <div className="grid gap-1">
      <h3 className="text-sm font-semibold">
        {t("powerUp.causesLeftOf", { left: view.leftCount, out: view.ruledOut })}
      </h3>
      <ol className="grid gap-1">
        {view.left.map(({ key, keys, share, names, lookAt }, at) => (
          <li key={key} data-cause={key} className="grid gap-0.5 border-t border-seam py-1 text-sm">
            <div className="flex flex-wrap items-baseline justify-end gap-x-3">
              <span className="w-12 shrink-0 text-right font-figure">{percent(share)}</span>
              <span className="min-w-36 flex-1">
                {names.length > 0 ? names.join("; ") : t("powerUp.nothingWrong")}
              </span>
              <span className="flex shrink-0">
                {view.stage !== "twoFaults" && keys.some((one) => !lookedInto.has(one)) && (
                  <Button
                    look="quiet"
                    className="text-sm"
                    aria-label={t("powerUp.notItOf", { name: names[0] ?? "" })}
                    onClick={() => void onLookedInto(keys)}
                  >
                    {t("powerUp.notIt")}
                  </Button>
                )}
                <Button look="quiet" className="text-sm" onClick={() => void onFound(key)}>
                  {t("powerUp.thisWasIt")}
                </Button>
              </span>
            </div>
            {at === 0 && lookAt.length > 0 && (
              <ul className="list-disc pl-16 text-dust">
                {lookAt.map((look) => (
                  <li key={look}>{look}</li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ol>
    </div>
  );
}
