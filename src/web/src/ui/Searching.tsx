import { useEffect, useState } from "react";
import { t } from "../words";
import { Button } from "./Button";
import type { Search } from "./useProgress";

/** A person waits so long without asking whether anything happens. */
const quietMilliseconds = 1000;

/** How far a search is, from its first second on; one that takes long can be stopped at once. */
export function Searching({
  search,
  name,
  onStop,
}: {
  search: Extract<Search, { kind: "searching" }>;
  /** What is being done. */
  name: string;
  onStop?: () => void;
}) {
  const [long, setLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLong(true), Math.max(0, search.since + quietMilliseconds - Date.now()));
    return () => clearTimeout(timer);
  }, [search.since]);
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-3 border border-seam bg-slab px-3"
      data-searching
    >
      <span>{long ? t("ui.searchingAt", { name, percent: Math.round(search.progress * 100) }) : name}</span>
      <progress aria-label={name} className="min-w-24 flex-1" max={1} value={search.progress} />
      {onStop && <Button onClick={onStop}>{t("ui.stop")}</Button>}
    </div>
  );
}
