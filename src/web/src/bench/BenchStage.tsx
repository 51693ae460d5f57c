import { FileSpreadsheet, Printer } from "lucide-react";
import { useCallback, useMemo, useSyncExternalStore } from "react";
import { useSearchParams } from "react-router";
import { ofBench } from "../job/aboutRig";
import { JobFrame } from "../job/JobFrame";
import type { RigEditor } from "../job/rigEditor";
import { useOfRig } from "../job/useOfRig";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { t } from "../words";
import { BenchTree } from "./BenchTree";
import { CoveringTable } from "./CoveringTable";
import { PartsTable } from "./PartsTable";
import { ReelCard } from "./ReelCard";
import { reelKey, shownOf } from "./shown";
import { WireCard } from "./WireCard";
import { WireTable } from "./WireTable";

/** The Bench stage: what to buy, what to cut, what to build before going to the vehicle. */
export default function BenchStage({ editor }: { editor: RigEditor }) {
  const { job, rig, errors } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const [place, setPlace] = useSearchParams();
  const { answer, failed, why, slow } = useOfRig(editor, rig, ofBench);
  const shown = shownOf(answer, place.get("show"));
  const wires = shown?.wires ?? [];
  const wire = wires.find(({ id }) => id === place.get("wire")) ?? wires[0];
  const show = shown?.key ?? "";
  const choose = useCallback((key: string) => setPlace({ show: key }, { replace: true }), [setPlace]);
  const chooseWire = useCallback(
    (id: string) => setPlace({ show, wire: id }, { replace: true }),
    [setPlace, show],
  );
  const shortcuts = useMemo(() => {
    const beside = (by: 1 | -1) => {
      const next = wires[wires.findIndex(({ id }) => id === wire?.id) + by];
      if (next) chooseWire(next.id);
    };
    return [
      { keys: "j", does: t("bench.nextWire"), run: () => beside(1) },
      { keys: "k", does: t("bench.wireBefore"), run: () => beside(-1) },
    ];
  }, [wires, wire, chooseWire]);
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
      >
        <Printer size={18} aria-hidden /> {t("bench.printHarnessCards")}
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
      {answer && shown && answer.pieces.length > 0 && (
        <div className="grid gap-3 p-3 md:grid-cols-[15rem_minmax(0,1fr)] lg:h-full lg:grid-cols-[15rem_minmax(0,1fr)_20.5rem] lg:py-2">
          <BenchTree view={answer} shown={shown.key} onChoose={choose} />
          <section
            aria-label={shown.name}
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
            tabIndex={0}
            className={`relative grid min-w-0 content-start gap-2 lg:min-h-0 lg:overflow-y-auto ${wire ? "" : "lg:col-span-2"}`}
          >
            <h2 className="text-lg font-semibold">{shown.name}</h2>
            {slow && <p className="text-dust">{t("bench.stillWorkingItOut")}</p>}
            {failed && <p className="font-semibold text-oxide">{t("bench.asItWasBefore", { why })}</p>}
            {shown.reel && <ReelCard group={shown.reel} pieces={answer.pieces} />}
            {wires.length > 0 && <WireTable wires={wires} chosen={wire?.id} onChoose={chooseWire} />}
            {shown.key === "covering" && <CoveringTable coverings={answer.coverings} />}
            {shown.key === "parts" && <PartsTable parts={answer.parts} />}
          </section>
          {wire && (
            <WireCard
              key={wire.id}
              editor={editor}
              rig={rig}
              wire={wire}
              errors={errors}
              reel={answer.reels.findIndex(({ pieces }) => pieces.includes(wire.id))}
              onReel={(at) => choose(reelKey(at))}
            />
          )}
        </div>
      )}
    </JobFrame>
  );
}
