import { Play } from "lucide-react";
import styled from "styled-components";
import type { Route } from "./+types/bench";
import { listBenchLines } from "@db/queries/bench";
import { FigurePicture } from "../features/figure/figure-picture";
import { linePictures } from "../features/items/line-pictures.server";
import { givenTexts } from "../features/runs/shares";
import { loadMeasured } from "../server/measured.server";
import { openWorkshop } from "../server/scope.server";
import { ButtonLink, Empty, Page, PageHead, Sheet, Small } from "../ui/basics";
import { printDay } from "../ui/days";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Bench · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, ownHand } = await openWorkshop(request, context);
  const [lines, { hands }, pictureOf] = await Promise.all([
    listBenchLines(scope),
    loadMeasured(scope),
    linePictures(scope),
  ]);
  const me = ownHand ?? hands[0]?.id;
  return {
    lines: lines.map(({ run, line }) => ({
      id: line.id,
      run: run.name,
      dueOn: run.dueOn,
      underway: run.state === "underway",
      label: line.plannedWith.label,
      picture: pictureOf(line),
      made: line.made,
      quantity: line.quantity,
      given: givenTexts(line.shares, (hand) =>
        hand === me ? "You" : (hands.find((h) => h.id === hand)?.name ?? "Somebody"),
      ),
    })),
  };
}

/** What there is to work on, by the day it is due: one press, and the table view opens. */
export default function Bench({ loaderData: { lines } }: Route.ComponentProps) {
  const r = useReading();
  return (
    <Page>
      <PageHead>
        <h1>Bench</h1>
        <Small>round by round, with your hands full</Small>
      </PageHead>
      {lines.length === 0 ? (
        <Empty>
          <h2>Nothing to work on</h2>
          <p>Plan a run, and its pieces lie here ready to be worked, round by round.</p>
          <ButtonLink to="/runs/new" $primary>
            Plan a run
          </ButtonLink>
        </Empty>
      ) : (
        <Lines>
          {lines.map((l) => (
            <li key={l.id}>
              <Sheet>
                <Line>
                  {l.picture ? <FigurePicture of={l.picture} name="" side={72} /> : null}
                  <div>
                    <h2>{l.label}</h2>
                    <Small>
                      {l.run}, due {printDay(l.dueOn, r.locale)}
                    </Small>
                    <Tape
                      role="img"
                      aria-label={`${l.made} of ${l.quantity} made`}
                      style={{ "--part": `${(100 * l.made) / l.quantity}%` } as React.CSSProperties}
                    />
                    <Small>
                      {l.made} of {l.quantity} made
                    </Small>
                    {l.given.length > 0 ? <Small as="div">{l.given.join("; ")}</Small> : null}
                  </div>
                  <ButtonLink
                    to={`/bench/${l.id}`}
                    $primary={l.underway}
                    aria-label={`${l.underway ? "Go on" : "Begin"}: ${l.label}, ${l.run}`}
                  >
                    <Play size={18} aria-hidden /> {l.underway ? "Go on" : "Begin"}
                  </ButtonLink>
                </Line>
              </Sheet>
            </li>
          ))}
        </Lines>
      )}
    </Page>
  );
}

const Lines = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 12px;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 400px), 1fr));
`;
const Line = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 14px;
  & > div {
    flex: 1;
    min-width: 0;
  }
  & > a {
    min-height: 52px;
    padding-inline: 18px;
  }
`;
const Tape = styled.div`
  height: 12px;
  margin: 8px 0 4px;
  border: 1px solid var(--edge);
  border-radius: 2px;
  background: linear-gradient(to right, var(--tape) var(--part), transparent var(--part));
`;
