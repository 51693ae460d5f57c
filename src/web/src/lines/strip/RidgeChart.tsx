import { memo } from "react";
import type { LineInState, StationFigure, Strand } from "../../api/client";
import { lostVolts, percent, printed, volts } from "../../ui/figures/figures";
import { t } from "../../words";
import { axisWidth, type Cell, type StripLayout } from "./layout";

const height = 140;
const top = 14;
const floor = height - 12;

/**
 * What is left of the volts, on the scale of the strip: out to the lamp and back; thick where much flows. The same figures
 * stand in the table beside it, so that it is drawn for the eye alone.
 */
export const RidgeChart = memo(function RidgeChart({
  strands,
  layout,
  states,
  chosen,
  compared,
  onCompare,
  pointed,
  onPoint,
}: {
  strands: readonly Strand[];
  layout: StripLayout;
  states: readonly LineInState[];
  chosen: LineInState;
  /** Another state that is told apart. */
  compared: string | undefined;
  onCompare: (id: string | undefined) => void;
  pointed: string | undefined;
  onPoint: (id: string | undefined) => void;
}) {
  const { figures } = chosen;
  const high = figures.givenVolts;
  const mine = figures.strands.flat().map((figure) => figure.leftVolts);
  const low = Math.max(
    high / 2,
    Math.min(figures.limitVolts ?? high, ...mine.filter((left) => left > high / 2)),
  );
  const span = Math.max(0.05, high - low) * 1.15;
  const y = (left: number) => Math.min(height + 20, top + ((floor - top) * (high - left)) / span);
  const end = (cell: Cell) => cell.left + cell.width;
  const first = layout.cells[0] ?? [];
  const named = largest(strands, figures.strands, layout.cells);
  const lamps = lampMarks(figures.strands, layout.cells);
  const others = states.filter((state) => state !== chosen && flows(state));
  const other = others.find(({ id }) => id === compared);

  return (
    <svg
      viewBox={`0 0 ${layout.width} ${height}`}
      width={layout.width}
      height={height}
      className="block border-y border-seam bg-slab"
      aria-hidden="true"
      data-ridge={chosen.id}
    >
      <path d={lostArea(first, figures.strands[0] ?? [], high, y)} fill="var(--loss-out)" opacity={0.14} />
      {others.map((state) => (
        <polyline
          key={state.id}
          data-compared={state === other || undefined}
          points={path(state, high, first, y)}
          fill="none"
          stroke={state === other ? "var(--ink)" : "var(--edge)"}
          strokeWidth={state === other ? 2 : 1}
          opacity={state === other ? 1 : 0.55}
        />
      ))}
      {figures.limitVolts !== null && (
        <>
          <line
            x1={axisWidth}
            x2={layout.width}
            y1={y(figures.limitVolts)}
            y2={y(figures.limitVolts)}
            stroke="var(--oxide)"
            strokeWidth={1.5}
            strokeDasharray="7 4"
          />
          <text x={axisWidth + 4} y={y(figures.limitVolts) - 4} fontSize={12} fill="var(--oxide)">
            {t("lines.leastAllowed")}
          </text>
        </>
      )}
      {layout.cells.map((cells, strand) =>
        strands[strand]?.control
          ? null
          : cells.map((cell, index) => {
              const now = figures.strands[strand]?.[index];
              if (!now) return null;
              const leaves = strands[strand]?.leaves;
              const before =
                index > 0
                  ? figures.strands[strand]?.[index - 1]?.leftVolts
                  : leaves
                    ? figures.strands[leaves.strand]?.[leaves.station]?.leftVolts
                    : figures.givenVolts;
              const marked = cell.station.id === pointed;
              return (
                <g key={cell.station.id}>
                  <line
                    x1={cell.left - (index > 0 ? 6 : 0)}
                    y1={y(before ?? now.leftVolts)}
                    x2={end(cell)}
                    y2={y(now.leftVolts)}
                    stroke={
                      marked
                        ? "var(--ink)"
                        : cell.station.leg === "out"
                          ? "var(--loss-out)"
                          : "var(--loss-back)"
                    }
                    strokeWidth={Math.min(10, 1.5 + now.amps / 3)}
                    strokeLinecap="round"
                  />
                  {/* biome-ignore lint/a11y/noStaticElementInteractions: pointing only; the strip above takes focus */}
                  <rect
                    x={cell.left}
                    y={0}
                    width={cell.width}
                    height={height}
                    fill="transparent"
                    pointerEvents={strand === 0 ? "all" : "none"}
                    onMouseEnter={() => onPoint(cell.station.id)}
                    onMouseLeave={() => onPoint(undefined)}
                  />
                </g>
              );
            }),
      )}
      {others.map((state) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: pointing only; the chips above do the same for the keyboard
        <polyline
          key={state.id}
          points={path(state, high, first, y)}
          fill="none"
          stroke="transparent"
          strokeWidth={7}
          pointerEvents="stroke"
          onMouseEnter={() => onCompare(state.id)}
          onMouseLeave={() => onCompare(undefined)}
        />
      ))}
      {lamps.map(({ cell, figure, words }) => (
        <g key={cell.station.id} data-lamp-mark>
          <circle
            cx={cell.left + cell.width / 2}
            cy={y(figure.leftVolts)}
            r={4.5}
            fill={figure.watts > 0 ? "var(--lichen)" : "var(--slab)"}
            stroke="var(--ink)"
            strokeWidth={1.5}
          />
          {words && (
            <text
              x={cell.left + cell.width / 2}
              y={Math.max(12, y(figure.leftVolts) - 9)}
              fontSize={12}
              textAnchor={cell.left > layout.width * 0.8 ? "end" : "middle"}
              fill="var(--ink)"
              fontWeight={600}
            >
              {words}
            </text>
          )}
        </g>
      ))}
      {named.map(({ cell, lost, name }) => {
        const middle = cell.left + cell.width / 2;
        const anchor =
          middle > layout.width * 0.75 ? "end" : middle < layout.width * 0.2 ? "start" : "middle";
        return (
          <text
            key={cell.station.id}
            x={middle}
            y={floor + 8}
            fontSize={12}
            textAnchor={anchor}
            fill="var(--ink)"
            data-named-loss
          >
            {name} −{lostVolts(lost)}
          </text>
        );
      })}
      {other && (
        <text x={layout.width - 6} y={12} fontSize={12} textAnchor="end" fill="var(--ink)" fontWeight={600}>
          {other.name}
        </text>
      )}
      <rect x={0} y={0} width={axisWidth - 2} height={height} fill="var(--slab)" />
      <Tick y={y(high)} at={high} />
      <Tick y={y(low)} at={low} />
    </svg>
  );
});

