import { useState } from "react";
import { Button } from "../ui/Button";
import { t } from "../words";
import { CheckList } from "./CheckList";
import type { Cause } from "./causes";
import type { RigEditor } from "./rigEditor";

/** So many findings of one cause are shown at first. */
const shownAtFirst = 3;

/** One finding, wherever it was found: its lines by name, each leading there. */
export function CauseList({
  cause,
  nameOf,
  editor,
  onChoose,
  onLeave,
}: {
  cause: Cause;
  nameOf: (line: string) => string;
  editor: RigEditor;
  onChoose: (line: string) => void;
  onLeave: () => void;
}) {
  const [all, setAll] = useState(false);
  const { found } = cause;
  const shown = all ? found : found.slice(0, shownAtFirst);
  const names = [
    ...new Set(found.slice(shownAtFirst).map(({ line }) => (line ? nameOf(line) : t("job.theWholeRig")))),
  ];
  return (
    <section aria-label={cause.check.title} className="grid gap-1">
      {found.length > 1 && (
        <h4 className="font-semibold">
          {t("job.timesTheSameFinding", { foundCount: found.length, check: cause.check.title })}
        </h4>
      )}
      {shown.map(({ check, line }, at) => (
        <div key={`${line} ${check.about}`}>
          {line && line !== shown[at - 1]?.line && (
            <button
              type="button"
              className="min-h-11 font-semibold underline underline-offset-4"
              onClick={() => onChoose(line)}
            >
              {nameOf(line)}
            </button>
          )}
          <CheckList checks={[check]} editor={editor} onLeave={onLeave} />
        </div>
      ))}
      {found.length > shownAtFirst && (
        <Button look="quiet" aria-expanded={all} className="justify-start" onClick={() => setAll(!all)}>
          {all
            ? t("job.showTheFirstOnesOnly")
            : t("job.showMore", {
                foundCount: found.length - shownAtFirst,
                list: names.slice(0, 4).join(", ") + (names.length > 4 ? "…" : ""),
              })}
        </Button>
      )}
    </section>
  );
}
