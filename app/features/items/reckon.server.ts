import { createHash } from "node:crypto";
import { availableParallelism } from "node:os";
import path from "node:path";
import { LRUCache } from "lru-cache";
import { marksIn } from "../../workers/marks";
import type { ReckonTask } from "../../workers/reckon.thread";
import { reckonApart } from "../../server/apart";
import { Reckoner, type Reckoned } from "../../server/reckoner";
import type { Around, ItemAnalysis, ItemDraft } from "@core/item";

/** No pattern worked by hand comes near: a text that does is a mistake, and costs only itself. */
const LIMITS = {
  threads: Math.max(1, Math.min(4, availableParallelism() - 1)),
  ms: 5000,
  megabytes: 256,
  bytes: 1_000_000,
};
const MARKS = process.env.LAPKA_MARKS;
const marks = marksIn(MARKS);

const PROGRAM = path.resolve("build/server/reckon.thread.js");
/** Threads are begun when they are first needed. */
const reckoner = new Reckoner<ReckonTask, ItemAnalysis>(PROGRAM, LIMITS, { marks: MARKS });

/**
 * Analyses by everything they depend on, so that the cache can only answer what the core would answer again.
 * Shared by all requests, bounded by the size of what it holds; what could not be reckoned is tried again
 * after ten minutes.
 */
const known = new LRUCache<string, Reckoned<ItemAnalysis>>({
  maxSize: 64_000_000,
  sizeCalculation: (r, key) => key.length + (r.ok ? r.bytes : 200),
});
const RETRY_MS = 600_000;
/** Asked for by two pages at once, reckoned once. */
const underWay = new Map<string, Promise<Reckoned<ItemAnalysis>>>();

/** Everything the figures depend on, as one short text. */
const keyOf = (draft: ItemDraft, around: Around): string =>
  createHash("sha256")
    .update(JSON.stringify([draft, around]))
    .digest("base64");

/** The figures of a draft, from a thread. */
export function reckon(draft: ItemDraft, around: Around): Promise<Reckoned<ItemAnalysis>> {
  const key = keyOf(draft, around);
  const had = known.get(key);
  if (had) return Promise.resolve(had);
  const running = underWay.get(key);
  if (running) return running;
  const made = begin({ draft, around }).then((r) => {
    underWay.delete(key);
    known.set(key, r, r.ok ? {} : { ttl: RETRY_MS });
    return r;
  });
  underWay.set(key, made);
  return made;
}

/** Suspects are tried one after the other, each in a process of its own. */
let lastSuspect: Promise<unknown> = Promise.resolve();

function begin(task: ReckonTask): Promise<Reckoned<ItemAnalysis>> {
  const { pattern } = task.draft;
  const { terms } = task.around;
  if (marks.of(pattern, terms) !== "none") {
    const tried = lastSuspect.then(() => tryApart(task));
    lastSuspect = tried;
    return tried;
  }
  return reckoner.reckon(task).then((r) => {
    // The process lives, so this text did not end it: its mark goes, also where its thread was lost.
    if (!r.ok) marks.forget(pattern, terms);
    return r;
  });
}

async function tryApart(task: ReckonTask): Promise<Reckoned<ItemAnalysis>> {
  const { pattern } = task.draft;
  const { terms } = task.around;
  // Another colourway of the same text may have been tried while this one waited.
  if (marks.of(pattern, terms) === "proved") return { ok: false, why: "ended" };
  const r = await reckonApart<ItemAnalysis>(PROGRAM, task, LIMITS);
  if (!r.ok && r.why === "ended") marks.prove(pattern, terms);
  else marks.forget(pattern, terms);
  return r;
}

/** Lets a text that could not be reckoned be tried again. */
export function tryAgain(draft: ItemDraft, around: Around): void {
  known.delete(keyOf(draft, around));
  marks.forget(draft.pattern, around.terms);
}
