import { pick, type Part, type Random, type Step } from "./figure";

/** One hand: the ways of writing it keeps to through a whole text. */
type Ways = Readonly<Record<string, number>>;
const th = (n: number) =>
  `${n}${n % 100 >= 11 && n % 100 <= 13 ? "th" : n % 10 === 1 ? "st" : n % 10 === 2 ? "nd" : n % 10 === 3 ? "rd" : "th"}`;
const SMALL = "zero one two three four five six seven eight nine ten eleven twelve".split(" ");
const word = (n: number): string => SMALL[n] ?? String(n);

type Label = (a: number, b: number, row: boolean) => string;
const span = (a: number, b: number, to = "-") => (a === b ? `${a}` : `${a}${to}${b}`);
const LABELS: readonly Label[] = [
  (a, b, row) => `${row ? "Row" : "Rnd"}${a === b ? "" : "s"} ${span(a, b)}: `,
  (a, b, row) => `${row ? "Row" : "Round"}${a === b ? "" : "s"} ${span(a, b, " to ")}. `,
  (a, b) => `R${span(a, b, "-R")}: `,
  (a, b) => `${span(a, b)}. `,
  (a, b) => `${span(a, b)}) `,
  (a, b, row) => `**${row ? "Row" : "Rnd"} ${span(a, b, "–")}:** `,
  (a, b, row) =>
    a === b ? `${th(a)} ${row ? "row" : "rnd"}: ` : `${th(a)} to ${th(b)} ${row ? "rows" : "rnds"}: `,
  (a, b, row) => `${row ? "ROW" : "RND"} ${span(a, b)} – `,
  (a, b, row) =>
    `${row ? "Row" : "Rd"} ${span(a, b, "+").includes("+") && b - a > 1 ? span(a, b) : span(a, b, "+")}: `,
  (a, b, row) => `- ${row ? "Row" : "Round"}${a === b ? "" : "s"} ${span(a, b, " through ")} – `,
  (a, b) => `(${span(a, b)}) `,
  (a, b, row) =>
    `${row ? "Row" : "Rnd"} ${span(a, b)} (${b - a + 1} ${b === a ? "round" : "rounds"}): `.replace(
      / \(1 round\)/,
      "",
    ),
];
const TOTALS: readonly ((n: number) => string)[] = [
  (n) => ` (${n})`,
  (n) => ` [${n}]`,
  (n) => ` = ${n} sts`,
  (n) => ` – ${n}`,
  (n) => `. (${n} sts)`,
  (n) => `. [${n} st]`,
  (n) => ` {${n}}`,
  () => "",
  (n) => `. ${n} sts in total.`,
  (n) => ` → ${n}`,
  (n) => ` (${n} stitches)`,
  (n) => `; ${n} sts`,
];
const HEADINGS: readonly ((p: Part) => string)[] = [
  (p) => `${p.name}${paren([many(p), p.colour])}`,
  (p) => `${p.name.toUpperCase()}${p.colour ? ` – ${p.colour}` : ""}${p.make > 1 ? ` (make ${p.make})` : ""}`,
  (p) => `## ${p.name}${p.colour ? ` in ${p.colour}` : ""}${p.make > 1 ? ` x${p.make}` : ""}`,
  (p) => `${p.make > 1 ? `${p.make} x ` : ""}${p.name}${p.colour ? ` (${p.colour})` : ""}`,
  (p) => `**${p.name}**${p.make > 1 ? `, make ${word(p.make)}` : ""}${p.colour ? `, ${p.colour}` : ""}`,
  (p) => `${p.name}:${p.colour ? `\nWith ${p.colour}` : ""}${p.make > 1 ? `\nMake ${p.make}.` : ""}`,
  (p) => `THE ${p.name.toUpperCase()}${paren([p.colour, many(p)])}`,
  (p) =>
    `~ ${p.name}${p.make > 1 ? `, ${p.make} pieces` : ""} ~${p.colour ? `\nUsing ${p.colour} yarn:` : ""}`,
];
const many = (p: Part) => (p.make > 1 ? `make ${p.make}` : undefined);
const paren = (list: readonly (string | undefined)[]) => {
  const said = list.filter((x) => x !== undefined);
  return said.length > 0 ? ` (${said.join(", ")})` : "";
};
const DECREASES = ["dec", "invdec", "sc2tog", "1 dec", "inv dec", "decrease"];

