import type { Rig } from "../api/client";
import { asLength, asPercent } from "../ui/figures/figures";
import { choices, feedWords, zoneWords } from "../ui/words";
import { tableOf } from "./table";

type Vehicle = Rig["vehicle"];
type Of<List extends keyof Vehicle> =
  NonNullable<Vehicle[List]> extends readonly (infer Entry)[] ? Entry : never;

const signalWords = { highBeam: "High beam", reverse: "Reversing lamps", sideLight: "Side lights" };

/** The vehicle's own figures: what it draws, and what drives it. */
export const supply = tableOf<Vehicle>()({
  houseLoadAmps: { as: "number", label: "Draws with the key on", unit: "A" },
  keyOffDrainAmps: { as: "number", label: "Draws parked", unit: "A" },
  highVoltageDrive: { as: "check", label: "High-voltage drive: its maker's rules come first" },
});

export const battery = tableOf<Of<"batteries">>()({
  capacityAmpHours: { as: "number", label: "Capacity at 20 h", unit: "Ah" },
  stateOfCharge: { as: "number", label: "Charged to", unit: "%", scale: () => asPercent },
  internalMilliohms: {
    as: "number",
    label: "Inner resistance",
    unit: "mΩ",
    hint: "70 to 100 Ah: 4 to 8 mΩ.",
  },
  peukertExponent: {
    as: "number",
    label: "Peukert exponent",
    hint: "AGM 1.1, flooded 1.3.",
  },
  place: { as: "choice", label: "Zone", of: choices(zoneWords), usual: "engineBay" },
  currentSensor: { as: "check", label: "A current sensor sits on its minus post" },
});

export const alternator = tableOf<NonNullable<Vehicle["alternator"]>>()({
  regulatedVolts: { as: "number", label: "Regulated voltage", unit: "V" },
  idleAmps: { as: "number", label: "Gives at idle", unit: "A" },
  cruiseAmps: { as: "number", label: "Gives at cruise", unit: "A" },
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
  },
  watts: { as: "number", label: "All its lamps together", unit: "W" },
  fuseAmps: { as: "number", label: "Its own fuse", unit: "A" },
  moduleDriven: { as: "check", label: "A control module drives it: coil current only" },
  pulsed: { as: "check", label: "Pulsed, or watched for a broken lamp" },
});

export const auxOutput = tableOf<Of<"auxOutputs">>()({
  ratingAmps: { as: "number", label: "Rated current", unit: "A" },
  feed: { as: "choice", label: "Fed by", of: choices(feedWords), usual: "ignition" },
  leadWire: { as: "text", label: "Wire size of its lead" },
  leadMetres: { as: "number", label: "Length of its lead", scale: asLength },
  latching: { as: "check", label: "Its switch latches", usual: true },
});

export const passThrough = tableOf<Of<"passThroughs">>()({
  colour: { as: "text", label: "Colour" },
  wire: { as: "text", label: "Wire size" },
  fromPlace: { as: "text", label: "From" },
  toPlace: { as: "text", label: "To" },
  lengthMetres: { as: "number", label: "Length", scale: asLength },
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
  loadAmps: { as: "number", label: "Already draws", unit: "A" },
});
