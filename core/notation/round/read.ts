import type { Cursor } from "../cursor";
import type { Context } from "../phrases";
import type { Node } from "../tree";
import { build, type Found, type Tree } from "./build";
import { cheapestPaths } from "./lattice";

export type { Found, Tree } from "./build";

/** Readings that cost so much more than the cheapest never win against a slip of the maker's. */
const MOST_MORE = 4.2;

/**
 * All the ways to read the words of one round that are worth a thought, the likeliest first. There is always
 * one. Time is linear in the words.
 */
export function readRound(c: Cursor, x: Context): readonly Tree[] {
  const paths = cheapestPaths(c, x);
  const most = (paths[0]?.cost ?? 0) + MOST_MORE;
  const trees = paths
    .filter((p) => p.cost <= most)
    .map((p) => {
      const tree = spreadIn(roundsAgain(build(p.pieces, p.cost, c.source)));
      return aroundTwice(tree.nodes, c.source) ? { ...tree, cost: tree.cost + AROUND_TWICE } : tree;
    });
  if (trees.length === 0) return [{ nodes: [], found: [], cost: 0 }];
  trees.sort((a, b) => a.cost - b.cost);
  const first = trees[0] as Tree;
  endsInIncrease(c, first.nodes, first.found as Found[]);
  return trees;
}

/**
 * "Sc around (24). Do this 3 more times": what goes all the way round is not repeated within the round. How many
 * rounds it stands for is told by the labels; the words are no work.
 */
function roundsAgain(tree: Tree): Tree {
  const whole = tree.nodes.find(
    (n) => n.kind === "group" && n.times.kind === "number" && n.times.n > 1 && goesAround(n.items),
  );
  if (whole?.kind !== "group") return tree;
  const said: Node = { kind: "aside", from: whole.to, to: whole.to };
  return { ...tree, nodes: tree.nodes.flatMap((n) => (n === whole ? [...n.items, said] : [n])) };
}
/**
 * "Sc around, increasing 6 evenly", "sc in each st with 6 increases evenly spaced": what goes all the way round is
 * what lies between the changes, and no round of its own. Either may stand first.
 */
function spreadIn(tree: Tree): Tree {
  const worked = tree.nodes.filter((n) => n.kind !== "total" && n.kind !== "aside");
  const spread = worked.find((n) => n.kind === "evenly");
  const around = worked.find((n) => n.kind === "work" && n.times.kind === "around");
  if (worked.length !== 2 || spread?.kind !== "evenly" || around?.kind !== "work") return tree;
  const plain = around.op.uses === 1 && around.op.offers === 1 && around.op.into === "next";
  if (!plain) return tree;
  const [from, to] = [Math.min(spread.from, around.from), Math.max(spread.to, around.to)];
  const both: Node = { ...spread, rest: around.op, from, to };
  const nodes = tree.nodes.filter((n) => n !== around).map((n) => (n === spread ? both : n));
  return { ...tree, nodes };
}

/** Is all that is worked one stitch all the way round? */
export function goesAround(nodes: readonly Node[]): boolean {
  const worked = nodes.filter((n) => n.kind !== "total" && n.kind !== "aside");
  const [only] = worked;
  return worked.length === 1 && only?.kind === "work" && only.times.kind === "around";
}

const SIGN = /[-\u2012-\u2015\u2212=:>|]/;
/** Plain stitches all around and as many plain ones more: the number is the round's sum, and no work. */
const AROUND_TWICE = 3.8;
/** "1 sc in each sc around – 9 sc": would nine of them be worked where all are worked already? */
function aroundTwice(nodes: readonly Node[], source: string): boolean {
  const at = nodes.findIndex((n) => (n.kind === "work" || n.kind === "group") && n.times.kind === "around");
  const [around, next] = [nodes[at], nodes[at + 1]];
  return (
    around !== undefined &&
    next?.kind === "work" &&
    next.times.kind === "number" &&
    next.times.n > 2 &&
    next.op.name === "sc" &&
    next.op.into === "next" &&
    // Behind a comma it may be what comes next, unless no stitch is named; behind a dash it is what comes of it.
    (SIGN.test(source.slice(around.to, next.from)) || /^\d+$/.test(source.slice(next.from, next.to)))
  );
}

/** "The round ends in an increase" holds only for rounds that increase last (craft §2.5). */
function endsInIncrease(c: Cursor, nodes: readonly Node[], found: Found[]): void {
  const { tokens } = c;
  const at = tokens.findIndex(
    (t, i) =>
      (t.text === "ends" || t.text === "ending" || t.text === "end") &&
      /^(in|with|on)$/.test(tokens[i + 1]?.text ?? "") &&
      tokens.slice(i + 2, i + 4).some((w) => /^(inc|increase)$/.test(w.text)),
  );
  const said = tokens[at];
  if (!said) return;
  let last: Node | undefined = nodes.findLast(
    (n) => (n.kind === "work" && n.from < said.from) || n.kind === "group",
  );
  while (last?.kind === "group") last = last.items.findLast((n) => n.kind === "work" || n.kind === "group");
  if (last?.kind === "work" && last.op.increases === 0)
    found.push({
      from: said.from,
      to: tokens[Math.min(tokens.length - 1, at + 3)]?.to ?? said.to,
      detail: { code: "not-increase-last", ends: last.op.name },
      severity: "warning",
    });
}
