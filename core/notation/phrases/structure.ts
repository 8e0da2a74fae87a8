import { readShade } from "../colours";
import type { Cursor } from "../cursor";
import { leavesStitches, startsEvent } from "../events";
import { isRoundWord } from "../labels";
import { readLayers, readPartNamed } from "../pickups";
import { noTarget, readLoopPhrase, readTarget } from "../target";
import type { Node } from "../tree";
import { isStitchNoun, readStitch } from "../vocabulary";
import { COST } from "./costs";
import {
  NONE,
  one,
  plainOf,
  saidAlone,
  words,
  type Context,
  type Phrase,
  type PieceBody,
  type Reading,
} from "./phrase";
import { stitchAhead } from "./stitches";

/** Does a number stand at token `i`, and its stitch behind it? */
function countedAt(c: Cursor, x: Context, i: number): boolean {
  const here = c.at;
  c.at = i;
  const counted = c.kind() === "number" && (c.at++, stitchAhead(c, x));
  c.at = here;
  return counted;
}

const node = (n: Node): PieceBody => ({ kind: "nodes", nodes: [n] });
const STOP = words(". ; : , ( [ ) ] = { | \n <");

/** Does a part stand behind the verb: "attach leg 1", "connect to the first leg"? */
const namesPart = (c: Cursor): boolean => {
  const at = c.at;
  c.at++;
  c.take("to", "on", "with");
  const named = readPartNamed(c) !== undefined;
  c.at = at;
  return named;
};

/** "(leg 1) 12 sc", "leg 2: 12 sc": on which part the stitches behind it go. */
export const onPart: Phrase = {
  name: "on part",
  starts: words("( [ leg arm"),
  read(c) {
    const close = c.take("(") ? ")" : c.take("[") ? "]" : undefined;
    const part = readPartNamed(c);
    if (part === undefined || !c.take(close ?? ":")) return NONE;
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "joined-to", part } }];
  },
  examples: [["(leg 1)", "joined to leg 1"]],
};

/**
 * "join with sl st", "sl st to join" is read with the stitches; "join to the leg with a sc and work 12 sc
 * around it".
 */
export const join: Phrase = {
  name: "join",
  starts: words("join joining joined close connect attach"),
  read(c, x) {
    const at = c.at;
    // "Attach leg 1 with a sc", "connect to the first leg".
    const ties = c.is("attach", "connect") && namesPart(c);
    if (c.is("attach") && !ties) return NONE;
    if (!ties && c.is("close", "connect") && !/^(the|this)?$/.test(c.text(1))) return NONE;
    if (!ties && c.is("close", "connect") && !/^(round|rnd|circle|ring)$/.test(c.text(2))) return NONE;
    if (c.is("joined") && c.text(1) !== "with") return NONE;
    c.at++;
    // "Join white": the yarn, not the round.
    if (c.attempt(() => (c.take("new", "in"), readShade(c))) !== undefined) return NONE;
    // "Join in the back loops of round 4": where the round is worked.
    const where = c.attempt(() => {
      const phrase = readLoopPhrase(c);
      return phrase?.free && (c.done || c.is(".", ",", ";", ":")) ? phrase : undefined;
    });
    if (where?.free) {
      const free: Node = { kind: "free-loops", of: where.free, from: c.tokens[at]?.from ?? 0, to: c.to };
      return [{ to: c.at, cost: COST.phrase, piece: { kind: "loops", loops: where.loops, free } }];
    }
    let part: string | undefined;
    const workBehind = () => {
      let i = c.at + 1;
      while (/^(then|work|crochet|make)$/.test(c.tokens[i]?.text ?? "")) i++;
      return countedAt(c, x, i);
    };
    while (!c.done && !STOP.has(c.text()) && !(c.is("and", "then") && workBehind())) {
      if (c.is("-", "--") && c.kind(1) === "number") break;
      const named = c.attempt(() => readPartNamed(c));
      if (named !== undefined) part = named;
      else c.at++;
    }
    const end = c.at;
    const said = c.tokens.slice(at, end).map((t) => t.text);
    // "join to the first leg with a sc", "join teal with a sc in any st": a stitch that ties it on.
    const by = said.findIndex((w, i) => i > 0 && (w === "with" || w === "by"));
    if (by > 0) {
      c.at = at + by + 1;
      c.take("working");
      // "Join with 12 sc through both edges": a round of its own.
      const many = (c.peek()?.value ?? 0) > 1 && !/^(sl|slst|ch)$/.test(c.text(1));
      if (many && countedAt(c, x, c.at)) return [{ to: c.at, cost: COST.phrase, piece: { kind: "aside" } }];
      c.take("a", "an", "one", "1");
      const word = readStitch(c, x.terms);
      if (word?.kind === "plain" && word.stitch !== "slst" && word.stitch !== "ch") {
        const target = noTarget();
        readTarget(c, target);
        const behind = c.at;
        c.at = at + 1;
        const edge = noTarget();
        readTarget(c, edge);
        c.at = Math.max(end, behind);
        const tied = edge.part ?? (ties ? part : undefined);
        if (tied !== undefined) target.part = tied;
        return [
          {
            to: c.at,
            cost: COST.phrase,
            piece: {
              kind: "work",
              said: { ...saidAlone(word, target), loops: target.loops },
            },
          },
        ];
      }
    }
    c.at = end;
    if (said.some((w) => w === "yarn" || w === "new" || w === "colour" || w === "color"))
      return [{ to: end, cost: COST.phrase, piece: { kind: "aside" } }];
    if (part !== undefined) return [{ to: end, cost: COST.phrase, piece: { kind: "joined-to", part } }];
    const ring = said.includes("ring") || said.includes("circle");
    return [{ to: end, cost: COST.phrase, piece: { kind: "join", ring } }];
  },
  examples: [
    ["join with sl st to first st", "join"],
    ["join to form a ring", "join ring"],
    ["join with a sc in any st", "sc, next"],
  ],
};

