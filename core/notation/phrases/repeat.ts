import type { Cursor } from "../cursor";
import { isRoundWord } from "../labels";
import type { Times } from "../tree";
import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";
import { bareTimes, ends, readTimes, starsBefore } from "./times";

const REPEAT = words("rep repeat reps repeats repeating rpt repeated");
const WHAT = words(
  "from between to the this these that asterisk asterisks star stars sequence section pattern brackets bracketed parentheses beginning beg instructions within inside of s all in same",
);
const MANNER = words("like in this that the same way pattern so on doing manner going");

/** "from * to *", "the brackets", "this": what is repeated. Says whether something marked is meant. */
function skipReference(c: Cursor): boolean {
  let referred = false;
  for (;;) {
    if (c.take("*", "**")) {
      referred = true;
      // "Repeat *-* around".
      if (c.is("-", "--", "\u2026", "to") && c.text(1) === "*") c.at += 2;
    } else if (
      WHAT.has(c.text()) &&
      !(c.is("to", "all", "the") && /^(end|last|way|the|around|round)$/.test(c.text(1)))
    ) {
      if (c.is("all", "the") && c.kind(1) !== "word" && c.kind(1) !== "mark") return referred;
      if (c.is("asterisk", "star", "from", "between")) referred = true;
      c.at++;
    } else return referred;
  }
}

/** "Repeat *sc, inc* to the end": what is repeated stands behind the word, between stars of its own. */
const opensBehind = (c: Cursor): boolean =>
  c.is("*") &&
  !/^(-|--|\u2026|to|until|till|\*)$/.test(c.text(1)) &&
  starsBefore(c, c.at) === 0 &&
  c.tokens.slice(c.at + 2).some((t) => t.text === "*");

/** "and so on", "keep going in this way": all of it, all the way round unless a number is said. */
function goingOn(c: Cursor): boolean {
  if (c.is("and") && c.text(1) === "so" && c.text(2) === "on") return ((c.at += 3), true);
  // "…, inc, continue to the last 3 sts": as far as that.
  if (c.is("continue") && /^(to|until|till|around)$/.test(c.text(1)) && !isRoundWord(c.text(2)))
    return (c.at++, true);
  if (!c.is("keep", "carry", "continue") || !/^(going|on|repeating|like|in|this|doing)$/.test(c.text(1)))
    return false;
  c.at += 2;
  c.takeAll(MANNER);
  return true;
}

/** "rep from * 5 more times", "repeat around", "do this 5 times", "keep going". */
export const repeat: Phrase = {
  name: "repeat",
  starts: new Set([...REPEAT, ..."do work keep carry continue and so - -- until".split(" ")]),
  read(c) {
    while (c.take("-", "--"));
    if (goingOn(c)) {
      const said = readTimes(c);
      if (!said && !ends(c)) return NONE;
      const times: Times = said?.times ?? { kind: "around" };
      return [
        {
          to: c.at,
          cost: COST.repeat,
          piece: { kind: "repeat", times, more: false, referred: false, ahead: false },
        },
      ];
    }
    const often = c.kind(1) === "number" && /^(times|x)$/.test(c.text(2)) && c.text(3) === ":";
    const deed = c.is("do", "work") && (often || /^(this|these|that|it)$/.test(c.text(1)));
    if (!deed && !REPEAT.has(c.text())) return NONE;
    c.at++;
    if (opensBehind(c)) return [{ to: c.at, cost: COST.phrase, piece: { kind: "separator", mark: "" } }];
    c.take(".");
    const referred = skipReference(c);
    // "repeat round 5" is settled where the lines are.
    if (isRoundWord(c.text()) && (c.kind(1) === "number" || c.kind(1) === "ordinal")) return NONE;
    const said = c.attempt(() => {
      c.take(".", ",");
      return readTimes(c) ?? bareTimes(c);
    });
    if (!said && !(referred || ends(c))) return NONE;
    if (!said && deed) return NONE;
    const ahead = said?.times.kind === "number" && c.take(":");
    // "Sc, inc, repeat 18": to the end, and 18 is what it comes to.
    const total = !ahead && said?.times.kind === "number" && c.done && c.kind(-1) === "number";
    if (total)
      return [
        {
          to: c.at,
          cost: COST.repeat,
          piece: { kind: "repeat", times: said.times, more: said.more, referred, ahead },
        },
        {
          to: c.at - 1,
          cost: COST.repeat + 0.3,
          piece: { kind: "repeat", times: { kind: "around" }, more: false, referred, ahead },
        },
      ];
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
