import { useRef, useState } from "react";
import { asked } from "../api/asked";
import { api, type CommissioningEvent, type LineCard, type Rig, type TrialReading } from "../api/client";
import { type FieldErrors, noErrors, under, withPaths } from "../api/problems";
import { ofCommissioning } from "../job/aboutRig";
import type { RigEditor } from "../job/rigEditor";
import { rigId } from "../job/rigId";
import { useOfRig } from "../job/useOfRig";
import { whoHere } from "../job/who";
import { useAnswer } from "../ui/useAnswer";
import { t } from "../words";

export type Commissioning = ReturnType<typeof useCommissioning>;

/** What was measured and tried on the job's vehicle, and what is to be. */
export function useCommissioning(editor: RigEditor, rig: Rig) {
  const { job } = editor.snapshot();
  const looked = useOfRig(editor, rig, ofCommissioning(job.id));
  const [chosen, setLine] = useState("");
  const [trial, setTrial] = useState<readonly TrialReading[]>();
  const [errors, setErrors] = useState<{ about: string; fields: FieldErrors }>({
    about: "",
    fields: noErrors,
  });
  const [why, setWhy] = useState("");
  const sending = useRef(false);
  const lines = looked.answer?.lines ?? [];
  // What was begun is gone on with.
  const first =
    lines.find(({ standing }) => standing === "begun") ??
    lines.find(({ standing, all }) => standing === "open" && all > 0) ??
    lines.find(({ all }) => all > 0);
  const line = lines.find(({ id }) => id === chosen)?.id ?? first?.id ?? "";
  const readings = useAnswer<LineCard>(
    ["readings", job.id, rigId(rig), line, trial],
    (signal) =>
      api.POST("/api/preview/readings", {
        body: { rig, job: job.id, line, trial: trial ? [...trial] : null },
        signal,
      }),
    { enabled: line !== "", keep: line, early: true },
  );

  /** Writes something into the record; gives whether it is there. */
  const add = async (what: CommissioningEvent, about: string): Promise<boolean> => {
    if (sending.current) return false;
    sending.current = true;
    const came = await asked(() =>
      api.POST("/api/jobs/{id}/commissioning", {
        params: { path: { id: job.id } },
        body: {
          what,
          who: whoHere(),
          client: t("powerUp.thisBrowser"),
          revision: editor.snapshot().job.revision,
          idempotencyKey: crypto.randomUUID(),
        },
      }),
    );
    sending.current = false;
    const fields = !came.ok && came.refusal.kind === "fields" ? under(came.refusal.errors, "what") : noErrors;
    setErrors({ about, fields });
    setWhy(came.ok || came.refusal.kind === "fields" ? "" : withPaths(came.refusal));
    if (!came.ok) return false;
    looked.again();
    readings.again();
    return true;
  };

  return {
    view: looked.answer,
    failed: looked.why || readings.why || why,
    slow: readings.slow,
    line,
    setLine,
    card: readings.answer?.line === line ? readings.answer : undefined,
    /** Readings taken on the simulated rig, which are written nowhere; nothing: it is the vehicle that is measured. */
    trial,
    setTrial,
    /** What the server said of the field that something was typed into. */
    said: (about: string, field: string) => (errors.about === about ? errors.fields[field] : undefined),
    add,
  };
}
