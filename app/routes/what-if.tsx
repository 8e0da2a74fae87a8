import { minor } from "@core/units";
import { useState } from "react";
import { data, Form, redirect, useSearchParams } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/what-if";
import { AS_IT_IS, FACTORS, type Base, type Factor, type Otherwise } from "@core/shelf/what-if";
import {
  keepScenario,
  listScenarios,
  setScenarioDeleted,
  TooManyScenarios,
  type Scenario as ScenarioRow,
} from "@db/queries/scenarios";
import { updateWorkshop } from "@db/queries/workshops";
import { SellNav } from "../features/sell/nav";
import { earnedBy, soldIn } from "../features/sell/sold.server";
import { Dials } from "../features/sell/what-if/dials";
import { KeptSheet, type Scenario } from "../features/sell/what-if/kept";
import { OutcomeSheet } from "../features/sell/what-if/outcome";
import { Tornado } from "../features/sell/what-if/tornado";
import { otherwiseText } from "../features/sell/what-if/words";
import { wareKey } from "../features/sell/wares";
import { id } from "../forms";
import { once, openForm, refused } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { printDay } from "../ui/days";
import { Select } from "../ui/field";
import { useReading } from "../ui/reading";
import {
  Badge,
  Button,
  ButtonLink,
  Columns,
  Empty,
  Page,
  PageHead,
  Row,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";

export const meta: Route.MetaFunction = () => [{ title: "What if · Lapka" }];

const DAYS = 365;

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const s = await soldIn(opened, DAYS);
  const asked = new URL(request.url).searchParams.get("market");
  const market = s.markets.find((m) => m.id === asked);
  // Of the whole year, or of one market day with its own stall.
  const sales = market ? s.sales.filter((x) => x.marketId === market.id) : s.sales;
  const standing = s.standing((m) => (market && m.id !== market.id ? "other" : "all"));
  const all = earnedBy(sales, () => "all", standing).get("all");
  const ware = new Map(s.wares.map((w) => [w.key, w]));
  const yarnOf = (key: string): number => {
    const w = ware.get(key);
    const share = (w?.analysed.entry.item.yieldBp ?? 10_000) / 10_000;
    const lines = w?.analysed.analysis.cost.lines.filter((l) => l.kind === "yarn") ?? [];
    return lines.reduce((t, l) => t + l.amount, 0) / share;
  };
  const yarn = sales.reduce((t, x) => t + x.quantity * yarnOf(wareKey(x.itemId, x.colourwayId)), 0);
  // What is paid a sale is paid once a customer.
  const fixed = new Map(sales.filter((x) => x.quantity > 0).map((x) => [x.customer, x.fixedFee]));
  const fixedFees = [...fixed.values()].reduce((a, b) => a + b, 0);
  const base: Base | undefined =
    all && all.pieces > 0
      ? {
          pieces: all.pieces,
          paid: all.paid,
          tax: all.tax,
          percentFees: all.fees - fixedFees,
          fixedFees,
          standing: all.standing,
          yarn: Math.round(yarn),
          otherMaterial: all.material - Math.round(yarn),
          hours: all.seconds / 3600,
          wagePerHour: opened.workshop.wagePerHour,
          overheadPerHour: opened.workshop.overheadPerHour,
        }
      : undefined;
  return {
    base,
    of: market ? { id: market.id, name: market.name, on: market.onDay } : undefined,
    markets: s.markets
      .filter((m) => s.sales.some((x) => x.marketId === m.id))
      .map((m) => ({ id: m.id, name: m.name, on: m.onDay }))
      .sort((a, b) => (a.on > b.on ? -1 : 1)),
    kept: (await listScenarios(opened.scope)).map(viewOf),
    owns: opened.role === "owner",
  };
}

const viewOf = (s: ScenarioRow): Scenario => ({
  id: s.id,
  name: s.name,
  otherwise: Object.fromEntries(FACTORS.map((f) => [f, s[f] / 100])) as Record<Factor, number>,
});

const percent = z
  .string()
  .regex(/^-?\d{1,3}$/)
  .transform(Number)
  .pipe(z.number().min(-90).max(300));
const keepSchema = z.object({
  intent: z.literal("keep"),
  name: z.string().trim().max(80, { error: "80 letters at most." }),
  ...(Object.fromEntries(FACTORS.map((f) => [f, percent])) as Record<Factor, typeof percent>),
});
const wageSchema = z.object({
  intent: z.literal("wage"),
  wage: z
    .string()
    .regex(/^\d{1,8}$/)
    .transform(Number),
});
const deleteSchema = z.object({ intent: z.literal("delete"), id });

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => write(form, o));
}

/** Only what the page's own forms send. */
function fieldsOf<T>(schema: z.ZodType<T>, form: FormData): T {
  const read = schema.safeParse(Object.fromEntries(form));
  if (!read.success) throw data(null, { status: 400 });
  return read.data;
}

