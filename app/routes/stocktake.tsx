import { Check, Undo2 } from "lucide-react";
import { useEffect, useMemo, useRef, useState, useSyncExternalStore } from "react";
import styled from "styled-components";
import type { Route } from "./+types/stocktake";
import { ballSize } from "../features/materials/balls";
import { amountText } from "../features/materials/defaults";
import { MaterialsNav } from "../features/materials/nav";
import { NOTION_LABELS } from "../features/materials/kinds";
import { materialSchemas } from "../features/materials/schema";
import { openWorkshop } from "../server/scope.server";
import { refusalOf } from "../ui/away";
import { useWorkshopId } from "../ui/form";
import {
  Badge,
  Button,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  PlainTable,
  Row,
  Scroll,
  Sheet,
  Small,
  Stack,
} from "../ui/basics";
import { Choice } from "../ui/drawers";
import { Input } from "../ui/field";
import { useReading } from "../ui/reading";
import { YarnDisc } from "../ui/yarn-disc";
import type { StocktakeReply } from "./stocktake-post";
import { liveNotions, liveYarns } from "../server/rows.server";
import { allBalls, stockOnHand } from "../server/rows.server";

export const meta: Route.MetaFunction = () => [{ title: "Stocktake · Lapka" }];

const ROWS = 120;
const NO_PLACE = "-";

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const params = new URL(request.url).searchParams;
  const [yarns, notions, balls, onHand] = await Promise.all([
    liveYarns(scope),
    liveNotions(scope),
    allBalls(scope),
    stockOnHand(scope),
  ]);
  const byId = new Map(yarns.map((y) => [y.id, y]));
  const all = [
    ...balls.flatMap((b) => {
      const y = byId.get(b.yarnId);
      return y
        ? [
            {
              row: b.id,
              kind: "yarn" as const,
              id: y.id,
              ballId: b.id,
              unit: "mass" as const,
              place: b.place,
              name: `${y.shade}, ${y.name}`,
              about: `${b.state}${b.lot ? `, lot ${b.lot}` : ""}`,
              now: b.mg,
              colour: y.colour,
              size: ballSize(b, 28),
            },
          ]
        : [];
    }),
    ...notions.map((n) => ({
      row: n.id,
      kind: "notion" as const,
      id: n.id,
      ballId: undefined,
      unit: n.kind === "filling" ? ("mass" as const) : ("pieces" as const),
      place: n.place,
      name: n.name,
      about: NOTION_LABELS[n.kind],
      now: onHand.get(n.id) ?? 0,
      colour: undefined,
      size: 0,
    })),
  ];
  const places = [...new Set(all.map((x) => x.place))].sort((a, b) =>
    a === "" ? 1 : b === "" ? -1 : a.localeCompare(b),
  );
  const asked = params.get("place");
  const place = asked === NO_PLACE ? "" : (asked ?? undefined);
  const chosen = place === undefined ? all : all.filter((x) => x.place === place);
  // Through the cupboard drawer by drawer.
  chosen.sort((a, b) => places.indexOf(a.place) - places.indexOf(b.place));
  const pages = Math.max(1, Math.ceil(chosen.length / ROWS));
  const page = Math.min(pages, Math.max(1, Number(params.get("page")) || 1));
  return {
    places: places.map((p) => ({ place: p, count: all.filter((x) => x.place === p).length })),
    place,
    page,
    pages,
    total: all.length,
    rows: chosen.slice((page - 1) * ROWS, page * ROWS),
  };
}

type RowData = Awaited<ReturnType<typeof loader>>["rows"][number];
interface Typed {
  readonly text: string;
  readonly key: string;
  readonly state?: "sending" | "posted" | "away";
  readonly difference?: number;
  readonly error?: string;
}
const STORE = "lapka-stocktake";
const noStore = () => () => undefined;

/** What was typed and not posted yet, kept over reloads. */
function keptTyped(): Record<string, Typed> {
  try {
    return JSON.parse(sessionStorage.getItem(STORE) ?? "{}") as Record<string, Typed>;
  } catch {
    return {};
  }
}

