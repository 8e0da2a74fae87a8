import { DayBook, type Booked, type SpecialDays } from "./day-book";
import { chanceBy, dayBy, drawFinishes } from "./draws";

export interface Laid {
  /** First and last day on which it is worked; undefined when the hours never come. */
  readonly begin: string | undefined;
  readonly finish: string | undefined;
  /** The day by which it is done in 5 and in 95 of 100. */
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
  /** Whose hours: "" for the maker's own. */
  readonly hand: string;
}

/** Draws behind a page: evenly spread, so many tell a chance within about one of a hundred. */
const DRAWS = 1000;
const [LOW, HIGH] = [0.05, 0.95];

/**
 * One calendar over all open runs and hands, the first served first: each run takes the hours that are free
 * from its first day on, so no hour is promised twice, and a run that begins later leaves the days before it
 * to others. Ends and chances are those of drawn paces, one for each hand and all of its runs.
 * @param special hours of single days by hand, such as none on a day off
 */
export function layRuns(
  runs: readonly Booked[],
  today: string,
  special: SpecialDays = new Map(),
): Map<string, Laid> {
  const book = new DayBook(runs, today, special);
  const days = runs.map(() => new Map<string, { day: number; hand: string; hours: number }>());
  const finish = book.lay(
    (i) => book.lines[i]?.job.seconds.value ?? 0,
    (run, hand, day, hours) => {
      const key = `${day} ${hand}`;
      const there = days[run]?.get(key);
      days[run]?.set(key, { day, hand, hours: (there?.hours ?? 0) + hours });
    },
  );
  const drawn = drawFinishes(book, DRAWS);
  const dayAt = (offset: number | undefined) =>
    offset === undefined || offset < 0 ? undefined : book.dayAt(offset);
  return new Map(
    runs.map((r, i): [string, Laid] => {
      const own = drawn[i] ?? new Int32Array();
      const worked = [...(days[i]?.values() ?? [])];
      const done = finish[i] ?? -1;
      return [
        r.id,
        {
          begin: done < 0 ? undefined : dayAt(Math.min(done, ...worked.map((d) => d.day))),
          finish: dayAt(done),
          finishLow: dayAt(dayBy(own, LOW)),
          finishHigh: dayAt(dayBy(own, HIGH)),
          chance: done < 0 ? undefined : chanceBy(own, book.offset(r.dueOn)),
          days: done < 0 ? [] : worked.map((d) => ({ on: book.dayAt(d.day), hours: d.hours, hand: d.hand })),
        },
      ];
    }),
  );
}
