import type { Cursor } from "./cursor";
import { isRoundWord } from "./labels";
import type { Loops, Times } from "./tree";
import { isStitchNoun, isTogether } from "./vocabulary";

/** Where a stitch goes, gathered from one or more phrases ("in back loops only, in each of the next 3 sts"). */
export interface Target {
  place: "ring" | "each" | "next" | "same" | "last" | "first" | "nth-chain" | undefined;
  n: number | undefined;
  at: { from: number; to: number } | undefined;
  /** Every n-th stitch. */
  every: number | undefined;
  nth: number | undefined;
  reach: Times | undefined;
  loops: Loops | undefined;
  evenly: boolean;
  together: boolean;
  toJoin: boolean;
  chainNoun: boolean;
  /** "back down the chain": from the second chain to the first one made. */
  backAlong: boolean;
}

export const noTarget = (): Target => ({ place: undefined, n: undefined, at: undefined, every: undefined, nth: undefined, reach: undefined, loops: undefined, evenly: false, together: false, toJoin: false, chainNoun: false, backAlong: false });

const PREPOSITION = new Set(["in", "into", "inside", "on", "onto", "to", "through", "thru", "over", "across", "around", "along", "at", "from", "of", "working", "round", "for", "until", "till", "using"]);
const NOUN = new Set(["sc", "scs", "hdc", "hdcs", "dc", "dcs", "tr", "trs", "ch", "chs", "chain", "chains", "place", "spot", "space", "sp", "stiches", "htr", "inc", "dec"]);
const END = new Set(["end", "ends"]);
const FILL = new Set(["the", "your", "a", "an", "this", "that", "of", "remaining", "rem", "rest", "other", "work", "more", "following", "foll", "single", "double", "crochet", "half", "treble", "active", "available", "previous", "prev", "below", "current", "starting", "beginning"]);
const LOOP = new Set(["loop", "loops", "lp", "lps"]);

export const isPreposition = (text: string): boolean => PREPOSITION.has(text);

/** Words that say in which loops: "blo", "in the front loops only", "flo". */
export function readLoops(c: Cursor): Loops | undefined {
  return c.attempt(() => {
    c.take("working", "worked");
    c.take("in", "into", "through", "thru");
    c.take("the");
    if (c.take("blo", "bl", "blos", "bpl")) return c.take("only"), "back";
    if (c.take("flo", "fl", "flos")) return c.take("only"), "front";
    const which = c.is("back", "rear") ? "back" : c.is("front") ? "front" : c.is("both") ? "both" : c.is("third", "3rd") ? "third" : undefined;
    if (!which) return undefined;
    c.at++;
    if (!c.takeAny(LOOP)) return undefined;
    c.take("only");
    c.attempt(() => {
      if (!c.take("of")) return undefined;
      c.takeAll(FILL);
      // "of round 4" names earlier loops; which ones is the caller's business.
      return isRoundWord(c.text()) || isStitchNoun(c.text()) ? (c.at++, c.kind() === "number" && c.number(), true) : undefined;
    });
    return which;
  });
}

/** "around", "across", "to the end", "to last 3 sts", "until 2 sts remain", "all around". */
export function readReach(c: Cursor): Times | undefined {
  return c.attempt(() => {
    c.take("all", "evenly", "even");
    c.take("the");
    c.take("way");
    if (c.is("around", "across", "round", "along", "throughout")) {
      if (c.is("round") && c.kind(1) === "number") return undefined;
      c.at++;
      c.attempt(() => (c.take("to") && (c.take("the"), c.takeAny(END)) ? true : undefined));
      c.attempt(() => (c.take("the") && (isRoundWord(c.text()) || c.is("chain", "ring")) ? (c.at++, true) : undefined));
      return readUntil(c) ?? { kind: "around" };
    }
    return readUntil(c) ?? (c.take("each", "every") && c.takeAny(new Set(["st", "sts"])) ? { kind: "around" } : undefined);
  });
}

function readUntil(c: Cursor): Times | undefined {
  return c.attempt(() => {
    if (!c.take("to", "until", "till", "til")) return undefined;
    c.takeAll(FILL);
    if (c.takeAny(END)) {
      c.attempt(() => (c.take("of") ? (c.takeAll(FILL), isRoundWord(c.text()) || c.is("chain") ? (c.at++, true) : undefined) : undefined));
      return { kind: "around" };
    }
    if (c.take("last", "final")) {
      const n = c.number() ?? 1;
      if (!(isStitchNoun(c.text()) || NOUN.has(c.text()))) return undefined;
      c.at++;
      return { kind: "until", left: n };
    }
    const n = c.number();
    if (n === undefined) return undefined;
    if (isStitchNoun(c.text())) c.at++;
    if (!/^(remain|remaining|left|remains|before|from)$/.test(c.text())) return undefined;
    c.at++;
    c.takeAll(FILL);
    c.takeAny(END);
    return { kind: "until", left: n };
  });
}

/** Gathers every placement phrase at the cursor. Returns false when there was none. */
export function readTarget(c: Cursor, t: Target): boolean {
  let any = false;
  while (!c.done && readOne(c, t)) any = true;
  return any;
}

