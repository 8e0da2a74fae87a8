import {
  secondsAt,
  STAGES,
  workOfStage,
  Z90,
  type PaceUsed,
  type PieceEstimate,
  type Stage,
  type Work,
} from "@core/estimate";
import type { Job, WeekHours } from "@core/planning";
import type { GivenWork } from "@core/planning/given-work";
import type { LinePlannedWith, LineShares } from "@db/schema";
import { GIVEN_WORDS } from "../hand/words";

/** Work of a piece that can be given to somebody, at one hand's pace. Seconds are of one piece. */
export interface Givable {
  /** "part:Ears", "sewing", "finishing", or "kit" for all of a kit's. */
  readonly work: string;
  readonly kind: GivenWork;
  readonly phase: 0 | 1 | 2;
  readonly seconds: number;
  readonly low: number;
  readonly high: number;
}

const MAKING: readonly Stage[] = ["crochet", "face", "filling"];
const LAST = STAGES.filter((s) => s !== "sewing" && !MAKING.includes(s));

/** All of a kit's work: one pair of hands winds it, counts it and packs it. */
const KIT_WORK = "kit";
export const givableKit = ({ value, low, high }: { value: number; low: number; high: number }): Givable[] => [
  { work: KIT_WORK, kind: "finishing", phase: 2, seconds: value, low, high },
];

/** What kind of work it is, by which helpers say what they do. */
export const kindOf = (work: string): GivenWork =>
  work.startsWith("part:") ? "parts" : work === "sewing" ? "sewing" : "finishing";

/** By line and work who is chosen. */
type Choice = ReadonlyMap<string, ReadonlyMap<string, string>>;

/** The first work that somebody is chosen for who does no such work, unless it is hers already. */
export function notTheirs(
  helpers: readonly { readonly id: string; readonly name: string; readonly does: readonly string[] | null }[],
  chosen: Choice,
  before: Choice,
): { readonly name: string; readonly work: string } | undefined {
  for (const [line, works] of chosen)
    for (const [work, hand] of works) {
      const helper = helpers.find((h) => h.id === hand);
      const may = !helper?.does || helper.does.includes(kindOf(work));
      if (helper && !may && before.get(line)?.get(work) !== hand) return { name: helper.name, work };
    }
  return undefined;
}

/** What is given, as she reads it. */
export const workName = (work: string): string => {
  const part = /^part:(.*)$/.exec(work);
  if (part) return part[1] || "Body";
  if (work === KIT_WORK) return "Winding, counting, packing";
  return GIVEN_WORDS[work === "sewing" ? "sewing" : "finishing"].name;
};

/**
 * What of a piece can be given: each part with its face and filling, sewing them on, and what comes last.
 * Together they are the whole piece; parts of one name go together.
 * @param pace the hand's that the piece was reckoned for: a stage has its own
 */
export function givable(piece: PieceEstimate, pace: PaceUsed | undefined): Givable[] {
  const { value, low, high } = piece.seconds;
  if (value <= 0) return [];
  const of = (work: Work, stages: readonly Stage[]) =>
    stages.reduce((s, stage) => s + secondsAt(workOfStage(work, stage), pace), 0);
  const at = (seconds: number) => ({
    seconds,
    low: seconds * (low / value),
    high: seconds * (high / value),
  });
  const parts = new Map<string, number>();
  for (const { part, work } of piece.parts) {
    parts.set(part.name, (parts.get(part.name) ?? 0) + of(work, MAKING) * part.make);
  }
  return [
    ...[...parts].map(([part, seconds]): Givable => ({
      work: `part:${part}`,
      kind: "parts",
      phase: 0,
      ...at(seconds),
    })),
    { work: "sewing", kind: "sewing" as const, phase: 1 as const, ...at(of(piece.work, ["sewing"])) },
    { work: "finishing", kind: "finishing" as const, phase: 2 as const, ...at(of(piece.work, LAST)) },
  ].filter((g) => g.seconds > 0);
}

