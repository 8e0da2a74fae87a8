import { Download, Plus } from "lucide-react";
import { Link } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/items";
import { printLength, printMoney, type Mm } from "@core/units";
import { sizeOf } from "@core/item";
import { loadAnalysedItems } from "../features/items/load.server";
import { UnreckonedList } from "../features/items/unreckoned-list";
import { FigurePicture } from "../features/figure/figure-picture";
import { pictureMark, slotColours } from "../features/figure/picture.server";
import { openWorkshop } from "../server/scope.server";
import { Badge, ButtonLink, Empty, Page, PageHead, Sheet } from "../ui/basics";
import { DataTable, type Column } from "../ui/data-table";
import { ListFigure, Range } from "../ui/figure";
import { printMeasure, useReading } from "../ui/reading";
import { SwingTag } from "../ui/swing-tag";
import type { Measure } from "@core/estimate";
import { paysHour } from "@core/costing";

export const meta: Route.MetaFunction = () => [{ title: "Items · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const { items, unreckoned, surroundings: s } = await loadAnalysedItems(scope, workshop);
  const yarns = new Map(s.yarns.map((y) => [y.id, y]));
  return {
    unreckoned,
    items: items.map(({ entry, analysis }) => {
      const { piece } = analysis;
      const colours = slotColours(entry.revision.slots, yarns);
      return {
        id: entry.item.id,
        name: entry.item.name,
        kind: entry.item.kind,
        picture: { itemId: entry.item.id, mark: pictureMark(entry, colours) },
        size: sizeOf(piece),
        metres: piece.yarn.reduce((sum, y) => sum + y.metres.value, 0),
        seconds: piece.seconds.value,
        secondsEnds: [piece.seconds.low, piece.seconds.high] as const,
        metresEnds: [
          piece.yarn.reduce((sum, y) => sum + y.metres.low, 0),
          piece.yarn.reduce((sum, y) => sum + y.metres.high, 0),
        ] as const,
        errors: analysis.checked.problems.filter((p) => p.severity === "error").length,
        open: analysis.open.length,
        empty: analysis.checked.parts.length === 0,
        cost: analysis.cost.total,
        costEnds: [analysis.cost.low, analysis.cost.high] as const,
        price: analysis.price,
        perHour: analysis.earning.perHour,
        paysHour: paysHour(analysis.earning),
        perHourEnds: [analysis.earning.perHourLow, analysis.earning.perHourHigh] as const,
      };
    }),
  };
}

type Row = Awaited<ReturnType<typeof loader>>["items"][number];

export default function Items({ loaderData }: Route.ComponentProps) {
  const r = useReading();
  const figure = (
    i: Row,
    name: string,
    value: number,
    measure: Measure,
    [low, high]: readonly [number | undefined, number | undefined],
  ) => (
    <>
      <ListFigure url={`/items/${i.id}/reasons`} name={name}>
        {printMeasure(value, measure, r)}
      </ListFigure>{" "}
      <Range low={low} high={high} measure={measure} />
    </>
  );
  const columns: readonly Column<Row>[] = [
    {
      id: "Shape",
      header: "",
      value: () => undefined,
      cell: (i) => (
        <span className="shape">
          {i.empty ? null : <FigurePicture of={i.picture} name={i.name} side={72} />}
        </span>
      ),
    },
    {
      id: "name",
      header: "Item",
      value: (i) => i.name,
      cell: (i) => (
        <span className="name">
          <Link to={`/items/${i.id}`}>{i.name}</Link>
          <span>{i.kind}</span>
          {i.empty ? (
            <Badge $tone="plain">no pattern yet</Badge>
          ) : i.errors > 0 ? (
            <Badge $tone="bad">{i.errors} to mend</Badge>
          ) : i.open > 0 ? (
            <Badge $tone="warn">yarn to choose</Badge>
          ) : null}
        </span>
      ),
    },
    {
      id: "size",
      header: "Size",
      numeric: true,
      minor: true,
      value: (i) => i.size?.height,
      cell: (i) =>
        i.size ? `${printLength(i.size.width as Mm, r)} × ${printLength(i.size.height as Mm, r)}` : "—",
    },
    {
      id: "yarn",
      header: "Yarn",
      numeric: true,
      minor: true,
      value: (i) => i.metres,
      cell: (i) => figure(i, "metres", i.metres, "metres", i.metresEnds),
    },
    {
      id: "time",
      header: "Time",
      numeric: true,
      minor: true,
      value: (i) => i.seconds,
      cell: (i) => figure(i, "seconds", i.seconds, "seconds", i.secondsEnds),
    },
    {
      id: "cost",
      header: "Cost",
      numeric: true,
      minor: true,
      value: (i) => i.cost,
      cell: (i) => figure(i, "cost", i.cost, "minor", i.costEnds),
    },
    {
      id: "price",
      header: "Price",
      numeric: true,
      value: (i) => i.price,
      cell: (i) => <SwingTag>{printMoney(i.price, r)}</SwingTag>,
    },
    {
      id: "hour",
      header: "An hour earns",
      numeric: true,
      value: (i) => i.perHour,
      cell: (i) =>
        i.perHour === undefined ? (
          "—"
        ) : (
          <span className={i.paysHour ? undefined : "low"}>
            {figure(i, "hour", i.perHour, "minor", i.perHourEnds)}
          </span>
        ),
    },
  ];
  return (
    <Page>
      <PageHead>
        <h1>Items</h1>
        {loaderData.items.length + loaderData.unreckoned.length > 0 ? (
          <ButtonLink to="/items.csv" reloadDocument>
            <Download size={17} aria-hidden /> CSV
          </ButtonLink>
        ) : null}
        <ButtonLink to="/items/new" $primary>
          <Plus size={17} aria-hidden /> New item
        </ButtonLink>
      </PageHead>
      <UnreckonedList items={loaderData.unreckoned} />
      {loaderData.items.length + loaderData.unreckoned.length === 0 ? (
        <Empty>
          <h2>An item is a design that you make again and again</h2>
          <p>
            Give it a name and paste its written pattern. Lapka counts every round, draws the shape, and says
            what one piece takes and costs. If you keep yarn in Materials first, the figures are about your
            own yarn.
          </p>
          <ButtonLink to="/items/new" $primary>
            Make the first item
          </ButtonLink>
        </Empty>
      ) : loaderData.items.length === 0 ? null : (
        <List $pad={false}>
          <DataTable
            rows={loaderData.items}
            columns={columns}
            rowId={(i) => i.id}
            label="Items"
            search="Find an item"
          />
        </List>
      )}
    </Page>
  );
}

const List = styled(Sheet)`
  .shape {
    display: block;
    width: 72px;
  }
  .name {
    display: grid;
    gap: 2px;
    justify-items: start;
  }
  .name a {
    font-weight: 600;
    color: var(--ink);
  }
  .name > span:nth-child(2) {
    font-size: 13px;
    color: var(--soft);
  }
  .low {
    color: var(--bad);
  }
`;
