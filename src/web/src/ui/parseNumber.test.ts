import { describe, expect, it } from "vitest";
import { parseNumber } from "./parseNumber";

const value = (text: string, unit?: string) => {
  const typed = parseNumber(text, unit);
  return typed.kind === "number" ? typed.value : typed.kind;
};

describe("a typed number", () => {
  it.each([
    ["6.5", undefined, 6.5],
    ["6,5", undefined, 6.5],
    ["1,270", undefined, "either"],
    ["1 270", undefined, 1270],
    ["1,234,567", undefined, 1234567],
    ["six", undefined, "none"],
    ["6.5 m", undefined, "none"],
  ])("%s by itself", (text, unit, wanted) => expect(value(text, unit)).toBe(wanted));

  // 1 ft = 0.3048 m, 1 in = 25.4 mm, 1 lb = 0.45359237 kg exactly (international yard and pound agreement, 1959).
  it.each([
    ["6.5 m", "m", 6.5],
    ["6,5m", "m", 6.5],
    ["650 cm", "m", 6.5],
    ["1270mm", "m", 1.27],
    ["20'6\"", "m", 6.2484],
    ["20 ft 6 in", "m", 6.2484],
    ["20'6", "m", 6.2484],
    ["20'", "ft", 20],
    ["6.2484 m", "ft", 20.5],
    ["50 in", "mm", 1270],
    ["1 lb", "kg", 0.453_592_37],
    ["500 mA", "A", 0.5],
    ["0.3 kW", "W", 300],
    ["15 %", "%", 15],
    ["105 °C", "°C", 105],
  ])("%s in a field of %s", (text, unit, wanted) =>
    expect(value(text, unit)).toBeCloseTo(wanted as number, 9),
  );

  it("may still be two numbers with a unit behind it", () =>
    expect(parseNumber("1,270 mm", "m")).toEqual({ kind: "either", values: [1.27, 1.27 / 1000] }));

  it.each([
    ["5 W", "A"],
    ["5 m", "A"],
    ["5 m m", "m"],
    ["'", "ft"],
  ])("%s is none in a field of %s", (text, unit) => expect(value(text, unit)).toBe("none"));
});
