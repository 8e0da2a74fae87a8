import type { Cursor } from "./cursor";
import { UK_TO_US, type StitchName, type Terms } from "./stitches";
import { SHADES } from "./words/shades";

export type StitchKind = "plain" | "inc" | "dec" | "bobble" | "generic" | "foundation";
export interface StitchWord {
  readonly stitch: StitchName;
  readonly kind: StitchKind;
  /** Stitches put into one (inc) or drawn together (dec). */
  readonly legs: number;
}

const plain = (stitch: StitchName): StitchWord => ({ stitch, kind: "plain", legs: 1 });

const BASE: ReadonlyMap<string, StitchName> = new Map(
  Object.entries<StitchName>({
    sc: "sc",
    scs: "sc",
    hdc: "hdc",
    hdcs: "hdc",
    dc: "dc",
    dcs: "dc",
    tr: "tr",
    trs: "tr",
    trc: "tr",
    dtr: "dtr",
    fpsc: "sc",
    bpsc: "sc",
    fphdc: "hdc",
    bphdc: "hdc",
    fpdc: "dc",
    bpdc: "dc",
    fptr: "tr",
    bptr: "tr",
    esc: "sc",
    exsc: "sc",
    slst: "slst",
    slsts: "slst",
    ss: "slst",
    sst: "slst",
    ssts: "slst",
    ch: "ch",
    chs: "ch",
    chain: "ch",
    chains: "ch",
    rsc: "rsc",
    picot: "picot",
    picots: "picot",
  }),
);
const CROCHET = new Set(["crochet", "crochets", "crocheted"]);
const STITCH = new Set(["st", "sts", "stitch", "stitches"]);
const TOG = new Set(["tog", "together"]);
const INC = new Set(["inc", "incs", "increase", "increases", "incr", "incrs", "increasing", "inv-inc"]);
const DEC = new Set([
  "dec",
  "decs",
  "decrease",
  "decreases",
  "decr",
  "decreasing",
  "invdec",
  "invdecs",
  "idec",
  "invd",
]);
const INVISIBLE = new Set(["inv", "invisible", "invis"]);

/**
 * Everything that may begin a stitch: used to suggest the nearest known word, and to tell prose from work.
 */
export const STITCH_WORDS: readonly string[] = [
  "sc",
  "hdc",
  "dc",
  "tr",
  "dtr",
  "htr",
  "slst",
  "ch",
  "chain",
  "inc",
  "increase",
  "dec",
  "decrease",
  "invdec",
  "sc2tog",
  "sc3tog",
  "hdc2tog",
  "dc2tog",
  "bobble",
  "picot",
  "skip",
  "single",
  "double",
  "half",
  "treble",
  "slip",
  "rsc",
  "miss",
];
/** Words that hold a round together; a slip of the finger in one of them is named too. */
const HOLDING: readonly string[] = ["around", "ring", "magic", "stitch", "stitches", "repeat", "together"];
/** Everyday words that lie near a stitch word and are none. */
const EVERYDAY = new Set(
  "in on it is as at an so do go no of or to up us we he me my by be if am and are all any back base bit both but can cut did end eye eyes face few for from get has had have head her here his how its just keep last left leg less let like line long look loop low made make mark more most much must near neat need new nose not now off old once one only our out over own pin pull put rest right rim row run same see set she side size skin so still such take than that the them then there they this tie tin tip too top turn two use very was way well what when which who will wing with work yet you your decor dear deep desk deck done dots drip drop each easy edge even ever chop chin chip chest chick chunk each such much since into inner inch ink once slim ship shop slit strip slide snip step string strong thing things king sting bring wring spring sing wing round ground sound bound found wound hall calf hold halt single-ply bubble stubble trouble rabble tumble petal petals point points spot spots".split(
    " ",
  ),
);
export const isStitchNoun = (text: string): boolean => STITCH.has(text);
export const isTogether = (text: string): boolean => TOG.has(text);

function usName(word: string, terms: Terms): StitchName | undefined {
  const bare = word.length > 2 && word.endsWith("s") && word !== "ss" ? word.slice(0, -1) : word;
  if (terms === "uk") {
    const us = UK_TO_US.get(bare);
    if (us) return us;
  } else if (bare === "htr") return "hdc";
  return BASE.get(word) ?? BASE.get(bare);
}

