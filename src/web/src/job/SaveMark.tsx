import { type SaveState, whyUnsaved } from "./rigEditor";

const words = {
  saved: "Saved",
  settling: "Saving…",
  saving: "Saving…",
} as const;

export function SaveMark({ save }: { save: SaveState }) {
  const said = save.kind in words ? words[save.kind as keyof typeof words] : `Not saved. ${whyUnsaved(save)}`;
  return (
    <span role="status" data-save={save.kind} className="max-w-md text-sm">
      {said}
    </span>
  );
}
