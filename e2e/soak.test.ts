import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, expect, it } from "vitest";
import { soak } from "../tests/soak/driver";

const folder = mkdtempSync(path.join(tmpdir(), "lapka-soak-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

it("a working day while app and database are killed ten times: what was answered is there, once and whole", async () => {
  const r = await soak(folder, 10, 20261126, () => undefined);
  expect(r.wrong).toEqual([]);
  expect(r.kills).toBe(10);
  expect(r.acknowledged).toBeGreaterThan(20);
}, 400_000);
