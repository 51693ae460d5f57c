import { useState } from "react";
import type { Body, Rig, RunAnswer, Verdict, WalkaroundView } from "../api/client";
import { CheckField } from "../ui/CheckField";

const margin = 0.2;

/** A lamp on its way from one mount to another. */
type Drag = { take: (mount: string) => void; drop: (mount: string) => void };

type Spot = { x: number; y: number };
type Point = { back: number; right: number; up: number };

const inks: Record<Verdict, string> = { stop: "var(--oxide)", watch: "var(--ochre)", holds: "var(--moss)" };

/** The vehicle from its left side and from above, front to the left, with lanes, looms and lamps to scale. */
export function Drawing({
  body,
  rig,
  walk,
  runs,
  mount,
  way,
  onMount,
  onMove,
}: {
  body: Body;
  rig: Rig;
  walk: WalkaroundView;
  runs: readonly RunAnswer[];
  mount?: string;
  way?: string;
  onMount: (id: string) => void;
  onMove: (part: string, at: string) => void;
}) {
  const [thick, setThick] = useState(true);
  const [dragged, setDragged] = useState<string>();
  const { lengthMetres: long, widthMetres: wide, heightMetres: high } = body.size;
  const outline = walk.outline;
  if (!outline) return null;
  const side = (point: Point): Spot => ({ x: point.back, y: high - point.up });
  const plan = (point: Point): Spot => ({ x: point.back, y: wide / 2 - point.right });
  const viewBox = (height: number) => `${-margin} ${-margin} ${long + 2 * margin} ${height + 2 * margin}`;
  const chosen = walk.routes.find(({ id }) => id === way);
  const drag: Drag = {
    take: (at) => setDragged(walk.mounts.find((card) => card.at === at)?.parts[0]),
    drop: (at) => {
      if (dragged && walk.mounts.every((card) => card.at !== at || !card.parts.includes(dragged))) {
        onMove(dragged, at);
        onMount(at);
      }
      setDragged(undefined);
    },
  };
  const shared = { body, rig, walk, runs, chosen, mount, onMount, thick, drag };
  return (
    <figure
      className="grid touch-none gap-2 border border-seam bg-slab p-2"
      onPointerLeave={() => setDragged(undefined)}
    >
      <svg
        viewBox={viewBox(high)}
        role="img"
        aria-label="The vehicle from its left side"
        className="max-h-[19rem] w-full"
      >
        <polygon
          points={outline.side.map((corner) => `${corner.back},${high - corner.across}`).join(" ")}
          className="fill-granite"
          stroke="var(--edge)"
          strokeWidth={0.015}
        />
        {outline.windows.map((pane) => (
          <polygon
            key={pane.map((corner) => corner.back).join()}
            points={pane.map((corner) => `${corner.back},${high - corner.across}`).join(" ")}
            className="fill-slab"
            stroke="var(--seam)"
            strokeWidth={0.01}
          />
        ))}
        {outline.wheels.map((wheel) => (
          <circle
            key={wheel.back}
            cx={wheel.back}
            cy={high - wheel.radiusMetres}
            r={wheel.radiusMetres}
            className="fill-seam"
            stroke="var(--edge)"
            strokeWidth={0.02}
          />
        ))}
        <line x1={-margin} x2={long + margin} y1={high} y2={high} stroke="var(--edge)" strokeWidth={0.01} />
        <OnIt {...shared} at={side} across="up" />
      </svg>
      <svg
        viewBox={viewBox(wide)}
        role="img"
        aria-label="The vehicle from above"
        className="max-h-[19rem] w-full"
      >
        <polygon
          points={outline.plan.map((corner) => `${corner.back},${wide / 2 - corner.across}`).join(" ")}
          className="fill-granite"
          stroke="var(--edge)"
          strokeWidth={0.015}
        />
        {outline.glass.map((line) => (
          <polyline
            key={line.map((corner) => corner.back).join()}
            points={line.map((corner) => `${corner.back},${wide / 2 - corner.across}`).join(" ")}
            fill="none"
            stroke="var(--seam)"
            strokeWidth={0.015}
          />
        ))}
        <OnIt {...shared} at={plan} across="right" />
      </svg>
      <figcaption className="flex flex-wrap items-center gap-x-5 text-sm text-dust">
        <span>Its left side; below, seen from above. Drag a lamp to another mount.</span>
        <CheckField label="Harnesses as thick as their current" checked={thick} onChange={setThick} />
      </figcaption>
    </figure>
  );
}

