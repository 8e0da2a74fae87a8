import type { Minor } from "@core/units";
import {
  boolean,
  datetime,
  index,
  int,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  uniqueIndex,
  varchar,
} from "drizzle-orm/mysql-core";
import { createdAt, id, version, workshopId } from "./workshop";

export const SHOP_TROUBLES = ["away", "refused", "unsigned", "unreadable"] as const;
/** The shop that a workshop's pieces are offered in: what was read of it last, and when it is asked next. */
export const shop = mysqlTable("shop", {
  workshopId: workshopId().primaryKey(),
  /** The way of selling whose fees, tax and prices hold there. */
  channelId: id().notNull(),
  /** Where pieces are sent from; "" is home. */
  placeId: varchar({ length: 36 }).notNull().default(""),
  open: boolean().notNull().default(true),
  /** How far its list of orders was read: the shop's own word, handed back as it is. */
  cursor: varchar({ length: 120 }).notNull().default(""),
  answeredAt: datetime({ fsp: 3 }),
  /** Why it could not be asked the last time, and since when; null when it answered. */
  trouble: mysqlEnum(SHOP_TROUBLES),
  troubleSince: datetime({ fsp: 3 }),
  misses: int().notNull().default(0),
  nextAt: datetime({ fsp: 3 }),
  /** One process asks at a time: until then nobody else does. */
  busyUntil: datetime({ fsp: 3 }),
  version: version(),
});

/** What is offered there: a kind of piece by the short name that the shop knows it by. */
export const shopProduct = mysqlTable(
  "shop_product",
  {
    workshopId: workshopId(),
    sku: varchar({ length: 24 }).notNull(),
    itemId: id().notNull(),
    /** "" for the item's own colours. */
    colourwayId: varchar({ length: 36 }).notNull().default(""),
    offered: boolean().notNull().default(true),
    /** Pieces that are not offered there, for who comes to the stall. */
    keepBack: int().notNull().default(0),
    /** How many the shop was last told of; null where it was told nothing yet. */
    told: int(),
  },
  (t) => [
    primaryKey({ columns: [t.workshopId, t.sku] }),
    uniqueIndex("shop_product_of").on(t.workshopId, t.itemId, t.colourwayId),
  ],
);

export const SHOP_ORDER_STATES = ["placed", "packed", "sent", "off", "back"] as const;
/**
 * An order from the shop. Of the customer it has what the parcel needs, and forgets it when the parcel is long
 * gone.
 */
export const shopOrder = mysqlTable(
  "shop_order",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    /** What the shop calls it. */
    number: varchar({ length: 40 }).notNull(),
    /** The newest word of the shop on it: an older one that comes later changes nothing. */
    seq: int().notNull(),
    state: mysqlEnum(SHOP_ORDER_STATES).notNull().default("placed"),
    /** The customer called it off, perhaps when it was gone already. */
    cancelled: boolean().notNull().default(false),
    placedAt: datetime({ fsp: 3 }).notNull(),
    /** "" once they are forgotten. */
    customer: varchar({ length: 80 }).notNull().default(""),
    address: varchar({ length: 300 }).notNull().default(""),
    wishes: varchar({ length: 500 }).notNull().default(""),
    currency: varchar({ length: 3 }).notNull(),
    /** What the customer pays for the way, and for all of it. Minor units. */
    postage: int().$type<Minor>().notNull(),
    total: int().$type<Minor>().notNull(),
    /** What the shop has still to be told. */
    tell: mysqlEnum(["sent", "off"]),
    endedAt: datetime({ fsp: 3 }),
    forgottenAt: datetime({ fsp: 3 }),
    version: version(),
    createdAt: createdAt(),
  },
  (t) => [
    uniqueIndex("shop_order_number").on(t.workshopId, t.number),
    index("shop_order_state").on(t.workshopId, t.state, t.placedAt),
  ],
);

export const shopOrderLine = mysqlTable(
  "shop_order_line",
  {
    workshopId: workshopId(),
    orderId: id()
      .notNull()
      .references(() => shopOrder.id, { onDelete: "cascade" }),
    position: int().notNull(),
    sku: varchar({ length: 24 }).notNull(),
    /** Null where the shop's name for it is not known here. */
    itemId: id(),
    colourwayId: varchar({ length: 36 }).notNull().default(""),
    quantity: int().notNull(),
    /** What the customer pays for one. Minor units. */
    unitPrice: int().$type<Minor>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.orderId, t.position] }), index("shop_line_of").on(t.workshopId, t.itemId)],
);
