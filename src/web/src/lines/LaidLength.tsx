import { Link } from "react-router";
import type { LinePlan, RouteAnswer, UnitSystem } from "../api/client";
import { Button } from "../ui/Button";
import { length } from "../ui/figures/figures";

/** The length that follows from where the lamps are; it can be given by hand again. */
export function LaidLength({
  plan,
  way,
  page,
  units,
  onChange,
}: {
  plan: LinePlan;
  way?: RouteAnswer;
  page: string;
  units: UnitSystem;
  onChange: (change: Partial<LinePlan>) => void;
}) {
  const metres = way?.metres;
  return (
    <div className="grid gap-1 border border-seam bg-slab px-3 py-2">
      <p>
        One-way length{" "}
        <span className="font-figure" data-figure="Laid">
          {metres === null || metres === undefined ? "no way leads there" : length(metres, units)}
        </span>
        {way?.measuredMetres ? ", measured by hand" : ", along the lanes"}
      </p>
      <div className="flex flex-wrap items-center gap-x-4">
        <Link to={page} className="inline-flex min-h-11 items-center underline underline-offset-4">
          Show route
        </Link>
        <Button
          look="quiet"
          onClick={() => onChange({ lay: null, oneWayMetres: metres ?? plan.oneWayMetres, bundled: null })}
        >
          Enter length
        </Button>
      </div>
    </div>
  );
}
