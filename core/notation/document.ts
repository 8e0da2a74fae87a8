import { readColourChange } from "./colours";
import { Cursor } from "./cursor";
import { startsEvent } from "./events";
import { isRoundWord, readLabel, type RoundLabel } from "./labels";
import type { Line } from "./text";
import { tokenize, type Token } from "./tokens";
import { readStitch } from "./vocabulary";
import { type LineKind, type RawPattern, append } from "./document-base";
import { LooseReader } from "./document-loose";

export { RoundMemory, type LineKind, type LineReading, type RawPart, type RawRound } from "./document-base";

const isMarkup = (t: Token): boolean =>
  t.kind === "mark" &&
  (t.text === "#" || t.text === "_" || t.text.startsWith("**") || t.text.startsWith("__"));

/** Lines → parts and rounds, each with its tree. Never throws; each token is read a bounded number of times. */
export class DocumentReader extends LooseReader {
  read(): RawPattern {
    for (const line of this.textLines) this.lineKinds.push({ line: line.number, kind: this.readLine(line) });
    this.closeRound();
    this.chainPart(this.textLines.at(-1));
    return {
      parts: this.parts.filter((p) => p.rounds.length > 0),
      lines: this.lineKinds,
      assembly: this.assembly,
      unread: this.unread,
    };
  }

  protected readLine(line: Line): LineKind {
    let tokens = tokenize(this.plain, line.from, line.to);
    if (tokens.some(isMarkup)) tokens = tokens.filter((t) => !isMarkup(t));
    const bullet = tokens[0]?.text === "-" || tokens[0]?.text === "--" || tokens[0]?.text === ">";
    let begin = 0;
    while (begin < tokens.length && /^(-|--|>|\||=+|~)$/.test(tokens[begin]?.text ?? "")) begin++;
    if (begin > 0) tokens = tokens.slice(begin);
    if (tokens[0]?.text === "~" || this.plain.charAt(line.from) === "~") {
      const plain = (t: Token | undefined) => t !== undefined && !/^[~*]+$/.test(t.text);
      const first = tokens.findIndex(plain);
      tokens = first < 0 ? [] : tokens.slice(first, tokens.findLastIndex(plain) + 1);
    }
    if (tokens.length === 0) return "blank";
    const indented = /^[ \t]/.test(this.plain.slice(line.from, line.from + 1));
    const pieces = this.split(tokens);
    let kind: LineKind = "note";
    pieces.forEach((piece, i) => {
      const k = this.readPiece(piece, line, i === 0, bullet, indented);
      if (i === 0 || k === "round") kind = k;
    });
    return kind;
  }

