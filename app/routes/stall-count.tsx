import { parseWithZod } from "@conform-to/zod/v4";
import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/stall-count";
import { countPieces, piecesWhere } from "@db/queries/pieces";
import { findMarket } from "@db/queries/places";
import { countedLines, CrateCount } from "../features/sell/crate-count";
import { shown } from "../features/sell/ware-name";
import { wareKey } from "../features/sell/wares";
import { loadWares } from "../features/sell/wares.server";
import { LIST_FORM, once, openForm, refused } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
import { Button, ButtonLink, Page, PageHead, Row, Sheet, Small } from "../ui/basics";
import { WorkForm } from "../ui/form";
import { keepPage, taken } from "../ui/away";

export const meta: Route.MetaFunction = () => [{ title: "Count what is left · Lapka" }];

/** What lies in the crate, to be counted by whoever stands at the stall. Takings are the owner's. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const market = await findMarket(scope, params.id);
  if (!market || market.state !== "open") throw data(null, { status: 404 });
  const [{ wares }, crate] = await Promise.all([
    loadWares(scope, workshop),
    piecesWhere(scope, market.placeId),
  ]);
  return {
    market: { id: market.id, name: market.name },
    lines: crate.map(({ itemId, colourwayId, grade, quantity }) => {
      const ware = wares.find((w) => w.key === wareKey(itemId, colourwayId));
      return {
        itemId,
        colourwayId,
        grade,
        quantity,
        ware: ware ? shown(ware) : { key: "", label: "something deleted", picture: undefined },
      };
    }),
  };
}

const countSchema = (locale: string, currency: string) => z.object({ lines: countedLines(locale, currency) });

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => count(form, args.params.id, o));
}

async function count(form: FormData, marketId: string, { scope, workshop }: Opened) {
  const market = await findMarket(scope, marketId);
  if (!market) throw data(null, { status: 404 });
  if (market.state !== "open") return refused("This day is closed and counted already.", 409);
  const got = parseWithZod(form, { schema: countSchema(workshop.locale, workshop.currency) });
  if (got.status !== "success") return data(got.reply(), { status: 400 });
  const { lines } = got.value;
  await countPieces(scope, market.placeId, lines, `at ${market.name}`.slice(0, 200));
  return redirect(`/stall/${marketId}/count?counted=${lines.length}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function StallCount({ loaderData: { market, lines }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <PageHead>
        <h1>Count what is left</h1>
        <Small>{market.name}</Small>
        <ButtonLink to={`/stall/${market.id}`}>To the stall</ButtonLink>
      </PageHead>
      <WorkForm draft={`count ${market.id}`}>
        <Sheet $pad={false}>
          <CrateCount lines={lines} error={taken(actionData)?.error} />
          <Row style={{ padding: "10px 14px 14px" }}>
            <Button type="submit" $primary>
              Keep the count
            </Button>
            <Small>An empty field is as it should be. The owner closes the day.</Small>
          </Row>
        </Sheet>
      </WorkForm>
    </Page>
  );
}
