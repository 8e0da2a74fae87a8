import { mm } from "@core/units";
import { sumTogether, tensionOf, type Estimate, type Reason } from "@core/estimate";
import { nearestEyeSize } from "@core/fabric";
import {
  facesOf,
  figureOf,
  reachSize,
  roundsToReach,
  sizeOfFigure,
  withEvenRounds,
  withEyes,
} from "@core/figure";
import { checkPattern, MAIN_SLOT, type CheckedPattern } from "@core/notation";
import { shadeDistance } from "@core/planning";
import {
  analyseItem,
  mainOf,
  specOfYarn,
  type Around,
  type ItemAnalysis,
  type ItemDraft,
  type YarnView,
  silhouetteOf,
  type Silhouette,
} from "@core/item";
import { priceReason } from "./reasons";

/** Hooks that a yarn may sensibly be worked with beside its own, mm. */
const HOOK_STEPS = [-0.5, 0, 0.5];
/** Lines of yarn that are shown. */
const SHOWN = 3;
/** Nearer than this no ruler tells the difference, mm. */
export const NEAR = 1;

/** One way to make an item as tall as she wants it, with what it takes; the first is the item as it is. */
export interface SizeWay {
  readonly key: string;
  /** In place of the main yarn. */
  readonly yarnId?: string;
  readonly hookMm?: number;
  /** Even rounds more (below 0: fewer) in the main part. */
  readonly rounds?: number;
  /** Of the figure put together, mm. */
  readonly height: number;
  /** Against the wanted height, mm. */
  readonly off: number;
  readonly metres: Estimate;
  readonly seconds: Estimate;
  readonly eyes: readonly { readonly count: number; readonly sizeMm: number | undefined }[];
  /** What would be proposed to sell it at, or what it costs where no price pays it. */
  readonly price: Reason;
  readonly shape: Silhouette | undefined;
  /** What she would save. */
  readonly draft: ItemDraft;
}

/**
 * Ways to bring a figure of `height` to a `wanted` height (mm): her yarns and hooks that come nearest, one of each
 * line, and even rounds; only what brings it nearer than it is. Each is reckoned whole, as the item itself is.
 * The price she typed is left aside: what counts is what would be proposed.
 */
export function sizesOf(draft: ItemDraft, around: Around, wanted: number, height: number): SizeWay[] {
  const read = (text: string) =>
    checkPattern(text, { otherwise: around.terms, answers: draft.answers ?? [] });
  const checked = read(draft.pattern);
  const proposed = { ...around, price: undefined };
  const now = analyseItem(draft, proposed, checked);
  const stitch = mainOf(now.piece)?.fabric.stitch;
  if (!stitch) return [];
  const asItIs = wayOf("now", draft, now, around, height, wanted);
  const others = nearestYarns(wanted, height, stitch.width, around.yarns).map((x) => {
    const larger = inYarn(draft, now, x.yarn, x.hook, x.yarnRatio, around);
    const way = wayOf(x.key, larger, analyseItem(larger, proposed), around, x.height, wanted);
    return { ...way, yarnId: x.yarn.id, hookMm: x.hook };
  });
  const rounds = inRounds({ draft, proposed, checked, now, height, wanted, row: stitch.height, read });
  const nearer = [...others, ...(rounds ? [rounds] : [])].filter(
    (w) => Math.abs(w.off) < Math.abs(asItIs.off),
  );
  return [asItIs, ...nearer];
}

function wayOf(
  key: string,
  draft: ItemDraft,
  a: ItemAnalysis,
  around: Around,
  height: number,
  wanted: number,
): SizeWay {
  const main = mainOf(a.piece);
  return {
    key,
    draft,
    height,
    off: height - wanted,
    metres: sumTogether(
      a.piece.yarn.map((y) => y.metres),
      "yarn",
      "metres",
    ),
    seconds: a.piece.seconds,
    eyes: a.piece.hardware.filter((h) => h.kind === "eye").map(({ count, sizeMm }) => ({ count, sizeMm })),
    price: priceReason(a, around.selling, around.money.marginBp, around.reading),
    shape: main ? silhouetteOf(main) : undefined,
  };
}

/** Of each line of yarn the hook that comes nearest: shades of one line are alike. */
function nearestYarns(wanted: number, height: number, width: number, yarns: readonly YarnView[]) {
  const others = yarns
    .filter((y) => !y.deleted)
    .flatMap((y) =>
      HOOK_STEPS.map((step) => y.hookMm + step)
        .filter((hook) => hook >= 1)
        .map((hook) => ({ key: `${y.id} ${hook}`, width: tensionOf(specOfYarn(y, hook, 1)).gauge.width })),
    );
  const lines = new Set<string>();
  return reachSize(wanted, { height, width }, others)
    .flatMap(({ key, height: reached, yarn: yarnRatio }) => {
      const [yarnId = "", hook = ""] = key.split(" ");
      const yarn = yarns.find((y) => y.id === yarnId);
      if (!yarn || lines.has(yarn.name)) return [];
      lines.add(yarn.name);
      return [{ key, height: reached, yarnRatio, yarn, hook: Number(hook) }];
    })
    .slice(0, SHOWN);
}

