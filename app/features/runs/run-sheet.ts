import { rollup } from "d3-array";
import type { Task } from "@core/planning/sequence";
import { printDuration, printTrimmed, type Reading, type Seconds } from "@core/units";
import { printDay } from "../../ui/days";
import { printAmount } from "../../ui/reading";
import type { ListPaper, ListTable } from "../paper/input";
import { boxesWidth } from "../paper/list-paper";
import { textSize } from "../paper/page";
import { plannedBall, type CuttingLine, type Shade } from "./cutting";
import { takesYarn } from "./stage-word";

interface Wall {
  readonly name: string;
  readonly dueOn: string;
  readonly finish: string | undefined;
  readonly maker: string;
  readonly paper: ListPaper["paper"];
  readonly lines: readonly { readonly label: string; readonly quantity: number; readonly made: number }[];
  readonly tasks: readonly Task[];
  readonly stageWord: (stage: string) => string;
  readonly colours: Readonly<Record<string, string>>;
  readonly placed: readonly { readonly piece: string; readonly ball: string; readonly mg: number }[];
  readonly shades: readonly Shade[];
  readonly cut: readonly CuttingLine[];
  readonly reading: Reading;
}

/** A run on the wall: what is made, a box for each piece at each step, the ball each length comes from. */
export function runSheet(w: Wall): ListPaper {
  const r = w.reading;
  const left = w.lines.reduce((s, l) => s + Math.max(0, l.quantity - l.made), 0);
  const made = w.lines.reduce((s, l) => s + Math.min(l.made, l.quantity), 0);
  const seconds = w.tasks.reduce((s, t) => s + t.seconds, 0);
  return {
    title: w.name,
    sub: "Run sheet",
    maker: w.maker,
    paper: w.paper,
    facts: [
      ["Due", printDay(w.dueOn, r.locale)],
      ...(w.finish ? [["Ready at the usual pace", printDay(w.finish, r.locale)] as const] : []),
      ["Pieces to make", made > 0 ? `${left} (${made} made)` : String(left)],
      ["Work left", printDuration(seconds as Seconds, r)],
    ],
    tables: [...steps(w), ...balls(w)],
    notes: [
      "A box is one piece at that step; tick it when the piece has it behind it. Minutes are of one piece, at your own pace.",
      ...(w.tasks.length === 0 ? ["All pieces are made."] : []),
      ...(w.placed.length === 0 ? ["No cutting plan is kept for this run, so no ball is named."] : []),
      "Rest your hands: a pause every half hour, and stop when something hurts.",
    ],
  };
}

/** A table a thing that is made: its steps in their order, with what each takes up and a box for each piece. */
function steps({ tasks, lines, stageWord, colours, paper, reading: r }: Wall): ListTable[] {
  const kinds = rollup(
    tasks,
    (list) => ({ n: list.length, first: list[0] as Task }),
    (t) => `${t.part}\u0000${t.stage}`,
  );
  const boxes = boxesWidth(
    Math.max(0, ...[...kinds.values()].map((k) => k.n)),
    textSize({ paper, large: false }),
  );
  return lines.flatMap((line) => {
    const own = [...kinds.values()].filter(
      ({ first }) => first.part === line.label || first.part.startsWith(`${line.label}: `),
    );
    if (own.length === 0) return [];
    return [
      {
        head: `${line.label} × ${line.quantity}${line.made > 0 ? `, ${line.made} made` : ""}`,
        tick: false,
        columns: [
          { head: "Step", wide: true },
          { head: "Yarn and hook", width: 172 },
          { head: "Takes", right: true, width: 42 },
          { head: "Pieces", width: boxes },
        ],
        rows: own.map(({ n, first: t }) => {
          const part = t.part.slice(line.label.length + 2);
          const worked = takesYarn(t.stage);
          const hook = t.hookMm === undefined ? "" : `, ${printTrimmed(t.hookMm, 2, r.locale)} mm`;
          const colour = t.colour === undefined ? undefined : colours[t.colour];
          return [
            { text: part === "" ? stageWord(t.stage) : `${part}: ${stageWord(t.stage)}`, bold: worked },
            worked ? { text: `${t.colour ?? ""}${hook}`, ...(colour ? { colour } : {}) } : "",
            printDuration(t.seconds as Seconds, r),
            { boxes: n },
          ];
        }),
      },
    ];
  });
}

/** Which ball is for what: one line a ball and thing that is cut from it. */
function balls({ placed, shades, cut, reading: r }: Wall): ListTable[] {
  if (placed.length === 0) return [];
  const rows = shades.flatMap((s) => {
    const own = placed.filter((p) => p.piece.startsWith(`${s.yarnId}/`));
    const byBall = rollup(
      own,
      (list) => ({ n: list.length, mg: list.reduce((x, p) => x + p.mg, 0), for: namesOf(list, cut) }),
      (p) => p.ball,
    );
    return [...byBall].map(([id, b]) => {
      const ball = s.balls.find((x) => x.id === id);
      const which = ball
        ? [ball.lot ? `lot ${ball.lot}` : "", ball.place].filter((x) => x !== "").join(", ")
        : `new ball ${plannedBall(id).replace("new-", "")}`;
      return [
        { text: s.label, colour: s.colour, bold: true },
        which === "" ? "ball on hand" : which,
        `${b.n}`,
        printAmount(b.mg, "yarn", r),
        b.for,
      ];
    });
  });
  return [
    {
      head: "Which ball for what",
      tick: true,
      columns: [
        { head: "Yarn" },
        { head: "Ball" },
        { head: "Lengths", right: true },
        { head: "Takes", right: true },
        { head: "For", wide: true },
      ],
      rows,
    },
  ];
}

/** "Puffin: Body 6, Wing 12": what a ball's lengths are for, by the line and length in a piece's name. */
function namesOf(placed: readonly { readonly piece: string }[], cut: readonly CuttingLine[]): string {
  const byName = rollup(
    placed,
    (list) => list.length,
    (p) => {
      const [line = 0, , length = 0] = (p.piece.split("/")[1] ?? "").split("-").map(Number);
      const l = cut[line];
      return l ? `${l.label}: ${l.lengths[length]?.part ?? ""}` : "something that is no longer in the run";
    },
  );
  return [...byName].map(([name, n]) => `${name} ${n}`).join(", ");
}
