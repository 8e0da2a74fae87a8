import { parseDate } from "@internationalized/date";
import {
  costOfBuying,
  finishDay,
  hoursBetween,
  spreadWeek,
  type RunLine,
  type Netted,
  type WeekHours,
} from "@core/planning";
import type { Minor } from "@core/units";

export interface PlanInput {
  readonly lines: readonly RunLine[];
  /** What it needs, netted together with the other runs. */
  readonly needs: readonly Netted[];
  readonly startOn: string;
  readonly dueOn: string;
  readonly week: WeekHours;
  /** Seconds of work that other runs have promised before this one. */
  readonly before: number;
}

export interface Plan {
  readonly needs: readonly Netted[];
  readonly buyCost: Minor;
  readonly seconds: { readonly value: number; readonly low: number; readonly high: number };
  /** Hours there are from the start to the due day. */
  readonly hoursThere: number;
  readonly finish: string | undefined;
  readonly finishLow: string | undefined;
  readonly finishHigh: string | undefined;
  /** "sure": done in time even at the slow end; "likely": at the expected pace; "late". */
  readonly inTime: "sure" | "likely" | "late" | "unknown";
}

/** A run from its lines: what it needs, what is missing, what to buy, and the day it will be done. */
export function planRun(input: PlanInput): Plan {
  const { needs } = input;
  const sum = (pick: (l: RunLine) => number) => input.lines.reduce((s, l) => s + pick(l) * l.quantity, 0);
  const seconds = {
    value: sum((l) => l.seconds),
    low: sum((l) => l.secondsLow),
    high: sum((l) => l.secondsHigh),
  };
  const start = parseDate(input.startOn);
  const due = parseDate(input.dueOn);
  const day = (s: number) => finishDay(start, s, input.week, input.before)?.toString();
  const finish = day(seconds.value);
  const finishHigh = day(seconds.high);
  const inTime =
    finish === undefined
      ? "unknown"
      : finishHigh !== undefined && finishHigh <= input.dueOn
        ? "sure"
        : finish <= input.dueOn
          ? "likely"
          : "late";
  return {
    needs,
    buyCost: costOfBuying(needs),
    seconds,
    hoursThere: hoursBetween(start, due, input.week),
    finish,
    finishLow: day(seconds.low),
    finishHigh,
    inTime,
  };
}

export const weekOf = (w: { readonly weekMinutes: number; readonly workDays: string }): WeekHours =>
  spreadWeek(
    w.weekMinutes / 60,
    [...w.workDays].map((d) => d === "1"),
  );
