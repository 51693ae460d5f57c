import { Maximize, Minus, Plus, Ruler } from "lucide-react";
import { type PointerEvent, useId, useMemo, useRef, useState } from "react";
import type { Body, PictureView, Rig, RunAnswer, Verdict, WalkaroundView } from "../../api/client";
import { rulesOf } from "../../job/rigEdits";
import { VehicleShapes } from "../../picture/VehicleShapes";
import { Button } from "../../ui/Button";
import { CheckField } from "../../ui/CheckField";
import { choiceLook } from "../../ui/Field";
import { length } from "../../ui/figures/figures";
import { useWidth } from "../../ui/useWidth";
import { t } from "../../words";
import { Lanes } from "./Lanes";
import { MountMarks } from "./MountMarks";
import { NameTag } from "./NameTag";
import { type Spot, sheetOf, spotIn, viewNames } from "./sheet";
import { useMeasure } from "./useMeasure";
import { useZoom } from "./useZoom";

/** The vehicle from four sides, to scale, with lanes, harnesses and lamps; zoomed, measured, and one line of it alone. */
export function Drawing({
  body,
  rig,
  walk,
  views,
  runs,
  mount,
  way,
  onMount,
  onMove,
}: {
  body: Body;
  rig: Rig;
  walk: WalkaroundView;
  views: readonly PictureView[];
  runs: readonly RunAnswer[];
  mount?: string;
  way?: string;
  onMount: (id: string) => void;
  onMove: (part: string, at: string) => void;
}) {
  const ids = useId();
  const [thick, setThick] = useState(true);
  const [only, setOnly] = useState("");
  const [named, setNamed] = useState<{ view: PictureView; mount: string }>();
  const dragged = useRef<string>(undefined);
  const svg = useRef<SVGSVGElement>(null);
  const [box, width] = useWidth("vehicle");
  const sheet = useMemo(() => sheetOf(views), [views]);
  const zoom = useZoom(sheet.width, sheet.height);
  const tape = useMeasure(rig);
  const { units } = rulesOf(rig);
  const grain = zoom.shown.width / Math.max(width, 200);
  const line = rig.lines.some(({ id }) => id === only) ? only : undefined;
  const verdicts = useMemo(
    () => new Map<string, Verdict>(walk.mounts.map((card) => [card.at, card.verdict])),
    [walk],
  );
  const marks = views.flatMap((view) => view.mounts.map((id) => ({ view, id })));
  const stop = marks.find(({ id }) => id === mount) ?? marks[0];
  const corner = (view: PictureView): Spot => sheet.corners.get(view.side) ?? { x: 0, y: 0 };
  const step = (view: PictureView, from: string, by: 1 | -1) => {
    const next = marks[marks.findIndex((mark) => mark.view === view && mark.id === from) + by];
    if (!next) return;
    svg.current
      ?.querySelector<SVGGElement>(`[data-view="${next.view.side}"] [data-mount="${CSS.escape(next.id)}"]`)
      ?.focus();
  };
  const drop = (at: string) => {
    const from = dragged.current;
    dragged.current = undefined;
    const part = from && from !== at && walk.mounts.find((card) => card.at === from)?.parts[0];
    if (!part) return;
    onMove(part, at);
    onMount(at);
  };
  const press = (event: PointerEvent<SVGSVGElement>) => {
    const pressed = (event.target as Element).closest<SVGGElement>("[data-view]");
    const view = views.find(({ side }) => side === pressed?.dataset.view);
    const matrix = pressed?.getScreenCTM();
    if (!tape.on || !view || !matrix) return;
    event.stopPropagation();
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    tape.press(view.side, { x, y });
  };
  const name = named && body.mounts?.find(({ id }) => id === named.mount);
  return (
    <figure
      className="flex min-h-0 flex-col gap-1 border border-seam bg-slab p-2 lg:flex-1"
      onPointerLeave={() => {
        dragged.current = undefined;
      }}
    >
      <figcaption className="flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
        <span className="flex gap-1">
          <Button aria-label={t("walkaround.zoomIn")} disabled={zoom.zoom >= 8} onClick={zoom.closer}>
            <Plus size={18} aria-hidden />
          </Button>
          <Button aria-label={t("walkaround.zoomOut")} disabled={zoom.zoom === 1} onClick={zoom.farther}>
            <Minus size={18} aria-hidden />
          </Button>
          <Button
            aria-label={t("walkaround.showTheWholeVehicle")}
            disabled={zoom.zoom === 1}
            onClick={zoom.whole}
          >
            <Maximize size={18} aria-hidden />
          </Button>
        </span>
        <Button aria-pressed={tape.on} onClick={tape.toggle}>
          <Ruler size={18} aria-hidden /> {t("walkaround.measure")}
        </Button>
        <span className="flex items-center gap-2">
          <label htmlFor={`${ids}-only`}>{t("walkaround.show")}</label>
          <select
            id={`${ids}-only`}
            className={choiceLook}
            value={line ?? ""}
            onChange={(event) => setOnly(event.target.value)}
          >
            <option value="">{t("walkaround.allLines")}</option>
            {rig.lines.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </span>
        <CheckField label={t("walkaround.harnessesAsThickAsTheir")} checked={thick} onChange={setThick} />
      </figcaption>
      <div ref={box} className="grid min-h-0 flex-1">
        {/* biome-ignore lint/a11y/useSemanticElements: a fieldset is no drawing */}
        <svg
          ref={svg}
          viewBox={`${zoom.shown.x} ${zoom.shown.y} ${zoom.shown.width} ${zoom.shown.height}`}
          className={`max-h-full w-full touch-none ${tape.on ? "cursor-crosshair" : zoom.zoom > 1 ? "cursor-grab" : ""}`}
          role="group"
          aria-label={t("walkaround.theVehicleFromFourSides")}
          onPointerDownCapture={press}
          {...zoom.pan}
        >
          {views.map((view) => {
            const at = corner(view);
            return (
              // biome-ignore lint/a11y/useSemanticElements: a fieldset cannot stand in a drawing
              // biome-ignore lint/a11y/noInteractiveElementToNoninteractiveRole: the group is pressed nowhere but in its parts
              <g
                key={view.side}
                role="group"
                aria-label={viewNames[view.side]}
                data-view={view.side}
                transform={`translate(${at.x} ${at.y})`}
              >
                <rect
                  x={-0.2}
                  y={-0.2}
                  width={view.widthMetres + 0.4}
                  height={view.heightMetres + 0.4}
                  fill="transparent"
                />
                {view.side !== "above" && (
                  <line
                    x1={-0.15}
                    x2={view.widthMetres + 0.15}
                    y1={view.heightMetres}
                    y2={view.heightMetres}
                    stroke="var(--edge)"
                    strokeWidth={0.012}
                  />
                )}
                <VehicleShapes view={view} verdicts={verdicts} only={line} />
                <Lanes body={body} view={view} walk={walk} runs={runs} way={way} only={line} thick={thick} />
                <MountMarks
                  body={body}
                  view={view}
                  mount={mount}
                  stop={stop?.view === view ? stop.id : undefined}
                  grain={grain}
                  onMount={(id) => !tape.on && onMount(id)}
                  onStep={(from, by) => step(view, from, by)}
                  onTake={(id) => {
                    dragged.current = id;
                  }}
                  onDrop={drop}
                  onName={(id) => setNamed(id === undefined ? undefined : { view, mount: id })}
                />
                {tape.from?.side === view.side && <Tape tape={tape} grain={grain} />}
                {named && name && named.view.side === view.side && (
                  <NameTag
                    name={name.name}
                    at={spotIn(view, name.at)}
                    grain={grain}
                    within={{ ...zoom.shown, x: zoom.shown.x - at.x, y: zoom.shown.y - at.y }}
                  />
                )}
              </g>
            );
          })}
        </svg>
      </div>
      <p role="status" className="min-h-6 text-sm text-dust">
        {tape.on ? measured(tape, units) : t("walkaround.pressAMountToSee")}
      </p>
    </figure>
  );
}

function Tape({ tape, grain }: { tape: ReturnType<typeof useMeasure>; grain: number }) {
  const [from, to] = [tape.found?.from.at ?? tape.from?.spot, tape.found?.to.at];
  if (!from) return null;
  return (
    <g data-tape pointerEvents="none" stroke="var(--oxide)" strokeWidth={2 * grain} fill="var(--oxide)">
      {to && (
        <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} strokeDasharray={`${6 * grain} ${3 * grain}`} />
      )}
      {[from, to].map(
        (end) => end && <circle key={`${end.x} ${end.y}`} cx={end.x} cy={end.y} r={4 * grain} />,
      )}
    </g>
  );
}

function measured(tape: ReturnType<typeof useMeasure>, units: Parameters<typeof length>[1]) {
  if (tape.failed) return t("walkaround.thatWasNotMeasuredPress");
  if (!tape.from) return t("walkaround.pressTheFirstPlace");
  if (!tape.found) return t("walkaround.pressTheSecondPlaceIn");
  const { from, to, straightMetres, laneMetres } = tape.found;
  const named = from.name && to.name;
  const straight = t(named ? "walkaround.straight" : "walkaround.straightInView", {
    straightMetres: length(straightMetres, units),
  });
  return t("walkaround.measuredBetween", {
    from: from.name ?? t("walkaround.fromHere"),
    to: to.name ?? t("walkaround.toHere"),
    straight:
      laneMetres === null
        ? straight
        : t("walkaround.straightAndLanes", { straight, lanes: length(laneMetres, units) }),
  });
}
