import type { Minor } from "@core/units";
import {
  bigint,
  boolean,
  datetime,
  index,
  int,
  mysqlEnum,
  mysqlTable,
  uniqueIndex,
  varchar,
  date,
} from "drizzle-orm/mysql-core";
import { id, workshopId, createdAt, deletedAt, version } from "./workshop";

export const MOVE_KINDS = [
  "bought",
  "weighed",
  "counted",
  "used",
  "wasted",
  "returned",
  "moved",
  "undone",
] as const;
/** Append-only: a balance is a sum, and what was wrong is put right by another move. */
export const stockMove = mysqlTable(
  "stock_move",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    kind: mysqlEnum(MOVE_KINDS).notNull(),
    materialKind: mysqlEnum(["yarn", "notion"]).notNull(),
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
    cost: int().$type<Minor>(),
    idempotencyKey: varchar({ length: 60 }).notNull(),
    at: datetime({ fsp: 3 }).notNull(),
  },
  (t) => [
    index("move_material").on(t.workshopId, t.materialId, t.at),
    // Sums are read from the index alone.
    index("move_balance").on(t.workshopId, t.materialId, t.ballId, t.quantity),
    index("move_time").on(t.workshopId, t.at),
    index("move_run").on(t.workshopId, t.runId),
    // A move is taken back once.
    uniqueIndex("move_undoes").on(t.undoes),
    uniqueIndex("move_once").on(t.workshopId, t.idempotencyKey),
  ],
);

/** What was asked for a ball or a pack, each time it changed. */
export const materialPrice = mysqlTable(
  "material_price",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    materialKind: mysqlEnum(["yarn", "notion"]).notNull(),
    materialId: id().notNull(),
    supplierId: id(),
    packSize: int().notNull(),
    price: int().$type<Minor>().notNull(),
    since: date({ mode: "string" }).notNull(),
    createdAt: createdAt(),
  },
  (t) => [index("price_material").on(t.workshopId, t.materialId, t.since)],
);

export const purchase = mysqlTable(
  "purchase",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    supplierId: id(),
    state: mysqlEnum(["ordered", "received"]).notNull().default("ordered"),
    orderedOn: date({ mode: "string" }).notNull(),
    expectedOn: date({ mode: "string" }),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("purchase_workshop").on(t.workshopId, t.state, t.orderedOn)],
);

export const purchaseLine = mysqlTable(
  "purchase_line",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    purchaseId: id()
      .notNull()
      .references(() => purchase.id, { onDelete: "cascade" }),
    materialKind: mysqlEnum(["yarn", "notion"]).notNull(),
    materialId: id().notNull(),
    /** Balls, bags or packs. */
    packs: int().notNull(),
    packSize: int().notNull(),
    packPrice: int().$type<Minor>().notNull(),
    ticked: boolean().notNull().default(false),
    lot: varchar({ length: 60 }).notNull().default(""),
    received: int().notNull().default(0),
    version: version(),
    sort: int().notNull(),
  },
  (t) => [index("purchase_line_purchase").on(t.workshopId, t.purchaseId, t.sort)],
);

export const importBatch = mysqlTable(
  "import_batch",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    fileName: varchar({ length: 160 }).notNull(),
    /** What the file held. */
    what: mysqlEnum(["materials", "timings", "sales"]).notNull().default("materials"),
    rows: int().notNull(),
    skipped: int().notNull(),
    createdAt: createdAt(),
    undoneAt: datetime({ fsp: 3 }),
  },
  (t) => [index("import_workshop").on(t.workshopId, t.createdAt)],
);
