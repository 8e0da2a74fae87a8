/** The phrase of a sealed file, percent-encoded. */
export const PHRASE_HEADER = "x-phrase";
export const NEEDS_PHRASE = "This file is sealed. Type its phrase.";
