import { isRoundWord } from "./labels";
import type { Cursor } from "./cursor";

/** Words for parts that need no introduction: what small figures are made of. */
const PARTS = new Set(
  "leg legs arm arms ear ears wing wings fin fins foot feet head body neck tail snout beak horn horns flipper flippers claw claws paw paws limb limbs tentacle tentacles muzzle hat hull shell brim belly piece pieces panel panels tube".split(
    " ",
  ),
);
const WHICH = new Set([
  "first",
  "second",
  "third",
  "other",
  "left",
  "right",
  "last",
  "same",
  "front",
  "back",
  "upper",
  "lower",
  "one",
  "next",
]);
const LETTER = /^[a-d]$/;

/**
 * A part spoken of at the cursor: "leg 1", "the first leg", "2nd leg", "each ear", or a name the text gave a
 * part of its own. Gives the words, without the article.
 */
export function readPartNamed(c: Cursor): string | undefined {
  return c.attempt(() => {
    while (c.is("the", "this", "that", "your", "each", "every", "an", "a", "ready", "finished")) c.at++;
    const from = c.at;
    // A part that is called "second hump" is meant before "hump" with its number.
    const whole = longestName(c);
    while (
      (!whole && c.kind() === "ordinal") ||
      WHICH.has(c.text()) ||
      (c.kind() === "number" && from === c.at && (c.peek()?.value ?? 9) <= 2)
    )
      c.at++;
    const found = whole || longestName(c) || (PARTS.has(c.text()) && (c.at++, true));
    if (!found) return undefined;
    if (
      c.kind() === "number" &&
      (c.peek()?.value ?? 99) <= 12 &&
      !/^(sc|hdc|dc|tr|inc|dec|st|sts|stitches|x|times|ch|more)$/.test(c.text(1))
    )
      c.at++;
    else if (
      c.kind() === "word" &&
      LETTER.test(c.text()) &&
      (c.at + 1 >= c.tokens.length || c.kind(1) === "mark")
    )
      c.at++;
    return c.tokens
      .slice(from, c.at)
      .map((t) => t.text)
      .join(" ");
  });
}

function longestName(c: Cursor): boolean {
  const first = c.text();
  let possible = false;
  for (const name of c.names) if (name.startsWith(first)) possible = true;
  if (!possible || first === "") return false;
  for (let n = Math.min(4, c.tokens.length - c.at); n >= 1; n--) {
    const words = c.tokens
      .slice(c.at, c.at + n)
      .map((t) => t.text)
      .join(" ");
    if (c.names.has(words)) {
      c.at += n;
      return true;
    }
  }
  return false;
}

const ONTO = new Set([
  "of",
  "on",
  "onto",
  "from",
  "around",
  "along",
  "across",
  "into",
  "in",
  "over",
  "to",
  "round",
  "at",
  "with",
  "through",
  "thru",
]);
const EDGE = new Set([
  "edge",
  "edges",
  "rim",
  "top",
  "opening",
  "base",
  "bottom",
  "end",
  "side",
  "sides",
  "hole",
]);

/** "around leg 1", "of the first leg", "into the open edge of the body". */
export function readPartPhrase(c: Cursor): { name: string; around: boolean } | undefined {
  return c.attempt(() => {
    const preposition = c.text();
    if (!ONTO.has(preposition)) return undefined;
    c.at++;
    if (preposition === "all" && c.is("around")) c.at++;
    c.attempt(() => {
      c.take("the");
      c.take("open", "top", "bottom", "lower", "upper");
      if (!EDGE.has(c.text())) return undefined;
      c.at++;
      return c.take("of") ? true : undefined;
    });
    const it = c.take("it") && (c.done || c.kind() === "mark");
    const name = it ? "it" : readPartNamed(c);
    if (name === undefined) return undefined;
    const around = /^(around|along|across|round|over)$/.test(preposition);
    return { name, around };
  });
}

const LAYER = new Set([
  "layer",
  "layers",
  "edge",
  "edges",
  "thickness",
  "thicknesses",
  "piece",
  "pieces",
  "side",
  "sides",
  "half",
  "halves",
  "parts",
  "part",
  "fabrics",
]);

