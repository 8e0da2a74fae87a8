import { Pin, Printer, Scissors, Undo2, X } from "lucide-react";
import { useState } from "react";
import { data, Link, useFetcher, type ShouldRevalidateFunction } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/cutting";
import { BallTaken, dropCutting, keepCutting } from "@db/queries/cutting";
import { findRun } from "@db/queries/runs";
import { ChangedMeanwhile } from "@db/scope";
import { checkCutting } from "@core/planning";
import { printMass, printMoney, printYarnLength, type Grams, type Metres, type Minor } from "@core/units";
import {
  CONFIDENCE,
  keptBall,
  piecesOf,
  pieceKey,
  plannedBall,
  type CuttingOptions,
  type ShadePlan,
  lengthsOf,
  MOST_LENGTHS,
} from "../features/runs/cutting";
import { loadCutting } from "../features/runs/cutting.server";
import { Tape, tapesOf, type Stretch, type TapeBall } from "../features/runs/cutting-tape";
import { useCutting } from "../features/runs/use-cutting";
import { ownWorkshop, readJson } from "../server/form.server";
import { keepPage } from "../ui/away";
import { useWorkshopId } from "../ui/form";
import { openWorkshop } from "../server/scope.server";
import {
  Badge,
  Button,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  Row,
  Sheet,
  SheetHead,
  Small,
  Stack,
  Facts,
} from "../ui/basics";
import { Field, Select } from "../ui/field";
import { ReasonFigure } from "../ui/figure";
import { Modal } from "../ui/modal";
import { useReading } from "../ui/reading";
import { YarnDisc } from "../ui/yarn-disc";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Cutting plan, ${loaderData?.run.name ?? "run"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const r = await findRun(scope, params.id);
  if (!r) throw data(null, { status: 404 });
  const { lines, shades, kept, complete, aside } = await loadCutting(scope, r);
  if (lengthsOf(lines) > MOST_LENGTHS) throw data({ tooMany: lengthsOf(lines) }, { status: 422 });
  return {
    aside,
    run: { id: r.run.id, name: r.run.name, state: r.run.state },
    lines,
    shades,
    complete,
    version: kept?.version ?? 0,
    kept: kept?.plan,
  };
}

const keepSchema = z.object({
  basedOn: z.number().int().min(0),
  confidence: z.number().refine((c) => CONFIDENCE.some((x) => x.value === c)),
  lotRule: z.enum(["item", "run"]),
  joins: z.boolean(),
  pins: z.array(z.object({ piece: z.string().max(100), ball: z.string().max(100) })).max(5000),
  placed: z
    .array(
      z.object({
        piece: z.string().max(100),
        ball: z.string().max(100),
        mg: z.number().int().min(1).max(10_000_000),
      }),
    )
    .max(20_000),
});

export interface KeepReply {
  readonly kept?: number;
  readonly error?: string;
  readonly taken?: readonly { readonly ballId: string; readonly wanted: number; readonly free: number }[];
}

export async function action({ request, params, context }: Route.ActionArgs) {
  const opened = await openWorkshop(request, context);
  const { scope } = opened;
  const r = await findRun(scope, params.id);
  if (!r) throw data(null, { status: 404 });
  const body = await readJson(request, 1_200_000);
  ownWorkshop((body as { workshop?: unknown } | null)?.workshop, opened);
  if (typeof body === "object" && body !== null && "drop" in body) {
    await dropCutting(scope, params.id);
    return data<KeepReply>({ kept: 0 });
  }
  const got = keepSchema.safeParse(body);
  if (!got.success)
    return data<KeepReply>({ error: "The plan could not be read. Load the page anew." }, { status: 400 });
  const { basedOn, ...plan } = got.data;
  const { lines, shades } = await loadCutting(scope, r);
  if (lengthsOf(lines) > MOST_LENGTHS)
    return data<KeepReply>(
      { error: "This run has too many lengths for one plan. Part it into two runs." },
      { status: 422 },
    );
  // A plan is held against its rules where the stock is: lengths, lots, every piece once.
  for (const s of shades) {
    const placed = plan.placed
      .filter((p) => p.piece.startsWith(`${s.yarnId}/`))
      .map((p) => ({ piece: p.piece.slice(s.yarnId.length + 1), ball: plannedBall(p.ball), mg: p.mg }));
    const faults = checkCutting(
      {
        pieces: piecesOf(lines, s, plan.confidence),
        balls: s.balls,
        newBallMg: s.newBallMg,
        lotRule: plan.lotRule,
      },
      placed,
    ).filter((f) => f.code !== "missing");
    const first = faults[0];
    if (first)
      return data<KeepReply>(
        {
          error:
            first.code === "over" || first.code === "unknown-ball"
              ? `${s.label}: a ball has less free than this plan takes. It was weighed, used or promised to another run meanwhile; the plan is made anew below.`
              : `${s.label}: the plan breaks its own rules (${first.code}). Load the page anew.`,
        },
        { status: 409 },
      );
  }
  try {
    return data<KeepReply>({ kept: await keepCutting(scope, params.id, basedOn, plan) });
  } catch (error) {
    if (error instanceof BallTaken)
      return data<KeepReply>(
        {
          error: `${error.balls.length === 1 ? "A ball was" : `${error.balls.length} balls were`} promised to another run meanwhile. The plan is made anew below, around what is free now; look at it and keep it.`,
          taken: error.balls,
        },
        { status: 409 },
      );
    if (error instanceof ChangedMeanwhile)
      return data<KeepReply>(
        {
          error: `${error.what} was changed in another window. Load the page to see it; nothing was kept here.`,
        },
        { status: 409 },
      );
    throw error;
  }
}

