import { layoutOf, type CheckedPart, type CheckedRound } from "../notation";
import { mm, mm3, type Mm, type Mm3 } from "../units";
import { bodyRounds, openStart } from "./body";
import { filledShape, type FilledShape, type Firmness } from "./filled-shape";
import { roundHeight } from "./heights";
import { stretchesOf, type Stretch } from "./stretches";
import type { Gauge } from "./gauge";

/** Trade guide §1: what a part is once the hook is done with it. */
export type PartForm = "filled" | "hollow" | "flat" | "cord";

export interface FabricPart {
  readonly form: PartForm;
  /** Why it is taken for that form, in words. */
  readonly because: string;
  readonly firmness: Firmness;
  /** Live stitches of each round, for drawing; rounds whose count is not known are left out. */
  readonly profile: readonly number[];
  readonly shape: FilledShape | undefined;
  readonly width: Mm;
  readonly height: Mm;
  /** Straight side of an oval's cross-section; 0 for everything round. */
  readonly straight: Mm;
  /** Front to back. */
  readonly depth: Mm;
  /** Volume the filling has to take; 0 for parts that are not filled. */
  readonly volume: Mm3;
  readonly openEnd: boolean;
  /** Live stitches at the open edge, 0 when it is drawn shut. */
  readonly edge: number;
  /** Yarn ends somebody has to deal with. */
  readonly ends: number;
  /** Where each colour is worked without being cut. */
  readonly stretches: readonly Stretch[];
  /** Times another colour is taken up. */
  readonly colourChanges: number;
  /** One single crochet in this part's yarn. */
  readonly stitch: { readonly width: Mm; readonly height: Mm };
}

/**
 * A ring of at most this many stitches is drawn shut through the front loops (common practice, no source).
 */
const DRAWN_SHUT = 12;
/** The last ring of a filled part (common practice, no source; craft §1). */
const LAST_RING = 6;
/** Below this width a piece needs no filling: its own tails are enough (craft §4). */
const LEAST_FILLED_ROUND = 10;

/**
 * What a counted part is as fabric: its form, its profile, its size when filled, its ends.
 * `firmness` is the choice for the part; a line such as "stuff firmly" in the pattern goes before it.
 */
