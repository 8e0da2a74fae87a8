import { firstRoundOf, type CheckedPart, type Uncounted } from "../count/checked";
import { Cursor } from "../cursor";
import type { LineKind, LineReading, RawPattern } from "../document";
import { isRoundWord } from "../labels";
import type { Terms } from "../stitches";
import type { Line } from "../text";
import { tokenize, type Token } from "../tokens";
import type { Node, Span } from "../tree";
import { readStitch } from "../vocabulary";

/** Places that are listed. */
const MOST = 200;
const UNIT =
  /^(mm|cm|m|g|gram|grams|kg|oz|yd|yds|yards?|metres?|meters?|inch|inches|in|hours?|hrs?|h|minutes?|mins?|%|ply|strands?|hook|hooks|needle|eyes?|beads?|buttons?|years?|pieces?|balls?|skeins?|pounds?|euros?|dpi|x)$/;
/** A number behind one of these names a place or a page. */
const NAMES =
  /^(photo|picture|pic|image|figure|fig|page|step|chapter|part|no|number|size|nr|version|age|section|video|of)$/;
const WHOLE: ReadonlySet<LineKind> = new Set<LineKind>(["heading", "setup", "colour", "event"]);

/**
 * All numbers and stitch words that stand in no count, label, total, measure or name, line by line. Linear in
 * the text.
 */
export function uncountedOf(
  plain: string,
  source: string,
  lines: readonly Line[],
  raw: RawPattern,
  parts: readonly CheckedPart[],
  terms: Terms,
): readonly Uncounted[] {
  const shapes = (line: Line): boolean => {
    const c = new Cursor(tokenize(plain, line.from, line.to), source);
    return c.tokens.some((t, i) => t.kind === "word" && ((c.at = i), shapesRound(c, terms)));
  };
  const held = heldSpans(raw, parts, raw.lines, lines, shapes);
  const firstRound = firstRoundOf(parts)?.line ?? Infinity;
  const unread = parts.flatMap((p) => p.rounds.flatMap((r) => r.nodes.filter((n) => n.kind === "unknown")));
  const out: Uncounted[] = [];
  let next = 0;
  for (const line of lines) {
    if (out.length >= MOST) break;
    if (line.to === line.from) continue;
    const tokens = tokenize(plain, line.from, line.to);
    const c = new Cursor(tokens, source);
    let open: { from: number; to: number } | undefined;
    const close = () => {
      if (!open || out.length >= MOST) return;
      const { from, to } = open;
      const lost = unread.some((n) => n.from < to && n.to > from);
      const text = source
        .slice(from, Math.min(to, from + 80))
        .replace(/\s+/g, " ")
        .trim();
      out.push({
        from,
        to,
        line: line.number,
        text,
        why: lost ? "unread" : line.number < firstRound ? "list" : "talk",
      });
      open = undefined;
    };
    for (let i = 0; i < tokens.length; i++) {
      const t = tokens[i] as Token;
      while (next < held.length && (held[next]?.to ?? 0) <= t.from) next++;
      const covered = next < held.length && (held[next]?.from ?? 0) <= t.from;
      if (covered) close();
      else if (counts(tokens, i, c, terms)) open = { from: open?.from ?? t.from, to: t.to };
    }
    close();
  }
  return out;
}

/** A number or the name of a stitch, and no measure, age or page. */
function counts(tokens: readonly Token[], i: number, c: Cursor, terms: Terms): boolean {
  const t = tokens[i] as Token;
  const before = tokens[i - 1]?.text ?? "";
  const after = tokens[i + 1]?.text ?? "";
  // "First" and "second" tell an order; "2nd" may be a place.
  if (t.kind === "ordinal" && !/^\d/.test(t.text)) return false;
  if (t.kind === "number" || t.kind === "ordinal")
    return !(
      UNIT.test(after) ||
      (after === "-" && UNIT.test(tokens[i + 2]?.text ?? "")) ||
      NAMES.test(before) ||
      isRoundWord(before) ||
      (t.kind === "ordinal" && isRoundWord(after)) ||
      (/^[/-]$/.test(after) && tokens[i + 2]?.kind === "number" && UNIT.test(tokens[i + 3]?.text ?? ""))
    );
  if (t.kind !== "word") return false;
  c.at = i;
  const stitch = readStitch(c, terms);
  return stitch !== undefined && stitch.kind !== "generic";
}

/** An increase or a decrease: whatever else a line does, it has a round in it. */
const shapesRound = (c: Cursor, terms: Terms): boolean => /^(inc|dec)/.test(readStitch(c, terms)?.kind ?? "");

/** Spans of the text that are held by something, in order and without overlap. */
function heldSpans(
  raw: RawPattern,
  parts: readonly CheckedPart[],
  kinds: readonly LineReading[],
  lines: readonly Line[],
  shapes: (line: Line) => boolean,
): readonly Span[] {
  const spans: Span[] = [];
  const add = (s: Span) => void (s.to > s.from && spans.push({ from: s.from, to: s.to }));
  const tree = (nodes: readonly Node[]) => {
    for (const n of nodes) if (n.kind !== "aside" && n.kind !== "unknown") add(n);
  };
  for (const { line, kind } of kinds) {
    const at = lines[line - 1];
    // "Stuff, then decrease six times": what is done holds the line, unless stitches are lost in it.
    if (at && WHOLE.has(kind) && !(kind === "event" && shapes(at))) add(at);
  }
  for (const p of raw.parts) {
    // "Wing x 2, yellow. MR 6, …": the name and how many to make stand on the line of the first round.
    const [start] = p.rounds;
    if (start?.line === p.line) add({ from: p.from, to: start.from });
    for (const r of p.rounds) {
      if (r.label) add(r.label);
      if (r.label?.manyAt) add(r.label.manyAt);
      if (r.reference) add(r);
      if (r.pieces) add(r.pieces);
      tree(r.closing);
    }
  }
  for (const p of parts) {
    // Of a range some rounds may hold what others do not: a total, a change of colour, a stretch of their own.
    p.rounds.forEach((r, i) => {
      if (r.nodes !== p.rounds[i - 1]?.nodes) tree(r.nodes);
    });
  }
  spans.sort((a, b) => a.from - b.from || a.to - b.to);
  const out: { from: number; to: number }[] = [];
  for (const s of spans) {
    const last = out[out.length - 1];
    if (last && s.from <= last.to) last.to = Math.max(last.to, s.to);
    else out.push({ ...s });
  }
  return out;
}
