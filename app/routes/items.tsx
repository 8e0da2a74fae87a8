import { Download, Plus } from "lucide-react";
import { Link } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/items";
import { printLength, printMoney, type Minor, type Mm } from "@core/units";
import { sizeOf } from "../features/items/analyse";
import { loadAnalysedItems, loadSurroundings } from "../features/items/load.server";
import { silhouetteOf } from "../features/items/silhouette";
import { Silhouettes, type SlotColours } from "../features/items/silhouette-view";
import { costReason, hourReason } from "../features/items/reasons";
import { openWorkshop } from "../server/scope.server";
import { Badge, ButtonLink, Empty, Page, PageHead, Sheet } from "../ui/basics";
import { DataTable, type Column } from "../ui/data-table";
import { Figure, ReasonFigure } from "../ui/figure";
import { printMeasure, useReading } from "../ui/reading";
import { SwingTag } from "../ui/swing-tag";
import { feesOf } from "../features/items/load.server";
import { sumTogether, type Estimate } from "@core/estimate";

export const meta: Route.MetaFunction = () => [{ title: "Items · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop, reading } = await openWorkshop(request, context);
  const [items, s] = await Promise.all([loadAnalysedItems(scope, workshop), loadSurroundings(scope, workshop)]);
  const yarns = new Map(s.yarns.map((y) => [y.id, y]));
  return {
    wage: workshop.wagePerHour,
    items: items.map(({ entry, analysis }) => {
      const { piece } = analysis;
      const colours: SlotColours = Object.fromEntries(entry.revision.slots.flatMap((x) => (yarns.get(x.yarnId) ? [[x.slot, yarns.get(x.yarnId)?.colour ?? ""]] : [])));
      const metres: Estimate = sumTogether(piece.yarn.map((y) => y.metres), "Yarn in one piece", "metres");
      return {
        id: entry.item.id, name: entry.item.name, kind: entry.item.kind, colours, shapes: piece.parts.map(silhouetteOf), size: sizeOf(piece), metres: slim(metres), seconds: slim(piece.seconds),
        errors: analysis.checked.problems.filter((p) => p.severity === "error").length, open: analysis.open.length, empty: analysis.checked.parts.length === 0,
        cost: costReason(analysis), price: analysis.price, own: entry.item.price !== null, perHour: analysis.earning.perHour, hour: hourReason(analysis, feesOf(s.channels, entry.item.channelId), reading),
      };
    }),
  };
}

/** A list carries the reasons one level deep; the item's own page has them all. */
function slim(e: Estimate): Estimate {
  return { ...e, reason: { ...e.reason, parts: e.reason.parts?.map((p) => ({ ...p, parts: undefined })) } };
}

type Row = Awaited<ReturnType<typeof loader>>["items"][number];

export default function Items({ loaderData }: Route.ComponentProps) {
  const r = useReading();
  const columns: readonly Column<Row>[] = [
    { id: "Shape", header: "", value: () => undefined, cell: (i) => <Link to={`/items/${i.id}`} tabIndex={-1} aria-hidden><Small><Silhouettes parts={i.shapes} colours={i.colours} height={54} label={`Parts of ${i.name}`} /></Small></Link> },
    { id: "name", header: "Item", value: (i) => i.name, cell: (i) => (
      <Name>
        <Link to={`/items/${i.id}`}>{i.name}</Link>
        <span>{i.kind}</span>
        {i.empty ? <Badge $tone="plain">no pattern yet</Badge> : i.errors > 0 ? <Badge $tone="bad">{i.errors} to mend</Badge> : i.open > 0 ? <Badge $tone="warn">yarn to choose</Badge> : null}
      </Name>
    ) },
    { id: "size", header: "Size", numeric: true, value: (i) => i.size?.height, cell: (i) => (i.size ? `${printLength(i.size.width as Mm, r)} × ${printLength(i.size.height as Mm, r)}` : "—") },
    { id: "yarn", header: "Yarn", numeric: true, value: (i) => i.metres.value, cell: (i) => <Figure estimate={i.metres} /> },
    { id: "time", header: "Time", numeric: true, value: (i) => i.seconds.value, cell: (i) => <Figure estimate={i.seconds} /> },
    { id: "cost", header: "Cost", numeric: true, value: (i) => i.cost.value, cell: (i) => <ReasonFigure reason={i.cost} /> },
    { id: "price", header: "Price", numeric: true, value: (i) => i.price, cell: (i) => <SwingTag>{printMoney(i.price as Minor, r)}</SwingTag> },
    { id: "hour", header: "An hour earns", numeric: true, value: (i) => i.perHour, cell: (i) => (i.perHour === undefined ? "—" : <ReasonFigure reason={i.hour}><Hour data-low={i.perHour < loaderData.wage || undefined}>{printMeasure(i.perHour, "minor", r)}</Hour></ReasonFigure>) },
  ];
  return (
    <Page>
      <PageHead>
        <h1>Items</h1>
        {loaderData.items.length > 0 ? (
          <ButtonLink to="/items.csv" reloadDocument>
            <Download size={17} aria-hidden /> CSV
          </ButtonLink>
        ) : null}
        <ButtonLink to="/items/new" $primary>
          <Plus size={17} aria-hidden /> New item
        </ButtonLink>
      </PageHead>
      {loaderData.items.length === 0 ? (
        <Empty>
          <h2>An item is a design that you make again and again</h2>
          <p>Give it a name and paste its written pattern. Lapka counts every round, draws the shape, and says what one piece takes and costs. If you keep yarn in Materials first, the figures are about your own yarn.</p>
          <ButtonLink to="/items/new" $primary>Make the first item</ButtonLink>
        </Empty>
      ) : (
        <Sheet $pad={false}>
          <DataTable rows={loaderData.items} columns={columns} rowId={(i) => i.id} label="Items" search="Find an item" />
        </Sheet>
      )}
    </Page>
  );
}

const Small = styled.span`display: block; max-width: 210px; overflow: hidden;`;
const Name = styled.div`display: grid; gap: 2px; justify-items: start; a { font-weight: 600; color: var(--ink); } > span:nth-child(2) { font-size: 13px; color: var(--soft); }`;
const Hour = styled.span`&[data-low] { color: var(--bad); }`;
