import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { diffText, type DiffRow, type Side } from "./text-diff";

const textOf = (s: Side | undefined): string => s?.pieces.map((p) => p.text).join("") ?? "";
const sides = (rows: readonly DiffRow[], side: "before" | "after"): string[] =>
  rows.flatMap((r) => (r.kind !== "skipped" && r[side] ? [textOf(r[side])] : []));

describe("two texts side by side", () => {
  it("marks the words that changed in a line, and numbers the lines of both", () => {
    const rows = diffText("Ball\nRnd 1: 6 sc (6)", "Ball\nRnd 1: 7 sc (7)");
    expect(rows.map((r) => r.kind)).toEqual(["alike", "changed"]);
    const changed = rows[1];
    if (changed?.kind !== "changed") throw new Error("the second line is changed");
    expect(changed.before?.pieces.filter((p) => p.own).map((p) => p.text)).toEqual(["6", "6"]);
    expect(changed.after?.pieces.filter((p) => p.own).map((p) => p.text)).toEqual(["7", "7"]);
    expect([changed.before?.line, changed.after?.line]).toEqual([2, 2]);
  });
  it("a line that came in has no other side, and those behind it keep theirs", () => {
    const rows = diffText("a\nb\nc", "a\nnew\nb\nc");
    expect(rows.map((r) => r.kind)).toEqual(["alike", "new", "alike", "alike"]);
    expect(sides(rows, "after")).toEqual(["a", "new", "b", "c"]);
  });
  it("lines far from any change are counted", () => {
    const many = Array.from({ length: 20 }, (_, i) => `line ${i}`);
    const rows = diffText(many.join("\n"), [...many.slice(0, 19), "other"].join("\n"));
    expect(rows[0]).toEqual({ kind: "skipped", lines: 17 });
    expect(rows.slice(1).map((r) => r.kind)).toEqual(["alike", "alike", "changed"]);
  });
  it("two texts with nothing in common are shown as far as anybody looks", () => {
    const texts = ["a", "b"].map((x) => Array.from({ length: 9000 }, (_, i) => `${x} ${i}`).join("\n"));
    const rows = diffText(texts[0] ?? "", texts[1] ?? "");
    expect(rows).toHaveLength(1501);
    expect(rows.at(-1)).toEqual({ kind: "skipped", lines: 7500, cut: true });
    const own = (r: DiffRow | undefined) => (r?.kind === "changed" ? r.before?.pieces.map((p) => p.own) : []);
    // The first by their words, those behind so many whole.
    expect([own(rows[0]), own(rows[1000])]).toEqual([[true, false], [true]]);
  });
  it("is both texts, whatever they are", () => {
    const lines = fc.array(fc.constantFrom("a", "b", "c d", "", "Rnd 1: 6 sc"), { maxLength: 12 });
    fc.assert(
      fc.property(lines, lines, (a, b) => {
        const rows = diffText(a.join("\n"), b.join("\n"));
        const skipped = rows.reduce((n, r) => n + (r.kind === "skipped" ? r.lines : 0), 0);
        expect(sides(rows, "before").length + skipped).toBe(Math.max(1, a.length));
        expect(sides(rows, "after").length + skipped).toBe(Math.max(1, b.length));
        if (skipped === 0) expect(sides(rows, "after").join("\n")).toBe(b.join("\n"));
      }),
      { seed: 3, numRuns: 300 },
    );
  });
});
