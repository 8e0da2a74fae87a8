import { BARE_SALE } from "../core/costing";
import { readdirSync, readFileSync, statSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { analyseItem } from "../core/item";
import { simulate } from "../core/calibrate/simulated-makers";
import { estimatePiece } from "../core/estimate";
import { filledShape } from "../core/fabric";
import { checkPattern, layoutOf, PLAIN_STYLE, printPattern, RoundMemory } from "../core/notation";
import { minor, mm } from "../core/units";
import { printStalls } from "./stalls";
import { printWorlds } from "./worlds";

/** Median of several runs of `work`, in milliseconds, after a warm-up. */
function median(runs: number, work: () => void): number {
  for (let i = 0; i < Math.min(runs, 20); i++) work();
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const t = performance.now();
    work();
    times.push(performance.now() - t);
  }
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] ?? NaN;
}
const say = (label: string, value: string) => console.log(`${label.padEnd(64)} ${value}`);
const folder = path.resolve("demo/patterns");
const texts = readdirSync(folder).map((f) => readFileSync(path.join(folder, f), "utf8"));
const spec = { label: "DK", weight: 3 as const, hook: mm(3), metresPer100g: 230, strands: 1 };

console.log("\nCore, one thread");
const check = median(60, () => texts.forEach((t) => checkPattern(t))) / texts.length;
say("patterns checked per second (the demo's: 3 parts, 27 rounds)", (1000 / check).toFixed(0));
/** Patterns of three parts and 25 rounds, no two alike: names, colours, sizes and hands all differ. */
function typical(seed: number): string {
  let state = (seed * 2654435761) % 4294967296;
  const pick = <T>(list: readonly T[]): T => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return list[Math.floor((state / 4294967296) * list.length)] as T;
  };
  const shade = [pick(["slate", "teal", "cream", "rust"]), pick(["white", "orange", "navy", "sand"])];
  const label = pick([(n: string) => `Rnd ${n}: `, (n: string) => `R${n}. `, (n: string) => `Round ${n} – `]);
  const total = pick([(n: number) => ` (${n})`, (n: number) => ` [${n}]`, (n: number) => ` = ${n}`]);
  const part = (name: string, rounds: number, first: number): string => {
    const lines = [`${name} (${pick(shade)})${name === "Wing" ? " – make 2" : ""}`];
    let live = first;
    for (let i = 1; i <= rounds; i++) {
      if (i === 1)
        lines.push(
          label("1") +
            pick([`${live} sc in magic ring`, `ch 2, ${live} sc in 2nd ch from hook`]) +
            total(live),
        );
      else if (i <= rounds / 3) {
        const k = live / first;
        lines.push(
          label(String(i)) +
            (k === 1
              ? pick([`inc × ${first}`, "2 sc in each st around"])
              : pick([
                  `(${k - 1} sc, inc) × ${first}`,
                  `*sc in next ${k - 1} sts, 2 sc in next st; rep from * around`,
                ])) +
            total(live + first),
        );
        live += first;
      } else if (i > rounds - 3 && live >= 3 * first) {
        lines.push(label(String(i)) + `(${live / first - 2} sc, dec) × ${first}` + total(live - first));
        live -= first;
      } else
        lines.push(
          label(String(i)) + pick([`sc in each st around`, `${live} sc`, "sc around"]) + total(live),
        );
    }
    return lines.join("\n");
  };
  return `${pick(["Gull", "Crab", "Boat", "Seal"])} ${seed}\nMaterials: DK cotton, ${pick(["2.5", "3", "3.5"])} mm hook\n\n${part("Body", 15, pick([5, 6, 7, 8]))}\nStuff ${pick(["lightly", "firmly", "well"])}.\n\n${part("Wing", 6, pick([4, 5, 6]))}\nFasten off, leave a ${pick(["15", "20", "25"])} cm tail.\n\n${part("Beak", 4, pick([4, 6]))}\nFasten off.`;
}
const many = Array.from({ length: 600 }, (_, i) => typical(i + 1));
for (const t of many) if (!checkPattern(t).ok) throw new Error(`the bench's own pattern is wrong:\n${t}`);
const printed = many.map((t) => checkPattern(t));
const cold = median(7, () => many.forEach((t) => checkPattern(t))) / many.length;
say("different patterns of 3 parts, 25 rounds: checked per second", (1000 / cold).toFixed(0));
const warm =
  median(7, () => {
    const memory = { us: new RoundMemory(), uk: new RoundMemory() };
    many.forEach((t) => checkPattern(t, { memory }));
  }) / many.length;
