import { getFormProps, useForm } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { Footprints, Trash2, UserRound, UsersRound } from "lucide-react";
import { data, redirect, useNavigation, useSearchParams, type AppLoadContext } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import { getLocalTimeZone } from "@internationalized/date";
import type { Route } from "./+types/settings";
import { changedMeanwhile } from "../changed";
import { copiesShown, makeAskedCopy } from "../features/settings/copies.server";
import { channelContent, channelSchema } from "../features/settings/channel-form";
import { ChannelsPanel } from "../features/settings/channels-panel";
import { goesByText } from "../features/settings/goes-by";
import { channelView } from "../features/items/load.server";
import { CalendarPanel } from "../features/settings/calendar-panel";
import { FilePanel } from "../features/settings/file-panel";
import { CopiesPanel } from "../features/settings/copies-panel";
import { Meanwhile } from "../ui/meanwhile";
import { ChangedMeanwhile } from "@db/scope";
import { membershipsOf } from "@db/queries/accounts";
import {
  findWorkshop,
  listWorkshops,
  saveChannel,
  setChannelDeleted,
  whatGoesBy,
  updateWorkshop,
  type Workshop,
} from "@db/queries/workshops";
import { minorDigits, printNumber, printTrimmed, seconds } from "@core/units";
import { fields as quantityFields, id, name, seen, weekDays, workDaysOf } from "../forms";
import { once, openForm, refused } from "../server/form.server";
import { dayOf, openWorkshop, type Opened } from "../server/scope.server";
import { calendarAddressOf, newCalendarAddress, revokeCalendarAddress } from "@db/queries/calendar";
import { keepPage, taken } from "../ui/away";
import { WorkForm } from "../ui/form";
import { Button, ButtonLink, Page, PageHead, Row, Sheet, SheetHead, Small, Stack } from "../ui/basics";
import { FieldGrid, Input, Select, SelectField, TextField } from "../ui/field";
import { useReading } from "../ui/reading";
import { Legend, WeekDays } from "../ui/week-days";
import { allChannels } from "../server/rows.server";

export const meta: Route.MetaFunction = () => [{ title: "Settings · Lapka" }];

export const LOCALES = [
  { value: "en-IE", label: "English, Ireland (1,234.50)" },
  { value: "en-GB", label: "English, United Kingdom (1,234.50)" },
  { value: "en-US", label: "English, United States (1,234.50)" },
  { value: "de-DE", label: "Numbers as in Germany (1.234,50)" },
  { value: "fr-FR", label: "Numbers as in France (1 234,50)" },
] as const;
const CURRENCIES = [
  "EUR",
  "GBP",
  "USD",
  "CAD",
  "AUD",
  "NZD",
  "CHF",
  "SEK",
  "NOK",
  "DKK",
  "PLN",
  "CZK",
  "JPY",
] as const;
/** Zones with an IANA name that this platform knows. */
const ZONES: ReadonlySet<string> = new Set(Intl.supportedValuesOf("timeZone"));
const SETTING_WORDS: ReadonlyMap<string, string> = new Map([
  ["name", "Workshop"],
  ["locale", "Numbers and dates"],
  ["currency", "Currency"],
  ["units", "Units"],
  ["terms", "Stitch names"],
  ["weekMinutes", "Hours a week"],
  ["setUpColour", "Another colour"],
  ["setUpHook", "Another hook"],
  ["setUpStage", "Another kind of work"],
  ["wagePerHour", "Your hour should earn"],
  ["overheadPerHour", "Overhead for an hour"],
  ["marginBp", "Margin"],
  ["pricePoints", "Price endings"],
  ["costSchool", "Used material is valued"],
  ["halfLifeDays", "Half-life"],
  ["timeZone", "Your days begin in"],
  ["licence", "Line under your patterns"],
]);
/** What work and material cost, and what is asked for them: the owner's to set. */
const MONEY_FIELDS = {
  currency: true,
  wagePerHour: true,
  overheadPerHour: true,
  marginBp: true,
  pricePoints: true,
  costSchool: true,
} as const;

/** Seconds; who needs longer has another room to go to. */
const MOST_SET_UP = 3600;

