import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";

/** Signs and small words between the phrases. */
export const separators: Phrase = {
  name: "separators",
  starts: words(
    ", ; . : - -- and then & + / | now again also ! ' \" _ __ ** *** ~ plus = == \u2026 @ # ` ^ % \\ \n ?",
  ),
  read(c) {
    const mark = c.text();
    c.at++;
    return [{ to: c.at, cost: COST.separator, piece: { kind: "separator", mark } }];
  },
  examples: [[",", ","]],
};
/** "* 2 hdc in each": a star that leads a round and that nothing closes or goes back to is a bullet. */
export const bullet: Phrase = {
  name: "bullet",
  starts: words("*"),
  read(c) {
    // "*inc": a star close to its stitch opens a repeat, and whoever forgot the rest is told.
    const [star, next] = c.tokens;
    const apart = star !== undefined && next !== undefined && star.to < next.from;
    const alone = c.at === 0 && apart && !c.tokens.slice(1).some((t) => REFERS.test(t.text));
    if (!alone) return NONE;
    c.at++;
    return [{ to: c.at, cost: COST.filler, piece: { kind: "separator", mark: "*" } }];
  },
  examples: [],
};
const REFERS = /^(\*|\*\*|rep|repeat|asterisk|star)$/;
/** Words that carry nothing of their own between phrases. */
export const fillers: Phrase = {
  name: "fillers",
  starts: words(
    "the a an so just simply still you your i we will finally lastly afterwards only now here but this always alternating alternately alternate from",
  ),
  read(c) {
    // "From 6 sc in mr, …": where it begins; elsewhere it says where stitches go.
    if (c.is("from") && c.at > 0) return NONE;
    c.at++;
    return [{ to: c.at, cost: COST.filler, piece: { kind: "aside" } }];
  },
  examples: [],
};
