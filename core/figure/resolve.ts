import { bodyIndices, bodyRounds, faceOf, type FabricPart } from "../fabric";
import { takenIn, type CheckedPart } from "../notation";
import { habitOf, HOSTS, UNKNOWN, type Habit } from "./kinds";
import { lyingPlace } from "./lying";
import type { Place } from "./place";
import type { Said } from "./said";

export interface Piece {
  readonly part: CheckedPart;
  readonly fabric: FabricPart;
}
/** How a figure stands: which part carries the others, and which end of each is up. */
export interface Stance {
  readonly root: number;
  /** True where the first round is the upper end. */
  readonly firstOnTop: readonly boolean[];
  readonly opening: "front" | "back" | "up" | "down" | undefined;
}
export interface Resolved extends Stance {
  readonly places: readonly Place[];
}

/** Of one part, and of a figure: more cannot be told apart in a picture. */
const MOST_PIECES = 60;
const MOST_IN_ALL = 150;
const nameOf = (p: Piece): string => p.part.name.toLowerCase();

/** Every piece its place: what the text says first, then what is worked in, then what is usual. */
export function resolvePlaces(pieces: readonly Piece[], said: readonly Said[]): Resolved {
  if (pieces.length === 0) return { root: -1, firstOnTop: [], opening: undefined, places: [] };
  const root = rootOf(pieces, said);
  const firstOnTop = pieces.map((p, i) => isFirstOnTop(p, i, pieces, said, i === root));
  const opening = said.findLast((s) => s.opening !== undefined && s.parts.includes(root))?.opening;
  const stance = { root, firstOnTop, opening };
  const places: Place[] = [rootPlace(root)];
  const names = pieces.map((p) => p.part.name);
  const taken = takenIn(pieces.map((p) => p.part));
  let top = root;
  pieces.forEach((p, i) => {
    if (i === root) return;
    const habit = habitOf(p.part.name, names);
    const into = taken.find((t) => t.part === p.part && t.into !== p.part);
    const words = saidOf(said, i);
    const work: Work = { pieces, stance, habit, top, places };
    const count = Math.min(MOST_PIECES, p.part.make);
    if (into && words.every((w) => w.host === undefined && w.rounds === undefined))
      places.push(
        ...workedIn(
          i,
          count,
          pieces.findIndex((x) => x.part === into.into),
          into.round,
          work,
        ),
      );
    else for (let k = 0; k < count; k++) places.push(placeOf(i, k, count, words, work));
    if (
      habit.host[0] === "top" &&
      habit.points === "top" &&
      p.fabric.form !== "cord" &&
      standsOnTop(places.at(-1), top)
    )
      top = i;
  });
  return { ...stance, places: withoutCircles(places.slice(0, MOST_IN_ALL), root) };
}

const rootPlace = (root: number): Place => ({
  part: root,
  piece: 0,
  host: undefined,
  band: 0,
  angle: 0,
  on: "surface",
  points: "up",
  lies: false,
  lean: 0,
  line: undefined,
  because: "the others go on it",
});
const standsOnTop = (p: Place | undefined, top: number): boolean => p?.host === top && p.on !== "surface";

/** The largest single piece; one that others are said to go on before a larger one that is itself sewn on. */
function rootOf(pieces: readonly Piece[], said: readonly Said[]): number {
  const hosts = new Set(said.flatMap((s) => (s.host === undefined ? [] : [s.host])));
  const moved = new Set(said.filter((s) => s.host !== undefined).flatMap((s) => s.parts));
  const size = (p: Piece) => p.fabric.width * p.fabric.height * (p.part.make > 1 ? 0.4 : 1);
  const rank = (p: Piece, i: number): number =>
    size(p) * (hosts.has(i) && !moved.has(i) ? 20 : 1) * (moved.has(i) ? 0.05 : 1);
  let best = 0;
  pieces.forEach((p, i) => {
    if (rank(p, i) > rank(pieces[best] ?? p, best)) best = i;
  });
  return best;
}

/**
 * Which end is up. A flat base with a crease tells it, then a boat's or pot's opening, a head on a body's
 * open end, the eyes; most pieces are worked from the top down.
 */
