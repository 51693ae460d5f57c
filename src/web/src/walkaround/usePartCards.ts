import { api, type PartCard, type Rig } from "../api/client";
import { rigId } from "../job/rigId";
import { useAnswer } from "../ui/useAnswer";

/** Every part with its terminals and the wires at them. */
export const usePartCards = (rig: Rig) =>
  useAnswer<PartCard[]>(["parts", rigId(rig)], (signal) =>
    api.POST("/api/preview/parts", { body: { rig }, signal }),
  );
