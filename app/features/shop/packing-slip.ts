import { printDay } from "../../ui/days";
import type { ListPaper } from "../paper/input";

/** What belongs beside a piece wherever it goes. */
export interface Beside {
  readonly label: string;
  readonly cautions: readonly string[];
  readonly care: string;
}

/**
 * The slip in a parcel: to whom, what is in it with a box to tick for each piece, whom it is for and how it is
 * cared for. No prices: it may be a present.
 */
export function packingSlip(s: {
  readonly number: string;
  readonly maker: string;
  readonly paper: ListPaper["paper"];
  readonly placedOn: string;
  readonly locale: string;
  readonly customer: string;
  readonly address: string;
  readonly lines: readonly { readonly what: string; readonly quantity: number }[];
  readonly beside: readonly Beside[];
}): ListPaper {
  const pieces = s.lines.reduce((n, l) => n + l.quantity, 0);
  return {
    title: `Order ${s.number}`,
    sub: "What is in the parcel",
    maker: s.maker,
    paper: s.paper,
    facts: [
      ["For", [s.customer, ...s.address.split("\n")].filter((x) => x.trim() !== "").join(", ") || "—"],
      ["Ordered on", printDay(s.placedOn, s.locale)],
      ["Pieces", String(pieces)],
    ],
    tables: [
      {
        tick: false,
        columns: [{ head: "Piece", wide: true }, { head: "How many", right: true }, { head: "Packed" }],
        rows: s.lines.map((l) => [{ text: l.what, bold: true }, String(l.quantity), { boxes: l.quantity }]),
      },
    ],
    notes: [
      ...s.beside.flatMap((b) => [`${b.label}: ${b.cautions.join(" ")} ${b.care}`]),
      "Made by hand: size and shade may differ a little from the picture.",
    ],
  };
}
