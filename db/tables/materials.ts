import { minor, type Micrometres, type Milligrams, type Minor } from "@core/units";
import { boolean, index, int, mysqlEnum, mysqlTable, smallint, varchar } from "drizzle-orm/mysql-core";
import { NOTION_KINDS } from "../../core/fabric";
import { id, workshopId, createdAt, deletedAt, version } from "./workshop";

export const supplier = mysqlTable(
  "supplier",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    name: varchar({ length: 120 }).notNull(),
    deliveryDays: int().notNull().default(0),
    /** Least value of an order, minor units; 0 for none. */
    minOrder: int().$type<Minor>().notNull().default(minor(0)),
    note: varchar({ length: 200 }).notNull().default(""),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("supplier_workshop").on(t.workshopId, t.name)],
);

export const yarn = mysqlTable(
  "yarn",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    /** What it is, by fibre and class: "DK cotton". Never a brand. */
    name: varchar({ length: 120 }).notNull(),
    shade: varchar({ length: 80 }).notNull(),
    colour: varchar({ length: 7 }).notNull(),
    fibre: varchar({ length: 120 }).notNull(),
    weightClass: smallint().notNull(),
    hookUm: int().$type<Micrometres>().notNull(),
    /** Yarn in 100 g, mm. */
    mmPer100g: int().notNull(),
    ballMg: int().$type<Milligrams>().notNull(),
    ballPrice: int().$type<Minor>().notNull(),
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
    lowMg: int().$type<Milligrams>(),
    importId: id(),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("yarn_workshop").on(t.workshopId, t.name, t.shade)],
);

/** A ball as a real thing. What is left of it is the sum of its moves. */
export const ball = mysqlTable(
  "ball",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    yarnId: id()
      .notNull()
      .references(() => yarn.id, { onDelete: "cascade" }),
    /** Dye lot as printed on the band; empty when it was not noted. */
    lot: varchar({ length: 60 }).notNull().default(""),
    /** Kept with the scraps whatever is left of it. */
    scrap: boolean().notNull().default(false),
    place: varchar({ length: 80 }).notNull().default(""),
    fullMg: int().$type<Milligrams>().notNull(),
    /** What the whole ball cost, minor units. */
    price: int().$type<Minor>().notNull(),
    note: varchar({ length: 200 }).notNull().default(""),
    purchaseId: id(),
    importId: id(),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("ball_yarn").on(t.workshopId, t.yarnId, t.lot)],
);

export const notion = mysqlTable(
  "notion",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    kind: mysqlEnum(NOTION_KINDS).notNull(),
    name: varchar({ length: 120 }).notNull(),
    /** µm; eyes, noses and rings have a size. */
    sizeUm: int().$type<Micrometres>(),
    colour: varchar({ length: 7 }),
    /** Pieces in a pack; for filling, mg in a bag. */
    packSize: int().notNull(),
    packPrice: int().$type<Minor>().notNull(),
    supplierId: id(),
    /** Eyes and noses whose washers are kept apart: one of these goes on each. */
    washerId: id(),
    /** Pieces more in a pack than it says, for losses. */
    spares: int().notNull().default(0),
    /**
     * Filling: weight for the same firmness against polyester fibre, basis points (chopped yarn about
     * 25,000).
     */
    densityBp: int().notNull().default(10_000),
    place: varchar({ length: 80 }).notNull().default(""),
    low: int(),
    importId: id(),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("notion_workshop").on(t.workshopId, t.kind, t.name)],
);
