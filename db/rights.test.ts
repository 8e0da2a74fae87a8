import { sql } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { connect, pagesUrl } from "./connect";
import { listWorkshops } from "./queries/workshops";
import { freshDatabase, scopeOf, type OwnDatabase } from "./testing";

describe("what a page's connection may do", () => {
  let own: OwnDatabase;
  let pages: ReturnType<typeof connect>;
  beforeAll(async () => {
    own = await freshDatabase("rights");
    await scopeOf(own.db, "Mine");
    pages = connect(pagesUrl(own.url, process.env.DATABASE_PAGES_URL));
  });
  afterAll(async () => {
    await pages.close();
    await own.close();
  });

  it("rows are read and written", async () => {
    await scopeOf(pages.db, "Yours");
    expect((await listWorkshops(pages.db)).map((w) => w.name).sort()).toEqual(["Mine", "Yours"]);
  });

  it.each([
    "drop table workshop",
    "alter table workshop add column theirs int",
    "create table theirs (id int)",
    "truncate table workshop",
    "create database lapka_theirs",
    "create user theirs identified by 'x'",
    "select * from mysql.user",
    "select 1 into outfile '/tmp/lapka-theirs.txt'",
    "select load_file('/etc/passwd') is not null as there",
    "grant all on *.* to current_user()",
  ])("%s is refused", async (statement) => {
    const got = await pages.db.execute(sql.raw(statement)).then(
      ([rows]) => JSON.stringify(rows),
      (error: unknown) => (error as { cause?: { code?: string } }).cause?.code ?? "error",
    );
    // A file that may not be read is there for nobody.
    expect(got).toMatch(/DENIED|^\[\{"there":0\}\]$/);
  });
});

it("another server's user is not taken", () => {
  const url = "mysql://lapka:a@127.0.0.1:3306/lapka_test";
  expect(pagesUrl(url, undefined)).toBe(url);
  expect(pagesUrl(url, "mysql://lapka_pages:b@127.0.0.1:3307/lapka")).toBe(url);
  expect(pagesUrl(url, "mysql://lapka_pages:b@127.0.0.1:3306/lapka")).toBe(
    "mysql://lapka_pages:b@127.0.0.1:3306/lapka_test",
  );
});
