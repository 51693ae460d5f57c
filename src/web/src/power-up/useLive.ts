import { useCallback, useEffect, useRef, useState } from "react";
import { asked } from "../api/asked";
import { api, type LiveAnswer, type Rig, type RigState, type RunNote, type RunSample } from "../api/client";
import { withPaths } from "../api/problems";
import { rigId } from "../job/rigId";
import { useStable } from "../ui/useStable";

/** What can be done to a rig that runs; when it was done is put to it here. */
export type Deed =
  | { kind: "turns"; dash: RigState }
  | { kind: "replaces"; fuse: string }
  | { kind: "charges"; battery: string; charge: number }
  | { kind: "breaks"; faults: string[] };

type Done = Deed & { seconds: number };

/** So often the server is asked how it goes on. */
const tickMilliseconds = 250;

/** Something that is done takes so long, s: the server keeps moments apart by it. */
const deedSeconds = 0.001;

const mostSamples = 600;
const mostNotes = 200;

/** How much quicker than life it can run. */
export const speeds = [1, 60, 1000] as const;
export type Speed = (typeof speeds)[number];

export type Live = ReturnType<typeof useLive>;

type Course = { events: readonly Done[]; seconds: number };

const start: Course = { events: [], seconds: 0 };

const begun = (): {
  answer?: LiveAnswer;
  samples: readonly RunSample[];
  notes: readonly RunNote[];
  why: string;
} => ({
  samples: [],
  notes: [],
  why: "",
});

/** Every so many samples one is left, where there are more than can be drawn apart. */
const thinned = (samples: readonly RunSample[]) =>
  samples.length <= mostSamples ? samples : samples.filter((_, i) => i % 2 === 0 || i === samples.length - 1);

/** Whether the reader would rather see nothing flash. */
const still = () => globalThis.matchMedia?.("(prefers-reduced-motion: reduce)").matches ?? false;

/**
 * A rig that runs. The server runs it: it is told all that was done to it, and how far it is to go, and answers how it stands
 * there and what happened on the way.
 */
export function useLive(rig: Rig) {
  const [speed, setSpeed] = useState<Speed>(1);
  const [playing, setPlaying] = useState(true);
  const [shown, setShown] = useState(begun);
  // As it was turned last, though the server has not answered yet: the next turn goes on from there.
  const [dash, setDash] = useState<RigState>({});
  const course = useRef(start);
  const asking = useRef(false);
  const waiting = useRef<Deed[]>([]);
  const steady = speed > 60 || still();

  /** Goes on by so much, after what was done meanwhile. */
  const go = useStable(async (by: number) => {
    if (asking.current) return;
    asking.current = true;
    const of = course.current;
    const deeds = waiting.current;
    waiting.current = [];
    const events: Done[] = [
      ...of.events,
      ...deeds.map((deed, i) => ({ ...deed, seconds: of.seconds + deedSeconds * (i + 1) }) as Done),
    ];
    const until = of.seconds + Math.max(by, deedSeconds * (deeds.length + 1));
    const came = await asked(() =>
      api.POST("/api/preview/live", { body: { rig, events, since: of.seconds, until, steady } as never }),
    );
    asking.current = false;
    if (course.current !== of) return;
    if (!came.ok) {
      setPlaying(false);
      setShown((now) => ({ ...now, why: withPaths(came.refusal) }));
      return;
    }
    const answer = came.data;
    course.current = { events, seconds: until };
    setShown((now) => ({
      answer,
      samples: thinned([...now.samples, ...answer.samples]),
      notes: [...now.notes, ...answer.notes].slice(-mostNotes),
      why: "",
    }));
    if (waiting.current.length > 0) void go(0);
  });

  const restart = useCallback(() => {
    course.current = { ...start };
    waiting.current = [];
    setShown(begun());
    setDash({});
    void go(0);
  }, [go]);

  // Another plan is another rig: it begins at rest.
  const id = rigId(rig);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the plan is told by its id
  useEffect(restart, [id, restart]);

  useEffect(() => {
    if (!playing) return;
    const timer = setInterval(() => void go((tickMilliseconds / 1000) * speed), tickMilliseconds);
    return () => clearInterval(timer);
  }, [playing, speed, go]);

  const act = useCallback(
    (deed: Deed) => {
      waiting.current.push(deed);
      if (deed.kind === "turns") setDash(deed.dash);
      void go(0);
    },
    [go],
  );

  return {
    ...shown,
    dash,
    /** All that was done to it, and when it is. */
    course: course.current,
    act,
    restart,
    playing,
    setPlaying,
    speed,
    setSpeed,
    steady,
  };
}
