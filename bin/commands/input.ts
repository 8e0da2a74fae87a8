import type { z } from "zod";
import { Misuse, readText } from "./common";

/**
 * One JSON object from a file or from standard input, held against its schema; each fault says where and what
 * is wanted.
 */
export function readInput<T>(file: string | undefined, schema: z.ZodType<T>): T {
  const text = readText(file);
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (cause) {
    throw new Misuse(`the input is no JSON: ${(cause as Error).message}`);
  }
  const read = schema.safeParse(value);
  if (read.success) return read.data;
  const faults = read.error.issues.slice(0, 5).map((i) => `${i.path.join(".") || "the input"}: ${i.message}`);
  const more = read.error.issues.length - faults.length;
  throw new Misuse(`${faults.join("; ")}${more > 0 ? `; and ${more} more` : ""}`);
}
