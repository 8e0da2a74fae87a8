import type { Care } from "@core/safety";

const S = 'fill="none" stroke="#1d2528" stroke-width="1.6" stroke-linejoin="round" stroke-linecap="round"';
const cross = `<path d="M3 4L21 20M21 4L3 20" ${S}/>`;
const wrap = (inside: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24" width="24" height="24">${inside}</svg>`;

/**
 * Care symbols drawn here from their published meaning (ISO 3758, from memory): a tub, a triangle, a square
 * with a circle, an iron.
 */
export const careSymbols = (care: Care): string[] => [
  wrap(
    `<path d="M2 7L4.5 20H19.5L22 7M2 9Q4.5 11 7 9T12 9T17 9T22 9" ${S}/>` +
      (care.wash === 0
        ? `<path d="M9 4V13M11.5 3.5V12.5M14 4.5V13M9 13Q9 17 12 17T15 13" ${S}/>`
        : `<text x="12" y="18" font-size="8" text-anchor="middle" fill="#1d2528">${care.wash}</text>`),
  ),
  wrap(`<path d="M12 3L22 20H2Z" ${S}/>${care.bleach ? "" : cross}`),
  wrap(`<path d="M3 3H21V21H3Z" ${S}/><circle cx="12" cy="12" r="6.5" ${S}/>${care.tumble ? "" : cross}`),
  wrap(`<path d="M2 19H22L19.5 9H9Q4 11 2 19M9 9L8 6H18" ${S}/>${care.iron ? "" : cross}`),
];
