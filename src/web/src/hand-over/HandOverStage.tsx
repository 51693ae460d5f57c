import { Download } from "lucide-react";
import { type ReactNode, useCallback, useMemo, useState, useSyncExternalStore } from "react";
import { api, type LabelKind, type LabelsAnswer, type PackChapter } from "../api/client";
import { useShop } from "../bench/shop";
import { JobFrame } from "../job/JobFrame";
import type { RigEditor } from "../job/rigEditor";
import { rigId } from "../job/rigId";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { Panes } from "../ui/Panes";
import { useAnswer } from "../ui/useAnswer";
import { t } from "../words";
import { BuiltPane } from "./BuiltPane";
import { ChapterList } from "./ChapterList";
import { LabelSheets } from "./LabelSheets";
import { LabelsPane, labelKinds, labelsAt } from "./LabelsPane";
import { LaterPane } from "./LaterPane";
import { PackSheets } from "./PackSheets";
import { PhotosPane } from "./PhotosPane";
import { SignOffPane } from "./SignOffPane";
import { useHandOver } from "./useHandOver";
import { WordsPane, wordsOf } from "./WordsPane";

type Pane = "sign" | "built" | "words" | "photos" | "labels" | "later";

/** What one does about a chapter. */
const paneOf = (chapter: string): Pane =>
  chapter === "night" || chapter === "fitted"
    ? "photos"
    : chapter === "sign-off"
      ? "sign"
      : chapter === "working" || wordsOf[chapter]
        ? "words"
        : "sign";

/** The Hand over stage: the record that stays with the vehicle, what it lacks, and the signature. */
export default function HandOverStage({ editor }: { editor: RigEditor }) {
  const { rig, job } = useSyncExternalStore(editor.subscribe, editor.snapshot);
  const desk = useHandOver(editor, rig);
  const [pane, setPane] = useState<Pane>("sign");
  const [page, setPage] = useState(1);
  const [picked, setPicked] = useState("cover");
  const [kinds, setKinds] = useState<readonly LabelKind[]>(labelKinds.map(({ kind }) => kind));
  const { pack, view } = desk;
  const labels = useAnswer<LabelsAnswer>(
    ["labels", rigId(rig)],
    (signal) => api.POST("/api/preview/labels", { body: { rig, kinds: null }, signal }),
    { enabled: pane === "labels", keep: job.id },
  );
  const sheets = useAnswer<LabelsAnswer>(
    ["label-sheets", rigId(rig), kinds],
    (signal) => api.POST("/api/preview/labels", { body: { rig, kinds: [...kinds] }, signal }),
    { enabled: pane === "labels", keep: job.id },
  );
  const shop = useShop(sheets.again);
  const counts = useMemo(() => {
    const found = new Map<LabelKind, number>();
    for (const { kind } of labels.answer?.labels ?? []) found.set(kind, (found.get(kind) ?? 0) + 1);
    return found;
  }, [labels.answer]);

  const goTo = useCallback((chapter: PackChapter) => {
    setPicked(chapter.id);
    setPage(chapter.page);
    setPane((now) =>
      now === "labels" || now === "later" || now === "built"
        ? paneOf(chapter.id)
        : now === "sign" && !chapter.missing
          ? now
          : paneOf(chapter.id),
    );
  }, []);
  const turn = useCallback(
    (next: number) => {
      setPage(next);
      const at = pack?.chapters.filter((chapter) => chapter.page <= next).at(-1);
      if (at) setPicked(at.id);
    },
    [pack],
  );
  const shortcuts = useMemo(() => {
    const chapters = pack?.chapters ?? [];
    const beside = (by: 1 | -1) => {
      const next = chapters[chapters.findIndex(({ id }) => id === picked) + by];
      if (next) goTo(next);
    };
    return [
      { keys: "j", does: t("handOver.nextChapter"), run: () => beside(1) },
      { keys: "k", does: t("handOver.chapterBefore"), run: () => beside(-1) },
      {
        keys: "]",
        does: t("handOver.nextPage"),
        run: () => turn(Math.min(page + 1, pack?.pages.length ?? 1)),
      },
      { keys: "[", does: t("handOver.pageBefore"), run: () => turn(Math.max(page - 1, 1)) },
      { keys: "s", does: t("handOver.toSignOff"), run: () => setPane("sign") },
      { keys: "b", does: t("handOver.toBuilt"), run: () => setPane("built") },
      { keys: "w", does: t("handOver.toWords"), run: () => setPane("words") },
      { keys: "l", does: t("handOver.toLabels"), run: () => setPane("labels") },
    ];
  }, [pack, picked, page, goTo, turn]);

  const panes: readonly { key: Pane; name: string; content: ReactNode }[] = [
    {
      key: "sign",
      name: t("handOver.sign"),
      content: <SignOffPane desk={desk} job={job.id} onDifferences={() => setPane("built")} />,
    },
    { key: "built", name: t("handOver.built"), content: <BuiltPane desk={desk} editor={editor} /> },
    {
      key: "words",
      name: t("handOver.ownWords"),
      content: <WordsPane desk={desk} chapter={picked} lines={rig.lines} />,
    },
    { key: "photos", name: t("handOver.photos"), content: <PhotosPane desk={desk} job={job.id} /> },
    {
      key: "labels",
      name: t("handOver.labels"),
      content: <LabelsPane job={job.id} shop={shop} kinds={kinds} counts={counts} onKinds={setKinds} />,
    },
    {
      key: "later",
      name: t("handOver.later"),
      content: <LaterPane desk={desk} job={job.id} name={job.name} />,
    },
  ];

  const bar = ["pdf", "html"].map((ending) => (
    <a
      key={ending}
      className={linkLook}
      href={`/api/jobs/${job.id}/pack.${ending}?paper=${desk.paper}&units=${desk.units}`}
      download
    >
      <Download size={18} aria-hidden /> {t("handOver.packAs", { ending: ending.toUpperCase() })}
    </a>
  ));

  return (
    <JobFrame editor={editor} stage="hand-over" shortcuts={shortcuts} bar={bar} whole>
      {desk.failed && !view ? (
        <Notice alert title={t("handOver.notWorkedOut")}>
          {desk.failed}
        </Notice>
      ) : (
        <div className="grid gap-2 p-2 lg:h-full lg:grid-cols-[17rem_minmax(0,1fr)_23rem] lg:grid-rows-[minmax(0,1fr)]">
          {pack ? (
            <ChapterList chapters={pack.chapters} at={picked} onGo={goTo} />
          ) : (
            <Notice title={t("handOver.workingOut")} />
          )}
          {pane === "labels" ? (
            <LabelSheets
              answer={sheets.answer}
              why={sheets.why}
              drawn={(sheet) => `${labelsAt(job.id, "svg", kinds)}&sheet=${sheet}`}
            />
          ) : (
            <PackSheets desk={desk} page={page} onTurn={turn} />
          )}
          <aside className="flex min-h-0 min-w-0 flex-col">
            <Panes at={pane} onGo={setPane} name={t("handOver.panes")} panes={panes} />
          </aside>
        </div>
      )}
    </JobFrame>
  );
}
