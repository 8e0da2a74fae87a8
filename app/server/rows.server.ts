import { listBalls, type Ball } from "@db/queries/balls";
import { balances } from "@db/queries/stock";
import { listColourways, type Colourway } from "@db/queries/colourways";
import { listItems, type ItemWithRevision } from "@db/queries/items";
import {
  listNotions,
  listSwatches,
  listYarns,
  type Notion,
  type Swatch,
  type Yarn,
} from "@db/queries/materials";
import { listOpenRuns, type RunWithLines } from "@db/queries/runs";
import { listChannels, type Channel } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import { keep, readOnce } from "./kept";

/**
 * Rows that nearly every page reads and that hardly ever change. Read-only: they are shared by all requests.
 */

export const allYarns = (scope: Scope): Promise<readonly Yarn[]> =>
  keep(scope, "yarns", ["materials"], () => listYarns(scope, true));
export const allNotions = (scope: Scope): Promise<readonly Notion[]> =>
  keep(scope, "notions", ["materials"], () => listNotions(scope, true));

const live = <T extends { readonly deletedAt: Date | null }>(rows: readonly T[]): readonly T[] =>
  rows.filter((r) => r.deletedAt === null);
/** Yarns that are not deleted. */
export const liveYarns = async (scope: Scope): Promise<readonly Yarn[]> => live(await allYarns(scope));
export const liveNotions = async (scope: Scope): Promise<readonly Notion[]> => live(await allNotions(scope));

/** Newest first. */
export const allSwatches = (scope: Scope): Promise<readonly Swatch[]> =>
  keep(scope, "swatches", ["measured"], () => listSwatches(scope));

/** Items with the revision that counts now, by name. */
export const allItems = (scope: Scope): Promise<readonly ItemWithRevision[]> =>
  keep(scope, "items", ["items"], () => listItems(scope));
/** Also the deleted ones: a run may still name them. */
export const allColourways = (scope: Scope): Promise<readonly Colourway[]> =>
  keep(scope, "colourways", ["items"], () => listColourways(scope, { withDeleted: true }));
export const liveColourways = async (scope: Scope): Promise<readonly Colourway[]> =>
  live(await allColourways(scope));
export const allChannels = (scope: Scope): Promise<readonly Channel[]> =>
  keep(scope, "channels", ["items"], () => listChannels(scope));

/** Runs that are not finished, by their due day: read once in a request. */
export const openRuns = (scope: Scope): Promise<readonly RunWithLines[]> =>
  readOnce(scope, "open runs", () => listOpenRuns(scope));

/** What is on hand by material, mg or pieces. */
export const stockOnHand = (scope: Scope): Promise<ReadonlyMap<string, number>> =>
  keep(scope, "on hand", ["stock"], () => balances(scope));
/** Balls with something left, by yarn and lot. */
export const allBalls = (scope: Scope): Promise<readonly Ball[]> =>
  keep(scope, "balls", ["stock"], () => listBalls(scope));
