import { isRoundWord } from "../labels";
import type { Token } from "../tokens";
import { makesIn } from "./makes";

/** Words of a name, and of what is told of it. */
const MOST_NAME = 5;
const MOST_TOLD = 8;

/**
 * "Clouds: make 2 in white: 6 sc in MR; …", "Clouds: white, 2 of them: …": between its name and its rounds a line tells
 * how many there are. The first colon becomes a comma, as others write it; the same tokens where nothing stands so.
 * A bounded look.
 *
 * @param works tells whether stitches or numbers of them stand among some words
 */
export function toldBehindName(
  tokens: readonly Token[],
  works: (tokens: readonly Token[]) => boolean,
): readonly Token[] {
  const name = tokens.slice(0, MOST_NAME + 1).findIndex((t) => t.text === ":");
  if (name < 1 || tokens.slice(0, name).some((t) => t.kind !== "word" || isRoundWord(t.text))) return tokens;
  const behind = tokens.slice(name + 1, name + 2 + MOST_TOLD);
  const colon = behind.findIndex((t) => t.text === ":");
  const told = behind.slice(0, Math.max(0, colon));
  const plain = told.every((t) => (t.kind === "mark" ? /^[,()]$/.test(t.text) : !isRoundWord(t.text)));
  if (colon < 1 || colon === behind.length - 1 || !plain || works(told)) return tokens;
  // "Clouds: 2 in white": as it reads behind a comma.
  const said = [...tokens.slice(0, name), { ...(tokens[name] as Token), text: "," }, ...told];
  return makesIn(told) || makesIn(said) ? [...said, ...tokens.slice(name + 1 + colon)] : tokens;
}
