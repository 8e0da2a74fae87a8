import { lineKey, type AlsoCounted, type Answer } from "../answers";
import { Cursor } from "../cursor";
import { isRoundWord } from "../labels";
import { couldNotRead, type Problem } from "../problems";
import { linesOf, regular } from "../text";
import { tokenize } from "../tokens";
import { readStitch } from "../vocabulary";
import type { CheckedPattern } from "../count/checked";
import { checkPattern, type MemoryByTerms } from "./pattern";

/** What a maker's own word mostly stands for, the commonest first, in both terms. */
const MEANINGS = {
  us: ["sc", "inc", "dec", "hdc", "dc", "sl st", "ch", "tr"],
  uk: ["dc", "inc", "dec", "htr", "tr", "ss", "ch", "dtr"],
} as const;
const ALSO: readonly AlsoCounted[] = ["slip stitches", "chains", "unworked stitches"];
/** Words that are never a stitch of her own. */
const ORDINARY =
  /^(?:in|on|at|of|to|the|a|an|and|or|with|each|every|all|around|st|sts|stitch|stitches|mr|ring|magic|rep|repeat|times|next|from|then|same|only|time|turn|join)$/;
const MOST_WORDS = 3;

/**
 * What she might answer to a doubt, each tried on the whole text: only answers with which the problem goes
 * away and no other comes stand here, those that leave the fewest. "This line is a note" is always among
 * them, since only she knows. Reads the text once for each answer that is tried (about thirty).
 */
export function answersTo(
  text: string,
  pattern: CheckedPattern,
  problem: Problem,
  options: {
    readonly otherwise?: "us" | "uk";
    readonly memory?: MemoryByTerms;
    readonly answers?: readonly Answer[];
  } = {},
): readonly Answer[] {
  const given = options.answers ?? [];
  const line = regular(text).split("\n")[problem.line - 1] ?? "";
  const trouble = (p: CheckedPattern) =>
    p.problems.filter((x) => x.severity === "error" || couldNotRead(x)).length;
  const before = trouble(pattern);
  const tried = [...candidates(text, pattern, problem)].flatMap((answer) => {
    const after = checkPattern(text, { ...options, answers: [...given, answer] });
    const gone = !after.problems.some((x) => x.line === problem.line && x.code === problem.code);
    const left = trouble(after);
    return gone && left < before ? [{ answer, left }] : [];
  });
  // A meaning with which other rounds come out as well is likelier than one that helps only this one.
  const least = Math.min(...tried.map((t) => t.left));
  const best = tried.filter((t) => t.left === least).map((t) => t.answer);
  const about: Answer[] = [
    { kind: "line", line: lineKey(line), is: "note" },
    ...(couldNotRead(problem) ? [{ kind: "line", line: lineKey(line), is: "heading" } as const] : []),
  ];
  return [...best, ...about].filter((a) => !given.some((g) => JSON.stringify(g) === JSON.stringify(a)));
}

function* candidates(text: string, pattern: CheckedPattern, problem: Problem): Generator<Answer> {
  if (couldNotRead(problem) || problem.code === "unknown-word")
    for (const word of strangeWords(text, pattern, problem))
      for (const means of MEANINGS[pattern.terms]) yield { kind: "word", word, means };
  else for (const count of ALSO) yield { kind: "totals", count };
}

/** Words of the problem's line that no list knows. */
function strangeWords(text: string, pattern: CheckedPattern, problem: Problem): string[] {
  const plain = regular(text);
  const line = linesOf(plain)[problem.line - 1];
  const tokens = tokenize(plain, line?.from ?? problem.from, line?.to ?? problem.to);
  const words = tokens.flatMap((t) => {
    if (t.kind !== "word" || ORDINARY.test(t.text) || isRoundWord(t.text) || t.text.length > 14) return [];
    return readStitch(new Cursor([t], text), pattern.terms) ? [] : [t.text];
  });
  return [...new Set(words)].slice(0, MOST_WORDS);
}
