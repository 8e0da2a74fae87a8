import {
  closeSync,
  ftruncateSync,
  lstatSync,
  openSync,
  readdirSync,
  readFileSync,
  truncateSync,
  writeSync,
} from "node:fs";
import path from "node:path";
import type { Draw } from "../hostile/texts";

/** A disk takes so many bytes as one. */
const SECTOR = 512;
const HEAD = 40;

/** A write that was never synced: what stood there before, and how long the file was. */
export interface Unsynced {
  readonly at: number;
  readonly length: number;
  readonly old: Buffer;
  readonly size: number;
}

/**
 * How a power cut leaves what was not synced: all of it gone; or each sector by chance, whatever was written first. Of
 * the redo log, which is written from front to back, "some" keeps what was written before one moment.
 */
export type Cut = "all" | "some";
const LOG = /^ib_logfile/;

/** The records of one file, the oldest first. A record that the kill cut short was of a write that never began. */
export function recordsIn(bytes: Buffer): readonly Unsynced[] {
  const out: Unsynced[] = [];
  for (let i = 0; i + HEAD <= bytes.length;) {
    const field = (k: number) => Number(bytes.readBigUInt64LE(i + 8 * k));
    const [at, length, had, size] = [field(1), field(2), field(3), field(4)];
    if (i + HEAD + had > bytes.length) break;
    out.push({ at, length, old: bytes.subarray(i + HEAD, i + HEAD + had), size });
    i += HEAD + had;
  }
  return out;
}

/**
 * Takes back in the database's files what a power cut would have taken, and forgets it. The server must have ended.
 * Answers how many writes were open.
 */
export function takeBack(data: string, undo: string, how: Cut, draw: Draw): number {
  const files = new Map(
    readdirSync(data, { recursive: true, encoding: "utf8" }).map((name) => {
      const file = path.join(data, name);
      return [String(lstatSync(file).ino), file];
    }),
  );
  let writes = 0;
  for (const name of readdirSync(undo)) {
    const records = recordsIn(readFileSync(path.join(undo, name)));
    const file = files.get(name);
    // A file that is removed has nothing to lose.
    if (file !== undefined && records.length > 0) {
      writes += records.length;
      restore(file, records, how, draw);
    }
    truncateSync(path.join(undo, name), 0);
  }
  return writes;
}

function restore(file: string, records: readonly Unsynced[], how: Cut, draw: Draw): void {
  const fd = openSync(file, "r+");
  const lost =
    how === "all" ? () => true : LOG.test(path.basename(file)) ? behind(records, draw) : byChance(draw);
  for (const [i, r] of [...records.entries()].reverse())
    for (let at = r.at; at < r.at + r.length;) {
      const next = Math.min(r.at + r.length, (Math.floor(at / SECTOR) + 1) * SECTOR);
      if (lost(i, Math.floor(at / SECTOR))) {
        // What lay behind the end of the file was nothing.
        const was = Buffer.alloc(next - at);
        r.old.subarray(at - r.at, next - r.at).copy(was);
        writeSync(fd, was, 0, was.length, at);
      }
      at = next;
    }
  const first = records[0];
  if (how === "all" && first) ftruncateSync(fd, first.size);
  closeSync(fd);
}

/** Is this sector of a write lost? */
type Lost = (write: number, sector: number) => boolean;

/** Each sector as it was before all of them, or as it is. */
function byChance(draw: Draw): Lost {
  const kept = new Map<number, boolean>();
  return (_, sector) => {
    let known = kept.get(sector);
    if (known === undefined) kept.set(sector, (known = draw(2) === 0));
    return !known;
  };
}

/** Everything behind one sector of one write. */
function behind(records: readonly Unsynced[], draw: Draw): Lost {
  const at = draw(records.length);
  const torn = records[at];
  const from = torn ? Math.floor(torn.at / SECTOR) + draw(Math.ceil(torn.length / SECTOR) + 1) : 0;
  return (write, sector) => write > at || (write === at && sector >= from);
}
