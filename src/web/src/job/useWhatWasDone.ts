import { useState } from "react";
import type { Rig } from "../api/client";
import { useStable } from "../ui/useStable";
import type { EditorState } from "./editQueue";
import type { RigEditor } from "./rigEditor";

export type Done = { words: string; again: "Undo" | "Redo" };

/** Undo and redo, and what they or a removal did: told until the next edit, or until it is dismissed. */
export function useWhatWasDone(editor: RigEditor, { job, rig, save }: EditorState) {
  const [did, setDid] = useState<Done & { rig: Rig }>();
  const [dismissed, setDismissed] = useState<Rig>();
  const [openedAt] = useState(job.revision);

  const step = async (take: () => Promise<void>, words: string, again: Done["again"]) => {
    await take();
    const now = editor.snapshot();
    if (now.trouble === undefined) setDid({ rig: now.rig, words, again });
  };
  const undo = useStable(() => {
    const { undoWhat } = editor.snapshot().job;
    return step(() => editor.undo(), `Undone: ${undoWhat || "the last change"}.`, "Redo");
  });
  const redo = useStable(() => {
    const { redoWhat } = editor.snapshot().job;
    return step(() => editor.redo(), `Redone: ${redoWhat || "the change"}.`, "Undo");
  });

  const isRemoved = job.removes && job.revision !== openedAt && save.kind === "saved" && rig === job.rig;
  const removed: Done | undefined = isRemoved ? { words: `${job.undoWhat}.`, again: "Undo" } : undefined;
  const told = did?.rig === rig ? did : removed;
  return {
    undo,
    redo,
    told: dismissed === rig ? undefined : told,
    dismiss: () => setDismissed(rig),
  };
}