say("  the same, remembering rounds of the patterns before (from empty)", (1000 / warm).toFixed(0));
say(
  "  written out in the house style, per second",
  (
    1000 /
    (median(5, () => many.forEach((t, i) => printPattern(printed[i] ?? checkPattern(t), t, PLAIN_STYLE))) /
      many.length)
  ).toFixed(0),
);
const estimate =
  median(30, () =>
    texts.forEach((t) =>
      estimatePiece({ pattern: checkPattern(t), specOf: () => spec, firmness: "medium", hanger: true }),
    ),
  ) / texts.length;
say("patterns checked and estimated per second", (1000 / estimate).toFixed(0));
say("  estimating costs, times checking", (estimate / check).toFixed(1));

/** A figure of `n` rounds with totals, growing and shrinking. */
function long(n: number): string {
  const lines = ["Rnd 1: 6 sc in magic ring (6)", "Rnd 2: inc x 6 (12)", "Rnd 3: (sc, inc) x 6 (18)"];
  let live = 18;
  for (let i = 4; i <= n; i++) {
    const grow = i % 5 === 0 && live < 60;
    const shrink = i % 7 === 0 && live > 24;
    if (grow) {
      lines.push(`Rnd ${i}: (${live / 6 - 1} sc, inc) x 6 (${live + 6})`);
      live += 6;
    } else if (shrink) {
      lines.push(`Rnd ${i}: (${live / 6 - 2} sc, dec) x 6 (${live - 6})`);
      live -= 6;
    } else lines.push(`Rnd ${i}: sc in each st around (${live})`);
  }
  return lines.join("\n");
}
for (const n of [60, 400]) {
  const text = long(n);
  if (!checkPattern(text).ok) throw new Error("the bench's own pattern is wrong");
  let flip = false;
  const memory = { us: new RoundMemory(), uk: new RoundMemory() };
  const ms = median(40, () => {
    flip = !flip;
    const p = checkPattern(flip ? text : text.replace("inc x 6", "inc x  5"), { memory });
    for (const part of p.parts) for (const r of part.rounds) layoutOf(r);
  });
  say(
    `a keystroke in ${n} rounds: counted again and laid out for the ladder`,
    `${ms.toFixed(2)} ms (${((100 * ms) / 16).toFixed(0)} % of a 16 ms frame)`,
  );
}
const sixty = Array.from({ length: 60 }, (_, i) => 6 * Math.min(10, i + 1, 60 - i));
say(
  "filled shape of 60 rounds",
  `${median(40, () => filledShape({ rounds: sixty, width: mm(5), height: mm(4.65), firmness: "medium" })).toFixed(2)} ms`,
);
const around = {
  yarns: [],
  notions: [],
  money: { wagePerHour: minor(1200), overheadPerHour: minor(180), marginBp: 800, pricePoints: [0, 50] },
  selling: BARE_SALE,
  price: undefined,
  reading: { locale: "en-IE", system: "metric" as const, currency: "EUR" },
  terms: "us" as const,
};
say(
  "everything the item page shows, for one demo item",
  `${(median(20, () => texts.forEach((pattern) => analyseItem({ pattern, firmness: "medium", hanger: true, slots: [], notions: [] }, around))) / texts.length).toFixed(2)} ms`,
);
{
  // Memory that a 10,000-round text leaves held, after the collector (run with --expose-gc to have it exact).
  const huge = ["R1 6 sc in mr (6)", ...Array.from({ length: 9999 }, (_, i) => `R${i + 2}: sc around`)].join(
    "\n",
  );
  const before = process.memoryUsage().heapUsed;
  const held = checkPattern(huge);
  const peak = process.memoryUsage().heapUsed - before;
  (globalThis as { gc?: () => void }).gc?.();
  say(
    "10,000 rounds: answered, and heap in use right after",
    `${held.parts[0]?.rounds.length ?? 0} rounds, ${(peak / 1e6).toFixed(0)} MB for ${(huge.length / 1000).toFixed(0)} KB of text`,
  );
}
const garbage = Array.from({ length: 200 * 1024 }, (_, i) =>
  String.fromCharCode((i * 7919 + (i >> 3)) % 256),
).join("");
say("200 KB of garbage answered", `${median(3, () => checkPattern(garbage)).toFixed(0)} ms`);

