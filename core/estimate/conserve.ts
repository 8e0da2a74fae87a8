import { tallySize } from "../notation";
import type { PartEstimate, PieceEstimate } from "./piece";
import type { Reason } from "./value";

/** Something that an estimate has lost or counted twice, in words for whoever mends it. */
export type Leak = string;

/**
 * What must hold for every estimate: each yarn end is there twice a stretch and has its tail, every part is
 * held in one way, stitches of the arithmetic are the stitches of the text, and the lines of every reason add
 * up to its figure. Empty when sound.
 */
export function leaksOf(piece: PieceEstimate): readonly Leak[] {
  return [
    ...piece.parts.flatMap((p) => [
      ...ends(p),
      ...held(p),
      ...stitches(p),
      ...sums(p.seconds.reason, p.part.name),
    ]),
    ...piece.yarn.flatMap((y) => [...sums(y.metres.reason, y.slot), ...sums(y.grams.reason, y.slot)]),
    ...sums(piece.seconds.reason, "the piece"),
    ...sums(piece.filling.reason, "filling"),
  ];
}

const stitchLines = (p: PartEstimate): readonly Reason[] =>
  p.yarn.flatMap((y) =>
    (y.metres.reason.parts ?? []).filter((r) => r.label === "stitches").flatMap((r) => r.parts ?? []),
  );

function ends({ part, fabric, yarn }: PartEstimate): Leak[] {
  const tails = yarn
    .flatMap((y) =>
      (y.metres.reason.parts ?? []).filter((r) => r.label === "tails").flatMap((r) => r.parts ?? []),
    )
    .filter((t) => /tail|end /.test(t.label)).length;
  const want = 2 * Math.max(1, fabric.stretches.length);
  return [
    ...(fabric.ends === want
      ? []
      : [`${part.name}: ${fabric.ends} ends for ${fabric.stretches.length} stretches of yarn`]),
    ...(yarn.length === 0 || tails === want ? [] : [`${part.name}: ${tails} tails for ${want} ends`]),
  ];
}

function held({ part, held: how, work }: PartEstimate): Leak[] {
  const timed = (work.sewing ?? 0) > 0;
  return timed === (how === "sewn")
    ? []
    : [`${part.name}: ${how}, but ${timed ? "" : "not "}timed as sewn on`];
}

function stitches(p: PartEstimate): Leak[] {
  const said = stitchLines(p)
    .filter((r) => /^\d+ /.test(r.label) && !/^\d+ ch\b/.test(r.label))
    .reduce((n, r) => n + Number.parseInt(r.label, 10), 0);
  const made = tallySize(p.part.made);
  return said === made ? [] : [`${p.part.name}: ${said} stitches in the arithmetic, ${made} in the text`];
}

/** Lines in the unit of their sum add up to it, all the way down. */
function sums(reason: Reason, of: string): Leak[] {
  const parts = (reason.parts ?? []).filter((r) => r.measure === reason.measure);
  // "Wing × 2": what one takes, so often.
  const times = Number(/ × (\d+)$/.exec(reason.label)?.[1] ?? 1);
  const sum = times * parts.reduce((s, r) => s + r.value, 0);
  const off = parts.length > 0 && Math.abs(sum - reason.value) > 1e-6 * Math.max(1, Math.abs(reason.value));
  return [
    ...(off ? [`${of}, ${reason.label}: lines come to ${sum}, the figure is ${reason.value}`] : []),
    ...parts.flatMap((r) => sums(r, `${of} › ${reason.label}`)),
  ];
}
