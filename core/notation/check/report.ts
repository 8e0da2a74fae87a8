import type { SlotTally } from "../count";
import type { Base, CheckedRound, Expanded } from "../count/checked";
import { MAX_STITCHES } from "../limits";
import { repairs, totalFix } from "../repair";
import { addTally, type Tally } from "../stitches";
import { chainsOf, loopsOf } from "../surroundings";
import type { Node, Span } from "../tree";
import { isWork } from "../count/made";
import { totalsOf, type Judged } from "./judge";
import type { Told } from "./reporter";

/** A round as it was decided to be, with what is told about it. */
export interface Settled {
  readonly round: CheckedRound;
  readonly slot: string;
  readonly oval: boolean;
  /** Stitches beside a panel that its rows may bite. */
  readonly held: number;
}

export interface Place {
  readonly e: Expanded;
  readonly base: Base;
  readonly slot: string;
  readonly first: boolean;
  /** The rounds behind were worked out on the count that it goes on with. */
  readonly borneOut: boolean;
  /** Something was told on this line before: its echo is not. */
  readonly quiet: boolean;
}

/** Tells what is wrong with a round, if anything, and makes its record. */
export function settleRound(p: Place, j: Judged, to: Told): Settled {
  const { e } = p;
  const { nodes, outcome: o, available, live } = j;
  let broken = false;
  let { count } = j;
  if (o.used > MAX_STITCHES || o.offers > MAX_STITCHES) {
    to.report(placeOf(e, nodes), { code: "too-large", what: "chain", limit: MAX_STITCHES }, "error");
    broken = true;
    count = undefined;
  } else if (j.fault !== undefined) broken = tell(p, j, to);
  else if (!nodes.some(isWork)) {
    const says = e.raw.nodes.some(
      (n) => n.kind === "event" || n.kind === "colour" || n.kind === "start" || n.kind === "turn",
    );
    if (!says && !e.raw.reference && !e.raw.found.length && !e.copied) {
      const text = to.source.slice(e.raw.from, Math.min(e.raw.to, e.raw.from + 60));
      if (!p.quiet) to.report(e.raw, { code: "not-understood", text }, "error");
      broken = true;
      count = j.written;
    }
  }
  const left =
    available !== undefined && (!broken || o.turned || o.leaves) && o.used < available
      ? available - o.used
      : 0;
  const more = live !== undefined && p.base.live !== undefined ? live - p.base.live : 0;
  const held = left > 0 ? left : p.base.held > 0 && more < p.base.held ? p.base.held - Math.max(0, more) : 0;
  return {
    held,
    slot: o.slot,
    oval: o.bothSides,
    round: {
      into: o.free || p.first ? undefined : p.base.into,
      loops: loopsOf(nodes),
      deadEnd: false,
      bridge: chainsOf(nodes, available).bridge,
      offers: o.offers,
      label: e.label,
      number: e.number,
      line: e.raw.line,
      from: e.raw.from,
      to: e.raw.to,
      count,
      available: available ?? (o.free || p.first ? undefined : live),
      used: o.used,
      made: sumOf(o.bySlot),
      bySlot: [...o.bySlot].map(([slot, tally]) => ({ slot, ...tally })),
      increases: o.increases,
      decreases: o.decreases,
      joined: o.joined,
      foundation: o.foundation,
      nodes,
      slot: p.slot,
      strands: undefined,
      hookMm: undefined,
      broken,
    },
  };
}

