import { minor, milligrams, mm, micrometres } from "@core/units";
import { describe, expect, it } from "vitest";
import { BARE_SALE } from "@core/costing";
import { sequence, type Task } from "@core/planning/sequence";
import type { Ball } from "@db/queries/balls";
import type { ItemWithRevision } from "@db/queries/items";
import { learnWinding, NOTHING_WOUND } from "@core/kit";
import { USUAL_KIT, type KitContent } from "@db/queries/kits";
import type { Colourway } from "@db/queries/colourways";
import { analyseItem, type ItemAnalysis, type NotionView } from "@core/item";
import { notionOf, yarnOf } from "../../../tests/things";
import { draftOf, inColourway, weighedWindings, type Surroundings } from "../items/load.server";
import { asKit, kitFigures } from "../items/kit-figures";
import { kitPoints, kitSteps, tasksOfKit } from "./table";
import { figureAnswer } from "../figure/picture";
import { safetyFacts } from "../safety/facts";
import { kitFile, kitOf, kitOfFile, kitPaper, windingList } from "./kit.server";

const yarn = (id: string) => yarnOf(id, { hookMm: mm(3) });
const notion = (id: string, kind: NotionView["kind"], packSize: number) =>
  notionOf(id, kind, { sizeMm: kind === "eye" ? mm(6) : undefined, packSize, packPrice: minor(500) });
const PATTERN =
  "Body\nRnd 1: With red, 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnds 4-7: 18 sc (18)\nInsert 6 mm eyes between rounds 4 and 5, 4 sts apart.\nStuff firmly.\nRnd 8: change to white. (sc, dec) x 6 (12)\nRnd 9: dec x 6 (6)\nFasten off and close the hole.\n\nHanger (white)\nCh 12.\n\nAssembly\nSew the hanger to the top of the body.";
const revision = {
  id: "r",
  itemId: "i",
  number: 1,
  createdAt: new Date(0),
  pattern: PATTERN,
  firmness: "medium",
  hanger: true,
  note: "",
  slots: ["red", "white"].map((slot) => ({ slot, yarnId: slot, hookUm: micrometres(3000), strands: 1 })),
  notions: [
    { notionId: "eyes", quantity: 2 },
    { notionId: "fibre", quantity: 1 },
    { notionId: "ring", quantity: 1 },
  ],
} as const;
const entry = {
  item: { name: "Ball", kind: "keychain", channelId: null, yieldBp: 10_000, secondBrings: 0 },
  revision,
} as unknown as ItemWithRevision;
const surroundings = {
  yarns: [yarn("red"), yarn("white")],
  notions: [notion("eyes", "eye", 50), notion("fibre", "filling", 250_000), notion("ring", "ring", 20)],
  channels: [],
  money: { wagePerHour: 1200, overheadPerHour: 180, marginBp: 1000, pricePoints: [0, 50] },
  reading: { locale: "en-IE", system: "metric", currency: "EUR" },
  terms: "us",
  hand: {},
  wound: NOTHING_WOUND,
} as unknown as Surroundings;
const analysis = analyseItem(draftOf(revision), {
  yarns: surroundings.yarns,
  notions: surroundings.notions,
  money: surroundings.money,
  selling: BARE_SALE,
  price: undefined,
  reading: surroundings.reading,
  terms: "us",
});
const kit = (over: Partial<KitContent> = {}) =>
  kitOf(entry, analysis, surroundings, { ...USUAL_KIT, ...over });

describe("a kit that is handed on", () => {
  it("says how it is chosen and what lies in it, and comes back as one of the choices here", () => {
    const own = { ...USUAL_KIT, chanceBp: 200, hook: true };
    const file = kitFile(kitOf(entry, analysis, surroundings, own), own);
    expect(file.contents.map((c) => c.what)).toEqual(expect.arrayContaining(["eyes", "Crochet hook"]));
    expect(kitOfFile(file)).toMatchObject({ chanceBp: 200, hook: true, winderMm: USUAL_KIT.winderMm });
    expect(kitOfFile({ ...file, chanceShort: 0.013 }).chanceBp).toBe(100);
    expect(kitOfFile({ ...file, chanceShort: 0.4 }).chanceBp).toBe(500);
  });
});

describe("windings that were weighed", () => {
  // 230 m of 100 g: 20 turns of 60 cm should weigh 5.217 g.
  const weighed = (mg: number) =>
    weighedWindings(
      [{ yarnId: "red", turns: 20, turnMm: mm(600), mg: milligrams(mg) }],
      [{ id: "red", mmPer100g: 230_000 }],
    );
  it("are held against what their turns should weigh", () => {
    expect(weighed(5217)[0]?.expected).toBeCloseTo(5217.4, 1);
    expect(weighedWindings([{ yarnId: "gone", turns: 2, turnMm: mm(600), mg: milligrams(9) }], [])).toEqual(
      [],
    );
  });
  it("put the turns right: longer turns are fewer, and the weight of a kit stays", () => {
    const plain = kit();
    const wound = learnWinding(Array.from({ length: 8 }, () => weighed(7500)).flat());
    const told = kitOf(entry, analysis, { ...surroundings, wound }, USUAL_KIT);
    const of = (k: typeof plain, id: string) => k.colours.find((c) => c.yarnId === id);
    // Over a third more on each turn; part of it is the winder's own and goes along to white.
    expect(of(told, "red")?.turns).toBeLessThan(of(plain, "red")?.turns ?? 0);
    expect(of(told, "white")?.turns).toBeLessThanOrEqual(of(plain, "white")?.turns ?? 0);
    expect(of(told, "red")?.grams).toBeLessThanOrEqual(of(plain, "red")?.grams ?? 0);
  });
});

