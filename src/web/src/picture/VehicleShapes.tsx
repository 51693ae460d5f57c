import { memo } from "react";
import type { PictureView, ShapeKind, Verdict } from "../api/client";

const looks: Record<ShapeKind, { fill: string; stroke: string; width: number }> = {
  sheet: { fill: "var(--sheet)", stroke: "var(--edge)", width: 0.014 },
  trim: { fill: "var(--seam)", stroke: "var(--edge)", width: 0.01 },
  glass: { fill: "var(--glass)", stroke: "var(--edge)", width: 0.01 },
  headLamp: { fill: "var(--slab)", stroke: "var(--edge)", width: 0.012 },
  rearLamp: { fill: "var(--rear-lamp)", stroke: "var(--edge)", width: 0.01 },
  tyre: { fill: "var(--tyre)", stroke: "var(--tyre)", width: 0.01 },
  rim: { fill: "var(--seam)", stroke: "var(--edge)", width: 0.012 },
  tray: { fill: "var(--granite)", stroke: "var(--edge)", width: 0.014 },
  frame: { fill: "var(--edge)", stroke: "var(--edge)", width: 0.006 },
  gap: { fill: "none", stroke: "var(--edge)", width: 0.008 },
};

const verdictInks: Record<Verdict, string> = {
  stop: "var(--oxide)",
  watch: "var(--ochre)",
  holds: "var(--moss)",
};

/** A view of the vehicle as the server draws it, in metres: the vehicle, then the lamps on it. */
export const VehicleShapes = memo(function VehicleShapes({
  view,
  verdicts,
  only,
}: {
  view: PictureView;
  /** Whether what is on a mount goes there. */
  verdicts?: ReadonlyMap<string, Verdict>;
  /** The line that is shown alone. */
  only?: string;
}) {
  return (
    <>
      {view.shapes.map((shape, i) => {
        const look = looks[shape.kind];
        return (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: they have no other name, and none moves
            key={i}
            d={shape.path}
            fill={look.fill}
            stroke={look.stroke}
            strokeWidth={look.width}
            strokeLinejoin="round"
          />
        );
      })}
      {view.lamps.map((lamp, i) => {
        const verdict = verdicts?.get(lamp.at);
        const ink = verdict ? verdictInks[verdict] : "var(--ink)";
        const faded = only !== undefined && !lamp.lines.includes(only);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: lamps of a planned line have the same name
          <g key={i} data-lamp={lamp.part} opacity={faded ? 0.2 : 1}>
            <path
              d={lamp.case}
              fill={lamp.planned ? "var(--slab)" : "var(--lamp-case)"}
              stroke={ink}
              strokeWidth={verdict ? 0.028 : 0.012}
              strokeDasharray={lamp.planned ? "0.03 0.02" : undefined}
            />
            {lamp.lenses && !lamp.planned && (
              <path d={lamp.lenses} fill="var(--lamp-face)" stroke="var(--edge)" strokeWidth={0.004} />
            )}
          </g>
        );
      })}
    </>
  );
});
