import { minor, type Minor } from "@core/units";
import {
  boolean,
  datetime,
  date,
  index,
  int,
  json,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  uniqueIndex,
  varchar,
} from "drizzle-orm/mysql-core";
import { createdAt, deletedAt, id, version, workshopId } from "./workshop";

/** Names of rows that may be absent and still belong to a key: "" stands for none. */
const idOrNone = () => varchar({ length: 36 }).notNull().default("");

export const PLACE_KINDS = ["crate", "shelf"] as const;
/** Where finished pieces are besides at home, which needs no row: the id "" is home. */
export const place = mysqlTable(
  "place",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    name: varchar({ length: 80 }).notNull(),
    /** A crate goes to markets; a shelf stands in somebody's shop. */
    kind: mysqlEnum(PLACE_KINDS).notNull(),
    /** What is sold from it is sold through this. */
    channelId: id(),
    /** Pieces it holds; null where she has not said. */
    holds: int(),
    sort: int().notNull().default(0),
    version: version(),
    deletedAt: deletedAt(),
  },
  (t) => [index("place_workshop").on(t.workshopId, t.sort)],
);

export const GRADES = ["good", "second"] as const;
export const PIECE_MOVES = [
  "made",
  "moved",
  "sold",
  "returned",
  "given",
  "lost",
  "counted",
  "unravelled",
  "undone",
] as const;

/**
 * Finished pieces, append-only: what is at a place is a sum, and what was wrong is put right by another move.
 */
export const pieceMove = mysqlTable(
  "piece_move",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    kind: mysqlEnum(PIECE_MOVES).notNull(),
    itemId: id().notNull(),
    /** "" for the item's own colours. */
    colourwayId: idOrNone(),
    /** "" is home. */
    placeId: idOrNone(),
    grade: mysqlEnum(GRADES).notNull().default("good"),
    /** Pieces; negative takes away. */
    quantity: int().notNull(),
    batchId: id(),
    runId: id(),
    note: varchar({ length: 200 }).notNull().default(""),
    /** The move that this one takes back. */
    undoes: id(),
    idempotencyKey: varchar({ length: 80 }).notNull(),
    at: datetime({ fsp: 3 }).notNull(),
  },
  (t) => [
    index("piece_time").on(t.workshopId, t.at),
    index("piece_item").on(t.workshopId, t.itemId, t.at),
    index("piece_batch").on(t.workshopId, t.batchId),
    uniqueIndex("piece_undoes").on(t.undoes),
    uniqueIndex("piece_once").on(t.workshopId, t.idempotencyKey),
  ],
);

/** What is where: kept with the ledger in the same transaction. */
export const pieceBalance = mysqlTable(
  "piece_balance",
  {
    workshopId: workshopId(),
    itemId: id().notNull(),
    colourwayId: varchar({ length: 36 }).notNull(),
    placeId: varchar({ length: 36 }).notNull(),
    grade: mysqlEnum(GRADES).notNull(),
    quantity: int().notNull(),
  },
  (t) => [primaryKey({ columns: [t.workshopId, t.itemId, t.colourwayId, t.placeId, t.grade] })],
);

export interface Rejected {
  readonly reason: string;
  readonly pieces: number;
}
/** Pieces that were looked at together when they were finished. */
export const batch = mysqlTable(
  "batch",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    runId: id(),
    lineId: id(),
    itemId: id().notNull(),
    colourwayId: idOrNone(),
    revisionId: id(),
    handId: id(),
    inspectedOn: date({ mode: "string" }).notNull(),
    /** Passed at once, passed after mending, seconds. */
    good: int().notNull(),
    mended: int().notNull(),
    seconds: int().notNull(),
    rejected: json().$type<readonly Rejected[]>().notNull(),
    mendingMinutes: int().notNull().default(0),
    note: varchar({ length: 300 }).notNull().default(""),
    idempotencyKey: varchar({ length: 80 }).notNull(),
    createdAt: createdAt(),
  },
  (t) => [
    index("batch_item").on(t.workshopId, t.itemId, t.inspectedOn),
    index("batch_run").on(t.workshopId, t.runId),
    uniqueIndex("batch_once").on(t.workshopId, t.idempotencyKey),
  ],
);

