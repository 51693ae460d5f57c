import type { LampDimensions } from "../api/client";
import { asTape } from "../ui/figures/figures";
import { choices, sideWords } from "../ui/words";
import { t } from "../words";
import { tableOf } from "./table";

/** What a lamp is like to the hand; how it is held is a list beside it. */
export const lampBody = tableOf<LampDimensions>()({
  widthMillimetres: { as: "number", label: t("fields.width"), scale: asTape },
  heightMillimetres: { as: "number", label: t("fields.height"), scale: asTape },
  depthMillimetres: { as: "number", label: t("fields.depth"), scale: asTape },
  kilograms: { as: "number", label: t("fields.weight"), unit: "kg" },
  tailMillimetres: { as: "number", label: t("fields.tail"), scale: asTape },
  behindMillimetres: { as: "number", label: t("fields.needsBehindIt"), scale: asTape },
  radiusMillimetres: {
    as: "number",
    label: t("fields.curvedToRadius"),
    scale: asTape,
    empty: t("fields.straight"),
  },
  segmentMillimetres: {
    as: "number",
    label: t("fields.segmentToSegment"),
    scale: asTape,
    empty: t("fields.oneSegment"),
  },
  tiltDegrees: { as: "number", label: t("fields.tiltsEitherWay"), unit: "°" },
  lead: { as: "choice", label: t("fields.leadLeaves"), of: choices(sideWords), usual: "", none: true },
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
