import type { Rig } from "../api/client";
import { asLength, asTape, asPercent as percent } from "../ui/figures/figures";
import {
  bracketWords,
  choices,
  earthFixingWords,
  endWords,
  feedWords,
  jointKindWords,
  kindWords,
  lightColourWords,
  plugHalfWords,
  sideWords,
  workedByWords,
  zoneWords,
} from "../ui/words";
import { tableOf } from "./table";

type Of<List extends keyof Rig> = NonNullable<Rig[List]> extends readonly (infer Entry)[] ? Entry : never;

const place = { as: "choice", label: "Zone", of: choices(zoneWords), usual: "engineBay" } as const;
const sealed = { as: "maybe", label: "Sealed", yes: "Sealed", no: "Open", wide: true } as const;
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
  sealed,
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
  sealed,
  coilDiode: { as: "check", label: "A diode across its coil" },
  fixed: { as: "check", label: "Chosen by you: resizing leaves it alone" },
});

export const switchPart = tableOf<Of<"switches">>()({
  ratingAmps: { as: "number", label: "Rated current", unit: "A" },
});

export const powerBox = tableOf<Of<"powerBoxes">>()({
  totalAmps: { as: "number", label: "Rated current in all", unit: "A" },
  sleepAmps: { as: "number", label: "Draws asleep", unit: "A" },
  sealed,
  minusOnPost: { as: "check", label: "Its minus must go to the battery post" },
});

/** The lead of its panel. */
export const panel = tableOf<NonNullable<Of<"powerBoxes">["panel"]>>()({
  leadMetres: { as: "number", label: "Lead to its panel", scale: asLength, empty: "not specified" },
  plugMillimetres: { as: "number", label: "Its widest plug", scale: asTape, empty: "not specified" },
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
  fixing: { as: "choice", label: "Bolted with", of: choices(earthFixingWords), usual: "", none: true },
  studMilliohms: { as: "number", label: "Ring on the stud", unit: "mΩ" },
  bodyMilliohms: { as: "number", label: "Body, to the battery", unit: "mΩ" },
});

export const joint = tableOf<Of<"joints">>()({
  kind: { as: "choice", label: "How it is made", of: choices(jointKindWords), usual: "crimp" },
  place,
  milliohms: { as: "number", label: "Measured", unit: "mΩ", empty: "as usual" },
  ratedAmps: { as: "number", label: "Rated current", unit: "A", empty: "not specified" },
  maxCelsius: { as: "number", label: "Conductor up to", unit: "°C", empty: "as usual" },
  sealed,
});

/** Of a plug: the housing that it is a pole of. */
export const plug = tableOf<Of<"joints">>()({
  housing: { as: "text", label: "Pole of the housing", empty: "of its own" },
  cavities: { as: "number", label: "Cavities in it", empty: "not specified" },
  cavity: { as: "number", label: "Its cavity", empty: "not specified" },
  lampHalf: {
    as: "choice",
    label: "The lamp's half has",
    of: choices(plugHalfWords),
    usual: "",
    none: true,
  },
  wedge: { as: "check", label: "With a wedge or lock" },
});

const pickUpTable = tableOf<NonNullable<Of<"joints">["pickUp"]>>()({
  end: { as: "choice", label: "At the", of: choices(endWords), usual: "", none: true },
  side: { as: "choice", label: "Side", of: choices(sideWords), usual: "", none: true },
  plug: { as: "text", label: "Adaptor for the plug", empty: "no adaptor", wide: true },
  columns: { as: "number", label: "Cavities in a row", empty: "not specified" },
  rows: { as: "number", label: "Rows" },
  cavity: { as: "number", label: "Cavity taken", empty: "not specified" },
});

/** Where it takes a wire of the vehicle's own. */
export const pickUp = tableOf<Of<"joints">>()({
  pickUp: {
    as: "record",
    label: "Pick-up of a vehicle's wire",
    of: pickUpTable,
    blank: { rows: 1 },
    add: "It takes a wire of the vehicle's own",
    remove: "It is no pick-up",
  },
});

export const load = tableOf<Of<"loads">>()({
  amps: { as: "number", label: "Draws", unit: "A" },
  maxVolts: { as: "number", label: "Stands up to", unit: "V", empty: "as usual" },
  dutyFraction: { as: "number", label: "Draws so much of the time", unit: "%", scale: () => percent },
  outletAmps: { as: "number", label: "An outlet, made for", unit: "A", empty: "no outlet" },
  on: { as: "check", label: "On unless what feeds it is off", usual: true },
  runsParked: { as: "check", label: "Meant to run while parked" },
});

export const converter = tableOf<Of<"converters">>()({
  outputVolts: { as: "number", label: "Output", unit: "V" },
  limitAmps: { as: "number", label: "Gives at most", unit: "A" },
  lowestInputVolts: { as: "number", label: "Stops below", unit: "V" },
  efficiency: { as: "number", label: "Efficiency", unit: "%", scale: () => percent },
  solarInput: { as: "check", label: "With a second input, for solar" },
});

export const solarPanel = tableOf<Of<"solarPanels">>()({
  regulatedVolts: { as: "number", label: "Regulated voltage", unit: "V" },
  amps: { as: "number", label: "Gives at most", unit: "A" },
});

export const light = tableOf<Of<"fixtures">["functions"][number]>()({
  kind: { as: "choice", label: "Kind", of: choices(kindWords), usual: "regulatedLed" },
  watts: { as: "number", label: "Power", unit: "W" },
  ratedVolts: { as: "number", label: "at", unit: "V" },
  amps: { as: "number", label: "Or: draws", unit: "A", empty: "as its power" },
  colour: { as: "choice", label: "Colour of its light", of: choices(lightColourWords), usual: "white" },
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
  workedBy: { as: "choice", label: "Controlled by", of: choices(workedByWords), usual: "slot" },
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

export const bracket = tableOf<NonNullable<Of<"fixtures">["bracket"]>>()({
  name: { as: "text", label: "Bracket", wide: true },
  kind: { as: "choice", label: "Kind", of: choices(bracketWords), usual: "bracket", wide: true },
  offsetMillimetres: { as: "number", label: "Further out by", scale: asTape },
  riseMillimetres: { as: "number", label: "Higher by", scale: asTape },
  shimMillimetres: { as: "number", label: "Shims under it", scale: asTape },
  kilograms: { as: "number", label: "Weight", unit: "kg" },
  pieces: { as: "number", label: "Pieces" },
  hole: { as: "text", label: "Hole that was right", empty: "not noted" },
  goesOn: { as: "holds", label: "How the mount holds it" },
  takes: { as: "holds", label: "How it holds the lamp" },
  turnedOver: { as: "check", label: "Turned over: it holds the lamp lower" },
  holdsRow: { as: "check", label: "One of it holds the whole row" },
  extraHole: { as: "check", label: "An extra hole was drilled" },
  underFactoryBolt: { as: "check", label: "Under a pin or bolt of the vehicle's own" },
});

export const lamp = tableOf<Of<"fixtures">>()({
  harnessWire: { as: "text", label: "Maker's harness: wire", empty: "not specified", nullable: true },
  harnessFuseAmps: { as: "number", label: "and fuse", unit: "A", empty: "not specified" },
  sealed,
  covered: { as: "check", label: "Comes with a cover for the road" },
  bracket: {
    as: "record",
    label: "Bracket between mount and lamp",
    of: bracket,
    blank: { name: "Bracket", pieces: 1 },
    add: "Add a bracket, clamp or carrier",
    remove: "Remove the bracket",
  },
});
