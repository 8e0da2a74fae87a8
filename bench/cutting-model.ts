import highsLoader from "highs";
import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { CutBall, CutPiece, CuttingInput } from "../core/planning/cutting";

/**
 * A repeatable run to cut: `count` pieces from items of a few parts, on `balls` balls in lots, some of them
 * scraps.
 */
export function instance(
  seed: number,
  count: number,
  balls: number,
  more: Partial<CuttingInput> = {},
): CuttingInput {
  let state = (seed * 2654435761) % 4294967296;
  const next = () => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return state / 4294967296;
  };
  const between = (a: number, b: number) => Math.round(a + next() * (b - a));
  const items = Array.from({ length: count <= 60 ? 3 : 6 }, (_, i) => ({
    name: `item${i}`,
    parts: Array.from({ length: between(1, 4) }, () => between(600, next() < 0.3 ? 14_000 : 4_500)),
  }));
  const pieces: CutPiece[] = [];
  for (let copy = 0; pieces.length < count; copy++) {
    const item = items[copy % items.length];
    if (!item) break;
    item.parts.forEach(
      (mg, p) =>
        pieces.length < count &&
        pieces.push({
          id: `${item.name}-${copy}-${p}`,
          group: `${item.name}-${copy}`,
          label: `part ${p}`,
          mg,
          joinable: false,
        }),
    );
  }
  const lots = Math.max(1, Math.round(balls / 6));
  const list = Array.from({ length: balls }, (_, i): CutBall => {
    const kind = next();
    const mg = kind < 0.35 ? between(800, 9_000) : kind < 0.8 ? between(9_000, 46_000) : 50_000;
    return {
      id: `ball${i}`,
      lot: `lot${i % lots}`,
      mg,
      state: kind < 0.35 ? "scrap" : kind < 0.8 ? "opened" : "full",
    };
  });
  // About two thirds of the need is on hand, so that buying has to be decided.
  const total = pieces.reduce((s, p) => s + p.mg, 0);
  let have = list.reduce((s, b) => s + b.mg, 0);
  const kept = [...list];
  while (have > 0.75 * total && kept.length > 1) have -= kept.pop()?.mg ?? 0;
  return { pieces, balls: kept, newBallMg: 50_000, lotRule: "item", joins: false, joinMg: 400, ...more };
}

/**
 * A shade with a hidden packing: balls are as heavy as what is cut from them, or a few milligrams more, so that
 * a plan with no more than `hidden` new balls is there to be found and there are few of them.
 */
export function tight(seed: number): { readonly input: CuttingInput; readonly hidden: number } {
  const rng = xoroshiro128plus(seed);
  const int = (from: number, to: number) => uniformInt(rng, from, to);
  const kinds = Array.from({ length: int(1, 4) }, () =>
    Array.from({ length: int(1, 3) }, () => int(900, 9_000)),
  );
  const slack = () => (int(0, 2) === 0 ? 0 : int(0, 40));
  const pieces: CutPiece[] = [];
  /** One copy of some kind, each of its lengths onto one of the balls. */
  const copyOnto = (balls: number[]) => {
    const kind = kinds[int(0, kinds.length - 1)] ?? [];
    const group = `copy${pieces.length}`;
    kind.forEach((mg, i) => {
      pieces.push({ id: `${group}-${i}`, group, label: `part ${i}`, mg, joinable: false });
      const at = int(0, balls.length - 1);
      balls[at] = (balls[at] ?? 0) + mg;
    });
  };
  const lotRule = int(0, 3) === 0 ? "run" : "item";
  const balls: CutBall[] = [];
  const lots = int(1, 4);
  for (let lot = 0; lot < lots; lot++) {
    const list = new Array<number>(int(1, 3)).fill(0);
    // Under one lot for the run only the first holds what is hidden; the others are there to mislead.
    if (lotRule === "item" || lot === 0) for (let k = int(2, 9); k > 0; k--) copyOnto(list);
    else list.forEach((_, i) => (list[i] = int(3_000, 30_000)));
    list.forEach((mg, i) => {
      if (mg > 0) balls.push({ id: `ball${lot}-${i}`, lot: `lot${lot}`, mg: mg + slack(), state: "opened" });
    });
  }
  const fresh = new Array<number>(lotRule === "run" ? 0 : int(0, 3)).fill(0);
  if (fresh.length > 0) for (let k = int(fresh.length, 4 * fresh.length); k > 0; k--) copyOnto(fresh);
  const used = fresh.filter((mg) => mg > 0);
  const newBallMg = used.length > 0 ? Math.max(...used) + slack() : 20_000;
  return { input: { pieces, balls, newBallMg, lotRule, joins: false, joinMg: 400 }, hidden: used.length };
}

