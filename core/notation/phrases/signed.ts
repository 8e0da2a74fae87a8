import type { Cursor } from "../cursor";
import type { Token } from "../tokens";
import { noTarget } from "../target";
import { COST } from "./costs";
import { NONE, saidAlone, words, type Phrase } from "./phrase";

const ENDS = /^[.,;([{=]$|^\n$/;

/** "+6 (18)", "-6": a sign right before a number, with nothing behind it but what the round comes to. */
export const signedAt = (tokens: readonly Token[], i: number): boolean => {
  const [sign, n, next] = tokens.slice(i, i + 3);
  return (
    /^[+-]$/.test(sign?.text ?? "") &&
    n?.kind === "number" &&
    n.from === sign?.to &&
    Number.isInteger(n.value) &&
    n.value > 1 &&
    (next === undefined || ENDS.test(next.text))
  );
};

/** "+6", "−6 (12)": so many stitches more or fewer, spread over the round. */
export const signed: Phrase = {
  name: "signed",
  starts: words("+ -"),
  read(c: Cursor) {
    // Only what a round begins with: "5 sc, -6" counts something else.
    if (c.tokens.slice(0, c.at).some((t) => t.kind !== "mark") || !signedAt(c.tokens, c.at)) return NONE;
    const kind = c.is("+") ? ("inc" as const) : ("dec" as const);
    c.at++;
    const at = { from: c.from, to: c.peek()?.to ?? c.from };
    const n = c.number();
    const target = { ...noTarget(), evenly: true };
    return [
      {
        to: c.at,
        cost: COST.phrase,
        piece: { kind: "work", said: { ...saidAlone({ stitch: "sc", kind, legs: 2 }, target), n, at } },
      },
    ];
  },
  examples: [
    ["+6", "6 inc"],
    ["-6", "6 dec"],
  ],
};
