import { getFormProps, useForm } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { ArrowDownToLine, Save, Scale } from "lucide-react";
import { useState } from "react";
import { redirect, useNavigation } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/hand-weigh";
import { printTrimmed } from "@core/units";
import { handAction } from "../features/hand/actions.server";
import { loadChoices } from "../features/hand/choices.server";
import { doubtText } from "../features/hand/doubt-text";
import { HandNav } from "../features/hand/nav";
import { handSchemas } from "../features/hand/schema";
import { useScale } from "../features/hand/use-scale";
import { once, openForm } from "../server/form.server";
import { ownScale } from "../server/scale.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { WorkForm } from "../ui/form";
import {
  Badge,
  Button,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  Row,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { FieldGrid, SelectField, TextField } from "../ui/field";
import { DayField } from "../ui/day-input";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Weigh · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const params = new URL(request.url).searchParams;
  return {
    ...(await loadChoices(opened)),
    scale: ownScale() !== undefined,
    wanted: {
      item: params.get("item"),
      part: params.get("part"),
      colourway: params.get("colourway"),
      hand: params.get("hand"),
    },
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, async (o) => {
    const answer = await handAction(form, o);
    return !(answer instanceof Response) && answer.data.done ? redirect("/hand?kept=weigh-in") : answer;
  });
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Weigh({ loaderData: d, actionData: answered }: Route.ComponentProps) {
  const actionData = taken(answered);
  const r = useReading();
  const navigation = useNavigation();
  const scale = useScale(d.scale);
  const [key] = useState(() => crypto.randomUUID());
  const wanted = d.items.find((i) => i.id === d.wanted.item);
  const [itemId, setItemId] = useState((wanted ?? d.items[0])?.id ?? "");
  const [kind, setKind] = useState<"yarn" | "filling">("yarn");
  const [how, setHow] = useState<"alone" | "difference">("alone");
  const schema = handSchemas(r.locale, r.currency, r.system).weighIn;
  const [form, fields] = useForm({
    id: "weigh-in",
    lastResult: actionData && "reply" in actionData ? actionData.reply : undefined,
    onValidate: ({ formData }) => parseWithZod(formData, { schema }),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: {
      handId: (d.hands.find((h) => h.id === d.wanted.hand) ?? d.hands[0])?.id ?? "",
      kind: "yarn",
      itemId,
      part: wanted?.parts.find((p) => p.name === d.wanted.part)?.name ?? "",
      pieces: "1",
      colourwayId: wanted?.colourways.find((c) => c.id === d.wanted.colourway)?.id ?? "",
      how: "alone",
      weight: "",
      before: "",
      after: "",
      step: "0.1",
      madeOn: d.today,
      note: "",
    },
  });
  // A doubt is about what was sent: once something is changed it is asked anew.
  const [changed, setChanged] = useState<unknown>();
  const doubt = actionData && changed !== actionData && "doubt" in actionData ? actionData.doubt : undefined;
  const item = d.items.find((i) => i.id === itemId);
  const parts = item?.parts ?? [];
  const suffix = r.system === "metric" ? "g" : "oz";
  const take = (field: "weight" | "before" | "after") => {
    const box = document.getElementById(fields[field].id) as HTMLInputElement | null;
    const step = document.getElementById(fields.step.id) as HTMLSelectElement | null;
    if (!box || !step) return;
    box.value = printTrimmed(scale.grams, 2, r.locale) + (r.system === "imperial" ? " g" : "");
    step.value = String(scale.stepGrams);
    box.dispatchEvent(new Event("input", { bubbles: true }));
    box.focus();
  };
  const set = (id: string, to: (v: string) => void) => (e: React.FormEvent<HTMLFormElement>) => {
    const t = e.target as HTMLInputElement | HTMLSelectElement;
    if (t.name === id) to(t.value);
  };
  const onInput = (e: React.FormEvent<HTMLFormElement>) => {
    setChanged(actionData);
    set("itemId", setItemId)(e);
    set("kind", (v) => setKind(v as "yarn" | "filling"))(e);
    set("how", (v) => setHow(v as "alone" | "difference"))(e);
  };
  return (
    <Page>
      <PageHead>
        <h1>Weigh</h1>
      </PageHead>
      <HandNav />
      {d.items.length === 0 ? (
        <Empty>
          <h2>First an item</h2>
          <p>
            A weight tells of your tension when the stitches are known. Make an item from its pattern, then
            weigh one of its finished parts.
          </p>
          <ButtonLink to="/items/new" $primary>
            Make an item
          </ButtonLink>
        </Empty>
      ) : (
        <WorkForm {...getFormProps(form)} onInput={onInput} draft="weigh">
          <input type="hidden" name="intent" value="weigh-in" />
          <input type="hidden" name="key" value={key} />
          {doubt ? <input type="hidden" name="sure" value="on" /> : null}
          {d.hands.length > 1 ? null : <input type="hidden" name="handId" value={d.hands[0]?.id ?? ""} />}
          <Columns>
            <Sheet aria-labelledby="what-title">
              <SheetHead>
                <h2 id="what-title">What was made</h2>
              </SheetHead>
              <FieldGrid $min={140}>
                <SelectField
                  field={fields.itemId}
                  label="Item"
                  options={d.items.map((i) => ({ value: i.id, label: i.name }))}
                />
                {(item?.colourways.length ?? 0) > 0 ? (
                  <SelectField
                    field={fields.colourwayId}
                    label="Colourway"
                    options={[
                      { value: "", label: "as designed" },
                      ...(item?.colourways ?? []).map((c) => ({ value: c.id, label: c.name })),
                    ]}
                  />
                ) : null}
                <SelectField
                  field={fields.part}
                  label="Part"
                  options={[
                    { value: "", label: "whole piece" },
                    ...parts.map((p) => ({ value: p.name, label: p.name })),
                  ]}
                />
                <TextField
                  field={fields.pieces}
                  label="How many of them"
                  inputMode="numeric"
                  hint="More at once, surer."
                />
                <SelectField
                  field={fields.kind}
                  label="To learn of"
                  options={[
                    { value: "yarn", label: "the yarn" },
                    { value: "filling", label: "the filling" },
                  ]}
                />
                <SelectField
                  field={fields.how}
                  label="On the scale"
                  options={[
                    { value: "alone", label: kind === "yarn" ? "the parts" : "a bowl of it" },
                    { value: "difference", label: kind === "yarn" ? "ball, then after" : "bag, then after" },
                  ]}
                />
                {d.hands.length > 1 ? (
                  <SelectField
                    field={fields.handId}
                    label="Whose hands"
                    options={d.hands.map((h) => ({ value: h.id, label: h.name }))}
                  />
                ) : null}
                <DayField field={fields.madeOn} label="Day" />
              </FieldGrid>
              {kind === "yarn" && how === "alone" ? (
                <Check>
                  <input type="checkbox" name="filled" id="filled" />{" "}
                  <label htmlFor="filled">they are filled already (much less sure)</label>
                </Check>
              ) : null}
            </Sheet>
            <Sheet aria-labelledby="scale-title">
              <SheetHead>
                <h2 id="scale-title">Kitchen scale</h2>
              </SheetHead>
              <Stack $gap={12}>
                {scale.state === "none" && !d.scale ? (
                  <Small>No scale is connected: type what yours shows.</Small>
                ) : (
                  <Live
                    scale={scale}
                    targets={how === "alone" ? ["weight"] : ["before", "after"]}
                    onTake={take}
                  />
                )}
                <FieldGrid $min={120}>
                  {how === "alone" ? (
                    <TextField
                      field={fields.weight}
                      label="Together they weigh"
                      suffix={suffix}
                      inputMode="decimal"
                    />
                  ) : (
                    <>
                      <TextField
                        field={fields.before}
                        label={`${kind === "yarn" ? "Ball" : "Bag"} before`}
                        suffix={suffix}
                        inputMode="decimal"
                      />
                      <TextField
                        field={fields.after}
                        label={`${kind === "yarn" ? "Ball" : "Bag"} after`}
                        suffix={suffix}
                        inputMode="decimal"
                      />
                    </>
                  )}
                  <SelectField
                    field={fields.step}
                    label="Your scale shows"
                    options={[
                      { value: "0.1", label: "0.1 g steps" },
                      { value: "0.01", label: "0.01 g steps" },
                      { value: "1", label: "1 g steps" },
                    ]}
                  />
                </FieldGrid>
                {doubt ? (
                  <Note role="alert">
                    {doubtText(doubt)} Change it, or keep it as it is: it can be set aside later.
                  </Note>
                ) : null}
                <Keep type="submit" $primary disabled={navigation.state !== "idle"}>
                  <Save size={18} aria-hidden /> {doubt ? "Keep it as it is" : "Keep the weigh-in"}
                </Keep>
              </Stack>
            </Sheet>
          </Columns>
        </WorkForm>
      )}
    </Page>
  );
}

/** The scale's reading as it is now, and what can be done with it. */
function Live({
  scale,
  targets,
  onTake,
}: {
  scale: ReturnType<typeof useScale>;
  targets: readonly ("weight" | "before" | "after")[];
  onTake: (field: "weight" | "before" | "after") => void;
}) {
  const r = useReading();
  return (
    <>
      <Display data-state={scale.state} data-stable={scale.stable || undefined}>
        <output aria-live="off">
          {scale.state === "live" ? printTrimmed(scale.grams, 1, r.locale) : "–"}
        </output>
        <span>g</span>
      </Display>
      <div role="status">
        {scale.state === "live" ? (
          scale.stable ? (
            <Badge $tone="good">stands still</Badge>
          ) : (
            <Badge>moving…</Badge>
          )
        ) : scale.state === "gone" ? (
          <Badge $tone="bad">unplugged: what you typed is kept</Badge>
        ) : (
          <Badge>looking for it…</Badge>
        )}{" "}
        <Small>{scale.stepGrams} g steps</Small>
      </div>
      <Row>
        <Button type="button" onClick={() => scale.send("tare")} disabled={scale.state !== "live"}>
          Tare
        </Button>
        {targets.map((field) => (
          <Button
            key={field}
            type="button"
            $primary
            onClick={() => onTake(field)}
            disabled={scale.state !== "live" || !scale.stable || scale.grams <= 0}
          >
            <ArrowDownToLine size={17} aria-hidden />{" "}
            {field === "weight" ? "Take this weight" : `Take as ${field}`}
          </Button>
        ))}
      </Row>
      <details>
        <summary>
          <Scale size={14} aria-hidden /> This scale is a stand-in
        </summary>
        <Row style={{ marginTop: 8 }}>
          {[
            ["put 0", "nothing on it"],
            ["put 7.4", "a part, 7.4 g"],
            ["put 31", "31 g"],
            ["step 0.1", "0.1 g steps"],
            ["step 1", "1 g steps"],
            ["unplug", "unplug it"],
            ["plug", "plug it in"],
          ].map(([command = "", label]) => (
            <Button key={command} type="button" onClick={() => scale.send(command)}>
              {label}
            </Button>
          ))}
        </Row>
      </details>
    </>
  );
}

const Keep = styled(Button)`
  width: 100%;
  justify-content: center;
  min-height: 48px;
  font-size: 16px;
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(300px, 4fr);
  gap: 18px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Check = styled.div`
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 32px;
`;
const Note = styled.p`
  padding: 10px 14px;
  background: var(--warn-ground);
  border-left: 5px solid var(--warn);
  border-radius: 0 4px 4px 0;
`;
const Display = styled.div`
  display: flex;
  align-items: baseline;
  justify-content: flex-end;
  gap: 8px;
  padding: 14px 18px;
  border-radius: 5px;
  background: var(--mat);
  color: var(--mat-ink);
  font-variation-settings: "MONO" 1;
  output {
    font-size: 46px;
    font-weight: 600;
    line-height: 1;
  }
  span {
    font-size: 20px;
  }
  opacity: 0.72;
  &[data-stable] {
    opacity: 1;
  }
`;
