import { asc, desc, eq, gte, inArray, ne, sql } from "drizzle-orm";
import { alias } from "drizzle-orm/mysql-core";
import { mustOwn } from "../change";
import { beat } from "../pulse";
import { colourway, item, PIECE_MOVES, pieceBalance, pieceMove, place, type GRADES } from "../schema";
import { mine, newId, NotThere, transact, type Scope } from "../scope";

export type PieceMoveKind = (typeof PIECE_MOVES)[number];
export type Grade = (typeof GRADES)[number];
export type PieceMove = typeof pieceMove.$inferSelect;
export type PieceBalance = Omit<typeof pieceBalance.$inferSelect, "workshopId">;

/** A kind of finished piece: an item in one set of colours ("" for its own), and how good it is. */
export interface Piece {
  readonly itemId: string;
  readonly colourwayId: string;
  readonly grade: Grade;
}
export interface NewPieceMove extends Piece {
  readonly kind: PieceMoveKind;
  /** "" is home. */
  readonly placeId: string;
  /** Negative takes away. */
  readonly quantity: number;
  readonly batchId?: string | undefined;
  readonly runId?: string | undefined;
  readonly note?: string | undefined;
  readonly undoes?: string | undefined;
  /** Posting the same key again changes nothing. */
  readonly key?: string | undefined;
  readonly at?: Date | undefined;
}

const ROWS = 500;

/**
 * Posts moves of finished pieces and adds them to what is where. A key that was posted before is left as it
 * is.
 */
export async function postPieces(scope: Scope, moves: readonly NewPieceMove[]): Promise<void> {
  if (moves.length === 0) return;
  await transact(scope, async (tx) => {
    for (let i = 0; i < moves.length; i += ROWS) {
      const rows = moves.slice(i, i + ROWS).map((m) => rowOf(tx, m));
      await tx.db
        .insert(pieceMove)
        .values(rows)
        .onDuplicateKeyUpdate({ set: { id: sql`id` } });
      await addUp(
        tx,
        rows.map((r) => r.id),
      );
    }
    await beat(tx, "shelf");
  });
}

const rowOf = (scope: Scope, m: NewPieceMove): typeof pieceMove.$inferInsert & { id: string } => ({
  id: newId(),
  workshopId: scope.workshopId,
  kind: m.kind,
  itemId: m.itemId,
  colourwayId: m.colourwayId,
  placeId: m.placeId,
  grade: m.grade,
  quantity: m.quantity,
  batchId: m.batchId ?? null,
  runId: m.runId ?? null,
  note: m.note ?? "",
  undoes: m.undoes ?? null,
  idempotencyKey: m.key ?? newId(),
  at: m.at ?? scope.now,
});

/** Adds those of the given moves that are in the ledger to the balances, always in one order. */
async function addUp(tx: Scope, ids: readonly string[]): Promise<void> {
  const of = [pieceMove.itemId, pieceMove.colourwayId, pieceMove.placeId, pieceMove.grade] as const;
  const sums = await tx.db
    .select({
      itemId: of[0],
      colourwayId: of[1],
      placeId: of[2],
      grade: of[3],
      quantity: sql<string>`sum(${pieceMove.quantity})`,
    })
    .from(pieceMove)
    .where(mine(tx, pieceMove, inArray(pieceMove.id, [...ids])))
    .groupBy(...of)
    .orderBy(...of.map((c) => asc(c)));
  if (sums.length === 0) return;
  await tx.db
    .insert(pieceBalance)
    .values(sums.map((r) => ({ ...r, workshopId: tx.workshopId, quantity: Number(r.quantity) })))
    .onDuplicateKeyUpdate({ set: { quantity: sql`quantity + values(quantity)` } });
}

