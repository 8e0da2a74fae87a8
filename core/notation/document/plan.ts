import type { HeadingReading } from "./heading";
import type { LabelReading } from "./label";
import { BEAM, LINE, MARGIN } from "./costs";

/** What a unit may be, with all that can be seen of it. */
export interface Seen {
  readonly labels: readonly (LabelReading & {
    readonly work: "full" | "numbers" | "none";
    readonly sentence: boolean;
    /** A dash ends it: "5 - inc x 6". */
    readonly dashed: boolean;
  })[];
  readonly heading: HeadingReading | undefined;
  /** A word and what it means: "inc: 2 sc in one st". */
  readonly definition: boolean;
  /** Says nothing of its own for what comes: how many to make, a colour, a remark in brackets. */
  readonly passing: boolean;
  /** Begins a part: a ring, a chain, "as for the other". */
  readonly begins: boolean;
  /** A colour and no more: "Colour: red", "white yarn". */
  readonly shade: boolean;
  /** Stands for rounds of another place; the number of the last of them, where it is said. */
  readonly refers: boolean;
  readonly stands: number | undefined;
  /** Stitches stand behind the name on the same line. */
  readonly worked: boolean;
  readonly atStart: boolean;
  /** Rounds that it stands for without naming one: "three plain rounds". */
  readonly rounds: number | undefined;
}

export type Decision =
  | { readonly kind: "label"; readonly reading: LabelReading }
  /** A numbered line among the rounds that works nothing. */
  | { readonly kind: "step"; readonly reading: LabelReading }
  | { readonly kind: "heading"; readonly reading: HeadingReading }
  | { readonly kind: "section"; readonly reading: HeadingReading }
  | { readonly kind: "definition" }
  | { readonly kind: "other" };

interface State {
  readonly last: number | undefined;
  /** The number that the part began with. */
  readonly began: number | undefined;
  /** A heading waits for its first round. */
  readonly pending: boolean;
  readonly inPart: boolean;
  readonly section: HeadingReading["section"];
  readonly cost: number;
  readonly before: State | undefined;
  readonly decision: Decision | undefined;
}

const base = (style: string): string => /^\w+/.exec(style)?.[0] ?? style;

/**
 * The cheapest way to take all lines of a text together: what each line may be costs by what can be seen of
 * it, and by how it goes on from the lines before. Linear in the lines.
 */
export function plan(all: readonly Seen[]): readonly Decision[] {
  const seen = withoutRunningHeads(all);
  const style = styleOf(seen);
  const ahead = startsAhead(seen);
  let beam: State[] = [
    {
      last: undefined,
      began: undefined,
      pending: false,
      inPart: false,
      section: undefined,
      cost: 0,
      before: undefined,
      decision: undefined,
    },
  ];
  seen.forEach((s, i) => {
    const next: State[] = [];
    const whole: Whole = { style, ahead: ahead[i] ?? "nothing", below: seen[i + 1] };
    for (const state of beam) {
      for (const [decision, change, cost] of choices(s, state, whole))
        next.push({
          last: "last" in change ? change.last : state.last,
          began: "began" in change ? change.began : state.began,
          pending: change.pending ?? state.pending,
          inPart: change.inPart ?? state.inPart,
          section: "section" in change ? change.section : state.section,
          decision,
          cost: state.cost + cost,
          before: state,
        });
    }
    beam = pruned(next);
  });
  const out: Decision[] = [];
  for (let s: State | undefined = beam[0]; s?.decision; s = s.before) out.push(s.decision);
  return out.reverse();
}

/** A name without its case, spaces, signs, a page's number and "continued". */
const bareName = (name: string): string =>
  name
    .toLowerCase()
    .replace(/\b(?:continued|cont|contd|page)\b/g, "")
    .replace(/[^\p{L}]/gu, "");

/**
 * "Little seal" over each page, "Head (continued)": a name that was there before, between a round and the one that
 * its number goes on to, names nothing anew. Linear in the lines.
 */
function withoutRunningHeads(seen: readonly Seen[]): readonly Seen[] {
  /** Names without numbers, and the number that the first of each has. */
  const names = new Map<string, string>();
  let last: number | undefined;
  return seen.map((s, i) => {
    const label = s.labels.find((l) => l.work !== "none" && !l.sentence)?.label;
    if (label?.first !== undefined) last = label.last ?? label.first;
    if (!s.heading || !s.atStart || label) return s;
    const name = bareName(s.heading.name);
    // "Puppy, page 2": the number is the page's.
    const paged = /\bpage\W{0,3}\d+$/i.test(s.heading.name);
    const number = paged ? "" : (/\d+$/.exec(s.heading.name)?.[0] ?? "");
    const first = names.get(name);
    if (first === undefined) names.set(name, number);
    // "Tier 1", "Tier 2": no page's number, which the first of them would not have.
    const known = first !== undefined && (first === "" || first === number);
    if (!known || last === undefined || s.heading.rest.some((t) => t.kind === "word")) return s;
    const below = seen[i + 1]?.labels.some((l) => l.label.first === (last ?? 0) + 1 && l.work !== "none");
    return below ? { ...s, heading: undefined, passing: true } : s;
  });
}

