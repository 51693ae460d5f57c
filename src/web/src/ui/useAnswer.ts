import { type QueryKey, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";

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
  const [last, setLast] = useState<{ keep: string; answer: Answer }>();
  useEffect(() => {
    if (asked.data !== undefined) setLast({ keep, answer: asked.data });
  }, [asked.data, keep]);
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    const timer = asked.isFetching ? setTimeout(() => setSlow(true), slowMilliseconds) : undefined;
    return () => {
      clearTimeout(timer);
      setSlow(false);
    };
  }, [asked.isFetching]);
  return {
    answer: asked.data ?? (last?.keep === keep ? last.answer : undefined),
    failed: asked.isError,
    slow,
  };
}
