import type { Points } from "./said";

/** How far down its host a part goes when the text leaves it open. */
export type HabitAt =
  /** Rounds from the top, or from the bottom. */
  | { readonly rounds: number }
  | { readonly low: number }
  /** Share of the height from the top. */
  | { readonly share: number }
  /** Rounds below the eyes; the share where the host has none. */
  | { readonly belowEyes: number; readonly share: number }
  /** Rounds below the neck; the share where the host has none. */
  | { readonly belowNeck: number; readonly share: number }
  /** Across an opening. */
  | { readonly inside: true };

/**
 * Where a part of that name goes when the text leaves it open: trade guide §11; what is not there is from
 * memory.
 */
export interface Habit {
  readonly words: RegExp;
  /** Holds where another part is called so: a tree's trunk is no elephant's. */
  readonly beside?: RegExp;
  /** Which other part it goes on: by its kind, or the main part. "top": whatever is on top so far. */
  readonly host: readonly ("head" | "body" | "muzzle" | "top" | "main")[];
  readonly at: HabitAt;
  /** Degrees from the front for one; for each of a pair. */
  readonly one: number;
  readonly pair: number;
  readonly points: Points | "hang" | "top" | "bottom";
  readonly lies?: true;
  /** Keeps its round opening though nothing fills it. */
  readonly cup?: true;
  readonly why: string;
}
/** Names that end in such a word, one of them or several. */
export const fit = (words: string) => new RegExp(`\\b(?:${words})s?\\b`);

