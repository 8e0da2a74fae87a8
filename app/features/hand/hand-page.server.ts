import { group } from "d3-array";
import { type Measured, handDataOf, handsSeen, loadMeasured } from "../../server/measured.server";
import type { Yarn } from "@db/queries/materials";
import type { RunWithLines } from "@db/queries/runs";
import { learningCurve, nextMeasurements, type Aim } from "@core/calibrate";
import {
  addWork,
  PACE_KINDS,
  STAGES,
  STAGE_OF,
  tradePerStitch,
  workOfStage,
  Z90,
  type Work,
} from "@core/estimate";
import type { WeightClass } from "@core/fabric";
import { mm } from "@core/units";
import { loadAnalysedColourways, restsOn, withoutKits, type AnalysedColourway } from "../items/load.server";
import { keep } from "../../server/kept";
import { allItems, allYarns, openRuns } from "../../server/rows.server";
import { todayOf, type Opened } from "../../server/scope.server";
import {
  driftsOf,
  narrowings,
  toldInOrder,
  dayOf,
  groupOf,
  knowledgeOf,
  packingKnown,
  paceTimings,
  tensionObservations,
  type HandData,
  type HandKnowledge,
} from "@core/hand";
import { KIND_WORDS, STAGE_WORDS } from "./words";

const SHOWN = 60;
const AIMS: readonly Aim[] = ["cost", "yarn", "time"];
export const aimOf = (text: string | null): Aim => AIMS.find((a) => a === text) ?? "cost";

interface YarnLabel {
  readonly label: string;
  readonly colour: string;
  readonly hookMm: number;
  readonly yarnId: string;
  readonly weightClass: WeightClass;
}
function labeller(yarns: ReadonlyMap<string, Yarn>): (group: string) => YarnLabel {
  return (g) => {
    const [yarnId = "", hook = "0"] = g.split("@");
    const y = yarns.get(yarnId);
    return {
      label: y ? `${y.shade}, ${y.name}` : "a deleted yarn",
      colour: y?.colour ?? "#b9c3c5",
      hookMm: Number(hook) / 10,
      yarnId,
      weightClass: (y?.weightClass ?? 3) as WeightClass,
    };
  };
}

/** Points that a chart is drawn with. */
const DRAWN = 120;
/** Evenly so many of a list at most, the first and the last among them. */
const thinned = <T>(list: readonly T[], most: number): readonly T[] =>
  list.length <= most
    ? list
    : Array.from({ length: most }, (_, i) => list[Math.round((i * (list.length - 1)) / (most - 1))] as T);

/** What one hand's measurements come to: dear to reckon, and the same until something is measured. */
function learnt(data: HandData, today: string, half: number) {
  const known = knowledgeOf(data, today, half);
  return {
    data,
    known,
    told: toldInOrder(data, half),
    points: narrowings(data, known.tension.groups, half, today),
    drift: driftsOf(data, known).map((d) => ({ ...d, points: thinned(d.points, DRAWN) })),
  };
}

