import { minor, milligrams, mm } from "../core/units";
import { BARE_SALE } from "../core/costing";
import type { Around, ItemDraft, NotionView, YarnView } from "../core/item";

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

/** What the buoy below is made of. */
export const buoyAround = (over: Partial<Around> = {}): Around =>
  aroundOf({
    yarns: [yarnOf("red"), yarnOf("white")],
    notions: [
      notionOf("eyes", "eye", { name: "Eyes, 6 mm", sizeMm: mm(6) }),
      notionOf("fibre", "filling", { name: "Fibre", packSize: 250_000, packPrice: minor(520) }),
    ],
    ...over,
  });
const BUOY =
  "Buoy\nRnd 1: With red, 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnds 4-5: 18 sc (18)\nRnd 6: change to white. 18 sc (18)\nInsert 6 mm eyes between rounds 4 and 5, 4 sts apart.\nRnd 7: (sc, dec) x 6 (12)\nStuff firmly.\nRnd 8: dec x 6 (6)\nFasten off and close the hole.";
/** A buoy in two colours with eyes, everything chosen. */
export const buoyDraft = (over: Partial<ItemDraft> = {}): ItemDraft => ({
  pattern: BUOY,
  firmness: "medium",
  hanger: true,
  slots: [
    { slot: "red", yarnId: "red", hookMm: mm(3), strands: 1 },
    { slot: "white", yarnId: "white", hookMm: mm(3), strands: 1 },
  ],
  notions: [
    { notionId: "eyes", quantity: 2 },
    { notionId: "fibre", quantity: 1 },
  ],
  ...over,
});
