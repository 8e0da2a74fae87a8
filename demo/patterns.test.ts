import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { checkPattern } from "../core/notation";

const folder = path.join(import.meta.dirname, "patterns");
const files = readdirSync(folder);

describe("demo patterns", () => {
  it("are at least six", () => expect(files.length).toBeGreaterThanOrEqual(6));
  it.each(files)("%s has several parts and adds up", (file) => {
    const p = checkPattern(readFileSync(path.join(folder, file), "utf8"));
    expect(p.problems).toEqual([]);
    expect(p.parts.length).toBeGreaterThanOrEqual(2);
  });
  // Worked out by hand from the texts.
  it.each([
    ["puffin.txt", [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6]],
    ["buoy.txt", [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6]],
    ["hermit-crab.txt", [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18]],
  ])("%s counts as by hand", (file, counts) => {
    const p = checkPattern(readFileSync(path.join(folder, file), "utf8"));
    expect(p.parts[0]?.rounds.map((r) => r.count)).toEqual(counts);
  });
});
