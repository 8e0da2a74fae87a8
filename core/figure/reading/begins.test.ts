import { describe, expect, it } from "vitest";
import { BEGINS } from "../../../tests/assembly/begins";
import { beginsAt } from "./begins";
import { sentencesOf } from "./normal";

describe("the end that a part is begun at", () => {
  it.each(BEGINS)("%s → %s", (says, end) => {
    const read = sentencesOf(says, 1).flatMap((s) => beginsAt(s.text) ?? []);
    expect(read.at(-1)).toBe(end);
  });
});
