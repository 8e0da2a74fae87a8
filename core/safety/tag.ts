import type { Check, Use } from "./facts";

/** What a tag says of whom it is for. Never that it is safe, and no mark of conformity. */
export const ageNote = (use: Use): string =>
  ({
    decoration: "Decoration, not a toy. Keep out of reach of small children.",
    "over-14": "For 14 years and over. Not a toy.",
    "toy-3": "Not for children under 3 years: small parts.",
    "toy-under-3": "Look at seams and eyes before every use; throw away when damaged.",
    pet: "For pets only while somebody watches. Take away when damaged.",
  })[use];

/** The cautions that belong on tag and sheet, one line each. */
export function cautionsOf(use: Use, checks: readonly Check[]): string[] {
  const has = (rule: string) => checks.some((c) => c.rule === rule && c.state !== "fine");
  return [
    ageNote(use),
    ...(has("cords") ? ["Cord or loop: keep away from cots and necks."] : []),
    ...(has("magnets") ? ["Contains a magnet or battery: get help at once if it is swallowed."] : []),
    ...(has("fibre") ? ["Fibre of some yarns not known."] : []),
    ...(has("scent") ? ["Scented."] : []),
  ];
}

export interface Care {
  /** °C of the wash; 0: by hand, cold. */
  readonly wash: 0 | 30;
  readonly iron: false;
  readonly tumble: false;
  readonly bleach: false;
  readonly words: string;
}
/** Care by its fibres: what bears the least decides. Common practice, no source. */
export function careOf(fibres: readonly string[], hard: boolean): Care {
  const wool = fibres.some(
    (x) => /\b(?:wool|alpaca|mohair|angora|cashmere|silk)\b/i.test(x) && !/superwash/i.test(x),
  );
  const unknown = fibres.some((x) => x.trim() === "" || /unknown/i.test(x));
  const byHand = wool || unknown || hard;
  return {
    wash: byHand ? 0 : 30,
    iron: false,
    tumble: false,
    bleach: false,
    words: byHand
      ? "Wash by hand, cold, press out in a towel, dry flat. Do not bleach, tumble or iron."
      : "Wash at 30 °C in a bag, dry flat. Do not bleach, tumble or iron.",
  };
}
