import { getFormProps, useForm, type SubmissionResult } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { Pencil, Plus, X } from "lucide-react";
import styled from "styled-components";
import type { Channel } from "@db/queries/workshops";
import { WorkForm } from "../../ui/form";
import { Button, ButtonLink, PlainTable, Row, Sheet, SheetHead, Small, Stack } from "../../ui/basics";
import { BinButton } from "../../ui/bin-button";
import { FieldGrid, Input, SelectField, TextField, Wrong } from "../../ui/field";
import { useReading } from "../../ui/reading";
import { askedText, takesText, type ChannelView } from "../items/selling";
import { channelSchema, channelTexts, MOST_FEES } from "./channel-form";

/** The ways of selling with what each takes, and the form that adds or changes one. */
export function ChannelsPanel({
  channels,
  views,
  currency,
  changing,
  lastResult,
}: {
  channels: readonly Channel[];
  views: readonly ChannelView[];
  currency: string;
  /** The one that is being changed; undefined for a new one. */
  changing: Channel | undefined;
  lastResult: SubmissionResult<string[]> | undefined;
}) {
  const r = useReading();
  return (
    <Sheet id="channels">
      <SheetHead>
        <h2>Where you sell</h2>
        <Small>each way of selling takes its own fees and tax</Small>
      </SheetHead>
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">Channel</th>
            <th scope="col">Takes</th>
            <th scope="col">
              <span className="sr">Change or delete</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {views.map((c) => (
            <tr key={c.id}>
              <td>{c.label}</td>
              <td>
                {takesText(c, r)}
                {askedText(c) ? <Small style={{ display: "block" }}>asks for {askedText(c)}</Small> : null}
              </td>
              <td>
                <Row $gap={2} style={{ justifyContent: "flex-end", flexWrap: "nowrap" }}>
                  <ButtonLink to={`?channel=${c.id}#channels`} $quiet aria-label={`Change ${c.label}`}>
                    <Pencil size={17} aria-hidden />
                  </ButtonLink>
                  {channels.length > 1 ? (
                    <BinButton label={`Delete ${c.label}`} intent="delete-channel" fields={{ id: c.id }} />
                  ) : null}
                </Row>
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
      <ChannelForm
        key={changing ? `${changing.id} ${changing.version}` : `new ${channels.length}`}
        channel={changing}
        currency={currency}
        lastResult={lastResult}
      />
    </Sheet>
  );
}

function ChannelForm({
  channel,
  currency,
  lastResult,
}: {
  channel: Channel | undefined;
  currency: string;
  lastResult: SubmissionResult<string[]> | undefined;
}) {
  const r = useReading();
  const [form, fields] = useForm({
    id: "channel",
    lastResult,
    onValidate: ({ formData }) => parseWithZod(formData, { schema: channelSchema(r.locale, r.currency) }),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: channelTexts(channel, r.locale, currency),
  });
  const fees = fields.fees.getFieldList();
  return (
    <WorkForm {...getFormProps(form)} style={{ marginTop: 18 }} draft="channel">
      <input type="hidden" name="intent" value="channel" />
      {channel ? (
        <>
          <input type="hidden" name="id" value={channel.id} />
          <input type="hidden" name="seen" value={channel.version} />
        </>
      ) : null}
      <h3 style={{ marginBottom: 10 }}>{channel ? `Change ${channel.name}` : "Another way of selling"}</h3>
      <Stack $gap={14}>
        <FieldGrid $min={230}>
          <TextField field={fields.name} label="Name" hint="Such as “Consignment shelf”." />
        </FieldGrid>
        <Fees>
          <legend>Shares of what the customer pays</legend>
          {fees.length === 0 ? <Small>nothing so far</Small> : null}
          {fees.map((fee, i) => {
            const f = fee.getFieldset();
            return (
              <Row key={fee.key} $gap={8}>
                <Input
                  name={f.name.name}
                  defaultValue={f.name.initialValue}
                  aria-label={`Who takes share ${i + 1}`}
                  placeholder="card, platform, shelf"
                  maxLength={40}
                  autoComplete="off"
                  style={{ flex: "1 1 130px" }}
                />
                <Input
                  name={f.bp.name}
                  defaultValue={f.bp.initialValue}
                  aria-label={`Share ${i + 1} in percent`}
                  aria-invalid={f.bp.errors ? true : undefined}
                  inputMode="decimal"
                  autoComplete="off"
                  style={{ width: 90 }}
                />
                <span aria-hidden>%</span>
                <Button
                  {...form.remove.getButtonProps({ name: fields.fees.name, index: i })}
                  $quiet
                  aria-label={`Take share ${i + 1} out`}
                >
                  <X size={17} aria-hidden />
                </Button>
                {f.bp.errors ? <Wrong>{f.bp.errors.join(" ")}</Wrong> : null}
              </Row>
            );
          })}
          {fields.fees.errors ? <Wrong>{fields.fees.errors.join(" ")}</Wrong> : null}
          {fees.length < MOST_FEES ? (
            <Button
              {...form.insert.getButtonProps({ name: fields.fees.name, defaultValue: { name: "", bp: "" } })}
            >
              <Plus size={16} aria-hidden /> Add a share
            </Button>
          ) : null}
        </Fees>
        <FieldGrid $min={230}>
          <TextField
            field={fields.fixed}
            label="Fee of each sale"
            suffix={currency}
            inputMode="decimal"
            hint="Such as what the card reader keeps beside its share."
          />
          <TextField
            field={fields.postage}
            label="Postage of a sale"
            suffix={currency}
            inputMode="decimal"
            hint="What you pay beyond what the customer pays for it."
          />
          <TextField
            field={fields.packing}
            label="Box of a sale"
            suffix={currency}
            inputMode="decimal"
            hint="Beside card, bag and tag, which belong to the item."
          />
          <TextField
            field={fields.piecesPerSale}
            label="Pieces in a sale, on average"
            inputMode="decimal"
            hint="They share fee, postage and box."
          />
          <TextField
            field={fields.stallFee}
            label="Stall or shelf, a day or a month"
            suffix={currency}
            inputMode="decimal"
          />
          <TextField
            field={fields.expectedPieces}
            label="Pieces you expect to sell for it"
            inputMode="numeric"
            hint="They share the stall."
          />
          <TextField
            field={fields.taxBp}
            label="Sales tax or VAT"
            suffix="%"
            inputMode="decimal"
            hint="0 if you are exempt as a small business: ask your tax office."
          />
          <SelectField
            field={fields.taxIncluded}
            label="Your prices"
            options={[
              { value: "in", label: "have the tax in them" },
              { value: "top", label: "have it added at the till" },
            ]}
          />
          <TextField
            field={fields.leastPieces}
            label="Pieces in an order, at least"
            inputMode="numeric"
            hint="For shops that buy many; 0 asks nothing."
          />
          <TextField
            field={fields.payWithinDays}
            label="Paid within, days"
            inputMode="numeric"
            hint="0: at once."
          />
        </FieldGrid>
        <Row $gap={8}>
          <Button type="submit" $primary={channel !== undefined}>
            {channel ? "Save the channel" : "Add the channel"}
          </Button>
          {channel ? (
            <ButtonLink to="/settings#channels" $quiet>
              Leave it as it was
            </ButtonLink>
          ) : null}
        </Row>
      </Stack>
    </WorkForm>
  );
}

const Fees = styled.fieldset`
  border: 0;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
  justify-items: start;
  legend {
    padding: 0 0 6px;
    font-weight: 560;
  }
`;
