import type { Came } from "../api/asked";
import type { Assessment, OpenJob, Rig } from "../api/client";
import { type FieldErrors, noErrors, type Refusal } from "../api/problems";
import type { Pending, Unsaved } from "./unsaved";

/** Where an edit is on its way to the file. */
export type SaveState =
  | { kind: "saved" }
  | { kind: "settling" }
  | { kind: "saving" }
  /** Some fields cannot be taken; or, with the reason, the whole. */
  | { kind: "refused"; why?: string }
  | { kind: "unreachable" }
  /** The server, its disk or its database is in trouble; it is tried again. */
  | { kind: "failed"; why: string }
  /** The job is no longer on the server. */
  | { kind: "missing" }
  | { kind: "stale"; newest: OpenJob };

export type EditorState = {
  /** The job as last acknowledged. */
  job: OpenJob;
  /** The rig as it stands on screen. */
  rig: Rig;
  /** What follows from the newest rig that could be assessed. */
  assessment: Assessment;
  /** Whether the assessment is of an older rig, and none of the one on screen can be had. */
  outdated: boolean;
  errors: FieldErrors;
  save: SaveState;
  /** How much is asked of the server that what is on screen waits for: proposals, undo, what it makes of the rig. */
  waiting: number;
  /** What was asked for last and could not be done, and why; undefined where it was done. */
  trouble: string | undefined;
};

/** The same with what is on its way. */
export type QueueState = EditorState & {
  /** The job as it was opened. */
  opened: OpenJob;
  /** Saves that are not acknowledged, oldest first. */
  pending: readonly Pending[];
};

export type QueueEvent =
  /** Another rig is on screen. */
  | { kind: "edited"; rig: Rig }
  /** Nothing was edited for a while, or somebody waits: what is on screen is a save, named so. */
  | { kind: "settled"; key: string }
  /** The oldest save is sent. */
  | { kind: "sent" }
  | { kind: "answered"; save: Pending; came: Came<OpenJob> }
  | { kind: "previewed"; rig: Rig; came: Came<Assessment> }
  /** The job is as the server has it; what is pending is dropped. */
  | { kind: "taken"; job: OpenJob }
  /** Another window saved meanwhile. */
  | { kind: "overtaken"; newest: OpenJob }
  /** This window's rig goes on top of what the other one saved. */
  | { kind: "insisted" }
  | { kind: "waits"; by: 1 | -1 }
  | { kind: "said"; trouble: string | undefined };

/** What has to be done besides. */
export type Effect =
  /** Keeps in the browser what the server does not have. */
  { do: "keep" } | { do: "preview" } | { do: "settle"; afterMilliseconds: number } | { do: "send" };

const settleMilliseconds = 400;
const retryMilliseconds = 2000;

/** A job as opened, with what an earlier page left of it. */
export function opening(opened: OpenJob, found: Unsaved | undefined): QueueState {
  const last = found?.pending.at(-1);
  const state = { ...settledOn(opened), opened, pending: [], waiting: 0, trouble: undefined };
  if (!found || !last) return state;
  // What was made on an older revision is sent as such: whether it was stored then, the server tells.
  return {
    ...state,
    job: { ...opened, revision: Math.min(found.onRevision, opened.revision) },
    pending: found.pending,
    rig: last.rig,
    outdated: true,
    save: { kind: "settling" },
  };
}

/** What is not acknowledged, with what is on screen where that is no save yet. */
export function unsavedOf({ job, rig, pending }: QueueState, keyOf: (rig: Rig) => string): Unsaved {
  const onScreen = rig === (pending.at(-1)?.rig ?? job.rig) ? [] : [{ key: keyOf(rig), rig }];
  return { onRevision: job.revision, pending: [...pending, ...onScreen] };
}

