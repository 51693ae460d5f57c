import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { Link, useParams } from "react-router";
import { api } from "../api/client";
import { Frame } from "../frame/Frame";
import { Button } from "../ui/Button";
import { Notice } from "../ui/Notice";
import { LinesBench } from "./LinesBench";
import { RigEditor } from "./rigEditor";

/** Opens the job and hands it to the bench. */
export function LinesPage() {
  const { jobId = "" } = useParams();
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

  if (editor) return <LinesBench editor={editor} />;
  return (
    <Frame>
      {job.isPending && <Notice title="Opening the job…" />}
      {job.data === null && (
        <Notice alert title="There is no such job.">
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
