import { api, type Rig, type Walk } from "../api/client";
import { rigId } from "../job/rigId";
import { useAnswer } from "../ui/useAnswer";

/** The vehicle as one walks round it. */
export const useWalk = (rig: Rig) =>
  useAnswer<Walk>(["walk", rigId(rig)], (signal) => api.POST("/api/preview/walk", { body: { rig }, signal }));