describe("a kit of an item", () => {
  const usual = kit();
  it("holds more of every colour than she uses, in steps of a kitchen scale, and turns enough for it", () => {
    expect(usual.colours.map((c) => c.slot)).toEqual(["red", "white"]);
    for (const c of usual.colours) {
      expect(c.grams).toBeGreaterThan(c.ownGrams);
      expect(Math.abs(c.grams * 10 - Math.round(c.grams * 10))).toBeLessThan(1e-6);
      expect(c.turns * 0.6).toBeGreaterThanOrEqual(c.metres);
      expect((c.turns - 1) * 0.6).toBeLessThan(c.metres);
    }
    expect(usual.reserveCost).toBeGreaterThan(0);
  });
  it("needs less with a hook in it and has it in the list; more for a smaller chance", () => {
    const hook = kit({ hook: true });
    expect(hook.reserveShare).toBeLessThan(usual.reserveShare);
    expect(hook.items.map((x) => x.what)).toContain("Crochet hook");
    expect(kit({ chanceBp: 20 }).reserveShare).toBeGreaterThan(usual.reserveShare);
  });
  it("has a spare pair of eyes unless she says no", () => {
    const eyes = (k: ReturnType<typeof kit>) => k.items.find((x) => x.what === "eyes")?.count;
    expect([eyes(usual), eyes(kit({ spareEyes: false }))]).toEqual([4, 2]);
  });
  it("takes her minutes for a started ring, and its price pays for all of it", () => {
    // Its own seconds, and one kind more to count out.
    expect(kit({ startedRing: true }).seconds - usual.seconds).toBe(70 + 12);
    expect(usual.price).toBeGreaterThan(usual.cost);
    expect(usual.lines.reduce((s, l) => s + l.amount, 0)).toBe(usual.cost);
  });
  it("is wound from opened balls first, and says how many are short", () => {
    const ball = (id: string, mg: number, state: Ball["state"]) =>
      ({ id, yarnId: "red", lot: "7", mg, reserved: 0, state }) as Ball;
    const each = (usual.colours[0]?.grams ?? 0) * 1000;
    const [red, white] = windingList(usual, 10, [
      ball("new", 6 * each, "full"),
      ball("open", 2.5 * each, "opened"),
    ]);
    expect(red?.winding.steps.map((s) => [s.ballId, s.kits])).toEqual([
      ["open", 2],
      ["new", 6],
    ]);
    expect(red?.winding.missing).toBe(2);
    expect(white?.winding.missing).toBe(10);
  });
  it("lists on its sheet what the page lists, and the hook among what is needed besides", () => {
    const paper = kitPaper(usual, analysis, USUAL_KIT, surroundings);
    expect(paper.contents).toHaveLength(usual.colours.length + usual.items.length);
    expect(paper.besides[0]).toBe("A crochet hook of 3 mm");
    expect(kitPaper(usual, analysis, { ...USUAL_KIT, hook: true }, surroundings).besides).not.toContain(
      "A crochet hook of 3 mm",
    );
  });
});

describe("what the rules of safety look at", () => {
  const answer = figureAnswer({
    checked: analysis.checked,
    text: PATTERN,
    parts: analysis.piece.parts,
    as: "measures",
  });
  if (answer?.kind !== "measures") throw new Error("the ball is a figure");
  const { measures } = answer;
  const facts = safetyFacts(
    "toy-3",
    draftOf(revision),
    analysis,
    measures,
    surroundings.yarns,
    surroundings.notions,
  );
  it("is the whole figure, its sewn parts, its loop by its length around, and its pressed eyes", () => {
    expect(facts.pressedEyes).toBe(2);
    expect(facts.cords).toHaveLength(1);
    expect(facts.cords[0]).toMatchObject({ name: "Hanger", loop: true });
    expect(facts.cords[0]?.lengthMm).toBeCloseTo(12 * (analysis.piece.parts[1]?.fabric.stitch.width ?? 0), 6);
    expect(facts.whole[1]).toBeGreaterThan(analysis.piece.parts[0]?.fabric.height ?? 999);
    expect(facts.filling).toBe("fibre");
    expect(facts.notions.map((n) => n.kind)).not.toContain("filling");
  });
});

