import { useEffect, useRef, useState } from "react";
import { whyOf } from "../api/asked";
import { api, type PlansAnswer, type PlansPart, type Rig } from "../api/client";
import { jsonLines } from "../api/jsonLines";
import { refusal, sentenceOf } from "../api/problems";
import { useStable } from "../ui/useStable";

export type Search =
  | { kind: "waiting" }
  | { kind: "searching"; progress: number; since: number }
  | { kind: "stopped" }
  | { kind: "failed"; why: string }
  | { kind: "found" };

/** So long after the last change plans are searched for. */
const settleMilliseconds = 500;

/** Plans for what a rig's wishes ask for, searched anew with each change of it. */
export function usePlans(rig: Rig, job: string, enabled: boolean) {
  const [search, setSearch] = useState<Search>({ kind: "waiting" });
  const [last, setLast] = useState<PlansAnswer>();
  const ending = useRef<AbortController>(undefined);
  const [again, setAgain] = useState(0);

  // biome-ignore lint/correctness/useExhaustiveDependencies: asking again is asking the same
  useEffect(() => {
    if (!enabled) {
      setSearch({ kind: "waiting" });
      return;
    }
    const controller = new AbortController();
    const read = async () => {
      setSearch({ kind: "searching", progress: 0, since: Date.now() });
      ending.current = controller;
      try {
        const answer = await api.POST("/api/preview/plans", {
          body: { rig, job },
          parseAs: "stream",
          signal: controller.signal,
        });
        if (!answer.data) {
          setSearch({ kind: "failed", why: sentenceOf(refusal(answer)) });
          return;
        }
        for await (const { progress, answer: found } of jsonLines<PlansPart>(answer.data)) {
          if (controller.signal.aborted) return;
          if (found) {
            setLast(found);
            setSearch({ kind: "found" });
          } else if (progress != null)
            setSearch((now) =>
              now.kind === "searching" ? { ...now, progress: Math.max(now.progress, progress) } : now,
            );
        }
      } catch (error) {
        if (!controller.signal.aborted) setSearch({ kind: "failed", why: whyOf(error) });
      }
    };
    const timer = setTimeout(() => void read(), settleMilliseconds);
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [rig, job, enabled, again]);

  const stop = useStable(() => {
    ending.current?.abort();
    setSearch({ kind: "stopped" });
  });
  return { search, last, stop, ask: useStable(() => setAgain(again + 1)) };
}
