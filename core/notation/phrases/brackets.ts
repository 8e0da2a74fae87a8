import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";

/** Brackets and stars; what they hold is put together by `round/build`. */
export const brackets: Phrase = {
  name: "brackets",
  starts: words("( [ { < ) ] } > * **"),
  read(c) {
    const mark = c.text();
    if (mark === "**") {
      c.at++;
      return [{ to: c.at, cost: COST.phrase, piece: { kind: "separator", mark } }];
    }
    c.at++;
    if (mark === "*") return [{ to: c.at, cost: COST.phrase, piece: { kind: "star" } }];
    const kind = "([{<".includes(mark) ? ("open" as const) : ("close" as const);
    return [{ to: c.at, cost: COST.phrase / 2, piece: { kind, mark } }];
  },
  examples: [
    ["(", "("],
    ["*", "*"],
  ],
};

/** "6 x (": how often, said before the bracket. */
export const soMany: Phrase = {
  name: "so many",
  starts: words("number"),
  read(c) {
    const token = c.peek();
    const n = c.number();
    if (n === undefined || !token || !Number.isInteger(n)) return NONE;
    const sign = c.take("x", "*", "times");
    if (sign && c.is(":")) {
      // "6x: 2 sc, inc": what is said behind it, so often.
      c.at++;
      const times = { kind: "number" as const, n, at: { from: token.from, to: token.to } };
      return [
        {
          to: c.at,
          cost: COST.phrase,
          piece: { kind: "repeat", times, more: false, referred: false, ahead: true },
        },
      ];
    }
    if (!c.is("(", "[", "{", "<")) return NONE;
    const apart = !sign && c.peek()?.from !== token.to;
    // "6 x (6)" is six stitches called x and their total.
    if (c.kind(1) === "number" && /^([)\]}>]|sts?|stitches)$/.test(c.text(2))) return NONE;
    return [
      {
        to: c.at,
        cost: apart ? COST.numberAlone : COST.phrase,
        piece: { kind: "so-many", n, at: { from: token.from, to: token.to } },
      },
    ];
  },
  examples: [],
};
