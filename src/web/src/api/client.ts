import createClient from "openapi-fetch";
import type { components, paths } from "./schema";

type Schemas = components["schemas"];

export type AssessedLine = Schemas["AssessedLine"];
export type Assessment = Schemas["Assessment"];
export type AutoSizeAnswer = Schemas["AutoSizeAnswer"];
export type AssignSlotsAnswer = Schemas["AssignSlotsAnswer"];
export type Check = Schemas["Check"];
export type Fuse = Schemas["Fuse"];
export type FuseWindow = Schemas["FuseWindow"];
export type GaugeSystem = Schemas["GaugeSystem"];
export type JobSummary = Schemas["JobSummary"];
export type LadderEntry = Schemas["LadderEntry"];
export type LampSet = Schemas["LampSet"];
export type Line = Schemas["Line"];
export type LinePlan = Schemas["LinePlan"];
export type LineAssessment = Schemas["LineAssessment"];
export type Loss = Schemas["Loss"];
export type OpenJob = Schemas["OpenJob"];
export type QuickSizeRequest = Schemas["QuickSizeRequest"];
export type ProfilePoint = Schemas["ProfilePoint"];
export type RunAnswer = Schemas["RunAnswer"];
export type SupplyAnswer = Schemas["SupplyAnswer"];
export type Rig = Schemas["Rig"];
export type StateAnswer = Schemas["StateAnswer"];
export type Tally = Schemas["Tally"];
export type UnitSystem = Schemas["UnitSystem"];
export type Verdict = Schemas["Verdict"];
export type Body = Schemas["Body"];
export type BodyKind = Schemas["BodyKind"];
export type Candidate = Schemas["Candidate"];
export type FitCard = Schemas["FitCard"];
export type Lay = Schemas["Lay"];
export type Mount = Schemas["Mount"];
export type RankBy = Schemas["RankBy"];
export type RerouteAnswer = Schemas["RerouteAnswer"];
export type Walk = Schemas["Walk"];
export type WalkWay = Schemas["WalkWay"];
export type WayAnswer = Schemas["WayAnswer"];
export type WayChoice = Schemas["WayChoice"];
export type Lane = Schemas["Lane"];
export type PartBody = Schemas["PartBody"];
export type Station = Schemas["Station"];
export type StationKind = Schemas["StationKind"];
export type LampBody = Schemas["LampBody"];
export type FreeWay = Schemas["FreeWay"];
export type Holder = Schemas["Holder"];
export type HolderKind = Schemas["HolderKind"];
export type KeepFree = Schemas["KeepFree"];
export type Side = NonNullable<Schemas["Side"]>;
export type Space = Schemas["Space"];
export type Zone = Schemas["Zone"];

export type Hazard = Schemas["Hazard"];

/** House rules as the server sends them: none is ever left out. */
export type HouseRules = Required<Schemas["HouseRules"]> & {
  zoneCelsius: Required<Schemas["ZoneTemperatures"]>;
};

export const api = createClient<paths>({ baseUrl: "/" });
