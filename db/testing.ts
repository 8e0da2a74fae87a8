import { minor, milligrams, micrometres } from "@core/units";
import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import path from "node:path";
import mysql from "mysql2/promise";
import { connect, type Database } from "./connect";
import { migrateDatabase } from "./migrate";
import { createItem } from "./queries/items";
import type { NewYarn } from "./queries/materials";
import { createWorkshop } from "./queries/workshops";
import type { Scope } from "./scope";

export interface OwnDatabase {
  readonly db: Database;
  readonly url: string;
  readonly close: () => Promise<void>;
}

/** A migrated database of its own on the tests' server without a row in it, dropped at the end. */
export async function freshDatabase(name: string): Promise<OwnDatabase> {
  const own = await bareDatabase(name);
  await migrateDatabase(own.url);
  return own;
}

/** A database of its own without a table in it, dropped at the end. */
export async function bareDatabase(name: string): Promise<OwnDatabase> {
  const base = process.env.DATABASE_URL;
  if (!base) throw new Error("the database tests need DATABASE_URL: run them with bin/test");
  const url = new URL(base);
  const schema = `lapka_${name}_${process.pid}`;
  const admin = await mysql.createConnection(base);
  await admin.query(
    `create database if not exists \`${schema}\` character set utf8mb4 collate utf8mb4_unicode_ci`,
  );
  url.pathname = `/${schema}`;
  const { db, close } = connect(url.href);
  return {
    db,
    url: url.href,
    close: async () => {
      await close();
      await admin.query(`drop database if exists \`${schema}\``);
      await admin.end();
    },
  };
}

export async function scopeOf(db: Database, name = "Test"): Promise<Scope> {
  return { db, workshopId: await createWorkshop(db, name), now: new Date("2026-11-23T10:00:00Z") };
}

/** An item of one round, where a test needs one and not what it is. */
export const plainItem = (scope: Scope, name: string): Promise<string> =>
  createItem(
    scope,
    { name, kind: "ornament" },
    {
      pattern: "Rnd 1: 6 sc in mr (6)",
      firmness: "medium",
      hanger: false,
      note: "",
      slots: [],
      notions: [],
      answers: [],
    },
  );

/** A DK cotton, as it is put into a cupboard. */
export const DK: NewYarn = {
  name: "DK cotton",
  shade: "slate",
  colour: "#3d4c57",
  fibre: "cotton",
  weightClass: 3,
  hookUm: micrometres(4000),
  mmPer100g: 230_000,
  ballMg: milligrams(50_000),
  ballPrice: minor(290),
};

/** Begins a server in a folder, the way bin/demo does, for what stops or kills it; answers its address. */
export function beginServer(dir: string, env: NodeJS.ProcessEnv = process.env): string {
  const command = `. bin/lib.sh; start_database "${dir}" >&2; echo "$DATABASE_URL"`;
  const said = execFileSync("bash", ["-c", command], {
    encoding: "utf8",
    stdio: ["ignore", "pipe", "ignore"],
    env,
  });
  return said.trim().split("\n").at(-1) ?? "";
}
/** The process of a server that was begun in a folder. */
export const serverIn = (dir: string): number => Number(readFileSync(path.join(dir, "db.pid"), "utf8"));
