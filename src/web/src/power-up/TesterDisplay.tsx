import type { TesterReading } from "../api/client";
import { t } from "../words";

/** What a tester shows, or why it shows nothing. */
export function TesterDisplay({
  reading,
  why = "",
}: {
  reading: TesterReading | null | undefined;
  why?: string;
}) {
  return (
    <output
      data-reading
      aria-label={t("powerUp.reads")}
      className={`block min-h-14 border border-edge bg-granite px-3 py-2 ${reading?.refused ? "text-sm" : "font-figure text-2xl"} ${reading?.lit ? "bg-lichen-shade" : ""}`}
    >
      {reading?.words ?? why}
    </output>
  );
}
