import { spawnSync } from "node:child_process";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { CORPUS } from "../tests/corpus";

const lapka = (args: readonly string[], input = "") => {
  const r = spawnSync(path.resolve("bin/lapka"), [...args], { input, encoding: "utf8" });
  return { code: r.status, out: r.stdout, err: r.stderr };
};
const GOOD = "Head\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\n";

describe("bin/lapka", () => {
  it("checks a sound pattern: exit 0, one JSON object of the published shape", () => {
    const { code, out } = lapka(["check", "-", "--json"], GOOD);
    const json = JSON.parse(out) as Record<string, unknown>;
    expect(code).toBe(0);
    expect(json).toMatchObject({
      ok: true,
      terms: "us",
      parts: [
        {
          name: "Head",
          make: 1,
          worked: "spiral",
          rounds: [
            { line: 2, count: 6, increases: 0 },
            { line: 3, count: 12, made: { sc: 12 }, increases: 6, decreases: 0 },
          ],
          total: { sc: 18, increases: 6, decreases: 0 },
        },
      ],
      problems: [],
    });
  });
  it("exits 1 on a mistake and says where and how to mend it", () => {
    const { code, out } = lapka(["check", "-", "--json"], GOOD.replace("x 6", "x 5"));
    expect(code).toBe(1);
    const json = JSON.parse(out) as { problems: unknown[] };
    expect(json.problems).toHaveLength(1);
    expect(json.problems[0]).toMatchObject({
      severity: "error",
      code: "count-wrong",
      line: 3,
      fix: expect.stringContaining("6") as unknown,
    });
  });
  it.each(CORPUS.filter((_, i) => i % 25 === 7).map((c) => [c.hand, c] as const))(
    "checks as the corpus has it: %s",
    (_hand, c) => {
      const json = JSON.parse(lapka(["check", "-", "--json"], c.text).out) as {
        ok: boolean;
        parts: { name: string; rounds: { count: number }[] }[];
        problems: unknown[];
      };
      expect(json.parts.map((p) => p.rounds.map((r) => r.count))).toEqual(c.parts.map((p) => p.counts));
      expect(json.problems).toHaveLength(c.reports?.length ?? 0);
      expect(json.ok).toBe(true);
    },
  );
  it("estimates, in numbers that fit together", () => {
    const { code, out } = lapka(
      [
        "estimate",
        "-",
        "--weight",
        "3",
        "--hook",
        "3",
        "--metres-per-100g",
        "250",
        "--firmness",
        "medium",
        "--json",
      ],
      GOOD,
    );
    const json = JSON.parse(out) as {
      parts: {
        stitches: number;
        yarn: { metres: { value: number; low: number; high: number }; grams: { value: number } }[];
      }[];
    };
    expect(code).toBe(0);
    const yarn = json.parts[0]?.yarn[0];
    expect(json.parts[0]?.stitches).toBe(18);
    expect(yarn?.metres.low).toBeLessThan(yarn?.metres.value ?? 0);
    expect(yarn?.grams.value).toBeCloseTo((yarn?.metres.value ?? 0) / 2.5, 2);
  });
  it("solves a shape as the reference has it", () => {
    const { out } = lapka([
      "shape",
      "--rounds",
      "6,12,18,24,24,24,24,24,24,18,12,6",
      "--width",
      "5",
      "--height",
      "4.65",
      "--firmness",
      "medium",
      "--json",
    ]);
    const s = JSON.parse(out) as { diameterMm: number; heightMm: number; volumeMm3: number };
    expect(Math.abs(s.diameterMm / 41.26 - 1)).toBeLessThan(0.005);
    expect(Math.abs(s.volumeMm3 / 35612 - 1)).toBeLessThan(0.005);
  });
  it.each([
    [["chek"]],
    [["check"]],
    [["check", "/no/such/file"]],
    [["shape", "--rounds", "a", "--width", "5"]],
    [["estimate", "-", "--weight", "12"]],
    [["check", "-", "--terms", "welsh"]],
    [["check", "-", "--nonsense"]],
  ])("wrong use %j: exit 2, usage on stderr, nothing on stdout", (args) => {
    const r = lapka(args, GOOD);
    expect([r.code, r.out]).toEqual([2, ""]);
    expect(r.err).toContain("lapka check FILE");
  });
});
