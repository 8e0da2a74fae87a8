import { mm } from "@core/units";
import { describe, expect, it } from "vitest";
import { secondsOfWork, STAGE_OF, type PaceKind } from "@core/estimate";
import type { WeekHours } from "@core/planning";
import { aroundOf, yarnOf } from "../../../tests/things";
import { analyseItem, type ItemDraft } from "@core/item";
import type { RunLineRow } from "@db/queries/runs";
import { ownSecondsLeft } from "./lines";
import { givable, givenTexts, jobsOf, notTheirs, sharesOf, workName, type Givable } from "./shares";

const DRAFT: ItemDraft = {
  pattern: [
    "Body",
    "Rnd 1: 6 sc in mr (6)",
    "Rnd 2: inc x 6 (12)",
    "Rnds 3-5: 12 sc (12)",
    "Stuff firmly.",
    "Rnd 6: dec x 6 (6)",
    "Fasten off and close the hole.",
    "",
    "Ears (make 2)",
    "Rnd 1: 5 sc in mr (5)",
    "Rnd 2: 5 sc (5)",
    "Fasten off, leaving a tail for sewing.",
    "",
    "Sew the ears to the body between rounds 2 and 3.",
  ].join("\n"),
  firmness: "medium",
  hanger: true,
  slots: [{ slot: "main", yarnId: "y", hookMm: mm(3), strands: 1 }],
  notions: [],
};
const AROUND = aroundOf({ yarns: [yarnOf("y")] });
const analysis = analyseItem(DRAFT, AROUND);
const whole = givable(analysis.piece, undefined);

const g = (work: string, phase: 0 | 1 | 2, seconds: number): Givable => ({
  work,
  kind: phase === 0 ? "parts" : phase === 1 ? "sewing" : "finishing",
  phase,
  seconds,
  low: seconds * 0.8,
  high: seconds * 1.25,
});

describe("what of a piece can be given", () => {
  it("is the whole piece, each second once", () => {
    const sum = whole.reduce((s, x) => s + x.seconds, 0);
    expect(secondsOfWork(analysis.piece.work)).toBeGreaterThan(0);
    expect(sum).toBeCloseTo(analysis.piece.seconds.value, 3);
    expect(new Set(whole.map((x) => x.work)).size).toBe(whole.length);
  });
  it("names parts, sewing and what comes last, in the order of the hand", () => {
    expect(whole.map((x) => x.phase)).toEqual([...whole.map((x) => x.phase)].sort((a, b) => a - b));
    expect(whole.map((x) => x.work)).toEqual(["part:Body", "part:Ears", "sewing", "finishing"]);
  });
});

describe("a hand with a pace of her own for each kind of work", () => {
  it("slow at the needle is slow at the sewing, and at nothing else", () => {
    // Half as quick at all needle work: the sewing takes twice the trade's, the crochet what it took.
    const pace = {
      factor: (k: PaceKind) => (STAGE_OF[k] === "sewing" ? 2 : 1),
      sd: () => 0,
      from: "by hand",
    };
    const hers = givable(analysis.piece, pace);
    for (const x of whole)
      expect(hers.find((y) => y.work === x.work)?.seconds, x.work).toBeCloseTo(
        x.seconds * (x.work === "sewing" ? 2 : 1),
        6,
      );
  });
});

describe("how it is said", () => {
  it("names parts as the pattern does, one without a name, and who has what", () => {
    expect(["part:Ears", "part:", "sewing", "finishing"].map(workName)).toEqual([
      "Ears",
      "Body",
      "Sewing",
      "Finishing",
    ]);
    const one = { handId: "nell", phase: 0 as const, seconds: 1, low: 1, high: 1, instead: 1 };
    const shares = {
      own: [0, 0, 0] as const,
      given: [
        { ...one, work: "part:Ears" },
        { ...one, work: "sewing" },
      ],
    };
    expect(givenTexts(shares, () => "Nell")).toEqual(["Nell: ears, sewing"]);
    expect(givenTexts(null, () => "Nell")).toEqual([]);
  });
});

