import type { StitchWord } from "./vocabulary";
import type { Loops, Node, Operation } from "./tree";
import type { StitchName, Tally } from "./stitches";

type Into = Operation["into"];

/** `legs` stitches put into one place. `legs` = 1 is the plain stitch. */
export function stitchInto(
  stitch: StitchName,
  legs: number,
  into: Into = "next",
  loops: Loops = "both",
): Operation {
  const chain = stitch === "ch";
  const uses = chain || into === "ring" || into === "same" ? 0 : 1;
  const offers = chain || stitch === "picot" ? 0 : legs;
  return {
    name:
      legs > 1 && !chain
        ? legs === 2
          ? stitch === "sc"
            ? "inc"
            : `${stitch} inc`
          : `${legs} ${stitch} in one`
        : stitch,
    stitch,
    uses: stitch === "picot" ? 0 : uses,
    offers,
    makes: { [stitch]: legs },
    increases: chain || into === "ring" ? 0 : into === "same" ? legs : legs > 1 ? 1 : 0,
    decreases: 0,
    loops,
    into,
  };
}

/** `legs` stitches drawn together into one. */
export function stitchTogether(stitch: StitchName, legs: number, loops: Loops = "both"): Operation {
  return {
    name: legs === 2 ? (stitch === "sc" ? "dec" : `${stitch}2tog`) : `${stitch}${legs}tog`,
    stitch,
    uses: legs,
    offers: 1,
    makes: { [stitch]: 1 },
    increases: 0,
    decreases: 1,
    loops,
    into: "next",
  };
}

/** A mixture in one stitch: "(sc, hdc, sc) in next st". */
export function mixedInto(makes: Tally, offers: number, into: Into, loops: Loops): Operation {
  const all = Object.keys(makes) as StitchName[];
  // What is worked names it; the chains up and the slip stitch down only frame it.
  const stitch = all.find((s) => s !== "ch" && s !== "slst") ?? all[0] ?? "sc";
  return {
    name: `${offers} in one`,
    stitch,
    uses: into === "same" || into === "ring" ? 0 : 1,
    offers,
    makes,
    increases: offers > 1 ? 1 : 0,
    decreases: 0,
    loops,
    into,
  };
}

export function operationOf(word: StitchWord, loops: Loops): Operation {
  switch (word.kind) {
    case "inc":
      return stitchInto(word.stitch, word.legs, "next", loops);
    case "dec":
      return stitchTogether(word.stitch, word.legs, loops);
    case "foundation":
      return { ...stitchInto(word.stitch, 1, "ring", loops), name: `foundation ${word.stitch}` };
    case "bobble":
      return stitchInto("bobble", 1, "next", loops);
    default:
      return stitchInto(word.stitch, 1, "next", loops);
  }
}

/** Hardly more stitches go into one, where only a number says so. */
export const MOST_LEGS = 3;

/** "2 sc" as two into one stitch, where it may mean that: plain stitches of a number of their own. */
export function countAsLegs(node: Node | undefined): Operation | undefined {
  if (node?.kind !== "work" || node.times.kind !== "number" || !node.times.at) return undefined;
  const { op, times } = node;
  const plain = op.uses === 1 && op.offers === 1 && op.into === "next" && op.stitch !== "ch";
  return plain && times.n >= 2 && times.n <= MOST_LEGS
    ? stitchInto(op.stitch, times.n, "next", op.loops)
    : undefined;
}
