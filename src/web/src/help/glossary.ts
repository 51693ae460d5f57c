/** What the words of the trade mean here, one word for one thing. */
export const glossary = {
  ampacity:
    "The current that a wire carries for hours without its insulation getting hotter than it stands, where it lies.",
  AWG: "American wire gauge. The higher the number, the thinner the wire; three numbers down is twice the copper.",
  "Bolt-down fuse": "A fuse for large currents that is bolted to studs, usually near the battery.",
  "Breaking capacity":
    "The largest current that a fuse can break. A short near a battery can be more than a blade fuse breaks.",
  Bulkhead: "The wall between engine bay and cabin. Wires pass it through grommets.",
  Coil: "The part of a relay that a small current flows through to close the contact.",
  "Conductor temperature":
    "How hot the copper gets with the load on, in the heat of the place where it lies.",
  "Design current": "The most that a line draws in any state that can occur.",
  "Drop-out": "The voltage below which a relay lets go, or a regulated lamp no longer keeps its light.",
  Earth: "Where current returns: a stud on the body or the battery's negative post.",
  "Factory output": "A switched and fused output that the maker of the vehicle fitted for accessories.",
  "Fuse tap": "An adaptor that takes a new fused lead from a slot of the vehicle's fuse box.",
  "Fuse window": "The fuses that fit: above the load with its margin, and not above what the wire carries.",
  Grommet: "A rubber lining of a hole, so that its edge does not cut the wires.",
  Harness: "Wires bound together along one route.",
  Holds: "The check is met. Nothing to do.",
  Insulation:
    "The temperature that the cover of the wire stands, 75 or 105 °C. The higher, the more current the same copper carries.",
  "House rules":
    "The figures that your shop works by: margin, drop limits, wire sizes in stock, schools of sizing.",
  Lane: "A stretch of the vehicle that wires can follow.",
  Line: "One switched lighting circuit, from source to earth, with what controls it.",
  Margin: "What is left above what is needed, in per cent.",
  Mount: "A place for a lamp.",
  "Negative-switched":
    "The signal goes to earth when it is on. The other wire carries battery voltage all the time.",
  Output: "One fused way out of a power box.",
  "Pick-up": "The joint where a signal of the vehicle is taken for a relay.",
  "Positive-switched": "The signal goes to battery voltage when it is on.",
  "Power box": "Relays and fuses in one enclosure, worked by a panel of slots.",
  "Quick plan": "A line as its template: lamps, length, return path. All else is proposed.",
  "Regulated LED":
    "A lamp that keeps its light and draws more current as the voltage falls, down to its drop-out.",
  Relay: "A switch that a small current works, so that the large one does not go through the dash.",
  Return: "How the current comes back: by a second wire, or by the body.",
  Ridge: "The voltage along the line from source to return: where it falls steeply, much is lost.",
  Route: "The lanes that a wire follows.",
  Slot: "A switch of the panel that works an output.",
  Stop: "It must not be built like this.",
  Template: "A usual way to feed and control a line.",
  Trigger: "What pulls the relay in: a switch, the high beam, the reversing lamp.",
  "Voltage drop": "What is lost between source and lamp and back.",
  Watch: "Look at it. It may be right on your vehicle: accept it with a reason, or put it right.",
  "Wire ladder": "Every size of wire with what it loses and carries here. One press takes it.",
  Zone: "How hot and wet a place is: engine bay, cabin, underbody, outside.",
} as const satisfies Record<string, string>;

export type TermName = keyof typeof glossary;

const byWord = new Map(
  (Object.keys(glossary) as TermName[]).map((name) => [name.toLowerCase(), name] as const),
);

/** The term that a label is, whatever its case; undefined where it is none. */
export const termOf = (label: string): TermName | undefined => byWord.get(label.toLowerCase());

export const termNames = (Object.keys(glossary) as TermName[]).toSorted((one, other) =>
  one.localeCompare(other, "en"),
);
