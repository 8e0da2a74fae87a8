import type { RawRound } from "../document";
import type { Tree } from "../round/read";
import type { Node } from "../tree";

/** A part is told by its sums when so many of its rounds change the number of stitches without saying how. */
const FEWEST_CHANGES = 2;

/** The chain that lifts a round, and the slip stitch that joins it. */
const lifts = (n: Node): boolean =>
  n.kind === "work" &&
  n.times.kind === "number" &&
  (n.op.stitch === "ch" || (n.op.stitch === "slst" && n.times.n === 1));

type Work = Extract<Node, { kind: "work" }>;
/** "12 sc", and nothing else that is worked: the stitches and how many. */
function plainNumber(
  nodes: readonly Node[],
): (Work & { readonly times: { readonly n: number } }) | undefined {
  const worked = nodes.filter((n) => /^(work|group|evenly|skip|unknown)$/.test(n.kind) && !lifts(n));
  const [only] = worked;
  if (worked.length !== 1 || only?.kind !== "work" || only.times.kind !== "number") return undefined;
  const plain = only.op.uses <= 1 && only.op.offers === 1 && only.op.stitch !== "ch";
  return plain ? (only as Work & { times: { n: number } }) : undefined;
}

/**
 * "R1 6 sc, R2 12 sc, R3–R8 12 sc, R9 6 sc": a hand that writes for each round what it comes to, with the stitch
 * behind it, and never how. One round that changes so is a slip of the pen; a part in which no round says how,
 * and several change, is written in this way.
 */
export function onlySums(rounds: readonly RawRound[]): boolean {
  let before: number | undefined;
  let changes = 0;
  for (const r of rounds) {
    if (r.reference) return false;
    const nodes = r.trees[0]?.nodes ?? r.nodes;
    const n = plainNumber(nodes)?.times.n;
    if (n === undefined) {
      // "Rnd 3: change to white" works nothing.
      if (nodes.some((x) => /^(work|group|evenly|skip)$/.test(x.kind))) return false;
      continue;
    }
    if (before !== undefined && before !== n) changes++;
    before = n;
  }
  return changes >= FEWEST_CHANGES;
}

/** The round with a second reading: its number is what it comes to, and how is left open. */
export function asSum(r: RawRound): RawRound {
  const summed = (t: Tree): readonly Tree[] => {
    const only = plainNumber(t.nodes);
    if (!only || only.op.into !== "next" || t.nodes.some((n) => n.kind === "start")) return [t];
    const { from, to, times } = only;
    const rest = t.nodes.filter((n) => n !== only && n.kind !== "total" && !lifts(n));
    return [t, { ...t, nodes: [{ kind: "total", n: times.n, from, to }, ...rest] }];
  };
  return { ...r, trees: r.trees.flatMap(summed) };
}