/** What may stand behind the name of a stitch without its noun. */
const ALONE = /^(?:$|[,;.)\](]|in|into|around)$/;

/** Reads "single crochet", "half treble" and the like. */
function longhand(c: Cursor, terms: Terms): StitchName | undefined {
  const name = (us: StitchName, uk: StitchName) => (terms === "uk" ? uk : us);
  if (c.is("single") && CROCHET.has(c.text(1))) return ((c.at += 2), "sc");
  // "Two singles in each", "a single, then …": the noun is left out.
  if (c.is("singles") || (c.is("single") && ALONE.test(c.text(1)))) return (c.at++, "sc");
  if (c.is("half") && c.text(1) === "-") c.at++;
  if (c.is("half") && /^doubles?$/.test(c.text(1))) return ((c.at += CROCHET.has(c.text(2)) ? 3 : 2), "hdc");
  // "Half double, double, half double": the noun is left out.
  if (c.is("double") && (c.kind(1) === "mark" || c.kind(1) === "end")) return (c.at++, name("dc", "sc"));
  if (c.is("half") && /^trebles?$/.test(c.text(1))) return ((c.at += CROCHET.has(c.text(2)) ? 3 : 2), "hdc");
  if (c.is("double") && CROCHET.has(c.text(1))) return ((c.at += 2), name("dc", "sc"));
  if (c.is("double") && /^trebles?$/.test(c.text(1)))
    return ((c.at += CROCHET.has(c.text(2)) ? 3 : 2), name("dtr", "tr"));
  if (c.is("treble", "trebles")) return ((c.at += CROCHET.has(c.text(1)) ? 2 : 1), name("tr", "dc"));
  if (c.is("slip", "sl") && c.text(1) === "-" && STITCH.has(c.text(2))) return ((c.at += 3), "slst");
  if (c.is("slip", "sl") && STITCH.has(c.text(1))) return ((c.at += 2), "slst");
  if (c.is("sl")) return (c.at++, "slst");
  if (c.is("chain") && c.text(1) === "stitch") return ((c.at += 2), "ch");
  return undefined;
}

function together(word: string, terms: Terms): StitchWord | undefined {
  const inc = /^(sc|hdc|dc|htr|tr|dtr)(\d+)inc$/.exec(word);
  const grown = inc ? usName(inc[1] ?? "", terms) : undefined;
  if (inc && grown && Number(inc[2]) >= 2 && Number(inc[2]) <= 12)
    return { stitch: grown, kind: "inc", legs: Number(inc[2]) };
  const match = /^([a-z]+?)(\d+)?tog$/.exec(word);
  if (!match) return undefined;
  const stitch = match[1] === "inv" ? "sc" : usName(match[1] ?? "", terms);
  const legs = Number(match[2] ?? 2);
  return stitch && legs >= 2 && legs <= 12 ? { stitch, kind: "dec", legs } : undefined;
}

/** All words that `readStitch` begins with, but for those that end in "tog" or "inc". */
const FIRST = new Set([
  ...BASE.keys(),
  ...UK_TO_US.keys(),
  ...INC,
  ...DEC,
  ...INVISIBLE,
  ...STITCH,
  ..."htr double tog bo bob bobble bobbles popcorn popcorns puff cluster loop lp spike extended".split(" "),
  ..."waistcoat split standing triple treble trebles rev reverse crab fsc fhdc foundation".split(" "),
  ..."single singles half slip sl chain".split(" "),
]);
const JOINED = /tog$|\dinc$/;
/**
 * May a stitch begin with this word? False is certain, whatever follows; true is not. Nearly all words of a text are
 * told apart by this alone.
 */
export const beginsStitch = (word: string): boolean =>
  FIRST.has(word) || (word.endsWith("s") && FIRST.has(word.slice(0, -1))) || JOINED.test(word);

const DEC_ALONE: StitchWord = { stitch: "sc", kind: "dec", legs: 2 };

