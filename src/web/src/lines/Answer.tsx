import type { ReactNode } from "react";
import type { Check, Fuse, LineAssessment } from "../api/client";
import { CheckList } from "../job/CheckList";
import { objects } from "../job/cure";
import type { RigEditor } from "../job/rigEditor";
import { Details } from "../ui/Details";
import { t } from "../words";
import { FuseWindow } from "./FuseWindow";
import { Losses } from "./Losses";
import { Reasons } from "./Reasons";
import { Tiles } from "./Tiles";
import { WireLadder } from "./WireLadder";

/** What a fitter may take by hand instead of the proposal. */
export type Takes = {
  wire: (name: string | null) => void;
  fuse: (fuse: Fuse | null) => void;
};

/** All that follows for one line; without takes it is only shown. */
export function Answer({
  answer,
  checks = answer.checks,
  takes,
  editor,
  outdated,
}: {
  answer: LineAssessment;
  checks?: readonly Check[];
  takes?: Takes;
  editor?: RigEditor;
  outdated: boolean;
}) {
  const objections = checks.filter(objects);
  const holding = checks.filter((check) => !objects(check));
  return (
    <section
      aria-label={t("lines.whatFollows")}
      data-outdated={outdated}
      className={`out-of-sight grid min-w-0 content-start gap-5 ${outdated ? "old-figures" : ""}`}
    >
      <div className="grid gap-3">
        <Tiles
          answer={answer}
          onProposedWire={takes && (() => takes.wire(null))}
          onProposedFuse={takes && (() => takes.fuse(null))}
        />
        <Reasons answer={answer} />
      </div>
      {objections.length > 0 && <CheckList checks={objections} editor={editor} />}
      <Part title={t("lines.whereTheVoltsAreLost")}>
        <Losses losses={answer.losses} />
      </Part>
      <Part title={t("lines.fuseWindow")}>
        <FuseWindow window={answer.fuseWindow} wireName={answer.wire?.name} onTake={takes?.fuse} />
      </Part>
      <Part title={t("lines.wireLadder")}>
        <WireLadder ladder={answer.ladder} onTake={takes?.wire} />
      </Part>
      <Details summary={t("lines.checksThatHoldCount", { holding: holding.length })}>
        <CheckList checks={holding} editor={editor} />
      </Details>
    </section>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="min-w-0">
      <h3 className="mb-1.5 font-semibold">{title}</h3>
      {children}
    </div>
  );
}
