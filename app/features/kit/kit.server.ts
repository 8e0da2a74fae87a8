import type { Ball } from "@db/queries/balls";
import type { ItemWithRevision } from "@db/queries/items";
import { findKit, USUAL_KIT, type KitContent } from "@db/queries/kits";
import type { Scope } from "@db/scope";
import { skillOf, windingOf } from "@core/kit";
import { printMass, printYarnLength, type Grams, type Metres } from "@core/units";
import { mainOf, type ItemAnalysis } from "@core/item";
import { draftOf, sellingFrom, type Surroundings } from "../items/load.server";
import type { KitPaper } from "../paper/input";
import type { KitFile } from "../items/item-file-schema";
import { liveColourways } from "../../server/rows.server";
import { nearestChance } from "./chances";
import { kitFigures, type KitColour } from "../items/kit-figures";

/** All figures of an item as a kit, as its page shows them. */
export function kitOf(entry: ItemWithRevision, analysis: ItemAnalysis, s: Surroundings, kit: KitContent) {
  const f = kitFigures(
    draftOf(entry.revision),
    analysis,
    s,
    sellingFrom(s.channels, entry.item.channelId, entry.item),
    kit,
    s.wound,
  );
  const { colours, items, curve, packed, weighing, scaleStep } = f;
  return {
    colours,
    items,
    curve,
    packed,
    weighing,
    scaleStep,
    seconds: f.work.seconds,
    cost: f.cost.total,
    lines: f.cost.lines.map((l) => ({ label: l.label, amount: l.amount, how: l.how })),
    price: f.pricing?.suggested,
    reserveCost: colours.reduce((sum, c) => sum + (c.grams - c.ownGrams) * c.priceEach, 0),
    reserveShare: share(colours),
    skill: skillOf(analysis.checked, s.terms),
  };
}
export type KitView = ReturnType<typeof kitOf>;

const share = (colours: readonly KitColour[]): number => {
  const own = colours.reduce((a, c) => a + c.ownGrams, 0);
  return own > 0 ? colours.reduce((a, c) => a + c.grams, 0) / own - 1 : 0;
};

/** The winding of n kits: balls for each colour, opened ones first. */
export function windingList(view: KitView, n: number, balls: readonly Ball[]) {
  return view.colours.map((c) => ({
    slot: c.slot,
    yarnId: c.yarnId,
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

/** What a kit of an item is, where she has chosen it or sells one: elsewhere nothing of a kit is handed on. */
export async function kitHandedOn(scope: Scope, itemId: string): Promise<KitContent | undefined> {
  const [kit, colourways] = await Promise.all([findKit(scope, itemId), liveColourways(scope)]);
  return kit.version > 0 || colourways.some((c) => c.asKit && c.itemId === itemId) ? kit : undefined;
}

/** The kit as a file that others can read. */
export const kitFile = (view: KitView, kit: KitContent): KitFile => ({
  chanceShort: kit.chanceBp / 10_000,
  hook: kit.hook,
  startedRing: kit.startedRing,
  spareEyes: kit.spareEyes,
  contents: [
    ...view.colours.map((c) => ({ what: c.label, amount: `${c.grams.toFixed(1)} g` })),
    ...view.items.map((x) => ({ what: x.what, amount: x.amount })),
  ],
  grams: view.weighing.grams,
});

/** What a kit that was handed on is here; the winder is this workshop's own. */
export const kitOfFile = (kit: Omit<KitFile, "contents" | "grams">): KitContent => ({
  ...USUAL_KIT,
  chanceBp: nearestChance(kit.chanceShort),
  hook: kit.hook,
  startedRing: kit.startedRing,
  spareEyes: kit.spareEyes,
});
