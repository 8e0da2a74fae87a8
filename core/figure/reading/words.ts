import type { Mark, Points, Side } from "../said";

/** Words that begin an assembly; others ("stuff", "insert", "weave") are steps of other kinds. */
export const ASSEMBLES =
  /^(sew|sewn|stitch|attach|place|position|pin|put|fix|join|add|glue|whipstitch|lay|set|hang|fasten|secure|mount|placed|attached|positioned|pinned|fixed|joined|stitched|glued)$/;
/** "The tail goes at the back": of where a part is to be, unless she goes on. */
export const BELONGS = /^(?:go|goes|sit|sits|belong|belongs)$/;
/** Steps that happen to have such a word in them. */
export const NOT_ASSEMBLY = /^(?:stuff|fill|weave|insert|embroider|leave|change|cut|close)\b/;
/** What is sewn there is no part. */
export const NO_PART =
  /^(?:eyes?|safety|nose|hole|opening|gap|seam|end|ends|tail end|marker|stitch|marker|keyring|ring|button|bead)$/;

export const HOST_WORDS = new Set([
  "to",
  "onto",
  "on",
  "of",
  "into",
  "inside",
  "in",
  "under",
  "underneath",
  "beneath",
  "against",
]);
/** Between a preposition and the name it goes with. */
export const FILLS =
  /^(?:the|a|an|your|its|each|either|both|of|upper|lower|very|middle|centre|center|front|back|top|bottom|side|sides|end|ends|opening|edge|edges|inside|underside|tip|base|face|rounds?|\d+(?:\.\d+)?)$/;

export const SIDES: readonly (readonly [RegExp, Side])[] = [
  [
    /\b(?:either|each|both|two|opposite)(?: of the| of)? sides?\b|\b(?:at|on|to|over|along)(?: the)? sides\b|\bsides of\b|\bone on each\b|\bopposite each other\b/,
    "sides",
  ],
  [/\binside\b|\bacross the (?:inside|opening)\b|\binto the hollow\b/, "inside"],
  [/\bleft side\b|\b(?:on|to|at) the left\b/, "left"],
  [/\bright side\b|\b(?:on|to|at) the right\b/, "right"],
  [
    /\b(?:to|on|over|at|of|onto) (?:the |its )?(?:free )?end of\b|\binto the (?:opening|end)\b|\b(?:last|open) (?:round|edge) of\b|\bneck opening\b|\btip of\b/,
    "end",
  ],
  [/\b(?:first round|start|starting ring|ring end) of\b/, "start"],
  [
    /\bunder(?:neath)?(?: the)?\b(?! the (?:eyes|beak|nose|chin|mouth|snout|muzzle))|\bbeneath\b|\bbottom\b|\bunderside\b|\bbase of\b/,
    "bottom",
  ],
  [/\bon top\b|\b(?:the|very) top of\b|\bcrown\b|\bonto the top\b/, "top"],
  [/\bback\b(?! loops?\b)|\bbehind\b|\brear\b/, "back"],
  [/\bfront\b(?! loops?\b)|\b(?:middle|centre|center|face)\b/, "front"],
];

export const MARKS: ReadonlyMap<string, Mark> = new Map(
  Object.entries({
    top: "top",
    crown: "top",
    ring: "top",
    bottom: "bottom",
    base: "bottom",
    eyes: "eyes",
    eye: "eyes",
    neck: "neck",
    edge: "edge",
    opening: "edge",
  } as const),
);

export const POINTS: readonly (readonly [RegExp, Points])[] = [
  [/\bpoint(?:s|ing)? (?:straight )?up(?:wards?)?\b|\bstanding(?: up)?\b|\bupright\b/, "up"],
  [/\bpoint(?:s|ing)? (?:straight )?down(?:wards?)?\b|\bhanging(?: down)?\b/, "down"],
  [
    /\bpoint(?:s|ing)? (?:to the front|forwards?|ahead)\b|\b(?:look|looks|looking|faces|facing) (?:forwards?|to the front|out at the front)\b/,
    "forward",
  ],
  [/\bpoint(?:s|ing)? (?:to the back|backwards?|behind)\b/, "back"],
  [/\bpoint(?:s|ing)? (?:to the sides?|sideways|outwards to the sides)\b/, "side"],
  [/\bpoint(?:s|ing)? out(?:wards?)?\b|\bsticking out\b/, "out"],
];

export const NUMBER_WORDS: ReadonlyMap<string, string> = new Map(
  "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen"
    .split(" ")
    .map((w, i) => [w, String(i)] as const),
);
export const ORDINAL_WORDS: ReadonlyMap<string, string> = new Map(
  "first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth"
    .split(" ")
    .map((w, i) => [w, String(i + 1)] as const),
);
/** Headings behind which no part's own lines stand any more. */
export const MAKING_UP =
  /^\W*(?:assembly|assembling|assemble|finishing|making up|to make up|sewing|sewing up|joining|putting together|to finish)\b/;
