import { parseDate, type CalendarDate } from "@internationalized/date";
import { normalBelow } from "../calibrate";
import { Z90 } from "../estimate";
import { hoursOfWeek, hoursOn, type DayHours, type WeekHours } from "./calendar";

/** A run as work on one calendar. */
export interface Booked {
  readonly id: string;
  /** Not before this day. */
  readonly startOn: string;
  readonly dueOn: string;
  /** Seconds that are left, with their 90 % range. */
  readonly seconds: { readonly low: number; readonly value: number; readonly high: number };
  readonly week: WeekHours;
}
export interface Laid {
  /** First and last day on which it is worked; undefined when the hours never come. */
  readonly begin: string | undefined;
  readonly finish: string | undefined;
  readonly finishLow: string | undefined;
  readonly finishHigh: string | undefined;
  /** That it is done on its due day; undefined without hours. */
  readonly chance: number | undefined;
  /** The hours of each day that it takes, at the expected pace. */
  readonly days: readonly BookedDay[];
}
export interface BookedDay {
  readonly on: string;
  readonly hours: number;
}
interface Taken {
  readonly begin: string;
  readonly finish: string;
  readonly days: readonly BookedDay[];
}

const MAX_DAYS = 3660;
const STEPS = 24;

/** Hours that are taken already, by day. */
class Book {
  private readonly used = new Map<string, number>();
  constructor(private readonly special: DayHours) {}

  /** Takes the free hours from a day on. */
  take(from: CalendarDate, seconds: number, week: WeekHours): Taken | undefined {
    if (hoursOfWeek(week) <= 0) return undefined;
    const days: BookedDay[] = [];
    let left = seconds / 3600;
    let day = from;
    let begin: string | undefined;
    for (let i = 0; i < MAX_DAYS; i++) {
      const key = day.toString();
      const used = this.used.get(key) ?? 0;
      const free = Math.max(0, hoursOn(day, week, this.special) - used);
      const taken = Math.min(free, left);
      if (taken > 0) {
        begin ??= key;
        this.used.set(key, used + taken);
        days.push({ on: key, hours: taken });
        left -= taken;
      }
      if (left <= 1e-9) return { begin: begin ?? key, finish: key, days };
      day = day.add({ days: 1 });
    }
    return undefined;
  }
}

const later = (a: string, b: string): string => (a > b ? a : b);

/** Every run's days when its work takes so many seconds: each takes what is free, in the order given. */
function days(
  runs: readonly Booked[],
  today: string,
  special: DayHours,
  seconds: (r: Booked) => number,
): Map<string, Taken | undefined> {
  const book = new Book(special);
  return new Map(
    runs.map((r) => [r.id, book.take(parseDate(later(r.startOn, today)), seconds(r), r.week)] as const),
  );
}

/**
 * One calendar over all open runs, the first served first: each takes the hours that are free from its first
 * day on, so no hour is promised twice, and a run that begins later leaves the days before it to others. It
 * is the same hand that makes them all: the ends of the range are those of all runs together, and the chance
 * of a due day is that of the pace at which the run is done on it.
 * @param special hours of single days, such as none on a day off
 */
export function layRuns(
  runs: readonly Booked[],
  today: string,
  special: DayHours = new Map(),
): Map<string, Laid> {
  const [value, low, high] = [
    days(runs, today, special, (r) => r.seconds.value),
    days(runs, today, special, (r) => r.seconds.low),
    days(runs, today, special, (r) => r.seconds.high),
  ];
  return new Map(
    runs.map((r, i) => [
      r.id,
      {
        begin: value.get(r.id)?.begin,
        finish: value.get(r.id)?.finish,
        finishLow: low.get(r.id)?.finish,
        finishHigh: high.get(r.id)?.finish,
        chance: value.get(r.id) ? chanceOf(runs.slice(0, i + 1), today, special) : undefined,
        days: value.get(r.id)?.days ?? [],
      },
    ]),
  );
}

/** The chance that the last of these is done on its due day: the slowest pace at which it is, by halving. */
function chanceOf(runs: readonly Booked[], today: string, special: DayHours): number {
  const last = runs[runs.length - 1];
  if (!last) return 1;
  // Standard deviation of each run's work, of the logarithm; all of it is one hand's.
  const at = (z: number) => (r: Booked) =>
    r.seconds.value > 0
      ? r.seconds.value * Math.exp((z * Math.log(r.seconds.high / r.seconds.value)) / Z90)
      : 0;
  const inTime = (z: number) => {
    const finish = days(runs, today, special, at(z)).get(last.id)?.finish;
    return finish !== undefined && finish <= last.dueOn;
  };
  let [slow, quick] = [4, -4];
  if (inTime(slow)) return 1;
  if (!inTime(quick)) return 0;
  for (let i = 0; i < STEPS; i++) {
    const z = (slow + quick) / 2;
    if (inTime(z)) quick = z;
    else slow = z;
  }
  return normalBelow(quick);
}
