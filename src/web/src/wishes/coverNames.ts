import type { Body } from "../api/client";

/** What comes off somewhere on a body, each once, in the order of the alphabet. */
export function coverNames(body: Body | null | undefined): readonly string[] {
  const covers = [...(body?.lanes ?? []), ...(body?.mounts ?? []), ...(body?.spaces ?? [])].flatMap(
    (place) => place.covers ?? [],
  );
  return [...new Set(covers.map(({ what }) => what))].sort((one, other) => one.localeCompare(other));
}
