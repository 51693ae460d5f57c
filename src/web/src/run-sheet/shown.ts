import type { SheetStepCard, SheetView } from "../api/client";
import type { Waiting } from "./queue";

/** Steps ticked here that the server has not acknowledged yet. */
export function tickedHere(view: SheetView, waiting: readonly Waiting[]): ReadonlySet<string> {
  const sent = waiting.flatMap(({ what, refused }) => (refused || !what ? [] : [what]));
  const has = (kind: "done" | "undone", id: string) =>
    sent.some((what) => what.kind === kind && what.step === id);
  return new Set(
    view.steps
      .filter(({ step, takesBack }) => (takesBack ? has("undone", takesBack) : has("done", step.id)))
      .map(({ step }) => step.id),
  );
}

/** The step to show: the one that is asked for, or the next that can be done. */
export function shownStep(
  view: SheetView,
  asked: string | null,
  ticked: ReadonlySet<string>,
): SheetStepCard | undefined {
  const find = (id: string | null) => view.steps.find(({ step }) => step.id === id);
  const next = find(view.next);
  if (asked) return find(asked) ?? next;
  if (!next || !ticked.has(next.step.id)) return next;
  // Out of reach of the server the order of the sheet leads on.
  const open = (card: SheetStepCard) => card.state !== "done" && !ticked.has(card.step.id);
  return view.steps.find(
    (card) =>
      open(card) &&
      !card.wait &&
      card.step.after.every((before) => {
        const needed = find(before);
        return !needed || !open(needed);
      }),
  );
}

export type StageGroup = {
  key: string;
  name: string;
  cards: readonly SheetStepCard[];
  done: number;
};

/** Steps by stage of the work, in their order; what is to be taken back comes first. */
export function groupsOf(view: SheetView, ticked: ReadonlySet<string>, back: string): StageGroup[] {
  const names = new Map(view.stages.map(({ stage, name }) => [stage, name]));
  const groups: { key: string; name: string; cards: SheetStepCard[] }[] = [];
  for (const card of view.steps) {
    const key = card.state === "undo" ? "undo" : card.step.stage;
    const last = groups.at(-1);
    if (last?.key === key) last.cards.push(card);
    else
      groups.push({ key, name: key === "undo" ? back : (names.get(card.step.stage) ?? ""), cards: [card] });
  }
  return groups.map((group) => ({
    ...group,
    done: group.cards.filter((card) => card.state === "done" || ticked.has(card.step.id)).length,
  }));
}
