import { Check } from "lucide-react";
import { useState } from "react";
import { data, redirect, useSearchParams } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/run-inspect";
import { REJECT_REASONS } from "@core/planning";
import { yieldOf } from "@core/shelf/yield";
import { listBatches, lookedAt, rejectedOf, type Batch } from "@db/queries/batches";
import { findRun, finishRun, inspectRun, type Outcome } from "@db/queries/runs";
import { weighedOf } from "../features/bench/balls.server";
import { analyseStored, loadSurroundings } from "../features/items/load.server";
import { AddPhoto, Photos } from "../features/photos/photos";
import { dropPhoto } from "../features/photos/photos.server";
import {
  photographBatch,
  photosOfRun,
  takeBack,
  yarnsHeld,
  type InspectReply,
} from "../features/runs/inspected.server";
import { Unravel } from "../features/runs/unravel";
import { plannedItems } from "../features/runs/planned.server";
import { pointsOf } from "../features/runs/points";
import { placeId } from "../features/sell/schema";
import { HOME } from "../features/sell/wares";
import { allPlaces, kitWares, lastBatches } from "../features/sell/wares.server";
import { FILE_FORM, LIST_FORM, once, openForm } from "../server/form.server";
import { allYarns } from "../server/rows.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { Badge, Button, ButtonLink, Page, PageHead, Row, Sheet, SheetHead, Small, Stack } from "../ui/basics";
import { printDay } from "../ui/days";
import { Field, Input, Select } from "../ui/field";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Inspect ${loaderData?.run.name ?? "a run"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [found, places, batches, surroundings, known] = await Promise.all([
    findRun(scope, params.id),
    allPlaces(scope),
    listBatches(scope, { runId: params.id }),
    loadSurroundings(scope, workshop),
    lastBatches(scope),
  ]);
  if (!found) throw data(null, { status: 404 });
  const [planned, kits, photos, yarns] = await Promise.all([
    plannedItems(scope, found),
    kitWares(scope),
    photosOfRun(scope, found),
    allYarns(scope),
  ]);
  const lines = await Promise.all(
    found.lines.map(async (l) => {
      const own = batches.filter((b) => b.lineId === l.id);
      const seen = own.reduce((s, b) => s + lookedAt(b), 0);
      // What is looked for is what was made: the pattern that the run was planned with.
      const dressed = planned.get(l.id);
      const got = dressed && (await analyseStored(dressed, surroundings));
      const a = got?.ok ? got.value : undefined;
      return {
        id: l.id,
        label: l.plannedWith.label,
        quantity: l.quantity,
        made: l.made,
        seen,
        // What the bench counted and was not looked at yet; without a bench all that is left.
        ready: Math.max(0, (l.made > seen ? l.made : l.quantity) - seen),
        passes: passesOf(
          known.filter(
            (b) => b.itemId === l.itemId && kits.has(b.colourwayId) === kits.has(l.colourwayId ?? ""),
          ),
          dressed?.item.yieldBp ?? 10_000,
        ),
        points: [
          ...(a ? pointsOf(a, dressed?.revision.hanger ?? false, surroundings.reading) : []),
          ...(dressed?.item.points ?? []).map((text) => ({ id: `own ${text}`, text, firm: undefined })),
        ],
        photos: (photos.get(l.itemId) ?? []).filter((p) => p.kind !== "batch").reverse(),
      };
    }),
  );
  return {
    run: { id: found.run.id, name: found.run.name, state: found.run.state },
    lines,
    places: places.map((p) => ({ id: p.id, name: p.name })),
    past: batches.map((b) => ({
      id: b.id,
      on: b.inspectedOn,
      label: found.lines.find((l) => l.id === b.lineId)?.plannedWith.label ?? "",
      good: b.good,
      mended: b.mended,
      seconds: b.seconds,
      rejected: rejectedOf(b),
      reasons: b.rejected.map((r) => r.reason).join(", "),
      photos: (photos.get(b.itemId) ?? []).filter((p) => p.batchId === b.id),
      // Of a kit nothing was worked that could be unravelled.
      yarns: rejectedOf(b) > 0 && !kits.has(b.colourwayId) ? yarnsHeld(found, b, yarns) : [],
    })),
  };
}