export const turn: Phrase = {
  name: "turn",
  starts: words("turn turning turned"),
  read(c) {
    const from = c.from;
    c.at++;
    const work = c.attempt(() => (c.take("the", "your") && c.take("work", "piece") ? true : undefined));
    const round = (c.take("work") || work) && c.is("around") && (c.kind(1) === "mark" || c.kind(1) === "end");
    if (round) c.at++;
    const span = { from, to: c.to };
    const turned = { to: c.at, cost: COST.phrase, piece: node({ kind: "turn", ...span }) };
    // "…, 3 sc in the last ch, turn the work around, …": which way, not how often; or to the far side of a chain.
    return round
      ? [turned, { to: c.at, cost: COST.phrase + COST.aside, piece: node({ kind: "other-side", ...span }) }]
      : [turned];
  },
  examples: [["turn", "turn"]],
};

/** "skip 2 sts", "miss 1 ch", "sk next st". */
export const skip: Phrase = {
  name: "skip",
  starts: words("skip sk miss skipping missing m skp"),
  read(c, x) {
    const from = c.from;
    if (c.is("m") && c.kind(1) !== "number") return NONE;
    c.at++;
    c.take("the", "over", "all");
    const first = c.is("first", "1st");
    if (c.is("1st")) c.at++;
    else c.take("next", "first", "last");
    if (
      c.kind() === "word" &&
      !isStitchNoun(c.text()) &&
      !c.is("ch", "chs", "sc", "dc", "hdc", "chain", "chains", "a", "one", "space") &&
      readStitch(c, x.terms) === undefined
    ) {
      // "skipping the legs": told to help the eye.
      while (!c.done && !c.is(".", ";", ",", "(", "[")) c.at++;
      return [{ to: c.at, cost: COST.aside, piece: { kind: "aside" } }];
    }
    const said = c.kind() === "number" || c.take("a", "an");
    const n = c.number() ?? 1;
    c.take("the", "next");
    const chain = c.is("ch", "chs", "chain", "chains");
    const noun = isStitchNoun(c.text()) || chain || c.is("sc", "dc", "hdc", "tr");
    if (noun) c.at++;
    if (!said && !noun && !first && !c.done && c.kind() !== "mark") return NONE;
    c.take("around");
    return [
      {
        to: c.at,
        cost: COST.phrase,
        piece: node({
          kind: "skip",
          n,
          from,
          to: c.to,
          ...(first ? { first } : {}),
          ...(chain ? { chain } : {}),
        }),
      },
    ];
  },
  examples: [
    ["skip 2 sts", "skip 2"],
    ["miss 1 ch", "skip 1"],
  ],
};

