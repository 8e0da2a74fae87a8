import { STAGE_WORDS } from "../hand/words";
import { KIT_STAGE_WORDS } from "../kit/table";

const WORDS: ReadonlyMap<string, string> = new Map([
  ...Object.entries(STAGE_WORDS),
  ...Object.entries(KIT_STAGE_WORDS),
]);

/** A kind of work, of a piece or of a kit, as she reads it. */
export const stageWord = (stage: string): string => WORDS.get(stage) ?? stage;

/** Is a yarn taken up for it, so that which one is worth saying? */
export const takesYarn = (stage: string): boolean => stage === "crochet" || stage === "winding";
