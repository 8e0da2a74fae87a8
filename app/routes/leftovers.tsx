import { Search } from "lucide-react";
import { Link, useNavigation } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/leftovers";
import { howManyMore, leftoverUse, type LeftoverBall, type LeftoverNeed } from "@core/planning";
import { printMoney, type Minor } from "@core/units";
import { loadAnalysedColourways, withoutKits, type AnalysedColourway } from "../features/items/load.server";
import { ballSize } from "../features/materials/balls";
import { amountText } from "../features/materials/defaults";
import { loadCupboard, type Cupboard } from "../features/materials/load.server";
import { MaterialsNav } from "../features/materials/nav";
import { openForm } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { WorkForm } from "../ui/form";
import {
  Badge,
  Button,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  PlainTable,
  Row,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { ReasonFigure } from "../ui/figure";
import { useReading } from "../ui/reading";
import { YarnDisc } from "../ui/yarn-disc";
import { useDrawn } from "../ui/use-drawn";
import { allBalls } from "../server/rows.server";

export const meta: Route.MetaFunction = () => [{ title: "Leftovers · Lapka" }];

interface Found {
  readonly key: string;
  readonly itemId: string;
  readonly label: string;
  readonly part: string | undefined;
  readonly pieces: number;
  readonly value: number;
  readonly otherShade: boolean;
  readonly lacking: string | undefined;
  readonly used: readonly {
    readonly label: string;
    readonly colour: string;
    readonly mg: number;
    readonly left: number;
  }[];
}
const MOST_SHOWN = 30;
const MOST_PICKED = 120;
const MOST_LISTED = 160;

/** What can be made from the picked balls alone, ranked by the worth of the yarn it uses up. */
function findUses(
  all: readonly AnalysedColourway[],
  balls: readonly (LeftoverBall & { label: string; colour: string })[],
  cupboard: Cupboard,
  classes: ReadonlyMap<string, number>,
  anyShade: boolean,
): Found[] {
  const free = new Map(
    [...cupboard.onHand].map(([id, q]) => [id, Math.max(0, q - (cupboard.reserved.get(id) ?? 0))]),
  );
  const found: Found[] = [];
  for (const { entry, colourway, label, analysis } of all) {
    if (!analysis.checked.sure) continue;
    const needOf = (l: (typeof analysis.lengths)[number]): LeftoverNeed => ({
      part: l.part,
      yarnId: l.yarnId,
      weightClass: classes.get(l.yarnId) ?? -1,
      mg: Math.ceil(l.mg * Math.exp(1.645 * l.sigma)),
    });
    const wholes = analysis.lengths.flatMap((l) => Array.from({ length: l.make }, () => needOf(l)));
    const put = (part: string | undefined, needs: readonly LeftoverNeed[], lacking: string | undefined) => {
      const use = leftoverUse(needs, balls, anyShade);
      if (!use) return;
      found.push({
        key: `${entry.item.id}:${colourway?.id ?? ""}:${part ?? ""}`,
        itemId: entry.item.id,
        label,
        part,
        pieces: use.pieces,
        value: use.value,
        otherShade: use.otherShade,
        lacking,
        used: balls.flatMap((b) =>
          use.used.has(b.id)
            ? [
                {
                  label: b.label,
                  colour: b.colour,
                  mg: use.used.get(b.id) ?? 0,
                  left: b.mg - (use.used.get(b.id) ?? 0),
                },
              ]
            : [],
        ),
      });
    };
    const others = howManyMore(
      analysis.needs.filter((n) => n.kind !== "yarn"),
      free,
    );
    const short = others.each[0];
    const use = leftoverUse(wholes, balls, anyShade);
    const lacking =
      use && short && short.pieces < use.pieces
        ? cupboard.notions.find((n) => n.id === short.materialId)?.name
        : undefined;
    put(undefined, wholes, lacking);
    const parts = [...new Set(analysis.lengths.map((l) => l.part))];
    if (parts.length > 1)
      for (const part of parts)
        put(part, analysis.lengths.filter((l) => l.part === part).map(needOf), undefined);
  }
  return found.sort((a, b) => b.value - a.value).slice(0, MOST_SHOWN);
}

async function look({ scope, workshop }: Opened, picked: ReadonlySet<string> | undefined, anyShade: boolean) {
  const [{ all: wares }, cupboard, balls] = await Promise.all([
    loadAnalysedColourways(scope, workshop),
    loadCupboard(scope),
    allBalls(scope),
  ]);
  const all = withoutKits(wares);
  const yarns = new Map(cupboard.yarns.map((y) => [y.id, y]));
  const open = balls.flatMap((b) => {
    const y = yarns.get(b.yarnId);
    const mg = b.mg - b.reserved;
    return y && b.state !== "full" && mg > 0
      ? [
          {
            id: b.id,
            yarnId: y.id,
            weightClass: y.weightClass,
            mg,
            pricePerGram: b.fullMg > 0 ? (b.price * 1000) / b.fullMg : 0,
            label: `${y.shade}, ${y.name}`,
            colour: y.colour,
            state: b.state,
            lot: b.lot,
            place: b.place,
            size: ballSize(b, 30),
          },
        ]
      : [];
  });
  const chosen = open.filter((b) => (picked ? picked.has(b.id) : b.state === "scrap")).slice(0, MOST_PICKED);
  // The smallest first: those are what wants using up.
  const listed = [...chosen, ...open.filter((b) => !chosen.includes(b)).sort((a, b) => a.mg - b.mg)];
  return {
    balls: listed.slice(0, MOST_LISTED),
    more: Math.max(0, listed.length - MOST_LISTED),
    picked: chosen.map((b) => b.id),
    anyShade,
    found: findUses(
      all,
      chosen,
      cupboard,
      new Map(cupboard.yarns.map((y) => [y.id, y.weightClass])),
      anyShade,
    ),
    items: all.length,
  };
}

export async function loader({ request, context }: Route.LoaderArgs) {
  return look(await openWorkshop(request, context), undefined, false);
}

/** Only looks: nothing is changed. Sent as a form because picked balls do not fit in an address. */
export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return look(
    opened,
    new Set(form.getAll("ball").filter((v): v is string => typeof v === "string")),
    form.get("any") === "on",
  );
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Leftovers({ loaderData, actionData: answered }: Route.ComponentProps) {
  const actionData = taken(answered);
  const r = useReading();
  const navigation = useNavigation();
  const d = actionData ?? loaderData;
  const drawn = useDrawn(Infinity);
  return (
    <Page>
      <PageHead>
        <h1>Leftovers</h1>
      </PageHead>
      <MaterialsNav />
      {d.balls.length === 0 ? (
        <Empty>
          <h2>No opened ball, no scrap</h2>
          <p>
            When balls are opened or lie with the scraps, pick some here and see what can be made from them
            alone.
          </p>
          <ButtonLink to="/materials">To the cupboard</ButtonLink>
        </Empty>
      ) : (
        <Columns>
          <Sheet $pad={false} aria-labelledby="pick-title">
            <WorkForm>
              <Head>
                <h2 id="pick-title">Pick what to use up</h2>
              </Head>
              <Picks>
                {d.balls.slice(0, drawn).map((b) => (
                  <li key={b.id}>
                    <label>
                      <input
                        type="checkbox"
                        name="ball"
                        value={b.id}
                        defaultChecked={d.picked.includes(b.id)}
                      />
                      <Disc>
                        <YarnDisc colour={b.colour} name={b.label} size={b.size} />
                      </Disc>
                      <span>
                        <b>{b.label}</b>{" "}
                        <Small>
                          {b.state}
                          {b.lot ? `, lot ${b.lot}` : ""}
                          {b.place ? ` · ${b.place}` : ""}
                        </Small>
                      </span>
                      <b>{amountText(b.mg, "mass", r)}</b>
                    </label>
                  </li>
                ))}
              </Picks>
              {d.more > 0 ? <Quiet>and {d.more} larger balls</Quiet> : null}
              <Foot>
                <label>
                  <input type="checkbox" name="any" defaultChecked={d.anyShade} /> also in another shade of
                  the same class
                </label>
                <Button type="submit" $primary disabled={navigation.state !== "idle"}>
                  <Search size={16} aria-hidden /> What can I make?
                </Button>
              </Foot>
            </WorkForm>
          </Sheet>
          <Sheet $pad={false} aria-labelledby="found-title">
            <Head>
              <h2 id="found-title">From these alone</h2>
              <Small>most yarn used up first</Small>
            </Head>
            {d.found.length === 0 ? (
              <Quiet role="status">
                {d.items === 0
                  ? "There is no item yet to make."
                  : "Not one whole part fits on what is picked. Pick more, or allow other shades."}
              </Quiet>
            ) : (
              <Scroll tabIndex={0} role="region" aria-label="From these alone, table">
                <PlainTable>
                  <thead>
                    <tr>
                      <th scope="col">What</th>
                      <th scope="col" className="num">
                        How many
                      </th>
                      <th scope="col" className="num">
                        Yarn worth
                      </th>
                      <th scope="col" className="minor">
                        From
                      </th>
                    </tr>
                  </thead>
                  <tbody>
                    {d.found.map((f) => (
                      <tr key={f.key}>
                        <td>
                          <Link to={`/items/${f.itemId}`}>
                            <b>{f.part ?? f.label}</b>
                          </Link>{" "}
                          <Small>{f.part ? `part of ${f.label}` : "whole, all parts"}</Small>
                          {f.otherShade ? (
                            <>
                              {" "}
                              <Badge $tone="warn">other shade</Badge>
                            </>
                          ) : null}
                          {f.lacking ? (
                            <>
                              {" "}
                              <Badge $tone="bad">short of {f.lacking}</Badge>
                            </>
                          ) : null}
                        </td>
                        <td className="num">{f.pieces}</td>
                        <td className="num">
                          <ReasonFigure
                            reason={{
                              label: `Yarn used up by ${f.part ?? f.label}`,
                              measure: "minor",
                              value: Math.round(f.value),
                              how: "what the balls cost, by weight used",
                              parts: f.used.map((u) => ({
                                label: `${u.label}: leaves ${amountText(u.left, "mass", r)}`,
                                measure: "grams",
                                value: u.mg / 1000,
                              })),
                            }}
                          >
                            {printMoney(Math.round(f.value) as Minor, r)}
                          </ReasonFigure>
                        </td>
                        <td className="minor">
                          <Row $gap={3}>
                            {f.used.map((u, i) => (
                              <YarnDisc
                                key={i}
                                colour={u.colour}
                                name={`${u.label}: ${amountText(u.mg, "mass", r)}`}
                                size={20}
                              />
                            ))}
                          </Row>
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </PlainTable>
              </Scroll>
            )}
            <Quiet>
              Reckoned with the upper end of each length, every length from one ball. What is promised to runs
              is left alone.
            </Quiet>
          </Sheet>
        </Columns>
      )}
    </Page>
  );
}

const Columns = styled(Stack)`
  grid-template-columns: minmax(300px, 2fr) minmax(0, 3fr);
  gap: 18px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Head = styled(SheetHead)`
  padding: 12px 12px 0;
  margin: 0;
  align-items: center;
`;
const Picks = styled.ul`
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  max-height: 60vh;
  overflow: auto;
  li {
    border-top: 1px solid var(--line);
  }
  label {
    display: flex;
    gap: 10px;
    align-items: center;
    padding: 6px 12px;
    min-height: 44px;
    cursor: pointer;
  }
  label > span:nth-of-type(2) {
    display: grid;
    flex: 1;
  }
  input {
    width: 18px;
    height: 18px;
    flex: none;
  }
`;
const Disc = styled.span`
  display: grid;
  place-items: center;
  width: 32px;
  flex: none;
`;
const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
  padding: 12px;
  border-top: 1px solid var(--line);
  label {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 32px;
  }
`;
const Quiet = styled.p`
  padding: 12px;
  color: var(--soft);
  font-size: 14px;
`;
