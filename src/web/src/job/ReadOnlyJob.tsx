import { FileDown } from "lucide-react";
import { Link } from "react-router";
import type { OpenJob } from "../api/client";
import { Frame } from "../frame/Frame";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { t } from "../words";

/** A job that can be looked at and exported, and no more: what it holds, and its file. */
export function ReadOnlyJob({ job, why }: { job: OpenJob; why: string }) {
  const { rig } = job;
  return (
    <Frame>
      <div className="mx-auto max-w-3xl px-4 py-5">
        <h1 className="text-2xl font-bold">{job.name}</h1>
        {job.note && <p className="mt-1 whitespace-pre-line text-dust">{job.note}</p>}
        <Notice alert title={t("job.thisJobCannotBeChanged")}>
          <p>{why}</p>
        </Notice>
        <p className="mb-4 flex flex-wrap items-center gap-4">
          <a href={`/api/jobs/${job.id}/file`} download className={linkLook}>
            <FileDown size={18} aria-hidden /> {t("job.saveAsAFile")}
          </a>
          <Link to="/" className="underline">
            {t("job.backToTheYard")}
          </Link>
        </p>
        <h2 className="text-lg font-semibold">
          {t("job.linesAndWires", { lines: rig.lines.length, wires: rig.runs?.length ?? 0 })}
        </h2>
        <ul className="mt-2 grid gap-px border border-seam bg-seam">
          {rig.lines.map((line) => (
            <li key={line.id} className="flex justify-between gap-3 bg-slab px-3 py-1.5">
              <span>{line.name}</span>
              <span className="text-dust">
                {line.plan ? t("job.quickPlan") : t("job.lamp", { count: line.lights?.length ?? 0 })}
              </span>
            </li>
          ))}
        </ul>
      </div>
    </Frame>
  );
}
