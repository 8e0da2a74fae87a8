import type { RunWithLines } from "@db/queries/runs";
import type { Opened } from "../../server/scope.server";
import { GIVEN_WORDS } from "../hand/words";
import { bookedOf, runOrder, weekOfHand, type Shelves } from "./load.server";
import { fewer, someFewer, type Lever, type LineLeft, type SentCalendar } from "./outlook";
import { chosenIn, shareable } from "./shares.server";
import { jobsOf, sharesOf } from "./shares";

/** The largest works that are not given yet are tried with each helper. */
const TRIED = 3;

export const calendarSent = (
  shelves: Shelves,
  runs: readonly RunWithLines[],
  today: string,
): SentCalendar => ({
  runs: runOrder(runs).map((r) => bookedOf(r, shelves.helpers)),
  today,
  special: [...shelves.daysByHand].map(([hand, days]) => [hand, [...days]] as const),
});

/** What could be done to be in time with a run: each as the work that it would leave. */
export async function leversOf(
  r: RunWithLines,
  shelves: Shelves,
  runs: readonly RunWithLines[],
  opened: Opened,
): Promise<Lever[]> {
  const week = weekOfHand(r, shelves.helpers);
  const lines: LineLeft[] = r.lines.map((l) => ({ ...l, left: Math.max(0, l.quantity - l.made) }));
  return [
    { kind: "hour" },
    ...(runOrder(runs)[0]?.run.id === r.run.id ? [] : [{ kind: "first" } as const]),
    ...lines.flatMap((l): Lever[] => {
      const pieces = someFewer(l.left);
      const { label } = l.plannedWith;
      return pieces === 0
        ? []
        : [{ kind: "fewer", label, pieces, jobs: jobsOf(fewer(lines, l.id, pieces), week) }];
    }),
    ...(await helped(r, lines, shelves, opened)),
  ];
}

async function helped(
  r: RunWithLines,
  lines: readonly LineLeft[],
  shelves: Shelves,
  opened: Opened,
): Promise<Lever[]> {
  const helpers = shelves.helpers.filter((h) => h.week.some((x) => x > 0));
  if (helpers.length === 0) return [];
  const week = weekOfHand(r, shelves.helpers);
  const works = await shareable(
    r,
    helpers.map((h) => h.id),
    opened,
  );
  const chosen = chosenIn(r);
  return helpers.flatMap((h) =>
    lines
      .flatMap((l) => {
        const own = works.find((w) => w.lineId === l.id);
        const mine = (own?.mine ?? []).filter(
          (g) => !chosen.get(l.id)?.has(g.work) && (h.does === null || h.does.includes(g.kind)),
        );
        return mine.map((g) => ({ l, own, g, all: g.seconds * l.left }));
      })
      .filter((x) => x.all > 0)
      .sort((a, b) => b.all - a.all)
      .slice(0, TRIED)
      .map(({ l, own, g }): Lever => {
        const wanted = new Map([...(chosen.get(l.id) ?? []), [g.work, h.id] as const]);
        // What others have already stays with them as it was reckoned.
        const shares = sharesOf(l.plannedWith.seconds, own?.mine ?? [], wanted, own?.theirs ?? new Map());
        return {
          kind: "helper",
          name: h.name,
          work: g.kind === "parts" ? g.part || "the body" : GIVEN_WORDS[g.kind].name.toLowerCase(),
          label: l.plannedWith.label,
          jobs: jobsOf(
            lines.map((x) => (x.id === l.id ? { ...x, shares } : x)),
            week,
          ),
        };
      }),
  );
}
