import type { Frame, Spot } from "./sheet";

/** A name beside a spot of the drawing, in letters of the page's size whatever the zoom, and never over its edge. */
export function NameTag({
  name,
  at,
  grain,
  within,
}: {
  name: string;
  at: Spot;
  grain: number;
  within: Frame;
}) {
  const [wide, high] = [(name.length * 7.4 + 14) * grain, 22 * grain];
  const x = Math.min(Math.max(at.x - wide / 2, within.x), within.x + within.width - wide);
  const above = at.y - high - 12 * grain;
  const y = above < within.y ? at.y + 12 * grain : above;
  return (
    <g pointerEvents="none">
      <rect x={x} y={y} width={wide} height={high} rx={2 * grain} fill="var(--ink)" />
      <text
        x={x + wide / 2}
        y={y + high * 0.7}
        textAnchor="middle"
        fontSize={13 * grain}
        fill="var(--slab)"
        fontWeight={600}
      >
        {name}
      </text>
    </g>
  );
}
