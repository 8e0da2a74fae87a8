import { Archive, ArchiveRestore, Scale, Timer, UserPlus } from "lucide-react";
import { useState } from "react";
import { Form, Link, useFetcher } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/hand";
import { listItems } from "@db/queries/items";
import { listYarns } from "@db/queries/materials";
import { learningCurve, nextMeasurements, TENSION_SPREAD } from "@core/calibrate";
import { addWork, STAGES, STAGE_OF, PACE_KINDS, type Work } from "@core/estimate";
import { gaugePrior, type WeightClass } from "@core/fabric";
import { mm, printDuration, printLength, printMass, printMoney, printTrimmed, type Grams, type Minor, type Mm, type Seconds } from "@core/units";
import { handAction, type HandReply } from "../features/hand/actions.server";
import { ExpectedChart, LapChart, NarrowingChart } from "../features/hand/charts";
import { coverage, narrowing, toldInOrder } from "../features/hand/history";
import { groupOf, knowledgeOf, paceTimings, tensionObservations } from "../features/hand/learning";
import { handDataOf, loadMeasured } from "../features/hand/load.server";
import { HandNav } from "../features/hand/nav";
import { loadAnalysedItems } from "../features/items/load.server";
import { loadRuns } from "../features/runs/load.server";
import { openWorkshop, todayOf } from "../server/scope.server";
import { Badge, Button, ButtonLink, Empty, Page, PageHead, PlainTable, Row, Scroll, Sheet, SheetHead, Small, Stack } from "../ui/basics";
import { printDay } from "../ui/days";
import { Choice } from "../ui/drawers";
import { Field, Input, Select } from "../ui/field";
import { ReasonFigure } from "../ui/figure";
import { Modal, FormFoot } from "../ui/modal";
import { useReading } from "../ui/reading";
import { YarnDisc } from "../ui/yarn-disc";

export const meta: Route.MetaFunction = () => [{ title: "Hand · Lapka" }];

