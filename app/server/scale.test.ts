import { spawn, type ChildProcess } from "node:child_process";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { readScaleLine, streamScale, type ScaleReading } from "./scale.server";

let child: ChildProcess;
let port = 0;
beforeAll(async () => {
  child = spawn(process.execPath, ["--import", "tsx", "bin/scale.ts", "0"], {
    stdio: ["ignore", "pipe", "ignore"],
  });
  port = await new Promise((resolve) =>
    child.stdout?.on("data", (c: Buffer) => resolve(Number(/scale at (\d+)/.exec(c.toString())?.[1] ?? 0))),
  );
});
afterAll(() => child.kill());

/** Waits for a reading that is as wanted; undefined stands for "gone". */
function until(wanted: (r: ScaleReading | undefined) => boolean): Promise<ScaleReading | undefined> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => (stop(), reject(new Error("no such reading came"))), 8000);
    const stop = streamScale(port).listen((r) => {
      if (!wanted(r)) return;
      clearTimeout(timer);
      setTimeout(() => stop(), 0);
      resolve(r);
    });
  });
}

describe("a line of the scale", () => {
  it("is read, or is not one", () => {
    expect(readScaleLine("stable 12.3 g step 0.1\r")).toEqual({ stable: true, grams: 12.3, stepGrams: 0.1 });
    expect(readScaleLine("moving -0.4 g step 0.1")).toEqual({ stable: false, grams: -0.4, stepGrams: 0.1 });
    for (const line of ["", "12.3", "stable x g step 1", "stable 1 g", "stable 1 g step 1; rm"])
      expect(readScaleLine(line)).toBeUndefined();
  });
});

describe("the stand-in", () => {
  it("moves before it stands still, shows its steps, and tares", async () => {
    const scale = streamScale(port);
    await scale.send("put 12.34");
    expect((await until((r) => r?.stable === false))?.stable).toBe(false);
    const still = await until((r) => r?.stable === true);
    expect(Math.abs((still?.grams ?? 0) - 12.34)).toBeLessThan(0.21);
    expect(Math.round((still?.grams ?? 0) * 10)).toBeCloseTo((still?.grams ?? 0) * 10, 6);
    await scale.send("step 1");
    expect((await until((r) => r?.stepGrams === 1 && r.stable))?.grams).toBe(12);
    await scale.send("tare");
    expect((await until((r) => r?.stable === true && r.grams === 0))?.grams).toBe(0);
    await scale.send("put 99999");
    expect((await until((r) => r?.stable === true))?.grams).toBeLessThan(5);
  });
  it("is gone when it is unplugged, and comes back by itself", async () => {
    const seen: string[] = [];
    const scale = streamScale(port);
    const stop = scale.listen((r) => seen.push(r ? "reading" : "gone"));
    await until((r) => r !== undefined);
    await scale.send("unplug");
    await new Promise((done) => setTimeout(done, 1200));
    expect(seen).toContain("gone");
    await scale.send("plug");
    await until((r) => r !== undefined);
    await new Promise((done) => setTimeout(done, 1500));
    expect(seen.lastIndexOf("reading")).toBeGreaterThan(seen.lastIndexOf("gone"));
    stop();
  });
});
