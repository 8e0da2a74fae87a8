import { fitsCylinder } from "../cylinder";
import { COMMON, isToy, LOOK_UP, type Check, type Rule, type SafetyFacts } from "../facts";

const SOURCE = `Small parts cylinder, 31.7 mm wide: 16 CFR 1501.4, EN 71-1. ${LOOK_UP}`;
const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

/** The whole piece against the cylinder. */
export const wholePiece: Rule = (f) => {
  const fits = fitsCylinder(f.whole);
  const size = f.whole.map((x) => Math.round(x)).join(" × ");
  return {
    rule: "whole-piece",
    title: "The whole piece",
    state: !fits ? "fine" : f.use === "toy-under-3" || f.use === "pet" ? "change" : "ask",
    because: fits
      ? `At ${size} mm it could lie wholly in the small parts cylinder: a child under three can choke on it.`
      : `At ${size} mm it does not fit into the small parts cylinder.`,
    ...(fits
      ? {
          instead:
            "Make it larger (thicker yarn and hook), or sell it as a decoration out of reach of small children.",
        }
      : {}),
    source: SOURCE,
  };
};

/** Each sewn part, as if it were torn off. */
export const tornOff: Rule = (f) => {
  const small = f.parts.filter((p) => p.sewn && fitsCylinder(p.size));
  if (f.parts.every((p) => !p.sewn)) return undefined;
  return {
    rule: "torn-off",
    title: "Parts that are sewn on",
    state: small.length === 0 ? "fine" : f.use === "decoration" || f.use === "over-14" ? "fine" : "ask",
    because:
      small.length === 0
        ? "No sewn part fits into the small parts cylinder."
        : `Torn off, ${small.map((p) => (p.make > 1 ? `${p.name} (${p.make})` : p.name)).join(", ")} would fit into the small parts cylinder.`,
    ...(small.length > 0
      ? {
          instead:
            "Sew through both edges all around and do the pull test; where the pattern allows it, work the part in instead of sewing it on.",
        }
      : {}),
    source: SOURCE,
  };
};

const HARD = new Set(["eye", "nose", "bead", "bell", "washer"]);
const EYE_SECONDS = 95;

/** Eyes, noses, beads and bells. */
export const hardParts: Rule = (f) => {
  const hard = f.notions.filter((n) => HARD.has(n.kind) && n.kind !== "washer" && n.count > 0);
  const pressed = Math.max(
    f.pressedEyes,
    hard.filter((n) => n.kind === "eye" || n.kind === "nose").reduce((s, n) => s + n.count, 0),
  );
  const others = hard.filter((n) => n.kind === "bead" || n.kind === "bell");
  if (pressed === 0 && others.length === 0)
    return {
      rule: "hard-parts",
      title: "Eyes, beads and bells",
      state: "fine",
      because: "No eye, bead or bell is put on.",
      source: COMMON,
    };
  const what = [
    ...(pressed > 0 ? [count(pressed, "pressed-on eye or nose", "pressed-on eyes and noses")] : []),
    ...others.map((n) => `${n.count} × ${n.name}`),
  ].join(", ");
  return {
    rule: "hard-parts",
    title: "Eyes, beads and bells",
    state: f.use === "toy-under-3" || f.use === "pet" ? "change" : f.use === "toy-3" ? "ask" : "fine",
    because: `${what}. What is called a safety eye is not by that safe for a child under three; all of them come off when they are chewed or pulled hard enough.`,
    instead: embroidered(pressed),
    source: `Usual choice for under threes: embroidered features. ${COMMON}`,
  };
};
const embroidered = (eyes: number): string => {
  const n = Math.max(1, eyes);
  return `Embroider them: ${count(n, "bar eye takes", "bar eyes take")} about ${Math.round((n * EYE_SECONDS) / 60 || 1)} min and ${(n * 0.25).toFixed(1)} m of yarn (four passes each; common practice, no source).`;
};

/** Rings, hooks and pins. */
export const metalware: Rule = (f): Check | undefined => {
  const metal = f.notions.filter((n) => /^(?:ring|jump-ring|hook|pin)$/.test(n.kind) && n.count > 0);
  if (metal.length === 0) return undefined;
  return {
    rule: "metalware",
    title: "Rings, hooks and pins",
    state: isToy(f.use) || f.use === "pet" ? "change" : "fine",
    because: `${metal.map((n) => n.name).join(", ")}: a small part that opens, and metal on skin.`,
    instead:
      "For a child or a pet leave it off; for grown-ups say that it is a keyring or an ornament, and ask the supplier for nickel release and lead.",
    source: `Metal in contact with the skin is limited in many countries (nickel, lead). ${LOOK_UP}`,
  };
};

/** Pompoms, fringes, loops of fluff. */
export const fluff: Rule = (f: SafetyFacts) => {
  const word = /\b(?:pompoms?|pom[- ]poms?|fringes?|fluff|tassels?|faux fur|feathers?)\b/i.exec(f.text)?.[0];
  if (!word) return undefined;
  return {
    rule: "fluff",
    title: "Pompoms and fluff",
    state: f.use === "toy-under-3" || f.use === "pet" ? "change" : isToy(f.use) ? "ask" : "fine",
    because: `The pattern has “${word.toLowerCase()}”: strands come loose, are swallowed, and wind around small fingers.`,
    instead: "Crochet the tuft as a part of its own, or leave it away.",
    source: COMMON,
  };
};
