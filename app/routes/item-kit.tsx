import { Save, Scale } from "lucide-react";
import { useState } from "react";
import { data, Form, Link, useFetcher } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/item-kit";
import { findItem } from "@db/queries/items";
import { findKit, saveKit } from "@db/queries/kits";
import { weighKit } from "@core/kit";
import {
  parseNumber,
  printDuration,
  printMass,
  printMoney,
  printTrimmed,
  printYarnLength,
  type Grams,
  type Metres,
  type Minor,
  type Seconds,
} from "@core/units";
import { useScale } from "../features/hand/use-scale";
import { analyseStored, loadSurroundings } from "../features/items/load.server";
import { kitOf, windingList, type KitView } from "../features/kit/kit.server";
import { ReserveCurve } from "../features/kit/reserve-curve";
import { errorsByField } from "../features/items/schema";
import { seen } from "../forms";
import { once, openForm } from "../server/form.server";
import { allBalls } from "../server/rows.server";
import { ownScale } from "../server/scale.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage } from "../ui/away";
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
import { Field, FieldGrid, Input, Select } from "../ui/field";
import { Carried, Refusal } from "../ui/form";
import { useReading } from "../ui/reading";
import { SwingTag } from "../ui/swing-tag";
import { YarnDisc } from "../ui/yarn-disc";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Kit of ${loaderData?.name ?? "an item"} · Lapka` },
];

const USUAL_KITS = 12;

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [entry, s, kit, balls] = await Promise.all([
    findItem(scope, params.id),
    loadSurroundings(scope, workshop),
    findKit(scope, params.id),
    allBalls(scope),
  ]);
  if (!entry) throw data(null, { status: 404 });
  const asked = z
    .string()
    .regex(/^\d{1,4}$/)
    .transform(Number)
    .pipe(z.number().min(1).max(2000))
    .safeParse(new URL(request.url).searchParams.get("n"));
  const n = asked.success ? asked.data : USUAL_KITS;
  const got = await analyseStored(entry, s);
  const view =
    got.ok && got.value.piece.yarn.length > 0 ? kitOf(entry, got.value, s, workshop, kit) : undefined;
  return {
    id: entry.item.id,
    name: entry.item.name,
    n,
    kit: {
      chanceBp: kit.chanceBp,
      hook: kit.hook,
      startedRing: kit.startedRing,
      spareEyes: kit.spareEyes,
      winderMm: kit.winderMm,
      version: kit.version,
    },
    view,
    winding: view ? windingList(view, n, balls) : [],
    scale: ownScale() !== undefined,
  };
}

const kitSchema = z.object({
  intent: z.literal("kit"),
  seen,
  chance: z.enum(["20", "50", "100", "200", "500"], { error: "Choose one from the list." }).transform(Number),
  hook: z.literal("on").optional(),
  startedRing: z.literal("on").optional(),
  spareEyes: z.literal("on").optional(),
  winder: z
    .string({ error: "Write how long one turn of your winder is." })
    .regex(/^\d{1,3}([.,]\d)?$/, { error: "Write centimetres, such as 60." })
    .transform((t) => Math.round(Number(t.replace(",", ".")) * 10))
    .pipe(z.number().min(50, { error: "5 cm at least." }).max(5000, { error: "500 cm at most." })),
});

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, async (o) => {
    const entry = await findItem(o.scope, args.params.id);
    if (!entry) throw data(null, { status: 404 });
    const read = kitSchema.safeParse(Object.fromEntries(form));
    if (!read.success) return data({ errors: errorsByField(read.error) }, { status: 400 });
    const k = read.data;
    await saveKit(
      o.scope,
      entry.item.id,
      {
        chanceBp: k.chance,
        hook: k.hook === "on",
        startedRing: k.startedRing === "on",
        spareEyes: k.spareEyes === "on",
        winderMm: k.winder,
      },
      k.seen ?? 0,
    );
    return { ok: true };
  });
}
export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);

export default function ItemKit({ loaderData: d }: Route.ComponentProps) {
  return (
    <Page>
      <PageHead>
        <h1>
          Kit <Small>{d.name}</Small>
        </h1>
        {d.view?.price === undefined ? null : <PriceTag price={d.view.price} />}
        <ButtonLink to={`/items/${d.id}/paper/kit.pdf`} target="_blank" reloadDocument>
          Kit sheet, PDF
        </ButtonLink>
        <ButtonLink to={`/items/${d.id}`}>Back to the item</ButtonLink>
      </PageHead>
      {d.view ? (
        <Columns>
          <Stack>
            <Contents view={d.view} />
            <WindingSheet rows={d.winding} n={d.n} id={d.id} />
          </Stack>
          <Stack>
            <Settings kit={d.kit} key={d.kit.version} />
            <ReserveSheet view={d.view} chance={d.kit.chanceBp / 10_000} />
            <ScaleSheet view={d.view} scale={d.scale} />
            <Sheet>
              <SheetHead>
                <h2>What it asks of a buyer</h2>
                <Badge $tone="plain">{d.view.skill.level}</Badge>
              </SheetHead>
              <ul>
                {d.view.skill.explains.map((x) => (
                  <li key={x}>{x}</li>
                ))}
              </ul>
            </Sheet>
          </Stack>
        </Columns>
      ) : (
        <Sheet>
          <p>
            Nothing of this pattern is counted yet, so what a kit holds cannot be told.{" "}
            <Link to={`/items/${d.id}`}>Write its first part.</Link>
          </p>
        </Sheet>
      )}
    </Page>
  );
}

function PriceTag({ price }: { price: number }) {
  const r = useReading();
  return (
    <span>
      <Small>should sell for</Small> <SwingTag>{printMoney(price as Minor, r)}</SwingTag>
    </span>
  );
}

function Contents({ view }: { view: KitView }) {
  const r = useReading();
  return (
    <Sheet $pad={false}>
      <SheetHead style={{ padding: "14px 18px 0" }}>
        <h2>In each kit</h2>
        <Small>
          {printDuration(view.seconds as Seconds, r)} to wind, count and pack; costs{" "}
          {printMoney(view.cost as Minor, r)}
        </Small>
      </SheetHead>
      <Scroll tabIndex={0} role="group" aria-label="In each kit">
        <PlainTable>
          <thead>
            <tr>
              <th>What</th>
              <th className="num">You use</th>
              <th className="num">Goes in</th>
              <th className="num">Turns</th>
            </tr>
          </thead>
          <tbody>
            {view.colours.map((c) => (
              <tr key={c.slot}>
                <td>
                  <Row $gap={8}>
                    <YarnDisc colour={c.colour} name={c.label} size={20} /> {c.label}
                  </Row>
                </td>
                <td className="num">{printMass(c.ownGrams as Grams, r)}</td>
                <td className="num">
                  <b>{printMass(c.grams as Grams, r)}</b>
                  <br />
                  <Small>{printYarnLength(c.metres as Metres, r)}</Small>
                </td>
                <td className="num">{c.turns}</td>
              </tr>
            ))}
            {view.items.map((x) => (
              <tr key={x.what}>
                <td>
                  {x.what} {x.why ? <Small>{x.why}</Small> : null}
                </td>
                <td className="num" />
                <td className="num">
                  <b>{x.amount}</b>
                </td>
                <td className="num" />
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
      <details style={{ padding: "8px 18px 14px" }}>
        <summary>What it costs, line by line</summary>
        <PlainTable>
          <tbody>
            {view.lines.map((l, i) => (
              <tr key={i}>
                <td>
                  {l.label} <Small>{l.how}</Small>
                </td>
                <td className="num">{printMoney(l.amount, r)}</td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </details>
    </Sheet>
  );
}

function WindingSheet({ rows, n, id }: { rows: ReturnType<typeof windingList>; n: number; id: string }) {
  const r = useReading();
  return (
    <Sheet $pad={false}>
      <SheetHead style={{ padding: "14px 18px 0" }}>
        <h2>Winding list</h2>
        <Form method="get" action={`/items/${id}/kit`}>
          <Row $gap={8}>
            <label htmlFor="n">for</label>
            <Input id="n" name="n" defaultValue={n} inputMode="numeric" style={{ width: 76 }} />
            <span>kits</span>
            <Button type="submit">Work it out</Button>
          </Row>
        </Form>
      </SheetHead>
      <Scroll tabIndex={0} role="group" aria-label="Winding list">
        <PlainTable>
          <thead>
            <tr>
              <th>Colour, one after the other</th>
              <th className="num">Each</th>
              <th className="num">All</th>
              <th>From which balls</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((x) => (
              <tr key={x.slot}>
                <td>
                  <Row $gap={8}>
                    <YarnDisc colour={x.colour} name={x.label} size={20} /> {x.label}
                  </Row>
                </td>
                <td className="num">
                  {printMass(x.grams as Grams, r)}
                  <br />
                  <Small>{x.turns} turns</Small>
                </td>
                <td className="num">{printMass(x.all as Grams, r)}</td>
                <td>
                  <ul className="balls">
                    {x.winding.steps.map((b) => (
                      <li key={b.ballId}>
                        {b.kits} from a ball{b.lot === "" ? "" : ` of lot ${b.lot}`}{" "}
                        <Small>{printMass((b.left / 1000) as Grams, r)} stay</Small>
                      </li>
                    ))}
                    {x.winding.missing > 0 ? (
                      <li>
                        <Badge $tone="bad">{x.winding.missing} short</Badge>{" "}
                        <Small>{printMass((x.winding.missing * x.grams) as Grams, r)} to buy</Small>
                      </li>
                    ) : null}
                    {x.winding.lots.length > 1 ? (
                      <li>
                        <Small>Two lots: each kit gets one of them, never both.</Small>
                      </li>
                    ) : null}
                  </ul>
                </td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}

type KitSettings = Route.ComponentProps["loaderData"]["kit"];
function Settings({ kit }: { kit: KitSettings }) {
  const fetcher = useFetcher<typeof action>();
  const r = useReading();
  const errors = (fetcher.data && "errors" in fetcher.data ? fetcher.data.errors : {}) as Readonly<
    Record<string, string>
  >;
  return (
    <Sheet>
      <SheetHead>
        <h2>What a kit is</h2>
      </SheetHead>
      <fetcher.Form method="post">
        <Carried />
        <input type="hidden" name="intent" value="kit" />
        <input type="hidden" name="seen" value={kit.version} />
        <FieldGrid $min={180}>
          <Field label="Yarn runs out for" name="chance" errors={errors.chance ? [errors.chance] : undefined}>
            {(bind) => (
              <Select {...bind} defaultValue={String(kit.chanceBp)}>
                <option value="20">1 of 500 buyers</option>
                <option value="50">1 of 200 buyers</option>
                <option value="100">1 of 100 buyers</option>
                <option value="200">1 of 50 buyers</option>
                <option value="500">1 of 20 buyers</option>
              </Select>
            )}
          </Field>
          <Field
            label="One turn of your winder, cm"
            name="winder"
            hint="Wind ten turns, measure, divide."
            errors={errors.winder ? [errors.winder] : undefined}
          >
            {(bind) => (
              <Input
                {...bind}
                defaultValue={printTrimmed(kit.winderMm / 10, 1, r.locale)}
                inputMode="decimal"
              />
            )}
          </Field>
        </FieldGrid>
        <Ticks>
          <label>
            <input type="checkbox" name="hook" defaultChecked={kit.hook} /> A hook lies in it{" "}
            <Small>strangers then differ less</Small>
          </label>
          <label>
            <input type="checkbox" name="spareEyes" defaultChecked={kit.spareEyes} /> A spare pair of eyes
          </label>
          <label>
            <input type="checkbox" name="startedRing" defaultChecked={kit.startedRing} /> The first ring is
            started <Small>your minutes</Small>
          </label>
        </Ticks>
        <Row>
          <Button type="submit" $primary>
            <Save size={17} aria-hidden /> Keep it
          </Button>
        </Row>
        <Refusal of={fetcher.data} />
      </fetcher.Form>
    </Sheet>
  );
}

function ReserveSheet({ view, chance }: { view: KitView; chance: number }) {
  const r = useReading();
  return (
    <Sheet>
      <SheetHead>
        <h2>The reserve</h2>
        <Small>
          {printTrimmed(100 * view.reserveShare, 0, r.locale)} % more yarn,{" "}
          {printMoney(Math.round(view.reserveCost) as Minor, r)} a kit
        </Small>
      </SheetHead>
      <ReserveCurve curve={view.curve} share={view.reserveShare} chance={chance} />
      <Small>
        Strangers crochet 13 % tighter or looser than you (from memory); what your own figures and the winding
        leave open comes on top. A buyer is as loose in every colour, so all colours are reckoned together.
      </Small>
    </Sheet>
  );
}

/** A packed kit on the scale: whole, or what may be missing. */
function ScaleSheet({ view, scale }: { view: KitView; scale: boolean }) {
  const r = useReading();
  const [live, setLive] = useState(false);
  const now = useScale(live && scale);
  const [typed, setTyped] = useState("");
  const read = parseNumber(typed, r.locale);
  const grams = live && now.state === "live" ? now.grams : read.ok ? read.value : undefined;
  const verdict =
    grams === undefined || grams <= 0 ? undefined : weighKit(grams, view.packed, view.scaleStep);
  const { weighing } = view;
  return (
    <Sheet>
      <SheetHead>
        <h2>Weigh a packed kit</h2>
        <Small>
          {printMass(weighing.grams as Grams, r)} ± {printMass(weighing.tolerance as Grams, r)}
        </Small>
      </SheetHead>
      <Row>
        <label htmlFor="kit-grams">On the scale, g</label>
        <Input
          id="kit-grams"
          value={live && now.state === "live" ? printTrimmed(now.grams, 1, r.locale) : typed}
          readOnly={live && now.state === "live"}
          inputMode="decimal"
          autoComplete="off"
          onChange={(e) => setTyped(e.target.value)}
          style={{ width: 110 }}
        />
        {scale ? (
          <Button type="button" aria-pressed={live} onClick={() => setLive((x) => !x)}>
            <Scale size={16} aria-hidden /> {live ? "Type it" : "Read the scale"}
          </Button>
        ) : null}
      </Row>
      <p role="status">
        {verdict === undefined ? (
          <Small>
            Tare the bag away or leave it on: it is counted. Lighter than the tolerance and so not seen by
            weight: {weighing.unseen.length > 0 ? weighing.unseen.join(", ").toLowerCase() : "nothing"}. Tick
            those off.
          </Small>
        ) : verdict.ok ? (
          <b>All there, as far as a scale can tell.</b>
        ) : (
          <>
            <b>
              {printMass(Math.abs(verdict.off) as Grams, r)} too {verdict.off < 0 ? "light" : "heavy"}.
            </b>{" "}
            {verdict.perhaps.length > 0
              ? `${verdict.off < 0 ? "Missing" : "Too much"}, perhaps: ${verdict.perhaps.join("; ")}.`
              : "Nothing in the list weighs just that: count it once more."}
          </>
        )}
      </p>
    </Sheet>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 18px;
  align-items: start;
  .balls {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Ticks = styled.div`
  display: grid;
  gap: 6px;
  margin: 12px 0;
  label {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    align-items: center;
    min-height: 28px;
  }
`;
