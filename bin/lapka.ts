import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { estimatePiece, type Estimate, type YarnSpec } from "../core/estimate";
import { CLASS_GAUGE, filledShape, type Firmness, type WeightClass } from "../core/fabric";
import {
  checkPattern,
  couldNotRead,
  problemText,
  STITCH_NAMES,
  type CheckedPattern,
  type Tally,
} from "../core/notation";
import { mm } from "../core/units";

const USAGE = `lapka — counts, estimates and shapes of small crochet figures

  lapka check FILE|- [--terms us|uk|auto] [--json]
  lapka estimate FILE|- --weight 0..7 --hook MM --metres-per-100g M [--firmness light|medium|firm] [--terms us|uk|auto] [--json]
  lapka shape --rounds 6,12,18 --width MM --height MM --firmness light|medium|firm [--json]

  lapka backup | copies | restore FILE     copies of a workshop; each says more with a wrong word

Exit status: 0 fine, 1 the pattern has an error, 2 wrong use.
`;

/** Wrong use of the command: said on stderr with the way out, exit 2. */
class Misuse extends Error {}

const print = (text: string) => process.stdout.write(`${text}\n`);
const json = (value: unknown) => print(JSON.stringify(value));
const rounded = (n: number, digits = 3) => Math.round(n * 10 ** digits) / 10 ** digits;

function readText(file: string | undefined): string {
  if (file === undefined) throw new Misuse("name a file, or - for standard input");
  try {
    return readFileSync(file === "-" ? 0 : file, "utf8");
  } catch (cause) {
    throw new Misuse(`cannot read ${file}: ${(cause as NodeJS.ErrnoException).code ?? "unknown reason"}`);
  }
}

function oneOf<T extends string>(
  name: string,
  value: string | undefined,
  allowed: readonly T[],
  fallback?: T,
): T {
  if (value === undefined && fallback !== undefined) return fallback;
  if (!allowed.includes(value as T))
    throw new Misuse(
      `--${name} must be one of ${allowed.join(", ")}${value === undefined ? "" : `, not “${value}”`}`,
    );
  return value as T;
}

function positive(name: string, value: string | undefined): number {
  const n = Number(value);
  if (value === undefined || value.trim() === "" || !Number.isFinite(n) || n <= 0)
    throw new Misuse(`--${name} must be a number above 0${value === undefined ? "" : `, not “${value}”`}`);
  return n;
}

/** The tally with every stitch name, so that a reader need not guess about absent ones. */
function fullTally(t: Tally): Record<string, number> {
  return Object.fromEntries(STITCH_NAMES.map((name) => [name, t[name] ?? 0]));
}

function checkJson(p: CheckedPattern) {
  return {
    ok: p.ok,
    sure: p.sure,
    terms: p.terms,
    termsReason: p.termsReason,
    parts: p.parts.map((part) => ({
      name: part.name,
      make: part.make,
      worked: part.worked,
      rounds: part.rounds.map((r) => ({
        label: r.label,
        line: r.line,
        count: r.count ?? null,
        made: fullTally(r.made),
        increases: r.increases,
        decreases: r.decreases,
      })),
      total: { ...fullTally(part.made), increases: part.increases, decreases: part.decreases },
      bySlot: part.bySlot.map((s) => ({ slot: s.slot, made: fullTally(s.made) })),
    })),
    problems: p.problems.map((x) => ({
      severity: x.severity,
      code: x.code,
      line: x.line,
      column: x.column,
      endColumn: x.endColumn,
      message: problemText(x),
      fix: x.fix?.label ?? null,
    })),
    uncounted: p.uncounted.map((u) => ({ line: u.line, text: u.text, why: u.why })),
  };
}

function check(args: string[]): number {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: { terms: { type: "string" }, json: { type: "boolean" } },
  });
  if (positionals.length !== 1) throw new Misuse("check takes one file");
  const p = checkPattern(readText(positionals[0]), {
    terms: oneOf<"us" | "uk" | "auto">("terms", values.terms, ["us", "uk", "auto"], "auto"),
  });
  if (values.json) json(checkJson(p));
  else {
    print(`Terms: ${p.terms.toUpperCase()} (${p.termsReason})`);
    for (const part of p.parts) {
      print(`\n${part.name}${part.make > 1 ? ` (make ${part.make})` : ""}, ${part.worked}`);
      for (const r of part.rounds)
        print(
          `  ${r.label.padEnd(8)} ${r.count === undefined ? "?" : r.count}${r.increases ? `  +${r.increases}` : ""}${r.decreases ? `  −${r.decreases}` : ""}`,
        );
    }
    print("");
    for (const x of p.problems)
      print(
        `${x.severity}: line ${x.line}, column ${x.column}: ${problemText(x)}${x.fix ? ` ${x.fix.label}` : ""}`,
      );
    const wrong = p.problems.filter((x) => x.severity === "error").length;
    const unread = p.problems.filter(couldNotRead).length;
    if (wrong > 0) print(`${wrong} to mend.`);
    if (unread > 0) print(`${unread} could not be read: the counts there are not sure.`);
    if (p.sure) print("No mistake found.");
  }
  return p.ok ? 0 : 1;
}

function estimate(args: string[]): number {
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

function shape(args: string[]): number {
  const { values } = parseArgs({
    args,
    options: {
      rounds: { type: "string" },
      width: { type: "string" },
      height: { type: "string" },
      firmness: { type: "string" },
      json: { type: "boolean" },
    },
  });
  const rounds = (values.rounds ?? "").split(",").map((x) => positive("rounds", x.trim()));
  if (rounds.length > 2000) throw new Misuse("--rounds takes at most 2000 rounds");
  const s = filledShape({
    rounds,
    width: mm(positive("width", values.width)),
    height: mm(positive("height", values.height)),
    firmness: oneOf<Firmness>("firmness", values.firmness, ["light", "medium", "firm"], "medium"),
  });
  const result = {
    diameterMm: rounded(s.diameter),
    heightMm: rounded(s.height),
    volumeMm3: rounded(s.volume, 1),
  };
  if (values.json) json(result);
  else
    print(
      `${result.diameterMm.toFixed(1)} mm across, ${result.heightMm.toFixed(1)} mm high, ${(result.volumeMm3 / 1000).toFixed(1)} cm³`,
    );
  return 0;
}

function main(argv: string[]): number {
  const [command, ...args] = argv;
  try {
    switch (command) {
      case "check":
        return check(args);
      case "estimate":
        return estimate(args);
      case "shape":
        return shape(args);
      case "help":
      case "--help":
      case "-h":
        print(USAGE);
        return 0;
      default:
        throw new Misuse(command === undefined ? "say what to do" : `“${command}” is not a command`);
    }
  } catch (error) {
    const wrongOption =
      error instanceof TypeError && "code" in error && String(error.code).startsWith("ERR_PARSE_ARGS");
    if (error instanceof Misuse || wrongOption) {
      process.stderr.write(`lapka: ${error.message}\n\n${USAGE}`);
      return 2;
    }
    throw error;
  }
}

process.exitCode = main(process.argv.slice(2));