const SHOWN = 60;

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const params = new URL(request.url).searchParams;
  const [measured, yarns, runs, { items }, names] = await Promise.all([loadMeasured(scope), listYarns(scope, true), loadRuns(scope), loadAnalysedItems(scope, workshop), listItems(scope)]);
  const hand = measured.hands.find((h) => h.id === params.get("hand")) ?? measured.hands[0];
  const data = handDataOf(measured, yarns, hand);
  const today = todayOf(scope.now);
  const half = workshop.halfLifeDays;
  const known = knowledgeOf(data, today, half);
  const byYarn = new Map(yarns.map((y) => [y.id, y]));
  const label = (g: string) => {
    const [id = "", hook = "0"] = g.split("@");
    const y = byYarn.get(id);
    return { label: y ? `${y.shade}, ${y.name}` : "a deleted yarn", colour: y?.colour ?? "#b9c3c5", hookMm: Number(hook) / 10, yarnId: id, weightClass: (y?.weightClass ?? 3) as WeightClass };
  };
  const told = toldInOrder(data, half);
  // What open runs will take, by yarn and hook, at cost.
  const slots = new Map(items.flatMap(({ entry }) => entry.revision.slots.map((s) => [`${entry.item.id}:${s.yarnId}`, s.hookUm / 1000] as const)));
  const planned = runs.filter((x) => x.run.state !== "finished").flatMap((x) => x.lines);
  const plannedYarn = planned.flatMap((l) => l.plannedWith.needs.filter((n) => n.kind === "yarn").map((n) => {
    const y = byYarn.get(n.materialId);
    const grams = (n.each * l.quantity) / 1000;
    const hookMm = slots.get(`${l.itemId}:${n.materialId}`) ?? 3;
    return { group: groupOf(n.materialId, hookMm), label: y ? `${y.shade}, ${printHook(hookMm)} mm hook` : "", grams, cost: y ? (grams * 1000 * y.ballPrice) / y.ballMg : 0 };
  }));
  const perSecond = (workshop.wagePerHour + workshop.overheadPerHour) / 3600;
  const plannedWork = items.flatMap((i) => {
    const pieces = planned.filter((l) => l.itemId === i.entry.item.id).reduce((s, l) => s + l.quantity, 0);
    return pieces > 0 ? [{ label: i.entry.item.name, work: addWork({}, i.analysis.piece.work, pieces), costPerSecond: perSecond }] : [];
  });
  const next = nextMeasurements(plannedYarn, plannedWork, tensionObservations(data.tension, today, half), TENSION_SPREAD, paceTimings(data.timings, today, half, known.batch)).slice(0, 4);
  const batch = data.timings.filter((t) => !t.setAside && t.laps.length >= 3).map((t) => ({ stage: t.stage, laps: t.laps, curve: learningCurve(t.laps), madeOn: t.madeOn })).find((b) => b.curve);
  // One piece of everything she makes, by stage: where the time goes.
  const all = items.map((i) => i.analysis.piece.work);
  const stages = STAGES.map((stage) => {
    const kinds = PACE_KINDS.filter((k) => STAGE_OF[k] === stage);
    const work = Object.fromEntries(kinds.map((k) => [k, all.reduce((s, w) => s + (w[k] ?? 0), 0)])) as Work;
    const trade = Object.values(work).reduce((s, v) => s + v, 0);
    const seconds = known.pace.seconds(work);
    return { stage, trade, seconds, sd: known.pace.sd(work), timings: data.timings.filter((t) => !t.setAside && t.stage === stage).length };
  }).filter((s) => s.trade > 0);
  const itemName = new Map(names.map((i) => [i.item.id, i.item.name]));
  const measurements = [
    ...measured.weighIns.filter((w) => w.handId === hand?.id).map((w) => ({ id: w.id, kind: "weighIn" as const, madeOn: w.madeOn, setAside: w.setAside, what: w.kind === "filling" ? "filling weighed" : "weighed", about: `${w.pieces} × ${itemName.get(w.itemId) ?? "an item"}${w.part ? `, ${w.part}` : ""}`, value: { mg: w.weightMg, seconds: undefined as number | undefined, mm: undefined as number | undefined }, ratio: (w.weightMg - w.besideMg) / Math.max(1, w.expectedMg) })),
    ...measured.timings.filter((t) => t.handId === hand?.id).map((t) => ({ id: t.id, kind: "timing" as const, madeOn: t.madeOn, setAside: t.setAside, what: t.stage, about: `${t.pieces} × ${itemName.get(t.itemId) ?? "an item"}${t.part ? `, ${t.part}` : ""}`, value: { mg: undefined, seconds: t.seconds as number | undefined, mm: undefined as number | undefined }, ratio: t.seconds / Math.max(1, Object.values(t.work).reduce((s, v) => s + v, 0)) })),
    ...measured.swatches.filter((s) => (s.handId ?? measured.hands[0]?.id) === hand?.id).map((s) => ({ id: s.id, kind: "swatch" as const, madeOn: s.madeOn, setAside: s.setAside, what: s.sampleMm ? "unravelled" : "swatch", about: label(groupOf(s.yarnId, s.hookUm / 1000)).label, value: { mg: undefined, seconds: undefined as number | undefined, mm: (s.sampleMm && s.sampleStitches ? s.sampleMm / s.sampleStitches : s.overMm && s.stitches ? s.overMm / s.stitches : undefined) as number | undefined }, ratio: data.tension.find((m) => m.id === s.id)?.ratio ?? 1 })),
  ].sort((a, b) => (a.madeOn < b.madeOn ? 1 : -1));
  return {
    hand: hand ? { id: hand.id, name: hand.name, loops: hand.loops } : undefined, hands: measured.hands.map((h) => ({ id: h.id, name: h.name })), today, kept: params.get("kept"),
    groups: known.tension.groups.map((g) => {
      const l = known.tension.of(g);
      const about = label(g);
      const prior = 5.7 * gaugePrior(about.weightClass, mm(about.hookMm)).width;
      return { group: g, ...about, perStitch: prior * Math.exp(l.mean), low: prior * Math.exp(l.mean - 1.6449 * l.sd), high: prior * Math.exp(l.mean + 1.6449 * l.sd), prior, factor: Math.exp(l.mean), own: l.own, others: l.others, points: narrowing(data, g, half, today), rests: data.tension.filter((m) => groupOf(m.yarnId, m.hookMm) === g).map((m) => ({ madeOn: m.madeOn, kind: m.kind, ratio: m.ratio, setAside: m.setAside })) };
    }),
    elsewhere: { factor: Math.exp(known.tension.elsewhere.mean), low: Math.exp(known.tension.elsewhere.mean - 1.6449 * known.tension.elsewhere.sd), high: Math.exp(known.tension.elsewhere.mean + 1.6449 * known.tension.elsewhere.sd) },
    told, coverage: coverage(told), stages, next, batch, measurements: measurements.slice(0, SHOWN), more: Math.max(0, measurements.length - SHOWN), timings: known.pace.timings,
  };
}

