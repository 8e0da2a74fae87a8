import {
  ListChecks,
  ListOrdered,
  Check,
  ClipboardCopy,
  Download,
  Play,
  Printer,
  Scissors,
  ShoppingBasket,
  Trash2,
  Users,
} from "lucide-react";
import { useState } from "react";
import { data, redirect } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/run";
import { findRun, finishRun, replanRun, startRun, unplanRun } from "@db/queries/runs";
import { setRunDeleted, findCutting } from "@db/queries/cutting";
import { printDuration, printMoney, type Minor, type Seconds } from "@core/units";
import { linePictures } from "../features/items/line-pictures.server";
import { PicturedName } from "../features/figure/pictured-name";
import { weighedOf } from "../features/bench/balls.server";
import { shareAnew } from "../features/runs/change.server";
import { finishNow, hasMoved, linesNow, plannedNow } from "../features/runs/known-now.server";
import { calendarSent, leversOf } from "../features/runs/levers.server";
import { loadRuns, loadShelves, planOf, secondsOf } from "../features/runs/load.server";
import { Passes } from "../features/runs/passes";
import { NONE_SEEN } from "@core/shelf/yield";
import { seenByItem } from "../features/sell/wares.server";
import { usedWorth } from "../features/runs/used-worth.server";
import { buyText, freeReason, needReason, placeText } from "../features/runs/reasons";
import { RunState } from "../features/runs/state";
import { tooLongDays } from "../features/runs/limit.server";
import { Timeline } from "../features/runs/timeline";
import { once, openForm } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { WorkForm } from "../ui/form";
import {
  Badge,
  Button,
  ButtonLink,
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
import { printDay } from "../ui/days";
import { Range, ReasonFigure } from "../ui/figure";
import { printAmount, useReading } from "../ui/reading";
import { MaterialName } from "../ui/yarn-disc";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.run.name ?? "Run"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { scope, workshop } = opened;
  const [r, runs] = await Promise.all([findRun(scope, params.id), loadRuns(scope)]);
  if (!r) throw data(null, { status: 404 });
  const today = todayOf(scope);
  const shelves = await loadShelves(scope, runs);
  const plan = planOf(shelves, r, runs, today);
  const [{ lines, surroundings: s }, cutting, seen, pictureOf] = await Promise.all([
    linesNow(r, opened),
    findCutting(scope, params.id),
    seenByItem(scope),
    linePictures(scope),
  ]);
  const drift = r.run.state === "finished" ? [] : lines.filter(hasMoved);
  return {
    run: {
      id: r.run.id,
      name: r.run.name,
      state: r.run.state,
      startOn: r.run.startOn,
      dueOn: r.run.dueOn,
      finishedOn: r.run.finishedOn,
      weekMinutes: r.run.plannedWith.weekMinutes,
    },
    lines: lines.map((l) => ({
      id: l.id,
      quantity: l.quantity,
      label: l.planned.label,
      revision: l.planned.revision,
      seconds: l.planned.seconds,
      secondsLow: l.planned.secondsLow,
      secondsHigh: l.planned.secondsHigh,
      cost: l.planned.cost,
      costLow: l.planned.costLow,
      costHigh: l.planned.costHigh,
      price: l.planned.price,
      // Nothing of a kit fails at the hook.
      pieces: l.kit ? undefined : (seen.get(l.itemId) ?? NONE_SEEN),
      picture: pictureOf(l),
    })),
    drift: drift.map((l) => ({
      id: l.id,
      label: l.planned.label,
      newer: l.newer,
      cost: l.planned.cost,
      costNow: l.now?.cost,
      seconds: l.planned.seconds,
      secondsNow: l.now?.seconds,
    })),
    finishNow: drift.length > 0 ? finishNow(r, lines, shelves, runs, today) : undefined,
    plan,
    shares: shelves.helpers.flatMap((h) => {
      const days = plan.days.filter((d) => d.hand === h.id);
      const finish = days.at(-1)?.on;
      return finish === undefined
        ? []
        : [{ name: h.name, hours: days.reduce((sum, d) => sum + d.hours, 0), finish }];
    }),
    calendar: r.run.state === "finished" ? undefined : calendarSent(shelves, runs, today),
    levers: r.run.state === "finished" ? [] : await leversOf(r, shelves, runs, opened),
    seconds: secondsOf(r),
    tooLong: await tooLongDays(scope, plan.days),
    today,
    cut: cutting !== undefined,
    replanned: r.lines.some((l) => l.plannedWith.before !== undefined),
    school: workshop.costSchool,
    used: r.run.state === "finished" ? await usedWorth(scope, params.id, s.yarns, s.notions) : undefined,
    colours: Object.fromEntries(shelves.yarns.map((y) => [y.id, y.colour])),
    kinds: Object.fromEntries([
      ...shelves.yarns.map((y) => [y.id, "yarn" as const]),
      ...shelves.notions.map((n) => [
        n.id,
        n.kind === "filling" ? ("filling" as const) : ("notion" as const),
      ]),
    ]),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => change(form, args.params.id, o));
}

