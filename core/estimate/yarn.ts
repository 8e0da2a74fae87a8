import {
  gaugeFromSwatch,
  gaugePrior,
  type FabricPart,
  type Gauge,
  type SwatchGauge,
  type WeightClass,
} from "../fabric";
import type { CheckedPart, SlotTally, StitchName } from "../notation";
import { mm, type Mm } from "../units";
import {
  SAMPLE_SIGMA,
  TAIL_MM,
  THREE_TOGETHER_RATIO,
  TWO_TOGETHER_RATIO,
  YARN_PER_WIDTH,
  YARN_RATIO,
} from "./constants";
import { BAND_SIGMA, YARN_SIGMA } from "./prior";
import { estimateOf, inWords, withDays, type Estimate, type Reason } from "./value";

/** What is known of the yarn a slot is worked with, and the hook. */
export interface YarnSpec {
  readonly label: string;
  readonly weight: WeightClass;
  readonly hook: Mm;
  readonly metresPer100g: number;
  readonly strands: number;
  /**
   * Relative standard deviation of the length of 100 g, where it was measured; a ball band's own where
   * absent.
   */
  readonly lengthSigma?: number;
  readonly swatch?: YarnSwatch | undefined;
  /**
   * What her measurements say of the yarn in a stitch, as a factor on the trade's prior for this class and
   * hook.
   */
  readonly learned?: LearnedYarn | undefined;
}

/** Factors on what the trade expects, with their relative standard deviations. */
export interface LearnedYarn {
  /** Of the metres in a stitch. */
  readonly factor: number;
  readonly sigma: number;
  /** Of the grams in a stitch: metres, and the metres per 100 g as they were weighed. */
  readonly grams?:
    | {
        readonly factor: number;
        readonly sigma: number;
        /** This very yarn was weighed: its metres per 100 g are no longer open. */
        readonly own: boolean;
      }
    | undefined;
  /** Of the stitch's width, where no swatch was measured: a looser hand has wider stitches. */
  readonly width?: { readonly factor: number; readonly sigma: number } | undefined;
  readonly from: string;
  readonly rests?: string;
}

export interface YarnSwatch {
  /** "your swatch of 3 Nov": shown as the source. */
  readonly label: string;
  readonly gauge?: SwatchGauge | undefined;
  /** Unravelled single crochet: so many stitches took so many millimetres. */
  readonly sample?: { readonly stitches: number; readonly mm: Mm } | undefined;
}

export interface Tension {
  readonly gauge: Gauge;
  readonly gaugeFrom: string;
  /** Yarn in one single crochet, mm. */
  readonly perStitch: number;
  readonly perStitchSigma: number;
  readonly perStitchFrom: string;
  /** Grams against those that the metres and the band say, and how unsure the grams in a stitch are. */
  readonly weight: number;
  readonly weightSigma: number;
  /** The days of the measurements it rests on, when there are any. */
  readonly perStitchRests?: string | undefined;
}

const HEIGHT_FALLBACK = "trade average for this yarn class and hook";

/**
 * Yarn in one single crochet as the trade has it for a class and hook, mm: what measurements are held
 * against.
 */
export const tradePerStitch = (weight: WeightClass, hook: Mm): number =>
  YARN_PER_WIDTH * gaugePrior(weight, hook).width;