  /** Cuts run-on lines where a new label begins: "… (6). Rnd 2: …". */
  protected split(tokens: readonly Token[]): Token[][] {
    const cuts: number[] = [];
    for (let i = 1; i < tokens.length; i++) {
      const t = tokens[i];
      if (!t || t.kind === "mark" || (t.kind === "word" && t.text.charCodeAt(0) !== 114 && t.text !== "next"))
        continue;
      const before = tokens[i - 1]?.text ?? "";
      const word = isRoundWord(t.text) && (tokens[i + 1]?.kind === "number" || tokens[i + 1]?.text === ".");
      const next =
        (t.text === "next" || t.kind === "ordinal") &&
        (isRoundWord(tokens[i + 1]?.text ?? "") ||
          (/^(and|to|-|&)$/.test(tokens[i + 1]?.text ?? "") &&
            tokens[i + 2]?.kind === "ordinal" &&
            isRoundWord(tokens[i + 3]?.text ?? "")));
      if (!word && !next) continue;
      const listed = before === "," && /^[)\]}.]$/.test(tokens[i - 2]?.text ?? "");
      if (!/^[.;)\]}!:]$/.test(before) && !listed) continue;
      const c = this.cursor(tokens);
      c.at = i;
      const label = readLabel(c, false);
      if (!label) continue;
      const closed = /^[:.)=;-]+$/.test(c.tokens[c.at - 1]?.text ?? "");
      // "…(6), R2 sc around (6)": a round word with its number behind a finished total needs no colon.
      const plainly =
        isRoundWord(t.text) &&
        tokens[i + 1]?.kind === "number" &&
        (listed || before === ":" || before === ".") &&
        !c.done;
      if (
        closed ||
        (plainly &&
          !/^(st|sts|stitches|of|and|in|only|,|once|twice|more|until|x)$/.test(tokens[c.at]?.text ?? "") &&
          this.hasWork(tokens.slice(c.at, c.at + 12)))
      )
        cuts.push(i);
    }
    const pieces: Token[][] = [];
    let from = 0;
    for (const cut of [...cuts, tokens.length]) {
      pieces.push(tokens.slice(from, cut));
      from = cut;
    }
    return pieces.filter((p) => p.length > 0);
  }

  protected readPiece(
    tokens: Token[],
    line: Line,
    atStart: boolean,
    bullet: boolean,
    indented: boolean,
  ): LineKind {
    const c = this.cursor(tokens);
    const label = readLabel(c, atStart);
    const step =
      this.sewingUp &&
      label !== undefined &&
      !isRoundWord(tokens[0]?.text ?? "") &&
      tokens[0]?.kind !== "ordinal" &&
      !tokens.some((t) => /^(mr|mc|ring)$/.test(t.text));
    if (label && !step && this.acceptsLabel(c, label)) {
      this.inNotes = false;
      this.closeRound();
      this.ensurePart(line, label.first);
      if (this.part) this.open = this.opening(tokens.slice(c.at), label, line.number, this.part);
      this.flushSetup();
      return "round";
    }
    c.at = 0;
    const even = atStart ? this.evenRounds(tokens) : undefined;
    if (even && this.part) {
      this.closeRound();
      this.ensurePart(line, undefined);
      this.open = this.opening(even.tokens, even.label, line.number, this.part);
      return "round";
    }
    if (atStart && this.continues(tokens, indented)) {
      if (this.open) append(this.open, tokens);
      return "continuation";
    }
    const ref = this.reference(tokens);
    if (ref && (this.part ?? this.heading)) {
      this.closeRound();
      this.ensurePart(line, undefined);
      if (this.part)
        this.part.rounds.push({
          line: line.number,
          from: tokens[0]?.from ?? line.from,
          to: tokens[tokens.length - 1]?.to ?? line.to,
          label: undefined,
          ...this.tree(ref.rest),
          reference: ref.reference,
          slot: this.takeSlot(),
        });
      return "round";
    }
    const make = this.makeLine(tokens);
    if (make !== undefined) {
      if (this.heading) this.heading.make = make;
      else if (this.part) this.part.make = make;
      return "note";
    }
    if (atStart && this.blockOf(tokens, line)) {
      this.closeRound();
      return "setup";
    }
    if (atStart && !bullet) {
      const heading = this.headingOf(tokens, line);
      if (heading) return this.takeHeading(heading, line);
    }
    if (this.noteOnJoining(tokens)) return "note";
    if (this.inNotes && !this.part) return this.sewingUp ? this.sewingStep(tokens, line) : "note";
    return this.loose(tokens, line);
  }

  /** "Work 5 rounds even", "work even for 3 rounds", "sc around for 4 more rnds": plain rounds by their number. */
  protected evenRounds(tokens: readonly Token[]): { label: RoundLabel; tokens: Token[] } | undefined {
    const at = tokens.findIndex(
      (t, i) =>
        t.kind === "number" &&
        (isRoundWord(tokens[i + 1]?.text ?? "") ||
          (/^(more|further|plain|even)$/.test(tokens[i + 1]?.text ?? "") &&
            isRoundWord(tokens[i + 2]?.text ?? ""))),
    );
    const n = tokens[at]?.value ?? 0;
    const from = tokens[0];
    const number = tokens[at];
    if (at < 0 || at > 6 || !from || !number || !Number.isInteger(n) || n < 1 || n > 400) return undefined;
    const before = tokens.slice(0, at).map((t) => t.text);
    let end = at + 1;
    while (
      end < tokens.length &&
      (isRoundWord(tokens[end]?.text ?? "") ||
        /^(more|further|even|evenly|straight|plain|of|in|sc|without|shaping|increasing|increases|decreasing|single|crochet|around|each|st|every|stitch)$/.test(
          tokens[end]?.text ?? "",
        ))
    )
      end++;
    const said = [...before, ...tokens.slice(at, end).map((t) => t.text)];
    if (
      !before.every((t) =>
        /^(work|crochet|continue|make|do|sc|even|evenly|straight|for|the|next|another|around|single|then|now|in|plain|each|st|with)$/.test(
          t,
        ),
      )
    )
      return undefined;
    if (!said.some((t) => /^(even|evenly|straight|plain|without|sc|single)$/.test(t))) return undefined;
    const word: Token = { kind: "word", text: "even", value: NaN, from: from.from, to: number.to };
    return {
      label: {
        from: number.from,
        to: number.to,
        first: undefined,
        last: undefined,
        word: "round",
        written: undefined,
        writtenAt: undefined,
        list: undefined,
        many: n,
      },
      tokens: [word, ...tokens.slice(end)],
    };
  }

  /** A number and a full stop at the head of a materials list is no round. */
  protected acceptsLabel(c: Cursor, label: RoundLabel): boolean {
    if (label.first === undefined || isRoundWord(c.tokens[0]?.text ?? "") || c.tokens[0]?.kind === "ordinal")
      return true;
    if (c.done) return false;
    const words = c.tokens.slice(c.at);
    if (/^(mm|cm|g|gram|grams|m|oz|yd|inch|inches)$/.test(words[0]?.text ?? "")) return false;
    return (
      words.some((t, i) => {
        const at = this.cursor(words);
        at.at = i;
        return t.text !== "st" && readStitch(at, this.terms) !== undefined;
      }) || words.some((t) => /^(around|even|mr|mc|ring|rep|repeat)$/.test(t.text))
    );
  }

  /** Does this unlabelled line carry on the round above: an open bracket, a comma at its end, or an indent? */
  protected continues(tokens: readonly Token[], indented: boolean): boolean {
    const open = this.open;
    if (!open) return false;
    const c = this.cursor(tokens);
    if (startsEvent(c) && !indented) return false;
    const last = open.tokens[open.tokens.length - 1]?.text;
    const { depth, stars } = open;
    if (last === "," || last === "and" || last === "then" || last === ":" || last === "+") return true;
    const workHere = this.hasWork(tokens);
    if (depth > 0 && workHere) return true;
    const first = tokens[0]?.text ?? "";
    if (stars % 2 === 1 && /^(rep|repeat)$/.test(first) && !isRoundWord(tokens[1]?.text ?? "")) return true;
    if (/^[([{=]$/.test(first) && tokens.length <= 5 && tokens[1]?.kind === "number") return true;
    if (!indented) return false;
    return (
      workHere ||
      tokens[0]?.kind === "number" ||
      startsEvent(c) ||
      readColourChange(this.cursor(tokens)) !== undefined
    );
  }
}
