import {
  costOf,
  earningAt,
  priceFor,
  type Selling,
  type Cost,
  type CostLine,
  type Earning,
  type Pricing,
} from "../costing";
import {
  compareYarns,
  estimatePiece,
  TRADE_PACE,
  Z90,
  type Compared,
  type Estimate,
  type HardwareNeed,
  type PieceEstimate,
  type LearnedYarn,
  type YarnSpec,
} from "../estimate";
import type { KitTask } from "../kit";
import { checkPattern, MAIN_SLOT, type Answer, type CheckedPattern } from "../notation";
import {
  minorDigits,
  mm,
  printDuration,
  printMass,
  printMoney,
  printYarnLength,
  type Grams,
  type Metres,
  type Milligrams,
  type Minor,
  type Mm,
  type Reading,
  type Seconds,
} from "../units";
import {
  faceOf,
  PACKAGING_KINDS,
  type FacePlacement,
  type Firmness,
  type NotionKind,
  type WeightClass,
} from "../fabric";
import { packingUsed, paceUsed, type HandView } from "../hand";
import { orderOfWork, type OrderOfWork, type PieceNeed } from "../planning";

/** A yarn as the screens know it: plain numbers, no database types. */
export interface YarnView {
  readonly id: string;
  readonly name: string;
  readonly shade: string;
  readonly colour: string;
  readonly fibre: string;
  readonly weightClass: WeightClass;
  readonly hookMm: Mm;
  readonly metresPer100g: number;
  readonly ballMg: Milligrams;
  readonly ballPrice: Minor;
  readonly swatch?:
    | {
        readonly label: string;
        readonly hookMm: Mm;
        readonly gauge?:
          | {
              stitches: number;
              overMm: number;
              rounds?: number | undefined;
              roundsOverMm?: number | undefined;
            }
          | undefined;
        readonly sample?: { stitches: number; mm: number } | undefined;
      }
    | undefined;
  readonly deleted: boolean;
  /**
   * What a hand's measurements say of this yarn, by hook in tenths of a millimetre; "" for hooks that were
   * not measured.
   */
  readonly learned?: Readonly<Record<string, LearnedYarn>> | undefined;
  /** Relative standard deviation of the length of 100 g: 0 when a band says it. */
  readonly lengthSigma?: number;
}
export interface NotionView {
  readonly id: string;
  readonly kind: NotionKind;
  readonly name: string;
  readonly sizeMm: Mm | undefined;
  readonly packSize: number;
  readonly packPrice: Minor;
  readonly deleted: boolean;
  readonly colour?: string | undefined;
  /** The washer that goes with each, when it is kept apart. */
  readonly washerId?: string | undefined;
  /** Filling: weight for the same firmness against polyester fibre. */
  readonly density?: number;
}
export interface MoneySettings {
  readonly wagePerHour: Minor;
  readonly overheadPerHour: Minor;
  readonly marginBp: number;
  readonly pricePoints: readonly number[];
}
export interface SlotView {
  readonly slot: string;
  readonly yarnId: string;
  readonly hookMm: Mm;
  readonly strands: number;
}
export interface ItemDraft {
  readonly pattern: string;
  /** What she answered to doubts of the reader. */
  readonly answers?: readonly Answer[];
  readonly firmness: Firmness;
  readonly hanger: boolean;
  readonly slots: readonly SlotView[];
  readonly notions: readonly { readonly notionId: string; readonly quantity: number }[];
}
export interface Around {
  readonly yarns: readonly YarnView[];
  readonly notions: readonly NotionView[];
  readonly money: MoneySettings;
  readonly selling: Selling;
  readonly price: number | undefined;
  readonly reading: Reading;
  readonly terms: "us" | "uk";
  /** Her pace and her packing; the trade's when nothing was measured. */
  readonly hand?: Pick<HandView, "pace" | "density"> | undefined;
}
export interface ItemAnalysis {
  readonly checked: CheckedPattern;
  readonly piece: PieceEstimate;
  readonly cost: Cost;
  readonly pricing: Pricing | undefined;
  readonly price: Minor;
  readonly earning: Earning;
  /** Slots of the pattern for which no yarn was chosen. */
  readonly open: readonly string[];
  /** Eyes and noses the pattern asks for beyond those chosen. */
  readonly missingHardware: readonly HardwareNeed[];
  readonly noFilling: boolean;
  readonly needs: readonly PieceNeed[];
  /** Lengths of uninterrupted yarn: every colour of every part with its tails. */
  readonly lengths: readonly YarnLength[];
  /** Where the pattern puts eyes and noses, part by part. */
  readonly faces: readonly { readonly part: string; readonly make: number; readonly face: FacePlacement }[];
  readonly order: OrderOfWork;
  /** Whose pace the time rests on. */
  readonly paceFrom: string;
  /** Where it is sold as a kit: what is wound, counted and packed. The other figures are then the kit's. */
  readonly kit?: KitOfItem;
}

