import { MAIN_SLOT, type Answer, type CheckedPattern } from "@core/notation";
import {
  minorDigits,
  parseMoney,
  parseNumber,
  printNumber,
  printTrimmed,
  type Reading,
  mm,
} from "@core/units";
import type { ItemDraft, SlotView } from "@core/item";
import { ALL_PASS, type Passes } from "./selling";

export interface SlotDraft {
  readonly slot: string;
  readonly yarnId: string;
  readonly hook: string;
  readonly strands: number;
}

/** What she has typed, as typed: numbers stay text until they are read. */
export interface Typed {
  readonly name: string;
  readonly kind: string;
  readonly pattern: string;
  readonly firmness: "light" | "medium" | "firm";
  readonly hanger: boolean;
  readonly slots: readonly SlotDraft[];
  readonly notions: readonly { notionId: string; quantity: string }[];
  readonly price: string;
  readonly channelId: string | null;
  readonly passes: string;
  readonly secondBrings: string;
  readonly answers: readonly Answer[];
}

/** What is saved of it, as the page has it. */
export interface SavedItem extends Pick<
  Typed,
  "name" | "kind" | "price" | "channelId" | "passes" | "secondBrings"
> {
  readonly draft: ItemDraft;
}

/** The saved item as fields. */
export const typedOf = (d: SavedItem): Typed => ({
  name: d.name,
  kind: d.kind,
  firmness: d.draft.firmness,
  hanger: d.draft.hanger,
  pattern: d.draft.pattern,
  slots: d.draft.slots.map(slotTyped),
  notions: d.draft.notions.map((n) => ({ notionId: n.notionId, quantity: String(n.quantity) })),
  price: d.price,
  channelId: d.channelId,
  passes: d.passes,
  secondBrings: d.secondBrings,
  answers: d.draft.answers ?? [],
});

const slotTyped = (s: SlotView): SlotDraft => ({
  slot: s.slot,
  yarnId: s.yarnId,
  hook: String(s.hookMm),
  strands: s.strands,
});
/**
 * The fields with another size taken over: what it does not speak of stays as it is typed, such as a choice for a colour
 * without yarn or an amount that cannot be read.
 */
export function withSize(t: Typed, size: ItemDraft): Typed {
  const slots = size.slots.map(slotTyped);
  const named = new Set(slots.map((s) => s.slot));
  return {
    ...t,
    pattern: size.pattern,
    slots: [...t.slots.filter((s) => !named.has(s.slot)), ...slots],
    notions: t.notions.map((n, i) => ({ ...n, notionId: size.notions[i]?.notionId ?? n.notionId })),
  };
}

/** Are two drafts of one size: the same words, yarns, hooks and notions? */
export const sameSize = (a: ItemDraft, b: ItemDraft): boolean => sizeForm(a) === sizeForm(b);
const sizeForm = (d: ItemDraft): string =>
  JSON.stringify([
    d.pattern,
    d.slots.map((s) => `${s.slot} ${s.yarnId} ${s.hookMm} ${s.strands}`).sort(),
    d.notions.map((n) => n.notionId).sort(),
  ]);

/** A draft that was kept by an older page has none. */
export const NO_ANSWERS: readonly Answer[] = [];
export const answersIn = (t: Typed): readonly Answer[] =>
  (t.answers as readonly Answer[] | undefined) ?? NO_ANSWERS;

/** Numbers written as the server writes them back: "9" typed is "9.00" stored, and nothing to save. */
export function asStored(t: Typed, r: Reading): Typed {
  const digits = minorDigits(r.currency);
  const money = (text: string): string => {
    const read = text.trim() === "" ? undefined : parseMoney(text, r.currency, r.locale);
    return read?.ok ? printNumber(read.value / 10 ** digits, digits, r.locale) : text;
  };
  const share = parseNumber(t.passes.replace("%", ""), r.locale);
  const plain = (text: string): string => {
    const read = parseNumber(text, r.locale);
    return read.ok ? String(read.value) : text;
  };
  return {
    ...t,
    slots: t.slots.map((s) => ({ ...s, hook: plain(s.hook) })),
    notions: t.notions.map((n) => ({ ...n, quantity: plain(n.quantity) })),
    price: money(t.price),
    passes: share.ok ? printTrimmed(share.value, 2, r.locale) : t.passes,
    secondBrings: money(t.secondBrings),
  };
}

/**
 * What is typed as one string, to hold two against each other. Which colour or notion was chosen last is nothing to
 * save, nor a choice for a colour that the pattern (of colours `named`) does not have or that has no yarn.
 */
export const savedForm = (t: Typed, named?: readonly string[]): string =>
  JSON.stringify({
    ...t,
    slots: t.slots
      .filter((s) => s.yarnId !== "" && (named === undefined || named.includes(s.slot)))
      .sort((a, b) => (a.slot < b.slot ? -1 : 1)),
    notions: [...t.notions].sort((a, b) => (a.notionId < b.notionId ? -1 : 1)),
  });

/** What she typed of pieces that pass; what cannot be read counts as all of them until it is mended. */
export function passesIn(t: Typed, r: Reading): Passes {
  const share = parseNumber(t.passes.replace("%", ""), r.locale);
  const second = parseMoney(t.secondBrings, r.currency, r.locale);
  return {
    yieldBp:
      share.ok && share.value >= 5 && share.value <= 100 ? Math.round(share.value * 100) : ALL_PASS.yieldBp,
    secondBrings: second.ok && second.value >= 0 ? second.value : ALL_PASS.secondBrings,
  };
}

export const numberOf = (text: string, locale: string): number => {
  const read = parseNumber(text, locale);
  return read.ok ? read.value : NaN;
};

/** A slot for every colour the pattern names, with the choice made for it; "main" when it names none. */
export function namedSlots(checked: CheckedPattern): string[] {
  const names = new Set(
    checked.parts.flatMap((p) => p.bySlot.filter((s) => Object.keys(s.made).length > 0).map((s) => s.slot)),
  );
  if (names.size === 0) names.add(MAIN_SLOT);
  return [...names].slice(0, 24);
}

export function shownSlots(names: readonly string[], chosen: readonly SlotDraft[]): SlotDraft[] {
  return names.map(
    (slot) =>
      chosen.find((s) => s.slot === slot) ?? { slot, yarnId: "", hook: chosen[0]?.hook ?? "3", strands: 1 },
  );
}

export function toDraft(t: Typed, slots: readonly SlotDraft[], locale: string): ItemDraft {
  return {
    pattern: t.pattern,
    ...(answersIn(t).length > 0 ? { answers: answersIn(t) } : {}),
    firmness: t.firmness,
    hanger: t.hanger,
    slots: slots
      .filter((s) => s.yarnId !== "")
      .map((s) => ({
        slot: s.slot,
        yarnId: s.yarnId,
        hookMm: clampHook(numberOf(s.hook, locale)),
        strands: s.strands,
      })),
    notions: draftNotions(t.notions, locale),
  };
}
export const draftNotions = (notions: Typed["notions"], locale: string) =>
  notions.map((n) => ({
    notionId: n.notionId,
    quantity: Math.max(0, Math.round(numberOf(n.quantity, locale)) || 0),
  }));
const clampHook = (n: number) => (Number.isFinite(n) && n >= 0.5 && n <= 30 ? mm(n) : mm(3));
