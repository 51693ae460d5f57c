import type { ProfilePoint } from "../api/client";

const width = 640;
const height = 150;
const left = 44;
const floor = height - 22;

/** Voltage against distance: the way out above, the way back below, branches where the line has them. */
export function Ridge({ points }: { points: readonly ProfilePoint[] }) {
  const far = Math.max(0.1, ...points.map((point) => point.metres));
  const high = Math.max(...points.map((point) => point.volts));
  const low = Math.min(0, ...points.map((point) => point.volts));
  const x = (metres: number) => left + ((width - left - 8) * metres) / far;
  const y = (volts: number) => floor - ((floor - 12) * (volts - low)) / (high - low);

  return (
    <svg viewBox={`0 0 ${width} ${height}`} className="w-full border border-seam bg-slab" aria-hidden="true">
      <line x1={left} x2={width - 8} y1={y(0)} y2={y(0)} stroke="var(--edge)" />
      <text
        x={left - 4}
        y={y(high) + 4}
        textAnchor="end"
        fontSize={12}
        fill="var(--ink)"
        className="font-figure"
      >
        {high.toFixed(1)}
      </text>
      <text
        x={left - 4}
        y={y(0) + 4}
        textAnchor="end"
        fontSize={12}
        fill="var(--ink)"
        className="font-figure"
      >
        0 V
      </text>
      <text
        x={width - 8}
        y={height - 6}
        textAnchor="end"
        fontSize={12}
        fill="var(--ink)"
        className="font-figure"
      >
        {far.toFixed(1)} m of wire
      </text>
      {points.map((point) => {
        const before = points[point.from];
        return (
          before && (
            <line
              key={`${point.part} ${point.terminal} ${point.way}`}
              x1={x(before.metres)}
              y1={y(before.volts)}
              x2={x(point.metres)}
              y2={y(point.volts)}
              stroke={point.way === "out" ? "var(--loss-out)" : "var(--loss-back)"}
              strokeWidth={Math.min(8, 1.5 + point.amps / 4)}
              strokeLinecap="round"
            >
              <title>{`${point.part}: ${point.volts.toFixed(2)} V`}</title>
            </line>
          )
        );
      })}
    </svg>
  );
}
