import { micrometres, type Micrometres } from "@core/units";
import type { CheckedPattern, NotionWord, PatternHead } from "@core/notation";
import type { Handed } from "./bring/handed-schema";

interface Yarn {
  readonly id: string;
  readonly shade: string;
  readonly name: string;
  readonly weightClass: number;
  readonly hookUm: Micrometres;
}
interface Notion {
  readonly id: string;
  readonly kind: string;
  readonly name: string;
  readonly sizeUm: number | null;
}
export interface Proposed {
  readonly slots: readonly { slot: string; yarnId: string; hookUm: Micrometres; strands: number }[];
  readonly notions: readonly { notionId: string; quantity: number }[];
}

/** Where in the cupboard a thing of the text is found; others by their name. */
const KIND: Readonly<Record<NotionWord, string>> = {
  filling: "filling",
  keyring: "ring",
  bell: "bell",
  magnet: "other",
  wire: "other",
};

const MOST_SLOTS = 24;

/** Slots of a pattern, in the order of the text. */
export const slotsOf = (p: CheckedPattern): string[] => [
  ...new Set(p.parts.flatMap((part) => part.bySlot.map((x) => x.slot))),
];

/**
 * What a new item begins with, from what stands above its rounds: for each colour the yarn in the cupboard
 * that its shade and class speak of, the hook, the eyes of that size, filling, a ring. Only what is surely
 * meant is taken; the rest is chosen on the item's page.
 */
export function proposedFrom(
  head: PatternHead,
  slots: readonly string[],
  yarns: readonly Yarn[],
  notions: readonly Notion[],
  hookUmOf: (y: Yarn) => Micrometres,
): Proposed {
  const hook = head.hooksMm.length === 1 ? micrometres((head.hooksMm[0] ?? 0) * 1000) : undefined;
  const only = yarns.length === 1 ? yarns[0] : undefined;
  const chosen = slots.slice(0, MOST_SLOTS).flatMap((slot) => {
    const yarn = only ?? yarnFor(slot, head.weightClass, yarns);
    return yarn ? [{ slot, yarnId: yarn.id, hookUm: hook ?? hookUmOf(yarn), strands: 1 }] : [];
  });
  const list: { notionId: string; quantity: number }[] = [];
  const add = (n: Notion | undefined, quantity: number) => {
    if (n && !list.some((x) => x.notionId === n.id)) list.push({ notionId: n.id, quantity });
  };
  add(
    notions.find((n) => n.kind === "filling"),
    1,
  );
  for (const e of head.eyes)
    add(
      notions.find((n) => n.kind === "eye" && n.sizeUm === Math.round(e.sizeMm * 1000)),
      e.count,
    );
  for (const word of head.notions)
    add(
      notions.find(
        (n) => n.kind === KIND[word] && (KIND[word] !== "other" || n.name.toLowerCase().includes(word)),
      ),
      1,
    );
  return { slots: chosen, notions: list };
}

/**
 * … and where the item was handed on by another workshop, what the cupboard has by the same name: it knows
 * better than the words of the text.
 */
export function proposedBy(
  handed: Handed,
  from: Proposed,
  yarns: readonly Yarn[],
  notions: readonly Notion[],
): Proposed {
  const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
  const slots = new Map(from.slots.map((s) => [s.slot, s]));
  for (const h of handed.yarns) {
    const yarn = yarns.find((y) => same(`${y.name}, ${y.shade}`, h.label));
    const hookUm = micrometres(h.hookMm * 1000);
    const there = slots.get(h.slot);
    if (yarn) slots.set(h.slot, { slot: h.slot, yarnId: yarn.id, hookUm, strands: there?.strands ?? 1 });
    else if (there) slots.set(h.slot, { ...there, hookUm });
  }
  const named = handed.notions.flatMap((h) => {
    const notion = notions.find((n) => same(n.name, h.name));
    return notion ? [{ notionId: notion.id, quantity: notion.kind === "filling" ? 1 : h.quantity }] : [];
  });
  const more = from.notions.filter((n) => !named.some((x) => x.notionId === n.notionId));
  return { slots: [...slots.values()].slice(0, MOST_SLOTS), notions: [...named, ...more] };
}

/** The one yarn that a shade word speaks of; undefined where none or several do. */
function yarnFor(slot: string, weightClass: number | undefined, yarns: readonly Yarn[]): Yarn | undefined {
  const word = slot.toLowerCase().split(/[ -]/).at(-1) ?? "";
  if (word.length < 3) return undefined;
  const said = yarns.filter(
    (y) =>
      (weightClass === undefined || y.weightClass === weightClass) &&
      y.shade
        .toLowerCase()
        .split(/[^a-z]+/)
        .includes(word),
  );
  return said.length === 1 ? said[0] : undefined;
}
