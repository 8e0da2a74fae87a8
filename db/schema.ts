import { bigint, boolean, datetime, index, int, json, mysqlEnum, mysqlTable, primaryKey, smallint, text, uniqueIndex, varchar, mediumtext, date } from "drizzle-orm/mysql-core";
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
  createdAt: createdAt(),
});

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
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("yarn_workshop").on(t.workshopId, t.name, t.shade)]);

export const swatch = mysqlTable("swatch", {
  id: id().primaryKey(),
  workshopId: workshopId(),
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

export const NOTION_KINDS = ["eye", "nose", "ring", "filling", "packaging", "other"] as const;
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
  createdAt: createdAt(),
  deletedAt: deletedAt(),
}, (t) => [index("notion_workshop").on(t.workshopId, t.kind, t.name)]);

export const MOVE_KINDS = ["bought", "weighed", "counted", "used", "wasted", "made", "sold", "returned", "moved"] as const;
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
  idempotencyKey: varchar({ length: 60 }).notNull(),
  at: datetime({ fsp: 3 }).notNull(),
}, (t) => [index("move_material").on(t.workshopId, t.materialId, t.at), uniqueIndex("move_once").on(t.workshopId, t.idempotencyKey)]);

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
}, (t) => [primaryKey({ columns: [t.revisionId, t.slot] })]);

export const itemNotion = mysqlTable("item_notion", {
  workshopId: workshopId(),
  revisionId: id().notNull().references(() => itemRevision.id, { onDelete: "cascade" }),
  notionId: id().notNull(),
  quantity: int().notNull(),
}, (t) => [primaryKey({ columns: [t.revisionId, t.notionId] })]);

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
  quantity: int().notNull(),
  made: int().notNull().default(0),
  /** What one piece took when the run was planned. */
  plannedWith: json().$type<LinePlannedWith>().notNull(),
  sort: int().notNull(),
}, (t) => [index("line_run").on(t.workshopId, t.runId, t.sort)]);

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
  readonly price: number;
  readonly needs: readonly { readonly kind: "yarn" | "filling" | "notion"; readonly materialId: string; readonly each: number; readonly eachHigh: number }[];
}
