import type { TextPlace } from "./pieces";

/** Below this a recogniser's word is one to look at. */
const SURE = 0.8;
/**
 * Letters that look like figures, beside figures or alone where a count would stand: "l2", "1O", "S", "|".
 */
const LOOKALIKE = /^(?=.*[0-9])(?=.*[OolISZB|])[0-9OolISZB|]+$|^[l|SZ]$/;

/**
 * The words of a recognised text that a person should look at: those that the recogniser doubts, and those
 * made of letters and figures that look alike, for a count that is wrong by one figure still reads well.
 */
export const unsureOf = (text: string, places: readonly TextPlace[]): TextPlace[] =>
  places.filter((p) => {
    const word = text.slice(p.from, p.to).replace(/^[([{]+|[)\]}.,;:]+$/g, "");
    return p.sure < 1 && (p.sure < SURE || LOOKALIKE.test(word));
  });
