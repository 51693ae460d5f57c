import type { Rig } from "../api/client";
import { asLength, asPercent } from "../ui/figures/figures";
import { batteryKindWords, choices, feedWords, zoneWords } from "../ui/words";
import { foundWire } from "./bodyTables";
import { tableOf } from "./table";

type Vehicle = Rig["vehicle"];
type Of<List extends keyof Vehicle> =
  NonNullable<Vehicle[List]> extends readonly (infer Entry)[] ? Entry : never;

export const signalWords = {
  highBeam: "High beam",
  lowBeam: "Low beam",
  reverse: "Reversing lamps",
  sideLight: "Side lights",
  brakeLamp: "Brake lamps",
  indicatorLeft: "Indicators, left",
  indicatorRight: "Indicators, right",
} as const;

const wires = {
  as: "list",
  label: "Wires found",
  of: foundWire,
  blank: {},
  another: "Add a wire that was found",
  empty: "No wire of it is written down.",
} as const;

/** The vehicle's own figures: what it draws, and what drives it. */
export const supply = tableOf<Vehicle>()({
  houseLoadAmps: { as: "number", label: "Draws, key on", unit: "A", empty: "usual: 15" },
  keyOffDrainAmps: { as: "number", label: "Draws parked", unit: "A", empty: "usual: 0.03" },
  highVoltageDrive: { as: "check", label: "High-voltage drive: its maker's rules come first" },
});

/** Where wires that are live with the key on were found. */
export const ignition = tableOf<Vehicle>()({
  ignitionWires: { ...wires, label: "Live with the key on" },
});

export const battery = tableOf<Of<"batteries">>()({
  capacityAmpHours: { as: "number", label: "Capacity, 20 h", unit: "Ah", empty: "usual: 80" },
  stateOfCharge: { as: "number", label: "Charged to", unit: "%", scale: () => asPercent, empty: "usual: 90" },
  kind: { as: "choice", label: "Kind", of: choices(batteryKindWords), usual: "", none: true },
  internalMilliohms: {
    as: "number",
    label: "Inner resistance",
    unit: "mΩ",
    empty: "usual: 6",
    hint: "70 to 100 Ah: 4 to 8 mΩ.",
  },
  peukertExponent: { as: "number", label: "Peukert exponent", empty: "as its kind" },
  place: { as: "choice", label: "Zone", of: choices(zoneWords), usual: "engineBay" },
  currentSensor: { as: "check", label: "A current sensor sits on its minus post" },
});

export const alternator = tableOf<NonNullable<Vehicle["alternator"]>>()({
  cruiseAmps: { as: "number", label: "Rated current", unit: "A", empty: "usual: 120" },
  idleAmps: { as: "number", label: "Gives at idle", unit: "A", empty: "half of that" },
  regulatedVolts: { as: "number", label: "Regulated voltage", unit: "V", empty: "14.2 or 28.4" },
});

export const signal = tableOf<NonNullable<Vehicle["highBeam"]>>()({
  switched: {
    as: "choice",
    label: "Its signal is",
    of: [
      { value: "plus", label: "Positive-switched: battery voltage when on" },
      { value: "minus", label: "Negative-switched: to earth when on" },
    ],
    usual: "plus",
    none: true,
  },
  watts: { as: "number", label: "All its lamps", unit: "W", empty: "usual: 60" },
  fuseAmps: { as: "number", label: "Its own fuse", unit: "A", empty: "usual: 15" },
  moduleDriven: {
    as: "maybe",
    label: "A control module drives it",
    yes: "Yes: coil current only",
    wide: true,
  },
  pulsed: { as: "maybe", label: "Pulsed, or watched for a broken lamp", wide: true },
  wires,
});

export const auxOutput = tableOf<Of<"auxOutputs">>()({
  legend: { as: "text", label: "Legend on its switch" },
  ratingAmps: { as: "number", label: "Rated current", unit: "A" },
  feed: { as: "choice", label: "Fed by", of: choices(feedWords), usual: "ignition" },
  leadWire: { as: "text", label: "Wire size of its lead" },
  leadMetres: { as: "number", label: "Length of its lead", scale: asLength },
  colour: { as: "text", label: "Lead colour, switch" },
  farColour: { as: "text", label: "Lead colour, free end" },
  endsAt: { as: "text", label: "Its lead ends at", empty: "not specified", wide: true },
  latching: { as: "check", label: "Its switch latches", usual: true },
});

const leadStop = tableOf<NonNullable<Of<"passThroughs">["passes"]>[number]>()({
  place: { as: "text", label: "Place" },
  colour: { as: "text", label: "Colour there" },
});

export const passThrough = tableOf<Of<"passThroughs">>()({
  fromPlace: { as: "text", label: "From" },
  colour: { as: "text", label: "Colour there" },
  toPlace: { as: "text", label: "To" },
  farColour: { as: "text", label: "Colour there", empty: "the same" },
  wire: { as: "text", label: "Wire size" },
  lengthMetres: { as: "number", label: "Length", scale: asLength },
  passes: {
    as: "list",
    label: "Passes, in order",
    of: leadStop,
    blank: { place: "sill" },
    another: "Add a place that it passes",
    empty: "No place between its ends is written down.",
  },
});

export const trailerPin = tableOf<Of<"trailerPins">>()({
  carries: {
    as: "choice",
    label: "Carries",
    of: [...choices(signalWords), { value: "", label: "Earth" }],
    usual: "",
  },
  leadWire: { as: "text", label: "Wire size to it" },
  leadMetres: { as: "number", label: "Length to it", scale: asLength },
});

export const fuseSlot = tableOf<Of<"fuseSlots">>()({
  ratingAmps: { as: "number", label: "Its own fuse", unit: "A" },
  feed: { as: "choice", label: "Live", of: choices(feedWords), usual: "ignition" },
  serves: { as: "text", label: "Serves", empty: "not specified" },
  loadAmps: { as: "number", label: "That draws", unit: "A" },
  tappedFor: { as: "text", label: "Tapped before for", empty: "nothing" },
  tappedAmps: { as: "number", label: "That draws", unit: "A" },
});
