import type { Rig } from "../api/client";

/** One save that the server has not acknowledged; sent again it is the same save. */
export type Pending = { key: string; rig: Rig };

/** The edits of one job that are not on the server yet, oldest first, and the revision that the first was made on. */
export type Unsaved = { onRevision: number; pending: readonly Pending[] };

type Kept = Unsaved & { at: number };

const prefix = "burly-ridge.unsaved.";
const tabKey = "burly-ridge.tab";
const newTab = () => crypto.randomUUID();

/** This window's own name; it stays over a reload, and a window that was copied gets another. */
let tab: Promise<string> | undefined;

const nameOfLock = (name: string) => `${prefix}${name}`;

/** Takes the name that this window had, unless another window that lives has it. */
function tabName(): Promise<string> {
  tab ??= (async () => {
    const known = sessionStorage.getItem(tabKey);
    const name = known && (await hold(known)) ? known : newTab();
    if (name !== known) {
      sessionStorage.setItem(tabKey, name);
      await hold(name);
    }
    return name;
  })();
  return tab;
}

/** Holds a window's name as long as the window lives; gives whether it could. */
function hold(name: string): Promise<boolean> {
  return new Promise((resolve) => {
    void navigator.locks.request(nameOfLock(name), { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise<void>(() => {});
    });
  });
}

const entryOf = (jobId: string, name: string) => `${prefix}${jobId}.${name}`;

/** What a window keeps of one job in the browser until the server has it. */
export class UnsavedEdits {
  private constructor(
    private readonly entry: string,
    /** What was kept when the window before this one ended. */
    readonly found: Unsaved | undefined,
  ) {}

  /** Takes up what this window, or one that is no more, left of a job. */
  static async of(jobId: string): Promise<UnsavedEdits> {
    const mine = entryOf(jobId, await tabName());
    const { held = [] } = await navigator.locks.query();
    const alive = new Set(held.map(({ name }) => name));
    const left = Object.keys(localStorage)
      .filter((key) => key.startsWith(`${prefix}${jobId}.`))
      .filter((key) => key === mine || !alive.has(nameOfLock(key.slice(prefix.length + jobId.length + 1))))
      .map((key) => ({ key, kept: read(key) }))
      .sort(
        (a, b) => Number(b.key === mine) - Number(a.key === mine) || (b.kept?.at ?? 0) - (a.kept?.at ?? 0),
      );
    const found = left.find(({ kept }) => kept !== undefined);
    if (found && found.key !== mine && found.kept) {
      localStorage.setItem(mine, JSON.stringify(found.kept));
      localStorage.removeItem(found.key);
    }
    return new UnsavedEdits(mine, found?.kept);
  }

  /** Keeps edits; where the browser has no room for all of them, the newest. Gives whether the newest is kept. */
  keep({ onRevision, pending }: Unsaved): boolean {
    if (pending.length === 0) {
      localStorage.removeItem(this.entry);
      return true;
    }
    for (const some of [pending, pending.slice(-1)]) {
      try {
        localStorage.setItem(
          this.entry,
          JSON.stringify({ onRevision, pending: some, at: Date.now() } satisfies Kept),
        );
        return true;
      } catch {
        // No room: try with less of it.
      }
    }
    return false;
  }
}

function read(key: string): Kept | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? "") as Kept;
    return kept.pending.length > 0 ? kept : undefined;
  } catch {
    return undefined;
  }
}
