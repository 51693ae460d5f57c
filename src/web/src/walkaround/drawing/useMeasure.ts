import { useState } from "react";
import { api, type Measurement, type Rig, type ViewSide } from "../../api/client";
import { rigId } from "../../job/rigId";
import { useAnswer } from "../../ui/useAnswer";
import type { Spot } from "./sheet";

type End = { side: ViewSide; spot: Spot };

/** The tape between two places of one view: set by two presses, measured by the server. */
export function useMeasure(rig: Rig) {
  const [on, setOn] = useState(false);
  const [ends, setEnds] = useState<readonly End[]>([]);
  const [from, to] = ends;
  const found = useAnswer<Measurement>(
    ["measure", rigId(rig), JSON.stringify(ends)],
    (signal) =>
      api.POST("/api/preview/measure", {
        body: { rig, side: from?.side ?? "left", from: from?.spot ?? nowhere, to: to?.spot ?? nowhere },
        signal,
      }),
    { enabled: from !== undefined && to !== undefined, keep: JSON.stringify(ends) },
  );
  return {
    on,
    from,
    found: to ? found.answer : undefined,
    failed: to !== undefined && found.failed,
    toggle: () => {
      setOn(!on);
      setEnds([]);
    },
    /** The second end has to be in the view of the first; else it is a first one again. */
    press: (side: ViewSide, spot: Spot) =>
      setEnds(from && !to && from.side === side ? [from, { side, spot }] : [{ side, spot }]),
  };
}

const nowhere = { x: 0, y: 0 };
