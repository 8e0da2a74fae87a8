import { minor, milligrams, mm } from "../core/units";
import { BARE_SALE } from "../core/costing";
import type { Around, NotionView, YarnView } from "../core/item";

/** A DK cotton of a shade, but for what `over` says. */
export const yarnOf = (id: string, over: Partial<YarnView> = {}): YarnView => ({
  id,
  name: "DK cotton",
  shade: id,
  colour: "#445566",
  fibre: "cotton",
  weightClass: 3,
  hookMm: mm(4),
  metresPer100g: 230,
  ballMg: milligrams(50_000),
  ballPrice: minor(290),
  deleted: false,
  ...over,
});

/** A pack of fifty. */
export const notionOf = (
  id: string,
  kind: NotionView["kind"],
  over: Partial<NotionView> = {},
): NotionView => ({
  id,
  kind,
  name: id,
  sizeMm: undefined,
  packSize: 50,
  packPrice: minor(495),
  deleted: false,
  ...over,
});

/** A workshop without materials that sells where nothing is taken. */
export const aroundOf = (over: Partial<Around> = {}): Around => ({
  yarns: [],
  notions: [],
  money: { wagePerHour: minor(1200), overheadPerHour: minor(180), marginBp: 800, pricePoints: [0, 50] },
  selling: BARE_SALE,
  price: undefined,
  reading: { locale: "en-IE", system: "metric", currency: "EUR" },
  terms: "us",
  ...over,
});
