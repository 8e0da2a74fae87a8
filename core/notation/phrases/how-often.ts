import type { Cursor } from "../cursor";
import { noTarget } from "../target";
import { isStitchNoun, readStitch } from "../vocabulary";
import { COST } from "./costs";
import { ENDS, one, saidAlone, words, type Phrase } from "./phrase";
import { stitchAhead } from "./stitches";

const OFTEN: ReadonlyMap<string, number> = new Map([
  ["once", 1],
  ["twice", 2],
  ["thrice", 3],
]);

/** "in next", "into the following stitch", "in one st": one place. Whether it was read. */
function onePlace(c: Cursor): boolean {
  if (!c.take("in", "into")) return false;
  c.take("the");
  const led = c.take("next", "following", "foll", "nxt", "one", "same", "a");
  const noun = isStitchNoun(c.text()) && (c.at++, true);
  c.take("one");
  return led && (noun || ENDS.test(c.text()) || c.is(")", "]"));
}

/** "2 together", "both at once": several that go into one place. */
const said = (c: Cursor): boolean => c.take("together", "tog") || (c.take("at") && c.take("once"));

/**
 * "sc once in next st, twice in next", "2 sc together in one st": how often a place is worked into, told beside the
 * stitch, which a second entry leaves out.
 */
export const howOften: Phrase = {
  name: "how often",
  starts: new Set([
    ...OFTEN.keys(),
    "number",
    ...words("sc dc hdc htr tr work crochet single half double treble"),
  ]),
  read: (c, x) =>
    one(c, COST.phrase, () => {
      c.take("work", "crochet");
      const n = c.kind() === "number" ? c.number() : undefined;
      const word = stitchAhead(c, x) ? readStitch(c, x.terms) : undefined;
      if (word && word.kind !== "plain") return undefined;
      const often = n === undefined ? OFTEN.get(c.text()) : said(c) ? n : undefined;
      if (often === undefined || !Number.isInteger(often) || often < 1 || often > MOST) return undefined;
      if (n === undefined) c.at++;
      else if (often < 2 || !word) return undefined;
      if (!onePlace(c)) return undefined;
      const stitch = word?.stitch ?? "sc";
      return {
        kind: "work",
        said: saidAlone(
          often === 1 ? { stitch, kind: "plain", legs: 1 } : { stitch, kind: "inc", legs: often },
          noTarget(),
        ),
      };
    }),
  examples: [
    ["sc once in next st", "sc"],
    ["twice in next", "inc"],
    ["twice in the following stitch", "inc"],
    ["2 sc together in one st", "inc"],
    ["3 sc tog in the same st", "inc"],
  ],
};
const MOST = 6;
