import { getLocalTimeZone, parseDate } from "@internationalized/date";
import { z } from "zod";
import type { TrailWish } from "@db/queries/trail";
import type { Scope } from "@db/scope";
import { namesSaying } from "./words";

const day = z.iso.date().optional().catch(undefined);
const schema = z.object({
  words: z.string().trim().max(80).optional().catch(undefined),
  who: z.uuid().optional().catch(undefined),
  before: z.coerce.number().int().positive().optional().catch(undefined),
  from: day,
  to: day,
});

/**
 * What of the trail an address asks for; what cannot be read asks for nothing. Days are those of the
 * workshop.
 */
export function wishOf(params: URLSearchParams, scope: Scope): TrailWish {
  const got = schema.parse(Object.fromEntries(params));
  const zone = scope.zone ?? getLocalTimeZone();
  const begin = (d: string, days = 0) => parseDate(d).add({ days }).toDate(zone);
  return {
    ...(got.words ? { words: got.words, acts: namesSaying(got.words) } : {}),
    ...(got.who ? { accountId: got.who } : {}),
    ...(got.before ? { before: got.before } : {}),
    ...(got.from ? { from: begin(got.from) } : {}),
    ...(got.to ? { to: begin(got.to, 1) } : {}),
  };
}
