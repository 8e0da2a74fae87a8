import { costOf, earningAt, priceFor, type CostLine, type Selling } from "@core/costing";
import { Z90 } from "@core/estimate";
import {
  expectedWeight,
  NOTHING_WOUND,
  type LearnedWinding,
  KIT_PACE_SIGMA,
  kitTasks,
  reserveCurve,
  reserveOf,
  turnOf,
  turnsFor,
  TYPICAL_GRAMS,
  type Packed,
} from "@core/kit";
import { MAIN_SLOT } from "@core/notation";
import type { PieceNeed } from "@core/planning";
import {
  minorDigits,
  printDuration,
  printMass,
  printMoney,
  type Grams,
  type Minor,
  type Seconds,
} from "@core/units";
import type { KitContent } from "../../../db/queries/kits";
import type { Around, ItemAnalysis, ItemDraft, KitOfItem, NotionView } from "@core/item";

/** More filling than she uses: a buyer fills fuller or looser (common practice, no source). */
const FILLING_RESERVE = 0.2;
/** A kitchen scale's step, grams. */
const SCALE_STEP = 0.1;
/** Winding by a scale of that step is off by no more: sigma of the logarithm of a wound length. */
const WOUND_SIGMA = 0.01;

export interface KitColour {
  readonly slot: string;
  readonly yarnId: string;
  readonly label: string;
  readonly colour: string;
  readonly hookMm: number;
  /** What she uses herself, and what is wound. */
  readonly ownGrams: number;
  readonly grams: number;
  readonly metres: number;
  readonly turns: number;
  readonly sigma: number;
  readonly priceEach: number;
}

export interface SmallThing {
  readonly what: string;
  readonly amount: string;
  readonly count: number;
  readonly why?: string;
  readonly grams: number;
  /** What it takes of the stock: mg of filling, pieces of anything else; nothing for what is not kept there. */
  readonly need?: PieceNeed;
}

/** What a kit's figures rest on beside its item. */
export type KitAround = Pick<Around, "yarns" | "notions" | "money" | "reading">;

/** All figures of an item as a kit: contents with their reserve, work, cost and price. Pure. */
export function kitFigures(
  draft: ItemDraft,
  analysis: ItemAnalysis,
  around: KitAround,
  selling: Selling,
  kit: KitContent,
  wound: LearnedWinding = NOTHING_WOUND,
) {
  const r = around.reading;
  const colours = coloursOf(draft, analysis, around, kit, wound);
  const { items, lines } = smallThings(draft, analysis, around, kit);
  const yarnLines: CostLine[] = colours.map((c) => ({
    kind: "yarn",
    label: c.label,
    exact: c.grams * c.priceEach,
    how: `${printMass(c.grams as Grams, r)} at ${printMoney(Math.round(c.priceEach * 100) as Minor, r)} for 100 g`,
  }));
  const tasks = kitTasks(
    colours.map((c) => c.metres),
    items.length,
    kit.startedRing ? 1 : 0,
  );
  const seconds = tasks.reduce((s, t) => s + t.seconds, 0);
  const { money } = around;
  const work = {
    seconds,
    low: seconds * Math.exp(-Z90 * KIT_PACE_SIGMA),
    high: seconds * Math.exp(Z90 * KIT_PACE_SIGMA),
    wagePerHour: money.wagePerHour,
    overheadPerHour: money.overheadPerHour,
  };
  const cost = costOf([...yarnLines, ...lines], work, {
    hours: printDuration(seconds as Seconds, r),
    wage: printMoney(work.wagePerHour, r),
    overhead: printMoney(work.overheadPerHour, r),
  });
  const points = minorDigits(r.currency) === 0 ? [] : money.pricePoints;
  const packed = packedOf(colours, items);
  return {
    colours,
    items,
    tasks,
    work,
    cost,
    pricing: priceFor(cost, seconds, selling, money.marginBp / 10_000, points),
    curve: reserveCurve({
      colours: colours.map((c) => ({ amount: c.ownGrams, sigma: c.sigma })),
      winding: wound.scatter,
      hookInKit: kit.hook,
    }),
    packed,
    weighing: expectedWeight(packed, SCALE_STEP),
    scaleStep: SCALE_STEP,
  };
}
export type KitFigures = ReturnType<typeof kitFigures>;

