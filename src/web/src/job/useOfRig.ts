import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import type { Rig } from "../api/client";
import type { Answer as Asked } from "../api/problems";
import { question, useAnswer } from "../ui/useAnswer";
import { useStable } from "../ui/useStable";
import type { RigEditor } from "./rigEditor";
import { rigId } from "./rigId";

/**
 * What follows from the rig on screen. It is asked for as soon as an edit is made, before the page is drawn with it: the
 * server works it out meanwhile.
 */
export function useOfRig<Answer>(
  editor: RigEditor,
  rig: Rig,
  /** What is asked about the rig, as it is kept. */
  what: readonly unknown[],
  ask: (rig: Rig, signal: AbortSignal) => Promise<Asked<Answer>>,
  { enabled = true, keep = "" } = {},
) {
  const queries = useQueryClient();
  const of = (rig: Rig) => [[...what, rigId(rig)], (signal: AbortSignal) => ask(rig, signal)] as const;
  const askEarly = useStable((next: Rig) => {
    if (enabled) void queries.prefetchQuery(question(...of(next)));
  });
  useEffect(() => editor.onEdit(askEarly), [editor, askEarly]);
  return useAnswer<Answer>(...of(rig), { enabled, keep, early: true });
}
