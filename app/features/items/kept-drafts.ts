/**
 * What was typed and not saved, kept in the browser: one entry for every window, so that two windows on one
 * item never write over each other. A window finds its own entry again after a reload; what a closed or
 * another window left is offered, not taken.
 */
export interface Kept<T> {
  readonly typed: T;
  readonly revision: number;
  readonly at: number;
}

const PREFIX = "lapka-item-";
const WINDOW = "lapka-window";
/** Entries older than this are forgotten. */
const MONTH_MS = 30 * 24 * 3600 * 1000;

/** This window's name: it survives a reload and is not shared with a second window. */
export function windowName(storage: Storage, fresh: () => string): string {
  const known = storage.getItem(WINDOW);
  if (known) return known;
  const made = fresh();
  storage.setItem(WINDOW, made);
  return made;
}

const keyOf = (item: string, window: string) => `${PREFIX}${item}-${window}`;

function read<T>(storage: Storage, key: string): Kept<T> | undefined {
  try {
    const raw = storage.getItem(key);
    const value = raw ? (JSON.parse(raw) as Partial<Kept<T>>) : undefined;
    return value?.typed === undefined
      ? undefined
      : { typed: value.typed, revision: value.revision ?? 0, at: value.at ?? 0 };
  } catch {
    return undefined;
  }
}

export const keep = <T>(storage: Storage, item: string, window: string, kept: Kept<T>): void =>
  storage.setItem(keyOf(item, window), JSON.stringify(kept));
export const forget = (storage: Storage, item: string, window: string): void =>
  storage.removeItem(keyOf(item, window));
export const ownDraft = <T>(storage: Storage, item: string, window: string): Kept<T> | undefined =>
  read<T>(storage, keyOf(item, window));

/** The newest text another window left for this item, and that window's name. */
export function otherDraft<T>(
  storage: Storage,
  item: string,
  window: string,
  now: number,
): (Kept<T> & { readonly window: string }) | undefined {
  let newest: (Kept<T> & { window: string }) | undefined;
  const start = `${PREFIX}${item}-`;
  for (const key of Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? "")) {
    if (!key.startsWith(start) || key === keyOf(item, window)) continue;
    const kept = read<T>(storage, key);
    if (!kept || now - kept.at > MONTH_MS) storage.removeItem(key);
    else if (!newest || kept.at > newest.at) newest = { ...kept, window: key.slice(start.length) };
  }
  return newest;
}
