import type { CuttingInput, Group } from "./cutting";
import type { ExactInput, ExactPlan } from "./cutting-exact";
import type { Fitted } from "./cutting-fit";

/** Item copies as the exact search counts them, and the way back from its numbers to pieces and balls. */
export function exactInput(
  { balls, newBallMg }: CuttingInput,
  groups: readonly Group[],
  freshId: (n: number) => string,
): { input: ExactInput; cutsOf: (plan: ExactPlan) => Fitted["cuts"] } {
  const lengths = [...new Set(groups.flatMap((g) => g.pieces.map((p) => p.mg)))].sort((a, b) => b - a);
  const index = new Map(lengths.map((mg, i) => [mg, i]));
  const byKind = new Map<string, Group[]>();
  for (const g of groups) byKind.set(g.kind, [...(byKind.get(g.kind) ?? []), g]);
  // The heaviest copies first: they have the fewest places.
  const kinds = [...byKind.values()].sort((a, b) => (b[0]?.total ?? 0) - (a[0]?.total ?? 0));
  const byLot = new Map<string, typeof balls>();
  for (const b of balls) if (b.mg > 0) byLot.set(b.lot, [...(byLot.get(b.lot) ?? []), b]);
  const lots = [...byLot.values()];
  const countsOf = (g: Group | undefined) => {
    const counts = lengths.map(() => 0);
    for (const p of g?.pieces ?? []) counts[index.get(p.mg) ?? 0] = (counts[index.get(p.mg) ?? 0] ?? 0) + 1;
    return counts;
  };
  const input: ExactInput = {
    lengths,
    kinds: kinds.map((list) => ({ counts: countsOf(list[0]), copies: list.length })),
    lots: lots.map((l) => l.map((b) => b.mg)),
    newBallMg,
  };
  const cutsOf = (plan: ExactPlan): Fitted["cuts"] => {
    const left = kinds.map((list) => [...list]);
    const cuts: Fitted["cuts"] = [];
    const cut = (
      taken: readonly Group[],
      each: readonly (readonly number[])[],
      idOf: (ball: number) => string,
    ) => {
      const ready = lengths.map((mg) => taken.flatMap((g) => g.pieces.filter((p) => p.mg === mg)));
      each.forEach((counts, ball) =>
        counts.forEach((n, i) => {
          for (const p of ready[i]?.splice(0, n) ?? [])
            cuts.push({ piece: p.id, ball: idOf(ball), mg: p.mg, joined: false });
        }),
      );
    };
    plan.lots.forEach((lot, l) => {
      const taken = lot.copies.flatMap((n, k) => left[k]?.splice(0, n) ?? []);
      cut(taken, lot.balls, (ball) => lots[l]?.[ball]?.id ?? "");
    });
    const used = plan.fresh.filter((b) => b.some((n) => n > 0));
    cut(left.flat(), used, (ball) => freshId(ball + 1));
    return cuts;
  };
  return { input, cutsOf };
}
