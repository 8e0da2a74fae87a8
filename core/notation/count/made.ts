import type { Node } from "../tree";

/** Does it make stitches, pass them by, or begin them? What is said and done beside them does not. */
export const isMade = (n: Node): boolean => /^(work|group|evenly|skip|start)$/.test(n.kind);

/** The same without what begins them. */
export const isWork = (n: Node): boolean => n.kind !== "start" && isMade(n);

/** "Row 1: ch 16", "Rnd 1: ch 16, turn": so many chains and nothing on them; 0 where it is anything else. */
export function chainsAlone(nodes: readonly Node[]): number {
  const made = nodes.filter(isMade);
  const [chain] = made;
  const alone = made.length === 1 && chain?.kind === "work" && chain.op.stitch === "ch";
  return alone && chain.times.kind === "number" ? chain.times.n : 0;
}
