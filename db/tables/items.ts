import { mm, minor, type Micrometres, type Milligrams, type Minor, type Mm } from "@core/units";
import {
  boolean,
  index,
  int,
  json,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  text,
  uniqueIndex,
  varchar,
  mediumtext,
} from "drizzle-orm/mysql-core";
import { SEASONS } from "@core/shelf/demand";
import { id, workshopId, createdAt, deletedAt, version } from "./workshop";

export const item = mysqlTable(
  "item",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    name: varchar({ length: 120 }).notNull(),
    kind: mysqlEnum(["keychain", "ornament", "figure", "kit", "other"]).notNull().default("figure"),
    /** Her own price; null while only the suggestion stands. */
    price: int().$type<Minor>(),
    channelId: id(),
    /** Share of the pieces that may be sold as first quality, basis points. */
    yieldBp: int().notNull().default(10_000),
    /** What a second brings. */
    secondBrings: int().$type<Minor>().notNull().default(minor(0)),
    /** Whom it is sold for: what is looked at for safety, and what its tag says. */
    useFor: mysqlEnum(["decoration", "over-14", "toy-3", "toy-under-3", "pet"])
      .notNull()
      .default("decoration"),
    /** When in the year it is asked for, as she says it: what she has sold bends it. */
    season: mysqlEnum(SEASONS).notNull().default("year"),
    /** What she looks at in each finished piece besides what Lapka makes of its pattern; null for nothing. */
    points: json().$type<readonly string[]>(),
    /** The revision that counts now. */
    revision: int().notNull().default(0),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("item_workshop").on(t.workshopId, t.name)],
);

export const itemRevision = mysqlTable(
  "item_revision",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    itemId: id()
      .notNull()
      .references(() => item.id, { onDelete: "cascade" }),
    number: int().notNull(),
    pattern: mediumtext().notNull(),
    firmness: mysqlEnum(["light", "medium", "firm"]).notNull(),
    hanger: boolean().notNull(),
    note: text().notNull(),
    /** What she answered to doubts of the reader: JSON, see `db/answers`. */
    answers: text(),
    createdAt: createdAt(),
  },
  (t) => [uniqueIndex("revision_number").on(t.itemId, t.number), index("revision_workshop").on(t.workshopId)],
);

export const itemSlot = mysqlTable(
  "item_slot",
  {
    workshopId: workshopId(),
    revisionId: id()
      .notNull()
      .references(() => itemRevision.id, { onDelete: "cascade" }),
    slot: varchar({ length: 80 }).notNull(),
    yarnId: id().notNull(),
    hookUm: int().$type<Micrometres>().notNull(),
    strands: int().notNull().default(1),
    /** The yarn is split into so many parts and one of them is worked: 1 for whole yarn. */
    split: int().notNull().default(1),
  },
  (t) => [primaryKey({ columns: [t.revisionId, t.slot] })],
);

export const itemNotion = mysqlTable(
  "item_notion",
  {
    workshopId: workshopId(),
    revisionId: id()
      .notNull()
      .references(() => itemRevision.id, { onDelete: "cascade" }),
    notionId: id().notNull(),
    quantity: int().notNull(),
  },
  (t) => [primaryKey({ columns: [t.revisionId, t.notionId] })],
);

/** Another set of yarns for an item's colour slots. The item's own set stands in its revision. */
export const colourway = mysqlTable(
  "colourway",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    itemId: id()
      .notNull()
      .references(() => item.id, { onDelete: "cascade" }),
    name: varchar({ length: 80 }).notNull(),
    /** Its own price; null for the item's. */
    price: int().$type<Minor>(),
    /** Sold as a kit: wound, counted and packed, not made. */
    asKit: boolean().notNull().default(false),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("colourway_item").on(t.workshopId, t.itemId)],
);

export const colourwaySlot = mysqlTable(
  "colourway_slot",
  {
    workshopId: workshopId(),
    colourwayId: id()
      .notNull()
      .references(() => colourway.id, { onDelete: "cascade" }),
    slot: varchar({ length: 80 }).notNull(),
    yarnId: id().notNull(),
    hookUm: int().$type<Micrometres>().notNull(),
    strands: int().notNull().default(1),
    /** The yarn is split into so many parts and one of them is worked: 1 for whole yarn. */
    split: int().notNull().default(1),
  },
  (t) => [primaryKey({ columns: [t.colourwayId, t.slot] })],
);

/** How an item is sold as a kit; items without a row have the usual one. */
export const kit = mysqlTable(
  "kit",
  {
    itemId: id()
      .primaryKey()
      .references(() => item.id, { onDelete: "cascade" }),
    workshopId: workshopId(),
    /** Share of buyers that may run out of yarn, basis points. */
    chanceBp: int().notNull().default(100),
    hook: boolean().notNull().default(false),
    startedRing: boolean().notNull().default(false),
    spareEyes: boolean().notNull().default(true),
    /** Length of a turn of her winder, mm. */
    winderMm: int().$type<Mm>().notNull().default(mm(600)),
    version: version(),
  },
  (t) => [index("kit_workshop").on(t.workshopId)],
);

/** A winding of a kit that was weighed: what her winder, and each yarn on it, are learned from. */
export const winding = mysqlTable(
  "winding",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    yarnId: id().notNull(),
    turns: int().notNull(),
    /** Length of a turn as it was taken to be, mm. */
    turnMm: int().$type<Mm>().notNull(),
    mg: int().$type<Milligrams>().notNull(),
    createdAt: createdAt(),
  },
  (t) => [index("winding_workshop").on(t.workshopId, t.createdAt)],
);
