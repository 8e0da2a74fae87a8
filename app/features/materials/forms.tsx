import { getFormProps, useForm, type SubmissionResult } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { useEffect, useId, useRef, useState, type ReactNode } from "react";
import { useFetcher } from "react-router";
import styled from "styled-components";
import type { z } from "zod";
import { CLASS_GAUGE, type WeightClass } from "@core/fabric";
import { shadeColour } from "@core/notation";
import type { Changed } from "../../changed";
import { Meanwhile } from "../../ui/meanwhile";
import { Carried, DraftOf, Refusal, useForgetDraft } from "../../ui/form";
import { Button, Small, Stack } from "../../ui/basics";
import { DayField } from "../../ui/day-input";
import { Field, FieldGrid, Input, SelectField, TextField } from "../../ui/field";
import { FormFoot } from "../../ui/modal";
import { PhotoField } from "../../ui/photo-field";
import { useReading } from "../../ui/reading";
import { YarnDisc } from "../../ui/yarn-disc";
import { COUNTED_KINDS, NOTION_LABELS } from "./kinds";
import { materialSchemas } from "./schema";

export interface FormReply {
  readonly reply?: SubmissionResult<string[]>;
  readonly done?: string;
  /** What a count posted, mg or pieces. */
  readonly difference?: number;
  /** It lies far from what is known: she is asked, nothing is kept yet. */
  readonly doubt?: string;
  /** Another tab changed it since the form was opened; nothing was written. */
  readonly changed?: Changed;
}
export interface Option {
  readonly value: string;
  readonly label: string;
}

/** One field of a form of the cupboard, or a line of text between fields. */
type Spec =
  | {
      readonly name: string;
      readonly label: string;
      readonly hint?: string;
      readonly suffix?: string | undefined;
      readonly mode?: "decimal" | "numeric";
      readonly type?: "date";
      readonly options?: readonly Option[];
      readonly focus?: boolean;
      readonly check?: boolean;
      readonly colour?: boolean;
      readonly photo?: boolean;
    }
  | { readonly text: string; readonly folded?: readonly Spec[] };

