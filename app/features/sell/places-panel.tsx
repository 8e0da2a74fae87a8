import { getFormProps, useForm, type SubmissionResult } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { Pencil } from "lucide-react";
import { WorkForm } from "../../ui/form";
import { Button, ButtonLink, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { BinButton } from "../../ui/bin-button";
import { FieldGrid, SelectField, TextField } from "../../ui/field";
import { placeSchema } from "./schema";

interface PlaceShown {
  readonly id: string;
  readonly name: string;
  readonly kind: "crate" | "shelf";
  readonly channelId: string | null;
  readonly holds: number | null;
  readonly version: number;
  readonly there: number;
}
type Named = { readonly id: string; readonly name: string };

/** Where finished pieces are besides at home, and the form that adds or changes a place. */
export function PlacesPanel({
  places,
  channels,
  changing,
  wrong,
}: {
  places: readonly PlaceShown[];
  channels: readonly Named[];
  changing: PlaceShown | undefined;
  wrong: SubmissionResult<string[]> | undefined;
}) {
  return (
    <Sheet id="places" aria-labelledby="places-title">
      <SheetHead>
        <h2 id="places-title">Places</h2>
        <Small>a crate goes to markets with you, a shelf stands in somebody’s shop</Small>
      </SheetHead>
      {places.length > 0 ? (
        <Scroll tabIndex={0} role="region" aria-label="Places, table">
          <PlainTable>
            <thead>
              <tr>
                <th scope="col">Place</th>
                <th scope="col">Sells through</th>
                <th scope="col" className="num">
                  Holds
                </th>
                <th scope="col" className="num">
                  There now
                </th>
                <th scope="col">
                  <span className="sr">Change or take away</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {places.map((p) => (
                <tr key={p.id}>
                  <td>
                    <b>{p.name}</b> <Small>{p.kind}</Small>
                  </td>
                  <td>{channels.find((c) => c.id === p.channelId)?.name ?? "—"}</td>
                  <td className="num">{p.holds ?? "—"}</td>
                  <td className="num">{p.there}</td>
                  <td>
                    <Row $gap={2} style={{ justifyContent: "flex-end", flexWrap: "nowrap" }}>
                      {p.kind === "shelf" ? (
                        <ButtonLink to={`/sell/places/${p.id}/statement`}>Statement</ButtonLink>
                      ) : null}
                      <ButtonLink to={`?place=${p.id}#places`} $quiet aria-label={`Change ${p.name}`}>
                        <Pencil size={17} aria-hidden />
                      </ButtonLink>
                      <BinButton label={`Take ${p.name} away`} intent="delete-place" fields={{ id: p.id }} />
                    </Row>
                  </td>
                </tr>
              ))}
            </tbody>
          </PlainTable>
        </Scroll>
      ) : null}
      <PlaceForm
        key={changing ? `${changing.id} ${changing.version}` : `new ${places.length}`}
        place={changing}
        channels={channels}
        wrong={wrong}
      />
    </Sheet>
  );
}

function PlaceForm({
  place,
  channels,
  wrong,
}: {
  place: PlaceShown | undefined;
  channels: readonly Named[];
  wrong: SubmissionResult<string[]> | undefined;
}) {
  const [form, fields] = useForm({
    id: "place",
    lastResult: wrong,
    onValidate: ({ formData }) => parseWithZod(formData, { schema: placeSchema }),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: {
      name: place?.name ?? "",
      kind: place?.kind ?? "crate",
      channelId: place?.channelId ?? channels[0]?.id ?? "",
      holds: place?.holds === null || place === undefined ? "" : String(place.holds),
    },
  });
  return (
    <WorkForm {...getFormProps(form)} style={{ marginTop: 16 }} draft="place">
      <input type="hidden" name="intent" value="place" />
      {place ? (
        <>
          <input type="hidden" name="id" value={place.id} />
          <input type="hidden" name="seen" value={place.version} />
        </>
      ) : null}
      <h3 style={{ marginBottom: 10 }}>{place ? `Change ${place.name}` : "Another place"}</h3>
      <FieldGrid>
        <TextField field={fields.name} label="Name" hint="Such as “Crate” or “Museum shop”." />
        <SelectField
          field={fields.kind}
          label="It is a"
          options={[
            { value: "crate", label: "crate for markets" },
            { value: "shelf", label: "shelf in a shop" },
          ]}
        />
        <SelectField
          field={fields.channelId}
          label="Sells through"
          options={channels.map((c) => ({ value: c.id, label: c.name }))}
        />
        <TextField
          field={fields.holds}
          label="Holds"
          suffix="pieces"
          inputMode="numeric"
          hint="Empty: as many as you like."
        />
      </FieldGrid>
      <p style={{ marginTop: 14 }}>
        <Button type="submit">{place ? "Save" : "Add the place"}</Button>
      </p>
    </WorkForm>
  );
}
