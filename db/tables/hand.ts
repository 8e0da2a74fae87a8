import { milligrams, type Micrometres, type Milligrams, type Mm, type Seconds } from "@core/units";
import {
  boolean,
  index,
  int,
  json,
  mysqlEnum,
  mysqlTable,
  uniqueIndex,
  varchar,
  date,
} from "drizzle-orm/mysql-core";
import type { GivenWork } from "../../core/planning/given-work";
import { createdAt, deletedAt, id, mediumblob, version, workshopId } from "./workshop";
import { yarn } from "./materials";

/** Whose hands: the maker's own, or a helper's. Estimates speak for the first. */
export const hand = mysqlTable(
  "hand",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    name: varchar({ length: 80 }).notNull(),
    /** How this hand takes up the yarn: measurements made the other way are kept apart. */
    loops: mysqlEnum(["over", "under"]).notNull().default("over"),
    /** Minutes a week that a helper gives, spread over her days; the maker's own stand with the workshop. */
    weekMinutes: int().notNull().default(0),
    /** Seven letters, Monday first: "1" works, "0" does not. */
    workDays: varchar({ length: 7 }).notNull().default("1111100"),
    /** What a helper can be given; null for anything. */
    does: json().$type<readonly GivenWork[]>(),
    /** Minutes of work on one day that are not to be passed; 0 for no limit. */
    dayLimitMinutes: int().notNull().default(0),
    /** Minutes of work after which a break is told; 0 for never. */
    breakAfterMinutes: int().notNull().default(30),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("hand_workshop").on(t.workshopId, t.createdAt)],
);

export const LOOPS = ["over", "under"] as const;
/**
 * What every measurement of finished work says: whose hands, of which part of which revision, when; kept also
 * when it is set aside.
 */
const measured = () => ({
  id: id().primaryKey(),
  workshopId: workshopId(),
  handId: id()
    .notNull()
    .references(() => hand.id, { onDelete: "cascade" }),
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
export const weighIn = mysqlTable(
  "weigh_in",
  {
    ...measured(),
    kind: mysqlEnum(["yarn", "filling"]).notNull(),
    /** The colourway that was made; null for the item's own colours. */
    colourwayId: id(),
    yarnId: id(),
    hookUm: int().$type<Micrometres>(),
    loops: mysqlEnum(LOOPS).notNull().default("over"),
    firmness: mysqlEnum(["light", "medium", "firm"]),
    /** Net, mg. */
    weightMg: int().$type<Milligrams>().notNull(),
    /**
     * The ball or the bag before and after, mg, when their difference was taken; null when it was weighed by
     * itself.
     */
    beforeMg: int().$type<Milligrams>(),
    afterMg: int().$type<Milligrams>(),
    stepMg: int().$type<Milligrams>().notNull(),
    /** What the trade would expect of the stitches (or of the filling), mg, for all the pieces. */
    expectedMg: int().$type<Milligrams>().notNull(),
    /**
     * Tails: weighed with it but not a matter of tension, mg. Rows of before `fillingMg` have the filling in
     * them too.
     */
    besideMg: int().$type<Milligrams>().notNull().default(milligrams(0)),
    /** What the trade would expect of the filling inside, mg; 0 for parts weighed without it. */
    fillingMg: int().$type<Milligrams>().notNull().default(milligrams(0)),
  },
  (t) => [
    index("weigh_in_hand").on(t.workshopId, t.handId, t.madeOn),
    uniqueIndex("weigh_in_once").on(t.workshopId, t.idempotencyKey),
  ],
);

export const timing = mysqlTable(
  "timing",
  {
    ...measured(),
    stage: mysqlEnum([
      "crochet",
      "face",
      "filling",
      "sewing",
      "ends",
      "hanger",
      "inspection",
      "packing",
    ]).notNull(),
    seconds: int().$type<Seconds>().notNull(),
    /** Seconds of each piece, when laps were taken. */
    laps: json().$type<readonly number[]>().notNull(),
    /** The trade's seconds by kind for all the pieces, as they were when it was timed. */
    work: json().$type<Readonly<Record<string, number>>>().notNull(),
    /** The file it was brought in with. */
    importId: id(),
  },
  (t) => [
    index("timing_hand").on(t.workshopId, t.handId, t.madeOn),
    uniqueIndex("timing_once").on(t.workshopId, t.idempotencyKey),
  ],
);

export const swatch = mysqlTable(
  "swatch",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    /** null for the maker's own, from before hands were kept apart. */
    handId: id(),
    loops: mysqlEnum(LOOPS).notNull().default("over"),
    setAside: boolean().notNull().default(false),
    yarnId: id()
      .notNull()
      .references(() => yarn.id, { onDelete: "cascade" }),
    madeOn: date({ mode: "string" }).notNull(),
    hookUm: int().$type<Micrometres>().notNull(),
    stitches: int(),
    overMm: int().$type<Mm>(),
    rounds: int(),
    roundsOverMm: int().$type<Mm>(),
    sampleStitches: int(),
    sampleMm: int().$type<Mm>(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("swatch_yarn").on(t.workshopId, t.yarnId, t.madeOn)],
);

/** A picture of a swatch, as the browser made it small: a JPEG of some hundred kilobytes. */
export const swatchPhoto = mysqlTable("swatch_photo", {
  swatchId: id()
    .primaryKey()
    .references(() => swatch.id, { onDelete: "cascade" }),
  workshopId: workshopId(),
  jpeg: mediumblob().notNull(),
  createdAt: createdAt(),
});
