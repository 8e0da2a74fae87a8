import { afterAll, beforeAll, describe, expect, it } from "vitest";
import {
  accountNamed,
  changeMember,
  countRecoveryCodes,
  createAccount,
  createFirstAccount,
  forgetAccount,
  LastOwner,
  listPeople,
  membershipsOf,
  NameTaken,
  ownTheUnowned,
  setMember,
  setRecoveryCodes,
  useRecoveryCode,
} from "./queries/accounts";
import { listHands } from "./queries/hands";
import {
  acceptInvitation,
  findInvitation,
  invite,
  listInvitations,
  revokeInvitation,
} from "./queries/invitations";
import {
  beginSession,
  devicesOf,
  endSessions,
  forgetSessions,
  hashOfSecret,
  markOf,
  SESSIONS,
  useSession,
} from "./queries/sessions";
import { NotThere, type Scope } from "./scope";
import { session } from "./schema";
import { freshDatabase, scopeOf } from "./testing";
import { createWorkshop } from "./queries/workshops";

let database: Awaited<ReturnType<typeof freshDatabase>>;
let scope: Scope;
let other: Scope;
const now = new Date("2026-11-27T10:00:00Z");
const after = (seconds: number) => new Date(now.getTime() + seconds * 1000);

beforeAll(async () => {
  database = await freshDatabase("accounts");
  scope = { ...(await scopeOf(database.db, "Harbour stall")), now };
  other = { ...(await scopeOf(database.db, "Another")), now };
});
afterAll(() => database.close());

describe("accounts", () => {
  it("the first is one, however many begin at the same time; it owns what was there before", async () => {
    const tries = await Promise.allSettled(
      ["Marit", "Oona", "Tove"].map((n) => createFirstAccount(database.db, n, "hash", now)),
    );
    const made = tries.flatMap((t) => (t.status === "fulfilled" && t.value ? [t.value] : []));
    expect(made).toHaveLength(1);
    expect(await createFirstAccount(database.db, "Late", "hash", now)).toBeUndefined();
    expect(await ownTheUnowned(database.db, made[0] ?? "", now)).toBe(2);
    expect(await ownTheUnowned(database.db, made[0] ?? "", now)).toBe(0);
    expect((await membershipsOf(database.db, made[0] ?? "")).map((m) => m.role)).toEqual(["owner", "owner"]);
  });
  it("a name is one, however it is written", async () => {
    const id = await createAccount(database.db, "Zoë  Marsh", "hash", now);
    await expect(createAccount(database.db, "zoe\u0308 MARSH", "hash", now)).rejects.toBeInstanceOf(
      NameTaken,
    );
    expect((await accountNamed(database.db, " ZOË MARSH "))?.id).toBe(id);
  });
  it("a workshop keeps an owner, also when two take each other out at once", async () => {
    const fresh: Scope = { ...scope, workshopId: await createWorkshop(database.db, "Two owners") };
    const [a, b] = await Promise.all(["Ann", "Bea"].map((n) => createAccount(database.db, n, "hash", now)));
    await setMember(fresh, a ?? "", "owner");
    await setMember(fresh, b ?? "", "owner");
    const done = await Promise.allSettled([
      changeMember(fresh, a ?? "", undefined),
      changeMember(fresh, b ?? "", "helper"),
    ]);
    expect(done.filter((d) => d.status === "rejected").map((d) => d.reason as unknown)).toEqual([
      expect.any(LastOwner),
    ]);
    expect((await listPeople(fresh)).filter((p) => p.role === "owner")).toHaveLength(1);
  });
  it("is forgotten with all of it, but never the last owner of a workshop", async () => {
    const fresh: Scope = { ...scope, workshopId: await createWorkshop(database.db, "To be left") };
    const id = await createAccount(database.db, "Leaver", "hash", now);
    await setMember(fresh, id, "owner");
    await setMember(scope, id, "partner");
    await beginSession(database.db, { accountId: id, workshopId: null, device: "x", kind: "own" }, now);
    await expect(forgetAccount(database.db, id, now)).rejects.toBeInstanceOf(LastOwner);
    expect(await membershipsOf(database.db, id)).toHaveLength(2);
    await setMember(fresh, await createAccount(database.db, "Heir", "hash", now), "owner");
    await forgetAccount(database.db, id, now);
    expect(await accountNamed(database.db, "Leaver")).toBeUndefined();
    expect(await devicesOf(database.db, id)).toEqual([]);
    expect((await listPeople(fresh)).map((p) => p.name)).toEqual(["Heir"]);
  });
  it("a recovery code opens once, and new ones end the old", async () => {
    const id = await createAccount(database.db, "Code bearer", "hash", now);
    await setRecoveryCodes(database.db, id, ["a", "b"].map(hashOfSecret));
    const both = await Promise.all(
      [1, 2].map(() => useRecoveryCode(database.db, id, hashOfSecret("a"), now)),
    );
    expect(both.filter(Boolean)).toHaveLength(1);
    expect(await useRecoveryCode(database.db, id, hashOfSecret("c"), now)).toBe(false);
    expect(await countRecoveryCodes(database.db, id)).toBe(1);
    await setRecoveryCodes(database.db, id, [hashOfSecret("d")]);
    expect(await useRecoveryCode(database.db, id, hashOfSecret("b"), now)).toBe(false);
  });
});