/** The tension an estimate works with: the swatch where there is one, the trade's average where not. */
export function tensionOf(yarn: YarnSpec): Tension {
  const { swatch } = yarn;
  const { gauge, gaugeFrom } = gaugeOf(yarn);
  const band = yarn.lengthSigma || BAND_SIGMA;
  if (yarn.learned) {
    const { factor, sigma, grams, from, rests } = yarn.learned;
    return {
      gauge,
      gaugeFrom,
      perStitch: tradePerStitch(yarn.weight, yarn.hook) * factor,
      perStitchSigma: sigma,
      perStitchFrom: from,
      perStitchRests: rests,
      weight: grams ? grams.factor / factor : 1,
      weightSigma: weightSigma(yarn.learned, band),
    };
  }
  const weighed = (perStitchSigma: number) => ({
    perStitchSigma,
    weight: 1,
    weightSigma: Math.hypot(perStitchSigma, band),
  });
  if (swatch?.sample && swatch.sample.stitches > 0) {
    return {
      gauge,
      gaugeFrom,
      perStitch: swatch.sample.mm / swatch.sample.stitches,
      ...weighed(SAMPLE_SIGMA),
      perStitchFrom: swatch.label,
    };
  }
  // With a measured width only the yarn-per-width ratio stays unsure.
  return {
    gauge,
    gaugeFrom,
    perStitch: YARN_PER_WIDTH * gauge.width,
    ...weighed(swatch?.gauge ? 0.12 : YARN_SIGMA),
    perStitchFrom: swatch?.gauge
      ? `5.7 × the stitch width of ${swatch.label}`
      : "trade average, 5.7 × stitch width",
  };
}

/**
 * Of the grams in a stitch; a length measured by hand is less sure than a band until the yarn itself was
 * weighed.
 */
function weightSigma({ sigma, grams }: LearnedYarn, band: number): number {
  if (!grams) return Math.hypot(sigma, band);
  return grams.own ? grams.sigma : Math.sqrt(grams.sigma ** 2 + Math.max(0, band ** 2 - BAND_SIGMA ** 2));
}

/** The swatch; else the trade's gauge, as much wider as her hand is looser. */
function gaugeOf(yarn: YarnSpec): Pick<Tension, "gauge" | "gaugeFrom"> {
  if (yarn.swatch?.gauge) return { gauge: gaugeFromSwatch(yarn.swatch.gauge), gaugeFrom: yarn.swatch.label };
  const trade = gaugePrior(yarn.weight, yarn.hook);
  const width = yarn.learned?.width;
  if (!width) return { gauge: trade, gaugeFrom: HEIGHT_FALLBACK };
  return {
    gauge: {
      width: mm(trade.width * width.factor),
      height: mm(trade.height * width.factor),
      sigma: width.sigma,
    },
    gaugeFrom: `${HEIGHT_FALLBACK}, moved by the yarn in your stitches`,
  };
}

/** Yarn of one colour in one part. */
export interface SlotYarn {
  readonly slot: string;
  readonly metres: Estimate;
  readonly grams: Estimate;
  /** Share of the metres that is stitches and so goes with tension; the rest is tails and cut pieces. */
  readonly stitchShare: number;
  /** What the yarn in a stitch rests on: "trade average", "your other yarns", "this yarn: 3 weigh-ins". */
  readonly from: string;
}

const round1 = (n: number) => Math.round(n * 10) / 10;

/**
 * Stitches of a tally each once: plain ones, and those that draw two or more together, with the yarn of each
 * against a sc.
 */
export function oncePerStitch(tally: SlotTally): readonly {
  readonly stitch: StitchName;
  readonly kind: "plain" | "two" | "three";
  readonly n: number;
  readonly ratio: number;
}[] {
  return (Object.entries(tally.made) as [StitchName, number][]).flatMap(([stitch, made]) => {
    const two = tally.two[stitch] ?? 0;
    const three = tally.three[stitch] ?? 0;
    const ratio = YARN_RATIO[stitch];
    return [
      { stitch, kind: "plain" as const, n: made - two - three, ratio },
      { stitch, kind: "two" as const, n: two, ratio: ratio * TWO_TOGETHER_RATIO },
      { stitch, kind: "three" as const, n: three, ratio: ratio * THREE_TOGETHER_RATIO },
    ].filter((x) => x.n > 0);
  });
}

/** Yarn of one tally in single strands of one tension, mm. */
const plainYarn = (tally: SlotTally, t: Tension): number =>
  oncePerStitch(tally).reduce((mm, x) => mm + x.n * x.ratio, 0) * t.perStitch;

