import type { Ball } from "@db/queries/balls";
import type { ItemWithRevision } from "@db/queries/items";
import type { KitContent } from "@db/queries/kits";
import type { Workshop } from "@db/queries/workshops";
import { costOf, priceFor, type CostLine } from "@core/costing";
import { Z90 } from "@core/estimate";
import {
  expectedWeight,
  kitSeconds,
  reserveCurve,
  reserveOf,
  skillOf,
  turnsFor,
  TYPICAL_GRAMS,
  windingOf,
  type Packed,
} from "@core/kit";
import { MAIN_SLOT } from "@core/notation";
import {
  minorDigits,
  printDuration,
  printMass,
  printMoney,
  printYarnLength,
  type Grams,
  type Metres,
  type Minor,
  type Seconds,
} from "@core/units";
import { readingOf } from "../../server/scope.server";
import { mainOf, type ItemAnalysis } from "../items/analyse";
import { draftOf, sellingFrom, type Surroundings } from "../items/load.server";
import type { KitPaper } from "../paper/input";

/** More filling than she uses: a buyer fills fuller or looser (common practice, no source). */
const FILLING_RESERVE = 0.2;
/** A kitchen scale's step, grams. */
const SCALE_STEP = 0.1;

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

/** All figures of an item as a kit. */
export function kitOf(
  entry: ItemWithRevision,
  analysis: ItemAnalysis,
  s: Surroundings,
  workshop: Workshop,
  kit: KitContent,
) {
  const r = readingOf(workshop);
  const colours = coloursOf(entry, analysis, s, kit);
  const q = {
    colours: colours.map((c) => ({ amount: c.ownGrams, sigma: c.sigma })),
    hookInKit: kit.hook,
  };
  const { items, lines } = smallThings(entry, analysis, s, kit);
  const yarnLines: CostLine[] = colours.map((c) => ({
    kind: "yarn",
    label: c.label,
    exact: c.grams * c.priceEach,
    how: `${printMass(c.grams as Grams, r)} at ${printMoney(Math.round(c.priceEach * 100) as Minor, r)} for 100 g`,
  }));
  const seconds = kitSeconds(
    colours.map((c) => c.metres),
    items.length,
    kit.startedRing ? 1 : 0,
  );
  const cost = costOf(
    [...yarnLines, ...lines],
    {
      seconds,
      wagePerHour: s.money.wagePerHour as Minor,
      overheadPerHour: s.money.overheadPerHour as Minor,
    },
    {
      hours: printDuration(seconds as Seconds, r),
      wage: printMoney(s.money.wagePerHour as Minor, r),
      overhead: printMoney(s.money.overheadPerHour as Minor, r),
    },
  );
  const pricing = priceFor(
    cost,
    seconds,
    sellingFrom(s.channels, entry.item.channelId, entry.item),
    s.money.marginBp / 10_000,
    minorDigits(r.currency) === 0 ? [] : s.money.pricePoints,
  );
  const packed = packedOf(colours, items);
  return {
    colours,
    items,
    seconds,
    cost: cost.total,
    lines: cost.lines.map((l) => ({ label: l.label, amount: l.amount, how: l.how })),
    price: pricing?.suggested,
    reserveCost: colours.reduce((sum, c) => sum + (c.grams - c.ownGrams) * c.priceEach, 0),
    reserveShare: share(colours),
    curve: reserveCurve(q),
    packed,
    weighing: expectedWeight(packed, SCALE_STEP),
    scaleStep: SCALE_STEP,
    skill: skillOf(analysis.checked, workshop.terms),
  };
}
export type KitView = ReturnType<typeof kitOf>;

const share = (colours: readonly KitColour[]): number => {
  const own = colours.reduce((a, c) => a + c.ownGrams, 0);
  return own > 0 ? colours.reduce((a, c) => a + c.grams, 0) / own - 1 : 0;
};

function coloursOf(
  entry: ItemWithRevision,
  analysis: ItemAnalysis,
  s: Surroundings,
  kit: KitContent,
): KitColour[] {
  const yarns = new Map(s.yarns.map((y) => [y.id, y]));
  const draft = draftOf(entry.revision);
  const used = analysis.piece.yarn.filter((y) => y.grams.value > 0);
  if (used.length === 0) return [];
  const sigmas = used.map((y) => Math.log(y.grams.high / y.grams.value) / Z90);
  const reserve = reserveOf({
    colours: used.map((y, i) => ({ amount: y.grams.value, sigma: sigmas[i] ?? 0 })),
    chance: kit.chanceBp / 10_000,
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
      turns: turnsFor(metres * 1000, kit.winderMm),
      sigma: sigmas[i] ?? 0,
      priceEach: yarn ? (yarn.ballPrice * 1000) / yarn.ballMg : 0,
    };
  });
}

