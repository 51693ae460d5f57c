import type {
  BatteryKind,
  BodyKind,
  BoxOutput,
  BracketKind,
  EarthFixing,
  Fastening,
  Finish,
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
  Signal,
  StationKind,
  TieTo,
  VehicleEnd,
  Verdict,
  WorkState,
  Zone,
} from "../api/client";
import { t } from "../words";

const lists = new Intl.ListFormat("en-GB");

/** Names one after another as a sentence has them. */
export const listed = (names: readonly string[]) => lists.format(names);

/** Where the work on a vehicle stands. */
export const workWords: Record<WorkState, string> = {
  planned: t("ui.planned"),
  waitingForParts: t("ui.waitingForParts"),
  inTheShop: t("ui.inTheShop"),
  done: t("ui.done"),
  handedOver: t("ui.handedOver"),
};

/** What the choices of a document are called on screen. */
export const kindWords: Record<LampSet["kind"], string> = {
  regulatedLed: t("ui.regulatedLed"),
  resistorLed: t("ui.resistorLedStrip"),
  filament: t("ui.filament"),
};

export const returnWords: Record<LinePlan["return"], string> = {
  wire: t("ui.byWire"),
  body: t("ui.byTheBody"),
};

export const zoneWords: Record<Zone, string> = {
  engineBay: t("ui.engineBay"),
  cabin: t("ui.cabin"),
  exterior: t("ui.exterior"),
  underbody: t("ui.underbody"),
};

export const hazardWords: Record<Hazard, string> = {
  exhaust: "exhaust",
  steering: "steering",
  moving: t("ui.movingParts"),
  sharpEdge: t("ui.sharpEdge"),
  hinge: "hinge",
  airbag: "airbag",
  fuelLine: t("ui.fuelLine"),
};

export const tieToWords: Record<TieTo, string> = {
  harness: t("ui.factoryHarness"),
  rail: t("ui.bareRail"),
  holes: t("ui.factoryHoles"),
  nothing: t("ui.nothingThere"),
};

/** What pulls a line in. */
export const signalWords: Record<Signal, string> = {
  highBeam: t("ui.signal.highBeam"),
  reverse: t("ui.signal.reverse"),
  sideLight: t("ui.signal.sideLight"),
  lowBeam: t("ui.signal.lowBeam"),
  brakeLamp: t("ui.signal.brakeLamp"),
  indicatorLeft: t("ui.signal.indicatorLeft"),
  indicatorRight: t("ui.signal.indicatorRight"),
};

export const holdWords: Record<HolderKind, string> = {
  ears: t("ui.earsGap"),
  feet: t("ui.feetHoles"),
  stud: t("ui.stud"),
  clamp: t("ui.clampsBar"),
  receiver: t("ui.receiver"),
};

export const sideWords: Record<Side, string> = { left: t("ui.left"), right: t("ui.right") };

export const endWords: Record<VehicleEnd, string> = { front: t("ui.front"), rear: t("ui.rear") };

export const showsWords: Record<Shows, string> = {
  hidden: t("ui.no"),
  outside: t("ui.fromOutside"),
  seat: t("ui.fromTheSeat"),
  both: t("ui.fromOutsideAndTheSeat"),
};

export const edgeWords: Record<HoleEdge, string> = {
  bare: t("ui.bareSheet"),
  grommet: t("ui.grommet"),
  sleeve: t("ui.sleeveOnTheWires"),
};

export const fasteningWords: Record<Fastening, string> = {
  factoryBolt: t("ui.factoryBolt"),
  boltAndNut: t("ui.boltAndNut"),
  rivetNut: t("ui.rivetNut"),
  batteryBracket: t("ui.batteryBracket"),
  clips: t("ui.clipsOfItsOwn"),
  earthBolt: t("ui.aBoltThatHoldsAn"),
  tiedToHarness: t("ui.tiesRoundAHarness"),
  adhesivePad: t("ui.adhesivePad"),
  tappingScrew: t("ui.tappingScrew"),
  nothing: t("ui.nothingYet"),
};

export const pointsWords: Record<Points, string> = {
  down: t("ui.down"),
  sideways: t("ui.sideways"),
  up: t("ui.up"),
};

export const batteryKindWords: Record<BatteryKind, string> = {
  flooded: t("ui.flooded"),
  agm: "AGM",
  gel: t("ui.gel"),
};

export const finishWords: Record<Finish, string> = {
  mattBlack: t("ui.mattBlack"),
  darkPaint: t("ui.darkPaint"),
  white: t("ui.whitePaint"),
  bareMetal: t("ui.bareMetal"),
};

export const lightColourWords: Record<LightColour, string> = {
  white: t("ui.white"),
  yellow: t("ui.yellow"),
  amber: t("ui.amber"),
  red: t("ui.red"),
  green: t("ui.green"),
  blue: t("ui.blue"),
};

export const bracketWords: Record<BracketKind, string> = {
  bracket: t("ui.bracket"),
  clamp: t("ui.clamp"),
  carrier: t("ui.carrier"),
  homeMade: t("ui.madeInTheShop"),
};

export const plugHalfWords: Record<PlugHalf, string> = { pins: t("ui.pins"), sockets: t("ui.sockets") };

export const earthFixingWords: Record<EarthFixing, string> = {
  structureBolt: t("ui.aBoltInTheStructure"),
  factoryStud: t("ui.theVehicleSOwnEarth"),
  boltAndNut: t("ui.boltAndNut"),
  sheetScrew: t("ui.aScrewInSheetMetal"),
};

export const freeWayWords: Record<FreeWay, string> = {
  above: t("ui.above"),
  below: t("ui.below"),
  before: t("ui.before"),
  behind: t("ui.behind"),
  left: t("ui.left"),
  right: t("ui.right"),
};

