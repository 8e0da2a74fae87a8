import { COMMON, isToy, LOOK_UP, type Rule, type SafetyFacts } from "../facts";

/** Words of the pattern that say "no": "no glue is needed". */
const said = (f: SafetyFacts, word: RegExp): string | undefined => {
  const m = word.exec(f.text);
  if (!m) return undefined;
  return /\b(?:no|not|without|never|instead of)\s+(?:\w+\s+)?$/i.test(f.text.slice(0, m.index))
    ? undefined
    : m[0].toLowerCase();
};

export const glue: Rule = (f) => {
  const word = said(f, /\b(?:hot )?glued?\b|\bglue gun\b|\badhesive\b/i);
  if (!word) return undefined;
  return {
    rule: "glue",
    title: "Glue",
    state: isToy(f.use) || f.use === "pet" ? "change" : "ask",
    because: `The pattern has “${word}”: glue lets go with time, washing and chewing.`,
    instead: "Sew it on. For yourself: hot glue burns, keep water near; air the room.",
    source: COMMON,
  };
};
export const colourOn: Rule = (f) => {
  const word = said(
    f,
    /\b(?:blush(?:er)?|chalk pastels?|pastels?|make-?up|powder colou?r|crayons?|fabric paint|marker pen)\b/i,
  );
  if (!word) return undefined;
  return {
    rule: "colour-on",
    title: "Colour put on",
    state: isToy(f.use) || f.use === "pet" ? "change" : "ask",
    because: `“${word}” rubs off and washes out, and is sucked off.`,
    instead: "Embroider the cheeks, or work them in a shade of yarn.",
    source: COMMON,
  };
};
/** Never, whatever the use. */
export const magnets: Rule = (f) => {
  const word = said(f, /\b(?:magnets?|button cells?|batter(?:y|ies)|LEDs?)\b/i);
  if (!word && !f.notions.some((n) => /magnet|battery|button cell/i.test(n.name))) return undefined;
  return {
    rule: "magnets",
    title: "Magnets and batteries",
    state: f.use === "decoration" || f.use === "over-14" ? "ask" : "change",
    because: `${word ?? "A magnet or battery"}: two magnets swallowed pull through the gut, a button cell burns through it within hours.`,
    instead:
      "Leave it out of everything that a child or a pet may have. A fridge magnet is kept out of their reach and says so.",
    source: `Strong magnets and button cells are limited in most countries. ${LOOK_UP}`,
  };
};
export const wire: Rule = (f) => {
  const word = said(f, /\b(?:wires?|pipe cleaners?|armature|toothpicks?|skewers?)\b/i);
  if (!word) return undefined;
  return {
    rule: "wire",
    title: "Wire inside",
    state: isToy(f.use) || f.use === "pet" ? "change" : "ask",
    because: `“${word}”: its end works its way through the fabric and stabs.`,
    instead: "Fill firmly, or hold the part with a few stitches.",
    source: COMMON,
  };
};
export const filling: Rule = (f) => {
  if (!f.filled) return undefined;
  const odd =
    f.filling !== undefined && /\b(?:rice|beans?|pellets?|lentils?|sand|beads?|glass)\b/i.test(f.filling);
  return {
    rule: "filling",
    title: "Filling",
    state:
      odd && f.use !== "decoration"
        ? "change"
        : f.filling === undefined
          ? "ask"
          : isToy(f.use)
            ? "ask"
            : "fine",
    because: odd
      ? `${f.filling}: loose grains run out of a gap and are choked on; food draws moths and mice.`
      : f.filling === undefined
        ? "No filling is chosen yet: what is inside has to be known."
        : `${f.filling}. White filling that shows between the stitches can be pulled out.`,
    ...(odd
      ? { instead: "Fill with clean polyester fibre." }
      : { instead: "Go one hook down where filling shows; say on the tag what is inside." }),
    source: `Filling of toys is to be new and clean. ${LOOK_UP}`,
  };
};
