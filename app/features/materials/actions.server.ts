import { minor, milligrams } from "@core/units";
import { parseWithZod } from "@conform-to/zod/v4";
import { data, redirect } from "react-router";
import type { z } from "zod";
import { addBalls, changeBall, findBall, setBallDeleted } from "@db/queries/balls";
import {
  listNotions,
  listYarns,
  saveNotion,
  saveSwatch,
  saveYarn,
  setNotionDeleted,
  setSwatchDeleted,
  setYarnDeleted,
} from "@db/queries/materials";
import { listHands } from "@db/queries/hands";
import { postCount, postMoves, postOwnMove, undoMove } from "@db/queries/stock";
import { listSuppliers, notePrice, saveSupplier, setSupplierDeleted } from "@db/queries/suppliers";
import { ChangedMeanwhile, transact } from "@db/scope";
import { asBalls } from "@core/planning";
import { todayOf, type Opened } from "../../server/scope.server";
import { doubtText } from "../hand/doubt-text";
import { doubtAboutSwatch } from "../hand/swatch-doubt.server";
import { changedMeanwhile } from "../../changed";
import { ballDefaults, notionDefaults, supplierDefaults, yarnDefaults } from "./defaults";
import type { FormReply } from "./forms";
import { reencoded } from "../../server/picture.server";
import { materialSchemas } from "./schema";

/**
 * Every change of the cupboard, by the form's intent. Invalid input comes back with what is wrong, keyed by
 * field; what another tab changed since the form was opened comes back with both values.
 */
export async function materialAction(form: FormData, opened: Opened) {
  try {
    return await change(form, opened);
  } catch (error) {
    if (!(error instanceof ChangedMeanwhile)) throw error;
    const now = await nowOf(form, opened);
    if (!now) throw error;
    return data<FormReply>({ changed: changedMeanwhile(form, now) }, { status: 409 });
  }
}

/** What stands now of the thing a form is about, as the form would show it. */
async function nowOf(
  form: FormData,
  { scope, reading }: Opened,
): Promise<Record<string, string> | undefined> {
  const id = form.get("id");
  const own = <T extends { id: string }>(all: readonly T[]) => all.find((x) => x.id === id);
  switch (form.get("intent")) {
    case "yarn": {
      const y = own(await listYarns(scope, true));
      return y && yarnDefaults(y, reading);
    }
    case "notion":
    case "filling": {
      const n = own(await listNotions(scope, true));
      return n && notionDefaults(n, reading);
    }
    case "supplier": {
      const x = own(await listSuppliers(scope, true));
      return x && supplierDefaults(x, reading);
    }
    case "ball": {
      const b = typeof id === "string" ? await findBall(scope, id) : undefined;
      return b && ballDefaults(b);
    }
    default:
      return undefined;
  }
}

