import { mm } from "@core/units";
import { describe, expect, it } from "vitest";
import type { ItemDraft } from "@core/item";
import { asStored, sameSize, savedForm, typedOf, withSize, type Typed } from "./typed";

const EN = { locale: "en-IE", system: "metric", currency: "EUR" } as const;
const typed: Typed = {
  name: "Buoy",
  kind: "ornament",
  pattern: "Buoy\nRnd 1: 6 sc in MR (6)",
  firmness: "medium",
  hanger: true,
  slots: [
    { slot: "white", yarnId: "w", hook: "3", strands: 1 },
    { slot: "red", yarnId: "r", hook: "2.75", strands: 1 },
  ],
  notions: [
    { notionId: "ring", quantity: "1" },
    { notionId: "eyes", quantity: "2" },
  ],
  price: "9",
  channelId: null,
  passes: "100",
  secondBrings: "0",
  answers: [],
};
const named = ["white", "red"];

describe("is there anything to save", () => {
  it("not for what was chosen in another order", () => {
    const turned = { ...typed, slots: [...typed.slots].reverse(), notions: [...typed.notions].reverse() };
    expect(savedForm(turned, named)).toBe(savedForm(typed, named));
  });
  it("not for a choice of a colour that the pattern no longer has, or that has no yarn", () => {
    const more = [
      ...typed.slots,
      { slot: "gone", yarnId: "r", hook: "3", strands: 1 },
      { slot: "red", yarnId: "", hook: "3", strands: 1 },
    ];
    expect(savedForm({ ...typed, slots: more }, named)).toBe(savedForm(typed, named));
  });
  it("not for a number written otherwise", () => {
    const other = {
      ...typed,
      price: "9.00",
      passes: "100 %",
      slots: typed.slots.map((s) => ({ ...s, hook: `${s.hook}${s.hook.includes(".") ? "0" : ".0"}` })),
    };
    expect(savedForm(asStored(other, EN), named)).toBe(savedForm(asStored(typed, EN), named));
    const comma = { ...typed, slots: typed.slots.map((s) => ({ ...s, hook: s.hook.replace(".", ",") })) };
    const de = { ...EN, locale: "de-DE" };
    expect(savedForm(asStored(comma, de), named)).toBe(savedForm(asStored(typed, de), named));
  });
  it("yes for a number that cannot be read, another yarn, another word", () => {
    const changes: Partial<Typed>[] = [
      { price: "nine" },
      { pattern: `${typed.pattern} ` },
      { slots: typed.slots.map((s) => ({ ...s, yarnId: "w" })) },
      { notions: typed.notions.slice(1) },
    ];
    for (const c of changes)
      expect(savedForm(asStored({ ...typed, ...c }, EN), named)).not.toBe(
        savedForm(asStored(typed, EN), named),
      );
  });
  it("not after it was saved and came back", () => {
    const draft = {
      pattern: typed.pattern,
      firmness: typed.firmness,
      hanger: true,
      slots: [
        { slot: "red", yarnId: "r", hookMm: mm(2.75), strands: 1 },
        { slot: "white", yarnId: "w", hookMm: mm(3), strands: 1 },
      ],
      notions: [
        { notionId: "eyes", quantity: 2 },
        { notionId: "ring", quantity: 1 },
      ],
    };
    const { name, kind, channelId } = typed;
    const back = typedOf({
      name,
      kind,
      channelId,
      price: "9.00",
      passes: "100",
      secondBrings: "0.00",
      draft,
    });
    const keys = (t: Typed) => JSON.stringify(Object.entries(t).sort());
    expect(keys(JSON.parse(savedForm(asStored(back, EN), named)) as Typed)).toBe(
      keys(JSON.parse(savedForm(asStored(typed, EN), named)) as Typed),
    );
  });
});

describe("another size taken over", () => {
  const size: ItemDraft = {
    pattern: "Buoy, longer",
    firmness: "medium",
    hanger: true,
    slots: [{ slot: "red", yarnId: "rust", hookMm: mm(4.25), strands: 1 }],
    notions: [
      { notionId: "ring", quantity: 1 },
      { notionId: "eyes-8", quantity: 0 },
    ],
  };
  it("changes words, yarns and notions, and leaves what is typed besides", () => {
    const taken = withSize(
      {
        ...typed,
        notions: [
          { notionId: "ring", quantity: "1" },
          { notionId: "eyes", quantity: "two" },
        ],
      },
      size,
    );
    expect(taken).toMatchObject({ name: "Buoy", price: "9", pattern: "Buoy, longer" });
    expect(taken.slots).toEqual([
      { slot: "white", yarnId: "w", hook: "3", strands: 1 },
      { slot: "red", yarnId: "rust", hook: "4.25", strands: 1 },
    ]);
    expect(taken.notions).toEqual([
      { notionId: "ring", quantity: "1" },
      { notionId: "eyes-8", quantity: "two" },
    ]);
  });
  it("is known again in another order, and not after another word", () => {
    expect(sameSize(size, { ...size, notions: [...size.notions].reverse() })).toBe(true);
    expect(sameSize(size, { ...size, pattern: "Buoy, longer still" })).toBe(false);
  });
});
