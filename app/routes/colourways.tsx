import { Plus, SquarePen, TriangleAlert } from "lucide-react";
import { useState } from "react";
import { data, Link, redirect, useFetcher } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/colourways";
import { listColourways, saveColourway, setColourwayDeleted } from "@db/queries/colourways";
import { findItem } from "@db/queries/items";
import { madeStock } from "@db/queries/pieces";
import { howManyMore, substitutesFor } from "@core/planning";
import {
  minorDigits,
  parseLength,
  parseMoney,
  printMoney,
  printNumber,
  printTrimmed,
  quantityProblemText,
  micrometres,
} from "@core/units";
import { analyseStored, draftOf, inColourway, loadSurroundings } from "../features/items/load.server";
import { warningsOf, warningText } from "../features/items/colourways";
import { STRANDS } from "../features/items/materials-panel";
import { slotLabel } from "../features/items/needs-panel";
import { silhouetteOf } from "@core/item";
import { FigurePicture } from "../features/figure/figure-picture";
import { pictureMark, slotColours } from "../features/figure/picture.server";
import { colourOf, Silhouettes, type SlotColours } from "../features/figure/silhouette-view";
import { loadCupboard } from "../features/materials/load.server";
import { id as idField, name as nameField, seen } from "../forms";
import { once, openForm } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { Carried, Refusal } from "../ui/form";
import { Button, ButtonLink, Page, PageHead, Row, Sheet, Small, Stack } from "../ui/basics";
import { BinButton } from "../ui/bin-button";
import { Field, FieldGrid, Input, Select } from "../ui/field";
import { Range, ReasonFigure } from "../ui/figure";
import { FormFoot, Modal } from "../ui/modal";
import { useReading } from "../ui/reading";
import { SwingTag } from "../ui/swing-tag";
import { YarnDisc } from "../ui/yarn-disc";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Colourways of ${loaderData?.item.name ?? "an item"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [entry, s, colourways, cupboard, made] = await Promise.all([
    findItem(scope, params.id),
    loadSurroundings(scope, workshop),
    listColourways(scope, { itemId: params.id }).then((all) => all.filter((c) => !c.asKit)),
    loadCupboard(scope),
    madeStock(scope),
  ]);
  if (!entry) throw data(null, { status: 404 });
  const free = new Map(
    [...cupboard.onHand].map(([id, q]) => [id, Math.max(0, q - (cupboard.reserved.get(id) ?? 0))]),
  );
  const label = new Map([
    ...cupboard.yarns.map((y) => [y.id, `${y.shade}, ${y.name}`] as const),
    ...cupboard.notions.map((n) => [n.id, n.name] as const),
  ]);
  const yarnsById = new Map(s.yarns.map((y) => [y.id, y]));
  const dressings = await Promise.all(
    [undefined, ...colourways].map(async (c) => {
      const dressed = inColourway(entry, c);
      return { c, dressed, got: await analyseStored(dressed, s) };
    }),
  );
  const own = dressings[0]?.got;
  // Nothing can be said of its colours: its own page says why.
  if (!own?.ok) throw redirect(`/items/${params.id}`);
  const cards = dressings.flatMap(({ c, dressed, got }) => {
    if (!got.ok) return [];
    const a = got.value;
    const slots = draftOf(dressed.revision).slots;
    const more = howManyMore(a.needs, free);
    return {
      id: c?.id,
      version: c?.version ?? 0,
      name: c?.name ?? "As designed",
      ownPrice: c?.price ?? null,
      price: a.price,
      cost: a.cost.total,
      costLow: a.cost.low,
      costHigh: a.cost.high,
      slots,
      made: made.get(`${params.id}:${c?.id ?? ""}`) ?? 0,
      warnings: warningsOf(
        a.checked,
        slots,
        s.yarns,
        s.notions,
        dressed.revision.notions.map((n) => n.notionId),
      ).map(warningText),
      picture: {
        itemId: entry.item.id,
        colourwayId: c?.id,
        mark: pictureMark(dressed, slotColours(slots, yarnsById)),
      },
      more: {
        pieces: more.pieces,
        first: more.first.map((x) => label.get(x) ?? "something deleted"),
        each: more.each
          .slice(0, 8)
          .map((e) => ({ label: label.get(e.materialId) ?? "something deleted", pieces: e.pieces })),
      },
    };
  });
  return {
    item: { id: entry.item.id, name: entry.item.name },
    slots: own.value.piece.yarn.map((y) => y.slot),
    cards,
    shapes: own.value.piece.parts.slice(0, 6).map((p) => silhouetteOf(p)),
    ready: own.value.checked.sure,
    yarns: cupboard.yarns.map((y) => ({
      id: y.id,
      label: `${y.shade} (${y.name})`,
      colour: y.colour,
      weightClass: y.weightClass,
      metresPer100g: y.mmPer100g / 1000,
      freeMg: free.get(y.id) ?? 0,
    })),
  };
}

