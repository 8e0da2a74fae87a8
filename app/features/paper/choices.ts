import { z } from "zod";
import { PLAIN_STYLE } from "@core/notation";
import { PAPERS, type SheetChoice, type TagChoice } from "./input";

/** What may stand in the address of a sheet, and what it is when nothing is said. */
export const sheetSchema = (terms: "us" | "uk") =>
  z
    .object({
      paper: z.enum(PAPERS).default("A4"),
      large: z.enum(["0", "1"]).default("0"),
      terms: z.enum(["us", "uk"]).default(terms),
      label: z.enum(["Rnd", "Round", "R"]).default("Rnd"),
      brackets: z.enum(["round", "square", "stars"]).default("round"),
      total: z.enum(["round", "square", "equals", "words"]).default("round"),
    })
    .transform((c): SheetChoice => ({
      paper: c.paper,
      large: c.large === "1",
      style: {
        ...PLAIN_STYLE,
        terms: c.terms,
        label: c.label,
        brackets: c.brackets,
        total: c.total,
      },
    }));

/**
 * Check digit of an EAN-13 from its first twelve figures. ISO/IEC 15420 (from memory): threes and ones in
 * turn.
 */
export const eanCheck = (twelve: string): number =>
  (10 - ([...twelve].reduce((sum, d, i) => sum + Number(d) * (i % 2 === 0 ? 1 : 3), 0) % 10)) % 10;

export const tagSchema = z
  .object({
    paper: z.enum(["A4", "LETTER", "ROLL"]).default("A4"),
    count: z
      .string()
      .regex(/^\d{1,3}$/, { error: "Write how many tags, 1 to 200." })
      .transform(Number)
      .pipe(
        z.number().min(1, { error: "One tag at least." }).max(200, { error: "200 tags at most at a time." }),
      )
      .default(9),
    batch: z.string().trim().max(40, { error: "A batch name has 40 letters at most." }).default(""),
    code: z.enum(["qr", "ean", "code128", "none"]).default("qr"),
    codeText: z.string().trim().max(120, { error: "A code holds 120 letters at most here." }).default(""),
  })
  .superRefine((c, ctx) => {
    const say = (message: string) => ctx.addIssue({ code: "custom", path: ["codeText"], message });
    if (c.code === "ean" && !/^\d{12,13}$/.test(c.codeText))
      say("An EAN has 12 or 13 figures, the last is its check digit.");
    else if (
      c.code === "ean" &&
      c.codeText.length === 13 &&
      Number(c.codeText[12]) !== eanCheck(c.codeText.slice(0, 12))
    )
      say(`The last figure of this EAN should be ${eanCheck(c.codeText.slice(0, 12))}.`);
    else if (c.code === "code128" && c.codeText !== "" && !/^[\x20-\x7e]+$/.test(c.codeText))
      say("Code 128 holds plain letters and figures only.");
  })
  .transform((c): TagChoice => c);
