import { FACTORS, type Factor, type Otherwise } from "@core/shelf/what-if";

export const FACTOR_WORDS: Readonly<Record<Factor, { readonly name: string; readonly more: string }>> = {
  price: { name: "Prices", more: "dearer" },
  quantity: { name: "Pieces sold", more: "more" },
  pace: { name: "Your pace", more: "quicker" },
  yarn: { name: "Yarn prices", more: "dearer" },
  yield: { name: "Pieces that pass", more: "more" },
  wage: { name: "Your wage", more: "more" },
};

export const percentText = (x: number): string => `${x > 0 ? "+" : "−"}${Math.round(100 * Math.abs(x))} %`;

/** "Prices +10 %, Your wage +5 %". */
export const otherwiseText = (o: Otherwise): string =>
  FACTORS.filter((f) => o[f] !== 0)
    .map((f) => `${FACTOR_WORDS[f].name} ${percentText(o[f])}`)
    .join(", ");