interface SmallThing {
  readonly what: string;
  readonly amount: string;
  readonly count: number;
  readonly why?: string;
  readonly grams: number;
}

/** Filling, hardware with a spare, tools, paper. */
function smallThings(entry: ItemWithRevision, analysis: ItemAnalysis, s: Surroundings, kit: KitContent) {
  const r = s.reading;
  const items: SmallThing[] = [];
  const lines: CostLine[] = [];
  const notions = new Map(s.notions.map((n) => [n.id, n]));
  for (const { notionId, quantity } of entry.revision.notions) {
    const n = notions.get(notionId);
    if (!n || (n.kind !== "filling" && quantity <= 0)) continue;
    if (n.kind === "filling") {
      const grams = Math.ceil(analysis.piece.filling.high * (n.density ?? 1) * (1 + FILLING_RESERVE));
      if (grams <= 0) continue;
      items.push({ what: n.name, amount: printMass(grams as Grams, r), count: 1, grams });
      lines.push({
        kind: "filling",
        label: n.name,
        exact: (grams * 1000 * n.packPrice) / n.packSize,
        how: printMass(grams as Grams, r),
      });
      continue;
    }
    if (n.kind === "tag" || n.kind === "label") continue;
    const spare = kit.spareEyes && (n.kind === "eye" || n.kind === "bead") ? (n.kind === "eye" ? 2 : 1) : 0;
    const count = quantity + spare;
    items.push({
      what: n.name,
      amount: `${count}`,
      count,
      ...(spare > 0 ? { why: `${spare} of them spare` } : {}),
      grams:
        n.kind === "eye"
          ? TYPICAL_GRAMS.eyePair(n.sizeMm ?? 6) / 2
          : n.kind === "bag" || n.kind === "packaging"
            ? TYPICAL_GRAMS.bag
            : TYPICAL_GRAMS.ring,
    });
    lines.push({
      kind: "notion",
      label: n.name,
      exact: (count * n.packPrice) / n.packSize,
      how: `${count} of a pack of ${n.packSize}`,
    });
  }
  items.push({ what: "Yarn needle", amount: "1", count: 1, grams: TYPICAL_GRAMS.needle });
  items.push({ what: "Stitch marker", amount: "1", count: 1, grams: TYPICAL_GRAMS.marker });
  if (kit.hook) items.push({ what: "Crochet hook", amount: "1", count: 1, grams: TYPICAL_GRAMS.hook });
  if (kit.startedRing) items.push({ what: "Ring, started for you", amount: "1", count: 1, grams: 0 });
  items.push({ what: "Pattern and kit sheet", amount: "1", count: 1, grams: TYPICAL_GRAMS.sheet });
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

/** The winding of n kits: balls for each colour, opened ones first. */
export function windingList(view: KitView, n: number, balls: readonly Ball[]) {
  return view.colours.map((c) => ({
    slot: c.slot,
    label: c.label,
    colour: c.colour,
    grams: c.grams,
    metres: c.metres,
    turns: c.turns,
    all: c.grams * n,
    winding: windingOf(
      c.grams * 1000,
      n,
      balls
        .filter((b) => b.yarnId === c.yarnId)
        .map((b) => ({
          id: b.id,
          lot: b.lot,
          mg: Math.max(0, b.mg - b.reserved),
          opened: b.state !== "full",
        })),
    ),
  }));
}

/** The kit as its sheet lists it. */
export function kitPaper(view: KitView, analysis: ItemAnalysis, kit: KitContent, s: Surroundings): KitPaper {
  const r = s.reading;
  const main = mainOf(analysis.piece);
  const over = r.system === "imperial" ? 50.8 : 50;
  const stitch = main?.fabric.stitch ?? { width: 5, height: 5 };
  return {
    contents: [
      ...view.colours.map((c) => ({
        what: c.label,
        amount: `${printMass(c.grams as Grams, r)}, ${printYarnLength(c.metres as Metres, r)}`,
      })),
      ...view.items.map((x) => ({ what: x.what, amount: x.amount, ...(x.why ? { why: x.why } : {}) })),
    ],
    besides: [
      ...(kit.hook ? [] : [`A crochet hook of ${view.colours[0]?.hookMm ?? 3} mm`]),
      "Small scissors",
      "Pins",
    ],
    gauge: { stitches: over / stitch.width, rounds: over / stitch.height, overMm: over },
    hookMm: view.colours[0]?.hookMm ?? 3,
    chance: kit.chanceBp / 10_000,
    explains: view.skill.explains,
  };
}
