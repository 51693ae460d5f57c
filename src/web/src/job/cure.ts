import type { Check, EditCommand } from "../api/client";

/** Which check it is, as a command names it. */
export const checkOf = (check: Check) => ({
  checkId: check.id,
  about: check.about ?? "",
  lineId: check.lineId ?? null,
});

/** The command that puts the remedy of a check in. */
export const cureOf = (check: Check): EditCommand => ({ kind: "cureCheck", ...checkOf(check) });

/** Whether it stands in the way: it does not hold and nobody accepted it. */
export const objects = (check: Check) => check.verdict !== "holds" && !check.accepted;