const MOST_SLOTS = 25;
const colourwaySchema = (currency: string, locale: string) =>
  z.object({
    id: idField.optional(),
    seen,
    name: nameField("Name it, such as “winter plumage”.").max(80, { error: "80 letters at most." }),
    price: z.string().transform((text, ctx) => {
      if (text.trim() === "") return null;
      const read = parseMoney(text, currency, locale);
      if (read.ok && read.value > 0 && read.value <= 100_000_000) return read.value;
      ctx.addIssue({
        code: "custom",
        message: read.ok ? "A price is above zero." : quantityProblemText(read.problem),
      });
      return z.NEVER;
    }),
    slots: z
      .array(
        z.object({
          slot: z.string().min(1).max(80),
          yarnId: z.union([idField, z.literal("")]),
          strands: z.string().transform(Number).pipe(z.number().min(0.2).max(6)),
          hook: z.string().transform((text, ctx) => {
            const read = parseLength(text, locale, "mm");
            if (read.ok && read.value >= 0.5 && read.value <= 30) return micrometres(read.value * 1000);
            ctx.addIssue({ code: "custom", message: "A hook is between 0.5 and 30 mm." });
            return z.NEVER;
          }),
        }),
      )
      .max(24)
      .refine((all) => new Set(all.map((x) => x.slot)).size === all.length, {
        error: "A colour slot stands here twice.",
      }),
  });

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => change(form, args.params.id, o));
}

async function change(form: FormData, itemId: string, { scope, workshop }: Opened) {
  if (form.get("intent") === "delete") {
    const id = form.get("id");
    if (typeof id !== "string" || !idField.safeParse(id).success) throw data(null, { status: 400 });
    await setColourwayDeleted(scope, id, true);
    return redirect(`/items/${itemId}/colourways?deleted=colourway:${id}`);
  }
  const slots = form.getAll("slot").slice(0, MOST_SLOTS);
  const lists = {
    yarnId: form.getAll("yarnId"),
    hook: form.getAll("hook"),
    strands: form.getAll("strands"),
  };
  const at = (name: keyof typeof lists, i: number) => lists[name][i] ?? "";
  const got = colourwaySchema(workshop.currency, workshop.locale).safeParse({
    id: form.get("id") ?? undefined,
    seen: form.get("seen") ?? undefined,
    name: form.get("name"),
    price: form.get("price") ?? "",
    slots: slots.map((slot, i) => ({
      slot,
      yarnId: at("yarnId", i),
      hook: at("hook", i),
      strands: at("strands", i),
    })),
  });
  if (!got.success)
    return data(
      {
        errors: Object.fromEntries(got.error.issues.map((i) => [i.path.join("."), i.message])) as Record<
          string,
          string
        >,
        done: undefined,
      },
      { status: 400 },
    );
  const { id, name, price, slots: read } = got.data;
  const saved = await saveColourway(
    scope,
    {
      id,
      itemId,
      name,
      price,
      slots: read
        .filter((s) => s.yarnId !== "")
        .map((s) => ({ slot: s.slot, yarnId: s.yarnId, hookUm: s.hook, strands: s.strands })),
    },
    got.data.seen,
  );
  if (!saved) throw data(null, { status: 404 });
  return data({ errors: {} as Record<string, string>, done: `${saved}:${scope.now.getTime()}` });
}

