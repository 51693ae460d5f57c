import type { LightWanted } from "../api/client";

/** Where the light falls, drawn over a vehicle from above, its front to the left. */
const zones: Record<LightWanted, string> = {
  farAhead: "M21 18 L0 15 V21 Z",
  wideAhead: "M21 18 L3 3 Q-3 18 3 33 Z",
  verge: "M27 12 L3 4 L12 0 Z M27 24 L3 32 L12 36 Z",
  cornering: "M29 12 L14 0 H27 Z M29 24 L14 36 H27 Z",
  backingUp: "M49 18 L62 4 Q68 18 62 32 Z",
  roundTheBed: "M34 4 H56 V32 H34 Z M38 13 H48 V23 H38 Z",
  atTheHitch: "M49 18 m-1 0 a6 6 0 1 0 12 0 a6 6 0 1 0 -12 0 Z",
  loadingSide: "M37 24 L30 36 H54 L47 24 Z",
  grilleMarker:
    "M20 13 m-1.6 0 a1.6 1.6 0 1 0 3.2 0 a1.6 1.6 0 1 0 -3.2 0 Z M20 18 m-1.6 0 a1.6 1.6 0 1 0 3.2 0 a1.6 1.6 0 1 0 -3.2 0 Z M20 23 m-1.6 0 a1.6 1.6 0 1 0 3.2 0 a1.6 1.6 0 1 0 -3.2 0 Z",
  inside: "M36 14 H47 V22 H36 Z",
};

/** A vehicle from above with one light on it. */
export function LightPicture({ light }: { light: LightWanted }) {
  return (
    <svg viewBox="-2 -1 68 38" className="h-14 w-full" aria-hidden>
      <rect x="20" y="11.5" width="29" height="13" rx="3" fill="var(--sheet)" stroke="var(--edge)" />
      <path d="M29 13.5 H34 V22.5 H29 Z" fill="var(--glass)" stroke="var(--edge)" strokeWidth="0.5" />
      <path
        d={zones[light]}
        fill="var(--lichen)"
        fillOpacity="0.75"
        fillRule="evenodd"
        stroke="var(--ink)"
        strokeWidth="0.5"
      />
    </svg>
  );
}
