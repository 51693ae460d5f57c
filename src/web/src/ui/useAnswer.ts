import { type QueryKey, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";

const slowMilliseconds = 1000;

/** What the server says of what is on screen; the last answer stays while a newer one comes or cannot be had. */
export function useAnswer<Answer>(
  key: QueryKey,
  ask: (signal: AbortSignal) => Promise<{ data?: Answer }>,
  {
    enabled = true,
    keep = "",
  }: { enabled?: boolean /** An answer is kept as long as this stays. */; keep?: string } = {},
): {
  answer: Answer | undefined;
  failed: boolean;
  /** Longer than a second under way. */
  slow: boolean;
  /** Whether the answer is to what was asked last. */
  fresh: boolean;
} {
  const asked = useQuery({
    queryKey: key,
    queryFn: async ({ signal }) => {
      const { data } = await ask(signal);
      if (data === undefined) throw new Error("The server refuses it as it stands.");
      return data;
    },
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
    slow,
    fresh: asked.data !== undefined,
  };
}