/** "Starting in 2nd ch from hook": where the stitches beside it begin, on the chain just made. */
export const starting: Phrase = {
  name: "starting",
  starts: words("starting beginning begin start from in working ( [ ordinal"),
  read(c) {
    const from = c.from;
    const close = c.is("(") ? ")" : c.is("[") ? "]" : undefined;
    if (close) c.at++;
    const led = c.take("starting", "beginning", "begin", "start", "working");
    // "Ch 12, 2nd ch from hook: 11 sc": where the hook is named the place says it by itself.
    const bare = !led && c.kind() === "ordinal";
    const away = c.is("from");
    if (!bare && !c.take("in", "at", "from", "with", "into")) return NONE;
    c.take("the");
    const nth = c.peek()?.value ?? 0;
    if (c.kind() !== "ordinal" || nth < 2 || nth > 6) return NONE;
    c.at++;
    const chain = c.is("ch", "chain", "chs");
    if (!c.take("ch", "chain", "chs", "st", "stitch")) return NONE;
    const hook = c.attempt(() => {
      if (!c.take("from", "of")) return undefined;
      c.take("the", "your");
      return c.take("hook") ? true : undefined;
    });
    // "From the 2nd ch: 24 sl": what stands behind the colon is worked there; "12 sc from the 2nd chain" ends so.
    const told = led || c.is(":") || (away && (c.done || c.is(".")));
    if (!hook && (bare || !(chain && told))) return NONE;
    if (!hook || bare) c.take(":");
    if (close && !c.take(close)) return NONE;
    return [
      {
        to: c.at,
        cost: COST.phrase,
        piece: node({ kind: "skip", n: nth - 1, chain: true, starting: true, from, to: c.to }),
      },
    ];
  },
  examples: [
    ["starting in 2nd ch from hook", "skip 1"],
    ["starting from second chain", "skip 1"],
    ["(start in 2nd ch)", "skip 1"],
    ["2nd ch from hook:", "skip 1"],
    ["from the 2nd chain", "skip 1"],
  ],
};

/** "leave the remaining 4 sts unworked". */
export const leave: Phrase = {
  name: "leave",
  starts: words("leave leaving rest remaining last do don't without not"),
  read(c) {
    const from = c.from;
    const leaves =
      (c.is("leave", "leaving") && leavesStitches(c)) ||
      (c.is("rest", "remaining") && /^(unworked|of|sts|stitches|st)$/.test(c.text(1)));
    const not =
      c.is("do", "don't", "without", "not") &&
      /^(not|turn|join|joining|turning|turned)$/.test(c.text(1)) &&
      !startsEvent(c);
    if (!leaves && !not) return NONE;
    let n: number | undefined;
    while (!c.done && !STOP.has(c.text())) {
      if (c.kind() === "number") n ??= c.peek()?.value;
      c.at++;
    }
    return [
      {
        to: c.at,
        cost: COST.phrase,
        piece: leaves
          ? node({ kind: "leave", from, to: c.to, ...(n === undefined ? {} : { n }) })
          : { kind: "aside" },
      },
    ];
  },
  examples: [["leave remaining 4 sts unworked", "leave"]],
};

/** "on the other side of the chain", "turn the work and go along the underside". */
export const otherSide: Phrase = {
  name: "other side",
  starts: words(
    "on in at along across down up over working work turn turning rotate rotating flip now then continue continuing to other opposite around round back and the into underside bottom from move moving go going repeat crochet",
  ),
  read(c, x) {
    const from = c.from;
    if (c.kind() !== "word") return NONE;
    // "…, 3 sc in last ch, rotate, …": to the far side of the chain.
    // "…, 3 sc in last ch, back along: 2 sc" too; of a spur the chain alone stands before it.
    const turned = c.tokens.slice(Math.max(0, c.at - 24), c.at).some((t) => /^(last|end)$/.test(t.text));
    let side =
      (c.is("rotate", "pivot") && c.kind(1) === "mark") ||
      (turned && c.is("back") && /^(along|down|up)$/.test(c.text(1)));
    for (let n = 0; n < 16 && !c.done && !c.is(":", ",", ".", ";", "(", "["); n++) {
      const word = c.text();
      if (
        word === "side" &&
        /^(other|opposite|second|back|far|bottom|under)$/.test(c.tokens[c.at - 1]?.text ?? "")
      )
        side = true;
      if (word === "underside" || word === "bottom" || word === "underneath") side = true;
      if (c.kind() === "number") break;
      if (!/^(chain|ch|chains|single|double|half|treble)$/.test(word) && stitchAhead(c, x)) break;
      if (side && /^(then|and)$/.test(word) && (c.kind(1) === "number" || /^(work|sc|dc)$/.test(c.text(1))))
        break;
      c.at++;
    }
    return side
      ? [{ to: c.at, cost: COST.phrase, piece: node({ kind: "other-side", from, to: c.to }) }]
      : NONE;
  },
  examples: [["on the other side of the chain", "other side"]],
};

