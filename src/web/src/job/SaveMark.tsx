import { t } from "../words";
import type { SaveState } from "./editQueue";
import { whyUnsaved } from "./rigEditor";

const words = {
  saved: t("job.saved"),
  settling: t("job.saving"),
  saving: t("job.saving"),
} as const;

/** Whether what is on screen is saved; while the server is waited for, that it is. */
export function SaveMark({ save, waiting }: { save: SaveState; waiting: boolean }) {
  const isWaiting = waiting && save.kind === "saved";
  const said =
    save.kind in words
      ? words[save.kind as keyof typeof words]
      : t("job.notSaved", { save: whyUnsaved(save) });
  return (
    <span role="status" data-save={isWaiting ? "waiting" : save.kind} className="max-w-md text-sm">
      {isWaiting ? t("job.working") : said}
    </span>
  );
}
