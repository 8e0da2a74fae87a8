import { beginsColour, readColourChange, readShade } from "../colours";
import { COST } from "./costs";
import { NONE, words, type Phrase, type PieceBody } from "./phrase";
import { stitchAhead } from "./stitches";

/** "change to white in the last stitch": the words behind say when, not what to work. */
function tail(c: Parameters<Phrase["read"]>[0], x: Parameters<Phrase["read"]>[1]): void {
  c.attempt(() => {
    if (!c.is("in", "on", "at", "for", "before", "when", "after", "during", "with")) return undefined;
    if (c.is("for", "with") || stitchAhead(c, x)) return undefined;
    while (!c.done && !c.is(",", ".", ";", ":", "(", "[", ")", "=", "{", "\n")) c.at++;
    return true;
  });
}

/** "change to white", "with grey", "A:", "(pink)": the colour from here on. */
export const colour: Phrase = {
  name: "colour",
  starts: words("any"),
  read(c, x) {
    const word = c.text();
    const framed = word === "(" || word === "[";
    // Of all words few name a colour; her own letters are asked for where there are any.
    const named = framed ? c.colours.size > 0 || beginsColour(c.text(1)) : beginsColour(word);
    if (!named && (c.colours.size === 0 || c.kind() !== "word")) return NONE;
    const from = c.from;
    const piece = (slot: string): PieceBody => ({
      kind: "nodes",
      nodes: [{ kind: "colour", slot, from, to: c.to }],
    });
    // "A:" or "(P)": a letter that stands for a colour.
    if (c.kind() === "word" && /^[a-h]$/.test(c.text()) && c.text(1) === ":") {
      const slot = c.colours.get(c.text()) ?? c.text().toUpperCase();
      c.at += 2;
      return [{ to: c.at, cost: COST.phrase, piece: piece(slot) }];
    }
    const letter = letterOf(c, x);
    if (letter) return [{ to: c.at, cost: COST.phrase, piece: piece(letter) }];
    const change = readColourChange(c);
    if (change !== undefined) {
      tail(c, x);
      return [{ to: c.at, cost: COST.phrase, piece: piece(change) }];
    }
    const bracket = c.take("(", "[");
    const shade = readShade(c);
    if (shade === undefined) return NONE;
    if (bracket) return c.take(")", "]") ? [{ to: c.at, cost: COST.phrase, piece: piece(shade) }] : NONE;
    const ends = c.done || c.is(":", "-", ",", ")", ".", "]", "}", "|");
    // "Yellow MR 6" too.
    if (ends || c.kind() === "number" || c.is("mr", "mc", "magic") || stitchAhead(c, x))
      return [{ to: c.at, cost: COST.phrase, piece: piece(shade) }];
    return NONE;
  },
  examples: [
    ["change to white in the last st", "colour white"],
    ["(pink)", "colour pink"],
    ["A:", "colour A"],
  ],
};

/**
 * A letter or short word the text has given to a colour ("P = pink"), alone, in brackets or in front of
 * stitches.
 */
function letterOf(c: Parameters<Phrase["read"]>[0], x: Parameters<Phrase["read"]>[1]): string | undefined {
  if (c.colours.size === 0) return undefined;
  return c.attempt(() => {
    const bracket = c.take("(", "[");
    if (!bracket) c.take("with", "in", "using", "to");
    c.take("colour", "color", "yarn");
    const slot = c.kind() === "word" ? c.colours.get(c.text()) : undefined;
    if (slot === undefined) return undefined;
    c.at++;
    if (bracket) return c.take(")", "]") ? slot : undefined;
    c.take(":", "-");
    return c.done || c.is(",", ".", ";", "(", "[", ")", "]") || c.kind() === "number" || stitchAhead(c, x)
      ? slot
      : undefined;
  });
}
