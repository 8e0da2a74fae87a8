import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sequence, SCHOOLS, TasksInACircle, UnknownTask, type SetUp, type Task } from ".";

const SET_UP: SetUp = { colour: 60, hook: 30, stage: 120 };

/** A small figure: body and two ears in two colours, filled, ears sewn on, ends hidden. */
function figure(piece: string, ears = ["left", "right"]): Task[] {
  const id = (name: string) => `${piece}-${name}`;
  const base = { piece, hookMm: 3 };
  return [
    { ...base, id: id("body"), part: "body", stage: "crochet", colour: "slate", seconds: 900, after: [] },
    {
      ...base,
      id: id("fill"),
      part: "body",
      stage: "fill",
      colour: "slate",
      seconds: 120,
      after: [id("body")],
    },
    ...ears.map((e) => ({
      ...base,
      id: id(e),
      part: "ear",
      stage: "crochet",
      colour: "white",
      seconds: 200,
      after: [],
    })),
    ...ears.map((e) => ({
      ...base,
      id: id(`sew-${e}`),
      part: "ear",
      stage: "sew",
      colour: "white",
      seconds: 180,
      after: [id(e), id("fill")],
    })),
    {
      ...base,
      id: id("ends"),
      part: "all",
      stage: "ends",
      colour: "slate",
      seconds: 150,
      after: ears.map((e) => id(`sew-${e}`)),
    },
  ];
}

/** The plain way: every order there is. */
function bruteForce(list: readonly Task[], setUp: SetUp): { setup: number; first: number } {
  let best = { setup: Infinity, first: Infinity };
  const walk = (done: Task[], left: readonly Task[]) => {
    if (left.length === 0) {
      const got = reckoned(done, setUp);
      if (got.setup < best.setup || (got.setup === best.setup && got.first < best.first)) best = got;
      return;
    }
    for (const t of left)
      if (t.after.every((id) => done.some((d) => d.id === id)))
        walk(
          [...done, t],
          left.filter((x) => x !== t),
        );
  };
  walk([], list);
  return best;
}
function reckoned(order: readonly Task[], setUp: SetUp): { setup: number; first: number } {
  let [clock, setup, first] = [0, 0, Infinity];
  order.forEach((t, i) => {
    const before = order[i - 1];
    if (before) {
      const change =
        (before.colour === t.colour ? 0 : setUp.colour) +
        (before.hookMm === t.hookMm ? 0 : setUp.hook) +
        (before.stage === t.stage ? 0 : setUp.stage);
      setup += change;
      clock += change;
    }
    clock += t.seconds;
    const rest = order.slice(i + 1);
    if (
      first === Infinity &&
      [...new Set(order.map((x) => x.piece))].some((p) => !rest.some((x) => x.piece === p))
    )
      first = clock;
  });
  return { setup, first };
}

const drawnTasks = (most: number) =>
  fc
    .array(
      fc.record({
        piece: fc.constantFrom("a", "b", "c"),
        part: fc.constantFrom("body", "ear"),
        stage: fc.constantFrom("crochet", "fill", "sew"),
        colour: fc.constantFrom("slate", "white"),
        hookMm: fc.constantFrom(2.5, 3),
        seconds: fc.integer({ min: 10, max: 600 }),
        links: fc.array(fc.nat(), { maxLength: 2 }),
      }),
      { minLength: 1, maxLength: most },
    )
    .map((list) =>
      list.map(({ links, ...t }, i): Task => ({
        ...t,
        id: `t${i}`,
        after: i === 0 ? [] : [...new Set(links.map((l) => `t${l % i}`))],
      })),
    );
const drawnSetUp = fc.record({
  colour: fc.integer({ min: 0, max: 100 }),
  hook: fc.integer({ min: 0, max: 100 }),
  stage: fc.integer({ min: 0, max: 100 }),
});
const inOrder = (list: readonly Task[], order: readonly string[]) =>
  list.every((t) => t.after.every((id) => order.indexOf(id) < order.indexOf(t.id)));