/** Reports the fault of a round; says whether its count is uncertain now. */
function tell(p: Place, j: Judged, to: Told): boolean {
  const { e } = p;
  const { nodes, outcome: o, written } = j;
  // Nothing is told: what to mend need not be looked for.
  if (p.quiet && j.fault !== "open") return j.fault !== "left";
  const say: Told["report"] = (...args) => {
    if (!p.quiet) to.report(...args);
  };
  const totals = totalsOf(nodes);
  const lastTotal = totals[totals.length - 1];
  const firstTotal = totals[0];
  switch (j.fault) {
    case "unread": {
      // One slip, one report: what follows an unread word in the same round is mostly its echo.
      const [found] = j.candidate.found;
      if (found && !e.copied) say(found, found.detail, found.severity);
      else if (!e.copied)
        say(
          e.raw,
          { code: "not-understood", text: to.source.slice(e.raw.from, Math.min(e.raw.to, e.raw.from + 60)) },
          "error",
        );
      return true;
    }
    case "disagree": {
      if (!firstTotal || !lastTotal) return true;
      const wrong = firstTotal.n === o.offers ? lastTotal : firstTotal;
      say(
        wrong,
        { code: "totals-disagree", first: firstTotal.n, second: lastTotal.n },
        "error",
        totalFix(wrong, o.offers, to.source),
      );
      return true;
    }
    case "open":
      return j.live === undefined && !p.first && j.count === undefined;
    case "left":
      say(placeOf(e, nodes), { code: "stitches-left", used: o.used, available: j.available ?? 0 }, "warning");
      return false;
    case "one-side":
      say(
        placeOf(e, nodes),
        {
          code: (o.firstSide ?? 0) > o.sideStitches ? "too-many-used" : "too-few-used",
          used: o.firstSide ?? 0,
          available: o.sideStitches,
          made: o.offers,
        },
        "error",
      );
      return true;
    case "written": {
      if (written === undefined) return true;
      const trustWritten = j.count === written && j.count !== o.offers && p.borneOut;
      const total = lastTotal ? totalFix(lastTotal, o.offers, to.source) : undefined;
      const balanced =
        j.available === undefined
          ? undefined
          : repairs(nodes, j.available, written, p.slot, p.first, to.source).find((r) => r.exact)?.fix;
      say(
        trustWritten || !lastTotal ? placeOf(e, nodes) : { from: lastTotal.from, to: lastTotal.to },
        { code: "total-wrong", made: o.offers, written, used: o.used, available: j.available },
        "error",
        trustWritten ? (balanced ?? total) : total,
      );
      return true;
    }
    default:
      misused(p, j, say, to.source);
      return true;
  }
}

function misused(p: Place, j: Judged, say: Told["report"], source: string): void {
  const { nodes, outcome: o, written } = j;
  const available = j.available ?? 0;
  const at = placeOf(p.e, nodes);
  const fixes = repairs(nodes, available, written, p.slot, p.first, source);
  const fix = fixes.find((r) => r.exact) ?? fixes.find((r) => r.offers === j.count) ?? fixes[0];
  if (j.fault === "misfit" && o.misfit)
    say(
      o.misfit.node,
      { code: "repeat-does-not-fit", unit: o.misfit.unit, available, over: o.misfit.over },
      "error",
      fix?.fix,
    );
  else if (j.fault === "both" && written !== undefined)
    say(at, { code: "count-wrong", used: o.used, available, made: o.offers, written }, "error", fix?.fix);
  else
    say(
      at,
      {
        code: o.used < available ? "too-few-used" : "too-many-used",
        used: o.used,
        available,
        made: o.offers,
      },
      "error",
      fix?.fix,
    );
}

function placeOf(e: Expanded, nodes: readonly Node[]): Span {
  if (e.copied) return { from: e.raw.from, to: e.raw.to };
  // What was said above the label, a chain to begin with, is not where it goes wrong.
  const above = e.raw.label?.from ?? 0;
  const all = nodes.filter(isWork);
  const below = all.filter((n) => n.from >= above);
  const worked = below.length > 0 ? below : all;
  const from = Math.min(...worked.map((n) => n.from));
  const to = Math.max(...worked.map((n) => n.to));
  return Number.isFinite(from) ? { from, to } : { from: e.raw.from, to: e.raw.to };
}

function sumOf(slots: ReadonlyMap<string, SlotTally>): Tally {
  let sum: Tally = {};
  for (const t of slots.values()) sum = addTally(sum, t.made);
  return sum;
}
