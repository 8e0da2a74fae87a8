import { describe, expect, it } from "vitest";
import { sequence, type Task } from "@core/planning/sequence";
import { stretchesOf } from "./tasks";

const task = (
  piece: string,
  part: string,
  stage: string,
  colour: string | undefined,
  after: string[] = [],
): Task => ({
  id: `${piece} ${part} ${stage}`,
  piece,
  part,
  stage,
  colour,
  hookMm: colour === undefined ? undefined : 3,
  seconds: 100,
  after,
});
const piece = (n: number): Task[] => [
  task(`p${n}`, "Body", "crochet", "slate"),
  task(`p${n}`, "Wing", "crochet", "red"),
  task(`p${n}`, "Puffin", "sewing", undefined, [`p${n} Body crochet`, `p${n} Wing crochet`]),
];
const tasks = [1, 2, 3].flatMap(piece);
const SETUP = { colour: 60, hook: 45, stage: 90 };

describe("an order as stretches", () => {
  it("puts like tasks together, begins each where the one before ends, and counts what is whole", () => {
    const order = sequence(tasks, SETUP, "part").order;
    const got = stretchesOf(order, tasks);
    expect(got.map((s) => [s.part, s.tasks, s.from, s.whole])).toEqual([
      ["Body", 3, 0, 0],
      ["Wing", 3, 300, 0],
      ["Puffin", 3, 600, 3],
    ]);
    expect(got.map((s) => s.setUps)).toEqual([[], ["colour"], ["stage"]]);
  });

  it("holds the same work in every school", () => {
    for (const school of ["piece", "part", "colour", "best"] as const) {
      const got = stretchesOf(sequence(tasks, SETUP, school).order, tasks);
      expect(got.reduce((s, x) => s + x.tasks, 0)).toBe(tasks.length);
      expect(got.reduce((s, x) => s + x.seconds, 0)).toBe(900);
      expect(got.at(-1)?.whole).toBe(3);
    }
  });
});
