import {
  type Assessment,
  type AssignSlotsAnswer,
  type AutoSizeAnswer,
  api,
  type Check,
  type OpenJob,
  type RerouteAnswer,
  type Rig,
} from "../api/client";
import { type FieldErrors, noErrors, type Refusal, refusal, withPaths } from "../api/problems";

/** Where an edit is on its way to the file. */
export type SaveState =
  | { kind: "saved" }
  | { kind: "settling" }
  | { kind: "saving" }
  | { kind: "refused" }
  | { kind: "unreachable" }
  | { kind: "stale"; newest: OpenJob };

export type EditorState = {
  /** The job as last acknowledged. */
  job: OpenJob;
  /** The rig as it stands on screen. */
  rig: Rig;
  /** What follows from the newest rig that could be assessed. */
  assessment: Assessment;
  errors: FieldErrors;
  save: SaveState;
};

/** What the server can propose for a whole job. */
export type ProposalKind = "auto-size" | "assign-slots" | "reroute";

export type ProposalAnswer = AutoSizeAnswer | AssignSlotsAnswer | RerouteAnswer;

export type Proposal = { kind: "answer"; answer: ProposalAnswer } | { kind: "failed"; why: string };

const unreachableWords = "The server does not answer. Nothing was changed; try again.";

const settleMilliseconds = 400;
const retryMilliseconds = 2000;

/**
 * One job's rig under the hands: every edit is previewed at once and, when it settles, saved on the revision that it
 * was made on. One save is under way at a time, so the editor is never in conflict with itself.
 */
export class RigEditor {
  private state: EditorState;
  private listeners = new Set<() => void>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private previewing: AbortController | undefined;
  private queue: Promise<void> = Promise.resolve();
  private about: string | undefined;
  /** Whether what is on screen came with no more than one line told in full. */
  private brief = false;

  constructor(job: OpenJob) {
    this.state = settled(job);
  }

  readonly snapshot = () => this.state;

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  /** The line that is shown closely: previews bring no more of the others than a list shows; undefined: all of all. */
  lookAt(lineId: string | undefined) {
    if (this.about === lineId) return;
    this.about = lineId;
    if (this.brief) void this.preview();
  }

  edit(change: (rig: Rig) => Rig) {
    this.set({ rig: change(this.state.rig), save: { kind: "settling" } });
    void this.preview();
    this.settleLater(settleMilliseconds);
  }

  /** Saves at once what has not settled yet; to be called before the page goes away. */
  flush() {
    if (this.timer !== undefined) void this.settle();
  }

  undo() {
    return this.step((job, idempotencyKey) =>
      api.POST("/api/jobs/{id}/undo", {
        params: { path: { id: job.id } },
        body: { onRevision: job.revision, idempotencyKey },
      }),
    );
  }

  redo() {
    return this.step((job, idempotencyKey) =>
      api.POST("/api/jobs/{id}/redo", {
        params: { path: { id: job.id } },
        body: { onRevision: job.revision, idempotencyKey },
      }),
    );
  }

  /** Takes what the other window saved and drops the edits of this one. */
  takeTheirs() {
    if (this.state.save.kind === "stale") this.replace(settled(this.state.save.newest));
  }

  /** Saves this window's rig on top of what the other one saved; theirs stays in the history. */
  keepMine() {
    if (this.state.save.kind !== "stale") return;
    this.set({ job: this.state.save.newest, save: { kind: "settling" } });
    void this.settle();
  }

  /** Puts the remedy of a check in, as an edit like any other; gives what went wrong, or nothing. */
  cure(check: Check): Promise<string | undefined> {
    return this.remake((rig) =>
      api.POST("/api/remedy", {
        body: { rig, checkId: check.id, about: check.about ?? "", lineId: check.lineId ?? null },
      }),
    );
  }

  /** Adds, removes or swaps a part along a line; gives what went wrong, or nothing. */
  alter(lineId: string, station: string, offer: string): Promise<string | undefined> {
    return this.remake((rig) => api.POST("/api/alter", { body: { rig, lineId, station, offer } }));
  }

  /** Wires a line planned in short part by part; gives what went wrong, or nothing. */
  wireByParts(lineId: string): Promise<string | undefined> {
    return this.remake((rig) => api.POST("/api/parts", { body: { rig, lineId } }));
  }

  /** Something that the server makes of the rig on screen, taken as an edit; what was edited before is saved before it, so that each is undone by itself. */
  async remake(
    make: (rig: Rig) => Promise<{ data?: { rig: Rig }; error?: unknown }>,
  ): Promise<string | undefined> {
    if (this.timer !== undefined) await this.settle();
    const { rig } = this.state;
    const answer = await reach(() => make(rig));
    if (answer === "unreachable") return unreachableWords;
    if (this.state.rig !== rig) return "The rig was changed meanwhile. Try again.";
    const made = answer.data?.rig;
    if (!made) return withPaths(refusal(answer.error));
    this.edit(() => made);
    this.flush();
    return undefined;
  }

  /** Asks for a proposal on what is saved; nothing is stored. */
  async propose(kind: ProposalKind, lineId?: string): Promise<Proposal> {
    await this.settle();
    const { job, save } = this.state;
    if (save.kind !== "saved")
      return { kind: "failed", why: "Mend the fields that are marked first: it works on what is saved." };
    const answer = await reach(() => this.ask(kind, { onRevision: job.revision, lineId: lineId ?? null }));
    if (answer === "unreachable") return { kind: "failed", why: unreachableWords };
    if (answer.data) return { kind: "answer", answer: answer.data };
    if (isStale(answer.error)) this.set({ save: { kind: "stale", newest: answer.error.newest } });
    return { kind: "failed", why: "This job was changed elsewhere meanwhile." };
  }

