import { createDecipheriv, scryptSync } from "node:crypto";
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { isSealed, NotOpened, openFile, sealed, sealFile, unsealed } from "./seal";

const dir = mkdtempSync(path.join(tmpdir(), "lapka-seal-"));
afterAll(() => rmSync(dir, { recursive: true, force: true }));
const at = (name: string) => path.join(dir, name);
const PHRASE = "gannet velvet ladder nine";
const content = Buffer.from("rows of a workshop ".repeat(20_000));

describe("a sealed file", () => {
  it("opens with its phrase alone, also when accents are composed otherwise", async () => {
    writeFileSync(at("plain"), content);
    await sealFile(at("plain"), at("sealed"), "Zoë’s phrase");
    const bytes = readFileSync(at("sealed"));
    expect(isSealed(bytes)).toBe(true);
    expect(bytes.includes("rows of a workshop")).toBe(false);
    await openFile(at("sealed"), at("again"), "Zoe\u0308’s phrase");
    expect(readFileSync(at("again")).equals(content)).toBe(true);
    await expect(openFile(at("sealed"), at("no"), "another")).rejects.toBeInstanceOf(NotOpened);
    expect(existsSync(at("no")) || existsSync(at("no.part"))).toBe(false);
  });
  it("that was changed in any place, cut or lengthened, opens not at all", async () => {
    const whole = await sealed(content, PHRASE);
    for (const place of [0, 13, 30, 45, whole.length >> 1, whole.length - 3]) {
      const bad = Buffer.from(whole);
      bad[place] = (bad[place] ?? 0) ^ 1;
      await expect(unsealed(bad, PHRASE)).rejects.toBeInstanceOf(NotOpened);
    }
    const short = whole.subarray(0, whole.length - 1);
    for (const bad of [
      short,
      whole.subarray(0, 20),
      Buffer.alloc(0),
      Buffer.concat([whole, Buffer.from("x")]),
    ])
      await expect(unsealed(bad, PHRASE)).rejects.toBeInstanceOf(NotOpened);
  });
  it("is another one each time, and empty content is content", async () => {
    const [a, b] = await Promise.all([sealed(content, PHRASE), sealed(content, PHRASE)]);
    expect(a.equals(b)).toBe(false);
    expect(await unsealed(await sealed(Buffer.alloc(0), PHRASE), PHRASE)).toHaveLength(0);
  });
  it("is what its description says: opened here by the description alone", async () => {
    const bytes = await sealed(content, PHRASE);
    const [salt, nonce, tag] = [bytes.subarray(12, 28), bytes.subarray(28, 40), bytes.subarray(-16)];
    const key = scryptSync(PHRASE, salt, 32, { N: 131_072, r: 8, p: 1, maxmem: 200 * 1024 * 1024 });
    const d = createDecipheriv("aes-256-gcm", key, nonce);
    d.setAAD(bytes.subarray(0, 40));
    d.setAuthTag(tag);
    expect(Buffer.concat([d.update(bytes.subarray(40, -16)), d.final()]).equals(content)).toBe(true);
  });
});
