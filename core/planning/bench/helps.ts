import type { Help } from "./steps";

/**
 * Words for what helps at the table (craft §12; common practice, no source). `final`: there is no way back.
 */
export const HELPS: Readonly<Record<Help, { readonly text: string; readonly final?: true }>> = {
  "small-ring": { text: "The first stitches in a small ring are tight: do not draw it quite shut yet." },
  "work-over-tail": { text: "Work over the tail of the ring: it saves an end." },
  "next-colour": { text: "The last pull of this round is already the next colour. Keep the parked loop." },
  "filling-next": { text: "Filling comes next: pull the live loop long and take the hook out." },
  "eyes-level": { text: "Look from the front and hold it beside the sample: level, and as far apart." },
  "washer-final": { text: "A washer does not come off again: look once more before you press.", final: true },
  "inside-first": { text: "Ends and knots inside first. Fluff the filling; level with the edge." },
  "last-chance": { text: "Last chance before it closes: is it filled as it should be?", final: true },
  "front-loops": { text: "A finger on the filling; decreases through the front loops lie flatter." },
  "not-at-knot": {
    text: "Through the front loops, draw, through the centre, knot, bury. Do not cut right at the knot.",
    final: true,
  },
  "pin-first": { text: "Pin it, look from the front, then sew through one loop of each edge." },
  "three-ways": { text: "Each end in three directions, never back along the same path." },
  "pull-test": { text: "Pull on eyes, ring and every sewn part. Does it stand, or hang straight?" },
  "hanger-last": { text: "The hanger goes on last; the chain must not be twisted." },
};