/** A refused plan shows what is free now: the page loads its balls anew. */
export const shouldRevalidate: ShouldRevalidateFunction = ({ actionStatus, defaultShouldRevalidate }) =>
  actionStatus === 409 || defaultShouldRevalidate;

const SHOWN_IDLE = 3;
const EMPTY: ReadonlyMap<string, string> = new Map();

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);

export default function Cutting({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const workshop = useWorkshopId();
  const fetcher = useFetcher<KeepReply>();
  const [options, setOptions] = useState<CuttingOptions>({
    confidence: d.kept?.confidence ?? 95,
    lotRule: d.kept?.lotRule ?? "item",
    joins: d.kept?.joins ?? false,
  });
  const [history, setHistory] = useState<readonly ReadonlyMap<string, string>[]>([
    d.kept && d.kept.pins.length > 0
      ? new Map(d.kept.pins.map((p) => [p.piece, plannedBall(p.ball)]))
      : EMPTY,
  ]);
  const pins = history.at(-1) ?? EMPTY;
  const [moving, setMoving] = useState<{
    yarnId: string;
    stretch: Stretch;
    from: TapeBall;
    targets: readonly TapeBall[];
  }>();
  const { plans, share, failed, cancel } = useCutting(d.lines, d.shades, options, pins);
  const pin = (yarnId: string, piece: string, ball: string) => {
    setMoving(undefined);
    setHistory((h) => [...h.slice(-30), new Map([...(h.at(-1) ?? EMPTY), [pieceKey(yarnId, piece), ball]])]);
  };
  const letGo = (yarnId: string, stretch: Stretch) => {
    setMoving(undefined);
    setHistory((h) => [
      ...h.slice(-30),
      new Map(
        [...(h.at(-1) ?? EMPTY)].filter(([k]) => !stretch.pieces.some((p) => pieceKey(yarnId, p.id) === k)),
      ),
    ]);
  };
  const placed = (plans ?? []).flatMap((s) =>
    s.plan.cuts.map((c) => ({
      piece: pieceKey(s.yarnId, c.piece),
      ball: keptBall(s.yarnId, c.ball),
      mg: c.mg,
    })),
  );
  const keep = () =>
    void fetcher.submit(
      {
        workshop,
        basedOn: d.version,
        ...options,
        pins: [...pins].map(([piece, ball]) => ({ piece, ball: keptBall(piece.split("/")[0] ?? "", ball) })),
        placed,
      },
      { method: "post", encType: "application/json" },
    );
  const same =
    d.kept !== undefined &&
    plans !== undefined &&
    d.kept.placed.length === placed.length &&
    (() => {
      const before = new Set(d.kept.placed.map((p) => `${p.piece}>${p.ball}:${p.mg}`));
      return placed.every((p) => before.has(`${p.piece}>${p.ball}:${p.mg}`));
    })();
  const sum = (pick: (s: ShadePlan) => number) => (plans ?? []).reduce((t, s) => t + pick(s), 0);
  const buys = sum((s) => s.plan.newBalls);
  const bound = sum((s) => s.plan.bound.newBalls);
  const cost = (plans ?? []).reduce(
    (t, s) => t + s.plan.newBalls * (d.shades.find((x) => x.yarnId === s.yarnId)?.ballPrice ?? 0),
    0,
  );
  const refused = (plans ?? []).flatMap((s) =>
    s.plan.refused.map((x) => ({ ...x, shade: d.shades.find((y) => y.yarnId === s.yarnId)?.label ?? "" })),
  );
  const tooLong = (plans ?? []).flatMap((s) =>
    s.plan.tooLong.map((id) => s.pieces.find((p) => p.id === id)?.label ?? id),
  );
  const done = d.run.state === "finished";
  return (
    <Page>
      <PageHead>
        <h1>
          Cutting plan <Small>{d.run.name}</Small>
        </h1>
        {same ? (
          <Badge $tone="good">kept: the balls are promised to this run</Badge>
        ) : d.kept ? (
          <Badge $tone="warn">differs from the plan you kept</Badge>
        ) : null}
        <Button type="button" className="no-print" onClick={() => window.print()}>
          <Printer size={16} aria-hidden /> Print
        </Button>
        <ButtonLink to={`/runs/${d.run.id}`}>Back to the run</ButtonLink>
      </PageHead>
      {done || !d.complete || d.shades.length === 0 ? (
        <Empty>
          <h2>
            {done
              ? "This run is done"
              : d.shades.length === 0 && d.complete
                ? "No yarn to cut"
                : "Planned before lengths were kept"}
          </h2>
          <p>
            {done
              ? "What it used stands in the stock book, ball by ball."
              : d.shades.length === 0 && d.complete
                ? "None of its items has a yarn in its colour slots. Choose yarns in the item, then plan the run anew."
                : "Plan this run anew, and each part’s length comes with it."}
          </p>
        </Empty>
      ) : (
        <Stack $gap={16}>
          <Sheet className="no-print" aria-label="How to cut">
            <Choices>
              <Field label="Reserve" name="confidence">
                {(bind) => (
                  <Select
                    {...bind}
                    value={options.confidence}
                    onChange={(e) => setOptions({ ...options, confidence: Number(e.target.value) })}
                  >
                    {CONFIDENCE.map((c) => (
                      <option key={c.value} value={c.value}>
                        {c.label}
                      </option>
                    ))}
                  </Select>
                )}
              </Field>
              <Field label="One lot of a shade within" name="lotRule">
                {(bind) => (
                  <Select
                    {...bind}
                    value={options.lotRule}
                    onChange={(e) => setOptions({ ...options, lotRule: e.target.value as "item" | "run" })}
                  >
                    <option value="item">each item</option>
                    <option value="run">the whole run</option>
                  </Select>
                )}
              </Field>
              <label>
                <input
                  type="checkbox"
                  checked={options.joins}
                  onChange={(e) => setOptions({ ...options, joins: e.target.checked })}
                />{" "}
                joins allowed inside filled parts
              </label>
            </Choices>
          </Sheet>
          {d.aside.length > 0 ? (
            <Small>
              Yarn for {d.aside.join(" and ")} is set aside first:{" "}
              {d.aside.length === 1 ? "it goes" : "they go"} before this run and{" "}
              {d.aside.length === 1 ? "has" : "have"} no cutting plan yet.
            </Small>
          ) : null}
          {failed ? (
            <Note role="alert">
              The plan could not be made. What you see is the last one; change an option, or take away a piece
              that you held on a ball, and it is planned anew.
            </Note>
          ) : null}
          {share !== undefined ? (
            <Row role="status">
              <progress max={1} value={share} aria-label="Planning" />{" "}
              <span>planning {Math.round(share * 100)} %</span>{" "}
              <Button type="button" onClick={cancel}>
                <X size={15} aria-hidden /> Cancel
              </Button>
            </Row>
          ) : null}
          {fetcher.data?.error && fetcher.state === "idle" ? (
            <Note role="alert">{fetcher.data.error}</Note>
          ) : null}
          {refused.length > 0 ? (
            <Note role="alert">
              {refused.map((x) => `${x.shade}: ${x.why}`).join("; ")}. These pieces were placed anew.
            </Note>
          ) : null}
          {tooLong.length > 0 ? (
            <Note role="alert">
              Longer than any ball, so not planned: {[...new Set(tooLong)].join(", ")}. Allow joins, or use a
              larger ball.
            </Note>
          ) : null}
          {plans ? (
            <>
              <Facts>
                <div>
                  <dt>New balls to buy</dt>
                  <dd>
                    <ReasonFigure
                      reason={{
                        label: "New balls",
                        measure: "count",
                        value: buys,
                        parts: plans.map((s) => ({
                          label: `${d.shades.find((x) => x.yarnId === s.yarnId)?.label ?? ""}: at least ${s.plan.bound.newBalls}`,
                          measure: "count" as const,
                          value: s.plan.newBalls,
                          how: s.plan.bound.because,
                        })),
                      }}
                    >
                      {buys}
                    </ReasonFigure>{" "}
                    <Small>{cost > 0 ? printMoney(cost as Minor, r) : ""}</Small>
                  </dd>
                </div>
                <div>
                  <dt>Proven</dt>
                  <dd>
                    {buys === bound ? (
                      <Badge $tone="good">no plan needs fewer</Badge>
                    ) : (
                      <Small>
                        no plan needs fewer than {bound}: at most {buys - bound} from the best
                      </Small>
                    )}
                  </dd>
                </div>
                <div>
                  <dt>Scraps used up</dt>
                  <dd>
                    {sum((s) => s.plan.scrapsUsed)}{" "}
                    <Small>
                      of {d.shades.reduce((t, s) => t + s.balls.filter((b) => b.state === "scrap").length, 0)}
                    </Small>
                  </dd>
                </div>
                <div>
                  <dt>Full balls opened</dt>
                  <dd>{sum((s) => s.plan.fullOpened)}</dd>
                </div>
                <div>
                  <dt>Dead remainder</dt>
                  <dd>
                    <ReasonFigure
                      reason={{
                        label: "Remainders too short for any of these lengths",
                        measure: "grams",
                        value: sum((s) => s.plan.dead) / 1000,
                        parts: plans.map((s) => ({
                          label: d.shades.find((x) => x.yarnId === s.yarnId)?.label ?? "",
                          measure: "grams" as const,
                          value: s.plan.dead / 1000,
                        })),
                      }}
                    />
                  </dd>
                </div>
                {options.joins ? (
                  <div>
                    <dt>Joins</dt>
                    <dd>
                      {sum((s) => s.plan.joins)} <Small>{2 * sum((s) => s.plan.joins)} more ends</Small>
                    </dd>
                  </div>
                ) : null}
              </Facts>
              <Row className="no-print">
                <Button
                  type="button"
                  $primary
                  onClick={keep}
                  disabled={same || fetcher.state !== "idle" || share !== undefined}
                >
                  <Scissors size={16} aria-hidden />{" "}
                  {fetcher.state === "idle" ? "Keep this plan" : "Keeping…"}
                </Button>
                {history.length > 1 ? (
                  <Button type="button" onClick={() => setHistory((h) => h.slice(0, -1))}>
                    <Undo2 size={16} aria-hidden /> Undo the move
                  </Button>
                ) : null}
                {pins.size > 0 ? (
                  <Button type="button" onClick={() => setHistory((h) => [...h, EMPTY])}>
                    <Pin size={16} aria-hidden /> Let all {pins.size} go
                  </Button>
                ) : null}
                {d.kept ? (
                  <Button
                    type="button"
                    onClick={() =>
                      void fetcher.submit(
                        { workshop, drop: true },
                        { method: "post", encType: "application/json" },
                      )
                    }
                  >
                    Give the balls back
                  </Button>
                ) : null}
                <Small>
                  Keeping it promises these balls to this run. Drag a piece to another ball, or press it and
                  choose; the rest is planned around it.
                </Small>
              </Row>
              {plans.map((s) => {
                const shade = d.shades.find((x) => x.yarnId === s.yarnId);
                if (!shade) return null;
                const tapes = tapesOf(s.pieces, s.plan, shade.balls, shade.newBallMg, (p) =>
                  pins.has(pieceKey(s.yarnId, p)),
                );
                const shown = tapes.filter((t) => t.stretches.length > 0);
                const spare: TapeBall = {
                  id: `new-${s.plan.newBalls + 1}`,
                  title: "one more new ball",
                  mg: shade.newBallMg,
                  onBall: shade.newBallMg,
                  place: "",
                  left: shade.newBallMg,
                  fresh: true,
                  stretches: [],
                };
                const idle = tapes.filter((t) => t.stretches.length === 0);
                const total = s.pieces.reduce((t, p) => t + p.mg, 0);
                return (
                  <Sheet key={s.yarnId} $pad={false} aria-label={shade.label}>
                    <Head>
                      <YarnDisc colour={shade.colour} name={shade.label} size={26} />
                      <h2>
                        <Link to={`/materials/${s.yarnId}`}>{shade.label}</Link>
                      </h2>
                      <Small>
                        {s.pieces.length} lengths, {printMass((total / 1000) as Grams, r)},{" "}
                        {printYarnLength(((total / 1e8) * shade.mmPer100g) as Metres, r)}; enough in{" "}
                        {Math.floor(100 * s.chance)} of 100 runs
                      </Small>
                      {s.plan.newBalls > 0 ? (
                        <Badge $tone="warn">buy {s.plan.newBalls}</Badge>
                      ) : (
                        <Badge $tone="good">from what you have</Badge>
                      )}
                    </Head>
                    {shown.map((t) => (
                      <Tape
                        key={t.id}
                        ball={t}
                        widest={Math.max(...tapes.map((x) => x.mg), shade.newBallMg)}
                        colour={shade.colour}
                        mmPer100g={shade.mmPer100g}
                        onDropPiece={(piece, ball) => pin(s.yarnId, piece, ball)}
                        onPick={(stretch, from) =>
                          setMoving({
                            yarnId: s.yarnId,
                            stretch,
                            from,
                            targets: [...tapes.filter((x) => x.id !== from.id), spare],
                          })
                        }
                      />
                    ))}
                    {[...idle.slice(0, SHOWN_IDLE), spare].map((t) => (
                      <Tape
                        key={t.id}
                        ball={t}
                        widest={Math.max(...tapes.map((x) => x.mg), shade.newBallMg)}
                        colour={shade.colour}
                        mmPer100g={shade.mmPer100g}
                        onDropPiece={(piece, ball) => pin(s.yarnId, piece, ball)}
                        onPick={() => undefined}
                      />
                    ))}
                    {idle.length > SHOWN_IDLE ? (
                      <Quiet>
                        {idle.length - SHOWN_IDLE} more{" "}
                        {idle.length - SHOWN_IDLE === 1 ? "ball stays" : "balls stay"} whole.
                      </Quiet>
                    ) : (
                      <div style={{ height: 8 }} />
                    )}
                  </Sheet>
                );
              })}
            </>
          ) : null}
        </Stack>
      )}
      <Modal
        title={moving ? `Move one ${moving.stretch.label}` : ""}
        open={moving !== undefined}
        onClose={() => setMoving(undefined)}
      >
        {moving ? (
          <Stack>
            <p>
              It lies on the {moving.from.title}. It stays where you put it; everything else is planned around
              it.
            </p>
            <Targets>
              {moving.targets.map((t) => {
                const piece = moving.stretch.pieces.at(-1);
                const fits = piece !== undefined && t.mg >= piece.mg;
                return (
                  <li key={t.id}>
                    <Button
                      type="button"
                      disabled={!fits}
                      onClick={() => piece && pin(moving.yarnId, piece.id, t.id)}
                    >
                      {t.title}{" "}
                      <Small>
                        {printMass((t.mg / 1000) as Grams, r)}
                        {fits ? "" : ", too short"}
                      </Small>
                    </Button>
                  </li>
                );
              })}
            </Targets>
            <Row>
              <Button
                type="button"
                onClick={() => {
                  const piece = moving.stretch.pieces.at(-1);
                  if (piece) pin(moving.yarnId, piece.id, moving.from.id);
                }}
              >
                <Pin size={15} aria-hidden /> Hold one here
              </Button>
              {moving.stretch.pinned > 0 ? (
                <Button type="button" onClick={() => letGo(moving.yarnId, moving.stretch)}>
                  Let {moving.stretch.pinned === 1 ? "it" : `the ${moving.stretch.pinned}`} go
                </Button>
              ) : null}
            </Row>
          </Stack>
        ) : null}
      </Modal>
    </Page>
  );
}

const Choices = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, max-content));
  gap: 10px 22px;
  align-items: end;
  > label {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 36px;
  }
`;
const Head = styled(SheetHead)`
  padding: 12px 12px 4px;
  margin: 0;
  align-items: center;
  > h2 {
    margin-right: 0;
  }
  > span:last-child {
    margin-left: auto;
  }
`;
const Quiet = styled.p`
  padding: 8px 12px 12px;
  color: var(--soft);
  font-size: 13px;
`;
const Note = styled.div`
  padding: 10px 14px;
  background: var(--warn-ground);
  border-left: 5px solid var(--warn);
  border-radius: 0 4px 4px 0;
`;
const Targets = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
  max-height: 46vh;
  overflow: auto;
  button {
    width: 100%;
    justify-content: space-between;
  }
`;
