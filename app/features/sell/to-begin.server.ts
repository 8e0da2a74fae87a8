import { parseDate } from "@internationalized/date";
import { todayOf, type Opened } from "../../server/scope.server";
import { asOfNow } from "./as-of-now.server";
import { refill } from "./refill.server";
import { shown, type WareShown } from "./ware-name";
import { yearOf } from "./year.server";

/** Days ahead that are looked at. */
const SOON = 10;
const MOST = 6;
/** She comes by every second week where she has not said otherwise. */
const VISIT_WEEKS = 2;

/** A piece that is to be begun soon, and what for. */
export interface ToBegin {
  readonly ware: WareShown;
  readonly make: number;
  readonly beginBy: string;
  readonly for: "places" | "season";
  /** What has to be ordered first, and by when. */
  readonly order: { readonly label: string; readonly by: string } | undefined;
}

/** What shelves, shop and seasons ask to be begun in the coming days, what is latest first. Today is looked at often. */
export const toBegin = (opened: Opened): Promise<{ rows: readonly ToBegin[]; more: number }> =>
  asOfNow(opened, "to begin", undefined, () => reckoned(opened));

async function reckoned(opened: Opened): Promise<{ rows: readonly ToBegin[]; more: number }> {
  const last = parseDate(todayOf(opened.scope)).add({ days: SOON }).toString();
  const [{ ahead }, { seasons }] = await Promise.all([refill(opened, VISIT_WEEKS), yearOf(opened, 1)]);
  const places = ahead.flatMap((x): ToBegin[] => {
    const day = (x.orderBy ?? x.beginBy)?.toString();
    if (day === undefined || day > last || !x.beginBy) return [];
    const order = x.lacks && x.orderBy ? { label: x.lacks.label, by: x.orderBy.toString() } : undefined;
    return [{ ware: shown(x.ware), make: x.make, beginBy: x.beginBy.toString(), for: "places", order }];
  });
  const known = new Set(places.map((p) => p.ware.key));
  const inSeason = seasons.flatMap((x): ToBegin[] => {
    const day = x.startBy?.toString();
    if (x.make === 0 || day === undefined || day > last || known.has(x.ware.key)) return [];
    return [{ ware: shown(x.ware), make: x.make, beginBy: day, for: "season", order: undefined }];
  });
  const rows = [...places, ...inSeason].sort((a, b) => (a.beginBy < b.beginBy ? -1 : 1));
  return { rows: rows.slice(0, MOST), more: Math.max(0, rows.length - MOST) };
}
