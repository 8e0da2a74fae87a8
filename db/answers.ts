import { z } from "zod";
import { MAX_ANSWER_LENGTH, MAX_ANSWERS, type Answer } from "@core/notation";

const words = z.string().min(1).max(MAX_ANSWER_LENGTH);

/** One answer of a maker to a doubt of the reader, as a form sends it and a column keeps it. */
const answerSchema: z.ZodType<Answer> = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("word"), word: words.max(20), means: words.max(20) }),
  z.object({ kind: z.literal("line"), line: words, is: z.enum(["note", "heading"]) }),
  z.object({ kind: z.literal("totals"), count: z.enum(["slip stitches", "chains", "unworked stitches"]) }),
]);
export const answersSchema = z.array(answerSchema).max(MAX_ANSWERS, {
  error: `At most ${MAX_ANSWERS} answers are kept. Take some back that are not needed.`,
});

/** The column: JSON with the number of its form; null while nothing was asked. */
export const keptAnswers = (answers: readonly Answer[] | undefined): string | null =>
  answers && answers.length > 0 ? JSON.stringify({ form: 1, answers }) : null;

const kept = z.object({ form: z.literal(1), answers: z.array(z.unknown()) });
/** What a column holds; an answer of a later Lapka that is not known here is left out, not an error. */
export function answersOf(column: string | null): readonly Answer[] {
  if (column === null) return [];
  const read = kept.safeParse(parsed(column));
  if (!read.success) return [];
  return read.data.answers.flatMap((a) => {
    const one = answerSchema.safeParse(a);
    return one.success ? [one.data] : [];
  });
}
function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