function isFirstOnTop(
  p: Piece,
  i: number,
  pieces: readonly Piece[],
  said: readonly Said[],
  isRoot: boolean,
): boolean {
  // What is said of all parts, above them, is said of the figure.
  const own = said.findLast(
    (s) => s.opening !== undefined && s.parts.includes(i) && (isRoot || s.parts.length === 1),
  )?.opening;
  if (own === "up") return false;
  if (own === "down") return true;
  const rounds = p.part.rounds;
  const crease = rounds.findIndex((r) => r.loops === "back");
  const profile = p.fabric.profile;
  const widest = Math.max(...profile, 0);
  const eyes = p.part.events.find((e) => e.event.kind === "eyes" && e.event.rounds)?.event;
  const name = nameOf(p);
  // The open end of a head is where its body goes.
  const onBody = HOSTS.head.test(name) && pieces.some((x, k) => k !== i && HOSTS.body.test(nameOf(x)));
  if (onBody && !HOSTS.body.test(name) && p.fabric.openEnd) return true;
  if (eyes?.kind === "eyes" && eyes.rounds) {
    const share = eyes.rounds[0] / Math.max(1, rounds.length);
    if (share < 0.45) return true;
    if (share > 0.6) return false;
  }
  if (crease > 0 && crease <= profile.length / 3) return false;
  if (crease > (profile.length * 2) / 3) return true;
  if (p.part.worked === "oval" && p.fabric.openEnd) return false;
  const carries = pieces.some((x, k) => k !== i && HOSTS.head.test(nameOf(x)));
  if (HOSTS.body.test(name) && !HOSTS.head.test(name) && carries) return false;
  if (/\b(?:pot|basket|bowl|cup|hull|boat|vase|nest)\b/.test(name)) return false;
  if (/\b(?:leg|foot)\b/.test(name)) return false;
  // The wider end is the base, where one is clearly wider.
  const at = profile.indexOf(widest) / Math.max(1, profile.length - 1);
  return !(p.fabric.openEnd && at < 0.3 && (profile.at(-1) ?? 0) < widest * 0.7 && carries);
}

interface Work {
  readonly pieces: readonly Piece[];
  readonly stance: Stance;
  readonly habit: Habit;
  /** What is on top so far. */
  readonly top: number;
  readonly places: readonly Place[];
}

const saidOf = (said: readonly Said[], part: number): readonly Said[] =>
  said.filter((s) => s.parts.includes(part) && s.opening === undefined);

function hostOf(i: number, words: readonly Said[], w: Work): number {
  const told = words.findLast((s) => s.host !== undefined && s.host !== i)?.host;
  if (told !== undefined) return told;
  const beside = words.findLast((s) => typeof s.beside?.what === "number")?.beside?.what;
  const next = typeof beside === "number" ? w.places.find((p) => p.part === beside)?.host : undefined;
  if (next !== undefined && next !== i) return next;
  for (const wanted of w.habit.host) {
    if (wanted === "main") break;
    if (wanted === "top") {
      if (w.top !== i) return topFor(i, w);
      continue;
    }
    const found = w.pieces.findIndex((p, k) => k !== i && HOSTS[wanted].test(nameOf(p)));
    if (found >= 0) return found;
  }
  return w.stance.root;
}
/**
 * A hat goes on the head where there is one; a roof on what stands on top, when that is wide enough to carry
 * it.
 */
function topFor(i: number, w: Work): number {
  const head = w.pieces.findIndex((p, k) => k !== i && HOSTS.head.test(nameOf(p)));
  if (head >= 0) return head;
  const width = (k: number) => w.pieces[k]?.fabric.width ?? 0;
  return width(w.top) >= 0.4 * width(i) ? w.top : w.stance.root;
}

/** What was said of a piece, the last word first. */
type Last = <T>(pick: (s: Said) => T | undefined) => T | undefined;
interface Asked {
  readonly i: number;
  readonly k: number;
  readonly count: number;
  readonly host: number;
  readonly hosted: Piece;
  readonly last: Last;
  readonly side: Said["side"];
  /** The round, from the text or from habit. */
  readonly band: number;
  /** No round is told. */
  readonly plain: boolean;
}
type Spot = Pick<Place, "band" | "angle" | "on" | "points">;

