import type { LampSeen } from "../../api/client";
import { t } from "../../words";

/** How a lamp may look. */
export const looks: readonly { as: LampSeen; name: string }[] = [
  { as: "lit", name: t("powerUp.looksLit") },
  { as: "dim", name: t("powerUp.looksDim") },
  { as: "dark", name: t("powerUp.looksDark") },
];
