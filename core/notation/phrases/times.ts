import type { Cursor } from "../cursor";
import { readReach } from "../target";
import type { Times } from "../tree";
import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";

export interface SaidTimes {
  readonly times: Times;
  /** "5 more times": the first time is not among them. */
  readonly more: boolean;
}
/** What may stand behind a number of times. */
const COUNTED = /^(times|time|x|xs|more|additional|further|in|total|altogether|around|and|then|to)$/;
const number = (n: number, at?: { from: number; to: number }): Times =>
  at ? { kind: "number", n, at: { from: at.from, to: at.to } } : { kind: "number", n };

/** "(24) *2 sc, inc* around": a star before a number that opens a repeat and is no sign of times. */
export const opensRepeat = (c: Cursor): boolean =>
  c.is("*") &&
  c.kind(1) === "number" &&
  c.kind(2) === "word" &&
  !COUNTED.test(c.text(2)) &&
  c.tokens.slice(c.at + 3).some((t) => t.text === "*");

/**
 * "x 6", "* 6", "6 times", "6x", "twice", "5 more times", "a total of 6 times", "around", "to last 2 sts".
 */
export function readTimes(c: Cursor): SaidTimes | undefined {
  if (c.done) return undefined;
  return c.attempt(() => {
    c.take("for", "a", "another");
    const again = c.tokens[c.at - 1]?.text === "another";
    if (c.is("total") && c.text(1) === "of") c.at += 2;
    if (c.take("twice")) return { times: number(2), more: c.take("more") };
    if (c.take("thrice")) return { times: number(3), more: c.take("more") };
    if (c.take("once")) return { times: number(1), more: c.take("more") };
    if (opensRepeat(c)) return undefined;
    const sign = c.take("x", "*", "times");
    const another = again || c.take("another");
    const token = c.peek();
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n !== undefined && token) {
      if (!Number.isInteger(n)) return undefined;
      const more1 = c.take("more", "additional", "further");
      const word = c.take("times", "time", "x", "xs");
      // "Six times over".
      if (word) c.take("over");
      const more2 = c.take("more");
      if (!sign && !word && !more1) return undefined;
      if (!sign && !word && more1 && !c.done && c.kind() !== "mark") return undefined;
      c.attempt(() => (c.take("in") && c.take("total", "all") ? true : undefined));
      c.take("total", "altogether", "around");
      return { times: number(n, token), more: more1 || more2 || another };
    }
    if (sign || again) return undefined;
    const reach = readReach(c);
    return reach ? { times: reach, more: false } : undefined;
  });
}

const END = words(", . ; ( [ = ) ] } { - -- | / * ~ < \n \u2026 and then");
/** Is there nothing at the cursor that a number before it could count? */
export const ends = (c: Cursor): boolean => c.done || END.has(c.text());

/** "[sc, inc] 6: 18", "MR 6: 6": a colon, and what the round comes to. */
export const sumBehind = (c: Cursor): boolean => c.is(":") && c.kind(1) === "number" && c.kind(2) === "end";

/** "rep 6", "(sc, inc) 6": a number alone, when nothing that it could count follows it. */
export function bareTimes(c: Cursor): SaidTimes | undefined {
  return c.attempt(() => {
    const token = c.peek();
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !token || !Number.isInteger(n)) return undefined;
    // "[sc, inc] 6: 18": the colon gives the sum.
    const sum = sumBehind(c);
    // "(sc, inc) 6 18": so often, and then the sum.
    const summed = c.kind() === "number" && c.kind(1) === "end";
    return ends(c) || sum || summed ? { times: number(n, token), more: false } : undefined;
  });
}

/** "Rep from * 18": how often is said with the repeat, or 18 is what it comes to; it counts nothing else. */
export const behindReference = (c: Cursor): boolean =>
  c.tokens[c.at - 1]?.text === "*" && /^(from|rep|repeat)$/.test(c.tokens[c.at - 2]?.text ?? "");

/** Stars in front of the `i`th word: after an odd number of them one is open. */
export const starsBefore = (c: Cursor, i: number): number => {
  let before = 0;
  for (let k = 0; k < i; k++) if (c.tokens[k]?.text === "*") before++;
  return before;
};
/** Does the star at `i` multiply nothing: the first of all, or one that another closes? */
function opensHere(c: Cursor, i: number): boolean {
  if (i === 0) return true;
  if (!/^[,.;:]$/.test(c.tokens[i - 1]?.text ?? "")) return false;
  return starsBefore(c, i) % 2 === 0 && c.tokens.slice(i + 1).some((t) => t.text === "*");
}

/** How often the stitches or the bracket before it are worked. */
export const times: Phrase = {
  name: "times",
  starts: words(
    "number x * times twice thrice once for a another ( [ around across all to until till til throughout every each the along round even evenly total - --",
  ),
  read(c) {
    // "dec (x6)", "inc (6 times)": the bracket says how often.
    const dash = c.take("-", "--");
    if (dash && c.kind() !== "number" && !c.is("all")) return NONE;
    const behind = c.tokens[c.at - 1]?.text ?? "";
    // "*sc, inc* 6 times": a star that closes is one of its own.
    if (c.is("*") && starsBefore(c, c.at) % 2 === 1 && c.tokens[c.at + 2]?.text === "times") return NONE;
    // "*1, inc* around": one that opens multiplies nothing.
    if (c.is("*") ? opensHere(c, c.at) : behind === "*" && opensHere(c, c.at - 1)) return NONE;
    const bare = !dash && !behindReference(c) && /^[)\]}>*]$/.test(behind) ? bareTimes(c) : undefined;
    if (bare) return [{ to: c.at, cost: COST.times * 2, piece: { kind: "times", ...bare } }];
    const bracket = c.take("(", "[");
    const said = readTimes(c);
    if (!said || (bracket && (said.times.kind !== "number" || !c.take(")", "]")))) return NONE;
    if (dash && said.times.kind === "number" && !c.done && !c.is("(", "[", ".", ",", "=", "{", "-", "|", "<"))
      return NONE;
    return [{ to: c.at, cost: COST.times, piece: { kind: "times", ...said } }];
  },
  examples: [
    ["x 6", "×6"],
    ["(6 times)", "×6"],
    ["6 times over", "×6"],
    ["5 more times", "×5 more"],
    ["a total of 6 times", "×6"],
    ["around", "×around"],
    ["to last 2 sts", "×until 2"],
    ["for the whole round", "×around"],
  ],
};
