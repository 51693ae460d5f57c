import { Archive, ArchiveRestore, FileDown, Pencil } from "lucide-react";
import { Link } from "react-router";
import type { JobSummary } from "../api/client";
import { Button } from "../ui/Button";
import { TallyLine } from "../ui/VerdictMark";

export function JobCard({
  job,
  onRename,
  onArchive,
}: {
  job: JobSummary;
  onRename: () => void;
  onArchive: () => void;
}) {
  return (
    <article
      className="flex flex-col border border-seam border-t-4 border-t-spruce bg-slab"
      aria-label={job.name}
    >
      <Link to={`/jobs/${job.id}/lines`} className="block flex-1 p-4 hover:bg-lichen-shade">
        <div className="flex items-baseline justify-between gap-3">
          <h2 className="text-lg font-semibold">{job.name}</h2>
          <span className="font-figure text-dust whitespace-nowrap">
            {job.systemVolts && `${job.systemVolts} V`}
          </span>
        </div>
        <p className="mt-1 min-h-10 text-dust">{job.note || "No note."}</p>
        {job.trouble && <p className="mt-1 font-semibold text-oxide">{job.trouble}</p>}
        <div className="mt-3 flex flex-wrap items-center justify-between gap-2">
          {job.lineCount != null && (
            <span>
              <span className="font-figure">{job.lineCount}</span> {job.lineCount === 1 ? "line" : "lines"}
            </span>
          )}
          {job.tally && <TallyLine tally={job.tally} />}
        </div>
      </Link>
      <div className="flex justify-end border-t border-seam px-2">
        {job.lineCount != null && (
          <a
            href={`/api/jobs/${job.id}/file`}
            download
            className="inline-flex min-h-11 items-center gap-2 rounded-sm px-3 font-medium underline decoration-edge underline-offset-4 hover:bg-lichen-shade"
          >
            <FileDown size={16} aria-hidden /> File
          </a>
        )}
        <Button look="quiet" onClick={onRename}>
          <Pencil size={16} aria-hidden /> Rename
        </Button>
        <Button look="quiet" onClick={onArchive}>
          {job.archived ? <ArchiveRestore size={16} aria-hidden /> : <Archive size={16} aria-hidden />}
          {job.archived ? "Restore" : "Archive"}
        </Button>
      </div>
    </article>
  );
}
