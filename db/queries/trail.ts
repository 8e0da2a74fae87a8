import { and, asc, desc, eq, gt, inArray, like, lt, or } from "drizzle-orm";
import { trail, trailHead } from "../schema";
import { mine, type Scope } from "../scope";
import { brokenAt, type TrailRow } from "../trail";

export type { TrailRow } from "../trail";

export interface TrailWish {
  /** Words that a row must have in who, what or about what it was. */
  readonly words?: string;
  /** Acts by name that are looked for beside the words. */
  readonly acts?: readonly string[];
  readonly accountId?: string;
  /** Rows before this one: a page further back. */
  readonly before?: number;
  readonly from?: Date;
  readonly to?: Date;
}

/** The newest rows first. */
export async function listTrail(scope: Scope, wish: TrailWish, most: number): Promise<TrailRow[]> {
  const literal = (wish.words ?? "").replace(/[\\%_]/g, (c) => `\\${c}`);
  const words = literal === "" ? undefined : `%${literal}%`;
  return scope.db
    .select()
    .from(trail)
    .where(
      mine(
        scope,
        trail,
        wish.before === undefined ? undefined : lt(trail.seq, wish.before),
        wish.accountId === undefined ? undefined : eq(trail.accountId, wish.accountId),
        wish.from === undefined ? undefined : gt(trail.at, wish.from),
        wish.to === undefined ? undefined : lt(trail.at, wish.to),
        words === undefined
          ? undefined
          : or(
              like(trail.who, words),
              like(trail.what, words),
              like(trail.subject, words),
              like(trail.detail, words),
              wish.acts && wish.acts.length > 0 ? inArray(trail.what, [...wish.acts]) : undefined,
            ),
      ),
    )
    .orderBy(desc(trail.seq))
    .limit(most);
}

const STEP = 2000;

/** Goes through the whole trail, and says how long it is and where it is broken. */
export async function checkTrail(scope: Scope): Promise<{ rows: number; broken: number | undefined }> {
  const [head] = await scope.db.select().from(trailHead).where(mine(scope, trailHead));
  const rows: TrailRow[] = [];
  for (let last = 0; ;) {
    const some = await scope.db
      .select()
      .from(trail)
      .where(and(mine(scope, trail), gt(trail.seq, last)))
      .orderBy(asc(trail.seq))
      .limit(STEP);
    rows.push(...some);
    last = some.at(-1)?.seq ?? last;
    if (some.length < STEP) break;
  }
  return { rows: rows.length, broken: brokenAt(scope.workshopId, rows, head) };
}
