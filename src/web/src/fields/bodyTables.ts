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
  zoneWords,
} from "../ui/words";
import { type Field, tableOf } from "./table";

type Of<List extends keyof Body> = NonNullable<Body[List]> extends readonly (infer Entry)[] ? Entry : never;
type Lane = Of<"lanes">;
type Place = NonNullable<Rig["places"]>[number];
type FoundWire = NonNullable<NonNullable<NonNullable<Rig["vehicle"]["highBeam"]>["wires"]>[number]>;

export const cover = tableOf<NonNullable<Lane["covers"]>[number]>()({
  what: { as: "text", label: "What comes off", wide: true },
  fasteners: { as: "number", label: "Fasteners", empty: "not counted" },
  fastenerKind: { as: "text", label: "Kind", empty: "clips, 10 mm bolts" },
  unplugged: { as: "texts", label: "Unplug", another: "Add a plug or hose to undo" },
  loosenOnly: { as: "check", label: "Loosen only: it stays on" },
});

const covers = {
  as: "list",
  label: "Comes off",
  of: cover,
  blank: { what: "Trim" },
  another: "Add what comes off",
  empty: "Nothing comes off.",
} as const satisfies Field;

/** A wire of the vehicle's own as somebody found it. */
export const foundWire = tableOf<FoundWire>()({
  end: { as: "choice", label: "At the", of: choices(endWords), usual: "", none: true },
  side: { as: "choice", label: "Side", of: choices(sideWords), usual: "", none: true },
  colour: { as: "text", label: "Colour" },
  plug: { as: "text", label: "Plug", empty: "not specified" },
  reached: { as: "text", label: "Reached", empty: "behind the lamp", wide: true },
  provenOn: { as: "day", label: "Proven on" },
  covers,
});

const axes = tableOf<Mount["at"]>()({
  back: { as: "number", label: "Behind the front", scale: asLength },
  right: { as: "number", label: "Right of middle", scale: asLength },
  up: { as: "number", label: "Above ground", scale: asLength },
});

const at = { as: "record", label: "Where it is", of: axes, blank: {} } as const satisfies Field;
/** Choices of stations come from the rig. */
const station = {
  as: "choice",
  label: "Wires leave at",
  of: [],
  usual: "",
  wide: true,
} as const satisfies Field;
const shows = {
  as: "choice",
  label: "Visible",
  of: choices(showsWords),
  usual: "",
  none: true,
} as const satisfies Field;
const name = { as: "text", label: "Name", wide: true } as const satisfies Field;

export const stationTable = tableOf<Of<"stations">>()({
  name,
  kind: { as: "choice", label: "What it is", of: choices(stationWords), usual: "plain", wide: true },
  at,
});

/** A station that is a hole with a grommet asks this too. */
export const holeTable = tableOf<Of<"stations">>()({
  holeMillimetres: { as: "number", label: "Free opening", scale: asTape, empty: "not specified" },
  edge: { as: "choice", label: "Its edge", of: choices(edgeWords), usual: "", none: true },
  sealed: { as: "maybe", label: "Sealed", yes: "Sealed", no: "Open to water", wide: true },
});

export const laneTable = tableOf<Lane>()({
  from: { as: "choice", label: "From", of: [], usual: "", wide: true },
  to: { as: "choice", label: "To", of: [], usual: "", wide: true },
  zone: { as: "choice", label: "Zone", of: choices(zoneWords), usual: "engineBay" },
  measuredMetres: { as: "number", label: "Measured", scale: asLength, empty: "not measured" },
  ambientCelsius: { as: "number", label: "Heat", unit: "°C", empty: "as its zone" },
  capacityMillimetres: { as: "number", label: "Thickest harness", scale: asTape, empty: "no limit" },
  hazards: { as: "some", label: "Hazards", of: choices(hazardWords) },
  factoryHarness: { as: "check", label: "The vehicle's own harness runs along it" },
  nothingToTieTo: { as: "check", label: "Nothing to tie a wire to" },
  shows,
  covers,
});

const room = {
  as: "number",
  label: "Room for a spanner",
  scale: asTape,
  empty: "free",
} as const satisfies Field;

