import { Download } from "lucide-react";
import { useState, type ReactNode } from "react";
import { data, Link, redirect, useFetcher } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-paper";
import { batchNumber, listBatches } from "@db/queries/batches";
import { listColourways } from "@db/queries/colourways";
import { findItem, setItemUse } from "@db/queries/items";
import { addPrintJob, openPrintJobs } from "@db/queries/printer";
import { BY_COUNTRY, checksOf, USES, USE_WORDS } from "@core/safety";
import { measuresOf } from "../features/figure/picture.server";
import { draftOf, openItem } from "../features/items/load.server";
import { tagSchema } from "../features/paper/choices";
import { PdfPreview } from "../features/paper/pdf-preview";
import { paperOf } from "../features/paper/paper.server";
import { PrintLinks } from "../features/paper/print-links";
import { SheetChoices } from "../features/paper/sheet-choices";
import { sheetTask } from "../features/paper/sheet-task.server";
import { PrintLabels } from "../features/printer/print-labels";
import { ownPrinter } from "../features/printer/printer.server";
import { safetyFacts } from "../features/safety/facts";
import { SafetyChecks } from "../features/safety/safety-checks";
import { once, openForm, refused } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
import { keepPage } from "../ui/away";
import {
  Button,
  ButtonLink,
  Page,
  PageHead,
  Row,
  Sheet,
  SheetHead,
  Small,
  Stack,
  Columns,
} from "../ui/basics";
import { Field, FieldGrid, Input, Select } from "../ui/field";
import { Carried, Refusal } from "../ui/form";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Paper for ${loaderData?.name ?? "an item"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const opened = await openItem(scope, workshop, params.id);
  if (!opened) throw data(null, { status: 404 });
  const { entry, got, surroundings: s } = opened;
  const draft = draftOf(entry.revision);
  const [[newest], colourways] = await Promise.all([
    listBatches(scope, { itemId: entry.item.id, limit: 1 }),
    listColourways(scope, { itemId: entry.item.id }),
  ]);
  const asked = new URL(request.url).searchParams;
  const counted = got.ok && got.value.piece.parts.length > 0;
  return {
    id: entry.item.id,
    name: entry.item.name,
    use: entry.item.useFor,
    counted,
    sure: got.ok && got.value.checked.sure,
    checks: counted
      ? checksOf(
          safetyFacts(
            entry.item.useFor,
            draft,
            got.value,
            await measuresOf(entry, got.value),
            s.yarns,
            s.notions,
          ),
        )
      : [],
    terms: workshop.terms,
    licence: workshop.licence !== "",
    batch: newest ? batchNumber(newest) : "",
    colours: colourways.map(({ id, name, asKit }) => ({ id, name, asKit })),
    first: {
      sheet: SHEETS.find(([n]) => n === asked.get("sheet"))?.[0],
      colour: colourways.find((c) => c.id === asked.get("c"))?.id ?? "",
    },
    printer: ownPrinter() !== undefined,
  };
}

const useSchema = z.object({
  intent: z.literal("use"),
  use: z.enum(USES, { error: "Choose one from the list." }),
});

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  if (form.get("intent") === "labels") return printLabels(opened, form, args.params.id);
  return once(opened, form, async (o) => {
    const entry = await findItem(o.scope, args.params.id);
    if (!entry) throw data(null, { status: 404 });
    const read = useSchema.safeParse(Object.fromEntries(form));
    if (!read.success) return data({ errors: { use: read.error.issues[0]?.message } }, { status: 400 });
    await setItemUse(o.scope, entry.item.id, read.data.use);
    return { ok: true };
  });
}
/** Draws the label as it will come out and hands it to the label printer, as often as she wants it. */
async function printLabels(opened: Opened, form: FormData, itemId: string) {
  const { count = "", ...wished } = Object.fromEntries(
    [...form].flatMap(([k, v]) => (LABEL_FIELDS.has(k) && typeof v === "string" && v !== "" ? [[k, v]] : [])),
  );
  const copies = tagSchema.safeParse({ count });
  if (!copies.success) return data({ refused: copies.error.issues[0]?.message }, { status: 400 });
  if ((await openPrintJobs(opened.scope)) >= MOST_WAITING)
    throw refused(`${MOST_WAITING} lots of labels wait already. Let them come out, or stop some.`, 409);
  const label = { ...wished, count: "1", paper: "ROLL" };
  const made = await sheetTask(opened.scope, opened.workshop, itemId, "tags", label);
  if (!made.ok) return data({ refused: made.why }, { status: made.status });
  const png = await paperOf({ ...made.task, as: "picture" });
  if (!png.ok) throw refused("The label could not be drawn. Nothing was printed; try it once more.", 503);
  return once(opened, form, async (o) => {
    await addPrintJob(o.scope, {
      title: made.name,
      itemId: made.itemId,
      copies: copies.data.count,
      png: png.value,
    });
    return redirect("/printer");
  });
}
const MOST_WAITING = 60;
const LABEL_FIELDS: ReadonlySet<string> = new Set(["count", "batch", "code", "codeText", "c"]);

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);

