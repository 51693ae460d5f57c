import { Check, CircleAlert } from "lucide-react";
import type { PackChapter } from "../api/client";
import { t } from "../words";

/** What the pack holds, and what each chapter still lacks. */
export function ChapterList({
  chapters,
  at,
  onGo,
}: {
  chapters: readonly PackChapter[];
  at: string;
  onGo: (chapter: PackChapter) => void;
}) {
  return (
    <nav
      aria-label={t("handOver.contents")}
      className="min-h-0 overflow-y-auto border border-seam bg-slab max-lg:max-h-64"
    >
      <ul>
        {chapters.map((chapter) => (
          <li key={chapter.id} data-chapter={chapter.id} className="border-b border-seam last:border-0">
            <button
              type="button"
              aria-current={chapter.id === at ? "true" : undefined}
              onClick={() => onGo(chapter)}
              className={`grid min-h-11 w-full grid-cols-[1.25rem_minmax(0,1fr)_auto] items-center gap-2 border-l-4 px-2 py-1 text-left hover:bg-lichen-shade ${chapter.id === at ? "border-lichen" : "border-transparent"}`}
            >
              {chapter.missing ? (
                <CircleAlert size={18} aria-hidden className="text-ochre" />
              ) : (
                <Check size={18} aria-hidden className="text-moss" />
              )}
              <span>
                {chapter.title}
                {chapter.missing && <span className="block text-sm text-dust">{chapter.missing}</span>}
              </span>
              <span className="font-figure text-sm">{chapter.page}</span>
            </button>
          </li>
        ))}
      </ul>
    </nav>
  );
}
