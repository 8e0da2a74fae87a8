import { micrometresToMm, minor, type Reading } from "@core/units";
import { group } from "d3-array";
import { findItem, type ItemWithRevision, type Revision } from "@db/queries/items";
import type { Colourway } from "@db/queries/colourways";
import { listKits, listWindings, USUAL_KIT, type KitContent, type WindingContent } from "@db/queries/kits";
import type { Notion, Swatch, Yarn } from "@db/queries/materials";
import type { Channel, Workshop } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import type { WeightClass } from "@core/fabric";
import type { Selling } from "@core/costing";
import { learnWinding, type LearnedWinding, type Weighed } from "@core/kit";
import type { Reckoned, Unreckoned } from "../../server/reckoner";
import { reckon, tryAgain } from "./reckon.server";
import { sellingOf, type ChannelView, type Passes } from "./selling";
import {
  type Around,
  type ItemAnalysis,
  type ItemDraft,
  type MoneySettings,
  type NotionView,
  type YarnView,
  tradeAround,
} from "@core/item";
import { asKit, kitFigures } from "./kit-figures";
import { handDataOf, loadMeasured } from "../../server/measured.server";
import { handView, type HandView } from "@core/hand";
import { keep } from "../../server/kept";
import {
  allChannels,
  allItems,
  allNotions,
  allSwatches,
  allYarns,
  liveColourways,
} from "../../server/rows.server";
import { readingOf, todayOf } from "../../server/scope.server";
import type { LearnedYarn } from "@core/estimate";
import { printShortDay } from "../../ui/days";

/** The swatch that speaks for a yarn: the newest with a gauge or a sample. */
const speaking = (mine: readonly Swatch[]): Swatch | undefined =>
  mine.find((x) => x.stitches !== null || x.sampleStitches !== null);
const labelOf = (s: Swatch, reading: Reading): string =>
  `your swatch of ${printShortDay(s.madeOn, reading.locale)}`;
/** What a yarn is told to rest on, if it was swatched. */
export function swatchLabel(mine: readonly Swatch[], reading: Reading): string | undefined {
  const s = speaking(mine);
  return s && labelOf(s, reading);
}

