import { type QueryKey, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { orRefused, Refused, whyOf } from "../api/asked";
import { type Answer as Asked, type FieldErrors, noErrors } from "../api/problems";

const slowMilliseconds = 1000;
const retryMilliseconds = 2000;

/**
 * What the server says of what is on screen: the one way to ask for it. The last answer stays while a newer one comes or
 * cannot be had; what is asked no more is given up.
 */
export function useAnswer<Answer>(
  key: QueryKey,
  ask: (signal: AbortSignal) => Promise<Asked<Answer>>,
  {
    enabled = true,
    keep = "",
    settle = 0,
    early = false,
  }: {
    enabled?: boolean;
    /** An answer is kept as long as this stays. */
    keep?: string;
    /** What is typed into is asked about only after it has stood for so many milliseconds. */
    settle?: number;
    /** Whether it may have been asked already, before this was drawn: it is not asked twice. */
    early?: boolean;
  } = {},
): {
  answer: Answer | undefined;
  failed: boolean;
  /** What the server said, or that it does not answer; empty where nothing failed. */
  why: string;
  /** What is wrong with fields of what was asked, by their paths. */
  errors: FieldErrors;
  /** Longer than a second under way. */
  slow: boolean;
  /** Whether the answer is to what was asked last. */
  fresh: boolean;
  /** Asks once more. */
  again: () => void;
} {
  const name = JSON.stringify(key);
  const settled = useSettled(name, settle);
  const asked = useQuery({
    ...question(key, ask),
    enabled: enabled && settled === name,
    ...(early && { staleTime: Number.POSITIVE_INFINITY }),
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
  const error = asked.error ?? asked.failureReason;
  const refusal = error instanceof Refused ? error.refusal : undefined;
  return {
    answer: asked.data ?? (last.current?.keep === keep ? last.current.answer : undefined),
    failed: error != null,
    why: error != null ? whyOf(error) : "",
    errors: refusal?.kind === "fields" ? refusal.errors : noErrors,
    slow,
    fresh: asked.data !== undefined,
    again: () => void asked.refetch(),
  };
}

/** A question as it is kept under its key. */
export const question = <Answer>(key: QueryKey, ask: (signal: AbortSignal) => Promise<Asked<Answer>>) => ({
  queryKey: key,
  queryFn: ({ signal }: { signal: AbortSignal }) => orRefused(() => ask(signal)),
  // A server that is away is asked until it is back; what it refused it would refuse again.
  retry: (_: number, error: Error) => error instanceof Refused && error.refusal.kind === "unreachable",
  retryDelay: retryMilliseconds,
});

/** A text once it has stood for a while. */
function useSettled(text: string, milliseconds: number): string {
  const [settled, setSettled] = useState(text);
  useEffect(() => {
    if (milliseconds === 0) return;
    const timer = setTimeout(() => setSettled(text), milliseconds);
    return () => clearTimeout(timer);
  }, [text, milliseconds]);
  return milliseconds === 0 ? text : settled;
}
