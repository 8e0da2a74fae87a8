import { fabricPart, type FabricPart, type Firmness } from "../fabric";
import {
  MAIN_SLOT,
  takenIn,
  tallySize,
  type CheckedPart,
  type CheckedPattern,
  type TakenIn,
} from "../notation";
import { DENSITY, WIDTH_LEFT } from "./constants";
import { DENSITY_SIGMA } from "./prior";
import { timeOfPart, timeOfPiece, timeOfWork } from "./time";
import { estimateOf, inWords, sumTogether, timesAlike, withDays, type Estimate } from "./value";
import { addWork, secondsOfWork, type PaceUsed, type Work } from "./work";
import { tensionOf, yarnOfPart, type Held, type SlotYarn, type YarnSpec } from "./yarn";

export interface PieceInput {
  readonly pattern: CheckedPattern;
  /** The yarn that fills a colour slot; it must answer for every slot, "main" included. */
  readonly specOf: (slot: string) => YarnSpec;
  readonly firmness: Firmness;
  /** A ring, chain or loop is put on each piece. */
  readonly hanger: boolean;
  /** Her pace; the trade's when it is left out. */
  readonly pace?: PaceUsed | undefined;
  /** Her packing against the trade's density; left out when nothing was measured. */
  readonly packing?:
    | {
        readonly of: (firmness: Firmness) => { readonly factor: number; readonly sigma: number };
        readonly from: string;
        readonly rests?: string;
      }
    | undefined;
}

export interface PartEstimate {
  readonly part: CheckedPart;
  readonly fabric: FabricPart;
  readonly stitches: number;
  /** Sewn onto the main part, taken in by a round of another, or neither. */
  readonly held: Held;
  readonly yarn: readonly SlotYarn[];
  readonly filling: Estimate;
  readonly seconds: Estimate;
  /** The trade's seconds by kind: what a timing of this part is held against. */
  readonly work: Work;
  /** Relative 90 % range factor of lengths: size is width × (1 ± …). */
  readonly sizeSigma: number;
}

export interface HardwareNeed {
  readonly kind: "eye" | "nose";
  readonly sizeMm: number | undefined;
  readonly count: number;
}

export interface PieceEstimate {
  readonly parts: readonly PartEstimate[];
  /** Per slot, over all parts and their multiples. */
  readonly yarn: readonly SlotYarn[];
  readonly filling: Estimate;
  /** What the packing rests on, in short. */
  readonly packingFrom: string;
  readonly seconds: Estimate;
  /** The trade's seconds by kind for the whole piece. */
  readonly work: Work;
  readonly hardware: readonly HardwareNeed[];
}

/** The part the others are sewn to: the one with the most stitches. */
export function mainPart(parts: readonly CheckedPart[]): CheckedPart | undefined {
  return parts.reduce<CheckedPart | undefined>(
    (best, p) => (best === undefined || tallySize(p.made) > tallySize(best.made) ? p : best),
    undefined,
  );
}

/** Her seconds for one of the trade's, over the whole piece; 1 where there is no work. */
export function paceOf(piece: Pick<PieceEstimate, "work" | "seconds">): number {
  const all = secondsOfWork(piece.work);
  return all > 0 ? piece.seconds.value / all : 1;
}

/** The parts, with what is told under "Assembly" counted to the one that carries the face. */
export function withAssembly(pattern: CheckedPattern): readonly CheckedPart[] {
  const told = pattern.assembly.filter(
    ({ event }) =>
      event.kind === "eyes" ||
      event.kind === "embroider" ||
      event.kind === "cut-yarn" ||
      event.kind === "cord" ||
      event.kind === "pompom" ||
      event.kind === "wrap",
  );
  if (told.length === 0) return pattern.parts;
  const face = pattern.parts.find((p) => /head|face/i.test(p.name)) ?? mainPart(pattern.parts);
  return pattern.parts.map((p) => (p === face ? { ...p, events: [...p.events, ...told] } : p));
}

const TRADE_PACKING = "trade average packing";
const WIDTH_MOST = 0.1;
function fillingOf(fabric: FabricPart, widthSigma: number, packing: PieceInput["packing"]): Estimate {
  const cm3 = fabric.volume / 1000;
  const learned = packing?.of(fabric.firmness);
  const density = DENSITY[fabric.firmness] * (learned?.factor ?? 1);
  const grams = cm3 * density;
  // Volume goes with the cube of the stitch width; where packing was weighed, the width of her stitches was
  // weighed with it.
  const sigma = Math.hypot(
    learned?.sigma ?? DENSITY_SIGMA,
    3 * Math.min(widthSigma, learned ? WIDTH_LEFT : WIDTH_MOST),
  );
  return estimateOf(grams, grams > 0 ? sigma : 0, {
    label: "filling",
    measure: "grams",
    value: grams,
    how: `${inWords("mm3", Math.round(fabric.volume))} × ${Number(density.toFixed(4))} g/cm³ (${fabric.firmness})`,
    from: packing ? withDays(packing.from, packing.rests) : TRADE_PACKING,
    parts:
      fabric.volume > 0
        ? [{ label: "volume of the filled shape", measure: "mm3", value: fabric.volume }]
        : [],
  });
}

