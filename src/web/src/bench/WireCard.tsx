import type { CablePiece, Crimper, CutEnd, CutPiece, Rig } from "../api/client";
import type { FieldErrors } from "../api/problems";
import type { RigEditor } from "../job/rigEditor";
import { withLay } from "../job/rigEdits";
import { Button } from "../ui/Button";
import { asLength, copper, length, tape } from "../ui/figures/figures";
import { NumberField } from "../ui/NumberField";
import { useUnits } from "../ui/units";
import { t } from "../words";

const tools: Record<Crimper, string> = {
  insulated: t("bench.tool.insulated"),
  openBarrel: t("bench.tool.openBarrel"),
  hexagon: t("bench.tool.hexagon"),
  iron: t("bench.tool.iron"),
  pliers: t("bench.tool.pliers"),
};

/** One wire as it is made on the bench: cut, slid on, stripped, made off, pulled. */
export function WireCard({
  editor,
  rig,
  wire,
  cable,
  errors,
  reel,
  onReel,
}: {
  editor: RigEditor;
  rig: Rig;
  wire: CutPiece;
  /** The cable that it is a core of. */
  cable: CablePiece | undefined;
  errors: FieldErrors;
  reel: number;
  onReel: (at: number) => void;
}) {
  const units = useUnits();
  const at = (rig.runs ?? []).findIndex(({ id }) => id === wire.id);
  const lay = rig.runs?.[at]?.lay;
  return (
    <aside
      aria-label={t("bench.theWire")}
      data-bench-wire={wire.id}
      className="grid content-start gap-3 max-lg:sticky max-lg:bottom-0 max-lg:max-h-[40vh] max-lg:overflow-y-auto max-lg:border-t-4 max-lg:border-lichen max-lg:bg-granite max-lg:p-3 md:max-lg:col-span-2 lg:min-h-0 lg:overflow-y-auto"
    >
      <h2 className="text-lg font-semibold">{wire.name}</h2>
      <div className="grid gap-1 border border-seam bg-slab p-3">
        <p>
          {t("bench.copperOf", { wire: wire.wire, copper: copper(wire.copperSquareMillimetres) })},{" "}
          {wire.colour || t("bench.noColour")}
        </p>
        <p className="text-xl font-semibold">
          <span className="font-figure" data-figure="Cut">
            {t("bench.cutItTo", { metres: length(wire.cutMetres, units) })}
          </span>
        </p>
        <p className="text-sm text-dust">
          {t("bench.madeUpOf", {
            rig: length(wire.rigMetres, units),
            strip: tape(wire.stripMillimetres, units),
            spare: length(wire.spareMetres, units),
          })}
        </p>
        {cable && (
          <p className="text-sm">
            {cable.cutOff > 0
              ? t("bench.inCableCutOff", {
                  name: cable.name,
                  used: cable.used,
                  sold: cable.sold,
                  off: cable.cutOff,
                })
              : t("bench.inCable", { name: cable.name, used: cable.used })}
            {cable.used > 2 && ` ${t("bench.fromTwins", { twins: cable.twins, off: cable.twinsCutOff })}`}
          </p>
        )}
        {wire.afterLaying && <p className="text-sm text-ochre">{t("bench.layItFirst")}</p>}
        {lay && (
          <NumberField
            label={t("bench.measuredLength")}
            scale={asLength(units)}
            optional
            value={lay.measuredMetres}
            messages={errors[`runs[${at}].lay.measuredMetres`]}
            onChange={(value) =>
              editor.edit((now) => withLay(now, wire.id, { measuredMetres: value ?? null }))
            }
          />
        )}
        {reel >= 0 && (
          <Button look="quiet" className="justify-self-start" onClick={() => onReel(reel)}>
            {t("bench.showWhatToBuy")}
          </Button>
        )}
      </div>
      <End end={wire.from} />
      <End end={wire.to} />
      <p className="text-sm text-dust">{t("bench.cautions")}</p>
    </aside>
  );
}

/** One end, in the order of the work. */
function End({ end }: { end: CutEnd }) {
  const units = useUnits();
  return (
    <section aria-label={end.place} className="border border-seam bg-slab p-3">
      <h3 className="font-semibold">
        {end.station ? t("bench.at", { place: end.place, station: end.station }) : end.place}
      </h3>
      <ol className="mt-1 list-decimal pl-5 text-sm">
        {end.slidesOn.length > 0 && <li>{t("bench.slideOnFirst", { list: end.slidesOn.join(", ") })}</li>}
        {end.stripMillimetres > 0 && (
          <li>{t("bench.stripSoMuch", { millimetres: tape(end.stripMillimetres, units) })}</li>
        )}
        <li>
          {end.fitting}
          {end.copper && <span className="text-dust">, {end.copper}</span>}
        </li>
        {end.tool && <li>{tools[end.tool]}</li>}
        {end.pullNewtons != null && <li>{t("bench.pullOf", { newtons: Math.round(end.pullNewtons) })}</li>}
      </ol>
      {end.with.length > 0 && (
        <p className="mt-1 text-sm">{t("bench.inOneBarrelWith", { list: end.with.join(", ") })}</p>
      )}
      {end.notSpecified && <p className="mt-1 text-sm text-ochre">{end.notSpecified}</p>}
    </section>
  );
}
