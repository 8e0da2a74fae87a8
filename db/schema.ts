import { bigint, boolean, customType, datetime, index, int, json, mysqlEnum, mysqlTable, primaryKey, smallint, text, uniqueIndex, varchar, mediumtext, date } from "drizzle-orm/mysql-core";
import { sql } from "drizzle-orm";

/**
 * Base units are integers: µm for hooks (fractions of a millimetre are sold), mm, mg, seconds, minor
 * currency units; times are UTC. Every table that belongs to a workshop carries `workshop_id`.
 */
const id = () => varchar({ length: 36 });
const workshopId = () => varchar({ length: 36 }).notNull().references(() => workshop.id, { onDelete: "cascade" });
const createdAt = () => datetime({ fsp: 3 }).notNull().default(sql`(utc_timestamp(3))`);
const deletedAt = () => datetime({ fsp: 3 });

export const workshop = mysqlTable("workshop", {
  id: id().primaryKey(),
  name: varchar({ length: 120 }).notNull(),
  locale: varchar({ length: 20 }).notNull().default("en-IE"),
  currency: varchar({ length: 3 }).notNull().default("EUR"),
  units: mysqlEnum(["metric", "imperial"]).notNull().default("metric"),
  terms: mysqlEnum(["us", "uk"]).notNull().default("us"),
  /** Minutes of work a week, spread over the chosen days. */
  weekMinutes: int().notNull().default(600),
  /** Seven letters, Monday first: "1" works, "0" does not. */
  workDays: varchar({ length: 7 }).notNull().default("1111100"),
  wagePerHour: int().notNull().default(1400),
  overheadPerHour: int().notNull().default(250),
  marginBp: int().notNull().default(1000),
  /** Endings of her price points within one major unit, minor units, comma-separated. */
  pricePoints: varchar({ length: 60 }).notNull().default("0,50"),
  /** What used material is valued at: what its own lot cost, or the moving average. */
  costSchool: mysqlEnum(["lot", "average"]).notNull().default("lot"),
  /** A measurement of this age weighs half; 0 for never. */
  halfLifeDays: int().notNull().default(365),
  createdAt: createdAt(),
});

export const supplier = mysqlTable("supplier", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  name: varchar({ length: 120 }).notNull(),
  deliveryDays: int().notNull().default(0),
  /** Least value of an order, minor units; 0 for none. */
  minOrder: int().notNull().default(0),
  note: varchar({ length: 200 }).notNull().default(""),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("supplier_workshop").on(t.workshopId, t.name)]);

export const channel = mysqlTable("channel", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  name: varchar({ length: 80 }).notNull(),
  percentBp: int().notNull(),
  fixed: int().notNull(),
  sort: int().notNull().default(0),
  deletedAt: deletedAt(),
}, (t) => [index("channel_workshop").on(t.workshopId, t.sort)]);

export const yarn = mysqlTable("yarn", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  /** What it is, by fibre and class: "DK cotton". Never a brand. */
  name: varchar({ length: 120 }).notNull(),
  shade: varchar({ length: 80 }).notNull(),
  colour: varchar({ length: 7 }).notNull(),
  fibre: varchar({ length: 120 }).notNull(),
  weightClass: smallint().notNull(),
  hookUm: int().notNull(),
  /** Yarn in 100 g, mm. */
  mmPer100g: int().notNull(),
  ballMg: int().notNull(),
  ballPrice: int().notNull(),
  /** Stitches and rows over 10 cm on the band. */
  bandStitches: int(),
  bandRows: int(),
  care: varchar({ length: 120 }).notNull().default(""),
  supplierId: id(),
  /** Balls are sold in packs of so many. */
  packBalls: int().notNull().default(1),
  /** How unsure the length is: relative standard deviation, basis points; 0 when a band says it. */
  lengthSigmaBp: int().notNull().default(0),
  /** Her own low-stock level, mg; null follows plans and past use. */
  lowMg: int(),
  importId: id(),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("yarn_workshop").on(t.workshopId, t.name, t.shade)]);

