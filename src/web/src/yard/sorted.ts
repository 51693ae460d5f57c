import type { JobSummary } from "../api/client";

export const jobOrders = {
  changed: "Last changed first",
  name: "By name",
  objections: "Most serious first",
} as const;

export type JobOrder = keyof typeof jobOrders;

const count = ({ tally }: JobSummary, verdict: "stop" | "watch") => tally?.[verdict] ?? 0;

/** The jobs whose name or note has every word of the text, in the order asked for; as they came, last changed first. */
export function sorted(jobs: readonly JobSummary[], text: string, order: JobOrder): readonly JobSummary[] {
  const words = text.toLocaleLowerCase().split(/\s+/).filter(Boolean);
  const found = jobs.filter(({ name, note }) => {
    const said = `${name} ${note}`.toLocaleLowerCase();
    return words.every((word) => said.includes(word));
  });
  if (order === "name") return found.toSorted((one, other) => one.name.localeCompare(other.name));
  if (order === "objections")
    return found.toSorted(
      (one, other) =>
        count(other, "stop") - count(one, "stop") || count(other, "watch") - count(one, "watch"),
    );
  return found;
}
