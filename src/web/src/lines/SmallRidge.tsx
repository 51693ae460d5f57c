import type { LineSummary } from "../api/client";

const width = 44;
const height = 22;
/** A loss of so much fills the height: twice what most house rules allow. */
const fullFraction = 0.1;

/** What is left along the way, small, for the eye alone. */
export function SmallRidge({ ridge }: { ridge: LineSummary["ridge"] }) {
  const far = Math.max(0.1, ...ridge.map((point) => point.metres));
  const points = ridge.map(
    (point) =>
      `${1 + ((width - 2) * point.metres) / far},${2 + (height - 4) * Math.min(1, (1 - point.leftFraction) / fullFraction)}`,
  );
  return (
    <svg width={width} height={height} aria-hidden="true" className="shrink-0">
      <polyline
        points={points.join(" ")}
        fill="none"
        stroke="var(--loss-out)"
        strokeWidth={2}
        strokeLinejoin="round"
      />
    </svg>
  );
}
