import { getFormProps, useForm } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { data, redirect, useNavigation } from "react-router";
import { useMemo, useState } from "react";
import { z } from "zod";
import styled from "styled-components";
import type { Route } from "./+types/run-new";
import { createRun } from "@db/queries/runs";
import { printDuration, printMoney, type Seconds } from "@core/units";
import { fields as quantityFields, id, isoDay, name } from "../forms";
import { howManyMore, mixNeeds } from "@core/planning";
import { loadAnalysedColourways } from "../features/items/load.server";
import { UnreckonedList } from "../features/items/unreckoned-list";
import { loadCupboard } from "../features/materials/load.server";
import { newLine } from "../features/runs/line";
import { CountInput } from "../features/runs/count-input";
import { MoreToPass, Passes } from "../features/runs/passes";
import { NONE_SEEN } from "@core/shelf/yield";
import { seenByItem } from "../features/sell/wares.server";
import { FigurePicture } from "../features/figure/figure-picture";
import { pictureMark, slotColours } from "../features/figure/picture.server";
import { LIST_FORM, once, openForm } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
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
  Scroll,
  Sheet,
  Small,
  Stack,
} from "../ui/basics";
import { FieldGrid, TextField } from "../ui/field";
import { DayField } from "../ui/day-input";
import { Range, ReasonFigure } from "../ui/figure";
import { pack, unpack } from "../ui/packed";
import { useReading } from "../ui/reading";
import { useDrawn } from "../ui/use-drawn";

export const meta: Route.MetaFunction = () => [{ title: "New run · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [{ all, unreckoned, surroundings }, cupboard, seen] = await Promise.all([
    loadAnalysedColourways(scope, workshop),
    loadCupboard(scope),
    seenByItem(scope),
  ]);
  const free = new Map(
    [...cupboard.onHand].map(([m, q]) => [m, Math.max(0, q - (cupboard.reserved.get(m) ?? 0))]),
  );
  // Of all materials those that some item takes.
  const taken = new Set(all.flatMap((x) => x.analysis.needs.map((n) => n.materialId)));
  const yarns = new Map(surroundings.yarns.map((y) => [y.id, y]));
  const asked = new URL(request.url).searchParams;
  const wanted = `${asked.get("item") ?? ""}:${asked.get("colourway") ?? ""}`;
  const items = all.map(({ entry, colourway, label, analysis: a }) => ({
    id: entry.item.id,
    colourwayId: colourway?.id ?? "",
    name: label,
    needs: a.needs,
    more: briefly(howManyMore(a.needs, free)),
    seconds: a.piece.seconds.value,
    secondsLow: a.piece.seconds.low,
    secondsHigh: a.piece.seconds.high,
    price: a.price,
    seen: a.kit ? undefined : (seen.get(entry.item.id) ?? NONE_SEEN),
    ready: a.checked.sure && a.open.length === 0,
    picture:
      a.piece.parts.length === 0
        ? undefined
        : {
            itemId: entry.item.id,
            colourwayId: colourway?.id,
            mark: pictureMark(entry, slotColours(entry.revision.slots, yarns)),
          },
  }));
  return {
    today: todayOf(scope),
    wanted,
    unreckoned,
    free: Object.fromEntries([...free].filter(([m]) => taken.has(m))),
    materials: Object.fromEntries(
      [
        ...cupboard.yarns.map((y) => [y.id, `${y.shade}, ${y.name}`] as const),
        ...cupboard.notions.map((n) => [n.id, n.name] as const),
      ].filter(([m]) => taken.has(m)),
    ),
    items: pack(items),
  };
}

/** The first few materials that decide how many more there can be. */
const briefly = (more: ReturnType<typeof howManyMore>): ReturnType<typeof howManyMore> => ({
  ...more,
  first: more.first.slice(0, 1),
  each: more.each.slice(0, 8),
});

function schemaFor(locale: string, currency: string, units: "metric" | "imperial") {
  const f = quantityFields(locale, currency, units);
  return z
    .object({
      name: name("Name the run, such as “December market”."),
      startOn: isoDay("Choose the day you begin."),
      dueOn: isoDay("Choose the day it must be done."),
      lines: z
        .array(
          z.object({
            itemId: id,
            colourwayId: id.optional(),
            quantity: f.count("Write how many.", 0, 10_000).optional(),
          }),
        )
        .max(600),
    })
    .superRefine((run, ctx) => {
      if (run.dueOn < run.startOn)
        ctx.addIssue({ code: "custom", path: ["dueOn"], message: "The due day is before the first day." });
      if (!run.lines.some((l) => (l.quantity ?? 0) > 0))
        ctx.addIssue({
          code: "custom",
          path: ["lines"],
          message: "Write for at least one item how many you want.",
        });
    });
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => plan(form, o));
}

