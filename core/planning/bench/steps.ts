import { withAssembly, type Stage } from "../../estimate";
import type { FabricPart } from "../../fabric";
import {
  LEAST_EYE_OPENING,
  layoutOf,
  printRound,
  type CheckedPart,
  type CheckedPattern,
  type CheckedRound,
  type HouseStyle,
} from "../../notation";
import { orderOfWork, type Precedence, type StepKind, type WorkStep } from "../order";
import { repeatsOf, type Repeats } from "./repeats";

/** One thing to do at the table, and then to be done with. */
export interface BenchStep {
  /** Its own among the steps of one piece. */
  readonly id: string;
  readonly kind: StepKind;
  readonly stage: Stage;
  /** Empty for what is done to the whole piece. */
  readonly part: string;
  /** Index of the part in the pattern; undefined for what is done to the whole piece. */
  readonly partIndex?: number | undefined;
  /** Which of the part's copies, from 1. */
  readonly copy: number;
  readonly copies: number;
  /** "Rnd 7", "Fill", "Close". */
  readonly title: string;
  /** The round in words, or what is to be done. */
  readonly text: string;
  /** Live stitches when it is done; undefined where nothing is counted. */
  readonly count: number | undefined;
  /** Stitches to be worked. */
  readonly stitches: number;
  /** What the round is counted by; undefined where it has no repeat, or several. */
  readonly repeats?: Repeats | undefined;
  /** Colours in the order in which they are worked, with how many stitches of each. */
  readonly colours: readonly { readonly slot: string; readonly stitches: number }[];
  /** What the next round begins with where it is another colour: its last pull is this one's. */
  readonly then?: { readonly slot: string; readonly stitches: number } | undefined;
  /** Lines of advice for this moment; see `helps`. */
  readonly helps: readonly Help[];
  /** Where it goes, in the words of the pattern; undefined where it does not say, or a round is worked. */
  readonly where?: string | undefined;
  /** Ids of the steps of the same piece that have to be behind it; missing in what a device kept from before. */
  readonly needs?: readonly string[] | undefined;
  /** What is expected of a step that is no round, ms; see `withUsual`. */
  readonly usualMs?: number;
}

/** What helps at the table, told at the step it belongs to. */
export type Help =
  | "small-ring"
  | "work-over-tail"
  | "next-colour"
  | "filling-next"
  | "eyes-level"
  | "washer-final"
  | "inside-first"
  | "last-chance"
  | "front-loops"
  | "not-at-knot"
  | "pin-first"
  | "three-ways"
  | "pull-test"
  | "hanger-last";

const STAGE: Readonly<Record<StepKind, Stage>> = {
  work: "crochet",
  join: "crochet",
  face: "face",
  fill: "filling",
  close: "filling",
  sew: "sewing",
  finish: "ends",
};
const FINISH: ReadonlyMap<string, Stage> = new Map([
  ["ends", "ends"],
  ["inspect", "inspection"],
  ["hang", "hanger"],
]);

/**
 * Everything one piece asks for, in an order that keeps every precedence (`orderOfWork`): a step for each
 * round, each copy of a part by itself. Linear in rounds × copies.
 */
export function benchSteps(
  pattern: CheckedPattern,
  fabrics: readonly FabricPart[],
  style: HouseStyle,
  source: string,
): BenchStep[] {
  const parts = withAssembly(pattern);
  const { steps, edges } = orderOfWork(pattern, fabrics);
  const before = needsOf(steps, edges, parts);
  const out: BenchStep[] = [];
  for (let i = 0; i < steps.length;) {
    const block = blockFrom(steps, i);
    const [first] = block;
    const part = first?.of === undefined ? undefined : parts[first.of];
    const copies = part?.make ?? 1;
    for (let copy = 1; copy <= copies; copy++)
      for (const step of block) {
        const own = stepsOf(step, part, copy, copies, style, source, block);
        out.push(
          ...own.map((s, k) => ({ ...s, needs: k === 0 ? before(step, copy) : [own[k - 1]?.id ?? ""] })),
        );
      }
    i += block.length;
  }
  return out;
}

/** The last of a step's own steps at the table: a round, or the step itself. */
const lastId = (step: WorkStep, copy: number): string =>
  step.kind === "work" && step.rounds ? roundId(step, step.rounds.to - 1, copy) : `${step.id}.${copy}`;
const roundId = (step: WorkStep, at: number, copy: number): string => `r${at + 1}-${step.of ?? 0}.${copy}`;

/** What has to be behind a step: of its own part the same copy, of others all copies. */
function needsOf(
  steps: readonly WorkStep[],
  edges: readonly Precedence[],
  parts: readonly CheckedPart[],
): (step: WorkStep, copy: number) => string[] {
  const byId = new Map(steps.map((s) => [s.id, s]));
  return (step, copy) =>
    edges.flatMap((e) => {
      const before = e.after === step.id ? byId.get(e.before) : undefined;
      if (!before) return [];
      if (before.of !== undefined && before.of === step.of) return [lastId(before, copy)];
      const copies = before.of === undefined ? 1 : (parts[before.of]?.make ?? 1);
      return Array.from({ length: copies }, (_, k) => lastId(before, k + 1));
    });
}

/** Steps of one part that stand together: each copy goes through all of them before the next is begun. */
function blockFrom(steps: readonly WorkStep[], i: number): readonly WorkStep[] {
  const first = steps[i];
  if (!first) return [];
  let end = i + 1;
  if (first.of !== undefined && first.kind !== "sew")
    while (steps[end]?.of === first.of && steps[end]?.kind !== "sew") end++;
  return steps.slice(i, end);
}

