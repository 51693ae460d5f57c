import { useState } from "react";
import { useNavigate } from "react-router";
import { asked } from "../api/asked";
import { api, type QuickSizeRequest } from "../api/client";
import { type FieldErrors, noErrors, sentenceOf } from "../api/problems";
import { newLine, withNewLine } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { Refused } from "../ui/Refused";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { useJobs, useNewJob } from "../yard/useJobs";

/** Puts what was sized into a job, as a line under that job's house rules. */
export function MakeLineDialog({ request, onClose }: { request: QuickSizeRequest; onClose: () => void }) {
  const jobs = useJobs(false);
  const fitting = jobs.answer?.filter((job) => job.systemVolts === request.systemVolts) ?? [];
  const [name, setName] = useState(t("quickSize.quickLine"));
  const [said, setSaid] = useState<string>();
  const [saving, setSaving] = useState(false);
  const navigate = useNavigate();

  const [vehicle, setVehicle] = useState("");
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const create = useNewJob();
  const open = async () => {
    const answer = await create.mutateAsync({
      name: vehicle,
      systemVolts: request.systemVolts,
      units: request.units ?? "metric",
      quick: request,
      quickName: name,
    });
    if (answer.ok) navigate(`/jobs/${answer.data.id}/lines`);
    else if (answer.refusal.kind === "fields") setErrors(answer.refusal.errors);
    else setSaid(sentenceOf(answer.refusal));
  };

  const put = async (jobId: string) => {
    setSaving(true);
    const path = { id: jobId };
    const opened = await asked(() => api.GET("/api/jobs/{id}", { params: { path } }));
    const saved = opened.ok
      ? await asked(() =>
          api.PUT("/api/jobs/{id}/rig", {
            params: { path },
            body: {
              onRevision: opened.data.revision,
              idempotencyKey: crypto.randomUUID(),
              rig: withNewLine(opened.data.rig, lineOf(request, name)),
            },
          }),
        )
      : opened;
    setSaving(false);
    if (saved.ok) navigate(`/jobs/${jobId}/lines?line=${saved.data.rig.lines.at(-1)?.id}`);
    else setSaid(sentenceOf(saved.refusal));
  };

  return (
    <Dialog open onClose={onClose} title={t("quickSize.makeItALine")}>
      <div className="grid gap-4">
        <TextField
          label={t("quickSize.nameOfTheLine")}
          autoFocus
          value={name}
          messages={errors.quickName}
          onChange={setName}
        />
        <p className="text-dust">{t("quickSize.inAJobThatIs")}</p>
        <Refused said={said} />
        {!jobs.answer && !jobs.failed && <p role="status">{t("quickSize.lookingUpTheJobs")}</p>}
        {jobs.failed && <Refused said={jobs.why} />}
        <div className="grid grid-cols-[1fr_auto] items-end gap-2">
          <TextField
            label={t("quickSize.vehicleNameOfANew")}
            value={vehicle}
            messages={errors.name}
            onChange={setVehicle}
          />
          <Button look="main" disabled={create.isPending || saving} onClick={() => void open()}>
            {t("quickSize.openANewJob")}
          </Button>
        </div>
        <p className="text-dust">{t("quickSize.aNewJobKeepsThe")}</p>
        {jobs.answer && fitting.length === 0 && (
          <p>{t("quickSize.thereIsNoJobWith", { systemVolts: request.systemVolts })}</p>
        )}
        <ul className="grid gap-2">
          {fitting.map((job) => (
            <li key={job.id}>
              <Button className="w-full justify-between" disabled={saving} onClick={() => put(job.id)}>
                <span>{job.name}</span>
                <span className="text-sm text-dust">
                  {t("quickSize.line", { count: job.lineCount ?? 0 })}
                </span>
              </Button>
            </li>
          ))}
        </ul>
      </div>
    </Dialog>
  );
}

function lineOf(request: QuickSizeRequest, name: string) {
  return newLine(name, {
    lamps: request.lamps,
    oneWayMetres: request.oneWayMetres,
    return: request.return,
    zones: [request.zone],
    bundled: request.bundled,
    insulationCelsius: request.insulationCelsius ?? 105,
  });
}