/** A kit as the table works on it. */
export interface KitOfItem {
  readonly tasks: readonly KitTask[];
  readonly colours: readonly {
    readonly slot: string;
    readonly label: string;
    readonly grams: number;
    readonly turns: number;
  }[];
  readonly things: readonly { readonly what: string; readonly amount: string }[];
  /** What the whole kit weighs, and how far off that is not worth a look. */
  readonly grams: number;
  readonly tolerance: number;
}

/** One colour of one part: yarn that is cut in one length. */
export interface YarnLength {
  readonly part: string;
  readonly make: number;
  readonly slot: string;
  readonly yarnId: string;
  /** mg. */
  readonly mg: number;
  /** Of its logarithm. */
  readonly sigma: number;
  /** A join would be hidden inside. */
  readonly filled: boolean;
}

const DEFAULT_SPEC: YarnSpec = {
  label: "a light (DK) yarn, until you choose one",
  weight: 3,
  hook: mm(3),
  metresPer100g: 250,
  strands: 1,
};

export function specOfYarn(y: YarnView, hookMm: number, strands: number): YarnSpec {
  // A swatch speaks for the hook it was made with (to a tenth of a millimetre).
  const s = y.swatch && Math.abs(y.swatch.hookMm - hookMm) < 0.1 ? y.swatch : undefined;
  return {
    label: `${y.name}, ${y.shade}`,
    weight: y.weightClass,
    hook: mm(hookMm),
    metresPer100g: y.metresPer100g,
    strands,
    lengthSigma: y.lengthSigma ?? 0,
    learned: y.learned?.[String(Math.round(hookMm * 10))] ?? y.learned?.[""],
    swatch: s
      ? {
          label: s.label,
          gauge: s.gauge
            ? {
                stitches: s.gauge.stitches,
                overMm: mm(s.gauge.overMm),
                rounds: s.gauge.rounds,
                roundsOverMm: s.gauge.roundsOverMm === undefined ? undefined : mm(s.gauge.roundsOverMm),
              }
            : undefined,
          sample: s.sample ? { stitches: s.sample.stitches, mm: mm(s.sample.mm) } : undefined,
        }
      : undefined,
  };
}

/**
 * Everything the screens say of one item, from its text and the things around it. Pure, so the
 * server's lists, the browser's live page and the worker come to the same figures.
 */
