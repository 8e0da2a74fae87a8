import type { RawPart, RawRound } from "./document";
import {
  chainsOf,
  freeLoopsIn,
  loopBase,
  loopsOf,
  operationsOf,
  partNamed,
  settle,
  type LoopsWorked,
} from "./surroundings";
import { MAX_ROUNDS } from "./limits";
import type { Node, Span } from "./tree";
import {
  type CheckedRound,
  type PartEvent,
  type CheckedPart,
  type Expanded,
  type Base,
  range,
} from "./check-base";
import { RoundChecker } from "./check-round";

/** Written rounds as the rounds they stand for, and what each is worked into. */
export abstract class RoundExpander extends RoundChecker {
  /** What there is to work into. */
  protected baseFor(
    e: Expanded,
    rounds: readonly CheckedRound[],
    worked: LoopsWorked,
    live: number | undefined,
    held: number,
    before: readonly CheckedPart[],
    quiet: boolean,
  ): Base {
    const last = rounds.length - 1;
    const previous = rounds[last];
    const free = freeLoopsIn(e.nodes);
    if (free) {
      const { part, round } = free.of;
      const named = part === undefined ? undefined : partNamed(part, before);
      const own = named ? undefined : loopBase(free.of, rounds, worked);
      const other = own
        ? undefined
        : (named ? [named] : [...before].reverse())
            .map((p) => loopBase(free.of, p.rounds))
            .find((x) => x !== undefined && (x.free || named !== undefined));
      const found = own ?? other;
      if (found && !found.free && round !== undefined && !quiet)
        this.report(free, { code: "loop-not-free", which: free.of.which ?? "free", round }, "error");
      if (found?.available !== undefined)
        return { live: found.available, options: [], held: 0, into: own?.into, named: own !== undefined };
      if (rounds.length === 0)
        return { live: undefined, options: [], held: 0, into: undefined, named: false };
    }
    const options: number[] = [];
    if (live !== undefined && previous) {
      const chains = chainsOf(previous.nodes);
      if (previous.bridge > 0 && previous.count === previous.offers) options.push(live + previous.bridge);
      if (chains.loose > 0) options.push(live + chains.loose, live + chains.loose + chains.bridge);
      if (previous.count !== previous.offers && previous.offers > 0) options.push(previous.offers);
      if (held > 0) options.push(live + held);
      const loops = loopsOf(e.nodes);
      // A frill in one loop, the next round in the other one behind it.
      if (
        previous.available !== undefined &&
        ((previous.loops === "front" && loops === "back") || (previous.loops === "back" && loops === "front"))
      )
        options.push(previous.available);
    }
    return { live, options, held, into: last >= 0 ? last : undefined, named: false };
  }

  /** Stitches taken from other parts, held against what those parts have. */
  protected pickedUp(e: Expanded, round: CheckedRound): void {
    const written = this.written(e);
    for (const p of e.pickups) {
      const edge = p.part.rounds[p.part.rounds.length - 1]?.count;
      if (edge === undefined || p.used === edge) continue;
      if (p.used > edge)
        this.report(
          p.node,
          { code: "too-many-used", used: p.used, available: edge, made: round.offers },
          "error",
        );
      else if (written === undefined)
        this.report(p.node, { code: "stitches-left", used: p.used, available: edge }, "warning");
    }
  }

  /** A part that this round takes in but that is only made further down. */
  protected madeLater(
    e: Expanded,
    own: RawPart,
    before: readonly CheckedPart[],
    after: readonly RawPart[],
  ): void {
    if (after.length === 0 || e.copied) return;
    for (const n of operationsOf(e.raw.nodes)) {
      for (const words of [...(n.op.caught ?? []), ...(n.op.part ? [n.op.part] : [])]) {
        if (partNamed(words, [own]) || partNamed(words, before)) continue;
        const later = partNamed(words, after);
        if (!later) continue;
        this.report(n, { code: "used-before-made", name: later.name, line: later.line }, "warning");
        return;
      }
    }
  }

