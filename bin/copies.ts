import path from "node:path";
import { createInterface } from "node:readline/promises";
import { parseArgs } from "node:util";
import { mkdtempSync, rmSync } from "node:fs";
import { listCopies, makeCopy, restoreCopy, type Copy } from "../db/copies/copies";
import { drill } from "../db/copies/drill";
import { openCopy, SEALED, sealCopy } from "../db/copies/sealed-copy";

const USAGE = `lapka — copies of a whole workshop, photos too

  lapka backup [--to DIR] [--seal] [--demo]  makes a copy and checks it by loading it; work goes on meanwhile
                                             --seal: one file more beside it, sealed with a phrase, to carry elsewhere
  lapka copies [--from DIR] [--demo]         lists the copies, newest first
  lapka restore FILE [--yes] [--demo]        brings a copy back, sealed or not; what it replaces is kept as a copy first
  lapka drill [--demo]                       brings the newest copy back for a trial, and takes it away again

--demo means the demo; without it, what bin/start runs. The phrase is asked for, or taken from LAPKA_COPY_PHRASE.
`;

const rows = (c: Copy) => Object.values(c.tables).reduce((n, t) => n + t.rows, 0);
const size = (bytes: number) =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;
const line = (c: Copy) =>
  `${c.madeAt.slice(0, 16).replace("T", " ")} UTC  ${c.why.padEnd(8)} ${String(rows(c)).padStart(8)} rows  ${size(c.bytes).padStart(8)}  ${c.checked ? "checked" : "NOT CHECKED"}  ${c.file}`;

async function main(): Promise<number> {
  const url = process.env.DATABASE_URL;
  const home = process.env.LAPKA_COPIES;
  if (!url || !home) throw new Error("start this as bin/lapka");
  const { values, positionals } = parseArgs({
    args: process.argv.slice(2),
    allowPositionals: true,
    options: {
      to: { type: "string" },
      from: { type: "string" },
      demo: { type: "boolean" },
      yes: { type: "boolean" },
      seal: { type: "boolean" },
    },
  });
  const [command, file] = positionals;
  if (command === "copies") {
    const all = listCopies(path.resolve(values.from ?? home));
    process.stdout.write(all.length === 0 ? "There is no copy yet.\n" : `${all.map(line).join("\n")}\n`);
    return 0;
  }
  if (command === "backup") {
    const made = await makeCopy(url, path.resolve(values.to ?? home), "asked", new Date());
    process.stdout.write(`${line(made)}\n`);
    if (values.seal)
      process.stdout.write(`Sealed: ${await sealCopy(made, await phraseFor("seal it with"))}\n`);
    return 0;
  }
  if (command === "drill") {
    const done = await drill(url, home, new Date());
    if (!done) throw new Error("there is no copy yet: bin/lapka backup");
    process.stdout.write(
      done.ok ? `${done.copy} came back whole in ${done.seconds} s.\n` : `${done.copy}: ${done.why}\n`,
    );
    return done.ok ? 0 : 1;
  }
  if (command !== "restore" || file === undefined) {
    process.stderr.write(USAGE);
    return 2;
  }
  if (!values.yes && !(await agreed(file))) {
    process.stderr.write("Nothing was changed.\n");
    return 1;
  }
  const { from, before } = await restored(url, path.resolve(file), home);
  process.stdout.write(
    `Brought back: ${rows(from)} rows of ${from.madeAt.slice(0, 16).replace("T", " ")} UTC.\n`,
  );
  if (before) process.stdout.write(`What it replaced is kept: ${before.file}\n`);
  return 0;
}

/** A sealed copy is opened beside the others first. */
async function restored(url: string, file: string, home: string) {
  if (!file.endsWith(SEALED)) return restoreCopy(url, file, home, new Date());
  const dir = mkdtempSync(path.join(home, ".opened-"));
  try {
    const opened = await openCopy(file, dir, await phraseFor("open it with"));
    return await restoreCopy(url, opened, home, new Date());
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

async function phraseFor(what: string): Promise<string> {
  const given = process.env.LAPKA_COPY_PHRASE;
  if (given) return given;
  if (!process.stdin.isTTY)
    throw new Error("a phrase is needed: set LAPKA_COPY_PHRASE, or run this in a terminal");
  const ask = createInterface({ input: process.stdin, output: process.stderr });
  const phrase = await ask.question(`The phrase to ${what} (keep it: without it nobody opens the file): `);
  ask.close();
  if (phrase.length < 12) throw new Error("the phrase has to have 12 letters at least");
  return phrase;
}

async function agreed(file: string): Promise<boolean> {
  if (!process.stdin.isTTY) {
    process.stderr.write("To bring a copy back without being asked: --yes\n");
    return false;
  }
  const ask = createInterface({ input: process.stdin, output: process.stderr });
  const answer = await ask.question(
    `Everything in this workshop is replaced by ${file}. What is there now is kept as a copy. Type yes to do it: `,
  );
  ask.close();
  return answer.trim().toLowerCase() === "yes";
}

main().then(
  (code) => (process.exitCode = code),
  (error: unknown) => {
    process.stderr.write(`lapka: ${error instanceof Error ? error.message : String(error)}\n`);
    process.exitCode = 1;
  },
);