export default function Stocktake({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const workshop = useWorkshopId();
  const [typed, setTyped] = useState<Record<string, Typed>>({});
  const schemas = useMemo(() => materialSchemas(r.locale, r.currency, r.system), [r]);
  const boxes = useRef(new Map<string, HTMLInputElement>());
  const live = useSyncExternalStore(
    noStore,
    () => true,
    () => false,
  );
  const [loaded, setLoaded] = useState(false);
  if (live && !loaded) {
    setLoaded(true);
    setTyped(keptTyped());
  }
  useEffect(() => {
    if (loaded)
      sessionStorage.setItem(
        STORE,
        JSON.stringify(
          Object.fromEntries(Object.entries(typed).filter(([, t]) => t.text !== "" && t.state !== "posted")),
        ),
      );
  }, [typed, loaded]);
  const change = (row: string, part: Partial<Typed>) =>
    setTyped((all) => ({ ...all, [row]: { text: "", key: crypto.randomUUID(), ...all[row], ...part } }));
  const send = async (x: RowData) => {
    const t = typed[x.row];
    if (!t || t.text.trim() === "" || t.state === "sending" || t.state === "posted") return;
    const read = (x.unit === "mass" ? schemas.countMass : schemas.countPieces).shape.onHand.safeParse(t.text);
    if (!read.success) return change(x.row, { error: read.error.issues.map((i) => i.message).join(" ") });
    change(x.row, { state: "sending", error: undefined });
    const body = new URLSearchParams({ workshop });
    for (const [k, v] of Object.entries({
      intent: "count",
      kind: x.kind,
      id: x.id,
      ballId: x.ballId ?? "",
      unit: x.unit,
      onHand: t.text,
      key: t.key,
    }))
      body.append(k, v);
    try {
      const answer = await fetch("/materials/stocktake/post", { method: "POST", body });
      const reply = (await answer.json()) as StocktakeReply;
      change(
        x.row,
        answer.ok
          ? { state: "posted", difference: reply.difference ?? 0 }
          : {
              state: undefined,
              error: reply.error ?? refusalOf(reply) ?? "This could not be posted. Try again.",
            },
      );
    } catch {
      change(x.row, {
        state: "away",
        error: "The server could not be reached. What you typed is kept; press Enter again later.",
      });
    }
  };
  const undo = async (x: RowData) => {
    const body = new URLSearchParams({ workshop, intent: "undo" });
    body.append("key", typed[x.row]?.key ?? "");
    const answer = await fetch("/materials/stocktake/post", { method: "POST", body }).catch(() => undefined);
    if (answer?.ok) setTyped((all) => ({ ...all, [x.row]: { text: "", key: crypto.randomUUID() } }));
    boxes.current.get(x.row)?.focus();
  };
  const step = (i: number, by: number) => {
    const next = d.rows[i + by];
    const box = next ? boxes.current.get(next.row) : undefined;
    box?.focus();
    box?.select();
  };
  const done = d.rows.filter((x) => typed[x.row]?.state === "posted").length;
  const link = (place: string | undefined, page = 1) =>
    `/materials/stocktake?${new URLSearchParams({ ...(place === undefined ? {} : { place: place || NO_PLACE }), ...(page > 1 ? { page: String(page) } : {}) }).toString()}`;
  return (
    <Page>
      <PageHead>
        <h1>Stocktake</h1>
        <Small>{d.rows.length === 0 ? "" : `${done} of ${d.rows.length} done here`}</Small>
      </PageHead>
      <MaterialsNav />
      {d.total === 0 ? (
        <Empty>
          <h2>Nothing to count yet</h2>
          <p>Put yarn, eyes and filling into the cupboard first; then go through it here with the scale.</p>
          <ButtonLink to="/materials" $primary>
            To the cupboard
          </ButtonLink>
        </Empty>
      ) : (
        <Stack $gap={14}>
          <Row>
            <Choice to={link(undefined)} aria-current={d.place === undefined ? "true" : undefined}>
              whole cupboard
            </Choice>
            {d.places.map((p) => (
              <Choice
                key={p.place}
                to={link(p.place)}
                aria-current={d.place === p.place ? "true" : undefined}
              >
                {p.place || "no place noted"} <Small>{p.count}</Small>
              </Choice>
            ))}
          </Row>
          <Small>
            Weigh or count, type, <kbd>Enter</kbd>: the difference is posted and the next row is yours.{" "}
            <kbd>↑</kbd> <kbd>↓</kbd> move without posting; an empty row is left as it is.
          </Small>
          <Sheet $pad={false} aria-label="Stocktake">
            <Scroll tabIndex={0} role="region" aria-label="Stocktake, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">What</th>
                    <th scope="col" className="minor">
                      Place
                    </th>
                    <th scope="col" className="num">
                      The book says
                    </th>
                    <th scope="col">There is</th>
                    <th scope="col">Difference</th>
                  </tr>
                </thead>
                <tbody>
                  {d.rows.map((x, i) => {
                    const t = typed[x.row];
                    const label = `${x.unit === "mass" ? "Weight" : "Number"} of ${x.name}, ${x.about}`;
                    return (
                      <tr key={x.row}>
                        <td>
                          <Named>
                            {x.colour ? (
                              <Disc>
                                <YarnDisc colour={x.colour} name={x.name} size={x.size} />
                              </Disc>
                            ) : null}
                            <span>
                              <b>{x.name}</b> <Small>{x.about}</Small>
                            </span>
                          </Named>
                        </td>
                        <td className="minor">{x.place || <Small>not noted</Small>}</td>
                        <td className="num">{amountText(x.now, x.unit, r)}</td>
                        <td>
                          <Box>
                            <Input
                              ref={(el) => {
                                if (el) boxes.current.set(x.row, el);
                                else boxes.current.delete(x.row);
                              }}
                              aria-label={label}
                              value={t?.text ?? ""}
                              inputMode="decimal"
                              autoComplete="off"
                              readOnly={t?.state === "posted"}
                              aria-invalid={t?.error ? true : undefined}
                              onChange={(e) =>
                                change(x.row, { text: e.target.value, error: undefined, state: undefined })
                              }
                              onKeyDown={(e) => {
                                if (e.key === "Enter") {
                                  e.preventDefault();
                                  void send(x);
                                  step(i, 1);
                                }
                                if (e.key === "ArrowDown") {
                                  e.preventDefault();
                                  step(i, 1);
                                }
                                if (e.key === "ArrowUp") {
                                  e.preventDefault();
                                  step(i, -1);
                                }
                              }}
                            />
                            <span aria-hidden>
                              {x.unit === "mass" ? (r.system === "metric" ? "g" : "oz") : ""}
                            </span>
                          </Box>
                        </td>
                        <td aria-live="polite">
                          {t?.state === "posted" ? (
                            <Row $gap={6}>
                              {t.difference === 0 ? (
                                <Badge $tone="good">
                                  <Check size={13} aria-hidden /> as the book says
                                </Badge>
                              ) : (
                                <b>
                                  {(t.difference ?? 0) > 0 ? "+" : "−"}
                                  {amountText(Math.abs(t.difference ?? 0), x.unit, r)}
                                </b>
                              )}
                              {t.difference === 0 ? null : (
                                <Button
                                  type="button"
                                  $quiet
                                  onClick={() => void undo(x)}
                                  aria-label={`Take back the count of ${x.name}`}
                                >
                                  <Undo2 size={15} aria-hidden />
                                </Button>
                              )}
                            </Row>
                          ) : t?.state === "sending" ? (
                            <Small>posting…</Small>
                          ) : t?.error ? (
                            <Wrong>{t.error}</Wrong>
                          ) : null}
                        </td>
                      </tr>
                    );
                  })}
                </tbody>
              </PlainTable>
            </Scroll>
          </Sheet>
          {d.pages > 1 ? (
            <Row>
              {d.page > 1 ? <ButtonLink to={link(d.place, d.page - 1)}>Back</ButtonLink> : null}
              <Small>
                page {d.page} of {d.pages}
              </Small>
              {d.page < d.pages ? (
                <ButtonLink to={link(d.place, d.page + 1)} $primary>
                  Next {ROWS}
                </ButtonLink>
              ) : null}
            </Row>
          ) : null}
        </Stack>
      )}
    </Page>
  );
}

const Named = styled.span`
  display: flex;
  gap: 10px;
  align-items: center;
`;
const Disc = styled.span`
  display: grid;
  place-items: center;
  width: 30px;
`;
const Box = styled.span`
  display: flex;
  gap: 6px;
  align-items: center;
  input {
    width: 110px;
    text-align: right;
  }
  input[readonly] {
    background: var(--sunk);
  }
`;
const Wrong = styled.span`
  color: var(--bad);
  font-size: 13px;
  font-weight: 560;
  max-width: 34ch;
  display: inline-block;
`;
