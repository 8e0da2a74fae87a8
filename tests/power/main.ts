import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { cutPower, type ServerWay } from "./driver";

/**
 * `npm run power [-- CUTS [SEED [eager]]]`: the power goes, 100 times by default; then five times with a server that
 * answers before it syncs, where acts have to be lost for the cut to be one. Needs gcc.
 */
const say = (text: string) => process.stdout.write(`${text}\n`);
const [cuts, seed] = [Number(process.argv[2] ?? 100), Number(process.argv[3] ?? 2026)];
const trial = async (n: number, how: ServerWay) => {
  const folder = mkdtempSync(path.join(tmpdir(), "lapka-power-"));
  const done = await cutPower(folder, n, seed, how, say).catch((error: unknown) => {
    throw new Error(`the folder stays for a look: ${folder}/db/server.log`, { cause: error });
  });
  rmSync(folder, { recursive: true, force: true });
  return done;
};
const r = await trial(cuts, process.argv[4] === "eager" ? "eager" : "plain");
say(
  `${r.cuts} power cuts, ${r.acknowledged} acts acknowledged, ${r.taken} unsynced writes taken: ${r.wrong.length} lost, doubled or by half`,
);
for (const w of r.wrong.slice(0, 20)) say(w);
const control = await trial(5, "careless");
say(
  `a server that answers before it syncs, ${control.cuts} cuts: ${control.wrong.length} lost, as it should`,
);
process.exitCode = r.wrong.length === 0 && control.wrong.length > 0 ? 0 : 1;
