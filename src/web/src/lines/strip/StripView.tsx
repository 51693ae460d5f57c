import {
  Battery,
  CircleDot,
  CircuitBoard,
  Lightbulb,
  Minus,
  Plug,
  Power,
  RadioTower,
  ShieldCheck,
  Split,
  ToggleLeft,
  Zap,
} from "lucide-react";
import { type KeyboardEvent, memo, type ReactElement, useRef } from "react";
import type { StationFigure, Strand, StripKind, StripStation } from "../../api/client";
import { amps, lostVolts, volts, watts } from "../../ui/figures/figures";
import { t } from "../../words";
import type { Cell, StripLayout } from "./layout";

const rowHeight = 94;
const controlHeight = 66;

// Elements and not components: a sign that is the same element as before is not drawn anew with every figure.
const signs: Record<StripKind, ReactElement> = {
  source: <Battery size={14} aria-hidden className="shrink-0" />,
  fuse: <ShieldCheck size={14} aria-hidden className="shrink-0" />,
  holder: <CircleDot size={14} aria-hidden className="shrink-0" />,
  run: <Minus size={14} aria-hidden className="shrink-0" />,
  lead: <Minus size={14} aria-hidden className="shrink-0" />,
  joint: <Plug size={14} aria-hidden className="shrink-0" />,
  relay: <CircuitBoard size={14} aria-hidden className="shrink-0" />,
  switch: <ToggleLeft size={14} aria-hidden className="shrink-0" />,
  output: <Power size={14} aria-hidden className="shrink-0" />,
  signal: <RadioTower size={14} aria-hidden className="shrink-0" />,
  lamp: <Lightbulb size={14} aria-hidden className="shrink-0" />,
  coil: <Zap size={14} aria-hidden className="shrink-0" />,
  earth: <Split size={14} aria-hidden className="shrink-0" />,
  body: <Split size={14} aria-hidden className="shrink-0" />,
};

