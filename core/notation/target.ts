import type { Cursor } from "./cursor";
import { isRoundWord } from "./labels";
import { readBridge, readLayers, readPartNamed, readPartPhrase } from "./pickups";
import type { FreeLoops, Loops, Times } from "./tree";
import { isStitchNoun, isTogether } from "./vocabulary";

/**
 * Where a stitch goes, gathered from one or more phrases ("in back loops only, in each of the next 3 sts").
 */
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
  /** "in each ch from the second": where the first of them goes. */
  fromNth?: number | undefined;
  /** "from 2nd ch": from there on rather than into it. */
  onward?: boolean | undefined;
  together: boolean;
  /** "Each" ends the words, and says no place: "6 sc each". */
  bareEach?: boolean;
  toJoin: boolean;
  chainNoun: boolean;
  /** "in the chains": several places, their number said elsewhere. */
  plural: boolean;
  /** "back down the chain": from the second chain to the first one made. */
  backAlong: boolean;
  /** "sl st back 4": down a chain that was just made. */
  spurBack: boolean;
  /** Loops of an earlier round, named by its number. */
  freeLoops: FreeLoops | undefined;
  /** Two edges at once. */
  layers: readonly string[] | undefined;
  /** The part whose edge is worked into. */
  part: string | undefined;
  /** "of round 4": said of one stitch, it may lie beside the rows of a panel. */
  ofRound: boolean;
  /** On a chain that spans a gap, or its other side. */
  bridge: boolean;
  /** "Down the side", "along the row ends": beside the rows, where no stitch waits. */
  beside: boolean;
  /** "In the ch-6 space": worked over so many chains at once; 0 where their number is not said. */
  space: number | undefined;
}

export const noTarget = (): Target => ({
  place: undefined,
  n: undefined,
  at: undefined,
  every: undefined,
  nth: undefined,
  reach: undefined,
  loops: undefined,
  evenly: false,
  together: false,
  toJoin: false,
  chainNoun: false,
  plural: false,
  backAlong: false,
  spurBack: false,
  freeLoops: undefined,
  layers: undefined,
  part: undefined,
  ofRound: false,
  bridge: false,
  beside: false,
  space: undefined,
});

const PREPOSITION = new Set([
  "in",
  "into",
  "inside",
  "on",
  "onto",
  "to",
  "through",
  "thru",
  "over",
  "across",
  "around",
  "along",
  "at",
  "from",
  "of",
  "working",
  "round",
  "for",
  "using",
]);
const NOUN = new Set([
  "sc",
  "scs",
  "hdc",
  "hdcs",
  "dc",
  "dcs",
  "tr",
  "trs",
  "ch",
  "chs",
  "chain",
  "chains",
  "place",
  "corner",
  "corners",
  "spot",
  "space",
  "sp",
  "stiches",
  "htr",
  "inc",
  "dec",
]);
/** What stands behind "every 2nd" and "every other": a stitch, by its noun or by its name. */
const isPlaceNoun = (text: string): boolean =>
  isStitchNoun(text) || (NOUN.has(text) && text !== "inc" && text !== "dec") || NAMED.has(text);
const NAMED = new Set(["single", "half", "double", "treble"]);
const END = new Set(["end", "ends"]);
const FILL = new Set([
  "any",
  "the",
  "your",
  "a",
  "an",
  "this",
  "that",
  "of",
  "remaining",
  "rem",
  "rest",
  "other",
  "work",
  "more",
  "following",
  "foll",
  "single",
  "double",
  "crochet",
  "half",
  "treble",
  "active",
  "available",
  "previous",
  "prev",
  "below",
  "current",
  "starting",
  "beginning",
]);
const LOOP = new Set(["loop", "loops", "lp", "lps"]);
const LEFT = new Set(["left", "leftover", "remaining", "unworked", "free", "unused"]);

/** What a phrase about loops says. */
export interface LoopPhrase {
  readonly loops: Loops;
  readonly free: FreeLoops | undefined;
  /** "In each front loop": into all of them. */
  readonly each: boolean;
}

