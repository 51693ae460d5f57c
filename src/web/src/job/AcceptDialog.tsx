import { useState } from "react";
import type { Check } from "../api/client";
import { type FieldErrors, noErrors } from "../api/problems";
import { Dialog } from "../ui/Dialog";
import { FormEnd } from "../ui/FormEnd";
import { TextField } from "../ui/TextField";
import { useDraft } from "../ui/useDraft";
import { t } from "../words";
import { checkOf } from "./cure";
import type { RigEditor } from "./rigEditor";

/** Who accepted something last on this page. */
let lastName = "";

/** Takes a Watch as it is: why, and who says so. */
export function AcceptDialog({
  editor,
  check,
  onClose,
}: {
  editor: RigEditor;
  check: Check;
  onClose: () => void;
}) {
  const [{ reason, by }, setTyped, dropTyped] = useDraft(`accept:${check.id}:${check.about}`, {
    reason: "",
    by: lastName,
  });
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [trouble, setTrouble] = useState<string>();
  const take = async () => {
    const ran = await editor.run({ kind: "acceptWatch", ...checkOf(check), reason, by });
    if (ran.done) {
      lastName = by;
      dropTyped();
      onClose();
      return;
    }
    setErrors(ran.errors);
    setTrouble(Object.keys(ran.errors).length > 0 ? undefined : ran.why);
  };
  return (
    <Dialog open onClose={onClose} title={t("job.acceptThisWatch")}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void take();
        }}
      >
        <p className="font-semibold">{check.title}</p>
        <p>{check.reason}</p>
        <TextField
          label={t("job.whyItMayStay")}
          rows={2}
          autoFocus
          value={reason}
          messages={errors.reason}
          onChange={(next) => setTyped({ reason: next, by })}
        />
        <TextField
          label={t("job.yourName")}
          value={by}
          messages={errors.by}
          onChange={(next) => setTyped({ reason, by: next })}
        />
        <p className="text-sm text-dust">{t("job.itCountsAgainAsSoon")}</p>
        <FormEnd
          does={t("job.accept2")}
          said={trouble}
          onCancel={() => {
            dropTyped();
            onClose();
          }}
        />
      </form>
    </Dialog>
  );
}
