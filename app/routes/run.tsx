import { Check, ClipboardCopy, Download, Play, Scissors, ShoppingBasket, Trash2 } from "lucide-react";
import { useState } from "react";
import { data, Form, redirect } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/run";
import { findItem, findRevisions } from "@db/queries/items";
import { findRun, finishRun, replanRun, setRunDeleted, startRun, unplanRun } from "@db/queries/runs";
import { printDuration, printMoney, printTrimmed, type Minor, type Seconds } from "@core/units";
import { listColourways } from "@db/queries/colourways";
import { listBalls } from "@db/queries/balls";
import { findCutting } from "@db/queries/cutting";
import { movesOfRun, standingMoves } from "@db/queries/stock";
import { costByLot, movingAverage } from "@core/costing";
import type { RunWithLines } from "@db/queries/runs";
import type { LinePlannedWith } from "@db/schema";
import { analyseStored, inColourway, loadAnalysedColourways, loadSurroundings } from "../features/items/load.server";
import { loadRuns, loadShelves, planOf, secondsOf } from "../features/runs/load.server";
import { buyText, freeReason, needReason } from "../features/runs/reasons";
import { InTime, RunState } from "../features/runs/state";
import type { Scope } from "@db/scope";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { Badge, Button, ButtonLink, Page, PageHead, PlainTable, Row, Scroll, Sheet, SheetHead, Small, Stack, tapeTicks } from "../ui/basics";
import { printDay } from "../ui/days";
import { ReasonFigure } from "../ui/figure";
import { printAmount, useReading } from "../ui/reading";
import { MaterialName } from "../ui/yarn-disc";

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: `${loaderData?.run.name ?? "Run"} · Lapka` }];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [r, runs] = await Promise.all([findRun(scope, params.id), loadRuns(scope)]);
  if (!r) throw data(null, { status: 404 });
  const today = todayOf(scope.now);
  const { plan, stock } = planOf(await loadShelves(scope), r, runs, today);
  const [revisions, s, colourways, cutting] = await Promise.all([findRevisions(scope, r.lines.map((l) => l.revisionId)), loadSurroundings(scope, workshop), listColourways(scope, { withDeleted: true }), findCutting(scope, params.id)]);
  // What the same pieces would take with what is known today: shown when it has moved.
  const lines = await Promise.all(
    r.lines.map(async (l) => {
      const current = await findItem(scope, l.itemId);
      const kept = revisions.get(l.revisionId);
      const now = current && kept ? analyseStored(inColourway({ item: current.item, revision: kept }, colourways.find((c) => c.id === l.colourwayId)), s) : undefined;
      return {
        id: l.id, itemId: l.itemId, label: l.plannedWith.label, quantity: l.quantity, seconds: l.plannedWith.seconds, cost: l.plannedWith.cost, price: l.plannedWith.price, revision: l.plannedWith.revision,
        gone: current === undefined, newer: current ? current.item.revision > l.plannedWith.revision : false, costNow: now?.cost.total, secondsNow: now?.piece.seconds.value,
      };
    }),
  );
  return {
    run: { id: r.run.id, name: r.run.name, state: r.run.state, startOn: r.run.startOn, dueOn: r.run.dueOn, finishedOn: r.run.finishedOn, weekMinutes: r.run.plannedWith.weekMinutes },
    lines, plan, seconds: secondsOf(r), today, cut: cutting !== undefined, replanned: r.lines.some((l) => l.plannedWith.before !== undefined), school: workshop.costSchool, used: r.run.state === "finished" ? await usedWorth(scope, params.id, s.yarns, s.notions) : undefined,
    colours: Object.fromEntries([...stock].flatMap(([id, x]) => (x.colour ? [[id, x.colour]] : []))),
    kinds: Object.fromEntries([...stock].map(([id, x]) => [id, x.kind])),
  };
}

