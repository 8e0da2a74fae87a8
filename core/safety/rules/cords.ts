import { isToy, LOOK_UP, type Rule } from "../facts";

/**
 * Free length of a cord on a toy and size of a loop that a head could go through. EN 71-1, ASTM F963: from
 * memory.
 */
export const FREE_CORD = 220;
export const LOOP_AROUND = 360;

/** Cords and loops: strangulation. */
export const cords: Rule = (f) => {
  if (f.cords.length === 0) return undefined;
  const long = f.cords.filter((c) => !c.loop && c.lengthMm > FREE_CORD);
  const wide = f.cords.filter((c) => c.loop && c.lengthMm > LOOP_AROUND);
  const found = [
    ...long.map((c) => `${c.name} is ${Math.round(c.lengthMm)} mm long when free`),
    ...wide.map((c) => `${c.name} is a loop of ${Math.round(c.lengthMm)} mm around`),
  ];
  const child = isToy(f.use);
  return {
    rule: "cords",
    title: "Cords and loops",
    state: found.length > 0 ? (child ? "change" : "ask") : child ? "ask" : "fine",
    because:
      found.length > 0
        ? `${found.join("; ")}: it can go around a neck.`
        : `${f.cords.map((c) => `${c.name}, ${Math.round(c.lengthMm)} mm${c.loop ? " around" : ""}`).join("; ")}: short.`,
    ...(child || found.length > 0
      ? {
          instead: `Keep free cords under ${FREE_CORD} mm and loops under ${LOOP_AROUND} mm around, and nothing that hangs in a cot or pram. Limits differ by country and age.`,
        }
      : {}),
    source: `Free cord length and loops: EN 71-1, ASTM F963. ${LOOK_UP}`,
  };
};
