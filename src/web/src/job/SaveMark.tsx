import type { SaveState } from "./rigEditor";

const words: Record<SaveState["kind"], string> = {
  saved: "Saved",
  settling: "Saving…",
  saving: "Saving…",
  refused: "Not saved: a field needs mending",
  unreachable: "Not saved: the server does not answer, trying again",
  stale: "Not saved: changed elsewhere",
};

export function SaveMark({ save }: { save: SaveState }) {
  return (
    <span role="status" data-save={save.kind} className="text-sm">
      {words[save.kind]}
    </span>
  );
}
