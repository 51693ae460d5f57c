import { useEffect, useRef } from "react";
import { useWidth } from "../ui/useWidth";
import { t } from "../words";

/** Letters of 2.3 mm are 11 px high then, the least that is read. */
const leastPixelsPerMillimetre = 4.8;

/** A drawing of the server, as large as its frame, its letters never too small; every part of it is pressed in its whole box, or by keys. */
export function DiagramSheet({
  svg,
  open,
  large = false,
  onOpen,
}: {
  svg: string;
  open: string | undefined;
  /** Whether it has the page to itself. */
  large?: boolean;
  onOpen: (station: string) => void;
}) {
  const paper = useRef<HTMLDivElement>(null);
  const [frame, width] = useWidth(large ? "enlarged" : "diagram");
  const highestPixels = large ? Math.floor(window.innerHeight * 0.76) : 460;
  useEffect(() => {
    const box = paper.current;
    if (!box || width === 0) return;
    const parsed = new DOMParser().parseFromString(svg, "image/svg+xml").documentElement;
    if (parsed.nodeName !== "svg") return;
    const drawing = document.importNode(parsed, true) as unknown as SVGSVGElement;
    const { width: wide, height: high } = drawing.viewBox.baseVal;
    const scale = Math.max(leastPixelsPerMillimetre, Math.min(width / wide, highestPixels / high));
    drawing.setAttribute("width", `${wide * scale}`);
    drawing.setAttribute("height", `${high * scale}`);
    drawing.setAttribute("role", "group");
    box.replaceChildren(drawing);
    for (const part of drawing.querySelectorAll<SVGGElement>("[data-station]")) makeButton(part);
  }, [svg, width, highestPixels]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: marked anew whenever it is drawn anew
  useEffect(() => {
    for (const part of paper.current?.querySelectorAll("[data-station]") ?? []) {
      const chosen = part.getAttribute("data-station") === open;
      part.classList.toggle("diagram-open", chosen);
      part.setAttribute("aria-pressed", String(chosen));
    }
  }, [svg, width, open]);

  const openAt = (target: EventTarget) => {
    const station = (target as Element).closest("[data-station]")?.getAttribute("data-station");
    if (station) onOpen(station);
    return station != null;
  };
  return (
    <div ref={frame} className="min-w-0">
      {/* biome-ignore lint/a11y/noStaticElementInteractions: its parts are buttons */}
      <div
        ref={paper}
        data-diagram
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
        tabIndex={0}
        className={`diagram overflow-auto bg-white ${large ? "max-h-[76vh]" : "max-h-[62vh]"}`}
        onClick={(event) => openAt(event.target)}
        onKeyDown={(event) => {
          if ((event.key === "Enter" || event.key === " ") && openAt(event.target)) event.preventDefault();
        }}
      />
    </div>
  );
}

/** Reacts in its whole box, takes the focus, and says what it is. */
function makeButton(part: SVGGElement) {
  const { x, y, width, height } = part.getBBox();
  const box = document.createElementNS("http://www.w3.org/2000/svg", "rect");
  const set = (name: string, value: number | string) => box.setAttribute(name, String(value));
  set("x", x - 0.6);
  set("y", y - 0.6);
  set("width", width + 1.2);
  set("height", height + 1.2);
  set("fill", "transparent");
  set("stroke", "none");
  set("class", "diagram-box");
  part.prepend(box);
  part.setAttribute("role", "button");
  part.setAttribute("tabindex", "0");
  part.setAttribute(
    "aria-label",
    [...part.querySelectorAll("text")].map((text) => text.textContent).join(" ") || t("lines.part"),
  );
}