/** What a round says, in each of several ways. `dec` is the hand's word for a decrease. */
function told(s: Step, dec: string): readonly string[] {
  const n = s.count;
  switch (s.kind) {
    case "ring":
      return [
        `${s.n} sc in MR`,
        `magic ring, ${s.n} sc`,
        `work ${s.n} sc into a magic ring`,
        `MR with ${s.n} sc`,
        `start a magic circle and make ${s.n} single crochet in it`,
        `${s.n} sc into ring`,
      ];
    case "double":
      return [
        `inc x ${n / 2}`,
        `inc in each st`,
        `2 sc in each st around`,
        `inc ${n / 2}`,
        `*2 sc in next st; rep from * around`,
        `increase in every stitch`,
        `${n / 2} inc`,
      ];
    case "grow":
      return repeat(s.plain, "inc", "2 sc in next st", s.times);
    case "shrink":
      return repeat(s.plain, dec, dec === "sc2tog" ? "sc2tog over next 2 sts" : `${dec}`, s.times);
    case "halve":
      return [
        `${dec.replace(/^1 /, "")} x ${s.times}`,
        `${dec.replace(/^1 /, "")} around`,
        `(${dec.replace(/^1 /, "")}) ${s.times} times`,
      ];
    case "even": {
      const plain = [`sc around`, `sc in each st around`, `${n} sc`, `sc in every stitch`, `1 sc in each st`];
      const loops = {
        back: ["BLO ", "in BLO, ", "in back loops only: ", "working in the back loops only, "],
        front: ["FLO "],
      }[s.loops ?? "back"];
      return s.loops
        ? plain.flatMap((p) => loops.map((l) => l + p))
        : [...plain, "work even", "sc in each st, no increases"];
    }
    case "oval": {
      const k = s.chain - 2;
      return [
        `ch ${s.chain}, sc in 2nd ch from hook, sc in next ${k - 1} ch, 3 sc in last ch; on the other side of the chain: sc in next ${k - 1} ch, 2 sc in last ch, sc in next st`.replace(
          /, sc in next st$/,
          "",
        ),
        `ch ${s.chain}. Starting in the second ch from the hook, ${k} sc, 3 sc in the last ch, turn and work along the other side: ${k - 1} sc, 2 sc in the last ch`,
      ];
    }
    case "oval-grow":
      return [
        `inc, ${s.side} sc, inc x 3, ${s.side} sc, inc x 2`,
        `inc, sc ${s.side}, 3 inc, sc ${s.side}, 2 inc`,
      ];
    case "row-first":
      return [
        `ch ${s.chain}, sc in 2nd ch from hook and in each ch across`,
        `ch ${s.chain}; starting in 2nd ch from hook, sc in each ch to end`,
        `ch ${s.chain}, ${n} sc back along the chain, starting in 2nd ch from hook`,
      ].slice(0, 2);
    case "row":
      return [
        `ch 1, turn, sc in each st across`,
        `ch 1 and turn, ${n} sc`,
        `turn, ch 1, sc in each st to end`,
      ];
    case "row-shrink":
      return [`ch 1, turn, dec, ${n - 2} sc, dec`, `turn, ch 1, sc2tog, sc in next ${n - 2} sts, sc2tog`];
    case "spurs": {
      const c = s.chain;
      const b = s.between === 1 ? "sc" : `${s.between} sc`;
      return [
        `(${b}, ch ${c}, sl st in 2nd ch from hook and in each of next ${c - 2} ch) x ${s.times}`,
        `*${b}, ch ${c}, starting in 2nd ch from hook sl st in next ${c - 1} ch; rep from * around`,
      ];
    }
    case "join-legs":
      return [
        `ch ${s.chain}, sc ${s.leg} around the first leg, sc ${s.chain} along the chain, sc ${s.leg} around the second leg, sc ${s.chain} along the other side of the chain`,
        `from the second leg, ch ${s.chain}, ${s.leg} sc around leg 1, ${s.chain} sc along the chain, ${s.leg} sc around leg 2, ${s.chain} sc along the other side of the chain`,
      ];
    case "colours":
      return [
        `${s.first} sc in red, ${s.second} sc in white`,
        `with red ${s.first} sc, with white ${s.second} sc`,
        `${s.first} sc, change to white, ${s.second} sc, change to red`,
      ].slice(0, 2);
    case "frill":
      return ["2 dc in each st"];
  }
}

