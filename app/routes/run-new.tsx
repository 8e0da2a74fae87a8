import { getFormProps, useForm } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { data, Form, redirect, useNavigation } from "react-router";
import { z } from "zod";
import styled from "styled-components";
import type { Route } from "./+types/run-new";
import { createRun } from "@db/queries/runs";
import { printDuration, printMoney, type Minor, type Seconds } from "@core/units";
import { fields as quantityFields, id, isoDay, name } from "../forms";
import { loadAnalysedItems } from "../features/items/load.server";
import { smallSilhouette } from "../features/items/silhouette";
import { Silhouettes, type SlotColours } from "../features/items/silhouette-view";
import { openWorkshop, todayOf } from "../server/scope.server";
import { Badge, Button, ButtonLink, Empty, Page, PageHead, PlainTable, Scroll, Sheet, Small, Stack } from "../ui/basics";
import { FieldGrid, Input, TextField } from "../ui/field";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "New run · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const { items, surroundings } = await loadAnalysedItems(scope, workshop);
  const shades = new Map(surroundings.yarns.map((y) => [y.id, y.colour]));
  const wanted = new URL(request.url).searchParams.get("item");
  return {
    today: todayOf(scope.now), wanted,
    items: items.map(({ entry, analysis: a }) => ({
      id: entry.item.id, name: entry.item.name, seconds: a.piece.seconds.value, price: a.price, ready: a.checked.ok && a.open.length === 0,
      shapes: a.piece.parts.slice(0, 3).map(smallSilhouette), colours: Object.fromEntries(entry.revision.slots.map((s) => [s.slot, shades.get(s.yarnId) ?? "#b9c3c5"])) as SlotColours,
    })),
  };
}

function schemaFor(locale: string, currency: string, units: "metric" | "imperial") {
  const f = quantityFields(locale, currency, units);
  return z
    .object({
      name: name("Name the run, such as “December market”."),
      startOn: isoDay("Choose the day you begin."),
      dueOn: isoDay("Choose the day it must be done."),
      lines: z.array(z.object({ itemId: id, quantity: f.count("Write how many.", 0, 10_000).optional() })).max(300),
    })
    .superRefine((run, ctx) => {
      if (run.dueOn < run.startOn) ctx.addIssue({ code: "custom", path: ["dueOn"], message: "The due day is before the first day." });
      if (!run.lines.some((l) => (l.quantity ?? 0) > 0)) ctx.addIssue({ code: "custom", path: ["lines"], message: "Write for at least one item how many you want." });
    });
}

export async function action({ request, context }: Route.ActionArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const submission = parseWithZod(await request.formData(), { schema: schemaFor(workshop.locale, workshop.currency, workshop.units) });
  if (submission.status !== "success") return data(submission.reply(), { status: 400 });
  const { lines, ...run } = submission.value;
  const items = new Map((await loadAnalysedItems(scope, workshop)).items.map((x) => [x.entry.item.id, x]));
  const planned = lines.flatMap((l) => {
    const found = items.get(l.itemId);
    if (!found || !l.quantity) return [];
    const { entry, analysis: a } = found;
    const s = a.piece.seconds;
    return [{ itemId: entry.item.id, revisionId: entry.revision.id, quantity: l.quantity, plannedWith: { label: entry.item.name, revision: entry.revision.number, seconds: s.value, secondsLow: s.low, secondsHigh: s.high, cost: a.cost.total, price: a.price, needs: a.needs } }];
  });
  if (planned.length === 0) return data(submission.reply({ fieldErrors: { lines: ["These items are no longer there. Choose others."] } }), { status: 400 });
  const runId = await createRun(scope, { ...run, plannedWith: { weekMinutes: workshop.weekMinutes, workDays: workshop.workDays, wagePerHour: workshop.wagePerHour, overheadPerHour: workshop.overheadPerHour }, lines: planned });
  return redirect(`/runs/${runId}`);
}

