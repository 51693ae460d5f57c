import type { BeamPlan, LampAim } from "../api/client";
import { choices, finishWords } from "../ui/words";
import { t } from "../words";
import { tableOf } from "./table";

const point = tableOf<NonNullable<BeamPlan["eye"]>>()({
  back: { as: "number", label: t("fields.behindTheFront"), unit: "m" },
  right: { as: "number", label: t("fields.rightOfTheMiddle"), unit: "m" },
  up: { as: "number", label: t("fields.aboveTheGround"), unit: "m" },
});

/** How the vehicle stands, what lies on it, what is looked at from where. */
export const scene = tableOf<BeamPlan>()({
  noseUpDegrees: { as: "number", label: t("fields.noseUp"), unit: "°" },
  wallMetres: { as: "number", label: t("fields.wallAt"), unit: "m" },
  groundPercent: { as: "number", label: t("fields.groundRises"), unit: "%" },
  groundFromMetres: { as: "number", label: t("fields.from"), unit: "m" },
  bonnet: {
    as: "choice",
    label: t("fields.bonnetIs"),
    of: choices(finishWords),
    usual: "darkPaint",
  },
  eye: {
    as: "record",
    label: t("fields.driversEye"),
    of: point,
    blank: { back: 2.3, right: -0.38, up: 1.55 },
    add: t("fields.eyeByHand"),
    remove: t("fields.asASeatHasIt"),
  },
  camera: {
    as: "record",
    label: t("fields.reversingCamera"),
    of: point,
    blank: { back: 4.9, right: 0, up: 0.9 },
    add: t("fields.cameraByHand"),
    remove: t("fields.asUsual"),
  },
  cargo: {
    as: "list",
    label: t("fields.loadOnTheVehicle"),
    of: tableOf<NonNullable<BeamPlan["cargo"]>[number]>()({
      name: { as: "text", label: t("fields.whatItIs"), wide: true },
      from: {
        as: "record",
        label: t("fields.oneCorner"),
        of: point,
        blank: { back: 1.9, right: -0.5, up: 2 },
      },
      to: {
        as: "record",
        label: t("fields.otherCorner"),
        of: point,
        blank: { back: 3.5, right: 0.5, up: 2.3 },
      },
    }),
    blank: {
      name: t("fields.load"),
      from: { back: 1.9, right: -0.5, up: 2 },
      to: { back: 3.5, right: 0.5, up: 2.3 },
    },
    another: t("fields.moreLoad"),
    empty: t("fields.noLoad"),
  },
});

/** How a lamp is aimed. */
export const aim = tableOf<LampAim>()({
  pitchDegrees: { as: "number", label: t("fields.pitch"), unit: "°" },
  yawDegrees: { as: "number", label: t("fields.yaw"), unit: "°" },
  rollDegrees: { as: "number", label: t("fields.roll"), unit: "°" },
});

/** What a lamp stands on, and what moves it. */
export const foot = tableOf<LampAim>()({
  footMillimetres: {
    as: "number",
    label: t("fields.footLength"),
    unit: "mm",
    empty: t("fields.asDeepAsTheLamp"),
  },
  turnMillimetres: { as: "number", label: t("fields.oneTurnMoves"), unit: "mm", empty: "1.25" },
});
