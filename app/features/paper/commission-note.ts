import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import { printMoney, printNumber, type Minor } from "@core/units";
import type { CommissionPaper } from "./input";
import { page, ruled, textSize } from "./page";

const TITLES = { quote: "Quote", receipt: "Receipt" } as const;

/** A quote for, or a receipt of, a commission: who, what, how much, what was paid and what is left. */
export function commissionNote(c: CommissionPaper, picture: string | undefined): TDocumentDefinitions {
  const look = { paper: c.paper, large: false };
  const size = textSize(look);
  const money = (n: number) => printMoney(n as Minor, c.reading);
  const title = `${TITLES[c.note]} ${c.number}`;
  const figures: (readonly [string, string, boolean?])[] = [
    ["Price in all", money(c.price), true],
    ...(c.tax > 0
      ? [
          [
            `of which ${printNumber(c.taxRate, c.taxRate % 1 === 0 ? 0 : 1, c.reading.locale)} % tax`,
            money(c.tax),
          ] as const,
        ]
      : []),
    ...(c.note === "quote" && c.depositAsked > 0 && c.payments.length === 0
      ? [["Deposit, before I begin", money(c.depositAsked)] as const]
      : []),
    ...c.payments.map((p) => [`Paid on ${p.on}${p.by ? `, ${p.by}` : ""}`, money(p.amount)] as const),
    [c.note === "quote" ? "Left to pay" : "Still to pay", money(c.rest), true],
  ];
  const content: Content[] = [
    {
      columns: [
        { text: title, style: "title" },
        { text: c.on, alignment: "right", style: "soft", margin: [0, size * 0.8, 0, 0] },
      ],
    },
    {
      columns: [
        {
          stack: [
            { text: "From", style: "small" },
            { text: c.maker, bold: true },
          ],
        },
        {
          stack: [
            { text: "For", style: "small" },
            { text: c.customer === "" ? "—" : c.customer, bold: true },
          ],
        },
      ],
      margin: [0, size, 0, size],
    },
    {
      columns: [
        ...(picture ? [{ image: picture, width: 110 }] : []),
        {
          width: "*",
          stack: [
            { text: `${c.quantity} × ${c.what}`, bold: true, fontSize: size * 1.3 },
            ...(c.wishes === ""
              ? []
              : [{ text: c.wishes, margin: [0, 4, 0, 0] as [number, number, number, number] }]),
            {
              text: c.note === "quote" ? `Promised for ${c.due}` : `Handed over: ${c.handed ?? "not yet"}`,
              style: "soft",
              margin: [0, 6, 0, 0],
            },
          ],
        },
      ],
      columnGap: 16,
    },
    {
      table: {
        widths: ["*", "auto"],
        body: figures.map(([what, amount, bold]) => [
          { text: what, bold: bold ?? false },
          { text: amount, alignment: "right" as const, bold: bold ?? false },
        ]),
      },
      layout: ruled,
      margin: [0, size * 1.5, 0, size],
    },
    ...(c.note === "quote"
      ? [
          {
            text: `${c.payWithinDays > 0 ? `To be paid within ${c.payWithinDays} ${c.payWithinDays === 1 ? "day" : "days"} of handing over. ` : ""}This price holds until ${c.holdsUntil}. Made by hand: size and shade may differ a little from the picture.`,
            style: "small",
          },
        ]
      : []),
    ...(c.cautions.length > 0
      ? [
          {
            text: c.cautions.join(" "),
            style: "small",
            margin: [0, 6, 0, 0] as [number, number, number, number],
          },
        ]
      : []),
  ];
  return page({ ...look, title, maker: c.maker, foot: `${c.maker} · ${title}` }, content);
}