/** Everything the Hand view shows of one hand. */
export async function loadHandPage(
  { scope, workshop, ownHand }: Opened,
  wanted: { readonly hand: string | null; readonly aim: Aim; readonly all: boolean },
) {
  const [measured, yarns, runs, { all }, names] = await Promise.all([
    loadMeasured(scope),
    allYarns(scope),
    openRuns(scope),
    loadAnalysedColourways(scope, workshop),
    allItems(scope),
  ]);
  const hands = handsSeen(measured.hands, ownHand);
  // What a measurement is worth in money is not a helper's to see.
  const ask = {
    ...wanted,
    aim: ownHand !== undefined && wanted.aim === "cost" ? ("yarn" as const) : wanted.aim,
  };
  const hand = hands.find((h) => h.id === ask.hand) ?? hands[0];
  const today = todayOf(scope);
  const half = workshop.halfLifeDays;
  const { data, known, told, points, drift } = await keep(
    scope,
    `hand ${hand?.id ?? ""}`,
    ["measured", "materials"],
    async () => learnt(handDataOf(measured, yarns, hand), today, half),
    `${today} ${half}`,
  );
  const byGroup = group(data.tension, (m) => groupOf(m.yarnId, m.hookMm));
  const byYarn = new Map(yarns.map((y) => [y.id, y]));
  const label = labeller(byYarn);
  const perSecond = (workshop.wagePerHour + workshop.overheadPerHour) / 3600;
  const open = runs.map((r) => r.lines.map((l) => [l.id, l.quantity, l.revisionId]));
  const next = await keep(
    scope,
    `next ${ask.aim} ${hand?.id ?? ""}`,
    ["measured", "materials", "items"],
    async () =>
      measureNext(ask.aim, {
        runs,
        all: withoutKits(all),
        byYarn,
        data,
        known,
        today,
        half,
        perSecond,
        label,
      }),
    `${restsOn(scope, workshop)} ${JSON.stringify(open)}`,
  );
  const measurements = measurementRows(
    measured,
    data,
    hand?.id,
    new Map(names.map((i) => [i.item.id, i.item.name])),
    label,
  );
  const batches = data.timings
    .filter((t) => !t.setAside && t.laps.length >= 3)
    .sort((a, b) => (a.madeOn < b.madeOn ? 1 : -1));
  return {
    hand: hand
      ? {
          id: hand.id,
          version: hand.version,
          name: hand.name,
          loops: hand.loops,
          // The first is the maker's own, whose hours stand in the settings.
          helper: hand.id !== measured.hands[0]?.id,
          weekMinutes: hand.weekMinutes,
          workDays: hand.workDays,
          does: hand.does,
          dayLimitMinutes: hand.dayLimitMinutes,
          breakAfterMinutes: hand.breakAfterMinutes,
        }
      : undefined,
    hands: hands.map((h) => ({ id: h.id, name: h.name })),
    own: ownHand !== undefined,
    today,
    aim: ask.aim,
    groups: known.tension.groups.map((g) => {
      const l = known.tension.of(g);
      const about = label(g);
      const prior = tradePerStitch(about.weightClass, mm(about.hookMm));
      const at = (z: number) => prior * Math.exp(l.mean + z * l.sd);
      return {
        group: g,
        ...about,
        perStitch: at(0),
        low: at(-Z90),
        high: at(Z90),
        prior,
        factor: Math.exp(l.mean),
        own: l.own,
        others: l.others,
        points: points.get(g) ?? [],
        earlier: Math.max(0, (byGroup.get(g)?.length ?? 0) - DRAWN),
        rests: (byGroup.get(g) ?? [])
          .slice(0, DRAWN)
          .map((m) => ({ madeOn: m.madeOn, kind: m.kind, ratio: m.ratio, setAside: m.setAside })),
      };
    }),
    elsewhere: shares(known.tension.elsewhere),
    packing: known.density.groups.map((g) => ({
      firmness: g,
      ...shares(known.density.of(g)),
      own: known.density.of(g).own,
    })),
    told,
    scores: {
      tension: known.tension.calibration,
      packing: known.density.calibration,
      pace: known.pace.calibration,
    },
    drift,
    stages: stagesOf(
      all.filter((x) => x.colourway === undefined).map((x) => x.analysis.piece.work),
      data,
      known,
    ),
    kinds: PACE_KINDS.map((kind) => ({
      kind,
      label: KIND_WORDS[kind],
      factor: known.pace.factor(kind),
      sd: known.pace.sd({ [kind]: 1 }),
    })),
    next,
    batch: {
      rate: 2 ** known.batch.slope,
      low: 2 ** (known.batch.slope - Z90 * known.batch.sd),
      high: 2 ** (known.batch.slope + Z90 * known.batch.sd),
      batches: known.batch.batches,
    },
    curves: batches.slice(0, 2).flatMap((t) => {
      const curve = learningCurve(t.laps);
      return curve ? [{ id: t.id, stage: STAGE_WORDS[t.stage], laps: t.laps, curve, madeOn: t.madeOn }] : [];
    }),
    allShown: ask.all,
    measurements: ask.all ? measurements : measurements.slice(0, SHOWN),
    more: ask.all ? 0 : Math.max(0, measurements.length - SHOWN),
    timings: known.pace.timings,
  };
}

const shares = (l: { mean: number; sd: number }) => ({
  factor: Math.exp(l.mean),
  low: Math.exp(l.mean - Z90 * l.sd),
  high: Math.exp(l.mean + Z90 * l.sd),
});

/** One piece of everything she makes, by stage: where the time goes. */
function stagesOf(works: readonly Work[], data: HandData, known: HandKnowledge) {
  return STAGES.map((stage) => {
    const kinds = PACE_KINDS.filter((k) => STAGE_OF[k] === stage);
    const work = Object.fromEntries(
      kinds.map((k) => [k, works.reduce((s, w) => s + (w[k] ?? 0), 0)]),
    ) as Work;
    const trade = Object.values(work).reduce((s, v) => s + v, 0);
    return {
      stage,
      label: STAGE_WORDS[stage],
      trade,
      seconds: known.pace.seconds(work),
      sd: known.pace.sd(work),
      timings: data.timings.filter((t) => !t.setAside && t.stage === stage).length,
    };
  }).filter((s) => s.trade > 0);
}

