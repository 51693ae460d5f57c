import type { JobSummary, WorkState } from "../api/client";
import { t } from "../words";

export const jobOrders = {
  changed: t("yard.lastChangedFirst"),
  due: t("yard.dueFirst"),
  name: t("yard.byName"),
  objections: t("yard.mostSeriousFirst"),
} as const;

export type JobOrder = keyof typeof jobOrders;

const count = ({ tally }: JobSummary, verdict: "stop" | "watch") => tally?.[verdict] ?? 0;
/** After every day there is. */
const never = "9999-12-31";

const orders: Record<JobOrder, (one: JobSummary, other: JobSummary) => number> = {
  changed: () => 0,
  due: (one, other) => (one.particulars.due ?? never).localeCompare(other.particulars.due ?? never),
  name: (one, other) => one.name.localeCompare(other.name),
  objections: (one, other) =>
    count(other, "stop") - count(one, "stop") || count(other, "watch") - count(one, "watch"),
};

/** The jobs whose name, note, customer or plate has every word of the text, in the order asked for; as they came, last changed first. */
export function sorted(
  jobs: readonly JobSummary[],
  text: string,
  order: JobOrder,
  work: WorkState | "" = "",
): readonly JobSummary[] {
  const words = text.toLocaleLowerCase().split(/\s+/).filter(Boolean);
  return jobs
    .filter(({ name, note, particulars }) => {
      if (work && particulars.work !== work) return false;
      const said = `${name} ${note} ${particulars.customer} ${particulars.plate}`.toLocaleLowerCase();
      return words.every((word) => said.includes(word));
    })
    .toSorted(orders[order]);
}
