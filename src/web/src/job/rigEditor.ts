import { asked, type Came } from "../api/asked";
import { bodyText } from "../api/bodyText";
import {
  type Assessment,
  type AssignSlotsAnswer,
  type AutoSizeAnswer,
  api,
  type EditCommand,
  type OpenJob,
  type RerouteAnswer,
  type Rig,
} from "../api/client";
import { type Answer, type FieldErrors, noErrors, sentenceOf, under, withPaths } from "../api/problems";
import { t } from "../words";
import {
  type EditorState,
  type Effect,
  isStale,
  opening,
  type QueueEvent,
  type QueueState,
  reduce,
  type SaveState,
  unsavedOf,
} from "./editQueue";
import { type Looked, Preview } from "./preview";
import type { Pending, UnsavedEdits } from "./unsaved";

/** What the server can propose for a whole job. */
export type ProposalKind = "auto-size" | "assign-slots" | "reroute";

export type ProposalAnswer = AutoSizeAnswer | AssignSlotsAnswer | RerouteAnswer;

/** What came of a command: what was done, or what went wrong, with the fields of the command that it went wrong at. */
export type Ran =
  | { done: true; notes: readonly string[]; lineId: string | undefined; partId: string | undefined }
  | { done: false; why: string; errors: FieldErrors };

/** What went wrong, where something did. */
export const whyNot = (ran: Ran) => (ran.done ? undefined : ran.why);

export type Proposal = { kind: "answer"; answer: ProposalAnswer } | { kind: "failed"; why: string };

const changedMeanwhile = t("job.theRigWasChangedWhile");
const archivedJob = t("job.thisJobIsInTheArchive");
const changedElsewhere = t("job.thisJobWasChangedInAnother");

const fullerMilliseconds = 400;

/** Browsers send no more than 64 KiB for a page that is gone. */
const lastWordsBytes = 60_000;

/**
 * One job's rig under the hands: every edit is previewed at once, kept in the browser, and, when it settles, saved on the
 * revision that it was made on. One save is under way at a time, so the editor is never in conflict with itself; each
 * save is sent until it is acknowledged, and stored once.
 */
export class RigEditor {
  private state: QueueState;
  private listeners = new Set<() => void>();
  private readonly asking = new Set<(rig: Rig) => void>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private fuller: ReturnType<typeof setTimeout> | undefined;
  private previewing: Preview | undefined;
  private queue: Promise<void> = Promise.resolve();
  private about: string | undefined;
  private closer: Looked | undefined;
  /** Assessments that tell no more than this line in full. */
  private readonly brief = new WeakMap<Assessment, string>();
  /** Whether the job is closed: another editor may have what is kept in the browser by now. */
  private ended = false;
  /** Whether what is sent now has to outlive the page. */
  private outlive = false;

  constructor(
    opened: OpenJob,
    private readonly unsaved: Pick<UnsavedEdits, "found" | "keep">,
  ) {
    this.state = opening(opened, unsaved.found);
  }

  readonly snapshot = (): EditorState => this.state;

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  /** Tells of each rig that an edit makes before the page is drawn with it; gives how that ends. */
  onEdit(ask: (rig: Rig) => void) {
    this.asking.add(ask);
    return () => {
      this.asking.delete(ask);
    };
  }

  /** Sends what an earlier page could not, if there is any. */
  begin() {
    this.ended = false;
    if (this.state.pending.length === 0) return;
    void this.preview();
    void this.settle();
  }

  /** Closes the job; what has not settled is sent once more. */
  end() {
    this.flush();
    clearTimeout(this.fuller);
    this.ended = true;
  }

  /** The line that is shown closely: previews bring no more of the others than a list shows; undefined: all of all. */
  lookAt(lineId: string | undefined) {
    if (this.about === lineId) return;
    this.about = lineId;
    clearTimeout(this.fuller);
    if (!this.tellsTooLittle()) return;
    if (lineId !== undefined) void this.preview();
    // Where one goes instead asks about the same rig: that comes first.
    else this.fuller = setTimeout(() => this.tellsTooLittle() && void this.preview(), fullerMilliseconds);
  }

