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
    expect(Math.abs(s.diameterMm / 40.107 - 1)).toBeLessThan(0.0005);
    expect(Math.abs(s.volumeMm3 / 32456.9 - 1)).toBeLessThan(0.0005);
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

describe("bin/lapka cut", () => {
  const cut = (input: unknown) => {
    const r = lapka(["cut", "-", "--json"], JSON.stringify(input));
    return { ...r, json: r.out ? (JSON.parse(r.out) as Record<string, unknown>) : undefined };
  };
  it("cuts lengths from the balls on hand and from new ones, a group from one lot", () => {
    const { code, json } = cut({
      newBallMg: 20_000,
      balls: [
        { id: "x", mg: 9_000, lot: "a", scrap: false },
        { id: "y", mg: 5_000, lot: "b", scrap: true },
      ],
      pieces: [
        { id: "p1", mg: 5_000, group: "g1" },
        { id: "p2", mg: 5_000, group: "g1" },
        { id: "p3", mg: 4_000, group: "g2" },
        { id: "p4", mg: 4_000, group: "g2" },
      ],
      lotRule: "item",
    });
    expect(code).toBe(0);
    // Neither lot holds all of g1; g2 goes on the ball of lot a.
    expect(json).toEqual({
      newBalls: 1,
      cuts: [
        { ball: "x", pieces: ["p3", "p4"] },
        { ball: "new-1", pieces: ["p1", "p2"] },
      ],
      lowerBound: 1,
      deadMg: 1_000,
      tooLong: [],
    });
  });
  it("without a rule for lots a group may lie on several balls", () => {
    const { json } = cut({
      newBallMg: 20_000,
      balls: [
        { id: "x", mg: 5_000, lot: "a" },
        { id: "y", mg: 5_000, lot: "b" },
      ],
      pieces: [
        { id: "p1", mg: 5_000, group: "g" },
        { id: "p2", mg: 5_000, group: "g" },
      ],
      lotRule: "none",
    });
    expect(json).toMatchObject({ newBalls: 0, lowerBound: 0, deadMg: 0 });
  });
  it("tells what is longer than any ball, and exits 1", () => {
    const { code, json } = cut({
      newBallMg: 8_000,
      balls: [],
      pieces: [{ id: "long", mg: 9_000, group: "g" }],
      lotRule: "run",
    });
    expect([code, json?.tooLong, json?.cuts]).toEqual([1, ["long"], []]);
  });
  it("says what is wrong with its input, and where", () => {
    const { code, err } = cut({ newBallMg: 0, pieces: [{ id: "a", mg: 1.5 }] });
    expect(code).toBe(2);
    expect(err).toContain("newBallMg: is above 0; pieces.0.mg: is a whole number of milligrams");
    expect(lapka(["cut", "-"], "{").err).toContain("the input is no JSON");
  });
});

describe("bin/lapka price", () => {
  const asked = {
    materials: 250,
    minutes: 45,
    wagePerHour: 1200,
    overheadPerHour: 200,
    packaging: 40,
    yield: 1,
    channel: {
      percentFees: [0.05, 0.05],
      fixedPerSale: 60,
      piecesPerSale: 2,
      stallFee: 2000,
      expectedPieces: 100,
      tax: { rate: 0.2, included: false },
    },
    margin: 0.25,
    pricePoints: [0, 50],
  };
  const price = (input: unknown) => {
    const r = lapka(["price", "-", "--json"], JSON.stringify(input));
    return { ...r, json: r.out ? (JSON.parse(r.out) as Record<string, unknown>) : undefined };
  };
  it("tax on top: fees are taken on what the customer pays", () => {
    // Cost 13.40, fixed 0.30 + 0.20. Break even P − 0.1 × 1.2 P − 0.50 = 13.40 → 13.90 ÷ 0.88; with margin
    // 13.90 ÷ 0.63.
    const { code, json } = price({ ...asked, price: 2300 });
    expect(code).toBe(0);
    expect(json?.cost).toBeCloseTo(1340, 9);
    expect(json?.breakEven).toBeCloseTo(1390 / 0.88, 9);
    expect([json?.floor, json?.suggested]).toEqual([1600, 2250]);
    const at = json?.atPrice as Record<string, number>;
    expect(at.fees).toBeCloseTo(0.1 * 2760 + 50, 9);
    expect(at.tax).toBeCloseTo(460, 9);
    expect(at.left).toBeCloseTo(2300 - 326 - 1340, 9);
    expect(at.perHour).toBeCloseTo((2300 - 326 - 250 - 150 - 40) / 0.75, 6);
    expect(at.contributionPerHour).toBeCloseTo((2300 - 326 - 250 - 40) / 0.75, 6);
  });
  it("has no price where fees take all of it: null, said on stderr, exit 1", () => {
    const { code, json, err } = price({ ...asked, channel: { ...asked.channel, percentFees: [0.9] } });
    expect([code, json?.breakEven, json?.suggested, json?.atPrice]).toEqual([1, null, null, null]);
    expect(err).toContain("nothing is left");
  });
  it("takes shares, not per cent, and says so", () => {
    expect(price({ ...asked, margin: 25 }).err).toContain("margin: is a share below 1: write 0.3 for 30 %");
  });
});

