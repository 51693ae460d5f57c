import { useEffect } from "react";
import { t } from "../words";
import { stored } from "./stored";

export type Shortcut = {
  /** One letter or sign, or "Ctrl+K". */
  keys: string;
  does: string;
  run: () => void;
  /** Works while something is being typed, or a dialog is open, too. */
  always?: boolean;
};

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest("input, textarea, select, [role=dialog]") !== null;

/** Whether single keys work: who speaks to the page, or rests a hand on the keyboard, turns them off (WCAG 2.1.4). */
export const singleKeys = stored("burly-ridge-single-keys", ["on", "off"], "on");

export const withControl = t("frame.ctrl");

/** Keys that work wherever nothing is being typed; those with Ctrl beside the single ones. */
export function useShortcuts(shortcuts: readonly Shortcut[]) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.altKey) return;
      const control = event.ctrlKey || event.metaKey;
      const pressed = control
        ? `${withControl}${event.key.length === 1 ? event.key.toUpperCase() : event.key}`
        : event.key;
      const shortcut = shortcuts.find((candidate) => candidate.keys === pressed);
      if (!shortcut || (typing(event.target) && !shortcut.always)) return;
      if (!control && singleKeys.get() === "off") return;
      event.preventDefault();
      shortcut.run();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [shortcuts]);
}
