import { useState } from "react";
import { asked } from "../api/asked";
import {
  api,
  type HandOverAnswer,
  type HandOverEvent,
  type PackPages,
  type PaperSize,
  type Rig,
  type UnitSystem,
} from "../api/client";
import { type FieldErrors, noErrors, under, withPaths } from "../api/problems";
import { ofHandOver } from "../job/aboutRig";
import type { RigEditor } from "../job/rigEditor";
import { rigId } from "../job/rigId";
import { useOfRig } from "../job/useOfRig";
import { whoHere } from "../job/who";
import { useAnswer } from "../ui/useAnswer";
import { t } from "../words";

export type HandOverDesk = ReturnType<typeof useHandOver>;

/** How far the vehicle is from being handed over, the pack page by page, and the one way to write into it. */
export function useHandOver(editor: RigEditor, rig: Rig) {
  const { job } = editor.snapshot();
  const looked = useOfRig<HandOverAnswer>(editor, rig, ofHandOver(job.id));
  const [paper, setPaper] = useState<PaperSize>(rig.houseRules?.units === "imperial" ? "letter" : "a4");
  const [units, setUnits] = useState<UnitSystem>(rig.houseRules?.units ?? "metric");
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [why, setWhy] = useState("");
  const [busy, setBusy] = useState(false);
  const pack = useAnswer<PackPages>(
    ["pack", job.id, rigId(rig), paper, units],
    (signal) => api.POST("/api/preview/pack", { body: { rig, job: job.id, paper, units }, signal }),
    { keep: job.id, settle: 300 },
  );

  /** Writes something into the record; gives whether it is there. */
  const add = async (what: HandOverEvent): Promise<boolean> => {
    setBusy(true);
    const came = await asked(() =>
      api.POST("/api/jobs/{id}/hand-over", {
        params: { path: { id: job.id } },
        body: {
          what,
          who: whoHere(),
          client: t("handOver.thisBrowser"),
          revision: editor.snapshot().job.revision,
          idempotencyKey: crypto.randomUUID(),
        },
      }),
    );
    setBusy(false);
    setErrors(!came.ok && came.refusal.kind === "fields" ? under(came.refusal.errors, "what") : noErrors);
    setWhy(came.ok || came.refusal.kind === "fields" ? "" : withPaths(came.refusal));
    if (!came.ok) return false;
    looked.again();
    pack.again();
    return true;
  };

  return {
    view: looked.answer,
    failed: looked.failed ? looked.why : "",
    pack: pack.answer,
    packWhy: pack.why,
    slow: pack.slow,
    paper,
    setPaper,
    units,
    setUnits,
    errors,
    why,
    busy,
    add,
    /** Asks for the pack once more: what is not in the plan was changed. */
    again: pack.again,
  };
}
