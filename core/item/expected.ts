import { workOfStage, YARN_SIGMA, type LearnedYarn, type Stage, type Work } from "../estimate";
import type { Around, ItemAnalysis, ItemDraft } from "./analyse";

/**
 * What the trade would expect of an item, before anything of this hand is known: what measurements are held
 * against.
 */
export interface TradeExpected {
  readonly parts: readonly {
    readonly name: string;
    readonly make: number;
    /** Yarn that most of it is worked in. */
    readonly yarnId: string | undefined;
    readonly hookMm: number | undefined;
    readonly stitchMg: number;
    readonly tailMg: number;
    readonly fillingMg: number;
    readonly firmness: "light" | "medium" | "firm";
    readonly work: Work;
  }[];
  /** The whole piece, hanger and packing too. */
  readonly work: Work;
}

/**
 * What an item's figures rest on, with the trade's averages in place of measurements, but in her sizes: a
 * part that comes out wider holds more filling by the trade's own density, and only what is packed beyond
 * that is her packing.
 */
export const tradeAround = (around: Around): Around => ({
  ...around,
  hand: undefined,
  yarns: around.yarns.map((y) => ({
    ...y,
    swatch: y.swatch?.gauge ? { ...y.swatch, sample: undefined } : undefined,
    learned: Object.fromEntries(
      Object.entries<LearnedYarn | undefined>({ "": undefined, ...y.learned }).map(([hook, known]) => [
        hook,
        {
          factor: 1,
          sigma: YARN_SIGMA,
          from: "trade average",
          ...(known?.width ? { width: known.width } : {}),
        },
      ]),
    ),
  })),
});

/** Of the analysis that the item page makes, on `tradeAround`. */
export function tradeExpected(draft: ItemDraft, a: ItemAnalysis): TradeExpected {
  const slotOf = (slot: string) =>
    draft.slots.find((s) => s.slot === slot) ?? (slot === "main" ? draft.slots[0] : undefined);
  return {
    work: a.piece.work,
    parts: a.piece.parts.map((p) => {
      const most = p.yarn.reduce<(typeof p.yarn)[number] | undefined>(
        (best, y) =>
          !best || y.grams.value * y.stitchShare > best.grams.value * best.stitchShare ? y : best,
        undefined,
      );
      const slot = most ? slotOf(most.slot) : undefined;
      return {
        name: p.part.name,
        make: p.part.make,
        yarnId: slot?.yarnId,
        hookMm: slot?.hookMm,
        firmness: p.fabric.firmness,
        work: p.work,
        fillingMg: p.filling.value * 1000,
        stitchMg: p.yarn.reduce((s, y) => s + y.grams.value * y.stitchShare, 0) * 1000,
        tailMg: p.yarn.reduce((s, y) => s + y.grams.value * (1 - y.stitchShare), 0) * 1000,
      };
    }),
  };
}

/** Of one part or of the whole piece: stitches, tails, filling and the seconds of a stage, for one. */
export function expectedFor(
  t: TradeExpected,
  part: string,
): {
  yarnId: string | undefined;
  hookMm: number | undefined;
  stitchMg: number;
  tailMg: number;
  fillingMg: number;
  firmness: "light" | "medium" | "firm";
} {
  const parts = part === "" ? t.parts : t.parts.filter((p) => p.name === part);
  const times = (p: (typeof parts)[number]) => (part === "" ? p.make : 1);
  const main = parts.reduce<(typeof parts)[number] | undefined>(
    (best, p) => (!best || p.stitchMg * times(p) > best.stitchMg * times(best) ? p : best),
    undefined,
  );
  const sum = (pick: (p: (typeof parts)[number]) => number) =>
    parts.reduce((s, p) => s + pick(p) * times(p), 0);
  return {
    yarnId: main?.yarnId,
    hookMm: main?.hookMm,
    stitchMg: sum((p) => p.stitchMg),
    tailMg: sum((p) => p.tailMg),
    fillingMg: sum((p) => p.fillingMg),
    firmness: main?.firmness ?? "medium",
  };
}

/** The trade's seconds of a stage, of one part or of the whole piece. */
export function stageWork(t: TradeExpected, part: string, stage: Stage): Work {
  const whole = part === "" ? t.work : (t.parts.find((p) => p.name === part)?.work ?? {});
  return workOfStage(whole, stage);
}
