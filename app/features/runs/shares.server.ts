import type { RunWithLines } from "@db/queries/runs";
import type { LineShares } from "@db/schema";
import { paceUsed } from "@core/hand";
import { analyseStored, loadSurroundings } from "../items/load.server";
import type { Opened } from "../../server/scope.server";
import { plannedItems } from "./planned.server";
import { givable, givableKit, sharesOf, type Givable } from "./shares";

/** What of a line can be given, at the maker's pace and at each helper's. */
export interface ShareableLine {
  readonly lineId: string;
  readonly mine: readonly Givable[];
  readonly theirs: ReadonlyMap<string, readonly Givable[]>;
}

/** The lines of a run as work that can be given to these hands; an item that cannot be read has none. */
export async function shareable(
  r: RunWithLines,
  hands: readonly string[],
  { scope, workshop }: Pick<Opened, "scope" | "workshop">,
): Promise<ShareableLine[]> {
  const planned = await plannedItems(scope, r);
  const around = await Promise.all(["", ...hands].map((h) => loadSurroundings(scope, workshop, h)));
  return Promise.all(
    r.lines.map(async (l): Promise<ShareableLine> => {
      const dressed = planned.get(l.id);
      const works = await Promise.all(
        around.map(async (s) => {
          const got = dressed && (await analyseStored(dressed, s));
          if (!got?.ok) return [];
          const { kit, piece } = got.value;
          return kit ? givableKit(piece.seconds) : givable(piece, paceUsed(s.hand.pace));
        }),
      );
      return {
        lineId: l.id,
        mine: works[0] ?? [],
        theirs: new Map(hands.map((h, i) => [h, works[i + 1] ?? []])),
      };
    }),
  );
}

/** Who is chosen for what, by line and work. */
export type Chosen = ReadonlyMap<string, ReadonlyMap<string, string>>;

export const chosenIn = (r: RunWithLines): Chosen =>
  new Map(
    r.lines.map((l) => [l.id, new Map((l.shares?.given ?? []).map((g) => [g.work, g.handId] as const))]),
  );

/** The shares that a choice comes to, with what each hand takes as it is known today. */
export async function sharesFor(
  r: RunWithLines,
  chosen: Chosen,
  opened: Pick<Opened, "scope" | "workshop">,
): Promise<Map<string, LineShares | null>> {
  const hands = [...new Set([...chosen.values()].flatMap((c) => [...c.values()]))];
  const lines = await shareable(r, hands, opened);
  return new Map(
    r.lines.map((l) => {
      const own = lines.find((x) => x.lineId === l.id);
      return [
        l.id,
        own ? sharesOf(l.plannedWith.seconds, own.mine, chosen.get(l.id) ?? new Map(), own.theirs) : null,
      ];
    }),
  );
}
