import {
  fullName,
  stitchCalled,
  type AlsoCounted,
  type Answer,
  type StitchWord,
  type Terms,
} from "@core/notation";

const ALSO: Readonly<Record<AlsoCounted, string>> = {
  "slip stitches": "the slip stitches too",
  chains: "the chains too",
  "unworked stitches": "the stitches left unworked too",
};
const KINDS: Readonly<Partial<Record<StitchWord["kind"], string>>> = {
  inc: "an increase",
  dec: "a decrease",
  bobble: "a bobble",
};

/** "single crochet (sc)", "an increase": what a word stands for, in her terms. */
function meaning(means: string, terms: Terms): string {
  const stitch = stitchCalled(means, terms);
  if (!stitch) return means;
  const said = KINDS[stitch.kind];
  return said === undefined ? `${fullName(stitch.stitch, terms)} (${means})` : said;
}

/** A choice of a menu. */
export function answerChoice(a: Answer, terms: Terms): string {
  switch (a.kind) {
    case "word":
      return `“${a.word}” means ${meaning(a.means, terms)}`;
    case "line":
      return a.is === "note" ? "This line is a note, no work" : "This line names a part";
    case "totals":
      return `The totals count ${ALSO[a.count]}`;
  }
}

/** The same as a thing she said. */
export const answerGiven = (a: Answer, terms: Terms): string =>
  a.kind === "line"
    ? `“${a.line}” ${a.is === "note" ? "is a note" : "names a part"}`
    : answerChoice(a, terms);