/**
 * An item's figures as those of its kit: the stock it takes is what is wound and counted, its work is winding
 * and packing, its price pays that. What the pattern says of the figure stays.
 */
export function asKit(
  analysis: ItemAnalysis,
  f: KitFigures,
  own: { readonly price: number | undefined; readonly selling: Selling },
): ItemAnalysis {
  const { seconds, low, high } = f.work;
  const price = (own.price ?? f.pricing?.suggested ?? f.cost.total) as Minor;
  return {
    ...analysis,
    piece: { ...analysis.piece, seconds: { ...analysis.piece.seconds, value: seconds, low, high } },
    paceFrom: "common practice of winding and packing",
    cost: f.cost,
    pricing: f.pricing,
    price,
    earning: earningAt(price, f.cost, f.work, own.selling),
    needs: needsOf(f),
    lengths: f.colours
      .filter((c) => c.yarnId !== "")
      .map((c) => ({
        part: "Winding",
        make: 1,
        slot: c.slot,
        yarnId: c.yarnId,
        mg: c.grams * 1000,
        sigma: WOUND_SIGMA,
        // A buyer gets each colour in one piece.
        filled: false,
      })),
    kit: kitOfItem(f),
  };
}

/** The kit as the table works on it. */
const kitOfItem = (f: KitFigures): KitOfItem => ({
  tasks: f.tasks,
  colours: f.colours.map(({ slot, label, grams, turns }) => ({ slot, label, grams, turns })),
  things: f.items.map((x) => ({ what: x.what, amount: x.amount })),
  grams: f.weighing.grams,
  tolerance: f.weighing.tolerance,
});

/** What one kit takes of each material, added up. */
function needsOf(f: KitFigures): PieceNeed[] {
  const needs = new Map<string, PieceNeed>();
  const wound = f.colours
    .filter((c) => c.yarnId !== "")
    .map(({ yarnId: materialId, grams }): PieceNeed => {
      const each = grams * 1000;
      return { kind: "yarn", materialId, each, eachHigh: each };
    });
  for (const n of [...wound, ...f.items.flatMap((x) => x.need ?? [])]) {
    const had = needs.get(n.materialId);
    needs.set(n.materialId, had ? { ...n, each: had.each + n.each, eachHigh: had.eachHigh + n.eachHigh } : n);
  }
  return [...needs.values()];
}

function coloursOf(
  draft: ItemDraft,
  analysis: ItemAnalysis,
  around: KitAround,
  kit: KitContent,
  wound: LearnedWinding,
): KitColour[] {
  const yarns = new Map(around.yarns.map((y) => [y.id, y]));
  const used = analysis.piece.yarn.filter((y) => y.grams.value > 0);
  if (used.length === 0) return [];
  const sigmas = used.map((y) => Math.log(y.grams.high / y.grams.value) / Z90);
  const reserve = reserveOf({
    colours: used.map((y, i) => ({ amount: y.grams.value, sigma: sigmas[i] ?? 0 })),
    chance: kit.chanceBp / 10_000,
    winding: wound.scatter,
    hookInKit: kit.hook,
  });
  return used.map((y, i) => {
    const choice =
      draft.slots.find((x) => x.slot === y.slot) ??
      draft.slots.find((x) => x.slot === MAIN_SLOT) ??
      draft.slots[0];
    const yarn = yarns.get(choice?.yarnId ?? "");
    const grams = Math.ceil((reserve.amounts[i] ?? y.grams.value) / SCALE_STEP) * SCALE_STEP;
    const metres = (grams * y.metres.value) / y.grams.value;
    return {
      slot: y.slot,
      yarnId: yarn?.id ?? "",
      label: yarn ? `${yarn.name}, ${yarn.shade}` : `${y.slot} (no yarn chosen)`,
      colour: yarn?.colour ?? "#b9c3c5",
      hookMm: choice?.hookMm ?? 3,
      ownGrams: y.grams.value,
      grams,
      metres,
      turns: turnsFor(metres * 1000, kit.winderMm * turnOf(wound, yarn?.id ?? "").factor),
      sigma: sigmas[i] ?? 0,
      priceEach: yarn ? (yarn.ballPrice * 1000) / yarn.ballMg : 0,
    };
  });
}

