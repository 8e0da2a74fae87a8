import { micrometres, milligrams } from "@core/units";
import { parseWithZod } from "@conform-to/zod/v4";
import type { SubmissionResult } from "@conform-to/react";
import { data, redirect } from "react-router";
import { saveHand, saveTiming, saveWeighIn, setAside } from "@db/queries/hands";
import { listColourways } from "@db/queries/colourways";
import { findItem } from "@db/queries/items";
import { listYarns } from "@db/queries/materials";
import type { Scope } from "@db/scope";
import { doubtOf, pauseDoubt, TIMING_SIGMA, type Doubt } from "@core/calibrate";
import { secondsOfWork } from "@core/estimate";
import { analyseForTrade, draftOf, inColourway, loadSurroundings } from "../items/load.server";
import { id, workDaysOf } from "../../forms";
import { todayOf, type Opened } from "../../server/scope.server";
import { unreckonedText } from "../items/unreckoned";
import { expectedFor, stageWork, tradeExpected } from "@core/item";
import { gramsOf, groupOf, inBatch, knowledgeOf, packingFactor, weighRatio } from "@core/hand";
import { handDataOf, handsSeen, loadMeasured } from "../../server/measured.server";
import { GIVEN_WORK, type GivenWork } from "@core/planning/given-work";
import { handSchemas, lapsOf } from "./schema";

export interface HandReply {
  readonly reply?: SubmissionResult<string[]>;
  readonly done?: string;
  /** It lies far from what is known: she is asked, nothing is kept yet. */
  readonly doubt?: Doubt;
}

