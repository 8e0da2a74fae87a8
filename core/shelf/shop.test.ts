import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { heard, lacking, offered, pauseAfter, type KnownOrder } from "./shop";

describe("orders of a shop and the shelf", () => {
  it("serves who ordered first", () => {
    const short = lacking(new Map([["puffin", 3]]), [
      { orderId: "1", key: "puffin", quantity: 2 },
      { orderId: "2", key: "puffin", quantity: 2 },
      { orderId: "2", key: "seal", quantity: 1 },
      { orderId: "3", key: "puffin", quantity: 1 },
    ]);
    expect([...short.keys()]).toEqual(["2", "3"]);
    expect([...(short.get("2") ?? [])]).toEqual([
      ["puffin", 1],
      ["seal", 1],
    ]);
    expect(short.get("3")?.get("puffin")).toBe(1);
  });

  it("lacks in all exactly what is ordered beyond what is free", () => {
    const key = fc.constantFrom<string>("a", "b", "c");
    fc.assert(
      fc.property(
        fc.array(fc.tuple(key, fc.integer({ min: -2, max: 9 }))),
        fc.array(
          fc.record({
            orderId: fc.constantFrom("1", "2", "3"),
            key,
            quantity: fc.integer({ min: 1, max: 6 }),
          }),
        ),
        (there, lines) => {
          const free = new Map(there);
          const short = lacking(free, lines);
          for (const k of ["a", "b", "c"]) {
            const wanted = lines.filter((l) => l.key === k).reduce((s, l) => s + l.quantity, 0);
            const missing = [...short.values()].reduce((s, m) => s + (m.get(k) ?? 0), 0);
            expect(missing).toBe(Math.max(0, wanted - Math.max(0, free.get(k) ?? 0)));
          }
        },
      ),
    );
  });

  it("offers what is nobody's, and never less than none", () => {
    expect(offered({ there: 9, promised: 6, ordered: 1, keepBack: 1 })).toBe(1);
    expect(offered({ there: 2, promised: 6, ordered: 0, keepBack: 0 })).toBe(0);
  });
});

describe("words of a shop that come twice and in any order", () => {
  it("come to the same whatever their order and however often they come", () => {
    const words = [
      { seq: 1, state: "placed" as const },
      { seq: 2, state: "placed" as const },
      { seq: 3, state: "cancelled" as const },
    ];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...words), { maxLength: 12 }), (some) => {
        let known: KnownOrder | undefined;
        let cancelled = false;
        for (const w of [...some, ...words]) {
          const now = heard(known, w);
          if (now === "nothing new") continue;
          known = { seq: w.seq, state: now.state };
          ({ cancelled } = now);
        }
        expect(known).toEqual({ seq: 3, state: "off" });
        expect(cancelled).toBe(true);
      }),
    );
  });

  it("does not call off what is on its way", () => {
    expect(heard({ seq: 1, state: "sent" }, { seq: 2, state: "cancelled" })).toEqual({
      state: "sent",
      cancelled: true,
    });
    expect(heard({ seq: 4, state: "off" }, { seq: 4, state: "placed" })).toBe("nothing new");
  });

  it("are asked for more slowly while nobody answers", () => {
    expect([0, 1, 2, 5, 50].map(pauseAfter)).toEqual([20, 40, 80, 600, 600]);
  });
});
