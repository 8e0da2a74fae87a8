import { listItems, type ItemWithRevision, type Revision } from "@db/queries/items";
import { listColourways, type Colourway } from "@db/queries/colourways";
import {
  listNotions,
  listSwatches,
  listYarns,
  type Notion,
  type Swatch,
  type Yarn,
} from "@db/queries/materials";
import { listChannels, type Channel, type Workshop } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import type { WeightClass } from "@core/fabric";
import type { Minor } from "@core/units";
import { LRUCache } from "lru-cache";
import {
  analyseItem,
  type Around,
  type ItemAnalysis,
  type ItemDraft,
  type MoneySettings,
  type NotionView,
  type YarnView,
} from "./analyse";
import { handDataOf, loadMeasured } from "../hand/load.server";
import { handView, type HandView } from "../hand/learning";
import { readingOf, todayOf } from "../../server/scope.server";
import type { Reading } from "@core/units";

/** "3 Nov" in the reader's words. */
function dayPrinter(locale: string): (day: string) => string {
  const format = new Intl.DateTimeFormat(locale, { day: "numeric", month: "short", timeZone: "UTC" });
  return (day) => format.format(new Date(`${day}T00:00:00Z`));
}

export function yarnView(y: Yarn, swatches: readonly Swatch[], reading: Reading): YarnView {
  const mine = swatches.filter((x) => x.yarnId === y.id);
  // Gauge and sample may come from two swatches of one hook: the newest of each.
  const s = mine.find((x) => x.stitches !== null || x.sampleStitches !== null);
  const same = mine.filter((x) => x.hookUm === s?.hookUm);
  const gauge = same.find((x) => x.stitches !== null && x.overMm !== null);
  const sample = same.find((x) => x.sampleStitches !== null && x.sampleMm !== null);
  const day = s ? dayPrinter(reading.locale)(s.madeOn) : "";
  return {
    id: y.id,
    name: y.name,
    shade: y.shade,
    colour: y.colour,
    fibre: y.fibre,
    weightClass: y.weightClass as WeightClass,
    hookMm: y.hookUm / 1000,
    metresPer100g: y.mmPer100g / 1000,
    ballMg: y.ballMg,
    ballPrice: y.ballPrice,
    deleted: y.deletedAt !== null,
    lengthSigma: y.lengthSigmaBp / 10_000,
    swatch: s
      ? {
          label: `your swatch of ${day}`,
          hookMm: s.hookUm / 1000,
          gauge:
            gauge?.stitches && gauge.overMm
              ? {
                  stitches: gauge.stitches,
                  overMm: gauge.overMm,
                  rounds: gauge.rounds ?? undefined,
                  roundsOverMm: gauge.roundsOverMm ?? undefined,
                }
              : undefined,
          sample:
            sample?.sampleStitches && sample.sampleMm
              ? { stitches: sample.sampleStitches, mm: sample.sampleMm }
              : undefined,
        }
      : undefined,
  };
}

/** A yarn with what a hand's measurements say of it. */
function learnedYarn(y: YarnView, hand: HandView): YarnView {
  const own = Object.entries(hand.tension)
    .filter(([g]) => g.startsWith(`${y.id}@`))
    .map(([g, l]) => [g.slice(y.id.length + 1), l] as const);
  return own.length === 0 && !hand.elsewhere
    ? y
    : { ...y, learned: { ...Object.fromEntries(own), ...(hand.elsewhere ? { "": hand.elsewhere } : {}) } };
}

export const notionView = (n: Notion): NotionView => ({
  id: n.id,
  kind: n.kind,
  name: n.name,
  sizeMm: n.sizeUm === null ? undefined : n.sizeUm / 1000,
  packSize: n.packSize,
  packPrice: n.packPrice,
  deleted: n.deletedAt !== null,
  colour: n.colour ?? undefined,
  washerId: n.washerId ?? undefined,
  density: n.densityBp / 10_000,
});

export const moneyOf = (w: Workshop): MoneySettings => ({
  wagePerHour: w.wagePerHour,
  overheadPerHour: w.overheadPerHour,
  marginBp: w.marginBp,
  pricePoints: w.pricePoints
    .split(",")
    .map((x) => x.trim())
    .filter((x) => x !== "")
    .map(Number)
    .filter(Number.isFinite),
});

export const draftOf = (r: Revision): ItemDraft => ({
  pattern: r.pattern,
  firmness: r.firmness,
  hanger: r.hanger,
  slots: r.slots.map((s) => ({
    slot: s.slot,
    yarnId: s.yarnId,
    hookMm: s.hookUm / 1000,
    strands: s.strands,
  })),
  notions: r.notions,
});

export const feesOf = (
  channels: readonly Channel[],
  id: string | null,
): Around["fees"] & { id: string | undefined } => {
  const c = channels.find((x) => x.id === id) ?? channels[0];
  return {
    id: c?.id,
    label: c?.name ?? "no fees",
    percentBp: c?.percentBp ?? 0,
    fixed: (c?.fixed ?? 0) as Minor,
  };
};

