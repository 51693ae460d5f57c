import { describe, expect, it } from "vitest";
import type { Strand, StripStation } from "../../api/client";
import { layOut } from "./layout";

const station = (id: string, kind: StripStation["kind"], lengthMetres = 0) =>
  ({ id, kind, lengthMetres }) as StripStation;

/** A row of so many lamps with a wire before each. */
const row = (lamps: number): Strand[] => [
  {
    control: false,
    stations: Array.from({ length: lamps }, (_, i) => [
      station(`wire-${i}`, "run", 2),
      station(`lamp-${i}`, "lamp"),
    ]).flat(),
  } as unknown as Strand,
];

describe("the strip", () => {
  it("is as wide as its words where there is room", () =>
    expect(layOut(row(2), 2000, undefined).cells[0]?.[1]?.width).toBe(124));

  it.each([3, 6, 15])("of %d lamps fits the room, none on another", (lamps) => {
    const { cells, width } = layOut(row(lamps), 660, "lamp-1");
    expect(width).toBeLessThanOrEqual(660);
    const stations = cells[0] ?? [];
    for (const [i, cell] of stations.entries()) {
      expect(cell.width).toBeGreaterThanOrEqual(9);
      const next = stations[i + 1];
      if (next) expect(next.left).toBeGreaterThanOrEqual(cell.left + cell.width);
    }
    expect(stations.find((cell) => cell.station.id === "lamp-1")?.width).toBe(124);
  });

  it("keeps its natural width until the room is known", () =>
    expect(layOut(row(15), 0, undefined).width).toBeGreaterThan(2000));
});
