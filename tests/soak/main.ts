import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { soak } from "./driver";

/**
 * `npm run soak [-- ROUNDS [SEED]]`: a working day through the web app while app and database are killed, 200
 * times by default. Interrupted once it kills no more, and still holds the books against what was answered.
 */
const folder = mkdtempSync(path.join(tmpdir(), "lapka-soak-"));
const say = (text: string) => process.stdout.write(`${text}\n`);
let interrupted = false;
process.once("SIGINT", () => (interrupted = true));
const r = await soak(
  folder,
  Number(process.argv[2] ?? 200),
  Number(process.argv[3] ?? 2026),
  say,
  () => interrupted,
);
say(
  `${r.kills} kills, ${r.acknowledged} acts acknowledged, ${r.resent} sent again, ${r.wrong.length} lost, doubled or by half`,
);
for (const w of r.wrong.slice(0, 40)) say(w);
rmSync(folder, { recursive: true, force: true });
process.exitCode = r.wrong.length === 0 ? 0 : 1;
