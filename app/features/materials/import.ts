import { CLASS_GAUGE, type WeightClass } from "@core/fabric";
import {
  parseLength,
  parseMass,
  parseMoney,
  parseNumber,
  parseYarnLength,
  quantityProblemText,
  type Parsed,
} from "@core/units";
import {
  fold,
  guessColumns,
  localeOf,
  readEach,
  type ColumnMapping,
  type ImportProblem,
  type Table,
} from "../import/table";
import { NOTION_LABELS } from "./kinds";

/** What a column of a file can hold. */
export const IMPORT_FIELDS = {
  kind: "Kind (yarn, eyes, filling…)",
  name: "Name",
  shade: "Shade",
  fibre: "Fibre",
  weightClass: "Weight class",
  hook: "Hook on the band",
  length: "Length of 100 g",
  ball: "A ball or pack holds",
  price: "A ball or pack costs",
  onHand: "On hand",
  lot: "Lot",
  place: "Place",
  colour: "Colour (#rrggbb)",
  size: "Size (mm)",
  care: "Care",
} as const;
export type ImportField = keyof typeof IMPORT_FIELDS;
export type Mapping = ColumnMapping<ImportField>;

/** Headings that name a field, in the words makers use; folded to letters and digits. */
const HEADINGS: Readonly<Record<ImportField, readonly string[]>> = {
  kind: ["kind", "type", "category", "what"],
  name: ["name", "yarn", "material", "item", "article", "product"],
  shade: ["shade", "colourname", "colorname", "colourway", "shadename"],
  fibre: ["fibre", "fiber", "composition", "content"],
  weightClass: ["weightclass", "class", "weight", "cyc"],
  hook: ["hook", "hookmm", "needle"],
  length: ["mper100g", "length", "metresper100g", "m100g", "metres", "meterage", "yardage"],
  ball: ["packg", "packpieces", "ball", "ballg", "ballweight", "packsize", "pack", "skein"],
  price: ["price", "packprice", "cost", "ballprice", "packpriceeur"],
  onHand: ["onhand", "onhandg", "onhandpieces", "stock", "have", "quantity", "qty", "grams", "left"],
  lot: ["lot", "dyelot", "batch"],
  place: ["place", "where", "location", "drawer", "box"],
  colour: ["colour", "color", "hex"],
  size: ["size", "sizemm", "mm"],
  care: ["care", "wash"],
};

export const guessMapping = (header: readonly string[]): Mapping => guessColumns(header, HEADINGS);

export interface ImportRow {
  readonly line: number;
  readonly kind: "yarn" | keyof typeof NOTION_LABELS;
  readonly name: string;
  readonly shade: string;
  readonly fibre: string;
  readonly weightClass: number;
  readonly hookUm: number;
  readonly mmPer100g: number;
  /** mg in a ball or bag, pieces in a pack. */
  readonly packSize: number;
  readonly packPrice: number;
  readonly onHand: number;
  readonly lot: string;
  readonly place: string;
  readonly colour: string;
  readonly sizeUm: number | undefined;
  readonly care: string;
}
const KIND_WORDS: readonly (readonly [RegExp, ImportRow["kind"]])[] = [
  [/^(yarn|wool|ball|skein|thread)/i, "yarn"],
  [/eye/i, "eye"],
  [/nose/i, "nose"],
  [/washer/i, "washer"],
  [/bead/i, "bead"],
  [/bell/i, "bell"],
  [/jump/i, "jump-ring"],
  [/hook|clasp/i, "hook"],
  [/ring|chain/i, "ring"],
  [/pin/i, "pin"],
  [/cord|loop/i, "cord"],
  [/fill|stuff|fibre|scrap/i, "filling"],
  [/label/i, "label"],
  [/tag/i, "tag"],
  [/bag|pouch/i, "bag"],
  [/box/i, "box"],
  [/pack/i, "packaging"],
  [/other|notion/i, "other"],
];
/** Greys by shade name when no colour is given: enough to tell balls apart until she picks one. */
function colourFor(name: string): string {
  const n = [...name].reduce((sum, ch) => (sum * 33 + ch.charCodeAt(0)) >>> 0, 5);
  return `#${[(n >> 4) % 90, (n >> 11) % 90, (n >> 18) % 90].map((c) => (c + 90).toString(16).padStart(2, "0")).join("")}`;
}

/**
 * Rows that can be brought in, and what is wrong with the others: every problem names its line, column and
 * value.
 */