  /** Events by the rounds worked before them: a line such as "Rnds 7–10" stands for four. */
  protected placed(raw: RawPart, rounds: readonly CheckedRound[]): readonly PartEvent[] {
    return raw.events.map((e) => {
      const last = raw.rounds[e.afterRound - 1];
      return { ...e, afterRound: last ? rounds.filter((r) => r.from <= last.from).length : 0 };
    });
  }

  /** Rounds of a part one by one: ranges spread out, references replaced by what they stand for. */
  protected expand(
    raw: RawPart,
    before: readonly CheckedPart[],
    number: (n: number, line: number, at: Span) => boolean,
  ): { round: Expanded; gap: boolean }[] {
    const out: { round: Expanded; gap: boolean }[] = [];
    let counter = 0;
    let settled: ({ of: readonly Node[]; first: boolean } & ReturnType<typeof settle>) | undefined;
    const push = (
      plain: Omit<Expanded, "label" | "number" | "pickups">,
      n: number | undefined,
      at: Span,
      word: string,
    ): void => {
      // Every round of a range has the same words: they are settled once.
      const first = out.length === 0;
      if (!settled || settled.of !== plain.nodes || settled.first !== first)
        settled = { of: plain.nodes, first, ...settle(plain.nodes, raw.name, before, first) };
      if (this.roundCount >= MAX_ROUNDS) {
        if (!this.stopped) this.report(at, { code: "too-large", what: "rounds", limit: MAX_ROUNDS }, "error");
        this.stopped = true;
        return;
      }
      this.roundCount++;
      const gap = n === undefined ? false : number(n, plain.raw.line, at) && !first;
      if (n !== undefined) counter = n;
      else {
        counter += 1;
        number(counter, plain.raw.line, at);
      }
      const { raw: r, lastOfLine, copied } = plain;
      out.push({
        round: {
          raw: r,
          nodes: settled.nodes,
          pickups: settled.pickups,
          lastOfLine,
          copied,
          number: counter,
          label: `${word} ${counter}`,
        },
        gap,
      });
    };
    for (let index = 0; index < raw.rounds.length; index++) {
      const r = raw.rounds[index];
      if (!r || this.stopped) break;
      // One slip, one report: what follows an unread word in the same round is mostly its echo.
      // What may be no more than talk waits until the round has been counted without it.
      const [firstFound] = r.found;
      if (firstFound && (firstFound.doubt === undefined || r.reference))
        this.report(firstFound, firstFound.detail, firstFound.severity);
      const at: Span = r.label ? { from: r.label.from, to: r.label.to } : { from: r.from, to: r.to };
      const word = r.label?.word === "row" ? "Row" : "Rnd";
      const first = r.label?.first;
      const last = r.label?.last;
      if (r.label?.beyond)
        this.report(r.label.beyond, { code: "too-large", what: "label", limit: MAX_ROUNDS }, "error");
      if (first !== undefined && last !== undefined && last < first)
        this.report(at, { code: "range-backwards", first, last }, "error");
      const meant =
        r.reference || out.length === 0
          ? undefined
          : this.misnumbered(r, counter + 1, raw.rounds[index + 1], out, at);
      const numbers: (number | undefined)[] =
        meant ??
        (r.label?.list
          ? [...r.label.list]
          : first !== undefined && last !== undefined && last >= first
            ? range(first, Math.min(last, first + MAX_ROUNDS))
            : Array.from({ length: r.label?.many ?? 1 }, () => undefined));
      if (
        r.label?.written !== undefined &&
        first !== undefined &&
        last !== undefined &&
        r.label.written !== last - first + 1
      ) {
        const counted = last - first + 1;
        this.report(
          r.label.writtenAt ?? at,
          { code: "range-length", written: r.label.written, counted },
          "error",
          r.label.writtenAt
            ? { ...r.label.writtenAt, text: String(counted), label: `Write ${counted} rounds.` }
            : undefined,
        );
      }
      if (r.reference) {
        const copied = this.resolve(r, before, out, numbers.length);
        copied.forEach((nodes, i) =>
          push(
            { raw: r, nodes, lastOfLine: i === copied.length - 1, copied: true },
            r.label && first !== undefined ? first + i : undefined,
            at,
            word,
          ),
        );
        continue;
      }
      numbers.forEach((n, i) =>
        push({ raw: r, nodes: r.nodes, lastOfLine: i === numbers.length - 1, copied: false }, n, at, word),
      );
    }
    return out;
  }

