import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import schema from "../../../../docs/job-file.schema.json";
import * as beams from "./beamTables";
import * as body from "./bodyTables";
import * as lamps from "./lampTables";
import * as parts from "./partTables";
import type { FieldTable } from "./table";
import * as vehicle from "./vehicleTables";

/* Every field of the document can be entered somewhere, or is one that the page sets by itself. */

type Node = {
  $ref?: string;
  properties?: Record<string, Node>;
  items?: Node;
  anyOf?: Node[];
  oneOf?: Node[];
};

/** Tables by the record of the document that they are of. */
const tables: Record<string, readonly FieldTable[]> = {
  vehicle: [vehicle.supply, vehicle.ignition],
  "vehicle.batteries[]": [vehicle.battery],
  "vehicle.alternator": [vehicle.alternator],
  ...Object.fromEntries(
    Object.keys(vehicle.signalWords).map((signal) => [`vehicle.${signal}`, [vehicle.signal]]),
  ),
  "body.stations[]": [body.stationTable, body.holeTable],
  "body.lanes[]": [body.laneTable],
  "body.mounts[]": [body.mountTable],
  "body.spaces[]": [body.spaceTable],
  "places[]": [body.placeTable],
  "partBodies[]": [body.partBodyTable],
  "vehicle.auxOutputs[]": [vehicle.auxOutput],
  "vehicle.passThroughs[]": [vehicle.passThrough],
  "vehicle.trailerPins[]": [vehicle.trailerPin],
  "vehicle.fuseSlots[]": [vehicle.fuseSlot],
  "fixtures[]": [parts.lamp],
  "fixtures[].functions[]": [parts.light],
  "fixtures[].body": [lamps.lampBody],
  "fixtures[].measured": [lamps.lampBody],
  "protection[]": [parts.protection],
  "protection[].fuse": [parts.fuse],
  "relays[]": [parts.relay],
  "switches[]": [parts.switchPart],
  "switches[].lamps[]": [parts.switchLamp],
  "powerBoxes[]": [parts.powerBox],
  "powerBoxes[].outputs[]": [parts.output],
  "powerBoxes[].panel": [parts.panel],
  "joints[]": [parts.joint, parts.plug, parts.pickUp],
  "earths[]": [parts.earth],
  "loads[]": [parts.load],
  "converters[]": [parts.converter],
  "solarPanels[]": [parts.solarPanel],
  "inlineBreakers[]": [parts.inlineBreaker],
  "runs[]": [parts.run, parts.unlaidRun],
  beams: [beams.scene],
  "beams.aims[]": [beams.aim, beams.foot],
};

/** Fields with a control of their own: the file that has it, by the beginning of their path. */
const controls: Record<string, string> = {
  "vehicle.systemVolts": "walkaround/ElectricsPanel.tsx",
  "vehicle.batteries[].side": "lines/station/sheets/vehicle.batteries.tsx",
  "vehicle.batteryLink": "walkaround/ElectricsPanel.tsx",
  "houseRules.": "job/RuleFields.tsx",
  "houseRules.zoneCelsius.": "ui/words.ts",
  "houseRules.colours.": "ui/words.ts",
  "lines[].name": "lines/LineBody.tsx",
  "lines[].use": "lines/LineUseFields.tsx",
  "lines[].existing": "lines/LineUseFields.tsx",
  "lines[].note": "lines/LineUseFields.tsx",
  "lines[].metresFromFront": "lines/LineUseFields.tsx",
  "lines[].plan.lamps[]": "lines/LampRows.tsx",
  "lines[].plan.lay.": "walkaround/RoutePanel.tsx",
  "lines[].plan.": "lines/LineForm.tsx",
  "lines[].plan.zones": "lines/LineForm.tsx",
  "lines[].plan.trigger": "lines/LineForm.tsx",
  "lines[].plan.oneWayMetres": "lines/RouteFields.tsx",
  "lines[].plan.return": "lines/RouteFields.tsx",
  "lines[].plan.bundled": "lines/RouteFields.tsx",
  "lines[].plan.insulationCelsius": "lines/RouteFields.tsx",
  "fixtures[].functions[].plus": "fields/partTables.ts",
  "fixtures[].functions[].minus": "fields/partTables.ts",
  "fixtures[].functions[].dimPin": "fields/partTables.ts",
  "fixtures[].functions[].output.": "beam/ShinesFields.tsx",
  "fixtures[].sparePins": "lines/station/sheets/fixtures.tsx",
  "fixtures[].measured.holds[]": "fields/HoldsField.tsx",
  "fixtures[].body.holds[]": "fields/HoldsField.tsx",
  "relays[].pinout.": "lines/station/sheets/relays.tsx",
  "switches[].positions[]": "lines/station/sheets/switches.tsx",
  "powerBoxes[].outputs[].": "panel/BankPanel.tsx",
  "powerBoxes[].panel.": "panel/BankPanel.tsx",
  "joints[].takes.": "lines/station/sheets/joints.tsx",
  "earths[].on": "lines/station/sheets/earths.tsx",
  "runs[].zones": "lines/station/sheets/runs.tsx",
  "runs[].lay.": "walkaround/RoutePanel.tsx",
  "body.kind": "walkaround/BodyPanel.tsx",
  "body.size.": "walkaround/BodyPanel.tsx",
  "body.driverSide": "walkaround/BodyPanel.tsx",
  "body.mounts[].holds[]": "fields/HoldsField.tsx",
  "fixtures[].bracket.goesOn[]": "fields/HoldsField.tsx",
  "fixtures[].bracket.takes[]": "fields/HoldsField.tsx",
  "wishes.": "wishes/AskFields.tsx",
  "wishes.lights[]": "wishes/lights.ts",
  "wishes.later": "wishes/lights.ts",
  "wishes.weights.": "wishes/WeightFields.tsx",
  "accepted[].reason": "job/AcceptDialog.tsx",
  "accepted[].by": "job/AcceptDialog.tsx",
};

