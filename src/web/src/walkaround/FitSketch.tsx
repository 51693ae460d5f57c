import type { FitCard, Mount, Rig } from "../api/client";
import { rulesOf } from "../job/rigEdits";
import { tape } from "../ui/figures/figures";
import { t } from "../words";

const height = 130;
const width = 360;
const middle = 62;

/** The mount as seen from above with what is on it, dimensioned; sizes are the server's, only scaled here. */
export function FitSketch({ card, mount, rig }: { card: FitCard; mount: Mount; rig: Rig }) {
  const { units } = rulesOf(rig);
  const { stance } = card;
  if (!stance) return null;
  const bodies = card.parts.map((part) => {
    const fixture = rig.fixtures?.find(({ id }) => id === part);
    return fixture?.measured ?? fixture?.body;
  });
  const window = mount.widthMillimetres ?? stance.spanMillimetres * 1.15;
  const scale = (width - 40) / Math.max(window, stance.spanMillimetres);
  const x = (millimetres: number) => width / 2 + millimetres * scale;
  const deep = 26;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={t("walkaround.fromAboveWithItsMeasures", { mount: mount.name })}
      className="w-full max-w-md border border-seam bg-slab"
    >
      <line x1={x(-window / 2)} x2={x(-window / 2)} y1={24} y2={96} stroke="var(--ink)" strokeWidth={4} />
      <line x1={x(window / 2)} x2={x(window / 2)} y1={24} y2={96} stroke="var(--ink)" strokeWidth={4} />
      {mount.radiusMillimetres || mount.edge ? (
        <path
          d={`M${x(-window / 2)} ${middle + 14} Q${width / 2} ${middle - 14} ${x(window / 2)} ${middle + 14}`}
          fill="none"
          stroke="var(--edge)"
          strokeDasharray="4 3"
        />
      ) : (
        <line
          x1={x(-window / 2)}
          x2={x(window / 2)}
          y1={middle}
          y2={middle}
          stroke="var(--edge)"
          strokeDasharray="4 3"
        />
      )}
      {stance.centresMillimetres.map((centre, i) => {
        const body = bodies[i];
        return body ? (
          <rect
            key={card.parts[i]}
            x={x(centre - body.widthMillimetres / 2)}
            y={middle - 4}
            width={body.widthMillimetres * scale}
            height={deep}
            fill="var(--lichen)"
            stroke="var(--ink)"
          />
        ) : null;
      })}
      <line x1={x(-window / 2)} x2={x(window / 2)} y1={112} y2={112} stroke="var(--dust)" />
      <text x={width / 2} y={108} textAnchor="middle" fontSize={12} fill="var(--ink)" className="font-figure">
        {mount.widthMillimetres ? tape(mount.widthMillimetres, units) : "open"}
      </text>
      <text x={width / 2} y={18} textAnchor="middle" fontSize={12} fill="var(--ink)" className="font-figure">
        {tape(stance.spanMillimetres, units)}
        {stance.gapMillimetres === null || stance.gapMillimetres === undefined
          ? ""
          : t("walkaround.gap", { gapMillimetres: tape(stance.gapMillimetres, units) })}
      </text>
      <text x={width / 2} y={middle - 12} textAnchor="middle" fontSize={11} fill="var(--dust)">
        {t("walkaround.middleEndsBeforeTheFace", {
          middleProudMillimetres: tape(stance.middleProudMillimetres, units),
          endsProudMillimetres: tape(stance.endsProudMillimetres, units),
        })}
      </text>
    </svg>
  );
}
