import type { CheckedRound } from "./check";
import type { Node } from "./tree";

/** A round laid out flat in working order, measured in live stitches of the round itself. */
export interface RoundLayout {
  readonly segments: readonly { readonly slot: string; readonly from: number; readonly to: number }[];
  readonly marks: readonly { readonly at: number; readonly kind: "inc" | "dec" }[];
  /** True when the round was too long to lay out stitch by stitch; marks are then left out. */
  readonly cut: boolean;
}

const MOST = 1200;

/**
 * Where colours run and where increases and decreases sit. Bounded: at most `MOST` operations are laid out.
 */
export function layoutOf(round: CheckedRound): RoundLayout {
  const segments: { slot: string; from: number; to: number }[] = [];
  const marks: { at: number; kind: "inc" | "dec" }[] = [];
  let at = 0;
  let slot = round.slot;
  let left = MOST;
  let visits = MOST * 20;
  let used = 0;
  const available = round.available ?? Infinity;
  const step = (offers: number, kind: "inc" | "dec" | undefined) => {
    if (kind) marks.push({ at: at + offers / 2, kind });
    const last = segments[segments.length - 1];
    if (offers > 0) {
      if (last?.slot === slot) last.to = at + offers;
      else segments.push({ slot, from: at, to: at + offers });
      at += offers;
    }
    left--;
  };
  const visit = (nodes: readonly Node[], reserve: number): void => {
    nodes.forEach((node, i) => {
      if (left <= 0) return;
      if (node.kind === "colour") slot = node.slot;
      else if (node.kind === "skip") used += node.n;
      else if (node.kind === "work") {
        if (node.op.stitch === "ch") return;
        const kind =
          node.op.increases > 0 ? ("inc" as const) : node.op.decreases > 0 ? ("dec" as const) : undefined;
        const times =
          node.times.kind === "number"
            ? node.times.n
            : reach(
                node.op.uses,
                node.times.kind === "until" ? node.times.left : reserve + fixedUse(nodes.slice(i + 1)),
              );
        for (let k = 0; k < times && left > 0; k++) {
          step(node.op.offers, kind);
          used += node.op.uses;
        }
      } else if (node.kind === "group") {
        const unit = fixedUse(node.items);
        const times =
          node.times.kind === "number"
            ? node.times.n
            : reach(
                unit,
                node.times.kind === "until" ? node.times.left : reserve + fixedUse(nodes.slice(i + 1)),
              );
        // A repeat of nothing but turns and asides lays nothing out: what is gone through is bounded too.
        for (let k = 0; k < times && left > 0 && visits > 0; k++, visits--) visit(node.items, reserve);
      } else if (node.kind === "evenly") {
        const total = Math.max(node.n, Math.min(MOST, available) - used);
        const gap = Math.max(0, (total - node.n * node.op.uses) / Math.max(1, node.n));
        let carried = 0;
        for (let k = 0; k < node.n && left > 0; k++) {
          carried += gap;
          while (carried >= 1 && left > 0) {
            step(node.rest.offers, undefined);
            carried -= 1;
          }
          step(node.op.offers, node.op.increases > 0 ? "inc" : "dec");
        }
        used = available;
      }
    });
  };
  const reach = (unit: number, keep: number): number =>
    unit <= 0 || !Number.isFinite(available)
      ? Math.max(1, round.count ?? 1)
      : Math.max(0, Math.floor((available - used - keep) / unit));
  visit(round.nodes, 0);
  return { segments, marks: left > 0 ? marks : [], cut: left <= 0 };
}

/** Things that hang on a round: how many, and how long each is in stitches. Bounded by `MOST`. */
export function hangingOf(round: CheckedRound): readonly number[] {
  const lengths: number[] = [];
  const visit = (nodes: readonly Node[], times: number) => {
    nodes.forEach((n, i) => {
      if (n.kind === "group")
        visit(n.items, times * (n.times.kind === "number" ? n.times.n : repeats(round, n.items)));
      const next = nodes[i + 1];
      if (
        n.kind !== "work" ||
        n.op.stitch !== "ch" ||
        n.times.kind !== "number" ||
        next?.kind !== "work" ||
        next.op.into !== "spur"
      )
        return;
      for (let k = 0; k < times && lengths.length < MOST; k++) lengths.push(n.times.n);
    });
  };
  visit(round.nodes, 1);
  return lengths;
}

/** How often a group goes around. */
function repeats(round: CheckedRound, items: readonly Node[]): number {
  const unit = fixedUse(items);
  return unit > 0 ? Math.max(1, Math.floor((round.available ?? unit) / unit)) : 1;
}

/** Stitches that numbered work uses; open repeats count as nothing. */
function fixedUse(nodes: readonly Node[]): number {
  let uses = 0;
  for (const n of nodes) {
    if (n.kind === "work" && n.times.kind === "number") uses += n.op.uses * n.times.n;
    else if (n.kind === "skip") uses += n.n;
    else if (n.kind === "group" && n.times.kind === "number") uses += fixedUse(n.items) * n.times.n;
  }
  return uses;
}
