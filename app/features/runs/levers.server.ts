import type { RunWithLines } from "@db/queries/runs";
import type { Opened } from "../../server/scope.server";
import { bookedOf, runOrder, weekOfHand, type Shelves } from "./load.server";
import { leftOf } from "./lines";
import type { Lever, SentCalendar } from "./outlook";
import { chosenIn, shareable } from "./shares.server";
import { jobsOf, sharesOf, workName, type SharedLine } from "./shares";

/** The largest works that are not given yet are tried with each helper. */
const TRIED = 3;
/** A tenth of the pieces, at least one; none where that would be all of them. */
const someFewer = (left: number): number => (left < 2 ? 0 : Math.max(1, Math.round(left / 10)));

type LineLeft = RunWithLines["lines"][number] & SharedLine;

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
  const lines: LineLeft[] = r.lines.map((l) => ({ ...l, left: leftOf(l) }));
  return [
    { kind: "hour" },
    ...(runOrder(runs)[0]?.run.id === r.run.id ? [] : [{ kind: "first" } as const]),
    ...lines.flatMap((l): Lever[] => {
      const pieces = someFewer(l.left);
      const { label } = l.plannedWith;
      return pieces === 0
        ? []
        : [
            {
              kind: "fewer",
              label,
              pieces,
              jobs: jobsOf(instead(lines, { ...l, left: l.left - pieces }), week),
            },
          ];
    }),
    ...(await helped(r, lines, shelves, opened)),
  ];
}

const instead = (lines: readonly LineLeft[], one: LineLeft): LineLeft[] =>
  lines.map((l) => (l.id === one.id ? one : l));

async function helped(
  r: RunWithLines,
  lines: readonly LineLeft[],
  shelves: Shelves,
  opened: Opened,
): Promise<Lever[]> {
  const free = shelves.helpers.filter((h) => h.week.some((x) => x > 0));
  if (free.length === 0) return [];
  const week = weekOfHand(r, shelves.helpers);
  const works = await shareable(
    r,
    // Also those without hours: what they have already stays theirs.
    shelves.helpers.map((h) => h.id),
    opened,
  );
  const chosen = chosenIn(r);
  return free.flatMap((h) =>
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
        const shares = sharesOf(l.plannedWith.seconds, own?.mine ?? [], wanted, own?.theirs ?? new Map());
        return {
          kind: "helper",
          name: h.name,
          work: workName(g.work),
          label: l.plannedWith.label,
          jobs: jobsOf(instead(lines, { ...l, shares }), week),
        };
      }),
  );
}
