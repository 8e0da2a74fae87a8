import { and, desc, eq, gt, isNotNull, type SQL } from "drizzle-orm";
import type { MySqlColumn, MySqlTable } from "drizzle-orm/mysql-core";
import {
  ball,
  channel,
  colourway,
  commission,
  item,
  market,
  notion,
  photo,
  place,
  purchase,
  run,
  scenario,
  supplier,
  swatch,
  yarn,
} from "../schema";
import { mine, type Scope } from "../scope";

export const BIN_KINDS = [
  "item",
  "colourway",
  "run",
  "yarn",
  "ball",
  "notion",
  "swatch",
  "supplier",
  "purchase",
  "channel",
  "market",
  "commission",
  "place",
  "scenario",
  "photo",
] as const;
export type BinKind = (typeof BIN_KINDS)[number];

export interface Deleted {
  readonly kind: BinKind;
  readonly id: string;
  /** What it was called; empty for what has no name of its own. */
  readonly name: string;
  readonly deletedAt: Date;
}

/** Deleted things can be brought back for so long. */
export const BIN_DAYS = 90;
const MOST = 200;

type Binned = MySqlTable & {
  readonly id: MySqlColumn;
  readonly workshopId: MySqlColumn;
  readonly deletedAt: MySqlColumn;
};

/** Tables that keep what is deleted, with what names a row: its own column, or the yarn it is of. */
const NAMED: Readonly<
  Record<Exclude<BinKind, "ball" | "swatch" | "yarn" | "purchase">, readonly [Binned, MySqlColumn]>
> = {
  item: [item, item.name],
  colourway: [colourway, colourway.name],
  run: [run, run.name],
  notion: [notion, notion.name],
  supplier: [supplier, supplier.name],
  channel: [channel, channel.name],
  market: [market, market.name],
  commission: [commission, commission.customer],
  place: [place, place.name],
  scenario: [scenario, scenario.name],
  photo: [photo, photo.caption],
};

/** What was deleted and may come back, newest first; of one thing when asked. */
export async function listDeleted(scope: Scope, of?: { kind: BinKind; id: string }): Promise<Deleted[]> {
  const since = new Date(scope.now.getTime() - BIN_DAYS * 86_400_000);
  const where = (t: Binned): SQL | undefined =>
    mine(scope, t, isNotNull(t.deletedAt), gt(t.deletedAt, since), of ? eq(t.id, of.id) : undefined);
  const wanted = (kind: BinKind) => of === undefined || of.kind === kind;
  const found: Deleted[] = [];
  const add = (kind: BinKind, rows: readonly { id: unknown; name: string; at: unknown }[]) => {
    for (const r of rows)
      if (r.at instanceof Date) found.push({ kind, id: String(r.id), name: r.name, deletedAt: r.at });
  };
  for (const [kind, [table, name]] of Object.entries(NAMED) as [keyof typeof NAMED, (typeof NAMED)["item"]][])
    if (wanted(kind)) {
      const rows = await scope.db
        .select({ id: table.id, name, at: table.deletedAt })
        .from(table as MySqlTable)
        .where(where(table))
        .orderBy(desc(table.deletedAt))
        .limit(MOST);
      add(
        kind,
        rows.map((r) => ({ ...r, name: String(r.name) })),
      );
    }
  const ofYarn = { name: yarn.name, shade: yarn.shade };
  const label = (r: { name: string; shade: string }) => `${r.shade}, ${r.name}`;
  if (wanted("yarn")) {
    const rows = await scope.db
      .select({ id: yarn.id, at: yarn.deletedAt, ...ofYarn })
      .from(yarn)
      .where(where(yarn))
      .orderBy(desc(yarn.deletedAt))
      .limit(MOST);
    add(
      "yarn",
      rows.map((r) => ({ ...r, name: label(r) })),
    );
  }
  for (const [kind, table] of [
    ["ball", ball],
    ["swatch", swatch],
  ] as const)
    if (wanted(kind)) {
      const rows = await scope.db
        .select({ id: table.id, at: table.deletedAt, ...ofYarn })
        .from(table)
        .innerJoin(yarn, eq(yarn.id, table.yarnId))
        .where(and(where(table), mine(scope, yarn)))
        .orderBy(desc(table.deletedAt))
        .limit(MOST);
      add(
        kind,
        rows.map((r) => ({ ...r, name: label(r) })),
      );
    }
  if (wanted("purchase")) {
    const rows = await scope.db
      .select({ id: purchase.id, at: purchase.deletedAt, name: purchase.orderedOn })
      .from(purchase)
      .where(where(purchase))
      .orderBy(desc(purchase.deletedAt))
      .limit(MOST);
    add("purchase", rows);
  }
  return found.sort((a, b) => b.deletedAt.getTime() - a.deletedAt.getTime()).slice(0, MOST);
}
