import { spawn, type ChildProcess } from "node:child_process";
import { createHash } from "node:crypto";
import { createReadStream, createWriteStream, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { PassThrough, type Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { createGunzip, createGzip } from "node:zlib";

/** A program of the database's that could not do its work. */
export class ToolFailed extends Error {
  constructor(
    readonly program: string,
    readonly said: string,
  ) {
    super(`${program} could not do its work: ${said.trim().split("\n").at(-1) ?? "no reason given"}`);
    this.name = "ToolFailed";
  }
}

/**
 * Runs a client program with the server's address and password in a file of its own, never on the command
 * line.
 */
async function withClient<T>(
  url: string,
  work: (options: string, database: string) => Promise<T>,
): Promise<T> {
  const at = new URL(url);
  const dir = mkdtempSync(path.join(tmpdir(), "lapka-client-"));
  const file = path.join(dir, "my.cnf");
  const quote = (s: string) => `"${s.replace(/(["\\])/g, "\\$1")}"`;
  writeFileSync(
    file,
    `[client]\nuser=${quote(decodeURIComponent(at.username))}\npassword=${quote(decodeURIComponent(at.password))}\nhost=${quote(at.hostname)}\nport=${at.port || "3306"}\nprotocol=tcp\n`,
    { mode: 0o600 },
  );
  try {
    return await work(`--defaults-file=${file}`, at.pathname.slice(1));
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

function ended(child: ChildProcess, program: string): Promise<void> {
  let said = "";
  child.stderr?.on("data", (c: Buffer) => (said = (said + c.toString()).slice(-4000)));
  return new Promise((resolve, reject) => {
    child.once("error", (e) => reject(new ToolFailed(program, e.message)));
    child.once("close", (code) => (code === 0 ? resolve() : reject(new ToolFailed(program, said))));
  });
}

/** No dates and no versions, rows by their keys: the same data gives the same text. */
const DUMP = [
  "--single-transaction",
  "--quick",
  "--hex-blob",
  "--skip-lock-tables",
  "--skip-comments",
  "--skip-dump-date",
  "--order-by-primary",
  "--no-tablespaces",
  "--default-character-set=utf8mb4",
];

/**
 * The text of the given tables as one moment has them, while writing goes on. Answers the SHA-256 of the
 * text.
 */
export function dump(
  url: string,
  tables: readonly string[],
  into: NodeJS.WritableStream | undefined,
): Promise<string> {
  return withClient(url, async (options, database) => {
    const child = spawn("mariadb-dump", [options, ...DUMP, database, ...tables], {
      stdio: ["ignore", "pipe", "pipe"],
    });
    const done = ended(child, "mariadb-dump");
    const hash = createHash("sha256");
    const through = new PassThrough();
    through.on("data", (c: Buffer) => hash.update(c));
    const flow = into ? pipeline(child.stdout, through, into) : pipeline(child.stdout, through, sink());
    await Promise.all([done, flow]);
    return hash.digest("hex");
  });
}
const sink = () => new PassThrough().resume();

export const dumpToFile = (url: string, tables: readonly string[], file: string): Promise<string> => {
  const gzip = createGzip({ level: 6 });
  const written = pipeline(gzip, createWriteStream(file, { mode: 0o600 }));
  return Promise.all([dump(url, tables, gzip), written]).then(([hash]) => hash);
};

/** Loads the text of a dump into a database. */
export function load(url: string, file: string): Promise<void> {
  return withClient(url, async (options, database) => {
    const child = spawn("mariadb", [options, "--default-character-set=utf8mb4", database], {
      stdio: ["pipe", "ignore", "pipe"],
    });
    const done = ended(child, "mariadb");
    const source: Readable = createReadStream(file);
    const flow = pipeline(source, createGunzip(), child.stdin).catch((error: unknown) => {
      // The client ended first: what it said is the reason.
      if ((error as NodeJS.ErrnoException).code !== "EPIPE") throw error;
    });
    await Promise.all([done, flow]);
  });
}
