import { useEffect, useState } from "react";
import type { Refusal } from "../api/problems";

const settleMilliseconds = 150;

/** Asks the server about something that is being edited; a refusal comes back with its fields. */
export function useAsked<Answer extends object>(
  about: unknown,
  ask: (about: never, signal: AbortSignal) => Promise<Answer | Refusal>,
): { answer?: Answer; refused?: Refusal } {
  const [came, setCame] = useState<{ about: unknown; answer?: Answer; refused?: Refusal }>({
    about: undefined,
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked anew when what it is about changes, not the asking itself
  useEffect(() => {
    if (about === undefined) return;
    const asking = new AbortController();
    const timer = setTimeout(async () => {
      try {
        const said = await ask(about as never, asking.signal);
        if (asking.signal.aborted) return;
        setCame(
          "kind" in said && isRefusal(said) ? { about, refused: said } : { about, answer: said as Answer },
        );
      } catch {
        if (!asking.signal.aborted) setCame({ about, refused: { kind: "unreachable" } });
      }
    }, settleMilliseconds);
    return () => {
      clearTimeout(timer);
      asking.abort();
    };
  }, [about]);
  return came.about === about && about !== undefined ? came : {};
}

const isRefusal = (said: object): said is Refusal =>
  "kind" in said && ["fields", "missing", "refused", "failed", "unreachable"].includes(said.kind as string);