async function change(form: FormData, opened: Opened) {
  const { scope, workshop } = opened;
  const s = materialSchemas(workshop.locale, workshop.currency, workshop.units);
  const read = <T extends z.ZodType>(schema: T) => parseWithZod(form, { schema });
  const refuse = (submission: { reply: () => FormReply["reply"] }) =>
    data<FormReply>({ reply: submission.reply() }, { status: 400 });
  const done = (id: string, more: Partial<FormReply> = {}) => data<FormReply>({ done: id, ...more });
  const today = todayOf(scope);
  switch (form.get("intent")) {
    case "yarn": {
      const got = read(s.yarn);
      if (got.status !== "success") return refuse(got);
      const { intent: _intent, id, seen, onHand, lot, place, packBalls, care, ...v } = got.value;
      const made = await transact(scope, async (tx) => {
        const yarnId = await saveYarn(
          tx,
          {
            ...v,
            packBalls: packBalls ?? 1,
            care: care ?? "",
            supplierId: v.supplierId ?? null,
            lowMg: v.lowMg ?? null,
            bandStitches: v.bandStitches ?? null,
            bandRows: v.bandRows ?? null,
          },
          id,
          seen,
        );
        if (!id && onHand)
          await addBalls(
            tx,
            asBalls(onHand, v.ballMg).map((mg) => ({
              yarnId,
              lot: lot ?? "",
              scrap: false,
              place: place ?? "",
              fullMg: v.ballMg,
              price: v.ballPrice,
              mg: milligrams(mg),
              kind: "weighed" as const,
            })),
          );
        await notePrice(
          tx,
          {
            materialKind: "yarn",
            materialId: yarnId,
            supplierId: v.supplierId ?? null,
            packSize: v.ballMg,
            price: v.ballPrice,
          },
          today,
        );
        return yarnId;
      });
      return done(made);
    }
    case "notion":
    case "filling": {
      const got = form.get("intent") === "filling" ? read(s.filling) : read(s.notion);
      if (got.status !== "success") return refuse(got);
      const v = got.value;
      const made = await transact(scope, async (tx) => {
        const common = {
          name: v.name,
          packSize: v.packSize,
          packPrice: v.packPrice,
          supplierId: v.supplierId ?? null,
          place: v.place ?? "",
        };
        const notionId =
          v.intent === "filling"
            ? await saveNotion(
                tx,
                {
                  ...common,
                  kind: "filling",
                  sizeUm: null,
                  colour: null,
                  densityBp: Math.round((v.density ?? 1) * 10_000),
                  low: v.lowMg ?? null,
                },
                v.id,
                v.seen,
              )
            : await saveNotion(
                tx,
                {
                  ...common,
                  kind: v.kind,
                  sizeUm: v.sizeUm ?? null,
                  colour: v.colour ?? null,
                  spares: v.spares ?? 0,
                  washerId: v.washerId === v.id ? null : (v.washerId ?? null),
                  low: v.low ?? null,
                },
                v.id,
                v.seen,
              );
        if (!v.id && v.onHand)
          await postMoves(tx, [
            {
              kind: v.intent === "filling" ? "weighed" : "counted",
              materialKind: "notion",
              materialId: notionId,
              quantity: v.onHand,
              note: "first entry",
            },
          ]);
        await notePrice(
          tx,
          {
            materialKind: "notion",
            materialId: notionId,
            supplierId: v.supplierId ?? null,
            packSize: v.packSize,
            price: v.packPrice,
          },
          today,
        );
        return notionId;
      });
      return done(made);
    }
    case "swatch": {
      const got = read(s.swatch);
      if (got.status !== "success") return refuse(got);
      const { intent: _intent, photo, sure, ...v } = got.value;
      const hands = await listHands(scope);
      const hand = hands.find((h) => h.id === v.handId) ?? hands[0];
      const values = {
        handId: hand?.id ?? null,
        loops: v.loops ?? hand?.loops ?? ("over" as const),
        yarnId: v.yarnId,
        madeOn: v.madeOn,
        hookUm: v.hookUm,
        stitches: v.stitches ?? null,
        overMm: v.overMm ?? null,
        rounds: v.rounds ?? null,
        roundsOverMm: v.roundsOverMm ?? null,
        sampleStitches: v.sampleStitches ?? null,
        sampleMm: v.sampleMm ?? null,
      };
      const doubt = sure === "on" ? undefined : await doubtAboutSwatch(opened, values);
      if (doubt) return data<FormReply>({ doubt: doubtText(doubt) });
      const picture = photo ? await reencoded(photo) : undefined;
      if (photo && !picture)
        return data<FormReply>(
          {
            reply: got.reply({
              fieldErrors: { photo: ["This picture could not be opened. Choose a photo."] },
            }),
          },
          { status: 400 },
        );
      return done(await saveSwatch(scope, values, picture));
    }
    case "balls": {
      const got = read(s.balls);
      if (got.status !== "success") return refuse(got);
      const { yarnId, many, eachMg, fullMg, how, price, lot, place, scrap, key } = got.value;
      const full = milligrams(Math.max(eachMg, fullMg ?? eachMg));
      await addBalls(
        scope,
        Array.from({ length: many }, (_, i) => ({
          yarnId,
          lot: lot ?? "",
          place: place ?? "",
          scrap: scrap === "on",
          fullMg: full,
          price,
          mg: eachMg,
          kind: how,
          cost: how === "bought" ? minor((price * eachMg) / full) : undefined,
          key: `${key}:${i}`,
        })),
      );
      return done(key);
    }
    case "ball": {
      const got = read(s.ball);
      if (got.status !== "success") return refuse(got);
      const { id, seen, lot, place, scrap, note } = got.value;
      await changeBall(
        scope,
        id,
        { lot: lot ?? "", place: place ?? "", scrap: scrap === "on", note: note ?? "" },
        seen,
      );
      return done(`${id}:${scope.now.getTime()}`);
    }
    case "count": {
      const mass = form.get("unit") === "mass";
      const got = read(mass ? s.countMass : s.countPieces);
      if (got.status !== "success") return refuse(got);
      const { kind, id, ballId, onHand, key, note } = got.value;
      const difference = await postCount(scope, {
        materialKind: kind,
        materialId: id,
        ballId,
        onHand,
        kind: mass ? "weighed" : "counted",
        note: note ?? "",
        key,
      });
      return done(key, { difference });
    }
    case "post": {
      const got = read(form.get("unit") === "mass" ? s.postMass : s.postPieces);
      if (got.status !== "success") return refuse(got);
      const { kind, id, ballId, how, amount, key, note } = got.value;
      await postOwnMove(scope, {
        kind: how,
        materialKind: kind,
        materialId: id,
        ballId,
        quantity: how === "used" || how === "wasted" ? -amount : amount,
        note: note ?? "",
        key,
      });
      return done(key);
    }
    case "undo-move": {
      const id = form.get("move");
      if (typeof id !== "string" || !/^[0-9a-f-]{36}$/.test(id)) throw data(null, { status: 400 });
      await undoMove(scope, id);
      return done(`undo:${id}`);
    }
    case "supplier": {
      const got = read(s.supplier);
      if (got.status !== "success") return refuse(got);
      const { id, seen, name, deliveryDays, minOrder, note } = got.value;
      return done(
        await saveSupplier(
          scope,
          { name, deliveryDays: deliveryDays ?? 0, minOrder: minor(minOrder ?? 0), note: note ?? "" },
          id,
          seen,
        ),
      );
    }
    case "delete": {
      const got = read(s.remove);
      if (got.status !== "success") throw data(null, { status: 400 });
      const { kind, id } = got.value;
      await {
        yarn: setYarnDeleted,
        notion: setNotionDeleted,
        ball: setBallDeleted,
        supplier: setSupplierDeleted,
        swatch: setSwatchDeleted,
      }[kind](scope, id, true);
      const back = form.get("back");
      const to = typeof back === "string" && /^\/materials(\/[a-z0-9-]*)?$/.test(back) ? back : "/materials";
      return redirect(`${to}?deleted=${kind}:${id}`);
    }
    default:
      throw data(null, { status: 400 });
  }
}