async function write(form: FormData, { scope, workshop, role }: Opened) {
  switch (form.get("intent")) {
    case "keep": {
      const { intent: _intent, name, ...by } = fieldsOf(keepSchema, form);
      const otherwise = Object.fromEntries(FACTORS.map((f) => [f, by[f] / 100])) as Record<Factor, number>;
      try {
        await keepScenario(scope, { ...by, name: name || otherwiseText(otherwise) || "As it is" });
      } catch (error) {
        if (!(error instanceof TooManyScenarios)) throw error;
        throw refused(`${error.most} scenarios are kept already: delete one first.`, 409);
      }
      return redirect("/sell/what-if?done=kept");
    }
    case "wage":
      // What an hour earns is the owner's to say.
      if (role !== "owner") throw data(null, { status: 403 });
      await updateWorkshop(scope, { wagePerHour: minor(fieldsOf(wageSchema, form).wage) }, workshop.version);
      return redirect("/sell/what-if?done=wage");
    case "delete": {
      const { id } = fieldsOf(deleteSchema, form);
      await setScenarioDeleted(scope, id, true);
      return redirect(`/sell/what-if?deleted=scenario:${id}`);
    }
    default:
      throw data(null, { status: 400 });
  }
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

const DONE: Readonly<Record<string, string>> = {
  kept: "kept",
  wage: "Your hour earns that from now on; every price is looked at anew.",
};

export default function WhatIf({ loaderData }: Route.ComponentProps) {
  const { base, of, markets, kept, owns } = loaderData;
  const [params] = useSearchParams();
  const done = DONE[params.get("done") ?? ""];
  return (
    <Page>
      <PageHead>
        <h1>What if</h1>
        {done ? (
          <span role="status">
            <Badge $tone="good">{done}</Badge>
          </span>
        ) : null}
      </PageHead>
      <SellNav />
      {base ? (
        // Where the wage was taken over the dials begin anew: they say more or less than it.
        <Stack $gap={18}>
          <Span of={of} markets={markets} />
          <Scenarios base={base} kept={kept} owns={owns} key={`${base.wagePerHour} ${of?.id ?? ""}`} />
        </Stack>
      ) : (
        <Empty>
          <h2>First something sold</h2>
          <p>
            When a few sales are written down, this page says what the year would come to with other prices,
            another pace or dearer yarn, and which of them moves it most.
          </p>
          <ButtonLink to="/sell/sold" $primary>
            To what was sold
          </ButtonLink>
        </Empty>
      )}
    </Page>
  );
}

interface Day {
  readonly id: string;
  readonly name: string;
  readonly on: string;
}
/** Whose profit is looked at: all that was sold in a year, or one market day. */
function Span({ of, markets }: { of: Day | undefined; markets: readonly Day[] }) {
  const r = useReading();
  if (markets.length === 0) return <p>The sales of the last year.</p>;
  return (
    <Form method="get" key={of?.id ?? ""}>
      <Row $gap={8} style={{ alignItems: "center" }}>
        <label htmlFor="what-if-of">The sales of</label>
        <Select id="what-if-of" name="market" defaultValue={of?.id ?? ""} style={{ maxWidth: 320 }}>
          <option value="">the last year</option>
          {markets.map((m) => (
            <option key={m.id} value={m.id}>
              {m.name}, {printDay(m.on, r.locale)}
            </option>
          ))}
        </Select>
        <Button type="submit">Show</Button>
      </Row>
    </Form>
  );
}

function Scenarios({ base, kept, owns }: { base: Base; kept: readonly Scenario[]; owns: boolean }) {
  const [at, setAt] = useState<Otherwise>(AS_IT_IS);
  const [compared, setCompared] = useState<readonly string[]>([]);
  return (
    <Stack $gap={18}>
      <p>
        {base.pieces} pieces, with one thing or several otherwise. As many are sold at another price: what a
        price does to how many buy is yours to judge, with “Pieces sold”.
      </p>
      <Columns $parts="minmax(0, 1fr) minmax(0, 1.2fr)">
        <Dials at={at} onChange={setAt} />
        <OutcomeSheet
          base={base}
          at={at}
          compared={kept.filter((k) => compared.includes(k.id))}
          owns={owns}
        />
      </Columns>
      {kept.length > 0 ? (
        <KeptSheet base={base} kept={kept} compared={compared} onCompare={setCompared} onTake={setAt} />
      ) : null}
      <Sheet aria-labelledby="levers-title">
        <SheetHead>
          <h2 id="levers-title">A tenth more or less of each</h2>
          <Small>what it does to the profit: dark a tenth more, pale a tenth less</Small>
        </SheetHead>
        <Scroll tabIndex={0} role="group" aria-label="A tenth more or less of each">
          <Tornado base={base} at={at} />
        </Scroll>
      </Sheet>
    </Stack>
  );
}
