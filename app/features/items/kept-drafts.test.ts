import { beforeEach, describe, expect, it } from "vitest";
import { forget, keep, otherDraft, ownDraft, windowName } from "./kept-drafts";

class Memory implements Storage {
  private readonly map = new Map<string, string>();
  [name: string]: unknown;
  get length() {
    return this.map.size;
  }
  key = (i: number) => [...this.map.keys()][i] ?? null;
  getItem = (k: string) => this.map.get(k) ?? null;
  setItem = (k: string, v: string) => void this.map.set(k, v);
  removeItem = (k: string) => void this.map.delete(k);
  clear = () => this.map.clear();
}
const DAY = 24 * 3600 * 1000;
let store: Memory;
beforeEach(() => {
  store = new Memory();
});

describe("kept drafts", () => {
  it("gives a window its own text back and keeps it from another", () => {
    keep(store, "puffin", "a", { typed: "one", revision: 3, at: 10 });
    keep(store, "puffin", "b", { typed: "two", revision: 3, at: 20 });
    expect(ownDraft(store, "puffin", "a")?.typed).toBe("one");
    expect(otherDraft(store, "puffin", "a", 30)).toMatchObject({ typed: "two", window: "b" });
    expect(otherDraft(store, "buoy", "a", 30)).toBeUndefined();
  });
  it("offers the newest of several", () => {
    for (const [w, at] of [
      ["b", 5],
      ["c", 9],
      ["d", 7],
    ] as const)
      keep(store, "puffin", w, { typed: w, revision: 1, at });
    expect(otherDraft(store, "puffin", "a", 10)?.window).toBe("c");
  });
  it("forgets what was saved and what is older than a month", () => {
    keep(store, "puffin", "a", { typed: "x", revision: 1, at: 0 });
    forget(store, "puffin", "a");
    keep(store, "puffin", "b", { typed: "old", revision: 1, at: 0 });
    expect(ownDraft(store, "puffin", "a")).toBeUndefined();
    expect(otherDraft(store, "puffin", "a", 40 * DAY)).toBeUndefined();
    expect(store.length).toBe(0);
  });
  it("survives a damaged entry", () => {
    store.setItem("lapka-item-puffin-a", "{");
    expect(ownDraft(store, "puffin", "a")).toBeUndefined();
  });
  it("names a window once", () => {
    expect(windowName(store, () => "first")).toBe("first");
    expect(windowName(store, () => "second")).toBe("first");
  });
});
