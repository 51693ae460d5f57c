import { useState } from "react";
import type { Rig } from "../api/client";
import { useStable } from "../ui/useStable";
import { t } from "../words";
import type { EditorState } from "./editQueue";
import type { RigEditor } from "./rigEditor";

export type Done = { words: string; again: "undo" | "redo" };

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
    return step(
      () => editor.undo(),
      t("job.undone", { undoWhat: undoWhat || t("job.theLastChange") }),
      "redo",
    );
  });
  const redo = useStable(() => {
    const { redoWhat } = editor.snapshot().job;
    return step(() => editor.redo(), t("job.redone", { redoWhat: redoWhat || t("job.theChange") }), "undo");
  });

  const isRemoved = job.removes && job.revision !== openedAt && save.kind === "saved" && rig === job.rig;
  const removed: Done | undefined = isRemoved ? { words: `${job.undoWhat}.`, again: "undo" } : undefined;
  const told = did?.rig === rig ? did : removed;
  return {
    undo,
    redo,
    told: dismissed === rig ? undefined : told,
    dismiss: () => setDismissed(rig),
  };
}
