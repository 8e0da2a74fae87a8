import { describe, expect, it } from "vitest";
import { handSchemas, lapsOf } from "./schema";

const s = handSchemas("en-IE", "EUR", "metric");
const id = "01a21321-09fe-7782-992b-a238060f547a";
const base = { handId: id, itemId: id, pieces: "4", madeOn: "2026-11-03", key: "12345678" };
const weigh = (over: Record<string, string>) =>
  s.weighIn.safeParse({ intent: "weigh-in", kind: "yarn", step: "0.1", ...base, ...over });
const why = (got: { error?: { issues: { path: PropertyKey[]; message: string }[] } | undefined }) =>
  got.error?.issues.map((i) => `${i.path.map(String).join(".")}: ${i.message}`);

describe("the weigh form", () => {
  it("takes a weight by itself", () =>
    expect(weigh({ weight: "23.6" }).data).toMatchObject({
      how: "alone",
      weight: 23_600,
      before: undefined,
      after: undefined,
    }));
  it("takes what the ball lost, and then nothing is filled", () => {
    expect(weigh({ how: "difference", before: "48.2", after: "24.6", filled: "on" }).data).toMatchObject({
      weight: 23_600,
      before: 48_200,
      after: 24_600,
      filled: undefined,
    });
    // An empty ball may weigh nothing afterwards.
    expect(weigh({ how: "difference", before: "12", after: "0" }).data).toMatchObject({ weight: 12_000 });
  });
  it("says which weight is missing or swapped", () => {
    expect(why(weigh({}))).toEqual(["weight: Write what the scale says."]);
    expect(why(weigh({ how: "difference", after: "3" }))).toEqual(["before: Write what it weighed before."]);
    expect(why(weigh({ how: "difference", before: "3" }))).toEqual(["after: Write what it weighs now."]);
    expect(why(weigh({ how: "difference", before: "3", after: "3" }))).toEqual([
      "after: It must weigh less than before: are the two swapped?",
    ]);
    expect(why(weigh({ weight: "a handful" }))?.[0]).toMatch(/^weight: /);
    expect(weigh({ weight: "5", colourwayId: "' or 1=1" }).success).toBe(false);
  });
  it("ounces for those who weigh in ounces", () =>
    expect(
      handSchemas("en-US", "USD", "imperial").weighIn.safeParse({
        intent: "weigh-in",
        kind: "yarn",
        step: "0.1",
        ...base,
        weight: "1",
      }).data,
    ).toMatchObject({ weight: 28_350 }));
});

describe("the stopwatch's form", () => {
  const time = (over: Record<string, string>) =>
    s.timing.safeParse({ intent: "timing", stage: "crochet", ...base, ...over });
  it("reads a length of time, a bare number as minutes", () => {
    expect(time({ seconds: "90 s" }).data?.seconds).toBe(90);
    expect(time({ seconds: "12" }).data?.seconds).toBe(720);
    expect(why(time({ seconds: "0 s" }))).toEqual(["seconds: Between a second and a hundred hours."]);
    expect(why(time({ seconds: "soon" }))?.[0]).toMatch(/^seconds: /);
    expect(time({ seconds: "12", stage: "juggling" }).success).toBe(false);
  });
  it("laps are numbers or nothing", () => {
    expect(lapsOf("[61,50.5]")).toEqual([61, 50.5]);
    for (const bad of [undefined, "", "[", '["a"]', "[-1]", "{}", "[1e9]"]) expect(lapsOf(bad)).toEqual([]);
  });
});

describe("a helper's hand", () => {
  const hand = (over: Record<string, unknown>) =>
    s.hand.safeParse({ intent: "hand", name: "Nell", loops: "over", helper: "on", ...over });
  it("with hours has days and kinds of work; without them neither matters", () => {
    expect(why(hand({ weekMinutes: "3" }))).toEqual([
      "days: Choose at least one day, or write 0 hours.",
      "does: Choose at least one kind of work, or write 0 hours.",
    ]);
    expect(hand({ weekMinutes: "3", days: ["2"], does: ["parts"] }).data).toMatchObject({ weekMinutes: 180 });
    expect(hand({ weekMinutes: "0" }).success).toBe(true);
    expect(why(hand({ weekMinutes: "200", days: ["2"], does: ["parts"] }))?.[0]).toContain(
      "between 0 and 112",
    );
  });
  it("the maker's own has none of it", () =>
    expect(s.hand.safeParse({ intent: "hand", name: "Me", loops: "over" }).data).toMatchObject({
      weekMinutes: 0,
    }));
});
