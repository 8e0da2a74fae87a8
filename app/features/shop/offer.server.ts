import type { z } from "zod";
import { commissionSums } from "@core/shelf/commission";
import { offered } from "@core/shelf/shop";
import { listShopProducts, type Shop, type ShopProduct } from "@db/queries/shop";
import type { Channel, Workshop } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import { keep } from "../../server/kept";
import { measuresOf, pictureOf, slotColours } from "../figure/picture.server";
import { draftOf, loadSurroundings, restsOn, type Surroundings } from "../items/load.server";
import { besideOf, safetyFacts } from "../safety/facts";
import { wareKey } from "../sell/wares";
import {
  allPieces,
  allPrices,
  loadWares,
  priceListOf,
  commissionedByWare,
  orderedByWare,
  type Ware,
} from "../sell/wares.server";
import { thereAt } from "./lacks";
import type { Beside } from "./packing-slip";
import { digestOf, type CatalogueWord, type catalogueWord, type StockWord } from "./feed";

type Product = z.infer<typeof catalogueWord>["products"][number];

export const shopProducts = (scope: Scope): Promise<readonly ShopProduct[]> =>
  keep(scope, "shop products", ["shelf"], () => listShopProducts(scope));

/** One kind of piece as it stands with the shop. */
export interface Offered {
  readonly ware: Ware;
  /** Undefined where it never was offered. */
  readonly product: ShopProduct | undefined;
  /** What the customer pays there. */
  readonly price: number;
  readonly there: number;
  readonly promised: number;
  readonly ordered: number;
  /** What the shop may offer of it. */
  readonly free: number;
}

/** Every ware as it stands with the shop, and what its papers need. */
export async function loadOffer(scope: Scope, workshop: Workshop, own: Shop) {
  const [{ wares, channels }, pieces, prices, promised, ordered, products] = await Promise.all([
    loadWares(scope, workshop),
    allPieces(scope),
    allPrices(scope),
    commissionedByWare(scope),
    orderedByWare(scope),
    shopProducts(scope),
  ]);
  const channel = channels.find((c) => c.id === own.channelId);
  const listed = priceListOf(prices);
  const of = new Map(products.map((p) => [wareKey(p.itemId, p.colourwayId), p]));
  const atPlace = thereAt(pieces, own.placeId);
  const offers = wares.map((ware): Offered => {
    const product = of.get(ware.key);
    const there = atPlace.get(ware.key) ?? 0;
    // What is promised to somebody waits at home.
    const kept = own.placeId === "" ? (promised.get(ware.key) ?? 0) : 0;
    const waits = ordered.get(ware.key) ?? 0;
    return {
      ware,
      product,
      price: paysOf(listed(ware, own.channelId), channel),
      there,
      promised: kept,
      ordered: waits,
      free: offered({ there, promised: kept, ordered: waits, keepBack: product?.keepBack ?? 0 }),
    };
  });
  return { offers, channel, listed, atPlace, commissioned: promised };
}

/** What a customer pays for a piece that is listed at a price: tax may come on top. */
export const paysOf = (price: number, channel: Channel | undefined): number =>
  commissionSums({
    price,
    depositPaid: 0,
    taxBp: channel?.taxBp ?? 0,
    taxIncluded: channel?.taxIncluded ?? true,
  }).pays;
/** The other way round: what the book takes for what a customer paid. */
export const bookedOf = (paid: number, channel: Channel | undefined): number =>
  channel && !channel.taxIncluded ? Math.round((paid * 10_000) / (10_000 + channel.taxBp)) : paid;

/** The stock that the shop is told, with a digest by which it says what it was told last. */
function stockOf(offers: readonly Offered[]): Omit<StockWord, "at"> {
  const stock = offers
    .flatMap(({ product, free }) =>
      product?.offered ? [{ sku: product.sku, quantity: Math.min(free, 100_000) }] : [],
    )
    .sort((a, b) => (a.sku < b.sku ? -1 : 1));
  return { digest: digestOf(stock), stock };
}

/** What the shop shows: names, prices, and whom a piece is for with its cautions. */
async function catalogueOf(
  scope: Scope,
  workshop: Workshop,
  offers: readonly Offered[],
): Promise<CatalogueWord> {
  const s = await loadSurroundings(scope, workshop);
  const products: Product[] = [];
  // One after the other: measures come from a thread that pages wait for too.
  for (const o of offers) if (o.product?.offered) products.push(await productOf(o, o.product.sku, s));
  products.sort((a, b) => (a.sku < b.sku ? -1 : 1));
  const said = { currency: workshop.currency, products };
  return { digest: digestOf(said), ...said };
}

async function wareBeside(ware: Ware, s: Surroundings): Promise<Beside> {
  const { entry, analysis } = ware.analysed;
  const use = entry.item.useFor;
  const measures = await measuresOf(entry, analysis);
  const facts = safetyFacts(use, draftOf(entry.revision), analysis, measures, s.yarns, s.notions);
  const { cautions, care } = besideOf(use, facts);
  return { label: ware.label, cautions, care: care.words };
}

/** For each ware once. */
export async function cautionsByWare(
  scope: Scope,
  workshop: Workshop,
  wares: readonly Ware[],
): Promise<Beside[]> {
  const s = await loadSurroundings(scope, workshop);
  return Promise.all([...new Map(wares.map((w) => [w.key, w])).values()].map((w) => wareBeside(w, s)));
}

async function productOf({ ware, price }: Offered, sku: string, s: Surroundings): Promise<Product> {
  const { label, cautions, care } = await wareBeside(ware, s);
  return {
    sku,
    name: label.slice(0, 160),
    price,
    cautions: [...cautions],
    care,
    picture: ware.picture?.mark ?? "",
  };
}

/**
 * What a shop has to be told, and its wares by short name: reckoned when something of it has changed, not at each
 * round.
 */
export const toldOffer = (scope: Scope, workshop: Workshop, own: Shop) =>
  keep(
    scope,
    "shop's offer",
    ["materials", "measured", "items", "shelf"],
    async () => {
      const { offers } = await loadOffer(scope, workshop, own);
      return {
        catalogue: await catalogueOf(scope, workshop, offers),
        stock: stockOf(offers),
        wares: new Map(offers.flatMap((o) => (o.product ? [[o.product.sku, o.ware] as const] : []))),
      };
    },
    restsOn(scope, workshop),
  );

const SIDE = 240;
/** The picture that the shop shows of a ware; undefined where nothing of it could be drawn. */
export async function shopPicture(scope: Scope, workshop: Workshop, ware: Ware): Promise<string | undefined> {
  const { entry, analysis } = ware.analysed;
  const { yarns } = await loadSurroundings(scope, workshop);
  const colours = slotColours(entry.revision.slots, new Map(yarns.map((y) => [y.id, y])));
  const png = await pictureOf(entry, analysis, colours, {
    view: "turned",
    width: SIDE,
    height: SIDE,
    as: "png",
  });
  return png?.toString("base64");
}
