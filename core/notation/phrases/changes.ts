import { noTarget, readTarget } from "../target";
import { isStitchNoun } from "../vocabulary";
import { COST } from "./costs";
import { NONE, saidAlone, words, type Phrase } from "./phrase";

const FEWER = /^(decrease|decreasing|dec|lose|remove|take)$/;
const SPREAD = /^(evenly|equally)$/;
const CHANGES = /^(add|adding|increase|increasing|inc|decrease|decreasing|dec)$/;

/**
 * "add 6 stitches evenly", "increase by 6 sts evenly around", "take 6 sts off evenly", "evenly increasing 6 sts":
 * how many more or fewer, spread over the round.
 */
export const changes: Phrase = {
  name: "changes",
  starts: words("add increase decrease lose remove take evenly equally"),
  read(c) {
    // "Evenly increasing 6 sts": how they lie, said first.
    const ahead = SPREAD.test(c.text());
    if (ahead) c.at++;
    if (ahead && !CHANGES.test(c.text())) return NONE;
    const fewer = FEWER.test(c.text());
    c.at++;
    c.take("by", "off", "away");
    const at = c.peek();
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !at || !Number.isInteger(n)) return NONE;
    c.take("more");
    if (!isStitchNoun(c.text())) return NONE;
    c.at++;
    c.take("off", "away");
    const target = { ...noTarget(), evenly: ahead };
    readTarget(c, target);
    if (!target.evenly) return NONE;
    const kind = fewer ? ("dec" as const) : ("inc" as const);
    return [
      {
        to: c.at,
        cost: COST.phrase,
        piece: {
          kind: "work",
          said: {
            ...saidAlone({ stitch: "sc", kind, legs: 2 }, target),
            n,
            at: { from: at.from, to: at.to },
          },
        },
      },
    ];
  },
  examples: [["add 6 stitches evenly", "6 inc"]],
};
