import { useEffect, useRef, useState } from "react";
import { whyOf } from "../api/asked";
import { jsonLines } from "../api/jsonLines";
import { refusal, sentenceOf } from "../api/problems";
import { t } from "../words";
import { useStable } from "./useStable";

export type Search =
  | { kind: "waiting" }
  | { kind: "searching"; progress: number; since: number }
  | { kind: "stopped" }
  | { kind: "failed"; why: string }
  | { kind: "found" };

/** What the server answers line by line: how far it is, and last the answer. */
type Part<Answer> = { progress?: number | null; answer?: Answer | null };

type Streamed = { data?: ReadableStream<Uint8Array> | null; error?: unknown; response: Response };

/**
 * An answer that takes longer: asked for anew with each change of its key, with how far it is meanwhile. The last one stays
 * while a newer one comes.
 */
export function useProgress<Answer>(
  key: string,
  call: (signal: AbortSignal) => Promise<Streamed>,
  { enabled, settle }: { enabled: boolean; settle: number },
) {
  const [search, setSearch] = useState<Search>({ kind: "waiting" });
  const [last, setLast] = useState<Answer>();
  const ending = useRef<AbortController>(undefined);
  const [again, setAgain] = useState(0);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the key says what is asked; asking again is asking the same
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
        const answer = await call(controller.signal);
        if (!answer.data) {
          setSearch({ kind: "failed", why: sentenceOf(refusal(answer)) });
          return;
        }
        for await (const { progress, answer: found } of jsonLines<Part<Answer>>(answer.data)) {
          if (controller.signal.aborted) return;
          if (found) {
            setLast(found);
            setSearch({ kind: "found" });
          } else if (progress != null)
            setSearch((now) =>
              now.kind === "searching" ? { ...now, progress: Math.max(now.progress, progress) } : now,
            );
        }
        setSearch((now) =>
          now.kind === "searching" ? { kind: "failed", why: t("api.somethingWentWrongOnThis") } : now,
        );
      } catch (error) {
        if (!controller.signal.aborted) setSearch({ kind: "failed", why: whyOf(error) });
      }
    };
    const timer = setTimeout(() => void read(), settle);
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [key, enabled, again]);

  const stop = useStable(() => {
    ending.current?.abort();
    setSearch({ kind: "stopped" });
  });
  return { search, last, stop, ask: useStable(() => setAgain(again + 1)) };
}