export function analyseItem(
  draft: ItemDraft,
  around: Around,
  /** The text as it was read already, if it was. */
  checked: CheckedPattern = checkPattern(draft.pattern, { otherwise: around.terms, answers: draft.answers }),
): ItemAnalysis {
  const yarns = new Map(around.yarns.map((y) => [y.id, y]));
  const slots = new Map(draft.slots.map((s) => [s.slot, s]));
  const fallback = slots.get(MAIN_SLOT) ?? draft.slots[0];
  const chosen = (slot: string) => slots.get(slot) ?? (slot === MAIN_SLOT ? fallback : undefined);
  const yarnOf = (slot: string): YarnView | undefined => yarns.get(chosen(slot)?.yarnId ?? "");
  const specOf = (slot: string): YarnSpec => {
    const choice = chosen(slot);
    const yarn = yarnOf(slot);
    if (choice && yarn) return specOfYarn(yarn, choice.hookMm, choice.strands);
    const near = fallback ? yarns.get(fallback.yarnId) : undefined;
    return near && fallback
      ? { ...specOfYarn(near, fallback.hookMm, fallback.strands), label: `${slot} (no yarn chosen)` }
      : { ...DEFAULT_SPEC, label: `${slot}: ${DEFAULT_SPEC.label}` };
  };
  const piece = estimatePiece({
    pattern: checked,
    specOf,
    firmness: draft.firmness,
    hanger: draft.hanger,
    pace: paceUsed(around.hand?.pace),
    packing: packingUsed(around.hand?.density),
  });
  const r = around.reading;
  const materials: CostLine[] = [];
  const needs = new Map<string, PieceNeed>();
  const need = (n: PieceNeed) => {
    const before = needs.get(n.materialId);
    needs.set(
      n.materialId,
      before ? { ...before, each: before.each + n.each, eachHigh: before.eachHigh + n.eachHigh } : n,
    );
  };
  for (const y of piece.yarn) {
    const yarn = yarnOf(y.slot);
    if (!yarn) continue;
    const worth = (grams: number) => (grams * 1000 * yarn.ballPrice) / yarn.ballMg;
    materials.push({
      kind: "yarn",
      label: `${yarn.name}, ${yarn.shade}`,
      ...rangeOf(y.grams, worth),
      from: y.from,
      how: `${printMass(y.grams.value as Grams, r)} (${printYarnLength(y.metres.value as Metres, r)}) of a ${printMass((yarn.ballMg / 1000) as Grams, r)} ball at ${printMoney(yarn.ballPrice as Minor, r)}`,
    });
    need({ kind: "yarn", materialId: yarn.id, each: y.grams.value * 1000, eachHigh: y.grams.high * 1000 });
  }
  const notions = new Map(around.notions.map((n) => [n.id, n]));
  const filling = draft.notions.map((n) => notions.get(n.notionId)).find((n) => n?.kind === "filling");
  if (filling && piece.filling.value > 0) {
    const density = filling.density ?? 1;
    const weight = piece.filling.value * density;
    materials.push({
      kind: "filling",
      label: filling.name,
      ...rangeOf(piece.filling, (g) => (g * density * 1000 * filling.packPrice) / filling.packSize),
      from: piece.packingFrom,
      how: `${printMass(weight as Grams, r)}${density === 1 ? "" : ` (${density} × the weight of fibre)`} of a ${printMass((filling.packSize / 1000) as Grams, r)} bag at ${printMoney(filling.packPrice as Minor, r)}`,
    });
    need({
      kind: "filling",
      materialId: filling.id,
      each: weight * 1000,
      eachHigh: piece.filling.high * density * 1000,
    });
  }
  for (const { notionId, quantity } of draft.notions) {
    const n = notions.get(notionId);
    if (!n || n.kind === "filling" || quantity <= 0) continue;
    materials.push({
      kind: PACKAGING_KINDS.has(n.kind) ? "packaging" : "notion",
      label: n.name,
      exact: (quantity * n.packPrice) / n.packSize,
      how: `${quantity} of a pack of ${n.packSize} at ${printMoney(n.packPrice as Minor, r)}`,
    });
    need({ kind: "notion", materialId: n.id, each: quantity, eachHigh: quantity });
    const washer = n.washerId ? notions.get(n.washerId) : undefined;
    if (washer) {
      materials.push({
        kind: "notion",
        label: washer.name,
        exact: (quantity * washer.packPrice) / washer.packSize,
        how: `${quantity} of a pack of ${washer.packSize} at ${printMoney(washer.packPrice as Minor, r)}, one for each`,
      });
      need({ kind: "notion", materialId: washer.id, each: quantity, eachHigh: quantity });
    }
  }
  const lengths = piece.parts.flatMap((p) =>
    p.yarn.flatMap((y): YarnLength[] => {
      const yarn = yarnOf(y.slot);
      if (!yarn || y.grams.value <= 0) return [];
      return [
        {
          part: p.part.name,
          make: p.part.make,
          slot: y.slot,
          yarnId: yarn.id,
          mg: y.grams.value * 1000,
          sigma: Math.log(y.grams.high / y.grams.value) / Z90,
          filled: p.fabric.form === "filled",
        },
      ];
    }),
  );
  const seconds = piece.seconds.value;
  const labour = {
    seconds,
    low: piece.seconds.low,
    high: piece.seconds.high,
    from: paceFrom(around.hand?.pace),
  };
  const cost = costOf(
    materials,
    {
      ...labour,
      wagePerHour: around.money.wagePerHour as Minor,
      overheadPerHour: around.money.overheadPerHour as Minor,
    },
    {
      hours: printDuration(seconds as Seconds, r),
      wage: printMoney(around.money.wagePerHour as Minor, r),
      overhead: printMoney(around.money.overheadPerHour as Minor, r),
    },
  );
  const major = 10 ** minorDigits(r.currency);
  const pricing = priceFor(
    cost,
    seconds,
    around.selling,
    around.money.marginBp / 10_000,
    major === 1 ? [] : around.money.pricePoints,
  );
  const price = (around.price ?? pricing?.suggested ?? cost.total) as Minor;
  const open = piece.yarn.filter((y) => !yarnOf(y.slot)).map((y) => y.slot);
  const missingHardware = piece.hardware.flatMap((h) => {
    const have = draft.notions.reduce((sum, c) => {
      const n = notions.get(c.notionId);
      return n &&
        n.kind === h.kind &&
        (h.sizeMm === undefined || n.sizeMm === undefined || Math.abs(n.sizeMm - h.sizeMm) < 0.05)
        ? sum + c.quantity
        : sum;
    }, 0);
    return have < h.count ? [{ ...h, count: h.count - have }] : [];
  });
  return {
    checked,
    piece,
    paceFrom: labour.from,
    cost,
    pricing,
    price,
    earning: earningAt(price, cost, labour, around.selling),
    open,
    missingHardware,
    noFilling: piece.filling.value > 0 && !filling,
    faces: piece.parts.flatMap((p) =>
      faceOf(p.part, p.fabric).map((face) => ({ part: p.part.name, make: p.part.make, face })),
    ),
    order: orderOfWork(
      checked,
      piece.parts.map((p) => p.fabric),
    ),
    needs: [...needs.values()],
    lengths,
  };
}

