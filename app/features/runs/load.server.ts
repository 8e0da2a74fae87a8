import { LRUCache } from "lru-cache";
import { listCuttings } from "@db/queries/cutting";
import type { RunWithLines } from "@db/queries/runs";
import { onOrder } from "@db/queries/purchases";
import type { Scope } from "@db/scope";
import { readOnce } from "../../server/kept";
import { allBalls, allNotions, allYarns, openRuns, stockOnHand } from "../../server/rows.server";
import {
  layRuns,
  type Booked,
  type DayHours,
  type Laid,
  type Netted,
  type SpecialDays,
  type WeekHours,
  planRun,
  weekOf,
  type Plan,
} from "@core/planning";
import { helpersOf, specialByHand, type Helper } from "./hands.server";
import { leftOf, linesOf } from "./lines";
import type { CupboardRows } from "./net";
import { netKnown } from "./net.server";
import { jobsOf } from "./shares";

export const secondsOf = (r: RunWithLines): number =>
  r.lines.reduce((s, l) => s + l.plannedWith.seconds * l.quantity, 0);

const rank = (x: { id: string; state: string; dueOn: string }) =>
  `${x.state === "underway" ? 0 : 1} ${x.dueOn} ${x.id}`;

/**
 * Open runs in the order in which hours and stock are given to them: as she put them; where she left it, those
 * under way, then by due day. A run that she has not put anywhere goes before the first that is due later.
 */
export function runOrder(runs: readonly RunWithLines[]): RunWithLines[] {
  const open = runs.filter((x) => x.run.state !== "finished");
  const out = open.filter((x) => x.run.sort !== null).sort((a, b) => (a.run.sort ?? 0) - (b.run.sort ?? 0));
  for (const x of open
    .filter((o) => o.run.sort === null)
    .sort((a, b) => (rank(a.run) < rank(b.run) ? -1 : 1))) {
    const before = out.findIndex((o) => rank(o.run) > rank(x.run));
    out.splice(before < 0 ? out.length : before, 0, x);
  }
  return out;
}

/** Open runs that go before this one. What they need is promised first. */
export function runsBefore(
  runs: readonly RunWithLines[],
  r: { id: string; state: string; dueOn: string },
): RunWithLines[] {
  const order = runOrder(runs);
  const at = order.findIndex((x) => x.run.id === r.id);
  if (at >= 0) return order.slice(0, at);
  return order.filter((x) => rank(x.run) < rank(r));
}

/**
 * What is on the shelves and on its way, and every open run netted against it: read once, however many runs
 * are looked at.
 */
export interface Shelves extends CupboardRows {
  /** Hours of the maker's single days that differ from the week's. */
  readonly days: DayHours;
  readonly daysByHand: SpecialDays;
  readonly helpers: readonly Helper[];
  readonly netted: ReadonlyMap<string, readonly Netted[]>;
}
export async function loadShelves(scope: Scope, runs: readonly RunWithLines[]): Promise<Shelves> {
  const [yarns, notions, onHand, ordered, balls, cuttings, daysByHand, helpers] = await Promise.all([
    allYarns(scope),
    allNotions(scope),
    stockOnHand(scope),
    readOnce(scope, "on order", () => onOrder(scope)),
    allBalls(scope),
    readOnce(scope, "cuttings", () => listCuttings(scope)),
    specialByHand(scope),
    helpersOf(scope),
  ]);
  const days: DayHours = daysByHand.get("") ?? new Map();
  const rows = { yarns, notions, onHand, onOrder: ordered, balls, cuttings };
  return { ...rows, days, daysByHand, helpers, netted: netKnown(runOrder(runs), rows).netted };
}

const NO_HOURS: WeekHours = [0, 0, 0, 0, 0, 0, 0];

/** Hours of each hand for a run: the maker's as it was planned with, helpers' as they are. */
export function weekOfHand(r: RunWithLines, helpers: readonly Helper[]): (hand: string) => WeekHours {
  const own = weekOf(r.run.plannedWith);
  const weeks = new Map(helpers.map((h) => [h.id, h.week]));
  return (hand) => (hand === "" ? own : (weeks.get(hand) ?? NO_HOURS));
}

/** A run as work on the calendar: what is left of it, by hand. */
export const bookedOf = (r: RunWithLines, helpers: readonly Helper[]): Booked => ({
  id: r.run.id,
  startOn: r.run.startOn,
  dueOn: r.run.dueOn,
  jobs: jobsOf(
    r.lines.map((l) => ({ ...l, left: leftOf(l) })),
    weekOfHand(r, helpers),
  ),
});

/** What calendars came to: nothing but what they are made of decides it, whichever workshop's they are. */
const laidBefore = new LRUCache<string, ReadonlyMap<string, Laid>>({ max: 200 });

/** The one calendar, drawn once for each state of it: pages ask for it again and again. */
function layOnce(booked: readonly Booked[], today: string, special: SpecialDays) {
  const key = JSON.stringify([booked, today, [...special].map(([hand, days]) => [hand, [...days]])]);
  const laid = laidBefore.get(key) ?? layRuns(booked, today, special);
  laidBefore.set(key, laid);
  return laid;
}

/** The plans of all open runs as of today, on one calendar and one cupboard, by run. */
export function plansOf(shelves: Shelves, runs: readonly RunWithLines[], today: string): Map<string, Plan> {
  const open = runOrder(runs);
  const laid = layOnce(
    open.map((r) => bookedOf(r, shelves.helpers)),
    today,
    shelves.daysByHand,
  );
  return new Map(
    open.flatMap((r) => {
      const days = laid.get(r.run.id);
      return days
        ? [
            [
              r.run.id,
              planRun({
                lines: linesOf(r),
                needs: shelves.netted.get(r.run.id) ?? [],
                startOn: r.run.startOn > today ? r.run.startOn : today,
                dueOn: r.run.dueOn,
                week: weekOf(r.run.plannedWith),
                special: shelves.days,
                laid: days,
              }),
            ] as const,
          ]
        : [];
    }),
  );
}

/**
 * One run's plan as it stands (or would stand with other lines) among the others. A finished run needs
 * nothing any more.
 */
export function planOf(
  shelves: Shelves,
  r: RunWithLines,
  runs: readonly RunWithLines[],
  today: string,
): Plan {
  const among = [...runs.filter((x) => x.run.id !== r.run.id), r];
  const found = plansOf(shelves, among, today).get(r.run.id);
  const week = weekOf(r.run.plannedWith);
  const { startOn, dueOn } = r.run;
  const nothing = {
    begin: undefined,
    finish: undefined,
    finishLow: undefined,
    finishHigh: undefined,
    chance: undefined,
    days: [],
  };
  const special = shelves.days;
  return found ?? planRun({ lines: linesOf(r), needs: [], startOn, dueOn, week, special, laid: nothing });
}

/** Runs that are not finished. */
export const loadRuns = (scope: Scope): Promise<readonly RunWithLines[]> => openRuns(scope);
