/** The stages in the order of the work; those to come are not shown. */
export const stages = [
  { key: "walkaround", name: "Walkaround" },
  { key: "lines", name: "Lines" },
  { key: "panel", name: "Panel" },
] as const;

export type StageKey = (typeof stages)[number]["key"];
