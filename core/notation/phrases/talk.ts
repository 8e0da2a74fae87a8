import { readShade } from "../colours";
import type { Cursor } from "../cursor";
import { readEvent, startsEvent } from "../events";
import { isRoundWord } from "../labels";
import { stitchInto } from "../operations";
import { readRing } from "../target";
import type { Token } from "../tokens";
import { isStitchNoun, nearestStitchWord, readStitch } from "../vocabulary";
import { COST } from "./costs";
import { NONE, plainOf, words, type Context, type Phrase, type Reading } from "./phrase";
import { stitchAhead } from "./stitches";
import { behindReference, ends, readTimes } from "./times";

const OPEN = words("( [ { <");
/** Words of talk that show that a number beside them counts something else. */
const CUE = words(
  "marker mark note side row rows round rnd rounds rnds piece cm mm inch inches left right beginning start continue spiral tail hook now this here leg arm head body ear opening middle count facing photo picture step see figure if have should that's these those it's would like easy",
);

/** Is there work at token `i`, perhaps behind a number? */
function workAt(c: Cursor, x: Context, i: number): boolean {
  const at = c.at;
  c.at = i;
  c.take("then", "and");
  c.take("work", "crochet");
  c.number();
  const opens = OPEN.has(c.text());
  const ahead = opens || stitchAhead(c, x);
  c.at = at;
  return ahead;
}

/** A number and its stitches, and no more: "18 sts". */
const sumEnds = (c: Cursor, i: number): boolean =>
  c.tokens[i]?.kind === "number" &&
  isStitchNoun(c.tokens[i + 1]?.text ?? "") &&
  (c.tokens[i + 2] === undefined || (c.tokens[i + 2]?.text === "." && c.tokens[i + 3] === undefined));

const BY = /^(with|by|using)$/;
const JOINS = words("join joining crochet crocheting close closing connect connecting seam");

const TOGETHER = words("together tog both");

/** Where a stretch of talk ends: at a full stop, at a bracket, where stitches begin. */
function talkEnd(c: Cursor, x: Context, soft: boolean): number {
  let i = c.at;
  for (; i < c.tokens.length; i++) {
    const t = c.tokens[i]?.text ?? "";
    // "(7 mm)": a size among the talk.
    if (t === "(" && /^(mm|cm|inch|inches)$/.test(c.tokens[i + 2]?.text ?? "")) {
      if (c.tokens[i + 3]?.text === ")") {
        i += 3;
        continue;
      }
    }
    // A full stop ends talk, but not the point of "2.5".
    const point =
      t === "." && c.tokens[i + 1]?.kind === "number" && c.tokens[i + 1]?.from === c.tokens[i]?.to;
    if (t === ";" || t === "\n" || (t === "." && !point)) break;
    if (t === ")" || t === "]" || t === "}" || t === "*" || t === "[" || t === "{" || t === "|") break;
    if (t === "(" && (c.tokens[i + 1]?.kind === "number" || i > c.at)) break;
    if (t === "=" && c.tokens[i + 1]?.kind === "number") break;
    // "Hold both together and join them with 12 sc": what they are joined by is worked.
    const by = soft && (BY.test(t) || (t === "working" && BY.test(c.tokens[i - 1]?.text ?? "")));
    if (by && c.tokens[i + 1]?.kind === "number" && workAt(c, x, i + 1)) {
      if (c.tokens.slice(c.at, i).some((w) => JOINS.has(w.text))) return i + 1;
    }
    if (t === "," && (soft || workAt(c, x, i + 1))) break;
    if ((t === ":" || t === "-" || t === "--") && i > c.at && workAt(c, x, i + 1)) break;
    // "… around both legs – 18 sts": the sum ends it.
    if ((t === "-" || t === "--") && i > c.at && sumEnds(c, i + 1)) break;
    if (
      soft &&
      (t === "and" || t === "then") &&
      i > c.at &&
      c.tokens[i + 1]?.text !== "then" &&
      workAt(c, x, i + 1)
    )
      break;
  }
  return i;
}

