import { MAX_STITCHES } from "./limits";
import { work, type Outcome, type SlotTally } from "./count";
import type { Fix, ProblemDetail, Severity } from "./problems";
import { repairs, totalFix } from "./repair";
import { addTally, type Tally } from "./stitches";
import { chainsOf, loopsOf } from "./surroundings";
import type { Node, Span } from "./tree";
import {
  CheckBase,
  type CheckedRound,
  type Counting,
  type Expanded,
  type Base,
  holdsUnknown,
  withoutUnknown,
} from "./check-base";

/** One round against the stitches it is worked into and the total it says; which reading was meant, and what to mend. */
export abstract class RoundChecker extends CheckBase {
  round(
    e: Expanded,
    base: Base,
    slot: string,
    first: boolean,
    next: Expanded | undefined,
    quiet: boolean,
  ): { round: CheckedRound; slot: string; oval: boolean; held: number } {
    let live = base.live;
    const excused = this.excused(e, base, slot, first);
    if (excused) e = { ...e, nodes: excused };
    else if (!quiet && !e.copied && e.raw.found[0]?.doubt !== undefined)
      this.report(e.raw.found[0], e.raw.found[0].detail, e.raw.found[0].severity);
    let wanted = this.written(e);
    let counted = this.count(e.nodes, live, slot, first, wanted);
    if (counted.faults > 0) {
      for (const option of base.options) {
        const tried = this.count(e.nodes, option, slot, first, wanted);
        if (tried.faults > 0) continue;
        counted = tried;
        live = option;
        break;
      }
      // Rows of a panel may bite stitches at its side.
      const { used, offers } = counted.outcome;
      if (
        counted.faults > 0 &&
        base.held > 0 &&
        live !== undefined &&
        used > live &&
        used <= live + base.held &&
        wanted === offers
      ) {
        live = used;
        counted = this.count(e.nodes, live, slot, first, wanted);
      }
    }
    counted = this.plainest(e, counted, live, slot, first, wanted, next);
    const { nodes, outcome: o } = counted;
    wanted ??= nodes === e.nodes ? undefined : this.totals(nodes).at(-1)?.n;
    const chains = chainsOf(nodes);
    // A total may count the chains over a gap along: the next round works them.
    const spans =
      wanted !== undefined &&
      wanted !== o.offers &&
      [chains.bridge, chains.loose, chains.bridge + chains.loose].some(
        (n) => n > 0 && wanted === o.offers + n,
      );
    const written = spans ? undefined : wanted;
    const available = this.base(o, live);
    const place = (): Span => (e.copied ? { from: e.raw.from, to: e.raw.to } : this.workSpan(nodes, e.raw));
    let broken = false;
    let count: number | undefined = spans ? wanted : o.open ? written : o.offers;
    const say = (where: Span, detail: ProblemDetail, severity: Severity, fix?: Fix) => {
      if (!quiet) this.report(where, detail, severity, fix);
      if (severity === "error") broken = true;
    };

    const totals = this.totals(nodes);
    const firstTotal = totals[0];
    const lastTotal = totals[totals.length - 1];
    if (firstTotal && lastTotal && firstTotal.n !== lastTotal.n && e.lastOfLine) {
      const wrong = firstTotal.n === o.offers ? lastTotal : firstTotal;
      say(
        wrong,
        { code: "totals-disagree", first: firstTotal.n, second: lastTotal.n },
        "error",
        totalFix(wrong, o.offers, this.source),
      );
    } else if (o.used > MAX_STITCHES || o.offers > MAX_STITCHES) {
      say(place(), { code: "too-large", what: "chain", limit: MAX_STITCHES }, "error");
      count = undefined;
    } else if (o.unknown || (!e.copied && !excused && e.raw.found.some((f) => f.severity === "error"))) {
      // Something in the round could not be read and was reported; a count made without it would be a guess.
      broken = true;
      count = written ?? this.guess(next, [o.offers, live]);
    } else if (e.raw.reference && nodes.length === 0) {
      count = live;
    } else if (
      !nodes.some((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip")
    ) {
      // "Rnd 7: change to white" or an empty label: nothing worked.
      count = written ?? live;
      if (
        !e.raw.nodes.some((n) => n.kind === "event" || n.kind === "colour" || n.kind === "start") &&
        !e.raw.found.length &&
        !e.copied
      ) {
        say(
          e.raw,
          {
            code: "not-understood",
            text: this.source.slice(e.raw.from, Math.min(e.raw.to, e.raw.from + 60)),
          },
          "error",
        );
        count = written;
      }
    } else if (o.open && written === undefined) {
      count = this.guess(next, []);
      if (live === undefined && !first && count === undefined) broken = true;
    } else if (available !== undefined && o.used !== available) {
      count = this.misused(nodes, o, available, written, place, slot, first, next, say);
    } else if (o.bothSides && o.firstSide !== undefined && o.foundation > 0 && this.oneSideWrong(o)) {
      say(
        place(),
        {
          code: o.firstSide > o.sideStitches ? "too-many-used" : "too-few-used",
          used: o.firstSide,
          available: o.sideStitches,
          made: o.offers,
        },
        "error",
      );
      count = written ?? o.offers;
    } else if (written !== undefined && written !== o.offers && !o.open) {
      const wantsWritten = this.accepts(next, written);
      const wantsMade = this.accepts(next, o.offers);
      const fixed = this.balanced(nodes, available, written, slot, first);
      const total = lastTotal ? totalFix(lastTotal, o.offers, this.source) : undefined;
      const trustWritten = wantsWritten === true && wantsMade !== true;
      say(
        trustWritten || !lastTotal ? place() : { from: lastTotal.from, to: lastTotal.to },
        { code: "total-wrong", made: o.offers, written, used: o.used, available },
        "error",
        trustWritten ? (fixed ?? total) : total,
      );
      count = trustWritten
        ? written
        : wantsMade === true
          ? o.offers
          : wantsMade === false && wantsWritten === false
            ? o.offers
            : written;
    }
    const made = sumOf(o.bySlot);
    const left =
      available !== undefined && (!broken || o.turned || o.leaves) && o.used < available
        ? available - o.used
        : 0;
    const more = live !== undefined && base.live !== undefined ? live - base.live : 0;
    const held = left > 0 ? left : base.held > 0 && more < base.held ? base.held - Math.max(0, more) : 0;
    return {
      held,
      round: {
        into: o.free || first ? undefined : base.into,
        loops: loopsOf(nodes),
        deadEnd: false,
        bridge: chains.bridge,
        offers: o.offers,
        label: e.label,
        number: e.number,
        line: e.raw.line,
        from: e.raw.from,
        to: e.raw.to,
        count,
        available: available ?? (o.free || first ? undefined : live),
        used: o.used,
        made,
        bySlot: slotList(o.bySlot),
        increases: o.increases,
        decreases: o.decreases,
        joined: o.joined,
        foundation: o.foundation,
        nodes,
        slot,
        strands: undefined,
        hookMm: undefined,
        broken,
      },
      slot: o.slot,
      oval: o.bothSides,
    };
  }

  /** A second reading that only the written total speaks for gives way to the first when the next round wants the first. */
  protected plainest(
    e: Expanded,
    counted: Counting,
    live: number | undefined,
    slot: string,
    first: boolean,
    wanted: number | undefined,
    next: Expanded | undefined,
  ): Counting {
    if (wanted === undefined || counted.nodes === e.nodes || counted.faults > 0 || !next) return counted;
    const outcome = work(e.nodes, live, slot, first, wanted);
    const base = this.base(outcome, live);
    if (
      outcome.offers === wanted ||
      outcome.open ||
      outcome.unknown ||
      outcome.misfit ||
      (base !== undefined && base !== outcome.used)
    )
      return counted;
    return this.accepts(next, wanted) === false && this.accepts(next, outcome.offers) === true
      ? { nodes: e.nodes, outcome, faults: 1 }
      : counted;
  }

  /** The tree without words nobody knows, when the round comes out exactly as it should without them: then they are talk. */
  protected excused(e: Expanded, base: Base, slot: string, first: boolean): readonly Node[] | undefined {
    const [found] = e.raw.found;
    if (
      !e.copied &&
      (found === undefined || e.raw.found.some((f) => f.severity === "error" && f.doubt === undefined))
    )
      return undefined;
    if (!e.nodes.some(holdsUnknown)) return undefined;
    const nodes = withoutUnknown(e.nodes);
    const written = this.written({ ...e, nodes });
    const sure = e.raw.found.every((f) => f.doubt !== "number");
    for (const available of [base.live, ...base.options]) {
      const { outcome: o, faults } = this.count(nodes, available, slot, first, written);
      if (faults > 0 || o.open || o.unknown) continue;
      const uses = this.base(o, available) !== undefined && o.used > 0;
      if (written === undefined ? uses && sure : o.offers === written) return nodes;
    }
    return undefined;
  }

  protected oneSideWrong(o: Outcome): boolean {
    return o.firstSide !== undefined && o.firstSide !== o.sideStitches;
  }

  /** A free start whose own number is off (5 sc written as 6): the count that makes the total. */
  protected balanced(
    nodes: readonly Node[],
    available: number | undefined,
    written: number,
    slot: string,
    first: boolean,
  ): Fix | undefined {
    if (available === undefined) return undefined;
    return repairs(nodes, available, written, slot, first, this.source).find((r) => r.exact)?.fix;
  }

  protected guess(next: Expanded | undefined, options: readonly (number | undefined)[]): number | undefined {
    for (const n of options) if (n !== undefined && this.accepts(next, n) === true) return n;
    return undefined;
  }

  /** `used` and `available` differ: tell what is wrong, how to mend it, and with which count to go on. */
  protected misused(
    nodes: readonly Node[],
    o: Outcome,
    available: number,
    written: number | undefined,
    place: () => Span,
    slot: string,
    first: boolean,
    next: Expanded | undefined,
    say: (at: Span, d: ProblemDetail, s: Severity, fix?: Fix) => void,
  ): number | undefined {
    const at = place();
    const fixes = repairs(nodes, available, written, slot, first, this.source);
    const agrees = written === undefined || written === o.offers;
    if (o.leaves && o.used < available && agrees) {
      say(at, { code: "stitches-left", used: o.used, available }, "warning");
      return o.offers;
    }
    if (
      o.used < available &&
      written === o.offers &&
      !o.misfit &&
      !this.looksLikeSlip(nodes, available, o.used)
    ) {
      // The maker's own total confirms it: a hole left open, a panel, a last stitch over.
      if (o.turned || this.accepts(next, o.offers) !== false) {
        say(at, { code: "stitches-left", used: o.used, available }, "warning");
        return o.offers;
      }
    }
    const fix =
      fixes.find((r) => r.exact) ?? fixes.find((r) => this.accepts(next, r.offers) !== false) ?? fixes[0];
    if (o.misfit && o.used < available)
      say(
        o.misfit.node,
        { code: "repeat-does-not-fit", unit: o.misfit.unit, available, over: o.misfit.over },
        "error",
        fix?.fix,
      );
    else if (written !== undefined && written !== o.offers)
      say(at, { code: "count-wrong", used: o.used, available, made: o.offers, written }, "error", fix?.fix);
    else if (o.used < available)
      say(at, { code: "too-few-used", used: o.used, available, made: o.offers }, "error", fix?.fix);
    else say(at, { code: "too-many-used", used: o.used, available, made: o.offers }, "error", fix?.fix);
    const options = [written, fix?.offers, o.offers, available].filter((n) => n !== undefined);
    for (const n of options) if (this.accepts(next, n) === true) return n;
    return options[0];
  }

  /** A repeat that would fit exactly with another number was most likely meant to. */
  protected looksLikeSlip(nodes: readonly Node[], available: number, used: number): boolean {
    const groups = nodes.filter((n) => n.kind === "group" && n.times.kind === "number" && n.times.n > 1);
    const only = groups.length === 1 ? groups[0] : undefined;
    if (
      only?.kind !== "group" ||
      only.times.kind !== "number" ||
      nodes.some((n) => n.kind === "work" && n.op.uses > 0)
    )
      return false;
    const unit = used / only.times.n;
    return available % unit === 0 && available - used >= unit;
  }
}

function slotList(slots: ReadonlyMap<string, SlotTally>): ({ slot: string } & SlotTally)[] {
  const list: ({ slot: string } & SlotTally)[] = [];
  for (const [slot, { made, two, three }] of slots) list.push({ slot, made, two, three });
  return list;
}

function sumOf(slots: ReadonlyMap<string, SlotTally>): Tally {
  let sum: Tally = {};
  for (const t of slots.values()) sum = addTally(sum, t.made);
  return sum;
}