/** In this order: the first that fits a name is taken, so that a tail fin is no fin. */
export const HABITS: readonly Habit[] = [
  {
    words: fit("eye patche?|eye white|patche?|cheek"),
    host: ["head", "main"],
    at: { belowEyes: 0, share: 0.4 },
    one: 0,
    pair: 38,
    points: "out",
    lies: true,
    why: "patches lie where the eyes go",
  },
  {
    words: fit("tail fin|fluke|tail flipper"),
    host: ["body", "main"],
    at: { low: 0 },
    one: 0,
    pair: 90,
    points: "bottom",
    why: "a tail fin is the end of a fish",
  },
  {
    words: fit("back fin|dorsal fin|hump|backpack|cape|saddle"),
    host: ["body", "main"],
    at: { share: 0.45 },
    one: 180,
    pair: 160,
    points: "out",
    why: "it is carried on the back",
  },
  {
    words: fit("trunk|pot|stump|stand"),
    beside: fit("tree|fir|pine|palm|spruce|cactus|crown|foliage|leaves"),
    host: ["main"],
    at: { low: 0 },
    one: 0,
    pair: 0,
    points: "bottom",
    cup: true,
    why: "a tree stands on it",
  },
  {
    words: fit("stem|stalk|gill"),
    beside: fit("cap|mushroom|toadstool"),
    host: ["main"],
    at: { low: 0 },
    one: 0,
    pair: 0,
    points: "bottom",
    cup: true,
    why: "a mushroom's cap sits on it",
  },
  {
    words: fit("beak|bill|snout|muzzle|trunk|nozzle"),
    host: ["head", "main"],
    at: { belowEyes: 1.2, share: 0.4 },
    one: 0,
    pair: 12,
    points: "out",
    cup: true,
    why: "a third to two fifths of the face from the crown",
  },
  {
    words: fit("nose|nostril"),
    host: ["muzzle", "head", "main"],
    at: { belowEyes: 1.2, share: 0.38 },
    one: 0,
    pair: 14,
    points: "out",
    cup: true,
    why: "a third to two fifths of the face from the crown",
  },
  {
    words: fit("ear"),
    host: ["head", "main"],
    at: { rounds: 3.5 },
    one: 90,
    pair: 90,
    points: "out",
    why: "ears sit between the third and fourth round from the crown",
  },
  {
    words: fit("horn|antler|antenna|feeler|stalk eye"),
    host: ["head", "main"],
    at: { rounds: 3 },
    one: 0,
    pair: 55,
    points: "out",
    why: "horns stand beside the ears, towards the middle",
  },
  {
    words: fit("hair|comb|crest|tuft|mane"),
    host: ["head", "main"],
    at: { rounds: 1 },
    one: 0,
    pair: 30,
    points: "out",
    why: "on the crown",
  },
  {
    words: fit("hat|cap|hood|bonnet|crown|roof|lid|dome"),
    host: ["top"],
    at: { rounds: 0 },
    one: 0,
    pair: 0,
    points: "top",
    cup: true,
    why: "it covers what is on top",
  },
  {
    words: fit(
      "lamp room|lamp|lantern|mast|chimney|funnel|cabin|pole|flag|candle|stem|stalk|flame|bobble|pompom|bow",
    ),
    host: ["top"],
    at: { rounds: 0 },
    one: 0,
    pair: 0,
    points: "top",
    cup: true,
    why: "it stands on what is on top",
  },
  {
    words: fit("claw|pincer"),
    host: ["body", "main"],
    at: { share: 0.55 },
    one: 40,
    pair: 50,
    points: "side",
    cup: true,
    why: "claws reach out in front",
  },
  {
    words: fit("arm|wing|flipper|fin|hand|sleeve"),
    host: ["body", "main"],
    at: { belowNeck: 2, share: 0.42 },
    one: 90,
    pair: 90,
    points: "hang",
    why: "two rounds below the neck, at the sides",
  },
  {
    words: fit("leg"),
    host: ["body", "main"],
    at: { low: 2 },
    one: 0,
    pair: 42,
    points: "down",
    why: "legs stand under the body",
  },
  {
    words: fit("foot|feet|paw|shoe|boot|toe"),
    host: ["body", "main"],
    at: { low: 2 },
    one: 0,
    pair: 36,
    points: "forward",
    why: "feet look out at the front of the base",
  },
  {
    words: fit("tail"),
    host: ["body", "main"],
    at: { low: 3 },
    one: 180,
    pair: 165,
    points: "out",
    why: "a tail is low at the back",
  },
  {
    words: fit("head"),
    host: ["body", "main"],
    at: { rounds: 0 },
    one: 0,
    pair: 0,
    points: "top",
    why: "a head sits on the neck",
  },
  {
    words: fit("body|torso|neck"),
    host: ["main"],
    at: { low: 0 },
    one: 0,
    pair: 0,
    points: "bottom",
    why: "the body hangs under the head",
  },
  {
    words: fit("shell"),
    host: ["body", "main"],
    at: { share: 0.45 },
    one: 180,
    pair: 160,
    points: "out",
    cup: true,
    why: "it is carried on the back",
  },
  {
    words: fit("belly|tummy|bib|pocket|window|door|sign|button"),
    host: ["body", "main"],
    at: { share: 0.6 },
    one: 0,
    pair: 25,
    points: "out",
    lies: true,
    why: "it lies on the front",
  },
  {
    words: fit("spot|dot|stripe|star|barnacle"),
    host: ["main"],
    at: { share: 0.4 },
    one: 25,
    pair: 35,
    points: "out",
    lies: true,
    why: "spread over the piece",
  },
  {
    words: fit("hanger|loop|cord|string|strap|chain|hanging loop"),
    host: ["top"],
    at: { rounds: 0 },
    one: 0,
    pair: 0,
    points: "top",
    why: "the hanger goes to the true top",
  },
  {
    words: fit("bench(?:e)?|seat|thwart|cushion"),
    host: ["main"],
    at: { inside: true },
    one: 0,
    pair: 0,
    points: "up",
    why: "it lies across the inside",
  },
  {
    words: fit("oar|paddle|pole"),
    host: ["main"],
    at: { low: 0 },
    one: 90,
    pair: 0,
    points: "side",
    why: "over the side",
  },
  {
    words: fit("leaf|leave|petal|calyx|flower"),
    host: ["top"],
    at: { rounds: 1 },
    one: 40,
    pair: 70,
    points: "side",
    why: "beside the stem",
  },
  {
    words: fit("wheel"),
    host: ["main"],
    at: { low: 2 },
    one: 90,
    pair: 90,
    points: "out",
    lies: true,
    why: "low at the sides",
  },
  {
    words: fit("base|bottom|sole|keel"),
    host: ["main"],
    at: { low: 0 },
    one: 0,
    pair: 0,
    points: "bottom",
    why: "it closes the base",
  },
];
/** Of a part whose name tells nothing. */
export const UNKNOWN: Habit = {
  words: /$^/,
  host: ["main"],
  at: { share: 0.5 },
  one: 0,
  pair: 90,
  points: "out",
  why: "its name does not tell: a pair goes to the sides, one to the front",
};

/** What names call the parts that others go on. */
export const HOSTS: Readonly<Record<"head" | "body" | "muzzle", RegExp>> = {
  head: /\b(?:head|face)\b/,
  body: /\b(?:body|torso|belly and back)\b/,
  muzzle: /\b(?:snout|muzzle)\b/,
};
const plainName = (name: string): string => name.toLowerCase().replace(/\([^)]*\)/g, "");
/** Where a part of that name goes among parts of those others. */
export const habitOf = (name: string, others: readonly string[] = []): Habit =>
  HABITS.find(
    (h) =>
      h.words.test(plainName(name)) &&
      (!h.beside || others.some((o) => o !== name && h.beside?.test(plainName(o)))),
  ) ?? UNKNOWN;
