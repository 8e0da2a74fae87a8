import { parseDate } from "@internationalized/date";
import { readFileSync } from "node:fs";
import path from "node:path";
import { PLAIN_STYLE } from "../core/notation";
import { benchSteps } from "../core/planning";
import { paceUsed } from "../core/hand";
import { analyseItem, expectedFor, stageWork, tradeAround, tradeExpected } from "../core/item";
import { aroundOf, draftOf, loadSurroundings, type Surroundings } from "../app/features/items/load.server";
import type { Database } from "../db/connect";
import { lapFactor, batchFactor } from "../core/calibrate";
import { randomFrom } from "../core/calibrate/simulated-makers";
import { plannedLine } from "../app/features/runs/line";
import {
  addWork,
  secondsAt,
  secondsOfWork,
  STAGES,
  tradePerStitch,
  workOfStage,
  type Stage,
} from "../core/estimate";
import type { WeightClass } from "../core/fabric";
import {
  micrometres,
  milligrams,
  minor,
  mm,
  seconds,
  type Micrometres,
  type Milligrams,
  type Minor,
} from "../core/units";
import { givable, sharesOf } from "../app/features/runs/shares";
import { listHands, saveHand, saveTiming, saveWeighIn } from "../db/queries/hands";
import {
  createItem,
  findItem,
  listItems,
  saveItem,
  setItemPoints,
  setItemSeasons,
  type ItemKind,
  type ItemWithRevision,
} from "../db/queries/items";
import { saveNotion, saveSwatch, saveYarn } from "../db/queries/materials";
import { addBalls, type NewBall } from "../db/queries/balls";
import { keepScenario } from "../db/queries/scenarios";
import { saveColourway } from "../db/queries/colourways";
import { saveWinding, USUAL_KIT } from "../db/queries/kits";
import { addPhoto } from "../db/queries/photos";
import { createPurchase } from "../db/queries/purchases";
import { benchPrefix, findBenchLine, keepActs, setBenchTimings, setMade } from "../db/queries/bench";
import { createRun, findRun, finishRun, shareRun, startRun } from "../db/queries/runs";
import { postMoves } from "../db/queries/stock";
import { notePrice, saveSupplier } from "../db/queries/suppliers";
import {
  createWorkshop,
  findWorkshop,
  listChannels,
  saveChannel,
  type Workshop,
} from "../db/queries/workshops";
import type { Scope } from "../db/scope";
import { sowSales } from "./sales";

const pattern = (name: string) =>
  readFileSync(path.join(import.meta.dirname, "patterns", `${name}.txt`), "utf8");

interface DemoYarn {
  readonly key: string;
  readonly name: string;
  readonly shade: string;
  readonly colour: string;
  /** Balls as they lie: lot, place, mg on each; a scrap is marked. */
  readonly balls: readonly (readonly [lot: string, place: string, mg: number, scrap?: "scrap"])[];
}
const COTTON = {
  name: "DK cotton",
  fibre: "100 % cotton",
  weightClass: 3,
  hookUm: micrometres(4000),
  mmPer100g: 230_000,
  ballMg: milligrams(50_000),
  ballPrice: minor(290),
};
const MIX = {
  name: "Worsted wool mix",
  fibre: "55 % wool, 45 % acrylic",
  weightClass: 4,
  hookUm: micrometres(5000),
  mmPer100g: 175_000,
  ballMg: milligrams(100_000),
  ballPrice: minor(640),
};
const TOP = "top drawer";
const BASKET = "scrap basket";
const COTTONS: readonly DemoYarn[] = [
  {
    key: "slate",
    name: "DK cotton",
    shade: "slate",
    colour: "#3d4c57",
    balls: [
      ["4471", TOP, 50_000],
      ["4471", TOP, 50_000],
      ["4471", TOP, 37_000],
      ["3902", BASKET, 8_500, "scrap"],
      ["3902", BASKET, 5_200, "scrap"],
    ],
  },
  {
    key: "white",
    name: "DK cotton",
    shade: "chalk white",
    colour: "#f1f0ea",
    balls: [
      ["118", TOP, 50_000],
      ["118", TOP, 36_500],
    ],
  },
  {
    key: "orange",
    name: "DK cotton",
    shade: "buoy orange",
    colour: "#d9692b",
    balls: [
      ["77", TOP, 24_000],
      ["61", BASKET, 7_000, "scrap"],
    ],
  },
  {
    key: "navy",
    name: "DK cotton",
    shade: "deep navy",
    colour: "#22304f",
    balls: [
      ["205", BASKET, 9_500, "scrap"],
      ["", BASKET, 3_000, "scrap"],
    ],
  },
  {
    key: "silver",
    name: "DK cotton",
    shade: "herring silver",
    colour: "#aab4ba",
    balls: [["880", BASKET, 9_000, "scrap"]],
  },
  {
    key: "red",
    name: "DK cotton",
    shade: "signal red",
    colour: "#b5322c",
    balls: [
      ["31", TOP, 50_000],
      ["31", TOP, 24_000],
    ],
  },
  {
    key: "yellow",
    name: "DK cotton",
    shade: "oilskin yellow",
    colour: "#e5b72f",
    balls: [["9", "window box", 18_000]],
  },
  {
    key: "sand",
    name: "DK cotton",
    shade: "wet sand",
    colour: "#b79b74",
    balls: [["52", "window box", 33_000]],
  },
  {
    key: "coral",
    name: "DK cotton",
    shade: "crab coral",
    colour: "#d66b5a",
    balls: [["14", "window box", 27_500]],
  },
  { key: "teal", name: "DK cotton", shade: "boat teal", colour: "#2f7f84", balls: [["640", TOP, 46_000]] },
  {
    key: "cream",
    name: "DK cotton",
    shade: "sail cream",
    colour: "#e9dfc5",
    balls: [["300", "window box", 39_000]],
  },
  {
    key: "dusk",
    name: "DK cotton",
    shade: "dusk blue",
    colour: "#4c5a72",
    balls: [
      ["17", "window box", 50_000],
      ["17", "window box", 21_000],
    ],
  },
];