/** Whose hands: the maker's own, or a helper's. Estimates speak for the first. */
export const hand = mysqlTable("hand", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  name: varchar({ length: 80 }).notNull(),
  /** How this hand takes up the yarn: measurements made the other way are kept apart. */
  loops: mysqlEnum(["over", "under"]).notNull().default("over"),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("hand_workshop").on(t.workshopId, t.createdAt)]);

export const LOOPS = ["over", "under"] as const;
/** What every measurement of finished work says: whose hands, of which part of which revision, when; kept also when it is set aside. */
const measured = () => ({
  id: id().primaryKey(),
  workshopId: workshopId(),
  handId: id().notNull().references(() => hand.id, { onDelete: "cascade" }),
  itemId: id().notNull(),
  revisionId: id().notNull(),
  /** The part that was measured; empty for the whole piece. */
  part: varchar({ length: 120 }).notNull().default(""),
  pieces: int().notNull(),
  madeOn: date({ mode: "string" }).notNull(),
  note: varchar({ length: 200 }).notNull().default(""),
  setAside: boolean().notNull().default(false),
  idempotencyKey: varchar({ length: 60 }).notNull(),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
});

/** Weighed parts, or filling taken from a bag. What was expected is kept as it was when it was weighed. */
export const weighIn = mysqlTable("weigh_in", {
  ...measured(),
  kind: mysqlEnum(["yarn", "filling"]).notNull(),
  /** The colourway that was made; null for the item's own colours. */
  colourwayId: id(),
  yarnId: id(),
  hookUm: int(),
  loops: mysqlEnum(LOOPS).notNull().default("over"),
  firmness: mysqlEnum(["light", "medium", "firm"]),
  /** Net, mg. */
  weightMg: int().notNull(),
  /** The ball or the bag before and after, mg, when their difference was taken; null when it was weighed by itself. */
  beforeMg: int(),
  afterMg: int(),
  stepMg: int().notNull(),
  /** What the trade would expect of the stitches (or of the filling), mg, for all the pieces. */
  expectedMg: int().notNull(),
  /** Tails, and filling inside: weighed with it but not a matter of tension, mg. */
  besideMg: int().notNull().default(0),
}, (t) => [index("weigh_in_hand").on(t.workshopId, t.handId, t.madeOn), uniqueIndex("weigh_in_once").on(t.workshopId, t.idempotencyKey)]);

export const timing = mysqlTable("timing", {
  ...measured(),
  stage: mysqlEnum(["crochet", "face", "filling", "sewing", "ends", "hanger", "inspection", "packing"]).notNull(),
  seconds: int().notNull(),
  /** Seconds of each piece, when laps were taken. */
  laps: json().$type<readonly number[]>().notNull(),
  /** The trade's seconds by kind for all the pieces, as they were when it was timed. */
  work: json().$type<Readonly<Record<string, number>>>().notNull(),
  /** The file it was brought in with. */
  importId: id(),
}, (t) => [index("timing_hand").on(t.workshopId, t.handId, t.madeOn), uniqueIndex("timing_once").on(t.workshopId, t.idempotencyKey)]);

export const swatch = mysqlTable("swatch", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  /** null for the maker's own, from before hands were kept apart. */
  handId: id(),
  loops: mysqlEnum(LOOPS).notNull().default("over"),
  setAside: boolean().notNull().default(false),
  yarnId: id().notNull().references(() => yarn.id, { onDelete: "cascade" }),
  madeOn: date({ mode: "string" }).notNull(),
  hookUm: int().notNull(),
  stitches: int(),
  overMm: int(),
  rounds: int(),
  roundsOverMm: int(),
  sampleStitches: int(),
  sampleMm: int(),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("swatch_yarn").on(t.workshopId, t.yarnId, t.madeOn)]);

const mediumblob = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => "mediumblob" });
/** A picture of a swatch, as the browser made it small: a JPEG of some hundred kilobytes. */
export const swatchPhoto = mysqlTable("swatch_photo", {
  swatchId: id().primaryKey().references(() => swatch.id, { onDelete: "cascade" }),
  workshopId: workshopId(),
  jpeg: mediumblob().notNull(),
  createdAt: createdAt(),
});

