import {
  datetime,
  index,
  int,
  json,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  varchar,
  date,
} from "drizzle-orm/mysql-core";
import type { PiecesOfLots } from "@core/planning/piece-lots";
import { id, workshopId, createdAt, deletedAt } from "./workshop";

export const RUN_STATES = ["planned", "underway", "finished"] as const;
/** How a run's tasks follow each other. */
export const RUN_SCHOOLS = ["piece", "part", "colour", "best"] as const;
export const run = mysqlTable(
  "run",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    name: varchar({ length: 120 }).notNull(),
    state: mysqlEnum(RUN_STATES).notNull().default("planned"),
    startOn: date({ mode: "string" }).notNull(),
    dueOn: date({ mode: "string" }).notNull(),
    finishedOn: date({ mode: "string" }),
    /** Her own order of the open runs; null where she left it to their due days. */
    sort: int(),
    school: mysqlEnum(RUN_SCHOOLS).notNull().default("piece"),
    /** Week, wage and overhead as they were when it was planned. */
    plannedWith: json().$type<RunPlannedWith>().notNull(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("run_workshop").on(t.workshopId, t.state, t.dueOn)],
);

export const runLine = mysqlTable(
  "run_line",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    runId: id()
      .notNull()
      .references(() => run.id, { onDelete: "cascade" }),
    itemId: id().notNull(),
    revisionId: id().notNull(),
    /** null for the item's own colours. */
    colourwayId: id(),
    quantity: int().notNull(),
    made: int().notNull().default(0),
    /** What one piece took when the run was planned. */
    plannedWith: json().$type<LinePlannedWith>().notNull(),
    /** What of its work helpers do; null where the maker does all of it. */
    shares: json().$type<LineShares>(),
    /** Which piece holds which lots, as the cutting plan placed them; null until it ends, or without a plan. */
    lots: json().$type<readonly PiecesOfLots[]>(),
    sort: int().notNull(),
  },
  (t) => [index("line_run").on(t.workshopId, t.runId, t.sort)],
);

/** Which ball each length of yarn of a run is cut from. */
export const cuttingPlan = mysqlTable("cutting_plan", {
  runId: id()
    .primaryKey()
    .references(() => run.id, { onDelete: "cascade" }),
  workshopId: workshopId(),
  version: int().notNull(),
  plan: json().$type<KeptCutting>().notNull(),
  keptAt: datetime({ fsp: 3 }).notNull(),
});

/** What of a ball a run has been promised; never more, over all runs, than is left of it. */
export const ballReservation = mysqlTable(
  "ball_reservation",
  {
    workshopId: workshopId(),
    runId: id()
      .notNull()
      .references(() => run.id, { onDelete: "cascade" }),
    ballId: id().notNull(),
    /** mg. */
    quantity: int().notNull(),
  },
  (t) => [primaryKey({ columns: [t.runId, t.ballId] }), index("reservation_ball").on(t.workshopId, t.ballId)],
);

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
  readonly needs: readonly {
    readonly kind: "yarn" | "filling" | "notion";
    readonly materialId: string;
    readonly each: number;
    readonly eachHigh: number;
  }[];
  /** What it was planned with before it was planned anew: the way back. */
  readonly before?: { readonly revisionId: string; readonly plannedWith: Omit<LinePlannedWith, "before"> };
  /** Lengths of uninterrupted yarn of one piece; runs planned before these were kept have none. */
  readonly lengths?: readonly {
    readonly part: string;
    readonly make: number;
    readonly slot: string;
    readonly yarnId: string;
    readonly mg: number;
    readonly sigma: number;
    readonly filled: boolean;
  }[];
}
/** Who does what of a line's pieces. Seconds are of one piece. */
export interface LineShares {
  /** What is left to the maker, by phase: parts, sewing, what comes last. */
  readonly own: readonly [number, number, number];
  readonly given: readonly LineShare[];
}
export interface LineShare {
  /** "part:Ears", "sewing" or "finishing". */
  readonly work: string;
  readonly handId: string;
  readonly phase: 0 | 1 | 2;
  /** At the helper's pace, with its 90 % range. */
  readonly seconds: number;
  readonly low: number;
  readonly high: number;
  /** What the maker would have taken for it. */
  readonly instead: number;
}