  /** How the line is shown, and the wire of it that is judged: both come with the next preview. */
  lookCloser(looked: Looked) {
    this.closer = looked;
  }

  /** What follows from a rig, where it is under way or came last. */
  previewOf(rig: Rig): Preview | undefined {
    return this.previewing?.rig === rig ? this.previewing : undefined;
  }

  /** Whether what is on screen tells less than is looked at. */
  private tellsTooLittle() {
    const of = this.brief.get(this.state.assessment);
    return of !== undefined && of !== this.about;
  }

  edit(change: (rig: Rig) => Rig) {
    if (this.state.job.readOnly) return;
    if (this.state.job.archived) {
      this.dispatch({ kind: "said", trouble: archivedJob });
      return;
    }
    this.dispatch({ kind: "edited", rig: change(this.state.rig) });
  }

  /** Saves at once what has not settled yet; of a page that goes away in a way that outlives it. */
  flush({ outlive = false } = {}) {
    if (this.timer === undefined) return;
    this.outlive = outlive;
    void this.settle();
    this.outlive = false;
  }

  /** Takes the newest edit back; what went wrong stands in the state. */
  undo() {
    return this.say(
      this.step(t("job.notUndone"), (job, idempotencyKey) =>
        api.POST("/api/jobs/{id}/undo", {
          params: { path: { id: job.id } },
          body: { onRevision: job.revision, idempotencyKey },
        }),
      ),
    );
  }

  /** Puts back what was undone; what went wrong stands in the state. */
  redo() {
    return this.say(
      this.step(t("job.notRedone"), (job, idempotencyKey) =>
        api.POST("/api/jobs/{id}/redo", {
          params: { path: { id: job.id } },
          body: { onRevision: job.revision, idempotencyKey },
        }),
      ),
    );
  }

  /** Goes back to an older revision, as a new one; what went wrong stands in the state. */
  goBack(number: number) {
    return this.say(
      this.step(t("job.notChanged"), (job, idempotencyKey) =>
        api.POST("/api/jobs/{id}/revisions/{number}/go-back", {
          params: { path: { id: job.id, number } },
          body: { onRevision: job.revision, idempotencyKey },
        }),
      ),
    );
  }

  /** Takes the job out of the archive, so that it can be changed; what went wrong stands in the state. */
  restore() {
    return this.say(
      this.step(t("job.notRestored"), (job) =>
        api.PATCH("/api/jobs/{id}", {
          params: { path: { id: job.id } },
          body: { onVersion: job.detailsVersion, archived: false },
        }),
      ),
    );
  }

  /** Goes on with what the other window saved, this one's put before it as a revision so that undo brings it back; gives what went wrong, or nothing. */
  async takeTheirs(): Promise<string | undefined> {
    if (this.state.save.kind !== "stale") return undefined;
    const { newest } = this.state.save;
    const mine = await this.put(newest, { key: keyOf(this.state.rig), rig: this.state.rig });
    if (!mine.ok) return this.notStored(mine);
    const theirs = await this.put(mine.data, { key: crypto.randomUUID(), rig: newest.rig });
    if (!theirs.ok) return this.notStored(theirs);
    this.dispatch({ kind: "taken", job: theirs.data });
    return undefined;
  }

  /** Goes on with theirs where this window's cannot be stored at all. */
  dropMine() {
    if (this.state.save.kind === "stale") this.dispatch({ kind: "taken", job: this.state.save.newest });
  }

  /** Saves this window's rig on top of what the other one saved; theirs stays in the history. */
  keepMine() {
    this.dispatch({ kind: "insisted" });
  }

  /**
   * Does something to the rig on screen that is more than the value of a field, and takes it as an edit: what was edited
   * before is saved before it, so that each is undone by itself, and what is edited while it is done is not overwritten.
   */
  run(command: EditCommand): Promise<Ran> {
    return this.waitFor(async () => {
      if (this.state.job.archived) return { done: false, why: archivedJob, errors: noErrors };
      if (this.timer !== undefined) await this.settle();
      const { rig } = this.state;
      const came = await asked(() => api.POST("/api/edits", { body: { rig, command } }));
      if (this.state.rig !== rig) return { done: false, why: changedMeanwhile, errors: noErrors };
      if (!came.ok) {
        const errors = came.refusal.kind === "fields" ? under(came.refusal.errors, "command") : noErrors;
        const named = Object.keys(errors).length > 0;
        return { done: false, why: named ? sentenceOf(came.refusal) : withPaths(came.refusal), errors };
      }
      this.edit(() => came.data.rig);
      this.flush();
      return {
        done: true,
        notes: came.data.notes,
        lineId: came.data.lineId ?? undefined,
        partId: came.data.partId ?? undefined,
      };
    });
  }

