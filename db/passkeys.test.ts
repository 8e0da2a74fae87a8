import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Database } from "./connect";
import { createAccount, forgetAccount } from "./queries/accounts";
import {
  addPasskey,
  beginAsk,
  findPasskey,
  notePasskeyUse,
  passkeysOf,
  removePasskey,
  removePasskeys,
  takeAsk,
} from "./queries/passkeys";
import { beginSession, noteProved, useSession } from "./queries/sessions";
import { passkeyAsk } from "./schema";
import { freshDatabase } from "./testing";

let db: Database;
let close: () => Promise<void>;
let mine: string;
let other: string;
const now = new Date("2026-11-23T10:00:00Z");
const after = (minutes: number) => new Date(now.getTime() + minutes * 60_000);
const key = (id: string, accountId = mine, counter = 0) => ({
  id,
  accountId,
  publicKey: "pQ",
  counter,
  transports: ["internal"],
  name: "Phone",
});
beforeAll(async () => {
  ({ db, close } = await freshDatabase("passkeys"));
  mine = await createAccount(db, "Marit", "hash", now);
  other = await createAccount(db, "Nell", "hash", now);
});
afterAll(() => close());

describe("passkeys", () => {
  it("are kept once, told apart by capitals, and found with all that was said of them", async () => {
    expect(await addPasskey(db, key("AbC-1"), now)).toBe(true);
    expect(await addPasskey(db, key("abc-1"), now)).toBe(true);
    expect(await addPasskey(db, key("AbC-1", other), now)).toBe(false);
    expect(await findPasskey(db, "AbC-1")).toMatchObject({ accountId: mine, transports: ["internal"] });
    expect(await findPasskey(db, "ABC-1")).toBeUndefined();
    expect((await passkeysOf(db, mine)).map((p) => p.id).sort()).toEqual(["AbC-1", "abc-1"]);
  });
  it("that count are known as copied where the count does not grow; those that do not count are not", async () => {
    await addPasskey(db, key("counts", mine, 5), now);
    expect(await notePasskeyUse(db, "counts", 6, now)).toBe(true);
    expect(await notePasskeyUse(db, "counts", 6, now)).toBe(false);
    expect(await notePasskeyUse(db, "counts", 0, now)).toBe(false);
    expect(await notePasskeyUse(db, "abc-1", 0, now)).toBe(true);
    expect(await notePasskeyUse(db, "abc-1", 0, after(1))).toBe(true);
    expect((await findPasskey(db, "abc-1"))?.usedAt).toEqual(after(1));
  });
  it("are removed by whose they are, and go with the account", async () => {
    await removePasskey(db, other, "AbC-1");
    expect(await findPasskey(db, "AbC-1")).toBeDefined();
    await removePasskey(db, mine, "AbC-1");
    expect(await findPasskey(db, "AbC-1")).toBeUndefined();
    expect(await removePasskeys(db, mine)).toBe(2);
    await addPasskey(db, key("theirs", other), now);
    await forgetAccount(db, other, now);
    expect(await findPasskey(db, "theirs")).toBeUndefined();
  });
  it("sign only what was asked, of whom it was asked, once, and within minutes", async () => {
    await beginAsk(db, "one", mine, now);
    expect(await takeAsk(db, "another", mine, now)).toBe(false);
    expect(await takeAsk(db, "one", mine, after(1))).toBe(true);
    expect(await takeAsk(db, "one", mine, after(1))).toBe(false);
    // Asked when it was added, it signs nobody in.
    await beginAsk(db, "two", mine, now);
    expect(await takeAsk(db, "two", null, now)).toBe(false);
    await beginAsk(db, "three", null, now);
    expect(await takeAsk(db, "three", null, after(6))).toBe(false);
    await beginAsk(db, "four", null, now);
    const both = await Promise.all([1, 2].map(() => takeAsk(db, "four", null, now)));
    expect(both.filter(Boolean)).toHaveLength(1);
  });
  it("what was asked and never signed is forgotten, and is kept as a hash alone", async () => {
    await beginAsk(db, "five", null, now);
    expect(JSON.stringify(await db.select().from(passkeyAsk))).not.toContain("five");
    await beginAsk(db, "six", null, after(10));
    expect(await db.select().from(passkeyAsk)).toHaveLength(1);
  });
});

describe("what somebody has shown of themselves", () => {
  const begin = (proved?: boolean) =>
    beginSession(
      db,
      {
        accountId: mine,
        workshopId: null,
        device: "x",
        kind: "own",
        ...(proved === false ? { proved } : {}),
      },
      now,
    );
  it("is known from signing in, and not from a link; showing it again is written down", async () => {
    expect((await useSession(db, await begin(), now))?.provedAt).toEqual(now);
    const secret = await begin(false);
    const use = await useSession(db, secret, now);
    expect(use?.provedAt).toBeUndefined();
    await noteProved(db, use?.tokenHash ?? "", after(3));
    expect((await useSession(db, secret, after(4)))?.provedAt).toEqual(after(3));
  });
});
