import { openDB, type DBSchema, type IDBPDatabase } from "idb";

/** Something that was done on a device: given a key there, so that it is one act however often it is sent. */
export interface Act {
  readonly key: string;
  /** Milliseconds since 1970 by the device's clock. */
  readonly at: number;
}

/** What this device knows of a list of acts: its own and the others', and which are still to be sent. */
interface Schema extends DBSchema {
  acts: {
    key: string;
    value: { readonly key: string; readonly line: string; readonly act: Act; readonly sent: 0 | 1 };
    indexes: { line: string; unsent: [string, 0 | 1] };
  };
}

const opened = new Map<string, Promise<IDBPDatabase<Schema>>>();
function store(name: string): Promise<IDBPDatabase<Schema>> {
  const had = opened.get(name);
  if (had) return had;
  const made = openDB<Schema>(name, 2, {
    upgrade(db, before, _after, tx) {
      if (before < 1) db.createObjectStore("acts", { keyPath: "key" }).createIndex("line", "line");
      tx.objectStore("acts").createIndex("unsent", ["line", "sent"]);
    },
    // Another tab brings the store up to date: this one lets go of it.
    blocking: (_c, _b, event) => (event.target as IDBDatabase).close(),
    terminated: () => opened.delete(name),
  });
  opened.set(name, made);
  return made;
}

/** Keeps an act before anything else is done with it. */
export async function keepAct(name: string, line: string, act: Act): Promise<void> {
  await (await store(name)).put("acts", { key: act.key, line, act, sent: 0 });
}

export async function actsKnown<A extends Act>(name: string, line: string): Promise<A[]> {
  const rows = await (await store(name)).getAllFromIndex("acts", "line", line);
  return rows.map((r) => r.act as A);
}

/** What is still to be sent, in the order of the clock. */
export async function actsUnsent<A extends Act>(name: string, line: string): Promise<A[]> {
  const rows = await (await store(name)).getAllFromIndex("acts", "unsent", [line, 0]);
  return rows.map((r) => r.act as A).sort((a, b) => a.at - b.at);
}

/** Acts that the server has, of whatever device. */
export async function actsTaken(name: string, line: string, acts: readonly Act[]): Promise<void> {
  const tx = (await store(name)).transaction("acts", "readwrite");
  await Promise.all([...acts.map((act) => tx.store.put({ key: act.key, line, act, sent: 1 })), tx.done]);
}