/** What the page sets by itself, or by an act that is no field. */
const byItself = [
  /^schemaVersion$/,
  /(^|\.)id$/,
  // The name is a field of every part's sheet.
  /^(vehicle\.)?\w+\[\]\.name$/,
  /^places\[\]\.(part|at)$/, // chosen by location
  /^accepted\[\]\.(checkId|about|lineId|figure|limit)$/, // the Watch that is accepted
  /^partBodies\[\]\.part$/,
  /^lines\[\]\.lights/, // what a line lights: by templates, and by its lamps
  /^lines\[\]\.answers/, // the wish that a plan answered with it
  /^lines\[\]\.plan\.fixtures/,
  /^lines\[\]\.plan\.(chosenWire|chosenFuse)/, // taken in ladder and window
  /\.laneCelsius$/, // follows from the lanes
  /^runs\[\]\.(from|to|fixed)$/, // the wire dialog; what is chosen by hand
  /^runs\[\]\.kit\./, // the bought harness that the line is wired with
  /^inlineBreakers\[\]\.stands/, // follows from its rating
  /\.lay\.through\[\]$/, // lanes are chosen by their names
  /^lines\[\]\.plan\.lay\.to$/, // the mount that is chosen
  /^beams\.aims\[\]\.lamp$/, // the lamp that is chosen
  /^beams\.files\[\]/, // taken in whole
  /^(toStandard$|onVehicle)/, // a vehicle that comes back, opened at the hand-over
  /^beams\.setups\[\]/, // the aims as they are, kept under a name
];

function fields(node: Node, path: string, found: string[] = []): string[] {
  const resolved = node.$ref
    ? node.$ref
        .replace(/^#\//, "")
        .split("/")
        .reduce<unknown>(
          (at, key) => (at as Record<string, unknown>)[key.replaceAll("~1", "/").replaceAll("~0", "~")],
          schema,
        )
    : node;
  const { properties, items, anyOf, oneOf } = resolved as Node;
  for (const other of [...(anyOf ?? []), ...(oneOf ?? [])]) fields(other, path, found);
  if (items) fields(items, `${path}[]`, found);
  for (const [key, child] of Object.entries(properties ?? {}))
    fields(child, path ? `${path}.${key}` : key, found);
  if (!properties && !items && !anyOf && !oneOf) found.push(path);
  return found;
}

const all = [...new Set(fields((schema as unknown as { properties: { rig: Node } }).properties.rig, ""))];

/** Whether a table has the field, or one of its fields is a record or a list that has it. */
const has = (table: FieldTable, path: string): boolean => {
  const [key = "", ...rest] = path.split(".");
  const field = table[key.replace(/\[\]$/, "")];
  if (!field) return false;
  if (rest.length === 0) return true;
  return (field.as === "list" || field.as === "record") && has(field.of, rest.join("."));
};

const inTable = (path: string) =>
  Object.entries(tables).some(
    ([record, of]) =>
      path.startsWith(`${record}.`) && of.some((table) => has(table, path.slice(record.length + 1))),
  );

describe("every field of a job's document", () => {
  it("is found in the schema", () => expect(all.length).toBeGreaterThan(150));

  it.each(all)("%s can be entered or is set by the page", (path) => {
    if (inTable(path) || byItself.some((pattern) => pattern.test(path))) return;
    const begins = Object.keys(controls)
      .filter((begin) => path.startsWith(begin))
      .sort((one, other) => other.length - one.length)[0];
    expect(begins, "no table, no control and no reason").toBeDefined();
    const source = readFileSync(new URL(`../${controls[begins as string]}`, import.meta.url), "utf8");
    const key = path
      .split(/[.[\]]+/)
      .filter(Boolean)
      .at(-1) as string;
    expect(source).toContain(key);
  });

  it("no table has a field that the document has not", () => {
    for (const [record, of] of Object.entries(tables))
      for (const key of of.flatMap(Object.keys))
        expect(all.some((path) => path === `${record}.${key}` || path.startsWith(`${record}.${key}`))).toBe(
          true,
        );
  });
});
