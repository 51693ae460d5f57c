import type { Rig } from "../api/client";
import { asLength, asPercent } from "../ui/figures/figures";
import { batteryKindWords, choices, feedWords, zoneWords } from "../ui/words";
import { t } from "../words";
import { foundWire } from "./bodyTables";
import { tableOf } from "./table";

type Vehicle = Rig["vehicle"];
type Of<List extends keyof Vehicle> =
  NonNullable<Vehicle[List]> extends readonly (infer Entry)[] ? Entry : never;

export const signalWords = {
  highBeam: t("fields.highBeam"),
  lowBeam: t("fields.lowBeam"),
  reverse: t("fields.reversingLamps"),
  sideLight: t("fields.sideLights"),
  brakeLamp: t("fields.brakeLamps"),
  indicatorLeft: t("fields.indicatorsLeft"),
  indicatorRight: t("fields.indicatorsRight"),
} as const;

const wires = {
  as: "list",
  label: t("fields.wiresFound"),
  of: foundWire,
  blank: {},
  another: t("fields.addAWireThatWas"),
  empty: t("fields.noWireOfItIs"),
} as const;

/** The vehicle's own figures: what it draws, and what drives it. */
export const supply = tableOf<Vehicle>()({
  houseLoadAmps: { as: "number", label: t("fields.drawsKeyOn"), unit: "A", empty: t("fields.usual15") },
  keyOffDrainAmps: { as: "number", label: t("fields.drawsParked"), unit: "A", empty: t("fields.usual003") },
  highVoltageDrive: { as: "check", label: t("fields.highVoltageDriveItsMaker") },
});

/** Where wires that are live with the key on were found. */
export const ignition = tableOf<Vehicle>()({
  ignitionWires: { ...wires, label: t("fields.liveWithTheKeyOn") },
});

export const battery = tableOf<Of<"batteries">>()({
  capacityAmpHours: {
    as: "number",
    label: t("fields.capacity20H"),
    unit: t("fields.ah"),
    empty: t("fields.usual80"),
  },
  stateOfCharge: {
    as: "number",
    label: t("fields.chargedTo"),
    unit: "%",
    scale: () => asPercent,
    empty: t("fields.usual90"),
  },
  kind: { as: "choice", label: t("fields.kind"), of: choices(batteryKindWords), usual: "", none: true },
  internalMilliohms: {
    as: "number",
    label: t("fields.innerResistance"),
    unit: "mΩ",
    empty: t("fields.usual6"),
    hint: t("fields.of70To100Ah4"),
  },
  peukertExponent: { as: "number", label: t("fields.peukertExponent"), empty: t("fields.asItsKind") },
  place: { as: "choice", label: t("fields.zone"), of: choices(zoneWords), usual: "engineBay" },
  currentSensor: { as: "check", label: t("fields.aCurrentSensorSitsOn") },
});

export const alternator = tableOf<NonNullable<Vehicle["alternator"]>>()({
  cruiseAmps: { as: "number", label: t("fields.ratedCurrent"), unit: "A", empty: t("fields.usual120") },
  idleAmps: { as: "number", label: t("fields.givesAtIdle"), unit: "A", empty: t("fields.halfOfThat") },
  regulatedVolts: {
    as: "number",
    label: t("fields.regulatedVoltage"),
    unit: "V",
    empty: t("fields.of142Or284"),
  },
});

export const signal = tableOf<NonNullable<Vehicle["highBeam"]>>()({
  switched: {
    as: "choice",
    label: t("fields.itsSignalIs"),
    of: [
      { value: "plus", label: t("fields.positiveSwitchedBatteryVoltageWhen") },
      { value: "minus", label: t("fields.negativeSwitchedToEarthWhen") },
    ],
    usual: "plus",
    none: true,
  },
  watts: { as: "number", label: t("fields.allItsLamps"), unit: "W", empty: t("fields.usual60") },
  fuseAmps: { as: "number", label: t("fields.itsOwnFuse"), unit: "A", empty: t("fields.usual15") },
  moduleDriven: {
    as: "maybe",
    label: t("fields.aControlModuleDrivesIt"),
    yes: t("fields.yesCoilCurrentOnly"),
    wide: true,
  },
  pulsed: { as: "maybe", label: t("fields.pulsedOrWatchedForA"), wide: true },
  wires,
});

export const auxOutput = tableOf<Of<"auxOutputs">>()({
  legend: { as: "text", label: t("fields.legendOnItsSwitch") },
  ratingAmps: { as: "number", label: t("fields.ratedCurrent"), unit: "A" },
  feed: { as: "choice", label: t("fields.fedBy"), of: choices(feedWords), usual: "ignition" },
  leadWire: { as: "text", label: t("fields.wireSizeOfItsLead") },
  leadMetres: { as: "number", label: t("fields.lengthOfItsLead"), scale: asLength },
  colour: { as: "text", label: t("fields.leadColourSwitch") },
  farColour: { as: "text", label: t("fields.leadColourFreeEnd") },
  endsAt: { as: "text", label: t("fields.itsLeadEndsAt"), empty: t("fields.notSpecified2"), wide: true },
  latching: { as: "check", label: t("fields.itsSwitchLatches"), usual: true },
});

const leadStop = tableOf<NonNullable<Of<"passThroughs">["passes"]>[number]>()({
  place: { as: "text", label: t("fields.place") },
  colour: { as: "text", label: t("fields.colourThere") },
});

export const passThrough = tableOf<Of<"passThroughs">>()({
  fromPlace: { as: "text", label: t("fields.from") },
  colour: { as: "text", label: t("fields.colourThere") },
  toPlace: { as: "text", label: t("fields.to") },
  farColour: { as: "text", label: t("fields.colourThere"), empty: t("fields.theSame") },
  wire: { as: "text", label: t("fields.wireSize") },
  lengthMetres: { as: "number", label: t("fields.length"), scale: asLength },
  passes: {
    as: "list",
    label: t("fields.passesInOrder"),
    of: leadStop,
    blank: { place: "sill" },
    another: t("fields.addAPlaceThatIt"),
    empty: t("fields.noPlaceBetweenItsEnds"),
  },
});

export const trailerPin = tableOf<Of<"trailerPins">>()({
  carries: {
    as: "choice",
    label: t("fields.carries"),
    of: [...choices(signalWords), { value: "", label: t("fields.earth") }],
    usual: "",
  },
  leadWire: { as: "text", label: t("fields.wireSizeToIt") },
  leadMetres: { as: "number", label: t("fields.lengthToIt"), scale: asLength },
});

export const fuseSlot = tableOf<Of<"fuseSlots">>()({
  ratingAmps: { as: "number", label: t("fields.itsOwnFuse"), unit: "A" },
  feed: { as: "choice", label: t("fields.live"), of: choices(feedWords), usual: "ignition" },
  serves: { as: "text", label: t("fields.serves"), empty: t("fields.notSpecified2") },
  loadAmps: { as: "number", label: t("fields.thatDraws"), unit: "A" },
  tappedFor: { as: "text", label: t("fields.tappedBeforeFor"), empty: t("fields.nothing") },
  tappedAmps: { as: "number", label: t("fields.thatDraws"), unit: "A" },
});
