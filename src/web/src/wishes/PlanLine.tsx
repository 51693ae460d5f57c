import { ChevronDown } from "lucide-react";
import { useState } from "react";
import type { ShownPlan } from "../api/client";
import { Button } from "../ui/Button";
import { t } from "../words";

/** One line of a plan: whether it is taken, what it is, and on demand why. */
export function PlanLine({
  line: { planned, name, lamp, bracket, at, feed, wire, why, notes },
  taken,
  onTaken,
}: {
  line: ShownPlan["lines"][number];
  taken: boolean;
  onTaken: (taken: boolean) => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <div data-planned={planned.light} className="border-b border-seam px-2">
      <div className="flex items-start">
        <label className="flex min-h-11 min-w-0 flex-1 items-start gap-2 py-1">
          <input
            type="checkbox"
            aria-label={t("wishes.takeLine", { line: name })}
            className="mt-0.5 size-5 shrink-0 accent-spruce"
            checked={taken}
            onChange={(event) => onTaken(event.target.checked)}
          />
          <span className="min-w-0 text-sm leading-tight">
            <strong>{name}</strong>
            <span className="block">{[lamp, bracket, at].filter(Boolean).join(", ")}</span>
            <span className="block text-dust">{`${feed}; ${wire}`}</span>
          </span>
        </label>
        <Button
          look="quiet"
          className="px-0 no-underline"
          aria-label={t("wishes.whyOf", { line: name })}
          title={t("wishes.why")}
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <ChevronDown size={18} aria-hidden className={open ? "rotate-180" : ""} />
        </Button>
      </div>
      {open && (
        <ul className="list-disc pb-2 pl-9 text-sm">
          {[why.lamp, why.mount, why.feed, ...notes].map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