function pruned(list: State[]): State[] {
  if (list.length === 1) return list;
  list.sort((a, b) => a.cost - b.cost);
  const out: State[] = [];
  const most = (list[0]?.cost ?? 0) + MARGIN;
  for (const s of list) {
    if (s.cost > most) break;
    if (
      out.some(
        (o) =>
          o.last === s.last && o.pending === s.pending && o.inPart === s.inPart && o.section === s.section,
      )
    )
      continue;
    out.push(s);
    if (out.length >= BEAM) break;
  }
  return out;
}

/** The way most labels of the text are written. */
function styleOf(seen: readonly Seen[]): Whole["style"] {
  const count = new Map<string, number>();
  let dashed = 0;
  for (const s of seen) {
    const best = s.labels[0];
    if (best?.dashed && best.work === "full") dashed++;
    if (best && best.work !== "none") count.set(base(best.style), (count.get(base(best.style)) ?? 0) + 1);
  }
  let name = "";
  let many = 0;
  for (const [k, n] of count) if (n > many) [name, many] = [k, n];
  return { name, many, dashed };
}

type Ahead = "one" | "start" | "label" | "nothing";
/** What the next unit that says anything begins with. */
function startsAhead(seen: readonly Seen[]): readonly Ahead[] {
  const out = new Array<Ahead>(seen.length).fill("nothing");
  let next: Ahead = "nothing";
  for (let i = seen.length - 1; i >= 0; i--) {
    out[i] = next;
    const s = seen[i] as Seen;
    if (s.passing) continue;
    const one = s.labels.find((l) => l.label.first === 1 && l.work !== "none" && !l.sentence);
    next = one
      ? "one"
      : s.begins
        ? "start"
        : s.labels.some((l) => l.work !== "none" && !l.sentence)
          ? "label"
          : "nothing";
  }
  return out;
}

/** What of the whole text bears on one unit. */
interface Whole {
  readonly style: { readonly name: string; readonly many: number; readonly dashed: number };
  readonly ahead: Ahead;
  readonly below: Seen | undefined;
}
type Choice = readonly [Decision, Partial<State>, number];

/** Everything a unit may be, after the lines before it. */
function* choices(s: Seen, state: State, whole: Whole): Generator<Choice> {
  if (s.definition) {
    yield [{ kind: "definition" }, {}, 0];
    return;
  }
  for (const r of s.labels) yield* labelled(r, state, whole.style);
  const named = s.heading && s.atStart && !(s.shade && (state.pending || state.inPart || s.heading.section));
  if (s.heading && named) yield* headed(s.heading, s, state, whole);
  const under: Partial<State> =
    s.refers && (state.pending || s.stands === undefined)
      ? { pending: false, inPart: true, last: state.pending ? s.stands : undefined }
      : {};
  const other = LINE.other + (s.heading && named ? passedName(s.heading, s, whole.below) : 0);
  const counts = state.section !== "sewing" && state.section !== "list";
  const cost = Math.max(other, ...s.labels.map((r) => passedLabel(r, counts ? whole.style : undefined)));
  yield [{ kind: "other" }, under, cost];
  // The numbers below may have counted them, or not.
  if (s.rounds !== undefined && state.inPart && !state.pending && state.last !== undefined)
    yield [{ kind: "other" }, { ...under, last: state.last + s.rounds }, cost];
}

const isBare = (r: LabelReading): boolean => base(r.style) === "bare";
const isOne = (s: Seen | undefined): boolean =>
  s?.labels.some((l) => l.label.first === 1 && l.work !== "none") ?? false;

const isJoining = (h: HeadingReading): boolean => /^join/i.test(h.name);
const isWorked = (s: Seen | undefined): boolean =>
  s?.labels.some((l) => l.work === "full" && !l.sentence) ?? false;

/** So many labels with a dash behind them are her way. */
const DASHED = 2;
/** So many labels of one style are the way of the text. */
const COUNTED = 4;

/** What it costs to take for nothing a line that begins like a round. */
function passedLabel(r: Seen["labels"][number], style: Whole["style"] | undefined): number {
  if (r.sentence) return 0;
  if (r.work === "full" && !isBare(r)) return LINE.otherWorked;
  if (r.work === "full" && style?.name === base(r.style) && style.many >= COUNTED) return LINE.otherCounted;
  if (r.work !== "none") return isBare(r) ? LINE.otherNumbered : LINE.otherLabelled;
  return !isBare(r) && r.style !== base(r.style) ? LINE.otherLabelled / 2 : 0;
}

/**
 * … and a line that looks like a name, or that stands right above round 1: that is its heading, whatever its
 * words.
 */
