import { memo } from "react";
import { Link } from "react-router";
import type { Fuse, Offer, Rig, StripStation } from "../../api/client";
import { termWith } from "../../help/glossary";
import { Term } from "../../help/Term";
import type { RigEditor } from "../../job/rigEditor";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { useNames } from "../../ui/names";
import { useStable } from "../../ui/useStable";
import { t } from "../../words";
import { FuseWindow } from "../FuseWindow";
import { TimeCurrent } from "../TimeCurrent";
import { useRun } from "../useLine";
import { WireLadder } from "../WireLadder";
import { hasSheet, PartSheet } from "./PartSheet";
import type { StationEdit } from "./stationEdit";
import { planned } from "./stations";

/** One station opened: its part, what can be done there, and the wire that it belongs to judged. */
export const StationPanel = memo(function StationPanel({
  editor,
  wire,
  offers,
  onTake,
  onTakeFuse,
  onTakeWire,
  ...edit
}: StationEdit & {
  station: StripStation;
  editor: RigEditor;
  /** The wire that is judged with it. */
  wire: string | undefined;
  offers: readonly Offer[];
  onTake: (offer: Offer) => void;
  onTakeFuse: (station: StripStation, fuse: Fuse) => void;
  onTakeWire: (run: string, wire: string) => void;
}) {
  const { station, rig } = edit;
  const nameOf = useNames();
  const takeFuse = useStable((taken: Fuse) => onTakeFuse(station, taken));
  const takeWire = useStable((name: string) => wire !== undefined && onTakeWire(wire, name));
  const fuse =
    station.kind === "fuse" && (planned(station) || rig.protection?.some((part) => part.id === station.part));
  return (
    <section aria-label={t("lines.station", { station: station.name })} className="flex flex-col gap-3">
      <h3 className="font-semibold">
        {station.name} <span className="font-normal text-dust">{station.detail}</span>
      </h3>
      <Link
        className="order-last inline-flex min-h-11 items-center self-start underline decoration-edge underline-offset-4"
        to={`/jobs/${editor.snapshot().job.id}/power-up?red=${encodeURIComponent(station.to)}`}
      >
        {t("lines.holdAProbe")}
      </Link>
      <div className="order-2 grid content-start gap-3 border border-seam border-l-4 border-l-lichen bg-slab p-3">
        {planned(station) ? (
          <p className="text-sm text-dust">{t("lines.thisLineIsAQuick")}</p>
        ) : (
          <Fields {...edit} />
        )}
        {offers.length > 0 && (
          <div className="grid gap-1.5" data-offers>
            {offers.map((offer) => (
              <Button key={offer.id} className="justify-start" onClick={() => onTake(offer)}>
                {offer.label}
              </Button>
            ))}
          </div>
        )}
      </div>
      {wire && (
        <div className={station.kind === "run" || fuse ? "order-1" : "order-3"}>
          <Judged
            editor={editor}
            rig={rig}
            run={wire}
            sheetOnly={planned(station)}
            title={station.kind === "run" ? undefined : t("lines.theWireAfterIt", { wire: nameOf(wire) })}
            onTakeFuse={fuse ? takeFuse : undefined}
            onTakeWire={takeWire}
          />
        </div>
      )}
    </section>
  );
});

function Fields(edit: StationEdit & { station: StripStation }) {
  return hasSheet(edit.station.list) ? (
    <PartSheet {...edit} />
  ) : (
    <p className="text-sm text-dust">
      {edit.station.kind === "lamp" ? t("lines.aLoadOfItsOwn") : t("lines.aPartOfTheVehicle")}
    </p>
  );
}

function Judged({
  editor,
  sheetOnly,
  rig,
  run,
  title,
  onTakeFuse,
  onTakeWire,
}: {
  editor: RigEditor;
  /** Wire and fuse of a quick plan are judged for the whole line, below. */
  sheetOnly: boolean;
  rig: Rig;
  run: string;
  title: string | undefined;
  onTakeFuse: Parameters<typeof FuseWindow>[0]["onTake"];
  onTakeWire: (name: string) => void;
}) {
  const { answer, failed, why } = useRun(editor, rig, run);
  if (!answer)
    return (
      <Notice alert={failed} title={failed ? t("lines.theWireWasNotJudged") : t("lines.checkingEverySize")}>
        {why}
      </Notice>
    );
  return (
    <div className="grid min-w-0 content-start gap-4">
      {title && <p className="text-sm text-dust">{title}</p>}
      {!sheetOnly && (
        <>
          <div>
            <h3 className="mb-1.5 font-semibold">
              {t("lines.fuseWindow")}
              <Term {...termWith("fuseWindow")} />
            </h3>
            <FuseWindow window={answer.fuseWindow} wireName={answer.run.wire} onTake={onTakeFuse} />
          </div>
          <div className="min-w-0">
            <h3 className="mb-1.5 font-semibold">
              {t("lines.wireLadder")}
              <Term {...termWith("wireLadder")} />
            </h3>
            <WireLadder ladder={answer.ladder} onTake={onTakeWire} />
          </div>
        </>
      )}
      <div>
        <h3 className="mb-1.5 font-semibold">{t("lines.doesTheFuseBlowBefore")}</h3>
        <TimeCurrent sheet={answer.sheet} />
      </div>
    </div>
  );
}
