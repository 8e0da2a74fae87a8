import mysql, { type RowDataPacket } from "mysql2/promise";
import autocannon from "autocannon";
import { todayOf } from "../app/server/scope.server";
import { seedDemo } from "../demo/seed";
import { freshDatabase } from "../db/testing";
import { startApp } from "./app";
import { measured, pagesOf, type PageFigures } from "./ten-years";

/** Workshops beside the one that is measured; each has what the demo has, about a year of a stall. */
const MANY = Number(process.env.LAPKA_WORKSHOPS ?? 1000);
const AT_ONCE = 50;
const SECONDS = 6;
const CONNECTIONS = 8;

/**
 * The pages of one workshop alone in its database and among many of its size, in one run; and how many pages a second
 * one machine answers among them.
 */
export async function serveMany(say: (label: string, value: string) => void): Promise<void> {
  const database = await freshDatabase("many");
  const now = new Date();
  const workshopId = await seedDemo(database.db, todayOf(now), now);
  const scope = { db: database.db, workshopId, now };
  const sql = await mysql.createConnection(database.url);
  const app = await startApp(database.url);
  const pages = await pagesOf(scope);
  const all = async (): Promise<Map<string, PageFigures>> => {
    const out = new Map<string, PageFigures>();
    for (const [page, path] of Object.entries(pages))
      out.set(page, await measured(page, "demo", app.address + path, sql));
    return out;
  };
  const alone = await all();
  const began = performance.now();
  const rows = await copied(sql, MANY);
  say(`${MANY} workshops, ${rows} rows`, `written in ${Math.round((performance.now() - began) / 1000)} s`);
  const among = await all();
  console.log(`\nPages of one workshop alone and among ${MANY + 1}, the same rows, in one run`);
  const ratios: number[] = [];
  for (const [page, a] of alone) {
    const b = among.get(page);
    const ratio = (b?.medianMs ?? NaN) / a.medianMs;
    ratios.push(ratio);
    say(
      page,
      `median ${b?.medianMs ?? NaN} ms (alone ${a.medianMs}, ratio ${ratio.toFixed(2)}), 95 % in ${b?.p95Ms ?? NaN}`,
    );
  }
  ratios.sort((a, b) => a - b);
  say(
    "ratio among to alone: median, largest",
    `${ratios[ratios.length >> 1]?.toFixed(2)}, ${ratios.at(-1)?.toFixed(2)}`,
  );
  for (const page of ["Today", "Items", "Stall"]) {
    const url = app.address + (pages[page] ?? "/");
    const r = await autocannon({ url, connections: CONNECTIONS, duration: SECONDS });
    say(
      `${page}, ${CONNECTIONS} connections, one process`,
      `${r.requests.average.toFixed(0)} a second, errors ${r.non2xx + r.errors}`,
    );
  }
  await app.stop();
  await sql.end();
  await database.close();
}

const ID = "[0-9a-f]{8}(-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})";

/**
 * Every row of every table that belongs to the first workshop once more for each of `many` others. An id keeps all but
 * its first eight digits, which are the new workshop's; ids inside of JSON too. Answers how many rows there are then.
 */
async function copied(sql: mysql.Connection, many: number): Promise<number> {
  await sql.query("set foreign_key_checks = 0, unique_checks = 0");
  const [columns] = await sql.query<RowDataPacket[]>(
    "select table_name t, column_name c, data_type d, character_maximum_length n, extra from information_schema.columns where table_schema = database() order by ordinal_position",
  );
  const tables = new Map<string, { name: string; type: string; long: number }[]>();
  for (const { t, c, d, n, extra } of columns) {
    if (/GENERATED/.test(String(extra))) continue;
    const list = tables.get(String(t)) ?? [];
    tables.set(String(t), [...list, { name: String(c), type: String(d), long: Number(n ?? 0) }]);
  }
  const [[first]] = await sql.query<RowDataPacket[]>("select id from workshop limit 1");
  const id = String(first?.id);
  let rows = 0;
  for (const [table, list] of tables) {
    const own = table === "workshop" ? "id" : list.some((c) => c.name === "workshop_id") ? "workshop_id" : "";
    if (own === "") continue;
    const values = list.map((c) => {
      const column = `t.\`${c.name}\``;
      const text = /char|text|json/.test(c.type);
      if (!text) return column;
      if (c.long > 0 && c.long <= 40)
        return `if(${column} regexp '^${ID}$', concat(k.p, substr(${column}, 9)), ${column})`;
      return /text|json/.test(c.type) ? `regexp_replace(${column}, '${ID}', concat(k.p, '\\\\1'))` : column;
    });
    for (let from = 0; from < many; from += AT_ONCE) {
      const numbers = Array.from(
        { length: Math.min(AT_ONCE, many - from) },
        (_, i) => `select '${prefix(from + i)}' p`,
      );
      await sql.query(
        `insert into \`${table}\` (${list.map((c) => `\`${c.name}\``).join(", ")}) select ${values.join(", ")} from \`${table}\` t cross join (${numbers.join(" union all ")}) k where t.\`${own}\` = ?`,
        [id],
      );
    }
    const [[count]] = await sql.query<RowDataPacket[]>(`select count(*) n from \`${table}\``);
    rows += Number(count?.n);
  }
  await sql.query("analyze table " + [...tables.keys()].map((t) => `\`${t}\``).join(", "));
  return rows;
}

/** Behind every id that time gives. */
const prefix = (k: number): string => (0xf0000000 + k).toString(16);