interface Planned {
  readonly runs: readonly RunWithLines[];
  readonly all: readonly AnalysedColourway[];
  readonly byYarn: ReadonlyMap<string, Yarn>;
  readonly data: HandData;
  readonly known: HandKnowledge;
  readonly today: string;
  readonly half: number;
  readonly perSecond: number;
  readonly label: (group: string) => YarnLabel;
}

/**
 * What to measure next for what open runs will take: a part of a planned item to weigh, or a stage of one to
 * time.
 */
function measureNext(aim: Aim, p: Planned) {
  const open = p.runs.filter((x) => x.run.state !== "finished").flatMap((x) => x.lines);
  const parts = new Map<
    string,
    { itemId: string; colourwayId: string; item: string; part: string; grams: number }
  >();
  const yarns = open
    .flatMap((l) => {
      const made = p.all.find(
        (x) => x.entry.item.id === l.itemId && (x.colourway?.id ?? null) === l.colourwayId,
      );
      if (!made) return [];
      const slots = new Map(made.entry.revision.slots.map((s) => [s.slot, s]));
      return made.analysis.piece.yarn.flatMap((y) => {
        const slot = slots.get(y.slot) ?? (y.slot === "main" ? made.entry.revision.slots[0] : undefined);
        const yarn = p.byYarn.get(slot?.yarnId ?? "");
        if (!slot || !yarn) return [];
        const group = groupOf(yarn.id, slot.hookUm / 1000);
        // The part with most of this yarn tells most when it is weighed; it must be mostly of it.
        for (const part of made.analysis.piece.parts) {
          const all = part.yarn.reduce((s, x) => s + x.grams.value, 0);
          const grams = part.yarn
            .filter((x) => x.slot === y.slot)
            .reduce((s, x) => s + x.grams.value * x.stitchShare, 0);
          if (grams > 0.6 * all && grams > (parts.get(group)?.grams ?? 0))
            parts.set(group, {
              itemId: l.itemId,
              colourwayId: l.colourwayId ?? "",
              item: made.label,
              part: part.part.name,
              grams,
            });
        }
        const grams = y.grams.value * l.quantity;
        return [{ group, grams, cost: (grams * 1000 * yarn.ballPrice) / yarn.ballMg }];
      });
    })
    .map((y) => ({ ...y, partGrams: parts.get(y.group)?.grams ?? 0.5 }));
  const items = new Map(p.all.filter((x) => x.colourway === undefined).map((x) => [x.entry.item.id, x]));
  const works = [...new Set(open.map((l) => l.itemId))].flatMap((id) => {
    const x = items.get(id);
    const pieces = open.filter((l) => l.itemId === id).reduce((s, l) => s + l.quantity, 0);
    if (!x) return [];
    const one = x.analysis.piece.work;
    // The stage whose sitting would tell most: the longest one.
    const stage = STAGES.reduce(
      (best, s) => (sum(workOfStage(one, s)) > sum(workOfStage(one, best)) ? s : best),
      STAGES[0],
    );
    return [
      {
        label: x.entry.item.name,
        item: id,
        itemId: id,
        stage,
        work: addWork({}, one, pieces),
        sitting: workOfStage(one, stage),
        costPerSecond: p.perSecond,
      },
    ];
  });
  const list = nextMeasurements(
    aim,
    yarns,
    works,
    tensionObservations(p.data.tension, p.today, p.half),
    paceTimings(p.data.timings, p.today, p.half, p.known.batch),
    dayOf(p.today),
  );
  return list.slice(0, 4).flatMap((m) => {
    const gain = { kind: m.kind, key: `${m.kind}${m.of}`, now: m.now, then: m.then };
    if (m.kind === "time") {
      const w = works.find((x) => x.label === m.of);
      return w
        ? [
            {
              ...gain,
              text: `Time one ${w.label}: ${STAGE_WORDS[w.stage]}`,
              to: `/hand/time?item=${w.itemId}&stage=${w.stage}`,
            },
          ]
        : [];
    }
    const part = parts.get(m.of);
    const yarn = p.label(m.of);
    return [
      {
        ...gain,
        text: part ? `Weigh a ${part.item}, ${part.part}: ${yarn.label}` : `Make a swatch of ${yarn.label}`,
        to: part
          ? `/hand/weigh?item=${part.itemId}&part=${encodeURIComponent(part.part)}${part.colourwayId ? `&colourway=${part.colourwayId}` : ""}`
          : `/materials/${yarn.yarnId}`,
      },
    ];
  });
}
const sum = (w: Work): number => Object.values(w).reduce((s, v) => s + v, 0);