const printHook = (hookMm: number): string => String(Math.round(hookMm * 100) / 100);

export async function action({ request, context }: Route.ActionArgs) {
  const opened = await openWorkshop(request, context);
  return handAction(await request.formData(), opened);
}

export default function HandView({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const [adding, setAdding] = useState(false);
  const nothing = d.measurements.length === 0;
  const crochet = d.stages.filter((s) => s.stage === "crochet").reduce((t, s) => t + s.seconds, 0);
  const total = d.stages.reduce((t, s) => t + s.seconds, 0);
  const most = Math.max(1, ...d.stages.map((s) => Math.max(s.trade, s.seconds)));
  return (
    <Page>
      <PageHead>
        <h1>Hand</h1>
        {d.hands.length > 1 ? <Row $gap={6}>{d.hands.map((h) => <Choice key={h.id} to={`/hand?hand=${h.id}`} aria-current={h.id === d.hand?.id ? "true" : undefined}>{h.name}</Choice>)}</Row> : null}
        <Button type="button" onClick={() => setAdding(true)}><UserPlus size={16} aria-hidden /> A helper’s hand</Button>
        <ButtonLink to="/hand/weigh" $primary><Scale size={16} aria-hidden /> Weigh</ButtonLink>
        <ButtonLink to="/hand/time" $primary><Timer size={16} aria-hidden /> Time</ButtonLink>
      </PageHead>
      <HandNav />
      <Stack $gap={18}>
        {d.kept ? <div role="status"><Badge $tone="good">Kept. The estimates rest on it from now on.</Badge></div> : null}
        {nothing ? (
          <Empty>
            <h2>Lapka knows only the trade’s averages yet</h2>
            <p>Makers’ yarn use and speed differ by a third. Weigh three finished parts and time a few sittings, a minute each, and every estimate becomes yours, with its range.</p>
            <Row><ButtonLink to="/hand/weigh" $primary>Weigh a finished part</ButtonLink><ButtonLink to="/hand/time">Time a sitting</ButtonLink></Row>
          </Empty>
        ) : null}
        {d.next.length > 0 ? (
          <Sheet aria-labelledby="next-title">
            <SheetHead><h2 id="next-title">Measure next</h2><Small>what would narrow the cost of your planned runs most</Small></SheetHead>
            <List>{d.next.map((n) => (
              <li key={`${n.kind}${n.group}`}>
                <Link to={n.kind === "weigh" ? "/hand/weigh" : "/hand/time"}>{n.kind === "weigh" ? <Scale size={15} aria-hidden /> : <Timer size={15} aria-hidden />} {n.kind === "weigh" ? "Weigh a part in" : "Time a"} {n.label}</Link>
                <ReasonFigure reason={{ label: "Width of the 90 % range of what is planned", measure: "minor", value: Math.round(n.now - n.then), how: "expected narrowing by one more measurement", parts: [{ label: "now", measure: "minor", value: Math.round(n.now) }, { label: "after it", measure: "minor", value: Math.round(n.then) }] }}>{printMoney(Math.round(n.now - n.then) as Minor, r)} narrower</ReasonFigure>
              </li>
            ))}</List>
          </Sheet>
        ) : null}
        {nothing ? null : (
          <>
            <Sheet $pad={false} aria-labelledby="tension-title">
              <Head><h2 id="tension-title">Yarn in a stitch</h2><Small>by yarn and hook; the band closes with every measurement, the dotted line is the trade’s average</Small></Head>
              <Scroll tabIndex={0} role="region" aria-label="Yarn in a stitch, table">
                <PlainTable>
                  <thead><tr><th scope="col">Yarn and hook</th><th scope="col" className="num">One sc takes</th><th scope="col" className="num">90 of 100 times</th><th scope="col">From</th><th scope="col" className="minor">How it narrowed</th></tr></thead>
                  <tbody>
                    {d.groups.map((g) => (
                      <tr key={g.group}>
                        <td><Named><YarnDisc colour={g.colour} name={g.label} size={26} /><span><Link to={`/materials/${g.yarnId}`}><b>{g.label}</b></Link> <Small>{printHook(g.hookMm)} mm hook</Small></span></Named></td>
                        <td className="num"><ReasonFigure strong reason={{ label: `One single crochet in ${g.label}`, measure: "mm", value: g.perStitch, how: `{mm:${g.prior}} the trade expects × ${g.factor.toFixed(3)}, your hand`, from: `${g.own} of its own, ${g.others} of your other yarns`, parts: g.rests.map((m) => ({ label: `${m.kind} of ${printDay(m.madeOn, r.locale)}${m.setAside ? ", set aside" : ""}: times the trade’s`, measure: "ratio" as const, value: m.ratio })) }}>{printLength(g.perStitch as Mm, r, 1)}</ReasonFigure></td>
                        <td className="num">{printTrimmed(r.system === "metric" ? g.low : g.low / 25.4, r.system === "metric" ? 1 : 2, r.locale)} to {printLength(g.high as Mm, r, r.system === "metric" ? 1 : 2)}</td>
                        <td>{g.own} of this yarn{g.others > 0 ? <Small>, {g.others} of others</Small> : null}</td>
                        <td className="minor"><NarrowingChart points={g.points} label={`Range of ${g.label} after each of ${g.points.length - 1} measurements`} /></td>
                      </tr>
                    ))}
                    <tr><td>Any other yarn</td><td className="num"><b>{printTrimmed(100 * d.elsewhere.factor, 0, r.locale)} %</b></td><td className="num">{printTrimmed(100 * d.elsewhere.low, 0, r.locale)} to {printTrimmed(100 * d.elsewhere.high, 0, r.locale)} %</td><td colSpan={2}><Small>of the trade’s average for its class and hook</Small></td></tr>
                  </tbody>
                </PlainTable>
              </Scroll>
            </Sheet>
            <Columns>
              <Sheet aria-labelledby="pace-title">
                <SheetHead><h2 id="pace-title">Pace by stage</h2><Small>one of each item; finishing is {printTrimmed(total > 0 ? (100 * (total - crochet)) / total : 0, 0, r.locale)} %</Small></SheetHead>
                <Stages>
                  {d.stages.map((s) => (
                    <li key={s.stage}>
                      <span>{s.stage}</span>
                      <Bar aria-hidden><i style={{ width: `${(100 * s.trade) / most}%` }} /><b style={{ width: `${(100 * s.seconds) / most}%` }} /></Bar>
                      <ReasonFigure reason={{ label: s.stage, measure: "seconds", value: s.seconds, how: `{seconds:${s.trade}} at the trade’s pace × ${(s.seconds / s.trade).toFixed(2)}`, from: s.timings > 0 ? `${s.timings} timings of this stage` : d.timings > 0 ? "your other stages" : "trade average", parts: [{ label: "90 of 100 times, give or take", measure: "seconds", value: 1.6449 * s.sd }] }}>{printDuration(s.seconds as Seconds, r)}</ReasonFigure>
                      <Small>{printTrimmed((100 * s.seconds) / s.trade, 0, r.locale)} % of the trade’s</Small>
                    </li>
                  ))}
                </Stages>
                {d.batch?.curve ? (
                  <>
                    <h3 style={{ marginTop: 16 }}>A batch: {d.batch.stage}, {d.batch.laps.length} pieces</h3>
                    <LapChart laps={d.batch.laps} curve={d.batch.curve} />
                    <Small>{d.batch.curve.rate < 1 ? `Each doubling of the batch takes ${Math.round((1 - d.batch.curve.rate) * 100)} % less time a piece.` : "The pieces did not get faster."}</Small>
                  </>
                ) : null}
              </Sheet>
              <Sheet aria-labelledby="told-title">
                <SheetHead><h2 id="told-title">Expected against measured</h2></SheetHead>
                <ExpectedChart told={d.told} href={(t) => `#m-${t.id}`} describe={(t) => `${t.group.includes("@") ? "yarn" : t.group}, ${printDay(t.madeOn, r.locale)}: expected ${t.expected.toFixed(2)}, measured ${t.measured.toFixed(2)}`} />
                <Small><Key style={{ background: "var(--act)" }} /> yarn <Key style={{ background: "var(--w-inc)" }} /> filling <Key data-square style={{ background: "var(--w-dec)" }} /> time. The truth fell inside its range <b>{d.coverage.inside} of {d.coverage.of}</b> times; about 9 of 10 is right.</Small>
              </Sheet>
            </Columns>
            <Sheet $pad={false} aria-labelledby="all-title">
              <Head><h2 id="all-title">Measurements</h2><Small>set one aside when something went wrong: it is kept, and can come back</Small></Head>
              <Scroll tabIndex={0} role="region" aria-label="Measurements, table">
                <PlainTable>
                  <thead><tr><th scope="col">Day</th><th scope="col">What</th><th scope="col" className="minor">Of</th><th scope="col" className="num">Measured</th><th scope="col" className="num">Of the trade’s</th><th scope="col"><span className="sr">Do</span></th></tr></thead>
                  <tbody>
                    {d.measurements.map((m) => (
                      <tr key={m.id} id={`m-${m.id}`} style={m.setAside ? { color: "var(--soft)", textDecoration: "line-through" } : undefined}>
                        <td style={{ whiteSpace: "nowrap" }}>{printDay(m.madeOn, r.locale)}</td><td>{m.what}</td><td className="minor">{m.about}</td>
                        <td className="num">{m.value.mg !== undefined ? printMass((m.value.mg / 1000) as Grams, r) : m.value.seconds !== undefined ? printDuration(m.value.seconds as Seconds, r) : m.value.mm !== undefined ? `${printLength(m.value.mm as Mm, r, r.system === "metric" ? 1 : 2)} a stitch` : ""}</td>
                        <td className="num">{printTrimmed(100 * m.ratio, 0, r.locale)} %</td>
                        <td className="num">
                          <Form method="post">
                            <input type="hidden" name="intent" value="aside" /><input type="hidden" name="kind" value={m.kind} /><input type="hidden" name="id" value={m.id} /><input type="hidden" name="aside" value={m.setAside ? "no" : "yes"} /><input type="hidden" name="hand" value={d.hand?.id ?? ""} />
                            <Button type="submit" $quiet aria-label={`${m.setAside ? "Bring back" : "Set aside"}: ${m.what}, ${m.about}, ${printDay(m.madeOn, r.locale)}`} title={m.setAside ? "Bring back" : "Set aside"}>{m.setAside ? <ArchiveRestore size={16} aria-hidden /> : <Archive size={16} aria-hidden />}</Button>
                          </Form>
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </PlainTable>
              </Scroll>
              {d.more > 0 ? <p style={{ padding: 12 }}><Small>and {d.more} older ones</Small></p> : null}
            </Sheet>
          </>
        )}
      </Stack>
      <Modal title="A helper’s hand" open={adding} onClose={() => setAdding(false)}>{adding ? <HandForm onDone={() => setAdding(false)} /> : null}</Modal>
    </Page>
  );
}

function HandForm({ onDone }: { onDone: () => void }) {
  const fetcher = useFetcher<HandReply>();
  const [sent, setSent] = useState<string>();
  const done = fetcher.data?.done;
  if (done && done !== sent && fetcher.state === "idle") {
    setSent(done);
    onDone();
  }
  return (
    <fetcher.Form method="post">
      <input type="hidden" name="intent" value="hand" />
      <Stack>
        <p>Measurements of a helper are kept apart from yours: your estimates stay yours.</p>
        <Field label="Name" name="name" errors={fetcher.data?.reply?.error?.name ?? undefined}>{(b) => <Input {...b} autoFocus autoComplete="off" />}</Field>
        <Field label="Takes up the yarn" name="loops">{(b) => <Select {...b} defaultValue="over"><option value="over">yarn over (“v” stitches)</option><option value="under">yarn under (“x” stitches, tighter)</option></Select>}</Field>
      </Stack>
      <FormFoot><Button type="button" onClick={onDone}>Cancel</Button><Button type="submit" $primary disabled={fetcher.state !== "idle"}>Add the hand</Button></FormFoot>
    </fetcher.Form>
  );
}

const Columns = styled.div`display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 400px), 1fr)); gap: 18px; align-items: start;`;
const Head = styled(SheetHead)`padding: 12px 12px 0; margin: 0; align-items: baseline;`;
const List = styled.ul`list-style: none; margin: 0; padding: 0; display: grid; gap: 7px; li { display: flex; flex-wrap: wrap; gap: 2px 14px; justify-content: space-between; } a { display: inline-flex; gap: 7px; align-items: center; }`;
const Named = styled.span`display: flex; gap: 10px; align-items: center; > span { display: grid; }`;
const Stages = styled.ul`
  list-style: none; margin: 0; padding: 0; display: grid; gap: 8px; li { display: grid; grid-template-columns: 84px minmax(60px, 1fr) auto; gap: 2px 12px; align-items: center; } li > span:last-child { grid-column: 2 / -1; }
`;
const Bar = styled.div`position: relative; height: 18px; i, b { position: absolute; left: 0; border-radius: 2px; } i { top: 0; height: 18px; background: var(--tape); border-right: 2px solid var(--tape-ink); } b { top: 5px; height: 8px; background: var(--act); }`;
const Key = styled.i`display: inline-block; width: 10px; height: 10px; border-radius: 50%; margin: 0 2px 0 8px; &[data-square] { border-radius: 0; }`;
