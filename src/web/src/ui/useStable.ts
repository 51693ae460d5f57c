import { useCallback, useRef } from "react";

/** The same function for good, doing what the newest one does: what it is handed to need not be drawn anew for it. */
export function useStable<Args extends readonly unknown[], Result>(newest: (...args: Args) => Result) {
  const ref = useRef(newest);
  ref.current = newest;
  return useCallback((...args: Args) => ref.current(...args), []);
}
