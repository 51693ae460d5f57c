import type { Rig } from "../api/client";

const ids = new WeakMap<Rig, number>();
let next = 1;

/** A number for a rig as it stands: what is asked about it is kept under that, and not under all that it holds. */
export function rigId(rig: Rig): number {
  const known = ids.get(rig);
  if (known !== undefined) return known;
  ids.set(rig, next);
  return next++;
}
