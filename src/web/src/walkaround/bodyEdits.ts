import type { Body, Lane, Mount, Rig, Space, Station } from "../api/client";
import { withBody } from "../job/rigEdits";

/* Edits of a body: what is taken out is asked for by nobody any more. */

function freeId(wanted: string, taken: readonly string[]) {
  let at = 1;
  while (taken.includes(`${wanted}-${at}`)) at++;
  return `${wanted}-${at}`;
}

const idsOf = (body: Body | null | undefined) =>
  [...(body?.stations ?? []), ...(body?.mounts ?? []), ...(body?.spaces ?? [])].map(({ id }) => id);

export const newStation = (rig: Rig): Station => {
  const id = freeId("station", idsOf(rig.body));
  return { id, name: `Station ${id.split("-").at(-1)}`, at: { back: 1, right: 0, up: 0.8 }, kind: "plain" };
};

export const newLane = (rig: Rig): Lane => {
  const stations = rig.body?.stations ?? [];
  return {
    id: freeId(
      "lane",
      (rig.body?.lanes ?? []).map(({ id }) => id),
    ),
    from: stations[0]?.id ?? "",
    to: stations.at(-1)?.id ?? "",
    zone: "exterior",
  };
};

/** A lane gone is asked for by nobody any more. */
export function withoutLane(rig: Rig, id: string): Rig {
  const gone = withBody(rig, { lanes: rig.body?.lanes?.filter((lane) => lane.id !== id) });
  const through = (lay: { through?: string[] }) => lay.through?.filter((lane) => lane !== id);
  return {
    ...gone,
    runs: gone.runs?.map((run) =>
      run.lay ? { ...run, lay: { ...run.lay, through: through(run.lay) } } : run,
    ),
    lines: gone.lines.map((line) =>
      line.plan?.lay
        ? {
            ...line,
            plan: {
              ...line.plan,
              lay: { ...line.plan.lay, lay: { ...line.plan.lay.lay, through: through(line.plan.lay.lay) } },
            },
          }
        : line,
    ),
  };
}

/** Mounts and places whose wires leave at a station; it cannot be taken out while there are any. */
export const leaningOn = (rig: Rig, station: string) =>
  [...(rig.body?.mounts ?? []), ...(rig.body?.spaces ?? [])].filter((one) => one.station === station);

/** A station goes with its lanes; what stood there is placed nowhere. A station that a mount or space leans on stays. */
export function withoutStation(rig: Rig, id: string): Rig {
  if (leaningOn(rig, id).length > 0) return rig;
  const lanes = (rig.body?.lanes ?? []).filter(({ from, to }) => from === id || to === id);
  const bare = lanes.reduce((now, lane) => withoutLane(now, lane.id), rig);
  return {
    ...withBody(bare, { stations: bare.body?.stations?.filter((station) => station.id !== id) }),
    places: bare.places?.filter(({ at }) => at !== id),
    lines: bare.lines.map((line) =>
      line.plan?.lay?.to === id ? { ...line, plan: { ...line.plan, lay: null } } : line,
    ),
  };
}

export const newMount = (rig: Rig): Mount => {
  const id = freeId("mount", idsOf(rig.body));
  return {
    id,
    name: `Mount ${id.split("-").at(-1)}`,
    station: rig.body?.stations?.[0]?.id ?? "",
    at: { back: 1, right: 0, up: 1 },
    holds: [{ kind: "stud", fromMillimetres: 8, toMillimetres: 10 }],
  };
};

export const newSpace = (rig: Rig): Space => {
  const id = freeId("place", idsOf(rig.body));
  return {
    id,
    name: `Place ${id.split("-").at(-1)}`,
    station: rig.body?.stations?.[0]?.id ?? "",
    widthMillimetres: 100,
    heightMillimetres: 80,
    depthMillimetres: 60,
  };
};

/** A mount goes; lamps on it are placed nowhere, lines that led there have their length by hand again. */
export function withoutMount(rig: Rig, id: string): Rig {
  return {
    ...withBody(rig, {
      mounts: rig.body?.mounts
        ?.filter((mount) => mount.id !== id)
        .map((mount) => (mount.pairOf === id ? { ...mount, pairOf: null } : mount)),
    }),
    places: rig.places?.filter(({ at }) => at !== id),
    lines: rig.lines.map((line) =>
      line.plan?.lay?.to === id ? { ...line, plan: { ...line.plan, lay: null } } : line,
    ),
  };
}

/** Another body; what was placed stands where the new one has a place of that name. */
export function withNewBody(rig: Rig, body: Body): Rig {
  const places = new Set(
    [...(body.stations ?? []), ...(body.mounts ?? []), ...(body.spaces ?? [])].map(({ id }) => id),
  );
  const lanes = new Set((body.lanes ?? []).map(({ id }) => id));
  return {
    ...rig,
    body,
    places: (rig.places ?? []).filter(({ at }) => places.has(at)),
    runs: rig.runs?.map((run) =>
      run.lay
        ? { ...run, lay: { ...run.lay, through: run.lay.through?.filter((id) => lanes.has(id)) } }
        : run,
    ),
    lines: rig.lines.map((line) =>
      line.plan?.lay && !places.has(line.plan.lay.to) ? { ...line, plan: { ...line.plan, lay: null } } : line,
    ),
  };
}
