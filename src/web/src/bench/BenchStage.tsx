import { FileSpreadsheet, Printer } from "lucide-react";
import { useCallback, useMemo, useSyncExternalStore } from "react";
import { useSearchParams } from "react-router";
import { ofBench } from "../job/aboutRig";
import { JobFrame } from "../job/JobFrame";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { CurrencyContext } from "../ui/units";
import { t } from "../words";
import { BenchTree } from "./BenchTree";
import { CompareDesk } from "./CompareDesk";
import { CostView } from "./CostView";
import { CoveringTable } from "./CoveringTable";
import { ItemCard } from "./ItemCard";
import { KitDesk } from "./KitDesk";
import { PartsTable } from "./PartsTable";
import { ReelCard } from "./ReelCard";
import { useBenchRecord } from "./record";
import { useShop } from "./shop";
import { harnessesOf, reelKey, shownOf } from "./shown";
import { WireCard } from "./WireCard";
import { WireTable } from "./WireTable";

/** The Bench stage: what to buy, what to cut, what to build before going to the vehicle. */
export default function BenchStage({ editor }: { editor: RigEditor }) {
  const { job, rig, errors } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const [place, setPlace] = useSearchParams();
  const about = useMemo(() => ofBench(job.id), [job.id]);
  const { answer: laid, failed, why, slow, again } = useOfRig(editor, rig, about);
  const answer = laid?.view;
  const shown = shownOf(answer, place.get("show"));
  const shop = useShop(again);
  const record = useBenchRecord(job, again);
  const stand = laid?.quote.items.find(({ item }) => item === place.get("item"));
  const wires = shown?.wires ?? [];
  const chooseItem = useCallback(
    (item: string) => setPlace({ show: "parts", item }, { replace: true }),
    [setPlace],
  );
  const wire = wires.find(({ id }) => id === place.get("wire")) ?? wires[0];
  const show = shown?.key ?? "";
  const choose = useCallback((key: string) => setPlace({ show: key }, { replace: true }), [setPlace]);
  const chooseWire = useCallback(
    (id: string) => setPlace({ show, wire: id }, { replace: true }),
    [setPlace, show],
  );
  const shortcuts = useMemo(() => {
    const items =
      shown?.key === "parts" ? [...new Set((answer?.parts ?? []).flatMap(({ item }) => item || []))] : [];
    const beside = (by: 1 | -1) => {
      const item = items[items.indexOf(stand?.item ?? "") + by];
      const next = wires[wires.findIndex(({ id }) => id === wire?.id) + by];
      if (item) chooseItem(item);
      else if (next) chooseWire(next.id);
    };
    return [
      { keys: "j", does: t("bench.nextWire"), run: () => beside(1) },
      { keys: "k", does: t("bench.wireBefore"), run: () => beside(-1) },
    ];
  }, [wires, wire, chooseWire, shown?.key, answer, stand, chooseItem]);
  const printed = async () => {
    const open = harnessesOf(laid?.view ?? { pieces: [] }).filter(
      ([name]) => !laid?.cardsPrinted.includes(name),
    );
    for (const [harness] of open) await record.add({ kind: "cardPrinted", harness });
  };
  const bar = (
    <>
      <a className={linkLook} href={`/api/jobs/${job.id}/cut-list.html`} target="_blank" rel="noreferrer">
        <Printer size={18} aria-hidden /> {t("bench.printCutList")}
      </a>
      <a
        className={linkLook}
        href={`/api/jobs/${job.id}/harness-cards.html`}
        target="_blank"
        rel="noreferrer"
        onClick={() => void printed()}
      >
        <Printer size={18} aria-hidden /> {t("bench.printHarnessCards")}
      </a>
      <a className={linkLook} href={`/api/jobs/${job.id}/wire-labels.html`} target="_blank" rel="noreferrer">
        <Printer size={18} aria-hidden /> {t("bench.printLabels")}
      </a>
      <a className={linkLook} href={`/api/jobs/${job.id}/cut-list.csv`} download>
        <FileSpreadsheet size={18} aria-hidden /> {t("bench.cutListCsv")}
      </a>
    </>
  );
  return (
    <JobFrame editor={editor} stage="bench" shortcuts={shortcuts} bar={bar} whole>
      {!answer && (
        <Notice alert={failed} title={failed ? t("bench.notLaidOut") : t("bench.layingItOut")}>
          {why}
        </Notice>
      )}
      {answer && answer.pieces.length === 0 && (
        <Notice title={t("bench.nothingToBuildYet")}>{t("bench.startALineFirst")}</Notice>
      )}
      {laid && answer && shown && answer.pieces.length > 0 && (
        <CurrencyContext value={laid.quote.symbol}>
          <div className="grid gap-3 p-3 md:grid-cols-[15rem_minmax(0,1fr)] lg:h-full lg:grid-cols-[15rem_minmax(0,1fr)_20.5rem] lg:py-2">
            <BenchTree answer={laid} shown={shown.key} onChoose={choose} />
            <section
              aria-label={shown.name}
              // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
              tabIndex={0}
              className={`relative grid min-w-0 content-start gap-2 lg:min-h-0 lg:overflow-y-auto ${wire || (shown.key === "parts" && stand) ? "" : "lg:col-span-2"}`}
            >
              <h2 className="text-lg font-semibold">{shown.name}</h2>
              {slow && <p className="text-dust">{t("bench.stillWorkingItOut")}</p>}
              {failed && <p className="font-semibold text-oxide">{t("bench.asItWasBefore", { why })}</p>}
              {shown.reel && (
                <ReelCard
                  group={shown.reel}
                  pieces={answer.pieces}
                  cut={laid.wiresCut.includes(shown.reel.item ?? "")}
                  record={record}
                />
              )}
              {wires.length > 0 && <WireTable wires={wires} chosen={wire?.id} onChoose={chooseWire} />}
              {shown.key === "covering" && <CoveringTable coverings={answer.coverings} />}
              {shown.key === "parts" && (
                <PartsTable
                  parts={answer.parts}
                  stands={laid.quote.items}
                  chosen={stand?.item}
                  onChoose={chooseItem}
                />
              )}
              {shown.key === "cost" && <CostView job={job.id} quote={laid.quote} shop={shop} />}
              {shown.key === "kit" && <KitDesk editor={editor} rig={rig} />}
              {shown.key === "compare" && <CompareDesk editor={editor} rig={rig} job={job.id} />}
            </section>
            {shown.key === "parts" && stand && (
              <ItemCard
                key={stand.item}
                stand={stand}
                editor={editor}
                lamps={answer.parts.find((part) => part.item === stand.item)?.lamps ?? []}
                record={record}
                shop={shop}
              />
            )}
            {wire && (
              <WireCard
                key={wire.id}
                editor={editor}
                rig={rig}
                wire={wire}
                cable={answer.cables.find(({ pieces }) => pieces.includes(wire.id))}
                errors={errors}
                reel={answer.reels.findIndex(({ pieces }) => pieces.includes(wire.id))}
                onReel={(at) => choose(reelKey(at))}
              />
            )}
          </div>
        </CurrencyContext>
      )}
    </JobFrame>
  );
}