describe("sessions", () => {
  const begin = (accountId: string, kind: "shared" | "own" = "shared") =>
    beginSession(
      database.db,
      { accountId, workshopId: scope.workshopId, device: "Firefox on Linux", kind },
      now,
    );

  it("say who it is and what they are in the open workshop; only a hash is kept", async () => {
    const id = await createAccount(database.db, "Helper one", "hash", now);
    await setMember(scope, id, "helper", "hand-1");
    const secret = await begin(id);
    expect(await useSession(database.db, secret, after(60))).toMatchObject({
      accountId: id,
      name: "Helper one",
      workshopId: scope.workshopId,
      role: "helper",
      handId: "hand-1",
    });
    const kept = JSON.stringify(await database.db.select().from(session));
    expect(kept).not.toContain(secret);
    expect(kept).toContain(hashOfSecret(secret));
    expect(await useSession(database.db, `${secret.slice(0, -1)}!`, now)).toBeUndefined();
    // Taken out of the workshop: still signed in, and nothing there.
    await changeMember(scope, id, undefined);
    expect((await useSession(database.db, secret, after(70)))?.role).toBeUndefined();
  });
  it("end when they lie unused, and at a time in any case", async () => {
    const id = await createAccount(database.db, "Idle one", "hash", now);
    const { idle, whole } = SESSIONS.shared;
    const unused = await begin(id);
    expect(await useSession(database.db, unused, after(idle + 1))).toBeUndefined();
    expect(await useSession(database.db, unused, after(1))).toBeUndefined();
    const busy = await begin(id);
    for (let t = idle; t < whole; t += idle)
      expect(await useSession(database.db, busy, after(t))).toBeDefined();
    expect(await useSession(database.db, busy, after(whole))).toBeUndefined();
  });
  it("end everywhere but here, device by device, and are forgotten when they are over", async () => {
    const id = await createAccount(database.db, "Many devices", "hash", now);
    const secrets = await Promise.all([begin(id), begin(id, "own"), begin(id)]);
    expect(await devicesOf(database.db, id)).toHaveLength(3);
    expect(await endSessions(database.db, id, hashOfSecret(secrets[1]))).toBe(2);
    expect((await devicesOf(database.db, id)).map((d) => d.mark)).toEqual([markOf(hashOfSecret(secrets[1]))]);
    await forgetSessions(database.db, after(SESSIONS.own.whole + 1));
    expect(await devicesOf(database.db, id)).toEqual([]);
  });
});

describe("invitations", () => {
  it("let one in, once, with a hand of her own", async () => {
    const secret = await invite(scope, { role: "helper", forName: "Sanna" });
    const invited = await findInvitation(database.db, secret, now);
    expect(invited).toMatchObject({ workshop: "Harbour stall", role: "helper", forName: "Sanna" });
    if (!invited) return;
    const ids = await Promise.all(["Sanna", "Eve"].map((n) => createAccount(database.db, n, "hash", now)));
    const taken = await Promise.all(ids.map((id) => acceptInvitation(scope, invited, id)));
    expect(taken.filter(Boolean)).toHaveLength(1);
    const here = (await listPeople(scope)).filter((p) => ids.includes(p.id));
    expect(here).toHaveLength(1);
    expect((await listHands(scope)).filter((h) => h.name === "Sanna").map((h) => h.id)).toEqual([
      here[0]?.handId,
    ]);
    expect(await findInvitation(database.db, secret, now)).toBeUndefined();
  });
  it("are over after a week, when taken back, and name no hand of another workshop", async () => {
    const secret = await invite(scope, { role: "stall", forName: "Late" });
    expect(await findInvitation(database.db, secret, after(7 * 86_400 - 1))).toBeDefined();
    expect(await findInvitation(database.db, secret, after(7 * 86_400 + 1))).toBeUndefined();
    const [listed] = await listInvitations(scope);
    await revokeInvitation(other, listed?.id ?? "");
    expect(await findInvitation(database.db, secret, now)).toBeDefined();
    await revokeInvitation(scope, listed?.id ?? "");
    expect(await findInvitation(database.db, secret, now)).toBeUndefined();
    const [hand] = await listHands(scope);
    await expect(invite(other, { role: "helper", forName: "X", handId: hand?.id })).rejects.toBeInstanceOf(
      NotThere,
    );
  });
});