/** Submits by fetcher, keeps what was typed when something is wrong, and closes when it is done. */
function MaterialForm({
  schema,
  hidden,
  defaults,
  specs,
  label,
  onDone,
  min,
  action = "/materials",
}: {
  schema: z.ZodType;
  hidden: Readonly<Record<string, string | undefined>>;
  defaults: Record<string, string>;
  specs: readonly Spec[];
  label: string;
  onDone: () => void;
  min?: number;
  action?: string;
}) {
  const fetcher = useFetcher<FormReply>();
  const formId = useId();
  const [form, fields] = useForm<Record<string, string>>({
    id: formId,
    lastResult: fetcher.data?.reply,
    defaultValue: defaults,
    onValidate: ({ formData }) => parseWithZod(formData, { schema }) as never,
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
  });
  const done = fetcher.data?.done;
  const draft = [hidden.intent, hidden.id ?? hidden.yarnId ?? "new"].join(" ");
  const forgetDraft = useForgetDraft();
  const meanwhile = fetcher.data?.changed;
  const labels = new Map(labelled(specs));
  useEffect(() => {
    if (done !== undefined && fetcher.state === "idle") onDone();
    // Closing follows the answer, not the callback's identity.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done, fetcher.state]);
  // A doubt is about what was sent: once something is changed it is asked anew.
  const [changed, setChanged] = useState<unknown>();
  const doubt = fetcher.data && changed !== fetcher.data ? fetcher.data.doubt : undefined;
  const one = (spec: Spec): ReactNode => {
    if ("text" in spec)
      return spec.folded ? (
        <Folded key={spec.text} wide>
          <summary>{spec.text}</summary>
          <FieldGrid $min={min ?? 190}>{spec.folded.map(one)}</FieldGrid>
        </Folded>
      ) : (
        <Wide key={spec.text}>
          <Small>{spec.text}</Small>
        </Wide>
      );
    const f = fields[spec.name];
    if (!f) return null;
    if (spec.photo)
      return (
        <Wide key={spec.name}>
          <PhotoField name={f.name} label={spec.label} hint={spec.hint} />
        </Wide>
      );
    if (spec.colour) return <ColourField key={spec.name} field={f} label={spec.label} />;
    if (spec.options)
      return (
        <SelectField key={spec.name} field={f} label={spec.label} hint={spec.hint} options={spec.options} />
      );
    if (spec.check)
      return (
        <Check key={spec.name}>
          <input type="checkbox" id={f.id} name={f.name} defaultChecked={f.initialValue === "on"} />
          <label htmlFor={f.id}>{spec.label}</label>
        </Check>
      );
    if (spec.type === "date")
      return <DayField key={spec.name} field={f} label={spec.label} hint={spec.hint} />;
    return (
      <TextField
        key={spec.name}
        field={f}
        label={spec.label}
        hint={spec.hint}
        suffix={spec.suffix}
        inputMode={spec.mode}
        autoFocus={spec.focus}
      />
    );
  };
  return (
    <fetcher.Form
      method="post"
      action={action}
      {...getFormProps(form)}
      onInput={() => setChanged(fetcher.data)}
    >
      <Carried />
      <DraftOf
        name={draft}
        idle={fetcher.state === "idle"}
        refusal={done === undefined ? fetcher.data : undefined}
      />
      {Object.entries({ ...hidden, seen: meanwhile?.version ?? defaults.seen }).map(([name, value]) =>
        value === undefined ? null : <input key={name} type="hidden" name={name} value={value} />,
      )}
      <FieldGrid $min={min ?? 190}>{specs.map(one)}</FieldGrid>
      {meanwhile ? (
        <Meanwhile changed={meanwhile} before={defaults} label={(name) => labels.get(name) ?? name} />
      ) : null}
      {doubt ? (
        <Doubted role="alert">
          <input type="hidden" name="sure" value="on" />
          {doubt} Change it, or keep it as it is: it can be set aside later.
        </Doubted>
      ) : null}
      <FormFoot>
        <Button
          type="button"
          onClick={() => {
            forgetDraft(draft);
            onDone();
          }}
        >
          Cancel
        </Button>
        <Button type="submit" $primary disabled={fetcher.state !== "idle"}>
          {doubt ? "Keep it as it is" : meanwhile ? "Put mine in its place" : label}
        </Button>
      </FormFoot>
      <Refusal of={fetcher.data} />
    </fetcher.Form>
  );
}

/** Names of fields with the words that stand at them. */
const labelled = (specs: readonly Spec[]): (readonly [string, string])[] =>
  specs.flatMap((s) => ("text" in s ? labelled(s.folded ?? []) : [[s.name, s.label] as const]));

/**
 * While nobody has chosen a colour, the one that the shade’s name speaks of is taken: what is called cream does not
 * lie grey in every list. Answers where the colour's input stands.
 */
function useFollowedShade(told: (colour: string) => void) {
  const place = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    const input = place.current?.querySelector<HTMLInputElement>("input[type=color]");
    const shade = input?.form?.elements.namedItem("shade");
    if (!input || !(shade instanceof HTMLInputElement) || shade.value !== "") return;
    const quit = new AbortController();
    const named = () => {
      const hex = shadeColour(shade.value);
      if (hex === undefined) return;
      input.value = hex;
      told(hex);
    };
    shade.addEventListener("input", named, { signal: quit.signal });
    input.addEventListener("input", () => quit.abort(), { signal: quit.signal });
    return () => quit.abort();
  }, [told]);
  return place;
}

/** The colour with the ball as it will look in every list. */
function ColourField({ field, label }: { field: Parameters<typeof TextField>[0]["field"]; label: string }) {
  const [colour, setColour] = useState(field.initialValue ?? "#5d6f78");
  const picked = useFollowedShade(setColour);
  return (
    <Field label={label} name={field.name} id={field.id} errors={field.errors}>
      {(bind) => (
        <Picked ref={picked}>
          <YarnDisc colour={colour} name="how the ball looks in lists" size={44} />
          <Input
            {...bind}
            type="color"
            defaultValue={field.initialValue}
            onChange={(e) => setColour(e.target.value)}
          />
        </Picked>
      )}
    </Field>
  );
}

