import type { ReactNode } from "react";
import { t } from "../words";
import { Button } from "./Button";

/** What was done, sentence by sentence, until it is dismissed. */
export function Told({
  title,
  sentences,
  onClose,
  more,
}: {
  title: string;
  sentences: readonly string[];
  onClose: () => void;
  more?: ReactNode;
}) {
  return (
    <section aria-label={title} className="border border-seam border-l-4 border-l-lichen bg-slab px-3 py-2">
      <div className="flex items-start justify-between gap-3">
        <h3 className="font-semibold">{title}</h3>
        <span className="flex gap-2">
          {more}
          <Button look="quiet" onClick={onClose}>
            {t("ui.dismiss")}
          </Button>
        </span>
      </div>
      <ul className="list-disc pl-5">
        {sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </section>
  );
}
