import type { Node } from "../tree";

type Work = Extract<Node, { kind: "work" }>;

/** Shorter chains between stitches are mostly loops or spaces. */
const SHORTEST = 4;
/** Chains that a stitch is lifted by at the turn (Craft Yarn Council, turning chains, from memory). */
const LIFT: ReadonlyMap<string, number> = new Map([
  ["slst", 1],
  ["sc", 1],
  ["hdc", 2],
]);

/** Do these stitches fill the chain before them: "ch 10, sc 9"? */
function fills(chain: Node | undefined, w: Work): boolean {
  const lift = LIFT.get(w.op.stitch);
  return (
    chain?.kind === "work" &&
    chain.op.stitch === "ch" &&
    chain.op.standsFor === undefined &&
    chain.times.kind === "number" &&
    chain.times.n >= SHORTEST &&
    lift !== undefined &&
    w.op.into === "next" &&
    w.op.uses === 1 &&
    w.times.kind === "number" &&
    (w.times.n === chain.times.n - lift || w.times.n === chain.times.n - 1)
  );
}

/**
 * "…, ch 10, 9 sc, sl st, …": a chain and as many stitches as it has room for go back along it, though nobody
 * says so. A chain at the very beginning is a foundation, unless it stands in a repeat. Undefined where
 * nothing of the kind is there. Pure; linear in the nodes.
 */
export function spursUnsaid(nodes: readonly Node[], inside = false): readonly Node[] | undefined {
  let fabric = inside;
  let found = false;
  const out = nodes.map((n, i): Node => {
    const before = fabric;
    if (n.kind === "group" || n.kind === "evenly" || (n.kind === "work" && n.op.stitch !== "ch"))
      fabric = true;
    if (n.kind === "group") {
      const items = spursUnsaid(n.items, true);
      found ||= items !== undefined;
      return items ? { ...n, items } : n;
    }
    // "Ch 5, skip 1, sl st 4": the chain beside the hook is passed by in so many words.
    const passes = (m: Node | undefined) => m?.kind === "skip" && m.n === 1;
    const [chain, ahead] = [passes(nodes[i - 1]) ? nodes[i - 2] : nodes[i - 1], nodes[i + 1]];
    if (passes(n) && before && ahead?.kind === "work" && fills(nodes[i - 1], ahead))
      return { kind: "aside", from: n.from, to: n.to };
    if (n.kind !== "work" || !before || !fills(chain, n)) return n;
    found = true;
    const { other: _other, ...sure } = n;
    return { ...sure, op: { ...n.op, into: "spur", uses: 0, offers: 0, increases: 0, decreases: 0 } };
  });
  return found ? out : undefined;
}
