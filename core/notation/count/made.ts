import type { Node } from "../tree";

/** Does it make stitches, pass them by, or begin them? What is said and done beside them does not. */
export const isMade = (n: Node): boolean => /^(work|group|evenly|skip|start)$/.test(n.kind);

/** The same without what begins them. */
export const isWork = (n: Node): boolean => n.kind !== "start" && isMade(n);
