import type { Said } from "../said";

/** Where the last round looks, by the place a part is begun at. */
const PLACES: readonly (readonly [words: string, end: NonNullable<Said["opening"]>])[] = [
  ["nose|snout|beak|bill|mouth|muzzle|face|front", "back"],
  ["tail|rear|rump|back", "front"],
  ["bottom|base|foot|feet|toes?|hem|soles?|underside", "up"],
  ["top|crown|tip|point|peak", "down"],
];
const PLACE = PLACES.map(([words]) => `(${words})`).join("|");
const TO_IT = `(?:the |its |their )?(?:(?!(?:side|edge)\\b)\\w+ )?(?:(?:tip|top|end|point) of (?:the )?)?(?:${PLACE})\\b`;

/** "Bottom up", "from the neck down": which way it grows is said outright. */
const GROWS = /\b(?:bottom|base|ground|feet|foot|toes?|hem|neck|tip|top|crown|head|hat|ears?)[ -](up|down)\b/;
const BEGUN = new RegExp(
  `\\b(?:start|begin)(?:s|ning|ing|ting)? (?:(?!with\\b)[\\w,]+ ){0,4}?(?:at|from) ${TO_IT}`,
);
const WORKED = new RegExp(
  `\\b(?:work|works|worked|working|made|make|crochet|crocheted|goes)\\b[^.]{0,40}?\\bfrom ${TO_IT}`,
);
/** A heading alone: "Cone body, white, from the tip". */
const HEADED = new RegExp(`^[\\w, ]{3,40}?\\bfrom ${TO_IT}`);
const CLOSED = /\b(?:flatten|close|fold|press) (?:\w+ ){0,3}(top|bottom)\b.*\b(?:closed|shut|together)\b/;
/** Work of other kinds that begins somewhere, too. */
const OTHERWISE =
  /\b(?:stuff|fill|sew|stitch|embroider|place|attach|pin|glue|cut|leave|weave|pull|thread|measure|count|insert|size|tall|long|wide)\w*\b/;

/** Where the last round of what a normal sentence is about looks; undefined where it tells nothing of it. */
export function beginsAt(sentence: string): Said["opening"] {
  const closed = CLOSED.exec(sentence)?.[1];
  if (closed) return closed === "top" ? "up" : "down";
  const m =
    GROWS.exec(sentence) ??
    BEGUN.exec(sentence) ??
    WORKED.exec(sentence) ??
    (/\d/.test(sentence) ? null : HEADED.exec(sentence));
  // "Start at the nose and stuff as you go": what is done besides stands behind.
  if (!m || OTHERWISE.test(sentence.slice(0, m.index + m[0].length))) return undefined;
  if (m[1] === "up" || m[1] === "down") return m[1];
  return PLACES[m.slice(1).findIndex((g) => g !== undefined)]?.[1];
}