/**
 * Stitch width, and with it the yarn in a stitch, goes with the hook to this power (docs/models.md, gauge
 * prior).
 */
const HOOK_POWER = 0.8;

/** What rounds with strands held together, or another hook, take more (or less) than the plain reckoning. */
function toolReasons(part: CheckedPart, slot: string, t: Tension, spec: YarnSpec): Reason[] {
  let strands = 0;
  let hook = 0;
  for (const r of part.rounds) {
    if (r.strands === undefined && r.hookMm === undefined) continue;
    const tally = r.bySlot.find((s) => s.slot === slot);
    if (!tally) continue;
    const mm = plainYarn(tally, t);
    const width = r.hookMm === undefined ? 1 : (r.hookMm / spec.hook) ** HOOK_POWER;
    hook += mm * spec.strands * (width - 1);
    strands += mm * width * ((r.strands ?? spec.strands) - spec.strands);
  }
  const reasons: Reason[] = [];
  if (Math.abs(strands) > 0.5)
    reasons.push({
      label: "rounds with other strands",
      measure: "metres",
      value: strands / 1000,
      how: inWords("mm", round1(strands)),
    });
  if (Math.abs(hook) > 0.5)
    reasons.push({
      label: "rounds with another hook",
      measure: "metres",
      value: hook / 1000,
      how: inWords("mm", round1(hook)),
    });
  return reasons;
}

/** Pieces of yarn that are cut, wound or wrapped rather than worked. */
export function cutYarn(
  part: CheckedPart,
  fabric: FabricPart,
  main: string | undefined,
): (Tail & { slot: string })[] {
  return part.events.flatMap(({ event }) => {
    const slot = ("slot" in event ? event.slot : undefined) ?? main ?? "main";
    return lengthsOf(event, fabric).map((t) => ({ ...t, slot }));
  });
}

function lengthsOf(event: CheckedPart["events"][number]["event"], fabric: FabricPart): Tail[] {
  if (event.kind === "cut-yarn")
    return [
      {
        label: `${event.pieces} cut ${event.pieces === 1 ? "piece" : "pieces"}`,
        mm: event.pieces * (event.eachMm ?? CUT_PIECE_MM),
      },
    ];
  if (event.kind === "cord")
    return [
      {
        label: `cord of ${event.count * event.chains} ch, and what fastens it`,
        mm:
          event.count *
          (event.chains * YARN_RATIO.ch * YARN_PER_WIDTH * fabric.stitch.width + 2 * TAIL_MM.joinColour),
      },
    ];
  if (event.kind === "pompom") return [{ label: "pompom", mm: pompomYarn(event.acrossMm ?? POMPOM_MM) }];
  if (event.kind === "wrap")
    return [
      {
        label: "wraps",
        mm: (event.turns ?? 4) * Math.PI * Math.max(10, fabric.depth) + 2 * TAIL_MM.joinColour,
      },
    ];
  if (event.kind === "embroider")
    return [{ label: "embroidery", mm: (EMBROIDERY_MM + 8 * (event.stitches ?? 4) * 2) * event.count }];
  return [];
}
/** From memory: whiskers of eight centimetres, a pompom of three, a thread for a nose. */
const CUT_PIECE_MM = 80;
const POMPOM_MM = 30;
const EMBROIDERY_MM = 300;
/**
 * Wound on a ring until it is full: about 45 wraps of π × the width at 30 mm, growing with its area (from
 * memory).
 */
const pompomYarn = (acrossMm: number): number => 45 * (acrossMm / 30) * Math.PI * acrossMm;

const nameOf = (stitch: StitchName, kind: "plain" | "two" | "three"): string => {
  const own = stitch === "slst" ? "sl st" : stitch;
  if (kind === "plain") return own;
  const dec = kind === "two" ? "dec" : "3-into-1 dec";
  return stitch === "sc" ? dec : `${own} ${dec}`;
};

