import { memo, type ReactNode, useEffect, useMemo, useState } from "react";
import { createPortal } from "react-dom";
import type { EditCommand, Fuse, Line, LineView, Offer, Rig, StripStation } from "../api/client";
import type { FieldErrors } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { withPart, withPlan, withRunWire } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { Details } from "../ui/Details";
import { amps, lostVolts, percent, volts, watts } from "../ui/figures/figures";
import { Notice } from "../ui/Notice";
import { useSame } from "../ui/useSame";
import { useStable } from "../ui/useStable";
import { useWidth } from "../ui/useWidth";
import { t } from "../words";
import { StateBar } from "./StateBar";
import { StationPanel } from "./station/StationPanel";
import { planned, wireBehind } from "./station/stations";
import { layOut } from "./strip/layout";
import { RidgeChart } from "./strip/RidgeChart";
import { StripTable } from "./strip/StripTable";
import { StripView } from "./strip/StripView";
import { useLine } from "./useLine";
import { useStates } from "./useStates";

/** One line from source to earth: state, strip, ridge, and the station that is open. */
export function LineBody({
  editor,
  rig,
  line,
  asks,
  errors,
  jobId,
  open,
  onOpen,
  inspector,
  diagram,
}: {
  editor: RigEditor;
  rig: Rig;
  line: Line;
  /** Whether what follows from the rig is asked for as it changes. */
  asks: boolean;
  errors: FieldErrors;
  jobId: string;
  open: string | undefined;
  onOpen: (id: string | undefined) => void;
  /** Where the open station is shown; null until it is drawn. */
  inspector: HTMLElement | null;
  /** The wiring as a drawing, instead of strip and ridge; false: not asked for. */
  diagram: ReactNode;
}) {
  const states = useStates(line.id);
  const { answer: view, failed, why, slow } = useLine(editor, rig, line.id, states.asked, asks);
  const [pointed, setPointed] = useState<string>();
  const [compared, setCompared] = useState<string>();
  const openStation = useStable(onOpen);
  const take = useStable(
    (offer: Offer) =>
      void editor.do({ kind: "takeOffer", lineId: line.id, station: offer.station, offer: offer.id }),
  );
  const run = useStable((command: EditCommand) => void editor.do(command));
  const edit = useStable((change: (rig: Rig) => Rig) => editor.edit(change));
  const takeWire = useStable((run: string, wire: string) =>
    edit((now) => (line.plan ? withPlan(now, line.id, { chosenWire: wire }) : withRunWire(now, run, wire))),
  );
  const takeFuse = useStable((one: StripStation, fuse: Fuse) =>
    edit((now) =>
      planned(one)
        ? withPlan(now, line.id, { chosenFuse: fuse })
        : withPart(now, "protection", one.part, { fuse, fixed: true }),
    ),
  );
  const station = useSame(view && stationOf(view, open));
  const offers = useSame(view?.offers.filter((offer) => offer.station === station?.id) ?? []);
  const wire = view && station && wireBehind(view.strip.strands, station);
  const { asked } = states;
  useEffect(
    () => editor.lookCloser({ lineId: line.id, state: asked, run: wire }),
    [editor, line.id, asked, wire],
  );
  if (!view)
    return (
      <Notice alert={failed} title={failed ? t("lines.theLineWasNotWorked") : t("lines.workingTheLineOut")}>
        {why}
      </Notice>
    );

  const shown = states.shownIn(view);
  const { strands, loose } = view.strip;

  return (
    <section
      aria-label={t("lines.theLineFromSourceTo")}
      data-stale={failed}
      className="grid min-w-0 content-start gap-3"
    >
      {shown && (
        <StateBar
          auxOutputs={rig.vehicle.auxOutputs}
          powerBoxes={rig.powerBoxes}
          parts={rig.switches}
          shown={shown}
          states={view.states}
          onPreset={states.preset}
          onCompare={setCompared}
          onChange={states.ask}
        />
      )}
      {slow && <p className="text-sm text-dust">{t("lines.stillWorkingItOut")}</p>}
      {failed && <p className="text-sm font-semibold text-oxide">{t("lines.asItWasBeforeThe", { why })}</p>}
      {diagram}
      {diagram ? null : shown && strands.length > 0 ? (
        <>
          <Scroll
            strands={strands}
            shown={shown}
            view={view}
            open={station?.id}
            pointed={pointed}
            compared={compared}
            onCompare={setCompared}
            onOpen={openStation}
            onPoint={setPointed}
          />
          <Details plain summary={t("lines.theSameAsATable")}>
            <StripTable strands={strands} state={shown} />
          </Details>
        </>
      ) : (
        <Notice alert title={t("lines.itsWiresLeadNowhereYet")}>
          {loose.length === 0 ? (
            <p>{t("lines.itHasNoLampsThat")}</p>
          ) : (
            <ul className="mt-2 flex flex-wrap gap-2">
              {loose.map((one) => (
                <li key={one.id}>
                  <button
                    type="button"
                    className="min-h-11 rounded-sm border border-edge bg-slab px-2"
                    onClick={() => onOpen(one.id)}
                  >
                    {one.name} <span className="text-dust">{one.detail}</span>
                  </button>
                </li>
              ))}
            </ul>
          )}
        </Notice>
      )}
      {station &&
        inspector &&
        createPortal(
          <StationPanel
            key={station.id}
            wire={wire}
            editor={editor}
            rig={rig}
            station={station}
            errors={errors}
            jobId={jobId}
            edit={edit}
            run={run}
            offers={offers}
            onTake={take}
            onTakeWire={takeWire}
            onTakeFuse={takeFuse}
          />,
          inspector,
        )}
    </section>
  );
}