/**
 * The true hand behind the demo's measurements: looser than the trade by a tenth, quicker at stitches, slower
 * at sewing on.
 */
export const HIDDEN_HAND = {
  tension: 1.11,
  yarns: { slate: 1.02, "chalk white": 0.97, "signal red": 1.04, "fog grey": 0.96 } as Readonly<
    Record<string, number>
  >,
  crochet: 0.86,
  finishing: 1.12,
  packing: 1.15,
  batch: 0.95,
} as const;

/** What the trade expects of a demo item; reckoned right here, for these patterns are our own. */
function tradeOf(entry: ItemWithRevision, surroundings: Surroundings) {
  const draft = draftOf(entry.revision);
  return tradeExpected(draft, analyseItem(draft, tradeAround(aroundOf(entry, surroundings))));
}

/** Four hours a day are enough for the maker's hands. */
async function spareHands(scope: Scope): Promise<void> {
  const [hand] = await listHands(scope);
  if (hand) await saveHand(scope, { name: hand.name, loops: hand.loops, dayLimitMinutes: 240 }, hand.id);
}

/** An evening at the bench: two pieces of a run's first line done, and the third under way. */
async function benchEvening(scope: Scope, workshop: Workshop, runId: string): Promise<void> {
  const [line] = (await findRun(scope, runId))?.lines ?? [];
  const found = line && (await findItem(scope, line.itemId));
  const [hand] = await listHands(scope);
  if (!line || !found || !hand) throw new Error("the demo run is missing");
  const surroundings = await loadSurroundings(scope, workshop);
  const a = analyseItem(draftOf(found.revision), aroundOf(found, surroundings));
  const steps = benchSteps(
    a.checked,
    a.piece.parts.map((p) => p.fabric),
    PLAIN_STYLE,
    found.revision.pattern,
  );
  // Each kind of work takes what her own measurements say, shared among its steps: rounds by their stitches.
  const hers = paceUsed(surroundings.hand.pace);
  const shareOf = (s: (typeof steps)[number]) => (s.stage === "crochet" ? 2 + s.stitches : 1);
  const msOf = (s: (typeof steps)[number]) => {
    const like = steps.filter((x) => x.stage === s.stage).reduce((sum, x) => sum + shareOf(x), 0);
    return (1000 * secondsAt(workOfStage(a.piece.work, s.stage), hers) * shareOf(s)) / like;
  };
  const pace = [1.05, 0.97, 1.01];
  const places = pace.flatMap((slower, i) =>
    (i < 2 ? steps : steps.slice(0, 8)).map((s) => ({
      piece: i + 1,
      step: s.id,
      ms: Math.round(slower * msOf(s)),
    })),
  );
  let at = scope.now.getTime() - places.reduce((sum, p) => sum + p.ms, 0) - 3_600_000;
  await keepActs(
    scope,
    line.id,
    places.map((p, i) => ({
      ...p,
      key: `demo-${line.id.slice(-12)}-${i}`,
      at: (at += p.ms),
      device: "demo-phone",
      handId: hand.id,
      kind: "done",
      about: null,
      text: null,
    })),
  );
  const bench = await findBenchLine(scope, line.id);
  if (bench) await setMade(scope, bench, 2);
}