/** What stands behind "through both" when nothing names the two: "all around", "evenly". */
const ALL_ALONG = ["around", "across", "along", "round", "all", "right", "evenly", "together"] as const;

/**
 * Two edges worked as one: "through both layers", "through both", "through ear and head together", "joining
 * the ear". The words are taken; how many stitches of the round each one uses is decided by what fits.
 */
export function readLayers(c: Cursor): readonly string[] | undefined {
  return c.attempt(() => {
    c.take("working", "going", "while", "by", "and");
    // "sc the two sides together", "sc both edges together".
    const sides = c.attempt(() => {
      const the = c.take("the");
      if (!c.take("both", "two", "2") && !the) return undefined;
      c.take("the", "of");
      return c.takeAny(LAYER) && c.take("together", "shut", "closed") ? true : undefined;
    });
    if (sides) return [];
    const verb = c.text();
    if (!c.take("through", "thru", "into", "in", "catching", "joining", "attaching", "onto", "over"))
      return undefined;
    c.take("the");
    const counted = c.is("two", "2");
    if (c.take("both", "two", "2")) {
      c.take("the", "of");
      if (c.is("loop", "loops", "lp", "lps", "st", "sts")) return undefined;
      if (c.takeAny(LAYER)) {
        c.attempt(() => (c.take("of") && readPartNamed(c) !== undefined ? true : undefined));
        c.take("together");
        alongRound(c);
        return [];
      }
      if (alongRound(c)) return [];
      const name = readPartNamed(c);
      const other = name !== undefined && c.take("and", "&") ? readPartNamed(c) : undefined;
      if (name === undefined && !(c.done || c.kind() === "mark" || c.is(...ALL_ALONG))) return undefined;
      // "Sc in two, inc in the next": two stitches, one behind the other.
      if (name === undefined && counted && /^(in|into|over|onto)$/.test(verb)) return undefined;
      c.take("together");
      return [name, other].filter((n) => n !== undefined);
    }
    const first = readPartNamed(c);
    if (first === undefined) return undefined;
    const second = c.take("and", "&", "with", "+") ? readPartNamed(c) : undefined;
    const together = c.take("together");
    return second !== undefined || together || /^(catching|joining|attaching)$/.test(verb)
      ? [first, second].filter((n) => n !== undefined)
      : undefined;
  });
}

/** "… through both along R2": which edges they are. */
const alongRound = (c: Cursor): boolean =>
  c.attempt(() => {
    if (!c.take("along", "around", "of", "in")) return undefined;
    c.take("the");
    if (!isRoundWord(c.text())) return undefined;
    c.at++;
    if (c.kind() === "number") c.at++;
    return true;
  }) ?? false;

/**
 * "along the chain", "along the other side of the chain", "over the bridge": all along a chain that spans a
 * gap. "in next 3 ch" is read as any other place; see `Target.chainNoun`.
 */
export function readBridge(c: Cursor): boolean {
  return (
    c.attempt(() => {
      const along = c.is("along", "across", "over");
      if (!along && !c.is("on", "to", "in", "into", "of")) return undefined;
      c.at++;
      c.take("the", "its");
      const side =
        c.is("other", "opposite", "second", "back", "first") &&
        /^(side|edge)$/.test(c.text(1)) &&
        ((c.at += 2), true);
      if (!side && c.is("back", "bottom", "underside", "reverse", "top") && c.text(1) === "of") c.at += 2;
      if (side && (c.done || c.is(",", ".", "(", "[", ";", ")"))) return along ? undefined : true;
      if (side && !c.take("of", "on")) return undefined;
      if (!side && !along) return undefined;
      while (c.is("the", "joining", "bridging", "connecting", "same", "bridge")) c.at++;
      if (c.kind() === "number" && /^(ch|chs|chain|chains)$/.test(c.text(1))) c.at++;
      const noun = c.take("ch", "chs", "chain", "chains") || c.tokens[c.at - 1]?.text === "bridge";
      if (noun && c.kind() === "number" && (c.kind(1) === "mark" || c.kind(1) === "end")) c.at++;
      return noun && !c.is("from") ? true : undefined;
    }) ?? false
  );
}
