import type { Cursor } from "../cursor";
import { isRoundWord } from "../labels";
import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";
import { readTimes, type SaidTimes } from "./times";

const REPEAT = words("rep repeat reps repeats repeating rpt repeated");
const WHAT = words(
  "from between to the this these that asterisk asterisks star stars sequence section pattern brackets bracketed parentheses beginning beg instructions within inside of s all in same",
);
const END = words(", . ; ( [ = ) ] * { - -- | < / ~");

/** "from * to *", "the brackets", "this": what is repeated. Says whether something marked is meant. */
function skipReference(c: Cursor): boolean {
  let referred = false;
  for (;;) {
    if (c.take("*", "**")) referred = true;
    else if (
      WHAT.has(c.text()) &&
      !(c.is("to", "all", "the") && /^(end|last|way|the|around|round)$/.test(c.text(1)))
    ) {
      if (c.is("all", "the") && c.kind(1) !== "word" && c.kind(1) !== "mark") return referred;
      if (c.is("asterisk", "star", "from", "between")) referred = true;
      c.at++;
    } else return referred;
  }
}

/** "rep 6": a number alone, when nothing that it could count follows it. */
function bareNumber(c: Cursor): SaidTimes | undefined {
  return c.attempt(() => {
    const token = c.peek();
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !token || !Number.isInteger(n)) return undefined;
    return c.done || END.has(c.text())
      ? { times: { kind: "number", n, at: { from: token.from, to: token.to } }, more: false }
      : undefined;
  });
}

/** "rep from * 5 more times", "repeat around", "do this 5 times", "keep going". */
export const repeat: Phrase = {
  name: "repeat",
  starts: new Set([...REPEAT, ..."do work keep carry continue and so - -- until".split(" ")]),
  read(c) {
    while (c.take("-", "--"));
    if (c.is("and") && c.text(1) === "so" && c.text(2) === "on") {
      c.at += 3;
      const said = readTimes(c);
      return [
        {
          to: c.at,
          cost: COST.repeat,
          piece: {
            kind: "repeat",
            times: said?.times ?? { kind: "around" },
            more: false,
            referred: false,
            ahead: false,
          },
        },
      ];
    }
    if (c.is("keep", "carry", "continue") && /^(going|on|repeating|like|in|this|doing)$/.test(c.text(1))) {
      c.at += 2;
      while (
        c.is(
          "like",
          "in",
          "this",
          "that",
          "the",
          "same",
          "way",
          "pattern",
          "so",
          "on",
          "doing",
          "manner",
          "going",
        )
      )
        c.at++;
      const said = readTimes(c);
      if (!said && !(c.done || END.has(c.text()))) return NONE;
      return [
        {
          to: c.at,
          cost: COST.repeat,
          piece: {
            kind: "repeat",
            times: said?.times ?? { kind: "around" },
            more: false,
            referred: false,
            ahead: false,
          },
        },
      ];
    }
    const deed = c.is("do", "work") && /^(this|these|that|it)$/.test(c.text(1));
    if (!deed && !REPEAT.has(c.text())) return NONE;
    c.at++;
    c.take(".");
    const referred = skipReference(c);
    // "repeat round 5" is settled where the lines are.
    if (isRoundWord(c.text()) && (c.kind(1) === "number" || c.kind(1) === "ordinal")) return NONE;
    c.take(".", ",");
    const said = readTimes(c) ?? bareNumber(c);
    if (!said && !(referred || c.done || END.has(c.text()))) return NONE;
    if (!said && deed) return NONE;
    const ahead = said?.times.kind === "number" && c.take(":");
    return [
      {
        to: c.at,
        cost: COST.repeat + (said ? 0 : 0.4),
        piece: { kind: "repeat", times: said?.times, more: said?.more ?? false, referred, ahead },
      },
    ];
  },
  examples: [
    ["rep from * 5 more times", "repeat ×5 more, from *"],
    ["repeat around", "repeat ×around"],
    ["repeat 6", "repeat ×6"],
    ["rep. 6x", "repeat ×6"],
    ["Do this 5 times", "repeat ×5"],
    ["repeat from * to * 6 times in total", "repeat ×6, from *"],
    ["- repeat all the way round", "repeat ×around"],
    ["repeat to the end", "repeat ×around"],
    ["keep going", "repeat ×around"],
  ],
};
