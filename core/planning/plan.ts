import { parseDate } from "@internationalized/date";
import type { Minor } from "../units";
import type { Laid } from "./booking";
import { hoursBetween, spreadWeek, type DayHours, type WeekHours } from "./calendar";
import type { RunLine } from "./needs";
import { costOfBuying, type Netted } from "./netting";

export interface PlanInput {
  readonly lines: readonly RunLine[];
  /** What it needs, netted together with the other runs. */
  readonly needs: readonly Netted[];
  /** From when there are hours for it: its first day, or today. */
  readonly startOn: string;
  readonly dueOn: string;
  readonly week: WeekHours;
  /** Hours of single days that differ from the week's. */
  readonly special: DayHours;
  /** Its days on the one calendar of all open runs. */
  readonly laid: Laid;
}

export interface Plan {
  readonly needs: readonly Netted[];
  readonly buyCost: Minor;
  readonly seconds: { readonly value: number; readonly low: number; readonly high: number };
  /** Hours there are from the start to the due day. */
  readonly hoursThere: number;
  /** The first day it is worked on, and the hours of each day that it takes at the expected pace. */
  readonly begin: string | undefined;
  readonly days: Laid["days"];
  readonly finish: string | undefined;
  readonly finishLow: string | undefined;
  readonly finishHigh: string | undefined;
  /** That it is done on its due day; undefined without hours. */
  readonly chance: number | undefined;
  /** "sure": done in time even at the slow end; "likely": at the expected pace; "late". */
  readonly inTime: "sure" | "likely" | "late" | "unknown";
}

/** The work of a run's lines, with its range. */
export function secondsIn(lines: readonly RunLine[]): Plan["seconds"] {
  const sum = (pick: (l: RunLine) => number) => lines.reduce((s, l) => s + pick(l) * l.quantity, 0);
  return { value: sum((l) => l.seconds), low: sum((l) => l.secondsLow), high: sum((l) => l.secondsHigh) };
}

/** A run from its lines: what it needs, what is missing, what to buy, and the day it will be done. */
export function planRun({ lines, needs, startOn, dueOn, week, special, laid }: PlanInput): Plan {
  const { begin, finish, finishLow, finishHigh, chance, days } = laid;
  const inTime =
    finish === undefined
      ? "unknown"
      : finishHigh !== undefined && finishHigh <= dueOn
        ? "sure"
        : finish <= dueOn
          ? "likely"
          : "late";
  return {
    needs,
    buyCost: costOfBuying(needs),
    seconds: secondsIn(lines),
    hoursThere: hoursBetween(parseDate(startOn), parseDate(dueOn), week, special),
    begin,
    days,
    finish,
    finishLow,
    finishHigh,
    chance,
    inTime,
  };
}

export const weekOf = (w: { readonly weekMinutes: number; readonly workDays: string }): WeekHours =>
  spreadWeek(
    w.weekMinutes / 60,
    [...w.workDays].map((d) => d === "1"),
  );
