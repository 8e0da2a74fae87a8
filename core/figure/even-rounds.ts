import type { CheckedPart, CheckedPattern, CheckedRound } from "../notation";

/** Rounds that one stretch of the text says: "Rnds 4-7: sc around". */
interface Said {
  readonly from: number;
  readonly to: number;
  readonly first: number;
  readonly rounds: readonly CheckedRound[];
}
interface Edit {
  readonly from: number;
  readonly to: number;
  readonly put: string;
}
/** Rounds spoken of by number, in prose: "rounds 5 and 6", "rnd 8". */
const SPOKEN = /\b(?:rounds?|rnds?|rows?|r)\b\.?\s*(\d+(?:\s*(?:[-–&,+]|and|or|to)\s*\d+)*)/gi;
const NUMBER = /\d+/g;

/**
 * The text with `by` even rounds more (below 0: fewer) in one of its parts, where that part is widest, and all
 * that is numbered behind them renumbered: labels, rounds spoken of in the part's own lines, and, where the part is
 * named, in others. `read` reads a text; what comes back was read again and has the same rounds but for those.
 * Undefined where the part has no even rounds at its widest, too few to take out, or cannot be renumbered.
 */
export function withEvenRounds(
  text: string,
  checked: CheckedPattern,
  index: number,
  by: number,
  read: (text: string) => CheckedPattern,
): string | undefined {
  const part = checked.parts[index];
  if (!part || by === 0) return undefined;
  const said = saidIn(part);
  const run = evenRun(said);
  const last = run.at(-1);
  if (!last) return undefined;
  const behind = last.first + last.rounds.length - 1;
  const edits =
    by > 0 ? [renumbered(text, last, 0, by)].filter((e) => e !== undefined) : shortened(text, run, -by);
  if (!edits || edits.length === 0) return undefined;
  for (const s of said.slice(said.indexOf(last) + 1)) {
    const label = renumbered(text, s, by, by);
    if (label) edits.push(label);
  }
  const taken = [...edits, ...said.flatMap((s) => (run.includes(s) ? [] : labelSpan(text, s)))];
  edits.push(...spoken(text, checked, index, behind, by).filter((e) => !taken.some((x) => overlap(e, x))));
  const changed = applied(text, edits);
  return holds(part, read(changed).parts[index], said, run, by) ? changed : undefined;
}

function saidIn(part: CheckedPart): Said[] {
  const said: Said[] = [];
  part.rounds.forEach((round, i) => {
    const before = said.at(-1);
    if (before?.from === round.from && before.to === round.to)
      said[said.length - 1] = { ...before, rounds: [...before.rounds, round] };
    else
      said.push({
        from: round.from,
        to: round.to,
        first: round.number ?? i + 1,
        rounds: [round],
      });
  });
  return said;
}

const isEven = (r: CheckedRound): boolean =>
  r.into !== undefined &&
  r.count !== undefined &&
  r.count === r.available &&
  r.increases === 0 &&
  r.decreases === 0 &&
  r.bridge === 0 &&
  !r.deadEnd &&
  !r.broken;

const roundsIn = (said: readonly Said[]): number => said.reduce((n, s) => n + s.rounds.length, 0);

/** The longest stretch of even rounds among those with the most stitches. */
function evenRun(said: readonly Said[]): Said[] {
  const widest = Math.max(...said.flatMap((s) => s.rounds.map((r) => r.count ?? 0)));
  let best: Said[] = [];
  let now: Said[] = [];
  for (const s of said) {
    now = s.rounds.every((r) => isEven(r) && r.count === widest) ? [...now, s] : [];
    if (roundsIn(now) > roundsIn(best)) best = now;
  }
  return best;
}

/** Where the label's numbers stand: those of its rounds in order, or how many rounds it says ("3 more rounds"). */
function numbersOf(text: string, s: Said): { kind: "numbers" | "count"; at: Edit[] } | undefined {
  const found = [...text.slice(s.from, s.to).matchAll(NUMBER)].map((m) => ({
    from: s.from + m.index,
    to: s.from + m.index + m[0].length,
    put: m[0],
  }));
  const first = found[0];
  if (!first) return undefined;
  const last = s.first + s.rounds.length - 1;
  if (Number(first.put) === s.first) {
    const end = s.rounds.length === 1 ? 0 : found.findIndex((f) => Number(f.put) === last);
    return end < 0 ? undefined : { kind: "numbers", at: found.slice(0, end + 1) };
  }
  return Number(first.put) === s.rounds.length ? { kind: "count", at: [first] } : undefined;
}
const labelSpan = (text: string, s: Said): Edit[] => {
  const n = numbersOf(text, s);
  const [first, last] = [n?.at[0], n?.at.at(-1)];
  return first && last ? [{ from: first.from, to: last.to, put: "" }] : [];
};

