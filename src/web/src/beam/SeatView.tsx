import { useEffect, useRef } from "react";
import type { BeamView } from "../api/client";
import { t } from "../words";
import { drawSeat } from "./light";

/** What the driver sees, or the reversing camera. */
export function SeatView({ view, camera }: { view: BeamView; camera: boolean }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const picture = camera ? view.rearPicture : view.seat;
  useEffect(() => {
    if (picture && canvas.current) drawSeat(canvas.current, picture);
  }, [picture]);
  return (
    <figure aria-label={t("beam.seat")} className="relative min-w-0 border border-seam bg-slab">
      <canvas ref={canvas} aria-hidden className="block aspect-[16/7] w-full bg-black" />
      <figcaption className="absolute top-0 left-0 px-2 text-sm text-white">
        {camera ? t("beam.fromCamera") : t("beam.fromSeat")}
      </figcaption>
    </figure>
  );
}
