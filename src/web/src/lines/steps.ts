import type { Fuse, FuseWindow, LadderEntry } from "../api/client";

/** The next standard fuse in that direction, or undefined at the end of the table. */
export function fuseStep(window: FuseWindow, by: 1 | -1): Fuse | undefined {
  const mark = window.ratings[window.ratings.findIndex((candidate) => candidate.taken) + by];
  return mark && { ratingAmps: mark.ratingAmps, family: mark.family };
}

/** The next gauge in that direction, or undefined at the end of the ladder. */
export function gaugeStep(ladder: readonly LadderEntry[], by: 1 | -1): string | undefined {
  const at = ladder.findIndex((entry) => entry.taken);
  return at < 0 ? undefined : ladder[at + by]?.name;
}
