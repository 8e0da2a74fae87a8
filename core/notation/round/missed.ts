import type { Node } from "../tree";

type Work = Extract<Node, { kind: "work" }>;

/**
 * "7 ch, miss 1 ch, ss in next 6 ch": a chain that is passed by at the end of a chain says where the first
 * stitch goes, as "in 2nd ch from hook" does. Pure; linear in the nodes.
 */
export function missedChains(nodes: readonly Node[]): readonly Node[] {
  if (!nodes.some((n) => (n.kind === "skip" && n.chain) || n.kind === "group")) return nodes;
  const out: Node[] = [];
  for (let i = 0; i < nodes.length; i++) {
    const node = nodes[i] as Node;
    const next = nodes[i + 1];
    const before = out[out.length - 1];
    const onChain = before === undefined || (before.kind === "work" && before.op.stitch === "ch");
    if (
      node.kind === "skip" &&
      node.chain &&
      node.n <= 4 &&
      onChain &&
      next?.kind === "work" &&
      next.op.stitch !== "ch" &&
      next.op.into === "next"
    ) {
      out.push(...fromHook(next, node.n + 1));
      i++;
    } else if (node.kind === "skip" && node.starting) {
      // Said behind the stitches it belongs to, or of no chain that is here.
      const on = out.length - 1;
      const said = out[on];
      const chained = out[on - 1];
      if (
        said?.kind === "work" &&
        said.op.into === "next" &&
        chained?.kind === "work" &&
        chained.op.stitch === "ch"
      )
        out.splice(on, 1, ...fromHook(said, node.n + 1));
    } else if (node.kind === "group") out.push({ ...node, items: missedChains(node.items) });
    else out.push(node);
  }
  return out;
}

/** The first of these stitches goes into the `nth` chain from the hook, the rest follow it. */
function fromHook(w: Work, nth: number): Node[] {
  const { other: _other, ...sure } = w;
  const first: Work = {
    ...sure,
    op: { ...w.op, name: `${w.op.stitch} in ch ${nth}`, into: "chain", uses: 1 },
    times: { kind: "number", n: 1 },
  };
  const rest: Work | undefined =
    w.times.kind !== "number"
      ? { ...sure, op: { ...w.op, onChain: true } }
      : w.times.n > 1
        ? { ...sure, op: { ...w.op, onChain: true }, times: { ...w.times, n: w.times.n - 1 } }
        : undefined;
  return rest ? [first, rest] : [first];
}
