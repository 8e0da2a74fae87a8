import type { PrinterState } from "./printer.server";

/** How the printer stands: a word, and what to do about it. */
export const STATE_WORDS: Readonly<
  Record<
    PrinterState["word"],
    { readonly badge: string; readonly tone: "good" | "warn" | "bad"; readonly say: string }
  >
> = {
  ready: { badge: "ready", tone: "good", say: "It takes what is sent to it at once." },
  printing: { badge: "printing", tone: "good", say: "A label is coming out." },
  paper: {
    badge: "no labels",
    tone: "warn",
    say: "The roll is used up. Lay in a new one: it goes on by itself, with the label that is next.",
  },
  jam: {
    badge: "jammed",
    tone: "bad",
    say: "A label is caught. Switch it off, open it, draw the strip out in the direction it runs, and close it.",
  },
  away: {
    badge: "does not answer",
    tone: "bad",
    say: "It is switched off, or its cable is out. What waits is kept, and printed once it is back.",
  },
};
