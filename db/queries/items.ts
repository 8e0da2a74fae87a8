import type { Minor, Micrometres } from "@core/units";
import { group } from "d3-array";
import type { Answer } from "@core/notation";
import { answersOf, keptAnswers } from "../answers";
import { mustOwn } from "../change";
import { and, asc, desc, eq, inArray, isNull, sql } from "drizzle-orm";
import { channel, item, itemNotion, itemRevision, itemSlot, notion, yarn } from "../schema";
import { strandColumns, strandsOf } from "../strands";
import { changing } from "../pulse";
import { ChangedMeanwhile, mine, newId, type Scope } from "../scope";

export type Item = typeof item.$inferSelect;
export type ItemKind = Item["kind"];
export interface SlotChoice {
  readonly slot: string;
  readonly yarnId: string;
  readonly hookUm: Micrometres;
  /** 2 for doubled yarn, 0.5 for half of a split one. */
  readonly strands: number;
}
export interface NotionChoice {
  readonly notionId: string;
  readonly quantity: number;
}
export interface RevisionContent {
  readonly pattern: string;
  readonly firmness: "light" | "medium" | "firm";
  readonly hanger: boolean;
  readonly note: string;
  readonly slots: readonly SlotChoice[];
  readonly notions: readonly NotionChoice[];
  /** What she answered to doubts of the reader. */
  readonly answers?: readonly Answer[] | undefined;
}
export interface Revision extends RevisionContent {
  readonly id: string;
  readonly itemId: string;
  readonly number: number;
  readonly createdAt: Date;
}
export interface ItemWithRevision {
  readonly item: Item;
  readonly revision: Revision;
  /** It is sold as a kit: wound and packed, not made. */
  readonly asKit?: true;
}

async function revisionsWhere(scope: Scope, ids: readonly string[]): Promise<Map<string, Revision>> {
  if (ids.length === 0) return new Map();
  const [rows, slots, notions] = await Promise.all([
    scope.db
      .select()
      .from(itemRevision)
      .where(mine(scope, itemRevision, inArray(itemRevision.id, [...ids]))),
    scope.db
      .select()
      .from(itemSlot)
      .where(mine(scope, itemSlot, inArray(itemSlot.revisionId, [...ids])))
      .orderBy(asc(itemSlot.slot)),
    scope.db
      .select()
      .from(itemNotion)
      .where(mine(scope, itemNotion, inArray(itemNotion.revisionId, [...ids]))),
  ]);
  const slotsOf = group(slots, (x) => x.revisionId);
  const notionsOf = group(notions, (x) => x.revisionId);
  return new Map(
    rows.map((r) => [
      r.id,
      {
        id: r.id,
        itemId: r.itemId,
        number: r.number,
        createdAt: r.createdAt,
        pattern: r.pattern,
        firmness: r.firmness,
        hanger: r.hanger,
        note: r.note,
        answers: answersOf(r.answers),
        slots: (slotsOf.get(r.id) ?? []).map((s) => ({
          slot: s.slot,
          yarnId: s.yarnId,
          hookUm: s.hookUm,
          strands: strandsOf(s),
        })),
        notions: (notionsOf.get(r.id) ?? []).map((n) => ({ notionId: n.notionId, quantity: n.quantity })),
      },
    ]),
  );
}

/** Items with the revision that counts now, by name. */
export async function listItems(scope: Scope): Promise<ItemWithRevision[]> {
  const rows = await scope.db
    .select({ item, revisionId: itemRevision.id })
    .from(item)
    .innerJoin(itemRevision, and(eq(itemRevision.itemId, item.id), eq(itemRevision.number, item.revision)))
    .where(mine(scope, item, isNull(item.deletedAt)))
    .orderBy(asc(item.name));
  const revisions = await revisionsWhere(
    scope,
    rows.map((r) => r.revisionId),
  );
  return rows.flatMap((r) => {
    const revision = revisions.get(r.revisionId);
    return revision ? [{ item: r.item, revision }] : [];
  });
}

export async function findItem(scope: Scope, id: string): Promise<ItemWithRevision | undefined> {
  const [row] = await scope.db
    .select({ item, revisionId: itemRevision.id })
    .from(item)
    .innerJoin(itemRevision, and(eq(itemRevision.itemId, item.id), eq(itemRevision.number, item.revision)))
    .where(mine(scope, item, eq(item.id, id), isNull(item.deletedAt)))
    .limit(1);
  if (!row) return undefined;
  const revision = (await revisionsWhere(scope, [row.revisionId])).get(row.revisionId);
  return revision ? { item: row.item, revision } : undefined;
}

