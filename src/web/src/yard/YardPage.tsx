import { FileUp, GraduationCap, Plus, Ruler } from "lucide-react";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import type { JobSummary, WorkState } from "../api/client";
import { sentenceOf, withPaths } from "../api/problems";
import { Frame } from "../frame/Frame";
import { tourOffered, tourStep } from "../help/tour";
import { Button } from "../ui/Button";
import { choiceLook } from "../ui/Field";
import { FileButton } from "../ui/FileButton";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { Refused } from "../ui/Refused";
import { SearchField } from "../ui/SearchField";
import { useSeen } from "../ui/useSeen";
import { useStable } from "../ui/useStable";
import { choices, workWords } from "../ui/words";
import { t } from "../words";
import { DeleteDialog } from "./DeleteDialog";
import { DetailsDialog } from "./DetailsDialog";
import { JobCard } from "./JobCard";
import { type JobOrder, jobOrders, sorted } from "./sorted";
import { useDetailsChange, useJobFile, useJobs } from "./useJobs";

/** Cards that are drawn at once; the next ones come as their place comes near the screen. */
const mostAtOnce = 30;

function Below({ onSeen }: { onSeen: () => void }) {
  const [box, seen] = useSeen();
  const tell = useStable(onSeen);
  useEffect(() => {
    if (seen) tell();
  }, [seen, tell]);
  return (
    <p ref={box} role="status" className="p-4 text-dust">
      {t("yard.moreJobsBelow")}
    </p>
  );
}

type ArchivedJob = Pick<JobSummary, "id" | "name" | "archived" | "detailsVersion">;

