/** A ball to cut from: what there is of it, mg. */
export interface Bin {
  readonly id: string;
  readonly mg: number;
}
interface Length {
  readonly id: string;
  readonly mg: number;
  readonly joinable: boolean;
}
export interface Fitted {
  readonly cuts: {
    readonly piece: string;
    readonly ball: string;
    readonly mg: number;
    readonly joined: boolean;
  }[];
}

/** Steps of the search for the best filling of one ball. */
const NODES = 1500;
/**
 * A join leaves at least this much on either side, mg: shorter lengths are not worth the knot (from memory).
 */
const LEAST_JOINED = 300;

/**
 * Places every piece in the bins, bins in the order given, or answers undefined when it finds no way. Pinned
 * pieces go first. `joinMg`, when given, is what the ends of a join take, and joinable pieces may then be cut
 * in several lengths. `longestFirst` puts the longest piece that fits on each ball before its filling is
 * sought; `next` varies the search. Not exact: it may miss a way that exists.
 */
export function fitInto(
  bins: readonly Bin[],
  pieces: readonly Length[],
  pins: ReadonlyMap<string, string>,
  joinMg: number | undefined,
  longestFirst = false,
  next?: () => number,
): Fitted | undefined {
  const room = new Map(bins.map((b) => [b.id, b.mg]));
  const cuts: Fitted["cuts"] = [];
  const put = (piece: string, ball: string, mg: number, joined = false) => {
    cuts.push({ piece, ball, mg, joined });
    room.set(ball, (room.get(ball) ?? 0) - mg);
  };
  const open: Length[] = [];
  let total = 0;
  for (const p of pieces) {
    const ball = pins.get(p.id);
    if (ball !== undefined && room.has(ball)) {
      put(p.id, ball, p.mg);
      if ((room.get(ball) ?? 0) < 0) return undefined;
    } else {
      open.push(p);
      total += p.mg;
    }
  }
  let space = 0;
  for (const mg of room.values()) space += mg;
  if (total > space) return undefined;
  // Pieces of one length are interchangeable: the search works on lengths and how many there are.
  const byLength = new Map<number, Length[]>();
  for (const p of open) {
    const list = byLength.get(p.mg);
    if (list) list.push(p);
    else byLength.set(p.mg, [p]);
  }
  const lengths = [...byLength.keys()].sort((a, b) => b - a);
  const counts = lengths.map((l) => byLength.get(l)?.length ?? 0);
  let left = open.length;
  for (const bin of bins) {
    if (left === 0) break;
    const mg = room.get(bin.id) ?? 0;
    const seed = longestFirst ? lengths.findIndex((l, i) => l <= mg && (counts[i] ?? 0) > 0) : -1;
    if (seed >= 0) counts[seed] = (counts[seed] ?? 0) - 1;
    const chosen = fullest(mg - (seed >= 0 ? (lengths[seed] ?? 0) : 0), lengths, counts, next);
    if (seed >= 0) {
      counts[seed] = (counts[seed] ?? 0) + 1;
      chosen[seed] = (chosen[seed] ?? 0) + 1;
    }
    chosen.forEach((n, i) => {
      const list = byLength.get(lengths[i] ?? 0);
      for (let k = 0; k < n; k++) {
        const p = list?.pop();
        if (p) put(p.id, bin.id, p.mg);
      }
      counts[i] = (counts[i] ?? 0) - n;
      left -= n;
    });
  }
  if (left === 0) return { cuts };
  const rest = lengths.flatMap((l) => byLength.get(l) ?? []);
  if (joinMg === undefined) return undefined;
  return joinedInto(rest, bins, room, cuts, joinMg) ? { cuts } : undefined;
}

/**
 * How many of each length to cut from a ball of `mg` so that least is left: depth first, longest first, at
 * most NODES steps. A filling with long pieces is kept over one with short ones that leaves as much.
 */
function fullest(
  mg: number,
  lengths: readonly number[],
  counts: readonly number[],
  next: (() => number) | undefined,
): number[] {
  const n = lengths.length;
  const take = new Array<number>(n).fill(0);
  let best: number[] = [...take];
  let bestLeft = mg;
  let nodes = 0;
  // What all lengths from i on could add at most, to give up early.
  const tail = new Array<number>(n + 1).fill(0);
  for (let i = n - 1; i >= 0; i--) tail[i] = (tail[i + 1] ?? 0) + (lengths[i] ?? 0) * (counts[i] ?? 0);
  const shy = next ? next() * 0.35 : 0;
  const go = (i: number, left: number): boolean => {
    if (left < bestLeft) {
      bestLeft = left;
      best = [...take];
      if (left === 0) return true;
    }
    if (i >= n || nodes++ > NODES) return nodes > NODES;
    // Even everything that is left would not beat the best.
    if (left - (tail[i] ?? 0) >= bestLeft) return false;
    const length = lengths[i] ?? 0;
    const most = Math.min(counts[i] ?? 0, Math.floor(left / length));
    // Now and then a length is held back, so that tries differ.
    const start = next && most > 0 && next() < shy ? Math.floor(next() * (most + 1)) : most;
    for (let k = start; k >= 0; k--) {
      take[i] = k;
      if (go(i + 1, left - k * length)) return true;
    }
    for (let k = start + 1; k <= most; k++) {
      take[i] = k;
      if (go(i + 1, left - k * length)) return true;
    }
    take[i] = 0;
    return false;
  };
  go(0, mg);
  return best;
}

/** What is left over is joined from the ends that remain, longest ends first. */
function joinedInto(
  rest: readonly Length[],
  bins: readonly Bin[],
  room: Map<string, number>,
  cuts: Fitted["cuts"],
  joinMg: number,
): boolean {
  for (const p of rest) {
    const whole = bins.find((b) => (room.get(b.id) ?? 0) >= p.mg);
    if (whole) {
      cuts.push({ piece: p.id, ball: whole.id, mg: p.mg, joined: false });
      room.set(whole.id, (room.get(whole.id) ?? 0) - p.mg);
      continue;
    }
    if (!p.joinable) return false;
    let need = p.mg;
    const ends = bins
      .filter((b) => (room.get(b.id) ?? 0) >= LEAST_JOINED + joinMg)
      .sort((a, b) => (room.get(b.id) ?? 0) - (room.get(a.id) ?? 0));
    const lengths: { ball: string; mg: number }[] = [];
    for (const b of ends) {
      const there = room.get(b.id) ?? 0;
      if (there >= need) {
        lengths.push({ ball: b.id, mg: need });
        need = 0;
        break;
      }
      // Each further length brings one more join with its ends.
      lengths.push({ ball: b.id, mg: there });
      need = need - there + joinMg;
    }
    if (need > 0) return false;
    for (const l of lengths) {
      cuts.push({ piece: p.id, ball: l.ball, mg: l.mg, joined: lengths.length > 1 });
      room.set(l.ball, (room.get(l.ball) ?? 0) - l.mg);
    }
  }
  return true;
}
