import { Plus, Replace, Scale, SquarePen } from "lucide-react";
import { lazy, useState } from "react";
import { data, Link } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/material";
import { listBalls } from "@db/queries/balls";
import { reservationsOf } from "@db/queries/cutting";
import { listSwatchPhotos } from "@db/queries/materials";
import { standingMoves, stockBook } from "@db/queries/stock";
import { pricesOf } from "@db/queries/suppliers";
import { costByLot, movingAverage } from "@core/costing";
import { CLASS_GAUGE, type WeightClass } from "@core/fabric";
import { distanceInWords, substitutesFor } from "@core/planning";
import {
  printLength,
  printMass,
  printMoney,
  printTrimmed,
  printYarnLength,
  type Grams,
  type Metres,
  type Mm,
  milligramsToGrams,
  micrometresToMm,
} from "@core/units";
import { BookTable, type MoveView } from "../features/materials/book-table";
import { ballSize } from "../features/materials/balls";
import {
  amountText,
  ballDefaults,
  massText,
  moneyText,
  notionDefaults,
  shadeDefaults,
  yarnDefaults,
} from "../features/materials/defaults";
import { listHands } from "@db/queries/hands";
import { handOptions } from "../features/hand/choices.server";
import {
  BallForm,
  BallsForm,
  CountForm,
  FillingForm,
  NotionForm,
  PostForm,
  SwatchForm,
  useForms,
  YarnForm,
} from "../features/materials/forms-later";
import type { Counted } from "../features/materials/forms";
import { ballView, loadCupboard, type BallView } from "../features/materials/load.server";
import { MaterialsNav } from "../features/materials/nav";
import { NOTION_LABELS } from "../features/materials/kinds";
import { openWorkshop, todayOf } from "../server/scope.server";
import {
  Badge,
  Button,
  Empty,
  Page,
  PageHead,
  PlainTable,
  Row,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
  Facts,
} from "../ui/basics";
import { BinButton } from "../ui/bin-button";
import { printDay } from "../ui/days";
import { ReasonFigure, ListFigure } from "../ui/figure";
import { Modal } from "../ui/modal";
import { useReading } from "../ui/reading";
import { YarnDisc } from "../ui/yarn-disc";
import { Late } from "../ui/late";
import { allItems, allSwatches, liveColourways } from "../server/rows.server";

