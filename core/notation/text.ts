/**
 * Pasted text made regular without moving a single position: every character is replaced by exactly
 * one character, so an offset in the reading is an offset in what the maker typed.
 */
const SAME_AS: ReadonlyMap<string, string> = new Map(
  Object.entries({
    "“": '"',
    "”": '"',
    "„": '"',
    "«": '"',
    "»": '"',
    "‘": "'",
    "’": "'",
    "‚": "'",
    "′": "'",
    "″": '"',
    "–": "-",
    "—": "-",
    "−": "-",
    "‒": "-",
    "‐": "-",
    "‑": "-",
    "―": "-",
    // The keycap of an emoji's digit, and the selector in front of it.
    "\u20e3": ".",
    "\ufe0f": " ",
    "×": "x",
    "✕": "x",
    "✖": "x",
    "⨯": "x",
    "∗": "*",
    "⁎": "*",
    "＊": "*",
    "★": "*",
    "☆": "*",
    "\ufeff": " ",
    "\0": " ",
    "\u00a0": " ",
    "\u202f": " ",
    "\u2007": " ",
    "\u2009": " ",
    "\u200b": " ",
    "\u200e": " ",
    "\u200f": " ",
    "•": "-",
    "·": "-",
    "▪": "-",
    "●": "-",
    "：": ":",
    "，": ",",
    "（": "(",
    "）": ")",
    "＝": "=",
    "【": "[",
    "】": "]",
    "\r": " ",
    "☐": "-",
    "☑": "-",
    "☒": "-",
    "✓": "-",
    "✔": "-",
    "□": "-",
    "■": "-",
    "▢": "-",
    "►": "-",
    "▶": "-",
    "➤": "-",
    "‣": "-",
    "▸": "-",
    "▹": "-",
    "▷": "-",
    "❯": "-",
    "➢": "-",
    "◦": "-",
    "○": "-",
    "◯": "-",
    "❏": "-",
    "❑": "-",
    "◆": "-",
    "◇": "-",
    "→": "=",
    "⇒": "=",
    "➜": "=",
    "➔": "=",
    "➡": "=",
    "➝": "=",
    "➞": "=",
    "⟶": "=",
    "↦": "=",
    "\u2028": "\n",
    "\u2029": "\n",
    "\u000b": " ",
    "\f": " ",
  }),
);

/** So many lines in one way are a habit. */
const HABIT = 3;
/**
 * The number of a last column that is set off by three spaces, or by two where line after line is written so:
 * its sign is put before it, as a tab's is. Each character is looked at once.
 */
function columned(text: string): string {
  const wide: number[] = [];
  const narrow: number[] = [];
  for (let end = text.indexOf("\n"), from = 0; from <= text.length; end = text.indexOf("\n", from)) {
    const to = end < 0 ? text.length : end;
    let at = to;
    while (at > from && isSpace(text.charCodeAt(at - 1))) at--;
    const digits = at;
    while (at > from && isDigit(text.charCodeAt(at - 1))) at--;
    const gap = at;
    if (digits > gap && digits - gap <= 3) {
      while (at > from && text.charCodeAt(at - 1) === 32) at--;
      if (at > from && gap - at >= 2) (gap - at >= 3 ? wide : narrow).push(gap - 1);
    }
    if (end < 0) break;
    from = to + 1;
  }
  const signs = wide.length + narrow.length >= HABIT ? [...wide, ...narrow].sort((a, b) => a - b) : wide;
  if (signs.length === 0) return text;
  let out = "";
  let from = 0;
  for (const sign of signs) {
    out += `${text.slice(from, sign)}|`;
    from = sign + 1;
  }
  return out + text.slice(from);
}
const isSpace = (code: number): boolean => code === 32 || code === 9;
const isDigit = (code: number): boolean => code >= 48 && code <= 57;

/** Same length as `text`, lower case where that keeps the length, typographic variants made plain. */
export function regular(text: string): string {
  let out = "";
  for (let i = 0; i < text.length; i++) {
    const ch = text.charAt(i);
    const code = text.charCodeAt(i);
    if (code >= 97 && code <= 122) out += ch;
    else if (code >= 65 && code <= 90) out += String.fromCharCode(code + 32);
    else if (code >= 32 && code < 127) out += ch;
    else if (ch === "\t") out += /[^\s|]/.test(text.charAt(i - 1)) ? "|" : " ";
    else if (ch === "\r" && text.charAt(i + 1) !== "\n") out += "\n";
    else {
      const same = SAME_AS.get(ch);
      if (same !== undefined) out += same;
      else {
        const low = ch.toLowerCase();
        out += low.length === 1 ? low : ch;
      }
    }
  }
  const plain = out.includes("`") ? unquoted(out) : STARRED_SUM.test(out) ? starless(out) : out;
  const even = / {2}\d/.test(plain) ? columned(plain) : plain;
  return even.includes(">") ? even.replace(ARROW, (sign) => "=".padStart(sign.length)) : even;
}

/** "-> 12", "==> 12": an arrow of several signs, as the one of a single sign. */
const ARROW = /[-=]{1,3}>/g;

/** "… *12*" at the end of a line: the sum, leaning. */
const STARRED_SUM = /[ \t]\*\d{1,4}\*[ \t]*$/m;
const starless = (text: string): string => text.replace(/([ \t])\*(\d{1,4})\*(?=[ \t]*$)/gm, "$1($2)");

/** "`12`", as notes in Markdown set figures apart, is a number in brackets; other such signs are spaces. */
const unquoted = (text: string): string =>
  text.replace(/`([ \t]*\d{1,4}[ \t]*(?:sts?)?[ \t]*)`/g, "($1)").replace(/`/g, " ");

export interface Line {
  /** 1-based. */
  readonly number: number;
  /** Offsets of the line without its end of line, half open. */
  readonly from: number;
  readonly to: number;
}

/** Lines of a regular text; "\r\n", "\r" and "\n" have all become one "\n" by then. */
export function linesOf(plain: string): Line[] {
  const lines: Line[] = [];
  let from = 0;
  for (let number = 1; ; number++) {
    const end = plain.indexOf("\n", from);
    const to = end < 0 ? plain.length : end;
    lines.push({ number, from, to });
    if (end < 0) return lines;
    from = end + 1;
  }
}
