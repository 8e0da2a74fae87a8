import type { FabricPart } from "../fabric";
import type { CheckedPart, CheckedRound, StitchName } from "../notation";
import { CLOSING_FACTOR, CLOSING_ROUND, EVENT_SECONDS, EVENT_SIGMA, PACE, PACE_SIGMA, THREE_TOGETHER_PACE, TINY_FACTOR, TINY_ROUND, TWO_TOGETHER_PACE } from "./constants";
import { DEFAULT_SEAM } from "./yarn";
import { estimateWithin, type Estimate, type Reason } from "./value";

/** Seconds of one round's stitches, with the handling that its size brings. */
function roundSeconds(round: CheckedRound, closing: boolean): number {
  let seconds = 0;
  for (const { made, two, three } of round.bySlot) {
    for (const [name, n] of Object.entries(made) as [StitchName, number][]) seconds += PACE[name] * (name === "sc" ? n - two - three : n);
    const factor = closing ? CLOSING_FACTOR : 1;
    seconds += two * TWO_TOGETHER_PACE * factor + three * THREE_TOGETHER_PACE * factor;
  }
  return seconds;
}

const isTiny = (r: CheckedRound) => r.count !== undefined && r.count <= TINY_ROUND && r.decreases === 0;

/** Time of one part, apart from what is done once per piece. `sewn`: it is sewn onto another part. */
export function timeOfPart(part: CheckedPart, fabric: FabricPart, fillingGrams: number, sewn: boolean): Estimate {
  const groups = { tiny: { seconds: 0, rounds: 0 }, plain: { seconds: 0, rounds: 0 }, closing: { seconds: 0, rounds: 0 } };
  let joins = 0;
  const filled = fabric.form === "filled";
  let pastMiddle = false;
  for (const round of part.rounds) {
    if (round.joined) joins++;
    if (round.decreases > 0) pastMiddle = true;
    const closing = filled && pastMiddle && round.decreases > 0 && (round.available ?? 99) <= CLOSING_ROUND;
    const kind = closing ? "closing" : isTiny(round) ? "tiny" : "plain";
    groups[kind].seconds += roundSeconds(round, closing) * (kind === "tiny" ? TINY_FACTOR : 1);
    groups[kind].rounds++;
  }
  const stitches: Reason[] = [];
  const add = (list: Reason[], label: string, value: number, how?: string) => {
    if (value > 0) list.push({ label, measure: "seconds", value, ...(how ? { how } : {}) });
  };
  add(stitches, "plain rounds", groups.plain.seconds, `${groups.plain.rounds} rounds at ${PACE.sc} s a sc`);
  add(stitches, "tiny rounds", groups.tiny.seconds, `${groups.tiny.rounds} rounds of up to ${TINY_ROUND} at 5 s a sc`);
  add(stitches, "closing over filling", groups.closing.seconds, `${groups.closing.rounds} rounds at 8 s a dec`);
  const events: Reason[] = [];
  const E = EVENT_SECONDS;
  const says = (kind: string) => part.events.filter((e) => e.event.kind === kind).length;
  add(events, "start", E.start);
  add(events, "marking and counting rounds", part.rounds.length * E.roundMark, `${part.rounds.length} × ${E.roundMark} s`);
  add(events, "joining rounds", joins * E.joinRound, `${joins} × ${E.joinRound} s`);
  add(events, "colour changes", fabric.colourChanges * E.colourChange, `${fabric.colourChanges} × ${E.colourChange} s`);
  for (const { event } of part.events) {
    if (event.kind === "eyes") add(events, event.what === "nose" ? "nose" : "eyes", event.count * (event.what === "nose" ? E.nose : E.eye), `${event.count} × ${E.eye} s`);
  }
  add(events, "embroidery", says("embroider") * E.embroider);
  for (const { event } of part.events) {
    if (event.kind === "cut-yarn") add(events, "cut yarn knotted in", event.pieces * E.cutPiece, `${event.pieces} × ${E.cutPiece} s`);
    if (event.kind === "pompom") add(events, "pompom", E.pompom);
    if (event.kind === "wrap") add(events, "wrapping", E.end + (event.turns ?? 4) * 3, `${E.end} s + ${event.turns ?? 4} turns × 3 s`);
  }
  if (filled) add(events, "filling", E.fillBase + fillingGrams * E.fillPerGram, `${E.fillBase} s + ${E.fillPerGram} s a gram`);
  if (fabric.shape && !fabric.openEnd) add(events, "closing the hole, knot, bury", E.close);
  if (sewn) {
    const edge = fabric.edge || DEFAULT_SEAM;
    add(events, "sewing on", E.sewBase + edge * E.sewPerStitch, `${E.sewBase} s + ${edge} stitches × ${E.sewPerStitch} s`);
  }
  // The closing end is dealt with in closing or sewing; the ring tail is worked over.
  const loose = Math.max(0, fabric.ends - 2) + (fabric.shape && !fabric.openEnd ? 0 : 1);
  add(events, "ends worked in", loose * E.end, `${loose} × ${E.end} s`);
  const crochet = stitches.reduce((s, r) => s + r.value, 0);
  const rest = events.reduce((s, r) => s + r.value, 0);
  const deviation = Math.hypot(crochet * PACE_SIGMA, rest * EVENT_SIGMA);
  return estimateWithin(crochet + rest, deviation, {
    label: part.name, measure: "seconds", value: crochet + rest, from: "trade average pace",
    parts: [
      { label: "crochet", measure: "seconds", value: crochet, parts: stitches, from: "trade average pace" },
      { label: "finishing", measure: "seconds", value: rest, parts: events, from: "trade average pace" },
    ],
  });
}

/** Once per piece: hanger or ring, inspection, tag and packing. */
export function timeOfPiece(hasHanger: boolean): Estimate {
  const E = EVENT_SECONDS;
  const parts: Reason[] = [
    ...(hasHanger ? [{ label: "hanger or ring", measure: "seconds" as const, value: E.hanger }] : []),
    { label: "inspection", measure: "seconds", value: E.inspect },
    { label: "tag and pack", measure: "seconds", value: E.pack },
  ];
  const value = parts.reduce((s, r) => s + r.value, 0);
  return estimateWithin(value, value * EVENT_SIGMA, { label: "once per piece", measure: "seconds", value, parts, from: "trade average pace" });
}