type LoaderData = Awaited<ReturnType<typeof loader>>;
type Card = LoaderData["cards"][number];
const coloursOf = (
  slots: readonly { slot: string; yarnId: string }[],
  yarns: LoaderData["yarns"],
): SlotColours =>
  Object.fromEntries(
    slots.map((s) => [s.slot, yarns.find((y) => y.id === s.yarnId)?.colour ?? colourOf({}, s.slot)]),
  );

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Colourways({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const [open, setOpen] = useState<Card | "new">();
  const base = d.cards[0];
  return (
    <Page>
      <PageHead>
        <h1>
          Colourways <Small>{d.item.name}</Small>
        </h1>
        <Button type="button" $primary onClick={() => setOpen("new")}>
          <Plus size={16} aria-hidden /> Colourway
        </Button>
        <ButtonLink to={`/items/${d.item.id}`}>Back to the item</ButtonLink>
      </PageHead>
      <Small>
        The same pattern in other yarns. Each has its own needs, price and stock; runs are planned by item and
        colourway.
      </Small>
      <Grid>
        {d.cards.map((c) => (
          <Sheet key={c.id ?? "own"} aria-label={c.name}>
            <Top>
              <h2>{c.name}</h2>
              <SwingTag>{printMoney(c.price, r)}</SwingTag>
              {c.id ? (
                <Row $gap={0}>
                  <Button
                    type="button"
                    $quiet
                    aria-label={`Change ${c.name}`}
                    title="Change"
                    onClick={() => setOpen(c)}
                  >
                    <SquarePen size={16} aria-hidden />
                  </Button>
                  <BinButton label={`Delete ${c.name}`} fields={{ id: c.id }} />
                </Row>
              ) : (
                <Link to={`/items/${d.item.id}`} aria-label="Change the item’s own colours">
                  <SquarePen size={16} aria-hidden />
                </Link>
              )}
            </Top>
            {d.shapes.length > 0 ? (
              <FigurePicture of={c.picture} name={`${d.item.name} in ${c.name}`} side={150} />
            ) : null}
            <Slots>
              {d.slots.map((slot) => {
                const s = c.slots.find((x) => x.slot === slot) ?? (slot === "main" ? c.slots[0] : undefined);
                const y = d.yarns.find((x) => x.id === s?.yarnId);
                return (
                  <li key={slot}>
                    <YarnDisc colour={y?.colour ?? "#b9c3c5"} name={y?.label ?? "no yarn"} size={20} />
                    <span>
                      {slotLabel(slot)}: {y?.label ?? "no yarn yet"}
                      {s && s.strands !== 1
                        ? `, ${STRANDS.find((o) => o.value === s.strands)?.label ?? s.strands} strands`
                        : ""}
                    </span>
                  </li>
                );
              })}
            </Slots>
            {c.warnings.map((w) => (
              <Warn key={w}>
                <TriangleAlert size={15} aria-hidden /> {w}
              </Warn>
            ))}
            <Facts>
              <div>
                <dt>Can be made now</dt>
                <dd>
                  <ReasonFigure
                    reason={{
                      label: `${c.name}: how many more`,
                      measure: "count",
                      value: c.more.pieces,
                      how: "free stock ÷ upper end of what one takes, the least of all",
                      parts: c.more.each.map((e) => ({
                        label: e.label,
                        measure: "count" as const,
                        value: e.pieces,
                      })),
                    }}
                  >
                    {c.more.pieces}
                  </ReasonFigure>
                </dd>
              </div>
              <div>
                <dt>Runs out first</dt>
                <dd>{c.more.first.length === 0 ? "nothing" : c.more.first.slice(0, 2).join("; ")}</dd>
              </div>
              <div>
                <dt>Costs</dt>
                <dd>
                  {printMoney(c.cost, r)} <Range low={c.costLow} high={c.costHigh} measure="minor" />
                </dd>
              </div>
              <div>
                <dt>Made, on the shelf</dt>
                <dd>{c.made}</dd>
              </div>
            </Facts>
          </Sheet>
        ))}
      </Grid>
      <Modal
        title={open === "new" ? `Another colourway of ${d.item.name}` : `Change ${open?.name ?? ""}`}
        open={open !== undefined}
        onClose={() => setOpen(undefined)}
      >
        {open && base ? (
          <ColourwayForm
            d={d}
            card={open === "new" ? { ...base, id: undefined, name: "", ownPrice: null } : open}
            onDone={() => setOpen(undefined)}
          />
        ) : null}
      </Modal>
    </Page>
  );
}

function ColourwayForm({ d, card, onDone }: { d: LoaderData; card: Card; onDone: () => void }) {
  const r = useReading();
  const fetcher = useFetcher<{ errors: Record<string, string>; done: string | undefined }>();
  const base = d.cards[0];
  const [slots, setSlots] = useState(() =>
    d.slots.map(
      (slot) =>
        card.slots.find((s) => s.slot === slot) ??
        base?.slots.find((s) => s.slot === slot) ?? {
          slot,
          yarnId: slot === "main" ? (card.slots[0]?.yarnId ?? "") : "",
          hookMm: card.slots[0]?.hookMm ?? 3,
          strands: 1,
        },
    ),
  );
  const [sent, setSent] = useState<string>();
  const done = fetcher.data?.done;
  if (done && done !== sent && fetcher.state === "idle") {
    setSent(done);
    onDone();
  }
  const errors = fetcher.data?.errors ?? {};
  const error = (path: string) => (errors[path] ? [errors[path]] : undefined);
  const digits = minorDigits(r.currency);
  return (
    <fetcher.Form method="post">
      <Carried />
      {card.id ? <input type="hidden" name="id" value={card.id} /> : null}
      {card.id ? <input type="hidden" name="seen" value={card.version} /> : null}
      <Stack>
        <Silhouettes
          parts={d.shapes}
          colours={coloursOf(slots, d.yarns)}
          height={120}
          label="How it will look"
        />
        <FieldGrid>
          <Field label="Name" name="name" hint="Such as “winter plumage”." errors={error("name")}>
            {(bind) => <Input {...bind} defaultValue={card.name} autoFocus autoComplete="off" />}
          </Field>
          <Field label="Price" name="price" hint="Empty: the item’s." errors={error("price")}>
            {(bind) => (
              <Input
                {...bind}
                defaultValue={
                  card.ownPrice === null ? "" : printNumber(card.ownPrice / 10 ** digits, digits, r.locale)
                }
                inputMode="decimal"
                autoComplete="off"
              />
            )}
          </Field>
        </FieldGrid>
        {slots.map((s, i) => {
          const yarn = d.yarns.find((y) => y.id === s.yarnId);
          const near = yarn ? substitutesFor(yarn, d.yarns).slice(0, 3) : [];
          return (
            <SlotRow key={s.slot}>
              <input type="hidden" name="slot" value={s.slot} />
              <YarnDisc colour={yarn?.colour ?? "#b9c3c5"} name={yarn?.label ?? "no yarn"} size={30} />
              <Field
                label={`Yarn for ${slotLabel(s.slot)}`}
                name="yarnId"
                hint={
                  near.length > 0 ? (
                    <>
                      near it:{" "}
                      {near.map((n, k) => (
                        <span key={n.id}>
                          {k > 0 ? ", " : ""}
                          <Near
                            type="button"
                            onClick={() =>
                              setSlots((all) => all.map((x, j) => (j === i ? { ...x, yarnId: n.id } : x)))
                            }
                          >
                            {d.yarns.find((y) => y.id === n.id)?.label}
                          </Near>
                        </span>
                      ))}
                    </>
                  ) : undefined
                }
              >
                {(bind) => (
                  <Select
                    {...bind}
                    value={s.yarnId}
                    onChange={(e) =>
                      setSlots((all) => all.map((x, j) => (j === i ? { ...x, yarnId: e.target.value } : x)))
                    }
                  >
                    <option value="">none yet</option>
                    {d.yarns.map((y) => (
                      <option key={y.id} value={y.id}>
                        {y.label}
                      </option>
                    ))}
                  </Select>
                )}
              </Field>
              <Field label="Hook, mm" name="hook" errors={error(`slots.${i}.hook`)}>
                {(bind) => (
                  <Input
                    {...bind}
                    defaultValue={printTrimmed(s.hookMm, 2, r.locale)}
                    inputMode="decimal"
                    autoComplete="off"
                  />
                )}
              </Field>
              <Field label="Strands" name="strands">
                {(bind) => (
                  <Select {...bind} defaultValue={String(s.strands)}>
                    {STRANDS.map((o) => (
                      <option key={o.value} value={o.value}>
                        {o.label}
                      </option>
                    ))}
                  </Select>
                )}
              </Field>
            </SlotRow>
          );
        })}
      </Stack>
      <FormFoot>
        <Button type="button" onClick={onDone}>
          Cancel
        </Button>
        <Button type="submit" $primary disabled={fetcher.state !== "idle"}>
          {card.id ? "Keep the changes" : "Add the colourway"}
        </Button>
      </FormFoot>
      <Refusal of={fetcher.data} />
    </fetcher.Form>
  );
}

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 340px), 1fr));
  gap: 16px;
  margin-top: 14px;
  align-items: start;
