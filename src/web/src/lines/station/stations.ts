import type { Strand, StripStation } from "../../api/client";

/** Whether a quick plan stands for a station. */
export const planned = (station: StripStation) => station.quick ?? false;

/** The run that a station is, or the next one that its current passes. */
export function wireBehind(strands: readonly Strand[], station: StripStation): string | undefined {
  if (station.kind === "run") return station.id;
  for (const strand of strands) {
    const at = strand.stations.findIndex((other) => other.id === station.id);
    if (at < 0) continue;
    const next = strand.stations.slice(at).find((other) => other.kind === "run");
    return (next ?? strand.stations.slice(0, at).findLast((other) => other.kind === "run"))?.id;
  }
  return undefined;
}
