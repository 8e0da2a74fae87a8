import { parseWithZod } from "@conform-to/zod/v4";
import { data, redirect } from "react-router";
import type { Route } from "./+types/shop";
import { saveShop, saveShopProducts } from "@db/queries/shop";
import { listChannels } from "@db/queries/workshops";
import { SellNav } from "../features/sell/nav";
import { shown } from "../features/sell/ware-name";
import { HOME } from "../features/sell/wares";
import { allPlaces } from "../features/sell/wares.server";
import { openShop, orderRow, standingOf } from "../features/shop/load.server";
import { OfferSheet } from "../features/shop/offer-sheet";
import { OpenShop } from "../features/shop/open-shop";
import { OrderTable } from "../features/shop/order-table";
import { shopRoundNow } from "../features/shop/round.server";
import { offerSchema, shopSchema } from "../features/shop/schema";
import { ownShop, shopFeed } from "../features/shop/shop.server";
import { ShopStanding } from "../features/shop/standing";
import { LIST_FORM, once, openForm, refused } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { Empty, Page, PageHead, Sheet, SheetHead, Small, Stack } from "../ui/basics";

export const meta: Route.MetaFunction = () => [{ title: "Shop · Lapka" }];

/** Orders that are over and listed. */
const SHOWN = 20;

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { scope } = opened;
  const at = ownShop();
  const [found, places, channels] = await Promise.all([
    openShop(opened, SHOWN),
    allPlaces(scope),
    listChannels(scope),
  ]);
  return {
    /** A shop is there to be asked. */
    reachable: at !== undefined,
    // The stand-in has a page of its own on this machine.
    page: at && /^http:\/\/127\.0\.0\.1:/.test(at.url) ? `${at.url}/w/${scope.workshopId}` : undefined,
    today: todayOf(scope),
    places: [{ value: "", label: HOME }, ...places.map((p) => ({ value: p.id, label: p.name }))],
    channels: channels.map((c) => ({ value: c.id, label: c.name })),
    shop: found
      ? {
          ...standingOf(found.own, opened),
          waiting: found.waiting.map((o) => orderRow(o, scope.zone)),
          over: found.over.map((o) => orderRow(o, scope.zone)),
          offers: found.offers.map((o) => ({
            ware: shown(o.ware),
            itemId: o.ware.itemId,
            colourwayId: o.ware.colourwayId,
            sku: o.product?.sku,
            offered: o.product?.offered ?? false,
            keepBack: o.product?.keepBack ?? 0,
            told: o.product?.offered ? (o.product.told ?? undefined) : undefined,
            price: o.price,
            there: o.there,
            promised: o.promised,
            ordered: o.ordered,
            free: o.free,
          })),
        }
      : undefined,
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  // A round with the shop waits for another machine: no transaction is held open over it.
  if (form.get("intent") === "ask") return ask(opened);
  return once(opened, form, (o) => write(form, o));
}

async function ask({ scope, workshop }: Opened) {
  const at = ownShop();
  if (!at) throw refused("No shop is connected to this Lapka.", 409);
  const { doing: _doing, ...quiet } = scope;
  return { asked: await shopRoundNow(quiet, workshop, shopFeed(at, scope.workshopId)) };
}

async function write(form: FormData, { scope, workshop }: Opened) {
  switch (form.get("intent")) {
    case "shop": {
      const got = parseWithZod(form, { schema: shopSchema });
      if (got.status !== "success") return data({ shop: got.reply() }, { status: 400 });
      await saveShop(scope, got.value);
      return redirect("/sell/shop?saved=1");
    }
    case "offer": {
      const got = parseWithZod(form, { schema: offerSchema(workshop.locale, workshop.currency) });
      if (got.status !== "success") return data({ offer: got.reply() }, { status: 400 });
      await saveShopProducts(scope, got.value.lines);
      return redirect("/sell/shop?saved=1");
    }
    default:
      throw data(null, { status: 400 });
  }
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function ShopRoute({ loaderData: d, actionData }: Route.ComponentProps) {
  const { shop } = d;
  const answered = taken(actionData);
  return (
    <Page>
      <PageHead>
        <h1>Shop</h1>
        <Small>orders that come over the net</Small>
      </PageHead>
      <SellNav />
      {!shop ? (
        <OpenShop places={d.places} channels={d.channels} reachable={d.reachable} />
      ) : (
        <Stack $gap={18}>
          <ShopStanding
            shop={shop}
            reachable={d.reachable}
            page={d.page}
            round={answered && "asked" in answered ? answered.asked : undefined}
          />
          {shop.waiting.length > 0 ? (
            <Sheet $pad={false} aria-labelledby="waiting-title">
              <SheetHead style={{ padding: "12px 14px 0" }}>
                <h2 id="waiting-title">To send</h2>
                <Small>who ordered first is served first</Small>
              </SheetHead>
              <OrderTable orders={shop.waiting} label="Orders to send, table" />
            </Sheet>
          ) : (
            <Empty>
              <h2>Nothing to send</h2>
              <p>
                Orders come by themselves. What is ordered is no longer free for the stall, and leaves the
                shelf when you send it.
              </p>
            </Empty>
          )}
          <OfferSheet
            offers={shop.offers}
            wrong={answered && "offer" in answered ? answered.offer : undefined}
          />
          {shop.over.length > 0 ? (
            <Sheet $pad={false} aria-labelledby="over-title">
              <SheetHead style={{ padding: "12px 14px 0" }}>
                <h2 id="over-title">Over</h2>
              </SheetHead>
              <OrderTable orders={shop.over} label="Orders that are over, table" />
            </Sheet>
          ) : null}
          <OpenShop
            places={d.places}
            channels={d.channels}
            reachable={d.reachable}
            own={{ channelId: shop.channelId, placeId: shop.placeId, open: shop.open }}
          />
        </Stack>
      )}
    </Page>
  );
}