describe("bin/lapka sequence", () => {
  const task = (id: string, piece: string, colour: string, after: string[] = []) => ({
    id,
    piece,
    part: "body",
    stage: "crochet",
    colour,
    hookMm: 3,
    seconds: 100,
    after,
  });
  const tasks = [
    task("a", "1", "red"),
    task("b", "1", "white", ["a"]),
    task("c", "2", "red"),
    task("d", "2", "white"),
  ];
  const asked = (input: unknown) => {
    const r = lapka(["sequence", "-", "--json"], JSON.stringify(input));
    return { ...r, json: r.out ? (JSON.parse(r.out) as Record<string, unknown>) : undefined };
  };
  it("takes each colour up once, and says when the first piece is done", () => {
    const { code, json } = asked({ tasks, setup: { colour: 60, hook: 30, stage: 20 }, school: "best" });
    expect(code).toBe(0);
    // Red, then white; piece 1 before d: 100 + 100 + 60 + 100.
    expect(json).toMatchObject({
      workSeconds: 400,
      setupSeconds: 60,
      setups: 1,
      firstPieceSeconds: 360,
      bound: 60,
    });
    expect(asked({ tasks, setup: { colour: 60 }, school: "piece" }).json).toMatchObject({
      order: ["a", "b", "c", "d"],
      setupSeconds: 180,
      setups: 3,
      firstPieceSeconds: 260,
    });
  });
  it("names tasks that wait for one another, and forerunners that are not there", () => {
    const circle = asked({ tasks: [task("a", "1", "red", ["b"]), task("b", "1", "red", ["a"])] });
    expect([circle.code, circle.err.includes("these tasks wait for one another: a, b")]).toEqual([2, true]);
    expect(asked({ tasks: [task("a", "1", "red", ["z"])] }).err).toContain("a waits for “z”");
  });
});

describe("bin/lapka forecast", () => {
  const asked = (args: string[], input: string) => {
    const r = lapka(["forecast", ...args], input);
    return { ...r, json: r.out.startsWith("{") ? (JSON.parse(r.out) as Record<string, unknown>) : undefined };
  };
  it("answers for numbers on standard input, however they are parted", () => {
    for (const input of ["0 0 4 0 2", "[0,0,4,0,2]", "0\n0\n4\n0\n2\n"]) {
      const { json } = asked(["--method", "croston", "--alpha", "0.2", "--json", "-"], input);
      expect(json).toMatchObject({ method: "croston", fitted: [null, null, null, 4 / 3, 4 / 3] });
      expect(json?.rate).toBeCloseTo(3.6 / 2.8, 12);
    }
  });
  it("says which number is wrong", () => {
    expect(asked(["--method", "ses", "-"], "1 two 3").err).toContain(
      "period 2 is a number of 0 or more, not “two”",
    );
    expect(asked(["--alpha", "2", "-"], "1").err).toContain("--alpha is a number from 0 to 1");
  });
});

describe("bin/lapka pack", () => {
  const asked = (input: unknown) => {
    const r = lapka(["pack", "-", "--json"], JSON.stringify(input));
    return { ...r, json: r.out ? (JSON.parse(r.out) as Record<string, unknown>) : undefined };
  };
  const seal = {
    id: "seal",
    price: 1000,
    unitCost: 200,
    carry: 0,
    minutes: 60,
    onHand: 1,
    demand: { pmf: [0, 0, 0.5, 0.5] },
  };
  it("gives the hours to what earns most in them; worked by hand", () => {
    // Two are asked for for certain, a third half of the time: 2000 + 500 − 2 × 200, and 1 hour would be a
    // third worth 300.
    const { code, json } = asked({ hours: 2, crate: 3, items: [seal] });
    expect(code).toBe(0);
    expect(json).toMatchObject({
      items: [{ id: "seal", make: 2, bring: 3, expectedSold: 2.5, chanceSoldOut: 0.5, nextWorth: -200 }],
      expectedProfit: 2100,
      hoursUsed: 2,
      bound: 2100,
    });
  });
  it("exits 1 where what must be there cannot be, 2 where the input is wrong", () => {
    expect(asked({ hours: 0, items: [{ ...seal, min: 2 }] })).toMatchObject({ code: 1 });
    const wrong = asked({ hours: 1, items: [{ ...seal, demand: { pmf: [0.5] } }] });
    expect([wrong.code, wrong.err.includes("add up to 1")]).toEqual([2, true]);
  });
});

describe("a pipe that closes", () => {
  it("is no crash", () => {
    const command = `${path.resolve("bin/lapka")} check - | head -n 1`;
    const r = spawnSync("bash", ["-c", command], { input: GOOD.repeat(400), encoding: "utf8" });
    expect([r.status, r.stderr, r.stdout.startsWith("Terms: US")]).toEqual([0, "", true]);
  });
});
