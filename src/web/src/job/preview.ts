import {
  type Assessment,
  api,
  type EditPreviewPart,
  type LineView,
  type Rig,
  type RigState,
  type RunAssessment,
} from "../api/client";
import { jsonLines } from "../api/jsonLines";
import type { Answer } from "../api/problems";

/** What of a rig is on screen: a line, in a state, with a wire of it judged. */
export type Looked = { lineId: string; state?: RigState | undefined; run?: string | undefined };

/** What follows from one edit, part by part as the server works it out; a part that does not come is undefined. */
export class Preview {
  private readonly line = new Part<LineView>();
  private readonly whole = new Part<Assessment>();
  private readonly run = new Part<RunAssessment>();
  private readonly ending = new AbortController();
  /** Whether it came to nothing: what is asked once more is asked of the server. */
  private lost = false;

  constructor(
    readonly rig: Rig,
    readonly looked: Looked | undefined,
  ) {
    void this.read();
  }

  /** Gives it up: a newer edit takes its place. */
  abort() {
    this.ending.abort();
  }

  /** What follows from the rig; undefined where it was given up. */
  get assessment() {
    return this.whole.answer;
  }

  /** The line as it is asked for, where it is one of the parts. */
  lineIn(lineId: string, state: RigState | undefined) {
    const isPart = this.looked?.lineId === lineId && this.looked.state === state && !this.lost;
    return isPart ? this.line.answer : undefined;
  }

  /** A wire judged, where it is one of the parts. */
  runOf(run: string) {
    return this.looked?.run === run && !this.lost ? this.run.answer : undefined;
  }

  private async read() {
    try {
      const answer = await api.POST("/api/preview/edit", {
        body: {
          rig: this.rig,
          lineId: this.looked?.lineId ?? null,
          state: this.looked?.state ?? null,
          run: this.looked?.run ?? null,
        },
        parseAs: "stream",
        signal: this.ending.signal,
      });
      const { response } = answer;
      if (answer.data) {
        for await (const part of jsonLines<EditPreviewPart>(answer.data)) {
          if (part.line) this.line.came({ data: part.line, response });
          if (part.assessment) this.whole.came({ data: part.assessment, response });
          if (part.run) this.run.came({ data: part.run, response });
        }
      } else {
        for (const part of this.parts) part.came({ error: answer.error, response });
      }
    } catch (error) {
      this.lost = true;
      if (!this.ending.signal.aborted) for (const part of this.parts) part.failed(error);
    }
    for (const part of this.parts) part.came(undefined);
  }

  private get parts() {
    return [this.line, this.whole, this.run] as const;
  }
}

/** An answer that is waited for. */
class Part<Data> {
  came!: (answer: Answer<Data> | undefined) => void;
  failed!: (error: unknown) => void;
  readonly answer = new Promise<Answer<Data> | undefined>((came, failed) => {
    this.came = came;
    this.failed = failed;
  });

  constructor() {
    // Who does not wait for it hears of it from the others.
    this.answer.catch(() => {});
  }
}
