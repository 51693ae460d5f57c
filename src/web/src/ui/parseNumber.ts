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

/** Reads a number with a decimal point or a decimal comma; where a comma could be either, both are given. */
export function parseNumber(text: string): Typed {
  const typed = text.trim();
  if (doubtful.test(typed)) {
    return { kind: "either", values: [Number(typed.replace(",", "")), Number(typed.replace(",", "."))] };
  }
  if (commas.test(typed)) return { kind: "number", value: Number(typed.replace(/,/g, "")) };
  if (spaced.test(typed)) {
    return { kind: "number", value: Number(typed.replace(/[\s\u00a0\u202f'’]/g, "").replace(",", ".")) };
  }
  return plain.test(typed) ? { kind: "number", value: Number(typed.replace(",", ".")) } : { kind: "none" };
}
