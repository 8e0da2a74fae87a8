import type { Firmness } from "../fabric";
import type { StitchName } from "../notation";

/** Yarn of one stitch relative to one single crochet (from memory, craft §3). dtr, picot: from memory. */
export const YARN_RATIO: Readonly<Record<StitchName, number>> = {
  ch: 0.45,
  slst: 0.6,
  sc: 1,
  hdc: 1.35,
  dc: 1.75,
  tr: 2.3,
  dtr: 2.9,
  rsc: 1.15,
  bobble: 3,
  picot: 1.6,
};
/** Two stitches drawn together, and three or more (from memory, craft §3). */
export const TWO_TOGETHER_RATIO = 1.35;
export const THREE_TOGETHER_RATIO = 1.7;

/** Yarn in one single crochet over its width (docs/models.md). */
export const YARN_PER_WIDTH = 5.7;
/** A measured sample of unravelled stitches leaves this much between pieces (from memory). */
export const SAMPLE_SIGMA = 0.04;

/** Tails in mm, the middle of the ranges of craft §3 (common practice, no source). */
export const TAIL_MM = {
  start: 125,
  close: 175,
  joinColour: 100,
  sewBase: 100,
  sewPerEdgeMm: 3,
  leastSew: 175,
} as const;

/** Packing density of polyester fibre, g/cm³ (from memory, craft §4). */
export const DENSITY: Readonly<Record<Firmness, number>> = { light: 0.02, medium: 0.03, firm: 0.05 };
/**
 * Where her packing is known, the size of her stitches is in it: a yarn's width differs from that by so much
 * (from memory).
 */
export const WIDTH_LEFT = 0.02;

/**
 * Seconds per stitch in the plain rounds: the middle of demonstration pace (craft §6). Others than sc by
 * their yarn, from memory.
 */
export const PACE: Readonly<Record<StitchName, number>> = {
  ch: 1.2,
  slst: 2,
  sc: 3,
  hdc: 3.6,
  dc: 4.6,
  tr: 6,
  dtr: 7.5,
  rsc: 4,
  bobble: 14,
  picot: 6,
};
export const TWO_TOGETHER_PACE = 4.5;
export const THREE_TOGETHER_PACE = 7;
/**
 * Handling (craft §6): the tiny first rounds of five and six take 4.5–5.5 s a stitch, closing over filling
 * 5–11 s a decrease.
 */
export const TINY_RING = 6;
export const TINY_PACE = 5;
/** Each stitch more than six makes it so much quicker, s a sc: 3.8 s at nine. */
export const TINY_SLOPE = 0.4;
export const CLOSING_ROUND = 18;
export const CLOSING_FACTOR = 8 / 4.5;

/** Seconds per event. Ranges are craft §6 where it has them; the rest from memory. */
export const EVENT_SECONDS = {
  start: 25,
  roundMark: 4,
  /** Finding the stitch to join to; the slip stitch and the chain are counted as stitches. */
  joinRound: 2.8,
  colourChange: 12,
  eye: 45,
  sewnEye: 100,
  nose: 45,
  fillBase: 40,
  fillPerGram: 12,
  close: 107,
  /**
   * A small horn 155 s, a small tail 145 s, a cup 105–140 s, a leaf 165 s (craft §6): threading, placing and
   * the knot outweigh the edge.
   */
  sewBase: 105,
  sewPerStitch: 3.2,
  end: 40,
  embroider: 95,
  cutPiece: 25,
  pompom: 420,
  hanger: 50,
  inspect: 40,
  pack: 60,
} as const;
