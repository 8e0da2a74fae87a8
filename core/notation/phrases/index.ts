import type { Cursor } from "../cursor";
import { atPlaces } from "./at-places";
import { block } from "./block";
import { brackets, soMany } from "./brackets";
import { colour } from "./colour";
import { allInOne } from "./all-in-one";
import { allOf } from "./all-of";
import { chainAndTurn } from "./chain-and-turn";
import { changes } from "./changes";
import { signed } from "./signed";
import { doubled } from "./doubled";
import { eachPlain } from "./each-plain";
import { hint } from "./hint";
import { howOften } from "./how-often";
import { legsTimes } from "./legs-times";
import { pairs } from "./pairs";
import type { Context, Phrase, Reading } from "./phrase";
import { placedFirst } from "./placed-first";
import { repeat } from "./repeat";
import { sameAgain, sayingSo } from "./same-again";
import { bullet, fillers, separators } from "./separators";
import { drawUp, pickUp, ring } from "./starts";
import { shadeCounts } from "./shade-counts";
import { shut } from "./shut";
import { stitches } from "./stitches";
import {
  care,
  even,
  join,
  layers,
  leave,
  loops,
  onPart,
  otherSide,
  place,
  roundsSaid,
  skip,
  starting,
  turn,
} from "./structure";
import { again, distance, endingWith, event, length, numberAlone, remark, talk, without } from "./talk";
import { times } from "./times";
import { toward } from "./toward";
import { tools } from "./tools";
import { together } from "./together";
import { totalAhead, totals } from "./totals";
import { workedIn } from "./worked-in";

/** Every way of saying something that is known. A new one is a file and a line here. */
export const PHRASES: readonly Phrase[] = [
  stitches,
  chainAndTurn,
  brackets,
  soMany,
  totals,
  totalAhead,
  times,
  repeat,
  numberAlone,
  legsTimes,
  ring,
  pickUp,
  drawUp,
  workedIn,
  join,
  onPart,
  turn,
  skip,
  starting,
  leave,
  otherSide,
  loops,
  layers,
  shut,
  care,
  pairs,
  together,
  place,
  even,
  sameAgain,
  sayingSo,
  roundsSaid,
  colour,
  tools,
  block,
  event,
  length,
  without,
  endingWith,
  again,
  allOf,
  allInOne,
  changes,
  signed,
  toward,
  doubled,
  eachPlain,
  howOften,
  placedFirst,
  atPlaces,
  shadeCounts,
  hint,
  remark,
  distance,
  separators,
  bullet,
  fillers,
];

const BY_WORD = new Map<string, readonly Phrase[]>();
const ANY = PHRASES.filter((p) => p.starts.has("any"));
for (const p of PHRASES)
  for (const w of p.starts)
    if (w !== "any")
      BY_WORD.set(
        w,
        PHRASES.filter((q) => q.starts.has(w) || q.starts.has("any")),
      );

/** All readings at the cursor, which stays where it is. Talk is only heard where nothing else is said. */
export function readingsAt(c: Cursor, x: Context): readonly Reading[] {
  const at = c.at;
  const kind = c.kind();
  const named = BY_WORD.get(c.text());
  const list =
    kind === "number" || kind === "ordinal"
      ? (BY_WORD.get(kind) ?? ANY)
      : (named ?? (kind === "mark" ? [] : ANY));
  const out: Reading[] = [];
  for (const p of list) {
    c.at = at;
    for (const r of p.read(c, x)) if (r.to > at) out.push(r);
  }
  c.at = at;
  if (out.length === 0 || out.every((r) => r.piece.kind === "aside" && r.to === at + 1)) {
    for (const r of talk.read(c, x)) if (r.to > at) out.push(r);
    c.at = at;
  }
  return out;
}
export type { Blocks, Context, Phrase, Piece, PieceBody, Reading, SaidWork } from "./phrase";
