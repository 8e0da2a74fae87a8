import { stitchInto } from "../operations";
import type { Node } from "../tree";
import { isMade } from "./made";

type Work = Extract<Node, { kind: "work" }>;

/** Chains of the shortest oval, and the most that goes into one end of it. */
const SHORTEST = 4;
const MOST_IN_END = 6;
const ONCE = { kind: "number", n: 1 } as const;

/** How many stitches a phrase of an oval tells of: "5 sc" five, "3 sc in last" and "inc 3 in last" three. */
function told(n: Node): { stitch: Work["op"]["stitch"]; many: number } | undefined {
  const only = n.kind === "group" && n.times.kind === "number" && n.times.n === 1 ? n.items[0] : n;
  if (n.kind === "group" && n.items.length !== 1) return undefined;
  if (only?.kind !== "work" || only.times.kind !== "number" || only.op.stitch === "ch") return undefined;
  if (only.op.decreases > 0 || only.op.into === "ring" || only.op.into === "part") return undefined;
  const { n: times } = only.times;
  const many = only.op.increases > 0 && times > 1 ? times : only.op.offers * times;
  return { stitch: only.op.stitch, many };
}

/** How many phrases from `at` on come to `sum` together; undefined where none do. */
function upTo(counts: readonly number[], at: number, sum: number): number | undefined {
  let all = 0;
  for (let i = at; i < counts.length && all < sum; i++) {
    all += counts[i] ?? 0;
    if (all === sum) return i + 1;
  }
  return undefined;
}

/**
 * "Ch 7, 5 sc, 3 sc in the end, 4 sc back, 2 sc": however the ends are said, a chain that is worked on both
 * sides goes up to its last chain, turns in it, and comes back to where it began (trade guide §2.1: a chain
 * of `c` has c − 2 on the first side). Undefined where the numbers are no such oval. Pure; linear.
 */
export function ovalUnsaid(nodes: readonly Node[]): readonly Node[] | undefined {
  const made = nodes.filter((n) => isMade(n) && n.kind !== "skip");
  const [chain, ...worked] = made;
  if (chain?.kind !== "work" || chain.op.stitch !== "ch" || chain.times.kind !== "number") return undefined;
  if (nodes.some((n) => n.kind === "start" || n.kind === "colour")) return undefined;
  const along = chain.times.n - 2;
  const said = worked.map(told);
  const [first] = said;
  if (along < SHORTEST - 2 || !first || said.includes(undefined)) return undefined;
  const counts = said.map((s) => s?.many ?? 0);
  const end = upTo(counts, 0, along);
  if (end === undefined) return undefined;
  const far = counts[end] ?? 0;
  const back = [along - 1, along].find((n) => (upTo(counts, end + 1, n) ?? 0) >= counts.length - 1);
  const near = back === undefined ? undefined : (counts[upTo(counts, end + 1, back) ?? 0] ?? 0);
  if (back === undefined || near === undefined) return undefined;
  if (far < 2 || far > MOST_IN_END || near > MOST_IN_END) return undefined;
  const total = nodes.find((n) => n.kind === "total");
  if (total?.kind === "total" && total.n !== along + far + back + near) return undefined;
  const { from, to } = made.at(-1) ?? chain;
  const work = (legs: number, times: number, into: "next" | "chain" | "same" = "next"): Work => ({
    kind: "work",
    op: {
      ...stitchInto(first.stitch, legs, into),
      ...(into === "chain" ? { name: `${first.stitch} in ch 2`, uses: 1 } : {}),
    },
    times: { ...ONCE, n: times },
    from,
    to,
  });
  const oval: Node[] = [
    chain,
    work(1, 1, "chain"),
    work(1, along - 1),
    work(far, 1),
    { kind: "other-side", from, to },
    work(1, back),
    ...(near > 0 ? [work(near, 1, back === along ? "same" : "next")] : []),
  ];
  const other = nodes.filter((n) => !isMade(n) && !/^(skip|other-side|unknown|aside)$/.test(n.kind));
  return [...oval, ...other];
}