/** The label with its first number moved by `by` and its last by `end`; undefined where it has none to move. */
function renumbered(text: string, s: Said, by: number, end: number): Edit | undefined {
  const n = numbersOf(text, s);
  const [first, last] = [n?.at[0], n?.at.at(-1)];
  // What has no number of its own ("next round", "work even") is counted by where it stands.
  if (!n || !first || !last) return undefined;
  if (n.kind === "count") {
    const rounds = s.rounds.length + end - by;
    return rounds === s.rounds.length ? undefined : { from: first.from, to: first.to, put: String(rounds) };
  }
  const [a, b] = [s.first + by, s.first + s.rounds.length - 1 + end];
  const between = n.at.length > 1 ? text.slice(first.to, n.at[1]?.from) : "-";
  // "4, 5, 6" that grows or shrinks is a range from then on.
  const list = n.at.length > 2 || /[,&]|and/.test(between);
  if (list && by === end) {
    const inner = text.slice(first.from, last.to);
    return { from: first.from, to: last.to, put: inner.replace(NUMBER, (x) => String(Number(x) + by)) };
  }
  return { from: first.from, to: last.to, put: a === b ? String(a) : `${a}${list ? "-" : between}${b}` };
}

/** Takes rounds from the end of the stretch; one of it stays. */
function shortened(text: string, run: readonly Said[], by: number): Edit[] | undefined {
  const edits: Edit[] = [];
  let left = by;
  for (const s of [...run].reverse()) {
    if (left === 0) break;
    const whole = s !== run[0] && s.rounds.length <= left;
    if (whole) {
      const line = text.lastIndexOf("\n", s.from) + 1;
      const end = text.indexOf("\n", s.to);
      // A line that says more than these rounds stays.
      if (text.slice(line, s.from).trim() !== "" || text.slice(s.to, end < 0 ? undefined : end).trim() !== "")
        return undefined;
      edits.push({ from: line, to: end < 0 ? text.length : end + 1, put: "" });
      left -= s.rounds.length;
      continue;
    }
    if (s.rounds.length <= left) return undefined;
    const edit = renumbered(text, s, 0, -left);
    if (!edit) return undefined;
    edits.push(edit);
    left = 0;
  }
  return left === 0 ? edits : undefined;
}

/** Rounds behind the place that are spoken of, in the part's lines and where others name the part. */
function spoken(text: string, checked: CheckedPattern, index: number, behind: number, by: number): Edit[] {
  const part = checked.parts[index];
  const next = Math.min(
    ...checked.parts.filter((p) => p.line > (part?.line ?? 0)).map((p) => p.line),
    Infinity,
  );
  const name = part?.name.toLowerCase().trim() ?? "";
  let at = 0;
  return text.split("\n").flatMap((line, i) => {
    const start = at;
    at += line.length + 1;
    const own = i + 1 >= (part?.line ?? 0) && i + 1 < next;
    const named = name.length > 2 && line.toLowerCase().includes(name);
    const others = checked.parts.some((p, k) => k !== index && p.rounds.some((r) => r.line === i + 1));
    if (others || (!own && !named)) return [];
    return [...line.matchAll(SPOKEN)].flatMap((m) => {
      const list = m[1] ?? "";
      const from = start + m.index + m[0].length - list.length;
      const put = list.replace(NUMBER, (x) => String(Number(x) > behind ? Math.max(1, Number(x) + by) : x));
      return put === list ? [] : [{ from, to: from + list.length, put }];
    });
  });
}

const overlap = (a: Edit, b: Edit): boolean => a.from < b.to && b.from < a.to;

const applied = (text: string, edits: readonly Edit[]): string =>
  [...edits]
    .sort((a, b) => b.from - a.from)
    .reduce((t, e) => t.slice(0, e.from) + e.put + t.slice(e.to), text);

/** Read again it has the rounds it had, and `by` more like those of the stretch. */
function holds(
  before: CheckedPart,
  after: CheckedPart | undefined,
  said: readonly Said[],
  run: readonly Said[],
  by: number,
): boolean {
  if (after?.rounds.length !== before.rounds.length + by) return false;
  const at = roundsIn(said.slice(0, said.findIndex((s) => s === run.at(-1)) + 1));
  return before.rounds.every((r, i) => {
    if (by < 0 && i >= at + by && i < at) return true;
    const same = after.rounds[i < at ? i : i + by];
    return (
      !!same && same.count === r.count && same.increases === r.increases && same.decreases === r.decreases
    );
  });
}
