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
  /** Whether every station is as wide as its words. */
  natural: boolean;
  powerRows: number;
  controlRows: number;
};

export const axisWidth = 46;
const gap = 6;
const narrowGap = 3;
const leastWidth = 98;
const lampWidth = 124;
const perMetre = 12;
const longest = 170;
/** A station that has no room for more is a bar that can still be pressed. */
const barWidth = 9;
const rounds = 24;

const widthOf = (station: StripStation) =>
  station.kind === "lamp"
    ? lampWidth
    : Math.min(longest, leastWidth + perMetre * (station.kind === "run" ? station.lengthMetres : 0));

/**
 * One scale for strip and ridge: stations side by side, runs wider as they are longer, as much narrower as it takes for all of
 * them to fit the room; the one that is open stays as wide as its words.
 */
export function layOut(strands: readonly Strand[], room: number, open: string | undefined): StripLayout {
  const natural = place(strands, widthOf, gap);
  if (room === 0 || natural.width <= room) return { ...natural, natural: true };
  const fitted = (share: number) =>
    place(
      strands,
      (station) => (station.id === open ? widthOf(station) : Math.max(barWidth, share * widthOf(station))),
      narrowGap,
    );
  let [least, most] = [0, 1];
  for (let round = 0; round < rounds; round++) {
    const share = (least + most) / 2;
    if (fitted(share).width <= room) least = share;
    else most = share;
  }
  return { ...fitted(least), natural: false };
}

/** A strand starts behind the station that it leaves, in the first row that has room there. */
function place(
  strands: readonly Strand[],
  wide: (station: StripStation) => number,
  between: number,
): Omit<StripLayout, "natural"> {
  const cells: Cell[][] = [];
  const taken = { power: [] as number[][][], control: [] as number[][][] };
  for (const [number, strand] of strands.entries()) {
    const rows = strand.control ? taken.control : taken.power;
    const start = strand.leaves && !strand.control ? endOf(cells, strand.leaves, between) : axisWidth;
    const width = strand.stations.reduce((sum, station) => sum + wide(station) + between, 0);
    const row = number === 0 ? 0 : firstFree(rows, start, start + width, strand.control ? 0 : 1);
    rows[row] = [...(rows[row] ?? []), [start, start + width]];
    let left = start;
    cells.push(
      strand.stations.map((station, index) => {
        const cell = { station, strand: number, index, left, width: wide(station), row };
        left += cell.width + between;
        return cell;
      }),
    );
  }
  return {
    cells,
    width: Math.max(axisWidth, ...cells.flat().map((cell) => cell.left + cell.width)) + between,
    powerRows: taken.power.length,
    controlRows: taken.control.length,
  };
}

function endOf(cells: readonly (readonly Cell[])[], leaves: StripPlace, between: number): number {
  const cell = cells[leaves.strand]?.[leaves.station];
  return cell ? cell.left + cell.width + between : axisWidth;
}

function firstFree(rows: readonly (readonly number[][])[], from: number, to: number, least: number): number {
  for (let row = least; ; row++) {
    const free = (rows[row] ?? []).every(([a = 0, b = 0]) => to <= a || from >= b);
    if (free) return row;
  }
}