/** Two pieces of a run's first line as the bench timed them: slower at the sewing than planned. */
async function timeRun(scope: Scope, workshop: Workshop, runId: string, madeOn: string): Promise<void> {
  const [line] = (await findRun(scope, runId))?.lines ?? [];
  const found = line && (await findItem(scope, line.itemId));
  const [hand] = await listHands(scope);
  if (!line || !found || !hand) throw new Error("the demo run is missing");
  const surroundings = await loadSurroundings(scope, workshop);
  const { piece } = analyseItem(draftOf(found.revision), aroundOf(found, surroundings));
  const hers = paceUsed(surroundings.hand.pace);
  const pace = line.plannedWith.seconds / secondsAt(piece.work, hers);
  const slower: Partial<Record<Stage, number>> = { crochet: 1.03, sewing: 1.24, filling: 0.96 };
  // Two in a go are slower than two of twelve.
  const { batch } = surroundings.hand;
  const short = batchFactor(batch, 2).factor / batchFactor(batch, line.quantity).factor;
  await setBenchTimings(
    scope,
    benchPrefix(line.id),
    STAGES.flatMap((stage) => {
      const work = workOfStage(piece.work, stage);
      const each = pace * short * secondsAt(work, hers) * (slower[stage] ?? 1);
      const laps = [1.02, 0.98].map((x) => Math.round(each * x));
      if (laps.some((x) => x === 0)) return [];
      return [
        {
          handId: hand.id,
          itemId: line.itemId,
          revisionId: line.revisionId,
          part: "",
          stage,
          pieces: laps.length,
          seconds: seconds(laps.reduce((n, x) => n + x, 0)),
          laps,
          work: addWork(work, work),
          madeOn,
          note: "bench: Autumn market",
          idempotencyKey: `${benchPrefix(line.id)}${madeOn}-${stage}`,
        },
      ];
    }),
  );
}

/** A helper with three hours a week, timed twice, who makes the small parts of a run. */
async function shareWithHelper(
  scope: Scope,
  workshop: Workshop,
  runId: string,
  today: string,
): Promise<void> {
  const helper = await saveHand(scope, {
    name: "Nell",
    loops: "over",
    weekMinutes: 180,
    workDays: "0010010",
    does: ["parts", "finishing"],
  });
  const lines = (await findRun(scope, runId))?.lines ?? [];
  const surroundings = await loadSurroundings(scope, workshop);
  const entries = await Promise.all(lines.map((l) => findItem(scope, l.itemId)));
  for (const [i, entry] of entries.slice(0, 2).entries()) {
    if (!entry) continue;
    const one = stageWork(tradeOf(entry, surroundings), "", "crochet");
    const laps = [1.16, 1.09, 1.12].map((x) => Math.round(secondsOfWork(one) * x));
    await saveTiming(scope, {
      handId: helper,
      itemId: entry.item.id,
      revisionId: entry.revision.id,
      part: "",
      stage: "crochet",
      pieces: laps.length,
      seconds: seconds(laps.reduce((a, b) => a + b, 0)),
      laps,
      work: Object.fromEntries(Object.entries(one).map(([k, v]) => [k, v * laps.length])),
      madeOn: parseDate(today)
        .subtract({ days: 24 - 3 * i })
        .toString(),
      note: "",
      idempotencyKey: `demo-helper-${i}`,
    });
  }
  const hers = await loadSurroundings(scope, workshop, helper);
  const small = /^part:.*(wing|claw|eye|flag|tail)/i;
  const shares = lines.flatMap((l, i) => {
    const entry = entries[i];
    if (!entry) return [];
    const at = (s: Surroundings) =>
      givable(analyseItem(draftOf(entry.revision), aroundOf(entry, s)).piece, paceUsed(s.hand.pace));
    const mine = at(surroundings);
    const given = new Map(mine.filter((g) => small.test(g.work)).map((g) => [g.work, helper] as const));
    return [[l.id, sharesOf(l.plannedWith.seconds, mine, given, new Map([[helper, at(hers)]]))] as const];
  });
  await shareRun(scope, runId, new Map(shares));
}