/** A ball as a real thing. What is left of it is the sum of its moves. */
export const ball = mysqlTable("ball", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  yarnId: id().notNull().references(() => yarn.id, { onDelete: "cascade" }),
  /** Dye lot as printed on the band; empty when it was not noted. */
  lot: varchar({ length: 60 }).notNull().default(""),
  /** Kept with the scraps whatever is left of it. */
  scrap: boolean().notNull().default(false),
  place: varchar({ length: 80 }).notNull().default(""),
  fullMg: int().notNull(),
  /** What the whole ball cost, minor units. */
  price: int().notNull(),
  note: varchar({ length: 200 }).notNull().default(""),
  purchaseId: id(),
  importId: id(),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("ball_yarn").on(t.workshopId, t.yarnId, t.lot)]);

export const NOTION_KINDS = ["eye", "nose", "ring", "filling", "packaging", "other", "washer", "bead", "bell", "jump-ring", "hook", "pin", "cord", "tag", "bag", "box", "label"] as const;
export const notion = mysqlTable("notion", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  kind: mysqlEnum(NOTION_KINDS).notNull(),
  name: varchar({ length: 120 }).notNull(),
  /** µm; eyes, noses and rings have a size. */
  sizeUm: int(),
  colour: varchar({ length: 7 }),
  /** Pieces in a pack; for filling, mg in a bag. */
  packSize: int().notNull(),
  packPrice: int().notNull(),
  supplierId: id(),
  /** Eyes and noses whose washers are kept apart: one of these goes on each. */
  washerId: id(),
  /** Pieces more in a pack than it says, for losses. */
  spares: int().notNull().default(0),
  /** Filling: weight for the same firmness against polyester fibre, basis points (chopped yarn about 25,000). */
  densityBp: int().notNull().default(10_000),
  place: varchar({ length: 80 }).notNull().default(""),
  low: int(),
  importId: id(),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("notion_workshop").on(t.workshopId, t.kind, t.name)]);

export const MOVE_KINDS = ["bought", "weighed", "counted", "used", "wasted", "made", "sold", "returned", "moved", "undone"] as const;
/** Append-only: a balance is a sum, and what was wrong is put right by another move. */
export const stockMove = mysqlTable("stock_move", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  kind: mysqlEnum(MOVE_KINDS).notNull(),
  materialKind: mysqlEnum(["yarn", "notion", "item"]).notNull(),
  materialId: id().notNull(),
  /** mg for yarn and filling, pieces for the rest; negative takes away. */
  quantity: bigint({ mode: "number" }).notNull(),
  note: varchar({ length: 200 }).notNull().default(""),
  runId: id(),
  ballId: id(),
  colourwayId: id(),
  purchaseId: id(),
  importId: id(),
  /** The move that this one takes back. */
  undoes: id(),
  /** What was paid for it, minor units; only for what was bought. */
  cost: int(),
  idempotencyKey: varchar({ length: 60 }).notNull(),
  at: datetime({ fsp: 3 }).notNull(),
}, (t) => [
  index("move_material").on(t.workshopId, t.materialId, t.at),
  // Sums are read from the index alone.
  index("move_balance").on(t.workshopId, t.materialId, t.ballId, t.quantity),
  index("move_time").on(t.workshopId, t.at),
  index("move_run").on(t.workshopId, t.runId),
  // A move is taken back once.
  uniqueIndex("move_undoes").on(t.undoes),
  uniqueIndex("move_once").on(t.workshopId, t.idempotencyKey),
]);

/** What was asked for a ball or a pack, each time it changed. */
export const materialPrice = mysqlTable("material_price", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  materialKind: mysqlEnum(["yarn", "notion"]).notNull(),
  materialId: id().notNull(),
  supplierId: id(),
  packSize: int().notNull(),
  price: int().notNull(),
  since: date({ mode: "string" }).notNull(),
  createdAt: createdAt(),
}, (t) => [index("price_material").on(t.workshopId, t.materialId, t.since)]);