const PriceLine = lazy(async () => ({
  default: (await import("../features/materials/price-line")).PriceLine,
}));

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.title ?? "Material"} · Lapka` },
];

const SHOWN_MOVES = 30;

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const cupboard = await loadCupboard(scope);
  const yarn = cupboard.yarns.find((y) => y.id === params.id);
  const notion = cupboard.notions.find((n) => n.id === params.id);
  if (!yarn && !notion) throw data(null, { status: 404 });
  const [balls, book, standing, prices, swatches, items, colourways, hands, photos] = await Promise.all([
    yarn ? listBalls(scope, { yarnId: yarn.id }) : Promise.resolve([]),
    stockBook(scope, { materialId: params.id, limit: SHOWN_MOVES }),
    standingMoves(scope, [params.id]),
    pricesOf(scope, params.id),
    yarn ? allSwatches(scope) : Promise.resolve([]),
    allItems(scope),
    yarn ? liveColourways(scope) : Promise.resolve([]),
    listHands(scope),
    yarn ? listSwatchPhotos(scope) : Promise.resolve(new Set<string>()),
  ]);
  const promised = await reservationsOf(
    scope,
    balls.map((b) => b.id),
  );
  const onHand = cupboard.onHand.get(params.id) ?? 0;
  const pack = yarn
    ? { size: yarn.ballMg, price: yarn.ballPrice }
    : { size: notion?.packSize ?? 1, price: notion?.packPrice ?? 0 };
  const average = movingAverage(
    standing.map((m) => ({ quantity: m.quantity, cost: m.cost ?? undefined })),
    pack.price / pack.size,
  );
  const inBalls = balls.reduce((s, b) => s + b.mg, 0);
  const byLot =
    balls.reduce((s, b) => s + costByLot(b.mg, b), 0) + ((onHand - inBalls) * pack.price) / pack.size;
  const free = (id: string) => Math.max(0, (cupboard.onHand.get(id) ?? 0) - (cupboard.reserved.get(id) ?? 0));
  const instead = yarn
    ? substitutesFor(
        {
          id: yarn.id,
          colour: yarn.colour,
          weightClass: yarn.weightClass,
          metresPer100g: yarn.mmPer100g / 1000,
        },
        cupboard.yarns.map((y) => ({
          id: y.id,
          colour: y.colour,
          weightClass: y.weightClass,
          metresPer100g: y.mmPer100g / 1000,
          freeMg: free(y.id),
        })),
      ).slice(0, 4)
    : [];
  const usedBy = yarn
    ? [
        ...items
          .filter((i) => i.revision.slots.some((s) => s.yarnId === yarn.id))
          .map((i) => ({
            id: i.item.id,
            name: i.item.name,
            as: i.revision.slots
              .filter((s) => s.yarnId === yarn.id)
              .map((s) => s.slot)
              .join(", "),
          })),
        ...colourways
          .filter((c) => c.slots.some((s) => s.yarnId === yarn.id))
          .flatMap((c) => {
            const of = items.find((i) => i.item.id === c.itemId);
            return of
              ? [
                  {
                    id: of.item.id,
                    name: `${of.item.name}, ${c.name}`,
                    as: c.slots
                      .filter((s) => s.yarnId === yarn.id)
                      .map((s) => s.slot)
                      .join(", "),
                  },
                ]
              : [];
          }),
      ]
    : items
        .filter((i) => i.revision.notions.some((n) => n.notionId === params.id))
        .map((i) => ({ id: i.item.id, name: i.item.name, as: "" }));
  const lots = new Map(balls.map((b) => [b.id, b.lot]));
  const what = yarn
    ? ("yarn" as const)
    : notion?.kind === "filling"
      ? ("filling" as const)
      : ("notion" as const);
  return {
    id: params.id,
    title: yarn ? `${yarn.name}, ${yarn.shade}` : (notion?.name ?? ""),
    today: todayOf(scope),
    onHand,
    reserved: cupboard.reserved.get(params.id) ?? 0,
    onOrder: cupboard.onOrder.get(params.id) ?? 0,
    low: cupboard.low.get(params.id),
    inBalls,
    yarn: yarn ? { ...yarn, createdAt: undefined } : undefined,
    notion: notion ? { ...notion, createdAt: undefined } : undefined,
    balls: balls.map(ballView),
    promised,
    usedBy,
    school: workshop.costSchool,
    value: { byLot, average: average.value, perUnit: average.perUnit ?? 0 },
    moves: book.map((m): MoveView => ({
      id: m.id,
      kind: m.kind,
      at: todayOf(m.at),
      what,
      quantity: m.quantity,
      note: m.note,
      ball:
        m.ballId && lots.get(m.ballId) && !m.note.startsWith("lot ")
          ? `lot ${lots.get(m.ballId) ?? ""}`
          : undefined,
      cost: m.cost,
      settled: m.takenBack || m.kind === "undone",
    })),
    prices: prices.map((p) => ({
      since: p.since,
      price: p.price,
      packSize: p.packSize,
      supplier: cupboard.suppliers.find((s) => s.id === p.supplierId)?.name,
    })),
    instead: instead.flatMap((s) => {
      const y = cupboard.yarns.find((x) => x.id === s.id);
      return y ? [{ ...s, label: `${y.shade}, ${y.name}`, colour: y.colour }] : [];
    }),
    swatches: swatches
      .filter((s) => s.yarnId === params.id)
      .map((s) => ({
        id: s.id,
        madeOn: s.madeOn,
        hookUm: s.hookUm,
        stitches: s.stitches,
        overMm: s.overMm,
        sampleStitches: s.sampleStitches,
        sampleMm: s.sampleMm,
        setAside: s.setAside,
        loops: s.loops,
        hand: s.handId && s.handId !== hands[0]?.id ? hands.find((h) => h.id === s.handId)?.name : undefined,
        photo: photos.has(s.id),
      })),
    hands: handOptions(hands),
    supplier: cupboard.suppliers.find((s) => s.id === (yarn?.supplierId ?? notion?.supplierId))?.name,
    suppliers: cupboard.suppliers
      .filter((s) => s.deletedAt === null)
      .map((s) => ({ value: s.id, label: s.name })),
    washers: cupboard.notions.filter((n) => n.kind === "washer").map((n) => ({ value: n.id, label: n.name })),
    places: [...new Set(balls.map((b) => b.place).filter(Boolean))],
  };
}

type Open =
  | { form: "balls" | "change" | "shade" | "swatch" }
  | { form: "ball"; ball: BallView }
  | { form: "count" | "post"; of: Counted; name: string };

export default function Material({ loaderData: d }: Route.ComponentProps) {
  useForms();
  const r = useReading();
  const [open, setOpen] = useState<Open>();
  const close = () => setOpen(undefined);
  const { yarn, notion } = d;
  const unit = yarn || notion?.kind === "filling" ? ("mass" as const) : ("pieces" as const);
  const show = (q: number) => amountText(q, unit, r);
  const loose = yarn ? d.onHand - d.inBalls : 0;
  const counted: Counted = { kind: yarn ? "yarn" : "notion", id: d.id, unit, now: show(d.onHand) };
  const [own, other] =
    d.school === "lot" ? [d.value.byLot, d.value.average] : [d.value.average, d.value.byLot];
  return (
    <Page>
      <PageHead>
        {yarn ? <YarnDisc colour={yarn.colour} name={d.title} size={44} /> : null}
        <h1>
          {yarn ? (
            <>
              {yarn.shade} <Small>{yarn.name}</Small>
            </>
          ) : (
            d.title
          )}
        </h1>
        {yarn ? (
          <Button type="button" $primary onClick={() => setOpen({ form: "balls" })}>
            <Plus size={16} aria-hidden /> Balls
          </Button>
        ) : (
          <>
            <Button
              type="button"
              $primary
              onClick={() => setOpen({ form: "count", of: counted, name: d.title })}
            >
              <Scale size={16} aria-hidden /> {unit === "mass" ? "Weigh" : "Count"}
            </Button>
            <Button type="button" onClick={() => setOpen({ form: "post", of: counted, name: d.title })}>
              Used, lost, bought…
            </Button>
          </>
        )}
        <Button type="button" onClick={() => setOpen({ form: "change" })}>
          <SquarePen size={16} aria-hidden /> Change
        </Button>
        {yarn ? (
          <Button type="button" onClick={() => setOpen({ form: "shade" })}>
            <Plus size={16} aria-hidden /> Another shade
          </Button>
        ) : null}
        <BinButton
          action="/materials"
          label={`Delete ${d.title}`}
          fields={{ kind: yarn ? "yarn" : "notion", id: d.id }}
        />
      </PageHead>
      <MaterialsNav />
      <Stack $gap={18}>
        <Facts>
          <div>
            <dt>On hand</dt>
            <dd>
              <ListFigure url={`/materials/${d.id}/reasons`} name="onHand">
                {show(d.onHand)}
              </ListFigure>
              {yarn && d.onHand > 0 ? (
                <Small> {printYarnLength(((d.onHand / 1e6) * (yarn.mmPer100g / 100)) as Metres, r)}</Small>
              ) : null}
            </dd>
          </div>
          <div>
            <dt>Promised to runs</dt>
            <dd>{show(d.reserved)}</dd>
          </div>
          <div>
            <dt>Free</dt>
            <dd>
              <ReasonFigure
                reason={{
                  label: "Free",
                  measure: unit === "mass" ? "grams" : "count",
                  value: scaled(Math.max(0, d.onHand - d.reserved), unit),
                  how: "on hand − promised to open runs, never below zero",
                  parts: [
                    {
                      label: "on hand",
                      measure: unit === "mass" ? "grams" : "count",
                      value: scaled(d.onHand, unit),
                    },
                    {
                      label: "promised",
                      measure: unit === "mass" ? "grams" : "count",
                      value: -scaled(d.reserved, unit),
                    },
                  ],
                }}
              />
            </dd>
          </div>
          {d.onOrder > 0 ? (
            <div>
              <dt>On its way</dt>
              <dd>{show(d.onOrder)}</dd>
            </div>
          ) : null}
          <div>
            <dt>Worth</dt>
            <dd>
              <ReasonFigure
                reason={{
                  label: "Worth of what is on hand",
                  measure: "minor",
                  value: Math.round(own),
                  how: d.school === "lot" ? "what each ball on hand cost" : "moving average of what was paid",
                  parts: [
                    {
                      label:
                        d.school === "lot"
                          ? "by moving average it would be"
                          : "by what each lot cost it would be",
                      measure: "minor",
                      value: Math.round(other),
                    },
                  ],
                  from: "Settings say which school goes first",
                }}
              />
            </dd>
          </div>
          {d.low && d.low.level > 0 ? (
            <div>
              <dt>Low below</dt>
              <dd>
                <ReasonFigure
                  reason={{
                    label: "Low-stock level",
                    measure: unit === "mass" ? "grams" : "count",
                    value: scaled(d.low.level, unit),
                    how: d.low.own ? "your own level" : "planned needs + past use until a delivery is here",
                    parts: d.low.own
                      ? []
                      : [
                          {
                            label: "planned for open runs",
                            measure: unit === "mass" ? "grams" : "count",
                            value: scaled(d.low.planned, unit),
                          },
                          {
                            label: "past use over delivery and a fortnight",
                            measure: unit === "mass" ? "grams" : "count",
                            value: scaled(d.low.cover, unit),
                          },
                        ],
                  }}
                />{" "}
                {d.low.low ? <Badge $tone="warn">running low</Badge> : null}
              </dd>
            </div>
          ) : null}
        </Facts>
        {yarn ? (
          <Sheet $pad={false} aria-labelledby="balls-title">
            <Head>
              <h2 id="balls-title">Balls</h2>
              <Small>
                {d.balls.length === 0
                  ? ""
                  : `${d.balls.length} in ${new Set(d.balls.map((b) => b.lot)).size} ${new Set(d.balls.map((b) => b.lot)).size === 1 ? "lot" : "lots"}`}
              </Small>
            </Head>
            {d.balls.length === 0 ? (
              <Quiet>
                No ball lies here. Put in what you have: the weight of each, and the lot on its band.
              </Quiet>
            ) : (
              <Scroll tabIndex={0} role="region" aria-label="Balls, table">
                <PlainTable>
                  <thead>
                    <tr>
                      <th scope="col">Ball</th>
                      <th scope="col">Lot</th>
                      <th scope="col" className="minor">
                        Place
                      </th>
                      <th scope="col" className="num">
                        Left
                      </th>
                      <th scope="col" className="num minor">
                        Promised
                      </th>
                      <th scope="col">
                        <span className="sr">Do</span>
                      </th>
                    </tr>
                  </thead>
                  <tbody>
                    {d.balls.map((b) => {
                      const mine = d.promised.filter((p) => p.ballId === b.id);
                      const name = `${b.state} ball${b.lot ? `, lot ${b.lot}` : ""}, ${show(b.mg)}`;
                      const of: Counted = {
                        kind: "yarn",
                        id: d.id,
                        ballId: b.id,
                        unit: "mass",
                        now: show(b.mg),
                      };
                      return (
                        <tr key={b.id}>
                          <td>
                            <Disc>
                              <YarnDisc colour={yarn.colour} name={name} size={ballSize(b, 34)} />
                            </Disc>{" "}
                            {b.state}
                            {b.note ? <Small> {b.note}</Small> : null}
                          </td>
                          <td>{b.lot || <Small>not noted</Small>}</td>
                          <td className="minor">{b.place || <Small>not noted</Small>}</td>
                          <td className="num">
                            <b>{show(b.mg)}</b>{" "}
                            <Small>
                              {printYarnLength(((b.mg / 1e6) * (yarn.mmPer100g / 100)) as Metres, r)}
                            </Small>
                          </td>
                          <td className="num minor">
                            {mine.length === 0
                              ? ""
                              : mine.map((p) => (
                                  <div key={p.runId}>
                                    <Link to={`/runs/${p.runId}/cutting`}>{show(p.quantity)}</Link>{" "}
                                    <Small>{p.run}</Small>
                                  </div>
                                ))}
                          </td>
                          <td>
                            <Tools>
                              <Button
                                type="button"
                                onClick={() => setOpen({ form: "count", of, name: `this ${name}` })}
                                aria-label={`Weigh the ${name}`}
                              >
                                <Scale size={16} aria-hidden /> Weigh
                              </Button>
                              <Button
                                type="button"
                                $quiet
                                onClick={() => setOpen({ form: "post", of, name })}
                                aria-label={`Used or lost from the ${name}`}
                                title="Used, lost, came back"
                              >
                                <Replace size={16} aria-hidden />
                              </Button>
                              <Button
                                type="button"
                                $quiet
                                onClick={() => setOpen({ form: "ball", ball: b })}
                                aria-label={`Change lot or place of the ${name}`}
                                title="Lot, place, note"
                              >
                                <SquarePen size={16} aria-hidden />
                              </Button>
                              <BinButton
                                action="/materials"
                                label={`Take out the ${name}`}
                                fields={{ kind: "ball", id: b.id, back: `/materials/${d.id}` }}
                              />
                            </Tools>
                          </td>
                        </tr>
                      );
                    })}
                  </tbody>
                </PlainTable>
              </Scroll>
            )}
            {loose !== 0 ? (
              <Quiet>
                {loose > 0 ? (
                  <>
                    {show(loose)} more is in the stock book without a ball: weigh the balls, or put it in as a
                    ball and take it from the book.{" "}
                  </>
                ) : (
                  <>{show(-loose)} more was used than the balls had. Weigh them and it comes right. </>
                )}
              </Quiet>
            ) : null}
          </Sheet>
        ) : null}
        <Columns>
          <Sheet $pad={false} aria-labelledby="book-title">
            <Head>
              <h2 id="book-title">Stock book</h2>
              {d.moves.length >= SHOWN_MOVES ? (
                <Link to={`/materials/book?material=${d.id}`}>all of it</Link>
              ) : null}
            </Head>
            <BookTable moves={d.moves} label="Stock book" />
          </Sheet>
          <Stack $gap={18}>
            <Sheet aria-labelledby="about-title">
              <SheetHead>
                <h2 id="about-title">{yarn ? "The band" : "The pack"}</h2>
              </SheetHead>
              <About>
                {yarn ? (
                  <>
                    <dt>Fibre</dt>
                    <dd>{yarn.fibre}</dd>
                    <dt>Class</dt>
                    <dd>
                      {yarn.weightClass} {CLASS_GAUGE[yarn.weightClass as WeightClass].name.us}
                    </dd>
                    <dt>Length</dt>
                    <dd>
                      {printYarnLength((yarn.mmPer100g / 1000) as Metres, r)} in{" "}
                      {r.system === "metric" ? "100 g" : printMass(100 as Grams, r)}
                      {yarn.lengthSigmaBp > 0
                        ? `, give or take ${printTrimmed((1.645 * yarn.lengthSigmaBp) / 100, 0, r.locale)} %`
                        : ""}
                    </dd>
                    <dt>Hook</dt>
                    <dd>{printTrimmed(yarn.hookUm / 1000, 2, r.locale)} mm</dd>
                    {yarn.bandStitches ? (
                      <>
                        <dt>Gauge</dt>
                        <dd>
                          {yarn.bandStitches} st{yarn.bandRows ? ` × ${yarn.bandRows} rows` : ""} over{" "}
                          {printLength(100 as Mm, r, 0)}
                        </dd>
                      </>
                    ) : null}
                    {yarn.care ? (
                      <>
                        <dt>Care</dt>
                        <dd>{yarn.care}</dd>
                      </>
                    ) : null}
                    <dt>A ball</dt>
                    <dd>
                      {printMass(milligramsToGrams(yarn.ballMg), r)} at {printMoney(yarn.ballPrice, r)}
                      {yarn.packBalls > 1 ? `, sold in packs of ${yarn.packBalls}` : ""}
                    </dd>
                  </>
                ) : notion ? (
                  <>
                    <dt>Kind</dt>
                    <dd>{NOTION_LABELS[notion.kind]}</dd>
                    {notion.sizeUm === null ? null : (
                      <>
                        <dt>Size</dt>
                        <dd>
                          {printLength(micrometresToMm(notion.sizeUm), r, r.system === "metric" ? 1 : 2)}
                        </dd>
                      </>
                    )}
                    <dt>A pack</dt>
                    <dd>
                      {show(notion.packSize)}
                      {notion.spares ? ` and ${notion.spares} spare` : ""} at{" "}
                      {printMoney(notion.packPrice, r)}
                    </dd>
                    {notion.kind === "filling" && notion.densityBp !== 10_000 ? (
                      <>
                        <dt>Weight</dt>
                        <dd>{printTrimmed(notion.densityBp / 10_000, 2, r.locale)} times that of fibre</dd>
                      </>
                    ) : null}
                    {notion.washerId ? (
                      <>
                        <dt>Washer</dt>
                        <dd>
                          <Link to={`/materials/${notion.washerId}`}>
                            {d.washers.find((w) => w.value === notion.washerId)?.label ?? "its own"}
                          </Link>
                        </dd>
                      </>
                    ) : null}
                    {notion.place ? (
                      <>
                        <dt>Place</dt>
                        <dd>{notion.place}</dd>
                      </>
                    ) : null}
                  </>
                ) : null}
                {d.supplier ? (
                  <>
                    <dt>Supplier</dt>
                    <dd>{d.supplier}</dd>
                  </>
                ) : null}
              </About>
            </Sheet>
            {d.prices.length > 0 ? (
              <Sheet aria-labelledby="prices-title">
                <SheetHead>
                  <h2 id="prices-title">What it cost</h2>
                </SheetHead>
                <Late>
                  <PriceLine prices={d.prices} today={d.today} />
                </Late>
                <List>
                  {[...d.prices]
                    .reverse()
                    .slice(0, 6)
                    .map((p) => (
                      <li key={`${p.since}${p.price}`}>
                        <span>
                          {printDay(p.since, r.locale)}
                          {p.supplier ? <Small> {p.supplier}</Small> : null}
                        </span>
                        <b>{printMoney(p.price, r)}</b>
                      </li>
                    ))}
                </List>
              </Sheet>
            ) : null}
            {yarn ? (
              <Sheet aria-labelledby="instead-title">
                <SheetHead>
                  <h2 id="instead-title">Instead of it</h2>
                  <Small>nearest shades you have free</Small>
                </SheetHead>
                {d.instead.length === 0 ? (
                  <Small>No other shade is free.</Small>
                ) : (
                  <List>
                    {d.instead.map((s) => (
                      <li key={s.id}>
                        <Row $gap={8}>
                          <YarnDisc colour={s.colour} name={s.label} size={22} />
                          <Link to={`/materials/${s.id}`}>{s.label}</Link>
                        </Row>
                        <ReasonFigure
                          reason={{
                            label: `${s.label} instead`,
                            measure: "ratio",
                            value: s.distance,
                            how: `colour distance (CIEDE2000): ${distanceInWords(s.distance)}`,
                            parts: [
                              {
                                label:
                                  s.classes === 0
                                    ? "the same weight class"
                                    : `${Math.abs(s.classes)} weight ${Math.abs(s.classes) === 1 ? "class" : "classes"} ${s.classes > 0 ? "thicker" : "thinner"}`,
                                measure: "count",
                                value: s.classes,
                              },
                              { label: "length in 100 g against it", measure: "ratio", value: s.length },
                            ],
                          }}
                        >
                          {distanceInWords(s.distance)}
                          {s.classes === 0 ? "" : `, ${s.classes > 0 ? "thicker" : "thinner"}`}
                        </ReasonFigure>
                      </li>
                    ))}
                  </List>
                )}
              </Sheet>
            ) : null}
            <Sheet aria-labelledby="where-title">
              <SheetHead>
                <h2 id="where-title">Where it goes</h2>
              </SheetHead>
              {d.usedBy.length === 0 ? (
                <Small>No item uses it.</Small>
              ) : (
                <List>
                  {d.usedBy.map((u) => (
                    <li key={u.name}>
                      <Link to={`/items/${u.id}`}>{u.name}</Link>
                      <Small>{u.as}</Small>
                    </li>
                  ))}
                </List>
              )}
            </Sheet>
            {yarn ? (
              <Sheet aria-labelledby="swatches-title">
                <SheetHead>
                  <h2 id="swatches-title">Swatches</h2>
                  <Button type="button" onClick={() => setOpen({ form: "swatch" })}>
                    <Plus size={16} aria-hidden /> Swatch
                  </Button>
                </SheetHead>
                {d.swatches.length === 0 ? (
                  <Small>None yet: figures use the trade’s averages.</Small>
                ) : (
                  <List>
                    {d.swatches.map((s) => (
                      <li
                        key={s.id}
                        style={
                          s.setAside ? { color: "var(--soft)", textDecoration: "line-through" } : undefined
                        }
                      >
                        {s.photo ? (
                          <a
                            href={`/hand/swatches/${s.id}.jpg`}
                            aria-label={`Photo of the swatch of ${printDay(s.madeOn, r.locale)}`}
                          >
                            <Thumb src={`/hand/swatches/${s.id}.jpg`} alt="" loading="lazy" />
                          </a>
                        ) : null}
                        <span>
                          {printDay(s.madeOn, r.locale)}, {printTrimmed(s.hookUm / 1000, 2, r.locale)} mm hook{" "}
                          <Small>
                            {[
                              s.stitches && s.overMm
                                ? `${s.stitches} st over ${printLength(s.overMm, r)}`
                                : "",
                              s.sampleStitches && s.sampleMm
                                ? `${s.sampleStitches} st gave ${printLength(s.sampleMm, r)}`
                                : "",
                              s.loops === "under" ? "yarn under" : "",
                              s.hand ?? "",
                            ]
                              .filter(Boolean)
                              .join("; ")}
                          </Small>
                        </span>
                        <BinButton
                          action="/materials"
                          label={`Delete the swatch of ${printDay(s.madeOn, r.locale)}`}
                          fields={{ kind: "swatch", id: s.id, back: `/materials/${d.id}` }}
                        />
                      </li>
                    ))}
                  </List>
                )}
              </Sheet>
            ) : null}
          </Stack>
        </Columns>
        {yarn && /unknown/i.test(yarn.fibre) ? (
          <Empty>
            <p>
              Fibre, wash and colour fastness of this yarn are not known. Say so on the tag, and keep it away
              from things for children.
            </p>
          </Empty>
        ) : null}
      </Stack>
      <Modal title={titleOf(open, d.title)} open={open !== undefined} onClose={close}>
        {open?.form === "balls" && yarn ? (
          <BallsForm
            yarnId={d.id}
            fullMg={yarn.ballMg}
            defaults={{
              eachMg: massText(yarn.ballMg, r),
              price: moneyText(yarn.ballPrice, r),
              place: d.places[0] ?? "",
            }}
            places={d.places}
            onDone={close}
          />
        ) : null}
        {open?.form === "change" && yarn ? (
          <YarnForm suppliers={d.suppliers} defaults={yarnDefaults(yarn, r)} onDone={close} />
        ) : null}
        {open?.form === "shade" && yarn ? (
          <YarnForm
            suppliers={d.suppliers}
            defaults={{ ...shadeDefaults(yarn, r), colour: "#5d6f78" }}
            onDone={close}
          />
        ) : null}
        {open?.form === "change" && notion ? (
          notion.kind === "filling" ? (
            <FillingForm suppliers={d.suppliers} defaults={notionDefaults(notion, r)} onDone={close} />
          ) : (
            <NotionForm
              suppliers={d.suppliers}
              washers={d.washers.filter((w) => w.value !== notion.id)}
              defaults={notionDefaults(notion, r)}
              onDone={close}
            />
          )
        ) : null}
        {open?.form === "swatch" && yarn ? (
          <SwatchForm
            yarnId={d.id}
            hands={d.hands}
            defaults={{ madeOn: d.today, hookUm: printTrimmed(yarn.hookUm / 1000, 2, r.locale) }}
            onDone={close}
          />
        ) : null}
        {open?.form === "ball" ? (
          <BallForm id={open.ball.id} defaults={ballDefaults(open.ball)} onDone={close} />
        ) : null}
        {open?.form === "count" ? <CountForm of={open.of} onDone={close} /> : null}
        {open?.form === "post" ? <PostForm of={open.of} onDone={close} /> : null}
      </Modal>
    </Page>
  );
}

const Thumb = styled.img`
  width: 44px;
  height: 44px;
  object-fit: cover;
  border-radius: 4px;
  border: 1px solid var(--line);
  display: block;
