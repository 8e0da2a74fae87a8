import {
  checkPattern,
  layoutOf,
  MAX_MAKE,
  MAX_ROUNDS,
  PLAIN_STYLE,
  printPattern,
  problemText,
} from "../../core/notation";

/** What is wrong with how a text was answered, in words; nothing when all is well. */
export function wrongWith(text: string): string[] {
  const wrong: string[] = [];
  const say = (ok: boolean, what: string) => void (ok || wrong.push(what));
  const p = checkPattern(text);
  const rounds = p.parts.flatMap((x) => x.rounds);
  say(rounds.length <= MAX_ROUNDS, `${rounds.length} rounds`);
  for (const part of p.parts)
    say(Number.isInteger(part.make) && part.make >= 1 && part.make <= MAX_MAKE, `make ${part.make}`);
  for (const r of rounds) {
    say(r.count === undefined || (Number.isFinite(r.count) && r.count >= 0), `count ${String(r.count)}`);
    say(
      Object.values(r.made).every((n) => Number.isFinite(n) && n >= 0),
      `stitches ${JSON.stringify(r.made)}`,
    );
    say(Number.isFinite(r.used) && r.used >= 0, `used ${r.used}`);
  }
  for (const x of p.problems) {
    say(
      x.from >= 0 && x.from <= x.to && x.to <= text.length,
      `${x.code} from ${x.from} to ${x.to} of ${text.length}`,
    );
    say(problemText(x).length > 0 && problemText(x).length < 2000, `${x.code} has no words`);
  }
  for (const r of rounds.slice(0, 200)) layoutOf(r);
  say(printPattern(p, text, PLAIN_STYLE).endsWith("\n"), "not written out");
  return wrong;
}