/** The same item in another line of yarn: every colour in the shade that looks most like it, eyes along. */
function inYarn(
  draft: ItemDraft,
  now: ItemAnalysis,
  yarn: YarnView,
  hookMm: number,
  ratio: number,
  around: Around,
): ItemDraft {
  const byId = new Map(around.yarns.map((y) => [y.id, y]));
  const line = around.yarns.filter((y) => !y.deleted && y.name === yarn.name);
  const main = draft.slots.find((s) => s.slot === MAIN_SLOT) ?? draft.slots[0];
  const mainLine = byId.get(main?.yarnId ?? "")?.name;
  const slots =
    draft.slots.length === 0
      ? [{ slot: now.open[0] ?? MAIN_SLOT, yarnId: yarn.id, hookMm: mm(hookMm), strands: 1 }]
      : draft.slots.map((s) => {
          const own = byId.get(s.yarnId);
          // A thread for the face is not of the main yarn's line and stays what it is.
          if (own && own.name !== mainLine) return s;
          const like = own ? nearestShade(own, line) : yarn;
          return { ...s, yarnId: own?.name === yarn.name ? own.id : like.id, hookMm: mm(hookMm), strands: 1 };
        });
  return { ...withSizedEyes(draft, now, ratio, around), slots };
}

/** Eyes go with the stitch and snap to what is sold; where she keeps that size it is chosen, too. */
function withSizedEyes(draft: ItemDraft, now: ItemAnalysis, ratio: number, around: Around): ItemDraft {
  const kept = new Map(around.notions.map((n) => [n.id, n]));
  return now.piece.hardware.reduce((d, h) => {
    const from = h.sizeMm;
    if (from === undefined) return d;
    const to = nearestEyeSize(from * ratio);
    if (to === from) return d;
    return {
      ...d,
      pattern: withEyes(d.pattern, from, to),
      notions: d.notions.map((n) => {
        const own = kept.get(n.notionId);
        if (own?.kind !== h.kind || own.sizeMm !== from) return n;
        const other = around.notions.find((x) => !x.deleted && x.kind === h.kind && x.sizeMm === to);
        return other ? { ...n, notionId: other.id } : n;
      }),
    };
  }, draft);
}

/** The shade of a line that looks most like it. */
function nearestShade(than: YarnView, among: readonly YarnView[]): YarnView {
  const far = (y: YarnView) => shadeDistance(than.colour, y.colour) ?? Infinity;
  return among.reduce((best, y) => (far(y) < far(best) ? y : best), among[0] ?? than);
}

interface Rounds {
  readonly draft: ItemDraft;
  readonly proposed: Around;
  readonly checked: CheckedPattern;
  readonly now: ItemAnalysis;
  readonly height: number;
  readonly wanted: number;
  readonly row: number;
  readonly read: (text: string) => CheckedPattern;
}

/** Put together again: what hangs over the rim of the main part counts, too. Mm. */
const heightOf = (pattern: string, a: ItemAnalysis): number =>
  sizeOfFigure(
    facesOf(
      figureOf(
        a.checked,
        pattern,
        a.piece.parts.map(({ part, fabric }) => ({ part, fabric })),
      ),
    ),
  ).height;

/** Even rounds in the main part; how many is tried once more with what they really brought. */
function inRounds(x: Rounds): SizeWay | undefined {
  const main = mainOf(x.now.piece);
  const index = x.checked.parts.findIndex((p) => p.line === main?.part.line && p.name === main.part.name);
  const first = roundsToReach(x.wanted, x.height, x.row);
  if (!main || index < 0 || first === 0) return undefined;
  const tried = (by: number): SizeWay | undefined => {
    const pattern = withEvenRounds(x.draft.pattern, x.checked, index, by, x.read);
    if (pattern === undefined) return undefined;
    const draft = { ...x.draft, pattern };
    const a = analyseItem(draft, x.proposed, x.read(pattern));
    return { ...wayOf(`rounds ${by}`, draft, a, x.proposed, heightOf(pattern, a), x.wanted), rounds: by };
  };
  const once = tried(first);
  const each = once ? (once.height - x.height) / first : 0;
  if (!once || each <= 0) return once;
  const again = roundsToReach(x.wanted, x.height, each);
  const twice = again === first || again === 0 ? undefined : tried(again);
  return twice && Math.abs(twice.off) < Math.abs(once.off) ? twice : once;
}
