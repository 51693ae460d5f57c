import type { Fuse, GaugeSystem, LampSet, LinePlan, Verdict, Zone } from "../api/client";

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

export const verdictWords: Record<Verdict, string> = { stop: "Stop", watch: "Watch", holds: "Holds" };

export const fuseName = (fuse: Fuse) =>
  `${fuse.ratingAmps} A ${fuse.family === "blade" ? "blade" : "bolt-down"}`;

export function choices<Key extends string>(words: Record<Key, string>): { value: Key; label: string }[] {
  return (Object.keys(words) as Key[]).map((value) => ({ value, label: words[value] }));
}