export const purchase = mysqlTable("purchase", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  supplierId: id(),
  state: mysqlEnum(["ordered", "received"]).notNull().default("ordered"),
  orderedOn: date({ mode: "string" }).notNull(),
  expectedOn: date({ mode: "string" }),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("purchase_workshop").on(t.workshopId, t.state, t.orderedOn)]);

export const purchaseLine = mysqlTable("purchase_line", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  purchaseId: id().notNull().references(() => purchase.id, { onDelete: "cascade" }),
  materialKind: mysqlEnum(["yarn", "notion"]).notNull(),
  materialId: id().notNull(),
  /** Balls, bags or packs. */
  packs: int().notNull(),
  packSize: int().notNull(),
  packPrice: int().notNull(),
  ticked: boolean().notNull().default(false),
  lot: varchar({ length: 60 }).notNull().default(""),
  received: int().notNull().default(0),
  sort: int().notNull(),
}, (t) => [index("purchase_line_purchase").on(t.workshopId, t.purchaseId, t.sort)]);

export const importBatch = mysqlTable("import_batch", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  fileName: varchar({ length: 160 }).notNull(),
  /** What the file held. */
  what: mysqlEnum(["materials", "timings"]).notNull().default("materials"),
  rows: int().notNull(),
  skipped: int().notNull(),
  createdAt: createdAt(),
  undoneAt: datetime({ fsp: 3 }),
}, (t) => [index("import_workshop").on(t.workshopId, t.createdAt)]);

export const item = mysqlTable("item", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  name: varchar({ length: 120 }).notNull(),
  kind: mysqlEnum(["keychain", "ornament", "figure", "kit", "other"]).notNull().default("figure"),
  /** Her own price; null while only the suggestion stands. */
  price: int(),
  channelId: id(),
  /** The revision that counts now. */
  revision: int().notNull().default(0),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("item_workshop").on(t.workshopId, t.name)]);

export const itemRevision = mysqlTable("item_revision", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  itemId: id().notNull().references(() => item.id, { onDelete: "cascade" }),
  number: int().notNull(),
  pattern: mediumtext().notNull(),
  firmness: mysqlEnum(["light", "medium", "firm"]).notNull(),
  hanger: boolean().notNull(),
  note: text().notNull(),
  createdAt: createdAt(),
}, (t) => [uniqueIndex("revision_number").on(t.itemId, t.number), index("revision_workshop").on(t.workshopId)]);

export const itemSlot = mysqlTable("item_slot", {
  workshopId: workshopId(),
  revisionId: id().notNull().references(() => itemRevision.id, { onDelete: "cascade" }),
  slot: varchar({ length: 80 }).notNull(),
  yarnId: id().notNull(),
  hookUm: int().notNull(),
  strands: int().notNull().default(1),
  /** The yarn is split into so many parts and one of them is worked: 1 for whole yarn. */
  split: int().notNull().default(1),
}, (t) => [primaryKey({ columns: [t.revisionId, t.slot] })]);

export const itemNotion = mysqlTable("item_notion", {
  workshopId: workshopId(),
  revisionId: id().notNull().references(() => itemRevision.id, { onDelete: "cascade" }),
  notionId: id().notNull(),
  quantity: int().notNull(),
}, (t) => [primaryKey({ columns: [t.revisionId, t.notionId] })]);

/** Another set of yarns for an item's colour slots. The item's own set stands in its revision. */
export const colourway = mysqlTable("colourway", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  itemId: id().notNull().references(() => item.id, { onDelete: "cascade" }),
  name: varchar({ length: 80 }).notNull(),
  /** Its own price; null for the item's. */
  price: int(),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("colourway_item").on(t.workshopId, t.itemId)]);

