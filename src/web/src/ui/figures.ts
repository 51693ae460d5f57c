import type { UnitSystem } from "../api/client";

/* Figures as they are shown; each comes from the server and is only rounded here. */

const metresPerFoot = 0.3048;

export const amps = (value: number) => `${value.toFixed(value < 10 ? 2 : 1)} A`;
/** Volts, and millivolts where two decimals would show nothing. */
export const lostVolts = (value: number) => (value < 0.1 ? `${(value * 1000).toFixed(0)} mV` : volts(value));
export const volts = (value: number) => `${value.toFixed(2)} V`;
export const percent = (fraction: number) => `${(fraction * 100).toFixed(1)} %`;
export const celsius = (value: number) => `${value.toFixed(0)} °C`;
export const copper = (squareMillimetres: number) => `${squareMillimetres.toFixed(2)} mm²`;
export const ofUnit = (value: number, unit: string, units: UnitSystem = "metric") => {
  if (value < endless && unit === "m") return length(value, units);
  if (value < endless && unit === "mm") return tape(value, units);
  switch (unit) {
    case "":
      return percent(value);
    case "A":
      return amps(value);
    case "V":
      return volts(value);
    case "°C":
      return celsius(value);
    case "s":
      return seconds(value);
    default:
      return value >= endless ? `no end ${unit}` : `${Number(value.toFixed(2))} ${unit}`;
  }
};

/** The server's stand-in for a figure without end. */
const endless = 1e9;

export const seconds = (value: number) =>
  value >= endless
    ? "no end"
    : value < 0.1
      ? `${(value * 1000).toFixed(1)} ms`
      : value < 90
        ? `${value.toFixed(2)} s`
        : `${(value / 60).toFixed(0)} min`;

export const hours = (value: number) =>
  value < 48 ? `${value.toFixed(1)} h` : value < 17520 ? `${(value / 24).toFixed(0)} days` : "over 2 years";

/** A length as typed and shown; the document holds metres. */
export const lengthUnit = {
  metric: { name: "m", fromMetres: (metres: number) => metres, toMetres: (metres: number) => metres },
  imperial: {
    name: "ft",
    fromMetres: (metres: number) => metres / metresPerFoot,
    toMetres: (feet: number) => feet * metresPerFoot,
  },
} as const satisfies Record<
  UnitSystem,
  { name: string; fromMetres: (metres: number) => number; toMetres: (shown: number) => number }
>;

export const length = (metres: number, units: UnitSystem) =>
  `${Number(lengthUnit[units].fromMetres(metres).toFixed(2))} ${lengthUnit[units].name}`;

export const kilograms = (value: number) => `${value.toFixed(2)} kg`;

const millimetresPerInch = 25.4;

/** A size as a tape measures it; the document holds millimetres. */
export const tapeUnit = { metric: "mm", imperial: "in" } as const satisfies Record<UnitSystem, string>;

export const tape = (millimetres: number, units: UnitSystem) =>
  units === "metric"
    ? `${Number(millimetres.toFixed(1))} mm`
    : `${(millimetres / millimetresPerInch).toFixed(2)} in`;

export type Scale = { fromDocument: (value: number) => number; toDocument: (shown: number) => number };

export const asIs: Scale = { fromDocument: (value) => value, toDocument: (shown) => shown };
export const asPercent: Scale = {
  fromDocument: (fraction) => fraction * 100,
  toDocument: (shown) => shown / 100,
};
export const asLength = (units: UnitSystem): Scale => ({
  fromDocument: lengthUnit[units].fromMetres,
  toDocument: lengthUnit[units].toMetres,
});

export const asTape = (units: UnitSystem): Scale =>
  units === "metric"
    ? asIs
    : {
        fromDocument: (value) => value / millimetresPerInch,
        toDocument: (shown) => shown * millimetresPerInch,
      };
