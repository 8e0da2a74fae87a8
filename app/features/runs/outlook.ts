import type { Booked, Calendar, Job } from "@core/planning";
import { withFirst, withJobs, withMoreHours } from "@core/planning/outlook";

/** Something that would raise the chance of being in time. */
export type Lever =
  | { readonly kind: "hour" }
  /** Before the runs that go before it now. */
  | { readonly kind: "first" }
  | { readonly kind: "fewer"; readonly label: string; readonly pieces: number; readonly jobs: readonly Job[] }
  | {
      readonly kind: "helper";
      readonly name: string;
      readonly work: string;
      readonly label: string;
      readonly jobs: readonly Job[];
    };

/** A calendar as it goes into a page: maps as lists. */
export interface SentCalendar {
  readonly runs: readonly Booked[];
  readonly today: string;
  readonly special: readonly (readonly [string, readonly (readonly [string, number])[]])[];
}
export const calendarFrom = (c: SentCalendar): Calendar => ({
  runs: c.runs,
  today: c.today,
  special: new Map(c.special.map(([hand, days]) => [hand, new Map(days)])),
});

/** The calendar as it would be. */
export function pulled(c: Calendar, run: string, lever: Lever): Calendar {
  switch (lever.kind) {
    case "hour":
      return withMoreHours(c, 1);
    case "first":
      return withFirst(c, run);
    case "fewer":
    case "helper":
      return withJobs(c, run, lever.jobs);
  }
}
