import { median } from "simple-statistics";
import type { SetUp } from "../sequence/task";
import type { BenchState, DoneAct } from "./state";
import type { BenchStep } from "./steps";
import { LEAST_STITCHES, measured } from "./times";

/** Seconds that rounds behind a change took beyond their own stitches, change by change. */
export interface SetUpSeen {
  readonly colour: readonly number[];
  readonly stage: readonly number[];
}
export const NOTHING_SEEN: SetUpSeen = { colour: [], stage: [] };

/** A lap begins where the one before it ended; a longer gap is another sitting, ms. */
const NEXT_MS = 5000;
/** Who took longer than that did something else, s. */
const LONGEST = 600;
/** Changes that what the settings say counts as; before so many were seen they are not believed. */
const SAID_COUNTS = 5;
const LEAST_SEEN = 3;

type Change = "none" | "colour" | "stage";
interface Behind {
  readonly change: Change;
  readonly ms: number;
  readonly stitches: number;
}

/**
 * What the acts of a line tell of taking up another colour or another kind of work: a round behind a change lasts longer
 * than its stitches do, at the pace of rounds behind none. Another hook is not seen here: a piece has one.
 */
export function setUpsSeen(steps: readonly BenchStep[], state: BenchState): SetUpSeen {
  const behind = pairs(steps, state);
  const plain = behind.filter((b) => b.change === "none").map((b) => b.ms / b.stitches);
  if (plain.length < LEAST_SEEN) return NOTHING_SEEN;
  const perStitch = median(plain);
  const of = (change: Change) =>
    behind
      .filter((b) => b.change === change)
      .map((b) => (b.ms - perStitch * b.stitches) / 1000)
      .filter((s) => s < LONGEST);
  return { colour: of("colour"), stage: of("stage") };
}

/** Rounds that were begun right behind another step on the same device. */
function pairs(steps: readonly BenchStep[], state: BenchState): Behind[] {
  const at = new Map(steps.map((s) => [s.id, s]));
  const byDevice = new Map<string, DoneAct[]>();
  for (const a of [...state.done.values()].sort((x, y) => x.at - y.at))
    byDevice.set(a.device, [...(byDevice.get(a.device) ?? []), a]);
  return [...byDevice.values()].flatMap((acts) =>
    acts.flatMap((b, i): Behind[] => {
      const a = acts[i - 1];
      const before = a && at.get(a.step);
      const now = at.get(b.step);
      if (!a || !before || now?.stage !== "crochet" || !measured(now, b)) return [];
      if (Math.abs(b.at - b.ms - a.at) > NEXT_MS) return [];
      const change =
        before.stage !== "crochet"
          ? "stage"
          : before.colours.at(-1)?.slot === now.colours[0]?.slot
            ? "none"
            : "colour";
      return [{ change, ms: b.ms, stitches: Math.max(LEAST_STITCHES, now.stitches) }];
    }),
  );
}

/** What set-ups take: what she said, drawn towards what the table saw as more of it comes. Seconds. */
export function learnedSetUp(
  said: SetUp,
  seen: readonly SetUpSeen[],
): { readonly setUp: SetUp; readonly of: number } {
  let of = 0;
  const one = (kind: keyof SetUpSeen): number => {
    const all = seen.flatMap((s) => s[kind]);
    if (all.length < LEAST_SEEN) return said[kind];
    of += all.length;
    const usual = Math.max(0, median(all));
    return Math.round((SAID_COUNTS * said[kind] + all.length * usual) / (SAID_COUNTS + all.length));
  };
  const [colour, stage] = [one("colour"), one("stage")];
  return { setUp: { ...said, colour, stage }, of };
}