const CLASSES = (Object.keys(CLASS_GAUGE) as unknown as WeightClass[]).map((c) => ({
  value: String(c),
  label: `${c} · ${CLASS_GAUGE[c].name.us}`,
}));
const NONE: Option = { value: "", label: "none" };
const useSchemas = () => {
  const r = useReading();
  const metric = r.system === "metric";
  return {
    r,
    metric,
    mass: metric ? "g" : "oz",
    short: metric ? "cm" : "in",
    schemas: materialSchemas(r.locale, r.currency, r.system),
  };
};
/** Made once for each opened form: sending the same form again posts nothing twice. */
const useKey = (): string => useState(() => crypto.randomUUID())[0];

export function YarnForm({
  defaults,
  suppliers,
  onDone,
}: {
  defaults: Record<string, string>;
  suppliers: readonly Option[];
  onDone: () => void;
}) {
  const { r, metric, mass, short, schemas } = useSchemas();
  const fresh = !defaults.id;
  const specs: Spec[] = [
    { name: "name", label: "Yarn", hint: "Kind and fibre, such as “DK cotton”.", focus: true },
    { name: "shade", label: "Shade", hint: "Such as “slate”." },
    { name: "colour", label: "Colour on screen", colour: true },
    { name: "fibre", label: "Fibre", hint: "Such as “100 % cotton”." },
    { name: "weightClass", label: "Weight class", options: CLASSES },
    { name: "hookUm", label: "Hook on the band", suffix: "mm", mode: "decimal" },
    { name: "mmPer100g", label: "Length of 100 g", suffix: metric ? "m" : "yd", mode: "decimal" },
    { name: "ballMg", label: "One ball weighs", suffix: mass, mode: "decimal" },
    { name: "ballPrice", label: "One ball costs", suffix: r.currency, mode: "decimal" },
    ...(fresh
      ? [
          {
            name: "onHand",
            label: "You have",
            suffix: mass,
            hint: "Weigh all of it together; leave empty for none.",
            mode: "decimal" as const,
          },
          { name: "lot", label: "Lot on the bands", hint: "Leave empty when unknown." },
          { name: "place", label: "Where it lies", hint: "Such as “top drawer”." },
        ]
      : []),
    {
      text: "No ball band? Measure it instead",
      folded: [
        {
          name: "sampleMm",
          label: "A measured length",
          suffix: short,
          hint: "A metre or more, laid straight.",
          mode: "decimal",
        },
        { name: "sampleMg", label: "weighs", suffix: mass, mode: "decimal" },
        {
          name: "scaleStep",
          label: "Your scale shows",
          options: [
            { value: "0.1", label: "0.1 g steps" },
            { value: "0.01", label: "0.01 g steps" },
            { value: "1", label: "1 g steps" },
          ],
        },
        {
          name: "wraps",
          label: "or wraps over an inch",
          hint: "Wound side by side on a ruler; much less sure.",
          mode: "decimal",
        },
      ],
    },
    {
      text: "More from the band, supplier, low stock",
      folded: [
        { name: "bandStitches", label: "Stitches over 10 cm", mode: "numeric" },
        { name: "bandRows", label: "Rows over 10 cm", mode: "numeric" },
        { name: "care", label: "Care", hint: "Such as “wash at 30 °C”." },
        { name: "supplierId", label: "Supplier", options: [NONE, ...suppliers] },
        { name: "packBalls", label: "Sold in packs of", suffix: "balls", mode: "numeric" },
        {
          name: "lowMg",
          label: "Tell me below",
          suffix: mass,
          hint: "Empty: follows your plans and past use.",
          mode: "decimal",
        },
      ],
    },
  ];
  return (
    <MaterialForm
      schema={schemas.yarn}
      hidden={{
        intent: "yarn",
        id: defaults.id,
        wasMmPer100g: defaults.wasSigmaBp ? defaults.mmPer100g : undefined,
        wasSigmaBp: defaults.wasSigmaBp,
      }}
      defaults={defaults}
      specs={specs}
      label={fresh ? "Add the yarn" : "Keep the changes"}
      onDone={onDone}
    />
  );
}

