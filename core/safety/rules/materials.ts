import { COMMON, isToy, type Rule } from "../facts";

const known = (fibre: string): boolean =>
  fibre.trim() !== "" && !/\b(?:unknown|mixed|scrap|\?)\b/i.test(fibre);

/** Fibre is named, for those who cannot wear it; what is unknown is said to be. */
export const fibre: Rule = (f) => {
  if (f.yarns.length === 0) return undefined;
  const unknown = f.yarns.filter((y) => !known(y.fibre));
  const wool = f.yarns.filter((y) => /\b(?:wool|mohair|alpaca|angora|merino|cashmere)\b/i.test(y.fibre));
  return {
    rule: "fibre",
    title: "Fibre",
    state: unknown.length > 0 ? (isToy(f.use) ? "change" : "ask") : "fine",
    because:
      unknown.length > 0
        ? `${unknown.map((y) => y.name).join(", ")}: fibre, wash and colour fastness are not known.`
        : `All fibres are known${wool.length > 0 ? `; ${[...new Set(wool.map((y) => y.fibre))].join(", ")} can itch or set off an allergy, so the tag names it` : ", and the tag names them"}.`,
    ...(unknown.length > 0
      ? {
          instead:
            "Use yarn with a band for what is sold; keep unknown scraps for filling trials and your own house.",
        }
      : {}),
    source: COMMON,
  };
};
export const washing: Rule = (f) => {
  const wool = f.yarns.some(
    (y) => /\b(?:wool|alpaca|mohair|angora|cashmere)\b/i.test(y.fibre) && !/superwash/i.test(y.fibre),
  );
  const hard = f.notions.some((n) => /^(?:bell|bead|ring|jump-ring|hook|pin)$/.test(n.kind) && n.count > 0);
  return {
    rule: "washing",
    title: "Washing",
    state: isToy(f.use) && (wool || hard) ? "ask" : "fine",
    because: wool
      ? "Wool felts in the machine: the tag says wash by hand, cold."
      : hard
        ? "Metal and beads do not go in the machine: the tag says wipe or wash by hand."
        : "Washes by hand as its yarns do.",
    ...(isToy(f.use)
      ? {
          instead:
            "What a small child has is washed often: cotton or acrylic that bears 30 °C, and try one piece first.",
        }
      : {}),
    source: COMMON,
  };
};
export const scent: Rule = (f) => {
  const word = /\b(?:lavender|scent(?:ed)?|essential oils?|catnip)\b/i.exec(f.text)?.[0];
  if (!word) return undefined;
  return {
    rule: "scent",
    title: "Scent",
    state: isToy(f.use) ? "change" : "ask",
    because: `“${word.toLowerCase()}”: scents set off allergies, and some oils are poison to cats.`,
    instead: "Leave it out, or name it on the tag and sell it to grown-ups only.",
    source: COMMON,
  };
};
export const pets: Rule = (f) =>
  f.use === "pet"
    ? {
        rule: "pets",
        title: "For a pet",
        state: "ask",
        because: "A dog takes a crocheted piece apart; swallowed yarn ties the gut of a cat.",
        instead:
          "No glue, bells, beads, eyes or long ends; a size that cannot be swallowed; “only while somebody watches” on the tag.",
        source: COMMON,
      }
    : undefined;