/** Stuffing, eyes, fastening off, sewing: things done beside the stitches. */
export const event: Phrase = {
  name: "event",
  starts: words(
    "number begin start finish continue lightly firmly keep add stuff stuffing fill filling restuff overstuff stuffed filled close closing pull draw cinch gather thread weave tighten sew sewing attach stitch whipstitch pin insert pop place put fix position fit push install press fasten fo cut break bind embroider safety secure hide eyes leave leaving do",
  ),
  read(c, x) {
    // "Press flat, 3 sc to close" presses nothing in.
    if (!startsEvent(c) || (c.is("press") && /^(flat|together|shut|closed)$/.test(c.text(1)))) return NONE;
    const from = c.from;
    const start = c.at;
    let end = Math.max(talkEnd(c, x, false), c.at + 1);
    // "close it with 8 sc through both sides": what comes behind "with" is worked.
    for (let i = c.at + 1; i < end - 2; i++)
      if (
        /^(with|by|using|working)$/.test(c.tokens[i]?.text ?? "") &&
        c.tokens[i + 1]?.kind === "number" &&
        workAt(c, x, i + 1)
      )
        end = i + 1;
    const told = (to: number, cost: number): Reading => {
      c.at = start;
      const found = readEvent(c, to);
      c.at = to;
      const nodes = found ? [{ kind: "event" as const, event: found, from, to: c.to }] : [];
      return { to, cost, piece: found ? { kind: "nodes", nodes } : { kind: "aside" } };
    };
    // "Place on the dome and sc both edges together": something done, and then something worked.
    const and = c.tokens.findIndex(
      (t, i) => i > start && i < end && /^(and|then)$/.test(t.text) && workAt(c, x, i + 1),
    );
    const whole = told(end, COST.phrase);
    if (and < 0) {
      // "Put 6 sc into it": nothing that is known to be done, and stitches among its words.
      const talked = whole.piece.kind === "nodes" ? undefined : measure(c, x, start, end);
      if (!talked?.stitches) return [whole];
      return [
        { ...whole, cost: whole.cost + COST.asideStitch + (talked.numbers > 0 ? COST.asideNumber : 0) },
      ];
    }
    const before = told(and, COST.phrase + COST.eventAndWork);
    // Where nothing in front of it is known to be done, what is worked counts for more than the talk around
    // it.
    const known = before.piece.kind === "nodes";
    const talked = measure(c, x, start, end);
    const passed = COST.asideStitch + (talked.numbers > 0 ? COST.asideNumber : 0);
    return [known ? whole : { ...whole, cost: whole.cost + passed }, before];
  },
  examples: [["Stuff lightly", "event stuff"]],
};

/** Words between "until" and how many rounds. */
const UNTIL_WITHIN = 6;
const MEASURE = /^(cm|mm|in|inch|inches)$/;
/** "until it measures 5 cm", "for 4 inches": a length where a number of rounds is wanted. */
export const length: Phrase = {
  name: "length",
  starts: words("until till til for to continue"),
  read(c) {
    const from = c.from;
    // "Continue until 20 cm", and no number of stitches.
    if (c.take("continue") && !(c.kind(1) === "number" && MEASURE.test(c.text(2)))) return NONE;
    const measured = c.is("for") && c.kind(1) === "number" && MEASURE.test(c.text(2));
    if (!measured && !c.is("until", "till", "til")) return NONE;
    const told = c.tokens.slice(c.at + 1, c.at + UNTIL_WITHIN);
    const counted = told.some((t, i) => t.kind === "number" && isRoundWord(told[i + 1]?.text ?? ""));
    while (!c.done && !c.is(".", ";", ",", "\n", ")")) c.at++;
    // "Until you have 4 rounds": how many there are is told.
    if (counted && !measured) return [{ to: c.at, cost: COST.aside, piece: { kind: "aside" } }];
    return [
      {
        to: c.at,
        cost: COST.aside,
        piece: {
          kind: "nodes",
          nodes: [{ kind: "event", event: { kind: "length-asked" }, from, to: c.to }],
        },
      },
    ];
  },
  examples: [["until it measures 5 cm", "event length-asked"]],
};