function repeat(k: number, change: string, longhand: string, times: number): readonly string[] {
  const plain = k === 1 ? "sc" : `${k} sc`;
  const in1 = k === 1 ? "sc in next st" : `sc in next ${k} sts`;
  return [
    `(${plain}, ${change}) x ${times}`,
    `[${plain}, ${change}] × ${times}`,
    `*${plain}, ${change}* ${times} times`,
    `*${in1}, ${longhand}; rep from * around`,
    `*${in1}, ${longhand}; rep from * ${times - 1} more times`,
    `${times} x (${plain}, ${change})`,
    `(sc ${k}, ${change}) ${times}x`,
    `*${plain}, ${change}, repeat from * to end`,
    `${plain}, ${change}; repeat ${times} times`,
    `(${plain} + ${change}) ${times} times`,
    `(${in1}, ${longhand}) around`,
    `*${plain} and ${change}* repeat all around`,
  ];
}

const BETWEEN = [
  "Put in the 6 mm eyes now, between rounds 3 and 4.",
  "Place a marker in the first stitch.",
  "Start to stuff.",
  "(see photo 3)",
  "The work should now curl up.",
  "Turn it right side out and check the count.",
];
const ENDS = [
  "Fasten off.",
  "FO, leave a 20 cm tail for sewing.",
  "Cut the yarn and weave in the end.",
  "Sl st in next st, fasten off.",
  "Close the hole.",
  "",
];
const INTROS = [
  "",
  "Materials: 10 g of yarn, 2.5 mm hook, some filling\n",
  "You need\n- 10 g white yarn\n- a 2.5 mm hook\n- 6 mm eyes\n",
  "Abbreviations\nsc – single crochet\ninc – increase: 2 sc in one st\ndec – decrease\nMR – magic ring\n",
  "Worked in a spiral unless it says otherwise. The number at the end is the number of stitches.\n",
  "US terms. Size: about 6 cm.\n",
];

/** The figure in a hand drawn from `r`. */
export function write(parts: readonly Part[], r: Random): string {
  const w: Ways = Object.fromEntries(
    ["label", "total", "heading", "dec", "grow", "even", "end", "intro", "between", "double", "ring"].map(
      (k) => [k, r()],
    ),
  );
  const by = <T>(key: string, list: readonly T[]): T => list[Math.floor((w[key] ?? 0) * list.length)] as T;
  const label = by("label", LABELS);
  const total = by("total", TOTALS);
  const dec = by("dec", DECREASES);
  const out = ["The little one", "", by("intro", INTROS)];
  const uk = r() < 0.15;
  let number = 0;
  for (const p of parts) {
    out.push(by("heading", HEADINGS)(p));
    number = 0;
    for (let i = 0; i < p.steps.length; i++) {
      const s = p.steps[i] as Step;
      let last = i;
      const same = (a: Step | undefined) =>
        a?.kind === s.kind &&
        (s.kind === "even" || s.kind === "row") &&
        !("loops" in (a ?? {})) &&
        !("loops" in s);
      while (same(p.steps[last + 1])) last++;
      const key = s.kind === "shrink" ? "grow" : s.kind;
      const ways = told(s, dec);
      let text = key in w ? (ways[Math.floor((w[key] ?? 0) * ways.length)] as string) : pick(r, ways);
      if (p.shape === "joined")
        text = `${i > 0 ? "ch 1, " : ""}${text}, ${pick(r, ["join with sl st", "sl st to first st", "sl st to join", "join"])}`;
      const row = p.shape === "rows";
      out.push(label(number + 1, number + 1 + last - i, row) + text + total(s.count));
      number += last - i + 1;
      if ((w.between ?? 0) < 0.4 && i > 1 && i < p.steps.length - 2 && r() < 0.3) out.push(pick(r, BETWEEN));
      i = last;
    }
    if (by("end", ENDS)) out.push(by("end", ENDS));
    out.push("");
  }
  const text = out.join("\n");
  return uk ? british(text) : text;
}

/** The same in UK terms. */
function british(text: string): string {
  return text
    .replace(/US terms/g, "UK terms")
    .replace(/\bsc2tog/g, "dc2tog")
    .replace(/\bsc\b/g, "dc")
    .replace(/single crochet/g, "double crochet")
    .replace(/\bsl st\b/gi, "ss")
    .replace(/^The little one/, "The little one (UK terms)");
}
