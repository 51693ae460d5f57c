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
import { t } from "../words";
import { tableOf } from "./table";

type Of<List extends keyof Rig> = NonNullable<Rig[List]> extends readonly (infer Entry)[] ? Entry : never;

const place = { as: "choice", label: t("fields.zone"), of: choices(zoneWords), usual: "engineBay" } as const;
const sealed = {
  as: "maybe",
  label: t("fields.sealed"),
  yes: t("fields.sealed"),
  no: t("fields.open"),
  wide: true,
} as const;
const ratedVolts = { as: "number", label: t("fields.ratedVoltage"), unit: "V" } as const;

export const fuse = tableOf<Of<"protection">["fuse"]>()({
  ratingAmps: { as: "number", label: t("fields.ratedCurrent"), unit: "A" },
  family: {
    as: "choice",
    label: t("fields.kind"),
    of: [
      { value: "blade", label: t("fields.blade") },
      { value: "boltDown", label: t("fields.boltDown") },
    ],
    usual: "blade",
  },
});

export const protection = tableOf<Of<"protection">>()({
  place,
  ratedVolts,
  sealed,
  breaker: { as: "check", label: t("fields.aBreakerNotAFuse") },
  fixed: { as: "check", label: t("fields.chosenByYouResizingLeaves") },
});

export const inlineBreaker = tableOf<Of<"inlineBreakers">>()({
  ratingAmps: { as: "number", label: t("fields.ratedCurrent"), unit: "A" },
  ratedVolts,
  reset: {
    as: "choice",
    label: t("fields.reset"),
    of: [
      { value: "manual", label: t("fields.byHand") },
      { value: "automatic", label: t("fields.byItself") },
    ],
    usual: "manual",
  },
  place,
});

export const relay = tableOf<Of<"relays">>()({
  contactAmps: { as: "number", label: t("fields.contact"), unit: t("fields.aAt12V") },
  coilVolts: {
    as: "choice",
    label: t("fields.coil"),
    of: [
      { value: "12", label: "12 V" },
      { value: "24", label: "24 V" },
    ],
    usual: "",
    numeric: true,
    none: true,
  },
  coilOhms: { as: "number", label: t("fields.coilAt20C"), unit: "Ω", empty: t("fields.asUsual") },
  coilCelsius: { as: "number", label: t("fields.coilTemperature"), unit: "°C" },
  sealed,
  coilDiode: { as: "check", label: t("fields.aDiodeAcrossItsCoil") },
  fixed: { as: "check", label: t("fields.chosenByYouResizingLeaves") },
});

export const switchPart = tableOf<Of<"switches">>()({
  ratingAmps: { as: "number", label: t("fields.ratedCurrent"), unit: "A" },
});

export const powerBox = tableOf<Of<"powerBoxes">>()({
  totalAmps: { as: "number", label: t("fields.ratedCurrentInAll"), unit: "A" },
  sleepAmps: { as: "number", label: t("fields.drawsAsleep"), unit: "A" },
  sealed,
  minusOnPost: { as: "check", label: t("fields.itsMinusMustGoTo") },
});

/** The lead of its panel. */
export const panel = tableOf<NonNullable<Of<"powerBoxes">["panel"]>>()({
  leadMetres: {
    as: "number",
    label: t("fields.leadToItsPanel"),
    scale: asLength,
    empty: t("fields.notSpecified2"),
  },
  plugMillimetres: {
    as: "number",
    label: t("fields.itsWidestPlug"),
    scale: asTape,
    empty: t("fields.notSpecified2"),
  },
});

export const earth = tableOf<Of<"earths">>()({
  kind: {
    as: "choice",
    label: t("fields.kind"),
    of: [
      { value: "stud", label: t("fields.studOnTheBody") },
      { value: "post", label: t("fields.batterySMinusPost") },
    ],
    usual: "stud",
  },
  place,
  fixing: {
    as: "choice",
    label: t("fields.boltedWith"),
    of: choices(earthFixingWords),
    usual: "",
    none: true,
  },
  studMilliohms: { as: "number", label: t("fields.ringOnTheStud"), unit: "mΩ" },
  bodyMilliohms: { as: "number", label: t("fields.bodyToTheBattery"), unit: "mΩ" },
});

