import { type PointerEvent, useRef, useState } from "react";
import type { Frame } from "./sheet";

const closest = 8;

/** What of the sheet is shown: the whole, or a part of it that a drag moves. */
export function useZoom(width: number, height: number) {
  const [zoom, setZoom] = useState(1);
  const [middle, setMiddle] = useState({ x: width / 2, y: height / 2 });
  const drag = useRef<{ x: number; y: number }>(undefined);
  const shown: Frame = {
    width: width / zoom,
    height: height / zoom,
    x: clamp(middle.x - width / zoom / 2, 0, width - width / zoom),
    y: clamp(middle.y - height / zoom / 2, 0, height - height / zoom),
  };
  const to = (next: number, at = middle) => {
    const taken = clamp(next, 1, closest);
    setZoom(taken);
    setMiddle(taken === 1 ? { x: width / 2, y: height / 2 } : at);
  };
  return {
    zoom,
    shown,
    closer: () => to(zoom * 1.5),
    farther: () => to(zoom / 1.5),
    whole: () => to(1),
    onto: (spot: { x: number; y: number }) => to(Math.max(zoom, 3), spot),
    pan: {
      onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
        if (zoom > 1) drag.current = { x: event.clientX, y: event.clientY };
      },
      onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
        const from = drag.current;
        if (!from) return;
        const metres = shown.width / event.currentTarget.clientWidth;
        drag.current = { x: event.clientX, y: event.clientY };
        setMiddle({
          x: shown.x + shown.width / 2 - (event.clientX - from.x) * metres,
          y: shown.y + shown.height / 2 - (event.clientY - from.y) * metres,
        });
      },
      onPointerUp: () => {
        drag.current = undefined;
      },
    },
  };
}

const clamp = (value: number, least: number, most: number) =>
  Math.min(Math.max(value, least), Math.max(least, most));
