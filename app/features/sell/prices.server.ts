import { data, redirect } from "react-router";
import { makingOf, paysHour, type Making } from "@core/costing";
import { minorDigits, parseMoney, parseNumber, printNumber, type Minor } from "@core/units";
import { setPrices, type ListPrice } from "@db/queries/places";
import type { PriceSchool } from "@db/schema";
import { sellingFrom } from "../items/load.server";
import { dayOf, type Opened } from "../../server/scope.server";
import { isHow, priceBy, SCHOOL_WORDS, type How } from "./many-prices";
import { shown } from "./ware-name";
import { wareKey } from "./wares";
import { allPrices, earningIn, loadWares, priceListOf, type Ware } from "./wares.server";

const CHANGES = 15;
const MOST_WARES = 2000;
const MOST_CHANNELS = 40;

/** Explicit prices as they stand: the newest of each piece and channel. */
const standing = (history: readonly ListPrice[]): Map<string, ListPrice & { readonly price: number }> =>
  new Map(
    [...new Map(history.map((p) => [`${wareKey(p.itemId, p.colourwayId)}:${p.channelId}`, p]))].flatMap(
      ([k, v]) => (v.price === null ? [] : [[k, { ...v, price: v.price }] as const]),
    ),
  );

async function listed(opened: Opened, typed?: ReadonlyMap<string, number | null>) {
  const { scope, workshop } = opened;
  const [{ wares, channels, wage }, history] = await Promise.all([
    loadWares(scope, workshop),
    allPrices(scope),
  ]);
  const own = standing(history);
  const priceOf = priceListOf(history);
  return {
    wage,
    history,
    channels,
    wares,
    own,
    rows: wares.map((w) => ({
      ...shown(w),
      price: w.price,
      suggested: w.analysed.entry.item.price === null,
      cells: channels.map((c) => {
        const key = `${w.key}:${c.id}`;
        const asked = typed?.get(key);
        const price = asked === undefined ? priceOf(w, c.id) : (asked ?? w.price);
        const e = earningIn(w, c, channels, price);
        return {
          own: own.get(key)?.price,
          school: own.get(key)?.school ?? ("hand" as const),
          price: priceOf(w, c.id),
          perHour: e.perHour,
          pays: paysHour(e),
          loses: e.forTime < 0,
        };
      }),
    })),
  };
}

/** The price list with what an hour earns in each way of selling, and the last changes. */
export async function priceList(opened: Opened) {
  const { wage, history, channels, rows, wares } = await listed(opened);
  const label = new Map(wares.map((w) => [w.key, w.label]));
  return {
    wage,
    channels,
    rows,
    changes: [...history]
      .reverse()
      .slice(0, CHANGES)
      .map((p) => ({
        on: dayOf(p.since, opened.scope.zone),
        label: label.get(wareKey(p.itemId, p.colourwayId)) ?? "something deleted",
        channel: channels.find((c) => c.id === p.channelId)?.name ?? "—",
        price: p.price,
        school: p.school,
      })),
  };
}

interface Typed {
  readonly cells: Map<string, Minor | null>;
  readonly schools: Map<string, PriceSchool>;
  readonly texts: Record<string, string>;
  readonly wrong: string[];
  readonly wares: readonly string[];
  readonly channels: readonly string[];
}

/** What was typed, cell by cell; a cell that cannot be read is told by its place. */
function readCells(form: FormData, { locale, currency }: Opened["workshop"]): Typed {
  // Both are lists that the page sends: cut to what a page can hold, or a form made to hurt would be gone
  // through for hours.
  const wares = String(form.get("wares") ?? "").split(" ", MOST_WARES);
  const channels = String(form.get("channels") ?? "").split(" ", MOST_CHANNELS);
  const cells = new Map<string, Minor | null>();
  const schools = new Map<string, PriceSchool>();
  const texts: Record<string, string> = {};
  const wrong: string[] = [];
  wares.forEach((w, i) =>
    channels.forEach((c, j) => {
      const name = `c${i * channels.length + j}`;
      const text = form.get(name);
      if (typeof text !== "string") return;
      texts[name] = text;
      const school = schoolOf(form.get(`from-${name}`), text);
      if (school) schools.set(`${w}:${c}`, school);
      if (text.trim() === "") return cells.set(`${w}:${c}`, null);
      const read = parseMoney(text, currency, locale);
      if (read.ok && read.value >= 0 && read.value <= 100_000_000) return cells.set(`${w}:${c}`, read.value);
      wrong.push(name);
      return undefined;
    }),
  );
  return { cells, schools, texts, wrong, wares, channels };
}

/** The school that a price was looked at with, while the price is still what it asked. */
function schoolOf(from: FormDataEntryValue | null, text: string): PriceSchool | undefined {
  if (typeof from !== "string") return undefined;
  const [school = "", asked] = from.split(" ");
  return asked === text && Object.hasOwn(SCHOOL_WORDS, school) ? (school as PriceSchool) : undefined;
}

