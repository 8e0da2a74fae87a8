import { z } from "zod";
import { sequence, TasksInACircle, UnknownTask, type Sequenced } from "../../core/planning/sequence";
import { json, Misuse, oneFile, print } from "./common";
import { readInput } from "./input";

const name = z.union([z.string(), z.number()], "is a name").transform(String);
const seconds = z.number("is a number of seconds").min(0, "is 0 or more").max(1e9, "is too much");

const INPUT = z.object({
  tasks: z
    .array(
      z.object({
        id: name,
        piece: name,
        part: name.default(""),
        stage: name.default(""),
        colour: name.nullish().transform((c) => c ?? undefined),
        hookMm: z
          .number("is a number of millimetres")
          .positive("is above 0")
          .nullish()
          .transform((h) => h ?? undefined),
        seconds,
        after: z.array(name).max(500, "names at most 500 tasks").default([]),
      }),
    )
    .max(3000, "has at most 3,000 tasks")
    .refine((list) => new Set(list.map((t) => t.id)).size === list.length, "has an id twice"),
  setup: z
    .object({ colour: seconds.default(0), hook: seconds.default(0), stage: seconds.default(0) })
    .prefault({}),
  school: z
    .enum(["piece", "part", "colour", "best"], 'is "piece", "part", "colour" or "best"')
    .default("best"),
});

/** `lapka sequence FILE|- --json`: the order of a run's tasks, with what setting up costs in it. */
export function run(args: string[]): number {
  const { file, asJson } = oneFile("sequence", args);
  const { tasks, setup, school } = readInput(file, INPUT);
  let found: Sequenced;
  try {
    found = sequence(tasks, setup, school);
  } catch (error) {
    if (error instanceof TasksInACircle || error instanceof UnknownTask) throw new Misuse(error.message);
    throw error;
  }
  if (asJson) json(found);
  else {
    const minutes = (s: number) => (s / 60).toFixed(1);
    print(
      `${minutes(found.workSeconds)} min of work, ${minutes(found.setupSeconds)} min of setting up (${found.setups} times; no order has less than ${minutes(found.bound)}).`,
    );
    print(
      `The first piece is ready after ${minutes(found.firstPieceSeconds)} min; at most ${found.mostHalfMade} are half made.`,
    );
    found.order.forEach((id, i) => print(`${String(i + 1).padStart(4)}  ${id}`));
  }
  return 0;
}
