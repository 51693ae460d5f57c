import { useState } from "react";
import { useLocation } from "react-router";
import { asBody } from "../api/asBody";
import { asked } from "../api/asked";
import { api, type Exercise, type RigState, type TrainingAct, type TrainingView } from "../api/client";
import { withPaths } from "../api/problems";
import { useAnswer } from "../ui/useAnswer";

/** The exercises that come with it, one of them under way, and what the learner did. */
export function useTraining() {
  // One that was just made in a job is begun at once.
  const { state } = useLocation() as { state: { exercise?: Exercise } | null };
  const [exercise, setExercise] = useState<Exercise | undefined>(state?.exercise);
  const [acts, setActs] = useState<readonly TrainingAct[]>([]);
  const [said, setSaid] = useState<string>();
  const shipped = useAnswer<Exercise[]>(["exercises"], (signal) => api.GET("/api/exercises", { signal }));
  const { answer, why, slow } = useAnswer<TrainingView>(
    ["training", exercise?.title, exercise?.hidden, acts],
    (signal) =>
      api.POST("/api/training", { body: { exercise: exercise as Exercise, acts: [...acts] }, signal }),
    { enabled: exercise !== undefined, keep: exercise?.hidden ?? "" },
  );
  const begin = (next: Exercise | undefined) => {
    setActs([]);
    setSaid(undefined);
    setExercise(next);
  };
  return {
    shipped,
    exercise,
    view: exercise ? answer : undefined,
    why,
    /** An act is worked out for longer than a second: the last one, against the best way. */
    slow,
    said,
    begin,
    /** As it was turned last, though the server has not answered yet: the next turn goes on from there. */
    dash: (acts.findLast((act) => act.kind === "turns") as { dash: RigState } | undefined)?.dash ?? {},
    act: (what: TrainingAct) => setActs((all) => [...all, what]),
    open: async (file: File) => {
      const came = await asked(() => api.POST("/api/exercises/file", asBody(file, "application/json")));
      if (came.ok) begin(came.data);
      else setSaid(withPaths(came.refusal));
    },
  };
}
