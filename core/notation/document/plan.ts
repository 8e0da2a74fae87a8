import type { HeadingReading } from "./heading";
import type { LabelReading } from "./label";
import { BEAM, LINE, MARGIN } from "./costs";

/** What a unit may be, with all that can be seen of it. */
export interface Seen {
  readonly labels: readonly (LabelReading & {
    readonly work: "full" | "numbers" | "none";
    readonly sentence: boolean;
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
 * The cheapest way to take all lines of a text together: what each line may be costs by what can be seen of it, and by how
 * it goes on from the lines before. Linear in the lines.
 */
export function plan(seen: readonly Seen[]): readonly Decision[] {
  const style = styleOf(seen);
  const ahead = startsAhead(seen);
  let beam: State[] = [
    {
      last: undefined,
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
    for (const state of beam) {
      for (const [decision, change, cost] of choices(s, state, style, ahead[i] ?? "nothing", seen[i + 1]))
        next.push({
          last: "last" in change ? change.last : state.last,
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
function styleOf(seen: readonly Seen[]): { name: string; many: number } {
  const count = new Map<string, number>();
  for (const s of seen) {
    const best = s.labels[0];
    if (best && best.work !== "none") count.set(base(best.style), (count.get(base(best.style)) ?? 0) + 1);
  }
  let name = "";
  let many = 0;
  for (const [k, n] of count) if (n > many) [name, many] = [k, n];
  return { name, many };
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

type Choice = readonly [Decision, Partial<State>, number];

function* choices(
  s: Seen,
  state: State,
  style: { name: string; many: number },
  ahead: Ahead,
  below: Seen | undefined,
): Generator<Choice> {
  let other: number = LINE.other;
  if (s.definition) {
    yield [{ kind: "definition" }, {}, 0];
    return;
  }
  for (const r of s.labels) {
    const bare = base(r.style) === "bare";
    const n = r.label.first;
    let cost = r.cost + continuity(n === undefined ? n : Math.min(n, r.label.last ?? n), state);
    if (r.work === "none") cost += bare ? LINE.emptyNumber : LINE.emptyLabel;
    else if (r.work === "numbers") cost += bare ? LINE.emptyLabel : 0.3;
    if (r.sentence) cost += LINE.sentence;
    if (bare && (state.section === "sewing" || state.section === "list")) cost += LINE.listed;
    if (style.many >= 2 && style.name !== base(r.style) && r.style !== "next") cost += LINE.otherStyle;
    if (!bare && !r.sentence && r.style !== base(r.style)) other = Math.max(other, LINE.otherLabelled / 2);
    if (r.work !== "none" && !r.sentence)
      other = Math.max(other, bare ? LINE.otherNumbered : LINE.otherLabelled);
    const last =
      n === undefined
        ? state.last === undefined
          ? undefined
          : state.last + r.label.many
        : Math.max(r.label.last ?? n, n);
    yield [{ kind: "label", reading: r }, { last, pending: false, inPart: true, section: undefined }, cost];
    if (
      bare &&
      r.work === "none" &&
      state.inPart &&
      !state.pending &&
      n !== undefined &&
      n === (state.last ?? -1) + 1
    )
      yield [{ kind: "step", reading: r }, { last: r.label.last ?? n }, r.cost + LINE.step];
  }
  const h = s.heading;
  if (h && s.atStart && !(s.shade && (state.pending || state.inPart || h.section))) {
    let cost = h.cost + (state.pending ? LINE.secondHeading : 0);
    cost +=
      ahead === "one"
        ? LINE.aboveOne
        : ahead === "start"
          ? LINE.aboveStart
          : ahead === "label"
            ? 0
            : LINE.aboveNothing;
    if (h.rest.length > 0 && ahead === "nothing") cost -= LINE.aboveNothing;
    if (s.worked) cost += LINE.namedWork;
    // "With gold, MR." begins a round and names nothing.
    if (s.begins && h.rest.length === 0) cost += LINE.beginsWork;
    if (h.section && h.rest.length > 0) yield [{ kind: "definition" }, {}, LINE.section];
    if (h.section && h.rest.length === 0)
      yield [
        { kind: "section", reading: h },
        { section: h.section, inPart: state.inPart && h.section === "talk" },
        LINE.section + (h.section === "talk" ? 0.1 : 0),
      ];
    // "Notes" is a list, unless its first round stands right below it.
    if (h.section)
      cost +=
        h.rest.length > 0 ? LINE.listed : below?.labels.some((l) => l.label.first === 1) ? 0.4 : LINE.listed;
    yield [{ kind: "heading", reading: h }, { pending: true, section: undefined }, cost];
    // A line right above round 1 is its heading, whatever its words.
    if (below?.labels.some((l) => l.label.first === 1 && l.work !== "none"))
      other += !s.begins && !h.name.includes(" ") && h.cost < 2.2 ? LINE.nameAboveOne : LINE.rightAboveOne;
    if (!h.section && h.cost < 0.8 && h.rest.length === 0) other += Math.max(0, 0.9 - h.cost);
  }
  const under: Partial<State> =
    s.refers && (state.pending || s.stands === undefined)
      ? { pending: false, inPart: true, last: state.pending ? s.stands : undefined }
      : {};
  yield [{ kind: "other" }, under, other];
}

function continuity(n: number | undefined, s: State): number {
  if (n === undefined) return s.inPart || s.pending ? 0.1 : LINE.startsLate;
  const last = s.last ?? 0;
  if (s.pending) {
    if (n === 1) return 0;
    if (s.inPart && n === last + 1) return LINE.overHeading;
    return n <= 3 ? LINE.startsLate : LINE.startsFar;
  }
  if (s.inPart && s.last === undefined) return n === 1 ? LINE.oneAgain : 0.2;
  if (!s.inPart) return n === 1 ? 0.2 : LINE.startsLate + 0.4;
  if (n === last + 1) return LINE.goesOn;
  if (n === 1) return LINE.oneAgain;
  return n <= last ? LINE.twice : LINE.gap;
}
