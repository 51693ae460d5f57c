import { Check, OctagonX, TriangleAlert } from "lucide-react";
import type { Tally, Verdict } from "../api/client";
import { verdicts, verdictWords } from "./words";

const marks = {
  stop: { Icon: OctagonX, look: "text-oxide" },
  watch: { Icon: TriangleAlert, look: "text-ochre" },
  holds: { Icon: Check, look: "text-moss" },
} as const;

/** Shape, word and colour together. */
export function VerdictMark({ verdict, word = true }: { verdict: Verdict; word?: boolean }) {
  const { Icon, look } = marks[verdict];
  return (
    <span className={`inline-flex items-center gap-1 font-semibold whitespace-nowrap ${look}`}>
      <Icon size={18} strokeWidth={2.5} aria-hidden />
      {word ? verdictWords[verdict] : <span className="sr-only">{verdictWords[verdict]}</span>}
    </span>
  );
}

export function TallyLine({ tally, ticket = false }: { tally: Tally; ticket?: boolean }) {
  return (
    <span className="inline-flex flex-wrap gap-x-3 text-sm">
      {verdicts.map((verdict) => {
        const { Icon, look } = marks[verdict];
        const quiet = tally[verdict] === 0;
        return (
          <span
            key={verdict}
            className={`inline-flex items-center gap-1 ${ticket ? "text-on-spruce" : quiet ? "text-dust" : look}`}
          >
            <Icon size={16} strokeWidth={2.5} aria-hidden />
            <span className="font-figure">{tally[verdict]}</span> {verdictWords[verdict]}
          </span>
        );
      })}
    </span>
  );
}
