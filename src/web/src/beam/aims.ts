import type { Facing } from "../api/client";

/** From straight ahead to the right, degrees. */
export const headings: Record<Facing, number> = { ahead: 0, right: 90, astern: 180, left: -90 };

/** So much a press of a key turns a lamp, and with Shift, degrees. */
export const fineDegrees = 0.1;
export const coarseDegrees = 1;