const gramsOf = (n: NotionView): number => {
  if (n.kind === "eye") return TYPICAL_GRAMS.eyePair(n.sizeMm ?? 6) / 2;
  return n.kind === "bag" || n.kind === "packaging" ? TYPICAL_GRAMS.bag : TYPICAL_GRAMS.ring;
};

/** Filling, hardware with a spare, tools, paper. */
function smallThings(draft: ItemDraft, analysis: ItemAnalysis, around: KitAround, kit: KitContent) {
  const r = around.reading;
  const items: SmallThing[] = [];
  const lines: CostLine[] = [];
  const notions = new Map(around.notions.map((n) => [n.id, n]));
  const counted = (n: NotionView, count: number, spare: number) => {
    const need: PieceNeed = { kind: "notion", materialId: n.id, each: count, eachHigh: count };
    const why = spare > 0 ? { why: `${spare} of them spare` } : {};
    items.push({ what: n.name, amount: `${count}`, count, ...why, grams: gramsOf(n), need });
    lines.push({
      kind: "notion",
      label: n.name,
      exact: (count * n.packPrice) / n.packSize,
      how: `${count} of a pack of ${n.packSize}`,
    });
  };
  for (const { notionId, quantity } of draft.notions) {
    const n = notions.get(notionId);
    if (!n || (n.kind !== "filling" && quantity <= 0)) continue;
    if (n.kind === "filling") {
      const grams = Math.ceil(analysis.piece.filling.high * (n.density ?? 1) * (1 + FILLING_RESERVE));
      if (grams <= 0) continue;
      const mg = grams * 1000;
      items.push({
        what: n.name,
        amount: printMass(grams as Grams, r),
        count: 1,
        grams,
        need: { kind: "filling", materialId: n.id, each: mg, eachHigh: mg },
      });
      lines.push({
        kind: "filling",
        label: n.name,
        exact: (mg * n.packPrice) / n.packSize,
        how: printMass(grams as Grams, r),
      });
      continue;
    }
    if (n.kind === "tag" || n.kind === "label") continue;
    const spare = kit.spareEyes && (n.kind === "eye" || n.kind === "bead") ? (n.kind === "eye" ? 2 : 1) : 0;
    counted(n, quantity + spare, spare);
    // Each eye has its washer, the spare ones too.
    const washer = n.washerId ? notions.get(n.washerId) : undefined;
    if (washer) counted(washer, quantity + spare, spare);
  }
  const tool = (what: string, grams: number) => items.push({ what, amount: "1", count: 1, grams });
  tool("Yarn needle", TYPICAL_GRAMS.needle);
  tool("Stitch marker", TYPICAL_GRAMS.marker);
  if (kit.hook) tool("Crochet hook", TYPICAL_GRAMS.hook);
  if (kit.startedRing) tool("Ring, started for you", 0);
  tool("Pattern and kit sheet", TYPICAL_GRAMS.sheet);
  return { items, lines };
}

/** What the scale should find, with how sure each is. */
const packedOf = (colours: readonly KitColour[], items: readonly SmallThing[]): Packed[] => [
  ...colours.map((c) => ({
    what: c.label,
    count: 1,
    gramsEach: c.grams,
    sigmaEach: 0.05 + 0.01 * c.grams,
  })),
  ...items
    .filter((x) => x.grams > 0)
    .map((x) => ({ what: x.what, count: x.count, gramsEach: x.grams, sigmaEach: 0.03 * x.grams })),
];
