import type { Cursor } from "../cursor";
import { readStitch } from "../vocabulary";
import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";

/** Ways of saying that a round changes nothing. */
const SAYS = `
leave it as it is
leave this round as it is
leave this row as it is
leave as it is
leave as is
keep it as it is
keep as it is
stays as it is
as it is
no change
no changes
nothing changes
nothing new
stays the same
stay the same
the same again
same again
plain again
plain once more
keep it plain
all plain
plain all the way
plain all around
plain all round
knit it plain
simply round
round and round
normal
normally
regular sc
normal sc
plain sc
continue
carry on
carry on like this
keep going
go on
go on like this
unaltered
every stitch once
each stitch once
stitch in stitch
stitch into stitch
stitch by stitch
st in st
`
  .trim()
  .split("\n")
  .map((line) => line.split(" "));

const said = (c: Cursor): number =>
  SAYS.reduce(
    (most, says) => (says.length > most && says.every((w, i) => c.text(i) === w) ? says.length : most),
    0,
  );
/** Does a round begin with words that change nothing, or with "once more"? */
export const beginsPlainly = (c: Cursor): boolean =>
  c.is("again", "regular") ||
  (c.is("once") && c.text(1) === "more") ||
  (endsAt(c, Math.max(1, said(c))) && said(c) > 0);
const endsAt = (c: Cursor, ahead: number): boolean =>
  c.kind(ahead) === "end" || /^[.,;:([={-]+$|^\n$/.test(c.text(ahead));

/** "leave it as it is", "no change", "plain once more": every stitch once more, as it was before. */
export const sameAgain: Phrase = {
  name: "same again",
  starts: words(
    "leave keep stays stay as no nothing the same plain all knit simply round normal normally regular continue carry go unaltered every each stitch st",
  ),
  read(c) {
    const n = said(c);
    // "…, keep going" behind a repeat goes on with the repeat.
    if (c.tokens.slice(0, c.at).some((t) => t.kind !== "mark")) return NONE;
    if (n === 0 || !endsAt(c, n)) return NONE;
    c.at += n;
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "even", times: { kind: "around" } } }];
  },
  examples: [
    ["leave it as it is", "even"],
    ["no change", "even"],
    ["plain once more", "even"],
  ],
};

/** "plain sc", "sc once more", "18 again": words about the work that change nothing of it. */
export const sayingSo: Phrase = {
  name: "saying so",
  starts: words("plain once again straight"),
  read(c, x) {
    const from = c.at;
    if (c.take("plain", "straight")) {
      const at = c.at;
      const stitch = readStitch(c, x.terms)?.kind === "plain";
      c.at = at;
      return stitch ? [{ to: at, cost: COST.filler, piece: { kind: "aside" } }] : NONE;
    }
    if (from === 0) return NONE;
    if (c.take("once")) {
      if (!c.take("more", "again")) return NONE;
    } else c.at++;
    return endsAt(c, 0) ? [{ to: c.at, cost: COST.filler, piece: { kind: "aside" } }] : NONE;
  },
  examples: [],
};
