import type { Token } from "./tokens";

import type { StitchWord } from "./vocabulary";

const NO_LEGEND: ReadonlyMap<string, StitchWord> = new Map();
const NO_COLOURS: ReadonlyMap<string, string> = new Map();
const NO_NAMES: ReadonlySet<string> = new Set();

/** A reading position in a list of tokens. Every `take…` moves on only when it matched. */
export class Cursor {
  at = 0;
  constructor(
    readonly tokens: readonly Token[],
    /** The text as typed, for the maker's own spelling in messages. */
    readonly source: string,
    /**
     * Names of parts the text has spoken of so far: "9 sc around leg 1" needs to know that a leg is a part.
     */
    readonly names: ReadonlySet<string> = NO_NAMES,
    /** The maker's own words for stitches. */
    readonly legend: ReadonlyMap<string, StitchWord> = NO_LEGEND,
    /** Letters and words that stand for a colour: "P = pink". */
    readonly colours: ReadonlyMap<string, string> = NO_COLOURS,
  ) {}

  get done(): boolean {
    return this.at >= this.tokens.length;
  }
  peek(ahead = 0): Token | undefined {
    return this.tokens[this.at + ahead];
  }
  text(ahead = 0): string {
    return this.tokens[this.at + ahead]?.text ?? "";
  }
  kind(ahead = 0): Token["kind"] | "end" {
    return this.tokens[this.at + ahead]?.kind ?? "end";
  }
  is(...texts: readonly string[]): boolean {
    const text = this.tokens[this.at]?.text;
    if (text === undefined) return false;
    // Called for every word several times: a plain loop is measurably faster than includes here.
    for (let i = 0; i < texts.length; i++) if (texts[i] === text) return true;
    return false;
  }
  take(...texts: readonly string[]): boolean {
    const text = this.tokens[this.at]?.text;
    if (text === undefined) return false;
    for (let i = 0; i < texts.length; i++) {
      if (texts[i] === text) {
        this.at++;
        return true;
      }
    }
    return false;
  }
  takeAny(set: ReadonlySet<string>): boolean {
    const t = this.tokens[this.at];
    if (t === undefined || !set.has(t.text)) return false;
    this.at++;
    return true;
  }
  takeAll(set: ReadonlySet<string>): void {
    while (this.takeAny(set));
  }
  number(): number | undefined {
    const t = this.tokens[this.at];
    if (t?.kind !== "number") return undefined;
    this.at++;
    return t.value;
  }
  /** Tries a reading; goes back to where it was when that returns undefined. */
  attempt<T>(read: () => T | undefined): T | undefined {
    const from = this.at;
    const got = read();
    if (got === undefined) this.at = from;
    return got;
  }
  /** Offset where the next token begins, or where the last one ended. */
  get from(): number {
    return this.tokens[this.at]?.from ?? this.to;
  }
  /** Offset where the last taken token ended. */
  get to(): number {
    return this.tokens[this.at - 1]?.to ?? this.tokens[0]?.from ?? 0;
  }
}