async function plan(form: FormData, { scope, workshop }: Opened) {
  const submission = parseWithZod(form, {
    schema: schemaFor(workshop.locale, workshop.currency, workshop.units),
  });
  if (submission.status !== "success") return data(submission.reply(), { status: 400 });
  const { lines, ...run } = submission.value;
  const { all, surroundings } = await loadAnalysedColourways(scope, workshop);
  const items = new Map(all.map((x) => [`${x.entry.item.id}:${x.colourway?.id ?? ""}`, x]));
  const planned = lines.flatMap((l) => {
    const found = items.get(`${l.itemId}:${l.colourwayId ?? ""}`);
    if (!found || !l.quantity) return [];
    return [newLine(found, l.quantity, surroundings.hand.batch)];
  });
  if (planned.length === 0)
    return data(
      submission.reply({ fieldErrors: { lines: ["These items are no longer there. Choose others."] } }),
      { status: 400 },
    );
  const runId = await createRun(scope, {
    ...run,
    plannedWith: {
      weekMinutes: workshop.weekMinutes,
      workDays: workshop.workDays,
      wagePerHour: workshop.wagePerHour,
      overheadPerHour: workshop.overheadPerHour,
    },
    lines: planned,
  });
  return redirect(`/runs/${runId}`);
}

/** Puts a number where she would have typed it. */
function write(id: string, value: string): void {
  const field = document.getElementById(id);
  if (!(field instanceof HTMLInputElement)) return;
  field.value = value;
  field.dispatchEvent(new Event("input", { bubbles: true }));
  field.focus();
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function NewRun({ loaderData, actionData }: Route.ComponentProps) {
  const r = useReading();
  const navigation = useNavigation();
  const items = useMemo(() => unpack(loaderData.items), [loaderData.items]);
  const drawn = useDrawn(Infinity);
  const [form, fields] = useForm({
    lastResult: taken(actionData),
    onValidate: ({ formData }) =>
      parseWithZod(formData, { schema: schemaFor(r.locale, r.currency, r.system) }),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: {
      name: "",
      startOn: loaderData.today,
      dueOn: "",
      lines: items.map((i) => ({
        itemId: i.id,
        colourwayId: i.colourwayId,
        quantity: loaderData.wanted === `${i.id}:${i.colourwayId}` ? "10" : "",
      })),
    },
  });
  const lines = fields.lines.getFieldList();
  const [mix, setMix] = useState<readonly number[]>([]);
  // What a press made of a number is not asked about once more.
  const [raised, setRaised] = useState<Readonly<Record<number, number>>>({});
  const readMix = (e: React.FormEvent<HTMLFormElement>) => {
    const typed = new FormData(e.currentTarget);
    setMix(items.map((_, i) => Math.max(0, Math.floor(Number(typed.get(`lines[${i}].quantity`)) || 0))));
  };
  const wanted = items.flatMap((i, k) => (mix[k] ? [{ needs: i.needs, quantity: mix[k] ?? 0 }] : []));
  const sets =
    wanted.length > 0 ? howManyMore(mixNeeds(wanted), new Map(Object.entries(loaderData.free))) : undefined;
  if (items.length === 0) {
    return (
      <Page>
        <PageHead>
          <h1>New run</h1>
        </PageHead>
        <Empty>
          <h2>First an item</h2>
          <p>A run is made of items. Make one from its written pattern, then come back.</p>
          <ButtonLink to="/items/new" $primary>
            Make an item
          </ButtonLink>
        </Empty>
      </Page>
    );
  }
  return (
    <Page>
      <PageHead>
        <h1>New run</h1>
      </PageHead>
      <UnreckonedList items={loaderData.unreckoned} />
      {/* What was typed before goes back into its rows: all of them have to be there. */}
      <WorkForm
        {...getFormProps(form)}
        onInput={readMix}
        draft={drawn < items.length ? undefined : "new run"}
      >
        <Stack $gap={18} style={{ maxWidth: 980 }}>
          <Sheet>
            <FieldGrid>
              <TextField field={fields.name} label="Name" hint="Such as “December market”." autoFocus />
              <DayField field={fields.startOn} label="Begin on" />
              <DayField field={fields.dueOn} label="Done by" />
            </FieldGrid>
          </Sheet>
          <Sheet $pad={false} aria-label="How many of each">
            <Scroll tabIndex={0} role="region" aria-label="How many of each, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Item</th>
                    <th scope="col" className="num">
                      One takes
                    </th>
                    <th scope="col" className="num">
                      Sells at
                    </th>
                    <th scope="col" className="num minor">
                      Stock is enough for
                    </th>
                    <th scope="col" className="num">
                      Make
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {lines.slice(0, drawn).map((line, i) => {
                    const item = items[i];
                    const f = line.getFieldset();
                    if (!item) return null;
                    return (
                      <tr key={line.key}>
                        <td>
                          <Named>
                            {item.picture ? <FigurePicture of={item.picture} name="" side={46} /> : null}
                            <b>{item.name}</b>
                            {item.ready ? null : <Badge $tone="warn">pattern or yarn to mend first</Badge>}
                          </Named>
                        </td>
                        <td className="num">
                          {printDuration(item.seconds as Seconds, r)}
                          <Range low={item.secondsLow} high={item.secondsHigh} measure="seconds" />
                        </td>
                        <td className="num">{printMoney(item.price, r)}</td>
                        <td className="num minor">
                          <ReasonFigure
                            reason={{
                              label: `${item.name}: how many more`,
                              measure: "count",
                              value: item.more.pieces,
                              how: "free stock ÷ upper end of what one takes, the least of all",
                              parts: item.more.each.map((e) => ({
                                label: loaderData.materials[e.materialId] ?? "something deleted",
                                measure: "count" as const,
                                value: e.pieces,
                              })),
                            }}
                          >
                            {item.more.pieces}
                          </ReasonFigure>
                          {item.more.first[0] ? (
                            <div style={{ fontSize: 13, color: "var(--soft)" }}>
                              {item.more.pieces === 0 ? "short of" : "then"}{" "}
                              {loaderData.materials[item.more.first[0]] ?? "something deleted"}
                            </div>
                          ) : null}
                        </td>
                        <td className="num">
                          <input type="hidden" name={f.itemId.name} value={item.id} />
                          {item.colourwayId ? (
                            <input type="hidden" name={f.colourwayId.name} value={item.colourwayId} />
                          ) : null}
                          <CountInput field={f.quantity} label={`How many ${item.name}`} />
                          <div style={{ fontSize: 13, minHeight: 20 }}>
                            <Passes pieces={mix[i] ?? 0} seen={item.seen} label={item.name} />
                            {mix[i] === raised[i] ? null : (
                              <MoreToPass
                                pieces={mix[i] ?? 0}
                                seen={item.seen}
                                onMake={(n) => {
                                  setRaised({ ...raised, [i]: n });
                                  write(f.quantity.id, String(n));
                                }}
                              />
                            )}
                          </div>
                        </td>
                      </tr>
                    );
                  })}
                </tbody>
              </PlainTable>
            </Scroll>
            {fields.lines.errors ? (
              <Wrong role="alert" style={{ padding: "8px 12px" }}>
                {fields.lines.errors.join(" ")}
              </Wrong>
            ) : null}
          </Sheet>
          {sets ? (
            <p role="status">
              {sets.pieces >= 1 ? (
                <>
                  Free stock covers this{" "}
                  {sets.pieces === 1 ? (
                    "once"
                  ) : (
                    <>
                      <b>{sets.pieces}</b> times
                    </>
                  )}
                  ;{" "}
                </>
              ) : (
                <>Free stock does not cover all of this; </>
              )}
              first to run out:{" "}
              <b>
                {sets.first
                  .slice(0, 3)
                  .map((m) => loaderData.materials[m] ?? "something deleted")
                  .join(", ")}
              </b>
              .
            </p>
          ) : null}
          <div>
            <Button type="submit" $primary disabled={navigation.state !== "idle"}>
              Plan the run
            </Button>{" "}
            <Small>Next: what it takes, what to buy, and the day you are done.</Small>
          </div>
        </Stack>
      </WorkForm>
    </Page>
  );
}

const Named = styled.span`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
`;
const Wrong = styled.div`
  color: var(--bad);
  font-size: 13px;
  font-weight: 560;
  white-space: normal;
`;
