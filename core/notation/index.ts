export {
  checkPattern,
  MAIN_SLOT,
  LEAST_EYE_OPENING,
  type CheckedPattern,
  type CheckedPart,
  type CheckedRound,
  type PartEvent,
  type Worked,
  type MemoryByTerms,
} from "./check";
export {
  lineKey,
  MAX_ANSWER_LENGTH,
  MAX_ANSWERS,
  stitchCalled,
  type AlsoCounted,
  type Answer,
} from "./answers";
export type { StitchWord } from "./vocabulary";
export { answersTo } from "./check/ask";
export type { NotionWord, PatternHead } from "./head";
export type { Uncounted } from "./count/checked";
export { RoundMemory } from "./document";
export {
  couldNotRead,
  problemText,
  type Problem,
  type ProblemDetail,
  type Fix,
  type Severity,
} from "./problems";
export {
  STITCH_NAMES,
  stitchWord,
  tallySize,
  addTally,
  UK_TO_US,
  type StitchName,
  type Tally,
  type Terms,
} from "./stitches";
export { MAX_MAKE, MAX_ROUNDS, MAX_TEXT } from "./limits";
export type { LineKind, LineReading } from "./document";
export type { Node, Operation, PatternEvent, Span, StartKind } from "./tree";
export type { SlotTally } from "./count";
export { operationsOf } from "./surroundings";
export { takenIn, type TakenIn } from "./taken-in";
export {
  meaningOf,
  wordKind,
  stitchChoices,
  nextRounds,
  fullName,
  type Meaning,
  type WordKind,
  type NextRound,
} from "./meaning";
export { printPattern, printRound, PLAIN_STYLE, type HouseStyle } from "./print";
export { shadeColour } from "./words/shades";
export { layoutOf, hangingOf, type RoundLayout } from "./layout";
export { linesOf, regular as regularText } from "./text";