/** The station that is open: the one asked for, else the wire that most is lost in. */
const stationOf = (view: LineView, open: string | undefined) =>
  view.strip.strands
    .flatMap((strand) => strand.stations)
    .concat(view.strip.loose)
    .find((one) => one.id === (open ?? heaviest(view)));

/** The wire that most is lost in. */
function heaviest(view: LineView): string | undefined {
  const figures = view.states.find((state) => state.id === "alone")?.figures.strands[0] ?? [];
  const runs = (view.strip.strands[0]?.stations ?? []).map((one, index) => ({
    one,
    lost: figures[index]?.lostVolts ?? 0,
  }));
  return runs.filter(({ one }) => one.kind === "run").sort((a, b) => b.lost - a.lost)[0]?.one.id;
}

const Scroll = memo(function Scroll({
  strands,
  shown,
  view,
  compared,
  onCompare,
  ...rest
}: {
  strands: LineView["strip"]["strands"];
  shown: LineView["states"][number];
  view: LineView;
  compared: string | undefined;
  onCompare: (id: string | undefined) => void;
  open: string | undefined;
  pointed: string | undefined;
  onOpen: (id: string) => void;
  onPoint: (id: string | undefined) => void;
}) {
  const [box, room] = useWidth("strip");
  const [zoomed, setZoomed] = useState(false);
  const layout = useMemo(
    () => layOut(strands, zoomed ? 0 : room, rest.open),
    [strands, room, zoomed, rest.open],
  );
  return (
    <>
      <section
        ref={box}
        data-tour="strip"
        aria-label={t("lines.stripAndRidge")}
        className={`border border-seam bg-granite pt-2 ${zoomed ? "overflow-x-auto" : "overflow-x-hidden"}`}
      >
        <StripView
          control={false}
          strands={strands}
          layout={layout}
          figures={shown.figures.strands}
          {...rest}
        />
        <RidgeChart
          strands={strands}
          layout={layout}
          states={view.states}
          chosen={shown}
          compared={compared}
          onCompare={onCompare}
          pointed={rest.pointed ?? rest.open}
          onPoint={rest.onPoint}
        />
        {layout.controlRows > 0 && (
          <div className="pt-1">
            <p className="px-1 pb-0.5 text-sm text-dust">
              {t("lines.controlledBy", {
                list: view.strip.asks.join(", ") || t("lines.nothingHasToBePressed"),
              })}
            </p>
            <StripView control strands={strands} layout={layout} figures={shown.figures.strands} {...rest} />
          </div>
        )}
      </section>
      <div className="flex flex-wrap items-center justify-between gap-x-3">
        <Readout view={view} shown={shown} pointed={rest.pointed ?? rest.open} />
        {(zoomed ? layout.width > room : !layout.natural) && (
          <Button look="quiet" aria-pressed={zoomed} onClick={() => setZoomed(!zoomed)}>
            {zoomed ? t("lines.fitTheWidth") : t("lines.zoomIn")}
          </Button>
        )}
      </div>
    </>
  );
});

/** Part, volts and share of the loss of what is pointed at. */
function Readout({
  view,
  shown,
  pointed,
}: {
  view: LineView;
  shown: LineView["states"][number];
  pointed: string | undefined;
}) {
  for (const [number, strand] of view.strip.strands.entries()) {
    const index = strand.stations.findIndex((station) => station.id === pointed);
    const station = strand.stations[index];
    const figure = shown.figures.strands[number]?.[index];
    if (!station || !figure) continue;
    const lamp = station.kind === "lamp" || station.kind === "coil";
    return (
      <p data-readout className="min-h-6">
        <span className="font-semibold">{station.name}</span>{" "}
        <span className="text-dust">{station.detail}</span>{" "}
        <span className="font-figure">
          {lamp
            ? t(figure.lightFraction == null ? "lines.lampReadout" : "lines.lampReadoutLight", {
                lost: volts(figure.lostVolts),
                amps: amps(figure.amps),
                watts: watts(figure.watts),
                light: percent(figure.lightFraction ?? 1),
              })
            : t("lines.afterItLosesOfThe", {
                volts: volts(figure.volts),
                amps: amps(figure.amps),
                lostVolts: lostVolts(figure.lostVolts),
                shareOfLoss: percent(figure.shareOfLoss),
              })}
        </span>
      </p>
    );
  }
  return (
    <p className="min-h-6 text-sm text-dust">
      {view.strip.asks.length > 0 && t("lines.lightsWith", { list: view.strip.asks.join(", ") })}
    </p>
  );
}
