import type { Node } from "./tree";

/**
 * "Flatten and close with sc through both layers", and neither a number nor a sum: the edge is shut stitch by stitch.
 * The same nodes with the stitches taking two each; undefined where they are something else.
 */
export function shutByPairs(nodes: readonly Node[]): readonly Node[] | undefined {
  const [only, ...more] = nodes.filter((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly");
  if (only?.kind !== "work" || more.length > 0 || nodes.some((n) => n.kind === "total")) return undefined;
  const unsaid = only.times.kind !== "number" || only.times.at === undefined;
  const pairs = only.op.layers === 2 && only.op.caught === undefined && unsaid ? only.other : undefined;
  return pairs && nodes.map((n) => (n === only ? pairs : n));
}
