import { Download } from "lucide-react";
import { useState } from "react";
import { data, Link, useFetcher } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-paper";
import { batchNumber, listBatches } from "@db/queries/batches";
import { listColourways } from "@db/queries/colourways";
import { findItem, setItemUse } from "@db/queries/items";
import { BY_COUNTRY, checksOf, USES, USE_WORDS } from "@core/safety";
import { measuresOf } from "../features/figure/picture.server";
import { draftOf, openItem } from "../features/items/load.server";
import { OpenFiles } from "../features/paper/open-files";
import { PdfPreview } from "../features/paper/pdf-preview";
import { PrintLinks } from "../features/paper/print-links";
import { Choice, SheetFields, TagFields, tagErrors } from "../features/paper/sheet-fields";
import { SheetChoices } from "../features/paper/sheet-choices";
import { PrintLabels } from "../features/printer/print-labels";
import { ownPrinter } from "../features/printer/printer.server";
import { sendLabels } from "../features/printer/send-labels.server";
import { safetyFacts } from "../features/safety/facts";
import { SafetyChecks } from "../features/safety/safety-checks";
import { once, openForm } from "../server/form.server";
import { openWorkshop } from "../server/scope.server";
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
import { Select } from "../ui/field";
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
  if (form.get("intent") === "labels") return sendLabels(opened, form, args.params.id);
  return once(opened, form, async (o) => {
    const entry = await findItem(o.scope, args.params.id);
    if (!entry) throw data(null, { status: 404 });
    const read = useSchema.safeParse(Object.fromEntries(form));
    if (!read.success) return data({ errors: { use: read.error.issues[0]?.message } }, { status: 400 });
    await setItemUse(o.scope, entry.item.id, read.data.use);
    return { ok: true };
  });
}
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
            <OpenFiles itemId={d.id} colourway={asked.c} />
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
