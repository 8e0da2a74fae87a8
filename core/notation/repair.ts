import type { Fix } from "./problems";
import type { Node, Span } from "./tree";
import { work } from "./count";

interface Spot {
  readonly at: Span;
  readonly n: number;
  readonly what: "repeat" | "stitches";
  /** The whole phrase, to be quoted. */
  readonly span: Span;
  readonly with: (n: number) => readonly Node[];
}

/** Every written number that says how often something is worked. */
function spots(nodes: readonly Node[]): Spot[] {
  const found: Spot[] = [];
  const visit = (
    list: readonly Node[],
    rebuild: (items: readonly Node[]) => readonly Node[],
    depth: number,
  ) => {
    list.forEach((node, i) => {
      const put = (n: Node) => rebuild(list.map((x, j) => (j === i ? n : x)));
      if ((node.kind === "work" || node.kind === "group") && node.times.kind === "number" && node.times.at) {
        const { at, n } = node.times;
        found.push({
          at,
          n,
          what: node.kind === "group" ? "repeat" : "stitches",
          span: node,
          with: (m) => put({ ...node, times: { kind: "number", n: m, at } } as Node),
        });
      }
      if (node.kind === "evenly" && node.at) {
        const at = node.at;
        found.push({ at, n: node.n, what: "stitches", span: node, with: (m) => put({ ...node, n: m }) });
      }
      if (node.kind === "group" && depth < 3)
        visit(node.items, (items) => put({ ...node, items }), depth + 1);
    });
  };
  visit(nodes, (items) => items, 0);
  return found.slice(0, 40);
}

export interface Repair {
  readonly fix: Fix;
  /** Live stitches after the repaired round. */
  readonly offers: number;
  readonly exact: boolean;
}

/**
 * One changed number that makes the round use all stitches that are there (and come to the written
 * total, when there is one). Repeats are tried before single counts. The effect of a number is
 * linear, so two workings tell which value fits; nothing is searched.
 */
export function repairs(
  nodes: readonly Node[],
  available: number,
  written: number | undefined,
  slot: string,
  first: boolean,
  source: string,
): Repair[] {
  const base = work(nodes, available, slot, first);
  const found: Repair[] = [];
  for (const spot of spots(nodes)) {
    const step = work(spot.with(spot.n + 1), available, slot, first);
    const perUse = step.used - base.used;
    const perMade = step.offers - base.offers;
    const options = new Set<number>();
    if (perUse !== 0) options.add(spot.n + (available - base.used) / perUse);
    else if (written !== undefined && perMade !== 0) options.add(spot.n + (written - base.offers) / perMade);
    for (const n of options) {
      if (!Number.isInteger(n) || n < 1 || n === spot.n || n > 5000) continue;
      const tried = work(spot.with(n), available, slot, first);
      if (tried.used !== available || tried.misfit) continue;
      const exact = written === undefined || tried.offers === written;
      const phrase = source.slice(spot.span.from, spot.span.to).replace(/\s+/g, " ");
      const quoted = phrase.length > 40 ? "" : ` in “${phrase}”`;
      found.push({
        fix: {
          ...spot.at,
          text: String(n),
          label: `Write ${n} instead of ${source.slice(spot.at.from, spot.at.to)}${quoted}: it uses all ${available} and makes ${tried.offers}.`,
        },
        offers: tried.offers,
        exact,
      });
    }
  }
  const rank = (r: Repair) => (r.exact ? 0 : 2);
  return found
    .map((r, i) => ({ r, i }))
    .sort((a, b) => rank(a.r) - rank(b.r) || a.i - b.i)
    .map((x) => x.r);
}

/** The written total put right. */
export function totalFix(total: Span & { n: number }, made: number, source: string): Fix | undefined {
  const text = source.slice(total.from, total.to);
  const at = text.lastIndexOf(String(total.n));
  if (at < 0) return undefined;
  const from = total.from + at;
  return {
    from,
    to: from + String(total.n).length,
    text: String(made),
    label: `Write the total as ${made}.`,
  };
}