interface Talk {
  readonly words: number;
  readonly numbers: number;
  readonly stitches: number;
  readonly cues: number;
  /** "sts" and the like. */
  readonly nouns: number;
}
function measure(c: Cursor, x: Context, from: number, to: number): Talk {
  let n = 0;
  let numbers = 0;
  let stitches = 0;
  let cues = 0;
  let nouns = 0;
  const at = c.at;
  for (let i = from; i < to; i++) {
    const t = c.tokens[i];
    if (!t || t.kind === "mark") continue;
    n++;
    if (CUE.has(t.text)) cues++;
    if (isStitchNoun(t.text)) nouns++;
    if (
      t.kind === "number" &&
      !isRoundWord(c.tokens[i - 1]?.text ?? "") &&
      !/^(mm|cm|inch|inches|g|rounds?|rnds?|minutes|hours)$/.test(c.tokens[i + 1]?.text ?? "")
    )
      numbers++;
    c.at = i;
    if (t.kind === "word" && !isStitchNoun(t.text)) {
      const w = readStitch(c, x.terms);
      if (w && w.kind !== "generic") stitches++;
    }
  }
  c.at = at;
  return { words: n, numbers, stitches, cues, nouns };
}
const cost = (t: Talk): number =>
  COST.aside +
  COST.asideWord * t.words +
  Math.max(0, t.numbers - t.cues) * COST.asideNumber +
  Math.max(0, t.stitches - t.cues) * COST.asideStitch;

/**
 * "crochet 18", "1 s, dec", "3 norm": a number of what is called plainly may be plain stitches. It is dear, so that only
 * a round that comes out exactly with it bears it out; any other word nobody knows may be a taller stitch.
 */
function calledPlainly(said: readonly Token[], to: number): Reading[] {
  const n = said.find((t) => t.kind === "number");
  const word = said.find((t) => t.kind === "word");
  if (said.length !== 2 || !n || !word || !Number.isInteger(n.value) || n.value < 1) return [];
  if (!PLAINLY.has(word.text)) return [];
  return [
    {
      to,
      // "Crochet 3, increase 1": the verb is hardly anything else.
      cost: (word.text === "crochet" ? COST.numberAlone : COST.unreadNumber) + COST.calledPlainly,
      piece: { kind: "work", said: plainOf(n) },
    },
  ];
}
/** What hands call a plain stitch without its name. */
const PLAINLY = words(
  "crochet work knit norm normal normally plain single singles regular ordinary basic simple standard s stc",
);

/** Talk between the stitches, or words nobody knows. */
export const talk: Phrase = {
  name: "talk",
  starts: words("any"),
  read(c, x) {
    if (c.kind() === "mark") return NONE;
    const start = c.at;
    const end = Math.max(talkEnd(c, x, true), start + 1);
    const said = c.tokens.slice(start, end);
    // "Crochet the two pieces together with 36 sc": both edges are worked as one.
    const joined = BY.test(said.findLast((t) => t.text !== "working")?.text ?? "");
    if (joined && said.length > 1 && said.some((t) => TOGETHER.has(t.text)))
      return [{ to: end, cost: COST.aside, piece: { kind: "layers", layers: [] } }];
    const letters = said.filter((t) => t.kind === "word");
    const lone = letters.length === 1 ? letters[0] : undefined;
    const near = letters
      .slice(0, 3)
      .map((t) => ({ t, near: nearestStitchWord(t.text) }))
      .find((f) => f.near !== undefined && f.near !== f.t.text && !isStitchNoun(f.t.text));
    const counted = said.some((t) => t.kind === "number");
    const from = said[0]?.from ?? 0;
    const to = said[said.length - 1]?.to ?? from;
    const source = (a: number, b: number) => c.source.slice(a, b).replace(/\s+/g, " ").trim().slice(0, 60);
    if (near && (counted || letters.length <= 2))
      return [
        {
          to: end,
          cost: COST.unreadNumber,
          piece: {
            kind: "unread",
            detail: { code: "unknown-word", word: c.source.slice(near.t.from, near.t.to), near: near.near },
            at: near.t,
            word: near.t.text,
            doubt: undefined,
          },
        },
      ];
    if (lone && said[0] && (counted || said.length === 1))
      return [
        {
          to: end,
          cost: counted ? COST.unreadNumber : COST.unreadWord,
          piece: {
            kind: "unread",
            detail: { code: "unknown-word", word: c.source.slice(lone.from, lone.to), near: undefined },
            at: lone,
            word: lone.text,
            doubt:
              counted && !(end === c.tokens.length && said[0].kind === "number" && said.length === 2)
                ? "number"
                : "word",
          },
        },
        ...calledPlainly(said, end),
      ];
    if (letters.length === 0 || (counted && letters.length <= 3 && !letters.some((t) => CUE.has(t.text))))
      return [
        {
          to: end,
          cost:
            (letters.length === 0 && counted
              ? COST.unreadAlone
              : counted
                ? COST.unreadNumber
                : COST.unreadWord) +
            measure(c, x, start, end).stitches * COST.asideStitch,
          piece: {
            kind: "unread",
            detail: { code: "not-understood", text: source(from, to) },
            at: { from, to },
            word: "",
            doubt: counted ? "number" : "word",
          },
        },
      ];
    return [{ to: end, cost: cost(measure(c, x, start, end)), piece: { kind: "aside" } }];
  },
  examples: [["and then have a cup of tea", "aside"]],
};