  /** Stores what was proposed as one revision. */
  apply(kind: ProposalKind, lineId?: string) {
    return this.step(async (job, idempotencyKey) => {
      const answer = await this.ask(kind, {
        onRevision: job.revision,
        apply: true,
        idempotencyKey,
        lineId: lineId ?? null,
      });
      return { data: answer.data?.job ?? undefined, error: answer.error };
    });
  }

  private async ask(
    kind: ProposalKind,
    {
      lineId,
      ...asked
    }: { onRevision: number; apply?: boolean; idempotencyKey?: string; lineId: string | null },
  ): Promise<{ data?: ProposalAnswer; error?: unknown }> {
    const params = { path: { id: this.state.job.id } };
    if (kind === "assign-slots") return api.POST("/api/jobs/{id}/assign-slots", { params, body: asked });
    if (kind === "reroute") return api.POST("/api/jobs/{id}/reroute", { params, body: asked });
    return api.POST("/api/jobs/{id}/auto-size", { params, body: { ...asked, lineId } });
  }

  private async preview() {
    this.previewing?.abort();
    const previewing = new AbortController();
    this.previewing = previewing;
    const rig = this.state.rig;
    try {
      const { about } = this;
      const { data, error } = await api.POST("/api/assess", {
        body: { rig, about: about ?? null },
        signal: previewing.signal,
      });
      if (this.state.rig !== rig || this.about !== about) return;
      this.brief = about !== undefined;
      if (data) this.set({ assessment: data, errors: noErrors });
      else this.refuse(withoutRig(refusal(error)));
    } catch {
      // Taken over by a newer edit, or unreachable; the save that follows says which.
    }
  }

  private settleLater(milliseconds: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.settle(), milliseconds);
  }

  private settle() {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.queue = this.queue.then(() => this.save());
    return this.queue;
  }

  private async save() {
    const { rig, job, save } = this.state;
    if (save.kind === "stale" || rig === job.rig) return;
    this.set({ save: { kind: "saving" } });
    const body = { onRevision: job.revision, idempotencyKey: keyOf(rig), rig };
    const answer = await reach(() =>
      api.PUT("/api/jobs/{id}/rig", { params: { path: { id: job.id } }, body, keepalive: true }),
    );
    if (answer === "unreachable") {
      this.set({ save: { kind: "unreachable" } });
      this.settleLater(retryMilliseconds);
      return;
    }
    const overtaken = this.state.rig !== rig;
    if (answer.data) {
      const saved = { ...answer.data, rig: overtaken ? answer.data.rig : rig };
      this.set({
        job: saved,
        ...(overtaken ? {} : { assessment: saved.assessment, errors: noErrors, save: { kind: "saved" } }),
      });
    } else if (isStale(answer.error)) {
      this.set({ save: { kind: "stale", newest: answer.error.newest } });
    } else if (!overtaken) {
      this.refuse(withoutRig(refusal(answer.error)));
    }
  }

  /** Something that the server does to the newest revision. */
  private async step(
    take: (job: OpenJob, idempotencyKey: string) => Promise<{ data?: OpenJob; error?: unknown }>,
  ) {
    if (this.droppedRefused()) return;
    await this.settle();
    // What was still on its way may have been refused only now.
    if (this.droppedRefused()) return;
    const { job, save } = this.state;
    if (save.kind !== "saved") return;
    const answer = await reach(() => take(job, crypto.randomUUID()));
    if (answer === "unreachable") return;
    if (answer.data) this.replace(settled(answer.data));
    else if (isStale(answer.error)) this.set({ save: { kind: "stale", newest: answer.error.newest } });
  }

  /** Goes back to what is saved where the server refuses what is on screen. */
  private droppedRefused(): boolean {
    if (this.state.save.kind !== "refused") return false;
    this.replace(settled(this.state.job));
    return true;
  }

  private refuse(said: Refusal) {
    if (said.kind === "fields") this.set({ errors: said.errors, save: { kind: "refused" } });
    else this.set({ save: { kind: "unreachable" } });
  }

  private set(change: Partial<EditorState>) {
    this.replace({ ...this.state, ...change });
  }

  private replace(next: EditorState) {
    if (next.assessment === next.job.assessment) this.brief = false;
    this.state = next;
    for (const listener of this.listeners) listener();
  }
}

function settled(job: OpenJob): EditorState {
  return { job, rig: job.rig, assessment: job.assessment, errors: noErrors, save: { kind: "saved" } };
}

const keys = new WeakMap<Rig, string>();

/** The same rig is the same save, however often it is sent. */
function keyOf(rig: Rig): string {
  const key = keys.get(rig) ?? crypto.randomUUID();
  keys.set(rig, key);
  return key;
}

async function reach<Answer>(call: () => Promise<Answer>): Promise<Answer | "unreachable"> {
  try {
    return await call();
  } catch {
    return "unreachable";
  }
}

function isStale(error: unknown): error is { newest: OpenJob } {
  return typeof error === "object" && error !== null && "newest" in error;
}

/** A request names its fields from its own root; the form names them from the rig. */
function withoutRig(said: Refusal): Refusal {
  if (said.kind !== "fields") return said;
  const errors = Object.fromEntries(
    Object.entries(said.errors).map(([path, messages]) => [path.replace(/^rig\./, ""), messages]),
  );
  return { kind: "fields", errors };
}
