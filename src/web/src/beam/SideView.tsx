import { type PointerEvent, useRef, useState } from "react";
import type { AimedLamp, BeamView, PictureView } from "../api/client";
import { VehicleShapes } from "../picture/VehicleShapes";
import { Button } from "../ui/Button";
import { length as said } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { t } from "../words";

const reachMetres = 26;
const endMetres = 2;
const topMetres = 3.4;
const handleMetres = 9;

/** The vehicle from its left with its beams, its eye line and the ground; the chosen lamp's tilt can be dragged. */
export function SideView({
  view,
  side,
  length,
  chosen,
  onTilt,
  onTilted,
}: {
  view: BeamView;
  side: PictureView | undefined;
  length: number;
  chosen: AimedLamp | undefined;
  onTilt: (pitch: number) => void;
  onTilted: () => void;
}) {
  const units = useUnits();
  const [behind, setBehind] = useState(false);
  const drawing = useRef<SVGSVGElement>(null);
  const { section } = view;
  if (!section) return null;
  const left = behind ? -endMetres : -reachMetres;
  const width = length + reachMetres + endMetres;
  const looks = chosen?.facing === "ahead" ? -1 : chosen?.facing === "astern" ? 1 : 0;
  const tilt = ((chosen?.aim.pitchDegrees ?? 0) + section.tilt * -looks) * (Math.PI / 180);
  const handle = chosen &&
    looks !== 0 && {
      x: chosen.backMetres + looks * handleMetres * Math.cos(tilt),
      y: -chosen.upMetres - handleMetres * Math.sin(tilt),
    };
  const drag = (event: PointerEvent) => {
    const matrix = drawing.current?.getScreenCTM();
    if (!chosen || !matrix || !(event.buttons & 1)) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    const angle = Math.atan2(-at.y - chosen.upMetres, Math.max(0.5, looks * (at.x - chosen.backMetres)));
    onTilt(Math.round(((angle * 180) / Math.PI + section.tilt * looks) * 10) / 10);
  };
  return (
    <figure aria-label={t("beam.side")} className="relative border border-seam bg-slab">
      <svg
        ref={drawing}
        viewBox={`${left} ${-topMetres} ${width} ${topMetres + 0.5}`}
        className="w-full touch-none"
        aria-hidden
      >
        {section.fans.map((fan) => (
          <path
            key={fan.id}
            d={fan.path}
            fill="var(--lit)"
            fillOpacity={0.35}
            stroke="var(--ochre)"
            strokeOpacity={0.5}
            strokeWidth={0.015}
          />
        ))}
        {section.fans.map((fan) => (
          <path
            key={fan.id}
            d={fan.axis}
            fill="none"
            stroke="var(--ochre)"
            strokeWidth={0.025}
            strokeDasharray="0.3 0.12"
          />
        ))}
        {side && (
          <g
            transform={`rotate(${section.tilt} ${section.pivotMetres} 0) translate(0 ${-side.heightMetres})`}
          >
            <VehicleShapes view={side} />
          </g>
        )}
        <path
          d={section.eyeLine}
          data-eye-line
          fill="none"
          stroke="var(--spruce)"
          strokeWidth={0.03}
          strokeDasharray="0.12 0.1"
        />
        <path d={section.ground} fill="none" stroke="var(--ink)" strokeWidth={0.04} />
        {Array.from({ length: 2 * reachMetres }, (_, i) => i - reachMetres)
          .filter((metres) => metres % 5 === 0)
          .map((metres) => (
            <line
              key={metres}
              x1={metres}
              x2={metres}
              y1={0}
              y2={0.15}
              stroke="var(--ink)"
              strokeWidth={0.03}
            />
          ))}
        {chosen && handle && (
          <>
            <line
              x1={chosen.backMetres}
              y1={-chosen.upMetres}
              x2={handle.x}
              y2={handle.y}
              stroke="var(--moss)"
              strokeWidth={0.05}
            />
            <circle
              data-handle="pitch"
              cx={handle.x}
              cy={handle.y}
              r={0.45}
              fill="var(--lichen)"
              fillOpacity={0.85}
              stroke="var(--ink)"
              strokeWidth={0.03}
              className="cursor-grab"
              onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
              onPointerMove={drag}
              onPointerUp={onTilted}
            />
          </>
        )}
      </svg>
      <figcaption className="absolute inset-x-0 top-0 flex flex-wrap items-center gap-2 px-2 text-sm">
        <span className="bg-slab/85">
          {section.firstGroundMetres === null
            ? t("beam.noGroundSeen")
            : t("beam.firstGround", { distance: said(section.firstGroundMetres, units) })}
        </span>
        <Button look="quiet" className="ml-auto" aria-pressed={behind} onClick={() => setBehind(!behind)}>
          {behind ? t("beam.ahead") : t("beam.astern")}
        </Button>
      </figcaption>
    </figure>
  );
}