export function readRows(
  table: Table,
  mapping: Mapping,
  own: { locale: string; currency: string; system: "metric" | "imperial" },
): { good: ImportRow[]; problems: ImportProblem[] } {
  const reading = { ...own, locale: localeOf(table, own.locale) };
  const metric = reading.system === "metric";
  return readEach(table, mapping, IMPORT_FIELDS, ({ line, cell, wrong }) => {
    const text = (f: ImportField, most: number) => {
      const v = cell(f);
      if (v.length > most) wrong(f, `${most} letters at most.`);
      return v;
    };
    const number = <T extends number>(
      f: ImportField,
      read: (s: string) => Parsed<T>,
      low: number,
      high: number,
      fallback: number | undefined,
    ): number => {
      const v = cell(f);
      if (v === "") {
        if (fallback === undefined) wrong(f, "This is missing.");
        return fallback ?? 0;
      }
      const got = read(v);
      if (!got.ok) wrong(f, quantityProblemText(got.problem));
      else if (got.value < low || got.value > high) wrong(f, `It must lie between ${low} and ${high}.`);
      return got.ok ? got.value : 0;
    };
    const name = text("name", 120);
    if (name === "") wrong("name", "This is missing.");
    const kindText = cell("kind");
    const kind = kindText === "" ? "yarn" : KIND_WORDS.find(([word]) => word.test(kindText))?.[1];
    if (kind === undefined)
      wrong("kind", "This kind is not known: use yarn, eyes, nose, ring, filling, tag, bag, box or other.");
    const mass = kind === "yarn" || kind === "filling";
    const yarn = kind === "yarn";
    const shade = text("shade", 80) || (yarn ? "undyed" : "");
    const pack = mass
      ? number(
          "ball",
          (s) => parseMass(s, reading.locale, metric ? "g" : "oz"),
          0.001,
          1_000_000,
          yarn ? 50 : 250,
        ) * 1000
      : number("ball", (s) => parseNumber(s, reading.locale), 1, 100_000, 1);
    const onHand = mass
      ? number("onHand", (s) => parseMass(s, reading.locale, metric ? "g" : "oz"), 0, 1_000_000, 0) * 1000
      : number("onHand", (s) => parseNumber(s, reading.locale), 0, 1_000_000, 0);
    if (!mass && (!Number.isInteger(pack) || !Number.isInteger(onHand)))
      wrong(Number.isInteger(pack) ? "onHand" : "ball", "Pieces are whole numbers.");
    // Grams in a column of kilograms make a thousand balls of one: asked about, not believed.
    const balls = yarn && pack > 0 ? onHand / pack : 0;
    if (balls > MOST_BALLS_A_ROW)
      wrong(
        "onHand",
        `That comes to ${Math.round(balls).toLocaleString(reading.locale)} balls of this yarn, and a row may bring ${MOST_BALLS_A_ROW} at most. Is the unit right? If it is, write it in several rows.`,
      );
    const classText = cell("weightClass");
    const weightClass =
      classText === "" ? 3 : /^[0-7]$/.test(classText) ? Number(classText) : classByName(classText);
    if (yarn && weightClass === undefined)
      wrong("weightClass", "Weight classes are 0 to 7, or a name such as DK or worsted.");
    const colour = cell("colour");
    if (colour !== "" && !/^#[0-9a-f]{6}$/i.test(colour))
      wrong("colour", "A colour is written #rrggbb, such as #3d4c57.");
    const sizeText = cell("size");
    const row: ImportRow = {
      line,
      kind: kind ?? "other",
      name,
      shade,
      fibre: text("fibre", 120) || "unknown",
      weightClass: weightClass ?? 3,
      hookUm: yarn
        ? Math.round(number("hook", (s) => parseLength(s, reading.locale, "mm"), 0.5, 30, 4) * 1000)
        : 0,
      mmPer100g: yarn
        ? Math.round(
            number(
              "length",
              (s) => parseYarnLength(s, reading.locale, metric ? "m" : "yd"),
              5,
              10_000,
              undefined,
            ) * 1000,
          )
        : 0,
      packSize: Math.round(pack),
      packPrice: number("price", (s) => parseMoney(s, reading.currency, reading.locale), 0, 100_000_000, 0),
      onHand: Math.round(onHand),
      lot: text("lot", 60),
      place: text("place", 80),
      colour: colour || colourFor(shade || name),
      sizeUm:
        sizeText === ""
          ? undefined
          : Math.round(number("size", (s) => parseLength(s, reading.locale, "mm"), 0.5, 500, 0) * 1000),
      care: text("care", 120),
    };
    return row;
  });
}

/**
 * Each ball becomes a thing of its own. More at once is mostly a slip: kg for g, or a weight in the wrong
 * column.
 */
export const MOST_BALLS_A_ROW = 50;
export const MOST_BALLS_A_FILE = 10_000;

/** A weight class by its name, US or UK. */
function classByName(text: string): number | undefined {
  const word = fold(text);
  if (word === "dk") return 3;
  const found = (Object.keys(CLASS_GAUGE) as unknown as WeightClass[]).find((c) =>
    [CLASS_GAUGE[c].name.us, CLASS_GAUGE[c].name.uk].some((n) => fold(n) === word),
  );
  return found === undefined ? undefined : Number(found);
}
