export { checkPattern, type MemoryByTerms } from "./check/pattern";
export {
  LEAST_EYE_OPENING,
  MAIN_SLOT,
  type CheckedPart,
  type CheckedPattern,
  type CheckedRound,
  type PartEvent,
  type Worked,
} from "./count/checked";
