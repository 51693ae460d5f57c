import type { Strand, StripPlace, StripStation } from "../../api/client";

/** Where a station stands on the strip, px. */
export type Cell = {
  station: StripStation;
  strand: number;
  index: number;
  left: number;
  width: number;
  row: number;
};

export type StripLayout = {
  /** By strand and station. */
  cells: readonly (readonly Cell[])[];
  width: number;
  powerRows: number;
  controlRows: number;
};

export const axisWidth = 46;
const gap = 6;
const leastWidth = 98;
const lampWidth = 124;
const perMetre = 12;
const longest = 170;

const widthOf = (station: StripStation) =>
  station.kind === "lamp"
    ? lampWidth
    : Math.min(longest, leastWidth + perMetre * (station.kind === "run" ? station.lengthMetres : 0));

/**
 * One scale for strip and ridge: stations side by side, runs wider as they are longer. A strand starts behind the station
 * that it leaves, in the first row that has room there.
 */
export function layOut(strands: readonly Strand[]): StripLayout {
  const cells: Cell[][] = [];
  const taken = { power: [] as number[][][], control: [] as number[][][] };
  for (const [number, strand] of strands.entries()) {
    const rows = strand.control ? taken.control : taken.power;
    const start = strand.leaves && !strand.control ? endOf(cells, strand.leaves) : axisWidth;
    const width = strand.stations.reduce((sum, station) => sum + widthOf(station) + gap, 0);
    const row = number === 0 ? 0 : firstFree(rows, start, start + width, strand.control ? 0 : 1);
    rows[row] = [...(rows[row] ?? []), [start, start + width]];
    let left = start;
    cells.push(
      strand.stations.map((station, index) => {
        const cell = { station, strand: number, index, left, width: widthOf(station), row };
        left += cell.width + gap;
        return cell;
      }),
    );
  }
  return {
    cells,
    width: Math.max(axisWidth, ...cells.flat().map((cell) => cell.left + cell.width)) + gap,
    powerRows: taken.power.length,
    controlRows: taken.control.length,
  };
}

function endOf(cells: readonly (readonly Cell[])[], place: StripPlace): number {
  const cell = cells[place.strand]?.[place.station];
  return cell ? cell.left + cell.width + gap : axisWidth;
}

function firstFree(rows: readonly (readonly number[][])[], from: number, to: number, least: number): number {
  for (let row = least; ; row++) {
    const free = (rows[row] ?? []).every(([a = 0, b = 0]) => to <= a || from >= b);
    if (free) return row;
  }
}
