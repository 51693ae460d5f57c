import { ChevronUp } from "lucide-react";
import type { Assessment, Check } from "../api/client";
import { TallyLine } from "../ui/VerdictMark";
import { CheckList } from "./CheckList";
import { Supply } from "./Supply";

/** At the foot: every objection of the rig, and what hangs on no line alone. */
export function Ledger({
  assessment,
  nameOf,
  open,
  onToggle,
  onChoose,
  onCure,
}: {
  assessment: Assessment;
  nameOf: (line: string) => string;
  open: boolean;
  onToggle: () => void;
  onChoose: (line: string) => void;
  onCure: (check: Check) => void;
}) {
  const objections = assessment.checks.filter((check) => check.verdict !== "holds");
  const holding = assessment.checks.filter((check) => check.verdict === "holds");
  const lines = assessment.lines
    .map((line) => ({ line, objections: line.checks.filter((check) => check.verdict !== "holds") }))
    .filter((entry) => entry.objections.length > 0);
  return (
    <section aria-label="Ledger of checks" className="sticky bottom-0 z-10 border-t border-edge bg-granite">
      <button
        type="button"
        aria-expanded={open}
        onClick={onToggle}
        className="flex min-h-11 w-full flex-wrap items-center gap-4 px-4 text-left font-semibold hover:bg-lichen-shade"
      >
        Ledger
        <TallyLine tally={assessment.tally} />
        <span className="text-sm font-normal text-dust">
          {objections.length > 0 ? `${objections.length} of the whole rig` : "nothing against the whole rig"}
        </span>
        <ChevronUp size={18} aria-hidden className={`ml-auto ${open ? "rotate-180" : ""}`} />
      </button>
      {open && (
        <div className="grid max-h-[60vh] gap-5 overflow-y-auto border-t border-seam p-4 xl:grid-cols-2">
          <div className="grid content-start gap-3">
            <h2 className="font-semibold">The whole rig</h2>
            {objections.length > 0 && <CheckList checks={objections} onCure={onCure} />}
            {lines.map(({ line, objections }) => (
              <div key={line.id}>
                <button
                  type="button"
                  className="min-h-11 font-semibold underline underline-offset-4"
                  onClick={() => onChoose(line.id)}
                >
                  {nameOf(line.id)}
                </button>
                <CheckList checks={objections} onCure={onCure} />
              </div>
            ))}
          </div>
          <div className="grid content-start gap-3">
            <h2 className="font-semibold">Supply</h2>
            <Supply supply={assessment.supply} />
            <h2 className="font-semibold">What holds for the whole rig</h2>
            <CheckList checks={holding} />
          </div>
        </div>
      )}
    </section>
  );
}
