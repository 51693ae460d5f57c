import type { RunNote, RunNoteKind } from "../api/client";
import { t } from "../words";
import { clock } from "./clock";

const inks: Record<RunNoteKind, string> = {
  turned: "",
  changed: "text-dust",
  letGo: "font-semibold text-ochre",
  unsteady: "font-semibold text-ochre",
  fuseOpened: "font-semibold text-oxide",
  wireHot: "font-semibold text-oxide",
};

/** What happened, the last first. */
export function LiveLog({ notes }: { notes: readonly RunNote[] }) {
  return (
    <section
      aria-label={t("powerUp.log")}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
      tabIndex={0}
      className="min-h-24 overflow-y-auto border border-seam bg-slab p-2"
    >
      {notes.length === 0 && <p className="text-sm text-dust">{t("powerUp.nothingHappened")}</p>}
      <ol reversed className="grid gap-1">
        {[...notes].reverse().map((note) => (
          <li key={`${note.seconds} ${note.words}`} data-note={note.kind} className="text-sm">
            <span className="font-figure text-dust">{clock(note.seconds)}</span>{" "}
            <span className={inks[note.kind]}>{note.words}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