export function fabricPart(part: CheckedPart, gauge: Gauge, firmness: Firmness): FabricPart {
  const counted = bodyRounds(part);
  const profile = counted.map((r) => r.count ?? 0);
  const heights = counted.map(roundHeight);
  const rows = heights.reduce((a, b) => a + b, 0);
  const stuffed = part.events.findLast((e) => e.event.kind === "stuff")?.event;
  const said = stuffed?.kind === "stuff" ? stuffed : undefined;
  const closing = part.events.some((e) => e.event.kind === "close");
  const last = profile[profile.length - 1] ?? 0;
  const widest = profile.reduce((a, b) => Math.max(a, b), 0);
  // "Fasten off, leaving a tail for sewing" and no word of closing: its last round is sewn as it is.
  // A filled one whose last ring is small is drawn shut all the same, and sewn with what is left of the tail.
  const drawn = said !== undefined && !said.none && last <= LAST_RING;
  const leftOpen =
    !closing && !drawn && part.events.some(({ event }) => event.kind === "fasten-off" && event.forSewing);
  const openEnd =
    leftOpen || !(closing || (last <= DRAWN_SHUT && last < widest) || (last <= 6 && profile.length > 1));
  const stretches = stretchesOf(part);
  const chosen = said?.firmness ?? firmness;
  const base = {
    firmness: chosen,
    profile,
    openEnd,
    edge: openEnd ? last : 0,
    stretches,
    // Two for every stretch in which a yarn is worked.
    ends: 2 * Math.max(1, stretches.length),
    colourChanges: changesOf(part),
    stitch: { width: gauge.width, height: gauge.height },
    straight: mm(0),
    depth: mm(gauge.width),
  };
  if (part.worked === "chain") {
    const length = Math.max(part.made.ch ?? 0, part.rounds[0]?.foundation ?? 0);
    return {
      ...base,
      form: "cord",
      because: "a chain, worked back or not",
      shape: undefined,
      width: gauge.width,
      height: mm(length * gauge.width),
      volume: mm3(0),
      openEnd: false,
      edge: 1,
    };
  }
  if (profile.length === 0)
    return {
      ...base,
      form: "flat",
      because: "no round could be counted",
      shape: undefined,
      width: mm(0),
      height: mm(0),
      volume: mm3(0),
    };
  if (part.worked === "rows")
    return {
      ...base,
      form: "flat",
      because: "worked in rows",
      shape: undefined,
      width: mm(widest * gauge.width),
      height: mm(rows * gauge.height),
      volume: mm3(0),
      openEnd: true,
      edge: last,
    };
  const growing = profile.length > 1 && profile.every((n, i) => i === 0 || n > (profile[i - 1] ?? 0));
  if (growing && openEnd && !said) {
    const across = mm(
      2 * rows * gauge.height * Math.min(1, (widest * gauge.width) / (2 * Math.PI * rows * gauge.height)),
    );
    return {
      ...base,
      form: "flat",
      because: "every round grows: a disc",
      shape: undefined,
      width: across,
      height: across,
      volume: mm3(0),
    };
  }
  // An oval is a stadium: two straight sides as long as the chain between its ends, two half rounds
  // (docs/models.md).
  const along = part.worked === "oval" ? Math.max(0, (part.rounds[0]?.foundation ?? 0) - 3) : 0;
  const straight = along * gauge.width;
  const rounds = profile.slice(0, 2000).map((n) => Math.max(3, n - 2 * along));
  const shape = filledShape({
    rounds,
    width: gauge.width,
    height: gauge.height,
    heights: heights.slice(0, 2000),
    firmness: chosen,
    openEnd,
    openStart: openStart(part),
    flatStart: flatBase(counted, gauge),
  });
  const volume = shape.volume + straight * crossSection(shape);
  const filled = said ? !said.none : !openEnd && widest >= LEAST_FILLED_ROUND;
  const because = said
    ? said.none
      ? "the pattern says not to fill it"
      : "the pattern says to fill it"
    : filled
      ? "drawn shut at both ends"
      : openEnd
        ? "the last round stays open and nothing is said of filling"
        : "too narrow to need filling";
  return {
    ...base,
    form: filled ? "filled" : "hollow",
    because,
    shape,
    straight: mm(straight),
    width: mm(shape.diameter + straight),
    depth: shape.diameter,
    height: shape.height,
    volume: filled ? mm3(Math.max(0, volume)) : mm3(0),
  };
}

/** Share of a flat disc's radius that a base needs, so that it can lie flat. */
const LIES_FLAT = 0.85;

/**
 * Rounds of a base that stays flat: a disc that grows every round, and then a round in one loop all round
 * that does not: its ridge is a crease. 0 where there is none. Common practice, no source.
 */
function flatBase(rounds: readonly CheckedRound[], gauge: Gauge): number {
  const edge = rounds.findIndex((r, i) => i > 0 && (r.count ?? 0) <= (rounds[i - 1]?.count ?? 0));
  const crease = rounds[edge];
  if (edge < 2 || !crease || (crease.loops !== "back" && crease.loops !== "front")) return 0;
  const rows = rounds.slice(0, edge).reduce((sum, r) => sum + roundHeight(r), 0);
  const radius = ((rounds[edge - 1]?.count ?? 0) * gauge.width) / (2 * Math.PI);
  return radius >= LIES_FLAT * rows * gauge.height ? edge : 0;
}

/**
 * Area of the shape cut through its axis, mm²: what every millimetre of a stadium's straight side adds in
 * volume.
 */
function crossSection(shape: FilledShape): number {
  const side = [
    { r: 0, z: shape.bottomZ as number },
    ...shape.rings.map((x) => ({ r: x.r as number, z: x.z as number })),
    { r: 0, z: shape.topZ as number },
  ];
  let area = 0;
  side.forEach((p, i) => {
    const q = side[i + 1];
    if (q) area += (p.r + q.r) * (q.z - p.z);
  });
  return Math.max(0, area);
}

/** Times another colour is taken up, within a round and from one to the next. */
function changesOf(part: CheckedPart): number {
  let changes = 0;
  let current: string | undefined;
  for (const round of part.rounds) {
    const used = round.bySlot.filter((s) => Object.keys(s.made).length > 0);
    const runs = used.length < 2 ? used.map((s) => s.slot) : layoutOf(round).segments.map((s) => s.slot);
    for (const slot of runs) {
      if (current !== undefined && slot !== current) changes++;
      current = slot;
    }
  }
  return changes;
}
