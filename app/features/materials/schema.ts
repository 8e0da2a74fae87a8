import { z } from "zod";
import { fields, id, isoDay, name } from "../../forms";

export const NOTION_LABELS = { eye: "Eyes", nose: "Nose", ring: "Ring or chain", filling: "Filling", packaging: "Packaging", other: "Other" } as const;

const colour = z.string({ error: "Choose a colour." }).regex(/^#[0-9a-fA-F]{6}$/, { error: "Choose a colour." });

/** Schemas for one reading of numbers; the same in the browser and on the server. */
export function materialSchemas(locale: string, currency: string, system: "metric" | "imperial") {
  const f = fields(locale, currency, system);
  const yarn = z.object({
    intent: z.literal("yarn"),
    id: id.optional(),
    name: name("Say what yarn it is, such as “DK cotton”."),
    shade: name("Name the shade, such as “slate”."),
    colour,
    fibre: name("Name the fibre, such as “cotton”: buyers with allergies ask."),
    weightClass: z.enum(["0", "1", "2", "3", "4", "5", "6", "7"]).transform(Number),
    hookUm: f.hookUm("Write the hook on the ball band, such as 4."),
    mmPer100g: f.yarnMm("Write how long 100 g are, as on the ball band."),
    ballMg: f.massMg("Write what one ball weighs, such as 50 g."),
    ballPrice: f.money("Write what one ball costs."),
    onHand: f.massMg("Write how much you have.", 0).optional(),
  });
  const notion = z.object({
    intent: z.literal("notion"),
    id: id.optional(),
    kind: z.enum(["eye", "nose", "ring", "packaging", "other"]),
    name: name("Name it, such as “Black eyes, 6 mm”."),
    sizeUm: f.sizeUm("Write its size.").optional(),
    packSize: f.count("Write how many are in a pack.", 1, 100_000),
    packPrice: f.money("Write what a pack costs."),
    onHand: f.count("Write how many you have.", 0, 1_000_000).optional(),
  });
  const filling = z.object({
    intent: z.literal("filling"),
    id: id.optional(),
    name: name("Name it, such as “Polyester fibre”."),
    packSize: f.massMg("Write what a bag weighs."),
    packPrice: f.money("Write what a bag costs."),
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
    })
    .superRefine((s, ctx) => {
      const pair = (a: unknown, b: unknown, path: string, message: string) => {
        if ((a === undefined) !== (b === undefined)) ctx.addIssue({ code: "custom", path: [path], message });
      };
      pair(s.stitches, s.overMm, s.stitches === undefined ? "stitches" : "overMm", "Stitches and their width belong together.");
      pair(s.rounds, s.roundsOverMm, s.rounds === undefined ? "rounds" : "roundsOverMm", "Rows and their height belong together.");
      pair(s.sampleStitches, s.sampleMm, s.sampleStitches === undefined ? "sampleStitches" : "sampleMm", "Stitches and the yarn they gave belong together.");
      if (s.stitches === undefined && s.sampleStitches === undefined) ctx.addIssue({ code: "custom", path: ["stitches"], message: "Measure one of the two: stitches over a width, or yarn from unravelled stitches." });
    });
  const count = z.object({ intent: z.literal("count"), kind: z.enum(["yarn", "notion"]), id, key: z.string().min(8).max(50), note: z.string().max(200).optional() });
  return { yarn, notion, filling, swatch, countMass: count.extend({ onHand: f.massMg("Write what the scale says.", 0) }), countPieces: count.extend({ onHand: f.count("Count them.", 0, 1_000_000) }), remove: z.object({ intent: z.literal("delete"), kind: z.enum(["yarn", "notion"]), id }) };
}
