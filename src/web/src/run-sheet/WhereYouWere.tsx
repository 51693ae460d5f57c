import type { SheetView } from "../api/client";
import { moment } from "../ui/figures/day";
import { t } from "../words";

const aDay = 24 * 3600 * 1000;

/** Whether the last entry is older than a night. */
export const longAgo = (last: string | null | undefined) =>
  last != null && Date.now() - new Date(last).getTime() > aDay / 2;

/** Why and when the work was left, and in which bags the fasteners are. */
export function WhereYouWere({ view }: { view: SheetView }) {
  const bags = [...new Set(view.fasteners.map(({ bag }) => bag).filter(Boolean))];
  return (
    <p className="text-sm" data-paused>
      <span className="font-semibold text-ochre">
        {view.paused ? t("runSheet.leftBecause", { why: view.paused }) : t("runSheet.youWereHere")}
      </span>{" "}
      {view.last &&
        t("runSheet.lastEntry", {
          when: moment(view.last),
        })}{" "}
      {bags.length > 0 && t("runSheet.bags", { list: bags.join(", ") })}
    </p>
  );
}