/** One measurement as the list shows it. */
export interface MeasurementRow {
  readonly id: string;
  readonly kind: "weighIn" | "timing" | "swatch";
  readonly madeOn: string;
  readonly setAside: boolean;
  readonly what: string;
  readonly about: string;
  readonly measure: "grams" | "seconds" | "mm";
  readonly value: number;
  /** What the trade would expect of it, in the same measure. */
  readonly expected: number;
  readonly parts: readonly { readonly label: string; readonly value: number }[];
  readonly ratio: number;
}

/**
 * All measurements of a hand, newest first, also those that were set aside or made with the yarn taken up the
 * other way.
 */
function measurementRows(
  measured: Measured,
  data: HandData,
  handId: string | undefined,
  itemName: ReadonlyMap<string, string>,
  label: (group: string) => YarnLabel,
): MeasurementRow[] {
  const of = (x: { pieces: number; itemId: string; part: string }) =>
    `${x.pieces} × ${itemName.get(x.itemId) ?? "an item"}${x.part ? `, ${x.part}` : ""}`;
  const packing = packingKnown(data.density);
  const packed = (w: { firmness: string | null }) => packing(w.firmness ?? "medium").factor;
  const rows: MeasurementRow[] = [
    ...measured.weighIns
      .filter((w) => w.handId === handId)
      .map((w): MeasurementRow => ({
        id: w.id,
        kind: "weighIn",
        madeOn: w.madeOn,
        setAside: w.setAside,
        what: w.kind === "filling" ? "filling weighed" : w.beforeMg ? "ball before and after" : "weighed",
        about: of(w),
        measure: "grams",
        value: w.weightMg / 1000,
        expected: w.expectedMg / 1000,
        parts: [
          ...(w.beforeMg && w.afterMg !== null
            ? [
                { label: "before", value: w.beforeMg / 1000 },
                { label: "after", value: -w.afterMg / 1000 },
              ]
            : [{ label: "on the scale", value: w.weightMg / 1000 }]),
          ...(w.besideMg > 0
            ? [{ label: "tails, and filling of older weigh-ins, taken off", value: -w.besideMg / 1000 }]
            : []),
          ...(w.fillingMg > 0
            ? [{ label: "filling by your packing, taken off", value: (-w.fillingMg * packed(w)) / 1000 }]
            : []),
        ],
        ratio: (w.weightMg - w.besideMg - w.fillingMg * packed(w)) / Math.max(1, w.expectedMg),
      })),
    ...measured.timings
      .filter((t) => t.handId === handId)
      .map((t): MeasurementRow => ({
        id: t.id,
        kind: "timing",
        madeOn: t.madeOn,
        setAside: t.setAside,
        what: STAGE_WORDS[t.stage],
        about: of(t),
        measure: "seconds",
        value: t.seconds,
        expected: sum(t.work),
        parts: t.laps.map((s, i) => ({ label: `piece ${i + 1}`, value: s })),
        ratio: t.seconds / Math.max(1, sum(t.work)),
      })),
    ...measured.swatches
      .filter((s) => (s.handId ?? measured.hands[0]?.id) === handId)
      .map((s): MeasurementRow => {
        const each =
          s.sampleMm && s.sampleStitches
            ? s.sampleMm / s.sampleStitches
            : s.overMm && s.stitches
              ? s.overMm / s.stitches
              : 0;
        const ratio = data.tension.find((m) => m.id === s.id)?.ratio;
        return {
          id: s.id,
          kind: "swatch",
          madeOn: s.madeOn,
          setAside: s.setAside,
          what: `${s.sampleMm ? "unravelled swatch" : "swatch"}${ratio === undefined ? `, yarn ${s.loops}: kept apart` : ""}`,
          about: label(groupOf(s.yarnId, s.hookUm / 1000)).label,
          measure: "mm",
          value: each,
          expected: each / (ratio ?? 1),
          parts: [],
          ratio: ratio ?? 1,
        };
      }),
  ];
  return rows.sort((a, b) => (a.madeOn < b.madeOn ? 1 : -1));
}
