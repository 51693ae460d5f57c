import { useState } from "react";
import { asked } from "../../api/asked";
import {
  api,
  type DiagnosisView,
  type LampSeen,
  type Probing,
  type Rig,
  type TriedSearch,
} from "../../api/client";
import { withPaths } from "../../api/problems";
import { rigId } from "../../job/rigId";
import { useProgress } from "../../ui/useProgress";
import type { Commissioning } from "../useCommissioning";

export type FaultSearch = ReturnType<typeof useFaultSearch>;

const nothing: TriedSearch = { seen: [], read: [], beyond: [] };

const same = (one: Probing, other: Probing) =>
  one.setting === other.setting && one.red === other.red && one.black === other.black;

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
  const [tried, setTried] = useState<TriedSearch>();
  const [written, setWritten] = useState(0);
  const [why, setWhy] = useState("");
  const { search, last, ask } = useProgress<DiagnosisView>(
    `${job} ${rigId(rig)} ${line} ${written} ${JSON.stringify(tried)}`,
    (signal) =>
      api.POST("/api/preview/diagnosis", {
        body: { rig, line, job, trial: tried ?? null },
        parseAs: "stream",
        signal,
      }),
    { enabled: enabled && line !== "", settle: 0 },
  );

  const add = async (what: object, about: string) => {
    const there = await desk.add({ ...what, line } as never, about);
    if (there) setWritten(written + 1);
    return there;
  };

  const look = (stand: string, lamps: readonly { lamp: string; as: LampSeen }[]) => {
    if (!tried) return add({ kind: "looked", stand, lamps }, stand);
    const seen = (tried.seen ?? []).filter(
      (other) => other.stand !== stand || !lamps.some(({ lamp }) => lamp === other.lamp),
    );
    setTried({ ...tried, seen: [...seen, ...lamps.map(({ lamp, as }) => ({ stand, lamp, as }))] });
    return Promise.resolve(true);
  };

  const forgetLooks = (stand: string) => {
    if (!tried) return add({ kind: "forgotten", stand }, stand);
    setTried({ ...tried, seen: tried.seen.filter((other) => other.stand !== stand) });
    return Promise.resolve(true);
  };

  const take = (stand: string, probing: Probing, value: number, about: string) => {
    if (!tried) return add({ kind: "probed", stand, probing, value }, about);
    const read = tried.read.filter((other) => other.stand !== stand || !same(other.probing, probing));
    setTried({ ...tried, read: [...read, { stand, probing, value }] });
    return Promise.resolve(true);
  };

  const takeBack = (stand: string, probing: Probing) => {
    if (!tried) return add({ kind: "forgotten", stand, probing }, stand);
    setTried({
      ...tried,
      read: tried.read.filter((other) => other.stand !== stand || !same(other.probing, probing)),
    });
    return Promise.resolve(true);
  };

  const cannotReach = async (parts: readonly string[]) => {
    if (tried) setTried({ ...tried, beyond: [...new Set([...tried.beyond, ...parts])] });
    else for (const part of parts) await add({ kind: "cannotReach", part }, part);
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
    setTried: (on: boolean) => setTried(on ? nothing : undefined),
    look,
    forgetLooks,
    take,
    takeBack,
    cannotReach,
    found: (fault: string) => {
      if (!tried) return add({ kind: "faultFound", fault }, fault);
      setTried(nothing);
      return Promise.resolve(true);
    },
    /** Looks at every lamp of the simulated vehicle, in every way of standing. */
    lookAtAll: async (stands: readonly string[]) => {
      const seen: TriedSearch["seen"] = [];
      for (const stand of stands) seen.push(...((await simulated(stand))?.seen ?? []));
      setTried((now) => ({ ...(now ?? nothing), seen }));
    },
    read: async (stand: string, probing: Probing) => (await simulated(stand, probing))?.value ?? undefined,
    lookAt: async (stand: string, lamp: string) =>
      (await simulated(stand))?.seen.find((one) => one.lamp === lamp)?.as,
  };
}