/** Words a phrase about loops may begin with. */
const LOOP_START = new Set([
  "working",
  "worked",
  "behind",
  "in",
  "into",
  "through",
  "thru",
  "to",
  "on",
  "each",
  "every",
  "all",
  "any",
  "the",
  "of",
  "free",
  "remaining",
  "unworked",
  "unused",
  "leftover",
  "left",
  "exposed",
  "loop",
  "loops",
  "lp",
  "lps",
  "blo",
  "bl",
  "blos",
  "bpl",
  "flo",
  "fl",
  "flos",
  "back",
  "rear",
  "front",
  "both",
  "third",
  "3rd",
]);

/**
 * Words that say in which loops: "blo", "in the front loops only", "flo", "the free front loops left by round
 * 4 of the body".
 */
export function readLoopPhrase(c: Cursor): LoopPhrase | undefined {
  if (!LOOP_START.has(c.text())) return undefined;
  return c.attempt(() => {
    c.take("working", "worked");
    c.take("behind");
    c.take("in", "into", "through", "thru", "to", "on");
    const each = /^(each|every|all|ea)$/.test(c.text());
    c.takeAny(EACH);
    c.take("the", "of");
    c.take("the");
    let named = false;
    while (c.is("free", "remaining", "unworked", "unused", "leftover", "left", "exposed")) {
      if (
        !/^(front|back|rear|loop|loops|unworked|free|flo|blo|fl|bl|third|3rd|lps?)$/.test(c.text(1)) &&
        !(c.is("left") && c.text(1) === "-")
      )
        return undefined;
      c.at++;
      named = true;
    }
    let which: Loops | undefined;
    if (c.take("blo", "bl", "blos", "bpl")) which = "back";
    else if (c.take("flo", "fl", "flos")) which = "front";
    else {
      which = c.is("back", "rear")
        ? "back"
        : c.is("front")
          ? "front"
          : c.is("both")
            ? "both"
            : c.is("third", "3rd")
              ? "third"
              : undefined;
      if (which) c.at++;
      // "The loops left behind in round 1": whose they are stands behind them.
      else if (!named && !(LOOP.has(c.text()) && LEFT.has(c.text(1)))) return undefined;
      if (!c.takeAny(LOOP)) return undefined;
    }
    c.take("only");
    // "… of the next st": whose loops they are is said, not which round's.
    c.attempt(() => {
      if (!c.take("of", "in")) return undefined;
      c.takeAll(FILL);
      if (isStitchNoun(c.text()) && c.kind(1) !== "number") c.at++;
      return isStitchNoun(c.tokens[c.at - 1]?.text ?? "") || !/^(of|in)$/.test(c.tokens[c.at - 1]?.text ?? "")
        ? true
        : undefined;
    });
    const free = readLoopsOf(c, which, named);
    if (which === undefined && free === undefined) return undefined;
    return { loops: which ?? "both", free, each };
  });
}

const EACH = new Set(["each", "every", "all", "any", "ea", "evry"]);