export function YardPage() {
  const [archived, setArchived] = useState(false);
  const [changing, setChanging] = useState<JobSummary>();
  const [deleting, setDeleting] = useState<JobSummary>();
  const [work, setWork] = useState<WorkState | "">("");
  const [said, setSaid] = useState<string>();
  const [moved, setMoved] = useState<ArchivedJob>();
  const [text, setText] = useState("");
  const [most, setMost] = useState(mostAtOnce);
  const [order, setOrder] = useState<JobOrder>("changed");
  const jobs = useJobs(archived);
  const offered = tourOffered.use();
  const step = tourStep.use();
  const change = useDetailsChange();

  const jobFile = useJobFile();
  const navigate = useNavigate();

  const open = async (picked: File) => {
    const answer = await jobFile.mutateAsync(picked);
    if (answer.ok) navigate(`/jobs/${answer.data.id}/lines`);
    else setSaid(t("yard.wasNotOpened", { picked: picked.name, refusal: withPaths(answer.refusal) }));
  };

  const archive = useStable(async (job: ArchivedJob) => {
    const answer = await change.mutateAsync({ job, change: { archived: !job.archived } });
    setSaid(answer.ok ? undefined : sentenceOf(answer.refusal));
    if (answer.ok) setMoved(answer.data);
  });
  const setState = useStable(async (job: JobSummary, next: WorkState) => {
    const answer = await change.mutateAsync({
      job,
      change: { particulars: { ...job.particulars, work: next } },
    });
    setSaid(answer.ok ? undefined : sentenceOf(answer.refusal));
  });
  const shown = jobs.answer && sorted(jobs.answer, text, order, work);

  return (
    <Frame>
      <div className="mx-auto max-w-6xl px-4 py-5">
        <div className="mb-4 flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-2xl font-bold">{t("yard.yard")}</h1>
          <Button aria-pressed={archived} onClick={() => setArchived(!archived)}>
            {archived ? t("yard.showActiveJobs") : t("yard.showTheArchive")}
          </Button>
          <Link to="/quick-size" className={linkLook}>
            <Ruler size={18} aria-hidden /> {t("yard.quickSize")}
          </Link>
          <Link to="/training" className={linkLook}>
            <GraduationCap size={18} aria-hidden /> {t("yard.training")}
          </Link>
          <FileButton
            label={t("yard.jobFile")}
            accept=".json,application/json,.zip,application/zip"
            onFile={(file) => void open(file)}
          >
            <FileUp size={18} aria-hidden /> {t("yard.openAJobFile")}
          </FileButton>
          <Button look="main" onClick={() => navigate("/new-job")}>
            <Plus size={18} aria-hidden /> {t("yard.newJob2")}
          </Button>
        </div>
        <Refused said={said} />
        {offered === "no" && step === "off" && jobs.answer && (
          <div className="mb-4 flex flex-wrap items-center gap-3 border border-seam border-l-4 border-l-lichen bg-slab px-3 py-1">
            <span className="mr-auto">{t("yard.newHereSixStepsOn")}</span>
            <Button onClick={() => tourStep.set("0")}>{t("yard.takeTheTour")}</Button>
            <Button look="quiet" onClick={() => tourOffered.set("yes")}>
              {t("yard.notNow")}
            </Button>
          </div>
        )}
        {moved && (
          <div
            role="status"
            className="mb-4 flex flex-wrap items-center gap-3 border border-seam border-l-4 border-l-lichen bg-slab px-3 py-1"
          >
            <span className="mr-auto">
              {moved.archived
                ? t("yard.isInTheArchive", { moved: moved.name })
                : t("yard.isBackInTheYard", { moved: moved.name })}
            </span>
            <Button onClick={() => archive(moved)}>{t("yard.undo")}</Button>
            <Button look="quiet" onClick={() => setMoved(undefined)}>
              {t("yard.dismiss")}
            </Button>
          </div>
        )}
        {(jobs.answer?.length ?? 0) > 1 && (
          <div className="mb-4 flex flex-wrap items-center gap-3">
            <span className="w-72 max-w-full">
              <SearchField
                name={t("yard.searchTheJobs")}
                hint={t("yard.searchNameCustomerPlateNote")}
                text={text}
                onChange={setText}
              />
            </span>
            <select
              aria-label={t("yard.sortTheJobs")}
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
            <select
              aria-label={t("yard.showJobsByTheState")}
              className={choiceLook}
              value={work}
              onChange={(event) => setWork(event.target.value as WorkState | "")}
            >
              <option value="">{t("yard.anyStateOfTheWork")}</option>
              {choices(workWords).map(({ value, label }) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </select>
            <span role="status" className="text-dust">
              {(text.trim() || work) &&
                t("yard.ofJobs", { shownCount: shown?.length ?? 0, answerCount: jobs.answer?.length ?? 0 })}
            </span>
          </div>
        )}
        {!jobs.answer && !jobs.failed && <Notice title={t("yard.lookingUpTheJobs")} />}
        {jobs.failed && (
          <Notice alert title={t("yard.theJobsCouldNotBe")}>
            <p>{t("yard.yourJobsAreInThe", { why: jobs.why })}</p>
            <Button className="mt-3" onClick={() => jobs.again()}>
              {t("yard.tryAgain")}
            </Button>
          </Notice>
        )}
        {jobs.answer?.length === 0 && (
          <Notice title={archived ? t("yard.nothingIsArchived") : t("yard.noJobsYet")}>
            {archived ? (
              t("yard.archivedJobsStandHereAnd")
            ) : (
              <Button className="mt-2" onClick={() => navigate("/new-job")}>
                {t("yard.startTheFirstJob")}
              </Button>
            )}
          </Notice>
        )}
        {jobs.answer !== undefined && jobs.answer.length > 0 && shown?.length === 0 && (
          <Notice title={t("yard.noJobMatches")}>{t("yard.everyWordIsLookedFor")}</Notice>
        )}
        <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
          {shown?.slice(0, most).map((job) => (
            <JobCard
              key={job.id}
              job={job}
              onDetails={setChanging}
              onWork={setState}
              onArchive={archive}
              onDelete={setDeleting}
            />
          ))}
        </div>
        {(shown?.length ?? 0) > most && <Below key={most} onSeen={() => setMost(most + mostAtOnce)} />}
      </div>
      {changing && <DetailsDialog job={changing} onClose={() => setChanging(undefined)} />}
      {deleting && <DeleteDialog job={deleting} onClose={() => setDeleting(undefined)} />}
    </Frame>
  );
}
