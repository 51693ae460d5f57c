import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useMemo } from "react";
import { Link, useParams } from "react-router";
import { api } from "../api/client";
import { Frame } from "../frame/Frame";
import { Button } from "../ui/Button";
import { Notice } from "../ui/Notice";
import { RigEditor } from "./rigEditor";
import type { StageKey } from "./stages";

const stages = {
  walkaround: lazy(() => import("../walkaround/WalkaroundStage")),
  lines: lazy(() => import("../lines/LinesStage")),
  panel: lazy(() => import("../panel/PanelStage")),
} satisfies Record<StageKey, unknown>;

/** Opens the job once and hands its rig to whichever stage is on. */
export function JobPage() {
  const { jobId = "", stage = "" } = useParams();
  const job = useQuery({
    queryKey: ["job", jobId],
    queryFn: async ({ signal }) => {
      const { data, response } = await api.GET("/api/jobs/{id}", { params: { path: { id: jobId } }, signal });
      if (response.status === 404) return null;
      if (!data) throw new Error("The job could not be read.");
      return data;
    },
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const editor = useMemo(() => (job.data ? new RigEditor(job.data) : undefined), [job.data]);
  const Stage = stage in stages ? stages[stage as StageKey] : undefined;

  if (editor && Stage)
    return (
      <Suspense
        fallback={
          <Frame>
            <Notice title="Opening the stage…" />
          </Frame>
        }
      >
        <Stage editor={editor} />
      </Suspense>
    );
  return (
    <Frame>
      {job.isPending && Stage && <Notice title="Opening the job…" />}
      {(job.data === null || !Stage) && (
        <Notice alert title={Stage ? "There is no such job." : "There is no such stage."}>
          <Link to="/" className="underline">
            Back to the Yard
          </Link>
        </Notice>
      )}
      {job.isError && (
        <Notice alert title="The job could not be opened.">
          <p>The server does not answer. What was saved is in its file and safe.</p>
          <Button className="mt-3" onClick={() => job.refetch()}>
            Try again
          </Button>
        </Notice>
      )}
    </Frame>
  );
}
