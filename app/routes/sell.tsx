import { parseWithZod } from "@conform-to/zod/v4";
import { useState } from "react";
import { data, Link, redirect, useSearchParams } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/sell";
import {
  carryPieces,
  countPieces,
  mustOwnPieces,
  pieceBook,
  postPieces,
  undoPieceMove,
} from "@db/queries/pieces";
import { bringMore, removePlace, savePlace } from "@db/queries/places";
import { transact } from "@db/scope";
import { PlacesPanel } from "../features/sell/places-panel";
import { placeSchema, shelfSchema } from "../features/sell/schema";
import { Bar } from "../features/sell/bar";
import { SellNav } from "../features/sell/nav";
import { shown, WareName } from "../features/sell/ware-name";
import { HOME, MOVE_WORDS, wareKey } from "../features/sell/wares";
import { allPieces, allPlaces, lastSales, loadWares, promisedByWare } from "../features/sell/wares.server";
import { id } from "../forms";
import { LIST_FORM, once, openForm, refused } from "../server/form.server";
import { dayOf, openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { WorkForm } from "../ui/form";
import {
  Button,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  PlainTable,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { printDay } from "../ui/days";
import { Input, Select } from "../ui/field";
import { useReading } from "../ui/reading";
import { TakeBack } from "../ui/take-back";
import { useDrawn } from "../ui/use-drawn";

export const meta: Route.MetaFunction = () => [{ title: "Shelf · Lapka" }];

const SOLD_DAYS = 30;
const BOOK = 25;

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const since = dayOf(new Date(scope.now.getTime() - SOLD_DAYS * 86_400_000), scope.zone);
  const [{ wares, channels }, promised, places, pieces, sales, book] = await Promise.all([
    loadWares(scope, workshop),
    promisedByWare(scope),
    allPlaces(scope),
    allPieces(scope),
    lastSales(scope, since),
    pieceBook(scope, BOOK),
  ]);
  const label = new Map(wares.map((w) => [w.key, w.label]));
  const sold = new Map<string, number>();
  for (const s of sales) {
    const key = wareKey(s.itemId, s.colourwayId);
    sold.set(key, (sold.get(key) ?? 0) + s.quantity);
  }
  const rows = wares.flatMap((w) =>
    (["good", "second"] as const).flatMap((grade) => {
      const at = pieces.filter(
        (p) => p.itemId === w.itemId && p.colourwayId === w.colourwayId && p.grade === grade,
      );
      if (grade === "second" && at.length === 0) return [];
      return [
        {
          ...shown(w),
          id: `${w.key}:${grade}`,
          itemId: w.itemId,
          colourwayId: w.colourwayId,
          grade,
          at: Object.fromEntries(at.map((p) => [p.placeId, p.quantity])),
          all: at.reduce((s, p) => s + p.quantity, 0),
          promised: grade === "good" ? (promised.get(w.key) ?? 0) : 0,
          sold: grade === "good" ? (sold.get(w.key) ?? 0) : 0,
        },
      ];
    }),
  );
  return {
    today: todayOf(scope),
    rows: rows.sort((a, b) => Number(b.all !== 0) - Number(a.all !== 0)),
    places: places.map((p) => ({
      id: p.id,
      name: p.name,
      kind: p.kind,
      channelId: p.channelId,
      holds: p.holds,
      version: p.version,
      there: pieces.filter((x) => x.placeId === p.id).reduce((s, x) => s + x.quantity, 0),
    })),
    channels: channels.map((c) => ({ id: c.id, name: c.name })),
    book: book.map((m) => ({
      id: m.id,
      on: dayOf(m.at, scope.zone),
      kind: m.kind,
      label: `${label.get(wareKey(m.itemId, m.colourwayId)) ?? "something deleted"}${m.grade === "second" ? ", second" : ""}`,
      place: m.placeId,
      quantity: m.quantity,
      note: m.kind === "undone" ? (MOVE_WORDS[m.note] ?? m.note) : m.note,
      settled: m.takenBack || m.kind === "undone" || m.kind === "sold",
      struck: m.takenBack,
    })),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => change(form, o));
}

async function change(form: FormData, { scope, workshop }: Opened) {
  switch (form.get("intent")) {
    case "move":
      return move(form, scope, workshop);
    case "place": {
      const got = parseWithZod(form, { schema: placeSchema });
      if (got.status !== "success") return data({ place: got.reply() }, { status: 400 });
      const { seen: version, channelId, intent: _i, ...content } = got.value;
      await savePlace(scope, { ...content, channelId: channelId ?? null }, version);
      return redirect("/sell?saved=place#places");
    }
    case "delete-place": {
      const own = z.object({ id }).safeParse(Object.fromEntries(form));
      if (!own.success) throw data(null, { status: 400 });
      if (!(await removePlace(scope, own.data.id)))
        throw refused("Something is still there. Carry it elsewhere first, then take the place away.", 409);
      return redirect(`/sell?deleted=place:${own.data.id}#places`);
    }
    case "undo-move": {
      const own = z.object({ id }).safeParse(Object.fromEntries(form));
      if (!own.success) throw data(null, { status: 400 });
      await undoPieceMove(scope, own.data.id);
      return data({ undone: own.data.id });
    }
    default:
      throw data(null, { status: 400 });
  }
}

async function move(form: FormData, scope: Opened["scope"], workshop: Opened["workshop"]) {
  const got = parseWithZod(form, { schema: shelfSchema(workshop.locale, workshop.currency) });
  if (got.status !== "success") return data({ move: got.reply() }, { status: 400 });
  const { from, what, note = "", lines } = got.value;
  const named = lines.flatMap((l) => (l.quantity === undefined ? [] : [{ ...l, quantity: l.quantity }]));
  const pieces = what === "counted" ? named : named.filter((l) => l.quantity > 0);
  if (pieces.length === 0)
    return data(
      { move: got.reply({ fieldErrors: { lines: ["Write beside at least one piece how many."] } }) },
      { status: 400 },
    );
  if (what.startsWith("to:")) {
    const to = what.slice(3);
    if (to === from)
      return data(
        { move: got.reply({ fieldErrors: { what: ["They are there already: choose another place."] } }) },
        { status: 400 },
      );
    await transact(scope, async (tx) => {
      await carryPieces(tx, pieces, { from, to, note });
      await bringMore(tx, to, pieces);
      await bringMore(
        tx,
        from,
        pieces.map((p) => ({ ...p, quantity: -p.quantity })),
      );
    });
  } else if (what === "counted") await countPieces(scope, from, pieces, note);
  else {
    await mustOwnPieces(scope, pieces, [from]);
    await postPieces(
      scope,
      pieces.map((p) => ({
        ...p,
        kind: what as "given" | "lost" | "unravelled",
        placeId: from,
        quantity: -p.quantity,
        note,
      })),
    );
  }
  return redirect("/sell?saved=move");
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Shelf({ loaderData, actionData: answered }: Route.ComponentProps) {
  const r = useReading();
  const actionData = taken(answered);
  const [params] = useSearchParams();
  const drawn = useDrawn(Infinity);
  const { rows, places } = loaderData;
  const [from, setFrom] = useState("");
  const [what, setWhat] = useState(places[0] ? `to:${places[0].id}` : "counted");
  const wrong = actionData && "move" in actionData ? actionData.move.error : undefined;
  const nameOf = (place: string) =>
    place === "" ? HOME : (places.find((p) => p.id === place)?.name ?? "elsewhere");
  const counting = what === "counted";
  if (rows.length === 0)
    return (
      <Page>
        <PageHead>
          <h1>Shelf</h1>
        </PageHead>
        <SellNav />
        <Empty>
          <h2>Here stands what is finished</h2>
          <p>
            Make an item and a run of it. When its pieces are inspected they come here, from here they go into
            the crate or onto a shop’s shelf, and what they sell tells you what to make next.
          </p>
          <ButtonLink to="/items/new" $primary>
            Make the first item
          </ButtonLink>
        </Empty>
      </Page>
    );
  return (
    <Page>
      <PageHead>
        <h1>Shelf</h1>
        {params.get("saved") ? <Small role="status">saved</Small> : null}
        <ButtonLink to="/sell/next" $primary>
          What to make next
        </ButtonLink>
      </PageHead>
      <SellNav />
      <Stack $gap={18}>
        <WorkForm key={`${params.toString()} ${loaderData.book[0]?.id ?? ""}`}>
          <input type="hidden" name="intent" value="move" />
          <Sheet $pad={false} aria-labelledby="shelf-title">
            <SheetHead style={{ padding: "12px 14px 0" }}>
              <h2 id="shelf-title">Finished pieces, by place</h2>
            </SheetHead>
            <Noted>
              <label>
                <span>From</span>
                <Select name="from" value={from} onChange={(e) => setFrom(e.target.value)}>
                  <option value="">{HOME}</option>
                  {places.map((p) => (
                    <option key={p.id} value={p.id}>
                      {p.name}
                    </option>
                  ))}
                </Select>
              </label>
              <label>
                <span>What</span>
                <Select name="what" value={what} onChange={(e) => setWhat(e.target.value)}>
                  {[{ id: "", name: HOME }, ...places]
                    .filter((p) => p.id !== from)
                    .map((p) => (
                      <option key={p.id} value={`to:${p.id}`}>
                        carry to {p.name}
                      </option>
                    ))}
                  <option value="counted">count: this is what is there</option>
                  <option value="given">given away</option>
                  <option value="lost">lost or stolen</option>
                  <option value="unravelled">unravelled</option>
                </Select>
              </label>
              <label className="note">
                <span>Note</span>
                <Input name="note" maxLength={120} autoComplete="off" />
              </label>
              <Button type="submit">
                {counting
                  ? "Keep the count"
                  : what.startsWith("to:")
                    ? "Carry them"
                    : "Take them off the shelf"}
              </Button>
            </Noted>
            {wrong ? (
              <Wrong role="alert">
                {[...new Set(Object.values(wrong).flatMap((e) => e ?? []))].join(" ")}
              </Wrong>
            ) : null}
            <Scroll tabIndex={0} role="region" aria-label="Finished pieces, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Piece</th>
                    <th scope="col" className="num" data-from={from === "" || undefined}>
                      {HOME}
                    </th>
                    {places.map((p) => (
                      <th key={p.id} scope="col" className="num" data-from={from === p.id || undefined}>
                        {p.name}
                      </th>
                    ))}
                    <th scope="col" className="num minor">
                      Together
                    </th>
                    <th scope="col" className="num minor">
                      Sold in {SOLD_DAYS} days
                    </th>
                    <th scope="col" className="num">
                      {counting ? `There are, at ${nameOf(from)}` : "How many"}
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {rows.slice(0, drawn).map((row, i) => (
                    <tr key={row.id}>
                      <td>
                        <WareName ware={row} {...(row.grade === "second" ? { note: "seconds" } : {})} />
                        <input type="hidden" name={`lines[${i}].itemId`} value={row.itemId} />
                        <input type="hidden" name={`lines[${i}].colourwayId`} value={row.colourwayId} />
                        <input type="hidden" name={`lines[${i}].grade`} value={row.grade} />
                      </td>
                      {["", ...places.map((p) => p.id)].map((p) => (
                        <td key={p} className="num">
                          <Count n={row.at[p] ?? 0} from={p === from} />
                        </td>
                      ))}
                      <td className="num minor">
                        <b>{row.all || "—"}</b>
                        {row.promised > 0 ? (
                          <>
                            <br />
                            <Small>{row.promised} promised</Small>
                          </>
                        ) : null}
                      </td>
                      <td className="num minor">{row.sold || "—"}</td>
                      <td className="num">
                        <Input
                          name={`lines[${i}].quantity`}
                          aria-label={`How many ${row.label}${row.grade === "second" ? ", seconds" : ""}`}
                          inputMode="numeric"
                          autoComplete="off"
                          placeholder={counting ? String(row.at[from] ?? 0) : ""}
                          style={{ width: 74, textAlign: "right" }}
                        />
                      </td>
                    </tr>
                  ))}
                </tbody>
                <tfoot>
                  <tr>
                    <th scope="row">Together</th>
                    {["", ...places.map((p) => p.id)].map((p) => (
                      <td key={p} className="num">
                        <b>{rows.reduce((s, x) => s + (x.at[p] ?? 0), 0)}</b>
                      </td>
                    ))}
                    <td className="num minor">
                      <b>{rows.reduce((s, x) => s + x.all, 0)}</b>
                    </td>
                    <td className="num minor">{rows.reduce((s, x) => s + x.sold, 0)}</td>
                    <td />
                  </tr>
                </tfoot>
              </PlainTable>
            </Scroll>
            {rows.some((row) => Object.values(row.at).some((n) => n < 0)) ? (
              <Wrong role="note">
                A number below nothing: more went out than came in. Count what is there, and the book is right
                again.
              </Wrong>
            ) : null}
          </Sheet>
        </WorkForm>
        <PlacesPanel
          places={places}
          channels={loaderData.channels}
          changing={places.find((p) => p.id === params.get("place"))}
          wrong={actionData && "place" in actionData ? actionData.place : undefined}
        />
        <Sheet $pad={false} aria-labelledby="book-title">
          <SheetHead style={{ padding: "12px 14px 0" }}>
            <h2 id="book-title">The last moves</h2>
            <Link to="/sell/lots">where a lot went</Link>
          </SheetHead>
          <Scroll tabIndex={0} role="region" aria-label="The last moves, table">
            <PlainTable>
              <thead>
                <tr>
                  <th scope="col">Day</th>
                  <th scope="col">Piece</th>
                  <th scope="col">Move</th>
                  <th scope="col">Place</th>
                  <th scope="col" className="num">
                    Pieces
                  </th>
                  <th scope="col">
                    <span className="sr">Undo</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {loaderData.book.map((m) => (
                  <tr
                    key={m.id}
                    style={m.struck ? { textDecoration: "line-through", color: "var(--soft)" } : undefined}
                  >
                    <td style={{ whiteSpace: "nowrap" }}>{printDay(m.on, r.locale)}</td>
                    <td>{m.label}</td>
                    <td>
                      {MOVE_WORDS[m.kind]} {m.note ? <Small>{m.note}</Small> : null}
                    </td>
                    <td>{nameOf(m.place)}</td>
                    <td className="num">{m.quantity > 0 ? `+${m.quantity}` : `−${-m.quantity}`}</td>
                    <td className="num">
                      {m.settled ? null : (
                        <TakeBack action="/sell" fields={{ intent: "undo-move", id: m.id }} label={m.label} />
                      )}
                    </td>
                  </tr>
                ))}
                {loaderData.book.length === 0 ? (
                  <tr>
                    <td colSpan={6}>Nothing was made or moved yet.</td>
                  </tr>
                ) : null}
              </tbody>
            </PlainTable>
          </Scroll>
        </Sheet>
      </Stack>
    </Page>
  );
}

function Count({ n, from }: { n: number; from: boolean }) {
  if (n === 0) return <Small>·</Small>;
  return <span style={{ fontWeight: from ? 640 : 400, color: n < 0 ? "var(--bad)" : undefined }}>{n}</span>;
}

const Noted = styled(Bar)`
  .note {
    flex: 1 1 120px;
    max-width: 260px;
  }
`;
const Wrong = styled.p`
  padding: 0 14px 10px;
  color: var(--bad);
  font-weight: 560;
`;
