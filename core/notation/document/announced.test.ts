import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const ROUNDS = "Rnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: sc around (12)\nFasten off.\n";

/** Lines of talk, the name in them, and how many there are. Written down before any was read. */
const SAID: readonly (readonly [line: string, name: string, make: number])[] = [
  ["So let's start with the body:", "body", 1],
  ["The beak is super easy:", "beak", 1],
  ["Now for the ears:", "ears", 1],
  ["Now for the ears (make 2):", "ears", 2],
  ["Next up: tail", "tail", 1],
  ["On to the head", "head", 1],
  ["Let's make the arms!", "arms", 1],
  ["Time for the legs (make 4)", "legs", 4],
  ["We begin with the head:", "head", 1],
  ["First, the body", "body", 1],
  ["First up is the head:", "head", 1],
  ["Let's do the fins next", "fins", 1],
  ["Finally the hat", "hat", 1],
  ["Last but not least: the scarf", "scarf", 1],
  ["Okay, ears now!", "ears", 1],
  ["Moving on to the wings", "wings", 1],
  ["Here comes the tail", "tail", 1],
  ["And now the feet:", "feet", 1],
  ["For the snout:", "snout", 1],
  ["For the wings (you need 2):", "wings", 2],
  ["How to make the shell", "shell", 1],
  ["Making the claws (x2)", "claws", 2],
  ["To make the body:", "body", 1],
  ["Let's crochet the body", "body", 1],
  ["Begin with the head:", "head", 1],
  ["Start here: the body", "body", 1],
  ["I start with the head:", "head", 1],
  ["Now we make two ears:", "ears", 2],
  ["Then make the ears, two of them:", "ears", 2],
  ["The body is worked from the bottom up:", "body", 1],
  ["The tail comes next:", "tail", 1],
  ["Instructions for the head:", "head", 1],
  ["Body in one piece with the head", "body", 1],
  ["Head and body in one", "head and body", 1],
  ["Head + body in one piece", "head + body", 1],
  ["Head & body, all in one", "head & body", 1],
  ["#3 Tail", "tail", 1],
  ["Make 2 Arm", "arm", 2],
];

/** Talk above a first round that names nothing. */
const TALK = [
  "Start with black.",
  "We work in spirals.",
  "Begin with a magic ring.",
  "Work tightly.",
  "Now let's get going!",
  "Let's begin!",
  "Continue with yarn B.",
  "The first round is the hardest:",
  "Stuff as you go.",
  "It is worked from the bottom up.",
  "Work in continuous rounds, do not join.",
  "Start at the nose.",
  "Start with the muzzle.",
  "For the eyes use green.",
  "We start at the top of the head.",
  "Let's start:",
  "The pattern is written in US terms.",
  "All in one piece from the bottom up.",
  "Make sure your stitches are tight.",
  "The yarn is held double.",
  "This is the biggest part.",
  "Use grey now.",
];

describe("a part that is announced in talk", () => {
  it.each(SAID)("%s", (line, name, make) => {
    for (const text of [
      `${line}\n${ROUNDS}`,
      `Little thing\n\nBase\n${ROUNDS}\nSew it up.\n${line}\n${ROUNDS}`,
    ]) {
      const read = checkPattern(text);
      const part = read.parts.at(-1);
      expect(part?.name.toLowerCase()).toBe(name);
      expect(part?.make).toBe(make);
      expect(part?.rounds.map((r) => r.count)).toEqual([6, 12, 12]);
      expect(read.problems).toEqual([]);
    }
  });
  it.each(TALK)("and none in: %s", (line) => {
    const read = checkPattern(`Little bear\n\nHead\n${ROUNDS}\nEars (make 2)\n${line}\n${ROUNDS}`);
    expect(read.parts.map((p) => [p.name, p.make, p.rounds.length])).toEqual([
      ["Head", 1, 3],
      ["Ears", 2, 3],
    ]);
  });
});