describe("the order of a run", () => {
  it("piece by piece finishes the first before it begins the second; worked by hand", () => {
    const list = ["1", "2"].flatMap((p) => figure(p));
    const s = sequence(list, SET_UP, "piece");
    expect(s.order.slice(0, 7).every((id) => id.startsWith("1-"))).toBe(true);
    // body | fill +120 | ear +60+120, ear | sew +120, sew | ends +60+120
    const setUps = 120 + 180 + 120 + 180;
    expect(s.firstPieceSeconds).toBe(900 + 120 + 400 + 360 + 150 + setUps);
    // Between the two pieces: ends to crochet, the colour stays.
    expect([s.setupSeconds, s.setups]).toEqual([2 * setUps + 120, 2 * 6 + 1]);
    expect([s.workSeconds, s.mostHalfMade]).toEqual([2 * 1930, 1]);
  });
  it("tells how long a hand is kept at one movement; worked by hand", () => {
    const list = ["1", "2", "3"].flatMap((p) => figure(p));
    // A body, before it is filled; all three bodies in a row.
    expect(sequence(list, SET_UP, "piece").longestSame).toEqual({ stage: "crochet", seconds: 900 });
    expect(sequence(list, SET_UP, "part").longestSame).toEqual({ stage: "crochet", seconds: 2700 });
    expect(sequence([], SET_UP, "best").longestSame).toEqual({ stage: "", seconds: 0 });
  });
  it("part by part makes all ears in a row, colour by colour all that is white", () => {
    const list = ["1", "2", "3"].flatMap((p) => figure(p));
    const part = sequence(list, SET_UP, "part").order;
    expect(part.slice(0, 3)).toEqual(["1-body", "2-body", "3-body"]);
    const colour = sequence(list, SET_UP, "colour");
    expect(colour.order.slice(6, 12).every((id) => /left|right/.test(id))).toBe(true);
  });
  it("the best takes each thing up once where the order of work lets it, with the first piece early", () => {
    const list = Array.from({ length: 12 }, (_, i) => figure(String(i))).flat();
    const best = sequence(list, SET_UP, "best");
    expect(best.proven).toBe(true);
    for (const school of SCHOOLS)
      expect(best.setupSeconds).toBeLessThanOrEqual(sequence(list, SET_UP, school).setupSeconds);
    // White ears, slate bodies (60), filled (120), sewn on in white (180), ends in slate (180).
    expect(best.setupSeconds).toBe(540);
    // The first piece waits for all but the others' last stage: 12 sewings before the ends, and its own ends
    // first.
    expect(best.firstPieceSeconds).toBe(12 * (900 + 120 + 400 + 360) + 540 + 150);
  });
  it("small runs are the optimum in both aims, against every order there is", () => {
    fc.assert(
      fc.property(drawnTasks(7), drawnSetUp, (list, setUp) => {
        const s = sequence(list, setUp, "best");
        const plain = bruteForce(list, setUp);
        expect([s.setupSeconds, s.firstPieceSeconds]).toEqual([plain.setup, plain.first]);
        expect(s.proven).toBe(true);
      }),
      { numRuns: 150, seed: 21 },
    );
  });
  it("the search of large runs finds the least set-up that the complete one finds", () => {
    fc.assert(
      fc.property(drawnTasks(12), drawnSetUp, (list, setUp) => {
        const exact = sequence(list, setUp, "best");
        // Three tasks on a piece of their own, in no one's way and in the first setting, make it too large to
        // go through.
        const more = Array.from({ length: 15 - list.length }, (_, i): Task => ({
          ...(list[0] as Task),
          id: `more${i}`,
          piece: "more",
          after: [],
        }));
        const large = sequence([...list, ...more], setUp, "best");
        if (large.proven) expect(large.setupSeconds).toBeLessThanOrEqual(exact.setupSeconds + 1e-9);
        expect(large.bound).toBeLessThanOrEqual(large.setupSeconds + 1e-9);
      }),
      { numRuns: 120, seed: 22 },
    );
  });
  it("every order has each task once, none before its forerunners, the same work, and best is never more than a school", () => {
    fc.assert(
      fc.property(drawnTasks(40), drawnSetUp, (list, setUp) => {
        const all = [...SCHOOLS, "best" as const].map((school) => sequence(list, setUp, school));
        const best = all.at(-1);
        const work = list.reduce((s, t) => s + t.seconds, 0);
        for (const s of all) {
          expect([...s.order].sort()).toEqual(list.map((t) => t.id).sort());
          expect(inOrder(list, s.order)).toBe(true);
          expect(s.workSeconds).toBe(work);
          const plain = reckoned(
            s.order.map((id) => list.find((t) => t.id === id) as Task),
            setUp,
          );
          expect([s.setupSeconds, s.firstPieceSeconds]).toEqual([plain.setup, plain.first]);
          expect(best?.setupSeconds).toBeLessThanOrEqual(s.setupSeconds);
          expect(s.bound).toBeLessThanOrEqual(s.setupSeconds);
        }
      }),
      { numRuns: 120, seed: 23 },
    );
  });
  it("of no tasks nothing; a circle and an unknown forerunner are told by name", () => {
    expect(sequence([], SET_UP, "best")).toMatchObject({ order: [], setupSeconds: 0, firstPieceSeconds: 0 });
    const [a, b] = figure("1");
    const circle = [{ ...(a as Task), after: ["1-fill"] }, b as Task];
    expect(() => sequence(circle, SET_UP, "best")).toThrow(TasksInACircle);
    expect(() => sequence([{ ...(a as Task), after: ["nobody"] }], SET_UP, "piece")).toThrow(UnknownTask);
  });
});
