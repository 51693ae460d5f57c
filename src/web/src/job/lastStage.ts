import type { StageKey } from "./stages";

const keyOf = (jobId: string) => `burly-ridge-stage-${jobId}`;

/** The stage that a job was last looked at in; the lines where it never was. */
export const lastStage = (jobId: string): string => localStorage.getItem(keyOf(jobId)) ?? "lines";

export const rememberStage = (jobId: string, stage: StageKey) => localStorage.setItem(keyOf(jobId), stage);
