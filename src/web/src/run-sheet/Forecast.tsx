import type { SheetView } from "../api/client";
import { t } from "../words";

const minutesPerHour = 60;
const hours = (minutes: number) => (minutes / minutesPerHour).toFixed(minutes < 10 * minutesPerHour ? 1 : 0);

/** How long what is left takes, as a range, and from what that is known. */
export function Forecast({ view }: { view: SheetView }) {
  const { from, to, likely, fromSteps } = view.forecast;
  if (likely <= 0) return <p className="font-semibold">{t("runSheet.allDone")}</p>;
  return (
    <p className="text-sm" data-figure="forecast">
      {t("runSheet.takes", { from: hours(from), to: hours(to) })}{" "}
      <span className="text-dust">
        {fromSteps > 0 ? t("runSheet.fromSteps", { count: fromSteps }) : t("runSheet.fromTable")}{" "}
        {t("runSheet.byTwo", { hours: hours(likely * view.byTwo) })}
      </span>
    </p>
  );
}
