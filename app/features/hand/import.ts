import { STAGES, type Stage } from "@core/estimate";
import { parseDuration, parseNumber, quantityProblemText, type Reading } from "@core/units";
import {
  fold,
  guessColumns,
  localeOf,
  pastDay,
  readEach,
  type ColumnMapping,
  type ImportProblem,
  type Table,
} from "../import/table";
import { STAGE_WORDS } from "./words";

/** What a column of a file of timings can hold. */
export const TIMING_FIELDS = {
  day: "Day",
  item: "Item",
  part: "Part",
  stage: "Stage",
  pieces: "Pieces",
  minutes: "Minutes",
  seconds: "Seconds",
  hand: "Whose hands",
  note: "Note",
} as const;
export type TimingField = keyof typeof TIMING_FIELDS;
const HEADINGS: Readonly<Record<TimingField, readonly string[]>> = {
  day: ["day", "date", "madeon", "when"],
  item: ["item", "design", "product", "name", "what"],
  part: ["part", "piece"],
  stage: ["stage", "step", "work", "activity", "task"],
  pieces: ["pieces", "count", "howmany", "made", "quantity", "qty"],
  minutes: ["minutes", "min", "mins", "time", "duration", "took"],
  seconds: ["seconds", "sec", "secs"],
  hand: ["hand", "hands", "who", "maker", "person"],
  note: ["note", "notes", "remark", "comment"],
};
export type TimingMapping = ColumnMapping<TimingField>;
export const guessTimingMapping = (header: readonly string[]): TimingMapping =>
  guessColumns(header, HEADINGS);

/** What a file of timings is read against. */
export interface TimingsKnown {
  readonly reading: Reading;
  readonly items: readonly {
    readonly id: string;
    readonly name: string;
    readonly parts: readonly { readonly name: string }[];
  }[];
  readonly hands: readonly { readonly id: string; readonly name: string }[];
  readonly today: string;
}
export interface ImportedTiming {
  readonly line: number;
  readonly madeOn: string;
  readonly itemId: string;
  /** "" for the whole piece. */
  readonly part: string;
  readonly stage: Stage;
  readonly pieces: number;
  readonly seconds: number;
  readonly handId: string;
  readonly note: string;
}

/** Stages in the words makers use; folded. */
const STAGE_NAMES: readonly (readonly [Stage, readonly string[]])[] = [
  ["crochet", ["crochet", "hook", "making", "stitches", "working"]],
  ["face", ["face", "eyes", "eye", "embroidery"]],
  ["filling", ["filling", "stuffing", "closing"]],
  ["sewing", ["sewing", "assembly", "joining", "seaming"]],
  ["ends", ["ends", "weaving", "tails"]],
  ["hanger", ["hanger", "ring", "loop", "keyring"]],
  ["inspection", ["inspection", "check", "checking", "quality"]],
  ["packing", ["packing", "tag", "bagging", "wrapping"]],
];
function stageOf(text: string): Stage | undefined {
  const word = fold(text);
  return (
    STAGES.find((s) => word === s || word === fold(STAGE_WORDS[s])) ??
    STAGE_NAMES.find(([, words]) => words.some((w) => word.startsWith(w)))?.[0]
  );
}

/**
 * Timings that can be brought in, and what is wrong with the others: every problem names its line, column and
 * value.
 */
export function readTimings(
  table: Table,
  mapping: TimingMapping,
  known: TimingsKnown,
): { good: ImportedTiming[]; problems: ImportProblem[] } {
  const locale = localeOf(table, known.reading.locale);
  const items = new Map(known.items.map((i) => [fold(i.name), i]));
  const hands = new Map(known.hands.map((h) => [fold(h.name), h.id]));
  return readEach(table, mapping, TIMING_FIELDS, (row) => {
    const { line, cell, wrong, has } = row;
    const madeOn = pastDay(row, "day", known.today);
    const item = items.get(fold(cell("item")));
    if (!item) wrong("item", cell("item") === "" ? "This is missing." : "No item has this name.");
    const partText = cell("part");
    const part = partText === "" ? "" : item?.parts.find((p) => fold(p.name) === fold(partText))?.name;
    if (item && part === undefined)
      wrong(
        "part",
        `${item.name} has no such part: ${item.parts.map((p) => p.name).join(", ")}; leave it empty for the whole piece.`,
      );
    const stage = cell("stage") === "" ? "crochet" : stageOf(cell("stage"));
    if (stage === undefined)
      wrong("stage", `This stage is not known: ${STAGES.map((s) => STAGE_WORDS[s]).join(", ")}.`);
    const count =
      cell("pieces") === "" ? { ok: true as const, value: 1 } : parseNumber(cell("pieces"), locale);
    if (!count.ok) wrong("pieces", quantityProblemText(count.problem));
    else if (!Number.isInteger(count.value) || count.value < 1 || count.value > 1000)
      wrong("pieces", "A whole number from 1 to 1,000.");
    const timed: TimingField =
      has("minutes") && cell("minutes") !== "" ? "minutes" : has("seconds") ? "seconds" : "minutes";
    const took =
      cell(timed) === "" ? undefined : parseDuration(cell(timed), locale, timed === "minutes" ? "min" : "s");
    if (!took) wrong(timed, "This is missing.");
    else if (!took.ok) wrong(timed, quantityProblemText(took.problem));
    else if (took.value < 1 || took.value > 360_000) wrong(timed, "Between a second and a hundred hours.");
    const handId = cell("hand") === "" ? known.hands[0]?.id : hands.get(fold(cell("hand")));
    if (handId === undefined)
      wrong("hand", `No hand has this name: ${known.hands.map((h) => h.name).join(", ")}.`);
    if (!item || !madeOn || !stage || !count.ok || !took?.ok || !handId) return undefined;
    return {
      line,
      madeOn,
      itemId: item.id,
      part: part ?? "",
      stage,
      pieces: count.value,
      seconds: Math.round(took.value),
      handId,
      note: cell("note").slice(0, 200),
    };
  });
}
