import type { PictureView } from "../api/client";
import { VehicleShapes } from "./VehicleShapes";

const margin = 0.12;

/** The vehicle from its left side with its lamps, as small as it has to be. */
export function SmallPicture({ view, className = "" }: { view: PictureView; className?: string }) {
  return (
    <svg
      viewBox={`${-margin} ${-margin - 0.15} ${view.widthMetres + 2 * margin} ${view.heightMetres + 2 * margin + 0.15}`}
      className={className}
      aria-hidden
    >
      <VehicleShapes view={view} />
    </svg>
  );
}