export const stationWords: Record<StationKind, string> = {
  plain: t("ui.nothingInParticular"),
  batteryPost: t("ui.batteryPost"),
  secondBattery: t("ui.secondBattery"),
  fuseBox: t("ui.fuseBox"),
  grommet: t("ui.holeWithAGrommet"),
  dash: t("ui.dash"),
  frontLamps: t("ui.lampsFront"),
  rearLamps: t("ui.lampsRear"),
  towSocket: t("ui.towSocket"),
};

export const bodyWords: Record<BodyKind, string> = {
  singleCab: t("ui.pickupSingleCab"),
  dualCab: t("ui.pickupDualCab"),
  shortWagon: t("ui.wagonShort"),
  longWagon: t("ui.wagonLong"),
  van: t("ui.van"),
  cabChassis: t("ui.cabChassisTruck"),
};

export const triggerWords: Record<LinePlan["trigger"], string> = {
  switchAlone: t("ui.switchAlone"),
  highBeam: t("ui.linkedToHighBeam"),
  reverse: t("ui.linkedToReverse"),
};

export const gaugeWords: Record<GaugeSystem, string> = {
  awg: "AWG",
  sae: t("ui.saePrimaryWire"),
  metric: t("ui.metricMm"),
  diameter: t("ui.outsideDiameterMm"),
};

export const useWords: Record<NonNullable<Line["use"]>, string> = {
  unsaid: t("ui.notSpecified"),
  forward: t("ui.drivingLightAhead"),
  side: t("ui.toTheSide"),
  rear: t("ui.backingUp"),
  work: t("ui.workLight"),
  marker: t("ui.marker"),
  inside: t("ui.cabinOrTray"),
};

/** Uses that a line's wires have a colour for. */
export const colourUseWords: Record<keyof HouseRules["colours"], string> = {
  forward: t("ui.lightAhead"),
  side: t("ui.toTheSide"),
  rear: t("ui.backingUp"),
  work: t("ui.workLight"),
  marker: t("ui.markers"),
  inside: t("ui.inside"),
  other: t("ui.notSpecified"),
};

export const sizingWords: Record<HouseRules["sizing"], string> = {
  usual: t("ui.usual"),
  lightFirst: t("ui.lightFirst"),
  makersHarness: t("ui.theMakerSHarness"),
};

export const jointWords: Record<HouseRules["joints"], string> = {
  crimpAndShrink: t("ui.crimpAndShrink"),
  solderToo: t("ui.crimpOrSolder"),
  solderAlone: t("ui.solderAndShrink"),
  tapsToo: t("ui.tapsInTheCabinToo"),
};

export const earthWords: Record<HouseRules["earths"], string> = {
  either: t("ui.bodyOrPost"),
  body: t("ui.bodyNearTheLamp"),
  post: t("ui.wireToThePost"),
};

export const isolationWords: Record<HouseRules["isolation"], string> = {
  batteryOff: t("ui.batteryMinusOff"),
  fuseOut: t("ui.theLineSFuseOut"),
};

export const forwardTriggerWords: Record<HouseRules["forwardTrigger"], string> = {
  linkedToHighBeam: t("ui.linkedToHighBeam"),
  ownSwitch: t("ui.onItsOwnSwitch"),
};

export const jointKindWords: Record<Joint["kind"], string> = {
  crimp: t("ui.crimpWithShrink"),
  solder: t("ui.soldered"),
  plug: t("ui.plug"),
  tap: t("ui.insulationDisplacementTap"),
  terminal: t("ui.ringOrBlade"),
  cap: t("ui.cap"),
};

export const feedWords: Record<NonNullable<BoxOutput["follows"]>, string> = {
  battery: t("ui.batteryStaysWithTheKey"),
  ignition: t("ui.ignitionDropsWithTheKey"),
};

export const workedByWords: Record<NonNullable<BoxOutput["workedBy"]>, string> = {
  slot: t("ui.aSlotOfItsPanel"),
  input: t("ui.anInputOfItsOwn"),
};

export const shortFeedWords: Record<NonNullable<BoxOutput["follows"]>, string> = {
  battery: t("ui.battery"),
  ignition: t("ui.ignition"),
};

export const modeWords: Record<NonNullable<BoxOutput["mode"]>, string> = {
  latching: t("ui.latching"),
  momentary: t("ui.momentary"),
  flashSlow: t("ui.flashSlow"),
  flashFast: t("ui.flashFast"),
  strobe: t("ui.strobe"),
  lowVoltageCutOff: t("ui.cutOffWhenTheBattery"),
};

export const backlightWords: Record<NonNullable<PanelFace["backlight"]>, string> = {
  off: t("ui.none"),
  white: t("ui.white"),
  amber: t("ui.amber"),
  red: t("ui.red"),
  green: t("ui.green"),
  blue: t("ui.blue"),
};

export const verdictWords: Record<Verdict, string> = {
  stop: t("ui.stop"),
  watch: t("ui.watch"),
  holds: t("ui.holds"),
};

/** The most serious first. */
export const verdicts = ["stop", "watch", "holds"] as const satisfies readonly Verdict[];

export const verdictMeans: Record<Verdict, string> = {
  stop: t("ui.mustNotBeBuilt"),
  watch: t("ui.lookAtIt"),
  holds: t("ui.fine"),
};

export const fuseName = (fuse: Fuse) =>
  t(fuse.family === "blade" ? "ui.bladeFuse" : "ui.boltDownFuse", { amps: fuse.ratingAmps });

export function choices<Key extends string>(words: Record<Key, string>): { value: Key; label: string }[] {
  return (Object.keys(words) as Key[]).map((value) => ({ value, label: words[value] }));
}