/** "in the back loops only", said of what comes; "behind the front loops of round 6". */
export const loops: Phrase = {
  name: "loops",
  starts: words(
    "( [ work working worked crochet behind in into through thru to on each every all any the of free remaining unworked unused leftover left exposed blo bl blos bpl flo fl flos back rear front both third 3rd ordinal go going return returning loop loops",
  ),
  read(c) {
    const from = c.from;
    const bracket = c.take("(", "[");
    // "Going back to the BLO of round 10": where the hook goes.
    c.attempt(() => {
      const goes = c.take("go", "going", "return", "returning");
      const back = c.take("back");
      return (goes || back) && c.take("in", "into", "to") ? true : undefined;
    });
    // "Work into the loops left behind in round 1".
    c.attempt(() => (c.take("work", "crochet") && c.is("in", "into", "through") ? true : undefined));
    c.attempt(() =>
      c.take("work", "working", "crochet") &&
      c.take("this", "the", "in") &&
      c.take("round", "rnd", "row", "whole")
        ? (c.take("round", "rnd", "row"), true)
        : undefined,
    );
    const phrase = readLoopPhrase(c);
    if (!phrase || (bracket && !c.take(")", "]"))) return NONE;
    const free: Node | undefined = phrase.free
      ? { kind: "free-loops", of: phrase.free, from, to: c.to }
      : undefined;
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "loops", loops: phrase.loops, free } }];
  },
  examples: [
    ["in back loops only", "loops back"],
    ["(BLO)", "loops back"],
    ["Work this round in back loops only", "loops back"],
    ["Going back to the BLO of round 10", "loops back"],
    ["In the loops left behind in round 1", "loops both"],
  ],
};

/** "8 sc, each through both sides": said behind the stitches. */
export const layers: Phrase = {
  name: "layers behind",
  starts: words("each all always every through thru into working going catching joining"),
  read: (c) =>
    one(c, COST.place, () => {
      c.take("each", "all", "always", "every");
      c.take("time", "one", "st");
      const found = readLayers(c);
      return found ? { kind: "layers", layers: found } : undefined;
    }),
  examples: [],
};

/** "…, being careful not to twist, join": how to hold it. */
export const care: Phrase = {
  name: "care",
  starts: words("being taking making careful"),
  read(c) {
    if (!/^(careful|care|sure)$/.test(c.text(c.is("careful") ? 0 : 1))) return NONE;
    c.at++;
    while (!c.done && !STOP.has(c.text()) && !c.is("join", "then") && c.kind() === "word") c.at++;
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "aside" } }];
  },
  examples: [["being careful not to twist", "aside"]],
};

/**
 * A place that belongs to the stitches or the bracket before it: "… and in each ch across", ") in next st".
 */
export const place: Phrase = {
  name: "place",
  starts: words(
    "in into on onto to through thru over across around along down at from of each every next same last all both for working evenly ea",
  ),
  read(c) {
    const target = noTarget();
    if (!readTarget(c, target)) return NONE;
    if (
      target.place === undefined &&
      target.reach === undefined &&
      !target.bridge &&
      target.part === undefined
    )
      return NONE;
    return [{ to: c.at, cost: COST.place, piece: { kind: "place", target } }];
  },
  examples: [["in each ch across", "place each"]],
};

/** "plain round", "1 round even", "one plain round": a round with nothing but its stitches. */
function plainRound(c: Cursor): boolean {
  return (
    c.attempt(() => {
      const n = c.kind() === "number" ? c.number() : 1;
      if (n !== 1) return undefined;
      c.take("more");
      const before = c.take("plain", "even", "straight");
      if (!isRoundWord(c.text())) return undefined;
      c.at++;
      return c.take("plain", "even", "straight") || before ? true : undefined;
    }) ?? false
  );
}

const SHAPING = /^(shaping|changes?|changing|inc(s|reases?|reasing)?|dec(s|reases?|reasing)?)$/;

/** "unchanged", "without any increases or decreases": no shaping, whatever is named. */
export const unchanged = (c: Cursor): boolean => {
  if (c.take("unchanged")) return true;
  const at = c.text(1) === "any" ? 2 : 1;
  if (!c.is("no", "without") || !SHAPING.test(c.text(at))) return false;
  c.at += at + 1;
  c.attempt(() => (c.take("or", "and", "/", "nor") && SHAPING.test(c.text()) ? (c.at++, true) : undefined));
  return true;
};

