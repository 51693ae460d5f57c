import type {
  Body,
  BoxOutput,
  HouseRules,
  LampDimensions,
  Lay,
  Line,
  LinePlan,
  Mount,
  PartDimensions,
  Rig,
  Vehicle,
} from "../api/client";

/* Edits of a rig: each gives a new one and leaves the old as it was. */

export const rulesOf = (rig: Rig) => rig.houseRules as HouseRules;

export function withRules(rig: Rig, change: Partial<HouseRules>): Rig {
  return { ...rig, houseRules: { ...rig.houseRules, ...change } };
}

export function withLine(rig: Rig, id: string, change: Partial<Line>): Rig {
  return { ...rig, lines: rig.lines.map((line) => (line.id === id ? { ...line, ...change } : line)) };
}

export function withPlan(rig: Rig, id: string, change: Partial<LinePlan>): Rig {
  return {
    ...rig,
    lines: rig.lines.map((line) =>
      line.id === id && line.plan ? { ...line, plan: { ...line.plan, ...change } } : line,
    ),
  };
}

/** A size taken by hand for one run; sizing leaves it alone from then on. */
export const withRunWire = (rig: Rig, id: string, wire: string) => withRun(rig, id, { wire, fixed: true });

/** Gives a run back to sizing. */
export const withFreeRun = (rig: Rig, id: string) => withRun(rig, id, { fixed: false });

export function withRun(rig: Rig, id: string, change: Partial<NonNullable<Rig["runs"]>[number]>): Rig {
  return { ...rig, runs: rig.runs?.map((run) => (run.id === id ? { ...run, ...change } : run)) };
}

/** Lists of parts that have an id. */
type PartList = {
  [List in keyof Rig]-?: NonNullable<Rig[List]> extends readonly { id: string }[] ? List : never;
}[keyof Rig];

/** One part changed. */
export function withPart<List extends PartList>(
  rig: Rig,
  list: List,
  id: string,
  change: Partial<NonNullable<Rig[List]>[number]>,
): Rig {
  const parts = (rig[list] ?? []) as { id: string }[];
  return { ...rig, [list]: parts.map((part) => (part.id === id ? { ...part, ...change } : part)) };
}

type Named = { id: string; name?: string };

/** The parts of a list of the document, as "relays" or "vehicle.batteries". */
export function partsOf(rig: Rig, list: string): readonly Named[] {
  const of = (from: object, name: string) =>
    (from as Record<string, readonly Named[] | undefined>)[name] ?? [];
  return list.startsWith("vehicle.") ? of(rig.vehicle, list.slice("vehicle.".length)) : of(rig, list);
}

/** A part of any list with some of its fields changed. */
export function withFields(rig: Rig, list: string, id: string, change: object): Rig {
  const parts = partsOf(rig, list).map((part) => (part.id === id ? { ...part, ...change } : part));
  return list.startsWith("vehicle.")
    ? { ...rig, vehicle: { ...rig.vehicle, [list.slice("vehicle.".length)]: parts } }
    : { ...rig, [list]: parts };
}

export const withVehicle = (rig: Rig, change: Partial<Vehicle>): Rig => ({
  ...rig,
  vehicle: { ...rig.vehicle, ...change },
});

/** One output of a power box changed. */
export function withOutput(rig: Rig, box: string, output: string, change: Partial<BoxOutput>): Rig {
  const outputs = rig.powerBoxes?.find((part) => part.id === box)?.outputs ?? [];
  return withPart(rig, "powerBoxes", box, {
    outputs: outputs.map((other) => (other.id === output ? { ...other, ...change } : other)),
  });
}

export function withNewLine(rig: Rig, line: Line): Rig {
  return { ...rig, lines: [...rig.lines, line] };
}

/** A plan to start from; every figure in it is there to be changed. */
const startingPlan: LinePlan = {
  lamps: [{ kind: "regulatedLed", count: 1, watts: 40 }],
  oneWayMetres: 3,
  return: "wire",
  zones: ["engineBay"],
  insulationCelsius: 105,
  trigger: "switchAlone",
};

export function newLine(name: string, plan: Partial<LinePlan> = {}): Line {
  return { id: crypto.randomUUID(), name, plan: { ...startingPlan, ...plan } };
}

export const withBody = (rig: Rig, change: Partial<Body>): Rig =>
  rig.body ? { ...rig, body: { ...rig.body, ...change } } : rig;

export const withMount = (rig: Rig, id: string, change: Partial<Mount>): Rig =>
  withBody(rig, {
    mounts: rig.body?.mounts?.map((mount) => (mount.id === id ? { ...mount, ...change } : mount)),
  });

/** How a run, or a line planned in short, is asked to lie. */
export function withLay(rig: Rig, id: string, change: Partial<Lay>): Rig {
  return {
    ...rig,
    runs: rig.runs?.map((run) => (run.id === id ? { ...run, lay: { ...run.lay, ...change } } : run)),
    lines: rig.lines.map((line) =>
      line.id === id && line.plan?.lay
        ? {
            ...line,
            plan: { ...line.plan, lay: { ...line.plan.lay, lay: { ...line.plan.lay.lay, ...change } } },
          }
        : line,
    ),
  };
}

/** What a part takes; sizes not given yet stand as a palm's width. */
/** How a part sits where it is. */
export const withPlace = (
  rig: Rig,
  part: string,
  change: Partial<NonNullable<Rig["places"]>[number]>,
): Rig => ({
  ...rig,
  places: rig.places?.map((place) => (place.part === part ? { ...place, ...change } : place)),
});

export function withPartBody(rig: Rig, part: string, change: Partial<PartDimensions>): Rig {
  const bodies = rig.partBodies ?? [];
  const found = bodies.find((body) => body.part === part) ?? {
    part,
    widthMillimetres: 80,
    heightMillimetres: 80,
    depthMillimetres: 40,
  };
  return { ...rig, partBodies: [...bodies.filter((body) => body.part !== part), { ...found, ...change }] };
}

/** A lamp as measured when it arrived. */
export function withMeasured(rig: Rig, fixture: string, measured: LampDimensions | null): Rig {
  return {
    ...rig,
    fixtures: rig.fixtures?.map((lamp) => (lamp.id === fixture ? { ...lamp, measured } : lamp)),
  };
}