/** What an item's figures depend on beside its own text. */
export interface Surroundings {
  readonly yarns: readonly YarnView[];
  readonly notions: readonly NotionView[];
  readonly channels: readonly Channel[];
  readonly money: MoneySettings;
  readonly reading: Reading;
  readonly terms: "us" | "uk";
  readonly hand: HandView;
}

export async function loadSurroundings(scope: Scope, workshop: Workshop): Promise<Surroundings> {
  const reading = readingOf(workshop);
  const [yarns, swatches, notions, channels, measured] = await Promise.all([
    listYarns(scope, true),
    listSwatches(scope),
    listNotions(scope, true),
    listChannels(scope),
    loadMeasured(scope),
  ]);
  const hand = handView(
    handDataOf(measured, yarns, measured.hands[0]),
    todayOf(scope.now),
    workshop.halfLifeDays,
    dayPrinter(reading.locale),
  );
  return {
    hand,
    yarns: yarns.map((y) =>
      learnedYarn(
        yarnView(
          y,
          swatches.filter((x) => !x.setAside),
          reading,
        ),
        hand,
      ),
    ),
    notions: notions.map(notionView),
    channels,
    money: moneyOf(workshop),
    reading,
    terms: workshop.terms,
  };
}

/**
 * Analyses of revisions, which never change: the key holds everything the figures depend on, so the
 * cache can only answer what the core would answer again. Shared by all requests; bounded.
 */
const analyses = new LRUCache<string, ItemAnalysis>({ max: 400 });

/** An item in another colourway: its slots where the colourway fills them, its price where it has one. */
export function inColourway(entry: ItemWithRevision, c: Colourway | undefined): ItemWithRevision {
  if (!c) return entry;
  const own = new Map(c.slots.map((s) => [s.slot, s]));
  const slots = [
    ...entry.revision.slots.map((s) => own.get(s.slot) ?? s),
    ...c.slots.filter((s) => !entry.revision.slots.some((x) => x.slot === s.slot)),
  ];
  return {
    item: { ...entry.item, price: c.price ?? entry.item.price },
    revision: { ...entry.revision, slots },
  };
}

/** Of all surroundings, what an item's figures rest on. */
export function aroundOf(entry: ItemWithRevision, s: Surroundings): Around {
  const draft = draftOf(entry.revision);
  const fees = feesOf(s.channels, entry.item.channelId);
  const used = new Set(draft.slots.map((x) => x.yarnId));
  const notions = new Set(draft.notions.map((x) => x.notionId));
  for (const n of s.notions) if (n.washerId && notions.has(n.id)) notions.add(n.washerId);
  return {
    yarns: s.yarns.filter((y) => used.has(y.id)),
    notions: s.notions.filter((n) => notions.has(n.id)),
    money: s.money,
    fees,
    price: entry.item.price ?? undefined,
    reading: s.reading,
    terms: s.terms,
    hand: { pace: s.hand.pace, density: s.hand.density },
  };
}

export function analyseStored(entry: ItemWithRevision, s: Surroundings): ItemAnalysis {
  const draft = draftOf(entry.revision);
  const around = aroundOf(entry, s);
  const key = JSON.stringify([entry.revision.id, draft.slots, around]);
  const known = analyses.get(key);
  if (known) return known;
  const made = analyseItem(draft, around);
  analyses.set(key, made);
  return made;
}

export interface AnalysedColourway {
  readonly entry: ItemWithRevision;
  /** undefined for the item's own colours. */
  readonly colourway: Colourway | undefined;
  /** "Puffin keychain" or "Puffin keychain, winter". */
  readonly label: string;
  readonly analysis: ItemAnalysis;
}

/** Every item in its own colours and in each colourway. */
export async function loadAnalysedColourways(
  scope: Scope,
  workshop: Workshop,
): Promise<{ all: AnalysedColourway[]; surroundings: Surroundings }> {
  const [{ items, surroundings }, colourways] = await Promise.all([
    loadAnalysedItems(scope, workshop),
    listColourways(scope),
  ]);
  const all = items.flatMap(({ entry, analysis }): AnalysedColourway[] => [
    { entry, colourway: undefined, label: entry.item.name, analysis },
    ...colourways
      .filter((c) => c.itemId === entry.item.id)
      .map((c) => {
        const dressed = inColourway(entry, c);
        return {
          entry: dressed,
          colourway: c,
          label: `${entry.item.name}, ${c.name}`,
          analysis: analyseStored(dressed, surroundings),
        };
      }),
  ]);
  return { all, surroundings };
}

export async function loadAnalysedItems(
  scope: Scope,
  workshop: Workshop,
): Promise<{ items: { entry: ItemWithRevision; analysis: ItemAnalysis }[]; surroundings: Surroundings }> {
  const [items, surroundings] = await Promise.all([listItems(scope), loadSurroundings(scope, workshop)]);
  return {
    items: items.map((entry) => ({ entry, analysis: analyseStored(entry, surroundings) })),
    surroundings,
  };
}
