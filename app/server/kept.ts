import { LRUCache } from "lru-cache";
import { beatsOf, type Beats, type Pulse } from "@db/pulse";
import type { Scope } from "@db/scope";

/** What was read in one request, by what it is called. Only a request that changes nothing has one. */
const read = new WeakMap<Scope, Map<string, Promise<unknown>>>();

/**
 * Reads something once in a request, whoever asks for it. Where something may be changed it is read each
 * time.
 */
export function readOnce<T>(scope: Scope, name: string, load: () => Promise<T>): Promise<T> {
  if (!scope.reads || scope.within) return load();
  let known = read.get(scope);
  if (!known) read.set(scope, (known = new Map()));
  const had = known.get(name) as Promise<T> | undefined;
  if (had) return had;
  const made = load();
  known.set(name, made);
  return made;
}

interface Kept {
  /** The beats it was read under, and what else it rests on. */
  readonly state: string;
  readonly value: Promise<unknown>;
}
/** One row is taken for so many bytes, and all that is kept for at most so many. */
const ROW = 700;
const MOST = 250_000_000;
/**
 * What a workshop's rows came to, by name: kept between requests until a beat says that something of it
 * changed. Each name has its newest value only. A beat is written with the change itself, so this holds with
 * any number of processes.
 */
const kept = new LRUCache<string, Kept>({ maxSize: MOST, sizeCalculation: () => ROW });

const rowsOf = (value: unknown): number =>
  Array.isArray(value)
    ? value.length
    : value instanceof Map
      ? value.size
      : typeof value === "string"
        ? (2 * value.length) / ROW
        : 0;
/** Of a list its rows, of anything else the rows of the lists that it holds. */
const sizeOf = (value: unknown): number =>
  typeof value === "object" && value !== null && rowsOf(value) === 0
    ? ROW * Object.values(value).reduce((sum: number, v) => sum + rowsOf(v), 100)
    : ROW * (1 + rowsOf(value));

/**
 * Reads what rests on some pulses only when one of them has beaten since. The beats are read before the rows:
 * rows that change in between are kept under the old beat, and read again with the next request. What is kept
 * is shared: nobody may change it, and lists are frozen.
 *
 * @param name of what there is one of in a workshop
 * @param rests what else it depends on, a day or settings: another takes the place of the one before
 */
export async function keep<T>(
  scope: Scope,
  name: string,
  of: readonly Pulse[],
  load: () => Promise<T>,
  rests = "",
): Promise<T> {
  if (scope.within) return load();
  const beats = await readOnce<Beats>(scope, "beats", () => beatsOf(scope));
  const state = [...of.map((p) => beats[p]), rests].join(" ");
  const key = `${scope.workshopId} ${name}`;
  const had = kept.get(key);
  if (had?.state === state) return had.value as Promise<T>;
  const value = load().then((v) => (Array.isArray(v) ? Object.freeze(v) : v) as T);
  const entry: Kept = { state, value };
  kept.set(key, entry);
  value.then(
    // Another object: the cache weighs only what it has not seen.
    (v) => kept.get(key) === entry && kept.set(key, { ...entry }, { size: sizeOf(v) }),
    () => kept.get(key) === entry && kept.delete(key),
  );
  return value;
}
