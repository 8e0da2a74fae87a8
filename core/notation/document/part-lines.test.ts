import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const read = (text: string) => {
  const c = checkPattern(text);
  expect(c.problems.filter((p) => p.severity === "error")).toEqual([]);
  return c.parts.map((p) => [p.name, p.make, p.rounds.map((r) => r.count)]);
};

describe("a second piece that is the same", () => {
  it.each(["Second leg: the same.", "Second leg. The same.", "Second leg. As first.", "Second leg: same."])(
    "below rounds with labels: %s",
    (text) =>
      expect(read(`First leg\nRnd 1: mr 6\nRnd 2: inc around (12)\n${text}`)).toEqual([
        ["First leg", 1, [6, 12]],
        ["Second leg", 1, [6, 12]],
      ]),
  );
  it("below a part in a line, its sums behind full stops", () =>
    expect(
      read(
        "FIRST LEG. With tan: magic ring, 6 sc. (6) Inc in every st. (12) 4 rounds of 12 sc. Fasten off.\nSECOND LEG. The same, but do not fasten off.",
      ),
    ).toEqual([
      ["FIRST LEG", 1, [6, 12, 12, 12, 12, 12]],
      ["SECOND LEG", 1, [6, 12, 12, 12, 12, 12]],
    ]));
});

describe("rounds of another part up to one of them", () => {
  it.each([
    "Work as for Gills to end of 2nd rnd. Do not fasten off.",
    "Work as given for Gills until round 2 is complete.",
    "Work the same as Gills up to the end of round 2.",
  ])("%s", (text) =>
    expect(read(`Gills\n1: 6 sc in mr\n2: inc all (12)\n3: (1, inc) ×6 (18)\nStalk\n${text}\n3: 12`)).toEqual(
      [
        ["Gills", 1, [6, 12, 18]],
        ["Stalk", 1, [6, 12, 12]],
      ],
    ),
  );
  it("as usual is as no part", () =>
    expect(
      read("Head. Rnd 1-2: work as usual: 6 sc in mr, inc x6 [12].\nRnd 3: [3 sc, inc] x3 [15]."),
    ).toEqual([["Head", 1, [6, 12, 15]]]));
});

describe("arrows of two signs", () => {
  it.each(["->", "=>", "-->", "→"])("stand before a sum, and between rounds: %s", (arrow) => {
    expect(read(`Bill\n6 sc in mr ${arrow} 6\ninc around ${arrow} 12\nsc around ${arrow} 12`)).toEqual([
      ["Bill", 1, [6, 12, 12]],
    ]);
    expect(
      read(`Bird\n\nBill: 6 sc in mr ${arrow} inc around (12) ${arrow} sc around (12) ${arrow} dec x6`),
    ).toEqual([["Bill", 1, [6, 12, 12, 6]]]);
    expect(read(`Bill\nrnd 1 ${arrow} 6 sc in mr\nrnd 2 ${arrow} inc around ${arrow} 12`)).toEqual([
      ["Bill", 1, [6, 12]],
    ]);
  });
});

describe("names", () => {
  it("stand between signs with how many there are", () =>
    expect(
      read(
        "Tail\nrnd 1: 6sc mr.\nrnd 2: 6inc. (12)\nfo\n\n*Claws - make 2*\nRnd 1 - mr 4sc (4)\nfo, leave tail",
      ),
    ).toEqual([
      ["Tail", 1, [6, 12]],
      ["Claws", 2, [4]],
    ]));
  it.each(["fo", "Fasten off", "Fasten off, leave a long tail", "Cut the yarn"])(
    "are none that end a part: %s",
    (ends) => {
      const c = checkPattern(`Tail\nrnd 1: 6sc mr.\nrnd 2: 6inc. (12)\n${ends}\nRnd 1: mr 4sc (4)`);
      expect(c.parts.map((p) => p.name)).not.toContain(ends);
    },
  );
  it("of shades are no stitch misspelt", () =>
    expect(read("Eye\nr1 black 4 sc in ring\nr2 rust (sc, inc)x2 [6]")).toEqual([["Eye", 1, [4, 6]]]));
  it("a loop to begin in is a ring", () =>
    expect(read("Back: 6 sc in a loop; 2 sc in each = 12; 1 sc, 2 sc in next around = 18. Off.")).toEqual([
      ["Back", 1, [6, 12, 18]],
    ]));
});

describe("rounds of another part, repeated", () => {
  it.each([
    "Bottom: repeat R1 to R2 of body.",
    "Bottom (white): repeat R1-R2 of body.",
    "Bottom (white): repeat rounds 1 to 2 of body.",
    "Bottom\nRepeat R1 to R2 of body.",
  ])("%s", (text) =>
    expect(
      read(`Body\nR1. 6 sc in a magic ring\nR2. inc around -- 12\nR3. sc around -- 12\n${text}`),
    ).toEqual([
      ["Body", 1, [6, 12, 12]],
      ["Bottom", 1, [6, 12]],
    ]),
  );
});