/** Six months of weighing and timing as that hand would have left them, on a scale of 0.1 g. */
async function measureWithHiddenHand(scope: Scope, workshop: Workshop, today: string): Promise<void> {
  const [hand] = await listHands(scope);
  const surroundings = await loadSurroundings(scope, workshop);
  const { normal } = randomFrom(31);
  const day = (ago: number) => parseDate(today).subtract({ days: ago }).toString();
  const items = await listItems(scope);
  const yarns = new Map(surroundings.yarns.map((y) => [y.id, y]));
  for (const [i, { name, part, pieces, ago, fill }] of (
    [
      { name: "Puffin", part: "Body", pieces: 3, ago: 160, fill: false },
      { name: "Puffin", part: "Wings", pieces: 6, ago: 120, fill: false },
      { name: "Lighthouse", part: "Tower", pieces: 2, ago: 96, fill: false },
      { name: "Seal", part: "Body", pieces: 2, ago: 75, fill: false },
      { name: "Puffin", part: "", pieces: 4, ago: 60, fill: true },
      { name: "Buoy", part: "Float", pieces: 4, ago: 44, fill: false },
      { name: "Seal", part: "", pieces: 3, ago: 40, fill: true },
      { name: "Puffin", part: "Body", pieces: 4, ago: 18, fill: false },
    ] as const
  ).entries()) {
    const entry = items.find((x) => x.item.name.startsWith(name));
    if (!entry || !hand) continue;
    const e = expectedFor(tradeOf(entry, surroundings), part);
    const own = HIDDEN_HAND.yarns[yarns.get(e.yarnId ?? "")?.shade ?? ""] ?? 1;
    const real = fill ? e.fillingMg * HIDDEN_HAND.packing : e.stitchMg * HIDDEN_HAND.tension * own + e.tailMg;
    if (real <= 0) continue;
    const shown = Math.max(100, Math.round((real * pieces * Math.exp(0.03 * normal())) / 100) * 100);
    await saveWeighIn(scope, {
      handId: hand.id,
      kind: fill ? "filling" : "yarn",
      itemId: entry.item.id,
      revisionId: entry.revision.id,
      part,
      pieces,
      yarnId: fill ? null : (e.yarnId ?? null),
      hookUm: fill || e.hookMm === undefined ? null : micrometres(e.hookMm * 1000),
      loops: "over",
      firmness: fill ? e.firmness : null,
      weightMg: milligrams(shown),
      stepMg: milligrams(100),
      expectedMg: milligrams(Math.round((fill ? e.fillingMg : e.stitchMg) * pieces)),
      besideMg: milligrams(fill ? 0 : Math.round(e.tailMg * pieces)),
      madeOn: day(ago),
      note: "",
      idempotencyKey: `demo-weigh-${i}`,
    });
  }
  for (const [i, { name, stage, pieces, ago }] of (
    [
      { name: "Puffin", stage: "crochet", pieces: 1, ago: 158 },
      { name: "Puffin", stage: "sewing", pieces: 2, ago: 157 },
      { name: "Buoy", stage: "crochet", pieces: 2, ago: 118 },
      { name: "Seal", stage: "crochet", pieces: 1, ago: 74 },
      { name: "Buoy", stage: "filling", pieces: 6, ago: 58 },
      { name: "Lighthouse", stage: "ends", pieces: 4, ago: 35 },
      { name: "Puffin", stage: "face", pieces: 6, ago: 20 },
      { name: "Sardine", stage: "crochet", pieces: 6, ago: 9 },
    ] as const
  ).entries()) {
    const entry = items.find((x) => x.item.name.startsWith(name));
    if (!entry || !hand) continue;
    const one = stageWork(tradeOf(entry, surroundings), "", stage);
    const each = secondsOfWork(one) * (stage === "crochet" ? HIDDEN_HAND.crochet : HIDDEN_HAND.finishing);
    if (each <= 0) continue;
    const laps = Array.from({ length: pieces }, (_, n) =>
      Math.max(
        1,
        Math.round(each * lapFactor(Math.log2(HIDDEN_HAND.batch), n + 1) * Math.exp(0.05 * normal())),
      ),
    );
    await saveTiming(scope, {
      handId: hand.id,
      itemId: entry.item.id,
      revisionId: entry.revision.id,
      part: "",
      stage,
      pieces,
      seconds: seconds(laps.reduce((a, b) => a + b, 0)),
      laps,
      work: Object.fromEntries(Object.entries(one).map(([k, v]) => [k, v * pieces])),
      madeOn: day(ago),
      note: "",
      idempotencyKey: `demo-time-${i}`,
    });
  }
}

/** The harbour-town stall, everything invented. `today` is passed in so that markets lie ahead. */
export const seedDemo = (db: Database, today: string, now: Date): Promise<string> =>
  // In one transaction: cut off in the middle nothing of it is there, and the next start sows it whole.
  db.transaction((tx) => sow(tx as unknown as Database, today, now));

/** How an item was written first, before it was changed. */
interface Written {
  readonly daysAgo: number;
  readonly note: string;
  readonly change: (pattern: string) => string;
}
const SLIMMER_PUFFIN: Written = {
  daysAgo: 41,
  note: "first one: too slim, and too little white",
  change: (pattern) =>
    pattern
      .replace(
        "Rnds 11–14: 7 sc in slate, 10 sc in white, 7 sc in slate (24)",
        "Rnds 11–12: 8 sc in slate, 8 sc in white, 8 sc in slate (24)",
      )
      .replace("Rnd 15:", "Rnd 13:")
      .replace("Rnd 16:", "Rnd 14:")
      .replace("Rnd 17:", "Rnd 15:")
      .replace("Rnds 3–5: 10 sc (10)", "Rnds 3–4: 10 sc (10)")
      .replace("Rnd 6: (3 sc, dec) × 2 (8)", "Rnd 5: (3 sc, dec) × 2 (8)"),
};

