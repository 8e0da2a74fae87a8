import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import type { BenchAct } from "@core/planning";

/** What this device knows of a line: every act, its own and the others', and which are still to be sent. */
interface Schema extends DBSchema {
  acts: {
    key: string;
    value: { readonly key: string; readonly line: string; readonly act: BenchAct; readonly sent: 0 | 1 };
    indexes: { line: string };
  };
}

let opened: Promise<IDBPDatabase<Schema>> | undefined;
const store = (): Promise<IDBPDatabase<Schema>> =>
  (opened ??= openDB<Schema>("lapka-bench", 1, {
    upgrade(db) {
      db.createObjectStore("acts", { keyPath: "key" }).createIndex("line", "line");
    },
    // Another tab brings the store up to date: this one lets go of it.
    blocking: (_c, _b, event) => (event.target as IDBDatabase).close(),
    terminated: () => (opened = undefined),
  }));

/** Keeps an act before anything else is done with it. */
export async function keepAct(line: string, act: BenchAct): Promise<void> {
  await (await store()).put("acts", { key: act.key, line, act, sent: 0 });
}

export async function actsKnown(line: string): Promise<{ all: BenchAct[]; unsent: BenchAct[] }> {
  const rows = await (await store()).getAllFromIndex("acts", "line", line);
  return { all: rows.map((r) => r.act), unsent: rows.filter((r) => r.sent === 0).map((r) => r.act) };
}

/** Acts that the server has, of whatever device. */
export async function actsTaken(line: string, acts: readonly BenchAct[]): Promise<void> {
  const tx = (await store()).transaction("acts", "readwrite");
  await Promise.all([...acts.map((act) => tx.store.put({ key: act.key, line, act, sent: 1 })), tx.done]);
}
