import { useState } from "react";
import type { JobSummary } from "../api/client";
import { type FieldErrors, noErrors, sentenceOf } from "../api/problems";
import { Dialog } from "../ui/Dialog";
import { FormEnd } from "../ui/FormEnd";
import { TextField } from "../ui/TextField";
import { useDraft } from "../ui/useDraft";
import { t } from "../words";
import { ParticularsFields } from "./ParticularsFields";
import { useDetailsChange } from "./useJobs";

/** What a job is called, whose it is, by when it is wanted, and its note. */
export function DetailsDialog({ job, onClose }: { job: JobSummary; onClose: () => void }) {
  const { name, note, particulars } = job;
  const [typed, setTyped, dropTyped] = useDraft(`details:${job.id}`, {
    name,
    note,
    particulars,
  });
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [said, setSaid] = useState<string>();
  const change = useDetailsChange();
  const close = () => {
    dropTyped();
    onClose();
  };

  return (
    <Dialog open onClose={onClose} title={t("yard.jobDetails")}>
      <form
        noValidate
        className="grid gap-4"
        onSubmit={async (event) => {
          event.preventDefault();
          const answer = await change.mutateAsync({ job, change: typed });
          if (answer.ok) close();
          else if (answer.refusal.kind === "fields") setErrors(answer.refusal.errors);
          else setSaid(sentenceOf(answer.refusal));
        }}
      >
        <TextField
          label={t("yard.vehicleName")}
          autoFocus
          value={typed.name}
          messages={errors.name}
          onChange={(next) => setTyped({ ...typed, name: next })}
        />
        <ParticularsFields
          value={typed.particulars}
          errors={errors}
          onChange={(next) => setTyped({ ...typed, particulars: { ...typed.particulars, ...next } })}
        />
        <TextField
          label={t("yard.note")}
          rows={3}
          value={typed.note}
          messages={errors.note}
          onChange={(next) => setTyped({ ...typed, note: next })}
        />
        <FormEnd does={t("yard.save")} said={said} busy={change.isPending} onCancel={close} />
      </form>
    </Dialog>
  );
}
