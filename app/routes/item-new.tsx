import { micrometres, micrometresToMm } from "@core/units";
import { lazy, useState } from "react";
import { getFormProps, useForm } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { data, redirect, useNavigation } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-new";
import { createItem } from "@db/queries/items";
import { saveKit } from "@db/queries/kits";
import { MAIN_SLOT } from "@core/notation";
import { nameFromFile, putText } from "../features/items/bring/put-text";
import { sellingFrom, loadSurroundings } from "../features/items/load.server";
import { reckon } from "../features/items/reckon.server";
import { kitOfFile } from "../features/kit/kit.server";
import { handedSchema, type Handed } from "../features/items/bring/handed-schema";
import { proposedBy, proposedFrom, slotsOf } from "../features/items/from-head";
import { ITEM_KINDS } from "../features/items/kinds";
import { MAX_PATTERN, PATTERN_TOO_LONG } from "../features/items/schema";
import { unreckonedText } from "../features/items/unreckoned";
import { smallHook } from "../features/items/materials-panel";
import { once, openForm, PATTERN_FORM } from "../server/form.server";
import type { Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { WorkForm } from "../ui/form";
import { Button, Page, PageHead, Sheet, Small, Stack } from "../ui/basics";
import { Field, SelectField, Textarea, TextField } from "../ui/field";
import { Late } from "../ui/late";
import { liveNotions, liveYarns } from "../server/rows.server";

const BringPattern = lazy(async () => ({
  default: (await import("../features/items/bring/bring-pattern")).BringPattern,
}));

export const meta: Route.MetaFunction = () => [{ title: "New item · Lapka" }];

const schema = z.object({
  name: z
    .string({ error: "Give the item a name, such as “Puffin keychain”." })
    .trim()
    .max(120, { error: "A name may have 120 letters at most." }),
  kind: z.enum(["keychain", "ornament", "figure", "kit", "other"]),
  pattern: z.string().max(MAX_PATTERN, { error: PATTERN_TOO_LONG }).optional(),
  handed: z
    .string()
    .max(60_000)
    .optional()
    .transform((text, ctx) => {
      const read = text ? handedSchema.safeParse(jsonOf(text)) : undefined;
      if (read?.success) return read.data;
      if (read) ctx.addIssue({ code: "custom", message: "What came with the file cannot be read." });
      return undefined;
    }),
});

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, PATTERN_FORM);
  return once(opened, form, (o) => make(form, o));
}

async function make(form: FormData, { scope, workshop }: Opened) {
  const submission = parseWithZod(form, { schema });
  if (submission.status !== "success") return data(submission.reply(), { status: 400 });
  const { name, kind, pattern = "", handed } = submission.value;
  const hanger = kind === "keychain" || kind === "ornament";
  // Sensible beginnings: what stands above the rounds, the one yarn there is, the filling there is.
  const [yarns, notions, s] = await Promise.all([
    liveYarns(scope),
    liveNotions(scope),
    loadSurroundings(scope, workshop),
  ]);
  // Read before it is kept: a text that cannot be reckoned stays on the page.
  const read = await reckon(
    { pattern, firmness: "medium", hanger, slots: [], notions: [] },
    {
      ...s,
      yarns: [],
      notions: [],
      selling: sellingFrom(s.channels, null),
      price: undefined,
      hand: undefined,
    },
  );
  if (!read.ok)
    return data(
      submission.reply({ fieldErrors: { pattern: [`Not kept yet. ${unreckonedText(read.why)}`] } }),
      {
        status: 422,
      },
    );
  const found = slotsOf(read.value.checked);
  const said = proposedFrom(
    read.value.checked.head,
    found.length > 0 ? found : [MAIN_SLOT],
    yarns,
    notions,
    (y) => micrometres(smallHook({ hookMm: micrometresToMm(y.hookUm) }) * 1000),
  );
  const proposed = handed ? proposedBy(handed, said, yarns, notions) : said;
  const id = await createItem(
    scope,
    { name, kind },
    {
      pattern,
      firmness: "medium",
      hanger,
      note: "",
      slots: [...proposed.slots],
      notions: [...proposed.notions],
    },
  );
  if (handed?.kit) await saveKit(scope, id, kitOfFile(handed.kit), 0);
  return redirect(`/items/${id}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function NewItem({ actionData }: Route.ComponentProps) {
  const navigation = useNavigation();
  const [handed, setHanded] = useState<Handed>();
  const [form, fields] = useForm({
    lastResult: taken(actionData),
    onValidate: ({ formData }) => parseWithZod(formData, { schema }),
    // Not when she leaves the name for a file: a message that comes up under the pointer moves what it
    // presses.
    shouldValidate: "onSubmit",
    shouldRevalidate: "onInput",
    defaultValue: { kind: "keychain", name: "", pattern: "" },
  });
  return (
    <Page>
      <PageHead>
        <h1>New item</h1>
      </PageHead>
      <Sheet style={{ maxWidth: 760 }}>
        <WorkForm {...getFormProps(form)} draft="new item">
          <Stack>
            <TextField
              field={fields.name}
              label="Name"
              hint="What it says on the tag, such as “Buoy ornament”."
              autoFocus
            />
            <SelectField field={fields.kind} label="Kind" options={ITEM_KINDS} />
            {handed ? <input type="hidden" name="handed" value={JSON.stringify(handed)} /> : null}
            <Late>
              <BringPattern
                hasText={() => areaOf(fields.pattern.id)?.value.trim() !== ""}
                onText={(text, how, { name: file, handed: own }) => {
                  setHanded(own);
                  const name = document.getElementById(fields.name.id);
                  if (name instanceof HTMLInputElement && name.value.trim() === "")
                    putText(name, own?.name ?? nameFromFile(file), "replace");
                  const kind = document.getElementById(fields.kind.id);
                  if (kind instanceof HTMLSelectElement && ITEM_KINDS.some((k) => k.value === own?.kind))
                    kind.value = own?.kind ?? kind.value;
                  const area = areaOf(fields.pattern.id);
                  if (area) putText(area, text, how);
                }}
              />
            </Late>
            <Field
              label="Written pattern"
              name={fields.pattern.name}
              id={fields.pattern.id}
              errors={fields.pattern.errors}
              hint="Paste all of its parts at once; you can also leave this empty and type it on the next page."
            >
              {(bind) => (
                <Textarea
                  {...bind}
                  defaultValue={fields.pattern.initialValue}
                  rows={12}
                  spellCheck={false}
                  className="mono"
                  placeholder={"Head\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc × 6 (12)"}
                />
              )}
            </Field>
            <div>
              <Button type="submit" $primary disabled={navigation.state !== "idle"}>
                Make the item
              </Button>{" "}
              <Small>It is counted, drawn and costed on the next page.</Small>
            </div>
          </Stack>
        </WorkForm>
      </Sheet>
    </Page>
  );
}

/**
 * The pattern's own field: it keeps its text itself, so that what is typed is never taken over by a render.
 */
const areaOf = (id: string): HTMLTextAreaElement | undefined => {
  const found = document.getElementById(id);
  return found instanceof HTMLTextAreaElement ? found : undefined;
};
