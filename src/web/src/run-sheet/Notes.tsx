import type { SheetStepCard } from "../api/client";
import { moment } from "../ui/figures/day";
import { t } from "../words";

/** What was written down and photographed at a step. */
export function Notes({ job, card }: { job: string; card: SheetStepCard }) {
  if (card.notes.length === 0) return null;
  return (
    <ul className="grid gap-2" aria-label={t("runSheet.notesAndPhotos")}>
      {card.notes.map((note) => (
        <li key={`${note.at} ${note.text} ${note.photo}`} className="border border-seam bg-slab p-2 text-sm">
          {note.photo && (
            <a href={`/api/jobs/${job}/photos/${note.photo}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/jobs/${job}/photos/${note.photo}`}
                alt={note.text || t("runSheet.photoOf", { title: card.step.title })}
                className="max-h-56 w-full object-contain"
              />
            </a>
          )}
          {note.text && <p>{note.text}</p>}
          <p className="text-dust">
            {note.who || t("runSheet.somebody")}, {moment(note.at)}
          </p>
        </li>
      ))}
    </ul>
  );
}
