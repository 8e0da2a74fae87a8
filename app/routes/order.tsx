import { printMoney, type Minor } from "@core/units";
import { Check, PackageCheck } from "lucide-react";
import { useEffect, useRef } from "react";
import { data, redirect, useFetcher } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/order";
import { changePurchaseLine, findPurchase, receivePurchase, setPurchaseDeleted } from "@db/queries/purchases";
import { listSuppliers } from "@db/queries/suppliers";
import { ChangedMeanwhile } from "@db/scope";
import { fields, id } from "../forms";
import { moneyText } from "../features/materials/defaults";
import { MaterialsNav } from "../features/materials/nav";
import { once, openForm } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { Carried, Refusal, WorkForm } from "../ui/form";
import { Badge, Button, Page, PageHead, Sheet, Small, Stack } from "../ui/basics";
import { BinButton } from "../ui/bin-button";
import { printDay } from "../ui/days";
import { Input } from "../ui/field";
import { printAmount, useReading } from "../ui/reading";
import { YarnDisc } from "../ui/yarn-disc";
import { allNotions, allYarns } from "../server/rows.server";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.supplier ?? "Shopping list"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const [found, yarns, notions, suppliers] = await Promise.all([
    findPurchase(scope, params.id),
    allYarns(scope),
    allNotions(scope),
    listSuppliers(scope, true),
  ]);
  if (!found) throw data(null, { status: 404 });
  const { purchase, lines } = found;
  return {
    id: purchase.id,
    state: purchase.state,
    orderedOn: purchase.orderedOn,
    expectedOn: purchase.expectedOn,
    supplier: suppliers.find((s) => s.id === purchase.supplierId)?.name,
    lines: lines.map((l) => {
      const y = yarns.find((x) => x.id === l.materialId);
      const n = notions.find((x) => x.id === l.materialId);
      return {
        id: l.id,
        label: y ? `${y.shade}, ${y.name}` : (n?.name ?? "something deleted"),
        colour: y?.colour,
        kind: y ? ("yarn" as const) : n?.kind === "filling" ? ("filling" as const) : ("notion" as const),
        packs: l.packs,
        packSize: l.packSize,
        packPrice: l.packPrice,
        ticked: l.ticked,
        lot: l.lot,
        received: l.received,
      };
    }),
  };
}

/** More at once is a slip of the hand, or two orders: a pack becomes a ball of its own each. */
const MOST_PACKS = 500;
const lineSchema = (locale: string, currency: string, units: "metric" | "imperial") => {
  const f = fields(locale, currency, units);
  return z.object({
    line: id,
    ticked: z.literal("on").optional(),
    lot: z.string().trim().max(60, { error: "60 letters at most." }),
    packs: f.count("Write how many.", 1, MOST_PACKS),
    packPrice: f.money("Write what one cost."),
  });
};

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => change(form, args.params.id, o));
}

async function change(form: FormData, orderId: string, { scope, workshop }: Opened) {
  const found = await findPurchase(scope, orderId);
  if (!found) throw data(null, { status: 404 });
  switch (form.get("intent")) {
    case "line": {
      const got = lineSchema(workshop.locale, workshop.currency, workshop.units).safeParse({
        ...Object.fromEntries(form),
        ticked: form.get("ticked") ?? undefined,
      });
      if (!got.success)
        return data({ error: got.error.issues.map((i) => i.message).join(" ") }, { status: 400 });
      const { line, ticked, lot, packs, packPrice } = got.data;
      const row = found.lines.find((l) => l.id === line);
      if (!row) throw data(null, { status: 404 });
      // A field that this page did not change keeps what another one wrote: two people may shop from one
      // list.
      const own = (name: string) => (form.get(name) ?? "") !== (form.get(`was-${name}`) ?? "");
      await changePurchaseLine(scope, line, {
        ticked: own("ticked") ? ticked === "on" : row.ticked,
        lot: own("lot") ? lot : row.lot,
        packs: own("packs") ? packs : row.packs,
        packPrice: own("packPrice") ? packPrice : row.packPrice,
      });
      return data({ error: undefined });
    }
    case "receive": {
      const place = form.get("place");
      try {
        await receivePurchase(
          scope,
          orderId,
          todayOf(scope),
          typeof place === "string" ? place.slice(0, 80) : "",
        );
      } catch (error) {
        if (error instanceof ChangedMeanwhile) throw data(null, { status: 404 });
        throw error;
      }
      return redirect(`/materials/orders/${orderId}`);
    }
    case "delete":
      await setPurchaseDeleted(scope, orderId, true);
      return redirect(`/materials/buy?deleted=purchase:${orderId}`);
    default:
      throw data(null, { status: 400 });
  }
}