console.log("\nSimulated makers with hidden hands, 500, seeded");
{
  const s = simulate(500, 20261125);
  const pc = (x: number) => `${(100 * x).toFixed(1)} %`;
  say(
    "before any measurement: 90 % ranges that hold the truth, yarn / time",
    `${pc(s.before.yarnCover)} / ${pc(s.before.timeCover)}`,
  );
  say(
    "after three weigh-ins: yarn error, median / nine of ten / held",
    `${pc(s.weighed.median)} / ${pc(s.weighed.ninety)} / ${pc(s.weighed.cover)}`,
  );
  say("after five timings: minutes error, median / held", `${pc(s.timed.median)} / ${pc(s.timed.cover)}`);
  say("after them, a run of forty: minutes error, median / held", `${pc(s.run.median)} / ${pc(s.run.cover)}`);
  say("packing after two weigh-ins: held", pc(s.packed.cover));
}

printWorlds();
printStalls(say);

console.log("\nJavaScript sent on first load (gzip)");
const assets = path.resolve("build/client/assets");
const manifestFile = readdirSync(assets).find((f) => f.startsWith("manifest-"));
if (manifestFile) {
  const manifest = JSON.parse(
    readFileSync(path.join(assets, manifestFile), "utf8")
      .replace(/^[^{]*/, "")
      .replace(/;?\s*$/, ""),
  ) as {
    entry: { module: string; imports: string[] };
    routes: Record<string, { module: string; imports: string[] }>;
  };
  const size = (files: Iterable<string>) =>
    [...new Set(files)].reduce(
      (sum, f) => sum + gzipSync(readFileSync(path.join("build/client", f))).length,
      0,
    ) / 1000;
  const filesOf = (id: string) =>
    [
      manifest.entry.module,
      ...manifest.entry.imports,
      manifest.routes.root?.module ?? "",
      ...(manifest.routes.root?.imports ?? []),
      manifest.routes[id]?.module ?? "",
      ...(manifest.routes[id]?.imports ?? []),
    ].filter(Boolean);
  for (const [name, id] of [
    ["Today", "routes/today"],
    ["Items", "routes/items"],
    ["Item page, before the editor", "routes/item"],
    ["Materials", "routes/materials"],
    ["Run page", "routes/run"],
  ] as const)
    say(name, `${size(filesOf(id)).toFixed(0)} kB`);
  const editor = readdirSync(assets).filter((f) => f.startsWith("code-editor"));
  say(
    "the editor, loaded when needed",
    `${size(editor.map((f) => `assets/${f}`)).toFixed(0)} kB in ${editor.length} file`,
  );
  say(
    "all client files together, not compressed",
    `${(readdirSync(assets).reduce((s, f) => s + statSync(path.join(assets, f)).size, 0) / 1e6).toFixed(2)} MB, fonts included`,
  );
} else console.log("  no build yet: run bin/demo once");