export const colourwaySlot = mysqlTable("colourway_slot", {
  workshopId: workshopId(),
  colourwayId: id().notNull().references(() => colourway.id, { onDelete: "cascade" }),
  slot: varchar({ length: 80 }).notNull(),
  yarnId: id().notNull(),
  hookUm: int().notNull(),
  strands: int().notNull().default(1),
  /** The yarn is split into so many parts and one of them is worked: 1 for whole yarn. */
  split: int().notNull().default(1),
}, (t) => [primaryKey({ columns: [t.colourwayId, t.slot] })]);

export const RUN_STATES = ["planned", "underway", "finished"] as const;
export const run = mysqlTable("run", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  name: varchar({ length: 120 }).notNull(),
  state: mysqlEnum(RUN_STATES).notNull().default("planned"),
  startOn: date({ mode: "string" }).notNull(),
  dueOn: date({ mode: "string" }).notNull(),
  finishedOn: date({ mode: "string" }),
  /** Week, wage and overhead as they were when it was planned. */
  plannedWith: json().$type<RunPlannedWith>().notNull(),
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("run_workshop").on(t.workshopId, t.state, t.dueOn)]);

export const runLine = mysqlTable("run_line", {
  id: id().primaryKey(),
  workshopId: workshopId(),
  runId: id().notNull().references(() => run.id, { onDelete: "cascade" }),
  itemId: id().notNull(),
  revisionId: id().notNull(),
  /** null for the item's own colours. */
  colourwayId: id(),
  quantity: int().notNull(),
  made: int().notNull().default(0),
  /** What one piece took when the run was planned. */
  plannedWith: json().$type<LinePlannedWith>().notNull(),
  sort: int().notNull(),
}, (t) => [index("line_run").on(t.workshopId, t.runId, t.sort)]);

/** Which ball each length of yarn of a run is cut from. */
export const cuttingPlan = mysqlTable("cutting_plan", {
  runId: id().primaryKey().references(() => run.id, { onDelete: "cascade" }),
  workshopId: workshopId(),
  version: int().notNull(),
  plan: json().$type<KeptCutting>().notNull(),
  keptAt: datetime({ fsp: 3 }).notNull(),
});

/** What of a ball a run has been promised; never more, over all runs, than is left of it. */
export const ballReservation = mysqlTable("ball_reservation", {
  workshopId: workshopId(),
  runId: id().notNull().references(() => run.id, { onDelete: "cascade" }),
  ballId: id().notNull(),
  /** mg. */
  quantity: int().notNull(),
}, (t) => [primaryKey({ columns: [t.runId, t.ballId] }), index("reservation_ball").on(t.workshopId, t.ballId)]);

export interface KeptCutting {
  readonly confidence: number;
  readonly lotRule: "item" | "run";
  readonly joins: boolean;
  /** Pieces she put on a ball by hand. */
  readonly pins: readonly { readonly piece: string; readonly ball: string }[];
  readonly placed: readonly { readonly piece: string; readonly ball: string; readonly mg: number }[];
}
export interface RunPlannedWith {
  readonly weekMinutes: number;
  readonly workDays: string;
  readonly wagePerHour: number;
  readonly overheadPerHour: number;
}
export interface LinePlannedWith {
  readonly label: string;
  readonly revision: number;
  readonly seconds: number;
  readonly secondsLow: number;
  readonly secondsHigh: number;
  readonly cost: number;
  /** Ends of the cost's 90 % range; runs planned before it was kept have none. */
  readonly costLow?: number;
  readonly costHigh?: number;
  readonly price: number;
  readonly needs: readonly { readonly kind: "yarn" | "filling" | "notion"; readonly materialId: string; readonly each: number; readonly eachHigh: number }[];
  /** What it was planned with before it was planned anew: the way back. */
  readonly before?: { readonly revisionId: string; readonly plannedWith: Omit<LinePlannedWith, "before"> };
  /** Lengths of uninterrupted yarn of one piece; runs planned before these were kept have none. */
  readonly lengths?: readonly { readonly part: string; readonly make: number; readonly slot: string; readonly yarnId: string; readonly mg: number; readonly sigma: number; readonly filled: boolean }[];
}