/** "216 × 28.5 mm + 18 × 38.5 mm": the stitches of one slot as yarn. */
function stitchReason(tally: SlotTally, t: Tension, strands: number, tools: readonly Reason[]): Reason {
  const terms = oncePerStitch(tally).map((x): Reason => {
    const each = t.perStitch * x.ratio * strands;
    return {
      label: `${x.n} ${nameOf(x.stitch, x.kind)}`,
      measure: "metres",
      value: (x.n * each) / 1000,
      how: `${x.n} × ${inWords("mm", round1(each))}`,
    };
  });
  terms.push(...tools);
  const value = terms.reduce((sum, r) => sum + r.value, 0);
  return {
    label: "stitches",
    measure: "metres",
    value,
    how: terms.map((r) => r.how).join(" + "),
    parts: terms,
  };
}

export interface Tail {
  readonly label: string;
  readonly mm: number;
}

/**
 * How a part is held: sewn onto another, taken in by a round of another (or grown on), or nothing of the
 * kind.
 */
export type Held = "sewn" | "taken-in" | "loose";

/**
 * Tails of a part: its start, and its end as long as the pattern or the seam asks; what is taken in needs
 * none to sew with.
 */
export function tailsOf(part: CheckedPart, fabric: FabricPart, gauge: Gauge, held: Held): Tail[] {
  const tails: Tail[] = [{ label: "start tail", mm: TAIL_MM.start }];
  const written = part.events.map((e) => e.event).findLast((e) => e.kind === "fasten-off");
  const sewn = held === "sewn";
  const seam = sewn
    ? Math.max(
        TAIL_MM.leastSew,
        (fabric.edge || DEFAULT_SEAM) * gauge.width * TAIL_MM.sewPerEdgeMm + TAIL_MM.sewBase,
      )
    : held === "taken-in"
      ? TAIL_MM.joinColour
      : TAIL_MM.close;
  if (written?.kind === "fasten-off" && written.tailMm !== undefined)
    tails.push({ label: "tail as the pattern says", mm: written.tailMm });
  else
    tails.push({
      label: sewn
        ? "tail to sew on with (edge × 3 + 10 cm)"
        : held === "taken-in"
          ? "end caught in the join"
          : "closing tail",
      mm: seam,
    });
  return tails;
}

/** Seam of a closed part that is sewn to another: about this many stitches hold it (from memory). */
export const DEFAULT_SEAM = 8;

