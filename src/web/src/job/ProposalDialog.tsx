import { useEffect, useState } from "react";
import type { UnitSystem } from "../api/client";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { kilograms, length } from "../ui/figures/figures";
import { Refused } from "../ui/Refused";
import { TallyLine } from "../ui/VerdictMark";
import { t } from "../words";
import type { Proposal, ProposalAnswer, ProposalKind, RigEditor } from "./rigEditor";
import { rulesOf } from "./rigEdits";

const titles: Record<ProposalKind, string> = {
  "auto-size": t("job.resizeAllWiring"),
  "assign-slots": t("job.reassignOutputs"),
  reroute: t("job.reRouteAllWires"),
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
    <Dialog open onClose={onClose} title={lineId ? t("job.resizeThisLine") : titles[kind]}>
      {!proposal && (
        <div className="grid gap-3">
          <p role="status">{t("job.workingItOut")}</p>
          <progress className="w-full" aria-label={t("job.workingItOut2")} />
          <Button className="justify-self-end" onClick={onClose}>
            {t("job.stop")}
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
            <span>{t("job.today")}</span> <TallyLine tally={answer.before} />
          </p>
          <p className="mb-3 flex flex-wrap items-center gap-x-4">
            <span>{t("job.then")}</span> <TallyLine tally={answer.tally} />
          </p>
          {changes.length === 0 ? (
            <p>{t("job.nothingChangesItIsAs")}</p>
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
              {t("job.copperOfAllWires", {
                before: kilograms(answer.copperBeforeKilograms),
                after: kilograms(answer.copperAfterKilograms),
              })}
            </p>
          )}
          {"gauges" in answer && answer.gauges.length > 0 && (
            <p className="mt-2 text-sm text-dust">{t("job.wireToBuy", { list: answer.gauges.join(", ") })}</p>
          )}
          <p className="mt-2 text-sm text-dust">{t("job.adviceNotApprovalTheMaker")}</p>
          <Refused said={said} />
          <div className="mt-4 flex justify-end gap-3">
            <Button onClick={onClose}>{t("job.cancel")}</Button>
            <Button look="main" disabled={changes.length === 0 || applying} onClick={() => void apply()}>
              {applying ? t("job.applying") : t("job.apply")}
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
