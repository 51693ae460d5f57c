import { useState } from "react";
import { asked } from "../../api/asked";
import {
  api,
  type CommissioningEvent,
  type DiagnosisView,
  type LampSeen,
  type Probing,
  type Rig,
} from "../../api/client";
import { withPaths } from "../../api/problems";
import { rigId } from "../../job/rigId";
import { useProgress } from "../../ui/useProgress";
import type { Commissioning } from "../useCommissioning";

type LampLook = { lamp: string; as: LampSeen };

/** Something of the search; the line comes with it. */
type Event = { kind: string } & Record<string, unknown>;

export type FaultSearch = ReturnType<typeof useFaultSearch>;

/** What is wrong with a line: what was seen and read of it, on the vehicle or on the one that is simulated here. */
export function useFaultSearch(
  rig: Rig,
  job: string,
  desk: Commissioning,
  faults: readonly string[],
  enabled: boolean,
) {
  // The vehicle before anything is fitted is no line.
  const lines = desk.view?.lines.filter(({ id, all }) => id !== "vehicle" && all > 0) ?? [];
  const line = (lines.find(({ id }) => id === desk.line) ?? lines[0])?.id ?? "";
  // Nothing: it is the vehicle that is looked at.
  const [tried, setTried] = useState<readonly CommissioningEvent[]>();
  const [written, setWritten] = useState(0);
  const [why, setWhy] = useState("");
  const { search, last, ask } = useProgress<DiagnosisView>(
    `${job} ${rigId(rig)} ${line} ${written} ${JSON.stringify(tried)}`,
    (signal) =>
      api.POST("/api/preview/diagnosis", {
        body: { rig, line, job, trial: tried ? [...tried] : null },
        parseAs: "stream",
        signal,
      }),
    { enabled: enabled && line !== "", settle: 0 },
  );

  /** Writes something down: into the job's record, or into the trial's own. */
  const add = async (what: Event, about: string) => {
    if (tried) {
      setTried([...tried, { ...what, line } as CommissioningEvent]);
      return true;
    }
    const there = await desk.add({ ...what, line } as CommissioningEvent, about);
    if (there) setWritten((now) => now + 1);
    return there;
  };

  /** What the simulated vehicle shows, with the faults that are in it. */
  const simulated = async (stand: string, probing?: Probing) => {
    const came = await asked(() =>
      api.POST("/api/preview/tried", {
        body: { rig, line, stand, faults: [...faults], probing: probing ?? null },
      }),
    );
    setWhy(came.ok ? "" : withPaths(came.refusal));
    return came.ok ? came.data : undefined;
  };

  return {
    lines,
    line,
    view: last?.line === line ? last : undefined,
    search,
    ask,
    why,
    tried: tried !== undefined,
    setTried: (on: boolean) => setTried(on ? [] : undefined),
    look: (stand: string, lamps: readonly LampLook[]) => add({ kind: "looked", stand, lamps }, stand),
    forgetLooks: (stand: string) => add({ kind: "forgotten", stand }, stand),
    take: (stand: string, probing: Probing, value: number, about: string) =>
      add({ kind: "probed", stand, probing, value }, about),
    takeBack: (stand: string, probing: Probing) => add({ kind: "forgotten", stand, probing }, stand),
    /** Faults that were looked for at their place and not found; or that is taken back. */
    lookedInto: (faults: readonly string[], slip = false) =>
      add({ kind: "lookedInto", faults, slip }, faults[0] ?? ""),
    reached: (part: string) => add({ kind: "cannotReach", part, reached: true }, part),
    cannotReach: async (parts: readonly string[]) => {
      const events = parts.map((part) => ({ kind: "cannotReach", part }));
      if (tried) setTried([...tried, ...events.map((what) => ({ ...what, line }) as CommissioningEvent)]);
      else for (const what of events) await add(what, what.part);
    },
    found: (fault: string) => add({ kind: "faultFound", fault }, fault),
    /** Looks at every lamp of the simulated vehicle, in every way of standing. */
    lookAtAll: async (stands: readonly string[]) => {
      const seen: CommissioningEvent[] = [];
      for (const stand of stands) {
        const lamps = (await simulated(stand))?.seen.map(({ lamp, as }) => ({ lamp, as })) ?? [];
        if (lamps.length > 0) seen.push({ kind: "looked", line, stand, lamps } as CommissioningEvent);
      }
      setTried((now) => [...(now ?? []), ...seen]);
    },
    read: async (stand: string, probing: Probing) => (await simulated(stand, probing))?.value ?? undefined,
    lookAt: async (stand: string, lamp: string) =>
      (await simulated(stand))?.seen.find((one) => one.lamp === lamp)?.as,
  };
}
