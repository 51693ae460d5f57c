import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { asBody } from "../api/asBody";
import { asked } from "../api/asked";
import { api, type SheetAnswer, type SheetEvent } from "../api/client";
import { type FieldErrors, noErrors, sentenceOf, under } from "../api/problems";
import { askedOf, ofRunSheet } from "../job/aboutRig";
import type { RigEditor } from "../job/rigEditor";
import { whoHere } from "../job/who";
import { useStable } from "../ui/useStable";
import { t } from "../words";
import { drop, keep, type Waiting, waitingOf } from "./queue";

const retryMilliseconds = 3000;

export type SheetDesk = ReturnType<typeof useSheetRecord>;

/**
 * Writes into the job's record what happened at the vehicle. What cannot be sent waits in the browser, in its order, and is
 * sent once the server answers; what it does not take stays there with the reason.
 */
export function useSheetRecord(editor: RigEditor, again: () => void) {
  const { job } = editor.snapshot();
  const queries = useQueryClient();
  const [waiting, setWaiting] = useState<readonly Waiting[]>([]);
  const [away, setAway] = useState(false);
  const [busy, setBusy] = useState(false);
  const [told, setTold] = useState("");
  const [errors, setErrors] = useState<{ step: string; fields: FieldErrors }>({ step: "", fields: noErrors });
  const sending = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  /** The answer is about the rig that is stored: where another is on screen, that one is asked about anew. */
  const taken = (sheet: SheetAnswer | undefined) => {
    const { rig, save } = editor.snapshot();
    if (sheet && save.kind === "saved") queries.setQueryData(askedOf(ofRunSheet(job.id), rig)[0], sheet);
    else again();
  };

  /** Sends one; gives whether the next can go. */
  const send = async (entry: Waiting): Promise<boolean> => {
    const { what, photo } = entry;
    const came = photo
      ? await asked(() =>
          api.POST("/api/jobs/{id}/photos", {
            params: {
              path: { id: job.id },
              query: {
                Revision: entry.revision,
                Key: entry.key,
                Step: photo.step,
                About: photo.about,
                Caption: photo.caption,
                Who: entry.who,
                Client: t("runSheet.thisBrowser"),
              },
            },
            ...asBody(photo.picture, photo.picture.type),
          }),
        )
      : await asked(() =>
          api.POST("/api/jobs/{id}/run-sheet", {
            params: { path: { id: job.id } },
            body: {
              what: what as SheetEvent,
              who: entry.who,
              client: t("runSheet.thisBrowser"),
              revision: entry.revision,
              idempotencyKey: entry.key,
            },
          }),
        );
    if (came.ok) {
      await drop(entry.key);
      if ("sheet" in came.data) {
        taken(came.data.sheet);
        setTold(came.data.told);
      } else taken(undefined);
      setErrors({ step: "", fields: noErrors });
      setAway(false);
      return true;
    }
    if (came.refusal.kind === "unreachable" || came.refusal.kind === "failed") {
      setAway(true);
      return false;
    }
    setAway(false);
    const step = what && "step" in what ? what.step : "";
    if (came.refusal.kind === "fields" && step && !away) {
      // Still on screen: its fields say what is wrong.
      await drop(entry.key);
      setErrors({ step, fields: under(came.refusal.errors, "what") });
      return true;
    }
    await keep({ ...entry, refused: sentenceOf(came.refusal) });
    return true;
  };

  const flush = useStable(async () => {
    if (sending.current) return;
    sending.current = true;
    setBusy(true);
    clearTimeout(timer.current);
    let all = await waitingOf(job.id);
    setWaiting(all);
    while (true) {
      const next = all.find(({ refused }) => !refused);
      if (!next) break;
      if (!(await send(next))) {
        timer.current = setTimeout(() => void flush(), retryMilliseconds);
        break;
      }
      all = await waitingOf(job.id);
      setWaiting(all);
    }
    sending.current = false;
    setBusy(false);
  });

  useEffect(() => {
    void flush();
    const back = () => void flush();
    window.addEventListener("online", back);
    return () => {
      window.removeEventListener("online", back);
      clearTimeout(timer.current);
    };
  }, [flush]);

  const put = async (entry: Pick<Waiting, "what" | "photo">) => {
    await keep({
      key: crypto.randomUUID(),
      job: job.id,
      at: performance.timeOrigin + performance.now(),
      who: whoHere(),
      revision: editor.snapshot().job.revision,
      ...entry,
    });
    await flush();
  };
  return {
    /** Writes something down. */
    add: (what: SheetEvent) => put({ what: { ...what, when: new Date().toISOString() } as SheetEvent }),
    /** Sends a picture. */
    photo: (picture: Blob, about: { step: string; about: string; caption: string }) =>
      put({ photo: { picture, ...about } }),
    /** Takes back what the server did not take. */
    drop: async (key: string) => {
      await drop(key);
      setWaiting(await waitingOf(job.id));
    },
    waiting,
    /** The server does not answer. */
    away,
    /** Something is being sent. */
    busy,
    told,
    dismiss: () => setTold(""),
    errors,
  };
}
