import type { UnitSystem } from "../../api/client";
import { t } from "../../words";
import type { en } from "../../words/en";
import table from "./figureRules.json";

/* Prints figures by the table of the core: a test there writes it, and holds its own printing to the same samples. */

type Step = { scale: number; minDecimals: number; maxDecimals: number; unit: string; below?: number };
type Rule = { metric: Step[]; imperial?: Step[]; endlessFrom: number; endless: keyof typeof en.ui.endless };
export type Quantity = keyof typeof table.quantities;

const rules = table.quantities as Record<Quantity, Rule>;
const counted = new Set<string>(table.counted);
const byUnit = table.byUnit as Record<string, Quantity | undefined>;

/** What a check counts. */
type Counted = "lamps" | "lanes" | "lines" | "returns" | "sides" | "sources" | "states" | "taps" | "wires";

const stepsOf = (rule: Rule, units: UnitSystem) => (units === "imperial" && rule.imperial) || rule.metric;

const rounded = (value: number, step: Step) => {
  let text = Math.abs(value).toFixed(step.maxDecimals);
  for (let spare = step.maxDecimals - step.minDecimals; spare > 0 && text.endsWith("0"); spare--)
    text = text.slice(0, -1);
  if (text.endsWith(".")) text = text.slice(0, -1);
  return value < 0 && /[1-9]/.test(text) ? `−${text}` : text;
};

/** Digits and unit of a figure. */
export const printed = (quantity: Quantity, value: number, units: UnitSystem = "metric") => {
  const rule = rules[quantity];
  if (value >= rule.endlessFrom) return { digits: t(`ui.endless.${rule.endless}`), unit: "" };
  const step = stepsOf(rule, units).find((each) => each.below === undefined || Math.abs(value) < each.below);
  return step ? { digits: rounded(value * step.scale, step), unit: step.unit } : { digits: "", unit: "" };
};

/** A figure as it is read. */
export const figure = (quantity: Quantity, value: number, units: UnitSystem = "metric") => {
  const { digits, unit } = printed(quantity, value, units);
  return unit === "" || unit === "°" ? digits + unit : `${digits} ${unit}`;
};

/** A figure of a check, whose unit is a word where things are counted. */
export const ofUnit = (value: number, unit: string, units: UnitSystem = "metric") => {
  const quantity = byUnit[unit];
  if (quantity) return figure(quantity, value, units);
  return counted.has(unit) ? t(`ui.counted.${unit as Counted}`, { count: value }) : `${value} ${unit}`;
};

export const amps = (value: number) => figure("amps", value);
export const volts = (value: number) => figure("volts", value);
export const lostVolts = (value: number) => figure("lostVolts", value);
export const watts = (value: number) => figure("watts", value);
export const percent = (fraction: number) => figure("fraction", fraction);
export const celsius = (value: number) => figure("celsius", value);
export const copper = (squareMillimetres: number) => figure("copper", squareMillimetres);
export const hours = (value: number) => figure("hours", value);
export const kilograms = (value: number) => figure("kilograms", value);
export const length = (metres: number, units: UnitSystem) => figure("metres", metres, units);
/** A size as a tape measures it. */
export const tape = (millimetres: number, units: UnitSystem) => figure("millimetres", millimetres, units);

/** How a field shows what the document holds. */
export type Scale = {
  fromDocument: (value: number) => number;
  toDocument: (shown: number) => number;
  unit: string;
};

const scaleOf = (quantity: Quantity, units: UnitSystem): Scale => {
  const step = stepsOf(rules[quantity], units).at(-1) as Step;
  return {
    fromDocument: (value) => value * step.scale,
    toDocument: (shown) => shown / step.scale,
    unit: step.unit,
  };
};

export const asIs: Scale = { fromDocument: (value) => value, toDocument: (shown) => shown, unit: "" };
export const asPercent: Scale = scaleOf("fraction", "metric");
export const asLength = (units: UnitSystem) => scaleOf("metres", units);
export const asTape = (units: UnitSystem) => scaleOf("millimetres", units);