/** What each line would be planned with today: its item's present revision, her hand and prices as they are now. */
async function plannedNow(r: RunWithLines, { scope, workshop }: Opened): Promise<Map<string, { revisionId: string; plannedWith: LinePlannedWith }>> {
  const { all } = await loadAnalysedColourways(scope, workshop);
  return new Map(r.lines.flatMap((l) => {
    const x = all.find((a) => a.entry.item.id === l.itemId && (a.colourway?.id ?? null) === l.colourwayId);
    if (!x) return [];
    const s = x.analysis.piece.seconds;
    return [[l.id, { revisionId: x.entry.revision.id, plannedWith: { label: x.label, revision: x.entry.revision.number, seconds: s.value, secondsLow: s.low, secondsHigh: s.high, cost: x.analysis.cost.total, price: x.analysis.price, needs: x.analysis.needs, lengths: x.analysis.lengths } }] as const];
  }));
}

/** What the material of a finished run was worth, by both schools. */
async function usedWorth(scope: Scope, runId: string, yarns: readonly { id: string; ballMg: number; ballPrice: number }[], notions: readonly { id: string; packSize: number; packPrice: number }[]): Promise<{ byLot: number; average: number }> {
  const moves = (await movesOfRun(scope, runId)).filter((m) => m.kind === "used");
  const [standing, balls] = await Promise.all([standingMoves(scope, [...new Set(moves.map((m) => m.materialId))]), listBalls(scope, { empty: true })]);
  const byId = new Map(balls.map((b) => [b.id, b]));
  let byLot = 0;
  let average = 0;
  for (const id of new Set(moves.map((m) => m.materialId))) {
    const yarn = yarns.find((y) => y.id === id);
    const notion = notions.find((n) => n.id === id);
    const each = yarn ? yarn.ballPrice / yarn.ballMg : notion ? notion.packPrice / notion.packSize : 0;
    const own = moves.filter((m) => m.materialId === id);
    for (const m of own) byLot += m.ballId && byId.has(m.ballId) ? costByLot(-m.quantity, byId.get(m.ballId) ?? { fullMg: 1, price: 0 }) : -m.quantity * each;
    // The average that stood when it went out.
    const at = own[0]?.at.getTime() ?? 0;
    const per = movingAverage(standing.filter((m) => m.materialId === id && m.at.getTime() <= at).map((m) => ({ quantity: m.quantity, cost: m.cost ?? undefined })), each).perUnit ?? each;
    average += own.reduce((s, m) => s - m.quantity, 0) * per;
  }
  return { byLot: Math.round(byLot), average: Math.round(average) };
}

export async function action({ request, params, context }: Route.ActionArgs) {
  const opened = await openWorkshop(request, context);
  const { scope } = opened;
  const form = await request.formData();
  const r = await findRun(scope, params.id);
  if (!r) throw data(null, { status: 404 });
  switch (form.get("intent")) {
    case "replan":
      await replanRun(scope, params.id, await plannedNow(r, opened));
      return redirect(`/runs/${params.id}`);
    case "unplan":
      await unplanRun(scope, params.id);
      return redirect(`/runs/${params.id}`);
    case "start":
      await startRun(scope, params.id);
      return redirect(`/runs/${params.id}`);
    case "finish":
      await finishRun(scope, params.id, todayOf(scope.now));
      return redirect(`/runs/${params.id}`);
    case "delete":
      await setRunDeleted(scope, params.id, true);
      return redirect(`/runs?deleted=run:${params.id}&label=${encodeURIComponent(r.run.name)}`);
    default:
      throw data(null, { status: 400 });
  }
}