type List = Awaited<ReturnType<typeof listed>>;

/** Prices changed in one press, or what was typed saved. */
export async function changePrices(form: FormData, opened: Opened) {
  const typed = readCells(form, opened.workshop);
  const { cells, texts, wrong } = typed;
  if (wrong.length > 0) return refusedCells(typed, wrong);
  const now = await listed(opened);
  switch (form.get("intent")) {
    case "raise":
      return changeMany(form, opened, typed, now);
    case "preview":
      return data({
        texts,
        from: fromOf(typed),
        wrong: NONE,
        beyond: 0,
        rows: (await listed(opened, cells)).rows,
      });
    default:
      return save(opened, typed, now);
  }
}

const NONE: readonly string[] = [];
const refusedCells = (typed: Typed, wrong: readonly string[]) =>
  data({ texts: typed.texts, from: fromOf(typed), wrong, beyond: 0, rows: undefined }, { status: 400 });

/** Beside each cell the school that its text came from. */
const fromOf = ({ schools, texts, wares, channels }: Typed): Record<string, string> =>
  Object.fromEntries(
    wares.flatMap((w, i) =>
      channels.flatMap((c, j) => {
        const name = `c${i * channels.length + j}`;
        const school = schools.get(`${w}:${c}`);
        return school ? [[name, `${school} ${texts[name] ?? ""}`]] : [];
      }),
    ),
  );

const makingFor = (ware: Ware, { workshop }: Opened, channels: List["channels"], at: string) => {
  const { piece, cost } = ware.analysed.analysis;
  const selling = sellingFrom(channels, at, ware.analysed.entry.item);
  const making: Making = {
    ...makingOf(cost, piece.seconds.value, selling),
    wagePerHour: workshop.wagePerHour,
    overheadPerHour: workshop.overheadPerHour,
  };
  return { making, channel: selling.channel };
};

async function changeMany(form: FormData, opened: Opened, typed: Typed, now: List) {
  const { workshop } = opened;
  const { cells, texts, wares, channels } = typed;
  const sent = form.get("how");
  const how: How = isHow(sent) ? sent : "percent";
  const by = parseNumber(String(form.get("by") ?? ""), workshop.locale);
  if (how === "percent" && (!by.ok || by.value <= -100 || by.value > 1000))
    return refusedCells(typed, ["by"]);
  const where = String(form.get("where") ?? "");
  const terms = {
    percent: by.ok ? by.value : 0,
    margin: workshop.marginBp / 10_000,
    points: workshop.pricePoints.split(",").filter(Boolean).map(Number),
  };
  const digits = minorDigits(workshop.currency);
  const known = new Map(now.wares.map((w, i) => [w.key, { ware: w, row: now.rows[i] }]));
  const changed = { ...typed, cells: new Map(cells), schools: new Map(typed.schools), texts: { ...texts } };
  let beyond = 0;
  // The page’s own order: another tab may have added a piece meanwhile.
  wares.forEach((w, i) =>
    channels.forEach((c, j) => {
      const { ware, row } = known.get(w) ?? {};
      const at = now.channels.findIndex((x) => x.id === c);
      if (!ware || !row || at < 0 || (where !== "" && where !== c)) return;
      const key = `${w}:${c}`;
      const price = cells.get(key) ?? row.cells[at]?.price ?? row.price;
      const to = priceBy(how, { ...makingFor(ware, opened, now.channels, c), price }, terms);
      if (to === undefined) {
        beyond++;
        return;
      }
      changed.cells.set(key, to);
      if (how === "own") changed.schools.delete(key);
      else changed.schools.set(key, how);
      changed.texts[`c${i * channels.length + j}`] =
        to === null ? "" : printNumber(to / 10 ** digits, digits, workshop.locale);
    }),
  );
  return data({
    texts: changed.texts,
    from: fromOf(changed),
    wrong: NONE,
    beyond,
    rows: (await listed(opened, changed.cells)).rows,
  });
}

async function save({ scope }: Opened, { cells, schools, wares, channels }: Typed, now: List) {
  const known = new Set(now.wares.map((w) => w.key));
  const changed = wares.flatMap((w) =>
    channels.flatMap((channelId) => {
      const key = `${w}:${channelId}`;
      const price = cells.get(key);
      if (price === undefined || !known.has(w) || !now.channels.some((c) => c.id === channelId)) return [];
      if (price === (now.own.get(key)?.price ?? null)) return [];
      const [itemId = "", colourwayId = ""] = w.split(":");
      return [{ itemId, colourwayId, channelId, price, school: schools.get(key) ?? ("hand" as const) }];
    }),
  );
  await setPrices(scope, changed);
  return redirect(`/sell/prices?saved=${changed.length}`);
}