/** How many of an item pass, from all that were looked at, beside what its price reckons with. */
function passesOf(batches: readonly Batch[], yieldBp: number) {
  const seen = batches.map((b) => ({
    passed: b.good + b.mended,
    seconds: b.seconds,
    rejected: rejectedOf(b),
  }));
  const { share, low, high, pieces } = yieldOf(seen);
  return { share, low, high, pieces, told: yieldBp / 10_000 };
}

const count = z
  .string()
  .optional()
  .transform((t, ctx) => {
    if (t === undefined || t.trim() === "") return 0;
    if (/^\d{1,5}$/.test(t.trim())) return Math.min(10_000, Number(t));
    ctx.addIssue({ code: "custom", message: "Write how many pieces, or nothing." });
    return z.NEVER;
  });
const lineSchema = z.object({
  good: count,
  mended: count,
  seconds: count,
  rejected: count,
  minutes: count,
  reason: z.enum(REJECT_REASONS).optional(),
  note: z.string().trim().max(200).optional(),
});

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, { ...FILE_FORM, fields: LIST_FORM.fields });
  return once(opened, form, async (o): Promise<unknown> => {
    switch (form.get("intent")) {
      case "photo":
        return photographBatch(form, args.params.id, o);
      case "photo-delete":
        return redirect(`/runs/${args.params.id}/inspect?${await dropPhoto(o.scope, form)}`);
      case "unravel":
        return takeBack(form, args.params.id, o);
      default:
        return keep(form, args.params.id, o);
    }
  });
}

