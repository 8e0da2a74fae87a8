import type { FabricPart } from "../fabric";
import type { CheckedPart, CheckedRound, StitchName } from "../notation";
import {
  CLOSING_FACTOR,
  CLOSING_ROUND,
  EVENT_SECONDS,
  PACE,
  THREE_TOGETHER_PACE,
  TINY_PACE,
  TINY_RING,
  TINY_SLOPE,
  TWO_TOGETHER_PACE,
} from "./constants";
import { priorSd } from "./pace-prior";
import { DEFAULT_SEAM, oncePerStitch, type Held } from "./yarn";
import { estimateWithin, withDays, type Estimate, type Reason } from "./value";
import { PACE_KINDS, type PaceKind, type PaceUsed, type Work } from "./work";

/** What a stitch is timed as in an ordinary round. */
const KIND_OF: Readonly<Record<StitchName, "plain" | "tall" | "chains">> = {
  sc: "plain",
  rsc: "plain",
  hdc: "tall",
  dc: "tall",
  tr: "tall",
  dtr: "tall",
  bobble: "tall",
  picot: "tall",
  ch: "chains",
  slst: "chains",
};
type StitchSeconds = Record<"plain" | "tall" | "chains" | "shaping", number>;

const TOGETHER = {
  plain: 1,
  two: TWO_TOGETHER_PACE / PACE.sc,
  three: THREE_TOGETHER_PACE / PACE.sc,
} as const;

/** Seconds of one round's stitches by what they are, each once, with the handling that its size brings. */
function roundSeconds(round: CheckedRound, closing: boolean): StitchSeconds {
  const seconds: StitchSeconds = { plain: 0, tall: 0, chains: 0, shaping: 0 };
  for (const slot of round.bySlot)
    for (const { stitch, kind, n } of oncePerStitch(slot)) {
      const factor = TOGETHER[kind] * (kind !== "plain" && closing ? CLOSING_FACTOR : 1);
      seconds[kind === "plain" ? KIND_OF[stitch] : "shaping"] += n * PACE[stitch] * factor;
    }
  return seconds;
}

/**
 * How much slower the stitches of a round are for its size: 5 s a sc in a ring of six, 3.8 s on a tube of
 * nine, plain pace from eleven on (craft §6; 9-stitch tube: audit of the figures). Flat rows, straps and
 * chains are turned, not cramped.
 */
export function tinyFactor(count: number): number {
  return Math.max(1, (TINY_PACE - TINY_SLOPE * Math.max(0, count - TINY_RING)) / PACE.sc);
}
const crampedBy = (part: CheckedPart, r: CheckedRound): number =>
  part.worked === "rows" || part.worked === "chain" || r.count === undefined || r.decreases > 0
    ? 1
    : tinyFactor(r.count);

/** Where a pace comes from that nobody has timed. */
export const TRADE_PACE = "trade average pace";
const TRADE: PaceUsed = {
  factor: () => 1,
  sd: priorSd,
  from: TRADE_PACE,
};

/** Lines of arithmetic by kind, in trade seconds; the pace is put on them at the end. */
type Lines = Partial<Record<PaceKind, Reason[]>>;

function timed(label: string, lines: Lines, pace: PaceUsed): { estimate: Estimate; work: Work } {
  const work: Partial<Record<PaceKind, number>> = {};
  const group = (name: string, kinds: readonly PaceKind[]): Reason => {
    const parts = kinds.flatMap((kind) => {
      const factor = pace.factor(kind);
      return (lines[kind] ?? []).map((r): Reason => ({
        ...r,
        value: r.value * factor,
        ...(Math.abs(factor - 1) > 0.005
          ? { how: `${r.how ? `(${r.how})` : "trade average"} × ${factor.toFixed(2)}, your pace` }
          : {}),
      }));
    });
    return {
      label: name,
      measure: "seconds",
      value: parts.reduce((s, r) => s + r.value, 0),
      parts,
      from: pace.from,
    };
  };
  for (const kind of PACE_KINDS) {
    const sum = (lines[kind] ?? []).reduce((s, r) => s + r.value, 0);
    if (sum > 0) work[kind] = sum;
  }
  const crochet = group("crochet", ["plain", "tall", "shaping", "chains", "tiny", "closing"]);
  const rest = group("finishing", [
    "rounds",
    "face",
    "filling",
    "sewing",
    "ends",
    "hanger",
    "inspection",
    "packing",
  ]);
  const value = crochet.value + rest.value;
  return {
    work,
    estimate: estimateWithin(value, pace.sd(work), {
      label,
      measure: "seconds",
      value,
      from: withDays(pace.from, pace.rests),
      parts: [crochet, rest].filter((r) => r.value > 0),
    }),
  };
}

