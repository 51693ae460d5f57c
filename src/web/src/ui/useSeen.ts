import { useCallback, useState } from "react";

/** Whether an element has come near the screen yet; what is far below need not be asked for. */
export function useSeen(): [(element: HTMLElement | null) => (() => void) | undefined, boolean] {
  const [seen, setSeen] = useState(false);
  const ref = useCallback((element: HTMLElement | null) => {
    if (!element) return undefined;
    const observer = new IntersectionObserver(
      ([entry]) => {
        if (!entry?.isIntersecting) return;
        setSeen(true);
        observer.disconnect();
      },
      { rootMargin: "200px" },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, seen];
}