describe("a kit among what she sells", () => {
  const around = { ...surroundings, price: undefined, selling: BARE_SALE };
  const figures = (over: Partial<KitContent> = {}, notions = surroundings.notions) =>
    kitFigures(draftOf(revision), analysis, { ...surroundings, notions }, BARE_SALE, {
      ...USUAL_KIT,
      ...over,
    });
  const f = figures();
  const sold = asKit(analysis, f, around);
  const need = (a: ItemAnalysis, id: string) => a.needs.find((n) => n.materialId === id);
  const own = sold.kit;
  if (!own) throw new Error("no kit");

  it("takes from the stock what is wound, filled in and counted out, spares too, and nothing else", () => {
    expect(sold.needs.map((n) => n.materialId).sort()).toEqual(["eyes", "fibre", "red", "ring", "white"]);
    for (const c of f.colours) expect(need(sold, c.slot)?.each).toBeCloseTo(c.grams * 1000, 6);
    expect(need(sold, "eyes")).toMatchObject({ each: 4, eachHigh: 4 });
    expect(need(sold, "fibre")?.each).toBeGreaterThan(need(analysis, "fibre")?.eachHigh ?? 0);
  });
  it("gives each eye the washer that goes with it, the spare ones too", () => {
    const washed = [
      { ...notion("eyes", "eye", 50), washerId: "washers" },
      notion("washers", "washer", 50),
      notion("fibre", "filling", 250_000),
    ];
    const a = asKit(analysis, figures({}, washed), around);
    expect([need(a, "eyes")?.each, need(a, "washers")?.each]).toEqual([4, 4]);
  });
  it("is cut as one length of each colour, as long as what is wound", () => {
    expect(sold.lengths.map((l) => [l.slot, l.make, l.filled])).toEqual([
      ["red", 1, false],
      ["white", 1, false],
    ]);
    expect(sold.lengths.map((l) => l.mg)).toEqual(f.colours.map((c) => c.grams * 1000));
  });
  it("takes the hours of winding and packing, and its price pays for those", () => {
    expect(sold.piece.seconds.value).toBe(usualSeconds());
    expect(sold.piece.seconds.low).toBeLessThan(sold.piece.seconds.value);
    expect(sold.piece.seconds.high).toBeGreaterThan(sold.piece.seconds.value);
    expect(sold.piece.seconds.value).toBeLessThan(analysis.piece.seconds.value / 3);
    expect(sold.price).toBe(sold.pricing?.suggested);
    expect(sold.earning.profit).toBeGreaterThanOrEqual(0);
    expect(asKit(analysis, f, { ...around, price: 2400 }).price).toBe(2400);
  });
  it("is worked at the table in steps, and in a run as tasks whose seconds are the kit's", () => {
    const steps = kitSteps(own, surroundings.reading);
    expect(new Set(steps.map((x) => x.id)).size).toBe(steps.length);
    expect(steps[0]?.text).toContain("turns");
    expect(steps.at(-1)?.title).toBe("Pack and weigh");
    const tasks = tasksOfKit({ label: "Ball, kit", kit: own, slotOf }, "1", surroundings.reading);
    expect(tasks.reduce((x, t) => x + t.seconds, 0)).toBeCloseTo(sold.piece.seconds.value, 6);
    // A yarn is named as the pieces of the run name it.
    expect(tasks.flatMap((t) => t.colour ?? [])).toEqual(["of red", "of white"]);
    const order = sequenceOf(tasks);
    expect(order.order.at(-1)).toBe("1 bagging 0");
  });
  it("is looked at by its contents and its weight", () => {
    const points = kitPoints(own, surroundings.reading);
    expect(points.filter((x) => x.id.startsWith("colour"))).toHaveLength(2);
    expect(points.find((x) => x.id === "weight")?.text).toMatch(/\d\sg, [\d.]+\sg more or less/);
    expect(points.filter((x) => x.firm).map((x) => x.id)).toEqual(["things", "weight"]);
  });
  it("has a price of its own in its own colours, and no share that fails", () => {
    const item = { name: "Ball", kind: "figure", price: 900, yieldBp: 8000, secondBrings: 100 };
    const base = { item, revision } as unknown as ItemWithRevision;
    const dressed = inColourway(base, { asKit: true, price: null, slots: [] } as unknown as Colourway);
    expect(dressed).toMatchObject({ asKit: true, item: { kind: "kit", price: null, yieldBp: 10_000 } });
    expect(dressed.revision.slots).toEqual(revision.slots);
    const piece = inColourway(base, { asKit: false, price: null, slots: [] } as unknown as Colourway);
    expect(piece.asKit).toBeUndefined();
    expect(piece.item.price).toBe(900);
  });
});

const usualSeconds = (): number => kit().seconds;
const sequenceOf = (tasks: readonly Task[]) => sequence(tasks, { colour: 20, hook: 0, stage: 10 }, "best");
const slotOf = (slot: string) => ({ colour: `of ${slot}`, hookMm: 3 });