/** "(that's 6 increases)", "(pull it tight)": a remark in brackets, whatever stands in it. */
export const remark: Phrase = {
  name: "remark",
  starts: words("( ["),
  read(c, x) {
    const start = c.at;
    const close = c.is("(") ? ")" : "]";
    const end = c.tokens.findIndex(
      (t, i) => i > start && (t.text === close || t.text === "(" || t.text === "["),
    );
    if (end < 0 || c.tokens[end]?.text !== close || end - start > 40) return NONE;
    const t = measure(c, x, start + 1, end);
    // A bracket of stitches and numbers alone is no remark.
    if (t.words === 0 || t.words <= t.numbers + t.stitches + t.nouns) return NONE;
    // "(sc in next 2, dec) around": what is repeated is worked.
    c.at = end + 1;
    if (t.stitches > 0 && readTimes(c) !== undefined) return NONE;
    const out: Reading = { to: end + 1, cost: cost(t) - COST.aside + COST.remark, piece: { kind: "aside" } };
    return [out];
  },
  examples: [["(that's 6 increases)", "aside"]],
};

/** "6 sc apart", "with 8 sc between them": how far two things are from each other. */
export const distance: Phrase = {
  name: "distance",
  starts: words("number with"),
  read(c, x) {
    c.take("with", "about");
    if (c.kind() !== "number") return NONE;
    c.at++;
    if (!readStitch(c, x.terms)) {
      if (!isStitchNoun(c.text())) return NONE;
      c.at++;
    }
    c.take("in");
    if (!c.take("apart", "between")) return NONE;
    c.take("them", "the");
    c.take("eyes", "eye");
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "aside" } }];
  },
  examples: [
    ["6 sc apart", "aside"],
    ["5 stitches between", "aside"],
    ["with 8 sc between them", "aside"],
  ],
};

/** "no increases", "without shaping": says what is not done. */
export const without: Phrase = {
  name: "without",
  starts: words("no without not"),
  read(c) {
    c.at++;
    c.take("any", "more", "further");
    if (
      !c.is(
        "increases",
        "increase",
        "increasing",
        "decreases",
        "decrease",
        "decreasing",
        "shaping",
        "inc",
        "dec",
        "changes",
        "incs",
        "decs",
      )
    )
      return NONE;
    c.at++;
    c.attempt(() => (c.take("or", "and", "/", "nor") ? (c.take("any"), c.at++, true) : undefined));
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "aside" } }];
  },
  examples: [["no increases or decreases", "aside"]],
};

