import type { LampDimensions } from "../api/client";
import { asTape } from "../ui/figures/figures";
import { choices, sideWords } from "../ui/words";
import { tableOf } from "./table";

/** What a lamp is like to the hand; how it is held is a list beside it. */
export const lampBody = tableOf<LampDimensions>()({
  widthMillimetres: { as: "number", label: "Width", scale: asTape },
  heightMillimetres: { as: "number", label: "Height", scale: asTape },
  depthMillimetres: { as: "number", label: "Depth", scale: asTape },
  kilograms: { as: "number", label: "Weight", unit: "kg" },
  tailMillimetres: { as: "number", label: "Tail", scale: asTape },
  behindMillimetres: { as: "number", label: "Needs behind it", scale: asTape },
  radiusMillimetres: { as: "number", label: "Curved to radius", scale: asTape, empty: "straight" },
  segmentMillimetres: { as: "number", label: "Segment to segment", scale: asTape, empty: "one segment" },
  tiltDegrees: { as: "number", label: "Tilts either way", unit: "°" },
  lead: { as: "choice", label: "Lead leaves", of: choices(sideWords), usual: "", none: true },
});

/** A lamp nobody has measured yet: a palm-sized pod. */
export const usualLampBody: LampDimensions = {
  widthMillimetres: 100,
  heightMillimetres: 80,
  depthMillimetres: 60,
  kilograms: 0.5,
  tailMillimetres: 150,
  behindMillimetres: 30,
  tiltDegrees: 0,
  holds: [{ kind: "stud", fromMillimetres: 8, toMillimetres: 8 }],
};
