import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";

/** Wrong use of the command: said on stderr with the way out, exit 2. */
export class Misuse extends Error {}

export const print = (text: string) => process.stdout.write(`${text}\n`);
export const json = (value: unknown) => print(JSON.stringify(value));
export const rounded = (n: number, digits = 3) => Math.round(n * 10 ** digits) / 10 ** digits;

export function readText(file: string | undefined): string {
  if (file === undefined) throw new Misuse("name a file, or - for standard input");
  try {
    return readFileSync(file === "-" ? 0 : file, "utf8");
  } catch (cause) {
    throw new Misuse(`cannot read ${file}: ${(cause as NodeJS.ErrnoException).code ?? "unknown reason"}`);
  }
}

export function oneOf<T extends string>(
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

export function positive(name: string, value: string | undefined): number {
  const n = Number(value);
  if (value === undefined || value.trim() === "" || !Number.isFinite(n) || n <= 0)
    throw new Misuse(`--${name} must be a number above 0${value === undefined ? "" : `, not “${value}”`}`);
  return n;
}

/** A command that takes one file and may answer as JSON. */
export function oneFile(command: string, args: string[]): { file: string; asJson: boolean } {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: { json: { type: "boolean" } },
  });
  const [file] = positionals;
  if (file === undefined || positionals.length !== 1) throw new Misuse(`${command} takes one file`);
  return { file, asJson: values.json ?? false };
}
