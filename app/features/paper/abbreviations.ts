import { fullName, stitchWord, type CheckedPattern, type StitchName, type Terms } from "@core/notation";

/** The abbreviations that this pattern uses, and only those, with what they mean. */
export function abbreviationsIn(pattern: CheckedPattern, written: string, terms: Terms): [string, string][] {
  const used = new Set<StitchName>();
  let increases = 0;
  let decreases = 0;
  for (const part of pattern.parts) {
    increases += part.increases;
    decreases += part.decreases;
    for (const [name, n] of Object.entries(part.made)) if ((n as number) > 0) used.add(name as StitchName);
  }
  const sc = stitchWord("sc", terms);
  const has = (re: RegExp) => re.test(written);
  const out = (
    [
      ["Rnd", "round"],
      ["R1, R2 …", "rounds"],
      ["st", "stitch"],
    ] as [string, string][]
  ).filter(([w]) => (w.startsWith("R1") ? has(/\bR\d/) : has(new RegExp(`\\b${w}s?\\b`))));
  for (const name of used) {
    const word = stitchWord(name, terms);
    if (new RegExp(`\\b${word}s?\\b`, "i").test(written))
      out.push([word, fullName(name, terms).split(":")[0] ?? ""]);
  }
  if (increases > 0 && has(/\binc\b/i)) out.push(["inc", `increase: 2 ${sc} in the same stitch`]);
  if (decreases > 0 && has(/\bdec\b/i)) out.push(["dec", `decrease: 2 ${sc} drawn together`]);
  if (has(/\bBLO\b/)) out.push(["BLO", "in the back loops only"]);
  if (has(/\bFLO\b/)) out.push(["FLO", "in the front loops only"]);
  if (has(/\bmagic ring\b/i))
    out.push(["magic ring", "a ring of yarn that is drawn shut when its stitches are worked"]);
  if (has(/[×x] ?\d|repeat \d+ times/))
    out.push(["( ) × 6", "work what stands in the brackets so many times"]);
  out.push(["(18)", "stitches that the round has when it is done"]);
  return out;
}
