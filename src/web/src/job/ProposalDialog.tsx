import { useEffect, useState } from "react";
import type { UnitSystem } from "../api/client";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { kilograms, length } from "../ui/figures/figures";
import { Refused } from "../ui/Refused";
import { TallyLine } from "../ui/VerdictMark";
import type { Proposal, ProposalAnswer, ProposalKind, RigEditor } from "./rigEditor";
import { rulesOf } from "./rigEdits";

const titles: Record<ProposalKind, string> = {
  "auto-size": "Resize all wiring",
  "assign-slots": "Reassign outputs",
  reroute: "Re-route all wires",
};

/** What would change and why; nothing is stored until it is applied, and then as one step that can be undone. */
export function ProposalDialog({
  editor,
  kind,
  lineId,
  onClose,
}: {
  editor: RigEditor;
  kind: ProposalKind;
  lineId?: string;
  onClose: () => void;
}) {
  const [proposal, setProposal] = useState<Proposal>();
  const [said, setSaid] = useState<string>();
  const [applying, setApplying] = useState(false);
  const apply = async () => {
    setApplying(true);
    const why = await editor.apply(kind, lineId);
    setApplying(false);
    if (why === undefined) onClose();
    else setSaid(why);
  };
  useEffect(() => {
    const stop = new AbortController();
    void editor
      .propose(kind, lineId, stop.signal)
      .then((found) => !stop.signal.aborted && setProposal(found))
      .catch(() => {
        // Stopped: nothing is waited for.
      });
    return () => stop.abort();
  }, [editor, kind, lineId]);

  const answer = proposal?.kind === "answer" ? proposal.answer : undefined;
  const { units } = rulesOf(editor.snapshot().rig);
  const changes = answer ? changesOf(answer, units) : [];
  return (
    <Dialog open onClose={onClose} title={lineId ? "Resize this line" : titles[kind]}>
      {!proposal && (
        <div className="grid gap-3">
          <p role="status">Working it out…</p>
          <progress className="w-full" aria-label="Working it out" />
          <Button className="justify-self-end" onClick={onClose}>
            Stop
          </Button>
        </div>
      )}
      {proposal?.kind === "failed" && (
        <p role="alert" className="text-oxide">
          {proposal.why}
        </p>
      )}
      {answer && (
        <>
          <p className="flex flex-wrap items-center gap-x-4">
            <span>Today</span> <TallyLine tally={answer.before} />
          </p>
          <p className="mb-3 flex flex-wrap items-center gap-x-4">
            <span>Then</span> <TallyLine tally={answer.tally} />
          </p>
          {changes.length === 0 ? (
            <p>Nothing changes: it is as it would be proposed.</p>
          ) : (
            <ul className="grid gap-px border border-seam bg-seam">
              {changes.map((change) => (
                <li key={change.what} className="bg-slab px-3 py-1.5">
                  <span className="font-semibold">{change.what}</span>{" "}
                  <span className="font-figure">
                    {change.from} → {change.to}
                  </span>
                  {change.why && <span className="block text-sm text-dust">{change.why}</span>}
                </li>
              ))}
            </ul>
          )}
          {answer.left.map((sentence) => (
            <p key={sentence} className="mt-2 text-ochre">
              {sentence}
            </p>
          ))}
          {"copperAfterKilograms" in answer && (
            <p className="mt-2">
              Copper of all runs:{" "}
              <span className="font-figure">
                {kilograms(answer.copperBeforeKilograms)} → {kilograms(answer.copperAfterKilograms)}
              </span>
            </p>
          )}
          {"gauges" in answer && answer.gauges.length > 0 && (
            <p className="mt-2 text-sm text-dust">Wire to buy: {answer.gauges.join(", ")}.</p>
          )}
          <p className="mt-2 text-sm text-dust">
            Advice, not approval: the maker's instructions, local codes and a qualified person decide.
          </p>
          <Refused said={said} />
          <div className="mt-4 flex justify-end gap-3">
            <Button onClick={onClose}>Cancel</Button>
            <Button look="main" disabled={changes.length === 0 || applying} onClick={() => void apply()}>
              {applying ? "Applying…" : "Apply"}
            </Button>
          </div>
        </>
      )}
    </Dialog>
  );
}

function changesOf(answer: ProposalAnswer, units: UnitSystem) {
  if ("moves" in answer) return answer.moves.map((move) => ({ ...move, why: "" }));
  if ("copperAfterKilograms" in answer)
    return answer.changes.map((change) => ({
      what: change.name,
      from: length(change.beforeMetres, units),
      to: length(change.afterMetres, units),
      why: "",
    }));
  return answer.changes.map((change) => ({ ...change, what: change.name }));
}
