import { Link } from "react-router";
import type { LinePlan, RouteAnswer, UnitSystem } from "../api/client";
import { Button } from "../ui/Button";
import { length } from "../ui/figures/figures";
import { t } from "../words";

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
        {t("lines.oneWayLength")}{" "}
        <span className="font-figure" data-figure="Laid">
          {metres == null ? t("lines.noWayLeadsThere") : length(metres, units)}
        </span>{" "}
        <span className="text-dust">
          {way?.measuredMetres ? t("lines.measuredByHand") : t("lines.alongTheLanes")}
        </span>
      </p>
      <div className="flex flex-wrap items-center gap-x-4">
        <Link to={page} className="inline-flex min-h-11 items-center underline underline-offset-4">
          {t("lines.showRoute")}
        </Link>
        <Button
          look="quiet"
          onClick={() => onChange({ lay: null, oneWayMetres: metres ?? plan.oneWayMetres, bundled: null })}
        >
          {t("lines.enterLength")}
        </Button>
      </div>
    </div>
  );
}
