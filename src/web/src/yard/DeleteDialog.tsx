import { useState } from "react";
import type { JobSummary } from "../api/client";
import { sentenceOf } from "../api/problems";
import { Dialog } from "../ui/Dialog";
import { FormEnd } from "../ui/FormEnd";
import { TextField } from "../ui/TextField";
import { useDeletion } from "./useJobs";

/** Deletes an archived job for good, once its name is typed. */
export function DeleteDialog({ job, onClose }: { job: JobSummary; onClose: () => void }) {
  const [name, setName] = useState("");
  const [said, setSaid] = useState<string>();
  const deletion = useDeletion();
  return (
    <Dialog open onClose={onClose} title={`Delete ${job.name}`}>
      <form
        noValidate
        className="grid gap-4"
        onSubmit={async (event) => {
          event.preventDefault();
          if (name.trim() !== job.name) {
            setSaid("The name is not that of the job. Nothing was deleted.");
            return;
          }
          const answer = await deletion.mutateAsync({ id: job.id, name });
          if (answer.ok) onClose();
          else setSaid(sentenceOf(answer.refusal));
        }}
      >
        <p>
          The job and all its revisions are deleted. This cannot be undone. Save a job file first if you may
          need it.
        </p>
        <TextField label={`Type the name: ${job.name}`} autoFocus value={name} onChange={setName} />
        <FormEnd does="Delete permanently" said={said} busy={deletion.isPending} onCancel={onClose} />
      </form>
    </Dialog>
  );
}
