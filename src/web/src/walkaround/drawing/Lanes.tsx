import type { Body, PictureView, Rig, RunAnswer, WalkaroundView } from "../../api/client";
import { spotIn } from "./sheet";

/** Lanes, and what lies in them, in one view. */
export function Lanes({
  body,
  view,
  walk,
  runs,
  way,
  only,
  thick,
}: {
  body: Body;
  view: PictureView;
  walk: WalkaroundView;
  runs: readonly RunAnswer[];
  way: string | undefined;
  only: Rig["lines"][number]["id"] | undefined;
  thick: boolean;
}) {
  const stations = new Map((body.stations ?? []).map((station) => [station.id, spotIn(view, station.at)]));
  const found = new Map(runs.map((run) => [run.id, run]));
  const path = (ids: readonly string[]) =>
    ids
      .flatMap((id) => stations.get(id) ?? [])
      .map((spot) => `${spot.x},${spot.y}`)
      .join(" ");
  const of = (id: string) => only === undefined || id === only || found.get(id)?.lineIds.includes(only);
  const chosen = walk.routes.find(({ id }) => id === way);
  return (
    <g fill="none" strokeLinejoin="round" strokeLinecap="round">
      {(body.lanes ?? []).map((lane) => (
        <polyline
          key={lane.id}
          points={path([lane.from, lane.to])}
          stroke="var(--edge)"
          strokeOpacity={0.5}
          strokeWidth={0.009}
          strokeDasharray="0.04 0.03"
        />
      ))}
      {walk.routes
        .filter(({ id }) => of(id))
        .map((route) => (
          <polyline
            key={route.id}
            points={path(route.stations)}
            stroke="var(--loss-out)"
            strokeOpacity={0.5}
            strokeWidth={thick ? 0.008 + (found.get(route.id)?.designAmps ?? 4) * 0.0012 : 0.014}
          />
        ))}
      {chosen && (
        <g data-way={chosen.id}>
          <polyline points={path(chosen.stations)} stroke="var(--ink)" strokeWidth={0.05} />
          <polyline points={path(chosen.stations)} stroke="var(--lichen)" strokeWidth={0.028} />
        </g>
      )}
      {(body.stations ?? []).map((station) => {
        const spot = stations.get(station.id);
        if (!spot) return null;
        const hole = station.kind === "grommet";
        return (
          <circle
            key={station.id}
            cx={spot.x}
            cy={spot.y}
            r={hole ? 0.035 : 0.016}
            fill={hole ? "var(--slab)" : "var(--edge)"}
            stroke={hole ? "var(--ink)" : "none"}
            strokeWidth={0.015}
          >
            <title>{station.name}</title>
          </circle>
        );
      })}
    </g>
  );
}
