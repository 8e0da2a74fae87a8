import type { DriftView } from "@core/hand";

/** "3 % more yarn each month" or that nothing can be told from chance. */
export function driftText(v: DriftView): string {
  const much = v.what === "yarn" ? ["more yarn", "less yarn"] : ["slower", "quicker"];
  if (!v.perMonth) return "Too few to tell: three measurements on different days are needed.";
  const percent = (f: number) => `${Math.abs(100 * (f - 1)).toFixed(1)} %`;
  const { value, low, high, sure } = v.perMonth;
  const side = (f: number) => `${percent(f)} ${f > 1 ? much[0] : much[1]}`;
  if (!sure)
    return `No drift that could be told from chance: between ${side(low)} and ${side(high)} a month.`;
  return `${percent(value)} ${value > 1 ? much[0] : much[1]} each month (${percent(value > 1 ? low : high)} to ${percent(value > 1 ? high : low)}). Older measurements count less: see the half-life in Settings.`;
}
