import { useSyncExternalStore } from "react";

/** A choice of this browser that every part of the page sees at once. */
export function stored<Value extends string>(key: string, values: readonly Value[], usual: Value) {
  const listeners = new Set<() => void>();
  const read = localStorage.getItem(key);
  let value = values.find((known) => known === read) ?? usual;
  return {
    get: () => value,
    set(next: Value) {
      value = next;
      localStorage.setItem(key, next);
      for (const listener of listeners) listener();
    },
    use: (): Value =>
      useSyncExternalStore(
        (listener) => {
          listeners.add(listener);
          return () => listeners.delete(listener);
        },
        () => value,
      ),
  };
}