const SHEETS = [
  [
    "pattern",
    "Pattern sheet",
    "Materials, words used, every round with a box to tick and its bar, how it is put together, cautions.",
  ],
  [
    "position",
    "Position note",
    "Front, side and back, and where every eye and part goes in rounds, stitches and millimetres.",
  ],
  [
    "tags",
    "Swing tags",
    "Name, price, fibre, care, whom it is for, cautions and a code, many on a sheet with cut marks.",
  ],
] as const;
type SheetName = (typeof SHEETS)[number][0];

export default function ItemPaperRoute({ loaderData: d }: Route.ComponentProps) {
  const [sheet, setSheet] = useState<SheetName>(d.first.sheet ?? "pattern");
  const [colour, setColour] = useState(d.first.colour);
  const [wish, setWish] = useState<Record<string, string>>({ terms: d.terms });
  const [tag, setTag] = useState<Record<string, string>>({ count: "9", batch: d.batch });
  const [pages, setPages] = useState<number>();
  // A kit has labels of its own; what is made of it is the figure.
  const colours = d.colours.filter((c) => sheet === "tags" || !c.asKit);
  const asked = {
    ...(sheet === "tags" ? tag : wish),
    c: colours.some((c) => c.id === colour) ? colour : "",
  };
  const wrong = sheet === "tags" ? tagErrors(tag) : new Map<string, string>();
  const query = new URLSearchParams(Object.entries(asked).filter(([, v]) => v !== "")).toString();
  const url = `/items/${d.id}/paper/${sheet}.pdf${query === "" ? "" : `?${query}`}`;
  return (
    <Page>
      <PageHead>
        <h1>
          Paper <Small>{d.name}</Small>
        </h1>
        {d.counted ? (
          <ButtonLink to={`/items/${d.id}/all.zip`} reloadDocument>
            <Download size={17} aria-hidden /> Everything, ZIP
          </ButtonLink>
        ) : null}
        <ButtonLink to={`/items/${d.id}`}>Back to the item</ButtonLink>
      </PageHead>
      {!d.counted ? (
        <Sheet>
          <p>
            No round of this pattern is counted yet, so there is nothing to put on paper.{" "}
            <Link to={`/items/${d.id}`}>Write its first part.</Link>
          </p>
        </Sheet>
      ) : (
        <Columns $parts="minmax(0, 1fr) minmax(0, 1.15fr)">
          <Stack>
            <Sheet>
              <SheetHead>
                <h2>What to print</h2>
              </SheetHead>
              <SheetChoices sheets={SHEETS} value={sheet} onChange={setSheet} />
              {colours.length === 0 ? null : (
                <div style={{ marginBottom: 12 }}>
                  <Choice label="Of" name="c" value={asked} onChange={(_, v) => setColour(v)}>
                    <option value="">{d.name}, its own colours</option>
                    {colours.map((c) => (
                      <option key={c.id} value={c.id}>
                        {c.asKit ? `${c.name} (a kit: label for its bag)` : c.name}
                      </option>
                    ))}
                  </Choice>
                </div>
              )}
              {sheet === "tags" ? (
                <TagFields
                  value={tag}
                  errors={wrong}
                  onChange={(k, v) => setTag((t) => ({ ...t, [k]: v }))}
                />
              ) : (
                <SheetFields
                  value={wish}
                  onChange={(k, v) => setWish((w) => ({ ...w, [k]: v }))}
                  pattern={sheet === "pattern"}
                />
              )}
              {d.sure ? null : (
                <p role="note">
                  <Small>
                    The pattern has something to mend or to look at: the sheet shows it as it is written.
                  </Small>
                </p>
              )}
              {wrong.size > 0 ? null : sheet === "tags" && tag.paper === "ROLL" && d.printer ? (
                <PrintLabels wish={asked} url={url} />
              ) : (
                <PrintLinks url={url} pages={pages} />
              )}
              {sheet === "pattern" && !d.licence ? (
                <p>
                  <Small>
                    What stands at the end of the sheet, whose it is and what may be done with it, is written
                    in <Link to="/settings">Settings</Link>.
                  </Small>
                </p>
              ) : null}
            </Sheet>
            <Sheet>
              <SheetHead>
                <h2>Safety</h2>
              </SheetHead>
              <UseForm use={d.use} />
              <SafetyChecks checks={d.checks} countries={BY_COUNTRY} />
            </Sheet>
          </Stack>
          <PdfPreview
            url={wrong.size > 0 ? undefined : url}
            label={SHEETS.find(([n]) => n === sheet)?.[1] ?? ""}
            onPages={setPages}
          />
        </Columns>
      )}
    </Page>
  );
}

