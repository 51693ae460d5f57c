import { useEffect } from "react";

export type Shortcut = { keys: string; does: string; run: () => void };

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest("input, textarea, select, [role=dialog]") !== null;

/** Single keys that work wherever nothing is being typed. */
export function useShortcuts(shortcuts: readonly Shortcut[]) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
      const shortcut = shortcuts.find((candidate) => candidate.keys === event.key);
      if (!shortcut) return;
      event.preventDefault();
      shortcut.run();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [shortcuts]);
}
