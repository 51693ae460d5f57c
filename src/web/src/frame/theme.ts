import { useSyncExternalStore } from "react";

type Theme = "day" | "night";

const key = "burly-ridge-theme";
const listeners = new Set<() => void>();
let theme: Theme = localStorage.getItem(key) === "night" ? "night" : "day";
document.documentElement.dataset.theme = theme;

export function toggleTheme() {
  theme = theme === "day" ? "night" : "day";
  document.documentElement.dataset.theme = theme;
  localStorage.setItem(key, theme);
  for (const listener of listeners) listener();
}

export function useTheme(): Theme {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => theme,
  );
}
