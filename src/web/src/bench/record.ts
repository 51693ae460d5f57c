import { useState } from "react";
import { asked } from "../api/asked";
import { api, type BenchEvent, type OpenJob } from "../api/client";
import { sentenceOf } from "../api/problems";
import { whoHere } from "../job/who";
import { t } from "../words";

export type BenchDeskRecord = ReturnType<typeof useBenchRecord>;

/** Writes into the job's record what happened at the bench; each entry is there once, however often it is sent. */
export function useBenchRecord(job: OpenJob, written: () => void) {
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const add = async (what: BenchEvent) => {
    setBusy(true);
    const came = await asked(() =>
      api.POST("/api/jobs/{id}/bench", {
        params: { path: { id: job.id } },
        body: {
          what,
          who: whoHere(),
          client: t("bench.thisBrowser"),
          revision: job.revision,
          idempotencyKey: crypto.randomUUID(),
        },
      }),
    );
    setBusy(false);
    setTrouble(came.ok ? undefined : sentenceOf(came.refusal));
    if (came.ok) written();
    return came.ok;
  };
  return { add, busy, trouble };
}
