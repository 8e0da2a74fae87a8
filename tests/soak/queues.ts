import { minor } from "../../core/units";
import { randomUUID } from "node:crypto";
import type { Connection, RowDataPacket } from "mysql2/promise";
import { connect } from "../../db/connect";
import { listHands } from "../../db/queries/hands";
import { postPieces } from "../../db/queries/pieces";
import { openMarket, saveMarket, savePlace } from "../../db/queries/places";
import { listOpenRuns } from "../../db/queries/runs";
import { listChannels, listWorkshops } from "../../db/queries/workshops";
import { pick, type Draw } from "../hostile/texts";

/** Sends a body until it is answered, and answers what came back. */
export type Send = (to: string, body: object) => Promise<string>;

/** A stall that is open and a line at the bench, of the demo. */
export interface Desk {
  readonly market: string;
  readonly pieces: readonly { readonly itemId: string; readonly colourwayId: string }[];
  readonly line: string;
  readonly handId: string;
}

/** Which acts devices were told that the server has; of sales, those that were undone. */
export interface Queued {
  readonly sales: Map<string, { readonly quantity: number; undone: boolean }>;
  readonly acts: Set<string>;
}

/** Sets up a stall with a full crate for an item that is there, beside a line of a run that is under way. */
export async function setUpDesk(url: string, itemId: string): Promise<Desk> {
  const { db, close } = connect(url);
  const [workshop] = await listWorkshops(db);
  const scope = { db, workshopId: workshop?.id ?? "", now: new Date() };
  const piece = { itemId, colourwayId: "" };
  const [channel] = await listChannels(scope);
  const [hand] = await listHands(scope);
  const [run] = await listOpenRuns(scope);
  const channelId = channel?.id ?? "";
  const placeId = await savePlace(scope, { name: "Crate", kind: "crate", channelId, holds: null });
  await postPieces(scope, [{ kind: "counted", ...piece, grade: "good", placeId, quantity: 60 }]);
  const onDay = scope.now.toISOString().slice(0, 10);
  const market = await saveMarket(scope, {
    name: "Quay",
    onDay,
    channelId,
    placeId,
    float: minor(0),
    note: "",
  });
  await openMarket(scope, market);
  await close();
  const line = run?.lines[0]?.id;
  if (line === undefined) throw new Error(`no line to crochet on: ${JSON.stringify(run ?? "no open run")}`);
  return { market, pieces: [piece], line, handId: hand?.id ?? "" };
}

/** What a telephone without a signal gathered: up to five sales, some taken back, sent in one and perhaps twice. */
export async function sellAway(send: Send, draw: Draw, desk: Desk, told: Queued): Promise<void> {
  const sales = Array.from({ length: 1 + draw(5) }, () => ({
    kind: "sell",
    key: randomUUID(),
    at: Date.now() - draw(3_600_000),
    customer: randomUUID(),
    ...pick(draw, desk.pieces),
    grade: "good",
    quantity: 1 + draw(2),
    listPrice: 1200,
    taken: 1200,
  }));
  const back = sales.filter(() => draw(5) === 0);
  const acts: object[] = [
    ...sales,
    ...back.map((s) => ({ kind: "undo", key: randomUUID(), at: s.at + 1000, of: s.key })),
  ];
  for (let times = 1 + draw(2); times > 0; times--)
    await send(`/stall/${desk.market}/acts`, { acts, since: Date.now() });
  for (const s of sales) told.sales.set(s.key, { quantity: s.quantity, undone: back.includes(s) });
}

/** Rounds that a phone at the table counted while it was away, in any order and perhaps twice. */
export async function crochetAway(send: Send, draw: Draw, desk: Desk, told: Queued): Promise<void> {
  const acts = Array.from({ length: 1 + draw(20) }, (_, i) => ({
    kind: "done",
    key: randomUUID(),
    at: Date.now() - draw(3_600_000),
    device: "soak-phone",
    piece: 1 + draw(4),
    step: `body.r${i + 1}`,
    ms: 20_000 + draw(60_000),
  })).sort(() => draw(3) - 1);
  for (let times = 1 + draw(2); times > 0; times--)
    await send(`/bench/${desk.line}/acts`, { handId: desk.handId, acts });
  for (const a of acts) told.acts.add(a.key);
}

/** Each acknowledged act once; each sale's pieces off the shelf once, and back once where it was undone. */
export async function queuesHeld(db: Connection, told: Queued): Promise<string[]> {
  const ask = async (sql: string) => (await db.query<RowDataPacket[]>(sql))[0];
  const wrong: string[] = [];
  const acts = new Set((await ask("select act_key k from bench_act")).map((r) => String(r.k)));
  for (const key of told.acts) if (!acts.has(key)) wrong.push(`round ${key} is lost`);
  const sales = new Map(
    (await ask("select sale_key k, quantity q, undone_at is not null gone from sale")).map((r) => [
      String(r.k),
      r,
    ]),
  );
  const moves = new Map<string, number[]>();
  for (const r of await ask("select idempotency_key k, quantity q from piece_move"))
    moves.set(String(r.k), [...(moves.get(String(r.k)) ?? []), Number(r.q)]);
  for (const [key, { quantity, undone }] of told.sales) {
    const row = sales.get(key);
    if (!row || Number(row.q) !== quantity) wrong.push(`sale ${key} is there with ${String(row?.q)}`);
    if (row && Boolean(Number(row.gone)) !== undone)
      wrong.push(`sale ${key}: taken back ${String(row.gone)}`);
    if (String(moves.get(`sold:${key}`)) !== String([-quantity]))
      wrong.push(`sale ${key}: not off the shelf once`);
    if (String(moves.get(`unsold:${key}`) ?? "") !== (undone ? String([quantity]) : ""))
      wrong.push(`sale ${key}: not back on the shelf once`);
  }
  const [off] = await ask(
    "select count(*) n from piece_balance b where b.quantity <> (select coalesce(sum(m.quantity), 0) from piece_move m where m.workshop_id = b.workshop_id and m.item_id = b.item_id and m.colourway_id = b.colourway_id and m.grade = b.grade and m.place_id = b.place_id)",
  );
  if (Number(off?.n) !== 0)
    wrong.push(`${String(off?.n)} balances of pieces that are not the sum of their moves`);
  return wrong;
}
