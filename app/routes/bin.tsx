import { Undo2 } from "lucide-react";
import styled from "styled-components";
import type { Route } from "./+types/bin";
import { BIN_DAYS, listDeleted, type BinKind } from "@db/queries/bin";
import { dayOf, openWorkshop, todayOf } from "../server/scope.server";
import { Button, Empty, Page, PageHead, PlainTable, Scroll, Sheet, Small } from "../ui/basics";
import { printDay } from "../ui/days";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Bin · Lapka" }];

export const KIND_WORDS: Readonly<Record<BinKind, string>> = {
  item: "item",
  colourway: "colourway",
  run: "run",
  yarn: "yarn",
  ball: "ball",
  notion: "notion",
  swatch: "swatch",
  supplier: "supplier",
  purchase: "order",
  channel: "way of selling",
  market: "market day",
  commission: "commission",
  place: "place",
  scenario: "scenario",
  photo: "photo",
};

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const deleted = await listDeleted(scope);
  return {
    today: todayOf(scope),
    days: BIN_DAYS,
    rows: deleted.map((d) => ({
      kind: d.kind,
      id: d.id,
      name: d.name,
      on: dayOf(d.deletedAt, scope.zone),
      left: Math.max(0, Math.ceil(BIN_DAYS - (scope.now.getTime() - d.deletedAt.getTime()) / 86_400_000)),
    })),
  };
}

/** Everything that was deleted, with a way back. */
export default function Bin({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  return (
    <Page>
      <PageHead>
        <h1>Bin</h1>
        <Small>what you delete can be brought back for {d.days} days</Small>
      </PageHead>
      {d.rows.length === 0 ? (
        <Empty>
          <h2>Nothing was deleted lately</h2>
          <p>
            Items, runs, yarns, orders and the rest come here when you delete them, and go back from here as
            they were.
          </p>
        </Empty>
      ) : (
        <Sheet $pad={false} style={{ maxWidth: 820 }}>
          <Scroll tabIndex={0} role="region" aria-label="Deleted, table">
            <PlainTable>
              <thead>
                <tr>
                  <th scope="col">What</th>
                  <th scope="col">Deleted</th>
                  <th scope="col" className="num minor">
                    Days left
                  </th>
                  <th scope="col">
                    <span className="sr">Bring back</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {d.rows.map((x) => (
                  <tr key={`${x.kind}:${x.id}`}>
                    <td>
                      <Named>
                        <b>
                          {x.kind === "purchase"
                            ? `of ${printDay(x.name, r.locale)}`
                            : x.name || "without a name"}
                        </b>
                        <Small>{KIND_WORDS[x.kind]}</Small>
                      </Named>
                    </td>
                    <td>{printDay(x.on, r.locale)}</td>
                    <td className="num minor">{x.left}</td>
                    <td className="num">
                      <WorkForm action="/undo">
                        <input type="hidden" name="what" value={`${x.kind}:${x.id}`} />
                        <Button type="submit" aria-label={`Bring back ${x.name || KIND_WORDS[x.kind]}`}>
                          <Undo2 size={16} aria-hidden /> Bring back
                        </Button>
                      </WorkForm>
                    </td>
                  </tr>
                ))}
              </tbody>
            </PlainTable>
          </Scroll>
        </Sheet>
      )}
    </Page>
  );
}

const Named = styled.span`
  display: grid;
`;