function settingsSchema(locale: string, currency: string) {
  const f = quantityFields(locale, currency, "metric");
  return z.object({
    intent: z.literal("settings"),
    seen,
    name: name("Name your workshop."),
    locale: z.enum(LOCALES.map((l) => l.value) as [string, ...string[]]),
    currency: z.enum(CURRENCIES),
    units: z.enum(["metric", "imperial"]),
    terms: z.enum(["us", "uk"]),
    weekMinutes: f.hoursAsMinutes("Write how many hours a week you make things."),
    setUpColour: f.count("Write the seconds; 0 for none.", 0, MOST_SET_UP).transform(seconds),
    setUpHook: f.count("Write the seconds; 0 for none.", 0, MOST_SET_UP).transform(seconds),
    setUpStage: f.count("Write the seconds; 0 for none.", 0, MOST_SET_UP).transform(seconds),
    days: weekDays,
    wagePerHour: f.money("Write what an hour of yours should earn."),
    overheadPerHour: f.money("Write what rent, light and tools cost for an hour of making; 0 if nothing."),
    marginBp: f.percentBp("Write the margin you want on the price; 0 if none.", 80),
    costSchool: z.enum(["lot", "average"]),
    halfLifeDays: f.count("Write days; 0 for never.", 0, 10_000),
    licence: z
      .string()
      .trim()
      .max(400, { error: "400 letters at most." })
      .optional()
      .transform((t) => t ?? ""),
    timeZone: z
      .string()
      .max(64)
      .optional()
      .transform((t) => t ?? "")
      .refine((t) => t === "" || ZONES.has(t), { error: "Choose a zone from the list." }),
    pricePoints: z
      .string()
      .max(60)
      .optional()
      .transform((t, ctx) => {
        const parts = (t ?? "").split(/[,; ]+/).filter(Boolean);
        if (parts.some((p) => !/^\d{1,2}$/.test(p))) {
          ctx.addIssue({
            code: "custom",
            message: "Write endings from 0 to 99, such as 0, 50 for whole and half.",
          });
          return z.NEVER;
        }
        return parts.map(Number).join(",");
      }),
  });
}

/** The settings as the form shows them. */
function settingsTexts(w: Workshop) {
  const digits = minorDigits(w.currency);
  const money = (n: number) => printNumber(n / 10 ** digits, digits, w.locale);
  return {
    seen: String(w.version),
    name: w.name,
    locale: w.locale,
    currency: w.currency,
    units: w.units,
    terms: w.terms,
    weekMinutes: printTrimmed(w.weekMinutes / 60, 2, w.locale),
    setUpColour: String(w.setUpColour),
    setUpHook: String(w.setUpHook),
    setUpStage: String(w.setUpStage),
    wagePerHour: money(w.wagePerHour),
    overheadPerHour: money(w.overheadPerHour),
    marginBp: printTrimmed(w.marginBp / 100, 2, w.locale),
    pricePoints: w.pricePoints,
    costSchool: w.costSchool,
    halfLifeDays: String(w.halfLifeDays),
    timeZone: w.timeZone,
    licence: w.licence,
    days: [...w.workDays].flatMap((d, i) => (d === "1" ? [String(i)] : [])),
  };
}

/** The days are seen by their ticks. */
const textsOf = ({ days: _days, ...texts }: ReturnType<typeof settingsTexts>) => texts;

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop, role } = await openWorkshop(request, context);
  const [channels, workshops, calendar] = await Promise.all([
    allChannels(scope),
    workshopsOf(context),
    calendarAddressOf(scope),
  ]);
  return {
    calendarSince: calendar && dayOf(calendar, scope.zone),
    workshop,
    channels,
    views: channels.map(channelView),
    owns: role === "owner",
    workshops,
    zones: [...ZONES],
    computerZone: getLocalTimeZone(),
    copies: copiesShown(),
  };
}

/** Those that whoever asks may open; in the open demo all. */
async function workshopsOf({ db, passed }: AppLoadContext): Promise<{ id: string; name: string }[]> {
  if (passed.who.kind !== "account") return listWorkshops(db);
  const own = await membershipsOf(db, passed.who.session.accountId);
  return own.map((m) => ({ id: m.workshopId, name: m.workshop }));
}

/** Asked for by somebody who owns the workshop; a partner has the rest. */
const OWNERS: readonly unknown[] = ["channel", "delete-channel", "copy"];

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  if (opened.role !== "owner" && OWNERS.includes(form.get("intent"))) throw data(null, { status: 403 });
  // What is answered once is kept; an address that is told once must not be.
  if (form.get("intent") === "calendar")
    return data({
      calendar: `${new URL(args.request.url).origin}/calendar/${await newCalendarAddress(opened.scope)}.ics`,
    });
  return once(opened, form, (o) => change(form, o));
}