function passedName(h: HeadingReading, s: Seen, below: Seen | undefined): number {
  // A line that only begins a round ("MR", "Magic ring") is no name, wherever it stands.
  if (s.begins && h.rest.length === 0) return 0;
  const above = !isOne(below)
    ? 0
    : !h.name.includes(" ") && h.cost < LINE.strangeName
      ? LINE.nameAboveOne
      : LINE.rightAboveOne;
  // "Joining" above rounds that go on names what the limbs become.
  const joins =
    h.section === "sewing" && isJoining(h) && isWorked(below) ? LINE.passedName + LINE.nameAboveOne : 0;
  const name = !h.section && h.cost < LINE.likeName && h.rest.length === 0 ? LINE.passedName - h.cost : 0;
  return above + name + joins;
}

function* labelled(r: Seen["labels"][number], state: State, style: Whole["style"]): Generator<Choice> {
  const bare = isBare(r);
  const n = r.label.first;
  let cost = r.cost + continuity(n === undefined ? n : Math.min(n, r.label.last ?? n), state);
  if (r.work === "none") cost += bare ? LINE.emptyNumber : LINE.emptyLabel;
  else if (r.work === "numbers") cost += bare ? LINE.emptyLabel : LINE.numbersOnly;
  // "5 - 18" below "4 - (sc, inc) x 6": the dash ends the label here as it does there.
  if (bare && r.dashed && r.work === "numbers" && n === (state.last ?? -1) + 1 && style.dashed >= DASHED)
    cost += LINE.dashedToo;
  if (r.sentence) cost += LINE.sentence;
  if (bare && (state.section === "sewing" || state.section === "list")) cost += LINE.listed;
  if (style.many >= 2 && style.name !== base(r.style) && r.style !== "next") cost += LINE.otherStyle;
  const next = state.last === undefined ? undefined : state.last + r.label.many;
  const last = n === undefined ? next : Math.max(r.label.last ?? n, n);
  const began = state.pending ? n : state.began;
  yield [
    { kind: "label", reading: r },
    { last, began, pending: false, inPart: true, section: undefined },
    cost,
  ];
  const goesOn = state.inPart && !state.pending && n !== undefined && n === (state.last ?? -1) + 1;
  if (bare && r.work === "none" && goesOn)
    yield [{ kind: "step", reading: r }, { last: r.label.last ?? n }, r.cost + LINE.step];
}

const ABOVE: Readonly<Record<Ahead, number>> = {
  one: LINE.aboveOne,
  start: LINE.aboveStart,
  label: 0,
  nothing: LINE.aboveNothing,
};

function* headed(h: HeadingReading, s: Seen, state: State, { ahead, below }: Whole): Generator<Choice> {
  const alone = h.rest.length === 0;
  let cost = h.cost + ABOVE[ahead] + (state.pending ? LINE.secondHeading : 0);
  if (!alone && ahead === "nothing") cost -= LINE.aboveNothing;
  if (s.worked) cost += LINE.namedWork;
  // "With gold, MR." begins a round and names nothing.
  if (s.begins && alone) cost += LINE.beginsWork;
  if (h.section) {
    const talk = h.section === "talk";
    // Whole rounds right under "Join" are worked there, and no steps of sewing up.
    const joining = h.section === "sewing" && isJoining(h) && isWorked(below) ? LINE.nameAboveOne : 0;
    if (alone)
      yield [
        { kind: "section", reading: h },
        { section: h.section, inPart: state.inPart && talk },
        LINE.section + (talk ? LINE.talkSection : 0) + joining,
      ];
    else yield [{ kind: "definition" }, {}, LINE.section];
    // "Notes" is a list, unless its first round stands right below it.
    // … and rounds that go on stand under "Joining", where steps of sewing up work nothing.
    const rounds = below?.labels.some(
      (l) => l.label.first === 1 || (h.section === "sewing" && l.work === "full" && !l.sentence),
    );
    cost += alone && rounds ? LINE.listAboveOne : LINE.listed;
  }
  yield [{ kind: "heading", reading: h }, { pending: true, section: undefined }, cost];
}

function continuity(n: number | undefined, s: State): number {
  if (n === undefined) return s.inPart || s.pending ? LINE.nextRound : LINE.startsLate;
  const last = s.last ?? 0;
  if (s.pending) {
    if (n === 1) return 0;
    if (s.inPart && n === last + 1) return LINE.overHeading;
    // "Leg 2 / Rnd 15", as leg 1 began.
    if (s.inPart && n === s.began) return LINE.overHeading;
    return n <= 3 ? LINE.startsLate : LINE.startsFar;
  }
  if (s.inPart && s.last === undefined) return n === 1 ? LINE.oneAgain : LINE.begins;
  if (!s.inPart) return n === 1 ? LINE.begins : LINE.startsLate + LINE.startsNowhere;
  if (n === last + 1) return LINE.goesOn;
  if (n === 1) return LINE.oneAgain;
  return n <= last ? LINE.twice : LINE.gap;
}
