import type { PartEstimate } from "../estimate";
import { bodyIndices, faceOf } from "../fabric";
import { layoutOf } from "../notation";

/** A filled part as triangles, millimetres, the first round on top, y upwards, the face towards +z. */
export interface ShapeMesh {
  readonly positions: Float32Array;
  /** Slot of every vertex, as an index into `slots`. */
  readonly slotOf: Uint16Array;
  readonly slots: readonly string[];
  /** Index of the part's round for every triangle. */
  readonly roundOf: Uint16Array;
  /** The same for every vertex. */
  readonly roundOfVertex: Uint16Array;
  readonly indices: Uint32Array;
  readonly eyes: readonly {
    readonly x: number;
    readonly y: number;
    readonly z: number;
    readonly r: number;
  }[];
  /** Half of the largest extent: what a camera has to take in. */
  readonly radius: number;
}

const AROUND = 72;

/**
 * The solid of a filled or hollow part: every round a band of two rows of triangles, coloured stitch by
 * stitch where the colour changes inside it; ovals are drawn apart by their straight side. Undefined for flat
 * pieces and cords, which have an outline only.
 */
export function shapeMesh(p: PartEstimate): ShapeMesh | undefined {
  const { shape, straight, openEnd } = p.fabric;
  if (!shape || shape.rings.length < 2) return undefined;
  const rounds = bodyIndices(p.part).slice(0, shape.rings.length);
  const middle = shape.height / 2;
  const upright = p.part.worked === "oval" && openEnd ? -1 : 1;
  const slots: string[] = [];
  const positions: number[] = [];
  const slotOf: number[] = [];
  const roundOf: number[] = [];
  const roundOfVertex: number[] = [];
  const indices: number[] = [];
  const slotIndex = (slot: string) => {
    const at = slots.indexOf(slot);
    return at >= 0 ? at : slots.push(slot) - 1;
  };
  let lower = { r: 0, z: shape.bottomZ as number };
  shape.rings.forEach((ring, i) => {
    const next = shape.rings[i + 1];
    const upper = next
      ? { r: (ring.r + next.r) / 2, z: (ring.z + next.z) / 2 }
      : openEnd
        ? { r: ring.r, z: ring.z }
        : { r: 0, z: shape.topZ as number };
    const index = rounds[i] ?? i;
    const round = p.part.rounds[index];
    const layout = round ? layoutOf(round) : undefined;
    const total = layout?.segments.at(-1)?.to ?? 1;
    const first = positions.length / 3;
    [lower, ring, upper].forEach((row) => {
      for (let k = 0; k <= AROUND; k++) {
        // A round begins at the back and goes on to its maker's left, so that its middle looks at you.
        const angle = (2 * Math.PI * k) / AROUND - Math.PI;
        const side = Math.sin(angle);
        positions.push(
          row.r * side + (Math.abs(side) < 1e-9 ? 0 : (Math.sign(side) * straight) / 2),
          upright * (middle - row.z),
          row.r * Math.cos(angle),
        );
        roundOfVertex.push(index);
        const at = (k / AROUND) * total;
        slotOf.push(slotIndex(layout?.segments.find((s) => at <= s.to)?.slot ?? round?.slot ?? "main"));
      }
    });
    for (let row = 0; row < 2; row++)
      for (let k = 0; k < AROUND; k++) {
        const a = first + row * (AROUND + 1) + k;
        const b = a + AROUND + 1;
        if (upright > 0) indices.push(a, b, a + 1, b, b + 1, a + 1);
        else indices.push(a, a + 1, b, b, a + 1, b + 1);
        roundOf.push(index, index);
      }
    lower = upper;
  });
  const eyes = faceOf(p.part, p.fabric).flatMap((face) => {
    const half = (face.degrees * Math.PI) / 360;
    return (face.count === 1 ? [0] : [-half, half]).map((a) => ({
      x: face.r * Math.sin(a),
      y: upright * (middle - face.z),
      z: face.r * Math.cos(a),
      r: (face.sizeMm ?? face.suggestedMm) / 2,
    }));
  });
  return {
    positions: Float32Array.from(positions),
    slotOf: Uint16Array.from(slotOf),
    slots,
    roundOf: Uint16Array.from(roundOf),
    roundOfVertex: Uint16Array.from(roundOfVertex),
    indices: Uint32Array.from(indices),
    eyes,
    radius: Math.max(shape.height, shape.diameter + straight) / 2,
  };
}