export const MARKET_STATES = ["planned", "open", "closed"] as const;
/** A day at a stall: ahead, being held, or over and counted. */
export const market = mysqlTable(
  "market",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    name: varchar({ length: 120 }).notNull(),
    onDay: date({ mode: "string" }).notNull(),
    channelId: id().notNull(),
    /** The crate that is taken along. */
    placeId: id().notNull(),
    state: mysqlEnum(MARKET_STATES).notNull().default("planned"),
    /** Coins she brings, and what was counted in the evening. Minor units. */
    float: int().$type<Minor>().notNull().default(minor(0)),
    counted: int().$type<Minor>(),
    note: varchar({ length: 500 }).notNull().default(""),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("market_workshop").on(t.workshopId, t.onDay)],
);

/** What was in the crate when the stall opened: what sold out is known by it. */
export const marketBrought = mysqlTable(
  "market_brought",
  {
    workshopId: workshopId(),
    marketId: id()
      .notNull()
      .references(() => market.id, { onDelete: "cascade" }),
    itemId: id().notNull(),
    colourwayId: varchar({ length: 36 }).notNull(),
    quantity: int().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.marketId, t.itemId, t.colourwayId] }),
    index("brought_workshop").on(t.workshopId),
  ],
);

export const PAID = ["cash", "card", "other"] as const;
export const SALE_SOURCES = ["stall", "hand", "file", "shop", "order"] as const;
/** One kind of piece of one sale. What was sold at once to one customer has one `customer`. */
export const sale = mysqlTable(
  "sale",
  {
    workshopId: workshopId(),
    /** Given by the device or the file: sent again, it is the same sale. */
    saleKey: varchar({ length: 80 }).notNull(),
    customer: varchar({ length: 80 }).notNull(),
    channelId: id().notNull(),
    placeId: idOrNone(),
    marketId: id(),
    /** By the device's clock. */
    at: datetime({ fsp: 3 }).notNull(),
    /** The day as the workshop has it. */
    soldOn: date({ mode: "string" }).notNull(),
    itemId: id().notNull(),
    colourwayId: idOrNone(),
    grade: mysqlEnum(GRADES).notNull().default("good"),
    /** Pieces; negative for what came back. */
    quantity: int().notNull(),
    /** What a piece was listed at. Minor units. */
    listPrice: int().$type<Minor>().notNull(),
    /** What was taken for all of them. */
    taken: int().$type<Minor>().notNull(),
    paid: mysqlEnum(PAID).notNull(),
    source: mysqlEnum(SALE_SOURCES).notNull(),
    importId: id(),
    note: varchar({ length: 200 }).notNull().default(""),
    /** What the way of selling took when it was sold. */
    feeBp: int().notNull(),
    fixedFee: int().$type<Minor>().notNull(),
    taxBp: int().notNull(),
    taxIncluded: boolean().notNull(),
    undoneAt: datetime({ fsp: 3 }),
    /** When it was last written: a device asks for what is newer than it knows. */
    changedAt: datetime({ fsp: 3 }).notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workshopId, t.saleKey] }),
    index("sale_day").on(t.workshopId, t.soldOn),
    index("sale_market").on(t.workshopId, t.marketId, t.changedAt),
  ],
);

/** Where a listed price came from: typed, a percentage on the one before, or a school of pricing. */
export const PRICE_SCHOOLS = ["hand", "percent", "hourly", "margin", "multiple"] as const;
export type PriceSchool = (typeof PRICE_SCHOOLS)[number];

/**
 * What a piece is listed at in a channel, each time it changed: the newest counts, null is the item's own
 * price again.
 */
export const listPrice = mysqlTable(
  "list_price",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    itemId: id().notNull(),
    colourwayId: idOrNone(),
    channelId: id().notNull(),
    price: int().$type<Minor>(),
    school: mysqlEnum(PRICE_SCHOOLS).notNull().default("hand"),
    createdAt: createdAt(),
  },
  (t) => [index("list_price_of").on(t.workshopId, t.itemId, t.colourwayId, t.channelId)],
);

/** Per cent that something is otherwise: 10 is a tenth more. */
const otherwise = () => int().notNull().default(0);
/** A year that could be otherwise, kept to be compared. */
export const scenario = mysqlTable(
  "scenario",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    name: varchar({ length: 200 }).notNull(),
    price: otherwise(),
    quantity: otherwise(),
    pace: otherwise(),
    yarn: otherwise(),
    yield: otherwise(),
    wage: otherwise(),
    version: version(),
    deletedAt: deletedAt(),
    createdAt: createdAt(),
  },
  (t) => [index("scenario_of").on(t.workshopId, t.createdAt)],
);
