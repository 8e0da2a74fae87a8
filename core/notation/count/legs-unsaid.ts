import { stitchInto } from "../operations";
import type { Node } from "../tree";
import { isMade } from "./made";

/** Hardly more stitches go into one, where only numbers say so. */
const MOST_LEGS = 3;
const ONCE = { kind: "number", n: 1 } as const;

/** "(2 sc) x 6" over six: what stands in the bracket goes into one stitch. */
export function bracketAsOne(nodes: readonly Node[]): readonly Node[] | undefined {
  const worked = nodes.filter(isMade);
  const [group] = worked;
  const item = worked.length === 1 && group?.kind === "group" && group.items.length === 1 && group.items[0];
  if (!item || item.kind !== "work" || item.times.kind !== "number" || group?.kind !== "group")
    return undefined;
  const { op, times } = item;
  const plain = op.uses === 1 && op.offers === 1 && op.into === "next" && op.stitch !== undefined;
  if (!plain || !times.at || times.n < 2 || times.n > MOST_LEGS) return undefined;
  const inc: Node = {
    ...item,
    op: stitchInto(op.stitch, times.n, "next", op.loops),
    times: ONCE,
  };
  return nodes.map((n) => (n === group ? { ...group, items: [inc] } : n));
}

/** "[1 sc, 2 sc] x 6": nobody counts stitches of one kind in two heaps; the last heap goes into one stitch. */
export function lastAsOne(nodes: readonly Node[]): readonly Node[] | undefined {
  const worked = nodes.filter(isMade);
  const [group] = worked;
  if (worked.length !== 1 || group?.kind !== "group" || group.items.length < 2) return undefined;
  const [before, last] = group.items.slice(-2);
  const heaps = [before, last].every(
    (n) => n?.kind === "work" && n.times.kind === "number" && n.op.uses === 1 && n.op.offers === 1,
  );
  if (!heaps || before?.kind !== "work" || last?.kind !== "work" || last.times.kind !== "number")
    return undefined;
  const { op, times } = last;
  const same = before.op.stitch === op.stitch && before.op.into === "next" && op.into === "next";
  if (!same || op.stitch === "ch" || !times.at || times.n < 2 || times.n > MOST_LEGS) return undefined;
  const inc: Node = { ...last, op: stitchInto(op.stitch, times.n, "next", op.loops), times: ONCE };
  return nodes.map((n) => (n === group ? { ...group, items: [...group.items.slice(0, -1), inc] } : n));
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
