import type { PartEstimate } from "../estimate";
import { bodyIndices, faceOf } from "../fabric";
import { layoutOf } from "../notation";

/** A shape for the screen: bands from bottom to top in millimetres, x mirrored about 0, y downwards. */
export interface Silhouette {
  readonly name: string;
  readonly make: number;
  readonly width: number;
  readonly height: number;
  readonly bands: readonly { readonly path: string; readonly slot: string; readonly round: number }[];
  readonly outline: string;
  /** Begun at its bottom and open above, like a hull: drawn the other way up. */
  readonly openTop: boolean;
  readonly eyes: readonly { readonly x: number; readonly y: number; readonly r: number }[];
}

const f = (n: number) => (Math.round(n * 10) / 10).toString();

/** The slot that most of a round is worked in. */
function slotOf(part: PartEstimate, round: number): string {
  const slots = part.part.rounds[round]?.bySlot ?? [];
  let best = slots[0]?.slot ?? "main";
  let most = -1;
  for (const s of slots) {
    const n = Object.entries(s.made).reduce((sum, [name, count]) => (name === "ch" ? sum : sum + count), 0);
    if (n > most) {
      most = n;
      best = s.slot;
    }
  }
  return best;
}

/**
 * A part seen from the side, first round on top (a head is begun at its crown). Filled and hollow
 * parts are bands between rings; rows and discs are their outline; a cord is a bent line's worth.
 */
export function silhouetteOf(p: PartEstimate, turn = 0): Silhouette {
  const { fabric, part } = p;
  const shape = fabric.shape;
  const base = {
    name: part.name,
    make: part.make,
    openTop: part.worked === "oval" && fabric.openEnd,
    width: Math.max(1, fabric.width),
    height: Math.max(1, fabric.height),
  };
  if (!shape || shape.rings.length === 0) return { ...base, ...flat(p), eyes: [] };
  const indices = bodyIndices(part);
  const edges: { r: number; z: number }[] = [{ r: 0, z: shape.bottomZ }];
  const rings = shape.rings;
  const bands: { path: string; slot: string; round: number }[] = [];
  // An oval is wider by its straight side all the way up.
  const s = fabric.straight / 2;
  rings.forEach((ring, i) => {
    const next = rings[i + 1];
    const upper = next
      ? { r: (ring.r + next.r) / 2, z: (ring.z + next.z) / 2 }
      : fabric.openEnd
        ? { r: ring.r, z: ring.z }
        : { r: 0, z: shape.topZ };
    const lower = edges[edges.length - 1] ?? { r: 0, z: 0 };
    const round = indices[i] ?? i;
    const path = `M${f(-lower.r - s)} ${f(lower.z)}L${f(-ring.r - s)} ${f(ring.z)}L${f(-upper.r - s)} ${f(upper.z)}L${f(upper.r + s)} ${f(upper.z)}L${f(ring.r + s)} ${f(ring.z)}L${f(lower.r + s)} ${f(lower.z)}Z`;
    bands.push({ path, slot: slotOf(p, round), round });
    bands.push(...stretches(p, round, [lower, ring, upper], s, turn));
    edges.push(upper);
  });
  const side = [
    { r: 0, z: shape.bottomZ },
    ...rings.map((ring) => ({ r: ring.r as number, z: ring.z as number })),
    ...(fabric.openEnd ? [] : [{ r: 0, z: shape.topZ }]),
  ];
  const outline = `M${side.map((x) => `${f(x.r + s)} ${f(x.z)}`).join("L")}L${[...side]
    .reverse()
    .map((x) => `${f(-x.r - s)} ${f(x.z)}`)
    .join("L")}Z`;
  return { ...base, bands, outline, eyes: eyesOf(p, turn) };
}

/** Stretches of other colours inside a round, as far as they look at you. The round begins at the back. */
function stretches(
  p: PartEstimate,
  index: number,
  rows: readonly { r: number; z: number }[],
  s: number,
  turn: number,
): { path: string; slot: string; round: number }[] {
  const round = p.part.rounds[index];
  const segments = round ? layoutOf(round).segments : [];
  const total = segments.at(-1)?.to ?? 0;
  const main = slotOf(p, index);
  if (segments.length < 2 || segments.length > 60) return [];
  return segments
    .filter((x) => x.slot !== main)
    .flatMap((x) => {
      const at = (n: number) => (2 * Math.PI * n) / total - Math.PI + turn;
      const middle = (at(x.from) + at(x.to)) / 2;
      const wrapped = Math.atan2(Math.sin(middle), Math.cos(middle));
      const half = (at(x.to) - at(x.from)) / 2;
      const from = Math.max(-Math.PI / 2, wrapped - half);
      const to = Math.min(Math.PI / 2, wrapped + half);
      if (to - from < 0.02) return [];
      const edge = (r: number, a: number) => r * Math.sin(a) + Math.sin(a) * s;
      const left = rows.map((row) => `${f(edge(row.r, from))} ${f(row.z)}`);
      const right = [...rows].reverse().map((row) => `${f(edge(row.r, to))} ${f(row.z)}`);
      return [{ path: `M${left.join("L")}L${right.join("L")}Z`, slot: x.slot, round: index }];
    });
}

function flat(p: PartEstimate): Pick<Silhouette, "bands" | "outline"> {
  const { fabric, part } = p;
  const w = Math.max(1, fabric.width) / 2;
  const h = Math.max(1, fabric.height);
  if (fabric.form === "cord") {
    const outline = `M${f(-w)} 0H${f(w)}V${f(h)}H${f(-w)}Z`;
    return { outline, bands: [{ path: outline, slot: slotOf(p, 0), round: 0 }] };
  }
  if (part.worked !== "rows") {
    const r = h / 2;
    const outline = `M0 0A${f(w)} ${f(r)} 0 1 1 0 ${f(h)}A${f(w)} ${f(r)} 0 1 1 0 0Z`;
    return {
      outline,
      bands: [{ path: outline, slot: slotOf(p, part.rounds.length - 1), round: part.rounds.length - 1 }],
    };
  }
  const counts = fabric.profile;
  const widest = Math.max(1, ...counts);
  const each = h / Math.max(1, counts.length);
  const bands = counts.map((n, i) => {
    const half = (w * n) / widest;
    return {
      path: `M${f(-half)} ${f(i * each)}H${f(half)}V${f((i + 1) * each)}H${f(-half)}Z`,
      slot: slotOf(p, i),
      round: i,
    };
  });
  const outline = bands.map((b) => b.path).join("");
  return { bands, outline };
}

/**
 * Eyes where the pattern puts them, seen from the front after turning the piece by `turn` radians; those
 * behind are left out.
 */
function eyesOf(p: PartEstimate, turn: number): Silhouette["eyes"] {
  return faceOf(p.part, p.fabric).flatMap((face) => {
    const size = (face.sizeMm ?? face.suggestedMm) / 2;
    const half = (face.degrees * Math.PI) / 360;
    const angles = face.count === 1 ? [0] : [-half, half];
    return angles
      .filter((a) => Math.cos(a + turn) > 0.02)
      .map((a) => ({ x: face.r * Math.sin(a + turn), y: face.z, r: size }));
  });
}