/** Keeps measurements. What lies far off is asked about first; with "sure" it is kept as it is. */
export async function handAction(form: FormData, opened: Opened) {
  const { scope, workshop, ownHand } = opened;
  const s = handSchemas(workshop.locale, workshop.currency, workshop.units);
  const refuse = (got: { reply: () => SubmissionResult<string[]> }) =>
    data<HandReply>({ reply: got.reply() }, { status: 400 });
  switch (form.get("intent")) {
    case "weigh-in":
    case "timing": {
      const got =
        form.get("intent") === "timing"
          ? parseWithZod(form, { schema: s.timing })
          : parseWithZod(form, { schema: s.weighIn });
      if (got.status !== "success") return refuse(got);
      const v = got.value;
      const [entry, around, measured, yarns] = await Promise.all([
        findItem(scope, v.itemId),
        loadSurroundings(scope, workshop),
        loadMeasured(scope),
        listYarns(scope, true),
      ]);
      const hand = handsSeen(measured.hands, ownHand).find((h) => h.id === v.handId);
      if (!entry || !hand) throw data(null, { status: 404 });
      const colourwayId = v.intent === "weigh-in" ? v.colourwayId : undefined;
      const colourway = colourwayId
        ? (await listColourways(scope)).find((c) => c.id === colourwayId && c.itemId === entry.item.id)
        : undefined;
      if (colourwayId && !colourway) throw data(null, { status: 404 });
      const dressed = inColourway(entry, colourway);
      const analysed = await analyseForTrade(dressed, around);
      if (!analysed.ok)
        return data<HandReply>(
          { reply: got.reply({ fieldErrors: { itemId: [unreckonedText(analysed.why)] } }) },
          { status: 422 },
        );
      const trade = tradeExpected(draftOf(dressed.revision), analysed.value);
      const part = v.part ?? "";
      const known = knowledgeOf(handDataOf(measured, yarns, hand), todayOf(scope), workshop.halfLifeDays);
      const base = {
        handId: hand.id,
        itemId: entry.item.id,
        revisionId: entry.revision.id,
        part,
        pieces: v.pieces,
        madeOn: v.madeOn,
        note: v.note ?? "",
        idempotencyKey: v.key,
      };
      if (v.intent === "timing") {
        const one = stageWork(trade, part, v.stage);
        const work = Object.fromEntries(Object.entries(one).map(([k, sec]) => [k, sec * v.pieces]));
        if (secondsOfWork(work) <= 0)
          return data<HandReply>(
            {
              reply: got.reply({
                fieldErrors: {
                  stage: ["This part has nothing of this stage. Choose another stage, or the whole piece."],
                },
              }),
            },
            { status: 400 },
          );
        const together = inBatch(work, v.pieces, known.batch);
        const expected = known.pace.seconds(together);
        const laps = lapsOf(v.laps);
        // A pause within a lap is looked for first: it says where, and can be cut out.
        const paused = pauseDoubt(laps, v.seconds);
        const doubt =
          paused ??
          doubtOf(
            "time",
            Math.log(v.seconds / expected),
            Math.hypot(known.pace.sd(together) / expected, TIMING_SIGMA),
          );
        if (doubt && v.sure !== "on") return data<HandReply>({ doubt });
        await saveTiming(scope, { ...base, stage: v.stage, seconds: v.seconds, laps, work });
        return data<HandReply>({ done: v.key });
      }
      const e = expectedFor(trade, part);
      const filling = v.kind === "filling";
      const expectedMg = milligrams((filling ? e.fillingMg : e.stitchMg) * v.pieces);
      if (expectedMg <= 0)
        return data<HandReply>(
          {
            reply: got.reply({
              fieldErrors: {
                part: [
                  filling ? "This part takes no filling." : "This part has no yarn that could be counted.",
                ],
              },
            }),
          },
          { status: 400 },
        );
      const row = {
        colourwayId: colourway?.id ?? null,
        beforeMg: v.before ?? null,
        afterMg: v.after ?? null,
        weightMg: v.weight,
        stepMg: milligrams(Number(v.step) * 1000),
        expectedMg,
        besideMg: milligrams(filling ? 0 : e.tailMg * v.pieces),
        fillingMg: milligrams(!filling && v.filled === "on" ? e.fillingMg * v.pieces : 0),
      };
      const { ratio, variance } = weighRatio(row, packingFactor(known.density, e.firmness));
      const now = filling
        ? known.density.of(e.firmness)
        : gramsOf(known.tension.of(groupOf(e.yarnId ?? "", e.hookMm ?? 0)));
      const doubt = doubtOf(
        "weight",
        Math.log(ratio) - now.mean,
        Math.hypot((filling ? now.next : undefined) ?? now.sd, Math.sqrt(variance)),
      );
      if (doubt && v.sure !== "on") return data<HandReply>({ doubt });
      await saveWeighIn(scope, {
        ...base,
        ...row,
        kind: v.kind,
        yarnId: filling ? null : (e.yarnId ?? null),
        hookUm: filling || e.hookMm === undefined ? null : micrometres(e.hookMm * 1000),
        loops: hand.loops,
        firmness: filling || row.fillingMg > 0 ? e.firmness : null,
      });
      return data<HandReply>({ done: v.key });
    }
    case "hand": {
      const got = parseWithZod(form, { schema: s.hand });
      if (got.status !== "success") return refuse(got);
      if (ownHand !== undefined && got.value.id !== ownHand) throw data(null, { status: 403 });
      return data<HandReply>({
        done: await saveHand(
          scope,
          {
            name: got.value.name,
            loops: got.value.loops,
            ...careOf(got.value),
            ...(got.value.helper ? hoursOf(got.value) : {}),
          },
          got.value.id,
          got.value.seen,
        ),
      });
    }
    case "aside": {
      const got = parseWithZod(form, { schema: s.aside });
      if (got.status !== "success") throw data(null, { status: 400 });
      if (ownHand !== undefined && !(await isOf(scope, got.value, ownHand)))
        throw data(null, { status: 403 });
      await setAside(scope, got.value.kind, got.value.id, got.value.aside === "yes");
      // Only what is an id goes into the address.
      const shown = id.safeParse(form.get("hand"));
      return redirect(`/hand${shown.success ? `?hand=${shown.data}` : ""}`);
    }
    default:
      throw data(null, { status: 400 });
  }
}

/** What the form says of the care of a hand; nothing of what it does not ask. */
const careOf = (v: {
  readonly dayLimitMinutes?: number | undefined;
  readonly breakAfterMinutes?: number | undefined;
}) => ({
  ...(v.dayLimitMinutes === undefined ? {} : { dayLimitMinutes: v.dayLimitMinutes }),
  ...(v.breakAfterMinutes === undefined ? {} : { breakAfterMinutes: v.breakAfterMinutes }),
});

/** What a helper gives: no days chosen are no hours, and all kinds of work are kept as "anything". */
const hoursOf = (v: {
  readonly weekMinutes: number;
  readonly days?: readonly string[] | undefined;
  readonly does?: readonly GivenWork[] | undefined;
}) => ({
  weekMinutes: v.weekMinutes,
  workDays: workDaysOf(v.days ?? []),
  does: (v.does?.length ?? 0) < GIVEN_WORK.length ? (v.does ?? []) : null,
});

/** Is it a measurement of this hand? */
async function isOf(
  scope: Scope,
  one: { readonly kind: "weighIn" | "timing" | "swatch"; readonly id: string },
  handId: string | null,
): Promise<boolean> {
  if (handId === null) return false;
  const measured = await loadMeasured(scope);
  const list = {
    weighIn: measured.weighIns,
    timing: measured.timings,
    swatch: measured.swatches,
  }[one.kind];
  return list.some((m) => m.id === one.id && m.handId === handId);
}
