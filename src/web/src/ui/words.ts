import type {
  BatteryKind,
  BodyKind,
  BoxOutput,
  BracketKind,
  EarthFixing,
  Fastening,
  FreeWay,
  Fuse,
  GaugeSystem,
  Hazard,
  HolderKind,
  HoleEdge,
  HouseRules,
  Joint,
  LampSet,
  LightColour,
  Line,
  LinePlan,
  PanelFace,
  PlugHalf,
  Points,
  Shows,
  Side,
  StationKind,
  VehicleEnd,
  Verdict,
  WorkState,
  Zone,
} from "../api/client";

/** Where the work on a vehicle stands. */
export const workWords: Record<WorkState, string> = {
  planned: "Planned",
  waitingForParts: "Waiting for parts",
  inTheShop: "In the shop",
  done: "Done",
  handedOver: "Handed over",
};

/** What the choices of a document are called on screen. */
export const kindWords: Record<LampSet["kind"], string> = {
  regulatedLed: "Regulated LED",
  resistorLed: "Resistor LED strip",
  filament: "Filament",
};

export const returnWords: Record<LinePlan["return"], string> = {
  wire: "By wire",
  body: "By the body",
};

export const zoneWords: Record<Zone, string> = {
  engineBay: "Engine bay",
  cabin: "Cabin",
  exterior: "Exterior",
  underbody: "Underbody",
};

export const hazardWords: Record<Hazard, string> = {
  exhaust: "exhaust",
  steering: "steering",
  moving: "moving parts",
  sharpEdge: "sharp edge",
  hinge: "hinge",
  airbag: "airbag",
  fuelLine: "fuel line",
};

export const holdWords: Record<HolderKind, string> = {
  ears: "Ears, gap",
  feet: "Feet, holes",
  stud: "Stud",
  clamp: "Clamps, bar",
  receiver: "Receiver",
};

export const sideWords: Record<Side, string> = { left: "Left", right: "Right" };

export const endWords: Record<VehicleEnd, string> = { front: "Front", rear: "Rear" };

export const showsWords: Record<Shows, string> = {
  hidden: "No",
  outside: "From outside",
  seat: "From the seat",
  both: "From outside and the seat",
};

export const edgeWords: Record<HoleEdge, string> = {
  bare: "Bare sheet",
  grommet: "Grommet",
  sleeve: "Sleeve on the wires",
};

export const fasteningWords: Record<Fastening, string> = {
  factoryBolt: "Factory bolt",
  boltAndNut: "Bolt and nut",
  rivetNut: "Rivet nut",
  batteryBracket: "Battery bracket",
  clips: "Clips of its own",
  earthBolt: "A bolt that holds an earth as well",
  tiedToHarness: "Ties round a harness",
  adhesivePad: "Adhesive pad",
  tappingScrew: "Tapping screw",
  nothing: "Nothing yet",
};

export const pointsWords: Record<Points, string> = { down: "Down", sideways: "Sideways", up: "Up" };

export const batteryKindWords: Record<BatteryKind, string> = { flooded: "Flooded", agm: "AGM", gel: "Gel" };

export const lightColourWords: Record<LightColour, string> = {
  white: "White",
  yellow: "Yellow",
  amber: "Amber",
  red: "Red",
  green: "Green",
  blue: "Blue",
};

export const bracketWords: Record<BracketKind, string> = {
  bracket: "Bracket",
  clamp: "Clamp",
  carrier: "Carrier",
  homeMade: "Made in the shop",
};

export const plugHalfWords: Record<PlugHalf, string> = { pins: "Pins", sockets: "Sockets" };

export const earthFixingWords: Record<EarthFixing, string> = {
  structureBolt: "A bolt in the structure",
  factoryStud: "The vehicle's own earth stud",
  boltAndNut: "Bolt and nut",
  sheetScrew: "A screw in sheet metal",
};

export const freeWayWords: Record<FreeWay, string> = {
  above: "Above",
  below: "Below",
  before: "Before",
  behind: "Behind",
  left: "Left",
  right: "Right",
};

export const stationWords: Record<StationKind, string> = {
  plain: "Nothing in particular",
  batteryPost: "Battery post",
  secondBattery: "Second battery",
  fuseBox: "Fuse box",
  grommet: "Hole with a grommet",
  dash: "Dash",
  frontLamps: "Lamps, front",
  rearLamps: "Lamps, rear",
  towSocket: "Tow socket",
};

