import type { Rig } from "../api/client";
import { asLength, asPercent as percent } from "../ui/figures/figures";
import { choices, feedWords, jointKindWords, kindWords, zoneWords } from "../ui/words";
import { tableOf } from "./table";

type Of<List extends keyof Rig> = NonNullable<Rig[List]> extends readonly (infer Entry)[] ? Entry : never;

const place = { as: "choice", label: "Zone", of: choices(zoneWords), usual: "engineBay" } as const;
const ratedVolts = { as: "number", label: "Rated voltage", unit: "V" } as const;

export const fuse = tableOf<Of<"protection">["fuse"]>()({
  ratingAmps: { as: "number", label: "Rated current", unit: "A" },
  family: {
    as: "choice",
    label: "Kind",
    of: [
      { value: "blade", label: "Blade" },
      { value: "boltDown", label: "Bolt-down" },
    ],
    usual: "blade",
  },
});

export const protection = tableOf<Of<"protection">>()({
  place,
  ratedVolts,
  breaker: { as: "check", label: "A breaker, not a fuse" },
  fixed: { as: "check", label: "Chosen by you: resizing leaves it alone" },
});

export const inlineBreaker = tableOf<Of<"inlineBreakers">>()({
  ratingAmps: { as: "number", label: "Rated current", unit: "A" },
  ratedVolts,
  reset: {
    as: "choice",
    label: "Reset",
    of: [
      { value: "manual", label: "By hand" },
      { value: "automatic", label: "By itself" },
    ],
    usual: "manual",
  },
  place,
});

export const relay = tableOf<Of<"relays">>()({
  contactAmps: { as: "number", label: "Contact", unit: "A at 12 V" },
  coilVolts: {
    as: "choice",
    label: "Coil",
    of: [
      { value: "12", label: "12 V" },
      { value: "24", label: "24 V" },
    ],
    usual: "",
    numeric: true,
    none: true,
  },
  coilOhms: { as: "number", label: "Coil at 20 °C", unit: "Ω", empty: "as usual" },
  coilCelsius: { as: "number", label: "Coil temperature", unit: "°C" },
  coilDiode: { as: "check", label: "A diode across its coil" },
  fixed: { as: "check", label: "Chosen by you: resizing leaves it alone" },
});

export const switchPart = tableOf<Of<"switches">>()({
  ratingAmps: { as: "number", label: "Rated current", unit: "A" },
});

export const powerBox = tableOf<Of<"powerBoxes">>()({
  totalAmps: { as: "number", label: "Rated current in all", unit: "A" },
  sleepAmps: { as: "number", label: "Draws asleep", unit: "A" },
  minusOnPost: { as: "check", label: "Its minus must go to the battery post" },
});

export const earth = tableOf<Of<"earths">>()({
  kind: {
    as: "choice",
    label: "Kind",
    of: [
      { value: "stud", label: "Stud on the body" },
      { value: "post", label: "Battery's minus post" },
    ],
    usual: "stud",
  },
  place,
  studMilliohms: { as: "number", label: "Ring on the stud", unit: "mΩ" },
  bodyMilliohms: { as: "number", label: "Body, to the battery", unit: "mΩ" },
});

export const joint = tableOf<Of<"joints">>()({
  kind: { as: "choice", label: "How it is made", of: choices(jointKindWords), usual: "crimp" },
  place,
  milliohms: { as: "number", label: "Measured", unit: "mΩ", empty: "as usual" },
  ratedAmps: { as: "number", label: "Rated current", unit: "A", empty: "not specified" },
  maxCelsius: { as: "number", label: "Conductor up to", unit: "°C", empty: "as usual" },
});

export const load = tableOf<Of<"loads">>()({
  amps: { as: "number", label: "Draws", unit: "A" },
  maxVolts: { as: "number", label: "Stands up to", unit: "V", empty: "as usual" },
  on: { as: "check", label: "On unless what feeds it is off", usual: true },
});

export const converter = tableOf<Of<"converters">>()({
  outputVolts: { as: "number", label: "Output", unit: "V" },
  limitAmps: { as: "number", label: "Gives at most", unit: "A" },
  lowestInputVolts: { as: "number", label: "Stops below", unit: "V" },
  efficiency: { as: "number", label: "Efficiency", unit: "%", scale: () => percent },
});

export const solarPanel = tableOf<Of<"solarPanels">>()({
  regulatedVolts: { as: "number", label: "Regulated voltage", unit: "V" },
  amps: { as: "number", label: "Gives at most", unit: "A" },
});

export const light = tableOf<Of<"fixtures">["functions"][number]>()({
  kind: { as: "choice", label: "Kind", of: choices(kindWords), usual: "regulatedLed" },
  watts: { as: "number", label: "Power", unit: "W" },
  ratedVolts: { as: "number", label: "at", unit: "V" },
  maxVolts: { as: "number", label: "Stands up to", unit: "V", empty: "as usual" },
  dropOutVolts: { as: "number", label: "Keeps its power down to", unit: "V", empty: "as usual" },
  turnOnVolts: { as: "number", label: "Lights from", unit: "V", empty: "as usual" },
  dimFraction: { as: "number", label: "Dimmed to", unit: "%", scale: () => percent },
});

/** Leads of a light, as they are called. */
export const lightPins = [
  { key: "plus", label: "Lead for plus" },
  { key: "minus", label: "Lead for minus" },
  { key: "dimPin", label: "Lead that dims it when earthed" },
] as const;

export const output = tableOf<Of<"powerBoxes">["outputs"][number]>()({
  ratingAmps: { as: "number", label: "Rated current", unit: "A" },
  follows: { as: "choice", label: "Follows", of: choices(feedWords), usual: "battery" },
});

export const switchLamp = tableOf<NonNullable<Of<"switches">["lamps"]>[number]>()({
  plus: { as: "text", label: "Pin for plus" },
  minus: { as: "text", label: "Pin for minus" },
  kind: { as: "choice", label: "Kind", of: choices(kindWords), usual: "resistorLed" },
  watts: { as: "number", label: "Power", unit: "W" },
});

export const run = tableOf<Of<"runs">>()({
  wire: { as: "text", label: "Wire size" },
  colour: { as: "text", label: "Colour" },
  insulationCelsius: {
    as: "choice",
    label: "Insulation up to",
    of: [
      { value: "75", label: "75 °C" },
      { value: "105", label: "105 °C" },
    ],
    usual: "105",
    numeric: true,
  },
  insulation: {
    as: "choice",
    label: "Insulation of",
    of: [
      { value: "crossLinked", label: "Cross-linked" },
      { value: "pvc", label: "PVC" },
    ],
    usual: "crossLinked",
  },
  given: { as: "check", label: "Came with the lamp: judged, never resized" },
  sheathed: { as: "check", label: "In a sheath of its own, end to end" },
});

/** What follows from its route where it has one. */
export const unlaidRun = tableOf<Of<"runs">>()({
  lengthMetres: { as: "number", label: "Length", scale: asLength },
  bundled: { as: "number", label: "Loaded wires in its harness" },
});

export const lamp = tableOf<Of<"fixtures">>()({
  harnessWire: { as: "text", label: "Maker's harness: wire", empty: "not specified", nullable: true },
  harnessFuseAmps: { as: "number", label: "and fuse", unit: "A", empty: "not specified" },
});
