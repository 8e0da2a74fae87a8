import { stitchWord, type CheckedPattern, type StitchName, type Terms } from "../notation";

export interface Skill {
  readonly level: "first steps" | "easy" | "some practice" | "practised";
  /** What a buyer will meet, each as one line of the sheet. */
  readonly explains: readonly string[];
}
const SMALL_ROUND = 6;

/** What a pattern asks of the one who buys it, told from its text. Common practice, no source. */
export function skillOf(pattern: CheckedPattern, terms: Terms): Skill {
  const stitches = new Set<StitchName>();
  for (const p of pattern.parts)
    for (const [name, n] of Object.entries(p.made)) if ((n as number) > 0) stitches.add(name as StitchName);
  const rounds = pattern.parts.flatMap((p) => p.rounds);
  const smallest = Math.min(...rounds.flatMap((r) => (r.count && r.count > 0 ? [r.count] : [])), 99);
  const inRound = rounds.filter(
    (r) => r.bySlot.filter((s) => Object.keys(s.made).length > 0).length > 1,
  ).length;
  const slots = new Set(pattern.parts.flatMap((p) => p.bySlot.map((s) => s.slot)));
  const sewn = pattern.parts.reduce((n, p) => n + p.make, 0) - 1;
  const loops = rounds.some((r) => r.loops === "back" || r.loops === "front");
  const ring = rounds.some((r) => r.into === undefined && r.foundation === 0);
  const words = [...stitches].filter((s) => s !== "ch" && s !== "slst").map((s) => stitchWord(s, terms));
  const explains = [
    ...(ring
      ? [
          `A ring that is drawn shut${smallest < SMALL_ROUND ? `, with only ${smallest} stitches: do not draw it quite shut before the second round` : ""}.`,
        ]
      : []),
    `Stitches: ${words.join(", ")}.`,
    ...(pattern.parts.some((p) => p.increases > 0) ? ["Increases and decreases, and counting a round."] : []),
    ...(loops ? ["Working in one loop only."] : []),
    ...(inRound > 0
      ? ["Changing colour within a round: the last pull is already the new colour."]
      : slots.size > 1
        ? ["Changing colour between parts or rounds."]
        : []),
    ...(sewn > 0
      ? [`Sewing on ${sewn === 1 ? "one part" : `${sewn} parts`}: pin first, look from the front.`]
      : []),
    ...(pattern.parts.some((p) => p.events.some((e) => e.event.kind === "eyes"))
      ? ["Pressing on eyes: look before you press, a washer does not come off."]
      : []),
  ];
  const points =
    (words.length > 2 ? 2 : words.length > 1 ? 1 : 0) +
    (smallest < SMALL_ROUND ? 1 : 0) +
    (inRound > 0 ? 2 : 0) +
    (loops ? 1 : 0) +
    (sewn > 4 ? 2 : sewn > 1 ? 1 : 0);
  const level =
    points <= 1 ? "first steps" : points <= 3 ? "easy" : points <= 5 ? "some practice" : "practised";
  return { level, explains };
}
