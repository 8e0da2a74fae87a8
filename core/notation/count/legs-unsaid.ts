import { countAsLegs, MOST_LEGS, stitchInto } from "../operations";
import type { Node } from "../tree";
import { isMade } from "./made";

const ONCE = { kind: "number", n: 1 } as const;

/** "(2 sc) x 6" over six: what stands in the bracket goes into one stitch. */
export function bracketAsOne(nodes: readonly Node[]): readonly Node[] | undefined {
  const group = onlyGroup(nodes);
  return group?.items.length === 1 ? withLastAsOne(nodes, group) : undefined;
}

/** "[1 sc, 2 sc] x 6": nobody counts stitches of one kind in two heaps; the last heap goes into one stitch. */
export function lastAsOne(nodes: readonly Node[]): readonly Node[] | undefined {
  const group = onlyGroup(nodes);
  const [before, last] = group?.items.slice(-2) ?? [];
  if (!group || before?.kind !== "work" || last?.kind !== "work" || before.times.kind !== "number")
    return undefined;
  const { op } = before;
  const heaps = op.stitch === last.op.stitch && op.uses === 1 && op.offers === 1 && op.into === "next";
  return heaps ? withLastAsOne(nodes, group) : undefined;
}

type Group = Extract<Node, { kind: "group" }>;
const onlyGroup = (nodes: readonly Node[]): Group | undefined => {
  const worked = nodes.filter(isMade);
  const [group] = worked;
  return worked.length === 1 && group?.kind === "group" ? group : undefined;
};
function withLastAsOne(nodes: readonly Node[], group: Group): readonly Node[] | undefined {
  const last = group.items.at(-1);
  const op = countAsLegs(last);
  if (!op || last?.kind !== "work") return undefined;
  const items = [...group.items.slice(0, -1), { ...last, op, times: ONCE }];
  return nodes.map((n) => (n === group ? { ...group, items } : n));
}

/** "(1, 2) x 6", "1, 1, 2 around": numbers without a stitch tell how many go into each; two are an increase. */
export function numbersAsLegs(nodes: readonly Node[]): readonly Node[] | undefined {
  const worked = nodes.filter(isMade);
  const [only] = worked;
  if (worked.length === 1 && only?.kind === "group") {
    const items = manyInEach(only.items);
    return items && nodes.map((n) => (n === only ? { ...only, items } : n));
  }
  const items = manyInEach(worked);
  const [first, last] = [worked[0], worked.at(-1)];
  if (!items || !first || !last) return undefined;
  const group: Node = { kind: "group", items, times: { kind: "around" }, from: first.from, to: last.to };
  return nodes.flatMap((n) => (n === first ? [group] : worked.includes(n) ? [] : [n]));
}
/** Numbers and no more, of which the last is more than one and the others are one. */
function manyInEach(items: readonly Node[]): readonly Node[] | undefined {
  const numbers = items.map((n) =>
    n.kind === "work" && n.times.kind === "number" && isNumberAlone(n) && n.op.into === "next"
      ? n.times.n
      : NaN,
  );
  const last = numbers.at(-1) ?? NaN;
  const plain = numbers.slice(0, -1);
  if (plain.length === 0 || !plain.every((n) => n === 1) || !(last > 1 && last <= MOST_LEGS))
    return undefined;
  return items.map((n, i): Node =>
    n.kind === "work" && i === items.length - 1
      ? { ...n, op: stitchInto(n.op.stitch, last, "next", n.op.loops), times: ONCE }
      : n,
  );
}
const isNumberAlone = (n: Extract<Node, { kind: "work" }>): boolean =>
  n.times.kind === "number" && n.times.at?.from === n.from && n.times.at.to === n.to;
