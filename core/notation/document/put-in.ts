import type { Token } from "../tokens";

/** A word, sign or number that the text does not have, put in at a place of it. */
export const putIn = (at: number, text: string, value = NaN): Token => {
  const kind = Number.isNaN(value) ? (/^\W/.test(text) ? "mark" : "word") : "number";
  return { from: at, to: at, kind, text, value };
};