async function keep(form: FormData, runId: string, opened: Opened) {
  const { scope } = opened;
  const found = await findRun(scope, runId);
  if (!found) throw data(null, { status: 404 });
  const place = placeId.safeParse(form.get("placeId") ?? "");
  if (!place.success) throw data(null, { status: 400 });
  const outcomes = new Map<string, Outcome>();
  for (const l of found.lines) {
    const read = lineSchema.safeParse(
      Object.fromEntries(
        ["good", "mended", "seconds", "rejected", "minutes", "reason", "note"].map((f) => [
          f,
          form.get(`${l.id.slice(-12)}.${f}`) ?? undefined,
        ]),
      ),
    );
    if (!read.success)
      return data(
        { error: `${l.plannedWith.label}: ${read.error.issues[0]?.message ?? ""}` },
        { status: 400 },
      );
    const { good, mended, seconds, rejected, minutes, reason = "something else", note = "" } = read.data;
    if (good + mended + seconds + rejected === 0) continue;
    outcomes.set(l.id, {
      good,
      mended,
      seconds,
      rejected: rejected > 0 ? [{ reason, pieces: rejected }] : [],
      mendingMinutes: minutes,
      note,
      placeId: place.data,
    });
  }
  if (outcomes.size === 0 && form.get("intent") === "finish") {
    const seen = new Map<string, number>();
    for (const b of await listBatches(scope, { runId }))
      if (b.lineId) seen.set(b.lineId, (seen.get(b.lineId) ?? 0) + lookedAt(b));
    if (found.lines.some((l) => (seen.get(l.id) ?? 0) < l.quantity))
      return data(
        { error: "Write how many are good, mended, seconds or rejected; then the run can be finished." },
        { status: 400 },
      );
  }
  if (form.get("intent") === "finish") {
    await finishRun(scope, runId, todayOf(scope), outcomes, await weighedOf(opened, runId));
    return redirect(`/runs/${runId}`);
  }
  if (outcomes.size === 0)
    return data({ error: "Write for at least one item how many are good." }, { status: 400 });
  await inspectRun(scope, runId, todayOf(scope), outcomes);
  return redirect(`/runs/${runId}/inspect?kept=1`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Inspect({ loaderData, actionData: answered }: Route.ComponentProps) {
  const r = useReading();
  const { run, lines, past } = loaderData;
  const answer = taken(answered) as InspectReply | undefined;
  const error = answer?.error;
  const [params] = useSearchParams();
  const open = run.state !== "finished";
  return (
    <Page>
      <PageHead>
        <h1>Inspect: {run.name}</h1>
        <ButtonLink to={`/runs/${run.id}`}>Back to the run</ButtonLink>
      </PageHead>
      {open ? (
        <WorkForm key={past.length} draft={`inspect ${run.id}`}>
          <Stack $gap={18}>
            {lines.map((l) => (
              <Line key={l.id} line={l} />
            ))}
            {error ? (
              <p role="alert" style={{ color: "var(--bad)", fontWeight: 560 }}>
                {error}
              </p>
            ) : null}
            <Sheet aria-label="Keep what was found">
              <Row style={{ alignItems: "end" }}>
                <Field label="What passed is put" name="placeId">
                  {(bind) => (
                    <Select {...bind}>
                      <option value="">{HOME}</option>
                      {loaderData.places.map((p) => (
                        <option key={p.id} value={p.id}>
                          {p.name}
                        </option>
                      ))}
                    </Select>
                  )}
                </Field>
                <Button type="submit" name="intent" value="some">
                  Keep, the run goes on
                </Button>
                <Button type="submit" name="intent" value="finish" $primary>
                  <Check size={17} aria-hidden /> Keep, and the run is finished
                </Button>
              </Row>
              <p style={{ marginTop: 10 }}>
                <Small>
                  Finishing posts what all pieces took, those that were rejected too, and puts what passed on
                  the shelf. Whether a piece may be sold as a toy is decided by local law and a qualified
                  test, not by this list.
                </Small>
              </p>
            </Sheet>
          </Stack>
        </WorkForm>
      ) : (
        <p style={{ marginBottom: 14 }}>This run is finished: what was found stands below.</p>
      )}
      {past.length > 0 ? (
        <Sheet aria-labelledby="past-title" style={{ marginTop: 18 }}>
          <SheetHead>
            <h2 id="past-title">Looked at so far</h2>
            {params.has("back") ? <Badge $tone="good">the yarn is back in the cupboard</Badge> : null}
          </SheetHead>
          <Past>
            {past.map((b) => (
              <li key={b.id}>
                {printDay(b.on, r.locale)}, {b.label}: {b.good + b.mended} passed
                {b.mended > 0 ? `, ${b.mended} of them mended` : ""}
                {b.seconds > 0 ? `, ${b.seconds} ${b.seconds === 1 ? "second" : "seconds"}` : ""}
                {b.rejected > 0 ? `, ${b.rejected} rejected (${b.reasons})` : ""}.{" "}
                <a href={`/runs/${run.id}/batches/${b.id}/record.pdf`} target="_blank" rel="noreferrer">
                  Record (PDF)
                  <span className="sr">
                    {" "}
                    of {b.label}, {printDay(b.on, r.locale)}
                  </span>
                </a>
                {b.photos.length > 0 ? <Photos photos={b.photos} canDelete /> : null}
                <details>
                  <summary>Add a photo</summary>
                  <AddPhoto
                    key={b.photos.length}
                    kind="batch"
                    batchId={b.id}
                    label={`Photo of this batch of ${b.label}`}
                    wrong={answer?.photo}
                  />
                </details>
                {b.yarns.length > 0 ? <Unravel batch={b} wrong={answer?.unravel} /> : null}
              </li>
            ))}
          </Past>
        </Sheet>
      ) : null}
    </Page>
  );
}

const percent = (x: number): string => `${Math.round(100 * x)} %`;

type LineData = Awaited<ReturnType<typeof loader>>["lines"][number];

function Line({ line: l }: { line: LineData }) {
  const [bad, setBad] = useState(0);
  const [good, setGood] = useState("");
  const name = (field: string) => `${l.id.slice(-12)}.${field}`;
  return (
    <Sheet aria-labelledby={`t${l.id}`}>
      <SheetHead>
        <h2 id={`t${l.id}`}>{l.label}</h2>
        {l.ready === 0 ? <Badge $tone="good">all looked at</Badge> : null}
        <Small>
          {l.passes.pieces >= 5
            ? `${percent(l.passes.share)} of it pass (${percent(l.passes.low)} to ${percent(l.passes.high)}, ${l.passes.pieces} pieces), its price reckons with ${percent(l.passes.told)} · `
            : ""}
          {l.seen} of {l.quantity} looked at
          {l.made > l.seen ? `, ${l.made - l.seen} finished at the bench` : ""}
        </Small>
      </SheetHead>
      <Grid>
        <Points aria-label={`How ${l.label} is looked at`}>
          {l.points.map((p) => (
            <li key={p.id} data-firm={p.firm}>
              <label>
                <input type="checkbox" /> {p.text}
              </label>
            </li>
          ))}
        </Points>
        <div>
          <Row style={{ alignItems: "end" }}>
            <Field label="Good" name={name("good")}>
              {(bind) => (
                <Input
                  {...bind}
                  inputMode="numeric"
                  autoComplete="off"
                  value={good}
                  onChange={(e) => setGood(e.target.value)}
                  style={{ width: 84 }}
                />
              )}
            </Field>
            {l.ready > 0 ? (
              <Button type="button" $primary onClick={() => setGood(String(l.ready))}>
                <Check size={17} aria-hidden /> {l.ready === 1 ? "It is good" : `All ${l.ready} are good`}
              </Button>
            ) : null}
          </Row>
          <Row style={{ alignItems: "end", marginTop: 12 }}>
            <Field label="Mended" name={name("mended")}>
              {(bind) => <Input {...bind} inputMode="numeric" autoComplete="off" style={{ width: 84 }} />}
            </Field>
            <Field label="in minutes" name={name("minutes")}>
              {(bind) => <Input {...bind} inputMode="numeric" autoComplete="off" style={{ width: 84 }} />}
            </Field>
            <Field label="Seconds" name={name("seconds")}>
              {(bind) => <Input {...bind} inputMode="numeric" autoComplete="off" style={{ width: 84 }} />}
            </Field>
            <Field label="Rejected" name={name("rejected")}>
              {(bind) => (
                <Input
                  {...bind}
                  inputMode="numeric"
                  autoComplete="off"
                  style={{ width: 84 }}
                  onChange={(e) => setBad(Number(e.target.value) || 0)}
                />
              )}
            </Field>
          </Row>
          <div hidden={bad === 0} style={{ marginTop: 12 }}>
            <Row style={{ alignItems: "end" }}>
              <Field label="Why rejected" name={name("reason")}>
                {(bind) => (
                  <Select {...bind}>
                    {REJECT_REASONS.map((x) => (
                      <option key={x} value={x}>
                        {x}
                      </option>
                    ))}
                  </Select>
                )}
              </Field>
              <Field label="Note" name={name("note")}>
                {(bind) => <Input {...bind} maxLength={200} autoComplete="off" />}
              </Field>
            </Row>
          </div>
          {l.photos.length > 0 ? (
            <div style={{ marginTop: 16 }}>
              <Photos photos={l.photos} />
            </div>
          ) : null}
        </div>
      </Grid>
    </Sheet>
  );
}

const Grid = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 18px;
  @media (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Points = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  align-content: start;
  label {
    display: flex;
    gap: 9px;
    align-items: baseline;
    padding: 4px 0;
    min-height: 32px;
  }
  [data-firm] label {
    font-weight: 600;
  }
  @media (pointer: coarse) {
    label {
      min-height: 48px;
      align-items: center;
    }
  }
`;
const Past = styled.ul`
  margin: 0;
  padding-left: 20px;
  display: grid;
  gap: 4px;
`;