/** A quantity's worth with its ends. */
const rangeOf = (e: Estimate, worth: (quantity: number) => number) => ({
  exact: worth(e.value),
  low: worth(e.low),
  high: worth(e.high),
});

const paceFrom = (pace: HandView["pace"] | undefined): string => pace?.from ?? TRADE_PACE;

/** A yarn and the hook it would be worked with. */
export interface YarnPair {
  readonly yarnId: string;
  readonly hookMm: number;
}

/** The same pattern in up to four yarns and hooks; pairs whose yarn is not there are left out. */
export function compareDraft(
  draft: Pick<ItemDraft, "pattern" | "answers" | "firmness" | "hanger">,
  pairs: readonly YarnPair[],
  around: Pick<Around, "yarns" | "terms" | "hand">,
): Compared[] {
  const pattern = checkPattern(draft.pattern, { otherwise: around.terms, answers: draft.answers });
  const specs = pairs.slice(0, 4).flatMap((p) => {
    const yarn = around.yarns.find((y) => y.id === p.yarnId);
    return yarn ? [specOfYarn(yarn, p.hookMm, 1)] : [];
  });
  return compareYarns(
    {
      pattern,
      firmness: draft.firmness,
      hanger: draft.hanger,
      pace: paceUsed(around.hand?.pace),
      packing: packingUsed(around.hand?.density),
    },
    specs,
  );
}

/** The part with the most stitches: the others go on it, and its gauge is the item's. */
export const mainOf = (piece: PieceEstimate): PieceEstimate["parts"][number] | undefined =>
  piece.parts.reduce<PieceEstimate["parts"][number] | undefined>(
    (best, p) => (!best || p.stitches > best.stitches ? p : best),
    undefined,
  );

/** Overall size of an item: its main part's. */
export function sizeOf(piece: PieceEstimate): { width: number; height: number } | undefined {
  const main = mainOf(piece);
  return main ? { width: main.fabric.width, height: main.fabric.height } : undefined;
}