/** A yarn with what its own swatches say. */
export function yarnView(y: Yarn, mine: readonly Swatch[], reading: Reading): YarnView {
  // Gauge and sample may come from two swatches of one hook: the newest of each.
  const s = speaking(mine);
  const same = mine.filter((x) => x.hookUm === s?.hookUm);
  const gauge = same.find((x) => x.stitches !== null && x.overMm !== null);
  const sample = same.find((x) => x.sampleStitches !== null && x.sampleMm !== null);
  return {
    id: y.id,
    name: y.name,
    shade: y.shade,
    colour: y.colour,
    fibre: y.fibre,
    weightClass: y.weightClass as WeightClass,
    hookMm: micrometresToMm(y.hookUm),
    metresPer100g: y.mmPer100g / 1000,
    ballMg: y.ballMg,
    ballPrice: y.ballPrice,
    deleted: y.deletedAt !== null,
    lengthSigma: y.lengthSigmaBp / 10_000,
    swatch: s
      ? {
          label: labelOf(s, reading),
          hookMm: micrometresToMm(s.hookUm),
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

/** What a hand's measurements say of each yarn: by the yarn, then by its hook. */
function learnedByYarn(hand: HandView): ReadonlyMap<string, Readonly<Record<string, LearnedYarn>>> {
  const out = new Map<string, Record<string, LearnedYarn>>();
  for (const [group, learned] of Object.entries(hand.tension)) {
    const at = group.lastIndexOf("@");
    const yarnId = group.slice(0, at);
    out.set(yarnId, { ...out.get(yarnId), [group.slice(at + 1)]: learned });
  }
  return out;
}

/** All yarns with their swatches and with what was learned of them. Linear in the yarns. */
function yarnViews(
  yarns: readonly Yarn[],
  swatches: readonly Swatch[],
  hand: HandView,
  reading: Reading,
): YarnView[] {
  const ofYarn = new Map<string, Swatch[]>();
  for (const s of swatches) if (!s.setAside) ofYarn.set(s.yarnId, [...(ofYarn.get(s.yarnId) ?? []), s]);
  const learned = learnedByYarn(hand);
  const elsewhere: Readonly<Record<string, LearnedYarn>> = hand.elsewhere ? { "": hand.elsewhere } : {};
  return yarns.map((y) => {
    const view = yarnView(y, ofYarn.get(y.id) ?? [], reading);
    const own = learned.get(y.id);
    return own || hand.elsewhere ? { ...view, learned: { ...own, ...elsewhere } } : view;
  });
}

export const notionView = (n: Notion): NotionView => ({
  id: n.id,
  kind: n.kind,
  name: n.name,
  sizeMm: n.sizeUm === null ? undefined : micrometresToMm(n.sizeUm),
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
  ...(r.answers && r.answers.length > 0 ? { answers: r.answers } : {}),
  firmness: r.firmness,
  hanger: r.hanger,
  slots: r.slots.map((s) => ({
    slot: s.slot,
    yarnId: s.yarnId,
    hookMm: micrometresToMm(s.hookUm),
    strands: s.strands,
  })),
  notions: r.notions,
});

export const channelView = (c: Channel): ChannelView => ({
  id: c.id,
  label: c.name,
  fees: c.fees,
  fixed: c.fixed,
  postage: c.postage,
  packing: c.packing,
  piecesPerSale: c.piecesPerSaleHundredths / 100,
  stallFee: c.stallFee,
  expectedPieces: c.expectedPieces,
  taxBp: c.taxBp,
  taxIncluded: c.taxIncluded,
  leastPieces: c.leastPieces,
  payWithinDays: c.payWithinDays,
});

/** How an item is sold: through its own channel, or the first. */
export function sellingFrom(channels: readonly Channel[], id: string | null, passes?: Passes): Selling {
  const c = channels.find((x) => x.id === id) ?? channels[0];
  return sellingOf(c && channelView(c), passes);
}

/** What an item's figures depend on beside its own text. */
export interface Surroundings {
  readonly yarns: readonly YarnView[];
  readonly notions: readonly NotionView[];
  readonly channels: readonly Channel[];
  readonly money: MoneySettings;
  readonly reading: Reading;
  readonly terms: "us" | "uk";
  readonly hand: HandView;
  /** What the kits of the items hold; usual ones are not among them. */
  readonly kits: ReadonlyMap<string, KitContent>;
  /** What weighed windings tell of her winder and of each yarn on it. */
  readonly wound: LearnedWinding;
}

/** Weighed windings against what their turns should weigh by what is known of the yarn's length. */
export const weighedWindings = (
  windings: readonly WindingContent[],
  yarns: readonly Pick<Yarn, "id" | "mmPer100g">[],
): Weighed[] => {
  const lengths = new Map(yarns.map((y) => [y.id, y.mmPer100g]));
  return windings.flatMap((w) => {
    const mmPer100g = lengths.get(w.yarnId);
    return mmPer100g
      ? [{ yarnId: w.yarnId, expected: (100_000 * w.turns * w.turnMm) / mmPer100g, found: w.mg }]
      : [];
  });
};

/** What figures depend on besides what was measured and written down: the day and the settings. */
export const restsOn = (scope: Scope, workshop: Workshop): string =>
  `${todayOf(scope)} ${JSON.stringify(workshop)}`;

/**
 * Reckoned once until yarns, notions, swatches, measurements, ways of selling, settings or the day change.
 * @param handId whose hand the figures are for: the maker's own unless given
 */
export function loadSurroundings(scope: Scope, workshop: Workshop, handId = ""): Promise<Surroundings> {
  const load = async (): Promise<Surroundings> => {
    const reading = readingOf(workshop);
    const [yarns, swatches, notions, channels, kits, windings, measured] = await Promise.all([
      allYarns(scope),
      allSwatches(scope),
      allNotions(scope),
      allChannels(scope),
      listKits(scope),
      listWindings(scope),
      loadMeasured(scope),
    ]);
    const hand = handView(
      handDataOf(measured, yarns, measured.hands.find((h) => h.id === handId) ?? measured.hands[0]),
      todayOf(scope),
      workshop.halfLifeDays,
      (day) => printShortDay(day, reading.locale),
    );
    return {
      hand,
      yarns: yarnViews(yarns, swatches, hand, reading),
      notions: notions.map(notionView),
      channels,
      money: moneyOf(workshop),
      reading,
      terms: workshop.terms,
      kits,
      wound: learnWinding(weighedWindings(windings, yarns)),
    };
  };
  return keep(
    scope,
    `surroundings${handId}`,
    ["materials", "measured", "items"],
    load,
    restsOn(scope, workshop),
  );
}

/** An item in another colourway: its slots where the colourway fills them, its price where it has one. */
export function inColourway(entry: ItemWithRevision, c: Colourway | undefined): ItemWithRevision {
  if (!c) return entry;
  const own = new Map(c.slots.map((s) => [s.slot, s]));
  const slots = [
    ...entry.revision.slots.map((s) => own.get(s.slot) ?? s),
    ...c.slots.filter((s) => !entry.revision.slots.some((x) => x.slot === s.slot)),
  ];
  const revision = { ...entry.revision, slots };
  // A kit is no piece: it has a price of its own, and nothing of it fails at the hook.
  if (c.asKit)
    return {
      item: { ...entry.item, kind: "kit", price: c.price, yieldBp: 10_000, secondBrings: minor(0) },
      revision,
      asKit: true,
    };
  return { item: { ...entry.item, price: c.price ?? entry.item.price }, revision };
}

/** Of all surroundings, what an item's figures rest on. */
export function aroundOf(entry: ItemWithRevision, s: Surroundings): Around {
  const draft = draftOf(entry.revision);
  const used = new Set(draft.slots.map((x) => x.yarnId));
  const notions = new Set(draft.notions.map((x) => x.notionId));
  for (const n of s.notions) if (n.washerId && notions.has(n.id)) notions.add(n.washerId);
  return {
    yarns: s.yarns.filter((y) => used.has(y.id)),
    notions: s.notions.filter((n) => notions.has(n.id)),
    money: s.money,
    selling: sellingFrom(s.channels, entry.item.channelId, entry.item),
    price: entry.item.price ?? undefined,
    reading: s.reading,
    terms: s.terms,
    hand: { pace: s.hand.pace, density: s.hand.density },
  };
}

/**
 * Figures by the surroundings they rest on: while those are kept, an item is known by its revision and its
 * colours.
 */
const reckoned = new WeakMap<Surroundings, Map<string, Promise<Reckoned<ItemAnalysis>>>>();

/**
 * The figures of a stored item, reckoned in a thread: what cannot be reckoned costs that item and nothing
 * else.
 */
export function analyseStored(entry: ItemWithRevision, s: Surroundings): Promise<Reckoned<ItemAnalysis>> {
  let known = reckoned.get(s);
  if (!known) reckoned.set(s, (known = new Map()));
  const { item, revision } = entry;
  const key = `${revision.id} ${item.version} ${item.price} ${entry.asKit} ${JSON.stringify(revision.slots)}`;
  const had = known.get(key);
  if (had) return had;
  const around = aroundOf(entry, s);
  const piece = reckon(draftOf(revision), around);
  const made = entry.asKit ? piece.then((r) => reckonedKit(entry, around, r, s)) : piece;
  known.set(key, made);
  // What could not be reckoned may be another time.
  made.then(
    (r) => r.ok || known.delete(key),
    () => known.delete(key),
  );
  return made;
}

/** The figures of a piece as those of its kit. */
function reckonedKit(
  { item, revision }: ItemWithRevision,
  around: Around,
  r: Reckoned<ItemAnalysis>,
  s: Surroundings,
): Reckoned<ItemAnalysis> {
  if (!r.ok) return r;
  const kit = s.kits.get(item.id) ?? USUAL_KIT;
  const figures = kitFigures(draftOf(revision), r.value, around, around.selling, kit, s.wound);
  return { ...r, value: asKit(r.value, figures, around) };
}

/**
 * A stored item with its figures, in a colourway if one is named; undefined where there is none of that name.
 */
export async function openItem(
  scope: Scope,
  workshop: Workshop,
  id: string,
  colourwayId?: string,
): Promise<
  | { entry: ItemWithRevision; name: string; got: Reckoned<ItemAnalysis>; surroundings: Surroundings }
  | undefined
> {
  const [found, surroundings] = await Promise.all([findItem(scope, id), loadSurroundings(scope, workshop)]);
  const colourway = colourwayId
    ? (await liveColourways(scope)).find((c) => c.id === colourwayId && c.itemId === id)
    : undefined;
  if (!found || (colourwayId && !colourway)) return undefined;
  const entry = inColourway(found, colourway);
  return {
    entry,
    name: colourway ? `${entry.item.name}, ${colourway.name}` : entry.item.name,
    got: await analyseStored(entry, surroundings),
    surroundings,
  };
}

/** The same with the trade's averages in place of her measurements: what a measurement is held against. */
export const analyseForTrade = (entry: ItemWithRevision, s: Surroundings): Promise<Reckoned<ItemAnalysis>> =>
  reckon(draftOf(entry.revision), tradeAround(aroundOf(entry, s)));

/** Lets an item that could not be reckoned be tried once more. */
export const tryItemAgain = (entry: ItemWithRevision, s: Surroundings): void =>
  tryAgain(draftOf(entry.revision), aroundOf(entry, s));

/** An item that could not be reckoned: listed as such, still there to be mended, deleted and taken out. */
export interface UnreckonedItem {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly why: Unreckoned;
}
const unreckonedItem = ({ item }: ItemWithRevision, why: Unreckoned): UnreckonedItem => ({
  id: item.id,
  name: item.name,
  kind: item.kind,
  why,
});

export interface AnalysedColourway {
  readonly entry: ItemWithRevision;
  /** undefined for the item's own colours. */
  readonly colourway: Colourway | undefined;
  /** "Puffin keychain" or "Puffin keychain, winter". */
  readonly label: string;
  readonly analysis: ItemAnalysis;
}

/** Those that are worked at the hook: of a kit nothing is crocheted. */
export const withoutKits = (all: readonly AnalysedColourway[]): AnalysedColourway[] =>
  all.filter((x) => x.analysis.kit === undefined);

/** Every item in its own colours and in each colourway, its kits too. */
export async function loadAnalysedColourways(
  scope: Scope,
  workshop: Workshop,
): Promise<{ all: AnalysedColourway[]; unreckoned: UnreckonedItem[]; surroundings: Surroundings }> {
  const [{ items, unreckoned, surroundings }, colourways] = await Promise.all([
    loadAnalysedItems(scope, workshop),
    liveColourways(scope),
  ]);
  const ofItem = group(colourways, (c) => c.itemId);
  const all = await Promise.all(
    items.map(async ({ entry, analysis }): Promise<AnalysedColourway[]> => {
      const dressed = await Promise.all(
        (ofItem.get(entry.item.id) ?? []).map(async (c): Promise<AnalysedColourway[]> => {
          const own = inColourway(entry, c);
          const got = await analyseStored(own, surroundings);
          return got.ok
            ? [{ entry: own, colourway: c, label: `${entry.item.name}, ${c.name}`, analysis: got.value }]
            : [];
        }),
      );
      return [{ entry, colourway: undefined, label: entry.item.name, analysis }, ...dressed.flat()];
    }),
  );
  return { all: all.flat(), unreckoned, surroundings };
}

export async function loadAnalysedItems(
  scope: Scope,
  workshop: Workshop,
): Promise<{
  items: { entry: ItemWithRevision; analysis: ItemAnalysis }[];
  unreckoned: UnreckonedItem[];
  surroundings: Surroundings;
}> {
  const [entries, surroundings] = await Promise.all([allItems(scope), loadSurroundings(scope, workshop)]);
  const got = await Promise.all(
    entries.map(async (entry) => ({ entry, reckoned: await analyseStored(entry, surroundings) })),
  );
  return {
    items: got.flatMap(({ entry, reckoned: r }) => (r.ok ? [{ entry, analysis: r.value }] : [])),
    unreckoned: got.flatMap(({ entry, reckoned: r }) => (r.ok ? [] : [unreckonedItem(entry, r.why)])),
    surroundings,
  };
}
