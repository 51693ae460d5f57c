import { api, type LineView, type Rig, type RigState, type RunAssessment } from "../api/client";
import { rigId } from "../job/rigId";
import { useAnswer } from "../ui/useAnswer";

/** One line from source to earth in the state asked for, and in others to compare it with. */
export const useLine = (rig: Rig, lineId: string, state: RigState | undefined, ready = true) =>
  useAnswer<LineView>(
    ["line", rigId(rig), lineId, state],
    (signal) => api.POST("/api/preview/line", { body: { rig, lineId, state: state ?? null }, signal }),
    { enabled: lineId !== "" && ready, keep: lineId },
  );

/** One wire on the network: every gauge judged, the fuse between load and ampacity, the sheet of time and current. */
export const useRun = (rig: Rig, run: string, ready: boolean) =>
  useAnswer<RunAssessment>(
    ["run", rigId(rig), run],
    (signal) => api.POST("/api/preview/run", { body: { rig, run }, signal }),
    { enabled: run !== "" && ready, keep: run },
  );
