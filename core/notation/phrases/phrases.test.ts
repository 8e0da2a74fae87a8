import { describe, expect, it } from "vitest";
import { Cursor } from "../cursor";
import { regular } from "../text";
import { tokenize } from "../tokens";
import { PHRASES, readingsAt } from ".";
import { printPiece } from "../../../tests/pieces";

const cursor = (text: string) => {
  const plain = regular(text);
  return new Cursor(tokenize(plain, 0, plain.length), text);
};
const CONTEXT = { terms: "us" as const, blocks: new Map() };
const EXAMPLES = PHRASES.flatMap((p) => p.examples.map(([text, told]) => [p.name, text, told, p] as const));

describe("phrases", () => {
  it("have names of their own, and most of them examples", () => {
    expect(new Set(PHRASES.map((p) => p.name)).size).toBe(PHRASES.length);
    expect(PHRASES.filter((p) => p.examples.length > 0).length).toBeGreaterThan(PHRASES.length / 2);
  });
  it.each(EXAMPLES)("%s: “%s” is %s", (_name, text, told, phrase) => {
    const c = cursor(text);
    const readings = phrase.read(c, CONTEXT).filter((r) => r.to === c.tokens.length);
    expect(readings.map((r) => printPiece(r.piece))).toContain(told);
  });
  it.each(EXAMPLES)("%s: “%s” is found among all phrases", (_name, text, told) => {
    const c = cursor(text);
    const all = readingsAt(c, CONTEXT);
    expect(c.at).toBe(0);
    expect(all.filter((r) => r.to === c.tokens.length).map((r) => printPiece(r.piece))).toContain(told);
  });
});
