import type { Body, PictureView } from "../../api/client";
import { type Spot, spotIn } from "./sheet";

/** The mounts of one view: each with its name on hover and focus, to be chosen, and to drag a lamp from one to another. */
export function MountMarks({
  body,
  view,
  mount,
  stop,
  grain,
  onMount,
  onStep,
  onTake,
  onDrop,
  onName,
}: {
  body: Body;
  view: PictureView;
  mount: string | undefined;
  /** The one that the Tab key stops at; undefined: none of this view. */
  stop: string | undefined;
  /** Metres of a pixel. */
  grain: number;
  onMount: (id: string) => void;
  onStep: (from: string, by: 1 | -1) => void;
  onTake: (id: string) => void;
  onDrop: (id: string) => void;
  onName: (id: string | undefined) => void;
}) {
  const shown = (body.mounts ?? []).filter(({ id }) => view.mounts.includes(id));
  const spots = shown.map((place) => spotIn(view, place.at));
  /** As large as a finger, where no other mark lies nearer; then each has its half of the way, which zooming in widens. */
  const reachOf = (at: Spot) => {
    const nearest = Math.min(
      ...spots.filter((other) => other !== at).map((other) => Math.hypot(other.x - at.x, other.y - at.y)),
    );
    return Math.max(5 * grain, Math.min(22 * grain, nearest / 2));
  };
  const taken = new Set(view.lamps.map(({ at }) => at));
  return shown.map((place, i) => {
    const spot = spots[i] ?? spotIn(view, place.at);
    const size = Math.min(0.045, 6 * grain);
    return (
      // biome-ignore lint/a11y/useSemanticElements: a button cannot stand in a drawing
      <g
        key={place.id}
        data-mount={place.id}
        role="button"
        tabIndex={place.id === stop ? 0 : -1}
        aria-label={place.name}
        aria-pressed={place.id === mount}
        className="mount-mark cursor-pointer"
        onClick={() => onMount(place.id)}
        onKeyDown={(event) => {
          const by = ({ ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 } as const)[event.key];
          if (by) onStep(place.id, by);
          else if (event.key === "Enter" || event.key === " ") onMount(place.id);
          else return;
          event.preventDefault();
        }}
        onPointerDown={(event) => {
          event.stopPropagation();
          onTake(place.id);
        }}
        onPointerUp={() => onDrop(place.id)}
        onPointerEnter={() => onName(place.id)}
        onPointerLeave={() => onName(undefined)}
        onFocus={() => onName(place.id)}
        onBlur={() => onName(undefined)}
      >
        {place.id === mount && (
          <circle cx={spot.x} cy={spot.y} r={0.12} fill="none" stroke="var(--lichen)" strokeWidth={0.035} />
        )}
        {!taken.has(place.id) && (
          <path
            d={`M${spot.x} ${spot.y - size} l${size} ${size} l${-size} ${size} l${-size} ${-size} Z`}
            fill="var(--slab)"
            stroke="var(--edge)"
            strokeWidth={1.5 * grain}
          />
        )}
        <circle className="mount-reach" cx={spot.x} cy={spot.y} r={reachOf(spot)} fill="transparent" />
      </g>
    );
  });
}