/** "of round 4", "left by rnd 5", "left over from round 4 of the buoy". */
function readLoopsOf(c: Cursor, which: Loops | undefined, named: boolean): FreeLoops | undefined {
  const of = c.attempt(() => {
    const left = LEFT.has(c.text()) && (c.at++, true);
    c.take("over", "unworked", "free", "open", "behind", "unused");
    const word = c.is("of", "from", "by", "on", "in", "at", "after", "along") ? c.text() : undefined;
    if (word === undefined) return undefined;
    c.at++;
    c.take("when", "working");
    c.takeAll(FILL);
    // "of tier 1's R4": whose round it is comes before it.
    c.attempt(() => {
      for (let n = 0; n < 3 && c.kind() !== "mark" && !/'s$/.test(c.text()); n++) c.at++;
      if (c.take("'")) return c.take("s") && isRoundWord(c.text()) ? true : undefined;
      if (!/'s$/.test(c.text())) return undefined;
      c.at++;
      return isRoundWord(c.text()) ? true : undefined;
    });
    if (!isRoundWord(c.text()) || !(c.kind(1) === "number" || c.kind(1) === "ordinal")) {
      if (c.kind() === "ordinal" && isRoundWord(c.text(1))) c.at += 2;
      else return undefined;
      return {
        round: c.tokens[c.at - 2]?.value,
        how: left || word === "by" || word === "from" ? ("left-by" as const) : ("of" as const),
      };
    }
    c.at += 2;
    return {
      round: c.tokens[c.at - 1]?.value,
      how: left || word === "by" || word === "from" ? ("left-by" as const) : ("of" as const),
    };
  });
  const part = c.attempt(() => {
    if (!c.take("of", "on")) return undefined;
    return readPartNamed(c);
  });
  if (of) return { which, round: of.round, how: of.how, part };
  if (part !== undefined || named) return { which, round: undefined, how: "left-by", part };
  return undefined;
}

/** The loops alone, where nobody asks whose they are. */
/** May words about loops begin with this one? */
export const beginsLoops = (word: string): boolean => LOOP_START.has(word);

export function readLoops(c: Cursor): Loops | undefined {
  return readLoopPhrase(c)?.loops;
}

/** What stitches go around: "around the hole". */
const ROUNDED = new Set(["chain", "ring", "hole", "opening", "slit", "gap", "edge", "rim"]);
/** "around", "across", "to the end", "to last 3 sts", "until 2 sts remain", "all around". */
export function readReach(c: Cursor): Times | undefined {
  return c.attempt(() => {
    if (c.is("all") && (c.kind(1) === "end" || /^[.,;()[\]={}<|-]$/.test(c.text(1))))
      return (c.at++, { kind: "around" });
    if (
      c.attempt(() => {
        c.take("for", "over", "of", "on", "in");
        c.take("the");
        if (!c.take("whole", "entire", "complete", "full")) return undefined;
        c.take("of");
        c.take("the");
        if (c.is("circle", "way", "piece") || isRoundWord(c.text())) return (c.at++, true);
        return undefined;
      })
    )
      return { kind: "around" };
    if (readRest(c)) return { kind: "around" };
    // "One sc, one inc, all the way."
    const wholeWay = c.is("all") && c.text(1) === "the" && c.text(2) === "way";
    c.take("all", "evenly", "even");
    c.take("the");
    c.take("way");
    if (wholeWay && (c.done || c.is(".", ",", ";", "(", "[", "=", "-", "--", "|"))) return { kind: "around" };
    // "Sc in 2nd ch and down (18)".
    const down = c.is("down") && /^(and|&)$/.test(c.tokens[c.at - 1]?.text ?? "");
    if (down || c.is("around", "across", "round", "along", "throughout")) {
      if (c.is("round") && c.kind(1) === "number") return undefined;
      c.at++;
      if (c.is("it", "them") || c.is("piece")) c.at++;
      c.attempt(() => (c.take("to") && (c.take("the"), c.takeAny(END)) ? true : undefined));
      c.attempt(() =>
        c.take("the") && (isRoundWord(c.text()) || ROUNDED.has(c.text())) ? (c.at++, true) : undefined,
      );
      return readUntil(c) ?? { kind: "around" };
    }
    return (
      readUntil(c) ??
      (c.take("each", "every") && c.takeAny(new Set(["st", "sts"])) ? { kind: "around" } : undefined)
    );
  });
}

/** "in the rest", "in remaining sts", "the rest of the way": what is still there. */
const readRest = (c: Cursor): boolean =>
  c.attempt(() => {
    c.take("in", "into", "for", "over", "on");
    c.take("all");
    c.take("the");
    if (!c.take("rest", "remaining", "remainder", "rem", "others")) return undefined;
    // "The remaining 3 sts" have a number, "the remaining loops" are a place, "the rest unworked" is left.
    if (c.kind() === "number" || REST_OF.has(c.text())) return undefined;
    c.take("of");
    c.take("the");
    if (isStitchNoun(c.text()) || isRoundWord(c.text()) || c.is("way", "circle", "them")) c.at++;
    return true;
  }) ?? false;
const REST_OF = new Set([
  "loop",
  "loops",
  "lps",
  "front",
  "back",
  "ch",
  "chs",
  "chain",
  "chains",
  "foundation",
  "unworked",
  "free",
]);

function readUntil(c: Cursor): Times | undefined {
  return c.attempt(() => {
    if (!c.take("to", "until", "till", "til")) return undefined;
    c.takeAll(FILL);
    if (c.takeAny(END)) {
      c.attempt(() =>
        c.take("of")
          ? (c.takeAll(FILL), isRoundWord(c.text()) || c.is("chain") ? (c.at++, true) : undefined)
          : undefined,
      );
      return { kind: "around" };
    }
    if (c.take("last", "final")) {
      const said = c.number();
      const noun = (isStitchNoun(c.text()) || NOUN.has(c.text())) && (c.at++, true);
      // "To the last 2, …": the stitches are left out.
      if (!noun && !(said !== undefined && (c.done || c.is(",", ";", ".")))) return undefined;
      return { kind: "until", left: said ?? 1 };
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
  // No phrase of place begins with a sign: the commonest case, "sc, inc", is told at a glance.
  while (!c.done && c.kind() !== "mark" && readOne(c, t)) any = true;
  return any;
}

/** "16 sc around the ring": of a number of their own, they go over the ring and not into its chains. */
const numberAroundRing = (c: Cursor): boolean =>
  c.is("around", "round", "over") &&
  /^(the|this)$/.test(c.text(1)) &&
  /^(ring|loop|circle)$/.test(c.text(2)) &&
  c.tokens.slice(Math.max(0, c.at - 3), c.at).some((t) => t.kind === "number");

/** "In ch-6 sp", "into each chain space", "over the ch 4 loop". */
function readSpace(c: Cursor, t: Target): boolean {
  if (numberAroundRing(c)) {
    c.at += 3;
    t.place = "ring";
    return true;
  }
  return (
    c.attempt(() => {
      if (!c.take("in", "into", "over", "around", "inside")) return undefined;
      c.takeAll(FILL);
      const each = c.take("each", "every");
      if (!each) c.take("next", "same", "last", "first", "corner");
      if (!c.take("ch", "chain", "chs")) return undefined;
      c.take("-");
      const n = c.kind() === "number" ? c.number() : undefined;
      c.take("-");
      // "In a ch-18 ring": the ring that the chain was joined to.
      if (c.take("ring", "circle")) return ((t.place = "ring"), true);
      if (!c.take("sp", "sps", "space", "spaces", "loop", "loops", "arch", "gap")) return undefined;
      t.space = n ?? 0;
      t.place = each ? "each" : "next";
      return true;
    }) ?? false
  );
}

/** "Down the side", "up the other side of the flap", "along the row ends". */
function readBeside(c: Cursor): boolean {
  return (
    c.attempt(() => {
      c.take("evenly");
      if (!c.take("down", "up", "along")) return undefined;
      while (c.is("the", "each", "first", "second", "other", "left", "right", "long", "short", "next"))
        c.at++;
      if (!c.take("side", "sides", "edge") && !(c.take("row") && c.take("ends"))) return undefined;
      c.attempt(() => {
        if (!c.take("of")) return undefined;
        c.take("the");
        if (c.kind() !== "word" || c.is("ch", "chain", "chs", "chains")) return undefined;
        c.at++;
        return true;
      });
      return c.done || c.kind() === "mark" ? true : undefined;
    }) ?? false
  );
}

/**
 * "12 sc on first, 12 sc on second": on which of the pieces that are joined, and no stitch. One alone may be one:
 * "2 sc on first, sc around".
 */
function onPiece(c: Cursor): boolean {
  const { tokens } = c;
  const told = (i: number): boolean =>
    tokens[i]?.text === "on" &&
    tokens[i + 1]?.kind === "ordinal" &&
    /^(?:[,.;]|)$/.test(tokens[i + 2]?.text ?? "");
  return told(c.at) && tokens.some((_, i) => i !== c.at && told(i));
}

function readOne(c: Cursor, t: Target): boolean {
  return (
    c.attempt(() => {
      const phrase = readLoopPhrase(c);
      if (phrase) {
        t.loops = phrase.loops;
        if (isStitchNoun(c.tokens[c.at - 1]?.text ?? "") && !phrase.free) t.place ??= "next";
        t.freeLoops = phrase.free ?? t.freeLoops;
        if (phrase.each || /^(each|every|all)$/.test(c.tokens[c.at - 4]?.text ?? "")) t.place ??= "each";
        return true;
      }
      if (onPiece(c)) return ((c.at += 2), true);
      const layers = readLayers(c);
      if (layers) return ((t.layers = layers), true);
      if (readSpace(c, t)) return true;
      if (readBridge(c)) {
        t.bridge = true;
        t.reach ??= { kind: "around" };
        return true;
      }
      if (readBeside(c)) return (t.beside = true);
      const part = readPartPhrase(c);
      if (part) {
        t.part = part.name;
        if (part.around) t.reach ??= { kind: "around" };
        return true;
      }
      if (
        c.attempt(
          () => (
            c.take("all"),
            c.take("the"),
            c.take("way"),
            c.take("back") &&
            !c.is("of") &&
            (c.take("down", "along", "across", "up", "in", "into"),
            c.takeAll(FILL),
            c.take("chain", "ch", "chs", "chains"))
              ? true
              : undefined
          ),
        )
      )
        return (t.backAlong = true);
      if (
        c.attempt(() => {
          if (!c.take("to", "in", "into")) return undefined;
          c.take("the");
          if (!(c.take("top") && c.take("of"))) return undefined;
          c.takeAll(FILL);
          c.take("first", "turning", "initial", "1st");
          if (!c.take("ch", "chain", "chs", "sc", "dc", "hdc", "tr", "st", "stitch")) return undefined;
          if (c.kind() === "number" || (c.is("-") && c.kind(1) === "number")) c.at += c.is("-") ? 2 : 1;
          return true;
        })
      )
        return (t.toJoin = true);
      if (c.is("back") && !/^(loop|loops|lp|lps)$/.test(c.text(1))) {
        c.at++;
        c.take("down", "along", "across", "up", "for", "over");
        const token = c.peek();
        if (c.kind() === "number") {
          t.n ??= c.number();
          t.at ??= token;
        }
        c.attempt(() => {
          c.take("in", "into", "on", "of", "along", "to");
          c.takeAll(FILL);
          return c.take("ch", "chs", "chain", "chains", "st", "sts", "stitches", "body", "base", "ring")
            ? true
            : undefined;
        });
        return (t.spurBack = true);
      }
      if (c.is("spread", "spaced") && c.text(1) === "evenly") c.at++;
      if (c.take("evenly")) {
        t.evenly = true;
        c.take("spaced", "spread");
        const reach = readReach(c);
        if (reach) t.reach ??= reach;
        return true;
      }
      // "Sc 3 together with the ear": through both.
      const joined = c.attempt(() =>
        isTogether(c.text()) && (c.at++, c.take("with", "and")) ? readPartNamed(c) : undefined,
      );
      if (joined !== undefined) return ((t.layers = [joined]), true);
      if (isTogether(c.text())) return (c.at++, (t.together = true), true);
      const reach = readReach(c);
      if (reach) return ((t.reach = reach), true);
      if (
        c.is("and", "to") &&
        (c.is("join") || c.text(1) === "join" || c.text(1) === "close" || c.text(1) === "form")
      ) {
        c.at += 2;
        t.toJoin = true;
        c.takeAll(FILL);
        c.take("into");
        c.takeAll(FILL);
        c.takeAny(new Set(["round", "rnd", "ring", "circle", "loop"]));
        // "… with a slip stitch": what one joins with is no stitch of its own.
        c.attempt(() => {
          if (!c.take("with", "by", "using")) return undefined;
          c.take("a", "an", "1", "one");
          if (c.take("slst", "ss")) return true;
          if (!c.take("sl", "slip")) return undefined;
          c.take("-");
          return c.take("st", "stitch", "sts") ? true : undefined;
        });
        c.attempt(() => {
          if (!c.take("in", "into", "to")) return undefined;
          c.takeAll(FILL);
          c.take("first", "1st", "beginning");
          if (!(isStitchNoun(c.text()) || NOUN.has(c.text()))) return undefined;
          c.at++;
          return true;
        });
        return true;
      }
      // "One sc per stitch", "1 sc per ch".
      if (c.is("per") && (isStitchNoun(c.text(1)) || /^(ch|chain)$/.test(c.text(1)))) {
        c.at += 2;
        t.place = "each";
        t.reach ??= readReach(c) ?? { kind: "around" };
        return true;
      }
      if (c.take("even")) return ((t.reach = { kind: "around" }), true);
      if (c.is("all") && c.text(1) === "sts")
        return ((c.at += 2), (t.place = "each"), (t.reach ??= { kind: "around" }), true);
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
      // "MC" is the main colour where the text says so.
      if (c.is("mc") && c.colours.has("mc")) return undefined;
      if (c.is("mr", "mc", "ml", "amr") || (RING.has(c.text()) && (magic || c.is("ring")))) {
        c.at++;
        return true;
      }
      return undefined;
    }) ?? false
  );
}

/** "… from the second", "… starting in the 2nd ch from hook", behind each chain. */
const readFromNth = (c: Cursor): number | undefined =>
  c.attempt(() => {
    const led = c.take("starting", "beginning");
    if (!c.take("from", ...(led ? ["in", "at", "with"] : []))) return undefined;
    c.take("the");
    const nth = c.kind() === "ordinal" ? c.peek()?.value : undefined;
    if (nth === undefined || nth < 2 || nth > 4) return undefined;
    c.at++;
    c.take("ch", "chain", "one");
    c.attempt(() => (c.take("from") && (c.take("the"), c.take("hook")) ? true : undefined));
    c.take("on", "onwards", "onward");
    return nth;
  });

/** Words back to where the stitches before it are told. */
const COUNTS_BACK = 8;
/** "sc in two, two in the third": the one behind those, and no place on a chain. */
function countsOn(c: Cursor): boolean {
  const nth = c.peek()?.value ?? 0;
  if (nth < 2 || !(c.kind(1) === "mark" || c.kind(1) === "end")) return false;
  let parted = false;
  for (let i = c.at - 1; i >= Math.max(0, c.at - COUNTS_BACK); i--) {
    const t = c.tokens[i];
    if (t?.text === "," || t?.text === "then") parted = true;
    else if (t?.kind === "number" && parted && t.value === nth - 1) return true;
  }
  return false;
}

function readPlace(c: Cursor, t: Target): boolean {
  const bare =
    (c.is("base") && isStitchNoun(c.text(1))) ||
    c.is("next", "each", "every", "same", "last", "first", "ea", "all") ||
    (c.kind() === "number" && isStitchNoun(c.text(1)) && t.place === undefined);
  const preposition = PREPOSITION.has(c.text());
  if (!bare && !preposition) return false;
  const onward = c.is("from");
  if (preposition) {
    // "MC; 7 sc inside": in the ring.
    if (c.is("inside") && (c.kind(1) === "end" || (c.kind(1) === "mark" && c.text(1) !== "*"))) {
      c.at++;
      t.place = "ring";
      return true;
    }
    c.at++;
    c.take("of", "to", "in", "into", "through");
    if (
      readRing(c) ||
      c.attempt(() =>
        c.take("it", "centre", "center")
          ? true
          : c.take("the") && c.take("centre", "center", "loop", "hole")
            ? true
            : undefined,
      )
    ) {
      t.place = "ring";
      return true;
    }
  }
  let moved = false;
  for (;;) {
    if (c.is("following", "foll")) {
      t.place ??= "next";
      c.at++;
      moved = true;
    } else if (c.takeAny(FILL)) moved = true;
    else if (c.is("each", "every", "all", "ea")) {
      t.bareEach = !preposition && (c.kind(1) === "end" || /^[.;]$/.test(c.text(1)));
      c.at++;
      t.place = "each";
      moved = true;
      if (
        c.kind() === "ordinal" &&
        (isPlaceNoun(c.text(1)) || c.kind(1) === "mark" || c.kind(1) === "end") &&
        !(/^[&+]$/.test(c.text(1)) && c.kind(2) === "ordinal")
      ) {
        t.every = c.peek()?.value;
        c.at++;
      } else if (
        c.kind() === "ordinal" &&
        /^(and|&|\+)$/.test(c.text(1)) &&
        c.peek(2)?.value === (c.peek()?.value ?? 0) + 1
      ) {
        // "Dec over every third and fourth st".
        t.every = c.peek(2)?.value;
        c.at += 3;
      } else if (
        c.is("other") &&
        (isPlaceNoun(c.text(1)) || c.kind(1) === "mark" || c.kind(1) === "end" || c.text(1) === "one")
      ) {
        t.every = 2;
        c.at++;
      } else if (c.is("one") && (c.kind(1) === "mark" || c.kind(1) === "end")) c.at++;
    } else if (c.take("next")) {
      t.place = t.place === "each" ? "each" : "next";
      moved = true;
    } else if (c.is("base", "joined") && isStitchNoun(c.text(1))) {
      t.place = "same";
      c.at++;
      moved = true;
    } else if (c.is("same", "last")) {
      // "2 sc in each of last 2": the last ones, into each of them.
      t.place = c.is("same") ? "same" : t.place === "each" ? "each" : "last";
      c.at++;
      moved = true;
    } else if (c.take("both")) {
      t.n = 2;
      t.place ??= "next";
      moved = true;
    } else if (c.kind() === "ordinal") {
      if (countsOn(c)) t.place = "next";
      else {
        t.nth = c.peek()?.value;
        t.place = t.nth === 1 ? "first" : "nth-chain";
        t.onward = onward;
      }
      c.at++;
      moved = true;
    } else if (
      c.kind() === "number" &&
      (isStitchNoun(c.text(1)) || NOUN.has(c.text(1)) || moved || preposition) &&
      t.n === undefined &&
      // "Inc all 12": the number at the end is what it comes to.
      !(t.place === "each" && !preposition && c.kind(1) === "end")
    ) {
      const token = c.peek();
      t.n = c.number();
      if (token) t.at = { from: token.from, to: token.to };
      if (t.place === undefined) t.place = "next";
      moved = true;
    } else break;
  }
  // "Two in the one after (that)".
  if (moved && c.is("after") && c.tokens[c.at - 1]?.value === 1) {
    c.at++;
    c.take("that", "it");
  }
  // "The 2nd loop from the hook" is a chain.
  const noun =
    isStitchNoun(c.text()) ||
    NOUN.has(c.text()) ||
    (c.is("loop") && t.place === "nth-chain" && c.text(1) === "from") ||
    // "2 sc in each loop": what stands there is what the last round left free.
    (c.is("loop", "loops", "lp") &&
      (t.place === "each" || (t.place === "next" && /^(mark|end)$/.test(c.kind(1)))));
  // "2 sc in each from 2nd ch": of the chain, though it is named only once.
  if (!noun && t.place === "each" && c.is("from"))
    t.fromNth ??= c.attempt(() => {
      const from = c.at;
      const nth = readFromNth(c);
      const chain = c.tokens.slice(from, c.at).some((w) => /^(ch|chain|hook)$/.test(w.text));
      return nth !== undefined && chain ? ((t.chainNoun = true), nth) : undefined;
    });
  if (
    noun &&
    !(c.kind(1) === "number" && c.text(1) !== "" && NOUN.has(c.text()) && !isStitchNoun(c.text()) && !moved)
  ) {
    t.chainNoun ||= /^(ch|chs|chain|chains)$/.test(c.text());
    t.plural ||= /^(chs|chains|sts|stitches|scs|stiches)$/.test(c.text());
    c.at++;
    if (c.is(".") && c.is("sp")) c.at++;
    moved = true;
    if (t.place === undefined) t.place = "next";
    // "In same st as join and in each st around": which one it is, said once more.
    if (t.place === "same")
      c.attempt(() => {
        if (!c.take("as")) return undefined;
        c.take("the", "last", "your");
        const joined =
          c.take("join", "joining", "slst", "ss") || (c.take("sl", "slip") && c.take("st", "stitch"));
        return joined ? true : undefined;
      });
    if (t.place === "each" && t.chainNoun) t.fromNth ??= c.attempt(() => (c.take(","), readFromNth(c)));
    // "In each st and ch": the chains of a gap too.
    if (t.place === "each")
      c.attempt(() => {
        if (!c.take("and", "&", "+")) return undefined;
        c.takeAll(EACH);
        if (!c.take("ch", "chs", "chain", "chains")) return undefined;
        // "… and ch-1 sp".
        const space = c.attempt(() => {
          c.take("-");
          if (c.kind() === "number") c.at++;
          return c.take("sp", "sps", "space", "spaces", "loop", "loops", "gap", "gaps") ? true : undefined;
        });
        return space ?? (c.kind() === "number" || c.is("-") ? undefined : true);
      });
    c.attempt(() => {
      if (!c.take("from", "of", "on", "in")) return undefined;
      c.takeAll(FILL);
      if (c.take("hook")) return ((t.place = "nth-chain"), true);
      if (isRoundWord(c.text()) && c.kind(1) === "number") return ((c.at += 2), (t.ofRound = true), true);
      if (c.take("chain", "ch", "row", "rnd", "round", "base", "foundation", "edge")) return true;
      return undefined;
    });
    // "From the 2nd ch on".
    if (t.onward) c.take("on", "onward", "onwards", "along");
  }
  return moved;
}
