import type { Cursor } from "../cursor";
import { noTarget } from "../target";
import { isStitchNoun, readStitch } from "../vocabulary";
import { COST } from "./costs";
import { NONE, saidAlone, words, type Phrase } from "./phrase";

/** "2, 4, 6 and 8": rising numbers of stitches, two at least. */
function rising(c: Cursor): number {
  let many = 0;
  let last = 0;
  for (;;) {
    const n = c.kind() === "number" || c.kind() === "ordinal" ? (c.peek()?.value ?? 0) : 0;
    if (!Number.isInteger(n) || n <= last) return many;
    last = n;
    many++;
    c.at++;
    const next = c.is(",") && c.text(1) === "and" ? 2 : c.is(",", "and", "&", "+", "/") ? 1 : 0;
    if (next === 0 || (c.kind(next) !== "number" && c.kind(next) !== "ordinal")) return many;
    c.at += next;
  }
}

/** "inc in sts 2, 4, 6 and 8, sc in the rest": shaping told by the places where it is done. */
export const atPlaces: Phrase = {
  name: "at places",
  starts: words("inc increase dec decrease invdec"),
  read(c, x) {
    const word = readStitch(c, x.terms);
    if (!word || (word.kind !== "inc" && word.kind !== "dec") || !c.take("in", "at", "on", "over"))
      return NONE;
    c.take("the");
    const noun = isStitchNoun(c.text());
    if (noun) c.at++;
    c.take("no", "number", "numbers", "nos", "#");
    c.take(".", ":");
    const many = rising(c);
    if (isStitchNoun(c.text())) c.at++;
    else if (!noun) return NONE;
    if (many < 2) return NONE;
    c.attempt(() => {
      c.take(",", ";");
      c.take("and");
      c.take("work");
      if (readStitch(c, x.terms)?.kind !== "plain") return undefined;
      c.take("in", "into");
      c.take("all");
      c.take("the");
      if (!c.take("rest", "others", "other", "remaining")) return undefined;
      if (isStitchNoun(c.text())) c.at++;
      return true;
    });
    const said = { ...saidAlone(word, { ...noTarget(), evenly: true }), n: many };
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "work", said } }];
  },
  examples: [["inc in sts 2, 4, 6 and 8, sc in the rest", "4 inc"]],
};
