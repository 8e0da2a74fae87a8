import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { marksIn, MOST_ENDS } from "../workers/marks";
import { Reckoner } from "./reckoner";

const dir = mkdtempSync(path.join(tmpdir(), "lapka-reckoner-"));
const file = path.join(dir, "thread.mjs");
writeFileSync(
  file,
  `import { parentPort } from "node:worker_threads";
   import { serialize } from "node:v8";
   parentPort.on("message", (task) => {
     if (task === "for ever") for (;;);
     if (task === "eat") { const all = []; for (;;) all.push(new Array(1e6).fill(Math.random())); }
     if (task === "throw") throw new RangeError("no");
     if (task === "exit") process.exit(3);
     if (task === "cannot") return parentPort.postMessage({ why: "threw" });
     parentPort.postMessage({ bytes: serialize(task === "much" ? "x".repeat(20000) : { got: task }) });
   });`,
);
const limits = { threads: 2, ms: 1500, megabytes: 64, bytes: 10_000 };
const reckoner = new Reckoner<string, { got: string }>(file, limits);
afterAll(async () => {
  await reckoner.close();
  rmSync(dir, { recursive: true, force: true });
});

describe("a reckoner", () => {
  it("answers what a thread makes", async () => {
    expect(await reckoner.reckon("a puffin")).toMatchObject({ ok: true, value: { got: "a puffin" } });
  });
  it.each([
    ["for ever", "time"],
    ["eat", "memory"],
    ["throw", "threw"],
    ["exit", "threw"],
    ["cannot", "threw"],
    ["much", "size"],
  ])("a task that goes wrong (%s) costs itself alone", async (task, why) => {
    const [bad, good] = await Promise.all([reckoner.reckon(task), reckoner.reckon("a buoy")]);
    expect(bad).toEqual({ ok: false, why });
    expect(good).toMatchObject({ ok: true, value: { got: "a buoy" } });
    expect(await reckoner.reckon("a seal")).toMatchObject({ ok: true });
  });
  it("takes more tasks than it has threads, each answered once, in its own words", async () => {
    const all = await Promise.all(Array.from({ length: 200 }, (_, i) => reckoner.reckon(`item ${i}`)));
    expect(all.map((r) => (r.ok ? r.value.got : r.why))).toEqual(all.map((_, i) => `item ${i}`));
  });
  it("waiting behind a slow task does not count as being slow", async () => {
    const one = new Reckoner<string, { got: string }>(file, { ...limits, threads: 1, ms: 700 });
    const answers = await Promise.all(["for ever", "for ever", "last"].map((t) => one.reckon(t)));
    expect(answers.map((a) => a.ok)).toEqual([false, false, true]);
    await one.close();
  });
});

describe("marks of texts under work", () => {
  it("a text that ended the process twice is left alone, until it is tried again by hand", () => {
    // Each start is a process of its own, and each ended over this text.
    const started = (pid: number) => marksIn(path.join(dir, "marks"), pid);
    const begun = Array.from({ length: MOST_ENDS + 1 }, (_, i) => started(100 + i).begin("Rnd 1", "us"));
    expect(begun).toEqual([true, true, false]);
    const marks = started(200);
    expect(marks.begin("Rnd 1", "uk")).toBe(true);
    marks.forget("Rnd 1", "us");
    expect(marks.begin("Rnd 1", "us")).toBe(true);
  });
  it("one text in many colourways at once, in threads of one process, ends nothing", () => {
    const marks = marksIn(path.join(dir, "marks"), 300);
    expect(Array.from({ length: 6 }, () => marks.begin("Rnd 4", "us"))).toEqual(Array(6).fill(true));
  });
  it("work that came to its end leaves no mark", () => {
    const marks = marksIn(path.join(dir, "marks"));
    for (let i = 0; i < 5; i++) {
      expect(marks.begin("Rnd 2", "us")).toBe(true);
      marks.forget("Rnd 2", "us");
    }
  });
  it("are not kept where no folder is named", () => {
    const marks = marksIn(undefined);
    expect([1, 2, 3].every(() => marks.begin("Rnd 3", "us"))).toBe(true);
  });
});
