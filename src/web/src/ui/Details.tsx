import { type ReactNode, useEffect, useState } from "react";

/** Opens by hand, and by itself where something in it is wrong; it never closes by itself. */
export function Details({
  summary,
  wrong = false,
  plain = false,
  children,
}: {
  summary: ReactNode;
  wrong?: boolean;
  /** Without a border of its own, inside one. */
  plain?: boolean;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(wrong);
  useEffect(() => {
    if (wrong) setOpen(true);
  }, [wrong]);
  return (
    <details
      className={plain ? "" : "border border-seam bg-slab"}
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className={`flex min-h-11 items-center ${plain ? "font-medium" : "px-3 font-semibold"}`}>
        {summary}
      </summary>
      <div className={plain ? "" : "p-3"}>{children}</div>
    </details>
  );
}
