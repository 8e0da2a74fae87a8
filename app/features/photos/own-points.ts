/** A list longer than this is looked at by nobody. */
export const MOST_POINTS = 12;
const LONGEST = 120;

type Points =
  { readonly ok: true; readonly points: readonly string[] } | { readonly ok: false; readonly wrong: string };

/** Her own points of inspection as they are typed, one a line; empty lines and twins are left out. */
export function readPoints(text: unknown): Points {
  if (typeof text !== "string") return { ok: false, wrong: "Write a point on each line." };
  const points = [
    ...new Set(
      text
        .split(/\r?\n/)
        .map((line) => line.trim().replace(/\s+/g, " "))
        .filter((line) => line !== ""),
    ),
  ];
  const long = points.find((p) => p.length > LONGEST);
  if (long)
    return { ok: false, wrong: `“${long.slice(0, 30)}…” is longer than ${LONGEST} letters: shorten it.` };
  if (points.length > MOST_POINTS)
    return { ok: false, wrong: `These are ${points.length} points; ${MOST_POINTS} at most are looked at.` };
  return { ok: true, points };
}