export default function NewRun({ loaderData, actionData }: Route.ComponentProps) {
  const r = useReading();
  const navigation = useNavigation();
  const [form, fields] = useForm({
    lastResult: actionData,
    onValidate: ({ formData }) => parseWithZod(formData, { schema: schemaFor(r.locale, r.currency, r.system) }),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: { name: "", startOn: loaderData.today, dueOn: "", lines: loaderData.items.map((i) => ({ itemId: i.id, quantity: loaderData.wanted === i.id ? "10" : "" })) },
  });
  const lines = fields.lines.getFieldList();
  if (loaderData.items.length === 0) {
    return (
      <Page>
        <PageHead>
          <h1>New run</h1>
        </PageHead>
        <Empty>
          <h2>First an item</h2>
          <p>A run is made of items. Make one from its written pattern, then come back.</p>
          <ButtonLink to="/items/new" $primary>Make an item</ButtonLink>
        </Empty>
      </Page>
    );
  }
  return (
    <Page>
      <PageHead>
        <h1>New run</h1>
      </PageHead>
      <Form method="post" {...getFormProps(form)}>
        <Stack $gap={18} style={{ maxWidth: 860 }}>
          <Sheet>
            <FieldGrid>
              <TextField field={fields.name} label="Name" hint="Such as “December market”." autoFocus />
              <TextField field={fields.startOn} label="Begin on" type="date" />
              <TextField field={fields.dueOn} label="Done by" type="date" />
            </FieldGrid>
          </Sheet>
          <Sheet $pad={false} aria-label="How many of each">
            <Scroll tabIndex={0} role="region" aria-label="How many of each, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Item</th>
                    <th scope="col" className="num">One takes</th>
                    <th scope="col" className="num">Sells at</th>
                    <th scope="col" className="num">How many</th>
                  </tr>
                </thead>
                <tbody>
                  {lines.map((line, i) => {
                    const item = loaderData.items[i];
                    const f = line.getFieldset();
                    if (!item) return null;
                    return (
                      <tr key={line.key}>
                        <td>
                          <Named>
                            <Silhouettes parts={item.shapes} colours={item.colours} height={34} label={`Parts of ${item.name}`} />
                            <b>{item.name}</b>
                            {item.ready ? null : <Badge $tone="warn">pattern or yarn to mend first</Badge>}
                          </Named>
                        </td>
                        <td className="num">{printDuration(item.seconds as Seconds, r)}</td>
                        <td className="num">{printMoney(item.price as Minor, r)}</td>
                        <td className="num">
                          <input type="hidden" name={f.itemId.name} value={item.id} />
                          <label className="sr" htmlFor={f.quantity.id}>How many {item.name}</label>
                          <Input id={f.quantity.id} key={f.quantity.key} name={f.quantity.name} defaultValue={f.quantity.initialValue} inputMode="numeric" autoComplete="off" placeholder="0" style={{ width: 88, textAlign: "right" }} aria-invalid={f.quantity.errors ? true : undefined} aria-describedby={f.quantity.errors ? `${f.quantity.id}-error` : undefined} />
                          {f.quantity.errors ? <Wrong id={`${f.quantity.id}-error`}>{f.quantity.errors.join(" ")}</Wrong> : null}
                        </td>
                      </tr>
                    );
                  })}
                </tbody>
              </PlainTable>
            </Scroll>
            {fields.lines.errors ? <Wrong role="alert" style={{ padding: "8px 12px" }}>{fields.lines.errors.join(" ")}</Wrong> : null}
          </Sheet>
          <div>
            <Button type="submit" $primary disabled={navigation.state !== "idle"}>
              Plan the run
            </Button>{" "}
            <Small>Next: what it takes, what to buy, and the day you are done.</Small>
          </div>
        </Stack>
      </Form>
    </Page>
  );
}

const Named = styled.span`display: flex; flex-wrap: wrap; gap: 6px 12px; align-items: center;`;
const Wrong = styled.div`color: var(--bad); font-size: 13px; font-weight: 560; white-space: normal;`;
