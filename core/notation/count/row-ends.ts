import { stitchInto } from "../operations";
import type { Node } from "../tree";
import { isMade } from "./made";

/** The way of a row that grows: a first row on its chain has no edge to grow at. */
export const GROWN = "grown at edge";

type Work = Extract<Node, { kind: "work" }>;

/** A stitch onto a chain at the edge: a new one beside the row. */
const besides = (n: Work, times: number): Node => {
  const { other: _other, ...sure } = n;
  const op = stitchInto(n.op.stitch, n.op.offers || 1, "bridge", n.op.loops);
  return { ...sure, op: { ...op, uses: 0, increases: 0 }, times: { kind: "number", n: times } };
};

/**
 * "Row 3: ch 5, sc in 2nd ch from hook and next 3 ch, sc 7": a row grows at its edge by a chain that is worked
 * back on, and goes on over the row below. Where the chain was made at the end of the row before, the stitches
 * into chains are as many as it has room for. Undefined where the row begins otherwise.
 * Pure; linear in the nodes.
 */
export function grownAtEdge(nodes: readonly Node[]): readonly Node[] | undefined {
  const at = nodes.findIndex(isMade);
  const chain = nodes[at];
  const made = chain?.kind === "work" && chain.op.stitch === "ch" && chain.times.kind === "number";
  const from = made ? nodes.findIndex((n, i) => i > at && isMade(n)) : at;
  const first = nodes[from];
  if (first?.kind !== "work" || first.op.into !== "chain") return undefined;
  const nth = Number(/ch (\d+)/.exec(first.op.name)?.[1] ?? 2);
  let room = made && chain.times.kind === "number" ? chain.times.n - nth + 1 : Infinity;
  const out = nodes.slice(0, from);
  let i = from;
  for (; i < nodes.length && room > 0; i++) {
    const n = nodes[i] as Node;
    if (!isMade(n)) {
      out.push(n);
      continue;
    }
    // Without the chain itself, only what is said to go into chains lies on it.
    if (n.kind !== "work" || (i > from && room === Infinity && !n.op.onChain)) break;
    const times = n.times.kind === "number" ? n.times.n : n.op.onChain && room < Infinity ? room : 0;
    if (times === 0) break;
    const on = Math.min(times, room);
    out.push(besides(n, on));
    room -= on;
    if (times > on) out.push({ ...n, times: { kind: "number", n: times - on } });
  }
  const rest = nodes.slice(i);
  // With nothing of the row below it is a foundation of its own.
  return rest.some(isMade) && (room === 0 || room === Infinity) ? [...out, ...rest] : undefined;
}

/**
 * "Row 6: sl st over 4, sc 7, leave 4 (7)": slip stitches at the beginning of a row lead in to where it starts and are
 * none of it. Undefined where there are none. Pure; linear in the nodes.
 */
export function ledIn(nodes: readonly Node[]): readonly Node[] | undefined {
  const at = nodes.findIndex((n) => isMade(n) && !(n.kind === "work" && n.op.stitch === "ch"));
  const slips = nodes[at];
  if (slips?.kind !== "work" || slips.op.stitch !== "slst" || slips.times.kind !== "number") return undefined;
  if (slips.op.offers === 0 || slips.op.into !== "next" || slips.op.onChain) return undefined;
  // Of a row along a chain they are stitches.
  const chained = nodes.some((n) =>
    n.kind === "work" ? n.op.into === "chain" : n.kind === "skip" && n.chain,
  );
  if (chained || !nodes.some((n, i) => i > at && isMade(n))) return undefined;
  return nodes.map((n) => (n === slips ? { ...slips, op: { ...slips.op, offers: 0 } } : n));
}
