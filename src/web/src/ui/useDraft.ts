import { useCallback, useState } from "react";

/** What was typed into dialogs that were closed before it was sent, by dialog. */
const drafts = new Map<string, unknown>();

/**
 * What is typed into a dialog. Escape or a press beside the dialog keeps it for the next time it opens; sending it or
 * Cancel drops it.
 */
export function useDraft<Typed>(dialog: string, blank: Typed) {
  const [typed, setTyped] = useState(() => (drafts.has(dialog) ? (drafts.get(dialog) as Typed) : blank));
  const set = useCallback(
    (next: Typed) => {
      drafts.set(dialog, next);
      setTyped(next);
    },
    [dialog],
  );
  const drop = useCallback(() => {
    drafts.delete(dialog);
  }, [dialog]);
  return [typed, set, drop] as const;
}