/** The stitch named at the cursor, if one is; moves past its words. */
export function readStitch(c: Cursor, terms: Terms): StitchWord | undefined {
  const begin = c.tokens[c.at];
  if (begin?.kind !== "number" && !c.legend.has(begin?.text ?? "") && !beginsStitch(begin?.text ?? ""))
    return undefined;
  return c.attempt(() => {
    const word = c.text();
    if (c.legend.size > 0) {
      const own = c.legend.get(word);
      if (own && !(word === "x" && c.kind(1) === "number")) return (c.at++, own);
    }
    if (c.kind() !== "word") return legsFirst(c, terms);
    const tog = together(word, terms);
    if (tog) return (c.at++, tog);
    if (INVISIBLE.has(word)) {
      c.at++;
      c.take("-", ".");
      const stitched =
        c.text().length > 0 && usName(c.text(), terms) !== undefined ? readStitch(c, terms) : undefined;
      if (stitched) return stitched.kind === "dec" ? stitched : undefined;
      if (c.takeAny(DEC)) return dotted(c, { stitch: "sc", kind: "dec", legs: 2 });
      if (c.takeAny(INC)) return dotted(c, { stitch: "sc", kind: "inc", legs: 2 });
      return undefined;
    }
    if (
      word === "double" &&
      (/^(everything|them|every|each|all|next)$/.test(c.text(1)) ||
        (c.text(1) === "the" && /^(next|following)$/.test(c.text(2))))
    )
      return (
        (c.at += /^(everything|them)$/.test(c.text(1)) ? 2 : 1),
        { stitch: "sc", kind: "inc", legs: 2 }
      );
    // "(1, tog) x 4": by itself between signs it is the decrease.
    if (word === "tog" && c.tokens[c.at - 1]?.kind !== "word" && c.tokens[c.at - 1]?.kind !== "number")
      if (/^(mark|end)$/.test(c.kind(1)) || c.text(1) === "x") return (c.at++, DEC_ALONE);
    if (INC.has(word)) return (c.at++, dotted(c, { stitch: "sc", kind: "inc", legs: 2 }));
    if (DEC.has(word)) return (c.at++, dotted(c, { stitch: "sc", kind: "dec", legs: 2 }));
    if (/^(bo|bob|bobble|bobbles|popcorn|popcorns|puff|cluster)$/.test(word))
      return (c.at++, c.takeAny(STITCH), { stitch: "bobble", kind: "bobble", legs: 4 });
    if (/^(loop|lp)$/.test(word) && STITCH.has(c.text(1))) return ((c.at += 2), plain("sc"));
    if (/^(spike|extended|waistcoat|split|standing)$/.test(word)) {
      c.at++;
      const base = readStitch(c, terms);
      return base?.kind === "plain" ? base : base?.kind === "generic" ? plain("sc") : undefined;
    }
    if (/^(triple|treble)$/.test(word) && (INC.has(c.text(1)) || DEC.has(c.text(1)))) {
      const kind = INC.has(c.text(1)) ? ("inc" as const) : ("dec" as const);
      return ((c.at += 2), { stitch: "sc", kind, legs: 3 });
    }
    if (/^(rev|reverse)$/.test(word)) {
      c.at++;
      c.take(".");
      const back = readStitch(c, terms);
      return back?.stitch === "sc" ? plain("rsc") : undefined;
    }
    if (word === "crab" && STITCH.has(c.text(1))) return ((c.at += 2), plain("rsc"));
    if (word === "fsc" || word === "fhdc")
      return (c.at++, { stitch: word === "fsc" ? "sc" : "hdc", kind: "foundation", legs: 1 });
    if (word === "foundation") {
      c.at++;
      const base = readStitch(c, terms);
      return base?.kind === "plain" && base.stitch !== "ch" ? { ...base, kind: "foundation" } : undefined;
    }
    let stitch = longhand(c, terms);
    if (!stitch) {
      stitch = usName(word, terms);
      if (stitch) c.at++;
    }
    if (!stitch) {
      if (STITCH.has(word)) return (c.at++, { stitch: "sc", kind: "generic", legs: 1 });
      return undefined;
    }
    return compound(c, stitch);
  });
}

