import type { Cursor } from "../cursor";
import { mixedInto } from "../operations";
import { addTally, type StitchName, type Tally } from "../stitches";
import { noTarget, readTarget, type Target } from "../target";
import { ONCE, type Node, type Times } from "../tree";
import { readStitch } from "../vocabulary";
import { COST } from "./costs";
import { NONE, words, type Context, type Phrase, type Reading } from "./phrase";

/** So many stitches of one kind, and so many kinds, that anybody puts into one place. */
const MOST_EACH = 9;
const MOST_KINDS = 9;

interface Shell {
  readonly makes: Tally;
  readonly offers: number;
  readonly kinds: number;
  /** Every entry is tied to the one before by a plus. */
  readonly plus: boolean;
}

/** "dc, tr and dc", "dc + tr + dc": stitches told one by one, moving past them. */
function listed(c: Cursor, x: Context): Shell | undefined {
  let makes: Tally = {};
  let [offers, kinds, plus] = [0, 0, true];
  for (;;) {
    const ahead = c.kind() === "number" ? c.number() : undefined;
    const word = c.kind() === "word" ? readStitch(c, x.terms) : undefined;
    // "Ch 2": how many, behind it.
    const n = ahead ?? (c.kind() === "number" ? c.number() : undefined) ?? 1;
    if (word?.kind !== "plain" || !Number.isInteger(n) || n < 1 || n > MOST_EACH) return undefined;
    makes = addTally(makes, { [word.stitch]: 1 } satisfies Partial<Record<StitchName, number>>, n);
    if (word.stitch !== "ch") offers += n;
    kinds++;
    const tied = c.attempt(() => {
      const sign = c.text();
      if (!c.take("+", ",", "and", "&")) return undefined;
      if (sign === ",") c.take("and", "&");
      return c.kind() === "number" || c.kind() === "word" ? sign : undefined;
    });
    if (tied === undefined || /^(all|both|together)$/.test(c.text()))
      return kinds > 1 && kinds <= MOST_KINDS ? { makes, offers, kinds, plus } : undefined;
    plus &&= tied === "+";
  }
}

/** Where they all go, and how sure it is that all do. */
function placeOf(c: Cursor, said: boolean, plus: boolean): { target: Target; cost: number } | undefined {
  const target = noTarget();
  const one = /^(one|same|a|single)$/.test(c.text(c.text(1) === "the" ? 2 : 1));
  if (!c.is("in", "into") || !readTarget(c, target) || (target.n ?? 1) !== 1) return undefined;
  const places = /^(next|same|each|last|first)$/.test(target.place ?? "");
  if (!places || !(said || plus)) return undefined;
  // "sc + 2 sc in next st" may be one, and two in the next.
  return { target, cost: said || one ? COST.phrase : COST.allInNext };
}

/**
 * "dc, tr and dc all in one st", "hdc + dc + hdc in next st": a shell told without a bracket. Behind commas "all" tells
 * it; where the list begins is for the count to say, so that it is read from each of its stitches.
 */
export const allInOne: Phrase = {
  name: "all in one",
  starts: new Set(["number", ...words("sc dc hdc htr tr dtr ch slst sl single half double treble triple")]),
  read(c, x): readonly Reading[] {
    const from = c.from;
    const shell = listed(c, x);
    if (!shell || shell.offers < 1) return NONE;
    c.take(",");
    const said = c.take("all", "both", "together");
    const where = placeOf(c, said, shell.plus);
    if (!where) return NONE;
    const { target } = where;
    const times: Times =
      target.place === "each" ? (target.reach ?? { kind: "around" }) : (target.reach ?? ONCE);
    const op = mixedInto(
      shell.makes,
      shell.offers,
      target.place === "same" ? "same" : "next",
      target.loops ?? "both",
    );
    const node: Node = { kind: "work", op, times, from, to: c.to };
    return [{ to: c.at, cost: where.cost, piece: { kind: "nodes", nodes: [node] } }];
  },
  examples: [
    ["dc, tr and dc all in one st", "1 3 in one"],
    ["hdc + dc + hdc in next st", "1 3 in one"],
    ["2 dc, ch 1, 2 dc all in the same st", "1 4 in one"],
  ],
};
