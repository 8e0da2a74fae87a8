import { micrometres } from "@core/units";
import { describe, expect, it } from "vitest";
import type { Revision } from "@db/queries/items";
import { choiceChanges, figureChanges } from "./revision-changes";
import type { ItemAnalysis, YarnView } from "@core/item";

const revision = (more: Partial<Revision>): Revision => ({
  id: "r",
  itemId: "i",
  number: 1,
  createdAt: new Date(0),
  pattern: "",
  firmness: "medium",
  hanger: true,
  note: "",
  slots: [{ slot: "main", yarnId: "y", hookUm: micrometres(3000), strands: 1 }],
  notions: [],
  answers: [],
  ...more,
});
const yarns = [
  { id: "y", name: "DK cotton", shade: "slate" },
  { id: "z", name: "DK cotton", shade: "rust" },
] as unknown as readonly YarnView[];
const ring = [{ id: "n", name: "Key ring" }] as never;

describe("what two revisions differ in", () => {
  it("nothing, where all was chosen alike", () => {
    expect(choiceChanges(revision({}), revision({ number: 2 }), yarns, [])).toEqual([]);
  });
  it("yarn and hook, filling, and how many of a notion, in words", () => {
    const after = revision({
      firmness: "firm",
      slots: [{ slot: "main", yarnId: "z", hookUm: micrometres(3500), strands: 2 }],
      notions: [{ notionId: "n", quantity: 1 }],
    });
    expect(choiceChanges(revision({}), after, yarns, ring)).toEqual([
      {
        label: "Colour main",
        before: "DK cotton, slate, 3 mm hook",
        after: "DK cotton, rust, 3.5 mm hook, 2 strands",
      },
      { label: "Filled", before: "medium", after: "firm" },
      { label: "Key ring", before: "0", after: "1" },
    ]);
  });
  it("a yarn that is there no more is said to be gone", () => {
    const gone = revision({ slots: [{ slot: "main", yarnId: "x", hookUm: micrometres(3000), strands: 1 }] });
    expect(choiceChanges(gone, revision({}), yarns, [])[0]?.before).toBe("a yarn that is gone, 3 mm hook");
  });
  it("a revision that could not be reckoned has no figures", () => {
    expect(figureChanges(undefined, undefined)).toEqual([]);
    const some = {
      piece: {
        parts: [],
        yarn: [{ slot: "main", grams: { value: 4 } }],
        filling: { value: 0 },
        seconds: { value: 60 },
      },
      cost: { total: 100 },
    } as unknown as ItemAnalysis;
    expect(figureChanges(undefined, some).map((f) => [f.label, f.before, f.after])).toEqual([
      ["Yarn, main", undefined, 4],
      ["Time", undefined, 60],
      ["Cost", undefined, 100],
    ]);
  });
});
