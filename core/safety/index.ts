import type { Check, Rule, SafetyFacts, State, Use } from "./facts";
import { cords } from "./rules/cords";
import { colourOn, filling, glue, magnets, wire } from "./rules/making";
import { fibre, pets, scent, washing } from "./rules/materials";
import { fluff, hardParts, metalware, tornOff, wholePiece } from "./rules/small-parts";

export { USES, type Check, type SafetyFacts, type State, type Use } from "./facts";
export { CYLINDER, fitsCylinder } from "./cylinder";
export { ageNote, cautionsOf, careOf, type Care } from "./tag";
export { BY_COUNTRY } from "./countries";

const RULES: readonly Rule[] = [
  wholePiece,
  tornOff,
  hardParts,
  metalware,
  fluff,
  cords,
  magnets,
  glue,
  wire,
  colourOn,
  filling,
  fibre,
  washing,
  scent,
  pets,
];
const RANK: Readonly<Record<State, number>> = { change: 0, ask: 1, fine: 2 };

/**
 * Every rule that has something to say, the gravest first. It informs; it never says that a thing is safe.
 */
export const checksOf = (facts: SafetyFacts): Check[] =>
  RULES.flatMap((rule) => rule(facts) ?? []).sort((a, b) => RANK[a.state] - RANK[b.state]);

/** The uses in words, as they stand on screen and tag. */
export const USE_WORDS: Readonly<Record<Use, string>> = {
  decoration: "Decoration",
  "over-14": "For 14 years and over",
  "toy-3": "Toy, 3 years and over",
  "toy-under-3": "Toy for under 3",
  pet: "For a pet",
};
