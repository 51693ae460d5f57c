import type { QueryClient } from "@tanstack/react-query";
import {
  api,
  type BenchAnswer,
  type CommissioningView,
  type Dashboard,
  type HandOverAnswer,
  type LineView,
  type PanelView,
  type Rig,
  type RigState,
  type SheetAnswer,
  type WalkaroundView,
} from "../api/client";
import type { Answer as Asked } from "../api/problems";
import { question } from "../ui/useAnswer";
import { rigId } from "./rigId";
import type { StageKey } from "./stages";

/** A question about a rig. */
export type AboutRig<Answer> = {
  /** What is asked, as the answer is kept. */
  what: readonly unknown[];
  ask: (rig: Rig, signal: AbortSignal) => Promise<Asked<Answer>>;
};

/** The vehicle as one walks round it. */
export const ofVehicle: AboutRig<WalkaroundView> = {
  what: ["walk"],
  ask: (rig, signal) => api.POST("/api/preview/walkaround", { body: { rig }, signal }),
};

/** The slots and what hangs on them. */
export const ofPanel: AboutRig<PanelView> = {
  what: ["panel"],
  ask: (rig, signal) => api.POST("/api/preview/panel", { body: { rig }, signal }),
};

/** What to buy, to cut and to build, and what of it the job's record says is here. */
export const ofBench = (job: string): AboutRig<BenchAnswer> => ({
  what: ["bench", job],
  ask: (rig, signal) => api.POST("/api/preview/bench", { body: { rig, job }, signal }),
});

/** The steps of the work, held against what the job's record says was done. */
export const ofRunSheet = (job: string): AboutRig<SheetAnswer> => ({
  what: ["runSheet", job],
  ask: (rig, signal) => api.POST("/api/preview/run-sheet", { body: { rig, job }, signal }),
});

/** What there is of the rig to work, to look at and to hold a probe to while it runs. */
export const ofDashboard: AboutRig<Dashboard> = {
  what: ["dashboard"],
  ask: (rig, signal) => api.POST("/api/preview/dashboard", { body: { rig }, signal }),
};

/** What is measured and tried on the vehicle, and how far that is. */
export const ofCommissioning = (job: string): AboutRig<CommissioningView> => ({
  what: ["commissioning", job],
  ask: (rig, signal) => api.POST("/api/preview/commissioning", { body: { rig, job }, signal }),
});

/** What keeps the vehicle from being handed over, held against what the job's record says. */
export const ofHandOver = (job: string): AboutRig<HandOverAnswer> => ({
  what: ["handOver", job],
  ask: (rig, signal) => api.POST("/api/preview/hand-over", { body: { rig, job }, signal }),
});

/** One line from source to earth in the state asked for, and in others to compare it with. */
export const ofLine = (lineId: string, state: RigState | undefined): AboutRig<LineView> => ({
  what: ["line", lineId, state],
  ask: (rig, signal) =>
    api.POST("/api/preview/line", { body: { rig, lineId, state: state ?? null }, signal }),
});

/** The question as it is asked of a rig, and kept. */
export const askedOf = <Answer>({ what, ask }: AboutRig<Answer>, rig: Rig) =>
  [[...what, rigId(rig)], (signal: AbortSignal) => ask(rig, signal)] as const;

/** Asks before what needs the answer is drawn; what is known of a rig stays so, and is not asked again. */
export const askEarly = (queries: QueryClient, about: AboutRig<unknown>, rig: Rig) =>
  void queries.prefetchQuery({
    ...question(...askedOf(about, rig)),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** What a stage asks first; undefined where there is nothing to ask about. */
const first: Record<StageKey, (rig: Rig, job: string) => AboutRig<unknown> | undefined> = {
  wishes: () => undefined,
  walkaround: (rig) => (rig.body ? ofVehicle : undefined),
  lines: ({ lines: [line] }) => line && ofLine(line.id, undefined),
  panel: () => ofPanel,
  bench: (_, job) => ofBench(job),
  "run-sheet": (_, job) => ofRunSheet(job),
  "power-up": () => ofDashboard,
  beam: (rig) => (rig.body ? ofVehicle : undefined),
  "hand-over": (_, job) => ofHandOver(job),
};

/** Asked as one goes to a stage, before it is drawn. */
export function askAhead(queries: QueryClient, stage: StageKey, rig: Rig, job: string) {
  const about = first[stage](rig, job);
  if (about) askEarly(queries, about, rig);
}
