import { memo, useState } from "react";
import { Link } from "react-router";
import type { Check } from "../api/client";
import { Button } from "../ui/Button";
import { ofUnit } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";
import { AcceptDialog } from "./AcceptDialog";
import { checkOf, cureOf } from "./cure";
import type { RigEditor } from "./rigEditor";

const order = { stop: 0, watch: 1, holds: 2 } as const;

export const worstFirst = (one: Check, other: Check) => order[one.verdict] - order[other.verdict];

/** Judgements, the worst first; what can be put right, accepted or restored has a button for it. */
export const CheckList = memo(function CheckList({
  checks,
  editor,
  onLeave,
}: {
  checks: readonly Check[];
  /** Without it they are only shown. */
  editor?: RigEditor;
  /** Somebody goes to a field; what lies over the page is to make way. */
  onLeave?: () => void;
}) {
  const units = useUnits();
  const [accepting, setAccepting] = useState<Check>();
  return (
    <ul className="grid gap-px border border-seam bg-seam">
      {[...checks].sort(worstFirst).map((check) => (
        <li
          key={`${check.id} ${check.about}`}
          data-check={check.id}
          data-verdict={check.verdict}
          data-accepted={check.accepted ? "" : undefined}
          className="bg-slab px-3 py-2"
        >
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <span className="inline-flex items-center gap-2 font-semibold">
              <VerdictMark verdict={check.verdict} />
              {check.title}
            </span>
            {check.unit !== "-" && (
              <span className="font-figure text-sm">
                {ofUnit(check.figure, check.unit, units)}
                <span className="ml-2 text-dust">
                  {t("job.limit", { limit: ofUnit(check.limit, check.unit, units) })}
                </span>
              </span>
            )}
          </div>
          <p>{check.reason}</p>
          {check.rule && <p className="text-sm">{t("job.houseRule", { rule: check.rule })}</p>}
          {check.restsOn.map(({ field, sentence }) => (
            <p key={field} className="text-sm" data-rests-on={field}>
              {sentence}{" "}
              {editor && (
                <Link
                  className="underline"
                  onClick={onLeave}
                  to={`/jobs/${editor.snapshot().job.id}/walkaround?electrics=${encodeURIComponent(field)}`}
                >
                  {t("job.enterIt")}
                </Link>
              )}
            </p>
          ))}
          <p className="text-sm text-dust">{check.source}</p>
          {check.accepted && (
            <p className="font-semibold">
              {t("job.acceptedBy", { by: check.accepted.by, reason: check.accepted.reason })}
            </p>
          )}
          {editor && (
            <div className="mt-1.5 flex flex-wrap gap-2 empty:hidden">
              {check.remedy && !check.accepted && (
                <Button onClick={() => void editor.do(cureOf(check))}>{check.remedy.label}</Button>
              )}
              {check.verdict === "watch" && !check.accepted && (
                <Button
                  look="quiet"
                  aria-label={t("job.accept3", { check: check.title })}
                  onClick={() => setAccepting(check)}
                >
                  {t("job.accept4")}
                </Button>
              )}
              {check.accepted && (
                <Button
                  look="quiet"
                  aria-label={t("job.restore", { check: check.title })}
                  onClick={() => void editor.do({ kind: "withdrawAcceptance", ...checkOf(check) })}
                >
                  {t("job.restore2")}
                </Button>
              )}
            </div>
          )}
        </li>
      ))}
      {accepting && editor && (
        <AcceptDialog editor={editor} check={accepting} onClose={() => setAccepting(undefined)} />
      )}
    </ul>
  );
});