export async function findRevisions(scope: Scope, ids: readonly string[]): Promise<Map<string, Revision>> {
  return revisionsWhere(scope, ids);
}

/** A revision without what it holds. */
export interface RevisionHead {
  readonly id: string;
  readonly number: number;
  readonly note: string;
  readonly createdAt: Date;
}

/** The newest revisions of an item, newest first. */
export async function listRevisions(scope: Scope, itemId: string, most: number): Promise<RevisionHead[]> {
  const { id, number, note, createdAt } = itemRevision;
  return scope.db
    .select({ id, number, note, createdAt })
    .from(itemRevision)
    .where(mine(scope, itemRevision, eq(itemRevision.itemId, itemId)))
    .orderBy(desc(number))
    .limit(most);
}

async function insertRevision(
  tx: Scope,
  itemId: string,
  number: number,
  content: RevisionContent,
): Promise<string> {
  // A slot or a notion of another workshop is refused by finding nothing, not by trusting the form.
  const yarnIds = [...new Set(content.slots.map((s) => s.yarnId))];
  const notionIds = content.notions.map((n) => n.notionId);
  const ownYarns =
    yarnIds.length === 0
      ? []
      : await tx.db
          .select({ id: yarn.id })
          .from(yarn)
          .where(mine(tx, yarn, inArray(yarn.id, yarnIds)));
  const ownNotions =
    notionIds.length === 0
      ? []
      : await tx.db
          .select({ id: notion.id })
          .from(notion)
          .where(mine(tx, notion, inArray(notion.id, notionIds)));
  const yarns = new Set(ownYarns.map((y) => y.id));
  const notions = new Set(ownNotions.map((n) => n.id));
  const id = newId();
  await tx.db.insert(itemRevision).values({
    id,
    workshopId: tx.workshopId,
    itemId,
    number,
    pattern: content.pattern,
    firmness: content.firmness,
    hanger: content.hanger,
    note: content.note,
    answers: keptAnswers(content.answers),
    createdAt: tx.now,
  });
  const slots = content.slots.filter((s) => yarns.has(s.yarnId));
  if (slots.length > 0)
    await tx.db
      .insert(itemSlot)
      .values(
        slots.map((s) => ({ ...s, ...strandColumns(s.strands), workshopId: tx.workshopId, revisionId: id })),
      );
  const own = content.notions.filter((n) => notions.has(n.notionId) && n.quantity > 0);
  if (own.length > 0)
    await tx.db
      .insert(itemNotion)
      .values(own.map((n) => ({ ...n, workshopId: tx.workshopId, revisionId: id })));
  return id;
}

/**
 * What an item is beside its revisions; left out, the share that passes and what seconds bring stay as they
 * are.
 */
export interface ItemHead {
  readonly name: string;
  readonly kind: ItemKind;
  readonly price: Minor | null;
  readonly channelId: string | null;
  readonly yieldBp?: number;
  readonly secondBrings?: Minor;
}

export async function createItem(
  scope: Scope,
  head: Pick<ItemHead, "name" | "kind"> & Partial<ItemHead>,
  given: RevisionContent,
): Promise<string> {
  const content = wellFormed(given);
  return changing(scope, "items", async (tx) => {
    const id = newId();
    await mustOwn(tx, channel, head.channelId, "The way of selling");
    await tx.db.insert(item).values({
      id,
      workshopId: tx.workshopId,
      name: head.name,
      kind: head.kind,
      price: head.price ?? null,
      channelId: head.channelId ?? null,
      ...(head.yieldBp === undefined ? {} : { yieldBp: head.yieldBp }),
      ...(head.secondBrings === undefined ? {} : { secondBrings: head.secondBrings }),
      revision: 1,
      createdAt: tx.now,
    });
    await insertRevision(tx, id, 1, content);
    return id;
  });
}

/**
 * Saves an item. Changed content becomes the next revision; `basedOn` is the revision the maker had
 * before her. @throws ChangedMeanwhile when another one was saved since.
 */
