import type { PictureView, SheetStepCard } from "../api/client";
import { VehicleShapes } from "../picture/VehicleShapes";
import { spotIn } from "../walkaround/drawing/sheet";
import { t } from "../words";

const margin = 0.25;

/** Where on the vehicle a step is: from its left and from above, places ringed, routes drawn. */
export function PlaceDrawing({ views, card }: { views: readonly PictureView[]; card: SheetStepCard }) {
  const { marks, paths, place } = card.step;
  return (
    <figure className="border border-seam bg-slab p-2">
      <figcaption className="text-sm">
        {place ? t("runSheet.where", { place }) : t("runSheet.wholeVehicle")}
      </figcaption>
      <div className="grid max-lg:grid-cols-2">
        {views
          .filter(({ side }) => side === "left" || side === "above")
          .map((view) => (
            <svg
              key={view.side}
              viewBox={`${-margin} ${-margin} ${view.widthMetres + 2 * margin} ${view.heightMetres + 2 * margin}`}
              className="w-full"
              aria-hidden
            >
              <g opacity={0.55}>
                <VehicleShapes view={view} />
              </g>
              {paths.map((path) => (
                <polyline
                  key={path.map(({ back, right, up }) => `${back} ${right} ${up}`).join(" ")}
                  points={path
                    .map((at) => spotIn(view, at))
                    .map(({ x, y }) => `${x},${y}`)
                    .join(" ")}
                  fill="none"
                  stroke="var(--oxide)"
                  strokeWidth={0.05}
                  strokeLinejoin="round"
                />
              ))}
              {marks.map((at) => {
                const spot = spotIn(view, at);
                return (
                  <circle
                    key={`${at.back} ${at.right} ${at.up}`}
                    data-mark
                    cx={spot.x}
                    cy={spot.y}
                    r={0.13}
                    fill="none"
                    stroke="var(--oxide)"
                    strokeWidth={0.05}
                  />
                );
              })}
            </svg>
          ))}
      </div>
    </figure>
  );
}