  /** The same from a button of the page: what went wrong stands in the state. */
  async do(command: EditCommand): Promise<Ran> {
    const ran = await this.run(command);
    this.dispatch({ kind: "said", trouble: whyNot(ran) });
    return ran;
  }

  private async say(why: Promise<string | undefined>) {
    this.dispatch({ kind: "said", trouble: await why });
  }

  /** Asks for a proposal on what is saved; nothing is stored. */
  propose(kind: ProposalKind, lineId?: string, signal?: AbortSignal): Promise<Proposal> {
    return this.waitFor(() => this.proposed(kind, lineId, signal));
  }

  private async proposed(kind: ProposalKind, lineId?: string, signal?: AbortSignal): Promise<Proposal> {
    await this.settle();
    const { job, save } = this.state;
    if (save.kind !== "saved")
      return { kind: "failed", why: t("job.itWorksOnWhatIs", { save: whyUnsaved(save) }) };
    const came = await asked(() =>
      this.ask(kind, { onRevision: job.revision, lineId: lineId ?? null }, signal),
    );
    if (came.ok) return { kind: "answer", answer: came.data };
    return { kind: "failed", why: this.notStored(came) };
  }

  /** Stores what was proposed as one revision; gives what went wrong, or nothing. */
  apply(kind: ProposalKind, lineId?: string) {
    return this.step(t("job.notApplied"), async (job, idempotencyKey) => {
      const { data, ...rest } = await this.ask(kind, {
        onRevision: job.revision,
        apply: true,
        idempotencyKey,
        lineId: lineId ?? null,
      });
      return { ...rest, data: data?.job ?? undefined };
    });
  }

  private async ask(
    kind: ProposalKind,
    {
      lineId,
      ...asking
    }: { onRevision: number; apply?: boolean; idempotencyKey?: string; lineId: string | null },
    signal?: AbortSignal,
  ): Promise<Answer<ProposalAnswer>> {
    const params = { path: { id: this.state.job.id } };
    if (kind === "assign-slots")
      return api.POST("/api/jobs/{id}/assign-slots", { params, body: asking, signal });
    if (kind === "reroute") return api.POST("/api/jobs/{id}/reroute", { params, body: asking, signal });
    return api.POST("/api/jobs/{id}/auto-size", { params, body: { ...asking, lineId }, signal });
  }

  private async preview() {
    this.previewing?.abort();
    const { rig } = this.state;
    const { about } = this;
    const looked =
      about === undefined ? undefined : this.closer?.lineId === about ? this.closer : { lineId: about };
    const preview = new Preview(rig, looked);
    this.previewing = preview;
    const came = await asked(async () => {
      const answer = await preview.assessment;
      if (!answer) throw new TypeError("It ended before the assessment.");
      return answer;
    });
    if (this.previewing !== preview) return;
    if (came.ok && about !== undefined) this.brief.set(came.data, about);
    this.dispatch({ kind: "previewed", rig, came });
  }

  private settle(): Promise<void> {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.dispatch({ kind: "settled", key: keyOf(this.state.rig) });
    return this.queue;
  }

  /** Sends what is pending, one after the other, as long as the server takes it. */
  private async drain(outlive: boolean) {
    for (;;) {
      const [save] = this.state.pending;
      if (!save || this.state.save.kind === "stale") return;
      this.dispatch({ kind: "sent" });
      const came = await this.put(this.state.job, save, outlive);
      this.dispatch({ kind: "answered", save, came });
      if (this.state.pending[0] === save) return;
    }
  }