export const spaceTable = tableOf<Of<"spaces">>()({
  name,
  station,
  widthMillimetres: { as: "number", label: "Width", scale: asTape },
  heightMillimetres: { as: "number", label: "Height", scale: asTape },
  depthMillimetres: { as: "number", label: "Depth", scale: asTape },
  holeMillimetres: { as: "number", label: "Hole", scale: asTape, empty: "none" },
  reachMillimetres: room,
  inReach: { as: "maybe", label: "Belted driver reaches it", wide: true },
  inSight: {
    as: "maybe",
    label: "Driver's view of the road",
    yes: "It stands in the way",
    no: "It is clear",
    wide: true,
  },
  covers,
});

const openings = tableOf<NonNullable<Mount["openings"]>>()({
  count: { as: "number", label: "Openings" },
  pitchMillimetres: { as: "number", label: "Middle to middle", scale: asTape },
  heightMillimetres: { as: "number", label: "Height of one", scale: asTape },
});

const edge = tableOf<NonNullable<Mount["edge"]>>()({
  lengthMillimetres: { as: "number", label: "Straight edge of", scale: asTape },
  offMillimetres: { as: "number", label: "stands off by", scale: asTape },
});

const keepFree = tableOf<NonNullable<Mount["free"]>[number]>()({
  what: { as: "text", label: "What", wide: true },
  way: { as: "choice", label: "On its side", of: choices(freeWayWords), usual: "before" },
  millimetres: { as: "number", label: "Begins at", scale: asTape },
});

export const mountTable = tableOf<Mount>()({
  name,
  widthMillimetres: { as: "number", label: "Width between obstructions", scale: asTape, empty: "no limit" },
  heightMillimetres: { as: "number", label: "Height between obstructions", scale: asTape, empty: "no limit" },
  depthMillimetres: { as: "number", label: "Depth to what is behind", scale: asTape, empty: "open" },
  proudMillimetres: { as: "number", label: "May stand out by", scale: asTape, empty: "no limit" },
  radiusMillimetres: { as: "number", label: "Radius of its face", scale: asTape, empty: "straight" },
  tiltDegrees: { as: "number", label: "Room to tilt", unit: "°", empty: "free" },
  mostKilograms: { as: "number", label: "Carries", unit: "kg", empty: "not specified" },
  reachMillimetres: room,
  edge: {
    as: "record",
    label: "Radius by a straight edge",
    of: edge,
    blank: { lengthMillimetres: 1000, offMillimetres: 20 },
    add: "Find the radius with a straight edge",
    remove: "Remove the straight edge",
  },
  supply: { as: "choice", label: "Supply comes from", of: choices(sideWords), usual: "", none: true },
  pairOf: { as: "choice", label: "Makes a pair with", of: [], usual: "", none: true },
  station,
  structural: { as: "check", label: "What it bolts to is structure", usual: true },
  at,
  shows,
  slatsFraction: { as: "number", label: "Light lost to slats", unit: "%", scale: () => asPercent },
  openings: {
    as: "record",
    label: "Openings of a grille",
    of: openings,
    blank: { count: 8, pitchMillimetres: 40, heightMillimetres: 60 },
    add: "Count the openings of a grille",
    remove: "Remove the openings",
  },
  holds: { as: "holds", label: "How it holds" },
  free: {
    as: "list",
    label: "Keep free",
    of: keepFree,
    blank: { what: "door swing", way: "before", millimetres: 100 },
    another: "Keep something free",
    empty: "Nothing has to stay free.",
  },
  covers,
});

/** How a part sits at its location. */
export const placeTable = tableOf<Place>()({
  heldBy: { as: "choice", label: "Held by", of: choices(fasteningWords), usual: "", none: true },
  terminals: { as: "choice", label: "Terminals point", of: choices(pointsWords), usual: "", none: true },
});

/** What a part that is no lamp takes. */
export const partBodyTable = tableOf<PartDimensions>()({
  widthMillimetres: { as: "number", label: "Width", scale: asTape, empty: "not measured" },
  heightMillimetres: { as: "number", label: "Height", scale: asTape, empty: "not measured" },
  depthMillimetres: { as: "number", label: "Depth", scale: asTape, empty: "not measured" },
  openMillimetres: { as: "number", label: "Lid, plugs", scale: asTape, empty: "none" },
  reachMillimetres: { as: "number", label: "Spanner", scale: asTape, empty: "25 mm" },
  holeMillimetres: { as: "number", label: "Hole", scale: asTape, empty: "none" },
  freeAirMillimetres: { as: "number", label: "Free air around it", scale: asTape, empty: "none" },
});
