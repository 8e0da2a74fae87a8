import { parseDate, type CalendarDate } from "@internationalized/date";
import { hoursOn, type DayHours, type WeekHours } from "./calendar";

/** Work of one hand on one run. */
export interface Job {
  /** Whose: "" for the maker's own. */
  readonly hand: string;
  /**
   * What comes first has the smaller number: parts before sewing, sewing before the last looks. A piece is
   * sewn when all its parts are there, whoever makes them, so a later phase never gets further than the
   * earlier ones of the same run have.
   */
  readonly phase: number;
  /** Seconds that are left, with their 90 % range. */
  readonly seconds: { readonly low: number; readonly value: number; readonly high: number };
  /** Hours that this hand has on each weekday. */
  readonly week: WeekHours;
  /**
   * Of the standard deviation of the logarithm, what is this run's own: items differ, whoever makes them. The
   * rest is the hand's, and the same in all of its runs. 0 unless given.
   */
  readonly own?: number;
}
/** A run as work on the one calendar. */
export interface Booked {
  readonly id: string;
  /** Not before this day. */
  readonly startOn: string;
  readonly dueOn: string;
  readonly jobs: readonly Job[];
}
/** Hours of single days that differ from the week's, by hand. */
export type SpecialDays = ReadonlyMap<string, DayHours>;

const MAX_DAYS = 3660;
/** Hours that come after so long a gap are none: nobody plans for them. */
const MAX_GAP = 400;
const NEVER = -1;
/** Hours so few are done with. */
const DONE = 1e-9;

/** The free hours of a hand, by day from today, read when they are asked for. */
class Lane {
  private readonly known: number[] = [];
  constructor(
    readonly hand: number,
    private readonly today: CalendarDate,
    private readonly week: WeekHours,
    private readonly special: DayHours | undefined,
  ) {}
  /** There are hours, on some day. */
  get ever(): boolean {
    return this.week.some((h) => h > 0) || [...(this.special?.values() ?? [])].some((h) => h > 0);
  }
  hours(day: number): number {
    for (let d = this.known.length; d <= day; d++)
      this.known.push(hoursOn(this.today.add({ days: d }), this.week, this.special));
    return this.known[day] ?? 0;
  }
}
interface Line {
  readonly run: number;
  readonly phase: number;
  readonly lane: Lane;
  readonly job: Job;
}

/** What is told of each stretch of work as it is laid: which run, whose hand, on which day from today. */
export type OnWork = (run: number, hand: string, day: number, hours: number) => void;

/**
 * One calendar over all open runs and all hands, day by day: each hand takes her runs in the order given,
 * each from its first day on, so no hour is promised twice. Built once, laid as often as paces are drawn.
 */
export class DayBook {
  readonly hands: readonly string[];
  readonly lines: readonly Line[];
  private readonly today: CalendarDate;
  private readonly start: readonly number[];
  private readonly ofRun: readonly (readonly number[])[];
  /** Runs with work for which there are never hours: they are not begun. */
  private readonly never: ReadonlySet<number>;

  constructor(
    readonly runs: readonly Booked[],
    today: string,
    special: SpecialDays = new Map(),
  ) {
    this.today = parseDate(today);
    this.hands = [...new Set(runs.flatMap((r) => r.jobs.map((j) => j.hand)))];
    const lanes = new Map<string, Lane>();
    const laneOf = (j: Job): Lane => {
      const key = JSON.stringify([j.hand, j.week]);
      const known =
        lanes.get(key) ?? new Lane(this.hands.indexOf(j.hand), this.today, j.week, special.get(j.hand));
      lanes.set(key, known);
      return known;
    };
    this.start = runs.map((r) => Math.max(0, this.offset(r.startOn)));
    this.lines = runs.flatMap((r, run) =>
      [...r.jobs]
        .sort((a, b) => a.phase - b.phase)
        .map((job) => ({ run, phase: job.phase, lane: laneOf(job), job })),
    );
    this.ofRun = runs.map((_, run) => this.lines.flatMap((l, i) => (l.run === run ? [i] : [])));
    const idle = new Set([...lanes.values()].filter((l) => !l.ever));
    this.never = new Set(
      this.lines.flatMap((l) => (l.job.seconds.value > 0 && idle.has(l.lane) ? [l.run] : [])),
    );
  }

  /** Days from today to a day. */
  offset(day: string): number {
    return parseDate(day).compare(this.today);
  }
  dayAt(offset: number): string {
    return this.today.add({ days: offset }).toString();
  }

  /**
   * The day on which each run is done, in days from today, −1 where the hours never come.
   * @param seconds of each line's work
   */
  lay(seconds: (line: number) => number, onWork?: OnWork): Int32Array {
    const { lines } = this;
    const total = Float64Array.from(lines, (_, i) => seconds(i) / 3600);
    const done = new Float64Array(lines.length);
    const before = new Float64Array(lines.length);
    const used = new Float64Array(this.hands.length);
    const finish = new Int32Array(this.runs.length).fill(NEVER);
    const open = this.runs.flatMap((_, i) => (this.never.has(i) ? [] : [i]));
    let worked = Math.max(0, ...this.start);
    for (let day = 0; day < MAX_DAYS && open.length > 0 && day - worked <= MAX_GAP; day++) {
      used.fill(0);
      before.set(done);
      for (let k = 0; k < open.length; k++) {
        const run = open[k] ?? 0;
        if ((this.start[run] ?? 0) > day) continue;
        let left = false;
        for (const i of this.ofRun[run] ?? []) {
          const line = lines[i];
          if (!line) continue;
          const rest = (total[i] ?? 0) - (done[i] ?? 0);
          if (rest <= DONE) continue;
          const { hand } = line.lane;
          const free = Math.max(0, line.lane.hours(day) - (used[hand] ?? 0));
          const may = free > 0 ? this.reach(i, total, done, before) - (done[i] ?? 0) : 0;
          const taken = Math.max(0, Math.min(free, rest, may));
          if (taken > 0) {
            used[hand] = (used[hand] ?? 0) + taken;
            done[i] = (done[i] ?? 0) + taken;
            worked = day;
            onWork?.(run, line.job.hand, day, taken);
          }
          if (rest - taken > DONE) left = true;
        }
        if (left) continue;
        finish[run] = day;
        open.splice(k--, 1);
      }
    }
    return finish;
  }

  /** How far a line may get: as far as its run's earlier phases are; of other hands', as of last evening. */
  private reach(i: number, total: Float64Array, done: Float64Array, before: Float64Array): number {
    const line = this.lines[i];
    let share = 1;
    for (const j of line ? (this.ofRun[line.run] ?? []) : []) {
      const other = this.lines[j];
      if (!line || !other || other.phase >= line.phase) continue;
      const all = total[j] ?? 0;
      const there = other.lane.hand === line.lane.hand ? done[j] : before[j];
      // What is done but for a rounding is done: a share a hair below one would never be one.
      if (all - (there ?? 0) > DONE) share = Math.min(share, (there ?? 0) / all);
    }
    return share * (total[i] ?? 0);
  }
}
