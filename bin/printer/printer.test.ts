import { existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { connect, type Server } from "node:net";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { printerAt, readPrinterLine } from "../../app/features/printer/printer.server";
import { deviceIn, type Device } from "./device";
import { servePrinter } from "./serve";

const KEY = "a key for tests only";
const PNG = Buffer.concat([
  Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
  Buffer.alloc(90_000, 7),
]);
let dir: string;
let device: Device;
let server: Server;
let port: number;

const begin = async (left: number) => {
  device = deviceIn(dir, { ms: 30, left });
  server = servePrinter(device, { port: 0, key: KEY });
  await new Promise((done) => server.once("listening", done));
  const at = server.address();
  port = typeof at === "object" && at ? at.port : 0;
};
beforeEach(async () => {
  dir = mkdtempSync(path.join(tmpdir(), "labels-"));
  await begin(5);
});
afterEach(() => {
  server.close();
  rmSync(dir, { recursive: true, force: true });
});
const printer = () => printerAt(port, KEY);
const never = () => Promise.resolve(false);
const out = () => readdirSync(dir).sort();
const until = async (holds: () => boolean | Promise<boolean>) => {
  for (let i = 0; i < 200 && !(await holds()); i++) await new Promise((r) => setTimeout(r, 10));
  expect(await holds()).toBe(true);
};

describe("the label printer's stand-in", () => {
  it("prints a label as a file and counts the roll down", async () => {
    expect(await printer().state()).toEqual({ word: "ready", left: 5 });
    expect(await printer().print("a-1-1", PNG, never)).toBe("printed");
    expect(out()).toEqual(["a-1-1.png"]);
    expect(await printer().state()).toEqual({ word: "ready", left: 4 });
  });
  it("prints nothing twice: the same id is answered and stays one label", async () => {
    await printer().print("a-1-1", PNG, never);
    expect(await printer().print("a-1-1", PNG, never)).toBe("printed");
    // Also while it is coming out, as after a server that was begun again in the middle.
    const both = [printer().print("a-2-1", PNG, never), printer().print("a-2-1", PNG, never)];
    expect(await Promise.all(both)).toEqual(["printed", "printed"]);
    expect((await printer().state()).left).toBe(3);
  });
  it("jams in the middle of a label, waits to be cleared, and goes on", async () => {
    device.obey("jam");
    expect(await printer().print("a-1-1", PNG, never)).toBe("spoiled");
    expect(await printer().state()).toEqual({ word: "jam", left: 4 });
    const next = printer().print("a-2-1", PNG, never);
    await new Promise((r) => setTimeout(r, 120));
    expect(out()).toEqual(["a-1-1.spoiled.png"]);
    await printer().hand("clear");
    expect(await next).toBe("printed");
    // The spoiled one is not begun again by its old id.
    expect(await printer().print("a-1-1", PNG, never)).toBe("spoiled");
    expect(await printer().print("a-1-2", PNG, never)).toBe("printed");
  });
  it("waits without paper and prints once a roll is laid in; what is called off meanwhile never comes out", async () => {
    device.obey("unload");
    expect((await printer().state()).word).toBe("paper");
    let off = false;
    const called = printer().print("a-1-1", PNG, () => Promise.resolve(off));
    const kept = printer().print("b-1-1", PNG, never);
    off = true;
    expect(await called).toBe("dropped");
    await printer().hand("load 50");
    expect(await kept).toBe("printed");
    expect(out()).toEqual(["b-1-1.png"]);
  });
  it("is away when it is off, and a label that was coming out is in doubt afterwards", async () => {
    const cut = printer().print("a-1-1", PNG, never);
    await until(() => device.state().word === "printing");
    device.obey("off");
    expect(await cut).toBeUndefined();
    expect((await printer().state()).word).toBe("away");
    await until(() => existsSync(path.join(dir, "a-1-1.spoiled.png")));
    await printer().hand("on");
    await until(async () => (await printer().state()).word === "ready");
    expect(await printer().print("a-1-1", PNG, never)).toBe("spoiled");
  });
  it("is waited for while it is off, whoever called, and not for ever by one line", async () => {
    device.obey("off");
    expect(await printer().print("a-1-1", PNG, never)).toBeUndefined();
    await printer().hand("on");
    expect(await printer().print("a-1-1", PNG, never)).toBe("printed");
  });
  it("knows after a power cut which label had begun", async () => {
    writeFileSync(path.join(dir, "a-1-1.part"), PNG);
    expect(await printer().print("a-1-1", PNG, never)).toBe("spoiled");
  });
  it("refuses what is no picture", async () => {
    expect(await printer().print("a-1-1", Buffer.from("<html>"), never)).toBe("refused");
    expect(out()).toEqual([]);
  });
  it("hangs up on who does not know its key, on ids that are paths and on what is no line", async () => {
    const hangsUp = (said: string) =>
      new Promise<boolean>((resolve) => {
        const s = connect(port, "127.0.0.1", () => s.write(said));
        s.resume();
        s.on("close", () => resolve(true));
        s.on("error", () => undefined);
        setTimeout(() => resolve(false), 1000).unref();
      });
    expect(await hangsUp("hello somebody\n")).toBe(true);
    expect(await hangsUp("label a-1-1 10\n0123456789")).toBe(true);
    expect(await hangsUp(`hello ${KEY}\nlabel ../../etc/x 10\n`)).toBe(true);
    expect(await hangsUp(`hello ${KEY}\nlabel a 9999999\n`)).toBe(true);
    expect(await hangsUp(`hello ${KEY}\n${"x".repeat(5000)}`)).toBe(true);
    expect(out()).toEqual([]);
    expect((await printer().state()).word).toBe("ready");
  });
  it("reads its lines and no others", () => {
    expect(readPrinterLine("state paper 0")).toEqual({ kind: "state", state: { word: "paper", left: 0 } });
    expect(readPrinterLine("spoiled 01-4-2")).toEqual({ kind: "label", became: "spoiled", id: "01-4-2" });
    for (const line of ["state well 3", "printed", "printed ../x", "state ready -1", ""])
      expect(readPrinterLine(line)).toBeUndefined();
  });
});
