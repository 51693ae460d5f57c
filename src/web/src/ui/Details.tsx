import { ChevronRight } from "lucide-react";
import { type ReactNode, useEffect, useState } from "react";

/** Opens by hand, and by itself where something in it is wrong; it never closes by itself. */
export function Details({
  summary,
  wrong = false,
  plain = false,
  open: atFirst = false,
  children,
}: {
  summary: ReactNode;
  wrong?: boolean;
  /** Without a border of its own, inside one. */
  plain?: boolean;
  /** Whether it is open to begin with. */
  open?: boolean;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(wrong || atFirst);
  useEffect(() => {
    if (wrong) setOpen(true);
  }, [wrong]);
  return (
    <details
      className={`group ${plain ? "" : "border border-seam bg-slab"}`}
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className={`flex min-h-11 items-center ${plain ? "font-medium" : "px-3 font-semibold"}`}>
        <ChevronRight size={16} aria-hidden className="mr-1 shrink-0 group-open:rotate-90" />
        {summary}
      </summary>
      {open && <div className={plain ? "" : "p-3"}>{children}</div>}
    </details>
  );
}
