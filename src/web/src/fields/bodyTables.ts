import type { Body, Mount, PartDimensions, Rig } from "../api/client";
import { asLength, asPercent, asTape } from "../ui/figures/figures";
import {
  choices,
  edgeWords,
  endWords,
  fasteningWords,
  freeWayWords,
  hazardWords,
  pointsWords,
  showsWords,
  sideWords,
  stationWords,
  tieToWords,
  zoneWords,
} from "../ui/words";
import { t } from "../words";
import { type Field, tableOf } from "./table";

type Of<List extends keyof Body> = NonNullable<Body[List]> extends readonly (infer Entry)[] ? Entry : never;
type Lane = Of<"lanes">;
type Place = NonNullable<Rig["places"]>[number];
type FoundWire = NonNullable<NonNullable<NonNullable<Rig["vehicle"]["highBeam"]>["wires"]>[number]>;

export const cover = tableOf<NonNullable<Lane["covers"]>[number]>()({
  what: { as: "text", label: t("fields.whatComesOff"), wide: true },
  fasteners: { as: "number", label: t("fields.fasteners"), empty: t("fields.notCounted") },
  fastenerKind: { as: "text", label: t("fields.kind"), empty: t("fields.clips10MmBolts") },
  unplugged: { as: "texts", label: t("fields.unplug"), another: t("fields.addAPlugOrHose") },
  loosenOnly: { as: "check", label: t("fields.loosenOnlyItStaysOn") },
});

const covers = {
  as: "list",
  label: t("fields.comesOff"),
  of: cover,
  blank: { what: t("fields.trim") },
  another: t("fields.addWhatComesOff"),
  empty: t("fields.nothingComesOff"),
} as const satisfies Field;

/** A wire of the vehicle's own as somebody found it. */
export const foundWire = tableOf<FoundWire>()({
  end: { as: "choice", label: t("fields.atThe"), of: choices(endWords), usual: "", none: true },
  side: { as: "choice", label: t("fields.side"), of: choices(sideWords), usual: "", none: true },
  colour: { as: "text", label: t("fields.colour") },
  plug: { as: "text", label: t("fields.plug"), empty: t("fields.notSpecified2") },
  reached: { as: "text", label: t("fields.reached"), empty: t("fields.behindTheLamp"), wide: true },
  provenOn: { as: "day", label: t("fields.provenOn") },
  covers,
});

const axes = tableOf<Mount["at"]>()({
  back: { as: "number", label: t("fields.behindTheFront"), scale: asLength },
  right: { as: "number", label: t("fields.rightOfMiddle"), scale: asLength },
  up: { as: "number", label: t("fields.aboveGround"), scale: asLength },
});

const at = { as: "record", label: t("fields.whereItIs"), of: axes, blank: {} } as const satisfies Field;
/** Choices of stations come from the rig. */
const station = {
  as: "choice",
  label: t("fields.wiresLeaveAt"),
  of: [],
  usual: "",
  wide: true,
} as const satisfies Field;
const shows = {
  as: "choice",
  label: t("fields.visible"),
  of: choices(showsWords),
  usual: "",
  none: true,
} as const satisfies Field;
const name = { as: "text", label: t("fields.name"), wide: true } as const satisfies Field;

export const stationTable = tableOf<Of<"stations">>()({
  name,
  kind: { as: "choice", label: t("fields.whatItIs"), of: choices(stationWords), usual: "plain", wide: true },
  at,
});

/** A station that is a hole with a grommet asks this too. */
export const holeTable = tableOf<Of<"stations">>()({
  holeMillimetres: {
    as: "number",
    label: t("fields.freeOpening"),
    scale: asTape,
    empty: t("fields.notSpecified2"),
  },
  edge: { as: "choice", label: t("fields.itsEdge"), of: choices(edgeWords), usual: "", none: true },
  sealed: {
    as: "maybe",
    label: t("fields.sealed"),
    yes: t("fields.sealed"),
    no: t("fields.openToWater"),
    wide: true,
  },
});

export const laneTable = tableOf<Lane>()({
  from: { as: "choice", label: t("fields.from"), of: [], usual: "", wide: true },
  to: { as: "choice", label: t("fields.to"), of: [], usual: "", wide: true },
  zone: { as: "choice", label: t("fields.zone"), of: choices(zoneWords), usual: "engineBay" },
  measuredMetres: {
    as: "number",
    label: t("fields.measured"),
    scale: asLength,
    empty: t("fields.notMeasured"),
  },
  ambientCelsius: { as: "number", label: t("fields.heat"), unit: "°C", empty: t("fields.asItsZone") },
  capacityMillimetres: {
    as: "number",
    label: t("fields.thickestHarness"),
    scale: asTape,
    empty: t("fields.noLimit"),
  },
  hazards: { as: "some", label: t("fields.hazards"), of: choices(hazardWords) },
  factoryHarness: { as: "check", label: t("fields.theVehicleSOwnHarness") },
  tieTo: { as: "choice", label: t("fields.tiedTo"), of: choices(tieToWords), usual: "", none: true },
  shows,
  covers,
});

const room = {
  as: "number",
  label: t("fields.roomForASpanner"),
  scale: asTape,
  empty: t("fields.freeOf"),
} as const satisfies Field;

