import type { Node } from "../tree";

type Work = Extract<Node, { kind: "work" }>;

const numbered = (n: Node | undefined): n is Work => n?.kind === "work" && n.times.kind === "number";

/**
 * "Teal 2sc 1dec x3, 3sc, white 12sc": what stands together without a comma is worked so often, all of it. Undefined
 * where no stitches stand so, or where they are the whole round. Pure; linear in the nodes.
 */
export function runAsRepeat(nodes: readonly Node[]): readonly Node[] | undefined {
  const out: Node[] = [];
  let run: Work[] = [];
  let found = false;
  const close = () => {
    const last = run.at(-1);
    const often = last?.times.kind === "number" ? last.times : undefined;
    const [first] = run;
    if (
      run.length > 1 &&
      first &&
      last &&
      often &&
      often.n > 1 &&
      last.op.increases + last.op.decreases > 0
    ) {
      found = true;
      const items = [...run.slice(0, -1), { ...last, times: { kind: "number" as const, n: 1 } }];
      out.push({ kind: "group", items, times: often, from: first.from, to: last.to });
    } else out.push(...run);
    run = [];
  };
  for (const n of nodes) {
    const before = run.at(-1);
    // A space at most between them.
    if (before && !(numbered(n) && n.from - before.to <= 1)) close();
    if (numbered(n)) run.push(n);
    else out.push(n);
  }
  close();
  return found ? out : undefined;
}
