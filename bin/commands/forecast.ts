import { parseArgs } from "node:util";
import { forecast, METHODS, type Method } from "../../core/shelf/forecast/intermittent";
import { json, Misuse, oneOf, print, readText, rounded } from "./common";

const MOST = 100_000;

function share(name: string, value: string | undefined): number | undefined {
  if (value === undefined) return undefined;
  const n = Number(value);
  if (value.trim() === "" || !(n >= 0 && n <= 1))
    throw new Misuse(`--${name} is a number from 0 to 1, not “${value}”`);
  return n;
}

/** Amounts of equal periods: a JSON list, or numbers between spaces, commas and ends of lines. */
function numbersIn(text: string): number[] {
  const words = text
    .replace(/[[\],;]/g, " ")
    .split(/\s+/)
    .filter((w) => w !== "");
  if (words.length > MOST) throw new Misuse(`at most ${MOST} periods, and ${words.length} are there`);
  return words.map((w, i) => {
    const n = Number(w);
    if (!Number.isFinite(n) || n < 0)
      throw new Misuse(`period ${i + 1} is a number of 0 or more, not “${w.slice(0, 40)}”`);
    return n;
  });
}

/** `lapka forecast --method … --alpha A [--beta B] --json FILE|-`: what is expected of the next period. */
export function run(args: string[]): number {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: {
      method: { type: "string" },
      alpha: { type: "string" },
      beta: { type: "string" },
      json: { type: "boolean" },
    },
  });
  const method = oneOf<Method>("method", values.method, METHODS, "sba");
  const alpha = share("alpha", values.alpha) ?? 0.1;
  const beta = share("beta", values.beta);
  if (positionals.length !== 1) throw new Misuse("forecast takes one file, or - for standard input");
  const { rate, fitted } = forecast(numbersIn(readText(positionals[0])), method, { alpha, beta });
  if (values.json) json({ rate, fitted, method });
  else {
    print(
      `${rounded(rate)} a period (${method}, alpha ${alpha}${beta === undefined ? "" : `, beta ${beta}`})`,
    );
    fitted.forEach((f, i) => print(`${String(i + 1).padStart(5)}  ${f === null ? "–" : rounded(f)}`));
  }
  return 0;
}