async function sow(db: Database, today: string, now: Date): Promise<string> {
  const workshopId = await createWorkshop(db, "Harbour stall", {
    locale: "en-IE",
    currency: "EUR",
    weekMinutes: 960,
    workDays: "1101110",
    wagePerHour: minor(1200),
    overheadPerHour: minor(180),
    marginBp: 800,
    pricePoints: "0,50",
  });
  const scope: Scope = { db, workshopId, now, within: true };
  const channels = await listChannels(scope);
  const stall = channels[0]?.id ?? "";
  await saveChannel(scope, {
    id: stall,
    name: "Market stall",
    fees: [{ name: "card", bp: 140 }],
    fixed: minor(0),
    stallFee: minor(2400),
    expectedPieces: 60,
  });
  const shop = await saveChannel(scope, {
    name: "Own web shop",
    fees: [
      { name: "card", bp: 150 },
      { name: "web shop", bp: 200 },
    ],
    fixed: minor(30),
    packing: minor(45),
    piecesPerSaleHundredths: 160,
  });
  const shelf = await saveChannel(scope, {
    name: "Gift shop shelf",
    fees: [{ name: "shelf", bp: 3000 }],
    fixed: minor(0),
  });
  const outright = await saveChannel(scope, {
    name: "Wholesale",
    fees: [],
    fixed: minor(0),
    leastPieces: 12,
    payWithinDays: 30,
  });

  // The stock was counted in summer, before the runs that used it.
  const summer: Scope = { ...scope, now: new Date(now.getTime() - 150 * 86_400_000) };
  const quay = await saveSupplier(scope, {
    name: "Yarn shed on the quay",
    deliveryDays: 0,
    minOrder: minor(0),
    note: "closed on Mondays",
  });
  const post = await saveSupplier(scope, {
    name: "Notions by post",
    deliveryDays: 5,
    minOrder: minor(2500),
    note: "",
  });
  const packers = await saveSupplier(scope, {
    name: "Packaging depot",
    deliveryDays: 8,
    minOrder: minor(1500),
    note: "",
  });
  const start = parseDate(today);
  const ago = (days: number) => start.subtract({ days }).toString();
  const ahead = (days: number) => start.add({ days }).toString();
  const yarnIds = new Map<string, string>();
  const found = (yarnId: string, fullMg: Milligrams, price: Minor, balls: DemoYarn["balls"]): NewBall[] =>
    balls.map(([lot, place, mg, scrap]) => ({
      yarnId,
      lot,
      place,
      mg: milligrams(mg),
      scrap: scrap !== undefined,
      fullMg,
      price,
      kind: "weighed",
    }));
  for (const { key, balls, ...y } of COTTONS) {
    const id = await saveYarn(scope, {
      ...COTTON,
      ...y,
      bandStitches: 22,
      bandRows: 28,
      care: "wash at 40 °C",
      supplierId: quay,
    });
    yarnIds.set(key, id);
    await addBalls(summer, found(id, COTTON.ballMg, minor(275), balls));
    await notePrice(
      summer,
      { materialKind: "yarn", materialId: id, supplierId: quay, packSize: COTTON.ballMg, price: minor(275) },
      ago(150),
    );
    await notePrice(
      scope,
      {
        materialKind: "yarn",
        materialId: id,
        supplierId: quay,
        packSize: COTTON.ballMg,
        price: minor(COTTON.ballPrice),
      },
      ago(40),
    );
  }
  const fog = await saveYarn(scope, {
    ...MIX,
    shade: "fog grey",
    colour: "#c5cacb",
    bandStitches: 18,
    bandRows: 24,
    care: "wash by hand",
    supplierId: quay,
  });
  yarnIds.set("pale grey", fog);
  await addBalls(
    summer,
    found(fog, MIX.ballMg, MIX.ballPrice, [
      ["21b", TOP, 100_000],
      ["21b", TOP, 40_000],
    ]),
  );
  // A scrap without a band: 1.5 m of it weighed 0.7 g on a scale of 0.1 g.
  const scrap = await saveYarn(scope, {
    name: "Scrap without a band",
    shade: "rust",
    colour: "#9a4a2c",
    fibre: "unknown",
    weightClass: 3,
    hookUm: micrometres(4000),
    mmPer100g: 214_286,
    lengthSigmaBp: 424,
    ballMg: milligrams(14_000),
    ballPrice: minor(0),
  });
  await addBalls(summer, found(scrap, milligrams(14_000), minor(0), [["", BASKET, 14_000, "scrap"]]));
  const yarn = (key: string) => yarnIds.get(key) ?? "";

  const washer5 = await saveNotion(scope, {
    kind: "washer",
    name: "Washers for 5 mm eyes",
    sizeUm: micrometres(5000),
    colour: null,
    packSize: 100,
    packPrice: minor(180),
    supplierId: post,
    place: "eye box",
  });
  const eyes6 = await saveNotion(scope, {
    kind: "eye",
    name: "Black eyes, 6 mm",
    sizeUm: micrometres(6000),
    colour: "#111111",
    packSize: 50,
    packPrice: minor(495),
    supplierId: post,
    spares: 2,
    place: "eye box",
  });
  const eyes5 = await saveNotion(scope, {
    kind: "eye",
    name: "Black eyes, 5 mm",
    sizeUm: micrometres(5000),
    colour: "#111111",
    packSize: 50,
    packPrice: minor(450),
    supplierId: post,
    washerId: washer5,
    place: "eye box",
  });
  const ring = await saveNotion(scope, {
    kind: "ring",
    name: "Split ring with chain, 25 mm",
    sizeUm: micrometres(25_000),
    colour: null,
    packSize: 20,
    packPrice: minor(560),
    supplierId: post,
    place: "ring tin",
  });
  const cord = await saveNotion(scope, {
    kind: "cord",
    name: "Cotton hanging loop",
    sizeUm: null,
    colour: null,
    packSize: 25,
    packPrice: minor(300),
    supplierId: post,
    place: "ring tin",
  });
  const fibre = await saveNotion(scope, {
    kind: "filling",
    name: "Polyester fibre",
    sizeUm: null,
    colour: null,
    packSize: 250_000,
    packPrice: minor(520),
    supplierId: post,
    place: "under the table",
  });
  const tag = await saveNotion(scope, {
    kind: "tag",
    name: "Swing tag and string",
    sizeUm: null,
    colour: null,
    packSize: 100,
    packPrice: minor(850),
    supplierId: packers,
    place: "packing shelf",
  });
  const bag = await saveNotion(scope, {
    kind: "bag",
    name: "Paper bag, small",
    sizeUm: null,
    colour: null,
    packSize: 100,
    packPrice: minor(600),
    supplierId: packers,
    place: "packing shelf",
  });
  const trimmings = await saveNotion(scope, {
    kind: "filling",
    name: "Scrap box, chopped yarn",
    sizeUm: null,
    colour: null,
    packSize: 100_000,
    packPrice: minor(0),
    densityBp: 25_000,
    place: BASKET,
  });
  await postMoves(summer, [
    { kind: "weighed", materialKind: "notion", materialId: trimmings, quantity: 65_000 },
    { kind: "counted", materialKind: "notion", materialId: washer5, quantity: 80 },
    { kind: "counted", materialKind: "notion", materialId: eyes6, quantity: 148 },
    { kind: "counted", materialKind: "notion", materialId: eyes5, quantity: 34 },
    { kind: "counted", materialKind: "notion", materialId: ring, quantity: 62 },
    { kind: "counted", materialKind: "notion", materialId: cord, quantity: 70 },
    { kind: "weighed", materialKind: "notion", materialId: fibre, quantity: 420_000 },
    { kind: "counted", materialKind: "notion", materialId: tag, quantity: 130 },
    { kind: "counted", materialKind: "notion", materialId: bag, quantity: 240 },
  ]);
  // Unravelled by the hidden hand; its stitch widths were measured too, but of yarn a width tells little.
  const [me] = await listHands(scope);
  const unravelled = (
    shade: string,
    weightClass: WeightClass,
    hookUm: number,
    stitches: number,
    slip: number,
  ) => ({
    sampleStitches: stitches,
    sampleMm: mm(
      stitches *
        tradePerStitch(weightClass, mm(hookUm / 1000)) *
        HIDDEN_HAND.tension *
        (HIDDEN_HAND.yarns[shade] ?? 1) *
        slip,
    ),
  });
  const swatch = { handId: me?.id ?? null, loops: "over" as const };
  await saveSwatch(scope, {
    ...swatch,
    yarnId: yarn("slate"),
    madeOn: ago(20),
    hookUm: micrometres(3000),
    stitches: 20,
    overMm: mm(92),
    rounds: 20,
    roundsOverMm: mm(88),
    ...unravelled("slate", 3, 3000, 30, 0.985),
  });
  await saveSwatch(scope, {
    ...swatch,
    yarnId: yarn("white"),
    madeOn: ago(19),
    hookUm: micrometres(3000),
    stitches: 20,
    overMm: mm(93),
    rounds: 20,
    roundsOverMm: mm(87),
    sampleStitches: null,
    sampleMm: null,
  });
  await saveSwatch(scope, {
    ...swatch,
    yarnId: fog,
    madeOn: ago(41),
    hookUm: micrometres(3500),
    stitches: 18,
    overMm: mm(98),
    rounds: 18,
    roundsOverMm: mm(92),
    ...unravelled("fog grey", 4, 3500, 24, 1.01),
  });

  const slots = (keys: readonly string[], hookUm = micrometres(3000)) =>
    keys.map((slot) => ({ slot, yarnId: yarn(slot), hookUm, strands: 1 }));
  const key = [{ notionId: ring, quantity: 1 }];
  const loop = [{ notionId: cord, quantity: 1 }];
  const pack = [
    { notionId: tag, quantity: 1 },
    { notionId: bag, quantity: 1 },
    { notionId: fibre, quantity: 1 },
  ];
  const add = async (
    name: string,
    kind: ItemKind,
    file: string,
    keys: readonly string[],
    more: readonly { notionId: string; quantity: number }[],
    extra: {
      price?: Minor;
      channelId?: string;
      hookUm?: Micrometres;
      hanger?: boolean;
      first?: Written;
    } = {},
  ): Promise<string> => {
    const head = { name, kind, price: extra.price ?? null, channelId: extra.channelId ?? stall };
    const content = {
      pattern: pattern(file),
      firmness: "medium" as const,
      hanger: extra.hanger ?? true,
      note: "",
      slots: slots(keys, extra.hookUm),
      notions: [...more, ...pack],
    };
    const { first } = extra;
    if (!first) return createItem(scope, head, content);
    const then = { ...scope, now: new Date(now.getTime() - first.daysAgo * 86_400_000) };
    const id = await createItem(then, head, {
      ...content,
      pattern: first.change(content.pattern),
      note: first.note,
    });
    await saveItem(scope, id, 1, head, content);
    return id;
  };
  const puffin = await add(
    "Puffin keychain",
    "keychain",
    "puffin",
    ["slate", "white", "orange"],
    [{ notionId: eyes6, quantity: 2 }, ...key],
    { price: minor(1650), first: SLIMMER_PUFFIN },
  );
  // What each puffin is held against.
  await setItemPoints(scope, puffin, ["Beak closed, no gap below it", "White face level with the eyes"]);
  for (const [kind, caption] of [
    ["sample", "Sample: Puffin keychain"],
    ["position", "Eyes and beak, a ruler beside them"],
  ] as const)
    await addPhoto(
      { ...scope, now: new Date(now.getTime() - 60 * 86_400_000) },
      { kind, itemId: puffin, batchId: null, caption },
      readFileSync(path.join(import.meta.dirname, "photos", `puffin-${kind}.jpg`)),
    );
  const seal = await add(
    "Seal pup keychain",
    "keychain",
    "seal-pup",
    ["pale grey"],
    [{ notionId: eyes6, quantity: 2 }, ...key],
    { hookUm: micrometres(3500) },
  );
  const sardine = await add(
    "Sardine keychain",
    "keychain",
    "sardine",
    ["silver", "navy"],
    [{ notionId: eyes5, quantity: 2 }, ...key],
    { price: minor(900) },
  );
  const crab = await add(
    "Hermit crab keychain",
    "keychain",
    "hermit-crab",
    ["sand", "coral"],
    [{ notionId: eyes5, quantity: 2 }, ...key],
    { channelId: shop },
  );
  const lighthouse = await add(
    "Lighthouse ornament",
    "ornament",
    "lighthouse",
    ["white", "red", "yellow"],
    [],
    { hanger: false },
  );
  const buoy = await add("Buoy ornament", "ornament", "buoy", ["red", "white", "navy"], loop);
  const boat = await add("Rowing boat ornament", "ornament", "rowing-boat", ["teal", "cream", "sand"], loop, {
    channelId: shelf,
  });

  const dress = async (
    itemId: string,
    name: string,
    price: Minor | null,
    keys: readonly (readonly [string, string])[],
  ) =>
    (await saveColourway(scope, {
      itemId,
      name,
      price,
      slots: keys.map(([slot, key]) => ({ slot, yarnId: yarn(key), hookUm: micrometres(3000), strands: 1 })),
    })) ?? "";
  await saveColourway(scope, { itemId: boat, name: "kit", price: minor(950), asKit: true, slots: [] });
  // The first kits were weighed: a turn is a little longer than the 60 cm it was taken for.
  for (const [key, turns, mg] of [
    ["teal", 22, 5950],
    ["teal", 22, 6040],
    ["cream", 9, 2440],
  ] as const)
    await saveWinding(scope, { yarnId: yarn(key), turns, turnMm: USUAL_KIT.winderMm, mg: milligrams(mg) });
  const winter = await dress(puffin, "winter plumage", minor(1750), [
    ["slate", "dusk"],
    ["white", "white"],
    ["orange", "coral"],
  ]);
  const sea = await dress(puffin, "all at sea", null, [
    ["slate", "navy"],
    ["white", "silver"],
    ["orange", "yellow"],
  ]);
  const oilskin = await dress(buoy, "oilskin", null, [
    ["red", "yellow"],
    ["white", "cream"],
    ["navy", "teal"],
  ]);

  const workshop = await findWorkshop(db, workshopId);
  if (!workshop) throw new Error("the demo workshop was not made");
  await measureWithHiddenHand(scope, workshop, today);
  const surroundings = await loadSurroundings(scope, workshop);
  const line = async (itemId: string, quantity: number) => {
    const found = await findItem(scope, itemId);
    if (!found) throw new Error("a demo item is missing");
    const a = analyseItem(draftOf(found.revision), aroundOf(found, surroundings));
    return {
      itemId,
      revisionId: found.revision.id,
      quantity,
      plannedWith: plannedLine(found.item.name, found.revision.number, a, quantity, surroundings.hand.batch),
    };
  };
  const plannedWith = {
    weekMinutes: workshop.weekMinutes,
    workDays: workshop.workDays,
    wagePerHour: workshop.wagePerHour,
    overheadPerHour: workshop.overheadPerHour,
  };
  const run = async (name: string, startOn: string, dueOn: string, lines: readonly [string, number][]) =>
    createRun(scope, {
      name,
      startOn,
      dueOn,
      plannedWith,
      lines: await Promise.all(lines.map(([id, n]) => line(id, n))),
    });
  const autumn = await run("Autumn market", ago(80), ago(52), [
    [puffin, 12],
    [buoy, 10],
  ]);
  await timeRun(scope, workshop, autumn, ago(58));
  const [puffins, buoys] = (await findRun(scope, autumn))?.lines ?? [];
  const outcome = { mended: 0, seconds: 0, rejected: [], mendingMinutes: 0, note: "" };
  await finishRun(
    { ...scope, now: new Date(now.getTime() - 54 * 86_400_000) },
    autumn,
    ago(54),
    new Map([
      [
        puffins?.id ?? "",
        {
          ...outcome,
          good: 8,
          mended: 2,
          mendingMinutes: 14,
          seconds: 1,
          rejected: [{ reason: "eyes not level", pieces: 1 }],
        },
      ],
      [buoys?.id ?? "", { ...outcome, good: 10 }],
    ]),
  );
  const refill = await run("Gift shop refill", ago(45), ago(30), [
    [boat, 8],
    [lighthouse, 6],
  ]);
  await finishRun({ ...scope, now: new Date(now.getTime() - 31 * 86_400_000) }, refill, ago(31));
  const advent = await run("First winter market", ago(6), ahead(12), [
    [puffin, 10],
    [seal, 6],
    [sardine, 12],
  ]);
  await startRun(scope, advent);
  await spareHands(scope);
  await benchEvening(scope, workshop, advent);
  await createPurchase(scope, {
    supplierId: post,
    orderedOn: ago(2),
    expectedOn: ahead(3),
    lines: [{ materialKind: "notion", materialId: ring, packs: 1, packSize: 20, packPrice: minor(560) }],
  });
  const second = await run("Second winter market", ahead(13), ahead(33), [
    [puffin, 16],
    [buoy, 14],
    [crab, 10],
    [lighthouse, 8],
  ]);
  await shareWithHelper(scope, workshop, second, today);
  await keepScenario(scope, {
    name: "A tenth dearer, one buyer in twelve fewer",
    price: minor(10),
    quantity: -8,
    pace: 0,
    yarn: 0,
    yield: 0,
    wage: 0,
  });
  /** Pieces that a usual market day, a week of the web shop and one of the gift shop ask for. */
  const ware = async (
    itemId: string,
    [market, shop, weekly]: readonly [number, number, number],
    colourwayId = "",
    price?: number,
  ) => {
    const found = await findItem(scope, itemId);
    const own = found && analyseItem(draftOf(found.revision), aroundOf(found, surroundings)).price;
    return { itemId, colourwayId, price: price ?? own ?? 1500, market, shop, shelf: weekly };
  };
  await setItemSeasons(
    scope,
    new Map([
      [crab, "summer"],
      [lighthouse, "winter"],
    ]),
  );
  await sowSales(
    scope,
    [
      await ware(puffin, [4.2, 0.9, 0.5]),
      await ware(seal, [2.6, 0.7, 0.4]),
      await ware(sardine, [3.4, 0.5, 0.6]),
      { ...(await ware(crab, [1.5, 0.5, 0.2])), season: "summer" },
      { ...(await ware(lighthouse, [0.9, 0.2, 0.5])), season: "winter" },
      await ware(buoy, [3.0, 0.4, 0.5]),
      await ware(boat, [1.2, 0.2, 0.3]),
      await ware(puffin, [1.6, 0.4, 0], winter, 1750),
      await ware(puffin, [0.8, 0.1, 0], sea),
      await ware(buoy, [1.1, 0.2, 0], oilskin),
    ],
    { stall, shop, shelf, outright },
    today,
  );
  return workshopId;
}
