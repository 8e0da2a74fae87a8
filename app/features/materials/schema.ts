import { z } from "zod";
import { lengthFromSample, lengthFromWraps } from "@core/calibrate";
import { COUNTED_KINDS } from "./kinds";
import { fields, id, isoDay, name, seen } from "../../forms";
import { photoField } from "../../photo-form";

const colour = z
  .string({ error: "Choose a colour." })
  .regex(/^#[0-9a-fA-F]{6}$/, { error: "Choose a colour." });
const short = (most: number) =>
  z
    .string()
    .trim()
    .max(most, { error: `${most} letters at most.` })
    .optional();
/** A choice that may be "none": an empty value of a list. */
const choice = id.optional();

/** Balls that one form brings: each becomes a thing of its own. */
const MOST_BALLS = 200;

/** Schemas for one reading of numbers; the same in the browser and on the server. */
export function materialSchemas(locale: string, currency: string, system: "metric" | "imperial") {
  const f = fields(locale, currency, system);
  const yarn = z
    .object({
      intent: z.literal("yarn"),
      id: id.optional(),
      seen,
      name: name("Say what yarn it is, such as “DK cotton”."),
      shade: name("Name the shade, such as “slate”."),
      colour,
      fibre: name(
        "Name the fibre, such as “cotton”: buyers with allergies ask. Write “unknown” for a scrap without a band.",
      ),
      weightClass: z.enum(["0", "1", "2", "3", "4", "5", "6", "7"]).transform(Number),
      hookUm: f.hookUm("Write the hook on the ball band, such as 4."),
      mmPer100g: f.yarnMm("Write how long 100 g are, as on the ball band.").optional(),
      sampleMm: f.lengthMm("Measure a length of it.").optional(),
      sampleMg: f.massMg("Weigh that length.").optional(),
      scaleStep: z.enum(["0.01", "0.1", "1"]).optional(),
      wraps: f.decimal("Count the wraps over an inch.", 1, 60).optional(),
      /** What a measured length was before this change: while it stands, so does how unsure it is. */
      wasMmPer100g: f.yarnMm("").optional(),
      wasSigmaBp: z
        .string()
        .regex(/^\d{1,5}$/)
        .transform(Number)
        .optional(),
      ballMg: f.massMg("Write what one ball weighs, such as 50 g."),
      ballPrice: f.money("Write what one ball costs."),
      bandStitches: f.count("Count as on the band.", 1, 100).optional(),
      bandRows: f.count("Count as on the band.", 1, 100).optional(),
      care: short(120),
      supplierId: choice,
      packBalls: f.count("Write how many balls come together.", 1, 100).optional(),
      lowMg: f.massMg("Write a weight, or leave it empty.").optional(),
      onHand: f.massMg("Write how much you have.", 0).optional(),
      lot: short(60),
      place: short(80),
    })
    .superRefine((y, ctx) => {
      if (y.onHand !== undefined && y.onHand / y.ballMg > MOST_BALLS)
        ctx.addIssue({
          code: "custom",
          path: ["onHand"],
          message: `That is more than ${MOST_BALLS} balls. Is the unit right? If it is, add the rest as balls of their own.`,
        });
      if ((y.sampleMm === undefined) !== (y.sampleMg === undefined))
        ctx.addIssue({
          code: "custom",
          path: [y.sampleMm === undefined ? "sampleMm" : "sampleMg"],
          message: "A measured length and its weight belong together.",
        });
      if (y.mmPer100g === undefined && y.sampleMm === undefined && y.wraps === undefined)
        ctx.addIssue({
          code: "custom",
          path: ["mmPer100g"],
          message:
            "Write how long 100 g are, as on the ball band. Without a band: measure and weigh a length, or count wraps.",
        });
    })
    .transform(({ sampleMm, sampleMg, scaleStep, wraps, mmPer100g, wasMmPer100g, wasSigmaBp, ...y }) => {
      const measured = sampleMm !== undefined || wraps !== undefined;
      if (mmPer100g !== undefined && !measured)
        return { ...y, mmPer100g, lengthSigmaBp: mmPer100g === wasMmPer100g ? (wasSigmaBp ?? 0) : 0 };
      // Metres in 100 g: at least 5 and at most 10,000, as from a band.
      const found =
        sampleMm !== undefined && sampleMg !== undefined
          ? lengthFromSample({ mm: sampleMm, mg: sampleMg, scaleStepMg: Number(scaleStep ?? "0.1") * 1000 })
          : lengthFromWraps(wraps ?? 13);
      return {
        ...y,
        mmPer100g: Math.round(Math.min(10_000, Math.max(5, found.value)) * 1000),
        lengthSigmaBp: Math.round(Math.min(1, found.sigma) * 10_000),
      };
    });
  const notion = z.object({
    intent: z.literal("notion"),
    id: id.optional(),
    seen,
    kind: z.enum(COUNTED_KINDS),
    name: name("Name it, such as “Black eyes, 6 mm”."),
    sizeUm: f.sizeUm("Write its size.").optional(),
    colour: colour.optional(),
    packSize: f.count("Write how many are in a pack.", 1, 100_000),
    spares: f.count("Write how many more there are.", 0, 1000).optional(),
    packPrice: f.money("Write what a pack costs."),
    washerId: choice,
    supplierId: choice,
    place: short(80),
    low: f.count("Write how many, or leave it empty.", 0, 1_000_000).optional(),
    onHand: f.count("Write how many you have.", 0, 1_000_000).optional(),
  });
  const filling = z.object({
    intent: z.literal("filling"),
    id: id.optional(),
    seen,
    name: name("Name it, such as “Polyester fibre”."),
    packSize: f.massMg("Write what a bag weighs."),
    packPrice: f.money("Write what a bag costs."),
    density: f.decimal("Write a number such as 1 for fibre, 2.5 for chopped yarn.", 0.2, 10).optional(),
    supplierId: choice,
    place: short(80),
    lowMg: f.massMg("Write a weight, or leave it empty.").optional(),
    onHand: f.massMg("Write how much you have.", 0).optional(),
  });
  const swatch = z
    .object({
      intent: z.literal("swatch"),
      yarnId: id,
      madeOn: isoDay("Choose the day."),
      hookUm: f.hookUm("Write the hook you used."),
      stitches: f.count("Count the stitches.", 1, 1000).optional(),
      overMm: f.lengthMm("Measure the width they take.").optional(),
      rounds: f.count("Count the rows.", 1, 1000).optional(),
      roundsOverMm: f.lengthMm("Measure the height they take.").optional(),
      sampleStitches: f.count("Count the stitches you unravelled.", 1, 1000).optional(),
      sampleMm: f.lengthMm("Measure the yarn they gave.").optional(),
      handId: id.optional(),
      loops: z.enum(["over", "under"]).optional(),
      photo: photoField.optional(),
      sure: z.literal("on").optional(),
    })
    .superRefine((s, ctx) => {
      const pair = (a: unknown, b: unknown, path: string, message: string) => {
        if ((a === undefined) !== (b === undefined)) ctx.addIssue({ code: "custom", path: [path], message });
      };
      pair(
        s.stitches,
        s.overMm,
        s.stitches === undefined ? "stitches" : "overMm",
        "Stitches and their width belong together.",
      );
      pair(
        s.rounds,
        s.roundsOverMm,
        s.rounds === undefined ? "rounds" : "roundsOverMm",
        "Rows and their height belong together.",
      );
      pair(
        s.sampleStitches,
        s.sampleMm,
        s.sampleStitches === undefined ? "sampleStitches" : "sampleMm",
        "Stitches and the yarn they gave belong together.",
      );
      if (s.stitches === undefined && s.sampleStitches === undefined)
        ctx.addIssue({
          code: "custom",
          path: ["stitches"],
          message: "Measure one of the two: stitches over a width, or yarn from unravelled stitches.",
        });
    });
  const key = z.string().min(8).max(50);
  const count = z.object({
    intent: z.literal("count"),
    kind: z.enum(["yarn", "notion"]),
    id,
    ballId: choice,
    key,
    note: z.string().max(200).optional(),
  });
  const balls = z.object({
    intent: z.literal("balls"),
    yarnId: id,
    key,
    how: z.enum(["bought", "weighed", "returned"]),
    many: f.count("Write how many balls.", 1, 200),
    /** Of a whole ball, mg. */
    fullMg: z
      .string()
      .regex(/^\d{1,9}$/)
      .transform(Number)
      .optional(),
    eachMg: f.massMg("Write what is on each."),
    price: f.money("Write what a whole ball cost."),
    lot: short(60),
    place: short(80),
    scrap: z.literal("on").optional(),
  });
  const ball = z.object({
    intent: z.literal("ball"),
    id,
    seen,
    lot: short(60),
    place: short(80),
    scrap: z.literal("on").optional(),
    note: short(200),
  });
  const post = z.object({
    intent: z.literal("post"),
    kind: z.enum(["yarn", "notion"]),
    id,
    ballId: choice,
    key,
    how: z.enum(["used", "wasted", "returned", "bought"]),
    note: z.string().max(200).optional(),
  });
  const supplier = z.object({
    intent: z.literal("supplier"),
    id: id.optional(),
    seen,
    name: name("Name the supplier, such as “The wool shop on the quay”."),
    deliveryDays: f.count("Write the days from order to door.", 0, 365).optional(),
    minOrder: f.money("Write an amount, or leave it empty.").optional(),
    note: short(200),
  });
  return {
    yarn,
    notion,
    filling,
    swatch,
    balls,
    ball,
    supplier,
    countMass: count.extend({ onHand: f.scaleMg("Write what the scale says.") }),
    countPieces: count.extend({ onHand: f.count("Count them.", 0, 1_000_000) }),
    postMass: post.extend({ amount: f.massMg("Write how much.") }),
    postPieces: post.extend({ amount: f.count("Write how many.", 1, 1_000_000) }),
    remove: z.object({
      intent: z.literal("delete"),
      kind: z.enum(["yarn", "notion", "ball", "supplier", "swatch"]),
      id,
    }),
  };
}
