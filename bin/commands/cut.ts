import { z } from "zod";
import { newBallId, planCutting, type BallState, type CutBall, type CutPiece } from "../../core/planning";
import { json, oneFile, print } from "./common";
import { readInput } from "./input";

const mg = z
  .number("is a number of milligrams")
  .int("is a whole number of milligrams")
  .max(1e9, "is too much");
const name = z.union([z.string(), z.number()], "is a name").transform(String);
const unique = (list: readonly { id: string }[]) => new Set(list.map((x) => x.id)).size === list.length;

const INPUT = z.object({
  newBallMg: mg.positive("is above 0"),
  balls: z
    .array(
      z.object({
        id: name.refine((id) => !/^new-\d+$/.test(id), "is the name of a ball to be bought"),
        mg: mg.min(0, "is 0 or more"),
        lot: name.default(""),
        scrap: z.boolean("is true or false").default(false),
      }),
    )
    .max(5000, "has at most 5,000 balls")
    .refine(unique, "has an id twice")
    .default([]),
  pieces: z
    .array(z.object({ id: name, mg: mg.positive("is above 0"), group: name.optional() }))
    .max(5000, "has at most 5,000 pieces")
    .refine(unique, "has an id twice"),
  lotRule: z.enum(["item", "run", "none"], 'is "item", "run" or "none"').default("item"),
});
type Input = z.infer<typeof INPUT>;

const stateOf = (b: Input["balls"][number], newBallMg: number): BallState =>
  b.scrap ? "scrap" : b.mg < newBallMg ? "opened" : "full";

/** Without a rule for lots each piece is on its own, and all balls are one lot. */
function asked({ lotRule, balls, pieces, newBallMg }: Input): { balls: CutBall[]; pieces: CutPiece[] } {
  const free = lotRule === "none";
  return {
    balls: balls.map((b) => ({ id: b.id, mg: b.mg, lot: free ? "" : b.lot, state: stateOf(b, newBallMg) })),
    pieces: pieces.map((p) => ({
      id: p.id,
      mg: p.mg,
      group: free || p.group === undefined ? `\u0000${p.id}` : p.group,
      label: p.id,
      joinable: false,
    })),
  };
}

/** `lapka cut FILE|- --json`: lengths of one shade into balls, fewest new balls first. */
export function run(args: string[]): number {
  const { file, asJson } = oneFile("cut", args);
  const input = readInput(file, INPUT);
  const plan = planCutting({
    ...asked(input),
    newBallMg: input.newBallMg,
    lotRule: input.lotRule === "run" ? "run" : "item",
    joins: false,
    joinMg: 0,
  });
  const byBall = new Map<string, string[]>();
  const place = new Map(input.pieces.map((p, i) => [p.id, i]));
  const inOrder = [...plan.cuts].sort((a, b) => (place.get(a.piece) ?? 0) - (place.get(b.piece) ?? 0));
  for (const c of inOrder) byBall.set(c.ball, [...(byBall.get(c.ball) ?? []), c.piece]);
  const fresh = Array.from({ length: plan.newBalls }, (_, i) => newBallId(i + 1));
  const result = {
    newBalls: plan.newBalls,
    cuts: [...input.balls.map((b) => b.id), ...fresh].flatMap((ball) => {
      const pieces = byBall.get(ball);
      return pieces ? [{ ball, pieces }] : [];
    }),
    lowerBound: plan.bound.newBalls,
    deadMg: plan.dead,
    tooLong: plan.tooLong,
  };
  if (asJson) json(result);
  else {
    print(
      `${result.newBalls} new balls; no plan needs fewer than ${result.lowerBound} (${plan.bound.because}).`,
    );
    for (const c of result.cuts) print(`  ${c.ball}: ${c.pieces.join(", ")}`);
    if (result.deadMg > 0) print(`${result.deadMg} mg are left that nothing fits into.`);
    if (result.tooLong.length > 0) print(`Longer than any ball: ${result.tooLong.join(", ")}`);
  }
  return result.tooLong.length > 0 ? 1 : 0;
}
