import { expect, test } from "vitest";
import { jsonLines } from "./jsonLines";

/** A text in pieces of so many bytes. */
function pieces(text: string, size: number): ReadableStream<Uint8Array> {
  const bytes = new TextEncoder().encode(text);
  return new ReadableStream({
    start(controller) {
      for (let at = 0; at < bytes.length; at += size) controller.enqueue(bytes.slice(at, at + size));
      controller.close();
    },
  });
}

test.each([1, 2, 7, 1000])("each object whole, in pieces of %i bytes", async (size) => {
  const found = [];
  for await (const line of jsonLines<{ is: string }>(pieces('{"is":"2.5 mm²"}\n{"is":"a\\nb"}\n', size)))
    found.push(line.is);
  expect(found).toEqual(["2.5 mm²", "a\nb"]);
});

test("an object that was not ended is not taken for one", async () => {
  const found = [];
  for await (const line of jsonLines(pieces('{"whole":1}\n{"cut":', 5))) found.push(line);
  expect(found).toEqual([{ whole: 1 }]);
});

test("an object is there before the next one comes", async () => {
  let send = (_: string) => {};
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      send = (text) => controller.enqueue(new TextEncoder().encode(text));
    },
  });
  const lines = jsonLines<number>(stream);
  send("1\n");
  expect(await lines.next()).toEqual({ done: false, value: 1 });
  send("2\n");
  expect(await lines.next()).toEqual({ done: false, value: 2 });
});
