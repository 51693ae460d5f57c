import { useState } from "react";
import { useNavigate } from "react-router";
import type { JobParticulars, NewJob } from "../api/client";
import { type FieldErrors, noErrors, sentenceOf } from "../api/problems";
import { ChoiceField } from "../ui/ChoiceField";
import { Dialog } from "../ui/Dialog";
import { FormEnd } from "../ui/FormEnd";
import { TextField } from "../ui/TextField";
import { useDraft } from "../ui/useDraft";
import { t } from "../words";
import { ParticularsFields } from "./ParticularsFields";
import { useJobs, useNewJob } from "./useJobs";

const blank: NewJob & { like: string | null; particulars: JobParticulars } = {
  name: "",
  systemVolts: 12,
  units: "metric",
  note: "",
  like: null,
  particulars: {},
};

export function NewJobDialog({ onClose }: { onClose: () => void }) {
  const [job, setJob, dropJob] = useDraft("new-job", blank);
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [said, setSaid] = useState<string>();
  const create = useNewJob();
  const jobs = useJobs(false);
  const navigate = useNavigate();

  return (
    <Dialog open onClose={onClose} title={t("yard.newJob2")}>
      <form
        noValidate
        className="grid gap-4"
        onSubmit={async (event) => {
          event.preventDefault();
          const answer = await create.mutateAsync(job);
          if (answer.ok) {
            dropJob();
            navigate(`/jobs/${answer.data.id}/lines`);
          } else if (answer.refusal.kind === "fields") setErrors(answer.refusal.errors);
          else setSaid(sentenceOf(answer.refusal));
        }}
      >
        <TextField
          label={t("yard.vehicleName")}
          autoFocus
          value={job.name}
          messages={errors.name}
          onChange={(name) => setJob({ ...job, name })}
        />
        {(jobs.answer?.length ?? 0) > 0 && (
          <ChoiceField
            label={t("yard.startFrom")}
            value={job.like ?? ""}
            messages={errors.like}
            options={[
              { value: "", label: t("yard.anEmptyVehicle") },
              ...(jobs.answer ?? []).map(({ id, name }) => ({
                value: id,
                label: t("yard.thePlanOf", { name }),
              })),
            ]}
            onChange={(like) => setJob({ ...job, like: like || null })}
          />
        )}
        {job.like && <p className="text-sm text-dust">{t("yard.vehicleLinesAndWiringAre")}</p>}
        <div className={job.like ? "hidden" : "grid grid-cols-2 gap-4"}>
          <ChoiceField
            label={t("yard.system")}
            value={job.systemVolts}
            messages={errors.systemVolts}
            options={[
              { value: 12, label: "12 V" },
              { value: 24, label: "24 V" },
            ]}
            onChange={(systemVolts) => setJob({ ...job, systemVolts })}
          />
          <ChoiceField
            label={t("yard.units")}
            value={job.units}
            options={[
              { value: "metric", label: t("yard.metres") },
              { value: "imperial", label: t("yard.feet") },
            ]}
            onChange={(units) => setJob({ ...job, units })}
          />
        </div>
        <TextField
          label={t("yard.note")}
          rows={3}
          value={job.note ?? ""}
          messages={errors.note}
          onChange={(note) => setJob({ ...job, note })}
        />
        <ParticularsFields
          value={job.particulars}
          errors={errors}
          onChange={(particulars) => setJob({ ...job, particulars })}
        />
        <FormEnd
          does={t("yard.openTheJob")}
          said={said}
          busy={create.isPending}
          onCancel={() => {
            dropJob();
            onClose();
          }}
        />
      </form>
    </Dialog>
  );
}