describe("shares of a line", () => {
  const mine = [g("part:Body", 0, 600), g("part:Ears", 0, 200), g("sewing", 1, 150), g("finishing", 2, 50)];
  const hers = mine.map((x) => ({ ...x, seconds: x.seconds * 1.2, low: x.low * 1.2, high: x.high * 1.2 }));
  const theirs = new Map([["nell", hers]]);
  it("by hand: ears to a helper who is a fifth slower, in a batch that goes a tenth quicker", () => {
    const got = sharesOf(900, mine, new Map([["part:Ears", "nell"]]), theirs);
    expect(got?.own.map((x) => Math.round(x * 1e6) / 1e6)).toEqual([540, 135, 45]);
    expect(got?.given).toHaveLength(1);
    expect(got?.given[0]).toMatchObject({ work: "part:Ears", handId: "nell", phase: 0 });
    expect(got?.given[0]?.seconds).toBeCloseTo(216, 9);
    expect(got?.given[0]?.instead).toBeCloseTo(180, 9);
  });
  it("nothing given is no share at all, and what a hand cannot do stays the maker's", () => {
    expect(sharesOf(900, mine, new Map(), theirs)).toBeNull();
    expect(sharesOf(900, mine, new Map([["part:Tail", "nell"]]), theirs)).toBeNull();
    expect(sharesOf(900, mine, new Map([["part:Ears", "ada"]]), theirs)).toBeNull();
  });
  it("the work of all hands is what was planned, when they are as quick", () => {
    const same = new Map([["nell", mine]]);
    const got = sharesOf(
      900,
      mine,
      new Map([
        ["part:Ears", "nell"],
        ["sewing", "nell"],
      ]),
      same,
    );
    const sum =
      (got?.own ?? []).reduce((a, b) => a + b, 0) + (got?.given ?? []).reduce((s, x) => s + x.seconds, 0);
    expect(sum).toBeCloseTo(900, 9);
  });
});

describe("what is left to the maker", () => {
  const line = (quantity: number, made: number, own?: readonly [number, number, number]) =>
    ({
      quantity,
      made,
      plannedWith: { seconds: 900 },
      shares: own ? { own, given: [] } : null,
    }) as unknown as RunLineRow;
  it("is all of a line that is not shared, and of a shared one what is not given; pieces made are done", () => {
    expect(ownSecondsLeft({ lines: [line(4, 1), line(2, 0, [500, 100, 50])] })).toBe(3 * 900 + 2 * 650);
    expect(ownSecondsLeft({ lines: [line(4, 6)] })).toBe(0);
  });
});

describe("lines as jobs", () => {
  const week = (): WeekHours => [1, 1, 1, 1, 1, 0, 0];
  const line = (left: number, shares: Parameters<typeof jobsOf>[0][number]["shares"] = null) => ({
    left,
    shares,
    plannedWith: { seconds: 900, secondsLow: 720, secondsHigh: 1125 },
  });
  it("a line that is not shared is one job of the maker, with its range", () => {
    const [job, ...more] = jobsOf([line(4)], week);
    expect(more).toEqual([]);
    expect(job).toMatchObject({ hand: "", phase: 0, seconds: { low: 2880, value: 3600, high: 4500 } });
    // The item's own part of the range is no more than 9 %, nor the greater part of a narrow one.
    expect(job?.own).toBeLessThanOrEqual(0.09);
  });
  it("lines of one hand and phase go together, each for the pieces that are left", () => {
    const shares = {
      own: [540, 135, 45] as const,
      given: [
        {
          work: "part:Ears",
          handId: "nell",
          phase: 0 as const,
          seconds: 216,
          low: 173,
          high: 270,
          instead: 180,
        },
      ],
    };
    const jobs = jobsOf([line(4, shares), line(2)], week);
    const of = (hand: string, phase: number) =>
      jobs.find((j) => j.hand === hand && j.phase === phase)?.seconds.value;
    expect([of("", 0), of("", 1), of("", 2), of("nell", 0)]).toEqual([540 * 4 + 1800, 540, 180, 864]);
    expect(jobs).toHaveLength(4);
  });
});

describe("who may be chosen", () => {
  const nell = { id: "nell", name: "Nell", does: ["parts"] };
  const choose = (work: string, hand = "nell") => new Map([["l1", new Map([[work, hand]])]]);
  it("does that kind of work, or has it already", () => {
    expect(notTheirs([nell], choose("part:Wings"), new Map())).toBeUndefined();
    expect(notTheirs([nell], choose("sewing"), new Map())).toEqual({ name: "Nell", work: "sewing" });
    expect(notTheirs([nell], choose("kit"), new Map())).toEqual({ name: "Nell", work: "kit" });
    expect(notTheirs([nell], choose("sewing"), choose("sewing"))).toBeUndefined();
    expect(notTheirs([{ ...nell, does: null }], choose("sewing"), new Map())).toBeUndefined();
  });
});
