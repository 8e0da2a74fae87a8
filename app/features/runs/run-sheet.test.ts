import { describe, expect, it } from "vitest";
import type { Task } from "@core/planning/sequence";
import { runSheet } from "./run-sheet";

const task = (piece: number, part: string, stage: string, seconds: number): Task => ({
  id: `${piece} ${part} ${stage}`,
  piece: String(piece),
  part,
  stage,
  colour: "slate, DK cotton",
  hookMm: 2.5,
  seconds,
  after: [],
});
/** Without the spaces that hold an amount together. */
const plain = <T>(x: T): T => JSON.parse(JSON.stringify(x).replaceAll("\u00a0", " ")) as T;
const sheet = (placed: readonly { piece: string; ball: string; mg: number }[]) =>
  plain(
    runSheet({
      name: "Winter market",
      dueOn: "2026-12-09",
      finish: "2026-12-07",
      maker: "Harbour stall",
      paper: "A4",
      lines: [
        { label: "Puffin", quantity: 3, made: 1 },
        { label: "Puffin, oilskin", quantity: 1, made: 0 },
      ],
      tasks: [
        ...[2, 3].flatMap((n) => [task(n, "Puffin: Body", "crochet", 1200), task(n, "Puffin", "ends", 60)]),
        task(9, "Puffin, oilskin: Body", "crochet", 1260),
      ],
      stageWord: (s) => s,
      colours: { "slate, DK cotton": "#445566" },
      placed,
      shades: [
        {
          yarnId: "y1",
          label: "slate, DK cotton",
          colour: "#445566",
          mmPer100g: 200_000,
          newBallMg: 50_000,
          ballPrice: 290,
          balls: [{ id: "b1", mg: 40_000, lot: "A7", state: "full", place: "basket", onBall: 40_000 }],
        },
      ],
      cut: [
        {
          label: "Puffin",
          quantity: 3,
          lengths: [
            { part: "Body", make: 1, slot: "main", yarnId: "y1", mg: 5000, sigma: 0.1, filled: true },
          ],
        },
      ],
      reading: { locale: "en-IE", system: "metric", currency: "EUR" },
    }),
  );

describe("a run on the wall", () => {
  it("has a box for each piece that is left, at each step, and each colourway its own table", () => {
    const [puffin, oilskin] = sheet([]).tables;
    expect(puffin?.head).toBe("Puffin × 3, 1 made");
    expect(puffin?.rows.map((r) => r[3])).toEqual([{ boxes: 2 }, { boxes: 2 }]);
    expect(puffin?.rows.map((r) => r[2])).toEqual(["20 min", "1 min"]);
    expect(oilskin?.rows.map((r) => r[3])).toEqual([{ boxes: 1 }]);
  });
  it("says what is left in all, and that no ball is named without a plan", () => {
    const s = sheet([]);
    expect(s.facts.map((f) => f[1])).toEqual(["9 Dec 2026", "7 Dec 2026", "3 (1 made)", "63 min"]);
    expect(s.notes.join(" ")).toContain("No cutting plan is kept");
    expect(s.notes.join(" ")).toContain("Rest your hands");
  });
  it("names the ball, its lot and what is cut from it", () => {
    const balls = sheet([
      { piece: "y1/0-0-0-0", ball: "b1", mg: 5100 },
      { piece: "y1/0-1-0-0", ball: "b1", mg: 5100 },
      { piece: "y1/0-2-0-0", ball: "new-1/y1", mg: 5100 },
    ]).tables.at(-1);
    expect(balls?.rows.map((r) => r.slice(1))).toEqual([
      ["lot A7, basket", "2", "10 g", "Puffin: Body 2"],
      ["new ball 1", "1", "5.1 g", "Puffin: Body 1"],
    ]);
  });
});
