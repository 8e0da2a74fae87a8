import { parseArgs } from "node:util";
import { estimatePiece, type Estimate, type YarnSpec } from "../../core/estimate";
import { CLASS_GAUGE, type Firmness, type WeightClass } from "../../core/fabric";
import { checkPattern, problemText } from "../../core/notation";
import { mm } from "../../core/units";
import { json, Misuse, oneOf, positive, print, readText, rounded } from "./common";

export function run(args: string[]): number {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: {
      weight: { type: "string" },
      hook: { type: "string" },
      "metres-per-100g": { type: "string" },
      firmness: { type: "string" },
      terms: { type: "string" },
      json: { type: "boolean" },
    },
  });
  if (positionals.length !== 1) throw new Misuse("estimate takes one file");
  const weight = Number(values.weight);
  if (values.weight === undefined || !(weight in CLASS_GAUGE))
    throw new Misuse(
      `--weight must be a yarn weight class from 0 to 7${values.weight === undefined ? "" : `, not “${values.weight}”`}`,
    );
  const hook = mm(positive("hook", values.hook));
  const metresPer100g = positive("metres-per-100g", values["metres-per-100g"]);
  const firmness: Firmness = oneOf("firmness", values.firmness, ["light", "medium", "firm"], "medium");
  const pattern = checkPattern(readText(positionals[0]), {
    terms: oneOf<"us" | "uk" | "auto">("terms", values.terms, ["us", "uk", "auto"], "auto"),
  });
  const specOf = (slot: string): YarnSpec => ({
    label: slot,
    weight: weight as WeightClass,
    hook,
    metresPer100g,
    strands: 1,
  });
  const piece = estimatePiece({ pattern, specOf, firmness, hanger: false });
  const span = (e: Estimate, scale = 1) => ({
    value: rounded(e.value * scale),
    low: rounded(e.low * scale),
    high: rounded(e.high * scale),
  });
  const yarn = (list: typeof piece.yarn) =>
    list.map((y) => ({ colour: y.slot, metres: span(y.metres), grams: span(y.grams) }));
  const result = {
    parts: piece.parts.map((p) => ({
      name: p.part.name,
      make: p.part.make,
      stitches: p.stitches,
      ends: p.fabric.ends,
      yarn: yarn(p.yarn),
      filling: { grams: span(p.filling) },
      size: {
        widthMm: rounded(p.fabric.width, 2),
        heightMm: rounded(p.fabric.height, 2),
        volumeMm3: rounded(p.fabric.volume, 1),
      },
      minutes: span(p.seconds, 1 / 60),
    })),
    piece: {
      yarn: yarn(piece.yarn),
      filling: { grams: span(piece.filling) },
      minutes: span(piece.seconds, 1 / 60),
      hardware: piece.hardware,
    },
  };
  if (values.json) json(result);
  else {
    const say = (e: { value: number; low: number; high: number }, unit: string) =>
      `${e.value.toFixed(1)} ${unit} (${e.low.toFixed(1)}–${e.high.toFixed(1)})`;
    for (const p of result.parts) {
      print(
        `${p.name}${p.make > 1 ? ` × ${p.make}` : ""}: ${p.stitches} stitches, ${p.size.widthMm.toFixed(0)} × ${p.size.heightMm.toFixed(0)} mm`,
      );
      for (const y of p.yarn) print(`  ${y.colour}: ${say(y.metres, "m")}, ${say(y.grams, "g")}`);
      print(`  filling ${say(p.filling.grams, "g")}, ${say(p.minutes, "min")}`);
    }
    print(
      `One piece: ${result.piece.yarn.map((y) => `${y.colour} ${say(y.metres, "m")}`).join(", ")}; filling ${say(result.piece.filling.grams, "g")}; ${say(result.piece.minutes, "min")}`,
    );
    for (const x of pattern.problems)
      process.stderr.write(`${x.severity}: line ${x.line}: ${problemText(x)}\n`);
  }
  return pattern.ok ? 0 : 1;
}