/** What is where, without what is nowhere. */
export async function piecesWhere(scope: Scope, placeId?: string): Promise<PieceBalance[]> {
  const rows = await scope.db
    .select()
    .from(pieceBalance)
    .where(
      mine(
        scope,
        pieceBalance,
        ne(pieceBalance.quantity, 0),
        placeId === undefined ? undefined : eq(pieceBalance.placeId, placeId),
      ),
    )
    .orderBy(asc(pieceBalance.itemId), asc(pieceBalance.colourwayId));
  return rows.map(({ workshopId: _w, ...r }) => r);
}

/** Finished pieces on hand wherever they are, by item and colourway: "item:colourway". */
export async function madeStock(scope: Scope): Promise<Map<string, number>> {
  const out = new Map<string, number>();
  for (const r of await piecesWhere(scope)) {
    const key = `${r.itemId}:${r.colourwayId}`;
    out.set(key, (out.get(key) ?? 0) + r.quantity);
  }
  return out;
}

/** @throws NotThere for an item, colourway or place that is not one of this workshop's. */
export async function mustOwnPieces(
  scope: Scope,
  pieces: readonly Pick<Piece, "itemId" | "colourwayId">[],
  places: readonly string[],
): Promise<void> {
  for (const itemId of new Set(pieces.map((p) => p.itemId))) await mustOwn(scope, item, itemId, "The item");
  for (const of of new Map(pieces.map((p) => [p.colourwayId, p])).values()) {
    if (of.colourwayId === "") continue;
    const [own] = await scope.db
      .select({ id: colourway.id })
      .from(colourway)
      .where(mine(scope, colourway, eq(colourway.id, of.colourwayId), eq(colourway.itemId, of.itemId)))
      .limit(1);
    if (!own) throw new NotThere("The colourway");
  }
  for (const id of new Set(places)) await mustOwn(scope, place, id === "" ? undefined : id, "The place");
}

/** Takes pieces from one place to another: two moves that stand and fall together. */
export async function carryPieces(
  scope: Scope,
  pieces: readonly (Piece & { readonly quantity: number })[],
  way: { readonly from: string; readonly to: string; readonly note?: string; readonly key?: string },
): Promise<void> {
  await transact(scope, async (tx) => {
    await mustOwnPieces(tx, pieces, [way.from, way.to]);
    await postPieces(
      tx,
      pieces
        .filter((p) => p.quantity !== 0)
        .flatMap((p, i) => {
          const key = `${way.key ?? newId()}:${i}`;
          const base = { ...p, kind: "moved" as const, note: way.note };
          return [
            { ...base, placeId: way.from, quantity: -p.quantity, key: `${key}:from` },
            { ...base, placeId: way.to, quantity: p.quantity, key: `${key}:to` },
          ];
        }),
    );
  });
}

/**
 * What was counted at a place becomes what is there, by posting the differences. The balances are locked, so
 * a sale that comes in meanwhile waits. Answers the differences.
 */
export async function countPieces(
  scope: Scope,
  placeId: string,
  counted: readonly (Piece & { readonly quantity: number })[],
  note: string,
  key?: string,
): Promise<(Piece & { readonly quantity: number })[]> {
  return transact(scope, async (tx) => {
    await mustOwnPieces(tx, counted, [placeId]);
    const there = await tx.db
      .select()
      .from(pieceBalance)
      .where(mine(tx, pieceBalance, eq(pieceBalance.placeId, placeId)))
      .for("update");
    const of = (p: Piece) => `${p.itemId}:${p.colourwayId}:${p.grade}`;
    const had = new Map(there.map((r) => [of(r), r.quantity]));
    const differences = counted
      .map((p) => ({ ...p, quantity: p.quantity - (had.get(of(p)) ?? 0) }))
      .filter((p) => p.quantity !== 0);
    const base = key ?? newId();
    await postPieces(
      tx,
      differences.map((p) => ({ ...p, kind: "counted", placeId, note, key: `${base}:${of(p)}`.slice(-80) })),
    );
    return differences;
  });
}

