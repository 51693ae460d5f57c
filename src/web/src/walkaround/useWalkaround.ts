import { api, type Rig, type WalkaroundView } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";

/** The vehicle as one walks round it. */
export const useWalkaround = (editor: RigEditor, rig: Rig) =>
  useOfRig<WalkaroundView>(editor, rig, ["walk"], (rig, signal) =>
    api.POST("/api/preview/walkaround", { body: { rig }, signal }),
  );
