import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { estimatePiece } from "../../estimate";
import { checkPattern, PLAIN_STYLE } from "../../notation";
import { mm } from "../../units";
import { CORPUS } from "../../../tests/corpus";
import {
  benchState,
  benchSteps,
  holderOf,
  nextPlace,
  openOfOthers,
  ownSteps,
  pausesIn,
  placeKey,
  places,
  timingsOf,
  withUsual,
  type BenchAct,
  type BenchStep,
  type DoneAct,
} from ".";

const spec = { label: "DK", weight: 3 as const, hook: mm(3), metresPer100g: 230, strands: 1 };
const TEXT = `Puffin
Body (black)
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnds 4-5: sc around, change to white (18)
Rnd 6: (sc, dec) x 6 (12)
Insert 6 mm eyes between rounds 4 and 5. Stuff.
Rnd 7: dec x 6 (6)
Close.

Wing (make 2, black)
Rnd 1: 5 sc in magic ring (5)
Rnd 2: sc around (5)
Sew the wings on.`;

function stepsFor(text: string): BenchStep[] {
  const pattern = checkPattern(text);
  const piece = estimatePiece({ pattern, specOf: () => spec, firmness: "medium", hanger: true });
  const fabrics = piece.parts.map((p) => p.fabric);
  return withUsual(benchSteps(pattern, fabrics, PLAIN_STYLE, text), piece);
}
const steps = stepsFor(TEXT);
let n = 0;
const done = (piece: number, step: string, ms = 1000, more: Partial<DoneAct> = {}): DoneAct => ({
  kind: "done",
  key: `k${++n}`,
  at: n,
  device: "phone",
  piece,
  step,
  ms,
  ...more,
});
const all = (piece: number, ms = 1000) => steps.map((s) => done(piece, s.id, ms));

describe("the steps of a piece", () => {
  it("are its rounds with what comes between them, each copy of a part by itself", () => {
    expect(steps.map((s) => `${s.part}${s.copies > 1 ? ` ${s.copy}` : ""}: ${s.title}`)).toEqual([
      ...[1, 2, 3, 4, 5, 6].map((r) => `Body: Rnd ${r}`),
      "Body: Face",
      "Body: Fill",
      "Body: Rnd 7",
      "Body: Close",
      "Wing 1: Rnd 1",
      "Wing 1: Rnd 2",
      "Wing 2: Rnd 1",
      "Wing 2: Rnd 2",
      "Wing 1: Sew on",
      "Wing 2: Sew on",
      ": Hide the ends",
      ": Look it over",
      ": Hang, tag and pack",
    ]);
    expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
  });
  it("say what helps where it belongs, and what cannot be taken back", () => {
    const helps = (title: string) => steps.find((s) => s.part === "Body" && s.title === title)?.helps;
    expect(helps("Rnd 1")).toContain("small-ring");
    const plain = stepsFor(TEXT.replace("Insert 6 mm eyes between rounds 4 and 5. ", ""));
    expect(plain.find((s) => s.title === "Rnd 6")?.helps).toEqual(["filling-next"]);
    expect(helps("Rnd 5")).toEqual(["next-colour"]);
    expect(helps("Face")).toEqual(["eyes-level", "washer-final"]);
    expect(helps("Rnd 7")).toEqual(["last-chance", "front-loops"]);
    expect(helps("Close")).toContain("not-at-knot");
  });
  it("do not change to a colour that is on the hook already", () => {
    const own = stepsFor(
      "Bee\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: 4 sc in red, 8 sc in blue (12)\nRnd 4: 6 sc in blue, 6 sc in red (12)",
    );
    expect(own.slice(2, 4).map((s) => s.text)).toEqual([
      "change to red, 4 sc, change to blue, 8 sc",
      "6 sc, change to red, 6 sc",
    ]);
  });
  it("for every pattern of the corpus hold each round of each copy once", () => {
    for (const c of CORPUS) {
      const pattern = checkPattern(c.text);
      const own = stepsFor(c.text);
      const rounds = pattern.parts.reduce((sum, p) => sum + p.rounds.length * p.make, 0);
      expect(own.filter((s) => s.stage === "crochet").length, c.hand).toBe(rounds);
      expect(new Set(own.map((s) => s.id)).size, c.hand).toBe(own.length);
    }
  });
});

