import { Calculator, Store } from "lucide-react";
import styled from "styled-components";
import type { Route } from "./+types/stalls";
import { allMarkets } from "../features/sell/wares.server";
import { openWorkshop, todayOf } from "../server/scope.server";
import { Badge, ButtonLink, Empty, Page, PageHead, Row, Sheet, Small } from "../ui/basics";
import { printDay } from "../ui/days";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Market days · Lapka" }];

/** The days that are open or ahead: what somebody at the stall needs of them. */
export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const today = todayOf(scope);
  const all = await allMarkets(scope);
  return {
    days: all
      .filter((m) => m.state === "open" || (m.state === "planned" && m.onDay >= today))
      .map((m) => ({ id: m.id, name: m.name, onDay: m.onDay, state: m.state })),
  };
}

export default function Stalls({ loaderData: { days } }: Route.ComponentProps) {
  const r = useReading();
  return (
    <Page>
      <PageHead>
        <h1>Market days</h1>
        <Small>sell, and count what is left</Small>
      </PageHead>
      {days.length === 0 ? (
        <Empty>
          <h2>No market day is open or ahead</h2>
          <p>Whoever owns the workshop plans them and opens the stall; then it is here.</p>
        </Empty>
      ) : (
        <Days>
          {days.map((d) => (
            <li key={d.id}>
              <Sheet>
                <h2>{d.name}</h2>
                <p style={{ margin: "4px 0 12px" }}>
                  {printDay(d.onDay, r.locale, true)}{" "}
                  {d.state === "open" ? <Badge $tone="good">the stall is open</Badge> : <Badge>ahead</Badge>}
                </p>
                {d.state === "open" ? (
                  <Row>
                    <ButtonLink to={`/stall/${d.id}`} $primary aria-label={`Sell: ${d.name}`}>
                      <Store size={18} aria-hidden /> Sell
                    </ButtonLink>
                    <ButtonLink to={`/stall/${d.id}/count`} aria-label={`Count what is left: ${d.name}`}>
                      <Calculator size={18} aria-hidden /> Count what is left
                    </ButtonLink>
                  </Row>
                ) : (
                  <Small>The owner opens it on the day.</Small>
                )}
              </Sheet>
            </li>
          ))}
        </Days>
      )}
    </Page>
  );
}

const Days = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 12px;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 380px), 1fr));
`;
