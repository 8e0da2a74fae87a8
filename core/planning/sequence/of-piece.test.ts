import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { mm } from "../../units";
import { estimatePiece } from "../../estimate";
import { checkPattern } from "../../notation";
import { orderOfWork } from "../order";
import { sequence } from "./index";
import { tasksOfPiece } from "./of-piece";

const DEMO = path.resolve("demo/patterns");
const spec = { label: "DK", weight: 3 as const, hook: mm(3), metresPer100g: 230, strands: 1 };

function tasksOf(text: string) {
  const pattern = checkPattern(text, { terms: "us" });
  const piece = estimatePiece({ pattern, specOf: () => spec, firmness: "medium", hanger: true });
  const order = orderOfWork(
    pattern,
    piece.parts.map((p) => p.fabric),
  );
  const slotOf = (slot: string) => ({ colour: slot, hookMm: 3 });
  return { piece, tasks: tasksOfPiece({ label: "it", piece, order, slotOf }, "1") };
}

describe("the tasks of a piece", () => {
  it.each(readdirSync(DEMO))("%s: all its seconds, each task once, and nothing waits for itself", (file) => {
    const { piece, tasks } = tasksOf(readFileSync(path.join(DEMO, file), "utf8"));
    expect(tasks.reduce((s, t) => s + t.seconds, 0)).toBeCloseTo(piece.seconds.value, 3);
    expect(new Set(tasks.map((t) => t.id)).size).toBe(tasks.length);
    for (const school of ["piece", "part", "colour", "best"] as const) {
      const { order } = sequence(tasks, { colour: 60, hook: 45, stage: 90 }, school);
      const at = new Map(order.map((id, i) => [id, i]));
      for (const t of tasks) for (const a of t.after) expect(at.get(a)).toBeLessThan(at.get(t.id) ?? -1);
    }
  });

  it("sews on what was made, and packs last", () => {
    const { tasks } = tasksOf(readFileSync(path.join(DEMO, "puffin.txt"), "utf8"));
    const sewing = tasks.find((t) => t.stage === "sewing");
    expect(sewing?.after.length).toBe(4);
    expect(tasks.at(-1)?.stage).toBe("packing");
    expect(tasks.filter((t) => t.stage === "crochet").every((t) => t.colour !== undefined)).toBe(true);
  });
});
