import type { Said, Side } from "../said";
import { callsOf, mentionsIn, wordsOf, type Mention, type Word } from "./mentions";
import type { Sentence } from "./normal";
import { ASSEMBLES, BELONGS, HOST_WORDS, MARKS, NOT_ASSEMBLY, POINTS, SIDES } from "./words";

export interface Around {
  readonly calls: ReturnType<typeof callsOf>;
  /** The part whose lines the sentence stands among: "sew on" means it. */
  readonly section: number | undefined;
  /** What the sentence before was about: "sew them at round 9". */
  readonly before: readonly number[];
}

/** What one normal sentence says of places; empty when it is about something else. */
export function readSentence(s: Sentence, around: Around): Said[] {
  const opening = readOpening(s, around);
  if (opening) return [opening];
  let before = around.before;
  return clausesOf(s.text).flatMap((text, i, all) => {
    const said = readClause({ ...s, text }, { ...around, before }, i > 0 && clauseVerb(all[0] ?? ""));
    // "Flatten the wings and sew them …": what was named, also where nothing is said of its place.
    const named = said ? [] : mentionsIn(wordsOf(text), around.calls).map((m) => m.part);
    before = said?.parts ?? (named.length > 0 ? named : before);
    return said ? [said] : [];
  });
}

const belongs = (words: readonly Word[], i: number): boolean =>
  i > 0 &&
  BELONGS.test(words[i]?.text ?? "") &&
  !/^(?:you|as|to|we|i|and|let's)$/.test(words[i - 1]?.text ?? "");

const clauseVerb = (text: string): boolean => wordsOf(text).some((w) => ASSEMBLES.test(w.text));

/**
 * "… on the tower and the roof on the lamp room", "… and sew the leaves beside it": what has a place of its
 * own.
 */
function clausesOf(text: string): string[] {
  return text.split(/,? and (?=(?:sew|place|attach|put|pin|glue) )/).flatMap((clause) => {
    const at = /,? and (?=(?:the |a )?[a-z ]{2,20}? (?:onto|on top|on|to|into|inside|under) (?:the|of))/.exec(
      clause,
    );
    const first = at ? clause.slice(0, at.index) : "";
    return at && TO_SOMETHING.test(first) ? [first, clause.slice(at.index + at[0].length)] : [clause];
  });
}
/** The first of two has a place already: "the ears and the muzzle to the head" has one for both. */
const TO_SOMETHING = / (?:onto|on top|on|to|into|inside|under|between|over|at) /;

/** "Sew the opening closed", "a tail for sewing": no part goes anywhere. */
const CLOSES = [
  /\b(?:sew|sewn|stitch|pin)(?: \w+){0,4} (?:closed|shut)\b/,
  /\b(?:hole|opening|gap) (?:closed|shut)\b/,
  /\bfor sewing\b/,
  // "Attach pink to any free front loop": yarn for the next round.
  /\b(?:attach|join|rejoin|fasten)\b.*\b(?:front|back|free|unworked|unused|remaining) loops?\b/,
];

function readClause(s: Sentence, around: Around, verbBefore: boolean): Said | undefined {
  const words = wordsOf(s.text);
  const labelled = /^[a-z ]{2,30}(?:: | (?:-+|–) (?=round))/.test(s.text);
  const verb = words.findIndex((w, i) => ASSEMBLES.test(w.text) || belongs(words, i));
  if (verb < 0 && !verbBefore && !labelled) return undefined;
  if (NOT_ASSEMBLY.test(s.text) && !/\b(?:sew|attach) /.test(s.text)) return undefined;
  if (CLOSES.some((re) => re.test(s.text))) return undefined;
  const mentions = mentionsIn(words, around.calls);
  const firstHost = mentions.find((m) => m.after !== undefined && HOST_WORDS.has(m.after));
  const near = besideOf(words, mentions, around.before);
  // "Sew the stalk under the cap": under what it goes on, unless it goes on something else.
  const beside = near && near.mention === firstHost && near.mention ? undefined : near;
  const host = firstHost;
  const subjects = subjectsOf(words, mentions, host, beside?.mention);
  const parts =
    subjects.length > 0 ? subjects.map((m) => m.part) : meant(s.text, around, host?.part, labelled);
  if (parts.length === 0) return undefined;
  const piece = subjects.length === 1 ? subjects[0]?.piece : undefined;
  const rounds = roundsIn(s.text);
  const from = fromMark(s.text);
  const side = sideIn(s.text, beside !== undefined || from !== undefined);
  const toward = towardIn(s.text, side);
  const apart = number(
    s.text,
    /\b(\d+)(?: or \d+| ?- ?\d+)? st (?:apart|between|in between|of space|from each other)\b|\bleav(?:e|ing) (\d+) st\b/,
  );
  const off = offIn(s.text);
  const points = POINTS.find(([re]) => re.test(s.text))?.[1];
  const lies = /\bflat\b(?! side)/.test(s.text);
  const scattered = /\bscatter\w*|\bhere and there\b|\brandom\w*|\ball over\b|\bas you like\b/.test(s.text);
  const low = /\blow(?:er)?\b(?! loops?\b)|\bclosing hole\b/.test(s.text);
  const hosted = host && !parts.includes(host.part) ? host.part : undefined;
  return {
    parts: [...new Set(parts)],
    ...(piece === undefined ? {} : { piece }),
    ...(hosted === undefined ? {} : { host: hosted }),
    ...(rounds && !from ? { rounds } : {}),
    ...(from ? { from } : {}),
    ...(side ? { side } : {}),
    ...(toward ? { toward } : {}),
    ...(low ? { low } : {}),
    ...(apart === undefined ? {} : { apart }),
    ...(off === undefined ? {} : { off }),
    ...(beside && !from ? { beside: { what: beside.what, way: beside.way } } : {}),
    ...(points ? { points } : {}),
    ...(lies ? { lies } : {}),
    ...(scattered ? { scattered } : {}),
    line: s.line,
  };
}

/** "Sew on", "sew them to the head": the part of these lines, or what was spoken of before. */
function meant(text: string, around: Around, host: number | undefined, labelled: boolean): readonly number[] {
  if (labelled) return [];
  const others = (list: readonly number[]) => list.filter((p) => p !== host);
  if (/\b(?:them|it|they|these|both|each)\b/.test(text) && around.before.length > 0)
    return others(around.before);
  if (
    !/\b(?:sew|attach|stitch|pin|place|position|fix|glue)(?: (?:it|them|each|both|on|flat|to|onto|at|over|between|in)\b| \d|$)/.test(
      text,
    )
  )
    return [];
  return around.section === undefined ? others(around.before) : others([around.section]);
}

function subjectsOf(
  words: readonly Word[],
  mentions: readonly Mention[],
  host: Mention | undefined,
  beside: Mention | undefined,
): Mention[] {
  const plain = mentions.filter((m) => m !== host && m !== beside && m.after === undefined);
  if (plain.length > 0) {
    // "Sew the ears and the muzzle": one list; a name further on is something else.
    const list = [plain[0] as Mention];
    for (const m of plain.slice(1)) {
      const gap = words.slice(list.at(-1)?.to ?? 0, m.from);
      if (gap.length <= 4 && gap.every((w) => /^(?:and|,|&|the|both|\d+|a|then)$/.test(w.text))) list.push(m);
    }
    return list;
  }
  return [];
}

/** "Between the eyes", "beside the ears", "below the beak". */
function besideOf(words: readonly Word[], mentions: readonly Mention[], before: readonly number[]) {
  for (let i = 0; i < words.length; i++) {
    const way = /^(?:between|beside|above|below|behind|under|next)$/.exec(words[i]?.text ?? "")?.[0];
    if (!way) continue;
    let at = i + 1;
    while (/^(?:the|to|both|2|just)$/.test(words[at]?.text ?? "")) at++;
    const as =
      way === "next"
        ? "beside"
        : way === "under"
          ? "below"
          : (way as "between" | "beside" | "above" | "below" | "behind");
    if (/^eyes?$/.test(words[at]?.text ?? "")) return { what: "eyes" as const, way: as, mention: undefined };
    const mention = mentions.find((m) => m.from === at);
    if (mention) return { what: mention.part, way: as, mention };
    // "Sew the leaves beside it": the thing named last before.
    const last = before.at(-1);
    if (words[at]?.text === "it" && as === "beside" && last !== undefined)
      return { what: last, way: as, mention: undefined };
  }
  return undefined;
}

const TO = "(?: ?(?:and|&|-|to|through|or) ?(?:round )?(\\d+(?:\\.\\d+)?))?";
const NO_MARK = "(?! (?:from|above|below|up|down|under|before|after|st)\\b)";
const ROUNDS = new RegExp(`\\bround (\\d+(?:\\.\\d+)?)${TO}${NO_MARK}`);
/** Rounds by number: "between rounds 3 and 4", "over round 7-8", "at round 9", "rounds 4 through 8". */
function roundsIn(text: string): readonly [number, number] | undefined {
  const range = ROUNDS.exec(text);
  if (!range) return undefined;
  const a = Number(range[1]);
  const b = range[2] === undefined ? a : Number(range[2]);
  return a > 0 && b >= a && b < 10_000 ? [a, b] : undefined;
}

const WAYS = "above|below|under|over|up from|down from|from|away from";
const MARK = `(?:the )?(?:\\w+ )?(${[...MARKS.keys()].join("|")})\\b`;
const FROM_MARK = new RegExp(`\\b(\\d+) round (${WAYS}) ${MARK}`);
const ROUND_FROM_MARK = new RegExp(`\\bround (\\d+) (${WAYS}) ${MARK}`);

function fromMark(text: string): Said["from"] {
  const m = FROM_MARK.exec(text) ?? ROUND_FROM_MARK.exec(text);
  const what = MARKS.get(m?.[3] ?? "");
  if (!m || !what) return undefined;
  const up = /above|over|up/.test(m[2] ?? "");
  const from = /^(?:from|away from)$/.test(m[2] ?? "");
  return { what, rounds: Number(m[1]), way: up || (from && what === "bottom") ? "above" : "below" };
}

/** What is told of a side; beside something else "front" and the like are no side of their own. */
function sideIn(text: string, otherwise: boolean): Side | undefined {
  const side = SIDES.find(([re]) => re.test(text))?.[1];
  if (otherwise && (side === "top" || side === "bottom")) return undefined;
  // Neither "left of the middle" nor the middle of something that is no part, "a felt circle".
  if (
    side === "front" &&
    /\b(?:left|right) (?:of|from) the (?:middle|centre|center)\b|\b(?:middle|centre|center) of an? \b/.test(
      text,
    )
  )
    return undefined;
  return side;
}

const towardIn = (text: string, side: Side | undefined): "front" | "back" | undefined =>
  side === "bottom" || side === "top" || side === "inside"
    ? /\b(?:at|to|towards?|near) the front\b|\bin front\b/.test(text)
      ? "front"
      : /\b(?:at|to|towards?|near) the back\b/.test(text)
        ? "back"
        : undefined
    : undefined;

function offIn(text: string): number | undefined {
  const m =
    /\b(\d+(?:\.\d+)?) st (?:to the )?(left|right) (?:of|from) (?:the )?(?:middle|centre|center|front)\b/.exec(
      text,
    );
  return m ? Number(m[1]) * (m[2] === "left" ? -1 : 1) : undefined;
}

function number(text: string, re: RegExp): number | undefined {
  const m = re.exec(text);
  const n = Number(m?.[1] ?? m?.[2] ?? NaN);
  return Number.isFinite(n) && n < 1000 ? n : undefined;
}

const OPENING = new RegExp(
  "\\b(?:opening|open (?:end|edge|side)) (?:is |looks |facing |faces |pointing )?(?:to (?:the )?)?" +
    "(front|back|forwards?|up(?:wards?)?|down(?:wards?)?|top|bottom)\\b",
);
/** "The shell lies with its opening to the front." */
function readOpening(s: Sentence, around: Around): Said | undefined {
  const m = OPENING.exec(s.text);
  const part = mentionsIn(wordsOf(s.text), around.calls)[0]?.part ?? around.section;
  if (!m || part === undefined || !/\b(?:lies?|lay|stands?|turn|with)\b/.test(s.text)) return undefined;
  const word = m[1] ?? "";
  return {
    parts: [part],
    opening: /^(?:front|forward)/.test(word)
      ? "front"
      : word === "back"
        ? "back"
        : /^(?:up|top)/.test(word)
          ? "up"
          : "down",
    line: s.line,
  };
}
