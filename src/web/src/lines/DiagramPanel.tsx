import { Download, Printer } from "lucide-react";
import { useEffect, useRef } from "react";
import { api, type Rig } from "../api/client";
import { rigId } from "../job/rigId";
import { Notice } from "../ui/Notice";
import { useAnswer } from "../ui/useAnswer";

const linkLook =
  "inline-flex min-h-11 items-center gap-2 rounded-sm border border-edge bg-slab px-3 font-medium hover:bg-lichen-shade";

/** The wiring of a line, drawn by the server; what is pressed in it opens on the strip, and what is open is marked in it. */
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
  const { answer, failed, why } = useAnswer<string>(
    ["diagram", rigId(rig), lineId],
    (signal) => api.POST("/api/preview/diagram", { body: { rig, lineId }, parseAs: "text", signal }),
    { keep: lineId },
  );
  const paper = useRef<HTMLDivElement>(null);

  useEffect(() => {
    const box = paper.current;
    if (!box || answer === undefined) return;
    const drawing = new DOMParser().parseFromString(answer, "image/svg+xml").documentElement;
    if (drawing.nodeName !== "svg") return;
    drawing.setAttribute("role", "img");
    box.replaceChildren(document.importNode(drawing, true));
  }, [answer]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: marked anew whenever it is drawn anew
  useEffect(() => {
    for (const part of paper.current?.querySelectorAll("[data-station]") ?? [])
      part.classList.toggle("diagram-open", part.getAttribute("data-station") === open);
  }, [answer, open]);

  return (
    <section aria-label="Wiring diagram" className="grid gap-2 border border-seam bg-slab p-2">
      <div className="flex flex-wrap gap-2">
        <a
          className={linkLook}
          href={`/api/jobs/${jobId}/diagram.svg?line=${encodeURIComponent(lineId)}`}
          download
        >
          <Download size={18} aria-hidden /> This line, SVG
        </a>
        <a className={linkLook} href={`/api/jobs/${jobId}/diagram.svg`} download>
          <Download size={18} aria-hidden /> The whole rig, SVG
        </a>
        <a className={linkLook} href={`/api/jobs/${jobId}/diagram.html`} target="_blank" rel="noreferrer">
          <Printer size={18} aria-hidden /> Print on A4
        </a>
      </div>
      {answer === undefined && (
        <Notice alert={failed} title={failed ? "The wiring was not drawn." : "Drawing the wiring…"}>
          {why}
        </Notice>
      )}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: for the pointer; the strip below is the same for the keyboard */}
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: the same */}
      <div
        ref={paper}
        data-diagram
        className="diagram overflow-x-auto bg-white"
        onClick={(event) => {
          const part = (event.target as Element).closest("[data-station]");
          const station = part?.getAttribute("data-station");
          if (station) onOpen(station);
        }}
      />
    </section>
  );
}
