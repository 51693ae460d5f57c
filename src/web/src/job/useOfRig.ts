import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import type { Rig } from "../api/client";
import { useAnswer } from "../ui/useAnswer";
import { useStable } from "../ui/useStable";
import { type AboutRig, askEarly, askedOf } from "./aboutRig";
import type { RigEditor } from "./rigEditor";

/**
 * What follows from the rig on screen. It is asked for as soon as an edit is made, before the page is drawn with it: the
 * server works it out meanwhile.
 */
export function useOfRig<Answer>(editor: RigEditor, rig: Rig, about: AboutRig<Answer>) {
  const queries = useQueryClient();
  const early = useStable((next: Rig) => askEarly(queries, about, next));
  useEffect(() => editor.onEdit(early), [editor, early]);
  return useAnswer<Answer>(...askedOf(about, rig), { early: true });
}
