import type { CheckedRound, Node } from "../../notation";

/** The repeat that a round is counted by at the table: "(2 sc, inc) × 6" is six times four stitches. */
export interface Repeats {
  /** How often, at least twice. */
  readonly times: number;
  /** Stitches that are made each time. */
  readonly stitches: number;
  /** Stitches that are made before the first time. */
  readonly before: number;
}

/** Stitches a node makes; undefined where only the round around it knows. */
function made(n: Node): number | undefined {
  if (n.kind === "work") return n.times.kind === "number" ? n.op.offers * n.times.n : undefined;
  if (n.kind === "group") {
    const once = madeBy(n.items);
    return n.times.kind === "number" && once !== undefined ? once * n.times.n : undefined;
  }
  return n.kind === "evenly" ? undefined : 0;
}
function madeBy(nodes: readonly Node[]): number | undefined {
  let sum = 0;
  for (const n of nodes) {
    const own = made(n);
    if (own === undefined) return undefined;
    sum += own;
  }
  return sum;
}

/** Plain stitches are counted one by one, not by repeats. */
const isShaped = (n: Node): n is Extract<Node, { kind: "work" | "group" }> =>
  n.kind === "group" || (n.kind === "work" && n.op.into === "next" && n.op.offers !== n.op.uses);

/**
 * The one repeat of a round; undefined where it has none or several, or where it cannot be told how often.
 * "Around" is as often as the count leaves room for. Linear in the nodes.
 */
export function repeatsOf({ nodes, count }: CheckedRound): Repeats | undefined {
  const found = nodes.filter(isShaped).filter((n) => n.times.kind !== "number" || n.times.n > 1);
  const [one] = found;
  if (!one || found.length > 1) return undefined;
  const at = nodes.indexOf(one);
  const stitches = one.kind === "work" ? one.op.offers : madeBy(one.items);
  const before = madeBy(nodes.slice(0, at));
  const behind = madeBy(nodes.slice(at + 1));
  if (!stitches || before === undefined || behind === undefined) return undefined;
  const times =
    one.times.kind === "number" ? one.times.n : ((count ?? Number.NaN) - before - behind) / stitches;
  if (!Number.isInteger(times) || times < 2) return undefined;
  // A chain that stands for a stitch is made and no stitch of its own: what the round comes to knows of it.
  const ahead = count === undefined ? before : count - behind - times * stitches;
  return { times, stitches, before: Math.max(before, ahead) };
}
