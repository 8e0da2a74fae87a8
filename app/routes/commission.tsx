import { minor, minorDigits, printMoney, printNumber, type Minor } from "@core/units";
import { getFormProps, useForm } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { parseDate } from "@internationalized/date";
import { FileText } from "lucide-react";
import { data, Link, redirect } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/commission";
import {
  changeCommission,
  findCommission,
  forgetCustomer,
  handOver,
  payDeposit,
  putIntoRun,
  REMEMBERED_DAYS,
  setCommissionDeleted,
  setCommissionState,
} from "@db/queries/commissions";
import { findRun } from "@db/queries/runs";
import { transact } from "@db/scope";
import { CommissionFields } from "../features/commissions/commission-fields";
import { openCommission } from "../features/commissions/load.server";
import { commissionSchema, depositSchema, handSchema, stateSchema } from "../features/commissions/schema";
import {
  homeText,
  numberText,
  STATE_TONE,
  STATE_WORDS,
  STEPS,
  daysText,
  sumsOf,
  whoseText,
} from "../features/commissions/words";
import { intoRun, openRunChoices, planRunFor } from "../features/runs/plan-for.server";
import { RunChoice } from "../features/runs/run-choice";
import { SellNav } from "../features/sell/nav";
import { shown, WareName } from "../features/sell/ware-name";
import { wareKey } from "../features/sell/wares";
import { allPieces, earningIn, promisedByWare } from "../features/sell/wares.server";
import { once, openForm, refused } from "../server/form.server";
import { dayOf, openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import {
  Badge,
  Button,
  ButtonLink,
  Columns,
  Page,
  PageHead,
  Row,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { BinButton } from "../ui/bin-button";
import { printDay } from "../ui/days";
import { Field, FieldGrid, Input, Select } from "../ui/field";
import { DayInput } from "../ui/day-input";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData ? numberText(loaderData.c) : "Commission"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { scope } = opened;
  const found = await openCommission(opened, params.id);
  if (!found) throw data(null, { status: 404 });
  const { commission: c, ware, channels } = found;
  const channel = channels.find((x) => x.id === c.channelId);
  const [pieces, promised, run] = await Promise.all([
    allPieces(scope),
    promisedByWare(scope),
    c.runId ? findRun(scope, c.runId) : undefined,
  ]);
  const key = wareKey(c.itemId, c.colourwayId);
  const home = pieces
    .filter((p) => p.placeId === "" && p.grade === "good" && wareKey(p.itemId, p.colourwayId) === key)
    .reduce((s, p) => s + p.quantity, 0);
  const own = ["agreed", "making", "ready"].includes(c.state) ? c.quantity : 0;
  const earning =
    ware && channel ? earningIn(ware, channel, channels, Math.round(c.price / c.quantity)) : undefined;
  const { deletedAt: _d, workshopId: _w, createdAt, endedAt, forgottenAt: _f, ...rest } = c;
  return {
    c: rest,
    sums: sumsOf(c, channel),
    today: todayOf(scope),
    askedOn: dayOf(createdAt, scope.zone),
    forgetOn: endedAt
      ? parseDate(dayOf(endedAt, scope.zone)).add({ days: REMEMBERED_DAYS }).toString()
      : undefined,
    ware: ware ? shown(ware) : undefined,
    channel: channel?.name ?? "—",
    /** Pieces that an order through it has at least, where this one has fewer. */
    least: channel && channel.leastPieces > c.quantity ? channel.leastPieces : undefined,
    /** At home, and not promised to somebody else. */
    free: Math.max(0, home - Math.max(0, (promised.get(key) ?? 0) - own)),
    home,
    run: run ? { id: run.run.id, name: run.run.name, state: run.run.state } : undefined,
    runs: run ? [] : await openRunChoices(scope, opened.workshop.locale),
    perHour: earning?.perHour,
    wares: found.options,
    ways: found.ways,
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => change(form, args.params.id, o));
}

async function change(form: FormData, id: string, opened: Opened) {
  const { scope, workshop } = opened;
  const here = `/sell/commissions/${id}`;
  switch (form.get("intent")) {
    case "change": {
      const got = parseWithZod(form, { schema: commissionSchema(workshop.locale, workshop.currency) });
      if (got.status !== "success") return data({ change: got.reply() }, { status: 400 });
      await changeCommission(scope, id, got.value.content, got.value.version);
      return redirect(here);
    }
    case "state": {
      const got = stateSchema.safeParse({ to: form.get("to") });
      if (!got.success) throw data(null, { status: 400 });
      await setCommissionState(scope, id, got.data.to);
      return redirect(here);
    }
    case "deposit": {
      const got = parseWithZod(form, { schema: depositSchema(workshop.locale, workshop.currency) });
      if (got.status !== "success") return data({ deposit: got.reply() }, { status: 400 });
      const c = await findCommission(scope, id);
      if (c && got.value.paid > c.price)
        return data(
          { deposit: got.reply({ fieldErrors: { paid: ["That is more than the price."] } }) },
          { status: 400 },
        );
      await payDeposit(scope, id, got.value.paid, got.value.on);
      return redirect(here);
    }
    case "hand":
      return hand(form, id, opened);
    case "run":
      return makeRun(form, id, opened);
    case "forget":
      await forgetCustomer(scope, id);
      return redirect(here);
    case "delete":
      await setCommissionDeleted(scope, id, true);
      return redirect(`/sell/commissions?deleted=commission:${id}`);
    default:
      throw data(null, { status: 400 });
  }
}

/** The rest is paid and the work goes out: it is a sale of the day. */
async function hand(form: FormData, id: string, opened: Opened) {
  const { scope } = opened;
  const got = parseWithZod(form, { schema: handSchema });
  if (got.status !== "success") return data({ hand: got.reply() }, { status: 400 });
  const found = await openCommission(opened, id);
  if (!found) throw data(null, { status: 404 });
  const { commission: c, ware, priceOf } = found;
  await handOver(scope, id, {
    at: scope.now,
    soldOn: got.value.on,
    paid: got.value.paid,
    listPrice: minor(ware ? priceOf(ware, c.channelId) : Math.round(c.price / c.quantity)),
  });
  return redirect(`/sell/commissions/${id}`);
}

/**
 * A run of its own, due when it is promised, or with the pieces of an open one. Its name says the number and
 * nobody's name.
 */
async function makeRun(form: FormData, id: string, opened: Opened) {
  const into = intoRun(form);
  const { scope } = opened;
  const found = await openCommission(opened, id);
  if (!found) throw data(null, { status: 404 });
  const { commission: c, ware } = found;
  if (!ware) throw refused("The item is deleted. Bring it back from the bin first.", 409);
  await transact(scope, async (tx) => {
    const runId = await planRunFor(tx, opened, {
      name: numberText(c),
      dueOn: c.dueOn,
      pieces: [{ analysed: ware.analysed, quantity: c.quantity }],
      into,
    });
    await putIntoRun(tx, id, runId);
  });
  return redirect(`/sell/commissions/${id}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

type Data = Awaited<ReturnType<typeof loader>>;
type Answered = Route.ComponentProps["actionData"];
const isOver = (state: Data["c"]["state"]): boolean => state === "handed" || state === "off";

export default function CommissionRoute({ loaderData: d, actionData }: Route.ComponentProps) {
  const { c } = d;
  return (
    <Page>
      <PageHead>
        <h1>{whoseText(c)}</h1>
        <Small>{numberText(c)}</Small>
        <Badge $tone={STATE_TONE[c.state]}>{STATE_WORDS[c.state]}</Badge>
        <BinButton label={`Delete ${numberText(c)}`} />
      </PageHead>
      <SellNav />
      <Stack $gap={18}>
        <Columns $parts="minmax(0, 3fr) minmax(0, 2fr)">
          <Stack $gap={18}>
            <Asked d={d} />
            <Work d={d} answered={actionData} />
          </Stack>
          <Stack $gap={18}>
            <Money d={d} answered={actionData} />
            <Papers d={d} />
            <Person d={d} />
          </Stack>
        </Columns>
        {isOver(c.state) ? null : <Change d={d} answered={actionData} />}
      </Stack>
    </Page>
  );
}

function Asked({ d: { c, ware, today, askedOn, channel, least } }: { d: Data }) {
  const r = useReading();
  return (
    <Sheet aria-label="What is asked for">
      <Facts>
        <div>
          <dt>What</dt>
          <dd style={{ alignItems: "center" }}>
            {c.quantity} ×
            <Link to={`/items/${c.itemId}`}>
              <WareName
                ware={ware ?? { key: "", label: "something deleted", picture: undefined }}
                height={64}
              />
            </Link>
          </dd>
        </div>
        {c.wishes === "" ? null : (
          <div>
            <dt>Other than usual</dt>
            <dd>{c.wishes}</dd>
          </div>
        )}
        <div>
          <dt>Promised for</dt>
          <dd>
            {printDay(c.dueOn, r.locale, true)}
            {isOver(c.state) ? null : <Small>{daysText(c.dueOn, today)}</Small>}
          </dd>
        </div>
        <div>
          <dt>Asked for</dt>
          <dd>
            {printDay(askedOn, r.locale)} <Small>sold through {channel}</Small>
            {least ? (
              <Badge $tone="warn">
                {channel} asks for {least} pieces at least
              </Badge>
            ) : null}
          </dd>
        </div>
      </Facts>
    </Sheet>
  );
}

/** Where the work stands, and the next step. */
function Work({ d: { c, sums, run, runs, free, home, today }, answered }: { d: Data; answered: Answered }) {
  const r = useReading();
  const steps = STEPS[c.state];
  const enough = free >= c.quantity;
  return (
    <Sheet aria-labelledby="work-title">
      <SheetHead>
        <h2 id="work-title">The work</h2>
      </SheetHead>
      <Stack $gap={12}>
        {c.state === "handed" ? (
          <p>
            Handed over{c.handedOn ? ` on ${printDay(c.handedOn, r.locale, true)}` : ""}. It stands under{" "}
            <Link to="/sell/sold">Sold</Link>.
          </p>
        ) : c.state === "off" ? (
          <p>Called off. Nothing is promised any more.</p>
        ) : (
          <>
            <p>
              {run ? (
                <>
                  Made in the run <Link to={`/runs/${run.id}`}>{run.name}</Link>
                  {run.state === "finished" ? ", which is finished." : "."}
                </>
              ) : (
                homeText(home, free)
              )}{" "}
              {enough && c.wishes === "" && !run ? "It could go out of what is there." : null}
            </p>
            {run || c.state === "asked" ? null : (
              <WorkForm>
                <input type="hidden" name="intent" value="run" />
                <Row style={{ alignItems: "end" }}>
                  <RunChoice runs={runs} />
                  <Button type="submit" $primary={!enough}>
                    Plan it
                  </Button>
                </Row>
              </WorkForm>
            )}
          </>
        )}
        <Row>
          {steps.map((s, i) => (
            <WorkForm key={s.to}>
              <input type="hidden" name="intent" value="state" />
              <input type="hidden" name="to" value={s.to} />
              <Button type="submit" $primary={i === 0 && (c.state === "asked" || c.state === "making")}>
                {s.label}
              </Button>
            </WorkForm>
          ))}
        </Row>
        {isOver(c.state) || c.state === "asked" ? null : (
          <HandOver c={c} rest={sums.rest} today={today} wrong={wrongIn(answered, "hand")} />
        )}
      </Stack>
    </Sheet>
  );
}

function HandOver({
  c,
  rest,
  today,
  wrong,
}: {
  c: Data["c"];
  rest: number;
  today: string;
  wrong: Record<string, string[] | null> | undefined;
}) {
  const r = useReading();
  return (
    <WorkForm>
      <input type="hidden" name="intent" value="hand" />
      <Ruled>
        <FieldGrid $min={150}>
          <Field label="Handed over on" name="on" errors={wrong?.on ?? undefined}>
            {(bind) => <DayInput bind={bind} defaultValue={today} required />}
          </Field>
          <Field label={`${printMoney(rest as Minor, r)} paid by`} name="paid">
            {(bind) => (
              <Select {...bind} defaultValue="other">
                <option value="cash">cash</option>
                <option value="card">card</option>
                <option value="other">something else</option>
              </Select>
            )}
          </Field>
        </FieldGrid>
        <p style={{ marginTop: 10 }}>
          <Button type="submit" $primary={c.state === "ready"}>
            Hand it over
          </Button>{" "}
          <Small>it becomes a sale and leaves the shelf at home</Small>
        </p>
      </Ruled>
    </WorkForm>
  );
}

function Money({ d: { c, sums, perHour, today }, answered }: { d: Data; answered: Answered }) {
  const r = useReading();
  const money = (n: number) => printMoney(n as Minor, r);
  const digits = minorDigits(r.currency);
  const { rest } = sums;
  const wrong = wrongIn(answered, "deposit");
  const next = c.depositPaid > 0 ? c.depositPaid : c.depositAsked;
  return (
    <Sheet aria-labelledby="money-title">
      <SheetHead>
        <h2 id="money-title">Money</h2>
      </SheetHead>
      <Facts>
        <div>
          <dt>Price</dt>
          <dd>
            <b>{money(sums.pays)}</b>
            <Small>
              {c.quantity > 1 ? `${money(Math.round(sums.pays / c.quantity))} each` : null}
              {sums.tax > 0 ? ` ${money(sums.tax)} of it tax` : null}
            </Small>
          </dd>
        </div>
        <div>
          <dt>Deposit</dt>
          <dd>
            {money(c.depositPaid)}
            <Small>
              {c.depositPaid > 0 && c.depositOn
                ? `paid on ${printDay(c.depositOn, r.locale)}`
                : c.depositAsked > 0
                  ? `${money(c.depositAsked)} asked for, nothing paid yet`
                  : "none asked for"}
            </Small>
          </dd>
        </div>
        <div>
          <dt>{c.state === "handed" ? "Paid at the end" : "To pay"}</dt>
          <dd>{c.state === "off" ? money(0) : money(rest)}</dd>
        </div>
        {perHour === undefined ? null : (
          <div>
            <dt>An hour earns</dt>
            <dd>
              {money(perHour)}
              <Small>as the item is made as a rule; wishes take longer</Small>
            </dd>
          </div>
        )}
      </Facts>
      {c.state === "off" && c.depositPaid > 0 ? (
        <p style={{ marginTop: 10 }}>
          {money(c.depositPaid)} of deposit is with you still. When you give it back, write 0 below.
        </p>
      ) : null}
      {c.state === "handed" ? null : (
        <WorkForm>
          <input type="hidden" name="intent" value="deposit" />
          <Ruled>
            <FieldGrid $min={130}>
              <Field label="Deposit paid" name="paid" errors={wrong?.paid ?? undefined}>
                {(bind) => (
                  <Input
                    {...bind}
                    key={c.version}
                    inputMode="decimal"
                    autoComplete="off"
                    defaultValue={printNumber(next / 10 ** digits, digits, r.locale)}
                  />
                )}
              </Field>
              <Field label="On" name="on" errors={wrong?.on ?? undefined}>
                {(bind) => <DayInput bind={bind} defaultValue={c.depositOn ?? today} />}
              </Field>
            </FieldGrid>
            <p style={{ marginTop: 10 }}>
              <Button type="submit">Write the deposit down</Button>
            </p>
          </Ruled>
        </WorkForm>
      )}
    </Sheet>
  );
}

function Papers({ d: { c } }: { d: Data }) {
  return (
    <Sheet aria-labelledby="paper-title">
      <SheetHead>
        <h2 id="paper-title">Paper</h2>
      </SheetHead>
      <Row>
        <ButtonLink to={`/sell/commissions/${c.id}/quote.pdf`} reloadDocument target="_blank">
          <FileText size={17} aria-hidden /> Quote
        </ButtonLink>
        {c.depositPaid > 0 || c.state === "handed" ? (
          <ButtonLink to={`/sell/commissions/${c.id}/receipt.pdf`} reloadDocument target="_blank">
            <FileText size={17} aria-hidden /> Receipt
          </ButtonLink>
        ) : (
          <Small>A receipt can be printed once something is paid.</Small>
        )}
      </Row>
    </Sheet>
  );
}

function Person({ d: { c, forgetOn } }: { d: Data }) {
  const r = useReading();
  return (
    <Sheet aria-labelledby="person-title">
      <SheetHead>
        <h2 id="person-title">Who it is for</h2>
      </SheetHead>
      {c.customer === "" ? (
        <p>
          Forgotten: neither name nor a way to reach them is kept. The work and its money stay in the book.
        </p>
      ) : (
        <Stack $gap={10}>
          <p>
            <b>{c.customer}</b>
            {c.reach === "" ? null : (
              <>
                <br />
                {c.reach}
              </>
            )}
          </p>
          <Small>
            {forgetOn
              ? `Forgotten by itself on ${printDay(forgetOn, r.locale)}.`
              : `Forgotten by itself ${REMEMBERED_DAYS} days after it is over.`}{" "}
            Neither stands in the trail or on a run.
          </Small>
          <WorkForm>
            <input type="hidden" name="intent" value="forget" />
            <Button type="submit" $quiet>
              Forget them now
            </Button>
          </WorkForm>
        </Stack>
      )}
    </Sheet>
  );
}

function Change({ d: { c, wares, ways }, answered }: { d: Data; answered: Answered }) {
  const r = useReading();
  const digits = minorDigits(r.currency);
  const amount = (n: number) => printNumber(n / 10 ** digits, digits, r.locale);
  const reply = taken(answered);
  const [form, fields] = useForm({
    lastResult: reply && "change" in reply ? reply.change : undefined,
    onValidate: ({ formData }) => parseWithZod(formData, { schema: commissionSchema(r.locale, r.currency) }),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    id: `change-${c.version}`,
    defaultValue: {
      customer: c.customer,
      reach: c.reach,
      ware: wareKey(c.itemId, c.colourwayId),
      wishes: c.wishes,
      quantity: String(c.quantity),
      channelId: c.channelId,
      price: amount(c.price),
      depositAsked: amount(c.depositAsked),
      dueOn: c.dueOn,
    },
  });
  return (
    <Sheet aria-labelledby="change-title">
      <SheetHead>
        <h2 id="change-title">What was agreed</h2>
      </SheetHead>
      <WorkForm {...getFormProps(form)} draft={`commission ${c.id}`}>
        <input type="hidden" name="intent" value="change" />
        <input type="hidden" name="seen" value={c.version} />
        <CommissionFields fields={fields} wares={wares} channels={ways} />
        <p style={{ marginTop: 14 }}>
          <Button type="submit">Change it</Button>
        </p>
      </WorkForm>
    </Sheet>
  );
}

/** What is wrong in the fields of one of the page's forms. */
function wrongIn(answered: Answered, form: "deposit" | "hand"): Record<string, string[] | null> | undefined {
  const reply = taken(answered);
  if (!reply || !(form in reply)) return undefined;
  const said = (reply as Record<string, { error?: Record<string, string[] | null> | null }>)[form];
  return said?.error ?? undefined;
}

const Facts = styled.dl`
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 8px 16px;
  margin: 0;
  & > div {
    display: contents;
  }
  dt {
    color: var(--soft);
    font-size: 13px;
    padding-top: 2px;
  }
  dd {
    margin: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 8px;
    align-items: baseline;
    overflow-wrap: anywhere;
  }
`;
const Ruled = styled.div`
  border-top: 1px solid var(--line);
  margin-top: 12px;
  padding-top: 12px;
`;
