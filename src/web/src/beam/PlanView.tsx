import { type PointerEvent, useEffect, useRef, useState } from "react";
import type { AimedLamp, BeamView, PictureView } from "../api/client";
import { VehicleShapes } from "../picture/VehicleShapes";
import { Button } from "../ui/Button";
import { length as said } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { t } from "../words";
import { headings } from "./aims";
import { apartColours, drawGrid, luxColours } from "./light";

const dashes: Record<string, string> = {
  "0.25": "1.4 1.2",
  "1": "3 0.8",
  "3": "",
  "5": "",
  "10": "",
  "50": "",
};

/** So much of the plan is drawn, m: far beyond the beams, or near to where one works. */
const frames = {
  far: { ahead: 200, behind: 20, side: 26 },
  near: { ahead: 30, behind: 12, side: 5.4 },
} as const;

const handleMetres = { far: 60, near: 12 } as const;

/** The ground from above, front to the left: light as colours, lines of equal lux, and the chosen lamp's aim to be dragged. */
export function PlanView({
  view,
  above,
  length,
  chosen,
  onTurn,
  onTurned,
}: {
  view: BeamView;
  above: PictureView | undefined;
  length: number;
  chosen: AimedLamp | undefined;
  /** The aim is dragged to so many degrees of yaw. */
  onTurn: (yaw: number) => void;
  onTurned: () => void;
}) {
  const units = useUnits();
  const [zoom, setZoom] = useState<"far" | "near">("far");
  const [bays, setBays] = useState(false);
  const { plan, difference } = view;
  const far = useRef<HTMLCanvasElement>(null);
  const near = useRef<HTMLCanvasElement>(null);
  const drawing = useRef<SVGSVGElement>(null);
  useEffect(() => {
    if (!plan || !far.current || !near.current) return;
    drawGrid(far.current, difference ?? plan.far, difference ? apartColours : luxColours);
    if (!difference) drawGrid(near.current, plan.near, luxColours);
  }, [plan, difference]);
  if (!plan) return null;
  const { ahead, behind, side } = frames[zoom];
  const [left, width, height] = [-ahead, ahead + length + behind, 2 * side];
  const place = (grid: NonNullable<typeof plan>["far"]) => ({
    left: `${((-(grid.ahead + grid.rows * grid.step) - left) / width) * 100}%`,
    top: `${((grid.right + side) / height) * 100}%`,
    width: `${((grid.rows * grid.step) / width) * 100}%`,
    height: `${((grid.columns * grid.step) / height) * 100}%`,
  });
  const square = bays ? 2.5 : 10;
  const lines = (from: number, to: number) =>
    Array.from(
      { length: Math.floor(to / square) - Math.ceil(from / square) + 1 },
      (_, i) => (Math.ceil(from / square) + i) * square,
    );
  const aim = chosen && headings[chosen.facing] + (chosen.aim.yawDegrees ?? 0);
  const turn = aim === undefined ? 0 : (aim * Math.PI) / 180;
  const handle = chosen && {
    x: chosen.backMetres - handleMetres[zoom] * Math.cos(turn),
    y: -chosen.rightMetres - handleMetres[zoom] * Math.sin(turn),
  };
  const drag = (event: PointerEvent) => {
    const matrix = drawing.current?.getScreenCTM();
    if (!chosen || !matrix || !(event.buttons & 1)) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    const heading = (Math.atan2(-(at.y + chosen.rightMetres), chosen.backMetres - at.x) * 180) / Math.PI;
    const yaw = heading - headings[chosen.facing];
    onTurn(Math.round((yaw - 360 * Math.round(yaw / 360)) * 10) / 10);
  };
  const ink = zoom === "far" ? 0.35 : 0.06;
  return (
    <figure aria-label={t("beam.plan")} className="relative border border-seam bg-slab">
      <div className="relative overflow-hidden" style={{ aspectRatio: `${width} / ${height}` }}>
        <canvas ref={far} aria-hidden className="absolute" style={place(plan.far)} />
        <canvas
          ref={near}
          aria-hidden
          className={`absolute ${difference ? "hidden" : ""}`}
          style={place(plan.near)}
        />
        <svg
          ref={drawing}
          viewBox={`${left} ${-side} ${width} ${height}`}
          className="absolute inset-0 size-full touch-none"
          aria-hidden
        >
          {lines(-length - behind, ahead).map((x) => (
            <line
              key={`x${x}`}
              x1={-x}
              x2={-x}
              y1={-side}
              y2={side}
              stroke="#fff"
              strokeOpacity={0.16}
              strokeWidth={ink / 2}
            />
          ))}
          {lines(-side, side).map((y) => (
            <line
              key={`y${y}`}
              x1={left}
              x2={left + width}
              y1={y}
              y2={y}
              stroke="#fff"
              strokeOpacity={0.16}
              strokeWidth={ink / 2}
            />
          ))}
          <g transform="scale(-1 -1)">
            {plan.lines.map(({ lux, path }) => (
              <path
                key={lux}
                data-lux={lux}
                d={path}
                fill="none"
                stroke="#fff"
                strokeOpacity={0.9}
                strokeWidth={ink * (lux >= 10 ? 1.6 : lux >= 3 ? 1.1 : 0.7)}
                strokeDasharray={dashes[lux]
                  ?.split(" ")
                  .map((part) => Number(part) * (zoom === "far" ? 1 : 0.2))
                  .join(" ")}
              />
            ))}
          </g>
          {plan.lines.map(({ lux, path }, i) => {
            const tip = tipOf(path);
            return (
              tip &&
              -tip.x > left && (
                <text
                  key={lux}
                  x={-tip.x + ink * 2}
                  y={-tip.y + (i % 2 === 0 ? -1 : 2.4) * ink * 5}
                  fontSize={zoom === "far" ? 4.2 : 0.8}
                  fill="#fff"
                  stroke="#000"
                  strokeWidth={ink * 0.8}
                  paintOrder="stroke"
                >
                  {t("beam.lux", { lux })}
                </text>
              )
            );
          })}
          {above && (
            <g transform={`translate(0 ${-above.heightMetres / 2})`}>
              <VehicleShapes view={above} />
            </g>
          )}
          {chosen && handle && (
            <>
              <line
                x1={chosen.backMetres}
                y1={-chosen.rightMetres}
                x2={handle.x}
                y2={handle.y}
                stroke="var(--lichen)"
                strokeWidth={ink * 1.5}
              />
              <circle
                data-handle="yaw"
                cx={handle.x}
                cy={handle.y}
                r={zoom === "far" ? 4.5 : 0.9}
                fill="var(--lichen)"
                fillOpacity={0.85}
                stroke="#000"
                strokeWidth={ink}
                className="cursor-grab"
                onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
                onPointerMove={drag}
                onPointerUp={onTurned}
              />
            </>
          )}
        </svg>
      </div>
      <figcaption className="absolute inset-x-0 top-0 flex flex-wrap items-center gap-2 px-2 text-sm text-white">
        <span>{bays ? t("beam.parkingBays") : t("beam.squares", { size: said(square, units) })}</span>
        <span>{difference ? t("beam.moreAndLess") : t("beam.linesOf")}</span>
        <span className="ml-auto flex gap-1 bg-slab/85 text-ink">
          <Button look="quiet" aria-pressed={bays} onClick={() => setBays(!bays)}>
            {t("beam.bays")}
          </Button>
          <Button
            look="quiet"
            aria-pressed={zoom === "near"}
            onClick={() => setZoom(zoom === "far" ? "near" : "far")}
          >
            {zoom === "far" ? t("beam.nearer") : t("beam.farther")}
          </Button>
        </span>
      </figcaption>
    </figure>
  );
}

/** The point of a line that lies farthest ahead. */
function tipOf(path: string) {
  let tip: { x: number; y: number } | undefined;
  for (const [, x, y] of path.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g))
    if (!tip || Number(x) > tip.x) tip = { x: Number(x), y: Number(y) };
  return tip;
}