export const bodyWords: Record<BodyKind, string> = {
  singleCab: "Pickup, single cab",
  dualCab: "Pickup, dual cab",
  shortWagon: "Wagon, short",
  longWagon: "Wagon, long",
  van: "Van",
  cabChassis: "Cab-chassis truck",
};

export const triggerWords: Record<LinePlan["trigger"], string> = {
  switchAlone: "Switch alone",
  highBeam: "Linked to high beam",
  reverse: "Linked to reverse",
};

export const gaugeWords: Record<GaugeSystem, string> = {
  awg: "AWG",
  sae: "SAE primary wire",
  metric: "Metric, mm²",
  diameter: "Outside diameter, mm",
};

export const useWords: Record<NonNullable<Line["use"]>, string> = {
  unsaid: "Not specified",
  forward: "Driving light ahead",
  side: "To the side",
  rear: "Backing up",
  work: "Work light",
  marker: "Marker",
  inside: "Cabin or tray",
};

/** Uses that a line's wires have a colour for. */
export const colourUseWords: Record<keyof HouseRules["colours"], string> = {
  forward: "Light ahead",
  side: "To the side",
  rear: "Backing up",
  work: "Work light",
  marker: "Markers",
  inside: "Inside",
  other: "Not specified",
};

export const sizingWords: Record<HouseRules["sizing"], string> = {
  usual: "Usual",
  lightFirst: "Light first",
  makersHarness: "The maker's harness",
};

export const jointWords: Record<HouseRules["joints"], string> = {
  crimpAndShrink: "Crimp and shrink",
  solderToo: "Crimp or solder",
  solderAlone: "Solder and shrink",
  tapsToo: "Taps in the cabin too",
};

export const earthWords: Record<HouseRules["earths"], string> = {
  either: "Body or post",
  body: "Body near the lamp",
  post: "Wire to the post",
};

export const isolationWords: Record<HouseRules["isolation"], string> = {
  batteryOff: "Battery minus off",
  fuseOut: "The line's fuse out",
};

export const forwardTriggerWords: Record<HouseRules["forwardTrigger"], string> = {
  linkedToHighBeam: "Linked to high beam",
  ownSwitch: "On its own switch",
};

export const jointKindWords: Record<Joint["kind"], string> = {
  crimp: "Crimp, with shrink",
  solder: "Soldered",
  plug: "Plug",
  tap: "Insulation-displacement tap",
  terminal: "Ring or blade",
  cap: "Cap",
};

export const feedWords: Record<NonNullable<BoxOutput["follows"]>, string> = {
  battery: "Battery: stays with the key off",
  ignition: "Ignition: drops with the key",
};

export const workedByWords: Record<NonNullable<BoxOutput["workedBy"]>, string> = {
  slot: "A slot of its panel",
  input: "An input of its own",
};

export const shortFeedWords: Record<NonNullable<BoxOutput["follows"]>, string> = {
  battery: "Battery",
  ignition: "Ignition",
};

export const modeWords: Record<NonNullable<BoxOutput["mode"]>, string> = {
  latching: "Latching",
  momentary: "Momentary",
  flashSlow: "Flash, slow",
  flashFast: "Flash, fast",
  strobe: "Strobe",
  lowVoltageCutOff: "Cut-off when the battery is low",
};

export const backlightWords: Record<NonNullable<PanelFace["backlight"]>, string> = {
  off: "None",
  white: "White",
  amber: "Amber",
  red: "Red",
  green: "Green",
  blue: "Blue",
};

export const verdictWords: Record<Verdict, string> = { stop: "Stop", watch: "Watch", holds: "Holds" };

/** The most serious first. */
export const verdicts = ["stop", "watch", "holds"] as const satisfies readonly Verdict[];

export const verdictMeans: Record<Verdict, string> = {
  stop: "must not be built",
  watch: "look at it",
  holds: "fine",
};

export const fuseName = (fuse: Fuse) =>
  `${fuse.ratingAmps} A ${fuse.family === "blade" ? "blade" : "bolt-down"}`;

export function choices<Key extends string>(words: Record<Key, string>): { value: Key; label: string }[] {
  return (Object.keys(words) as Key[]).map((value) => ({ value, label: words[value] }));
}

/** So many of something. */
export const counted = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`;