function shareOf(parts: readonly PartEstimate[], slot: string): number {
  let stitches = 0;
  let all = 0;
  for (const p of parts)
    for (const y of p.yarn)
      if (y.slot === slot) {
        stitches += y.metres.value * y.stitchShare * p.part.make;
        all += y.metres.value * p.part.make;
      }
  return all > 0 ? stitches / all : 0;
}

/**
 * A part that another takes in (or that takes in the main part) is not sewn on; nor is the main part itself.
 */
export function heldOf(part: CheckedPart, main: CheckedPart | undefined, taken: readonly TakenIn[]): Held {
  if (taken.some((t) => t.part === part)) return "taken-in";
  if (part === main || taken.some((t) => t.into === part && t.part === main)) return "loose";
  return "sewn";
}

/**
 * What one piece takes: every part once, then the sums with "make" multiplied in. Pure; cost is dominated by
 * the filled shapes.
 */
export function estimatePiece(input: PieceInput): PieceEstimate {
  const { pattern, specOf, firmness } = input;
  const whole = withAssembly(pattern);
  const main = mainPart(whole);
  const taken = takenIn(whole);
  const parts = whole.map((part): PartEstimate => {
    const slot =
      part.bySlot.reduce(
        (best, s) => (tallySize(s.made) > tallySize(best?.made ?? {}) ? s : best),
        part.bySlot[0],
      )?.slot ?? MAIN_SLOT;
    const tension = tensionOf(specOf(slot));
    const fabric = fabricPart(part, tension.gauge, firmness);
    const held = heldOf(part, main, taken);
    const filling = fillingOf(fabric, tension.gauge.sigma, input.packing);
    const { estimate, work } = timeOfPart(part, fabric, filling.value, held, input.pace);
    return {
      part,
      fabric,
      held,
      filling,
      stitches: tallySize(part.made),
      yarn: yarnOfPart(part, fabric, held, specOf),
      seconds: estimate,
      work,
      sizeSigma: tension.gauge.sigma,
    };
  });
  const slots = [...new Set(parts.flatMap((p) => p.yarn.map((y) => y.slot)))];
  const perSlot = (slot: string, pick: (y: SlotYarn) => Estimate) =>
    parts.flatMap((p) =>
      p.yarn
        .filter((y) => y.slot === slot)
        .map((y) =>
          timesAlike(
            { ...pick(y), reason: { ...pick(y).reason, label: p.part.name } },
            p.part.make,
            `${p.part.name} × ${p.part.make}`,
          ),
        ),
    );
  const yarn = slots.map((slot) => ({
    slot,
    stitchShare: shareOf(parts, slot),
    from: tensionOf(specOf(slot)).perStitchFrom,
    metres: sumTogether(
      perSlot(slot, (y) => y.metres),
      specOf(slot).label,
      "metres",
    ),
    grams: sumTogether(
      perSlot(slot, (y) => y.grams),
      specOf(slot).label,
      "grams",
    ),
  }));
  const filling = sumTogether(
    parts
      .filter((p) => p.filling.value > 0)
      .map((p) =>
        timesAlike(
          { ...p.filling, reason: { ...p.filling.reason, label: p.part.name } },
          p.part.make,
          `${p.part.name} × ${p.part.make}`,
        ),
      ),
    "filling",
    "grams",
  );
  const once = timeOfPiece(input.hanger, input.pace);
  const work = parts.reduce((sum, p) => addWork(sum, p.work, p.part.make), once.work);
  const together = sumTogether(
    [
      ...parts.map((p) => timesAlike(p.seconds, p.part.make, `${p.part.name} × ${p.part.make}`)),
      once.estimate,
    ],
    "one piece",
    "seconds",
  );
  // Parts share the hand's pace, but not all of their error: the range is that of the work as a whole.
  const seconds = timeOfWork(work, input.pace, together.reason);
  return {
    parts,
    yarn,
    filling,
    packingFrom: input.packing?.from ?? TRADE_PACKING,
    seconds,
    work,
    hardware: hardwareOf(pattern),
  };
}

/** Eyes and noses that the pattern's own lines ask for. */
export function hardwareOf(pattern: CheckedPattern): HardwareNeed[] {
  const needs: HardwareNeed[] = [];
  for (const part of withAssembly(pattern)) {
    for (const { event } of part.events) {
      if (event.kind !== "eyes") continue;
      const same = needs.findIndex((n) => n.kind === event.what && n.sizeMm === event.sizeMm);
      const before = needs[same];
      const count = event.count * part.make;
      if (before) needs[same] = { ...before, count: before.count + count };
      else needs.push({ kind: event.what, sizeMm: event.sizeMm, count });
    }
  }
  return needs;
}
