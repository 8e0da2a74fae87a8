import { numberRanges } from "@core/planning";
import { BY_COUNTRY, USE_WORDS, type Check, type Use } from "@core/safety";
import { printMass, type Grams, type Reading } from "@core/units";
import { printDay } from "../../ui/days";
import type { ListPaper, ListTable } from "../paper/input";

/** What is known of pieces that were looked at together. */
export interface BatchFacts {
  /** Short, and the same on every tag: printed so that a piece leads back here. */
  readonly number: string;
  readonly label: string;
  readonly maker: string;
  readonly paper: ListPaper["paper"];
  readonly reading: Reading;
  readonly run: string;
  readonly inspectedOn: string;
  readonly hand: string | undefined;
  readonly revision: number | undefined;
  /** All that were looked at, and what became of them. */
  readonly looked: number;
  readonly passed: number;
  readonly mended: number;
  readonly seconds: number;
  readonly rejected: readonly { readonly reason: string; readonly pieces: number }[];
  readonly note: string;
  /** Undefined where the item was deleted since, or cannot be reckoned. */
  readonly use: Use | undefined;
  /** Lots as the stock book has them for the run; mg. */
  readonly lots: readonly {
    readonly yarn: string;
    readonly fibre: string;
    readonly supplier: string;
    readonly lot: string;
    readonly used: number;
  }[];
  /** Which pieces of the line hold which lots, as the cutting plan placed them; empty without a plan. */
  readonly byPiece: readonly { readonly pieces: readonly number[]; readonly lots: readonly string[] }[];
  readonly notions: readonly {
    readonly name: string;
    readonly quantity: number;
    readonly supplier: string;
  }[];
  readonly points: readonly string[];
  readonly checks: readonly Check[];
  readonly cautions: readonly string[];
  readonly care: string;
}

const STATE: Readonly<Record<Check["state"], string>> = {
  fine: "nothing to change",
  ask: "to be looked at",
  change: "not for this use",
};
const COUNTRY_NOTE =
  "Rules differ by country; from memory, look them up before you rely on them. For pieces sold as toys most ask for a " +
  "file, tests by a qualified lab and the maker's name and address:";

/**
 * A record of one batch to show when somebody asks: what was made, of which lots and from whom, what was looked at, by
 * whom and when. It says what was done, and nowhere that a piece is safe or conforms.
 */
export function batchRecord(b: BatchFacts): ListPaper {
  return {
    title: `Batch ${b.number}`,
    sub: b.label,
    maker: b.maker,
    paper: b.paper,
    facts: [
      ["Looked at on", printDay(b.inspectedOn, b.reading.locale)],
      ["By", b.hand ?? "not said"],
      ["Run", b.run],
      ["Pattern", b.revision === undefined ? "deleted since" : `revision ${b.revision}`],
      ["For", b.use === undefined ? "not known" : USE_WORDS[b.use]],
    ],
    tables: [pieces(b), ...materials(b), ...looked(b), ...rules(b)],
    notes: [
      ...(b.note.trim() === "" ? [] : [`Noted: ${b.note}`]),
      ...(b.cautions.length > 0 ? [`Cautions on the tag: ${b.cautions.join(" ")}`] : []),
      ...(b.care === "" ? [] : [`Care: ${b.care}`]),
      "This says what was looked at and written down. It is no test and no declaration: where a piece is sold as a toy, " +
        "follow your local law and have it tested by a qualified lab.",
      `${COUNTRY_NOTE} ${BY_COUNTRY.map((c) => `${c.where}: ${c.law}`).join(" ")}`,
    ],
    signed: ["Looked at by", "Day"],
  };
}

const pieces = (b: BatchFacts): ListTable => ({
  head: "Pieces",
  tick: false,
  columns: [
    { head: "What became of them", wide: true },
    { head: "Pieces", right: true },
  ],
  rows: [
    ["looked at", String(b.looked)],
    ["passed at once", String(b.passed)],
    ...(b.mended > 0 ? [["passed after mending", String(b.mended)]] : []),
    ...(b.seconds > 0 ? [["seconds, sold as such", String(b.seconds)]] : []),
    ...b.rejected.filter((r) => r.pieces > 0).map((r) => [`rejected: ${r.reason}`, String(r.pieces)]),
  ],
});

function materials(b: BatchFacts): ListTable[] {
  const lots: ListTable = {
    head: "Yarn by lot",
    note: "As the stock book has it for the whole run.",
    tick: false,
    columns: [
      { head: "Yarn", wide: true },
      { head: "Fibre", wide: true },
      { head: "From" },
      { head: "Lot" },
      { head: "Used", right: true },
    ],
    rows: b.lots.map((l) => [
      { text: l.yarn, bold: true },
      l.fibre || "not said",
      l.supplier || "not said",
      l.lot || "no lot on the band",
      printMass((l.used / 1000) as Grams, b.reading),
    ]),
  };
  const byPiece: ListTable = {
    head: "Lots piece by piece",
    note: "As the cutting plan gave the balls, pieces counted in the order they were made.",
    tick: false,
    columns: [{ head: "Pieces" }, { head: "Lots", wide: true }],
    rows: b.byPiece.map((g) => [numberRanges(g.pieces), g.lots.join("; ")]),
  };
  const notions: ListTable = {
    head: "Notions and filling, each piece",
    tick: false,
    columns: [{ head: "What", wide: true }, { head: "From" }, { head: "How many", right: true }],
    rows: b.notions.map((n) => [
      n.name,
      n.supplier || "not said",
      n.quantity > 0 ? String(n.quantity) : "as needed",
    ]),
  };
  return [lots, byPiece, notions].filter((t) => t.rows.length > 0);
}

const looked = (b: BatchFacts): ListTable[] =>
  b.points.length === 0
    ? []
    : [
        {
          head: "What is looked at in each piece",
          tick: false,
          columns: [{ head: "Point", wide: true }],
          rows: b.points.map((p) => [p]),
        },
      ];

const rules = (b: BatchFacts): ListTable[] =>
  b.checks.length === 0
    ? []
    : [
        {
          head: "Cautions looked at by rule",
          tick: false,
          columns: [
            { head: "Rule", width: 110 },
            { head: "Found", width: 80 },
            { head: "Because", wide: true },
            { head: "Source", wide: true },
          ],
          rows: b.checks.map((c) => [c.title, STATE[c.state], c.because, c.source]),
        },
      ];