function stepsOf(
  step: WorkStep,
  part: CheckedPart | undefined,
  copy: number,
  copies: number,
  style: HouseStyle,
  source: string,
  block: readonly WorkStep[],
): BenchStep[] {
  const of = { part: part?.name ?? "", partIndex: step.of, copy, copies };
  if (step.kind !== "work" || !part || !step.rounds) {
    const name = step.label.replace(/^[^:]*: /, "");
    const text = copies > 1 && part && step.kind === "sew" ? `Sew on: ${part.name}` : step.label;
    return [
      {
        ...of,
        id: `${step.id}.${copy}`,
        kind: step.kind,
        stage: FINISH.get(step.id) ?? STAGE[step.kind],
        title: TITLES.get(step.kind) ?? name,
        text,
        count: undefined,
        stitches: 0,
        colours: [],
        helps: helpsFor(step, part),
        where: step.kind === "face" && part ? faceSaid(part, source) : undefined,
      },
    ];
  }
  const { from, to } = step.rounds;
  return part.rounds.slice(from, to).map((round, k) => {
    const at = from + k;
    const { segments } = layoutOf(round);
    return {
      ...of,
      id: roundId(step, at, copy),
      kind: step.kind,
      stage: "crochet",
      title: `${part.worked === "rows" ? "Row" : style.label} ${round.number ?? at + 1}`,
      text: worded(round, part.rounds[at - 1], style) ?? typed(round, source),
      count: round.count,
      stitches: Math.max(0, ...[round.count ?? 0, segments.at(-1)?.to ?? 0]),
      repeats: repeatsOf(round),
      then: thenOf(round, part.rounds[at + 1]),
      colours: segments.map((s) => ({ slot: s.slot, stitches: s.to - s.from })),
      helps: helpsAt(part, round, at, step, block),
    };
  });
}

const TITLES: ReadonlyMap<StepKind, string> = new Map([
  ["face", "Face"],
  ["fill", "Fill"],
  ["close", "Close"],
  ["sew", "Sew on"],
]);

/** The round in words; a colour that is on the hook already is not changed to. */
function worded(
  round: CheckedRound,
  before: CheckedRound | undefined,
  style: HouseStyle,
): string | undefined {
  const words = printRound(round, style);
  const first = `change to ${layoutOf(round).segments[0]?.slot ?? ""}, `;
  const onHook = before && layoutOf(before).segments.at(-1)?.slot;
  return words?.startsWith(first) && first === `change to ${onHook ?? ""}, `
    ? words.slice(first.length)
    : words;
}

/** The colour that the next round begins with, where this one does not end in it. */
function thenOf(round: CheckedRound, next: CheckedRound | undefined): BenchStep["then"] {
  const begins = next && layoutOf(next).segments[0];
  const ends = layoutOf(round).segments.at(-1);
  if (!begins || !ends || begins.slot === ends.slot) return undefined;
  return { slot: begins.slot, stitches: begins.to - begins.from };
}

const OF_FACE = /\b(?:eyes?|nose|embroider|stitch|sew|back ?stitch|satin|mouth|cheeks?)/i;
/** What the pattern says of a face, sentence by sentence: between which rounds, how far apart. */
function faceSaid(part: CheckedPart, source: string): string | undefined {
  const lines = source.split("\n");
  const of = new Set(
    part.events.flatMap(({ event, line }) =>
      event.kind === "eyes" || event.kind === "embroider" ? [line] : [],
    ),
  );
  const said = [...of].flatMap((line) => {
    const whole = (lines[line - 1] ?? "").trim();
    const told = whole.split(/(?<=[.;!])\s+/).filter((s) => OF_FACE.test(s));
    return told.length > 0 ? told : [whole];
  });
  return said.length > 0 ? said.join(" ").slice(0, 300) : undefined;
}

/** A round that could not be read stands as she wrote it. */
const typed = (round: CheckedRound, source: string): string =>
  source.slice(round.from, round.to).replace(/\s+/g, " ").trim().slice(0, 300);

/** What helps in a round (craft §12; common practice, no source). */
function helpsAt(
  part: CheckedPart,
  round: CheckedRound,
  at: number,
  step: WorkStep,
  block: readonly WorkStep[],
): Help[] {
  const out: Help[] = [];
  const ring = round.nodes.some(
    (n) => (n.kind === "start" && n.start === "ring") || (n.kind === "work" && n.op.into === "ring"),
  );
  if (at === 0 && ring) out.push("small-ring", "work-over-tail");
  if (thenOf(round, part.rounds[at + 1])) out.push("next-colour");
  const last = at + 1 === step.rounds?.to;
  const fills = block[block.indexOf(step) + 1]?.kind;
  if (last && fills === "fill") out.push("filling-next");
  const closing = step.id.startsWith("rest-") && round.decreases > 0;
  if (closing && (round.count ?? LEAST_EYE_OPENING) < LEAST_EYE_OPENING) out.push("last-chance");
  if (closing) out.push("front-loops");
  return out;
}

/**
 * What helps at a step between and after the rounds; the last of each is a warning where there is no way
 * back.
 */
function helpsFor(step: WorkStep, part: CheckedPart | undefined): Help[] {
  switch (step.kind) {
    case "face":
      return part?.events.some((e) => e.event.kind === "eyes")
        ? ["eyes-level", "washer-final"]
        : ["eyes-level"];
    case "fill":
      return ["inside-first"];
    case "close":
      return ["last-chance", "not-at-knot"];
    case "sew":
      return ["pin-first"];
    case "finish":
      return step.id === "ends" ? ["three-ways"] : step.id === "inspect" ? ["pull-test"] : ["hanger-last"];
    case "work":
    case "join":
      return [];
  }
}
