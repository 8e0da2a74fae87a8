/** What of an item decides how its pieces are looked at. */
export interface Inspectable {
  readonly parts: readonly {
    readonly name: string;
    readonly make: number;
    readonly filled: boolean;
    /** Has rounds whose stitches can be counted. */
    readonly counted: boolean;
  }[];
  /** Eyes and noses, with the rounds they sit between and the stitches they are apart. */
  readonly faces: readonly {
    readonly part: string;
    readonly what: "eye" | "nose";
    readonly count: number;
    readonly rounds: readonly [number, number];
    readonly apart: number | undefined;
  }[];
  readonly sewn: boolean;
  /** A ring, loop or chain that it hangs from. */
  readonly hangs: boolean;
}
export interface InspectionPoint {
  readonly id: string;
  readonly text: string;
  /** What is pulled at, or can come off: of these a piece must never be let through. */
  readonly firm?: true;
}

/** Why a piece does not pass, in the words of the table. */
export const REJECT_REASONS = [
  "miscounted",
  "eyes not level",
  "parts not alike",
  "a part or an eye came loose",
  "seam came open",
  "filling shows",
  "does not stand or hang",
  "dirty or stained",
  "something else",
] as const;

/**
 * How finished pieces of an item are looked at, in the order of the hand: counts, face, pairs, what must
 * hold, looks. From the checks of craft §7 (common practice, no source); points that an item does not have
 * are left out.
 */
export function inspectionPoints(item: Inspectable): InspectionPoint[] {
  const { parts, faces } = item;
  const pairs = parts.filter((p) => p.make > 1);
  const eyes = faces.filter((f) => f.what === "eye");
  return [
    ...(parts.some((p) => p.counted) ? [{ id: "size", text: "Same size and rounds as the sample" }] : []),
    ...eyes.map((f, i) => ({
      id: `eyes ${i}`,
      text: `${f.part === "" ? "Eyes" : `Eyes of the ${f.part.toLowerCase()}`} level, between rounds ${f.rounds[0]} and ${f.rounds[1]}${f.apart === undefined || f.count < 2 ? "" : `, ${f.apart} ${f.apart === 1 ? "stitch" : "stitches"} apart`}`,
    })),
    ...pairs.slice(0, 6).map((p) => ({
      id: `pair ${p.name}`,
      text: `${p.make === 2 ? "Both" : `All ${p.make}`}: ${p.name.toLowerCase()}, alike and level`,
    })),
    ...(faces.length > 0
      ? [{ id: "pull eyes", text: "Pull at eyes and nose: nothing gives", firm: true as const }]
      : []),
    ...(item.sewn
      ? [{ id: "pull parts", text: "Pull at each sewn part: the seam holds all round", firm: true as const }]
      : []),
    ...(item.hangs
      ? [
          { id: "pull hanger", text: "Pull at the ring or loop: it holds", firm: true as const },
          { id: "hangs", text: "Hangs straight" },
        ]
      : [{ id: "stands", text: "Stands or lies as it should" }]),
    ...(parts.some((p) => p.filled)
      ? [{ id: "filling", text: "No filling shows between the stitches" }]
      : []),
    { id: "ends", text: "Ends are secure and out of sight" },
    { id: "clean", text: "Clean, no stray fibres" },
  ];
}
