import { Route } from "lucide-react";
import { api, type Rig, type RouteView, type WalkaroundView } from "../api/client";
import type { FieldErrors } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { rulesOf, withLay } from "../job/rigEdits";
import { rigId } from "../job/rigId";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { asLength, asTape, celsius, kilograms, length } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { useAnswer } from "../ui/useAnswer";
import { hazardWords, showsWords, zoneWords } from "../ui/words";
import { t } from "../words";

/** Everything that follows the lanes; the chosen one lane by lane, and how else it could lie. */
export function RoutePanel({
  editor,
  rig,
  walk,
  way,
  errors,
  outdated,
  onChoose,
  onReroute,
}: {
  editor: RigEditor;
  rig: Rig;
  walk: WalkaroundView | undefined;
  way: RouteView | undefined;
  errors: FieldErrors;
  outdated: boolean;
  onChoose: (id: string) => void;
  onReroute: () => void;
}) {
  const { units } = rulesOf(rig);
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-2">
        <span>{walk && t("walkaround.copperOfAllWires", { copper: kilograms(walk.copperKilograms) })}</span>
        <Button onClick={onReroute} disabled={!rig.body}>
          <Route size={18} aria-hidden /> {t("walkaround.reRouteAllWires")}
        </Button>
      </div>
      {!walk?.routes.length && <p className="text-dust">{t("walkaround.nothingFollowsTheLanesYet")}</p>}
      <ul
        className="grid max-h-64 gap-px overflow-y-auto border border-seam bg-seam"
        aria-label={t("walkaround.routes")}
      >
        {walk?.routes.map((other) => (
          <li key={other.id}>
            <button
              type="button"
              aria-pressed={other.id === way?.id}
              onClick={() => onChoose(other.id)}
              className={`flex min-h-11 w-full items-center justify-between gap-3 px-3 text-left ${other.id === way?.id ? "bg-lichen-shade font-semibold" : "bg-slab hover:bg-lichen-shade"}`}
            >
              <span className="min-w-0 truncate">{other.name}</span>
              <span className="font-figure whitespace-nowrap">
                {other.metres === null ? t("walkaround.noWay") : length(other.metres, units)}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {way && (
        <OneWay
          key={way.id}
          editor={editor}
          rig={rig}
          walk={walk}
          way={way}
          errors={errors}
          outdated={outdated}
        />
      )}
      {walk && walk.comesOff.length > 0 && (
        <section aria-label={t("walkaround.removeOnce")}>
          <h3 className="font-semibold">{t("walkaround.removeOnce")}</h3>
          <ul className="grid gap-1 text-sm" data-comes-off>
            {walk.comesOff.map((cover) => (
              <li key={cover.what}>
                <span className="font-medium">
                  {cover.what}
                  {cover.loosenOnly && t("walkaround.loosenOnly")}
                </span>
                {cover.fasteners !== null &&
                  t("walkaround.fastenersOfCover", {
                    fasteners: cover.fasteners,
                    kind: cover.fastenerKind || t("walkaround.fasteners"),
                  })}
                {cover.unplugged.length > 0 && t("walkaround.unplug", { list: cover.unplugged.join(", ") })}
                <span className="block text-dust">{t("walkaround.for", { list: cover.for.join(", ") })}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function OneWay({
  editor,
  rig,
  walk,
  way,
  errors,
  outdated,
}: {
  editor: RigEditor;
  rig: Rig;
  walk: WalkaroundView | undefined;
  way: RouteView;
  errors: FieldErrors;
  outdated: boolean;
}) {
  const { units } = rulesOf(rig);
  const path = way.isLine
    ? `lines[${rig.lines.findIndex(({ id }) => id === way.id)}].plan.lay.lay`
    : `runs[${rig.runs?.findIndex(({ id }) => id === way.id)}].lay`;
  const lay = way.isLine
    ? rig.lines.find(({ id }) => id === way.id)?.plan?.lay?.lay
    : rig.runs?.find(({ id }) => id === way.id)?.lay;
  return (
    <section aria-label={way.name} className="grid gap-3">
      <h2 className="text-lg font-semibold">{way.name}</h2>
      <p>
        {t("walkaround.alongTheLanes")}{" "}
        <span className="font-figure" data-figure="Routed">
          {way.routedMetres === null ? t("walkaround.noWayLeadsThere") : length(way.routedMetres, units)}
        </span>
        <br />
        {t("walkaround.tiesAndSleeve", {
          count: way.ties,
          apart: length(walk?.tieMetres ?? 0, units),
          sleeve: length(way.sleeveMetres, units),
        })}
      </p>
      <NumberField
        label={t("walkaround.measuredByHandCountsInstead")}
        scale={asLength(units)}
        optional
        value={way.measuredMetres}
        messages={errors[`${path}.measuredMetres`]}
        onChange={(value) => editor.edit((now) => withLay(now, way.id, { measuredMetres: value ?? null }))}
      />
      <NumberField
        label={t("walkaround.aPlugGoesWithIt")}
        scale={asTape(units)}
        optional
        placeholder={t("walkaround.bareLead")}
        value={lay?.plugMillimetres}
        messages={errors[`${path}.plugMillimetres`]}
        onChange={(value) => editor.edit((now) => withLay(now, way.id, { plugMillimetres: value ?? null }))}
      />
      <table className="w-full border border-seam text-sm">
        <thead>
          <tr className="text-left">
            <th className="px-2 py-1">{t("walkaround.zone")}</th>
            <th className="px-2 py-1">{t("walkaround.length")}</th>
            <th className="px-2 py-1">{t("walkaround.heat")}</th>
            <th className="px-2 py-1">{t("walkaround.ties")}</th>
            <th className="px-2 py-1">{t("walkaround.hazards")}</th>
          </tr>
        </thead>
        <tbody>
          {way.stages.map((stage) => (
            <tr key={stage.lane} className="border-t border-seam">
              <td className="px-2 py-1">{zoneWords[stage.zone]}</td>
              <td className="px-2 py-1 font-figure">{length(stage.metres, units)}</td>
              <td className="px-2 py-1 font-figure">{celsius(stage.celsius)}</td>
              <td className="px-2 py-1 font-figure">{stage.ties}</td>
              <td className="px-2 py-1">
                {[
                  ...stage.hazards.map((hazard) => hazardWords[hazard]),
                  ...(stage.shows && stage.shows !== "hidden"
                    ? [t("walkaround.shows", { what: showsWords[stage.shows].toLowerCase() })]
                    : []),
                  ...(stage.nothingToTieTo ? [t("walkaround.nothingToTieTo")] : []),
                ].join(", ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <PinnedLanes editor={editor} rig={rig} way={way} />
      {!outdated && <Others editor={editor} rig={rig} way={way} />}
    </section>
  );
}

function Others({ editor, rig, way }: { editor: RigEditor; rig: Rig; way: RouteView }) {
  const { units } = rulesOf(rig);
  const { answer, fresh } = useAnswer(["routes", rigId(rig), way.id], (signal) =>
    api.POST("/api/preview/routes", { body: { rig, id: way.id }, signal }),
  );
  const found = fresh ? answer : undefined;
  if (!found?.length) return null;
  return (
    <div>
      <h3 className="font-semibold">{t("walkaround.howItCanLie")}</h3>
      <ul className="grid gap-px border border-seam bg-seam">
        {found.map((choice) => (
          <li
            key={choice.stations.join()}
            className="grid gap-1 bg-slab px-3 py-2"
            data-choice={choice.chosen ? "lies so" : "other"}
          >
            <span className="flex justify-between gap-3">
              <span className="font-figure">{length(choice.metres, units)}</span>
              {choice.chosen ? (
                <span className="font-semibold">{t("walkaround.liesSo")}</span>
              ) : (
                <Button
                  onClick={() => editor.edit((now) => withLay(now, way.id, { through: choice.through }))}
                >
                  {t("walkaround.useThisRoute")}
                </Button>
              )}
            </span>
            <span>{choice.why}</span>
            <span className="text-sm text-dust">
              {choice.stations.map((id) => stationName(rig, id)).join(" · ")}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Lanes that it has to follow, whatever it costs. */
function PinnedLanes({ editor, rig, way }: { editor: RigEditor; rig: Rig; way: RouteView }) {
  const lay = way.isLine
    ? rig.lines.find(({ id }) => id === way.id)?.plan?.lay?.lay
    : rig.runs?.find(({ id }) => id === way.id)?.lay;
  const through = lay?.through ?? [];
  const lanes = (rig.body?.lanes ?? []).map((lane) => ({
    value: lane.id,
    label: t("walkaround.to2", { rig: stationName(rig, lane.from), rig2: stationName(rig, lane.to) }),
  }));
  const lead = (next: string[]) => editor.edit((now) => withLay(now, way.id, { through: next }));
  return (
    <div className="grid gap-2">
      <ChoiceField
        label={t("walkaround.routeItAlong")}
        value=""
        options={[
          { value: "", label: through.length > 0 ? t("walkaround.andOver") : t("walkaround.theBestWay") },
          ...lanes,
        ]}
        onChange={(lane) => lane && lead([...through, lane])}
      />
      {through.length > 0 && (
        <p className="flex flex-wrap items-center justify-between gap-2 text-sm">
          <span>
            {t("walkaround.askedFor", {
              list: through.map((id) => lanes.find(({ value }) => value === id)?.label ?? id).join("; "),
            })}
          </span>
          <Button look="quiet" onClick={() => lead([])}>
            {t("walkaround.useTheBestRoute")}
          </Button>
        </p>
      )}
    </div>
  );
}

const stationName = (rig: Rig, id: string) =>
  rig.body?.stations?.find((station) => station.id === id)?.name ?? id;