export default function RunRoute({ loaderData }: Route.ComponentProps) {
  const r = useReading();
  const { run, lines, plan, colours } = loaderData;
  const buy = plan.needs.filter((n) => n.packs > 0);
  const done = run.state === "finished";
  const revenue = lines.reduce((s, l) => s + l.price * l.quantity, 0);
  const cost = lines.reduce((s, l) => s + l.cost * l.quantity, 0);
  const drift = lines.filter((l) => l.newer || (l.costNow !== undefined && Math.abs(l.costNow - l.cost) > 0.02 * l.cost) || (l.secondsNow !== undefined && Math.abs(l.secondsNow - l.seconds) > 0.03 * l.seconds));
  return (
    <Page>
      <PageHead>
        <h1>{run.name}</h1>
        <RunState state={run.state} />
        {done ? null : <ButtonLink to={`/runs/${run.id}/cutting`}><Scissors size={16} aria-hidden /> Cutting plan{loaderData.cut ? ", kept" : ""}</ButtonLink>}
        {run.state === "planned" ? <Act intent="start"><Play size={16} aria-hidden /> Start</Act> : null}
        {run.state === "underway" ? <Act intent="finish" primary><Check size={16} aria-hidden /> All made</Act> : null}
        <Act intent="delete" quiet label={`Delete ${run.name}`}><Trash2 size={17} aria-hidden /></Act>
      </PageHead>
      <Stack $gap={18}>
        <Timeline run={run} plan={plan} today={loaderData.today} seconds={loaderData.seconds} />
        {drift.length > 0 && !done ? (
          <Note role="status">
            With what you know now it would be different:{" "}
            {drift.map((l) => `${l.label} ${l.newer ? "has a newer revision" : `costs ${printMoney((l.costNow ?? l.cost) as Minor, r)} instead of ${printMoney(l.cost as Minor, r)} and takes ${printDuration((l.secondsNow ?? l.seconds) as Seconds, r)} instead of ${printDuration(l.seconds as Seconds, r)}`}`).join("; ")}. This run keeps what it was planned with{" "}
            <Row style={{ marginTop: 8 }}><Act intent="replan">Plan it anew with what is known now</Act><Small>The earlier plan is kept; a cutting plan is given back.</Small></Row>
          </Note>
        ) : null}
        {loaderData.replanned && !done ? <Row><Small>Planned anew with what is known now.</Small><Act intent="unplan" quiet>Back to the earlier plan</Act></Row> : null}
        {loaderData.used ? (
          <p>
            Material used, {loaderData.school === "lot" ? "by what its own lots cost" : "by moving average"}:{" "}
            <ReasonFigure strong reason={{ label: "Material that this run used", measure: "minor", value: loaderData.school === "lot" ? loaderData.used.byLot : loaderData.used.average, how: "moves of this run in the stock book", parts: [{ label: "by what its own lots cost", measure: "minor", value: loaderData.used.byLot }, { label: "by moving average of what was paid", measure: "minor", value: loaderData.used.average }], from: "Settings say which school goes first" }} />
          </p>
        ) : null}
        <Columns>
          <Sheet $pad={false} aria-labelledby="what-title">
            <Head><h2 id="what-title">What is made</h2></Head>
            <Scroll tabIndex={0} role="region" aria-label="What is made, table">
              <PlainTable>
                <thead>
                  <tr><th scope="col">Item</th><th scope="col" className="num">Pieces</th><th scope="col" className="num">Work</th><th scope="col" className="num">Cost</th><th scope="col" className="num">Sells for</th></tr>
                </thead>
                <tbody>
                  {lines.map((l) => (
                    <tr key={l.id}>
                      <td><b>{l.label}</b> <Small>revision {l.revision}</Small></td>
                      <td className="num">{l.quantity}</td>
                      <td className="num"><ReasonFigure reason={{ label: l.label, measure: "seconds", value: l.seconds * l.quantity, how: `${l.quantity} × ${printDuration(l.seconds as Seconds, r)}` }} /></td>
                      <td className="num"><ReasonFigure reason={{ label: l.label, measure: "minor", value: l.cost * l.quantity, how: `${l.quantity} × ${printMoney(l.cost as Minor, r)}` }} /></td>
                      <td className="num"><ReasonFigure reason={{ label: l.label, measure: "minor", value: l.price * l.quantity, how: `${l.quantity} × ${printMoney(l.price as Minor, r)}` }} /></td>
                    </tr>
                  ))}
                </tbody>
                <tfoot>
                  <tr><th scope="row">Together</th><td className="num"><b>{lines.reduce((s, l) => s + l.quantity, 0)}</b></td><td className="num"><b>{printDuration(loaderData.seconds as Seconds, r)}</b></td><td className="num"><b>{printMoney(cost as Minor, r)}</b></td><td className="num"><b>{printMoney(revenue as Minor, r)}</b></td></tr>
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
                    <ButtonLink to={`/materials/buy?run=${run.id}`}><ShoppingBasket size={16} aria-hidden /> Order</ButtonLink>
                    <ButtonLink to={`/runs/${run.id}/list.csv`} reloadDocument><Download size={16} aria-hidden /> CSV</ButtonLink>
                  </Row>
                ) : null}
              </Head>
              {buy.length === 0 ? <Quiet>Nothing: your stock covers this run.</Quiet> : (
                <Scroll tabIndex={0} role="region" aria-label="To buy, table">
                  <PlainTable>
                    <thead><tr><th scope="col">What</th><th scope="col" className="num">Missing</th><th scope="col" className="num">Buy</th><th scope="col" className="num">Cost</th><th scope="col" className="num">Left after</th></tr></thead>
                    <tbody>
                      {buy.map((n) => (
                        <tr key={n.materialId}>
                          <td><MaterialName label={n.label} colour={colours[n.materialId]} /></td>
                          <td className="num">{printAmount(n.missing, n.kind, r)}</td>
                          <td className="num"><b>{n.packs}</b> × {printAmount(n.packSize, n.kind, r)}</td>
                          <td className="num">{printMoney(n.cost, r)}</td>
                          <td className="num">{printAmount(n.left, n.kind, r)}</td>
                        </tr>
                      ))}
                    </tbody>
                    <tfoot><tr><th scope="row" colSpan={3}>Together</th><td className="num"><b>{printMoney(plan.buyCost, r)}</b></td><td /></tr></tfoot>
                  </PlainTable>
                </Scroll>
              )}
            </Sheet>
          )}
        </Columns>
        {done ? null : (
          <Sheet $pad={false} aria-labelledby="needs-title">
            <Head><h2 id="needs-title">What it takes, against your stock</h2><Small>needs open to their arithmetic</Small></Head>
            <Scroll tabIndex={0} role="region" aria-label="What it takes, against your stock, table">
              <PlainTable>
                <thead><tr><th scope="col">Material</th><th scope="col" className="num">Expected</th><th scope="col" className="num">Planned for</th><th scope="col" className="num">On hand, free</th><th scope="col" className="num">Missing</th></tr></thead>
                <tbody>
                  {plan.needs.map((n) => (
                    <tr key={n.materialId}>
                      <td><MaterialName label={n.label} colour={colours[n.materialId]} /></td>
                      <td className="num">{printAmount(n.need, n.kind, r)}</td>
                      <td className="num"><ReasonFigure reason={needReason(n)}>{printAmount(n.needHigh, n.kind, r)}</ReasonFigure></td>
                      <td className="num"><ReasonFigure reason={freeReason(n)}>{printAmount(n.free, n.kind, r)}</ReasonFigure></td>
                      <td className="num">{n.missing > 0 ? <Badge $tone="bad">{printAmount(n.missing, n.kind, r)}</Badge> : <Badge $tone="good">enough</Badge>}</td>
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

function Act({ intent, children, primary, quiet, label }: { intent: string; children: React.ReactNode; primary?: boolean; quiet?: boolean; label?: string }) {
  return (
    <Form method="post">
      <input type="hidden" name="intent" value={intent} />
      <Button type="submit" $primary={primary ?? false} $quiet={quiet ?? false} aria-label={label}>
        {children}
      </Button>
    </Form>
  );
}

function Copy({ text }: { text: string }) {
  const [done, setDone] = useState(false);
  return (
    <Button type="button" onClick={() => void navigator.clipboard.writeText(text).then(() => setDone(true), () => setDone(false))}>
      <ClipboardCopy size={16} aria-hidden /> <span aria-live="polite">{done ? "Copied" : "Copy"}</span>
    </Button>
  );
}

/** The run as a length of tape: from its first day to its last, the due day and the finish marked. */
function Timeline({ run, plan, today, seconds }: { run: { startOn: string; dueOn: string; state: "planned" | "underway" | "finished"; finishedOn: string | null; weekMinutes: number }; plan: { finish: string | undefined; finishLow: string | undefined; finishHigh: string | undefined; inTime: "sure" | "likely" | "late" | "unknown"; hoursThere: number; seconds: { low: number; high: number } }; today: string; seconds: number }) {
  const r = useReading();
  if (run.state === "finished") return <Quiet>Made by {run.finishedOn ? printDay(run.finishedOn, r.locale, true) : "its day"}; the stock book holds what it used and what it made.</Quiet>;
  const at = (day: string) => Date.parse(`${day}T00:00:00Z`) / 86_400_000;
  const start = Math.min(at(run.startOn), at(today));
  const end = Math.max(at(run.dueOn), plan.finishHigh ? Math.min(at(plan.finishHigh), at(run.dueOn) + 60) : at(run.dueOn)) + 1;
  const x = (day: string) => `${Math.min(100, Math.max(0, (100 * (at(day) - start)) / Math.max(1, end - start)))}%`;
  return (
    <Sheet aria-label="When it will be done">
      <SheetHead>
        <h2>When it will be done</h2>
        <InTime plan={plan} due={run.dueOn} locale={r.locale} />
      </SheetHead>
      <Facts>
        <div><dt>Work</dt><dd><ReasonFigure reason={{ label: "Work of this run", measure: "seconds", value: seconds, from: `90 of 100 times between ${printDuration(plan.seconds.low as Seconds, r)} and ${printDuration(plan.seconds.high as Seconds, r)}` }} strong /></dd></div>
        <div><dt>Hours until the due day</dt><dd><ReasonFigure reason={{ label: "Hours until the due day", measure: "seconds", value: plan.hoursThere * 3600, how: `${printTrimmed(run.weekMinutes / 60, 1, r.locale)} h a week on your working days, from today or the first day` }} strong /></dd></div>
        <div><dt>Finish</dt><dd>{plan.finish ? printDay(plan.finish, r.locale, true) : "never at these hours"}</dd></div>
        <div><dt>Due</dt><dd>{printDay(run.dueOn, r.locale, true)}</dd></div>
      </Facts>
      <TapeBox aria-hidden>
        {plan.finishLow && plan.finishHigh ? <Span style={{ left: x(plan.finishLow), right: `calc(100% - ${x(plan.finishHigh)})` }} /> : null}
        {plan.finish ? <Mark style={{ left: x(plan.finish) }} data-late={plan.inTime === "late" || undefined}><span>done</span></Mark> : null}
        <Mark style={{ left: x(run.dueOn) }} data-due><span>due</span></Mark>
      </TapeBox>
    </Sheet>
  );
}

const Columns = styled.div`display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 430px), 1fr)); gap: 18px; align-items: start;`;
const Head = styled(SheetHead)`padding: 12px 12px 0; margin: 0; align-items: center;`;
const Quiet = styled.p`padding: 12px; color: var(--soft);`;
const Note = styled.div`padding: 10px 14px; background: var(--warn-ground); border-left: 5px solid var(--warn); border-radius: 0 4px 4px 0;`;
const Facts = styled.dl`display: flex; flex-wrap: wrap; gap: 6px 30px; margin: 0 0 14px; dt { font-size: 13px; color: var(--soft); } dd { margin: 0; font-size: 18px; font-weight: 600; }`;
const TapeBox = styled.div`
  position: relative; height: 46px; margin: 0 22px; background-color: var(--tape); border-radius: 2px; ${tapeTicks("bottom", "var(--tape-ink)")}
`;
const Span = styled.i`position: absolute; top: 4px; height: 16px; background: var(--act); opacity: 0.35; border-radius: 2px;`;
const Mark = styled.i`
  position: absolute; top: 0; bottom: 0; width: 2px; margin-left: -1px; background: var(--act); font-style: normal;
  span { position: absolute; top: 4px; left: 6px; font-size: 13px; font-weight: 640; color: var(--tape-ink); }
  &[data-due] { background: var(--tape-ink); span { left: auto; right: 6px; top: 18px; } }
  &[data-late] { background: var(--bad); }
`;