describe("sentences in front of a ring", () => {
  it("that work nothing are passed by", () =>
    expect(
      read(
        "Toadstool\n\nCap, in red. Keep it loose. Make a magic ring and work six single crochets into it. Round two: two in each stitch (12).",
      ).map(([, , counts]) => counts),
    ).toEqual([[6, 12]]));
});

describe("a round told with the verb alone", () => {
  it("has as many plain stitches", () =>
    expect(
      read(
        "Bauble\nRound 1: into a magic ring crochet 6.\nRound 2: increase in every stitch, giving 12.\nRound 3: crochet 3, increase 1, all the way round, giving 15.\nRounds 4 and 5 (red): crochet 15.",
      ),
    ).toEqual([["Bauble", 1, [6, 12, 15, 15, 15]]]));
  it("and makes no pieces", () =>
    expect(read("Bauble\nRnd 1: magic ring, crochet 6\nRnd 2: crochet 2 together 3 times (3)")).toEqual([
      ["Bauble", 1, [6, 3]],
    ]));
});

describe("joined rounds", () => {
  it("may have a repeat without its number behind their chain", () =>
    expect(
      read(
        "Planet\nRow 1: 8 sc in mr. Join. (8)\nRow 2: Ch 1, *1 sc, 2 sc in next*. Join. (12)\nRow 3: Ch 1, *2 sc, dec*. Join. (9)",
      ),
    ).toEqual([["Planet", 1, [8, 12, 9]]]));
  it.each(["join with a sl st to make a loop", "join with a sl st", "sl st to first ch for a ring", "join"])(
    "go around a chain: %s",
    (join) =>
      expect(read(`Ring\nCh 40, ${join}.\nRow 1: Ch 2, 1 hdc in each ch. Join. (40)`)).toEqual([
        ["Ring", 1, [40]],
      ]),
  );
  it.each(["(9 with the chain)", "(9 including ch 3)", "(9)"])(
    "whose chain stands for a stitch are summed with it: %s",
    (sum) =>
      expect(
        read(
          `Moon\nCh 4, sl st to first ch for a ring.\nRow 1: ch 3, 8 dc in the ring, turn. ${sum}\nRow 2: ch 3, dc in same st, 2 dc in each st, turn. (18)`,
        ),
      ).toEqual([["Moon", 1, [9, 18]]]),
  );
  it("are worked through the back loop in two letters more", () =>
    expect(
      checkPattern("Pot\nRnd 1: 6 dc in mr (6)\nRnd 2: 1dc tbl in each st. [6 sts]").parts[0]?.rounds[1]
        ?.loops,
    ).toBe("back"));
});

describe("a second piece to be made", () => {
  it.each([
    "Make a second one the same. Sew together.",
    "Make another the same.",
    "Make a second one just like it. Sew them together.",
    "Fasten off. Make a second one the same. Sew together.",
  ])("%s", (text) =>
    expect(read(`Body\nR1 6 sc in mr\nR2 inc around\n${text}`)).toEqual([["Body", 2, [6, 12]]]),
  );
});

describe("how many there are, between a name and its rounds", () => {
  const rounds = "6 sc in MR; (sc, inc) x 3 = 9; sc around.";
  it.each([
    "Clouds: white, 2 of them:",
    "Clouds: 2 in white:",
    "Clouds: make 2 in white:",
    "Clouds: make 2:",
    "Clouds, make 2, white:",
  ])("%s", (head) => expect(read(`${head} ${rounds}`)).toEqual([["Clouds", 2, [6, 9, 9]]]));
  it("or rounds with labels", () =>
    expect(read("Clouds: make two: Rnd 1: 6 sc in MR. Rnd 2: (sc, inc) x 3 = 9.")).toEqual([
      ["Clouds", 2, [6, 9]],
    ]));
  it("but a label has its own colon", () =>
    expect(read("Body: Rnd 1: 6 sc in MR\nRnd 2: inc x6")).toEqual([["Body", 1, [6, 12]]]));
});

describe("a range that tells each of its rounds", () => {
  it("has them one by one, and all of its words are counted", () => {
    const text = "Head\nRnds 1-3: 6 sc in mr, inc x6, (sc, inc) x6 [18].\nRnd 4: 18";
    expect(read(text)).toEqual([["Head", 1, [6, 12, 18, 18]]]);
    expect(checkPattern(text).uncounted).toEqual([]);
  });
});
