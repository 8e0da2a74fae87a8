import type { Route } from "./+types/sell-several";
import { makingOf } from "@core/costing";
import { Outrights } from "../features/sell/outright-sheet";
import { SellNav } from "../features/sell/nav";
import { TogetherSheet } from "../features/sell/together-sheet";
import { shown } from "../features/sell/ware-name";
import { loadWares, allPrices, priceListOf } from "../features/sell/wares.server";
import { channelView, sellingFrom } from "../features/items/load.server";
import { openWorkshop } from "../server/scope.server";
import { ButtonLink, Empty, Page, PageHead, Stack } from "../ui/basics";

export const meta: Route.MetaFunction = () => [{ title: "Several together · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [{ wares, channels, wage }, history] = await Promise.all([
    loadWares(scope, workshop),
    allPrices(scope),
  ]);
  const priceOf = priceListOf(history);
  const views = channels.map(channelView);
  return {
    wage,
    margin: workshop.marginBp / 10_000,
    points: workshop.pricePoints.split(",").filter(Boolean).map(Number),
    channels: views,
    pieces: wares.map((w) => {
      const { piece, cost } = w.analysed.analysis;
      const selling = sellingFrom(channels, null, w.analysed.entry.item);
      return {
        ...shown(w),
        // Of each piece’s own cost the wage is a rounded amount: several are reckoned at the wage itself.
        making: {
          ...makingOf(cost, piece.seconds.value, selling),
          wagePerHour: workshop.wagePerHour,
          overheadPerHour: workshop.overheadPerHour,
        },
        prices: Object.fromEntries(channels.map((c) => [c.id, priceOf(w, c.id)])),
      };
    }),
  };
}
export type SeveralData = Awaited<ReturnType<typeof loader>>;

export default function Several({ loaderData }: Route.ComponentProps) {
  return (
    <Page>
      <PageHead>
        <h1>Several together</h1>
      </PageHead>
      <SellNav />
      {loaderData.pieces.length === 0 || loaderData.channels.length === 0 ? (
        <Empty>
          <h2>First an item</h2>
          <p>What three of them may cost together, and what a shop that buys them can pay, stands here.</p>
          <ButtonLink to="/items/new" $primary>
            Make the first item
          </ButtonLink>
        </Empty>
      ) : (
        <Stack $gap={18}>
          <TogetherSheet data={loaderData} />
          <Outrights data={loaderData} />
        </Stack>
      )}
    </Page>
  );
}
