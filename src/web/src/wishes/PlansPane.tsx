import { useState } from "react";
import { Link } from "react-router";
import type { LightWanted, Rig, ShownPlan } from "../api/client";
import type { RigEditor } from "../job/rigEditor";
import { Button } from "../ui/Button";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { Refused } from "../ui/Refused";
import { Searching } from "../ui/Searching";
import { Told } from "../ui/Told";
import { t } from "../words";
import { lightNames } from "./lights";
import { PlanColumn } from "./PlanColumn";
import { usePlans } from "./usePlans";

/** Plans beside each other, searched for as the wishes stand; one is taken whole or line by line. */
export function PlansPane({
  editor,
  rig,
  jobId,
  standing,
}: {
  editor: RigEditor;
  rig: Rig;
  jobId: string;
  standing: readonly LightWanted[];
}) {
  const wanted = rig.wishes?.lights ?? [];
  const open = wanted.filter(({ light }) => !standing.includes(light));
  const enabled = rig.body != null && open.length > 0;
  const { search, last, stop, ask } = usePlans(rig, jobId, enabled);
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<string>();
  const [told, setTold] = useState<readonly string[]>();
  const take = async (lines: ShownPlan["lines"]) => {
    setBusy(true);
    const ran = await editor.run({ kind: "takeProposal", lines: lines.map(({ planned }) => planned) });
    setBusy(false);
    setSaid(ran.done ? undefined : ran.why);
    if (ran.done) setTold(ran.notes);
  };
  const shown = enabled ? last : undefined;
  const stale = shown !== undefined && search.kind !== "found";
  return (
    <div className="flex min-h-0 flex-col gap-2 lg:h-full" data-plans={enabled ? search.kind : "idle"}>
      {told && <Told title={t("wishes.taken")} sentences={told} onClose={() => setTold(undefined)} />}
      <Refused said={said} />
      {search.kind === "searching" && (
        <Searching search={search} name={t("wishes.searching")} onStop={stop} />
      )}
      {search.kind === "stopped" && (
        <Notice title={t("wishes.stopped")}>
          <p>{t("wishes.stoppedWhy")}</p>
          <Button className="mt-2" onClick={ask}>
            {t("wishes.propose")}
          </Button>
        </Notice>
      )}
      {search.kind === "failed" && (
        <Notice alert title={t("wishes.failed")}>
          <p>{search.why}</p>
          <Button className="mt-2" onClick={ask}>
            {t("wishes.tryAgain")}
          </Button>
        </Notice>
      )}
      {!enabled && <Idle jobId={jobId} body={rig.body != null} wanted={wanted.length > 0} />}
      {shown && standing.length > 0 && (
        <p className="text-sm text-dust">
          {t("wishes.standing", { lights: standing.map((light) => lightNames[light]).join(", ") })}
        </p>
      )}
      {shown?.kitUnused && <p className="text-sm">{shown.kitUnused}</p>}
      {shown && (
        <div
          aria-busy={stale}
          className={`grid min-h-0 gap-2 lg:flex-1 ${shown.all.length > 2 ? "md:grid-cols-3" : "md:grid-cols-2"} ${stale ? "old-figures" : ""}`}
        >
          {shown.all.map((plan) => (
            <PlanColumn key={plan.aims.join()} plan={plan} busy={busy || stale} onTake={take} />
          ))}
        </div>
      )}
    </div>
  );
}

/** Why there is nothing to plan, and where to go. */
function Idle({ jobId, body, wanted }: { jobId: string; body: boolean; wanted: boolean }) {
  if (!body)
    return (
      <Notice title={t("wishes.noBody")}>
        <p>{t("wishes.noBodyWhy")}</p>
        <Link to={`/jobs/${jobId}/walkaround`} className={`${linkLook} mt-2`}>
          {t("wishes.toWalkaround")}
        </Link>
      </Notice>
    );
  if (!wanted) return <Notice title={t("wishes.nothingWanted")}>{t("wishes.nothingWantedWhy")}</Notice>;
  return (
    <Notice title={t("wishes.allStand")}>
      <p>{t("wishes.allStandWhy")}</p>
      <Link to={`/jobs/${jobId}/lines`} className={`${linkLook} mt-2`}>
        {t("wishes.toLines")}
      </Link>
    </Notice>
  );
}
