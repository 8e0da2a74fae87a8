import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { marksIn } from "../workers/marks";
import { reckonApart } from "./apart";
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
  it("what an answer waits for goes ahead of what was asked for before", async () => {
    const one = new Reckoner<string, { got: string }>(file, { ...limits, threads: 1 });
    const order: string[] = [];
    const ask = (task: string, ahead?: boolean) => one.reckon(task, ahead).then(() => order.push(task));
    await Promise.all([ask("first"), ask("tile"), ask("tile too"), ask("paper", true)]);
    expect(order).toEqual(["first", "paper", "tile", "tile too"]);
    await one.close();
  });
  it("turns away at once what would wait behind more than it may", async () => {
    const one = new Reckoner<string, { got: string }>(file, { ...limits, threads: 1, waiting: 2 });
    const answers = await Promise.all(["first", "second", "third", "fourth"].map((t) => one.reckon(t)));
    expect(answers.map((a) => a.ok)).toEqual([true, true, true, false]);
    expect(answers[3]).toEqual({ ok: false, why: "time" });
    expect(await one.reckon("later")).toMatchObject({ ok: true });
    await one.close();
  });
});

describe("marks of texts under work", () => {
  const started = (pid: number) => marksIn(path.join(dir, "marks"), pid);
  it("what was under work when a process ended is a suspect, until it is cleared or proved", () => {
    started(100).begin("Rnd 1", "us");
    const marks = started(101);
    expect(marks.of("Rnd 1", "us")).toBe("suspect");
    expect(marks.of("Rnd 1", "uk")).toBe("none");
    marks.prove("Rnd 1", "us");
    expect(started(102).of("Rnd 1", "us")).toBe("proved");
    marks.forget("Rnd 1", "us");
    expect(started(102).of("Rnd 1", "us")).toBe("none");
  });
  it("one text in many colourways at once, in threads of one process, is no suspect", () => {
    const marks = started(300);
    marks.begin("Rnd 4", "us");
    expect(marks.of("Rnd 4", "us")).toBe("none");
  });
  it("are not kept where no folder is named", () => {
    const marks = marksIn(undefined);
    marks.begin("Rnd 3", "us");
    marks.prove("Rnd 3", "us");
    expect(marks.of("Rnd 3", "us")).toBe("none");
  });
});

describe("a task reckoned apart", () => {
  const program = path.join(dir, "apart.mjs");
  writeFileSync(
    program,
    `import { serialize } from "node:v8";
     process.once("message", ({ task }) => {
       if (task === "for ever") for (;;);
       if (task === "end") process.kill(process.pid, "SIGSEGV");
       if (task === "exit") process.exit(0);
       process.send({ bytes: serialize(task === "much" ? "x".repeat(20000) : { got: task }) }, () => process.disconnect());
     });`,
  );
  it.each([
    ["a puffin", { ok: true, value: { got: "a puffin" } }],
    ["for ever", { ok: false, why: "time" }],
    ["end", { ok: false, why: "ended" }],
    ["exit", { ok: false, why: "ended" }],
    ["much", { ok: false, why: "size" }],
  ])("ends at worst its own process: %s", async (task, expected) => {
    // On a busy machine a process takes its time to begin: only what never ends is to be cut off.
    const ms = task === "for ever" ? limits.ms : 20_000;
    expect(await reckonApart(program, { task }, { ...limits, ms })).toMatchObject(expected);
  });
});