/** One piece: what was said of the part, of this piece last; what is open comes from the habit. */
function placeOf(i: number, k: number, count: number, all: readonly Said[], w: Work): Place {
  const words = all.filter((s) => s.piece === undefined || s.piece === k);
  const host = hostOf(i, words, w);
  const last: Last = (pick) => {
    for (let n = words.length - 1; n >= 0; n--) {
      const v = pick(words[n] as Said);
      if (v !== undefined) return v;
    }
    return undefined;
  };
  const hosted = w.pieces[host] as Piece;
  const { habit } = w;
  const { band, because } = bandOf(last, hosted, habit, w, host);
  const plain = last((s) => s.rounds) === undefined && last((s) => s.from) === undefined;
  const asked: Asked = { i, k, count, host, hosted, last, side: last((s) => s.side), band, plain };
  const spot = liesDown(host, w.stance) ? lyingSpot(asked, w) : uprightSpot(asked, w);
  const line = words.find((s) => hasPlace(s))?.line ?? words.find((s) => s.host !== undefined)?.line;
  return {
    part: i,
    piece: k,
    host,
    ...spot,
    lies: last((s) => s.lies) ?? habit.lies ?? false,
    lean: spot.on === "surface" || count === 1 ? 0 : spread(k, count) * 32,
    line,
    because: line === undefined ? habit.why : because,
  };
}

const liesDown = (host: number, s: Stance): boolean =>
  host === s.root && (s.opening === "back" || s.opening === "front");

function uprightSpot({ i, k, count, host, hosted, last, side, band, plain }: Asked, w: Work): Spot {
  const ends = endsOf(host, w.stance);
  const toward = last((s) => s.toward);
  const on = onOf(side, plain, w.habit, ends, w.pieces[i], hosted, toward);
  const told = toldAngle(last, k, count, stitchesAt(hosted, band), side === "back" ? 180 : 0);
  return {
    band,
    angle: told ?? angleOf({ k, count, side, habit: w.habit }),
    on,
    points: last((s) => s.points) ?? pointsOf(w.habit, on, side),
  };
}

function lyingSpot({ i, k, count, hosted, last, side, band, plain }: Asked, w: Work): Spot {
  const spot = lyingPlace({
    name: nameOf(w.pieces[i] as Piece),
    side,
    k,
    count,
    noseFirst: w.stance.opening === "back",
    bands: Math.max(1, bodyRounds(hosted.part).length),
    band: plain ? undefined : band,
    eyes: eyeBandOf(hosted),
  });
  const below = Math.abs(spot.angle) > 90 ? 180 : 0;
  const told = toldAngle(last, k, count, stitchesAt(hosted, spot.band), below);
  return { ...spot, angle: told ?? spot.angle, points: last((s) => s.points) ?? spot.points };
}

const hasPlace = (s: Said): boolean =>
  s.rounds !== undefined ||
  s.from !== undefined ||
  s.side !== undefined ||
  s.beside !== undefined ||
  s.off !== undefined;

const endsOf = (host: number, s: Stance): { top: "start" | "end"; bottom: "start" | "end" } =>
  (s.firstOnTop[host] ?? true) ? { top: "start", bottom: "end" } : { top: "end", bottom: "start" };

function onOf(
  side: Said["side"],
  plain: boolean,
  habit: Habit,
  ends: { top: "start" | "end"; bottom: "start" | "end" },
  own: Piece | undefined,
  host: Piece,
  toward: Said["toward"],
): Place["on"] {
  if (side === "inside" || (side === undefined && plain && "inside" in habit.at && host.fabric.openEnd))
    return "inside";
  if (side === "start" || side === "end") return side;
  if (!plain || toward) return "surface";
  if (side === "top") return ends.top;
  if (side === "bottom")
    return habit.points === "forward" || habit.points === "down" ? "surface" : ends.bottom;
  if (side !== undefined) return "surface";
  if (habit.points === "top") return ends.top;
  if (habit.points === "bottom") return ends.bottom;
  // Two open edges with as many stitches are sewn to each other.
  const edge = own?.fabric.edge ?? 0;
  return habit === UNKNOWN && edge > 0 && edge === host.fabric.edge ? "end" : "surface";
}

function pointsOf(habit: Habit, on: Place["on"], side: Said["side"]): Place["points"] {
  if (on === "start" || on === "end") return "along";
  if (on === "inside") return "side";
  if (habit.points === "top" || habit.points === "bottom") return "out";
  if (side === "bottom" && habit.points === "out") return "down";
  return habit.points;
}