/** The stations of the first way that lose most, so far apart that their names stand clear of one another. */
function largest(
  strands: readonly Strand[],
  figures: readonly (readonly StationFigure[])[],
  cells: readonly (readonly Cell[])[],
) {
  const found = (strands[0]?.stations ?? [])
    .map((station, i) => ({
      cell: cells[0]?.[i],
      lost: figures[0]?.[i]?.lostVolts ?? 0,
      name: station.name,
      kind: station.kind,
    }))
    .filter(({ kind, lost }) => kind !== "lamp" && kind !== "source" && lost >= leastNamed)
    .sort((one, other) => other.lost - one.lost);
  const shown: { cell: Cell; lost: number; name: string }[] = [];
  for (const { cell, lost, name } of found) {
    if (!cell || shown.length === mostNamed) continue;
    const apart = shown.every((other) => Math.abs(other.cell.left - cell.left) > nameWidth);
    if (apart) shown.push({ cell, lost, name });
  }
  return shown;
}

/** Where the lamps are, with volts and light of the first one and of the dimmest. */
function lampMarks(
  figures: readonly (readonly StationFigure[])[],
  cells: readonly (readonly Cell[])[],
): { cell: Cell; figure: StationFigure; words?: string }[] {
  const lamps = cells.flatMap((strand, i) =>
    strand.flatMap((cell, j) => {
      const figure = figures[i]?.[j];
      return figure && cell.station.kind === "lamp" ? [{ cell, figure }] : [];
    }),
  );
  const dimmest = lamps.toSorted(
    (one, other) => (one.figure.lightFraction ?? 1) - (other.figure.lightFraction ?? 1),
  )[0];
  return lamps.map((lamp, i) => {
    const { lostVolts: across, lightFraction } = lamp.figure;
    const told =
      i === 0 || (lamp === dimmest && Math.abs(lamp.cell.left - (lamps[0]?.cell.left ?? 0)) > nameWidth);
    const light = lightFraction == null ? "" : `, ${percent(lightFraction)}`;
    return told ? { ...lamp, words: `${volts(across)}${light}` } : lamp;
  });
}

const mostNamed = 3;
const nameWidth = 120;
const leastNamed = 0.005;

/** What lies between the volts given and those left, on the first way. */
function lostArea(
  cells: readonly Cell[],
  figures: readonly StationFigure[],
  high: number,
  y: (volts: number) => number,
): string {
  const last = cells.at(-1);
  if (!last) return "";
  const left = cells.map((cell, i) => `L${cell.left + cell.width} ${y(figures[i]?.leftVolts ?? high)}`);
  return `M${axisWidth} ${y(high)} ${left.join(" ")} L${last.left + last.width} ${y(high)} Z`;
}

function Tick({ y, at }: { y: number; at: number }) {
  return (
    <text
      x={axisWidth - 5}
      y={y + 4}
      textAnchor="end"
      fontSize={12}
      fill="var(--ink)"
      className="font-figure"
    >
      {printed("volts", at).digits}
    </text>
  );
}

/** Whether the way is closed in a state: one that is open loses all in its contact. */
const flows = (state: LineInState) =>
  (state.figures.strands[0]?.at(-1)?.leftVolts ?? 0) > state.figures.givenVolts / 2;

/** Another state, drawn from the same height: what it loses is what is compared. */
function path(
  state: LineInState,
  high: number,
  cells: readonly Cell[],
  y: (volts: number) => number,
): string {
  const figures = state.figures.strands[0] ?? [];
  const from = high - state.figures.givenVolts;
  return [
    `${axisWidth},${y(high)}`,
    ...figures.map((figure, index) => {
      const cell = cells[index];
      return cell ? `${cell.left + cell.width},${y(figure.leftVolts + from)}` : "";
    }),
  ].join(" ");
}
