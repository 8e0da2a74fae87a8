/** Stitches by their US names: the one vocabulary of core, database and screen. */
export type StitchName = "ch" | "slst" | "sc" | "hdc" | "dc" | "tr" | "dtr" | "rsc" | "bobble" | "picot";
export const STITCH_NAMES: readonly StitchName[] = [
  "sc",
  "hdc",
  "dc",
  "tr",
  "dtr",
  "slst",
  "ch",
  "rsc",
  "bobble",
  "picot",
];

export type Terms = "us" | "uk";
export type Tally = Readonly<Partial<Record<StitchName, number>>>;

/**
 * UK name → US stitch. Source: Craft Yarn Council, "Crochet Abbreviations Master List" and its
 * US/UK comparison (from memory); craft §2.6.
 */
export const UK_TO_US: ReadonlyMap<string, StitchName> = new Map(
  Object.entries<StitchName>({
    dc: "sc",
    htr: "hdc",
    tr: "dc",
    dtr: "tr",
    trtr: "dtr",
    ss: "slst",
  }),
);

const US_PRINT: Readonly<Record<StitchName, string>> = {
  ch: "ch",
  slst: "sl st",
  sc: "sc",
  hdc: "hdc",
  dc: "dc",
  tr: "tr",
  dtr: "dtr",
  rsc: "reverse sc",
  bobble: "bobble",
  picot: "picot",
};
const UK_PRINT: Readonly<Record<StitchName, string>> = {
  ...US_PRINT,
  slst: "ss",
  sc: "dc",
  hdc: "htr",
  dc: "tr",
  tr: "dtr",
  dtr: "trtr",
  rsc: "reverse dc",
};

/** The stitch's abbreviation in the chosen terms. */
export function stitchWord(stitch: StitchName, terms: Terms): string {
  return (terms === "uk" ? UK_PRINT : US_PRINT)[stitch];
}

export function addTally(a: Tally, b: Tally, times = 1): Tally {
  // Several times for every round of a text: plain loops, no arrays of entries.
  const sum: Partial<Record<StitchName, number>> = {};
  for (const name in a) sum[name as StitchName] = a[name as StitchName];
  for (const name in b)
    sum[name as StitchName] = (sum[name as StitchName] ?? 0) + (b[name as StitchName] ?? 0) * times;
  return sum;
}

/** Stitches of a tally that a hook works as fabric: all but chains. */
export function tallySize(t: Tally): number {
  let n = 0;
  for (const name in t) if (name !== "ch") n += t[name as StitchName] ?? 0;
  return n;
}