  /**
   * A label that is off while the next one goes on as if it were right: one slip of the pen, told once. Gives the
   * numbers that were meant.
   */
  protected misnumbered(
    r: RawRound,
    expected: number,
    next: RawRound | undefined,
    out: readonly { round: Expanded }[],
    at: Span,
  ): number[] | undefined {
    const { first, last, list } = r.label ?? {};
    if (first === undefined || last === undefined || list || next?.label?.first === undefined)
      return undefined;
    if (last < first)
      return next.label.first === first + 1 && expected === last ? range(last, first) : undefined;
    if (first === expected || next.label.first !== expected + last - first + 1) return undefined;
    const digits = this.source.slice(at.from, at.to).indexOf(String(first));
    const fix =
      first === last && digits >= 0
        ? {
            from: at.from + digits,
            to: at.from + digits + String(first).length,
            text: String(expected),
            label: `Call it round ${expected}.`,
          }
        : undefined;
    const earlier = out.find((x) => x.round.number === first);
    this.report(
      at,
      earlier
        ? { code: "round-twice", number: first, line: earlier.round.raw.line }
        : { code: "round-missing", expected, found: first },
      "error",
      fix,
    );
    return range(expected, expected + last - first);
  }

  protected resolve(
    r: RawRound,
    before: readonly CheckedPart[],
    out: readonly { round: Expanded }[],
    wanted: number,
  ): (readonly Node[])[] {
    const ref = r.reference;
    if (!ref) return [];
    const own = r.nodes.filter((n) => n.kind === "total" || n.kind === "event" || n.kind === "colour");
    const strip = (nodes: readonly Node[]) => nodes.filter((n) => n.kind !== "total" && n.kind !== "event");
    let pool: { number: number | undefined; nodes: readonly Node[] }[];
    if (ref.part !== undefined) {
      const name = ref.part.toLowerCase();
      const part =
        before.find((p) => p.name.toLowerCase() === name) ??
        before.find((p) => name.includes(p.name.toLowerCase()) || p.name.toLowerCase().includes(name));
      if (!part) {
        this.report(ref.partAt ?? r, { code: "no-such-part", name: ref.part }, "error");
        return [r.nodes];
      }
      pool = part.rounds.map((x) => ({ number: x.number, nodes: x.nodes }));
    } else pool = out.map((x) => ({ number: x.round.number, nodes: x.round.nodes }));
    if (ref.back > 0) pool = pool.slice(-ref.back);
    else if (ref.first !== undefined) {
      const { first, last = first } = ref;
      const found = pool.filter((x) => x.number !== undefined && x.number >= first && x.number <= last);
      if (found.length === 0 || found.length < last - first + 1) {
        const missing =
          range(first, Math.min(last, first + 1000)).find((n) => !found.some((x) => x.number === n)) ?? first;
        this.report(
          { from: r.from, to: r.to },
          { code: "no-such-round", number: missing, part: ref.part },
          "error",
        );
        if (found.length === 0) return [r.nodes];
      }
      pool = found;
    }
    if (pool.length === 0) return [r.nodes];
    const done = out[out.length - 1]?.round.number ?? out.length;
    const count =
      ref.until !== undefined
        ? Math.max(1, Math.min(MAX_ROUNDS, ref.until - done))
        : ref.times !== undefined
          ? ref.times * pool.length
          : r.label?.first !== undefined && ref.part === undefined
            ? wanted
            : Math.max(pool.length, r.label?.first !== undefined ? wanted : 0);
    const copies: (readonly Node[])[] = [];
    for (let i = 0; i < count && copies.length < MAX_ROUNDS; i++) {
      const source = pool[i % pool.length];
      if (source)
        copies.push(
          i === count - 1
            ? [
                ...own.filter((n) => n.kind === "colour"),
                ...strip(source.nodes),
                ...own.filter((n) => n.kind !== "colour"),
              ]
            : strip(source.nodes),
        );
    }
    return copies;
  }
}
