import { randomBytes } from "node:crypto";
import { hash, verify } from "@node-rs/argon2";
import { ZxcvbnFactory } from "@zxcvbn-ts/core";
import { adjacencyGraphs, dictionary } from "@zxcvbn-ts/language-common";
import { hashOfSecret } from "@db/queries/sessions";
import { LEAST_LETTERS, MOST_LETTERS } from "./letters";

/**
 * Argon2id (the package's own choice) with 19 MiB, two passes, one lane: as OWASP's password storage sheet
 * has it, from memory.
 */
const PARAMETERS = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** One phrase, however a keyboard composes its accents. */
const normal = (phrase: string): string => phrase.normalize("NFKC");

export const keepPhrase = (phrase: string): Promise<string> => hash(normal(phrase), PARAMETERS);

let nobodys: Promise<string> | undefined;
/**
 * Is it the phrase? Without an account one of nobody's is compared, which takes as long and is never right.
 */
export async function isPhrase(kept: string | undefined, phrase: string): Promise<boolean> {
  nobodys ??= keepPhrase(randomBytes(24).toString("base64"));
  const right = await verify(kept ?? (await nobodys), normal(phrase));
  return right && kept !== undefined;
}

let guesser: ZxcvbnFactory | undefined;

/**
 * Why a phrase will not do, in words; undefined when it will. Names and places around it count as guessable.
 */
export function phraseTrouble(phrase: string, around: readonly string[]): string | undefined {
  const letters = [...normal(phrase)].length;
  if (letters < LEAST_LETTERS)
    return `At least ${LEAST_LETTERS} letters: three or four words that have nothing to do with each other are easy to keep.`;
  if (letters > MOST_LETTERS) return `At most ${MOST_LETTERS} letters.`;
  const known = [...around, "lapka", "amigurumi", "crochet"].filter((w) => w.length > 2);
  const rest = known.reduce((t, w) => t.split(w.toLowerCase()).join(""), normal(phrase).toLowerCase());
  if (new Set(rest.replace(/[^\p{L}\p{N}]/gu, "")).size < 5)
    return "This one is made of names that everybody here knows. Take words that have nothing to do with each other.";
  guesser ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
  const { score } = guesser.check(normal(phrase), known);
  return score < 3
    ? "This one would be guessed soon: it is on the lists, or made of a name, a row of keys or repeats. Take words that have nothing to do with each other."
    : undefined;
}

const ALPHABET = "abcdefghjkmnpqrstuvwxyz23456789";
const CODES = 10;
/** Sixteen letters of 31: about 79 bits. */
const CODE_LETTERS = 16;

/** Recovery codes to be written down, in fours, and what is kept of them. */
export function drawCodes(): { codes: string[]; hashes: string[] } {
  const codes = Array.from({ length: CODES }, () => {
    const letters: string[] = [];
    while (letters.length < CODE_LETTERS)
      for (const b of randomBytes(CODE_LETTERS))
        // Without the last few values each letter is as likely as the other.
        if (b < 248 && letters.length < CODE_LETTERS) letters.push(ALPHABET[b % ALPHABET.length] ?? "");
    return (letters.join("").match(/.{4}/g) ?? []).join("-");
  });
  return { codes, hashes: codes.map(hashOfCode) };
}
/** However it is typed: capitals, gaps and dashes do not matter. */
export const hashOfCode = (code: string): string =>
  hashOfSecret(code.toLowerCase().replace(/[^a-z0-9]/g, ""));