export function NotionForm({
  defaults,
  suppliers,
  washers,
  onDone,
}: {
  defaults: Record<string, string>;
  suppliers: readonly Option[];
  washers: readonly Option[];
  onDone: () => void;
}) {
  const { r, schemas } = useSchemas();
  const fresh = !defaults.id;
  const specs: Spec[] = [
    {
      name: "kind",
      label: "What it is",
      options: COUNTED_KINDS.map((value) => ({ value, label: NOTION_LABELS[value] })),
    },
    { name: "name", label: "Name", hint: "Such as “Black eyes, 6 mm”.", focus: true },
    {
      name: "sizeUm",
      label: "Size",
      suffix: "mm",
      hint: "Eyes and noses: as the pattern says it.",
      mode: "decimal",
    },
    { name: "packSize", label: "Pieces in a pack", mode: "numeric" },
    { name: "packPrice", label: "A pack costs", suffix: r.currency, mode: "decimal" },
    ...(fresh ? [{ name: "onHand", label: "You have", suffix: "pieces", mode: "numeric" as const }] : []),
    {
      text: "Colour, washers, spares, supplier, low stock",
      folded: [
        { name: "colour", label: "Colour", colour: true },
        {
          name: "washerId",
          label: "Washer on each",
          hint: "Only when washers are kept apart.",
          options: [{ value: "", label: "comes with it" }, ...washers],
        },
        { name: "spares", label: "Spares in a pack", hint: "More than the pack says.", mode: "numeric" },
        { name: "supplierId", label: "Supplier", options: [NONE, ...suppliers] },
        { name: "place", label: "Where it lies" },
        {
          name: "low",
          label: "Tell me below",
          suffix: "pieces",
          hint: "Empty: follows your plans and past use.",
          mode: "numeric",
        },
      ],
    },
  ];
  return (
    <MaterialForm
      schema={schemas.notion}
      hidden={{ intent: "notion", id: defaults.id }}
      defaults={{ colour: "#111111", ...defaults }}
      specs={specs}
      label={fresh ? "Add it" : "Keep the changes"}
      onDone={onDone}
    />
  );
}

export function FillingForm({
  defaults,
  suppliers,
  onDone,
}: {
  defaults: Record<string, string>;
  suppliers: readonly Option[];
  onDone: () => void;
}) {
  const { r, mass, schemas } = useSchemas();
  const fresh = !defaults.id;
  const specs: Spec[] = [
    { name: "name", label: "Filling", hint: "Such as “Polyester fibre” or “Scrap box”.", focus: true },
    { name: "packSize", label: "A bag weighs", suffix: mass, mode: "decimal" },
    { name: "packPrice", label: "A bag costs", suffix: r.currency, mode: "decimal" },
    ...(fresh ? [{ name: "onHand", label: "You have", suffix: mass, mode: "decimal" as const }] : []),
    {
      name: "density",
      label: "Weight against fibre",
      suffix: "times",
      hint: "1 for fibre; chopped yarn takes 2 to 3 times as much.",
      mode: "decimal",
    },
    { name: "supplierId", label: "Supplier", options: [NONE, ...suppliers] },
    { name: "place", label: "Where it lies" },
    { name: "lowMg", label: "Tell me below", suffix: mass, mode: "decimal" },
  ];
  return (
    <MaterialForm
      schema={schemas.filling}
      hidden={{ intent: "filling", id: defaults.id }}
      defaults={defaults}
      specs={specs}
      label={fresh ? "Add the filling" : "Keep the changes"}
      onDone={onDone}
    />
  );
}

/** Hands that can be chosen in a form. */
export interface HandOption {
  readonly id: string;
  readonly name: string;
  readonly loops: "over" | "under";
}

