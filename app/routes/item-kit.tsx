import { mm, printMoney, type Minor } from "@core/units";
import { data, Link } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-kit";
import { listColourways } from "@db/queries/colourways";
import { findItem } from "@db/queries/items";
import { findKit, saveKit } from "@db/queries/kits";
import { analyseStored, loadSurroundings } from "../features/items/load.server";
import { errorsByField } from "../features/items/schema";
import { kitSchema } from "../features/kit/schema";
import { ContentsSheet } from "../features/kit/contents-sheet";
import { kitOf, windingList } from "../features/kit/kit.server";
import { OfferedSheet } from "../features/kit/offered-sheet";
import { offeredKits, offerKit, withdrawKit } from "../features/kit/offered.server";
import { KitSettings } from "../features/kit/kit-settings";
import { ReserveSheet } from "../features/kit/reserve-sheet";
import { ScaleSheet } from "../features/kit/scale-sheet";
import { WindingSheet } from "../features/kit/winding-sheet";
import { WoundSheet } from "../features/kit/wound-sheet";
import { dropWound, keepWound, woundOf } from "../features/kit/wound.server";
import { once, openForm } from "../server/form.server";
import { allBalls } from "../server/rows.server";
import { ownScale } from "../server/scale.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { Badge, ButtonLink, Page, PageHead, Sheet, SheetHead, Small, Stack, Columns } from "../ui/basics";
import { useReading } from "../ui/reading";
import { SwingTag } from "../ui/swing-tag";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Kit of ${loaderData?.name ?? "an item"} · Lapka` },
];

const USUAL_KITS = 12;

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { scope, workshop } = opened;
  const [entry, s, kit, balls, colourways] = await Promise.all([
    findItem(scope, params.id),
    loadSurroundings(scope, workshop),
    findKit(scope, params.id),
    allBalls(scope),
    listColourways(scope, { itemId: params.id }),
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
  const view = got.ok && got.value.piece.yarn.length > 0 ? kitOf(entry, got.value, s, kit) : undefined;
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
    offered: view ? await offeredKits(scope, entry, colourways, s) : [],
    colours: colourways.filter((c) => !c.asKit).map((c) => ({ id: c.id, name: c.name })),
    winding: view ? windingList(view, n, balls) : [],
    wound: await woundOf(opened, view, s),
    scale: ownScale() !== undefined,
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, async (o) => {
    const entry = await findItem(o.scope, args.params.id);
    if (!entry) throw data(null, { status: 404 });
    const intent = form.get("intent");
    if (intent === "offer" || intent === "withdraw") {
      const colourways = await listColourways(o.scope, { itemId: entry.item.id });
      return intent === "offer"
        ? offerKit(o, entry, colourways, form)
        : withdrawKit(o, entry.item.id, colourways, form);
    }
    if (intent === "wound") return keepWound(o, entry.item.id, form);
    if (intent === "unwound") return dropWound(o, form);
    const read = kitSchema(o.reading).safeParse(Object.fromEntries(form));
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
        winderMm: mm(k.winder),
      },
      k.seen ?? 0,
    );
    return { ok: true };
  });
}
export { unlessAway as shouldRevalidate } from "../ui/away";
export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);

export default function ItemKit({ loaderData: d, actionData }: Route.ComponentProps) {
  const answer = taken(actionData);
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
        <ButtonLink to={`/items/${d.id}/all.zip`} reloadDocument>
          Everything as a ZIP
        </ButtonLink>
        <ButtonLink to={`/items/${d.id}`}>Back to the item</ButtonLink>
      </PageHead>
      {d.view ? (
        <Columns>
          <Stack>
            <ContentsSheet view={d.view} />
            <OfferedSheet itemId={d.id} kits={d.offered} colours={d.colours} />
            <WindingSheet rows={d.winding} n={d.n} id={d.id} />
            <WoundSheet
              wound={d.wound}
              rows={d.winding}
              wrong={answer && "wound" in answer ? answer.wound : undefined}
            />
          </Stack>
          <Stack>
            <KitSettings kit={d.kit} key={d.kit.version} />
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
      <Small>at least, design not counted,</Small> <SwingTag>{printMoney(price as Minor, r)}</SwingTag>
    </span>
  );
}