/** What an event makes of the state, and what has to be done then. Nothing in it waits, asks or tells the time. */
export function reduce(state: QueueState, event: QueueEvent): [QueueState, readonly Effect[]] {
  switch (event.kind) {
    case "edited":
      return [
        { ...state, rig: event.rig, save: { kind: "settling" }, trouble: undefined },
        // Asked first: the server works it out while the browser keeps it.
        [{ do: "preview" }, { do: "keep" }, { do: "settle", afterMilliseconds: settleMilliseconds }],
      ];
    case "settled": {
      const isNew = state.save.kind !== "stale" && state.rig !== (state.pending.at(-1)?.rig ?? state.job.rig);
      return isNew
        ? [
            { ...state, pending: [...state.pending, { key: event.key, rig: state.rig }] },
            [{ do: "keep" }, { do: "send" }],
          ]
        : [state, [{ do: "send" }]];
    }
    case "sent":
      return [{ ...state, save: { kind: "saving" } }, []];
    case "answered":
      return answered(state, event.save, event.came);
    case "previewed":
      return event.rig === state.rig ? [previewed(state, event.came), []] : [state, []];
    case "taken":
      return [{ ...state, ...settledOn(event.job), pending: [] }, [{ do: "keep" }]];
    case "overtaken":
      return [{ ...state, save: { kind: "stale", newest: event.newest } }, []];
    case "insisted":
      return state.save.kind === "stale"
        ? [
            { ...state, pending: [], job: state.save.newest, save: { kind: "settling" } },
            [{ do: "settle", afterMilliseconds: 0 }],
          ]
        : [state, []];
    case "waits":
      return [{ ...state, waiting: state.waiting + event.by }, []];
    case "said":
      return [{ ...state, trouble: event.trouble }, []];
  }
}

/** What came of one save. */
function answered(state: QueueState, save: Pending, came: Came<OpenJob>): [QueueState, readonly Effect[]] {
  const isLast = state.rig === save.rig;
  if (came.ok) {
    const pending = state.pending.slice(1);
    const job = { ...came.data, rig: isLast ? save.rig : came.data.rig };
    if (!isLast || pending.length > 0) return [{ ...state, pending, job }, [{ do: "keep" }]];
    // What an earlier page sent was stored then, and others went on from it.
    const newest = state.opened.revision > job.revision ? state.opened : job;
    return [{ ...state, ...settledOn(newest), pending }, [{ do: "keep" }]];
  }
  if (isStale(came.error)) return [{ ...state, save: { kind: "stale", newest: came.error.newest } }, []];
  const { refusal } = came;
  if (refusal.kind === "fields" || refusal.kind === "refused") {
    // It would be refused for ever; what is on screen stays kept until it can be stored.
    const next = { ...state, pending: state.pending.slice(1) };
    if (!isLast) return [next, [{ do: "keep" }]];
    return [
      refusal.kind === "fields"
        ? refused(next, refusal.errors)
        : { ...next, outdated: true, save: { kind: "refused", why: refusal.message } },
      [{ do: "keep" }],
    ];
  }
  return [
    { ...state, outdated: state.outdated || refusal.kind === "unreachable", save: saveOf(refusal) },
    refusal.kind === "missing" ? [] : [{ do: "settle", afterMilliseconds: retryMilliseconds }],
  ];
}

function previewed(state: QueueState, came: Came<Assessment>): QueueState {
  if (came.ok) return { ...state, assessment: came.data, outdated: false, errors: noErrors };
  return came.refusal.kind === "fields" ? refused(state, came.refusal.errors) : { ...state, outdated: true };
}

function refused(state: QueueState, errors: FieldErrors): QueueState {
  return { ...state, errors: withoutRig(errors), outdated: true, save: { kind: "refused" } };
}

function settledOn(job: OpenJob) {
  return {
    job,
    rig: job.rig,
    assessment: job.assessment,
    outdated: false,
    errors: noErrors,
    save: { kind: "saved" } as SaveState,
  };
}

function saveOf(refusal: Refusal): SaveState {
  if (refusal.kind === "missing") return { kind: "missing" };
  return refusal.kind === "failed" ? { kind: "failed", why: refusal.message } : { kind: "unreachable" };
}

/** Whether a refusal carries how the job stands now. */
export function isStale(error: unknown): error is { newest: OpenJob } {
  return typeof error === "object" && error !== null && "newest" in error;
}

/** A request names its fields from its own root; the form names them from the rig. */
function withoutRig(errors: FieldErrors): FieldErrors {
  return Object.fromEntries(
    Object.entries(errors).map(([path, messages]) => [path.replace(/^rig\./, ""), messages]),
  );
}
