import puppeteer from "puppeteer-core";
const [url, out, w = "1280", h = "800", mode = "light", fill = ""] = process.argv.slice(2);
const b = await puppeteer.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] });
const p = await b.newPage(); await p.setViewport({ width: +w, height: +h });
await p.emulateMediaFeatures([{ name: "prefers-color-scheme", value: mode }]);
p.on("console", (m) => { if (m.type() === "error") console.log("console:", m.text()); });
await p.goto(url, { waitUntil: "networkidle0", timeout: 60000 });
if (fill) { await p.waitForSelector(".cm-content"); await p.click(".cm-content"); await p.keyboard.down("Control"); await p.keyboard.press("KeyA"); await p.keyboard.up("Control"); const { readFileSync } = await import("fs"); const t = readFileSync(fill, "utf8"); await p.evaluate((x) => navigator.clipboard?.writeText(x).catch(() => {}), t); for (const line of t.split("\n")) { await p.keyboard.type(line); await p.keyboard.press("Enter"); } await new Promise((r) => setTimeout(r, 1500)); }
await p.screenshot({ path: out, fullPage: process.argv[8] === "full" }); await b.close();
