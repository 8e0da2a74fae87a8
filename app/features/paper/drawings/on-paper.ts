/** The colours of the screen's light mode that drawings use: a file has no page around it to ask. */
export const ON_PAPER: Readonly<Record<string, string>> = {
  ink: "#1b2427",
  soft: "#536166",
  line: "#c5cfd1",
  edge: "#7d8b8f",
  sheet: "#f8fafa",
  bad: "#9c2a20",
};
/** The typeface that ships with Lapka; whoever has none of it reads the next best. */
export const LETTERS = "Recursive, 'Recursive Variable', system-ui, sans-serif";

/** Classes that only colour words, as attributes: not every program that opens a drawing reads style sheets. */
const WORDS: Readonly<Record<string, string>> = {
  soft: `fill="${ON_PAPER.soft ?? ""}"`,
  bad: `fill="${ON_PAPER.bad ?? ""}" font-weight="700"`,
};

/** Markup of the screen as a document of its own: its colours written out, nothing left to look up elsewhere. */
export const asDocument = (markup: string): string =>
  `<?xml version="1.0" encoding="UTF-8"?>\n${markup
    .replace(/var\(--([a-z]+)\)/g, (_, name: string) => ON_PAPER[name] ?? "#000")
    // A colour that drawing programs do not know.
    .replace(/ fill="transparent"/g, ' fill="none"')
    .replace(/ class="([a-z]*)"/g, (_, name: string) => (WORDS[name] ? ` ${WORDS[name]}` : ""))}\n`;