/**
 * Who does what of a line, with what each takes. What is given to nobody, or cannot be, is the maker's.
 * @param planned seconds of one piece as the run is planned: they know of the batch, `mine` does not
 * @param chosen hands by work
 * @param theirs what helpers would take, by hand
 */
export function sharesOf(
  planned: number,
  mine: readonly Givable[],
  chosen: ReadonlyMap<string, string>,
  theirs: ReadonlyMap<string, readonly Givable[]>,
): LineShares | null {
  const all = mine.reduce((s, g) => s + g.seconds, 0);
  const batch = all > 0 ? planned / all : 1;
  const own: [number, number, number] = [0, 0, 0];
  const given: LineShares["given"][number][] = [];
  for (const g of mine) {
    const handId = chosen.get(g.work);
    const hers = handId === undefined ? undefined : theirs.get(handId)?.find((t) => t.work === g.work);
    if (handId === undefined || hers === undefined) own[g.phase] += g.seconds * batch;
    else
      given.push({
        work: g.work,
        handId,
        phase: g.phase,
        seconds: hers.seconds * batch,
        low: hers.low * batch,
        high: hers.high * batch,
        instead: g.seconds * batch,
      });
  }
  return given.length > 0 ? { own, given } : null;
}

/** Items differ from their reckoning by about so much, whoever makes them (from memory, decision 0018). */
const ITEMS_DIFFER = 0.09;
/** Of a range that is narrower than that, no more than this is the item's. */
const MOST_OWN = 0.7;

export interface SharedLine {
  readonly left: number;
  readonly plannedWith: Pick<LinePlannedWith, "seconds" | "secondsLow" | "secondsHigh">;
  readonly shares: LineShares | null;
}

/** A run's lines as work by hand and phase. @param weekOf hours of a helper; "" is the maker */
export function jobsOf(lines: readonly SharedLine[], weekOf: (hand: string) => WeekHours): Job[] {
  const jobs = new Map<string, { hand: string; phase: number; low: number; value: number; high: number }>();
  const add = (hand: string, phase: number, low: number, value: number, high: number) => {
    const key = `${phase} ${hand}`;
    const there = jobs.get(key) ?? { hand, phase, low: 0, value: 0, high: 0 };
    jobs.set(key, {
      hand,
      phase,
      low: there.low + low,
      value: there.value + value,
      high: there.high + high,
    });
  };
  for (const { left, plannedWith: p, shares } of lines) {
    const own = shares?.own ?? [p.seconds, 0, 0];
    const ends = p.seconds > 0 ? [p.secondsLow / p.seconds, p.secondsHigh / p.seconds] : [1, 1];
    own.forEach((seconds, phase) => {
      if (phase === 0 || seconds > 0)
        add("", phase, seconds * left * (ends[0] ?? 1), seconds * left, seconds * left * (ends[1] ?? 1));
    });
    for (const g of shares?.given ?? [])
      add(g.handId, g.phase, g.low * left, g.seconds * left, g.high * left);
  }
  return [...jobs.values()].map(({ hand, phase, low, value, high }) => ({
    hand,
    phase,
    seconds: { low, value, high },
    week: weekOf(hand),
    own: Math.min(ITEMS_DIFFER, value > 0 ? (MOST_OWN * Math.log(Math.max(1, high / value))) / Z90 : 0),
  }));
}

/** Who has what of a line that is shared, such as "Nell: ears, sewing"; what nobody was given is the maker's. */
export function givenTexts(shares: LineShares | null, nameOf: (hand: string) => string): string[] {
  const works = new Map<string, string[]>();
  for (const g of shares?.given ?? [])
    works.set(g.handId, [...(works.get(g.handId) ?? []), workName(g.work).toLowerCase()]);
  return [...works].map(([hand, of]) => `${nameOf(hand)}: ${of.join(", ")}`);
}
