import type { Assessment, Check } from "../api/client";
import { Dialog } from "../ui/Dialog";
import { CheckList } from "./CheckList";
import { Supply } from "./Supply";

/** Every objection of the rig line by line, what hangs on no line alone, and what the states ask of the supply. */
export function Ledger({
  assessment,
  nameOf,
  open,
  onClose,
  onChoose,
  onCure,
}: {
  assessment: Assessment;
  nameOf: (line: string) => string;
  open: boolean;
  onClose: () => void;
  onChoose: (line: string) => void;
  onCure: (check: Check) => void;
}) {
  const objections = assessment.checks.filter((check) => check.verdict !== "holds");
  const holding = assessment.checks.filter((check) => check.verdict === "holds");
  const lines = assessment.lines
    .map((line) => ({ line, objections: line.checks.filter((check) => check.verdict !== "holds") }))
    .filter((entry) => entry.objections.length > 0);
  return (
    <Dialog open={open} onClose={onClose} title="Ledger of checks" wide>
      <div className="grid gap-5 xl:grid-cols-2">
        <div className="grid content-start gap-3">
          <h3 className="font-semibold">The whole rig</h3>
          {objections.length > 0 ? (
            <CheckList checks={objections} onCure={onCure} />
          ) : (
            <p className="text-dust">Nothing against it.</p>
          )}
          {lines.map(({ line, objections }) => (
            <div key={line.id}>
              <h3>
                <button
                  type="button"
                  className="min-h-11 font-semibold underline underline-offset-4"
                  onClick={() => onChoose(line.id)}
                >
                  {nameOf(line.id)}
                </button>
              </h3>
              <CheckList checks={objections} onCure={onCure} />
            </div>
          ))}
        </div>
        <div className="grid content-start gap-3">
          <h3 className="font-semibold">Supply</h3>
          <Supply supply={assessment.supply} />
          <h3 className="font-semibold">What holds for the whole rig</h3>
          <CheckList checks={holding} />
        </div>
      </div>
    </Dialog>
  );
}
