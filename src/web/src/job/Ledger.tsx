import type { Assessment } from "../api/client";
import { Dialog } from "../ui/Dialog";
import { CheckList } from "./CheckList";
import { objects } from "./cure";
import type { RigEditor } from "./rigEditor";
import { Supply } from "./Supply";

/** Every objection of the rig line by line, what hangs on no line alone, and what the states ask of the supply. */
export function Ledger({
  assessment,
  nameOf,
  open,
  onClose,
  onChoose,
  editor,
}: {
  assessment: Assessment;
  nameOf: (line: string) => string;
  open: boolean;
  onClose: () => void;
  onChoose: (line: string) => void;
  editor: RigEditor;
}) {
  const objections = assessment.checks.filter(objects);
  const holding = assessment.checks.filter((check) => check.verdict === "holds");
  const accepted = [...assessment.checks, ...assessment.lines.flatMap((line) => line.checks)].filter(
    (check) => check.accepted,
  );
  const lines = assessment.lines
    .map((line) => ({ line, objections: line.checks.filter(objects) }))
    .filter((entry) => entry.objections.length > 0);
  return (
    <Dialog open={open} onClose={onClose} title="Ledger of checks" wide>
      <div className="grid gap-5 xl:grid-cols-2">
        <div className="grid content-start gap-3">
          <h3 className="font-semibold">The whole rig</h3>
          {objections.length > 0 ? (
            <CheckList checks={objections} editor={editor} onLeave={onClose} />
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
              <CheckList checks={objections} editor={editor} onLeave={onClose} />
            </div>
          ))}
        </div>
        <div className="grid content-start gap-3">
          {accepted.length > 0 && (
            <section aria-label="Accepted">
              <h3 className="mb-1.5 font-semibold">Accepted</h3>
              <CheckList checks={accepted} editor={editor} onLeave={onClose} />
            </section>
          )}
          <h3 className="font-semibold">Supply</h3>
          <Supply supply={assessment.supply} />
          <h3 className="font-semibold">What holds for the whole rig</h3>
          <CheckList checks={holding} />
        </div>
      </div>
    </Dialog>
  );
}