async function change(form: FormData, runId: string, opened: Opened) {
  const { scope } = opened;
  const r = await findRun(scope, runId);
  if (!r) throw data(null, { status: 404 });
  switch (form.get("intent")) {
    case "replan":
      await replanRun(scope, runId, await plannedNow(r, opened));
      await shareAnew(runId, opened);
      return redirect(`/runs/${runId}`);
    case "unplan":
      await unplanRun(scope, runId);
      await shareAnew(runId, opened);
      return redirect(`/runs/${runId}`);
    case "start":
      await startRun(scope, runId);
      return redirect(`/runs/${runId}`);
    case "finish":
      await finishRun(scope, runId, todayOf(scope), undefined, await weighedOf(opened, runId));
      return redirect(`/runs/${runId}`);
    case "delete":
      await setRunDeleted(scope, runId, true);
      return redirect(`/runs?deleted=run:${runId}`);
    default:
      throw data(null, { status: 400 });
  }
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function RunRoute({ loaderData }: Route.ComponentProps) {
  const r = useReading();
  const { run, lines, plan, colours } = loaderData;
  const buy = plan.needs.filter((n) => n.packs > 0);
  const done = run.state === "finished";
  const revenue = lines.reduce((s, l) => s + l.price * l.quantity, 0);
  const cost = lines.reduce((s, l) => s + l.cost * l.quantity, 0);
  const ends = lines.every((l) => l.costLow !== undefined && l.costHigh !== undefined)
    ? {
        low: lines.reduce((t, l) => t + (l.costLow ?? 0) * l.quantity, 0),
        high: lines.reduce((t, l) => t + (l.costHigh ?? 0) * l.quantity, 0),
      }
    : undefined;
  return (
    <Page>
      <PageHead>
        <h1>{run.name}</h1>
        <RunState state={run.state} />
        {done ? null : (
          <ButtonLink to={`/runs/${run.id}/cutting`}>
            <Scissors size={16} aria-hidden /> Cutting plan{loaderData.cut ? ", kept" : ""}
          </ButtonLink>
        )}
        {done ? null : (
          <ButtonLink to={`/runs/${run.id}/order`}>
            <ListOrdered size={16} aria-hidden /> Order of the work
          </ButtonLink>
        )}
        {done ? null : (
          <ButtonLink to="/bench">
            <ListChecks size={16} aria-hidden /> Bench
          </ButtonLink>
        )}
        {run.state === "planned" ? (
          <Act intent="start">
            <Play size={16} aria-hidden /> Start
          </Act>
        ) : null}
        {run.state === "planned" ? null : (
          <ButtonLink to={`/runs/${run.id}/inspect`} $primary={run.state === "underway"}>
            <Check size={16} aria-hidden /> {done ? "What passed" : "Inspect and finish"}
          </ButtonLink>
        )}
        {done ? (
          <ButtonLink to={`/runs/${run.id}/went`} $primary>
            How it went
          </ButtonLink>
        ) : null}
        <Act intent="delete" quiet label={`Delete ${run.name}`}>
          <Trash2 size={17} aria-hidden />
        </Act>
      </PageHead>
      <Stack $gap={18}>
        {loaderData.calendar ? (
          <Timeline
            run={run}
            plan={plan}
            shares={loaderData.shares}
            today={loaderData.today}
            seconds={loaderData.seconds}
            calendar={loaderData.calendar}
            levers={loaderData.levers}
            tooLong={loaderData.tooLong}
          />
        ) : (
          <Quiet>
            Made by {run.finishedOn ? printDay(run.finishedOn, r.locale, true) : "its day"}; the stock book
            holds what it used and what it made.
          </Quiet>
        )}
        {loaderData.drift.length > 0 ? (
          <KnownNow drift={loaderData.drift} finish={plan.finish} finishNow={loaderData.finishNow}>
            <Act intent="replan">Plan it anew with what is known now</Act>
          </KnownNow>
        ) : null}
        {loaderData.replanned && !done ? (
          <Row>
            <Small>Planned anew with what is known now.</Small>
            <Act intent="unplan" quiet>
              Back to the earlier plan
            </Act>
          </Row>
        ) : null}
        {loaderData.used ? (
          <p>
            Material used, {loaderData.school === "lot" ? "by what its own lots cost" : "by moving average"}:{" "}
            <ReasonFigure
              strong
              reason={{
                label: "Material that this run used",
                measure: "minor",
                value: loaderData.school === "lot" ? loaderData.used.byLot : loaderData.used.average,
                how: "moves of this run in the stock book",
                parts: [
                  { label: "by what its own lots cost", measure: "minor", value: loaderData.used.byLot },
                  {
                    label: "by moving average of what was paid",
                    measure: "minor",
                    value: loaderData.used.average,
                  },
                ],
                from: "Settings say which school goes first",
              }}
            />
          </p>
        ) : null}
        <Columns>
          <Sheet $pad={false} aria-labelledby="what-title">
            <Head>
              <h2 id="what-title">What is made</h2>
              {done ? null : (
                <Row>
                  <ButtonLink to={`/runs/${run.id}/hands`}>
                    <Users size={16} aria-hidden /> Who makes what
                  </ButtonLink>
                  <ButtonLink to={`/runs/${run.id}/sheet.pdf`} target="_blank" reloadDocument>
                    <Printer size={16} aria-hidden /> Run sheet
                  </ButtonLink>
                </Row>
              )}
            </Head>
            <Scroll tabIndex={0} role="region" aria-label="What is made, table">
              <PlainTable $tight>
                <thead>
                  <tr>
                    <th scope="col">Item</th>
                    <th scope="col" className="num">
                      Pieces
                    </th>
                    <th scope="col" className="num">
                      Work
                    </th>
                    <th scope="col" className="num">
                      Cost
                    </th>
                    <th scope="col" className="num">
                      Sells for
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {lines.map((l) => (
                    <tr key={l.id}>
                      <td>
                        <PicturedName of={l.picture} label={l.label} note={`revision ${l.revision}`} />
                      </td>
                      <td className="num">
                        {l.quantity}
                        {done ? null : (
                          <Small as="div">
                            {l.pieces ? <Passes pieces={l.quantity} seen={l.pieces} label={l.label} /> : null}
                          </Small>
                        )}
                      </td>
                      <td className="num">
                        <ReasonFigure
                          reason={{
                            label: l.label,
                            measure: "seconds",
                            value: l.seconds * l.quantity,
                            low: l.secondsLow * l.quantity,
                            high: l.secondsHigh * l.quantity,
                            how: `${l.quantity} × ${printDuration(l.seconds as Seconds, r)}`,
                            from: `one of ${l.quantity} made in a go`,
                          }}
                        />
                        <Range low={l.secondsLow} high={l.secondsHigh} measure="seconds" times={l.quantity} />
                      </td>
                      <td className="num">
                        <ReasonFigure
                          reason={{
                            label: l.label,
                            measure: "minor",
                            value: l.cost * l.quantity,
                            ...(l.costLow !== undefined && l.costHigh !== undefined
                              ? { low: l.costLow * l.quantity, high: l.costHigh * l.quantity }
                              : {}),
                            how: `${l.quantity} × ${printMoney(l.cost as Minor, r)}`,
                          }}
                        />
                        <Range low={l.costLow} high={l.costHigh} measure="minor" times={l.quantity} />
                      </td>
                      <td className="num">
                        <ReasonFigure
                          reason={{
                            label: l.label,
                            measure: "minor",
                            value: l.price * l.quantity,
                            how: `${l.quantity} × ${printMoney(l.price as Minor, r)}`,
                          }}
                        />
                      </td>
                    </tr>
                  ))}
                </tbody>
                <tfoot>
                  <tr>
                    <th scope="row">Together</th>
                    <td className="num">
                      <b>{lines.reduce((s, l) => s + l.quantity, 0)}</b>
                    </td>
                    <td className="num">
                      <b>{printDuration(loaderData.seconds as Seconds, r)}</b>
                      <Range low={plan.seconds.low} high={plan.seconds.high} measure="seconds" />
                    </td>
                    <td className="num">
                      <b>{printMoney(cost as Minor, r)}</b>
                      <Range low={ends?.low} high={ends?.high} measure="minor" />
                    </td>
                    <td className="num">
                      <b>{printMoney(revenue as Minor, r)}</b>
                    </td>
                  </tr>
                </tfoot>
              </PlainTable>
            </Scroll>
          </Sheet>
          {done ? null : (
            <Sheet $pad={false} aria-labelledby="buy-title">
              <Head>
                <h2 id="buy-title">To buy</h2>
                {buy.length > 0 ? (
                  <Row>
                    <Copy text={buyText(plan.needs, r)} />
                    <ButtonLink to={`/materials/buy?run=${run.id}`}>
                      <ShoppingBasket size={16} aria-hidden /> Order
                    </ButtonLink>
                    <ButtonLink to={`/runs/${run.id}/list.csv`} reloadDocument>
                      <Download size={16} aria-hidden /> CSV
                    </ButtonLink>
                  </Row>
                ) : null}
              </Head>
              {buy.length === 0 ? (
                <Quiet>Nothing: your stock covers this run.</Quiet>
              ) : (
                <Scroll tabIndex={0} role="region" aria-label="To buy, table">
                  <PlainTable>
                    <thead>
                      <tr>
                        <th scope="col">What</th>
                        <th scope="col" className="num">
                          Missing
                        </th>
                        <th scope="col" className="num">
                          Buy
                        </th>
                        <th scope="col" className="num">
                          Cost
                        </th>
                        <th scope="col" className="num">
                          Left after
                        </th>
                      </tr>
                    </thead>
                    <tbody>
                      {buy.map((n) => (
                        <tr key={n.materialId}>
                          <td>
                            <MaterialName label={n.label} colour={colours[n.materialId]} />
                          </td>
                          <td className="num">{printAmount(n.missing, n.kind, r)}</td>
                          <td className="num">
                            <b>{n.packs}</b> × {printAmount(n.packSize, n.kind, r)}
                          </td>
                          <td className="num">{printMoney(n.cost, r)}</td>
                          <td className="num">{printAmount(n.left, n.kind, r)}</td>
                        </tr>
                      ))}
                    </tbody>
                    <tfoot>
                      <tr>
                        <th scope="row" colSpan={3}>
                          Together
                        </th>
                        <td className="num">
                          <b>{printMoney(plan.buyCost, r)}</b>
                        </td>
                        <td />
                      </tr>
                    </tfoot>
                  </PlainTable>
                </Scroll>
              )}
            </Sheet>
          )}
        </Columns>
        {done ? null : (
          <Sheet $pad={false} aria-labelledby="needs-title">
            <Head>
              <h2 id="needs-title">What it takes, against your stock</h2>
              <Small>needs open to their arithmetic</Small>
            </Head>
            <Scroll tabIndex={0} role="region" aria-label="What it takes, against your stock, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Material</th>
                    <th scope="col" className="num">
                      Expected
                    </th>
                    <th scope="col" className="num">
                      Planned for
                    </th>
                    <th scope="col" className="num">
                      On hand, free
                    </th>
                    <th scope="col" className="num">
                      Missing
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {plan.needs.map((n) => (
                    <tr key={n.materialId}>
                      <td>
                        <MaterialName label={n.label} colour={colours[n.materialId]} />
                        {placeText(n) === undefined ? null : (
                          <Small as="div" style={{ marginLeft: 30 }}>
                            {placeText(n)}
                          </Small>
                        )}
                      </td>
                      <td className="num">{printAmount(n.need, n.kind, r)}</td>
                      <td className="num">
                        <ReasonFigure reason={needReason(n)}>
                          {printAmount(n.needHigh, n.kind, r)}
                        </ReasonFigure>
                      </td>
                      <td className="num">
                        <ReasonFigure reason={freeReason(n)}>{printAmount(n.free, n.kind, r)}</ReasonFigure>
                        {n.coming > 0 ? (
                          <Small as="div">+ {printAmount(n.coming, n.kind, r)} on its way</Small>
                        ) : null}
                      </td>
                      <td className="num">
                        {n.missing > 0 ? (
                          <Badge $tone="bad">{printAmount(n.missing, n.kind, r)}</Badge>
                        ) : (
                          <Badge $tone="good">enough</Badge>
                        )}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </PlainTable>
            </Scroll>
          </Sheet>
        )}
        <Small>Long batches of tight crochet strain the hands: plan breaks and a daily limit.</Small>
      </Stack>
    </Page>
  );
}

function Act({
  intent,
  children,
  primary,
  quiet,
  label,
}: {
  intent: string;
  children: React.ReactNode;
  primary?: boolean;
  quiet?: boolean;
  label?: string;
}) {
  return (
    <WorkForm>
      <input type="hidden" name="intent" value={intent} />
      <Button type="submit" $primary={primary ?? false} $quiet={quiet ?? false} aria-label={label}>
        {children}
      </Button>
    </WorkForm>
  );
}

function Copy({ text }: { text: string }) {
  const [done, setDone] = useState(false);
  return (
    <Button
      type="button"
      onClick={() =>
        void navigator.clipboard.writeText(text).then(
          () => setDone(true),
          () => setDone(false),
        )
      }
    >
      <ClipboardCopy size={16} aria-hidden /> <span aria-live="polite">{done ? "Copied" : "Copy"}</span>
    </Button>
  );
}

/** What this run would be with what is known today, beside what it was planned with. */
function KnownNow({
  drift,
  finish,
  finishNow: then,
  children,
}: {
  drift: readonly {
    id: string;
    label: string;
    newer: boolean;
    cost: number;
    costNow: number | undefined;
    seconds: number;
    secondsNow: number | undefined;
  }[];
  finish: string | undefined;
  finishNow: string | undefined;
  children: React.ReactNode;
}) {
  const r = useReading();
  return (
    <Note role="status">
      <h2>With what you know now it would be different</h2>
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">One of</th>
            <th scope="col" className="num">
              Cost
            </th>
            <th scope="col" className="num">
              Work
            </th>
          </tr>
        </thead>
        <tbody>
          {drift.map((l) => (
            <tr key={l.id}>
              <td>
                <b>{l.label}</b> {l.newer ? <Badge $tone="warn">newer revision</Badge> : null}
              </td>
              <td className="num">
                {printMoney(l.cost as Minor, r)}
                {l.costNow === undefined ? (
                  ""
                ) : (
                  <>
                    {" "}
                    → <b>{printMoney(l.costNow as Minor, r)}</b>
                  </>
                )}
              </td>
              <td className="num">
                {printDuration(l.seconds as Seconds, r)}
                {l.secondsNow === undefined ? (
                  ""
                ) : (
                  <>
                    {" "}
                    → <b>{printDuration(l.secondsNow as Seconds, r)}</b>
                  </>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
      {finish && then ? (
        <p>
          {finish === then ? (
            <>It would still be done on {printDay(then, r.locale, true)}.</>
          ) : (
            <>
              It would be done on <b>{printDay(then, r.locale, true)}</b> instead of{" "}
              {printDay(finish, r.locale, true)}.
            </>
          )}
        </p>
      ) : null}
      <Row style={{ marginTop: 8 }}>
        {children}
        <Small>
          Until then the run keeps what it was planned with. The earlier plan is kept; a cutting plan is given
          back.
        </Small>
      </Row>
    </Note>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 470px), 1fr));
  gap: 18px;
  align-items: start;
`;
const Head = styled(SheetHead)`
  padding: 12px 12px 0;
  margin: 0;
  align-items: center;
`;
const Quiet = styled.p`
  padding: 12px;
  color: var(--soft);
`;
const Note = styled.div`
  padding: 10px 14px;
  background: var(--warn-ground);
  border-left: 5px solid var(--warn);
  border-radius: 0 4px 4px 0;
  h2 {
    font-size: 16px;
  }
`;
