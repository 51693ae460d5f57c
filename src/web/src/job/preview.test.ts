import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { Rig } from "../api/client";

const post = vi.hoisted(() => vi.fn());

vi.mock("../api/client", () => ({ api: { POST: post } }));

const { Preview } = await import("./preview");

const rig = {} as Rig;
const looked = { lineId: "bar", run: "main" };
let send: (part: object) => void;
let end: () => void;
let fail: (error: unknown) => void;

/** A server that answers part by part. */
beforeEach(() => {
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      send = (part) => controller.enqueue(new TextEncoder().encode(`${JSON.stringify(part)}\n`));
      end = () => controller.close();
      fail = (error) => controller.error(error);
    },
  });
  post.mockImplementation(async (_: string, { signal }: { signal: AbortSignal }) => {
    signal.addEventListener("abort", () => fail(signal.reason));
    return { data: stream, response: { status: 200 } };
  });
});

afterEach(() => {
  post.mockReset();
});

test("each part is there as it comes", async () => {
  const preview = new Preview(rig, looked);
  send({ line: { lineId: "bar" } });
  expect(await preview.lineIn("bar", undefined)).toMatchObject({ data: { lineId: "bar" } });
  send({ assessment: { tally: 1 } });
  expect(await preview.assessment).toMatchObject({ data: { tally: 1 } });
  end();
  expect(await preview.runOf("main")).toBeUndefined();
});

test("another line, state or wire is none of its parts", () => {
  const preview = new Preview(rig, looked);
  expect(preview.lineIn("other", undefined)).toBeUndefined();
  expect(preview.lineIn("bar", { key: true })).toBeUndefined();
  expect(preview.runOf("other")).toBeUndefined();
});

test("a refusal is the answer to every part", async () => {
  const error = { errors: { "rig.lines": ["Give one."] } };
  post.mockResolvedValue({ error, response: { status: 400 } });
  const preview = new Preview(rig, looked);
  expect(await preview.assessment).toMatchObject({ error });
  expect(await preview.lineIn("bar", undefined)).toMatchObject({ error });
});

test("where the server goes away, what waits hears of it, and what is asked once more is asked of the server", async () => {
  const preview = new Preview(rig, looked);
  const line = preview.lineIn("bar", undefined);
  fail(new TypeError("Failed to fetch"));
  await expect(preview.assessment).rejects.toThrow("Failed to fetch");
  await expect(line).rejects.toThrow("Failed to fetch");
  expect(preview.lineIn("bar", undefined)).toBeUndefined();
});

test("given up, it has no parts and is no failure", async () => {
  const preview = new Preview(rig, looked);
  const line = preview.lineIn("bar", undefined);
  preview.abort();
  expect(await preview.assessment).toBeUndefined();
  expect(await line).toBeUndefined();
});
