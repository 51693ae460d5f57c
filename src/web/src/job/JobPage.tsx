import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useMemo } from "react";
import { Link, useParams } from "react-router";
import { orRefused, whyOf } from "../api/asked";
import { api } from "../api/client";
import { Frame } from "../frame/Frame";
import { Button } from "../ui/Button";
import { Notice } from "../ui/Notice";
import { t } from "../words";
import { ReadOnlyJob } from "./ReadOnlyJob";
import { RigEditor } from "./rigEditor";
import type { StageKey } from "./stages";
import { UnsavedEdits } from "./unsaved";

const loads = {
  wishes: () => import("../wishes/WishesStage"),
  walkaround: () => import("../walkaround/WalkaroundStage"),
  lines: () => import("../lines/LinesStage"),
  panel: () => import("../panel/PanelStage"),
  bench: () => import("../bench/BenchStage"),
  "run-sheet": () => import("../run-sheet/RunSheetStage"),
  "power-up": () => import("../power-up/PowerUpStage"),
  beam: () => import("../beam/BeamStage"),
  "hand-over": () => import("../hand-over/HandOverStage"),
} satisfies Record<StageKey, unknown>;

const stages = {
  wishes: lazy(loads.wishes),
  walkaround: lazy(loads.walkaround),
  lines: lazy(loads.lines),
  panel: lazy(loads.panel),
  bench: lazy(loads.bench),
  "run-sheet": lazy(loads["run-sheet"]),
  "power-up": lazy(loads["power-up"]),
  beam: lazy(loads.beam),
  "hand-over": lazy(loads["hand-over"]),
} satisfies Record<StageKey, unknown>;

/** So long after a job is opened the page has nothing else to load. */
const quietMilliseconds = 1500;

/** Opens the job once and hands its rig to whichever stage is on. */
export function JobPage() {
  const { jobId = "", stage = "" } = useParams();
  const job = useQuery({
    queryKey: ["job", jobId],
    queryFn: async ({ signal }) => ({
      job: await orRefused(() => api.GET("/api/jobs/{id}", { params: { path: { id: jobId } }, signal })),
      unsaved: await UnsavedEdits.of(jobId),
    }),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  const editor = useMemo(
    () => (job.data ? new RigEditor(job.data.job, job.data.unsaved) : undefined),
    [job.data],
  );
  useEffect(() => {
    editor?.begin();
    return () => editor?.end();
  }, [editor]);
  // The other stages are at hand by the time somebody goes there.
  useEffect(() => {
    if (!editor) return;
    const timer = setTimeout(() => {
      for (const load of Object.values(loads)) void load();
    }, quietMilliseconds);
    return () => clearTimeout(timer);
  }, [editor]);
  const Stage = stage in stages ? stages[stage as StageKey] : undefined;

  if (job.data?.job.readOnly && Stage) return <ReadOnlyJob job={job.data.job} why={job.data.job.readOnly} />;
  if (editor && Stage)
    return (
      <Suspense
        fallback={
          <Frame>
            <Notice title={t("job.openingTheStage")} />
          </Frame>
        }
      >
        <Stage editor={editor} />
      </Suspense>
    );
  return (
    <Frame>
      {job.isPending && Stage && <Notice title={t("job.openingTheJob")} />}
      {!Stage && (
        <Notice alert title={t("job.thereIsNoSuchStage")}>
          <BackToYard />
        </Notice>
      )}
      {job.isError && (
        <Notice alert title={t("job.theJobWasNotOpened")}>
          <p>{whyOf(job.error)}</p>
          <p className="mt-3 flex flex-wrap items-center gap-3">
            <Button onClick={() => job.refetch()}>{t("job.tryAgain")}</Button>
            <BackToYard />
          </p>
        </Notice>
      )}
    </Frame>
  );
}

const BackToYard = () => (
  <Link to="/" className="underline">
    {t("job.backToTheYard")}
  </Link>
);
