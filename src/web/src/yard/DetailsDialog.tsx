import { useState } from "react";
import type { JobSummary } from "../api/client";
import { type FieldErrors, noErrors, sentenceOf } from "../api/problems";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { Refused } from "../ui/Refused";
import { TextField } from "../ui/TextField";
import { useDetailsChange } from "./useJobs";

/** Renames a job or changes its note. */
export function DetailsDialog({ job, onClose }: { job: JobSummary; onClose: () => void }) {
  const [name, setName] = useState(job.name);
  const [note, setNote] = useState(job.note);
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [said, setSaid] = useState<string>();
  const change = useDetailsChange();

  return (
    <Dialog open onClose={onClose} title="Name and note">
      <form
        noValidate
        className="grid gap-4"
        onSubmit={async (event) => {
          event.preventDefault();
          const answer = await change.mutateAsync({ job, change: { name, note } });
          if (answer.ok) onClose();
          else if (answer.refusal.kind === "fields") setErrors(answer.refusal.errors);
          else setSaid(sentenceOf(answer.refusal));
        }}
      >
        <TextField label="Vehicle name" autoFocus value={name} messages={errors.name} onChange={setName} />
        <TextField label="Note" rows={3} value={note} messages={errors.note} onChange={setNote} />
        <Refused said={said} />
        <div className="flex justify-end gap-3">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" disabled={change.isPending}>
            Save
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
