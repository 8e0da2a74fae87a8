import { describe, expect, it } from "vitest";
import { ONE_ROUND } from "../../tests/corpus/one-round";
import { checkPattern } from "./index";

/** What stands before and behind the round, and what the rounds come to. */
const AROUND: Readonly<
  Record<keyof typeof ONE_ROUND, readonly [readonly string[], string, readonly number[]]>
> = {
  begun: [["# (6)"], "inc x6 (12)", [6, 12]],
  doubled: [["6 sc in mr (6)", "# (12)"], "(sc, inc) x6 (18)", [6, 12, 18]],
  everySecond: [["6 sc in mr (6)", "inc x6 (12)", "# (18)"], "sc around (18)", [6, 12, 18, 18]],
  fewer: [["6 sc in mr (6)", "inc x6 (12)", "(sc, inc) x6 (18)", "# (12)"], "dec x6 (6)", [6, 12, 18, 12, 6]],
  halved: [["6 sc in mr (6)", "inc x6 (12)", "# (6)"], "sc around (6)", [6, 12, 6, 6]],
  alongChain: [["# (3)"], "ch 1, turn, 3 sc (3)", [3, 3]],
  plain: [["6 sc in mr (6)", "inc x6 (12)", "# (12)"], "", [6, 12, 12]],
};

/** With a sign behind the label, and without one. */
const textOf = (kind: keyof typeof ONE_ROUND, says: string, sign: string): string => {
  if (kind === "alongChain")
    return `Strip\nCh 4.\nRow 1${sign} ${says} (3)\nRow 2${sign} ch 1, turn, 3 sc (3)\n`;
  const [before, behind] = AROUND[kind];
  const rounds = [...before, ...(behind ? [behind] : [])].map((r) => r.replace("#", says));
  return `Ball\n${rounds.map((r, i) => `R${i + 1}${sign} ${r}`).join("\n")}\n`;
};

describe.each(Object.keys(ONE_ROUND) as (keyof typeof ONE_ROUND)[])("one round, %s", (kind) => {
  it.each(ONE_ROUND[kind].flatMap((says) => [[says, ":"] as const, [says, ""] as const]))(
    "%s%s",
    (says, sign) => {
      const read = checkPattern(textOf(kind, says, sign));
      expect(read.parts.map((p) => p.rounds.map((r) => r.count))).toEqual([AROUND[kind][2]]);
      expect(read.problems).toEqual([]);
    },
  );
});

describe("a table, whichever of its columns is the sum", () => {
  it.each([
    "1 | 8 | mr\n2 | 16 | inc x8\n3 | 24 | (1, inc) x8\n4-5 | 24 |\n6 | 16 | (1, dec) x8",
    "Rnd | Sts | Work\n1 | 8 | mr\n2 | 16 | inc x8\n3 | 24 | (1, inc) x8\n4-5 | 24 | sc around\n6 | 16 | (1, dec) x8",
    "Rnd | Work | Sts\n1 | mr, 8 sc | 8\n2 | inc x8 | 16\n3 | (1, inc) x8 | 24\n4-5 | | 24\n6 | (1, dec) x8 | 16",
    "1 = 8 = MR\n2 = 16 = inc x8\n3 = 24 = (sc, inc) x8\n4-5 = 24 = sc around\n6 = 16 = (sc, dec) x8",
    "R1: mr 8\nR2: inc x8 (16)\nR3: (sc, inc) x8 (24)\nR4-5: (24)\nR6: (sc, dec) x8 (16)",
  ])("%s", (table) => {
    const read = checkPattern(`Body\n${table}\n`);
    expect(read.parts.map((p) => p.rounds.map((r) => r.count))).toEqual([[8, 16, 24, 24, 24, 16]]);
    expect(read.problems).toEqual([]);
  });
  it("passes the chain beside the hook by as the sum tells, and no further", () => {
    const made = (row: string) => checkPattern(`Strip\nCh 6.\nRow 1: ${row}\n`).problems.map((p) => p.code);
    expect(made("sc in each ch (5)")).toEqual([]);
    expect(made("dc in each ch (4)")).toEqual([]);
    expect(made("sc in each ch (9)")).not.toEqual([]);
    expect(made("sc in each ch (1)")).not.toEqual([]);
  });
});
