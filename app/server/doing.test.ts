import { describe, expect, it } from "vitest";
import { namesSaying, placeOf, whatText } from "../features/trail/words";
import { detailOf, doingOf } from "./doing";

const form = (fields: Readonly<Record<string, string>>) => {
  const out = new FormData();
  for (const [k, v] of Object.entries(fields)) out.append(k, v);
  return out;
};
const base = { accountId: null, who: "Marit", what: "item", subject: "", detail: {} };

describe("what an act leaves in the trail", () => {
  it("is its page and intent, its subject, and the short fields of its form", () => {
    expect(doingOf(base, form({ intent: "save", id: "01a2", quantity: "5", empty: " " }))).toEqual({
      ...base,
      what: "item:save",
      subject: "01a2",
      detail: { id: "01a2", quantity: "5" },
    });
    expect(doingOf({ ...base, subject: "of the address" }, form({ id: "x" })).subject).toBe("of the address");
  });
  it("is never a phrase, a code, a pattern, a picture or what a form carries for itself", () => {
    const secret = {
      phrase: "gannet velvet",
      now: "x",
      code: "a-b",
      pattern: "Rnd 1",
      photo: "data:",
      workshop: "1",
    };
    expect(detailOf(form({ ...secret, "key-of-form": "k", seen: "3", name: "Puffin" }))).toEqual({
      name: "Puffin",
    });
  });
  it("is short, and few fields of a long form", () => {
    const many = Object.fromEntries(Array.from({ length: 40 }, (_, i) => [`f${i}`, "x".repeat(500)]));
    const detail = detailOf(form(many));
    expect(Object.keys(detail)).toHaveLength(12);
    expect(detail.f0).toHaveLength(80);
  });
  it("names no intent that is none of ours", () => {
    expect(doingOf(base, form({ intent: "<script>" })).what).toBe("item");
  });
  it("is told in words, found by them, and leads to what it was about", () => {
    expect(whatText("run:start")).toBe("began a run");
    expect(whatText("item:something-new")).toBe("changed an item");
    expect(whatText("unheard-of:act")).toBe("unheard of act");
    expect(namesSaying("Deleted")).toContain("item:delete");
    expect(placeOf("run:start", "01a20aa7-05a8-74eb-831c-a40a9fcf0be3")).toBe(
      "/runs/01a20aa7-05a8-74eb-831c-a40a9fcf0be3",
    );
    expect(placeOf("run:start", "../../x")).toBeUndefined();
  });
});
