import type { Check, EditCommand } from "../api/client";

/** The command that puts the remedy of a check in. */
export const cureOf = (check: Check): EditCommand => ({
  kind: "cureCheck",
  checkId: check.id,
  about: check.about ?? "",
  lineId: check.lineId ?? null,
});
