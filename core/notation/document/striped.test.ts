import { expect, it } from "vitest";
import { checkPattern } from "..";

/** A red ball whose rounds 4 and 6 are white, in every way that came to mind before any was read. */
const WORK = [
  "6 sc in MR (6)",
  "inc x6 (12)",
  "(sc, inc) x6 (18)",
  "sc around (18)",
  "sc around (18)",
  "sc around (18)",
  "(sc, dec) x6 (12)",
  "dec x6 (6)",
];
const COLOURS = ["red", "red", "red", "white", "red", "white", "red", "red"];
const label = (i: number) => `Rnd ${i + 1}: ${WORK[i] ?? ""}`;
const each = (line: (i: number, colour: string, work: string) => string): string =>
  WORK.map((w, i) => line(i, COLOURS[i] ?? "", w)).join("\n");
/** A line where the colour changes, above its round. */
const above = (said: (colour: string) => string): string =>
  each((i, c) => (c === COLOURS[i - 1] ? label(i) : `${said(c)}\n${label(i)}`));
/** Words behind the round before the colour changes. */
const behind = (said: (colour: string) => string): string =>
  each((i, c) => {
    const next = COLOURS[i + 1];
    return next === undefined || next === c ? label(i) : `${label(i)} ${said(next)}`;
  });
const upper = (c: string) => c.charAt(0).toUpperCase() + c.slice(1);
const letter = (c: string) => (c === "red" ? "A" : "B");
const sum = (w: string) => /\((\d+)\)/.exec(w)?.[1] ?? "";
const bare = (w: string) => w.replace(/ \(\d+\)/, "");

const WAYS: Record<string, string> = {
  "with red": above((c) => `With ${c}`),
  "Red:": above((c) => `${upper(c)}:`),
  "Rnd 1 (red):": each((i, c, w) => `Rnd ${i + 1} (${c}): ${w}`),
  "Rnd 1 - red -": each((i, c, w) => `Rnd ${i + 1} - ${c} - ${w}`),
  "… in red (18)": each((i, c, w) => `Rnd ${i + 1}: ${w.replace(" (", ` in ${c} (`)}`),
  "[red] sc": each((i, c, w) => `Rnd ${i + 1}: [${c}] ${w}`),
  "with red, sc": each((i, c, w) => `Rnd ${i + 1}: with ${c}, ${w}`),
  "Change to white.": `(red)\n${behind((c) => `Change to ${c}.`)}`,
  "Change to white in the last st.": `(red)\n${behind((c) => `Change to ${c} in the last st.`)}`,
  "-> white": `(red)\n${behind((c) => `-> ${c}`)}`,
  "(switch to white)": `(red)\n${behind((c) => `(switch to ${c})`)}`,
  "change colour (white)": `(red)\n${behind((c) => `change colour (${c})`)}`,
  "Rounds 4 and 6 are white.": `(red)\nRounds 4 and 6 are white.\n${each(label)}`,
  "Work rounds 4 and 6 in white.": `(red)\nWork rounds 4 and 6 in white.\n${each(label)}`,
  "Red: rnds 1-3 …": `Red: rnds 1-3, 5, 7-8. White: rnds 4, 6.\n${each(label)}`,
  "rounds 1-3 … in red": `Rounds 1-3, 5, 7 and 8 in red, rounds 4 and 6 in white.\n${each(label)}`,
  "all rounds except": `Use red for all rounds except 4 and 6, which are white.\n${each(label)}`,
  "all others red": `Stripes: rounds 4 and 6 white, all others red\n${each(label)}`,
  "A Rnd 1:": `A = red, B = white\n${each((i, c, w) => `${letter(c)} Rnd ${i + 1}: ${w}`)}`,
  "Rnd 1 A:": `A = red, B = white\n${each((i, c, w) => `Rnd ${i + 1} ${letter(c)}: ${w}`)}`,
  "Rnd 1: A:": `A: red; B: white\n${each((i, c, w) => `Rnd ${i + 1}: ${letter(c)}: ${w}`)}`,
  "a table": `| Rnd | Colour | Work | Sts |\n|---|---|---|---|\n${each(
    (i, c, w) => `| ${i + 1} | ${c} | ${bare(w)} | ${sum(w)} |`,
  )}`,
  columns: each((i, c, w) => `${i + 1}\t${c}\t${bare(w)}\t${sum(w)}`),
  "1. (red)": each((i, c, w) => `${i + 1}. (${c}) ${w}`),
  "RED R1:": each((i, c, w) => `${c.toUpperCase()} R${i + 1}: ${w}`),
  "red: sc": each((_, c, w) => `${c}: ${w}`),
  "Red - Rnd 1:": each((i, c) => `${upper(c)} - ${label(i)}`),
  "One round in white:": [
    "(red)",
    ...[0, 1, 2].map(label),
    "One round in white:",
    label(3),
    "Back to red:",
    label(4),
    "White again:",
    label(5),
    "Red to the end:",
    label(6),
    label(7),
  ].join("\n"),
};
it.each(Object.entries(WAYS))("%s", (_, lines) => {
  const { parts, problems } = checkPattern(`Ball\n${lines}`);
  expect(parts.map((p) => p.rounds.map((r) => r.count))).toEqual([[6, 12, 18, 18, 18, 18, 12, 6]]);
  const slots = parts[0]?.rounds.map((r) => r.bySlot.map((s) => s.slot).join("+"));
  expect(slots).toEqual(COLOURS);
  expect(problems.filter((p) => p.severity !== "note")).toEqual([]);
});
