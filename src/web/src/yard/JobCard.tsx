import { Archive, ArchiveRestore, FileDown, Pencil, Trash2 } from "lucide-react";
import { memo } from "react";
import { Link } from "react-router";
import type { JobSummary, WorkState } from "../api/client";
import { SmallPicture } from "../picture/SmallPicture";
import { usePicture } from "../picture/usePicture";
import { Button } from "../ui/Button";
import { choiceLook } from "../ui/Field";
import { day } from "../ui/figures/day";
import { useSeen } from "../ui/useSeen";
import { TallyLine } from "../ui/VerdictMark";
import { choices, workWords } from "../ui/words";
import { t } from "../words";

/** A job in the Yard: its vehicle as it stands, whose it is, and what is against it. */
export const JobCard = memo(function JobCard({
  job,
  onDetails,
  onWork,
  onArchive,
  onDelete,
}: {
  job: JobSummary;
  onDetails: (job: JobSummary) => void;
  onWork: (job: JobSummary, work: WorkState) => void;
  onArchive: (job: JobSummary) => void;
  onDelete: (job: JobSummary) => void;
}) {
  const [box, seen] = useSeen();
  const picture = usePicture(job.id, job.changedAt, seen && job.lineCount != null);
  const { customer, plate, due, work } = job.particulars;
  return (
    <article
      ref={box}
      className="flex min-w-0 flex-col border border-seam border-t-4 border-t-spruce bg-slab [contain-intrinsic-size:auto_20rem] [content-visibility:auto]"
      aria-label={job.name}
    >
      <Link to={`/jobs/${job.id}/lines`} className="block flex-1 p-4 hover:bg-lichen-shade">
        <div className="flex items-baseline justify-between gap-3">
          <h2 className="min-w-0 text-lg font-semibold wrap-anywhere">{job.name}</h2>
          <span className="font-figure text-dust whitespace-nowrap">
            {job.systemVolts && `${job.systemVolts} V`}
          </span>
        </div>
        <p className="flex flex-wrap gap-x-3 text-dust wrap-anywhere">
          {customer && <span>{customer}</span>}
          {plate && <span className="font-figure">{plate}</span>}
        </p>
        <p className="min-h-5 text-dust">{due && t("yard.due", { due: day(due) })}</p>
        <div className="my-2 grid h-28 place-items-center">
          {picture ? (
            <SmallPicture view={picture} className="h-28 w-full" />
          ) : (
            <span className="text-sm text-dust">{seen && t("yard.noVehicleChosen")}</span>
          )}
        </div>
        <p className="line-clamp-2 min-h-10 text-dust wrap-anywhere">{job.note || t("yard.noNote")}</p>
        {job.trouble && <p className="mt-1 font-semibold text-oxide">{job.trouble}</p>}
        <div className="mt-3 flex flex-wrap items-center justify-between gap-2">
          {job.lineCount != null && <span>{t("yard.line", { count: job.lineCount })}</span>}
          {job.tally && <TallyLine tally={job.tally} />}
        </div>
      </Link>
      <div className="flex flex-wrap items-center justify-end border-t border-seam px-2 py-1">
        {!job.archived && (
          <select
            aria-label={t("yard.stateOfTheWorkOn", { job: job.name })}
            className={`${choiceLook} mr-auto`}
            value={work}
            onChange={(event) => onWork(job, event.target.value as WorkState)}
          >
            {choices(workWords).map(({ value, label }) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        )}
        {job.lineCount != null && (
          <a
            href={`/api/jobs/${job.id}/file`}
            download
            aria-label={t("yard.saveAsAFile", { job: job.name })}
            title={t("yard.saveAsAFile2")}
            className="inline-flex size-11 items-center justify-center rounded-sm hover:bg-lichen-shade"
          >
            <FileDown size={18} aria-hidden />
          </a>
        )}
        <Button
          look="quiet"
          aria-label={t("yard.detailsOf", { job: job.name })}
          title={t("yard.details2")}
          onClick={() => onDetails(job)}
        >
          <Pencil size={18} aria-hidden />
        </Button>
        {job.archived ? (
          <Button look="quiet" onClick={() => onArchive(job)}>
            <ArchiveRestore size={16} aria-hidden /> {t("yard.restore")}
          </Button>
        ) : (
          <Button
            look="quiet"
            aria-label={t("yard.archive", { job: job.name })}
            title={t("yard.archive2")}
            onClick={() => onArchive(job)}
          >
            <Archive size={18} aria-hidden />
          </Button>
        )}
        {job.archived && (
          <Button look="quiet" onClick={() => onDelete(job)}>
            <Trash2 size={16} aria-hidden /> {t("yard.delete2")}
          </Button>
        )}
      </div>
    </article>
  );
});
