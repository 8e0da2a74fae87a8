import type { StitchWord } from "./vocabulary";

/**
 * A school of writing with one letter a stitch, known without a legend: "6X, (X, V)*6, 6A". Common practice,
 * no source. In US terms, which is how the letters are explained where they are.
 */
const LETTERS: ReadonlyMap<string, StitchWord> = new Map<string, StitchWord>([
  ["x", { stitch: "sc", kind: "plain", legs: 1 }],
  ["v", { stitch: "sc", kind: "inc", legs: 2 }],
  ["w", { stitch: "sc", kind: "inc", legs: 3 }],
  ["a", { stitch: "sc", kind: "dec", legs: 2 }],
  ["m", { stitch: "sc", kind: "dec", legs: 3 }],
  ["t", { stitch: "hdc", kind: "plain", legs: 1 }],
  ["f", { stitch: "dc", kind: "plain", legs: 1 }],
]);
const NONE: ReadonlyMap<string, StitchWord> = new Map();

/** "6X", "6X [6]" and "(X,", and no sign of times before a number or a bracket that is no total. */
const CROSSES = /(?:\d ?|\()x(?![a-z]| ?[\d([*])|\d ?x ?[([] ?\d{1,4} ?[)\]]/g;
/** "6V", "V*6", "X, V": an increase beside what it is counted by. */
const INCREASES = /(?:\d|x,?) ?v(?![a-z])|(?<![a-z])v ?\*/g;
/** Where the stitches that letters stand for have names, letters are something else; taller ones keep theirs. */
const NAMED = /(?<![a-z])(?:scs?|inc|incs|dec|single|increase|decrease)(?![a-z])/;
const ENOUGH = 2;
/** "x single crochet", "v = increase (two in one)": a letter and its meaning, which names the stitch by rights. */
const MEANS =
  /(?<![a-z])[xvwamtf]\)? {0,3}(?:[=:-]{1,2}|is|are|means|stands for)? {0,3}(?:an? )?(?:(?:half )?(?:single|double|treble)(?: crochet)?|scs?|hdc|inc|dec|invisible|increase|decrease)(?![a-z])[^;,\n]{0,60}/g;

/** The letters of the school where the whole text is written in it; empty where not. Linear in the text. */
export function lettersOf(plain: string): ReadonlyMap<string, StitchWord> {
  if (NAMED.test(plain) && NAMED.test(plain.replace(MEANS, ""))) return NONE;
  const crosses = plain.match(CROSSES)?.length ?? 0;
  const increases = plain.match(INCREASES)?.length ?? 0;
  return crosses >= ENOUGH && increases >= 1 ? LETTERS : NONE;
}
