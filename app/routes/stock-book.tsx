import { Download } from "lucide-react";
import { Form, Link, useSearchParams } from "react-router";
import type { Route } from "./+types/stock-book";
import { stockBook, type MoveKind } from "@db/queries/stock";
import { MOVE_KINDS } from "@db/schema";
import { BookTable, moveWord, type MoveView } from "../features/materials/book-table";
import { MaterialsNav } from "../features/materials/nav";
import { openWorkshop, todayOf } from "../server/scope.server";
import { Button, ButtonLink, Page, PageHead, Row, Sheet, Stack } from "../ui/basics";
import { Field, Select } from "../ui/field";
import { useDrawn } from "../ui/use-drawn";
import { allItems, allNotions, allYarns } from "../server/rows.server";

export const meta: Route.MetaFunction = () => [{ title: "Stock book · Lapka" }];

const ROWS = 100;

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const params = new URL(request.url).searchParams;
  const kind = MOVE_KINDS.find((k) => k === params.get("kind")) as MoveKind | undefined;
  const material = /^[0-9a-f-]{36}$/.test(params.get("material") ?? "")
    ? (params.get("material") ?? undefined)
    : undefined;
  const before = /^(\d{13})_([0-9a-f-]{36})$/.exec(params.get("before") ?? "");
  const [yarns, notions, items, moves] = await Promise.all([
    allYarns(scope),
    allNotions(scope),
    allItems(scope),
    stockBook(scope, {
      materialId: material,
      kind,
      limit: ROWS + 1,
      before: before ? { at: new Date(Number(before[1])), id: before[2] ?? "" } : undefined,
    }),
  ]);
  const labels = new Map<string, { label: string; what: MoveView["what"] }>([
    ...yarns.map((y) => [y.id, { label: `${y.shade}, ${y.name}`, what: "yarn" as const }] as const),
    ...notions.map(
      (n) =>
        [
          n.id,
          { label: n.name, what: n.kind === "filling" ? ("filling" as const) : ("notion" as const) },
        ] as const,
    ),
    ...items.map((i) => [i.item.id, { label: i.item.name, what: "item" as const }] as const),
  ]);
  const shown = moves.slice(0, ROWS);
  const last = shown.at(-1);
  return {
    kind,
    material,
    materialLabel: material ? labels.get(material)?.label : undefined,
    next: moves.length > ROWS && last ? `${last.at.getTime()}_${last.id}` : undefined,
    kinds: MOVE_KINDS,
    moves: shown.map((m): MoveView => ({
      id: m.id,
      kind: m.kind,
      at: todayOf(m.at),
      label: labels.get(m.materialId)?.label ?? "something deleted",
      what: labels.get(m.materialId)?.what ?? "notion",
      quantity: m.quantity,
      note: m.note,
      cost: m.cost,
      settled: m.takenBack || m.kind === "undone",
    })),
    materials: [
      ...yarns.filter((y) => y.deletedAt === null).map((y) => ({ id: y.id, label: `${y.shade}, ${y.name}` })),
      ...notions.filter((n) => n.deletedAt === null).map((n) => ({ id: n.id, label: n.name })),
    ],
  };
}

export default function StockBook({ loaderData: d }: Route.ComponentProps) {
  const drawn = useDrawn(Infinity);
  const [params] = useSearchParams();
  const more = new URLSearchParams(params);
  if (d.next) more.set("before", d.next);
  return (
    <Page>
      <PageHead>
        <h1>Stock book</h1>
        <ButtonLink to="/materials/moves.csv" reloadDocument>
          <Download size={17} aria-hidden /> CSV
        </ButtonLink>
      </PageHead>
      <MaterialsNav />
      <Stack $gap={14}>
        <Form method="get">
          <Row>
            <Field label="Material" name="material">
              {(bind) => (
                <Select {...bind} defaultValue={d.material ?? ""} style={{ width: 240 }}>
                  <option value="">everything</option>
                  {d.materials
                    .filter((m, k) => k < drawn || m.id === d.material)
                    .map((m) => (
                      <option key={m.id} value={m.id}>
                        {m.label}
                      </option>
                    ))}
                </Select>
              )}
            </Field>
            <Field label="Move" name="kind">
              {(bind) => (
                <Select {...bind} defaultValue={d.kind ?? ""} style={{ width: 160 }}>
                  <option value="">all kinds</option>
                  {d.kinds.map((k) => (
                    <option key={k} value={k}>
                      {moveWord(k)}
                    </option>
                  ))}
                </Select>
              )}
            </Field>
            <Button type="submit" style={{ alignSelf: "end" }}>
              Show
            </Button>
          </Row>
        </Form>
        <Sheet $pad={false} aria-label="Moves">
          <BookTable moves={d.moves} label="Moves" />
        </Sheet>
        {d.next ? <Link to={`/materials/book?${more.toString()}`}>Older moves</Link> : null}
      </Stack>
    </Page>
  );
}