export const joint = tableOf<Of<"joints">>()({
  kind: { as: "choice", label: t("fields.howItIsMade"), of: choices(jointKindWords), usual: "crimp" },
  place,
  milliohms: { as: "number", label: t("fields.measured"), unit: "mΩ", empty: t("fields.asUsual") },
  ratedAmps: { as: "number", label: t("fields.ratedCurrent"), unit: "A", empty: t("fields.notSpecified2") },
  maxCelsius: { as: "number", label: t("fields.conductorUpTo"), unit: "°C", empty: t("fields.asUsual") },
  sealed,
});

/** Of a plug: the housing that it is a pole of. */
export const plug = tableOf<Of<"joints">>()({
  housing: { as: "text", label: t("fields.poleOfTheHousing"), empty: t("fields.ofItsOwn") },
  cavities: { as: "number", label: t("fields.cavitiesInIt"), empty: t("fields.notSpecified2") },
  cavity: { as: "number", label: t("fields.itsCavity"), empty: t("fields.notSpecified2") },
  lampHalf: {
    as: "choice",
    label: t("fields.theLampSHalfHas"),
    of: choices(plugHalfWords),
    usual: "",
    none: true,
  },
  wedge: { as: "check", label: t("fields.withAWedgeOrLock") },
});

const pickUpTable = tableOf<NonNullable<Of<"joints">["pickUp"]>>()({
  end: { as: "choice", label: t("fields.atThe"), of: choices(endWords), usual: "", none: true },
  side: { as: "choice", label: t("fields.side"), of: choices(sideWords), usual: "", none: true },
  plug: { as: "text", label: t("fields.adaptorForThePlug"), empty: t("fields.noAdaptor"), wide: true },
  columns: { as: "number", label: t("fields.cavitiesInARow"), empty: t("fields.notSpecified2") },
  rows: { as: "number", label: t("fields.rows") },
  cavity: { as: "number", label: t("fields.cavityTaken"), empty: t("fields.notSpecified2") },
});

/** Where it takes a wire of the vehicle's own. */
export const pickUp = tableOf<Of<"joints">>()({
  pickUp: {
    as: "record",
    label: t("fields.pickUpOfAVehicle"),
    of: pickUpTable,
    blank: { rows: 1 },
    add: t("fields.itTakesAWireOf"),
    remove: t("fields.itIsNoPickUp"),
  },
});

export const load = tableOf<Of<"loads">>()({
  amps: { as: "number", label: t("fields.draws"), unit: "A" },
  maxVolts: { as: "number", label: t("fields.standsUpTo"), unit: "V", empty: t("fields.asUsual") },
  dutyFraction: { as: "number", label: t("fields.drawsSoMuchOfThe"), unit: "%", scale: () => percent },
  outletAmps: { as: "number", label: t("fields.anOutletMadeFor"), unit: "A", empty: t("fields.noOutlet") },
  on: { as: "check", label: t("fields.onUnlessWhatFeedsIt"), usual: true },
  runsParked: { as: "check", label: t("fields.meantToRunWhileParked") },
});

export const converter = tableOf<Of<"converters">>()({
  outputVolts: { as: "number", label: t("fields.output"), unit: "V" },
  limitAmps: { as: "number", label: t("fields.givesAtMost"), unit: "A" },
  lowestInputVolts: { as: "number", label: t("fields.stopsBelow"), unit: "V" },
  efficiency: { as: "number", label: t("fields.efficiency"), unit: "%", scale: () => percent },
  solarInput: { as: "check", label: t("fields.withASecondInputFor") },
});

export const solarPanel = tableOf<Of<"solarPanels">>()({
  regulatedVolts: { as: "number", label: t("fields.regulatedVoltage"), unit: "V" },
  amps: { as: "number", label: t("fields.givesAtMost"), unit: "A" },
});

export const light = tableOf<Of<"fixtures">["functions"][number]>()({
  kind: { as: "choice", label: t("fields.kind"), of: choices(kindWords), usual: "regulatedLed" },
  watts: { as: "number", label: t("fields.power"), unit: "W" },
  ratedVolts: { as: "number", label: t("fields.atVolts"), unit: "V" },
  amps: { as: "number", label: t("fields.orDraws"), unit: "A", empty: t("fields.asItsPower") },
  colour: {
    as: "choice",
    label: t("fields.colourOfItsLight"),
    of: choices(lightColourWords),
    usual: "white",
  },
  maxVolts: { as: "number", label: t("fields.standsUpTo"), unit: "V", empty: t("fields.asUsual") },
  dropOutVolts: {
    as: "number",
    label: t("fields.keepsItsPowerDownTo"),
    unit: "V",
    empty: t("fields.asUsual"),
  },
  turnOnVolts: { as: "number", label: t("fields.lightsFrom"), unit: "V", empty: t("fields.asUsual") },
  dimFraction: { as: "number", label: t("fields.dimmedTo"), unit: "%", scale: () => percent },
});

