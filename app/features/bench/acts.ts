import { milligrams } from "@core/units";
import { z } from "zod";
import type { BenchAct } from "@core/planning";
import type { KeptAct } from "@db/queries/bench";

/** Acts that a device sends at once, at most. */
export const MOST_SENT = 500;
const key = z.string().regex(/^[A-Za-z0-9-]{8,64}$/);
const place = {
  piece: z.number().int().min(1).max(100_000),
  step: z.string().regex(/^[a-z0-9.-]{1,40}$/),
};
const common = {
  key,
  at: z.number().int().min(1_500_000_000_000).max(9_999_999_999_999),
  device: z.string().regex(/^[A-Za-z0-9-]{4,40}$/),
};
const DAY_MS = 86_400_000;
/** No ball weighs more than ten kilogrammes. */
const MOST_MG = 10_000_000;

const act = z.discriminatedUnion("kind", [
  z.object({ ...common, kind: z.literal("done"), ...place, ms: z.number().int().min(0).max(DAY_MS) }),
  z.object({ ...common, kind: z.literal("undo"), of: key }),
  z.object({ ...common, kind: z.literal("again"), ...place }),
  z.object({ ...common, kind: z.literal("note"), ...place, text: z.string().trim().min(1).max(500) }),
  z.object({ ...common, kind: z.literal("work"), of: key }),
  z.object({
    ...common,
    kind: z.literal("weighed"),
    ...place,
    ball: z.string().regex(/^[0-9a-f-]{36}$/),
    mg: z.number().int().min(0).max(MOST_MG),
  }),
]);

/** What a device sends: acts of one line, by whose hands. */
export const actsSchema = z.object({
  workshop: z.string().optional(),
  handId: z
    .string()
    .regex(/^[0-9a-f-]{36}$/)
    .nullable(),
  since: z.number().optional(),
  acts: z.array(act).max(MOST_SENT),
});

export const kept = (a: BenchAct, handId: string | null): KeptAct => ({
  key: a.key,
  at: a.at,
  device: a.device,
  handId,
  kind: a.kind,
  piece: "piece" in a ? a.piece : null,
  step: "step" in a ? a.step : null,
  ms: a.kind === "done" ? a.ms : null,
  about: "of" in a ? a.of : null,
  text: a.kind === "note" ? a.text : null,
  ballId: a.kind === "weighed" ? a.ball : null,
  mg: a.kind === "weighed" ? milligrams(a.mg) : null,
});

/** As the core folds it; a row that lacks what its kind needs is left out. */
export function asAct(k: KeptAct): BenchAct[] {
  const own = { key: k.key, at: k.at, device: k.device, hand: k.handId };
  if ((k.kind === "undo" || k.kind === "work") && k.about !== null)
    return [{ ...own, kind: k.kind, of: k.about }];
  if (k.piece === null || k.step === null) return [];
  const where = { piece: k.piece, step: k.step };
  if (k.kind === "done") return [{ ...own, kind: "done", ...where, ms: k.ms ?? 0 }];
  if (k.kind === "again") return [{ ...own, kind: "again", ...where }];
  if (k.kind === "note" && k.text !== null) return [{ ...own, kind: "note", ...where, text: k.text }];
  if (k.kind === "weighed" && typeof k.ballId === "string" && typeof k.mg === "number")
    return [{ ...own, kind: "weighed", ...where, ball: k.ballId, mg: k.mg }];
  return [];
}