/** A round by its written number, counted from 0. */
function indexOf(host: Piece, number: number): number {
  const whole = Math.floor(number);
  const at = bodyRounds(host.part).findIndex((r) => r.number === whole);
  return (at < 0 ? whole - 1 : at) + (number - whole);
}
function eyeBandOf(host: Piece): number | undefined {
  const eyes = faceOf(host.part, host.fabric)[0];
  return eyes ? (indexOf(host, eyes.rounds[0]) + indexOf(host, eyes.rounds[1])) / 2 : undefined;
}

/** Rounds of the host as counted from 0. */
function bandOf(
  last: <T>(pick: (s: Said) => T | undefined) => T | undefined,
  host: Piece,
  habit: Habit,
  w: Work,
  hostIndex: number,
): { band: number; because: string } {
  const bands = Math.max(1, bodyRounds(host.part).length);
  const index = (n: number): number => indexOf(host, n);
  const firstOnTop = w.stance.firstOnTop[hostIndex] ?? true;
  const fromTop = (rounds: number): number => (firstOnTop ? rounds - 1 : bands - rounds);
  const rounds = last((s) => s.rounds);
  const clamp = (b: number) => Math.max(0, Math.min(bands - 1, b));
  if (rounds)
    return { band: clamp((index(rounds[0]) + index(rounds[1])) / 2), because: "the pattern says the rounds" };
  const down = firstOnTop ? 1 : -1;
  const eyeBand = eyeBandOf(host);
  const from = last((s) => s.from);
  if (from) {
    const way = from.way === "below" ? 1 : -1;
    const mark =
      from.what === "eyes"
        ? (eyeBand ?? fromTop(bands * 0.35))
        : from.what === "neck"
          ? neckOf(host, firstOnTop)
          : from.what === "bottom" || (from.what === "edge" && firstOnTop)
            ? fromTop(bands + 0.5)
            : fromTop(0.5);
    return { band: clamp(mark + down * way * from.rounds), because: "the pattern counts the rounds" };
  }
  const beside = last((s) => s.beside);
  const other = typeof beside?.what === "number" ? w.places.find((p) => p.part === beside.what) : undefined;
  const near = beside?.what === "eyes" ? eyeBand : other?.host === hostIndex ? other.band : undefined;
  if (beside && near !== undefined)
    return {
      band: clamp(near + (beside.way === "below" ? 1.5 * down : beside.way === "above" ? -1.5 * down : 0)),
      because: "the pattern says beside what",
    };
  const side = last((s) => s.side);
  if (last((s) => s.low)) return { band: clamp(fromTop(bands - 2)), because: "the pattern says low" };
  if (side === "bottom" && habit.points !== "bottom")
    return { band: clamp(fromTop(bands - 1.5)), because: "the pattern says under it" };
  return { band: clamp(usualBand()), because: habit.why };

  function usualBand(): number {
    const { at } = habit;
    if ("rounds" in at) return fromTop(at.rounds);
    if ("low" in at) return fromTop(bands - at.low);
    if ("inside" in at) return fromTop(bands);
    if ("belowEyes" in at && eyeBand !== undefined) return eyeBand + at.belowEyes * down;
    const neck = "belowNeck" in at ? shoulderedAt(host, firstOnTop) : undefined;
    return "belowNeck" in at && neck !== undefined
      ? neck + at.belowNeck * down
      : bandAtHeight(host, firstOnTop, at.share);
  }
}

/** The round so far down, as a share of the part's height. */
function bandAtHeight(host: Piece, firstOnTop: boolean, share: number): number {
  const rings = host.fabric.shape?.rings;
  if (!rings || rings.length === 0) return host.fabric.profile.length * (firstOnTop ? share : 1 - share);
  const wanted = host.fabric.height * (firstOnTop ? share : 1 - share);
  const at = rings.findIndex((r) => r.z >= wanted);
  return at < 0 ? rings.length - 1 : at;
}

/** The narrowest round between two wider ones, or the upper end of a body that is a part of its own. */
function neckOf(host: Piece, firstOnTop: boolean): number {
  const p = host.fabric.profile;
  let best: number | undefined;
  for (let i = 2; i < p.length - 2; i++) {
    const here = p[i] ?? 0;
    const before = Math.max(...p.slice(0, i));
    const after = Math.max(...p.slice(i + 1));
    if (here < before * 0.9 && here < after * 0.9 && (best === undefined || here < (p[best] ?? 0))) best = i;
  }
  return best ?? (firstOnTop ? -0.5 : p.length - 0.5);
}
/**
 * The neck, where the part has one: narrow between two wider rounds, or the open end of a body with a head of
 * its own.
 */
