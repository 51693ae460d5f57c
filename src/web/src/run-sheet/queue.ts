import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { SheetEvent } from "../api/client";

/** Something written down at the vehicle that the server has not acknowledged; sent again it is the same entry. */
export type Waiting = {
  key: string;
  job: string;
  /** When it was written here; they are sent in this order. */
  at: number;
  who: string;
  revision: number;
  what?: SheetEvent;
  /** A photo goes with its picture. */
  photo?: { picture: Blob; step: string; about: string; caption: string };
  /** Why the server did not take it; it stays until somebody drops it. */
  refused?: string;
};

interface Store extends DBSchema {
  waiting: { key: string; value: Waiting; indexes: { byJob: string } };
}

let opened: Promise<IDBPDatabase<Store>> | undefined;

const store = () => {
  opened ??= openDB<Store>("burly-ridge-run-sheet", 1, {
    upgrade: (database) => {
      database.createObjectStore("waiting", { keyPath: "key" }).createIndex("byJob", "job");
    },
  });
  return opened;
};

/** What waits of one job, oldest first. */
export async function waitingOf(job: string): Promise<Waiting[]> {
  const all = await (await store()).getAllFromIndex("waiting", "byJob", job);
  return all.sort((a, b) => a.at - b.at);
}

export const keep = async (entry: Waiting) => void (await (await store()).put("waiting", entry));

export const drop = async (key: string) => void (await (await store()).delete("waiting", key));