describe("acts from the table", () => {
  it("go on to what is left, come back by undo, and end when all pieces are done", () => {
    const [first, second] = steps;
    const a = done(1, first?.id ?? "");
    const acts: BenchAct[] = [a];
    const at = () => nextPlace(steps, 2, "piece", benchState(steps, 2, acts));
    expect(at()).toEqual({ piece: 1, step: 1 });
    acts.push({ kind: "undo", key: "u1", at: 500, device: "phone", of: a.key });
    expect(at()).toEqual({ piece: 1, step: 0 });
    acts.push(...all(1), ...all(2));
    expect(at()).toBeUndefined();
    expect(benchState(steps, 2, acts).pieces).toBe(2);
    expect(second?.title).toBe("Rnd 2");
  });
  it("pass over what is given to a helper, and show her only that", () => {
    const mine = steps.filter((s) => s.part !== "Wing" || s.stage === "sewing");
    const given = [{ work: "part:Wing", handId: "nell" }];
    expect(mine.length).toBeLessThan(steps.length);
    /** What a pair of hands is led through, as long as there is something left. */
    const led = (hand: string) => {
      const own = ownSteps(given, hand);
      const acts: BenchAct[] = [];
      const seen: string[] = [];
      for (;;) {
        const at = nextPlace(steps, 2, "piece", benchState(steps, 2, acts), undefined, own);
        const id = at && steps[at.step]?.id;
        if (!id) return { seen, left: openOfOthers(steps, 2, benchState(steps, 2, acts), own).length };
        seen.push(`${at.piece} ${id}`);
        acts.push(done(at.piece, id));
      }
    };
    const twice = (list: readonly BenchStep[]) => [1, 2].flatMap((p) => list.map((s) => `${p} ${s.id}`));
    const wings = steps.filter((s) => !mine.includes(s));
    // What is sewn on, and all behind it, waits for the wings.
    const body = mine.filter((s) => s.part === "Body");
    expect(led("maker")).toEqual({ seen: twice(body), left: 2 * wings.length });
    expect(led("nell")).toEqual({ seen: twice(wings), left: 2 * mine.length });
    // Who was given nothing takes the maker's place.
    expect(led("pim").seen).toEqual(twice(body));
    expect(holderOf(wings[0] as BenchStep, given)).toBe("nell");
  });
  it("sews on what a helper brought, piece by piece, and does not wait for what was passed over", () => {
    const own = ownSteps([{ work: "part:Wing", handId: "nell" }], "maker");
    const body = steps.filter((s) => s.part === "Body");
    const wings = steps.filter((s) => !own(s));
    const both = [1, 2].flatMap((piece) => body.map((s) => done(piece, s.id)));
    const at = (acts: readonly BenchAct[]) =>
      nextPlace(steps, 2, "piece", benchState(steps, 2, acts), undefined, own);
    expect(at(both)).toBeUndefined();
    const came = at([...both, ...wings.map((s) => done(2, s.id))]);
    expect([came?.piece, steps[came?.step ?? 0]?.title]).toEqual([2, "Sew on"]);
    // A round that she jumped over is hers: what comes behind it is open all the same.
    const jumped = [done(1, steps[0]?.id ?? ""), done(1, steps[2]?.id ?? "")];
    const after = { piece: 1, step: 2 };
    const state = benchState(steps, 2, jumped);
    expect(nextPlace(steps, 2, "piece", state, after, own)).toEqual({ piece: 1, step: 3 });
  });
  it("each step waits for those that the order of work puts before it, of the same piece", () => {
    const at = new Map(steps.map((s, i) => [s.id, i]));
    for (const s of steps)
      for (const id of s.needs ?? []) expect(at.get(id), s.id).toBeLessThan(at.get(s.id) ?? 0);
    const sewn = steps.filter((s) => s.stage === "sewing");
    expect(sewn.map((s) => s.needs)).toEqual([
      ["r2-1.1", "close-0.1"],
      ["r2-1.2", "close-0.1"],
    ]);
  });
  it("say of a face where the pattern wants it", () => {
    const face = steps.find((s) => s.title === "Face");
    expect(face?.where).toBe("Insert 6 mm eyes between rounds 4 and 5.");
    expect(steps.find((s) => s.title === "Rnd 5")?.where).toBeUndefined();
  });
  it("all of a kit, or the sewing alone, goes to whom it is given", () => {
    const [first] = steps;
    const sewn = steps.find((s) => s.stage === "sewing");
    expect(holderOf(first as BenchStep, [{ work: "kit", handId: "nell" }])).toBe("nell");
    expect(holderOf(sewn as BenchStep, [{ work: "sewing", handId: "nell" }])).toBe("nell");
    expect(holderOf(first as BenchStep, [{ work: "sewing", handId: "nell" }])).toBeUndefined();
    expect(holderOf(steps.at(-1) as BenchStep, [{ work: "finishing", handId: "nell" }])).toBe("nell");
  });
  it("come to the same state in any order and however often they are sent", () => {
    const acts: BenchAct[] = [
      ...all(1),
      done(2, steps[0]?.id ?? "", 900, { device: "tablet" }),
      { kind: "again", key: "s1", at: 3, device: "phone", piece: 1, step: steps[2]?.id ?? "" },
    ];
    acts.push({ kind: "undo", key: "u2", at: 9000, device: "phone", of: acts[3]?.key ?? "" });
    const said = (list: readonly BenchAct[]) => {
      const s = benchState(steps, 2, list);
      return { done: [...s.done].sort(), slips: s.slips, pieces: s.pieces };
    };
    fc.assert(
      fc.property(
        fc.shuffledSubarray(acts, { minLength: acts.length }),
        fc.integer({ max: 5 }),
        (list, k) => {
          expect(said([...list, ...list.slice(0, Math.max(0, k))])).toEqual(said(acts));
        },
      ),
    );
  });
  it("done on two devices count once, and are told", () => {
    const id = steps[0]?.id ?? "";
    const here = done(1, id);
    const s = benchState(steps, 1, [here, done(1, id, 800, { device: "tablet" }), done(1, id)]);
    expect(s.done.get(placeKey(1, id))).toEqual(here);
    expect(s.twice.map((x) => x.device)).toEqual(["tablet"]);
  });
  it("of a step that is gone, or a piece too many, change nothing", () => {
    const s = benchState(steps, 1, [done(1, "r99-0.1"), done(2, steps[0]?.id ?? "")]);
    expect([s.done.size, s.pieces]).toEqual([0, 0]);
  });
});

