import { useCallback, useState } from "react";
import type { LineInState, LineView, RigState } from "../api/client";

/** Which state a line is shown in: one of those that come with it, or one set by hand. */
export function useStates(lineId: string) {
  const [chosen, setChosen] = useState<{ line: string; preset?: string; asked?: RigState }>({ line: lineId });
  const mine = chosen.line === lineId ? chosen : { line: lineId };
  const preset = useCallback((id: string) => setChosen({ line: lineId, preset: id }), [lineId]);
  const ask = useCallback((asked: RigState) => setChosen({ line: lineId, asked }), [lineId]);
  const shownIn = (view: LineView): LineInState | undefined =>
    view.states.find((state) => state.id === (mine.asked ? "asked" : (mine.preset ?? "alone"))) ??
    view.states[0];
  return { asked: mine.asked, preset, ask, shownIn };
}
