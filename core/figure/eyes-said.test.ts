import { describe, expect, it } from "vitest";
import { withEyes } from "./eyes-said";

describe("eyes of another size", () => {
  it("are asked for where the text says theirs", () => {
    expect(withEyes("Hook 6 mm\nSew 6 mm safety eyes on, 16 mm apart.\nNose: 6mm", 6, 8)).toBe(
      "Hook 6 mm\nSew 8 mm safety eyes on, 16 mm apart.\nNose: 8mm",
    );
    expect(withEyes("two eyes (4.5 mm), a 14.5 mm nose", 4.5, 6)).toBe("two eyes (6 mm), a 14.5 mm nose");
  });
  it("and a distance that is as long stays", () => {
    const line = "Put the 6 mm eyes in, 6 mm apart; the nose goes 6 mm below them.";
    expect(withEyes(line, 6, 9)).toBe("Put the 9 mm eyes in, 6 mm apart; the nose goes 6 mm below them.");
  });
});