/** Time of one part, apart from what is done once per piece. `held`: how it is held by another part. */
export function timeOfPart(
  part: CheckedPart,
  fabric: FabricPart,
  fillingGrams: number,
  held: Held,
  pace: PaceUsed = TRADE,
): { estimate: Estimate; work: Work } {
  const ordinary: StitchSeconds = { plain: 0, tall: 0, chains: 0, shaping: 0 };
  const cramped = { tiny: { seconds: 0, rounds: 0 }, closing: { seconds: 0, rounds: 0 } };
  let joins = 0;
  const filled = fabric.form === "filled";
  let pastMiddle = false;
  for (const round of part.rounds) {
    if (round.joined) joins++;
    if (round.decreases > 0) pastMiddle = true;
    const closing = filled && pastMiddle && round.decreases > 0 && (round.available ?? 99) <= CLOSING_ROUND;
    const seconds = roundSeconds(round, closing);
    const all = seconds.plain + seconds.tall + seconds.chains + seconds.shaping;
    const tiny = crampedBy(part, round);
    if (closing || tiny > 1) {
      const kind = cramped[closing ? "closing" : "tiny"];
      kind.seconds += closing ? all : all * tiny;
      kind.rounds++;
    } else for (const k of ["plain", "tall", "chains", "shaping"] as const) ordinary[k] += seconds[k];
  }
  const lines: Lines = {};
  const add = (kind: PaceKind, label: string, value: number, how?: string) => {
    if (value > 0) (lines[kind] ??= []).push({ label, measure: "seconds", value, ...(how ? { how } : {}) });
  };
  add("plain", "single crochet", ordinary.plain, `${PACE.sc} s a sc`);
  add("tall", "taller stitches", ordinary.tall, `${PACE.hdc} s a hdc, ${PACE.dc} s a dc`);
  add("shaping", "decreases", ordinary.shaping, `${TWO_TOGETHER_PACE} s a dec`);
  add("chains", "chains and slip stitches", ordinary.chains, `${PACE.ch} s a ch, ${PACE.slst} s a sl st`);
  add(
    "tiny",
    "tiny rounds",
    cramped.tiny.seconds,
    `${cramped.tiny.rounds} rounds of few stitches at up to ${TINY_PACE} s a sc`,
  );
  add(
    "closing",
    "closing over filling",
    cramped.closing.seconds,
    `${cramped.closing.rounds} rounds at 8 s a dec`,
  );
  const E = EVENT_SECONDS;
  add("rounds", "start", E.start);
  add(
    "rounds",
    "marking and counting rounds",
    part.rounds.length * E.roundMark,
    `${part.rounds.length} × ${E.roundMark} s`,
  );
  add("rounds", "joining rounds", joins * E.joinRound, `${joins} × ${E.joinRound} s`);
  add(
    "rounds",
    "colour changes",
    fabric.colourChanges * E.colourChange,
    `${fabric.colourChanges} × ${E.colourChange} s`,
  );
  for (const { event } of part.events) {
    if (event.kind === "eyes")
      add(
        "face",
        event.what === "nose" ? "nose" : "eyes",
        event.count * (event.what === "nose" ? E.nose : E.eye),
        `${event.count} × ${E.eye} s`,
      );
  }
  const bars = part.events.reduce((n, { event }) => n + (event.kind === "embroider" ? event.count : 0), 0);
  add("face", "embroidery", bars * E.embroider, `${bars} × ${E.embroider} s`);
  for (const { event } of part.events) {
    if (event.kind === "cut-yarn")
      add("ends", "cut yarn knotted in", event.pieces * E.cutPiece, `${event.pieces} × ${E.cutPiece} s`);
    if (event.kind === "cord") {
      const chains = event.count * event.chains;
      add("chains", "chain of a cord", chains * PACE.ch, `${chains} × ${PACE.ch} s`);
      add("ends", "cord put on", event.count * 2 * E.end, `${event.count * 2} ends × ${E.end} s`);
    }
    if (event.kind === "pompom") add("ends", "pompom", E.pompom);
    if (event.kind === "wrap")
      add("ends", "wrapping", E.end + (event.turns ?? 4) * 3, `${E.end} s + ${event.turns ?? 4} turns × 3 s`);
  }
  if (filled)
    add(
      "filling",
      "filling",
      E.fillBase + fillingGrams * E.fillPerGram,
      `${E.fillBase} s + ${E.fillPerGram} s a gram`,
    );
  if (fabric.shape && !fabric.openEnd) add("filling", "closing the hole, knot, bury", E.close);
  if (held === "sewn") {
    const edge = fabric.edge || DEFAULT_SEAM;
    add(
      "sewing",
      "sewing on",
      E.sewBase + edge * E.sewPerStitch,
      `${E.sewBase} s + ${edge} stitches × ${E.sewPerStitch} s`,
    );
  }
  // The closing end is dealt with in closing, in sewing or in the join; the ring tail is worked over.
  const dealt =
    (fabric.shape && !fabric.openEnd) || held === "taken-in" || (held === "sewn" && fabric.openEnd);
  const loose = Math.max(0, fabric.ends - 2) + (dealt ? 0 : 1);
  add("ends", "ends worked in", loose * E.end, `${loose} × ${E.end} s`);
  return timed(part.name, lines, pace);
}

/** Once per piece: hanger or ring, inspection, tag and packing. */
export function timeOfPiece(hasHanger: boolean, pace: PaceUsed = TRADE): { estimate: Estimate; work: Work } {
  const E = EVENT_SECONDS;
  return timed(
    "once per piece",
    {
      ...(hasHanger ? { hanger: [{ label: "hanger or ring", measure: "seconds", value: E.hanger }] } : {}),
      inspection: [{ label: "inspection", measure: "seconds", value: E.inspect }],
      packing: [{ label: "tag and pack", measure: "seconds", value: E.pack }],
    },
    pace,
  );
}

/** Seconds of work at a pace, with the range that the pace leaves. */
export function timeOfWork(work: Work, pace: PaceUsed | undefined, reason: Reason): Estimate {
  return estimateWithin(reason.value, (pace ?? TRADE).sd(work), reason);
}
