import type { LampThere, SpareLead, SwitchThere, TappedSlot } from "../api/client";
import { t } from "../words";
import { tableOf } from "./table";

/* What can be entered of a vehicle as it comes in. Mounts and locations come from its body. */

export const lampThere = tableOf<LampThere>()({
  name: { as: "text", label: t("wishes.lampName") },
  mount: { as: "choice", label: t("wishes.mount"), of: [], usual: "" },
  watts: { as: "number", label: t("wishes.watts"), unit: "W" },
  count: { as: "number", label: t("wishes.count") },
  mayMove: { as: "check", label: t("wishes.mayMove") },
});

export const switchThere = tableOf<SwitchThere>()({
  name: { as: "text", label: t("wishes.switchName") },
  at: { as: "choice", label: t("wishes.location"), of: [], usual: "" },
});

export const spareLead = tableOf<SpareLead>()({
  wire: { as: "text", label: t("wishes.wire") },
  lengthMetres: { as: "number", label: t("wishes.leadLength"), unit: "m" },
  colour: { as: "text", label: t("wishes.colour") },
  from: { as: "text", label: t("wishes.from") },
  to: { as: "text", label: t("wishes.to") },
});

export const tappedSlot = tableOf<TappedSlot>()({
  ratingAmps: { as: "number", label: t("wishes.slotRating"), unit: "A" },
  tappedAmps: { as: "number", label: t("wishes.tapped"), unit: "A" },
  serves: { as: "text", label: t("wishes.serves") },
});
