import { parseArgs } from "node:util";
import {
  checkPattern,
  couldNotRead,
  problemText,
  STITCH_NAMES,
  type CheckedPattern,
  type Tally,
} from "../../core/notation";
import { json, Misuse, oneOf, print, readText } from "./common";

/** The tally with every stitch name, so that a reader need not guess about absent ones. */
function fullTally(t: Tally): Record<string, number> {
  return Object.fromEntries(STITCH_NAMES.map((name) => [name, t[name] ?? 0]));
}

function checkJson(p: CheckedPattern) {
  return {
    ok: p.ok,
    sure: p.sure,
    terms: p.terms,
    termsReason: p.termsReason,
    parts: p.parts.map((part) => ({
      name: part.name,
      make: part.make,
      worked: part.worked,
      rounds: part.rounds.map((r) => ({
        label: r.label,
        line: r.line,
        count: r.count ?? null,
        made: fullTally(r.made),
        increases: r.increases,
        decreases: r.decreases,
      })),
      total: { ...fullTally(part.made), increases: part.increases, decreases: part.decreases },
      bySlot: part.bySlot.map((s) => ({ slot: s.slot, made: fullTally(s.made) })),
    })),
    problems: p.problems.map((x) => ({
      severity: x.severity,
      code: x.code,
      line: x.line,
      column: x.column,
      endColumn: x.endColumn,
      message: problemText(x),
      fix: x.fix?.label ?? null,
    })),
    uncounted: p.uncounted.map((u) => ({ line: u.line, text: u.text, why: u.why })),
  };
}

export function run(args: string[]): number {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: { terms: { type: "string" }, json: { type: "boolean" } },
  });
  if (positionals.length !== 1) throw new Misuse("check takes one file");
  const p = checkPattern(readText(positionals[0]), {
    terms: oneOf<"us" | "uk" | "auto">("terms", values.terms, ["us", "uk", "auto"], "auto"),
  });
  if (values.json) json(checkJson(p));
  else {
    print(`Terms: ${p.terms.toUpperCase()} (${p.termsReason})`);
    for (const part of p.parts) {
      print(`\n${part.name}${part.make > 1 ? ` (make ${part.make})` : ""}, ${part.worked}`);
      for (const r of part.rounds)
        print(
          `  ${r.label.padEnd(8)} ${r.count === undefined ? "?" : r.count}${r.increases ? `  +${r.increases}` : ""}${r.decreases ? `  −${r.decreases}` : ""}`,
        );
    }
    print("");
    for (const x of p.problems)
      print(
        `${x.severity}: line ${x.line}, column ${x.column}: ${problemText(x)}${x.fix ? ` ${x.fix.label}` : ""}`,
      );
    const wrong = p.problems.filter((x) => x.severity === "error").length;
    const unread = p.problems.filter(couldNotRead).length;
    if (wrong > 0) print(`${wrong} to mend.`);
    if (unread > 0) print(`${unread} could not be read: the counts there are not sure.`);
    if (p.sure) print("No mistake found.");
  }
  return p.ok ? 0 : 1;
}
