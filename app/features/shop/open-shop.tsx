import { Button, ButtonLink, Empty, Row, Sheet, SheetHead, Small } from "../../ui/basics";
import { Field, FieldGrid, Select } from "../../ui/field";
import { WorkForm } from "../../ui/form";

interface Choice {
  readonly value: string;
  readonly label: string;
}

/** Opens the shop, or says how it is sold there. */
export function OpenShop({
  places,
  channels,
  reachable,
  own,
}: {
  places: readonly Choice[];
  channels: readonly Choice[];
  reachable: boolean;
  own?: { readonly channelId: string; readonly placeId: string; readonly open: boolean };
}) {
  if (channels.length === 0)
    return (
      <Empty>
        <h2>First a way of selling</h2>
        <p>Prices, fees and tax of the shop are those of a way of selling. Add one in Settings.</p>
        <ButtonLink to="/settings" $primary>
          To Settings
        </ButtonLink>
      </Empty>
    );
  const form = (
    <WorkForm>
      <input type="hidden" name="intent" value="shop" />
      <FieldGrid $min={200}>
        <Field label="Prices and fees are those of" name="channelId">
          {(bind) => (
            <Select {...bind} defaultValue={own?.channelId ?? channels[0]?.value}>
              {channels.map((c) => (
                <option key={c.value} value={c.value}>
                  {c.label}
                </option>
              ))}
            </Select>
          )}
        </Field>
        <Field label="Parcels leave from" name="placeId">
          {(bind) => (
            <Select {...bind} defaultValue={own?.placeId ?? ""}>
              {places.map((p) => (
                <option key={p.value} value={p.value}>
                  {p.label}
                </option>
              ))}
            </Select>
          )}
        </Field>
      </FieldGrid>
      <Row style={{ marginTop: 12 }}>
        {own ? (
          <label style={{ display: "flex", gap: 8, alignItems: "center", minHeight: 44 }}>
            <input type="checkbox" name="open" defaultChecked={own.open} /> It is open: it is asked for orders
          </label>
        ) : (
          <input type="hidden" name="open" value="on" />
        )}
        <Button type="submit" $primary={!own}>
          {own ? "Save" : "Open the shop"}
        </Button>
      </Row>
    </WorkForm>
  );
  if (own)
    return (
      <Sheet aria-labelledby="how-title">
        <SheetHead>
          <h2 id="how-title">How it is sold there</h2>
        </SheetHead>
        {form}
      </Sheet>
    );
  return (
    <Empty style={{ maxWidth: "none" }}>
      <h2>Sell over the net, too</h2>
      <p style={{ maxWidth: "62ch" }}>
        Lapka tells a web shop what is free on the shelf and takes its orders in: each once, also when the
        shop says it twice. What is ordered is no longer free for the stall; when you send it, it leaves the
        shelf and is a sale.
      </p>
      {reachable ? null : (
        <Small>
          No shop is connected to this Lapka yet. Whoever runs the machine connects one with LAPKA_SHOP_URL
          and LAPKA_SHOP_KEY (docs/shop-feed.md).
        </Small>
      )}
      {form}
    </Empty>
  );
}