describe("the order of several pieces", () => {
  it("goes through every place once, by piece and by part", () => {
    for (const order of ["piece", "part"] as const) {
      const walked = [...places(steps, 3, order)];
      expect(new Set(walked.map((p) => `${p.piece} ${p.step}`)).size).toBe(3 * steps.length);
      expect(walked).toHaveLength(3 * steps.length);
    }
  });
  it("by part makes all bodies before a wing", () => {
    const walked = [...places(steps, 2, "part")].map((p) => `${p.piece} ${steps[p.step]?.part ?? ""}`);
    expect(walked.lastIndexOf("2 Body")).toBeLessThan(walked.indexOf("1 Wing"));
  });
});

describe("time that measures itself", () => {
  const paced = (piece: number, slow?: string) =>
    steps.map((s) => done(piece, s.id, s.id === slow ? 1_200_000 : Math.max(6, s.stitches) * 3000));
  it("a part's rounds become its timing with a lap for each", () => {
    const t = timingsOf(steps, 1, benchState(steps, 1, paced(1)));
    const body = t.find((x) => x.part === "Body" && x.stage === "crochet");
    // 6, 12, 18, 18, 18, 12 and 6 stitches at 3 s.
    expect(body).toMatchObject({ seconds: 270, laps: [18, 36, 54, 54, 54, 36, 18], copies: 1 });
    expect(t.find((x) => x.part === "Wing" && x.stage === "crochet")?.copies).toBe(2);
  });
  it("is not there before its last step, nor where a step was not measured", () => {
    expect(timingsOf(steps, 1, benchState(steps, 1, paced(1).slice(0, 4)))).toEqual([]);
    const some = paced(1).map((a) => (a.step === "r3-0.1" ? { ...a, ms: 0 } : a));
    const t = timingsOf(steps, 1, benchState(steps, 1, some));
    expect(t.some((x) => x.part === "Body" && x.stage === "crochet")).toBe(false);
  });
  it("what is ticked off afterwards is no timing, and its laps are no pauses", () => {
    const tapped = steps.map((s, i) => done(1, s.id, 180 + 5 * i));
    expect(timingsOf(steps, 1, benchState(steps, 1, tapped))).toEqual([]);
    expect(pausesIn(steps, benchState(steps, 1, tapped))).toEqual([]);
    // One round of a body that was ticked off with the one before it: the body's time is not known.
    const one = paced(1).map((a) => (a.step === "r3-0.1" ? { ...a, ms: 700 } : a));
    const t = timingsOf(steps, 1, benchState(steps, 1, one));
    expect(t.some((x) => x.part === "Body" && x.stage === "crochet")).toBe(false);
    expect(t.some((x) => x.part === "Wing" && x.stage === "crochet")).toBe(true);
  });
  it("a pause is found by the pace of its sisters and cut out, unless it was work", () => {
    const acts = paced(1, "r4-0.1");
    const state = benchState(steps, 1, acts);
    const [pause] = pausesIn(steps, state);
    expect(pause).toMatchObject({ step: { id: "r4-0.1" }, usualMs: 54_000 });
    const timing = (list: readonly BenchAct[]) =>
      timingsOf(steps, 1, benchState(steps, 1, list)).find((x) => x.part === "Body" && x.stage === "crochet");
    expect(timing(acts)?.seconds).toBe(270);
    const kept: BenchAct = { kind: "work", key: "w", at: 1, device: "phone", of: pause?.act.key ?? "" };
    expect(timing([...acts, kept])?.seconds).toBe(270 - 54 + 1200);
  });
  it("a step that is no round is asked about by what is expected of it, and by its sisters once there are such", () => {
    const sewn = steps.filter((s) => s.stage === "sewing");
    const usual = sewn[0]?.usualMs ?? 0;
    expect(usual).toBeGreaterThan(30_000);
    // A pair of wings: what is expected of both, halved.
    expect(sewn.map((s) => s.usualMs)).toEqual([usual, usual]);
    expect(steps.filter((s) => s.stage === "crochet").every((s) => s.usualMs === undefined)).toBe(true);
    const told = (laps: readonly number[]) => {
      const acts = laps.map((ms, i) => done(1 + Math.floor(i / 2), sewn[i % 2]?.id ?? "", ms));
      return pausesIn(steps, benchState(steps, 4, acts)).map((p) => [p.act.ms, p.usualMs]);
    };
    const phone = 4 * usual + 120_000;
    expect(told([phone])).toEqual([[phone, usual]]);
    // Slower than the trade, as a first piece is, and no pause.
    expect(told([2 * usual])).toEqual([]);
    // Her own pace, once it is known, whatever the trade expects.
    const slow = 5 * usual + 120_000;
    expect(told([slow, slow + 1000, slow - 1000, slow])).toEqual([]);
    expect(told([slow, slow, slow, 3 * slow])).toEqual([[3 * slow, slow]]);
  });
});
