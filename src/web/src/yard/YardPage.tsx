import { FileUp, Plus, Ruler } from "lucide-react";
import { useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import type { JobSummary } from "../api/client";
import { sentenceOf, withPaths } from "../api/problems";
import { Frame } from "../frame/Frame";
import { Button } from "../ui/Button";
import { choiceLook, inputLook } from "../ui/Field";
import { Notice } from "../ui/Notice";
import { Refused } from "../ui/Refused";
import { DetailsDialog } from "./DetailsDialog";
import { JobCard } from "./JobCard";
import { NewJobDialog } from "./NewJobDialog";
import { type JobOrder, jobOrders, sorted } from "./sorted";
import { useDetailsChange, useJobFile, useJobs } from "./useJobs";

type ArchivedJob = Pick<JobSummary, "id" | "name" | "archived" | "detailsVersion">;

export function YardPage() {
  const [archived, setArchived] = useState(false);
  const [creating, setCreating] = useState(false);
  const [renaming, setRenaming] = useState<JobSummary>();
  const [said, setSaid] = useState<string>();
  const [moved, setMoved] = useState<ArchivedJob>();
  const [text, setText] = useState("");
  const [order, setOrder] = useState<JobOrder>("changed");
  const jobs = useJobs(archived);
  const change = useDetailsChange();

  const jobFile = useJobFile();
  const picker = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();

  const open = async (picked: File) => {
    const answer = await jobFile.mutateAsync(picked);
    if (answer.ok) navigate(`/jobs/${answer.data.id}/lines`);
    else setSaid(`${picked.name} was not opened. ${withPaths(answer.refusal)}`);
  };

  const archive = async (job: ArchivedJob) => {
    const answer = await change.mutateAsync({ job, change: { archived: !job.archived } });
    setSaid(answer.ok ? undefined : sentenceOf(answer.refusal));
    if (answer.ok) setMoved(answer.data);
  };
  const shown = jobs.answer && sorted(jobs.answer, text, order);

  return (
    <Frame>
      <div className="mx-auto max-w-6xl px-4 py-5">
        <div className="mb-4 flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-2xl font-bold">Yard</h1>
          <Button aria-pressed={archived} onClick={() => setArchived(!archived)}>
            {archived ? "Show active jobs" : "Show the archive"}
          </Button>
          <Link
            to="/quick-size"
            className="inline-flex min-h-11 items-center gap-2 rounded-sm border border-edge bg-slab px-3 font-medium hover:bg-lichen-shade"
          >
            <Ruler size={18} aria-hidden /> Quick size
          </Link>
          <input
            ref={picker}
            type="file"
            accept=".json,application/json"
            className="sr-only"
            tabIndex={-1}
            aria-label="Job file"
            onChange={async (event) => {
              const picked = event.target.files?.[0];
              event.target.value = "";
              if (picked) await open(picked);
            }}
          />
          <Button onClick={() => picker.current?.click()}>
            <FileUp size={18} aria-hidden /> Open a job file
          </Button>
          <Button look="main" onClick={() => setCreating(true)}>
            <Plus size={18} aria-hidden /> New job
          </Button>
        </div>
        <Refused said={said} />
        {moved && (
          <div
            role="status"
            className="mb-4 flex flex-wrap items-center gap-3 border border-seam border-l-4 border-l-lichen bg-slab px-3 py-1"
          >
            <span className="mr-auto">
              {moved.archived ? `${moved.name} is in the archive.` : `${moved.name} is back in the Yard.`}
            </span>
            <Button onClick={() => archive(moved)}>Undo</Button>
            <Button look="quiet" onClick={() => setMoved(undefined)}>
              Dismiss
            </Button>
          </div>
        )}
        {(jobs.answer?.length ?? 0) > 1 && (
          <div className="mb-4 flex flex-wrap items-center gap-3">
            <span className="w-72 max-w-full">
              <input
                type="search"
                aria-label="Search the jobs"
                placeholder="Search name and note"
                className={inputLook}
                value={text}
                onChange={(event) => setText(event.target.value)}
              />
            </span>
            <select
              aria-label="Sort the jobs"
              className={choiceLook}
              value={order}
              onChange={(event) => setOrder(event.target.value as JobOrder)}
            >
              {Object.entries(jobOrders).map(([key, words]) => (
                <option key={key} value={key}>
                  {words}
                </option>
              ))}
            </select>
            <span role="status" className="text-dust">
              {text.trim() && `${shown?.length ?? 0} of ${jobs.answer?.length ?? 0} jobs`}
            </span>
          </div>
        )}
        {!jobs.answer && !jobs.failed && <Notice title="Looking up the jobs…" />}
        {jobs.failed && (
          <Notice alert title="The jobs could not be read.">
            <p>{jobs.why} Your jobs are in the database file and safe.</p>
            <Button className="mt-3" onClick={() => jobs.again()}>
              Try again
            </Button>
          </Notice>
        )}
        {jobs.answer?.length === 0 && (
          <Notice title={archived ? "Nothing is archived." : "No jobs yet."}>
            {archived ? "Archived jobs stand here and can be taken back out." : "Open one with New job."}
          </Notice>
        )}
        {jobs.answer !== undefined && jobs.answer.length > 0 && shown?.length === 0 && (
          <Notice title="No job matches.">Every word is looked for in the name and the note.</Notice>
        )}
        <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
          {shown?.map((job) => (
            <JobCard
              key={job.id}
              job={job}
              onRename={() => setRenaming(job)}
              onArchive={() => archive(job)}
            />
          ))}
        </div>
      </div>
      {creating && <NewJobDialog onClose={() => setCreating(false)} />}
      {renaming && <DetailsDialog job={renaming} onClose={() => setRenaming(undefined)} />}
    </Frame>
  );
}
