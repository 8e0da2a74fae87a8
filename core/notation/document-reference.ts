import type { Cursor } from "./cursor";
import { likeliestLabel } from "./document/label";
import { ahead, saidSame } from "./document/same";
import { isRoundWord, type RoundLabel } from "./labels";
import { readPartNamed } from "./pickups";
import { goesAround } from "./round/read";
import { colourAhead } from "./document/colour-said";
import type { Token } from "./tokens";
import type { Span } from "./tree";
import { readStitch } from "./vocabulary";
import { DocumentBase, type Reference } from "./document-base";

/** What stands for rounds of another place, and the words behind it. */
interface Referred {
  readonly reference: Reference;
  readonly rest: Token[];
  readonly again?: true;
  /** Named in front of it. */
  readonly slot?: string;
}

/** Is a bare number that ends the words that of a round before this one? */
function roundBefore(c: Cursor, label: RoundLabel): boolean {
  const n = c.kind() === "number" ? (c.peek()?.value ?? NaN) : NaN;
  const ends = c.kind(1) === "end" || /^[[(=,.-]$/.test(c.text(1));
  return Number.isInteger(n) && n >= 1 && label.first !== undefined && n < label.first && ends;
}

/** "head 1-3": a name, its rounds, and no more. */
const endsSoon = (c: Cursor): boolean =>
  c.kind(2) === "end" || (/^(-|--|to)$/.test(c.text(2)) && c.kind(3) === "number" && c.kind(4) === "end");

/** Rounds that stand for others: "Rnds 5-8: repeat round 4", "as the first leg". */
export abstract class ReferenceReader extends DocumentBase {
  /**
   * "Rep rnd 5 three times more", "as rounds 1–6 of the head", "repeat the last 2 rounds twice"; where no label stands
   * in front, with the colour it is worked in: "using white, work as body to round 3".
   */
  protected reference(
    tokens: readonly Token[],
    label?: RoundLabel,
    /** It stands behind or under a name that has no rounds yet. */
    named = this.heading !== undefined,
  ): Referred | undefined {
    const c = this.cursor(tokens);
    const slot = label === undefined ? colourAhead(c) : undefined;
    if (slot === undefined) return this.referred(tokens, label, named);
    const found = this.referred(tokens.slice(c.at), undefined, named);
    return found && { ...found, slot };
  }

  private referred(
    tokens: readonly Token[],
    label: RoundLabel | undefined,
    named: boolean,
  ): Referred | undefined {
    const c = this.cursor(tokens);
    const again = label && sameAgain(c);
    if (again) return { reference: again, rest: tokens.slice(c.at), again: true };
    // "As it is": nothing changes.
    if (c.is("as") && c.text(1) === "it") return undefined;
    const twin = label === undefined && named ? theOneBefore(c) : undefined;
    if (twin) return { reference: twin, rest: tokens.slice(c.at) };
    const lead = c.at;
    if (/^(as|like)$/.test(c.text(1))) c.take("start", "begin");
    c.take("work", "worked", "crochet", "make", "do");
    const going = goingOn(c);
    if (going) return { reference: going, rest: tokens.slice(c.at) };
    if (c.text(1) === "same") c.take("the", "exactly");
    const more = moreLike(c);
    const opening = firstOf(c);
    // "Rnd 4: = Rnd 3", of which the label has taken the sign.
    const equal =
      label !== undefined &&
      c.at === 0 &&
      ((isRoundWord(c.text()) && c.kind(1) === "number" && c.kind(2) === "end") || namesRounds(c));
    // "Rnds 1-3 of Head", "Rnds 1-3: = head 1-3": the name of a part that is there, right behind a label.
    const ofPart = label !== undefined && c.at === 0 && c.is("of", "from") && this.standsBehind(c);
    const inNumbers =
      label !== undefined && c.at === 0 && this.names.has(c.text()) && c.kind(1) === "number" && endsSoon(c);
    // "R1-3: see head": only of what is there.
    // "Tummy: make another body, but stop after round 3".
    const onceMore = label === undefined && named && c.at > lead && c.is("another");
    const sees = (c.is("see", "copy") || onceMore) && this.standsBehind(c);
    const doThis = c.is("this") && c.kind(1) === "number" && c.tokens[c.at - 1]?.text === "do";
    if (doThis) c.at++;
    const verb =
      equal || ofPart || inNumbers
        ? "as"
        : doThis || c.is("rep", "repeat", "repeating", "rpt")
          ? "repeat"
          : sees || c.is("as", "same", "like", "follow", "identical", "exactly")
            ? "as"
            : // "Work rounds 1 to 4 of the shell."
              (c.at > lead && isRoundWord(c.text())) || (opening && c.is("of"))
              ? "of"
              : undefined;
    if (!verb) return undefined;
    while (
      c.is(
        "rep",
        "repeat",
        "repeating",
        "rpt",
        "as",
        "same",
        "like",
        "for",
        "follow",
        "the",
        "to",
        "identical",
        "exactly",
        "in",
        "with",
        "given",
        ...(sees ? ["see", "copy", "another"] : []),
        ...(opening || ofPart ? ["of", "from"] : []),
      )
    )
      c.at++;
    const from = c.at;
    let first: number | undefined;
    let last: number | undefined;
    let back = 0;
    let part: string | undefined;
    let partAt: Span | undefined;
    let upTo: number | undefined;
    // "Second leg. As the first, but do not cut the yarn.": of a part that has no rounds yet, a part.
    const other = label === undefined && named && c.kind() === "ordinal";
    if (other && !isRoundWord(c.text(1)) && c.kind(1) !== "word") {
      partAt = { from: c.from, to: c.peek()?.to ?? c.from };
      part = c.text();
      c.at++;
    } else if (c.is("last", "previous", "prev", "above") || (c.is("this") && isRoundWord(c.text(1)))) {
      c.at++;
      back = c.number() ?? 1;
      if (!isRoundWord(c.text())) return undefined;
      c.at++;
    } else if (verb === "repeat" && label === undefined && this.roundAgain(c)) {
      back = 1;
    } else if (
      isRoundWord(c.text()) ||
      (c.kind() === "ordinal" &&
        c.text(1) !== "one" &&
        !(c.kind(1) === "word" && !isRoundWord(c.text(1)) && !/^(and|to)$/.test(c.text(1))))
    ) {
      const alone =
        c.kind() === "ordinal" &&
        (c.kind(1) === "end" || c.text(1) === "." || c.text(1) === "(" || c.text(1) === ",")
          ? c.peek()?.value
          : undefined;
      const range = alone === undefined ? likeliestLabel(c, false) : undefined;
      if (alone !== undefined) {
        c.at++;
        first = last = alone;
      } else if (range?.first === undefined) return undefined;
      else {
        first = range.first;
        last = range.last;
        // "Repeat R3 until R6": that round, up to that one.
        const words = c.tokens.slice(from, c.at).map((t) => t.text);
        if (verb === "repeat" && words.some((w) => w === "until" || w === "till")) {
          last = first;
          upTo = range.last;
        }
        // "Rnds 9-10: same as rnd 3 – 12": a round that is still to come is the total.
        if (
          label?.first !== undefined &&
          last !== undefined &&
          last > first &&
          last >= label.first &&
          !c.is("of", "from", "for", "on")
        ) {
          last = first;
          while (c.at > from && c.tokens[c.at - 1]?.value !== first) c.at--;
        }
      }
    } else if (label && roundBefore(c, label)) {
      // "(8) as 7 [30]": by its number alone.
      first = last = c.number();
    } else if (
      (verb === "repeat" &&
        !(label && c.attempt(() => readPartNamed(c)) !== undefined && ((c.at = from), true))) ||
      !(label || lead === 0) ||
      c.done
    )
      return undefined;
    c.attempt(() => {
      if (part !== undefined) return undefined;
      // "Rounds 1–2 as for the body".
      const as = first !== undefined && c.take("as", "like");
      const of = c.take("of", "from", "for", "on") || as;
      c.take("the");
      if (isRoundWord(c.text())) return undefined;
      if (!(c.kind() === "word" || c.kind() === "ordinal") || (!of && first !== undefined)) return undefined;
      // "Work as usual": as nothing that has a name.
      if (c.is("usual", "before", "normal", "always", "follows", "described", "shown")) return undefined;
      const begins = c.from;
      let n = 0;
      while (
        n < 4 &&
        (c.kind() === "word" ||
          (c.kind() === "number" && n > 0 && !inNumbers) ||
          (c.kind() === "ordinal" && n === 0)) &&
        // "As the saucer for rounds 1 to 4": which of its rounds.
        !(c.is("for") && isRoundWord(c.text(1))) &&
        // "Same as shell Rd 1-4".
        !(n > 0 && isRoundWord(c.text()) && c.kind(1) === "number") &&
        !c.is(
          "up",
          "until",
          "till",
          "through",
          "thru",
          "but",
          "then",
          "in",
          "with",
          "x",
          "once",
          "twice",
          "to",
          ...(c.is("as") && c.text(1) === "far" ? ["as"] : []),
          "ending",
          "stopping",
          "finishing",
          "using",
          ...(c.is("for") && c.kind(1) === "number" && isRoundWord(c.text(2)) ? ["for"] : []),
        )
      ) {
        c.at++;
        n++;
      }
      if (n === 0) return undefined;
      part = this.source.slice(begins, c.to);
      partAt = { from: begins, to: c.to };
      return true;
    });
    // "As front, rounds 1-5": which of its rounds, said behind its name.
    if (part !== undefined && first === undefined && back === 0)
      c.attempt(() => {
        c.take(",", "(", "for", "-", ":");
        if (inNumbers) {
          first = c.number();
          last = c.take("-", "--", "to") ? c.number() : first;
          return true;
        }
        if (!isRoundWord(c.text())) return undefined;
        const range = likeliestLabel(c, false);
        if (range?.first === undefined || range.last === undefined) return undefined;
        c.take(")");
        [first, last] = [range.first, range.last];
        return true;
      });
    if (part !== undefined && first === undefined) {
      const many = opening ?? forRounds(c);
      if (many !== undefined) [first, last] = [1, many];
    }
    if (first === undefined && back === 0 && part === undefined) return undefined;
    // Without "as" only a new part is made of rounds of another: "work rounds 1-4 in red" is none.
    const another = part !== undefined && this.names.has(part.trim().toLowerCase());
    if (verb === "of" && !(another && this.heading && this.heading.name.toLowerCase() !== part))
      return undefined;
    let times: number | undefined = more;
    let until: number | undefined = upTo;
    c.attempt(() => {
      c.take(",");
      if (c.take("but") && !c.take("only")) c.take("then");
      if (c.take("stop", "end", "finish", "stopping", "ending", "finishing"))
        c.take("after", "at", "with", "on");
      else if (c.is("as") && c.text(1) === "far") c.at += c.text(2) === "as" ? 3 : 2;
      else if (!c.take("until", "till", "til", "through", "to", "up")) return undefined;
      c.take("to", "and", "including", "there", "are", "you", "have", "the", "end", "of", "a", "total");
      while (
        c.is(
          "there",
          "are",
          "is",
          "you",
          "have",
          "worked",
          "the",
          "end",
          "of",
          "a",
          "total",
          "including",
          "and",
          "up",
          "to",
        )
      )
        c.at++;
      if (isRoundWord(c.text()) && (c.kind(1) === "number" || c.kind(1) === "ordinal"))
        return (
          (until = c.peek(1)?.value),
          (c.at += 2),
          c.take("is"),
          c.take("complete", "done", "finished", "worked"),
          true
        );
      if (!(c.kind() === "number" || c.kind() === "ordinal") || !isRoundWord(c.text(1))) return undefined;
      until = c.peek()?.value;
      c.at += 2;
      while (c.is("in", "all", "total", "altogether", "complete", "completed", "done", "worked")) c.at++;
      return true;
    });
    c.attempt(() => {
      c.take(",", "for");
      c.take("a", "another");
      if (c.take("twice")) return ((times = 2), c.take("more"), true);
      if (c.take("once")) return ((times = 1), c.take("more"), true);
      if (c.take("thrice")) return ((times = 3), true);
      c.take("x");
      const n = c.number();
      if (n === undefined) return undefined;
      c.take("more", "further");
      if (isRoundWord(c.text())) return (c.at++, (times = n), c.take("more"), true);
      if (!c.take("times", "time", "x") && c.tokens[c.at - 2]?.text !== "x") return undefined;
      c.take("more");
      return ((times = n), true);
    });
    // "Repeat rnd 3 for rnds 4-6": to the last of them.
    if (until === undefined && times === undefined && part === undefined)
      c.attempt(() => {
        if (!c.take("for", "on", "in") || !isRoundWord(c.text())) return undefined;
        until = likeliestLabel(c, false)?.last;
        return until === undefined ? undefined : true;
      });
    if (verb === "repeat" && times === undefined && until === undefined && label === undefined) times = 1;
    const rest = this.sumOnly(tokens.slice(c.at));
    return { reference: { part, partAt, first, last, back, times, until }, rest };
  }

  /**
   * "Repeat 3 more times", "do this 3 times more" below a round that goes all the way round: it is that round which
   * is worked again.
   */
  private roundAgain(c: Cursor): boolean {
    const counted = c.kind() === "number" && (/^(more|times)$/.test(c.text(1)) || isRoundWord(c.text(1)));
    return counted && this.open !== undefined && goesAround(this.tree(this.open.tokens).nodes);
  }

  /** Does a round, or a part that the text has named, stand behind the verb? */
  private standsBehind(c: Cursor): boolean {
    const next = c.text(1) === "the" ? 2 : 1;
    return isRoundWord(c.text(next)) || this.names.has(c.text(next));
  }

  /** "Rep rnd 8 [36 sc]": nothing is worked behind it, so the stitches in brackets are what it comes to. */
  private sumOnly(rest: Token[]): Token[] {
    const shut = rest.findLastIndex((t) => /^[)\]}]$/.test(t.text));
    const [open, n, word] = rest.slice(Math.max(0, shut - 3), shut);
    const summed = /^[([{]$/.test(open?.text ?? "") && n?.kind === "number";
    return summed && word?.kind === "word" && readStitch(this.cursor([word]), this.terms)
      ? rest.filter((t) => t !== word)
      : rest;
  }
}

const NO_REFERENCE = {
  part: undefined,
  partAt: undefined,
  first: undefined,
  last: undefined,
  back: 0,
  times: undefined,
  until: undefined,
} as const;

/** "The same for rounds 4-6": the round before, up to the last of them. */
function goingOn(c: Cursor): Reference | undefined {
  return c.attempt(() => {
    c.take("the");
    if (!c.take("same") || !c.take("for", "in", "on")) return undefined;
    c.take("the");
    if (!isRoundWord(c.text())) return undefined;
    const until = likeliestLabel(c, false)?.last;
    return until === undefined ? undefined : { ...NO_REFERENCE, back: 1, until };
  });
}

/** "3 more rounds like round 3": how many. */
const moreLike = (c: Cursor): number | undefined =>
  c.attempt(() => {
    const n = c.kind() === "number" ? c.number() : undefined;
    c.take("more", "further");
    if (n === undefined || !isRoundWord(c.text())) return undefined;
    c.at++;
    return c.is("like", "as") ? n : undefined;
  });

/** "The first 3 rounds", of which another part is to follow. */
const firstOf = (c: Cursor): number | undefined =>
  c.attempt(() => {
    c.take("the");
    if (c.peek()?.value !== 1 || c.kind() !== "ordinal") return undefined;
    c.at++;
    const n = c.number();
    if (n === undefined || !isRoundWord(c.text())) return undefined;
    c.at++;
    return c.is("as", "like", "of", "same") ? n : undefined;
  });

/** "As head for 3 rounds". */
const forRounds = (c: Cursor): number | undefined =>
  c.attempt(() => {
    if (!c.take("for")) return undefined;
    const n = c.number();
    return n !== undefined && isRoundWord(c.text()) ? (c.at++, n) : undefined;
  });

/** "= head R1-3", of which the label has taken the sign: a name and rounds of it, and no more. */
function namesRounds(c: Cursor): boolean {
  const at = c.at;
  const named = c.names.has(c.text()) && (c.at++, true);
  const ends = named && isRoundWord(c.text()) && likeliestLabel(c, false) !== undefined && c.done;
  c.at = at;
  return ends;
}

/** "Leg 2: same, but do not cut the yarn.": of a part that has no rounds yet, the part before it. */
function theOneBefore(c: Cursor): Reference | undefined {
  const words = c.tokens.slice(c.at);
  if (!saidSame(words)) return undefined;
  c.at += ahead(words);
  const partAt = { from: c.from, to: c.peek()?.to ?? c.from };
  c.at++;
  return { ...NO_REFERENCE, part: "previous", partAt };
}

/** "Rnds 4-6: same", "ditto", "see above", "once more": the round before it. */
function sameAgain(c: Cursor): Reference | undefined {
  return c.attempt(() => {
    if (c.text(1) === "same" || c.text(1) === "exactly") c.take("the", "exactly");
    const said =
      c.take("same", "ditto", "likewise", "idem", "again") ||
      (c.is("once", "one") && c.text(1) === "more" && ((c.at += 2), c.take("time"), true)) ||
      // Signs of "the same" below each other.
      (c.is('"', "'") && !c.tokens.some((t) => t.kind === "word") && c.take('"', "'")) ||
      (c.take("as", "see", "like") && c.take("above", "before"));
    if (!said) return undefined;
    while (c.take('"', "'", "-"));
    c.take("again", "as");
    c.take("above", "before");
    if (!(c.done || c.is(".", "(", "[", "=", ",", "-", ":"))) return undefined;
    return { ...NO_REFERENCE, back: 1 };
  });
}