  private async put(job: OpenJob, { key, rig }: Pending, outlive = false): Promise<Came<OpenJob>> {
    const { about } = this;
    const body = { onRevision: job.revision, idempotencyKey: key, rig, about: about ?? null };
    // One byte a letter at least: what is longer than the limit is not tried.
    const keepalive = outlive && new Blob([bodyText(body)]).size < lastWordsBytes;
    const came = await asked(() =>
      api.PUT("/api/jobs/{id}/rig", { params: { path: { id: job.id } }, body, keepalive }),
    );
    if (came.ok && about !== undefined) this.brief.set(came.data.assessment, about);
    return came;
  }

  /** Something that the server does to the newest revision. */
  private step(
    what: string,
    take: (job: OpenJob, idempotencyKey: string) => Promise<Answer<OpenJob>>,
  ): Promise<string | undefined> {
    return this.waitFor(() => this.stepped(what, take));
  }

  private async stepped(
    what: string,
    take: (job: OpenJob, idempotencyKey: string) => Promise<Answer<OpenJob>>,
  ): Promise<string | undefined> {
    if (this.droppedRefused()) return undefined;
    await this.settle();
    // What was still on its way may have been refused only now.
    if (this.droppedRefused()) return undefined;
    const { job, save, rig } = this.state;
    if (save.kind !== "saved") return `${what}. ${whyUnsaved(save)}`;
    const came = await asked(() => take(job, crypto.randomUUID()));
    if (this.state.rig !== rig) return `${what}. ${changedMeanwhile}`;
    if (!came.ok) return `${what}. ${this.notStored(came)}`;
    this.dispatch({ kind: "taken", job: came.data });
    return undefined;
  }

  /** Says as long as it takes that the server is waited for. */
  private async waitFor<T>(work: () => Promise<T>): Promise<T> {
    this.dispatch({ kind: "waits", by: 1 });
    try {
      return await work();
    } finally {
      this.dispatch({ kind: "waits", by: -1 });
    }
  }

  /** Says what a refused step met; a conflict is shown as one. */
  private notStored(came: Came<unknown> & { ok: false }): string {
    if (!isStale(came.error)) return sentenceOf(came.refusal);
    this.dispatch({ kind: "overtaken", newest: came.error.newest });
    return changedElsewhere;
  }

  /** Goes back to what is saved where the server refuses what is on screen. */
  private droppedRefused(): boolean {
    if (this.state.save.kind !== "refused") return false;
    this.dispatch({ kind: "taken", job: this.state.job });
    return true;
  }

  private dispatch(event: QueueEvent) {
    const [next, effects] = reduce(this.state, event);
    const other = next.assessment !== this.state.assessment;
    this.state = next;
    for (const listener of this.listeners) listener();
    if (other && this.tellsTooLittle()) void this.preview();
    for (const effect of effects) this.perform(effect);
  }

  private perform(effect: Effect) {
    switch (effect.do) {
      case "keep":
        if (!this.ended) this.unsaved.keep(unsavedOf(this.state, keyOf));
        return;
      case "preview":
        for (const ask of this.asking) ask(this.state.rig);
        void this.preview();
        return;
      case "settle":
        clearTimeout(this.timer);
        if (!this.ended) this.timer = setTimeout(() => void this.settle(), effect.afterMilliseconds);
        return;
      case "send": {
        const { outlive } = this;
        this.queue = this.queue.then(() => this.drain(outlive));
      }
    }
  }
}

/** Why what is on screen is not saved, and what to do. */
export function whyUnsaved(save: SaveState): string {
  switch (save.kind) {
    case "refused":
      return save.why ?? t("job.correctTheMarkedFieldsFirst");
    case "unreachable":
      return t("job.theServerDoesNotAnswer");
    case "failed":
      return t("job.yourChangesAreKeptIn", { why: save.why });
    case "missing":
      return t("job.thisJobIsNoLonger");
    case "stale":
      return changedElsewhere;
    default:
      return t("job.theLastChangeIsStill");
  }
}

const keys = new WeakMap<Rig, string>();

/** The same rig is the same save, however often it is sent. */
function keyOf(rig: Rig): string {
  const key = keys.get(rig) ?? crypto.randomUUID();
  keys.set(rig, key);
  return key;
}
