import type { Cursor } from "./cursor";
import { SHADES, TONES } from "./words/shades";

const CARRIER = new Set(["yarn", "colour", "color", "col", "thread", "wool", "cotton"]);

/** What the text says a letter stands for, or the letter. */
const named = (c: Cursor, letter: string): string => c.colours.get(letter.toLowerCase()) ?? letter;

/** A shade named by everyday words at the cursor ("dark grey", "white", "colour B", "yarn A", "MC"). */
export function readShade(c: Cursor): string | undefined {
  return c.attempt(() => {
    c.take("the");
    const numbered = c.is("mc", "cc") && c.kind(1) === "number" && c.peek(1)?.from === c.peek()?.to;
    if ((c.is("mc", "cc") && !numbered) || /^c[1-9]$/.test(c.text()))
      return (c.at++, named(c, c.tokens[c.at - 1]?.text.toUpperCase() ?? ""));
    if (
      numbered ||
      (c.is("cc", "c", "colour", "color") && c.kind(1) === "number") ||
      (CARRIER.has(c.text()) && /^[a-h]$/.test(c.text(1)))
    ) {
      const letters = numbered ? c.text().toUpperCase() : "C";
      const name = c.kind(1) === "number" ? `${letters}${c.text(1)}` : c.text(1).toUpperCase();
      c.at += 2;
      return named(c, name);
    }
    const words: string[] = [];
    while (TONES.has(c.text())) {
      words.push(c.text());
      c.at++;
      c.take("-");
    }
    if (!SHADES.has(c.text())) return undefined;
    while (SHADES.has(c.text())) {
      words.push(c.text());
      c.at++;
      // "Grey-blue" is one shade.
      if (c.is("-") && SHADES.has(c.text(1)) && c.peek(1)?.from === c.peek()?.to) c.at++;
    }
    c.takeAny(CARRIER);
    return words.join(" ");
  });
}

const CHANGE_START = new Set(
  "start begin starting beginning work worked working made crocheted continue continuing finish finishing complete end back with using in join attach use colour color yarn".split(
    " ",
  ),
);
/** May a shade or a change of colour begin with this word? False is certain; letters of her own are not looked up. */
export const beginsColour = (word: string): boolean =>
  SHADES.has(word) ||
  TONES.has(word) ||
  CARRIER.has(word) ||
  CHANGE.has(word) ||
  CHANGE_START.has(word) ||
  /^(?:the|mc|cc|c|c[1-9]|[a-h])$/.test(word);

/** "Start with white", "worked in green". */
const BEFORE_IN = new Set(
  "start begin starting beginning work worked working made crocheted continue continuing".split(" "),
);
const CHANGE = new Set(["change", "changing", "switch", "switching", "swap"]);
const NOT_A_SHADE = new Set([
  "in",
  "on",
  "at",
  "before",
  "when",
  "to",
  "and",
  "then",
  "for",
  "of",
  "last",
  "next",
  "the",
  "st",
  "sts",
  "stitch",
  "a",
  "new",
  "round",
  "rnd",
  "with",
  "size",
  "hook",
  "needle",
  "tail",
  "yarn",
  "colour",
  "color",
]);

/** "Finish the last stitch with white": the words before the colour. */
function lastStitch(c: Cursor): void {
  c.attempt(() => {
    if (!c.take("finish", "finishing", "complete", "completing", "end", "ending")) return undefined;
    c.take("the");
    if (!c.take("last") || !c.take("st", "stitch", "sc", "dec", "inc", "loop")) return undefined;
    c.take("off");
    return c.is("in", "with", "using") ? true : undefined;
  });
}

/** "(white)", ": white": the colour behind "change colour", with no "to" between. */
function behindChange(c: Cursor): string | undefined {
  const bracket = c.take("(", "[");
  if (!bracket && !c.take(":", "=")) return undefined;
  const shade = readShade(c);
  return shade !== undefined && (!bracket || c.take(")", "]")) ? shade : undefined;
}

/**
 * "change to white", "switch colour to dark grey", "with puffin black", "join cream yarn": the slot named.
 */
export function readColourChange(c: Cursor): string | undefined {
  return c.attempt(() => {
    let introduced = false;
    if (BEFORE_IN.has(c.text()) && /^(in|with|using)$/.test(c.text(1))) c.at++;
    lastStitch(c);
    // "Colour change to white", "colour change: white".
    if (CARRIER.has(c.text()) && CHANGE.has(c.text(1))) c.at++;
    // "…, back to red".
    if (c.is("back") && c.text(1) === "to") {
      c.at += 2;
      return readShade(c);
    }
    if (CHANGE.has(c.text())) {
      c.at++;
      c.takeAny(CARRIER);
      c.take("over", "back");
      introduced = c.take("to", "into");
      if (!introduced) return behindChange(c);
    } else if (
      c.is("with", "using", "in", "join", "attach", "use", "colour", "color") ||
      (c.is("yarn") && c.text(1) === ":")
    ) {
      const colourLabel = c.is("colour", "color", "yarn");
      c.at++;
      if (colourLabel) c.take(":", "=");
    } else return undefined;
    const shade = readShade(c);
    if (shade !== undefined) return shade;
    const letter = c.source.slice(c.from, c.peek()?.to ?? c.from);
    if (/^[A-H]$/.test(letter) && (c.kind(1) === "end" || c.kind(1) === "mark"))
      return (c.at++, named(c, letter));
    if (!introduced) return undefined;
    if (/^[a-h]$/.test(c.text()) && (c.kind(1) === "end" || /^[.,;:)]$/.test(c.text(1))))
      return (c.at++, named(c, c.tokens[c.at - 1]?.text.toUpperCase() ?? ""));
    c.take("the");
    const from = c.from;
    let n = 0;
    while (n < 3 && c.kind() === "word" && !NOT_A_SHADE.has(c.text())) {
      c.at++;
      n++;
    }
    if (n === 0) return undefined;
    const name = c.source.slice(from, c.to).toLowerCase();
    c.takeAny(CARRIER);
    return name;
  });
}
