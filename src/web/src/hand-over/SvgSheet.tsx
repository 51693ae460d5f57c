import { useEffect, useRef } from "react";

/** A page as the server draws it: whole in its frame, or as wide as that. */
export function SvgSheet({ svg, name, large }: { svg: string; name: string; large: boolean }) {
  const paper = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const box = paper.current;
    if (!box) return;
    const parsed = new DOMParser().parseFromString(svg, "image/svg+xml").documentElement;
    if (parsed.nodeName !== "svg") return;
    const drawing = document.importNode(parsed, true) as unknown as SVGSVGElement;
    drawing.removeAttribute("width");
    drawing.removeAttribute("height");
    drawing.setAttribute("role", "group");
    drawing.setAttribute("class", `block bg-white ${large ? "w-full" : "mx-auto h-full max-w-full"}`);
    box.replaceChildren(drawing);
  }, [svg, large]);
  return (
    <section
      ref={paper}
      aria-label={name}
      data-sheet
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
      tabIndex={0}
      className={`min-h-0 flex-1 border border-seam bg-granite text-black ${large ? "overflow-y-auto" : "max-lg:h-[70vh]"}`}
    />
  );
}
