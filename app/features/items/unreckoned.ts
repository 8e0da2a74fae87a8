import type { Unreckoned } from "../../server/reckoner";

/** Said of an item that could not be reckoned: what it is, and how to mend it. */
export function unreckonedText(why: Unreckoned): string {
  switch (why) {
    case "time":
      return "Its text takes longer than five seconds to reckon. Mostly a number got in that does not belong, or a page was pasted twice: shorten it.";
    case "memory":
    case "size":
      return "Its text comes to more rounds and parts than can be drawn. Look for a range that runs too far, such as “Rnds 2–10000”.";
    case "threw":
      return "Something in its text is more than Lapka can read. Take out what is no pattern.";
    case "ended":
      return "Reckoning its text ended the program, and ended it again when tried apart, so it is left alone until it is changed or you try it once more.";
  }
}
