import { DrizzleQueryError } from "drizzle-orm";

interface Told {
  readonly name: string;
  readonly message: string;
  readonly code?: string;
  readonly stack?: string;
}
const LONGEST = 400;

/** An error as the log may have it: what failed and where, never the values: those are her patterns, names and pictures. */
export function toldOf(error: unknown): Told {
  if (error instanceof DrizzleQueryError) {
    const cause = error.cause as { code?: unknown; sqlMessage?: unknown } | undefined;
    return {
      name: "QueryFailed",
      message: clip(error.query.replace(/\s+/g, " ")),
      code: typeof cause?.code === "string" ? cause.code : "unknown",
    };
  }
  if (error instanceof Error) {
    const code = "code" in error && typeof error.code === "string" ? { code: error.code } : {};
    return { name: error.name, message: clip(error.message), ...code, stack: clip(error.stack ?? "", 1500) };
  }
  return { name: "Unknown", message: typeof error };
}
const clip = (text: string, most = LONGEST): string =>
  text.length > most ? `${text.slice(0, most)}…` : text;
