import { ChevronLeft, ChevronRight, Download, Maximize2, Printer } from "lucide-react";
import { useState } from "react";
import { api, type Rig } from "../api/client";
import { rigId } from "../job/rigId";
import { Button } from "../ui/Button";
import { Dialog } from "../ui/Dialog";
import { linkLook } from "../ui/linkLook";
import { Notice } from "../ui/Notice";
import { useAnswer } from "../ui/useAnswer";
import { t } from "../words";
import { DiagramSheet } from "./DiagramSheet";

const largeSign = <Maximize2 size={18} aria-hidden />;

/** The wiring of a line, or of the whole rig page by page, drawn by the server; what is pressed in it is shown beside it. */
export function DiagramPanel({
  rig,
  lineId,
  jobId,
  open,
  onOpen,
}: {
  rig: Rig;
  lineId: string;
  jobId: string;
  open: string | undefined;
  onOpen: (station: string) => void;
}) {
  const [whole, setWhole] = useState(false);
  const [turned, setTurned] = useState(0);
  const [large, setLarge] = useState(false);
  const line = useAnswer<string>(
    ["diagram", rigId(rig), lineId],
    (signal) => api.POST("/api/preview/diagram", { body: { rig, lineId }, parseAs: "text", signal }),
    { keep: lineId, enabled: !whole },
  );
  const pages = useAnswer(
    ["diagram-pages", rigId(rig)],
    (signal) => api.POST("/api/preview/diagram-pages", { body: { rig }, signal }),
    { enabled: whole },
  );
  const last = (pages.answer?.length ?? 1) - 1;
  const page = Math.min(turned, last);
  const { failed, why } = whole ? pages : line;
  const svg = whole ? pages.answer?.[page]?.svg : line.answer;

  return (
    <section
      aria-label={t("lines.wiringDiagram")}
      className="grid min-w-0 gap-2 border border-seam bg-slab p-2"
    >
      <div className="flex flex-wrap items-center gap-2">
        <Button aria-pressed={whole} onClick={() => setWhole(!whole)}>
          {whole ? t("lines.thisLineAlone") : t("lines.wholeRig")}
        </Button>
        {whole && (
          <span className="flex items-center gap-1">
            <Button
              aria-label={t("lines.pageBefore")}
              disabled={page === 0}
              onClick={() => setTurned(page - 1)}
            >
              <ChevronLeft size={18} aria-hidden />
            </Button>
            <Button
              aria-label={t("lines.nextPage")}
              disabled={page === last}
              onClick={() => setTurned(page + 1)}
            >
              <ChevronRight size={18} aria-hidden />
            </Button>
            <span role="status">
              {pages.answer &&
                t("lines.pageOf", { page: page + 1, last: last + 1, title: pages.answer[page]?.title })}
            </span>
          </span>
        )}
        <Button disabled={svg === undefined} onClick={() => setLarge(true)}>
          {largeSign} {t("lines.enlarge")}
        </Button>
        <span className="ml-auto" />
        <a
          className={linkLook}
          href={`/api/jobs/${jobId}/diagram.svg${whole ? "" : `?line=${encodeURIComponent(lineId)}`}`}
          download
        >
          <Download size={18} aria-hidden /> {whole ? t("lines.theWholeRigSvg") : t("lines.thisLineSvg")}
        </a>
        <a className={linkLook} href={`/api/jobs/${jobId}/diagram.html`} target="_blank" rel="noreferrer">
          <Printer size={18} aria-hidden /> {t("lines.printOnA4")}
        </a>
      </div>
      {svg === undefined ? (
        <Notice alert={failed} title={failed ? t("lines.theWiringWasNotDrawn") : t("lines.drawingTheWiring")}>
          {why}
        </Notice>
      ) : (
        <DiagramSheet svg={svg} open={open} onOpen={onOpen} />
      )}
      {large && svg !== undefined && (
        <Dialog wide open title={t("lines.wiringDiagram")} onClose={() => setLarge(false)}>
          <DiagramSheet
            svg={svg}
            open={open}
            large
            onOpen={(station) => {
              onOpen(station);
              setLarge(false);
            }}
          />
        </Dialog>
      )}
    </section>
  );
}