/** Leads of a light, as they are called. */
export const lightPins = [
  { key: "plus", label: t("fields.leadForPlus") },
  { key: "minus", label: t("fields.leadForMinus") },
  { key: "dimPin", label: t("fields.leadThatDimsItWhen") },
] as const;

export const output = tableOf<Of<"powerBoxes">["outputs"][number]>()({
  ratingAmps: { as: "number", label: t("fields.ratedCurrent"), unit: "A" },
  follows: { as: "choice", label: t("fields.follows"), of: choices(feedWords), usual: "battery" },
  workedBy: { as: "choice", label: t("fields.controlledBy"), of: choices(workedByWords), usual: "slot" },
});

export const switchLamp = tableOf<NonNullable<Of<"switches">["lamps"]>[number]>()({
  plus: { as: "text", label: t("fields.pinForPlus") },
  minus: { as: "text", label: t("fields.pinForMinus") },
  kind: { as: "choice", label: t("fields.kind"), of: choices(kindWords), usual: "resistorLed" },
  watts: { as: "number", label: t("fields.power"), unit: "W" },
});

export const run = tableOf<Of<"runs">>()({
  wire: { as: "text", label: t("fields.wireSize") },
  colour: { as: "text", label: t("fields.colour") },
  insulationCelsius: {
    as: "choice",
    label: t("fields.insulationUpTo"),
    of: [
      { value: "75", label: "75 °C" },
      { value: "105", label: "105 °C" },
    ],
    usual: "105",
    numeric: true,
  },
  insulation: {
    as: "choice",
    label: t("fields.insulationOf"),
    of: [
      { value: "crossLinked", label: t("fields.crossLinked") },
      { value: "pvc", label: "PVC" },
    ],
    usual: "crossLinked",
  },
  given: { as: "check", label: t("fields.cameWithTheLampJudged") },
  sheathed: { as: "check", label: t("fields.inASheathOfIts") },
  cable: { as: "text", label: t("fields.coreOfCable"), empty: t("fields.aWireOfItsOwn") },
});

/** What follows from its route where it has one. */
export const unlaidRun = tableOf<Of<"runs">>()({
  lengthMetres: { as: "number", label: t("fields.length"), scale: asLength },
  bundled: { as: "number", label: t("fields.loadedWiresInItsHarness") },
});

export const bracket = tableOf<NonNullable<Of<"fixtures">["bracket"]>>()({
  name: { as: "text", label: t("fields.bracket"), wide: true },
  kind: { as: "choice", label: t("fields.kind"), of: choices(bracketWords), usual: "bracket", wide: true },
  offsetMillimetres: { as: "number", label: t("fields.furtherOutBy"), scale: asTape },
  riseMillimetres: { as: "number", label: t("fields.higherBy"), scale: asTape },
  shimMillimetres: { as: "number", label: t("fields.shimsUnderIt"), scale: asTape },
  kilograms: { as: "number", label: t("fields.weight"), unit: "kg" },
  pieces: { as: "number", label: t("fields.pieces") },
  hole: { as: "text", label: t("fields.holeThatWasRight"), empty: t("fields.notNoted") },
  goesOn: { as: "holds", label: t("fields.howTheMountHoldsIt") },
  takes: { as: "holds", label: t("fields.howItHoldsTheLamp") },
  turnedOver: { as: "check", label: t("fields.turnedOverItHoldsThe") },
  holdsRow: { as: "check", label: t("fields.oneOfItHoldsThe") },
  extraHole: { as: "check", label: t("fields.anExtraHoleWasDrilled") },
  underFactoryBolt: { as: "check", label: t("fields.underAPinOrBolt") },
});

export const lamp = tableOf<Of<"fixtures">>()({
  harnessWire: {
    as: "text",
    label: t("fields.makerSHarnessWire"),
    empty: t("fields.notSpecified2"),
    nullable: true,
  },
  harnessFuseAmps: { as: "number", label: t("fields.andFuse"), unit: "A", empty: t("fields.notSpecified2") },
  sealed,
  covered: { as: "check", label: t("fields.comesWithACoverFor") },
  bracket: {
    as: "record",
    label: t("fields.bracketBetweenMountAndLamp"),
    of: bracket,
    blank: { name: t("fields.bracket"), pieces: 1 },
    add: t("fields.addABracketClampOr"),
    remove: t("fields.removeTheBracket"),
  },
});