`;
const scaled = (q: number, unit: "mass" | "pieces"): number => (unit === "mass" ? q / 1000 : q);

function titleOf(open: Open | undefined, title: string): string {
  switch (open?.form) {
    case "balls":
      return `Put in balls of ${title}`;
    case "change":
      return `Change ${title}`;
    case "shade":
      return `Another shade of ${title.split(",")[0] ?? title}`;
    case "swatch":
      return `Swatch of ${title}`;
    case "ball":
      return "Lot, place, note";
    case "count":
      return `${open.of.unit === "mass" ? "Weigh" : "Count"} ${open.name}`;
    case "post":
      return `Used, lost or come back: ${open.name}`;
    default:
      return "";
  }
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(280px, 2fr);
  gap: 18px;
  align-items: start;
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Head = styled(SheetHead)`
  padding: 12px 12px 0;
  margin: 0;
  align-items: center;
`;
const Quiet = styled.p`
  padding: 12px;
  color: var(--soft);
`;
const About = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 14px;
  margin: 0;
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
  }
`;
const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    justify-content: space-between;
    align-items: center;
  }
`;
const Disc = styled.span`
  display: inline-grid;
  place-items: center;
  width: 36px;
  min-height: 34px;
  vertical-align: middle;
  margin-right: 6px;
`;
const Tools = styled.span`
  display: flex;
  justify-content: flex-end;
  gap: 2px;
`;
