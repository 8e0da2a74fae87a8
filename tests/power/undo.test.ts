import { mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, expect, it } from "vitest";
import { drawFrom } from "../hostile/texts";
import { recordsIn, takeBack } from "./undo";

const folder = mkdtempSync(path.join(tmpdir(), "lapka-undo-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const record = (sequence: number, at: number, length: number, old: string, size: number): Buffer => {
  const head = Buffer.alloc(40);
  [sequence, at, length, old.length, size].forEach((n, i) => head.writeBigUInt64LE(BigInt(n), 8 * i));
  return Buffer.concat([head, Buffer.from(old)]);
};
/** A file of three sectors and its records; answers what the cut leaves. */
function cut(text: string, records: readonly Buffer[], how: "all" | "some", draw = drawFrom(1)): string {
  const [data, undo] = [path.join(folder, "data"), path.join(folder, "undo")];
  for (const d of [data, undo]) {
    rmSync(d, { recursive: true, force: true });
    mkdirSync(d);
  }
  const file = path.join(data, "page");
  writeFileSync(file, text);
  writeFileSync(path.join(undo, String(statSync(file).ino)), Buffer.concat(records));
  expect(takeBack(data, undo, how, draw)).toBe(records.length);
  expect(readFileSync(path.join(undo, String(statSync(file).ino)))).toHaveLength(0);
  return readFileSync(file, "utf8");
}
const of = (letters: string) => [...letters].map((l) => l.repeat(512)).join("");

it("takes back the newest write first, down to what was synced, and the length with it", () => {
  const records = [
    record(1, 512, 512, of("b"), 1024),
    record(2, 0, 1024, of("aB"), 1024),
    record(3, 1024, 512, "", 1024),
  ];
  expect(cut(of("AXC"), records, "all")).toBe(of("ab"));
});

it("or leaves each sector by chance, whole as it was or whole as it is", () => {
  const seen = new Set<string>();
  const draw = drawFrom(20261201);
  for (let i = 0; i < 40; i++) seen.add(cut(of("ABC"), [record(1, 0, 1536, of("abc"), 1536)], "some", draw));
  expect(seen.size).toBeGreaterThan(5);
  for (const text of seen)
    for (const [i, l] of [...text].entries())
      expect("aAbBcC".slice(2 * (i >> 9), 2 * (i >> 9) + 2)).toContain(l);
});

it("a record that the kill cut short was of a write that never began", () => {
  const whole = record(1, 0, 4, "text", 4);
  expect(recordsIn(Buffer.concat([whole, record(2, 0, 4, "text", 4).subarray(0, 42)]))).toHaveLength(1);
});