async function change(form: FormData, { scope, workshop, role }: Opened) {
  if (form.get("intent") === "settings") {
    const whole = settingsSchema(workshop.locale, workshop.currency);
    const schema = role === "owner" ? whole : whole.omit(MONEY_FIELDS);
    const got = parseWithZod(form, { schema: schema as typeof whole });
    if (got.status !== "success") return data({ settings: got.reply() }, { status: 400 });
    const { intent: _intent, days, seen: version, ...rest } = got.value;
    try {
      await updateWorkshop(scope, { ...rest, workDays: workDaysOf(days) }, version);
    } catch (error) {
      if (!(error instanceof ChangedMeanwhile)) throw error;
      const now = await findWorkshop(scope.db, scope.workshopId);
      return data(
        { changed: changedMeanwhile(form, now ? textsOf(settingsTexts(now)) : {}) },
        { status: 409 },
      );
    }
    return redirect("/settings?saved=1");
  }
  if (form.get("intent") === "channel") {
    const got = parseWithZod(form, { schema: channelSchema(workshop.locale, workshop.currency) });
    if (got.status !== "success") return data({ channel: got.reply() }, { status: 400 });
    const { id: own, seen: version } = got.value;
    await saveChannel(scope, { ...channelContent(got.value), id: own }, version);
    return redirect("/settings?saved=1#channels");
  }
  if (form.get("intent") === "calendar-off") {
    await revokeCalendarAddress(scope);
    return redirect("/settings?saved=1#calendar");
  }
  if (form.get("intent") === "copy") return data({ copied: await makeAskedCopy() });
  const remove = z.object({ intent: z.literal("delete-channel"), id }).safeParse(Object.fromEntries(form));
  if (!remove.success) throw data(null, { status: 400 });
  const still = goesByText(await whatGoesBy(scope, remove.data.id));
  if (still !== undefined) return refused(still, 409);
  await setChannelDeleted(scope, remove.data.id, true);
  return redirect(`/settings?deleted=channel:${remove.data.id}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Settings({ loaderData, actionData: answered }: Route.ComponentProps) {
  const actionData = taken(answered);
  const r = useReading();
  const navigation = useNavigation();
  const [params] = useSearchParams();
  const { workshop: w, channels, workshops, owns } = loaderData;
  const [form, fields] = useForm({
    id: "settings",
    lastResult: actionData && "settings" in actionData ? actionData.settings : undefined,
    onValidate: ({ formData }) => {
      const whole = settingsSchema(r.locale, r.currency);
      return parseWithZod(formData, {
        schema: (owns ? whole : whole.omit(MONEY_FIELDS)) as typeof whole,
      });
    },
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: settingsTexts(w),
  });
  const dayErrors = fields.days.errors;
  const meanwhile = actionData && "changed" in actionData ? actionData.changed : undefined;
  return (
    <Page>
      <PageHead>
        <h1>Settings</h1>
        {params.get("saved") ? <Small role="status">saved</Small> : null}
        <ButtonLink to="/account">
          <UserRound size={16} aria-hidden /> Your account
        </ButtonLink>
        {owns ? (
          <ButtonLink to="/people">
            <UsersRound size={16} aria-hidden /> People
          </ButtonLink>
        ) : null}
        {owns ? (
          <ButtonLink to="/trail">
            <Footprints size={16} aria-hidden /> Trail
          </ButtonLink>
        ) : null}
        <ButtonLink to="/bin">
          <Trash2 size={16} aria-hidden /> Bin
        </ButtonLink>
      </PageHead>
      <Stack $gap={18} style={{ maxWidth: 900 }}>
        <WorkForm {...getFormProps(form)} draft="settings">
          <input type="hidden" name="intent" value="settings" />
          <input type="hidden" name="seen" value={meanwhile?.version ?? w.version} />
          <Stack $gap={18}>
            <Sheet>
              <SheetHead>
                <h2>Your hours</h2>
              </SheetHead>
              <FieldGrid $min={250}>
                <TextField
                  field={fields.weekMinutes}
                  label="Hours a week for making"
                  suffix="h"
                  inputMode="decimal"
                  hint="Run finish days come from this."
                />
                <WeekDays name={fields.days.name} workDays={w.workDays} errors={dayErrors} />
                {owns ? (
                  <>
                    <TextField
                      field={fields.wagePerHour}
                      label="Your hour should earn"
                      suffix={w.currency}
                      inputMode="decimal"
                    />
                    <TextField
                      field={fields.overheadPerHour}
                      label="Overhead for an hour"
                      suffix={w.currency}
                      inputMode="decimal"
                      hint="Rent, light, tools, stall fees, shared out."
                    />
                  </>
                ) : null}
                <TextField
                  field={fields.halfLifeDays}
                  label="Your hand’s half-life"
                  suffix="days"
                  inputMode="numeric"
                  hint="A measurement of this age weighs half; 0: never."
                />
                <TextField
                  field={fields.licence}
                  label="Line under your patterns"
                  hint="Such as: for your own use; what you make from it you may sell."
                />
                <TextField
                  field={fields.setUpColour}
                  label="To take up another colour"
                  suffix="s"
                  inputMode="numeric"
                  hint="The order of the work weighs these; the bench corrects colour and kind of work."
                />
                <TextField
                  field={fields.setUpHook}
                  label="To take up another hook"
                  suffix="s"
                  inputMode="numeric"
                />
                <TextField
                  field={fields.setUpStage}
                  label="To begin another kind of work"
                  suffix="s"
                  inputMode="numeric"
                />
              </FieldGrid>
            </Sheet>
            {owns ? (
              <Sheet>
                <SheetHead>
                  <h2>Prices</h2>
                </SheetHead>
                <FieldGrid $min={250}>
                  <TextField
                    field={fields.marginBp}
                    label="Margin on the price"
                    suffix="%"
                    inputMode="decimal"
                    hint="Kept for growth, gifts and rejects."
                  />
                  <TextField
                    field={fields.pricePoints}
                    label="Price endings"
                    hint="0, 50: prices end on .00 or .50. Empty: no rounding."
                  />
                  <SelectField
                    field={fields.currency}
                    label="Currency"
                    options={CURRENCIES.map((c) => ({ value: c, label: c }))}
                  />
                  <SelectField
                    field={fields.costSchool}
                    label="Used material is valued"
                    options={[
                      { value: "lot", label: "by what its own lot cost" },
                      { value: "average", label: "by moving average" },
                    ]}
                  />
                </FieldGrid>
              </Sheet>
            ) : null}
            <Sheet>
              <SheetHead>
                <h2>How things are written</h2>
              </SheetHead>
              <FieldGrid $min={250}>
                <TextField field={fields.name} label="Workshop" />
                <SelectField
                  field={fields.units}
                  label="Units"
                  options={[
                    { value: "metric", label: "Metric: mm, m, g" },
                    { value: "imperial", label: "Imperial: in, yd, oz" },
                  ]}
                />
                <SelectField
                  field={fields.terms}
                  label="Stitch names"
                  options={[
                    { value: "us", label: "US: sc, hdc, dc" },
                    { value: "uk", label: "UK: dc, htr, tr" },
                  ]}
                />
                <SelectField field={fields.locale} label="Numbers and dates" options={LOCALES} />
                <SelectField
                  field={fields.timeZone}
                  label="Your days begin in"
                  options={[
                    { value: "", label: `this computer’s zone (${loaderData.computerZone})` },
                    ...loaderData.zones.map((z) => ({ value: z, label: z.replaceAll("_", " ") })),
                  ]}
                />
              </FieldGrid>
              {meanwhile ? (
                <Meanwhile
                  changed={meanwhile}
                  before={settingsTexts(w)}
                  label={(n) => SETTING_WORDS.get(n) ?? n}
                />
              ) : null}
              <p style={{ marginTop: 14 }}>
                <Button type="submit" $primary disabled={navigation.state !== "idle"}>
                  Save the settings
                </Button>
              </p>
            </Sheet>
          </Stack>
        </WorkForm>
        {owns ? (
          <ChannelsPanel
            channels={channels}
            views={loaderData.views}
            currency={w.currency}
            changing={channels.find((c) => c.id === params.get("channel"))}
            lastResult={actionData && "channel" in actionData ? actionData.channel : undefined}
          />
        ) : null}
        <CalendarPanel
          since={loaderData.calendarSince}
          made={actionData && "calendar" in actionData ? actionData.calendar : undefined}
        />
        {owns ? <FilePanel /> : null}
        {owns ? (
          <CopiesPanel copies={loaderData.copies} zone={w.timeZone || loaderData.computerZone} />
        ) : null}
        <Sheet>
          <SheetHead>
            <h2>Workshops</h2>
            <Small>each has its own items, materials and runs</Small>
          </SheetHead>
          <FieldGrid $min={300}>
            <WorkForm action="/workshops">
              <input type="hidden" name="intent" value="open" />
              <Legend as="label" htmlFor="open-workshop">
                Open another
              </Legend>
              <Row>
                <Select id="open-workshop" name="id" defaultValue={w.id} style={{ flex: 1, width: "auto" }}>
                  {workshops.map((x) => (
                    <option key={x.id} value={x.id}>
                      {x.name}
                    </option>
                  ))}
                </Select>
                <Button type="submit">Open</Button>
              </Row>
            </WorkForm>
            <WorkForm action="/workshops">
              <input type="hidden" name="intent" value="create" />
              <Legend as="label" htmlFor="new-workshop">
                Begin an empty one
              </Legend>
              <Row>
                <Input
                  id="new-workshop"
                  name="name"
                  required
                  maxLength={120}
                  placeholder="Its name"
                  style={{ flex: 1, width: "auto" }}
                />
                <Button type="submit">Begin</Button>
              </Row>
              {params.get("workshop") === "unnamed" ? <Wrong>Give the workshop a name first.</Wrong> : null}
            </WorkForm>
          </FieldGrid>
        </Sheet>
      </Stack>
    </Page>
  );
}

const Wrong = styled.div`
  color: var(--bad);
  font-size: 13px;
  font-weight: 560;
`;