`;
const Top = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  margin-bottom: 10px;
  h2 {
    margin-right: auto;
  }
  > a {
    padding: 8px;
  }
`;
const Slots = styled.ul`
  list-style: none;
  margin: 12px 0;
  padding: 0;
  display: grid;
  gap: 5px;
  font-size: 14px;
  li {
    display: flex;
    gap: 8px;
    align-items: center;
  }
`;
const Warn = styled.p`
  display: flex;
  gap: 7px;
  align-items: flex-start;
  font-size: 13px;
  color: var(--warn);
  background: var(--warn-ground);
  padding: 6px 9px;
  border-radius: 3px;
  margin-bottom: 6px;
  svg {
    flex: none;
    margin-top: 2px;
  }
`;
const Facts = styled.dl`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 14px;
  margin: 10px 0 0;
  dt {
    font-size: 13px;
    color: var(--soft);
  }
  dd {
    margin: 0;
    font-weight: 600;
  }
`;
const SlotRow = styled.div`
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr) 70px 84px;
  gap: 6px 10px;
  align-items: start;
  > svg {
    margin-top: 23px;
  }
`;
const Near = styled.button`
  all: unset;
  color: var(--act);
  text-decoration: underline;
  cursor: pointer;
  &:focus-visible {
    outline: 3px solid var(--focus);
  }
`;
