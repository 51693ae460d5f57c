import type { Dashboard, PictureView, RunMoment } from "../api/client";
import { VehicleShapes } from "../picture/VehicleShapes";
import { spotIn } from "../walkaround/drawing/sheet";
import { t } from "../words";
import { warm } from "./stands";

const margin = 0.2;

/** A wire with less than this is drawn as one without current, A. */
const leastAmps = 0.05;

/** The current of the widest line, A. */
const widestAmps = 30;

const markSize = 0.11;

/** A lamp with less of its light is dark to the eye. */
const glow = 0.002;

/** So much round a lamp belongs to it, m. */
const touchSize = 0.25;

/** The vehicle from all four sides: each lamp as bright as it is, each wire by its current, relays and fuses as marks. */
export function VehicleLive({
  views,
  board,
  moment,
  red,
  onTouch,
}: {
  views: readonly PictureView[];
  board: Dashboard;
  moment: Pick<RunMoment, "lamps" | "wires" | "relays" | "fuses">;
  /** Where the red probe is. */
  red: string;
  /** A part was pointed at: the red probe goes to it. */
  onTouch: (part: string) => void;
}) {
  const held = board.probes.find(({ terminal }) => terminal === red)?.part;
  const light = lightOf(board, moment);
  const amps = new Map(moment.wires.map(({ id, amps: carried }) => [id, Math.abs(carried)]));
  const over = new Map(moment.relays.map(({ id, over: pulled }) => [id, pulled]));
  const fuses = new Map(moment.fuses.map((fuse) => [fuse.id, fuse]));
  // What is on a mount is drawn there.
  const drawn = new Set(
    views.flatMap(({ lamps }) =>
      lamps.flatMap(({ part }) => board.lines.find(({ id }) => id === part)?.lamps ?? [part]),
    ),
  );
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: by keys a probe is chosen from its list, or by search
    <figure
      aria-label={t("powerUp.live")}
      onClick={(event) => {
        const part = (event.target as Element).closest("[data-touch]")?.getAttribute("data-touch");
        if (part) onTouch(part);
      }}
      className="grid grid-cols-[3fr_1fr] gap-2 border border-seam bg-slab p-2"
    >
      {(["left", "front", "above", "rear"] as const).map((side) => {
        const view = views.find((one) => one.side === side);
        if (!view) return null;
        const seen = new Map<string, number>();
        /** What is at the same place stands beside it, in rows of five. */
        const beside = ({ x, y }: { x: number; y: number }) => {
          const place = `${x.toFixed(2)} ${y.toFixed(2)}`;
          const nth = seen.get(place) ?? 0;
          seen.set(place, nth + 1);
          return { x: x + (nth % 5) * markSize * 1.3, y: y + Math.floor(nth / 5) * markSize * 1.3 };
        };
        return (
          <svg
            key={side}
            viewBox={`${-margin} ${-margin} ${view.widthMetres + 2 * margin} ${view.heightMetres + 2 * margin}`}
            className="h-full max-h-40 w-full"
            aria-hidden
          >
            <g opacity={0.6}>
              <VehicleShapes view={view} />
            </g>
            {board.paths
              .filter(({ wire, points }) => points.length > 1 && (amps.get(wire) ?? 0) > leastAmps)
              .map(({ wire, points }) => (
                <polyline
                  key={wire}
                  points={points
                    .map((at) => spotIn(view, at))
                    .map(({ x, y }) => `${x},${y}`)
                    .join(" ")}
                  fill="none"
                  stroke="var(--oxide)"
                  strokeOpacity={0.7}
                  strokeWidth={0.015 + 0.06 * Math.min(1, (amps.get(wire) ?? 0) / widestAmps)}
                  strokeLinejoin="round"
                />
              ))}
            {view.lamps.map((lamp, i) => {
              const bright = light(lamp.part, lamp.lines);
              return (
                <g
                  // biome-ignore lint/suspicious/noArrayIndexKey: lamps of a planned line have the same name
                  key={i}
                  data-lit={bright > 0 ? lamp.part : undefined}
                  data-touch={lamp.part}
                  className="cursor-pointer"
                >
                  <path d={lamp.case} fill="transparent" stroke="transparent" strokeWidth={touchSize} />
                  {held === lamp.part && (
                    <path d={lamp.case} fill="none" stroke="var(--oxide)" strokeWidth={0.06} />
                  )}
                  {bright > 0 && (
                    <path
                      d={lamp.case}
                      fill="none"
                      stroke="var(--lichen)"
                      strokeWidth={0.16}
                      strokeOpacity={0.45 * bright}
                      strokeLinejoin="round"
                    />
                  )}
                  {bright > 0 && (
                    <path
                      d={lamp.case}
                      fill="var(--lit)"
                      fillOpacity={bright}
                      stroke="var(--ink)"
                      strokeWidth={0.012}
                    />
                  )}
                </g>
              );
            })}
            {board.spots
              .filter((lamp) => !drawn.has(lamp.lamp))
              .map((lamp) => {
                const spot = beside(spotIn(view, lamp.at));
                const bright = light(lamp.lamp, []);
                return (
                  <circle
                    key={lamp.lamp}
                    data-lit={bright > 0 ? lamp.lamp : undefined}
                    data-touch={lamp.lamp}
                    className="cursor-pointer"
                    cx={spot.x}
                    cy={spot.y}
                    r={markSize / 2}
                    fill={bright > 0 ? "var(--lit)" : "var(--slab)"}
                    stroke={bright > 0 ? "var(--lichen)" : "var(--ink)"}
                    strokeOpacity={bright > 0 ? 0.6 : 1}
                    strokeWidth={bright > 0 ? 0.1 : 0.012}
                  />
                );
              })}
            {(side === "left" || side === "above") &&
              board.marks.map((mark) => {
                if (!mark.at) return null;
                const { x, y } = beside(spotIn(view, mark.at));
                const fuse = fuses.get(mark.id);
                const on = mark.isFuse ? fuse?.blown === true : over.get(mark.id) === true;
                const name = `${mark.name}${on ? `: ${mark.isFuse ? t("powerUp.blown") : t("powerUp.pulledIn")}` : ""}`;
                return mark.isFuse ? (
                  <rect
                    key={mark.id}
                    data-mark={mark.id}
                    data-touch={mark.part}
                    className="cursor-pointer"
                    x={x - markSize / 2}
                    y={y - markSize / 3}
                    width={markSize}
                    height={(markSize * 2) / 3}
                    fill={on ? "var(--oxide)" : (fuse?.heat ?? 0) > warm ? "var(--ochre)" : "var(--slab)"}
                    stroke={held === mark.part ? "var(--oxide)" : "var(--ink)"}
                    strokeWidth={held === mark.part ? 0.03 : 0.012}
                  >
                    <title>{name}</title>
                  </rect>
                ) : (
                  <circle
                    key={mark.id}
                    data-mark={mark.id}
                    data-touch={mark.part}
                    className="cursor-pointer"
                    cx={x}
                    cy={y}
                    r={markSize / 2}
                    fill={on ? "var(--spruce)" : "var(--slab)"}
                    stroke="var(--ink)"
                    strokeWidth={0.012}
                  >
                    <title>{name}</title>
                  </circle>
                );
              })}
          </svg>
        );
      })}
    </figure>
  );
}

/** How bright a drawn lamp is, 0 where it is dark to the eye; one of a line planned in short as bright as the lamps of the line. */
function lightOf(board: Dashboard, moment: Pick<RunMoment, "lamps">) {
  const byLamp = new Map<string, number>();
  for (const { lamp, light } of moment.lamps) byLamp.set(lamp, Math.max(byLamp.get(lamp) ?? 0, light));
  const byLine = new Map(
    board.lines.map(({ id, lamps }) => [id, Math.max(0, ...lamps.map((lamp) => byLamp.get(lamp) ?? 0))]),
  );
  return (part: string, lines: readonly string[]) => {
    const share = byLamp.get(part) ?? Math.max(0, ...lines.map((line) => byLine.get(line) ?? 0));
    return share < glow ? 0 : Math.min(1, share);
  };
}
