interface Told {
  readonly name: string;
  readonly message: string;
  readonly code?: string;
  readonly stack?: string;
}
const LONGEST = 400;

/**
 * An error as the log may have it: what failed and where, never the values: those are her patterns, names and
 * pictures.
 */
export function toldOf(error: unknown): Told {
  if (error instanceof Error) {
    const cause: unknown = error.cause;
    const code = codeOf(error) ?? codeOf(cause);
    // Known by its shape: the app is bundled with a class of its own of that name.
    const query = "query" in error && typeof error.query === "string" ? error.query : undefined;
    return {
      name: query === undefined ? error.name : "QueryFailed",
      message: clip(query === undefined ? error.message : query.replace(/\s+/g, " ")),
      ...(code === undefined ? {} : { code }),
      // Where it happened; the first lines of a stack are the message again, with values.
      stack: clip(
        (error.stack ?? "")
          .split("\n")
          .filter((l) => /^\s+at /.test(l))
          .join("\n"),
        1500,
      ),
    };
  }
  return { name: "Unknown", message: typeof error };
}
const codeOf = (error: unknown): string | undefined =>
  typeof error === "object" && error !== null && "code" in error && typeof error.code === "string"
    ? error.code
    : undefined;
const clip = (text: string, most = LONGEST): string =>
  text.length > most ? `${text.slice(0, most)}…` : text;
