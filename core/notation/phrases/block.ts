import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";
import { readTimes } from "./times";

/** "arm", "make a ray", "work leg": a block that was given before under its name. */
export const block: Phrase = {
  name: "block",
  starts: words("any"),
  read(c, x) {
    if (x.blocks.size === 0) return NONE;
    const n = c.kind() === "number" ? c.number() : undefined;
    c.take("x");
    c.take("make", "work", "do", "add", "grow");
    c.take("a", "an", "one", "the", "another", "1");
    for (let length = 3; length >= 1; length--) {
      const said = c.tokens
        .slice(c.at, c.at + length)
        .map((t) => t.text)
        .join(" ");
      const nodes = x.blocks.get(said) ?? x.blocks.get(said.replace(/s$/, ""));
      if (!nodes) continue;
      c.at += length;
      const times =
        n !== undefined ? { times: { kind: "number" as const, n } } : c.attempt(() => readTimes(c));
      return [
        {
          to: c.at,
          cost: COST.phrase,
          piece: { kind: "block", words: said, nodes, times: times?.times ?? { kind: "number", n: 1 } },
        },
      ];
    }
    return NONE;
  },
  examples: [],
};
