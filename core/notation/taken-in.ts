import type { CheckedPart } from "./count/checked";
import { operationsOf, partNamed } from "./surroundings";

export interface TakenIn {
  readonly part: CheckedPart;
  readonly into: CheckedPart;
  /** Index of the round that takes it in. */
  readonly round: number;
  readonly why: string;
}

/**
 * Parts that rounds of other parts take in: legs under a bridge, ears caught in a round, a back joined by the
 * front.
 */
export function takenIn(parts: readonly CheckedPart[]): TakenIn[] {
  const found: TakenIn[] = [];
  parts.forEach((into) => {
    into.rounds.forEach((round, i) => {
      for (const { op } of operationsOf(round.nodes)) {
        const words = [...(op.part ? [op.part] : []), ...(op.caught ?? [])];
        for (const w of words) {
          const part = partNamed(w, parts);
          if (
            !part ||
            part === into ||
            found.some((f) => f.part === part && f.into === into) ||
            found.some((f) => f.part === into && f.into === part)
          )
            continue;
          found.push({
            part,
            into,
            round: i,
            why: op.layers
              ? "ready before the round that takes it in"
              : "its edge is picked up: fastened off first, the last one kept on the hook",
          });
        }
        if (op.layers && words.length === 0 && parts.length > 1) {
          // "through both pieces": the flat twin made before it.
          const twin = parts
            .slice(0, parts.indexOf(into))
            .findLast((p) => p.rounds.at(-1)?.count === round.available);
          if (twin && !found.some((f) => f.part === twin && f.into === into))
            found.push({
              part: twin,
              into,
              round: i,
              why: "the plain back is fastened off first: the live yarn of the front does the joining",
            });
        }
      }
    });
  });
  return found;
}