/** Yarn of every slot of one part. `specOf` says which yarn fills a slot. */
export function yarnOfPart(
  part: CheckedPart,
  fabric: FabricPart,
  held: Held,
  specOf: (slot: string) => YarnSpec,
): SlotYarn[] {
  const worked = part.bySlot.filter((s) => Object.keys(s.made).length > 0);
  const main = fabric.stretches[0]?.slot ?? worked[0]?.slot ?? part.bySlot[0]?.slot;
  const cut = cutYarn(part, fabric, main);
  const others = [...new Set(cut.map((c) => c.slot))].filter((slot) => !worked.some((s) => s.slot === slot));
  return [
    ...worked,
    ...others.map((slot): SlotTally & { slot: string } => ({ slot, made: {}, two: {}, three: {} })),
  ].map((s) => {
    const spec = specOf(s.slot);
    const tension = tensionOf(spec);
    const stitches = stitchReason(s, tension, spec.strands, toolReasons(part, s.slot, tension, spec));
    const carried = carriedReason(fabric, s.slot, tension.gauge, spec.strands);
    const own = endsOfSlot(part, fabric, s.slot, tension.gauge, held);
    own.unshift(...cut.filter((c) => c.slot === s.slot));
    const tailMetres = (own.reduce((sum, t) => sum + t.mm, 0) * spec.strands) / 1000;
    const metres = stitches.value + carried.value + tailMetres;
    // Tails are measured off, not worked: only the stitches carry the tension's error.
    const sigma = metres > 0 ? (stitches.value * tension.perStitchSigma) / metres : 0;
    const reason: Reason = {
      label: spec.label,
      measure: "metres",
      value: metres,
      from: withDays(tension.perStitchFrom, tension.perStitchRests),
      parts: [
        { ...stitches, from: withDays(tension.perStitchFrom, tension.perStitchRests) },
        ...(carried.value > 0 ? [carried] : []),
        {
          label: "tails",
          measure: "metres",
          value: tailMetres,
          how: own.map((t) => inWords("mm", Math.round(t.mm))).join(" + "),
          from: "common practice",
          parts: own.map((t) => ({ label: t.label, measure: "metres" as const, value: t.mm / 1000 })),
        },
      ],
    };
    const grams = (metres / spec.metresPer100g) * 100 * tension.weight;
    const share = metres > 0 ? stitches.value / metres : 0;
    const weighed =
      Math.abs(tension.weight - 1) < 0.001
        ? ""
        : ` × ${tension.weight.toFixed(2)} (as weighed, against ${spec.lengthSigma ? "the measured length" : "the band"})`;
    return {
      slot: s.slot,
      stitchShare: share,
      from: tension.perStitchFrom,
      metres: estimateOf(metres, sigma, reason),
      // Tails weigh what the yarn weighs: they have the doubt about the band, not that about the hand.
      grams: estimateOf(
        grams,
        Math.hypot(share * tension.weightSigma, (1 - share) * (spec.lengthSigma || BAND_SIGMA)),
        {
          label: spec.label,
          measure: "grams",
          value: grams,
          how: `${inWords("metres", round1(metres))} ÷ ${inWords("metres", round1(spec.metresPer100g))} × ${inWords("grams", 100)}${weighed}`,
          from: spec.lengthSigma ? "a measured length" : "the ball band",
          parts: [reason],
        },
      ),
    };
  });
}

/**
 * Ends of every stretch of one colour: the part's own start and end, and one on either side where a colour
 * begins or stops.
 */
function endsOfSlot(part: CheckedPart, fabric: FabricPart, slot: string, gauge: Gauge, held: Held): Tail[] {
  const [start, end] = tailsOf(part, fabric, gauge, held);
  const { stretches } = fabric;
  const final = stretches.reduce<(typeof stretches)[number] | undefined>(
    (best, s) => (best === undefined || s.last >= best.last ? s : best),
    undefined,
  );
  const own: Tail[] = [];
  stretches.forEach((s, i) => {
    if (s.slot !== slot) return;
    own.push(i === 0 && start ? start : { label: "end where the colour begins", mm: TAIL_MM.joinColour });
    own.push(s === final && end ? end : { label: "end where the colour stops", mm: TAIL_MM.joinColour });
  });
  // A part of chains that no round holds has its two ends as well.
  if (stretches.length === 0 && part.bySlot[0]?.slot === slot)
    own.push(...[start, end].filter((t) => t !== undefined));
  return own;
}

/**
 * Yarn that lies behind other colours: a stitch's width for each it passes, a row's height for each round it
 * waits through.
 */
function carriedReason(fabric: FabricPart, slot: string, gauge: Gauge, strands: number): Reason {
  const mine = fabric.stretches.filter((s) => s.slot === slot);
  const carried = mine.reduce((n, s) => n + s.carried, 0);
  const climbed = mine.reduce((n, s) => n + s.climbed, 0);
  const mm = (carried * gauge.width + climbed * gauge.height) * strands;
  const how = [
    ...(carried > 0 ? [`${carried} stitches × ${inWords("mm", round1(gauge.width))}`] : []),
    ...(climbed > 0 ? [`${climbed} rounds × ${inWords("mm", round1(gauge.height))}`] : []),
  ].join(" + ");
  return { label: "carried behind the other colours", measure: "metres", value: mm / 1000, how };
}
