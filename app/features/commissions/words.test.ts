import { describe, expect, it } from "vitest";
import { homeText } from "./words";

describe("what is at home for a commission", () => {
  it.each([
    [0, 0, "None of it is at home: it has to be made."],
    [1, 1, "At home there is 1, and it is free."],
    [1, 0, "At home there is 1, promised to somebody else."],
    [6, 6, "At home there are 6, all free."],
    [6, 2, "At home there are 6, 2 of them free."],
    [6, 0, "At home there are 6, promised to somebody else."],
    [-3, 0, "The book has -3 at home: more went out than came in. Count them on the Shelf page."],
  ])("%i there, %i free", (home, free, text) => expect(homeText(home, free)).toBe(text));
});
