import { api, type LineView, type Rig, type RigState, type RunAssessment } from "../api/client";
import { askedOf, ofLine } from "../job/aboutRig";
import type { RigEditor } from "../job/rigEditor";
import { rigId } from "../job/rigId";
import { useAnswer } from "../ui/useAnswer";

/** One line from source to earth in the state asked for, and in others to compare it with: part of the preview of an edit, else asked for by itself. */
export const useLine = (
  editor: RigEditor,
  rig: Rig,
  lineId: string,
  state: RigState | undefined,
  ready = true,
) => {
  const [key, ask] = askedOf(ofLine(lineId, state), rig);
  return useAnswer<LineView>(
    key,
    async (signal) => (await editor.previewOf(rig)?.lineIn(lineId, state)) ?? ask(signal),
    { enabled: lineId !== "" && ready, keep: lineId, early: true },
  );
};

/** One wire on the network: every gauge judged, the fuse between load and ampacity, the sheet of time and current; the same way. */
export const useRun = (editor: RigEditor, rig: Rig, run: string) =>
  useAnswer<RunAssessment>(
    ["run", rigId(rig), run],
    async (signal) =>
      (await editor.previewOf(rig)?.runOf(run)) ??
      api.POST("/api/preview/run", { body: { rig, run }, signal }),
    { enabled: run !== "", keep: run },
  );
