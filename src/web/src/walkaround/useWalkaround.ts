import { api, type Rig, type WalkaroundView } from "../api/client";
import { rigId } from "../job/rigId";
import { useAnswer } from "../ui/useAnswer";

/** The vehicle as one walks round it. */
export const useWalkaround = (rig: Rig) =>
  useAnswer<WalkaroundView>(["walk", rigId(rig)], (signal) =>
    api.POST("/api/preview/walkaround", { body: { rig }, signal }),
  );
