import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Assessment, OpenJob, Rig } from "../api/client";
import type { Unsaved } from "./unsaved";

/** A server that stores one job, and is in trouble when it is told to be. */
const server = vi.hoisted(() => ({
  revision: 1,
  rig: undefined as unknown,
  keys: new Map<string, unknown>(),
  saves: [] as { key: string; keepalive: boolean }[],
  trouble: undefined as number | "away" | "fields" | undefined,
  answer: vi.fn(),
}));

vi.mock("../api/client", () => ({ api: { PUT: server.answer, POST: server.answer } }));

const { RigEditor } = await import("./rigEditor");

const preview = "/api/preview/edit";

const assessment = (of: number) => ({ of }) as unknown as Assessment;
const rigOf = (lamps: number) => ({ lamps }) as unknown as Rig;
const lampsOf = (rig: Rig) => (rig as unknown as { lamps: number }).lamps;

const stored = (): OpenJob =>
  ({
    id: "job",
    revision: server.revision,
    rig: server.rig,
    assessment: assessment(server.revision),
  }) as OpenJob;

const status = (code: number, error: unknown) => ({ error, response: { status: code } });

type Asked = { body: { onRevision?: number; idempotencyKey?: string; rig: Rig }; keepalive?: boolean };

async function answer(path: string, { body, keepalive }: Asked) {
  await new Promise((resolve) => setTimeout(resolve, 20));
  if (server.trouble === "away") throw new TypeError("Failed to fetch");
  if (server.trouble === "fields") return status(400, { errors: { "rig.lamps": ["Give a number."] } });
  if (server.trouble !== undefined) return status(server.trouble, { title: "It is in trouble." });
  if (path === preview) {
    const part = JSON.stringify({ assessment: assessment(lampsOf(body.rig)) });
    return { data: new Blob([part, "\n"]).stream(), response: { status: 200 } };
  }
  const key = body.idempotencyKey ?? "";
  server.saves.push({ key, keepalive: keepalive === true });
  if (!server.keys.has(key)) {
    if (body.onRevision !== server.revision)
      return status(409, { title: "Changed elsewhere.", newest: stored() });
    server.revision++;
    server.rig = body.rig;
    server.keys.set(key, body.rig);
  }
  return { data: stored(), response: { status: 200 } };
}

/** A window of the page: what it keeps in the browser stays when it is gone. */
function page(kept: { unsaved: Unsaved | undefined } = { unsaved: undefined }) {
  const editor = new RigEditor(stored(), {
    found: kept.unsaved,
    keep: (unsaved) => {
      kept.unsaved = unsaved.pending.length > 0 ? structuredClone(unsaved) : undefined;
      return true;
    },
  });
  editor.begin();
  return { editor, kept, type: (lamps: number) => editor.edit(() => rigOf(lamps)) };
}

beforeEach(() => {
  vi.useFakeTimers();
  Object.assign(server, { revision: 1, rig: rigOf(1), keys: new Map(), saves: [], trouble: undefined });
  server.answer.mockClear();
  server.answer.mockImplementation(answer);
});

afterEach(() => {
  vi.useRealTimers();
});

const pass = (milliseconds: number) => vi.advanceTimersByTimeAsync(milliseconds);