/** "2: 6 even": so many stitches; where they do not come out, so many rounds, which the label tells as well. */
function evenStitches(c: Cursor): readonly Reading[] {
  const number = c.peek();
  const n = c.number();
  if (!number || n === undefined || !Number.isInteger(n) || !c.take("even", "plain", "straight")) return NONE;
  if (!(c.done || /^[.,;([=-]$/.test(c.text()))) return NONE;
  const said = plainOf(number);
  return [
    { to: c.at, cost: COST.phrase, piece: { kind: "work", said } },
    {
      to: c.at,
      cost: COST.phrase + COST.asideNumber,
      piece: { kind: "even", times: { kind: "around" } },
    },
  ];
}

/** "work even", "sc around" without its stitch, "a plain round": plain all the way. */
export const even: Phrase = {
  name: "even",
  starts: words(
    "even around evenly work crochet continue straight plain knit do just number a no without unchanged",
  ),
  read(c, x) {
    if (c.kind() === "number" && c.peek()?.value !== 1) return evenStitches(c);
    c.take("work", "crochet", "continue", "knit", "do", "just");
    c.take("a");
    const alone =
      unchanged(c) ||
      (c.is("plain") && (c.kind(1) === "end" || /^[.,;([=-]$/.test(c.text(1))) && (c.at++, true));
    if (!alone && !plainRound(c) && !c.take("even", "around", "straight")) return NONE;
    // "Work around the chain": where the next stitches go, and none themselves.
    if (/^(the|this|your|both)$/.test(c.text()) && /^(ch|chain|foundation|sides?)$/.test(c.text(1)))
      return NONE;
    c.take("up");
    c.attempt(() => (c.take("in") && readStitch(c, x.terms)?.kind === "plain" ? true : undefined));
    const t = noTarget();
    readTarget(c, t);
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "even", times: { kind: "around" } } }];
  },
  examples: [
    ["work even", "even"],
    ["plain round", "even"],
    ["work 1 round even", "even"],
    ["no shaping", "even"],
    ["no inc", "even"],
    ["6 even", "6 sc"],
    ["without any increases or decreases", "even"],
  ],
};

/** What may stand in front of a number of rounds, and behind it. */
const ROUNDS_LEAD = words(
  "for x work working repeat rep do continue another in a total of the this and crochet over",
);
const ROUNDS_TAIL = words("total in all more altogether like this the same even way of");
const ROUND = /^(rounds?|rnds?|rows?|rds?)$/;

/**
 * "(4 rounds)", "x 4 rounds", "for 4 rounds", "work 4 rounds like this": how many rounds the words stand for.
 * It works nothing; whether the rounds are meant is told by the numbers of the labels (`check/expand`).
 */
export const roundsSaid: Phrase = {
  name: "rounds said",
  starts: words("( [ for x work working repeat rep do continue number"),
  read(c) {
    if (c.kind() === "number" && c.at > 0 && c.tokens[c.at - 1]?.text !== ",") return NONE;
    const first = c.at === 0;
    const bracket = c.take("(", "[");
    let lead = 0;
    while (ROUNDS_LEAD.has(c.text()) && lead++ < 5) c.at++;
    // "4 rounds" alone is behind a comma; "Repeat 3 more times" behind a total tells of the round.
    const before = c.tokens[c.at - 1]?.text ?? "";
    if (c.number() === undefined) return NONE;
    c.take("more", "further");
    const afterTotal =
      /^[.,;]$/.test(c.tokens[c.at - 4]?.text ?? "") && /^[)\]]$/.test(c.tokens[c.at - 5]?.text ?? "");
    if (/^re?p/.test(c.tokens[c.at - 3]?.text ?? "") && c.is("times", "time") && afterTotal) {
      c.at++;
      return [{ to: c.at, cost: COST.aside, piece: { kind: "aside" } }];
    }
    if (!ROUND.test(c.text()) || (!bracket && lead === 0 && before !== "," && !first)) return NONE;
    c.at++;
    // "two rounds above": where something sits.
    if (/^(above|below|up|down|back|before|earlier|away|apart|from)$/.test(c.text())) return NONE;
    // "Rnds 4-6, 3 rounds sc": work stands behind it.
    if (first && lead === 0 && !bracket && (c.done || c.kind() !== "word")) return NONE;
    while (ROUNDS_TAIL.has(c.text())) c.at++;
    if (bracket && !c.take(")", "]")) return NONE;
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "aside" } }];
  },
  examples: [
    ["(4 rounds)", "aside"],
    ["x 4 rounds", "aside"],
    ["for 4 rounds", "aside"],
    ["work 4 rounds like this", "aside"],
  ],
};