export async function saveItem(
  scope: Scope,
  id: string,
  basedOn: number,
  head: ItemHead,
  given: RevisionContent,
  seen?: number,
): Promise<{ revision: number; version: number }> {
  const content = wellFormed(given);
  return changing(scope, "items", async (tx) => {
    const [row] = await tx.db
      .select()
      .from(item)
      .where(mine(tx, item, eq(item.id, id), isNull(item.deletedAt)))
      .for("update");
    if (!row) throw new ChangedMeanwhile("The item");
    await mustOwn(tx, channel, head.channelId, "The way of selling");
    const before = await findCurrent(tx, id, row.revision);
    const sameHead =
      head.name === row.name &&
      head.kind === row.kind &&
      head.price === row.price &&
      head.channelId === row.channelId &&
      (head.yieldBp ?? row.yieldBp) === row.yieldBp &&
      (head.secondBrings ?? row.secondBrings) === row.secondBrings;
    // The same save sent again, its answer lost: it is kept already.
    if (before && sameHead && sameContent(before, content))
      return { revision: row.revision, version: row.version };
    if (row.revision !== basedOn || (seen !== undefined && row.version !== seen))
      throw new ChangedMeanwhile("The item");
    const changed = !before || !sameContent(before, content);
    const revision = changed ? row.revision + 1 : row.revision;
    if (changed) await insertRevision(tx, id, revision, content);
    await tx.db
      .update(item)
      .set({ ...head, revision, version: row.version + 1 })
      .where(mine(tx, item, eq(item.id, id)));
    return { revision, version: row.version + 1 };
  });
}

async function findCurrent(tx: Scope, itemId: string, number: number): Promise<Revision | undefined> {
  const [row] = await tx.db
    .select({ id: itemRevision.id })
    .from(itemRevision)
    .where(mine(tx, itemRevision, eq(itemRevision.itemId, itemId), eq(itemRevision.number, number)))
    .limit(1);
  return row ? (await revisionsWhere(tx, [row.id])).get(row.id) : undefined;
}

/**
 * Half a character cannot be kept: it is what the database would make of it, so that the same text saved
 * again is the same.
 */
const wellFormed = (c: RevisionContent): RevisionContent => ({
  ...c,
  pattern: Buffer.from(c.pattern, "utf8").toString("utf8"),
});

function sameContent(a: RevisionContent, b: RevisionContent): boolean {
  const key = (c: RevisionContent) =>
    JSON.stringify([
      c.pattern,
      c.firmness,
      c.hanger,
      c.note,
      keptAnswers(c.answers),
      [...c.slots]
        .sort((x, y) => x.slot.localeCompare(y.slot))
        .map((s) => [s.slot, s.yarnId, s.hookUm, s.strands]),
      c.notions
        .filter((n) => n.quantity > 0)
        .map((n) => `${n.notionId}:${n.quantity}`)
        .sort(),
    ]);
  return key(a) === key(b);
}

/** Whom an item is sold for. */
export async function setItemUse(scope: Scope, id: string, useFor: Item["useFor"]): Promise<void> {
  return changing(scope, "items", async (tx) => {
    await tx.db
      .update(item)
      .set({ useFor })
      .where(mine(tx, item, eq(item.id, id)));
  });
}

/** When in the year items are asked for. */
export async function setItemSeasons(
  scope: Scope,
  seasons: ReadonlyMap<string, Item["season"]>,
): Promise<void> {
  return changing(scope, "items", async (tx) => {
    for (const [id, season] of seasons)
      await tx.db
        .update(item)
        .set({ season })
        .where(mine(tx, item, eq(item.id, id)));
  });
}

/** What is looked at in each piece besides what the pattern says. @throws NotThere */
export async function setItemPoints(scope: Scope, id: string, points: readonly string[]): Promise<void> {
  return changing(scope, "items", async (tx) => {
    await mustOwn(tx, item, id, "The item");
    await tx.db
      .update(item)
      .set({ points: points.length > 0 ? points : null })
      .where(mine(tx, item, eq(item.id, id)));
  });
}

export async function setItemDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  return changing(scope, "items", async (tx) => {
    await tx.db
      .update(item)
      .set({ deletedAt: deleted ? tx.now : null })
      .where(mine(tx, item, eq(item.id, id)));
  });
}

export async function countItems(scope: Scope): Promise<number> {
  const [row] = await scope.db
    .select({ n: sql<string>`count(*)` })
    .from(item)
    .where(mine(scope, item, isNull(item.deletedAt)));
  return Number(row?.n ?? 0);
}