const dotted = (c: Cursor, w: StitchWord): StitchWord => {
  // "inc." and "dec." are abbreviations; the full stop ends nothing when more of the same phrase follows.
  if (c.is(".") && (c.text(1) === "x" || (c.kind(1) === "number" && !STITCH.has(c.text(2))))) c.at++;
  return w;
};

/** "sc inc", "sc-dec", "sc 2 tog", "sc two together", "hdc bobble". */
function compound(c: Cursor, stitch: StitchName): StitchWord {
  const found = c.attempt(() => {
    c.take("-");
    if (c.takeAny(INC)) return { stitch, kind: "inc" as const, legs: 2 };
    if (c.takeAny(DEC)) return { stitch, kind: "dec" as const, legs: 2 };
    if (c.is("bobble", "bo"))
      return (c.at++, { stitch: "bobble" as const, kind: "bobble" as const, legs: 4 });
    const legs = c.kind() === "number" ? c.number() : undefined;
    if (legs !== undefined && legs >= 2 && legs <= 12) {
      c.takeAny(STITCH);
      // "Sc 3 together with the ear": three of them, through both.
      if (c.text(1) !== "with" && c.takeAny(TOG)) return { stitch, kind: "dec" as const, legs };
    }
    return undefined;
  });
  return found ?? plain(stitch);
}

/** "2 sc tog", "2sc together", "2tog", "5-dc bobble", "3 to 1". */
function legsFirst(c: Cursor, terms: Terms): StitchWord | undefined {
  const legs = c.number();
  if (legs === undefined || legs < 2 || legs > 12) return undefined;
  if (c.takeAny(TOG)) return { stitch: "sc", kind: "dec", legs };
  // "2in1", "3 in one": so many into one stitch.
  if (c.is("in", "into") && /^(1|one)$/.test(c.text(1)) && !/^r/.test(c.text(2)))
    return ((c.at += 2), { stitch: "sc", kind: "inc", legs });
  c.take("-");
  const joined = /^([a-z]{2,3})tog$/.exec(c.text())?.[1];
  const stitch = usName(joined ?? c.text(), terms);
  if (!stitch) return undefined;
  c.at++;
  if (joined) return { stitch, kind: "dec", legs };
  if (c.takeAny(TOG)) return { stitch, kind: "dec", legs };
  c.take("-");
  if (c.take("bobble", "bo")) return { stitch: "bobble", kind: "bobble", legs };
  return undefined;
}

/** Edits between two words, stopping at 2: enough to tell a slip of the finger from another word. */
export function nearestStitchWord(word: string): string | undefined {
  if (word.length < 2 || word.length > 14 || EVERYDAY.has(word) || SHADES.has(word)) return undefined;
  let best: string | undefined;
  let least = word.length <= 3 ? 2 : 3;
  for (const known of STITCH_WORDS) {
    if (Math.abs(known.length - word.length) >= least) continue;
    const d = editDistance(word, known);
    // "foo" is no more "sc" than anything else: short words need a shared first letter or the same letters.
    const alike =
      known.charAt(0) === word.charAt(0) || [...known].sort().join("") === [...word].sort().join("");
    if (d < least && alike) {
      least = d;
      best = known;
    }
  }
  for (const known of HOLDING) {
    if (
      word.length < 4 ||
      Math.abs(known.length - word.length) >= least ||
      known.charAt(0) !== word.charAt(0)
    )
      continue;
    const d = editDistance(word, known);
    if (d < Math.min(least, 2)) {
      least = d;
      best = known;
    }
  }
  return best;
}

function editDistance(a: string, b: string): number {
  // Restricted Damerau–Levenshtein (optimal string alignment): a swap of neighbours counts once.
  const rows: number[][] = [Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const up = rows[i - 1]?.[j] ?? 0;
      const left = row[j - 1] ?? 0;
      const diagonal = rows[i - 1]?.[j - 1] ?? 0;
      let least = Math.min(up + 1, left + 1, diagonal + (a[i - 1] === b[j - 1] ? 0 : 1));
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        least = Math.min(least, (rows[i - 2]?.[j - 2] ?? 0) + 1);
      row.push(least);
    }
    rows.push(row);
  }
  return rows[a.length]?.[b.length] ?? 0;
}