export function SwatchForm({
  yarnId,
  hands,
  defaults,
  onDone,
}: {
  yarnId: string;
  hands: readonly HandOption[];
  defaults: Record<string, string>;
  onDone: () => void;
}) {
  const { short, schemas } = useSchemas();
  const first = hands[0];
  const specs: Spec[] = [
    { name: "madeOn", label: "Made on", type: "date" },
    { name: "hookUm", label: "Hook", suffix: "mm", mode: "decimal" },
    ...(hands.length > 1
      ? [
          {
            name: "handId",
            label: "Whose hands",
            options: hands.map((h) => ({ value: h.id, label: h.name })),
          },
        ]
      : []),
    {
      name: "loops",
      label: "Yarn taken up",
      options: [
        { value: "over", label: "over (“v”)" },
        { value: "under", label: "under (“x”)" },
      ],
      hint: "The two are kept apart.",
    },
    { text: "Stitches over a width, in single crochet, worked as you work a figure:" },
    { name: "stitches", label: "Stitches", mode: "numeric" },
    { name: "overMm", label: "are as wide as", suffix: short, mode: "decimal" },
    { name: "rounds", label: "Rows", mode: "numeric" },
    { name: "roundsOverMm", label: "are as high as", suffix: short, mode: "decimal" },
    { text: "Or unravel some stitches and measure the yarn they give: the surest way to know your metres." },
    { name: "sampleStitches", label: "Stitches unravelled", mode: "numeric" },
    { name: "sampleMm", label: "gave yarn of", suffix: short, mode: "decimal" },
    {
      name: "photo",
      label: "Photo, if you like",
      photo: true,
      hint: "Kept small, without the place it was taken.",
    },
  ];
  return (
    <MaterialForm
      schema={schemas.swatch}
      hidden={{ intent: "swatch", yarnId, handId: hands.length > 1 ? undefined : first?.id }}
      defaults={{ handId: first?.id ?? "", loops: first?.loops ?? "over", ...defaults }}
      specs={specs}
      label="Keep the swatch"
      onDone={onDone}
      min={130}
    />
  );
}

export interface Counted {
  readonly kind: "yarn" | "notion";
  readonly id: string;
  readonly ballId?: string | undefined;
  readonly unit: "mass" | "pieces";
  readonly now: string;
}

export function CountForm({ of, onDone }: { of: Counted; onDone: () => void }) {
  const { mass, schemas } = useSchemas();
  const key = useKey();
  const specs: Spec[] = [
    {
      text: `Lapka thinks there are ${of.now}. The difference is posted to the stock book; nothing is overwritten.`,
    },
    {
      name: "onHand",
      label: of.unit === "mass" ? "The scale says" : "You counted",
      suffix: of.unit === "mass" ? mass : "pieces",
      mode: "decimal",
      focus: true,
    },
    { name: "note", label: "Note" },
  ];
  return (
    <MaterialForm
      schema={of.unit === "mass" ? schemas.countMass : schemas.countPieces}
      hidden={{ intent: "count", kind: of.kind, id: of.id, ballId: of.ballId, unit: of.unit, key }}
      defaults={{ onHand: "", note: "" }}
      specs={specs}
      label="Post the difference"
      onDone={onDone}
    />
  );
}

export function PostForm({ of, onDone }: { of: Counted; onDone: () => void }) {
  const { mass, schemas } = useSchemas();
  const key = useKey();
  const specs: Spec[] = [
    { text: `There are ${of.now}.` },
    {
      name: "how",
      label: "What happened",
      options: [
        { value: "used", label: "used for something else" },
        { value: "wasted", label: "wasted or lost" },
        { value: "returned", label: "came back" },
        ...(of.ballId ? [] : [{ value: "bought", label: "bought" }]),
      ],
    },
    {
      name: "amount",
      label: "How much",
      suffix: of.unit === "mass" ? mass : "pieces",
      mode: "decimal",
      focus: true,
    },
    { name: "note", label: "Note" },
  ];
  return (
    <MaterialForm
      schema={of.unit === "mass" ? schemas.postMass : schemas.postPieces}
      hidden={{ intent: "post", kind: of.kind, id: of.id, ballId: of.ballId, unit: of.unit, key }}
      defaults={{ how: "used", amount: "", note: "" }}
      specs={specs}
      label="Post it"
      onDone={onDone}
    />
  );
}