type Line = Awaited<ReturnType<typeof loader>>["lines"][number];

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Order({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const open = d.lines.filter((l) => l.received < l.packs);
  const ticked = open.filter((l) => l.ticked);
  return (
    <Page>
      <PageHead>
        <h1>{d.supplier ?? "Shopping list"}</h1>
        {d.state === "received" ? (
          <Badge $tone="good">received</Badge>
        ) : (
          <Badge>
            {d.expectedOn && d.expectedOn > d.orderedOn
              ? `expected ${printDay(d.expectedOn, r.locale, true)}`
              : `since ${printDay(d.orderedOn, r.locale)}`}
          </Badge>
        )}
        {d.lines.every((l) => l.received === 0) ? <BinButton label="Delete this list" /> : null}
      </PageHead>
      <MaterialsNav />
      <Narrow>
        <Stack $gap={10}>
          {d.lines.map((l) => (
            <ShopLine key={l.id} line={l} />
          ))}
        </Stack>
        <Sheet style={{ marginTop: 16 }}>
          <Sum>
            <span>
              {d.lines.length - open.length + ticked.length} of {d.lines.length} in the basket
            </span>
            <b>
              {printMoney(
                d.lines
                  .filter((l) => l.ticked || l.received > 0)
                  .reduce((s, l) => s + l.packs * l.packPrice, 0) as Minor,
                r,
              )}
            </b>
          </Sum>
          {open.length > 0 ? (
            <WorkForm>
              <input type="hidden" name="intent" value="receive" />
              <Receive>
                <label htmlFor="place">Where it goes</label>
                <Input
                  id="place"
                  name="place"
                  placeholder="such as “top drawer”"
                  autoComplete="off"
                  maxLength={80}
                />
                <Button type="submit" $primary disabled={ticked.length === 0}>
                  <PackageCheck size={18} aria-hidden /> Receive what is ticked
                </Button>
              </Receive>
              <Small>
                {ticked.length === 0
                  ? "Tick what you have in your hands."
                  : "It is posted to the stock book as bought, each ball with its lot."}
              </Small>
            </WorkForm>
          ) : (
            <p style={{ marginTop: 8 }}>All of it is in the stock book.</p>
          )}
        </Sheet>
      </Narrow>
    </Page>
  );
}

/**
 * One line for one thumb: a large tick, what, how many, the lot on the band. Every change is kept at once.
 */
function ShopLine({ line: l }: { line: Line }) {
  const r = useReading();
  const fetcher = useFetcher<{ error?: string }>();
  const form = useRef<HTMLFormElement>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const send = () => form.current && void fetcher.submit(form.current);
  const later = () => {
    clearTimeout(timer.current);
    timer.current = setTimeout(send, 500);
  };
  const done = l.received >= l.packs;
  const ticked = fetcher.formData ? fetcher.formData.get("ticked") === "on" : l.ticked;
  return (
    <Box data-done={done || ticked || undefined}>
      <fetcher.Form method="post" ref={form} onSubmit={() => clearTimeout(timer.current)}>
        <Carried />
        <input type="hidden" name="intent" value="line" />
        <input type="hidden" name="line" value={l.id} />
        <input type="hidden" name="was-packs" value={l.packs} />
        <input type="hidden" name="was-packPrice" value={moneyText(l.packPrice, r)} />
        <input type="hidden" name="was-lot" value={l.lot} />
        <input type="hidden" name="was-ticked" value={l.ticked ? "on" : ""} />
        <Top>
          <Tick>
            <input
              type="checkbox"
              name="ticked"
              checked={done || ticked}
              disabled={done}
              onChange={(e) => {
                e.currentTarget.form &&
                  void fetcher.submit(ticking(e.currentTarget.form, e.currentTarget.checked), {
                    method: "post",
                  });
              }}
              aria-label={`${l.label} is in the basket`}
            />
            {l.colour ? <YarnDisc colour={l.colour} name={l.label} size={34} /> : null}
            <span>
              <b>{l.label}</b> <Small>{printAmount(l.packSize, l.kind, r)} each</Small>
            </span>
          </Tick>
          {done ? (
            <Badge $tone="good">
              <Check size={13} aria-hidden /> received
            </Badge>
          ) : null}
        </Top>
        <Bits>
          <label>
            how many
            <Input
              name="packs"
              defaultValue={l.packs}
              inputMode="numeric"
              autoComplete="off"
              disabled={done}
              onChange={later}
            />
          </label>
          <label>
            price of one
            <Input
              name="packPrice"
              defaultValue={moneyText(l.packPrice, r)}
              inputMode="decimal"
              autoComplete="off"
              disabled={done}
              onChange={later}
            />
          </label>
          {l.kind === "yarn" ? (
            <label>
              lot on the bands
              <Input
                name="lot"
                defaultValue={l.lot}
                autoComplete="off"
                disabled={done}
                onChange={later}
                onBlur={send}
              />
            </label>
          ) : (
            <input type="hidden" name="lot" value="" />
          )}
        </Bits>
        {fetcher.data?.error ? <Wrong role="alert">{fetcher.data.error}</Wrong> : null}
        <Refusal of={fetcher.data} />
      </fetcher.Form>
    </Box>
  );
}

/** The form as it will be once the tick has been drawn. */
function ticking(form: HTMLFormElement, on: boolean): FormData {
  const body = new FormData(form);
  body.delete("ticked");
  if (on) body.set("ticked", "on");
  return body;
}

const Narrow = styled.div`
  max-width: 640px;
`;
const Box = styled.div`
  background: var(--sheet);
  border: 1px solid var(--line);
  border-left: 5px solid var(--edge);
  border-radius: 5px;
  padding: 10px 14px;
  &[data-done] {
    border-left-color: var(--good);
  }
`;
const Top = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
`;
const Tick = styled.label`
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 48px;
  cursor: pointer;
  flex: 1;
  input {
    width: 28px;
    height: 28px;
    flex: none;
  }
  > span {
    display: grid;
  }
`;
const Bits = styled.div`
  display: grid;
  grid-template-columns: 90px 110px minmax(0, 1fr);
  gap: 10px;
  label {
    font-size: 13px;
    color: var(--soft);
    display: grid;
    gap: 2px;
  }
  input {
    color: var(--ink);
    font-size: 15px;
  }
`;
const Sum = styled.p`
  display: flex;
  justify-content: space-between;
  font-size: 17px;
  margin-bottom: 10px;
`;
const Receive = styled.div`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 10px;
  align-items: center;
  label {
    grid-column: 1 / -1;
    font-size: 13px;
    font-weight: 560;
  }
  @media (max-width: 520px) {
    grid-template-columns: 1fr;
  }
`;
const Wrong = styled.p`
  color: var(--bad);
  font-size: 13px;
  font-weight: 560;
  margin-top: 6px;
`;