function readOne(c: Cursor, t: Target): boolean {
  return (
    c.attempt(() => {
      const loops = readLoops(c);
      if (loops) return (t.loops = loops), true;
      if (c.attempt(() => (c.take("all"), c.take("the"), c.take("way"), c.take("back") && (c.take("down", "along", "across", "up", "in", "into"), c.takeAll(FILL), c.take("chain", "ch", "chs", "chains")) ? true : undefined))) return (t.backAlong = true);
      if (c.take("evenly")) {
        t.evenly = true;
        c.take("spaced", "spread");
        readReach(c);
        return true;
      }
      if (isTogether(c.text())) return c.at++, (t.together = true), true;
      const reach = readReach(c);
      if (reach) return (t.reach = reach), true;
      if (c.is("and", "to") && (c.is("join") || c.text(1) === "join" || c.text(1) === "close" || c.text(1) === "form")) {
        c.at += 2;
        t.toJoin = true;
        c.takeAll(FILL);
        c.takeAny(new Set(["round", "rnd", "ring", "circle", "loop"]));
        return true;
      }
      if (c.take("even")) return (t.reach = { kind: "around" }), true;
      if (c.is("all") && c.text(1) === "sts") return (c.at += 2), (t.place = "each"), (t.reach ??= { kind: "around" }), true;
      return readPlace(c, t) ? true : undefined;
    }) ?? false
  );
}

const RING = new Set(["ring", "circle", "loop", "mr", "mc", "ml", "amr"]);
const MAGIC = new Set(["magic", "adjustable", "slip", "sliding", "double"]);

/** A ring to start in: "magic ring", "adjustable loop", "MR", "the ring". */
export function readRing(c: Cursor): boolean {
  return (
    c.attempt(() => {
      c.take("a", "the", "an");
      const magic = c.takeAny(MAGIC);
      if (magic && c.is("magic", "adjustable")) c.at++;
      if (c.is("mr", "mc", "ml") || (RING.has(c.text()) && (magic || c.is("ring")))) {
        c.at++;
        return true;
      }
      return undefined;
    }) ?? false
  );
}

function readPlace(c: Cursor, t: Target): boolean {
  const bare = c.is("next", "each", "every", "same", "last", "first") || (c.kind() === "number" && isStitchNoun(c.text(1)) && t.place === undefined);
  const preposition = PREPOSITION.has(c.text());
  if (!bare && !preposition) return false;
  if (preposition) {
    c.at++;
    c.take("of", "to", "in", "into", "through");
    if (readRing(c) || c.attempt(() => (c.take("it", "centre", "center") ? true : c.take("the") && c.take("centre", "center", "loop", "hole") ? true : undefined))) {
      t.place = "ring";
      return true;
    }
  }
  let moved = false;
  for (;;) {
    if (c.takeAny(FILL)) moved = true;
    else if (c.is("each", "every", "all")) {
      c.at++;
      t.place = "each";
      moved = true;
      if (c.kind() === "ordinal" && isStitchNoun(c.text(1))) {
        t.every = c.peek()?.value;
        c.at++;
      } else if (c.is("other") && isStitchNoun(c.text(1))) {
        t.every = 2;
        c.at++;
      }
    } else if (c.take("next")) {
      t.place = t.place === "each" ? "each" : "next";
      moved = true;
    } else if (c.is("same", "last")) {
      t.place = c.is("same") ? "same" : "last";
      c.at++;
      moved = true;
    } else if (c.take("both")) {
      t.n = 2;
      moved = true;
    } else if (c.kind() === "ordinal") {
      t.nth = c.peek()?.value;
      t.place = t.nth === 1 ? "first" : "nth-chain";
      c.at++;
      moved = true;
    } else if (c.kind() === "number" && (isStitchNoun(c.text(1)) || NOUN.has(c.text(1)) || moved || preposition) && t.n === undefined) {
      const token = c.peek();
      t.n = c.number();
      if (token) t.at = { from: token.from, to: token.to };
      if (t.place === undefined) t.place = "next";
      moved = true;
    } else break;
  }
  const noun = isStitchNoun(c.text()) || NOUN.has(c.text());
  if (noun && !(c.kind(1) === "number" && c.text(1) !== "" && NOUN.has(c.text()) && !isStitchNoun(c.text()) && !moved)) {
    t.chainNoun ||= /^(ch|chs|chain|chains)$/.test(c.text());
    c.at++;
    if (c.is(".") && c.is("sp")) c.at++;
    moved = true;
    if (t.place === undefined) t.place = "next";
    c.attempt(() => {
      if (!c.take("from", "of", "on", "in")) return undefined;
      c.takeAll(FILL);
      if (c.take("hook")) return (t.place = "nth-chain"), true;
      if (isRoundWord(c.text()) && c.kind(1) === "number") return (c.at += 2), true;
      if (c.take("chain", "ch", "row", "rnd", "round")) return true;
      return undefined;
    });
  }
  return moved;
}