export function BallsForm({
  yarnId,
  fullMg,
  defaults,
  places,
  onDone,
}: {
  yarnId: string;
  fullMg: number;
  defaults: Record<string, string>;
  places: readonly string[];
  onDone: () => void;
}) {
  const { r, mass, schemas } = useSchemas();
  const key = useKey();
  const specs: Spec[] = [
    {
      name: "how",
      label: "Where from",
      options: [
        { value: "bought", label: "bought" },
        { value: "weighed", label: "found in the cupboard" },
        { value: "returned", label: "came back" },
      ],
    },
    { name: "many", label: "How many balls", mode: "numeric", focus: true },
    { name: "eachMg", label: "on each", suffix: mass, mode: "decimal" },
    { name: "price", label: "A whole ball cost", suffix: r.currency, mode: "decimal" },
    { name: "lot", label: "Lot on the band", hint: "Pieces of one colour in one item come from one lot." },
    {
      name: "place",
      label: "Where they lie",
      hint: places.length > 0 ? `So far: ${places.slice(0, 4).join(", ")}` : "Such as “top drawer”.",
    },
    { name: "scrap", label: "keep with the scraps", check: true },
  ];
  return (
    <MaterialForm
      schema={schemas.balls}
      hidden={{ intent: "balls", yarnId, key, fullMg: String(fullMg) }}
      defaults={{ how: "bought", many: "1", ...defaults }}
      specs={specs}
      label="Put them in"
      onDone={onDone}
    />
  );
}

export function BallForm({
  id,
  defaults,
  onDone,
}: {
  id: string;
  defaults: Record<string, string>;
  onDone: () => void;
}) {
  const { schemas } = useSchemas();
  const specs: Spec[] = [
    { name: "lot", label: "Lot on the band", focus: true },
    { name: "place", label: "Where it lies" },
    { name: "note", label: "Note" },
    { name: "scrap", label: "keep with the scraps", check: true },
  ];
  return (
    <MaterialForm
      schema={schemas.ball}
      hidden={{ intent: "ball", id }}
      defaults={defaults}
      specs={specs}
      label="Keep the changes"
      onDone={onDone}
    />
  );
}

export function SupplierForm({ defaults, onDone }: { defaults: Record<string, string>; onDone: () => void }) {
  const { r, schemas } = useSchemas();
  const specs: Spec[] = [
    { name: "name", label: "Supplier", hint: "Such as “The wool shop on the quay”.", focus: true },
    { name: "deliveryDays", label: "Days from order to door", hint: "0 when you go there.", mode: "numeric" },
    { name: "minOrder", label: "Least order", suffix: r.currency, mode: "decimal" },
    { name: "note", label: "Note" },
  ];
  return (
    <MaterialForm
      schema={schemas.supplier}
      hidden={{ intent: "supplier", id: defaults.id }}
      defaults={defaults}
      specs={specs}
      label={defaults.id ? "Keep the changes" : "Add the supplier"}
      onDone={onDone}
    />
  );
}

const Wide = styled(Stack)`
  grid-column: 1 / -1;
`;
const Folded = styled.details<{ wide?: boolean }>`
  grid-column: 1 / -1;
  summary {
    cursor: pointer;
    font-weight: 560;
    color: var(--act);
    padding: 5px 0;
    min-height: 32px;
  }
  > div {
    padding: 6px 0 4px;
  }
`;
const Check = styled.div`
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 36px;
  align-self: end;
`;
const Picked = styled.span`
  display: flex;
  gap: 10px;
  align-items: center;
  input {
    flex: 1;
    padding: 3px;
  }
`;
const Doubted = styled.p`
  margin-top: 14px;
  padding: 10px 14px;
  background: var(--warn-ground);
  border-left: 5px solid var(--warn);
  border-radius: 0 4px 4px 0;
`;
