import type { Mount, PictureView, ViewSide } from "../../api/client";
import { t } from "../../words";

export type Spot = { x: number; y: number };
export type Frame = Spot & { width: number; height: number };

export const viewNames: Record<ViewSide, string> = {
  left: t("walkaround.theVehicleFromItsLeft"),
  above: t("walkaround.theVehicleFromAbove"),
  front: t("walkaround.theVehicleFromTheFront"),
  rear: t("walkaround.theVehicleFromTheRear"),
};

/** Between the views and round them, m. */
const gap = 0.34;

/** All views on one sheet, to the same scale: left and above, beside them front and rear. */
export function sheetOf(views: readonly PictureView[]) {
  const of = (side: ViewSide) => views.find((view) => view.side === side);
  const [left, front] = [of("left"), of("front")];
  if (!left || !front) return { corners: new Map<ViewSide, Spot>(), width: 1, height: 1 };
  const right = gap + left.widthMetres + 1.3 * gap;
  const below = gap + left.heightMetres + gap;
  return {
    corners: new Map<ViewSide, Spot>([
      ["left", { x: gap, y: gap }],
      ["front", { x: right, y: gap }],
      ["above", { x: gap, y: below }],
      ["rear", { x: right, y: below }],
    ]),
    width: right + front.widthMetres + gap,
    height:
      below + Math.max(left.heightMetres, front.heightMetres, of("above")?.heightMetres ?? 0) + gap * 0.7,
  };
}

/** Where a point of the vehicle lies in a view, m from its corner. */
export function spotIn(view: PictureView, at: Mount["at"]): Spot {
  const along = (axis: PictureView["across"]) =>
    axis.from + axis.back * at.back + axis.right * at.right + axis.up * at.up;
  return { x: along(view.across), y: along(view.down) };
}
