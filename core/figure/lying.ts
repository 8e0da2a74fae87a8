import { fit } from "./kinds";
import type { Place } from "./place";
import type { Said } from "./said";

/** Where a part goes on a body that lies: begun at its nose or its tail, its rounds across the length. */
interface LyingHabit {
  readonly words: RegExp;
  /** Share of the length from the nose; "nose" and "tail" are its two ends. */
  readonly at: number | "nose" | "tail";
  /** Rounds behind the eyes, where there are any. */
  readonly behindEyes?: number;
  /** Degrees from the middle of the back, upwards; of one alone, and of each of a pair. */
  readonly one: number;
  readonly pair: number;
  readonly points: Place["points"];
}

/** From memory; in this order, the first that fits a name is taken. */
const LYING: readonly LyingHabit[] = [
  { words: fit("eye patche?|cheek|eye"), at: 0.25, one: 0, pair: 40, points: "out" },
  {
    words: fit("back fin|top fin|dorsal fin|hump|shell|cape|saddle|spine|spike|quill|prickle|mane"),
    at: 0.5,
    one: 0,
    pair: 30,
    points: "up",
  },
  {
    words: fit("tail fin|fluke|tail flipper|tail hal(?:f|ve)|tail"),
    at: "tail",
    one: 0,
    pair: 90,
    points: "along",
  },
  { words: fit("beak|bill|snout|muzzle|trunk|nose"), at: "nose", one: 0, pair: 20, points: "along" },
  { words: fit("ear"), at: 0.3, behindEyes: 3, one: 45, pair: 45, points: "out" },
  {
    words: fit("horn|antler|antenna|feeler|hat|hair|comb|crest|tuft|bow"),
    at: 0.2,
    one: 0,
    pair: 25,
    points: "up",
  },
  { words: fit("wing"), at: 0.4, one: 60, pair: 60, points: "side" },
  { words: fit("arm|flipper|fin|hand|claw"), at: 0.4, one: 100, pair: 100, points: "side" },
  { words: fit("leg|foot|feet|paw"), at: 0.4, one: 180, pair: 140, points: "down" },
  { words: fit("belly|tummy|base|sole|keel"), at: 0.5, one: 180, pair: 150, points: "out" },
];
const OTHER: LyingHabit = { words: /$^/, at: 0.5, one: 0, pair: 90, points: "out" };

const lyingHabit = (name: string): LyingHabit => LYING.find((h) => h.words.test(name.toLowerCase())) ?? OTHER;

/** Which of the ends, as the rounds are counted, a side or a habit means on a body that lies; if any. */
function endOf(habit: LyingHabit, side: Said["side"], noseFirst: boolean): "start" | "end" | undefined {
  const nose = noseFirst ? "start" : "end";
  const tail = noseFirst ? "end" : "start";
  if (side === "start" || side === "end") return side;
  if (side === "front") return nose;
  // "On the back" of what lies is its upper side, for all but a tail.
  if (side === "back") return habit.at === "tail" ? tail : undefined;
  if (side !== undefined) return undefined;
  return habit.at === "nose" ? nose : habit.at === "tail" ? tail : undefined;
}

/** Place of one piece of `count` on a body that lies, as far as sides and habits tell it. */
export function lyingPlace(q: {
  readonly name: string;
  readonly side: Said["side"];
  readonly k: number;
  readonly count: number;
  readonly noseFirst: boolean;
  /** Rounds of the body. */
  readonly bands: number;
  /** The round the text gives, counted from 0. */
  readonly band: number | undefined;
  /** The round of its eyes. */
  readonly eyes: number | undefined;
}): Pick<Place, "band" | "angle" | "on" | "points"> {
  const habit = lyingHabit(q.name);
  const end = q.band === undefined ? endOf(habit, q.side, q.noseFirst) : undefined;
  const four = q.count === 4;
  // Four legs stand two before and two behind.
  const share = four ? (q.k < 2 ? 0.25 : 0.75) : typeof habit.at === "number" ? habit.at : 0.5;
  const usual = (q.noseFirst ? share : 1 - share) * (q.bands - 1);
  const behind = (habit.behindEyes ?? 0) * (q.noseFirst ? 1 : -1);
  const along =
    habit.behindEyes !== undefined && q.eyes !== undefined
      ? Math.max(0, Math.min(q.bands - 1, q.eyes + behind))
      : usual;
  const spread = q.count === 1 ? 0 : four ? (q.k % 2) * 2 - 1 : (2 * q.k) / (q.count - 1) - 1;
  return {
    band: q.band ?? along,
    angle: angleOn(q.side, habit, spread, q.count === 1),
    on: end ?? "surface",
    points: end ? "along" : habit.points === "along" ? "out" : habit.points,
  };
}

/** Degrees from the middle of the back; `spread` from −1 to 1 over the pieces. */
function angleOn(side: Said["side"], habit: LyingHabit, spread: number, alone: boolean): number {
  switch (side) {
    case "left":
      return -90;
    case "right":
      return 90;
    case "sides":
      return alone ? 90 : spread * 90;
    case "bottom":
      return 180 + spread * 40;
    case "top":
    case "back":
      return spread * Math.min(habit.pair, 40);
    default:
      return alone ? habit.one : spread * habit.pair;
  }
}
