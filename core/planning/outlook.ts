import { DayBook, type Booked, type Job, type SpecialDays } from "./day-book";
import { chanceBy, dayBy, drawFinishes } from "./draws";

/** How sure "done by then" is meant to be. */
export const SURE = 0.9;
/** Draws that say what is likely, and those that only compare. */
const DRAWS = 10_000;
const COMPARED = 2_000;

export interface Outlook {
  /** Done on the due day, of 1. */
  readonly chance: number;
  /** The day by which it is done in nine of ten; undefined without the hours. */
  readonly sureBy: string | undefined;
  /** The last day on which it can be begun to be done in time in nine of ten; undefined where none is. */
  readonly beginBy: string | undefined;
  /** Share of the draws in which it is done on each day, of 1; days without any are left out. */
  readonly days: readonly { readonly on: string; readonly share: number }[];
}
export interface Calendar {
  /** Open runs in the order in which they get their hours. */
  readonly runs: readonly Booked[];
  readonly today: string;
  readonly special: SpecialDays;
}

/** When a run is likely to be done, drawn ten thousand times with all the others. */
export function outlookOf(id: string, { runs, today, special }: Calendar): Outlook {
  const book = new DayBook(runs, today, special);
  const at = runs.findIndex((r) => r.id === id);
  const run = runs[at];
  const finishes = drawFinishes(book, DRAWS)[at] ?? new Int32Array();
  const sure = dayBy(finishes, SURE);
  const counts = new Map<number, number>();
  for (const f of finishes) if (f >= 0) counts.set(f, (counts.get(f) ?? 0) + 1);
  return {
    chance: chanceBy(finishes, run ? book.offset(run.dueOn) : -1),
    sureBy: sure === undefined ? undefined : book.dayAt(sure),
    beginBy: lastBegin(id, { runs, today, special }),
    days: [...counts]
      .sort(([a], [b]) => a - b)
      .map(([day, n]) => ({ on: book.dayAt(day), share: n / finishes.length })),
  };
}

/** The chance that a run is done on its due day, on the same draws for whatever calendar. */
export function chanceIn(id: string, { runs, today, special }: Calendar): number {
  const book = new DayBook(runs, today, special);
  const at = runs.findIndex((r) => r.id === id);
  const run = runs[at];
  return run ? chanceBy(drawFinishes(book, COMPARED)[at] ?? new Int32Array(), book.offset(run.dueOn)) : 0;
}

/** By halving: the later it begins, the less likely it is done in time. */
function lastBegin(id: string, calendar: Calendar): string | undefined {
  const run = calendar.runs.find((r) => r.id === id);
  if (!run) return undefined;
  const book = new DayBook([], calendar.today);
  const sure = (start: number) =>
    chanceIn(id, {
      ...calendar,
      runs: calendar.runs.map((r) => (r.id === id ? { ...r, startOn: book.dayAt(start) } : r)),
    }) >= SURE;
  let [low, high] = [0, book.offset(run.dueOn)];
  if (high < 0 || !sure(0)) return undefined;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (sure(middle)) low = middle;
    else high = middle - 1;
  }
  return book.dayAt(low);
}

/** The same calendar with other work for one run. */
export const withJobs = (c: Calendar, id: string, jobs: readonly Job[]): Calendar => ({
  ...c,
  runs: c.runs.map((r) => (r.id === id ? { ...r, jobs } : r)),
});

/** The same calendar with one run before all others. */
export const withFirst = (c: Calendar, id: string): Calendar => ({
  ...c,
  runs: [...c.runs.filter((r) => r.id === id), ...c.runs.filter((r) => r.id !== id)],
});

/** The same calendar with so many hours more on each of the maker's working days. */
export const withMoreHours = (c: Calendar, hours: number): Calendar => ({
  ...c,
  runs: c.runs.map((r) => ({
    ...r,
    jobs: r.jobs.map((j) =>
      j.hand === ""
        ? { ...j, week: j.week.map((h) => (h > 0 ? h + hours : 0)) as unknown as Job["week"] }
        : j,
    ),
  })),
});
