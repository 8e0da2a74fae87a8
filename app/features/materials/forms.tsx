import { getFormProps, useForm, type SubmissionResult } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { useEffect, useId, useState } from "react";
import { useFetcher } from "react-router";
import type { z } from "zod";
import { CLASS_GAUGE, type WeightClass } from "@core/fabric";
import { Button, Small, Stack } from "../../ui/basics";
import { Field, FieldGrid, Input, SelectField, TextField } from "../../ui/field";
import { FormFoot } from "../../ui/modal";
import { useReading } from "../../ui/reading";
import { materialSchemas, NOTION_LABELS } from "./schema";

export interface FormReply {
  readonly reply?: SubmissionResult<string[]>;
  readonly done?: string;
}

/** Submits by fetcher, keeps what was typed when something is wrong, and closes when it is done. */
function useMaterialForm(schema: z.ZodType, defaults: Record<string, string>, onDone: () => void) {
  const fetcher = useFetcher<FormReply>();
  const formId = useId();
  const [form, fields] = useForm<Record<string, string>>({ id: formId, lastResult: fetcher.data?.reply, defaultValue: defaults, onValidate: ({ formData }) => parseWithZod(formData, { schema }) as never, shouldValidate: "onBlur", shouldRevalidate: "onInput" });
  const done = fetcher.data?.done;
  useEffect(() => {
    if (done !== undefined && fetcher.state === "idle") onDone();
    // Closing follows the answer, not the callback's identity.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done, fetcher.state]);
  const field = (name: string) => {
    const f = fields[name];
    if (!f) throw new Error(`no field ${name}`);
    return f;
  };
  return { fetcher, form, field, busy: fetcher.state !== "idle" };
}

function Foot({ busy, label, onCancel }: { busy: boolean; label: string; onCancel: () => void }) {
  return (
    <FormFoot>
      <Button type="button" onClick={onCancel}>Cancel</Button>
      <Button type="submit" $primary disabled={busy}>{label}</Button>
    </FormFoot>
  );
}

const CLASSES = (Object.keys(CLASS_GAUGE) as unknown as WeightClass[]).map((c) => ({ value: String(c), label: `${c} · ${CLASS_GAUGE[c].name.us}` }));

export function YarnForm({ defaults, onDone }: { defaults: Record<string, string>; onDone: () => void }) {
  const r = useReading();
  const metric = r.system === "metric";
  const { fetcher, form, field, busy } = useMaterialForm(materialSchemas(r.locale, r.currency, r.system).yarn, defaults, onDone);
  return (
    <fetcher.Form method="post" {...getFormProps(form)}>
      <input type="hidden" name="intent" value="yarn" />
      {defaults.id ? <input type="hidden" name="id" value={defaults.id} /> : null}
      <FieldGrid>
        <TextField field={field("name")} label="Yarn" hint="Kind and fibre, such as “DK cotton”." autoFocus />
        <TextField field={field("shade")} label="Shade" hint="Such as “slate”." />
        <TextField field={field("colour")} label="Colour on screen" type="color" />
        <TextField field={field("fibre")} label="Fibre" hint="Such as “100 % cotton”." />
        <SelectField field={field("weightClass")} label="Weight class" options={CLASSES} />
        <TextField field={field("hookUm")} label="Hook on the band" suffix="mm" inputMode="decimal" />
        <TextField field={field("mmPer100g")} label="Length of 100 g" suffix={metric ? "m" : "yd"} inputMode="decimal" />
        <TextField field={field("ballMg")} label="One ball weighs" suffix={metric ? "g" : "oz"} inputMode="decimal" />
        <TextField field={field("ballPrice")} label="One ball costs" suffix={r.currency} inputMode="decimal" />
        {defaults.id ? null : <TextField field={field("onHand")} label="You have" suffix={metric ? "g" : "oz"} hint="Weigh all of it together; leave empty for none." inputMode="decimal" />}
      </FieldGrid>
      <Foot busy={busy} label={defaults.id ? "Keep the changes" : "Add the yarn"} onCancel={onDone} />
    </fetcher.Form>
  );
}

export function NotionForm({ defaults, onDone }: { defaults: Record<string, string>; onDone: () => void }) {
  const r = useReading();
  const { fetcher, form, field, busy } = useMaterialForm(materialSchemas(r.locale, r.currency, r.system).notion, defaults, onDone);
  const options = (["eye", "nose", "ring", "packaging", "other"] as const).map((value) => ({ value, label: NOTION_LABELS[value] }));
  return (
    <fetcher.Form method="post" {...getFormProps(form)}>
      <input type="hidden" name="intent" value="notion" />
      {defaults.id ? <input type="hidden" name="id" value={defaults.id} /> : null}
      <FieldGrid>
        <SelectField field={field("kind")} label="What it is" options={options} />
        <TextField field={field("name")} label="Name" hint="Such as “Black eyes, 6 mm”." autoFocus />
        <TextField field={field("sizeUm")} label="Size" suffix="mm" hint="Eyes and noses: as the pattern says it." inputMode="decimal" />
        <TextField field={field("packSize")} label="Pieces in a pack" inputMode="numeric" />
        <TextField field={field("packPrice")} label="A pack costs" suffix={r.currency} inputMode="decimal" />
        {defaults.id ? null : <TextField field={field("onHand")} label="You have" suffix="pieces" inputMode="numeric" />}
      </FieldGrid>
      <Foot busy={busy} label={defaults.id ? "Keep the changes" : "Add it"} onCancel={onDone} />
    </fetcher.Form>
  );
}

export function FillingForm({ defaults, onDone }: { defaults: Record<string, string>; onDone: () => void }) {
  const r = useReading();
  const unit = r.system === "metric" ? "g" : "oz";
  const { fetcher, form, field, busy } = useMaterialForm(materialSchemas(r.locale, r.currency, r.system).filling, defaults, onDone);
  return (
    <fetcher.Form method="post" {...getFormProps(form)}>
      <input type="hidden" name="intent" value="filling" />
      {defaults.id ? <input type="hidden" name="id" value={defaults.id} /> : null}
      <FieldGrid>
        <TextField field={field("name")} label="Filling" hint="Such as “Polyester fibre”." autoFocus />
        <TextField field={field("packSize")} label="A bag weighs" suffix={unit} inputMode="decimal" />
        <TextField field={field("packPrice")} label="A bag costs" suffix={r.currency} inputMode="decimal" />
        {defaults.id ? null : <TextField field={field("onHand")} label="You have" suffix={unit} inputMode="decimal" />}
      </FieldGrid>
      <Foot busy={busy} label={defaults.id ? "Keep the changes" : "Add the filling"} onCancel={onDone} />
    </fetcher.Form>
  );
}

export function SwatchForm({ yarnId, defaults, onDone }: { yarnId: string; defaults: Record<string, string>; onDone: () => void }) {
  const r = useReading();
  const unit = r.system === "metric" ? "cm" : "in";
  const { fetcher, form, field, busy } = useMaterialForm(materialSchemas(r.locale, r.currency, r.system).swatch, defaults, onDone);
  return (
    <fetcher.Form method="post" {...getFormProps(form)}>
      <input type="hidden" name="intent" value="swatch" />
      <input type="hidden" name="yarnId" value={yarnId} />
      <Stack>
        <FieldGrid>
          <TextField field={field("madeOn")} label="Made on" type="date" />
          <TextField field={field("hookUm")} label="Hook" suffix="mm" inputMode="decimal" />
        </FieldGrid>
        <Small>Stitches over a width, in single crochet, worked as you work a figure:</Small>
        <FieldGrid $min={120}>
          <TextField field={field("stitches")} label="Stitches" inputMode="numeric" />
          <TextField field={field("overMm")} label="are as wide as" suffix={unit} inputMode="decimal" />
          <TextField field={field("rounds")} label="Rows" inputMode="numeric" />
          <TextField field={field("roundsOverMm")} label="are as high as" suffix={unit} inputMode="decimal" />
        </FieldGrid>
        <Small>Or unravel some stitches and measure the yarn they give: the surest way to know your metres.</Small>
        <FieldGrid $min={120}>
          <TextField field={field("sampleStitches")} label="Stitches unravelled" inputMode="numeric" />
          <TextField field={field("sampleMm")} label="gave yarn of" suffix={unit} inputMode="decimal" />
        </FieldGrid>
      </Stack>
      <Foot busy={busy} label="Keep the swatch" onCancel={onDone} />
    </fetcher.Form>
  );
}

export function CountForm({ kind, id, unit, now, onDone }: { kind: "yarn" | "notion"; id: string; unit: "mass" | "pieces"; now: string; onDone: () => void }) {
  const r = useReading();
  const schemas = materialSchemas(r.locale, r.currency, r.system);
  const [key] = useState(() => crypto.randomUUID());
  const { fetcher, form, field, busy } = useMaterialForm(unit === "mass" ? schemas.countMass : schemas.countPieces, { onHand: "", note: "" }, onDone);
  const on = field("onHand");
  const note = field("note");
  return (
    <fetcher.Form method="post" {...getFormProps(form)}>
      <input type="hidden" name="intent" value="count" />
      <input type="hidden" name="kind" value={kind} />
      <input type="hidden" name="id" value={id} />
      <input type="hidden" name="unit" value={unit} />
      <input type="hidden" name="key" value={key} />
      <Stack>
        <Small>Lapka thinks there are {now}. The difference is posted to the stock book; nothing is overwritten.</Small>
        <FieldGrid>
          <TextField field={on} label={unit === "mass" ? "The scale says" : "You counted"} suffix={unit === "mass" ? (r.system === "metric" ? "g" : "oz") : "pieces"} inputMode="decimal" autoFocus />
          <Field label="Note" name={note.name} id={note.id} errors={note.errors}>
            {(bind) => <Input {...bind} defaultValue="" autoComplete="off" />}
          </Field>
        </FieldGrid>
      </Stack>
      <Foot busy={busy} label="Post the difference" onCancel={onDone} />
    </fetcher.Form>
  );
}
