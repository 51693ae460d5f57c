import type { LampAim } from "../api/client";
import { t } from "../words";

/** Three figures are more than an eye tells apart. */
const short = (value: number) =>
  value >= 100 ? Math.round(value).toString() : Number(value.toPrecision(2)).toString();

export const lux = (value: number) => t("beam.lux", { lux: value < 0.005 ? "0" : short(value) });
export const lumens = (value: number) => t("beam.lumens", { lumens: Math.round(value) });
export const luminance = (value: number) =>
  t("beam.luminance", { value: value < 0.0005 ? "0" : short(value) });
export const degrees = (value: number) => t("beam.degrees", { degrees: Math.round(value * 10) / 10 });

/** Up or down, left or right. */
const pitch = (value: number) =>
  t(value < 0 ? "beam.degreesDown" : "beam.degreesUp", { degrees: degrees(Math.abs(value)) });
const yaw = (value: number) =>
  t(value < 0 ? "beam.degreesLeft" : "beam.degreesRight", { degrees: degrees(Math.abs(value)) });

/** How a lamp is aimed, in a few words. */
export function aimWords({ pitchDegrees = 0, yawDegrees = 0 }: Pick<LampAim, "pitchDegrees" | "yawDegrees">) {
  const words = [pitchDegrees && pitch(pitchDegrees), yawDegrees && yaw(yawDegrees)].filter(Boolean);
  return words.length > 0 ? words.join(", ") : t("beam.isLevel");
}
