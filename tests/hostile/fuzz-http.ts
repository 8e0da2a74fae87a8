import { readFileSync } from "node:fs";
import { startSite } from "../../e2e/harness";
import { listItems } from "../../db/queries/items";
import { listYarns } from "../../db/queries/materials";
import { listRuns } from "../../db/queries/runs";
import { listWorkshops } from "../../db/queries/workshops";
import { fuzzRequests, SLOW_MS } from "./requests";

/**
 * `npm run fuzz:http [-- COUNT [SEED]]`: mutated requests against the built app with the demo in a database
 * of its own, and its memory meanwhile.
 */
const count = Number(process.argv[2] ?? 20_000);
const seed = Number(process.argv[3] ?? 2026);
process.env.LAPKA_WRITES_A_MINUTE = "100000000";
const site = await startSite("fuzz_http");
const megabytes = () =>
  Math.round(
    Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${site.serverPid}/status`, "utf8"))?.[1] ?? 0) / 1024,
  );
const [workshop] = await listWorkshops(site.db);
const scope = { db: site.db, workshopId: workshop?.id ?? "", now: new Date() };
const ids = [
  ...(await listItems(scope)).map((i) => i.item.id),
  ...(await listYarns(scope)).map((y) => y.id).slice(0, 5),
  ...(await listRuns(scope)).map((r) => r.run.id),
];
const memory: number[] = [];
let bad = 0;
let slowest = 0;
const statuses = new Map<number, number>();
const parts = 8;
for (let i = 0; i < parts; i++) {
  const r = await fuzzRequests(site.url, ids, Math.round(count / parts), seed + i, { slowMs: SLOW_MS });
  memory.push(megabytes());
  bad += r.wrong.length;
  slowest = Math.max(slowest, r.slowestMs);
  for (const [s, n] of r.statuses) statuses.set(s, (statuses.get(s) ?? 0) + n);
  for (const w of r.wrong.slice(0, 10)) process.stdout.write(`${w.what}: ${w.request}\n`);
}
process.stdout.write(
  `${count} requests, seed ${seed}: ${bad} answered wrongly, slowest ${Math.round(slowest)} ms; memory of the app after each eighth: ${memory.join(", ")} MB; answers: ${[
    ...statuses,
  ]
    .sort((a, b) => a[0] - b[0])
    .map(([s, n]) => `${s}×${n}`)
    .join(" ")}\n`,
);
await site.stop();
process.exitCode = bad === 0 ? 0 : 1;
