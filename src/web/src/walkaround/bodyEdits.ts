import type { Body, Lane, Mount, Rig, Space, Station } from "../api/client";
import { t } from "../words";

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
  return {
    id,
    name: t("walkaround.station", { it: id.split("-").at(-1) }),
    at: { back: 1, right: 0, up: 0.8 },
    kind: "plain",
  };
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

/** Mounts and places whose wires leave at a station; it cannot be taken out while there are any. */
export const leaningOn = (rig: Rig, station: string) =>
  [...(rig.body?.mounts ?? []), ...(rig.body?.spaces ?? [])].filter((one) => one.station === station);

export const newMount = (rig: Rig): Mount => {
  const id = freeId("mount", idsOf(rig.body));
  return {
    id,
    name: t("walkaround.mount", { it: id.split("-").at(-1) }),
    station: rig.body?.stations?.[0]?.id ?? "",
    at: { back: 1, right: 0, up: 1 },
    holds: [{ kind: "stud", fromMillimetres: 8, toMillimetres: 10 }],
  };
};

export const newSpace = (rig: Rig): Space => {
  const id = freeId("place", idsOf(rig.body));
  return {
    id,
    name: t("walkaround.place", { it: id.split("-").at(-1) }),
    station: rig.body?.stations?.[0]?.id ?? "",
    widthMillimetres: 100,
    heightMillimetres: 80,
    depthMillimetres: 60,
  };
};