/**
 * Takes a move back by its opposite; of pieces that were carried both ends. false when that was done before.
 */
export async function undoPieceMove(scope: Scope, id: string): Promise<boolean> {
  return transact(scope, async (tx) => {
    const [m] = await tx.db
      .select()
      .from(pieceMove)
      .where(mine(tx, pieceMove, eq(pieceMove.id, id)))
      .for("update");
    if (!m || m.kind === "undone" || m.kind === "sold") return false;
    const other = m.idempotencyKey.endsWith(":from")
      ? `${m.idempotencyKey.slice(0, -5)}:to`
      : m.idempotencyKey.endsWith(":to")
        ? `${m.idempotencyKey.slice(0, -3)}:from`
        : undefined;
    const both =
      m.kind === "moved" && other !== undefined
        ? [
            m,
            ...(await tx.db
              .select()
              .from(pieceMove)
              .where(mine(tx, pieceMove, eq(pieceMove.idempotencyKey, other)))
              .for("update")),
          ]
        : [m];
    const done = await tx.db
      .select({ id: pieceMove.id })
      .from(pieceMove)
      .where(
        mine(
          tx,
          pieceMove,
          inArray(
            pieceMove.undoes,
            both.map((b) => b.id),
          ),
        ),
      );
    if (done.length > 0) return false;
    await postPieces(tx, both.map(oppositePieces));
    return true;
  });
}

export const oppositePieces = (m: PieceMove): NewPieceMove => ({
  kind: "undone",
  itemId: m.itemId,
  colourwayId: m.colourwayId,
  placeId: m.placeId,
  grade: m.grade,
  quantity: -m.quantity,
  batchId: m.batchId ?? undefined,
  runId: m.runId ?? undefined,
  note: m.kind,
  undoes: m.id,
  key: `undo:${m.id}`,
});

export interface ShelfMove extends PieceMove {
  readonly takenBack: boolean;
}
/** The shelf's book, newest first. */
export async function pieceBook(scope: Scope, limit: number, itemId?: string): Promise<ShelfMove[]> {
  const back = alias(pieceMove, "back");
  const rows = await scope.db
    .select({ move: pieceMove, back: back.id })
    .from(pieceMove)
    .leftJoin(back, eq(back.undoes, pieceMove.id))
    .where(mine(scope, pieceMove, itemId ? eq(pieceMove.itemId, itemId) : undefined))
    .orderBy(desc(pieceMove.at), desc(pieceMove.id))
    .limit(limit);
  return rows.map((r) => ({ ...r.move, takenBack: r.back !== null }));
}

/** What came to a place, less what went from it, since a moment: by "item:colourway". */
export async function movedSince(scope: Scope, placeId: string, since: Date): Promise<Map<string, number>> {
  const rows = await scope.db
    .select({
      itemId: pieceMove.itemId,
      colourwayId: pieceMove.colourwayId,
      quantity: sql<string>`sum(${pieceMove.quantity})`,
    })
    .from(pieceMove)
    .where(mine(scope, pieceMove, eq(pieceMove.placeId, placeId), gte(pieceMove.at, since)))
    .groupBy(pieceMove.itemId, pieceMove.colourwayId);
  return new Map(rows.map((r) => [`${r.itemId}:${r.colourwayId}`, Number(r.quantity)]));
}

/** Adds all balances up anew from the ledger: for one that was filled by hand. */
export async function rebuildPieces(scope: Scope): Promise<void> {
  await transact(scope, async (tx) => {
    await tx.db.delete(pieceBalance).where(mine(tx, pieceBalance));
    await tx.db.execute(
      sql`insert into piece_balance (workshop_id, item_id, colourway_id, place_id, grade, quantity) select workshop_id, item_id, colourway_id, place_id, grade, sum(quantity) from piece_move where workshop_id = ${tx.workshopId} group by workshop_id, item_id, colourway_id, place_id, grade`,
    );
    await beat(tx, "shelf");
  });
}
