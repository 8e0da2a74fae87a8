import { Hammer, Plus, Tags } from "lucide-react";
import { useFetcher } from "react-router";
import { printMoney } from "@core/units";
import { Button, ButtonLink, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { BinButton } from "../../ui/bin-button";
import { Field, FieldGrid, Input, Select } from "../../ui/field";
import { Carried, Refusal } from "../../ui/form";
import { useReading } from "../../ui/reading";
import type { OfferedKit } from "./offered.server";

interface Answer {
  readonly ok?: true;
  readonly errors?: Readonly<Record<string, readonly string[]>>;
}

/** The kits she sells: planned, packed, counted and sold as any piece is. */
export function OfferedSheet({
  itemId,
  kits,
  colours,
}: {
  itemId: string;
  kits: readonly OfferedKit[];
  /** Colourways that a kit can be of. */
  colours: readonly { readonly id: string; readonly name: string }[];
}) {
  const r = useReading();
  return (
    <Sheet $pad={false}>
      <SheetHead style={{ padding: "14px 18px 0" }}>
        <h2>Sold as a kit</h2>
        <Small>with a run, a price and a shelf of its own</Small>
      </SheetHead>
      {kits.length === 0 ? null : (
        <Scroll tabIndex={0} role="group" aria-label="Sold as a kit">
          <PlainTable>
            <thead>
              <tr>
                <th>Kit</th>
                <th className="num minor">Costs you</th>
                <th className="num">Price</th>
                <th className="num">Packed</th>
                <th>
                  <span className="sr">What to do</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {kits.map((k) => (
                <tr key={k.id}>
                  <td>{k.name}</td>
                  <td className="num minor">{printMoney(k.cost, r)}</td>
                  <td className="num">
                    <b>{printMoney(k.price, r)}</b>
                    <Small as="div" className="minor">
                      {k.perHour === undefined ? null : `${printMoney(k.perHour, r)}/h of packing`}
                    </Small>
                  </td>
                  <td className="num">{k.there}</td>
                  <td>
                    <Row $gap={4} style={{ justifyContent: "end" }}>
                      <ButtonLink
                        to={`/runs/new?item=${itemId}&colourway=${k.id}`}
                        aria-label={`Plan a run of ${k.name}`}
                      >
                        <Hammer size={16} aria-hidden /> Plan a run
                      </ButtonLink>
                      <ButtonLink
                        to={`/items/${itemId}/paper?sheet=tags&c=${k.id}`}
                        aria-label={`Labels for ${k.name}`}
                      >
                        <Tags size={16} aria-hidden /> Labels
                      </ButtonLink>
                      <BinButton label={`Sell ${k.name} no longer`} intent="withdraw" fields={{ id: k.id }} />
                    </Row>
                  </td>
                </tr>
              ))}
            </tbody>
          </PlainTable>
        </Scroll>
      )}
      <Offer key={kits.length} first={kits.length === 0} colours={colours} />
    </Sheet>
  );
}

function Offer({
  first,
  colours,
}: {
  first: boolean;
  colours: readonly { readonly id: string; readonly name: string }[];
}) {
  const fetcher = useFetcher<Answer>();
  const errors = (fetcher.data && "errors" in fetcher.data && fetcher.data.errors) || {};
  return (
    <fetcher.Form method="post" style={{ padding: "8px 18px 14px" }}>
      <Carried />
      <input type="hidden" name="intent" value="offer" />
      {first ? (
        <p style={{ marginBottom: 12 }}>
          <Small>
            Put it among what you sell, and runs of kits are planned, wound, packed and counted beside those
            of pieces.
          </Small>
        </p>
      ) : null}
      <FieldGrid $min={150}>
        <Field label="Colours" name="colours" errors={errors.colours}>
          {(bind) => (
            <Select {...bind} defaultValue="">
              <option value="">as designed</option>
              {colours.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.name}
                </option>
              ))}
            </Select>
          )}
        </Field>
        <Field label="Called" name="name" errors={errors.name}>
          {(bind) => <Input {...bind} defaultValue={first ? "kit" : ""} placeholder="kit, winter" />}
        </Field>
        <Field label="Price" name="price" hint="Empty: what is proposed." errors={errors.price}>
          {(bind) => <Input {...bind} inputMode="decimal" />}
        </Field>
      </FieldGrid>
      <Row>
        <Button type="submit" $primary={first}>
          <Plus size={16} aria-hidden /> Sell it as a kit
        </Button>
      </Row>
      <Refusal of={fetcher.data} />
    </fetcher.Form>
  );
}