export const spaceTable = tableOf<Of<"spaces">>()({
  name,
  station,
  widthMillimetres: { as: "number", label: t("fields.width"), scale: asTape },
  heightMillimetres: { as: "number", label: t("fields.height"), scale: asTape },
  depthMillimetres: { as: "number", label: t("fields.depth"), scale: asTape },
  holeMillimetres: { as: "number", label: t("fields.hole"), scale: asTape, empty: t("fields.none") },
  reachMillimetres: room,
  inReach: { as: "maybe", label: t("fields.beltedDriverReachesIt"), wide: true },
  inSight: {
    as: "maybe",
    label: t("fields.driverSViewOfThe"),
    yes: t("fields.itStandsInTheWay"),
    no: t("fields.itIsClear"),
    wide: true,
  },
  covers,
});

const openings = tableOf<NonNullable<Mount["openings"]>>()({
  count: { as: "number", label: t("fields.openings") },
  pitchMillimetres: { as: "number", label: t("fields.middleToMiddle"), scale: asTape },
  heightMillimetres: { as: "number", label: t("fields.heightOfOne"), scale: asTape },
});

const edge = tableOf<NonNullable<Mount["edge"]>>()({
  lengthMillimetres: { as: "number", label: t("fields.straightEdgeOf"), scale: asTape },
  offMillimetres: { as: "number", label: t("fields.standsOffBy"), scale: asTape },
});

const keepFree = tableOf<NonNullable<Mount["free"]>[number]>()({
  what: { as: "text", label: t("fields.what"), wide: true },
  way: { as: "choice", label: t("fields.onItsSide"), of: choices(freeWayWords), usual: "before" },
  millimetres: { as: "number", label: t("fields.beginsAt"), scale: asTape },
});

export const mountTable = tableOf<Mount>()({
  name,
  widthMillimetres: {
    as: "number",
    label: t("fields.widthBetweenObstructions"),
    scale: asTape,
    empty: t("fields.noLimit"),
  },
  heightMillimetres: {
    as: "number",
    label: t("fields.heightBetweenObstructions"),
    scale: asTape,
    empty: t("fields.noLimit"),
  },
  depthMillimetres: {
    as: "number",
    label: t("fields.depthToWhatIsBehind"),
    scale: asTape,
    empty: t("fields.openBehind"),
  },
  proudMillimetres: {
    as: "number",
    label: t("fields.mayStandOutBy"),
    scale: asTape,
    empty: t("fields.noLimit"),
  },
  radiusMillimetres: {
    as: "number",
    label: t("fields.radiusOfItsFace"),
    scale: asTape,
    empty: t("fields.straight"),
  },
  tiltDegrees: { as: "number", label: t("fields.roomToTilt"), unit: "°", empty: t("fields.freeOf") },
  mostKilograms: { as: "number", label: t("fields.carries"), unit: "kg", empty: t("fields.notSpecified2") },
  reachMillimetres: room,
  edge: {
    as: "record",
    label: t("fields.radiusByAStraightEdge"),
    of: edge,
    blank: { lengthMillimetres: 1000, offMillimetres: 20 },
    add: t("fields.findTheRadiusWithA"),
    remove: t("fields.removeTheStraightEdge"),
  },
  supply: { as: "choice", label: t("fields.supplyComesFrom"), of: choices(sideWords), usual: "", none: true },
  pairOf: { as: "choice", label: t("fields.makesAPairWith"), of: [], usual: "", none: true },
  station,
  structural: { as: "check", label: t("fields.whatItBoltsToIs"), usual: true },
  at,
  shows,
  holesToDrill: { as: "number", label: t("fields.holesToDrill"), empty: t("fields.notSpecified2") },
  cut: { as: "check", label: t("fields.hasToBeCut") },
  slatsFraction: { as: "number", label: t("fields.lightLostToSlats"), unit: "%", scale: () => asPercent },
  openings: {
    as: "record",
    label: t("fields.openingsOfAGrille"),
    of: openings,
    blank: { count: 8, pitchMillimetres: 40, heightMillimetres: 60 },
    add: t("fields.countTheOpeningsOfA"),
    remove: t("fields.removeTheOpenings"),
  },
  holds: { as: "holds", label: t("fields.howItHolds") },
  free: {
    as: "list",
    label: t("fields.keepFree"),
    of: keepFree,
    blank: { what: t("fields.doorSwing"), way: "before", millimetres: 100 },
    another: t("fields.keepSomethingFree"),
    empty: t("fields.nothingHasToStayFree"),
  },
  covers,
});

/** How a part sits at its location. */
export const placeTable = tableOf<Place>()({
  heldBy: { as: "choice", label: t("fields.heldBy"), of: choices(fasteningWords), usual: "", none: true },
  terminals: {
    as: "choice",
    label: t("fields.terminalsPoint"),
    of: choices(pointsWords),
    usual: "",
    none: true,
  },
});

/** What a part that is no lamp takes. */
export const partBodyTable = tableOf<PartDimensions>()({
  widthMillimetres: { as: "number", label: t("fields.width"), scale: asTape, empty: t("fields.notMeasured") },
  heightMillimetres: {
    as: "number",
    label: t("fields.height"),
    scale: asTape,
    empty: t("fields.notMeasured"),
  },
  depthMillimetres: { as: "number", label: t("fields.depth"), scale: asTape, empty: t("fields.notMeasured") },
  openMillimetres: { as: "number", label: t("fields.lidPlugs"), scale: asTape, empty: t("fields.none") },
  reachMillimetres: { as: "number", label: t("fields.spanner"), scale: asTape, empty: "25 mm" },
  holeMillimetres: { as: "number", label: t("fields.hole"), scale: asTape, empty: t("fields.none") },
  freeAirMillimetres: {
    as: "number",
    label: t("fields.freeAirAroundIt"),
    scale: asTape,
    empty: t("fields.none"),
  },
});
