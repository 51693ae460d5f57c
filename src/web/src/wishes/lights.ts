import type { HowMuchLight, LightWanted, ProposalAim, Wishes, WorkedHow } from "../api/client";
import { t } from "../words";

/** Lights that can be wanted, as the tiles stand. */
export const lightNames: Record<LightWanted, string> = {
  farAhead: t("wishes.lightName.farAhead"),
  wideAhead: t("wishes.lightName.wideAhead"),
  verge: t("wishes.lightName.verge"),
  cornering: t("wishes.lightName.cornering"),
  backingUp: t("wishes.lightName.backingUp"),
  roundTheBed: t("wishes.lightName.roundTheBed"),
  atTheHitch: t("wishes.lightName.atTheHitch"),
  loadingSide: t("wishes.lightName.loadingSide"),
  grilleMarker: t("wishes.lightName.grilleMarker"),
  inside: t("wishes.lightName.inside"),
};

export const lights = Object.keys(lightNames) as LightWanted[];

export const amountWords: Record<HowMuchLight | "later", string> = {
  little: t("wishes.amount.little"),
  usual: t("wishes.amount.usual"),
  much: t("wishes.amount.much"),
  later: t("wishes.amount.later"),
};

export const workedWords: Record<WorkedHow, string> = {
  bySwitch: t("wishes.workedHow.bySwitch"),
  byPanel: t("wishes.workedHow.byPanel"),
  armed: t("wishes.workedHow.armed"),
  withTheBeam: t("wishes.workedHow.withTheBeam"),
  withReverse: t("wishes.workedHow.withReverse"),
  withSideLights: t("wishes.workedHow.withSideLights"),
};

export const aimWords: Record<ProposalAim, string> = {
  fewParts: t("wishes.aim.fewParts"),
  mostLight: t("wishes.aim.mostLight"),
  easyToExtend: t("wishes.aim.easyToExtend"),
  anotherWay: t("wishes.aim.anotherWay"),
};

/** What is wanted of a light: so much of it, perhaps later, or none. */
export function amountOf(wishes: Wishes, light: LightWanted): HowMuchLight | "later" | undefined {
  if (wishes.later?.includes(light)) return "later";
  const wish = wishes.lights?.find((one) => one.light === light);
  return wish && (wish.amount ?? "usual");
}

/** The same wishes with so much of a light; undefined: none. The order in which they were chosen stays. */
export function withAmount(
  wishes: Wishes,
  light: LightWanted,
  amount: HowMuchLight | "later" | undefined,
): Wishes {
  const later = (wishes.later ?? []).filter((one) => one !== light);
  const others = (wishes.lights ?? []).filter((one) => one.light !== light);
  if (amount === undefined) return { ...wishes, lights: others, later };
  if (amount === "later") return { ...wishes, lights: others, later: [...later, light] };
  const known = wishes.lights?.some((one) => one.light === light);
  return {
    ...wishes,
    later,
    lights: known
      ? (wishes.lights ?? []).map((one) => (one.light === light ? { ...one, amount } : one))
      : [...others, { light, amount }],
  };
}

/** The same wishes with a light worked otherwise; null: as such light usually is. */
export const withWorked = (wishes: Wishes, light: LightWanted, worked: WorkedHow | null): Wishes => ({
  ...wishes,
  lights: (wishes.lights ?? []).map((one) => (one.light === light ? { ...one, worked } : one)),
});
