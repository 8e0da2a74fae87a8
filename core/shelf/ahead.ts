import type { CalendarDate } from "@internationalized/date";
import { daysToWork, latestStarts, type Due, type Hours } from "../planning/latest";
import { countQuantile } from "./demand";
import { KNOWN_AFTER, serviceWhenSeen } from "./restock";

/** A kind of piece that sells all the time, over all its places together. Money in minor units. */
export interface KeptUp {
  readonly id: string;
  /** Chances of 0, 1, 2, … asked for in the first so many days from now, all together. */
  readonly asked: (days: number) => readonly number[];
  /** There, at its places and free at home, and on its way in open runs. */
  readonly held: number;
  /** Weeks, or market days, that its demand was seen in. */
  readonly seen: number;
  readonly margin: number;
  readonly idle: number;
  readonly minutes: number;
  /** Materials that lack for one more: days until they are at the door; 0 while nothing lacks. */
  readonly deliveryDays: number;
}

export interface ToMake {
  readonly id: string;
  /** How many now; 0 while there are enough. */
  readonly make: number;
  readonly hours: number;
  readonly service: number;
  /** Seen for long enough that its range is its customers', not what nobody knows yet. */
  readonly known: boolean;
  /** Days until more of it can be there: delivery, what is owed to open runs, and the making itself. */
  readonly leadDays: number;
  /** At or below this, more is made; and up to what. */
  readonly point: number;
  readonly upTo: number;
  /** The last day that what is held is enough for, with the chance that is worth its cost. */
  readonly enoughUntil: CalendarDate | undefined;
  /** The last days to begin and to order by; in the past where it is late. Undefined while there are enough. */
  readonly beginBy: CalendarDate | undefined;
  readonly orderBy: CalendarDate | undefined;
}

/**
 * What a shelf can sell of what is asked for: no more than stands there, at each of her visits. `room` is this kind's
 * part of what it holds, in pieces; what is asked for beyond that is lost, however much is made.
 *
 * @example ofRoom([0.2, 0.3, 0.3, 0.2], 0.5, 20, 14) // [0.2, 0.8]: half a piece a visit, two visits in 20 days
 */
export function ofRoom(
  chances: readonly number[],
  room: number,
  days: number,
  reviewDays: number,
): readonly number[] {
  if (room === Infinity) return chances;
  const most = Math.ceil(room * (Math.floor(days / reviewDays) + 1) - 1e-9);
  if (most >= chances.length - 1) return chances;
  return [...chances.slice(0, most), chances.slice(most).reduce((sum, p) => sum + p, 0)];
}

/** Days that are looked ahead. */
const AHEAD = 120;
/** A lead that grows with what is made in it, and the other way round, settles in so many rounds. */
const ROUNDS = 6;

/**
 * What is to be made for places that sell all the time. The lead time is not a setting: it is the delivery of
 * what lacks and the making itself on her calendar, after the hours that open runs take. Order point and
 * order-up-to level over that lead and the time until she looks again (Silver, Pyke, Peterson 1998; from
 * memory). The days to begin and to order are reckoned back from the last day that what is held is enough for,
 * and all kinds share the hours. Other kinds that are short do not lengthen the lead: what was made up to its
 * level would be asked for again as soon as another is short.
 *
 * @param owed what open runs still take of her hours, each by its day
 */
export function toMakeAhead(
  kinds: readonly KeptUp[],
  reviewDays: number,
  today: CalendarDate,
  calendar: Hours,
  owed: readonly Due[],
): ToMake[] {
  const facts = kinds.map((k) => {
    const service = serviceWhenSeen(k);
    return { ...k, service, enough: daysEnough(k, service) };
  });
  const before = daysToWork(
    owed.reduce((sum, w) => sum + w.hours, 0),
    today,
    calendar,
  );
  const made = new Map(
    facts.map((k) => [
      k.id,
      batchOf(
        k,
        k.service,
        reviewDays,
        (hours) => Math.max(k.deliveryDays, before ?? AHEAD) + (daysToWork(hours, today, calendar) ?? AHEAD),
      ),
    ]),
  );
  const starts = latestStarts(
    [
      ...owed,
      ...facts.map((k) => ({
        id: k.id,
        hours: made.get(k.id)?.hours ?? 0,
        dueOn: today.add({ days: Math.min(k.enough, AHEAD) }),
      })),
    ],
    calendar,
  );
  return facts.map(({ id, service, enough, deliveryDays, seen }) => {
    const one = made.get(id) ?? { make: 0, hours: 0, leadDays: 0, point: 0, upTo: 0 };
    const beginBy = one.make > 0 ? starts.get(id) : undefined;
    return {
      id,
      ...one,
      service,
      known: seen >= KNOWN_AFTER,
      enoughUntil: enough >= AHEAD ? undefined : today.add({ days: enough }),
      beginBy,
      orderBy: deliveryDays > 0 ? beginBy?.subtract({ days: deliveryDays }) : undefined,
    };
  });
}

/** Whole days that what is held is enough for: the chance of being asked for more stays small enough. */
function daysEnough({ asked, held }: KeptUp, service: number): number {
  if (held <= 0) return 0;
  let [low, high] = [0, AHEAD];
  if (countQuantile(asked(high), service) <= held) return AHEAD;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (countQuantile(asked(middle), service) <= held) low = middle;
    else high = middle;
  }
  return low;
}

function batchOf(k: KeptUp, service: number, reviewDays: number, lead: (hours: number) => number) {
  let make = 0;
  let got = { make, hours: 0, leadDays: 0, point: 0, upTo: 0 };
  for (let round = 0; round < ROUNDS; round++) {
    const hours = (make * k.minutes) / 60;
    const leadDays = Math.min(AHEAD, lead(hours));
    const point = countQuantile(k.asked(Math.max(1, leadDays + reviewDays)), service);
    const upTo = Math.max(point, countQuantile(k.asked(leadDays + 2 * reviewDays), service));
    const wanted = k.held <= point ? Math.max(0, upTo - k.held) : 0;
    got = { make: wanted, hours: (wanted * k.minutes) / 60, leadDays, point, upTo };
    if (wanted <= make) break;
    make = wanted;
  }
  return got;
}
