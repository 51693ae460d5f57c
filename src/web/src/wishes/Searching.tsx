import { useEffect, useState } from "react";
import { Button } from "../ui/Button";
import { t } from "../words";
import type { Search } from "./usePlans";

/** A person waits so long without asking whether anything happens. */
const quietMilliseconds = 1000;

/** How far a search is, from its first second on; it can be stopped at once. */
export function Searching({
  search,
  onStop,
}: {
  search: Extract<Search, { kind: "searching" }>;
  onStop: () => void;
}) {
  const [long, setLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLong(true), Math.max(0, search.since + quietMilliseconds - Date.now()));
    return () => clearTimeout(timer);
  }, [search.since]);
  return (
    <div role="status" className="flex items-center gap-3 border border-seam bg-slab px-3" data-searching>
      <span className="min-w-60">
        {long
          ? t("wishes.searchingAt", { percent: Math.round(search.progress * 100) })
          : t("wishes.searching")}
      </span>
      <progress aria-label={t("wishes.searching")} className="flex-1" max={1} value={search.progress} />
      <Button onClick={onStop}>{t("wishes.stop")}</Button>
    </div>
  );
}
