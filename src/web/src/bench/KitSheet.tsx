import { Check, X } from "lucide-react";
import type { KitLight, KitView, PinTable } from "../api/client";
import { Details } from "../ui/Details";
import { length } from "../ui/figures/figures";
import { useUnits } from "../ui/units";
import { VerdictMark } from "../ui/VerdictMark";
import { t } from "../words";

const cell = "px-2 py-1";
const table = "w-full border border-seam bg-slab text-left text-sm";

/** A kit laid over a line: what it does, what is changed on it, what reaches. */
export function KitSheet({ view }: { view: KitView }) {
  const units = useUnits();
  if (view.whyNot.length > 0)
    return (
      <div role="status" className="border-l-4 border-oxide bg-slab p-3">
        <p className="font-semibold">{t("bench.cannotServe")}</p>
        {view.whyNot.map((why) => (
          <p key={why}>{why}</p>
        ))}
      </div>
    );
  return (
    <div className="grid gap-3 xl:grid-cols-2">
      <section aria-label={t("bench.whatItDoes")} className="grid content-start gap-1">
        <h3 className="font-semibold">{t("bench.whatItDoes")}</h3>
        <p data-figure="Works">
          {view.works
            ? view.worksAsBought
              ? t("bench.worksAsBought")
              : t("bench.worksConverted")
            : t("bench.doesNotWork")}
        </p>
        <table className={table}>
          <thead>
            <tr>
              <th className={cell}>{t("bench.stateOf")}</th>
              <th className={cell}>{t("bench.wantedLit")}</th>
              <th className={cell}>{t("bench.asBought")}</th>
              <th className={cell}>{t("bench.converted")}</th>
            </tr>
          </thead>
          <tbody>
            {view.truth.map((row) => (
              <tr key={row.state} className="border-t border-seam">
                <td className={cell}>{row.state}</td>
                <td className={cell}>{row.wanted ? t("bench.lit") : t("bench.dark")}</td>
                <td className={cell}>
                  <Shown light={row.asBought} wanted={row.wanted} />
                </td>
                <td className={cell}>
                  <Shown light={row.converted} wanted={row.wanted} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {view.checks.length > 0 && (
          <Details summary={<Objections checks={view.checks} />}>
            <ul className="grid gap-1 text-sm">
              {view.checks.map((check) => (
                <li key={`${check.id} ${check.about}`}>
                  <VerdictMark verdict={check.verdict} /> {check.title}: {check.reason}
                </li>
              ))}
            </ul>
          </Details>
        )}
      </section>
      <section aria-label={t("bench.whatIsChanged")} className="grid content-start gap-1">
        <h3 className="font-semibold">{t("bench.whatIsChanged")}</h3>
        {view.changes.length === 0 && <p className="text-dust">{t("bench.nothingIsChanged")}</p>}
        <ol className="list-decimal pl-6 text-sm">
          {view.changes.map((change) => (
            <li key={`${change.lead} ${change.words}`}>
              {change.lead && <span className="font-medium">{change.lead}: </span>}
              {change.words}
            </li>
          ))}
        </ol>
        {view.over.length > 0 && (
          <p className="text-sm">{t("bench.isOver", { what: view.over.join(", ") })}</p>
        )}
        {view.lamps.map((words) => (
          <p key={words} className="text-sm">
            {words}
          </p>
        ))}
      </section>
      <section aria-label={t("bench.whatReaches")} className="grid content-start gap-1">
        <h3 className="font-semibold">{t("bench.whatReaches")}</h3>
        {view.relayReachMetres != null && (
          <p className="text-sm">
            {t("bench.relayWithin", {
              metres: length(view.relayReachMetres, units),
              places: view.relayPlaces.join(", "),
            })}
          </p>
        )}
        <table className={table}>
          <thead>
            <tr>
              <th className={cell}>{t("bench.leg")}</th>
              <th className={`${cell} text-right`}>{t("bench.has")}</th>
              <th className={`${cell} text-right`}>{t("bench.needs")}</th>
              <th className={cell}>{t("bench.rest")}</th>
            </tr>
          </thead>
          <tbody>
            {view.legs.map((leg) => (
              <tr key={leg.leg} data-leg={leg.leg} className="border-t border-seam align-top">
                <td className={cell}>
                  {leg.leg}
                  <span className="block text-dust">
                    {t("bench.coresOf", { count: leg.cores, wire: leg.wire })}
                  </span>
                </td>
                <td className={`${cell} text-right font-figure whitespace-nowrap`}>
                  {length(leg.metres, units)}
                </td>
                <td className={`${cell} text-right font-figure whitespace-nowrap`}>
                  {leg.needsMetres == null ? t("bench.notKnown") : length(leg.needsMetres, units)}
                </td>
                <td className={cell}>
                  {leg.overMetres != null && leg.overMetres < 0 ? (
                    <span className="text-ochre">
                      {leg.extension || t("bench.shortBy", { metres: length(-leg.overMetres, units) })}
                    </span>
                  ) : (
                    leg.overMetres != null &&
                    leg.coilAt &&
                    t("bench.coil", { metres: length(leg.overMetres, units), place: leg.coilAt })
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <section aria-label={t("bench.pins")} className="grid content-start gap-3">
        <h3 className="font-semibold">{t("bench.pins")}</h3>
        {view.pins.map((pins) => (
          <Pins key={pins.name} pins={pins} />
        ))}
      </section>
    </div>
  );
}

/** What our own figures say against its wire and fuse for these lamps. */
function Objections({ checks }: { checks: KitView["checks"] }) {
  const stops = checks.filter(({ verdict }) => verdict === "stop").length;
  return stops > 0 ? (
    <span className="text-oxide">{t("bench.objections", { stops, watches: checks.length - stops })}</span>
  ) : (
    t("bench.onlyWatches", { count: checks.length })
  );
}

function Shown({ light, wanted }: { light: KitLight; wanted: boolean }) {
  const good = light.blows.length === 0 && light.clear && (wanted ? light.lit : !light.any);
  const Icon = good ? Check : X;
  return (
    <span className={good ? "" : "font-semibold text-oxide"}>
      <Icon size={16} aria-hidden className="mr-1 inline" />
      {light.lit ? t("bench.lit") : light.any ? t("bench.partly") : t("bench.dark")}
      {light.blows.length > 0 && `, ${t("bench.blows", { what: light.blows.join(", ") })}`}
      {!light.clear && `, ${t("bench.notClear")}`}
    </span>
  );
}

/** Pins before and after; of a plug both mating faces, of which one is the mirror of the other. */
function Pins({ pins }: { pins: PinTable }) {
  const mates = pins.columns == null ? [] : [...pins.pins].sort((a, b) => Number(a.mate) - Number(b.mate));
  return (
    <div className="grid gap-1">
      <h4 className="text-sm font-semibold">{pins.name}</h4>
      {pins.columns != null && (
        <div className="grid grid-cols-2 gap-2">
          <Face
            name={t("bench.vehicleHalf")}
            columns={pins.columns}
            cavities={pins.pins.map((row) => ({
              key: row.pin,
              at: row.pin,
              in: row.after,
              moved: row.before !== row.after,
            }))}
          />
          <Face
            name={t("bench.lampHalf")}
            columns={pins.columns}
            cavities={mates.map((row) => ({
              key: row.mate,
              at: row.mate,
              in: row.after,
              moved: row.before !== row.after,
            }))}
          />
        </div>
      )}
      <table className={table}>
        <thead>
          <tr>
            <th className={cell}>{pins.columns == null ? t("bench.pin") : t("bench.cavity")}</th>
            <th className={cell}>{t("bench.before")}</th>
            <th className={cell}>{t("bench.after")}</th>
          </tr>
        </thead>
        <tbody>
          {pins.pins.map((row) => (
            <tr
              key={row.pin}
              className={`border-t border-seam ${row.before === row.after ? "" : "bg-lichen-shade"}`}
            >
              <td className={`${cell} font-figure`}>{row.pin}</td>
              <td className={cell}>{row.before || t("bench.empty")}</td>
              <td className={cell}>{row.after || t("bench.empty")}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Face({
  name,
  columns,
  cavities,
}: {
  name: string;
  columns: number;
  cavities: readonly { key: string; at: string; in: string; moved: boolean }[];
}) {
  return (
    <figure className="text-sm">
      <figcaption className="text-dust">{name}</figcaption>
      <div
        className="grid gap-1 border-2 border-edge bg-granite p-1"
        style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}
      >
        {cavities.map((cavity) => (
          <span
            key={cavity.key}
            className={`min-h-11 border border-edge bg-slab p-1 text-center break-words ${cavity.moved ? "font-semibold" : ""}`}
          >
            <span className="block font-figure">{cavity.at}</span>
            {cavity.in || t("bench.empty")}
          </span>
        ))}
      </div>
    </figure>
  );
}
