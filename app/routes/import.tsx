import { milligrams, minor, micrometres } from "@core/units";
import { Download } from "lucide-react";
import { data, redirect } from "react-router";
import type { Route } from "./+types/import";
import { importMaterials, listImports, undoImport, type ImportYarn } from "@db/queries/imports";
import { listNotions, listYarns } from "@db/queries/materials";
import { asBalls } from "@core/planning";
import { BringIn, BroughtInList } from "../features/import/bring-in";
import { importSchema, broughtIn } from "../features/import/import.server";
import { readTable } from "../features/import/table";
import {
  IMPORT_FIELDS,
  readRows,
  type ImportRow,
  type Mapping,
  MOST_BALLS_A_FILE,
} from "../features/materials/import";
import { MaterialsNav } from "../features/materials/nav";
import { NOTION_LABELS } from "../features/materials/kinds";
import { FILE_FORM, once, openForm } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { ButtonLink, Page, PageHead, Row, Sheet, SheetHead, Stack } from "../ui/basics";

export const meta: Route.MetaFunction = () => [{ title: "Bring in, take out · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  return { imports: broughtIn(await listImports(scope), scope.zone) };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, FILE_FORM);
  return once(opened, form, (o) => bring(form, o));
}

async function bring(form: FormData, { scope, workshop }: Opened) {
  if (form.get("intent") === "undo") {
    const id = form.get("id");
    if (typeof id === "string" && /^[0-9a-f-]{36}$/.test(id)) await undoImport(scope, id);
    return redirect("/materials/import");
  }
  const got = importSchema(Object.keys(IMPORT_FIELDS)).safeParse({
    ...Object.fromEntries(form),
    onlyGood: form.get("onlyGood") ?? undefined,
  });
  if (!got.success)
    return data({ error: "The file could not be sent whole. Choose it again." }, { status: 400 });
  // The server reads the file itself: what the page showed is not taken on trust.
  const read = readTable(got.data.text);
  if (!read.ok) return data({ error: read.why }, { status: 400 });
  const { good, problems } = readRows(read.table, got.data.mapping as Mapping, {
    locale: workshop.locale,
    currency: workshop.currency,
    system: workshop.units,
  });
  if (problems.length > 0 && got.data.onlyGood !== "on")
    return data(
      {
        error: `${new Set(problems.map((p) => p.line)).size} rows cannot be brought in. Agree to leave them out, or mend the file.`,
      },
      { status: 400 },
    );
  if (good.length === 0) return data({ error: "No row can be brought in as it is." }, { status: 400 });
  const [yarns, notions] = await Promise.all([listYarns(scope), listNotions(scope)]);
  const key = (name: string, shade: string) => `${name.toLowerCase()}\u0000${shade.toLowerCase()}`;
  const knownYarn = new Map(yarns.map((y) => [key(y.name, y.shade), y.id]));
  const knownNotion = new Map(notions.map((n) => [n.name.toLowerCase(), n.id]));
  const byYarn = new Map<string, ImportYarn & { balls: ImportYarn["balls"][number][] }>();
  for (const row of good.filter((x) => x.kind === "yarn")) {
    const k = key(row.name, row.shade);
    const entry = byYarn.get(k) ?? {
      name: row.name,
      shade: row.shade,
      colour: row.colour,
      fibre: row.fibre,
      weightClass: row.weightClass,
      hookUm: micrometres(row.hookUm),
      mmPer100g: row.mmPer100g,
      ballMg: milligrams(row.packSize),
      ballPrice: minor(row.packPrice),
      care: row.care,
      existing: knownYarn.get(k),
      balls: [],
    };
    // One row for several lots of a shade is the same yarn with more balls.
    for (const mg of asBalls(row.onHand, row.packSize))
      entry.balls.push({
        lot: row.lot,
        scrap: false,
        place: row.place,
        fullMg: milligrams(row.packSize),
        price: minor(row.packPrice),
        mg: milligrams(mg),
      });
    byYarn.set(k, entry);
  }
  const balls = [...byYarn.values()].reduce((n, y) => n + y.balls.length, 0);
  if (balls > MOST_BALLS_A_FILE)
    return data(
      {
        error: `The file comes to ${balls} balls, and ${MOST_BALLS_A_FILE} go at once. Are the weights in the right unit? If they are, bring it in by parts.`,
      },
      { status: 400 },
    );
  const byNotion = new Map<string, ReturnType<typeof notionOf>>();
  for (const row of good.filter((x) => x.kind !== "yarn")) {
    const k = row.name.toLowerCase();
    const before = byNotion.get(k);
    byNotion.set(
      k,
      before ? { ...before, onHand: before.onHand + row.onHand } : notionOf(row, knownNotion.get(k)),
    );
  }
  await importMaterials(
    scope,
    {
      id: got.data.id,
      fileName: got.data.fileName.slice(0, 160),
      rows: good.length,
      skipped: read.table.rows.length - good.length,
    },
    [...byYarn.values()],
    [...byNotion.values()],
  );
  return redirect("/materials/import");
}

const notionOf = (row: ImportRow, existing: string | undefined) => ({
  kind: row.kind as keyof typeof NOTION_LABELS,
  name: row.name,
  sizeUm: row.sizeUm === undefined ? null : micrometres(row.sizeUm),
  colour:
    /^#[0-9a-f]{6}$/i.test(row.colour) && (row.kind === "eye" || row.kind === "nose" || row.kind === "bead")
      ? row.colour
      : null,
  packSize: row.packSize,
  packPrice: minor(row.packPrice),
  place: row.place,
  existing,
  onHand: row.onHand,
});

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Import({ loaderData: d, actionData: answered }: Route.ComponentProps) {
  const actionData = taken(answered);
  return (
    <Page>
      <PageHead>
        <h1>Bring in, take out</h1>
      </PageHead>
      <MaterialsNav />
      <Stack $gap={18}>
        <BringIn
          imports={d.imports}
          kind="materials"
          known={NOTHING_ELSE}
          fields={IMPORT_FIELDS}
          error={actionData?.error}
          hint="Commas, semicolons or tabs; decimal commas or points. Each row a yarn with its shade, or a pack. A heading such as: name; shade; m per 100 g; ball; price; on hand; lot; place."
          foot="A yarn of the same name and shade gets more balls; it is not made twice."
        />
        <BroughtInList imports={d.imports} />
        <Sheet aria-labelledby="out-title">
          <SheetHead>
            <h2 id="out-title">Take out</h2>
          </SheetHead>
          <Row>
            {[
              ["/materials.csv", "Materials, CSV"],
              ["/materials/balls.csv", "Balls, CSV"],
              ["/materials/moves.csv", "Stock book, CSV"],
              ["/materials/suppliers.csv", "Suppliers, CSV"],
              ["/materials/everything.json", "All of it, JSON"],
            ].map(([to, label]) => (
              <ButtonLink key={to} to={to ?? ""} reloadDocument>
                <Download size={16} aria-hidden /> {label}
              </ButtonLink>
            ))}
          </Row>
        </Sheet>
      </Stack>
    </Page>
  );
}

/** A cupboard's file stands by itself. */
const NOTHING_ELSE = { items: [], hands: [], today: "" };
