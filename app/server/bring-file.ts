/** Where a workshop's file is sent to, and the largest that is taken. */
export const BRING_PATH = "/workshop/bring";
export const MOST_ZIP = 64_000_000;
/** The phrase of a sealed file, percent-encoded. */
export const PHRASE_HEADER = "x-phrase";
export const NEEDS_PHRASE = "This file is sealed. Type its phrase.";
