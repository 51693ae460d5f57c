import { expect, test } from "vitest";
import type { SheetStepCard, SheetView } from "../api/client";
import type { Waiting } from "./queue";
import { groupsOf, shownStep, tickedHere } from "./shown";

const card = (id: string, change: Partial<SheetStepCard> & { after?: string[]; stage?: string } = {}) =>
  ({
    step: { id, title: id, stage: change.stage ?? "lay", after: change.after ?? [], asks: [] },
    state: "toDo",
    ready: true,
    waitsFor: [],
    wait: null,
    ...change,
  }) as unknown as SheetStepCard;

const viewOf = (steps: SheetStepCard[], next = steps[0]?.step.id ?? "") =>
  ({
    steps,
    next,
    stages: [
      { stage: "lay", name: "Lay" },
      { stage: "join", name: "Join" },
    ],
  }) as unknown as SheetView;

const none: ReadonlySet<string> = new Set();

const entry = (what: unknown, refused?: string) => ({ key: "k", what, refused }) as unknown as Waiting;

test("what waits to be sent counts as ticked, what was refused does not", () => {
  const view = viewOf([card("back", { takesBack: "b" }), card("a"), card("b"), card("c"), card("d")]);
  const ticked = tickedHere(view, [
    entry({ kind: "done", step: "a" }),
    entry({ kind: "undone", step: "b" }),
    entry({ kind: "noted", step: "c", text: "x" }),
    entry({ kind: "done", step: "d" }, "not taken"),
  ]);
  expect([...ticked]).toEqual(["back", "a"]);
});

test("out of reach of the server the order of the sheet leads on", () => {
  const view = viewOf([
    card("a"),
    card("b", { after: ["c"] }),
    card("c", { after: ["a"] }),
    card("d", { wait: { step: "d", for: "part", until: "" } as never }),
  ]);
  expect(shownStep(view, null, none)?.step.id).toBe("a");
  expect(shownStep(view, null, new Set(["a"]))?.step.id).toBe("c");
  expect(shownStep(view, null, new Set(["a", "c"]))?.step.id).toBe("b");
  expect(shownStep(view, null, new Set(["a", "b", "c"]))).toBeUndefined();
  expect(shownStep(view, "b", none)?.step.id).toBe("b");
  expect(shownStep(view, "gone", none)?.step.id).toBe("a");
});

test("steps stand by stage, what is to be taken back first", () => {
  const view = viewOf([
    card("undo-x", { state: "undo", stage: "join" }),
    card("a", { state: "done" }),
    card("b"),
    card("c", { stage: "join" }),
  ]);
  expect(
    groupsOf(view, new Set(["b"]), "Back").map(({ key, name, done, cards }) => [
      key,
      name,
      done,
      cards.length,
    ]),
  ).toEqual([
    ["undo", "Back", 0, 1],
    ["lay", "Lay", 2, 2],
    ["join", "Join", 0, 1],
  ]);
});
