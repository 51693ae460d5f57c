import { useCallback, useState } from "react";

/** The widths that such elements had last, px: most often the next one is as wide, and need not be drawn twice. */
const last = new Map<string, number>();

/** The width that an element has, px; until it is drawn that of the last one of its name, or 0. */
export function useWidth(name: string): [(element: HTMLElement | null) => (() => void) | undefined, number] {
  const [width, setWidth] = useState(() => last.get(name) ?? 0);
  const ref = useCallback(
    (element: HTMLElement | null) => {
      if (!element) return undefined;
      const observer = new ResizeObserver(([entry]) => {
        if (!entry) return;
        const now = Math.floor(entry.contentRect.width);
        last.set(name, now);
        setWidth(now);
      });
      observer.observe(element);
      return () => observer.disconnect();
    },
    [name],
  );
  return [ref, width];
}