describe("an edit on its way to the file", () => {
  it("is previewed at once, saved when it settles, and kept in the browser until then", async () => {
    const { editor, kept, type } = page();
    type(2);
    expect(editor.snapshot().save.kind).toBe("settling");
    expect(kept.unsaved?.pending).toHaveLength(1);
    await pass(100);
    expect(editor.snapshot().assessment).toEqual(assessment(2));
    expect(server.saves).toHaveLength(0);
    await pass(400);
    expect(editor.snapshot()).toMatchObject({ save: { kind: "saved" }, job: { revision: 2 } });
    expect(kept.unsaved).toBeUndefined();
    expect(lampsOf(server.rig as Rig)).toBe(2);
  });

  it("is one save with those typed right after it, and another with those typed while it is saved", async () => {
    const { editor, type } = page();
    type(2);
    await pass(100);
    type(3);
    await pass(410);
    expect(editor.snapshot().save.kind).toBe("saving");
    type(4);
    await pass(1000);
    expect(server.revision).toBe(3);
    expect(editor.snapshot()).toMatchObject({ save: { kind: "saved" }, rig: rigOf(4) });
  });

  it("is sent again with its own key while the server does not answer, and stored once", async () => {
    const { editor, type } = page();
    server.trouble = "away";
    type(2);
    await pass(500);
    expect(editor.snapshot()).toMatchObject({ save: { kind: "unreachable" }, outdated: true });
    await pass(5000);
    server.trouble = undefined;
    await pass(3000);
    expect(editor.snapshot()).toMatchObject({ save: { kind: "saved" }, outdated: false });
    expect([...server.keys.keys()]).toHaveLength(1);
    expect(server.revision).toBe(2);
  });

  it("asks about the line that is looked at, and once more about the one that is looked at by the time it is saved", async () => {
    const { editor, type } = page();
    editor.lookAt("first");
    type(2);
    await pass(405);
    editor.lookAt("second");
    await pass(1000);
    const about = server.answer.mock.calls.map(([path, { body }]) => [path, body.lineId ?? body.about]);
    expect(about).toEqual([
      [preview, "first"],
      ["/api/jobs/{id}/rig", "first"],
      [preview, "second"],
      [preview, "second"],
    ]);
    expect(editor.snapshot()).toMatchObject({ save: { kind: "saved" }, assessment: assessment(2) });
  });

  it("asks about all lines once nothing is looked at, after what comes next has asked", async () => {
    const { editor, type } = page();
    editor.lookAt("first");
    type(2);
    await pass(1000);
    const before = server.answer.mock.calls.length;
    editor.lookAt(undefined);
    await pass(300);
    expect(server.answer.mock.calls).toHaveLength(before);
    await pass(300);
    expect(server.answer.mock.calls.slice(before).map(([path, { body }]) => [path, body.lineId])).toEqual([
      [preview, null],
    ]);
  });

  it("waits with the server's words while the disk is in trouble", async () => {
    const { editor, type } = page();
    server.trouble = 507;
    type(2);
    await pass(500);
    expect(editor.snapshot().save).toEqual({ kind: "failed", why: "It is in trouble." });
    server.trouble = undefined;
    await pass(3000);
    expect(editor.snapshot().save.kind).toBe("saved");
  });

  it("is not tried again where the job is gone, and stays in the browser", async () => {
    const { editor, kept, type } = page();
    server.trouble = 404;
    type(2);
    await pass(60_000);
    expect(editor.snapshot().save.kind).toBe("missing");
    expect(server.answer.mock.calls.filter(([path]) => path !== preview)).toHaveLength(1);
    expect(kept.unsaved?.pending).toHaveLength(1);
  });

  it("names its fields where it is refused, and the next one that is right is saved", async () => {
    const { editor, type } = page();
    server.trouble = "fields";
    type(-1);
    await pass(1000);
    expect(editor.snapshot()).toMatchObject({
      save: { kind: "refused" },
      errors: { lamps: ["Give a number."] },
    });
    server.trouble = undefined;
    type(2);
    await pass(1000);
    expect(editor.snapshot()).toMatchObject({ save: { kind: "saved" }, errors: {} });
    expect(lampsOf(server.rig as Rig)).toBe(2);
  });

  it("asks where another window saved meanwhile; both ways on leave the other's in the history", async () => {
    for (const mine of [true, false]) {
      const { editor, type } = page();
      const base = server.revision;
      server.revision++;
      server.rig = rigOf(9);
      type(2);
      await pass(1000);
      expect(editor.snapshot().save).toMatchObject({ kind: "stale", newest: { revision: base + 1 } });
      const done = mine ? editor.keepMine() : editor.takeTheirs();
      await pass(1000);
      await done;
      expect(editor.snapshot().save.kind).toBe("saved");
      expect(lampsOf(server.rig as Rig)).toBe(mine ? 2 : 9);
      expect(server.revision).toBe(base + (mine ? 2 : 3));
    }
  });

  it("outlives a reload while the server is away, and is stored once each", async () => {
    const first = page();
    server.trouble = "away";
    first.type(2);
    await pass(500);
    first.type(3);
    await pass(500);
    first.editor.end();
    server.trouble = undefined;
    const second = page(first.kept);
    expect(second.editor.snapshot()).toMatchObject({ rig: rigOf(3), outdated: true });
    await pass(3000);
    expect(second.editor.snapshot().save.kind).toBe("saved");
    expect(server.revision).toBe(3);
    expect(second.kept.unsaved).toBeUndefined();
  });

  it("outlives the page only where browsers let it", async () => {
    const { editor, type } = page();
    type(2);
    editor.flush({ outlive: true });
    await pass(100);
    const large = { lamps: 3, name: "x".repeat(70_000) } as unknown as Rig;
    editor.edit(() => large);
    editor.flush({ outlive: true });
    await pass(100);
    expect(server.saves.map(({ keepalive }) => keepalive)).toEqual([true, false]);
    expect(editor.snapshot().save.kind).toBe("saved");
  });
});
