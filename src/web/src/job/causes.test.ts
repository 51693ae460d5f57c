import { expect, test } from "vitest";
import type { Assessment, Check } from "../api/client";
import { causes, wholeRig } from "./causes";

const check = (id: string, verdict: Check["verdict"], edit: Partial<Check> = {}): Check =>
  ({ id, verdict, title: id, about: "", lines: [], accepted: null, ...edit }) as unknown as Check;

const rig = {
  checks: [check("supply", "watch", { lines: ["b"] }), check("earth", "holds")],
  lines: [
    { id: "a", checks: [check("tied", "watch", { about: "1" }), check("tied", "watch", { about: "2" })] },
    { id: "b", checks: [check("tied", "watch"), check("fuse", "stop"), check("wire", "holds")] },
  ],
} as unknown as Assessment;

test("the same finding is one cause, a Stop before a Watch, what is found often before what is found once", () =>
  expect(causes(rig).map(({ key, found }) => [key, found.length])).toEqual([
    ["fuse stop", 1],
    ["tied watch", 3],
    ["supply watch", 1],
  ]));

test("one line alone has its own findings and those it shares", () =>
  expect(causes(rig, "b").map(({ key, found }) => [key, found.length])).toEqual([
    ["fuse stop", 1],
    ["supply watch", 1],
    ["tied watch", 1],
  ]));

test("the whole rig has those that hang on no line alone", () =>
  expect(causes(rig, wholeRig).map(({ key }) => key)).toEqual(["supply watch"]));

test("what was accepted stands in nobody's way", () => {
  const accepted = { by: "Ana", reason: "Agreed" } as Check["accepted"];
  const one = { checks: [check("tied", "watch", { accepted })], lines: [] } as unknown as Assessment;
  expect(causes(one)).toEqual([]);
});
