import { minor, seconds, type Minor, type Seconds } from "@core/units";
import { sql } from "drizzle-orm";
import {
  boolean,
  customType,
  datetime,
  index,
  int,
  json,
  mysqlEnum,
  mysqlTable,
  varchar,
} from "drizzle-orm/mysql-core";

/**
 * Base units are integers: µm for hooks (fractions of a millimetre are sold), mm, mg, seconds, minor
 * currency units; times are UTC. Every table that belongs to a workshop carries `workshop_id`.
 */
export const id = () => varchar({ length: 36 });
export const workshopId = () =>
  varchar({ length: 36 })
    .notNull()
    .references(() => workshop.id, { onDelete: "cascade" });
export const createdAt = () =>
  datetime({ fsp: 3 })
    .notNull()
    .default(sql`(utc_timestamp(3))`);
/** Counts the changes of a row: who changes it says which state she saw. */
export const version = () => int().notNull().default(0);
export const deletedAt = () => datetime({ fsp: 3 });
/** A picture. */
export const mediumblob = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => "mediumblob" });

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
  /** Seconds to take up another colour, another hook, another kind of work. */
  setUpColour: int().$type<Seconds>().notNull().default(seconds(60)),
  setUpHook: int().$type<Seconds>().notNull().default(seconds(45)),
  setUpStage: int().$type<Seconds>().notNull().default(seconds(90)),
  wagePerHour: int().$type<Minor>().notNull().default(minor(1400)),
  overheadPerHour: int().$type<Minor>().notNull().default(minor(250)),
  marginBp: int().notNull().default(1000),
  /** Endings of her price points within one major unit, minor units, comma-separated. */
  pricePoints: varchar({ length: 60 }).notNull().default("0,50"),
  /** What used material is valued at: what its own lot cost, or the moving average. */
  costSchool: mysqlEnum(["lot", "average"]).notNull().default("lot"),
  /** A measurement of this age weighs half; 0 for never. */
  halfLifeDays: int().notNull().default(365),
  /** What stands at the end of her pattern sheets: whose they are and what may be done with them. */
  licence: varchar({ length: 400 }).notNull().default(""),
  /** IANA name of the zone whose days are hers; empty for that of the computer it runs on. */
  timeZone: varchar({ length: 64 }).notNull().default(""),
  version: version(),
  createdAt: createdAt(),
});

/** One that takes a share of each sale: the card, the platform, the shop on whose shelf it stands. */
export interface ChannelFee {
  readonly name: string;
  /** Basis points: 650 is 6.5 %. */
  readonly bp: number;
}

export const channel = mysqlTable(
  "channel",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    name: varchar({ length: 80 }).notNull(),
    /** Shares of what the customer pays, one for each that takes one. */
    fees: json().$type<readonly ChannelFee[]>().notNull().default([]),
    /** Paid once a sale, however many pieces it has. */
    fixed: int().$type<Minor>().notNull(),
    /** What she pays for the parcel beyond what the customer pays for it, and its box: once a sale. */
    postage: int().$type<Minor>().notNull().default(minor(0)),
    packing: int().$type<Minor>().notNull().default(minor(0)),
    /** Pieces in a sale on average, in hundredths. */
    piecesPerSaleHundredths: int().notNull().default(100),
    /** Paid for the day or the month, and the pieces she expects to sell for it. */
    stallFee: int().$type<Minor>().notNull().default(minor(0)),
    expectedPieces: int().notNull().default(1),
    /** Sales or value added tax; 0 under a small-business exemption. */
    taxBp: int().notNull().default(0),
    /** The price she writes is what the customer pays. */
    taxIncluded: boolean().notNull().default(true),
    /** What is asked of who buys many: pieces at least, and days until it is paid; 0 asks nothing. */
    leastPieces: int().notNull().default(0),
    payWithinDays: int().notNull().default(0),
    sort: int().notNull().default(0),
    version: version(),
    deletedAt: deletedAt(),
  },
  (t) => [index("channel_workshop").on(t.workshopId, t.sort)],
);
