import { type QueryKey, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { orRefused, whyOf } from "../api/asked";
import type { Answer as Asked } from "../api/problems";

const slowMilliseconds = 1000;

/** What the server says of what is on screen; the last answer stays while a newer one comes or cannot be had. */
export function useAnswer<Answer>(
  key: QueryKey,
  ask: (signal: AbortSignal) => Promise<Asked<Answer>>,
  {
    enabled = true,
    keep = "",
  }: { enabled?: boolean /** An answer is kept as long as this stays. */; keep?: string } = {},
): {
  answer: Answer | undefined;
  failed: boolean;
  /** What the server said, or that it does not answer; empty where nothing failed. */
  why: string;
  /** Longer than a second under way. */
  slow: boolean;
  /** Whether the answer is to what was asked last. */
  fresh: boolean;
} {
  const asked = useQuery({
    queryKey: key,
    queryFn: ({ signal }) => orRefused(() => ask(signal)),
    retry: false,
    enabled,
  });
  const last = useRef<{ keep: string; answer: Answer }>(undefined);
  if (asked.data !== undefined) last.current = { keep, answer: asked.data };
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    if (!asked.isFetching) {
      setSlow(false);
      return;
    }
    const timer = setTimeout(() => setSlow(true), slowMilliseconds);
    return () => clearTimeout(timer);
  }, [asked.isFetching]);
  return {
    answer: asked.data ?? (last.current?.keep === keep ? last.current.answer : undefined),
    failed: asked.isError,
    why: asked.isError ? whyOf(asked.error) : "",
    slow,
    fresh: asked.data !== undefined,
  };
}