function OnIt({
  body,
  rig,
  walk,
  runs,
  chosen,
  mount,
  onMount,
  at,
  across,
  thick,
  drag,
}: {
  body: Body;
  rig: Rig;
  walk: WalkaroundView;
  runs: readonly RunAnswer[];
  chosen: WalkaroundView["routes"][number] | undefined;
  mount?: string;
  onMount: (id: string) => void;
  at: (point: Point) => Spot;
  across: "up" | "right";
  thick: boolean;
  drag: Drag;
}) {
  const stations = new Map((body.stations ?? []).map((station) => [station.id, at(station.at)]));
  const amps = new Map(runs.map((run) => [run.id, run.designAmps]));
  const path = (ids: readonly string[]) =>
    ids
      .map((id) => stations.get(id))
      .filter((spot): spot is Spot => !!spot)
      .map((spot) => `${spot.x},${spot.y}`)
      .join(" ");
  const cards = new Map(walk.mounts.map((card) => [card.at, card]));
  const lamps = new Map(
    (rig.fixtures ?? []).map((fixture) => [fixture.id, fixture.measured ?? fixture.body]),
  );
  return (
    <>
      {(body.lanes ?? []).map((lane) => (
        <polyline
          key={lane.id}
          points={path([lane.from, lane.to])}
          fill="none"
          stroke="var(--seam)"
          strokeWidth={0.012}
          strokeDasharray="0.04 0.03"
        />
      ))}
      {walk.routes.map((way) => (
        <polyline
          key={way.id}
          points={path(way.stations)}
          fill="none"
          stroke="var(--loss-out)"
          strokeOpacity={0.45}
          strokeLinejoin="round"
          strokeWidth={thick ? 0.008 + (amps.get(way.id) ?? 4) * 0.0012 : 0.014}
        />
      ))}
      {chosen && (
        <polyline
          points={path(chosen.stations)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={0.05}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
      )}
      {chosen && (
        <polyline
          points={path(chosen.stations)}
          fill="none"
          stroke="var(--lichen)"
          strokeWidth={0.028}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
      )}
      {(body.stations ?? []).map((station) => {
        const spot = at(station.at);
        return station.kind === "grommet" ? (
          <circle
            key={station.id}
            cx={spot.x}
            cy={spot.y}
            r={0.035}
            className="fill-slab"
            stroke="var(--ink)"
            strokeWidth={0.015}
          >
            <title>{station.name}</title>
          </circle>
        ) : (
          <circle key={station.id} cx={spot.x} cy={spot.y} r={0.018} fill="var(--edge)">
            <title>{station.name}</title>
          </circle>
        );
      })}
      {(body.mounts ?? []).map((place) => {
        const spot = at(place.at);
        const card = cards.get(place.id);
        const ink = card ? inks[card.verdict] : "var(--edge)";
        const size = 0.09;
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: the same is in the list of mounts, where keys reach it
          <g
            key={place.id}
            data-mount={place.id}
            onClick={() => onMount(place.id)}
            onPointerDown={() => drag.take(place.id)}
            onPointerUp={() => drag.drop(place.id)}
            className="cursor-pointer"
          >
            <title>{place.name}</title>
            {place.id === mount && (
              <circle
                cx={spot.x}
                cy={spot.y}
                r={0.13}
                fill="none"
                stroke="var(--lichen)"
                strokeWidth={0.04}
              />
            )}
            {card?.stance?.centresMillimetres.map((centre, i) => {
              const lamp = lamps.get(card.parts[i] ?? "");
              if (!lamp) return null;
              const deep = lamp.depthMillimetres / 1000;
              const tall = (across === "up" ? lamp.heightMillimetres : lamp.widthMillimetres) / 1000;
              const off = across === "right" ? -centre / 1000 : 0;
              return (
                <rect
                  key={card.parts[i]}
                  x={spot.x - deep / 2}
                  y={spot.y + off - tall / 2}
                  width={deep}
                  height={tall}
                  fill="var(--slab)"
                  stroke={ink}
                  strokeWidth={0.02}
                />
              );
            })}
            <path
              d={`M${spot.x} ${spot.y - size / 2} l${size / 2} ${size / 2} l${-size / 2} ${size / 2} l${-size / 2} ${-size / 2} Z`}
              fill={card ? ink : "var(--slab)"}
              stroke={ink}
              strokeWidth={0.015}
            />
            <circle cx={spot.x} cy={spot.y} r={0.12} fill="transparent" />
          </g>
        );
      })}
    </>
  );
}