function shoulderedAt(host: Piece, firstOnTop: boolean): number | undefined {
  const neck = neckOf(host, firstOnTop);
  const within = neck > 0 && neck < host.fabric.profile.length - 1;
  const headless = HOSTS.body.test(nameOf(host)) && !HOSTS.head.test(nameOf(host));
  return within || (headless && host.fabric.openEnd) ? neck : undefined;
}

/** Stitches around at a round, or half-way between two. */
export function stitchesAt(host: Piece, band: number): number {
  const p = host.fabric.profile;
  const at = Math.max(0, Math.min(p.length - 1, band));
  const here = p[Math.floor(at)] ?? 12;
  const next = p[Math.ceil(at)] ?? here;
  return Math.max(3, here + (next - here) * (at - Math.floor(at)));
}

/** From −1 to 1 over the pieces of a part. */
const spread = (k: number, count: number): number => (count === 1 ? 0 : (2 * k) / (count - 1) - 1);

/** Degrees by stitches or as she likes, where the text tells them; `centre` is what they are counted from. */
function toldAngle(last: Last, k: number, count: number, around: number, centre: number): number | undefined {
  const off = last((s) => s.off);
  if (off !== undefined) return (off / around) * 360;
  if (last((s) => s.scattered)) return ((k * 137.5 + 20) % 360) - 180;
  const apart = last((s) => s.apart);
  return apart !== undefined && count > 1
    ? centre + facing(spread(k, count), centre) * ((apart * (count - 1)) / around) * 180
    : undefined;
}
/** The first of two is on the left as seen from the front, at the back too. */
const facing = (share: number, centre: number): number => (Math.abs(centre) > 90 ? -share : share);
const CENTRES: Readonly<Partial<Record<NonNullable<Said["side"]>, number>>> = {
  back: 180,
  left: -90,
  right: 90,
};

function angleOf(q: { k: number; count: number; side: Said["side"]; habit: Habit }): number {
  const { k, count, side, habit } = q;
  const centre = CENTRES[side ?? "top"] ?? 0;
  if (count === 1)
    return side === undefined || side === "top" || side === "bottom"
      ? habit.one
      : side === "sides"
        ? 90
        : centre;
  if (side === "sides") return spread(k, count) * 90;
  if (count === 2)
    return side === "back"
      ? centre + facing(spread(k, 2), centre) * Math.min(30, habit.pair)
      : spread(k, 2) * habit.pair;
  // Four legs stand at the corners; more are spread all around.
  return count === 4 ? (k - 1.5) * 90 : (360 * (k + 0.5)) / count - 180;
}

/** Parts that a round takes in: at that round, side by side. */
function workedIn(i: number, count: number, host: number, round: number, w: Work): Place[] {
  const hosted = w.pieces[host] as Piece;
  const counted = bodyIndices(hosted.part);
  const band = Math.max(0, counted.indexOf(round));
  const begins = band === 0;
  const names = w.pieces.map((p) => p.part.name);
  const alike = names.map((n, k) => k !== host && habitOf(n, names) === w.habit);
  const twins = alike.filter((a, k) => a && k !== i).length;
  const own = alike.slice(0, i).filter(Boolean).length;
  return Array.from({ length: count }, (_, k) => {
    const all = count === 1 ? twins + 1 : count;
    const at = count === 1 ? own : k;
    return {
      part: i,
      piece: k,
      host,
      band,
      angle: all === 1 ? w.habit.one : spread(at, all) * (begins ? 90 : w.habit.pair),
      on: "surface",
      points: begins
        ? "along"
        : w.habit.points === "top" || w.habit.points === "bottom"
          ? "out"
          : w.habit.points,
      lies: false,
      lean: 0,
      line: hosted.part.rounds[round]?.line,
      because: `worked in by round ${hosted.part.rounds[round]?.number ?? band + 1}`,
    };
  });
}

/** Two parts that each go on the other would hang on nothing: the later goes to the main part. */
function withoutCircles(places: readonly Place[], root: number): Place[] {
  const hostOfPart = new Map(places.map((p) => [p.part, p.host]));
  return places.map((p) => {
    const seen = new Set([p.part]);
    let at = p.host;
    while (at !== undefined && !seen.has(at)) {
      seen.add(at);
      at = hostOfPart.get(at);
    }
    if (at === undefined) return p;
    hostOfPart.set(p.part, root);
    return { ...p, host: root };
  });
}
