/** What a typed text may mean: one number, none, or two between which the person has to choose. */
export type Typed =
  | { kind: "number"; value: number }
  | { kind: "none" }
  | { kind: "either"; values: [number, number] };

const plain = /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/;
/** Thousands set apart by spaces or apostrophes. */
const spaced = /^[+-]?\d{1,3}([\s\u00a0\u202f'’]\d{3})+([.,]\d*)?$/;
/** Thousands set apart by commas, beyond doubt: more than one, or a point behind them. */
const commas = /^[+-]?[1-9]\d{0,2}(,\d{3}(,\d{3})+(\.\d*)?|,\d{3}\.\d*)$/;
/** One comma with three digits behind it: a thousand to some, a thousandth to others. */
const doubtful = /^[+-]?[1-9]\d{0,2},\d{3}$/;

/** How many of a unit's base one is: what is written in one of a row can be read into any other of it. */
const rows: readonly Readonly<Record<string, number>>[] = [
  { m: 1, cm: 0.01, mm: 0.001, ft: 0.3048, "'": 0.3048, "′": 0.3048, in: 0.0254, '"': 0.0254, "″": 0.0254 },
  { A: 1, mA: 0.001 },
  { W: 1, kW: 1000 },
  { V: 1, mV: 0.001 },
  { kg: 1, g: 0.001, lb: 0.453_592_37 },
];

const feetAndInches = /^(\d+(?:[.,]\d+)?)\s*(?:'|′|ft)\s*(\d+(?:[.,]\d+)?)\s*(?:"|″|in)?$/;

/** A number with the unit that is written behind it, in `unit`; where there is none, or one that cannot be, undefined. */
function withUnit(typed: string, unit: string): Typed | undefined {
  const row = rows.find((units) => unit in units);
  const both = row?.m === undefined ? null : feetAndInches.exec(typed);
  if (both && row) {
    const [feet, inches] = [both[1], both[2]].map((part) => Number((part ?? "").replace(",", ".")));
    return { kind: "number", value: ((feet ?? 0) * 0.3048 + (inches ?? 0) * 0.0254) / (row[unit] ?? 1) };
  }
  const written = [...Object.keys(row ?? {}), unit]
    .filter((other) => typed.endsWith(other))
    .sort((one, other) => other.length - one.length)[0];
  if (written === undefined || written === "") return undefined;
  const number = parseNumber(typed.slice(0, -written.length));
  const factor = (row?.[written] ?? 1) / (row?.[unit] ?? 1);
  if (number.kind === "number") return { kind: "number", value: number.value * factor };
  return number.kind === "either"
    ? { kind: "either", values: [number.values[0] * factor, number.values[1] * factor] }
    : undefined;
}

/**
 * Reads a number with a decimal point or a decimal comma; where a comma could be either, both are given. With `unit`, the
 * one that the field is in, a unit may be written behind it: "6.5 m", "650 cm", "20'6\"".
 */
export function parseNumber(text: string, unit = ""): Typed {
  const typed = text.trim();
  const measured = unit === "" ? undefined : withUnit(typed, unit);
  if (measured) return measured;
  if (doubtful.test(typed)) {
    return { kind: "either", values: [Number(typed.replace(",", "")), Number(typed.replace(",", "."))] };
  }
  if (commas.test(typed)) return { kind: "number", value: Number(typed.replace(/,/g, "")) };
  if (spaced.test(typed)) {
    return { kind: "number", value: Number(typed.replace(/[\s\u00a0\u202f'’]/g, "").replace(",", ".")) };
  }
  return plain.test(typed) ? { kind: "number", value: Number(typed.replace(",", ".")) } : { kind: "none" };
}
