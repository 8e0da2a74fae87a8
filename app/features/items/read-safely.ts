import { checkPattern, type CheckedPattern } from "@core/notation";

/**
 * The count of what is being typed. The reader is total, and tested to be; should a text still break it, the
 * page stands and says so, for the text on it may be the only copy.
 */
export function readSafely(
  text: string,
  options: Parameters<typeof checkPattern>[1],
): { readonly pattern: CheckedPattern; readonly failed: boolean } {
  try {
    return { pattern: checkPattern(text, options), failed: false };
  } catch {
    return { pattern: checkPattern("", { otherwise: options?.otherwise ?? "us" }), failed: true };
  }
}
