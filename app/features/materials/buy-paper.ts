import type { BuyGroup } from "@core/planning";
import { printMoney, type Minor, type Reading } from "@core/units";
import { printDay } from "../../ui/days";
import { printAmount } from "../../ui/reading";
import type { ListPaper } from "../paper/input";
import { packWord } from "./defaults";

interface Bought {
  readonly groups: readonly BuyGroup[];
  readonly supplier: (id: string | undefined) => string | undefined;
  readonly colour: (materialId: string) => string | undefined;
  readonly maker: string;
  readonly paper: ListPaper["paper"];
  readonly today: string;
  readonly run: string | undefined;
  readonly reading: Reading;
}

/** The buy list as it is taken along: by supplier, in whole packs, with a box to tick. */
export function buyPaper(b: Bought): ListPaper {
  const r = b.reading;
  const all = b.groups.reduce((s, g) => s + g.cost, 0);
  const lines = b.groups.reduce((s, g) => s + g.lines.length, 0);
  return {
    title: "Buy list",
    sub: b.run === undefined ? "All planned runs" : `For ${b.run}`,
    maker: b.maker,
    paper: b.paper,
    facts: [
      ["As of", printDay(b.today, r.locale)],
      ["Things", String(lines)],
      ["In all", printMoney(all as Minor, r)],
    ],
    tables: b.groups.map((g) => ({
      head: b.supplier(g.supplierId) ?? "No supplier chosen",
      note: [
        g.orderBy < b.today
          ? `should have been ordered ${printDay(g.orderBy, r.locale)}`
          : `order by ${printDay(g.orderBy, r.locale)}`,
        printMoney(g.cost, r),
        ...(g.underMinimum > 0 ? [`${printMoney(g.underMinimum, r)} below the least order`] : []),
      ].join(" · "),
      tick: true,
      columns: [
        { head: "What", wide: true },
        { head: "Missing", right: true },
        { head: "Buy" },
        { head: "Cost", right: true },
        { head: "For", width: 130 },
      ],
      rows: g.lines.map((l) => [
        { text: l.label, colour: b.colour(l.materialId), bold: true },
        `${printAmount(l.missing, l.kind, r)}`,
        // One thing to take from a shelf: on one line.
        `${l.packs} ${packWord(l.kind, l.packs)} × ${printAmount(l.packSize, l.kind, r)}`.replaceAll(
          " ",
          "\u00a0",
        ),
        printMoney(l.cost, r),
        l.runs.map((x) => x.label).join(", "),
      ]),
    })),
    notes:
      lines === 0
        ? ["Nothing is missing: stock and what is on its way cover what is planned."]
        : [
            "Missing is what the runs lack after stock and orders, in their order. Note the lot of what you get.",
          ],
  };
}
