import { minor } from "../../core/units";
import { startSite } from "../../e2e/harness";
import { createAccount, ROLES, setMember } from "../../db/queries/accounts";
import { listHands } from "../../db/queries/hands";
import { createItem, listItems } from "../../db/queries/items";
import { listYarns } from "../../db/queries/materials";
import { listMarkets } from "../../db/queries/places";
import { listRuns } from "../../db/queries/runs";
import { beginSession } from "../../db/queries/sessions";
import { saveSupplier } from "../../db/queries/suppliers";
import { createWorkshop, listWorkshops } from "../../db/queries/workshops";
import { keepSession } from "../../app/server/session.server";
import { fuzzRequests, SLOW_MS } from "./requests";

/**
 * `npm run fuzz:roles [-- COUNT [SEED]]`: mutated requests by every role and by nobody. Beside what is wrong
 * for everybody: something of another workshop, whose things have a word of their own, or something that the
 * role may not see.
 */
const count = Number(process.argv[2] ?? 20_000);
const seed = Number(process.argv[3] ?? 2026);
process.env.LAPKA_WRITES_A_MINUTE = "100000000";
const site = await startSite("fuzz_roles", { accounts: true });
const now = new Date();
const [workshop] = await listWorkshops(site.db);
const scope = { db: site.db, workshopId: workshop?.id ?? "", now };
const other = { ...scope, workshopId: await createWorkshop(site.db, "Zzelsewhere workshop") };
await saveSupplier(other, { name: "Zzelsewhere supplier", note: "", deliveryDays: 0, minOrder: minor(0) });
const theirs = await createItem(other, { name: "Zzelsewhere figure", kind: "keychain" }, {
  pattern: "Body\nRnd 1: 6 sc in mr (6)",
  firmness: "medium",
  slots: [],
  notions: [],
  note: "",
  hanger: false,
} as never);
await saveSupplier(scope, { name: "Zzworkonly supplier", note: "", deliveryDays: 0, minOrder: minor(0) });
const ids = [
  theirs,
  ...(await listItems(scope)).map((i) => i.item.id),
  ...(await listYarns(scope)).map((y) => y.id).slice(0, 4),
  ...(await listRuns(scope)).flatMap((r) => [r.run.id, ...r.lines.map((l) => l.id)]),
  ...(await listMarkets(scope)).map((m) => m.id),
];
const [hand] = await listHands(scope);
const WORK_ONLY = /Zzelsewhere|Zzworkonly|wagePerHour|overheadPerHour/;
const UNSEEN = {
  owner: /Zzelsewhere/,
  partner: /Zzelsewhere/,
  helper: WORK_ONLY,
  stall: WORK_ONLY,
  nobody: /Zzelsewhere|Zzworkonly|wagePerHour|Puffin keychain/,
} as const;
let bad = 0;
for (const [i, role] of ([...ROLES, "nobody"] as const).entries()) {
  let cookie = "";
  if (role !== "nobody") {
    const id = await createAccount(site.db, `fuzz ${role}`, "no phrase", now);
    await setMember(scope, id, role, role === "helper" ? (hand?.id ?? null) : null);
    const secret = await beginSession(
      site.db,
      { accountId: id, workshopId: scope.workshopId, device: "fuzz", kind: "own" },
      now,
    );
    cookie = (await keepSession(secret, "own")).split(";")[0] ?? "";
  }
  const r = await fuzzRequests(site.url, ids, Math.round(count / 5), seed + i, {
    slowMs: SLOW_MS,
    cookie,
    unseen: UNSEEN[role],
  });
  bad += r.wrong.length;
  for (const w of r.wrong.slice(0, 12))
    process.stdout.write(`${role}: ${w.what}: ${w.request.slice(0, 600)}\n`);
  const by = [...r.statuses].sort((a, b) => a[0] - b[0]).map(([s, n]) => `${s}×${n}`);
  process.stdout.write(
    `${role}: ${r.sent} requests, ${r.wrong.length} answered wrongly, slowest ${Math.round(r.slowestMs)} ms; ${by.join(" ")}\n`,
  );
}
await site.stop();
process.exitCode = bad === 0 ? 0 : 1;