export interface Proven {
  /** Fewest new balls; undefined when it was not proven in time. */
  readonly newBalls: number | undefined;
  readonly seconds: number;
}

/**
 * The same question as an integer program (CPLEX LP format): how many pieces of each kind from each ball, how
 * many copies of each kind of item from each lot, which new balls are bought. Fewest new balls.
 */
export async function solveWithHighs(input: CuttingInput, mostNew: number, seconds: number): Promise<Proven> {
  const groups = new Map<string, CutPiece[]>();
  for (const p of input.pieces) groups.set(p.group, [...(groups.get(p.group) ?? []), p]);
  const kinds = new Map<string, { pieces: number[]; copies: number }>();
  for (const list of groups.values()) {
    const sizes = list.map((p) => p.mg).sort((a, b) => a - b);
    const key = sizes.join(",");
    kinds.set(key, { pieces: sizes, copies: (kinds.get(key)?.copies ?? 0) + 1 });
  }
  const bins = [
    ...input.balls.map((b) => ({ mg: b.mg, lot: b.lot, fresh: -1 })),
    ...Array.from({ length: mostNew }, (_, i) => ({ mg: input.newBallMg, lot: "new", fresh: i })),
  ];
  const lots = [...new Set(bins.map((b) => b.lot))];
  const rows: string[] = [];
  const general: string[] = [];
  const perBin = bins.map((): string[] => []);
  let k = 0;
  for (const { pieces, copies } of kinds.values()) {
    const perCopy = new Map<number, number>();
    for (const mg of pieces) perCopy.set(mg, (perCopy.get(mg) ?? 0) + 1);
    rows.push(` copies${k}: ${lots.map((_, l) => `n_${k}_${l}`).join(" + ")} = ${copies}`);
    lots.forEach((lot, l) => {
      general.push(`n_${k}_${l}`);
      let t = 0;
      for (const [mg, times] of perCopy) {
        const terms: string[] = [];
        bins.forEach((b, i) => {
          if (b.lot !== lot || b.mg < mg) return;
          const x = `x_${k}_${t}_${i}`;
          terms.push(x);
          general.push(x);
          perBin[i]?.push(`${mg} ${x}`);
        });
        rows.push(
          ` lot${k}_${t}_${l}: ${terms.length > 0 ? `${terms.join(" + ")} - ` : "- "}${times} n_${k}_${l} = 0`,
        );
        t++;
      }
    });
    k++;
  }
  bins.forEach((b, i) => {
    const terms = perBin[i] ?? [];
    if (terms.length === 0) return;
    rows.push(
      b.fresh < 0
        ? ` ball${i}: ${terms.join(" + ")} <= ${b.mg}`
        : ` ball${i}: ${terms.join(" + ")} - ${b.mg} y_${b.fresh} <= 0`,
    );
    if (b.fresh > 0) rows.push(` order${i}: y_${b.fresh} - y_${b.fresh - 1} <= 0`);
  });
  // One lot for the whole run: copies come from the lot that is chosen.
  const zs = input.lotRule === "run" ? lots.map((_, l) => `z_${l}`) : [];
  if (zs.length > 0) {
    rows.push(` onelot: ${zs.join(" + ")} = 1`);
    [...kinds.values()].forEach(({ copies }, kind) =>
      lots.forEach((_, l) => rows.push(` only${kind}_${l}: n_${kind}_${l} - ${copies} z_${l} <= 0`)),
    );
  }
  const ys = Array.from({ length: mostNew }, (_, i) => `y_${i}`);
  const wrap = (text: string) => text.replace(/ \+ /g, "\n + ");
  const model = `Minimize\n obj: ${wrap(ys.join(" + ") || "0 n_0_0")}\nSubject To\n${rows.map(wrap).join("\n")}\nGeneral\n ${general.join("\n ")}\n${ys.length + zs.length > 0 ? `Binary\n ${[...ys, ...zs].join("\n ")}\n` : ""}End\n`;
  // Made anew for every model: its WebAssembly memory does not come back from one that was too large.
  const highs = await highsLoader();
  const t = performance.now();
  try {
    const solved = highs.solve(model, { time_limit: seconds, output_flag: false } as never);
    const took = (performance.now() - t) / 1000;
    return {
      newBalls: solved.Status === "Optimal" ? Math.round(solved.ObjectiveValue) : undefined,
      seconds: took,
    };
  } catch {
    return { newBalls: undefined, seconds: (performance.now() - t) / 1000 };
  }
}
