import { describe, expect, it } from "vitest";
import { checkPattern } from "../../core/notation";
import { ASHORE } from "./ashore";
import { BREAKWATER } from "./breakwater";
import { CROSSING } from "./crossing";
import { DRIFTWOOD } from "./driftwood";
import { ESTUARY } from "./estuary";
import { FORESHORE } from "./foreshore";
import { GROYNE } from "./groyne";
import { HARBOUR } from "./harbour";
import { INLET } from "./inlet";
import { JETTY } from "./jetty";
import { KELP } from "./kelp";
import { LAGOON } from "./lagoon";
import { MUDFLAT } from "./mudflat";
import { NARROWS } from "./narrows";

/** What was put down and read once, and is right by now, stays right. */
describe.each([
  ["ashore", ASHORE],
  ["breakwater", BREAKWATER],
  ["crossing", CROSSING],
  ["driftwood", DRIFTWOOD],
  ["estuary", ESTUARY],
  ["foreshore", FORESHORE],
  ["groyne", GROYNE],
  ["harbour", HARBOUR],
  ["inlet", INLET],
  ["jetty", JETTY],
  ["kelp", KELP],
  ["lagoon", LAGOON],
  ["mudflat", MUDFLAT],
  ["narrows", NARROWS],
] as const)("whole patterns, %s", (_, patterns) => {
  it.each(patterns.map((p) => [p.name, p] as const))("%s", (_name, { text, parts, slip }) => {
    const read = checkPattern(text);
    const told = read.problems.filter((p) => p.severity === "error").map((p) => p.line);
    expect(told).toEqual(slip === undefined ? [] : [slip]);
    const counts = read.parts.map((p) => {
      const many = p.make > 1 ? [`x${p.make}`] : [];
      return [...many, ...p.rounds.map((r) => r.count)].join(" ");
    });
    expect(counts).toEqual(parts);
  });
});
