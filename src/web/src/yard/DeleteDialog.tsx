import { useState } from "react";
import type { JobSummary } from "../api/client";
import { sentenceOf } from "../api/problems";
import { Dialog } from "../ui/Dialog";
import { FormEnd } from "../ui/FormEnd";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import { useDeletion } from "./useJobs";

/** Deletes an archived job for good, once its name is typed. */
export function DeleteDialog({ job, onClose }: { job: JobSummary; onClose: () => void }) {
  const [name, setName] = useState("");
  const [said, setSaid] = useState<string>();
  const deletion = useDeletion();
  return (
    <Dialog open onClose={onClose} title={t("yard.delete", { job: job.name })}>
      <form
        noValidate
        className="grid gap-4"
        onSubmit={async (event) => {
          event.preventDefault();
          if (name.trim() !== job.name) {
            setSaid(t("yard.theNameIsNotThat"));
            return;
          }
          const answer = await deletion.mutateAsync({ id: job.id, name });
          if (answer.ok) onClose();
          else setSaid(sentenceOf(answer.refusal));
        }}
      >
        <p>{t("yard.theJobAndAllIts")}</p>
        <TextField
          label={t("yard.typeTheName", { job: job.name })}
          autoFocus
          value={name}
          onChange={setName}
        />
        <FormEnd
          does={t("yard.deletePermanently")}
          said={said}
          busy={deletion.isPending}
          onCancel={onClose}
        />
      </form>
    </Dialog>
  );
}