/** The stations of a line in their order, branches below; the control circuit is a thinner strip of its own. */
export const StripView = memo(function StripView({
  control,
  strands,
  layout,
  figures,
  open,
  pointed,
  onOpen,
  onPoint,
}: {
  /** The control circuit, or else what the lamps' current passes. */
  control: boolean;
  strands: readonly Strand[];
  layout: StripLayout;
  figures: readonly (readonly StationFigure[])[] | undefined;
  /** Id of the station that is open for editing. */
  open: string | undefined;
  pointed: string | undefined;
  onOpen: (id: string) => void;
  onPoint: (id: string | undefined) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const height = control ? controlHeight : rowHeight;
  const top = (cell: Cell) => cell.row * height;
  const all = layout.cells.flat().filter((cell) => (strands[cell.strand]?.control === true) === control);
  const current = all.some((cell) => cell.station.id === open) ? open : all[0]?.station.id;

  const move = (event: KeyboardEvent) => {
    const at = all.findIndex(
      (cell) => cell.station.id === (document.activeElement as HTMLElement)?.dataset.station,
    );
    const next = { ArrowRight: at + 1, ArrowLeft: at - 1, Home: 0, End: all.length - 1 }[event.key];
    const cell = next === undefined ? undefined : all[next];
    if (at < 0 || !cell) return;
    event.preventDefault();
    box.current?.querySelector<HTMLElement>(`[data-station="${CSS.escape(cell.station.id)}"]`)?.focus();
  };

  return (
    // biome-ignore lint/a11y/useSemanticElements: a group of buttons that arrow keys move between
    <div
      ref={box}
      role="group"
      aria-label={control ? t("lines.controlStations") : t("lines.powerStations")}
      className="relative"
      style={{ width: layout.width, height: (control ? layout.controlRows : layout.powerRows) * height }}
      onKeyDown={move}
    >
      {layout.cells.map((row, strand) => {
        const first = row[0];
        const leaves = strands[strand]?.leaves;
        const from = leaves && layout.cells[leaves.strand]?.[leaves.station];
        if (!first || !from || control || strands[strand]?.control) return null;
        return (
          <span
            key={first.station.id}
            aria-hidden
            className="absolute border-l-4 border-edge"
            style={{
              left: first.left - 5,
              top: top(from) + rowHeight - 16,
              height: Math.max(0, top(first) - top(from) - rowHeight + 40),
            }}
          />
        );
      })}
      {all.map((cell) => (
        <StationCell
          key={cell.station.id}
          cell={cell}
          top={top(cell)}
          thin={control}
          figure={figures?.[cell.strand]?.[cell.index]}
          meets={
            cell.index === (layout.cells[cell.strand]?.length ?? 0) - 1
              ? meeting(strands, cell.strand)
              : undefined
          }
          open={cell.station.id === open}
          pointed={cell.station.id === pointed}
          tab={cell.station.id === current}
          onOpen={onOpen}
          onPoint={onPoint}
        />
      ))}
    </div>
  );
});

function meeting(strands: readonly Strand[], strand: number): string | undefined {
  const joins = strands[strand]?.joins;
  return joins ? strands[joins.strand]?.stations[joins.station]?.name : undefined;
}

/** A lamp gets its volts; all else loses them. */
const works = (station: StripStation) => station.kind === "lamp" || station.kind === "coil";

const StationCell = memo(function StationCell({
  cell,
  top,
  thin,
  figure,
  meets,
  open,
  pointed,
  tab,
  onOpen,
  onPoint,
}: {
  cell: Cell;
  top: number;
  thin: boolean;
  figure: StationFigure | undefined;
  meets: string | undefined;
  open: boolean;
  pointed: boolean;
  tab: boolean;
  onOpen: (id: string) => void;
  onPoint: (id: string | undefined) => void;
}) {
  const { station } = cell;
  const wire = station.kind === "run" || station.kind === "lead";
  const shows =
    cell.width >= wordsWidth
      ? "words"
      : cell.width >= figureWidth
        ? "figure"
        : cell.width >= gaugeWidth
          ? "gauge"
          : cell.width >= signWidth
            ? "sign"
            : "bar";
  const [first, second] = figure ? told(station, figure, thin) : ["", ""];
  const name = [station.name, first, second, station.detail].filter(Boolean).join(", ");
  return (
    <button
      type="button"
      data-station={station.id}
      data-kind={station.kind}
      aria-expanded={open}
      aria-label={shows === "words" ? undefined : name}
      title={shows === "words" ? undefined : name}
      data-shows={shows}
      tabIndex={tab ? 0 : -1}
      onClick={() => onOpen(station.id)}
      onMouseEnter={() => onPoint(station.id)}
      onMouseLeave={() => onPoint(undefined)}
      onFocus={() => onPoint(station.id)}
      onBlur={() => onPoint(undefined)}
      className={`absolute flex flex-col contain-strict overflow-hidden rounded-sm border py-1 text-left text-sm leading-tight hover:bg-lichen-shade ${shows === "words" ? "px-1.5" : "items-center px-0"} ${
        open
          ? "border-2 border-spruce bg-lichen-shade"
          : pointed
            ? "border-edge bg-lichen-shade"
            : wire
              ? "border-seam bg-granite"
              : "border-edge bg-slab"
      }`}
      style={{ left: cell.left, top, width: cell.width, height: thin ? controlHeight - 8 : rowHeight - 10 }}
    >
      {shows !== "words" && (
        <>
          {shows !== "bar" && signs[station.kind]}
          {(shows === "figure" || shows === "gauge") && (
            <span className="w-full truncate text-center text-xs">
              {shows === "gauge" ? size(station) : station.name}{" "}
            </span>
          )}
          {shows === "figure" && figure && (
            <span className="font-figure text-xs whitespace-nowrap">{across(station, figure)}</span>
          )}
        </>
      )}
      {shows === "words" && (
        <>
          <span className="flex items-center gap-1 font-semibold">
            {signs[station.kind]}
            <span className="truncate">{station.name}</span>
          </span>
          <span className="block truncate text-dust">
            {[station.detail, ...station.passes, ...(meets ? [t("lines.into", { meets })] : [])]
              .filter(Boolean)
              .join(", ") || "\u00a0"}
          </span>
          {figure && <span className="block font-figure whitespace-nowrap">{first}</span>}
          {figure && !thin && <span className="block font-figure whitespace-nowrap text-dust">{second}</span>}
        </>
      )}
    </button>
  );
});

/** The volts of a station: what a source or lamp has, what all else loses. */
const across = (station: StripStation, figure: StationFigure) =>
  station.kind === "source"
    ? volts(figure.volts)
    : works(station)
      ? volts(figure.lostVolts)
      : lost(figure.lostVolts);

/** What a station has or loses, and what flows there. */
function told(station: StripStation, figure: StationFigure, thin: boolean): [string, string] {
  if (station.kind === "source") return [volts(figure.volts), ""];
  if (works(station))
    return [
      `${volts(figure.lostVolts)} ${thin ? "" : amps(figure.amps)}`.trim(),
      thin ? "" : watts(figure.watts),
    ];
  return [lost(figure.lostVolts), thin ? "" : `${amps(figure.amps)} ${heat(figure.watts)}`.trim()];
}

/** Widths from which a station shows all of its words, its size and loss, its size, its sign alone, px. */
const wordsWidth = 88;
const figureWidth = 56;
const gaugeWidth = 28;
const signWidth = 18;

/** Size of a wire or fuse without its unit, under the sign of a station that has no room for its name. */
const size = (station: StripStation) => station.name.match(/^([\d.]+) (?:AWG|mm²|A)(?: |$)/)?.[1];

const lost = (value: number) => (Math.abs(value) < 0.0005 ? "0 mV" : `−${lostVolts(value)}`);

const heat = (value: number) => (Math.abs(value) < 0.05 ? "" : watts(value));
