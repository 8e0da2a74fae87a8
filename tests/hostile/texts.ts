import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { CORPUS } from "../corpus";

/** Whole numbers from a seed: the same seed gives the same texts on every machine. */
export type Draw = (below: number) => number;
export function drawFrom(seed: number): Draw {
  const random = xoroshiro128plus(seed);
  return (below) => uniformInt(random, 0, Math.max(1, below) - 1);
}
export const pick = <T>(draw: Draw, list: readonly T[]): T => list[draw(list.length)] as T;

/**
 * Pieces that have hurt a reader of text somewhere: names that every object answers to, numbers without end,
 * openers without a close.
 */
export const SPITEFUL: readonly string[] = [
  ..."constructor __proto__ toString valueOf hasOwnProperty prototype null undefined NaN Infinity".split(" "),
  "4006381333931234567",
  "9007199254740992",
  "200000002",
  "99999999999999999999",
  "1e999",
  "-1",
  "0",
  "0.0000001",
  "2.5",
  "9".repeat(400),
  "Rnds 3-200000002: sc",
  "Rnds 200000000-2: sc",
  "Rnd 9007199254740992: 6 sc",
  "Next 4000000000 rnds: sc around",
  "Rnds 2-10000: sc around",
  "Make 5000000 of these.",
  "(make 99999999999999999999)",
  "Repeat rnds 2-9007199254740993",
  "Rep last 9007199254740993 rnds 9007199254740993 times",
  "work as rounds 1-9007199254740992 of the head",
  "x 9007199254740993",
  "inc in next 4294967296 sts",
  "ch 99999999999",
  "3 to 1",
  "sc 13tog",
  "eyes between rounds 9007199254740992 and 3",
  "leave a 99999999999 cm tail",
  "change to constructor",
  "With __proto__",
  "Assembly",
  "Notes",
  "Abbreviations",
  "*",
  "**",
  "rep from *",
  "rep from * to * 9999 times",
  "(",
  ")",
  "[",
  "]",
  "{",
  "<",
  "((((((((((((((((((((((((((((((",
  "))))))))))",
  "sc".repeat(300),
  "9 ".repeat(200),
  "join each ".repeat(40),
  "draw up a loop ",
  "\ud800",
  "\udc00\ud800",
  "\0",
  "\u202e",
  "\ufeff",
  "ﬃ",
  "İ",
  "ß",
  "🧶",
  "e\u0301\u0301\u0301\u0301",
  "\u2028",
  "\r",
  "\t\t\t",
  " ".repeat(300),
  "\n".repeat(50),
];

const WORDS: readonly string[] =
  "sc inc dec ch sl st hdc dc tr sts stitches around each next in of the and with to from rep repeat times turn join skip miss until rnd rnds round row make magic ring loop front back only FLO BLO colour white black eyes stuff fasten off ear head leg arm body 1 2 3 6 12 18 24 : . , ; - = x × ( ) [ ] * \n \n\n".split(
    " ",
  );

type Mutation = (text: string, draw: Draw) => string;
const cut = (text: string, draw: Draw): readonly [string, string, string] => {
  const a = draw(text.length + 1);
  const b = a + draw(Math.min(200, text.length - a + 1));
  return [text.slice(0, a), text.slice(a, b), text.slice(b)];
};
const MUTATIONS: readonly Mutation[] = [
  (t, d) => ((p) => p[0] + pick(d, SPITEFUL) + p[2])(cut(t, d)),
  (t, d) => ((p) => `${p[0]} ${pick(d, SPITEFUL)} ${p[1]}${p[2]}`)(cut(t, d)),
  (t, d) => ((p) => p[0] + p[2])(cut(t, d)),
  (t, d) => ((p) => p[0] + p[1].repeat(1 + d(30)) + p[2])(cut(t, d)),
  (t, d) => ((p) => p[0] + pick(d, WORDS) + p[1] + p[2])(cut(t, d)),
  // Every number may become another one.
  (t, d) =>
    t.replace(/\d+/g, (n) =>
      d(8) === 0 ? pick(d, ["0", "1", "2.5", "10000", "10001", "9007199254740993", n + n]) : n,
    ),
  // Lines change places.
  (t, d) => {
    const lines = t.split("\n");
    const at = d(lines.length);
    const [line = ""] = lines.splice(at, 1);
    lines.splice(d(lines.length + 1), 0, line);
    return lines.join("\n");
  },
  (t, d) => ((p) => p[0] + pick(d, CORPUS).text.slice(0, 400) + p[2])(cut(t, d)),
  (t, d) => ((p) => p[0] + [...p[1]].reverse().join("") + p[2])(cut(t, d)),
];

const soup: Mutation = (_t, d) =>
  Array.from({ length: 5 + d(120) }, () => (d(6) === 0 ? pick(d, SPITEFUL) : pick(d, WORDS))).join(
    d(3) === 0 ? "" : " ",
  );
const bytes: Mutation = (_t, d) =>
  Array.from({ length: d(300) }, () => String.fromCharCode(d(d(3) === 0 ? 65536 : 256))).join("");

/** The longest text that is made, in characters. */
export const LONGEST = 8 * 1024;

/**
 * One hostile or mutated text: a sound pattern of the corpus changed one to six times, or words and bytes
 * without any order.
 */
export function hostileText(draw: Draw): string {
  const kind = draw(10);
  let text = pick(draw, CORPUS).text;
  if (kind === 0) text = soup(text, draw);
  else if (kind === 1) text = bytes(text, draw);
  for (let i = draw(6); i >= 0; i--) text = pick(draw, MUTATIONS)(text, draw);
  return text.slice(0, LONGEST);
}
