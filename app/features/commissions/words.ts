import { parseDate } from "@internationalized/date";
import { commissionSums, type CommissionSums } from "@core/shelf/commission";
import type { Commission, CommissionState } from "@db/queries/commissions";

export const STATE_WORDS: Readonly<Record<CommissionState, string>> = {
  asked: "asked for",
  agreed: "agreed",
  making: "being made",
  ready: "ready",
  handed: "handed over",
  off: "called off",
};

type Tone = "bad" | "warn" | "good" | "plain";
export const STATE_TONE: Readonly<Record<CommissionState, Tone>> = {
  asked: "plain",
  agreed: "warn",
  making: "warn",
  ready: "good",
  handed: "plain",
  off: "plain",
};

/** What is done next, and what can be gone back to. */
export const STEPS: Readonly<
  Record<
    CommissionState,
    readonly { readonly to: Exclude<CommissionState, "handed">; readonly label: string }[]
  >
> = {
  asked: [
    { to: "agreed", label: "It is agreed" },
    { to: "off", label: "Call it off" },
  ],
  agreed: [
    { to: "making", label: "I have begun" },
    { to: "off", label: "Call it off" },
  ],
  making: [
    { to: "ready", label: "It is ready" },
    { to: "off", label: "Call it off" },
  ],
  ready: [
    { to: "making", label: "Not ready after all" },
    { to: "off", label: "Call it off" },
  ],
  handed: [{ to: "ready", label: "Take it back" }],
  off: [{ to: "asked", label: "Take it up again" }],
};

/** So many days before a promised day Today speaks of it. */
export const SOON_DAYS = 14;

/** Who it is for, also when they were forgotten. */
export const whoseText = (c: Pick<Commission, "customer">): string =>
  c.customer === "" ? "somebody, forgotten" : c.customer;
/** "Commission 7": what paper and runs call it, without anybody's name. */
export const numberText = (c: Pick<Commission, "number">): string => `Commission ${c.number}`;

/** "In 3 days", "today", "2 days late". */
export function daysText(dueOn: string, today: string): string {
  const days = parseDate(dueOn).compare(parseDate(today));
  const n = Math.abs(days);
  const many = `${n} ${n === 1 ? "day" : "days"}`;
  return days === 0 ? "today" : days < 0 ? `${many} late` : `in ${many}`;
}

/** Tax of a way of selling; none where it was deleted. */
export const taxOf = (
  channel: { readonly taxBp: number; readonly taxIncluded: boolean } | undefined,
): { readonly taxBp: number; readonly taxIncluded: boolean } => ({
  taxBp: channel?.taxBp ?? 0,
  taxIncluded: channel?.taxIncluded ?? true,
});
/** What it comes to, sold through its way of selling. */
export const sumsOf = (
  c: Pick<Commission, "price" | "depositPaid">,
  channel: Parameters<typeof taxOf>[0],
): CommissionSums => commissionSums({ ...c, ...taxOf(channel) });

/** What there is of a piece at home, and how much of it nobody was promised. */
export function homeText(home: number, free: number): string {
  if (home < 0)
    return `The book has ${home} at home: more went out than came in. Count them on the Shelf page.`;
  if (home === 0) return "None of it is at home: it has to be made.";
  const there = home === 1 ? "is 1" : `are ${home}`;
  if (free === 0) return `At home there ${there}, promised to somebody else.`;
  if (free < home) return `At home there ${there}, ${free} of them free.`;
  return `At home there ${there}, ${home === 1 ? "and it is free" : "all free"}.`;
}
