import { t } from "../words";
/** The stages in the order of the work; the first is the one before the work, with 0 for its key. */
export const stages = [
  { key: "wishes", name: t("job.wishes") },
  { key: "walkaround", name: t("job.walkaround") },
  { key: "lines", name: t("job.lines") },
  { key: "panel", name: t("job.panel") },
  { key: "bench", name: t("job.bench") },
  { key: "run-sheet", name: t("job.runSheet") },
  { key: "power-up", name: t("job.powerUp") },
  { key: "beam", name: t("job.beam") },
  { key: "hand-over", name: t("job.handOver") },
] as const;

export type StageKey = (typeof stages)[number]["key"];