/** "…, that is one single crochet in each stitch": says again what was said. */
export const again: Phrase = {
  name: "again",
  starts: words("that i ie meaning"),
  read(c) {
    if (
      c.is("that")
        ? !/^(is|means)$/.test(c.text(1)) || c.kind(2) === "number"
        : c.is("i") && c.text(1) !== "."
    )
      return NONE;
    if (c.tokens[c.at - 1]?.text !== ",") return NONE;
    const from = c.at;
    while (!c.done && !c.is(".", ";", "\n", "(", "[", "=")) c.at++;
    return c.tokens.slice(from, c.at).some((t) => t.kind === "number")
      ? [{ to: c.at, cost: COST.aside, piece: { kind: "aside" } }]
      : NONE;
  },
  examples: [],
};

/** "…, ending with 3 sc": what comes behind the repeat. */
export const endingWith: Phrase = {
  name: "ending with",
  starts: words("ending end ends finishing finish"),
  read(c, x) {
    // At the head of a round it tells how the round is, and works nothing.
    if (c.at === 0) return NONE;
    c.at++;
    if (!c.take("with", "on", "by")) return NONE;
    c.take("a", "an");
    if (!workAt(c, x, c.at) && !(c.kind() === "number" && /^[,([=.]?$/.test(c.text(1)))) return NONE;
    const work = c.at;
    // … or only tells how the repeat comes out: "inc in every other stitch, ending with a sc in the last".
    const end = talkEnd(c, x, false);
    return [
      { to: work, cost: COST.filler, piece: { kind: "aside" } },
      { to: end, cost: COST.aside + COST.filler, piece: { kind: "aside" } },
    ];
  },
  examples: [],
};

/** Is the word at `i` the last of a shade? */
function shadeEnds(c: Cursor, i: number): boolean {
  const at = c.at;
  c.at = i;
  const word = c.text();
  const shade = c.colours.has(word) || (readShade(c) !== undefined && c.at === i + 1);
  c.at = at;
  return shade;
}

/** Signs and words that stitches may begin behind. */
const MAY_BEGIN = /^(?:[(\[{<,*;:+]|and|then|with|blo|flo|bl|fl|loops?|only|still)$/;

const LOOPS = words("blo flo bl fl");

/** A number with its stitch left out: "(2, inc)", "R5: 24". */
export const numberAlone: Phrase = {
  name: "number alone",
  starts: words("number"),
  read(c) {
    const before = c.tokens[c.at - 1]?.text ?? "";
    if (behindReference(c)) return NONE;
    const n = c.number();
    if (n === undefined || !Number.isInteger(n)) return NONE;
    // "5 in MR".
    const from = c.tokens[c.at - 1]?.from ?? 0;
    const number = { from, to: c.to };
    if (c.attempt(() => (c.take("in", "into"), readRing(c) ? true : undefined))) {
      const op = stitchInto("sc", 1, "ring");
      const nodes = [
        { kind: "start" as const, start: "ring" as const, chains: 0, from, to: c.to },
        { kind: "work" as const, op, times: { kind: "number" as const, n, at: number }, from, to: c.to },
      ];
      return [{ to: c.at, cost: COST.phrase, piece: { kind: "nodes", nodes } }];
    }
    if (/^[(\[{<]$/.test(before) && c.is(")", "]", "}", ">")) return NONE;
    // Only where stitches may begin, and where nothing else could be counted.
    const shaded = c.at >= 2 && c.tokens[c.at - 2]?.kind === "word" && shadeEnds(c, c.at - 2);
    if (!(shaded || before === "" || MAY_BEGIN.test(before))) return NONE;
    // "inc, 1 x 6": the last of a row that is worked so often.
    const repeated =
      before === "," &&
      c.is("x", "*") &&
      c.kind(1) === "number" &&
      (c.kind(2) === "mark" || c.kind(2) === "end");
    const goesOn =
      c.is("+", ">", "around", "along", "across", "in", "into", "again", "once", "still") ||
      LOOPS.has(c.text());
    // "18 for 3 rounds", "18 x 3 rounds".
    const rounds = c.is("for", "x", "*", "over") && c.kind(1) === "number" && isRoundWord(c.text(2));
    if (!(ends(c) || repeated || goesOn || rounds)) return NONE;
    return [{ to: c.at, cost: COST.numberAlone, piece: { kind: "number", n } }];
  },
  examples: [["2", "2 alone"]],
};