/** What is wrong with the wishes for tags, by field. */
function tagErrors(tag: Record<string, string>): Map<string, string> {
  const filled = Object.fromEntries(Object.entries(tag).filter(([, v]) => v !== ""));
  const read = tagSchema.safeParse(filled);
  return new Map(read.success ? [] : read.error.issues.map((i) => [String(i.path[0]), i.message]));
}

type Change = (key: string, value: string) => void;
const Choice = ({
  label,
  name,
  value,
  onChange,
  children,
}: {
  label: string;
  name: string;
  value: Record<string, string>;
  onChange: Change;
  children: ReactNode;
}) => (
  <Field label={label} name={name} errors={undefined}>
    {(bind) => (
      <Select {...bind} value={value[name] ?? ""} onChange={(e) => onChange(name, e.target.value)}>
        {children}
      </Select>
    )}
  </Field>
);

function SheetFields({
  value,
  onChange,
  pattern,
}: {
  value: Record<string, string>;
  onChange: Change;
  pattern: boolean;
}) {
  return (
    <FieldGrid $min={150}>
      <Choice label="Paper" name="paper" value={value} onChange={onChange}>
        <option value="">A4</option>
        <option value="LETTER">Letter</option>
        <option value="A6">A6 cards</option>
      </Choice>
      <Choice label="Type" name="large" value={value} onChange={onChange}>
        <option value="">Usual</option>
        <option value="1">Large</option>
      </Choice>
      {pattern ? (
        <>
          <Choice label="Stitch names" name="terms" value={value} onChange={onChange}>
            <option value="us">US</option>
            <option value="uk">UK</option>
          </Choice>
          <Choice label="Round label" name="label" value={value} onChange={onChange}>
            <option value="">Rnd 3:</option>
            <option value="Round">Round 3:</option>
            <option value="R">R3:</option>
          </Choice>
          <Choice label="Repeats" name="brackets" value={value} onChange={onChange}>
            <option value="">(sc, inc) × 6</option>
            <option value="square">[sc, inc] × 6</option>
            <option value="stars">*sc, inc* repeat</option>
          </Choice>
          <Choice label="Totals" name="total" value={value} onChange={onChange}>
            <option value="">(18)</option>
            <option value="square">[18]</option>
            <option value="equals">= 18</option>
            <option value="words">18 sts</option>
          </Choice>
        </>
      ) : null}
    </FieldGrid>
  );
}

function TagFields({
  value,
  errors,
  onChange,
}: {
  value: Record<string, string>;
  errors: ReadonlyMap<string, string>;
  onChange: Change;
}) {
  const text = (label: string, name: string, hint?: string) => (
    <Field
      label={label}
      name={name}
      hint={hint}
      errors={errors.has(name) ? [errors.get(name) ?? ""] : undefined}
    >
      {(bind) => (
        <Input
          {...bind}
          value={value[name] ?? ""}
          autoComplete="off"
          onChange={(e) => onChange(name, e.target.value)}
        />
      )}
    </Field>
  );
  return (
    <FieldGrid $min={150}>
      {text("How many", "count")}
      <Choice label="Paper" name="paper" value={value} onChange={onChange}>
        <option value="">A4, nine a sheet</option>
        <option value="LETTER">Letter</option>
        <option value="ROLL">Label roll, 52 × 88 mm</option>
      </Choice>
      {text("Batch", "batch", "The newest that was looked at; finds its lots again.")}
      <Choice label="Code" name="code" value={value} onChange={onChange}>
        <option value="">QR</option>
        <option value="ean">EAN-13</option>
        <option value="code128">Code 128</option>
        <option value="none">None</option>
      </Choice>
      {value.code === "none"
        ? null
        : text(
            "The code says",
            "codeText",
            value.code === "ean" ? "12 or 13 figures." : "Empty: maker, item, batch.",
          )}
    </FieldGrid>
  );
}

/** Whom the item is sold for: kept at once. */
function UseForm({ use }: { use: string }) {
  const fetcher = useFetcher<typeof action>();
  return (
    <fetcher.Form method="post">
      <Carried />
      <input type="hidden" name="intent" value="use" />
      <Row>
        <label htmlFor="use">Sold as</label>
        <Select id="use" name="use" key={use} defaultValue={use} style={{ width: "auto" }}>
          {USES.map((u) => (
            <option key={u} value={u}>
              {USE_WORDS[u]}
            </option>
          ))}
        </Select>
        <Button type="submit">Look again</Button>
      </Row>
      <Refusal of={fetcher.data} />
    </fetcher.Form>
  );
}
