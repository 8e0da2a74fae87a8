import { parseDate } from "@internationalized/date";
import { readFileSync } from "node:fs";
import path from "node:path";
import { analyseItem, type ItemDraft } from "../app/features/items/analyse";
import { notionView, yarnView } from "../app/features/items/load.server";
import type { Database } from "../db/connect";
import { createItem, findItem, type ItemKind } from "../db/queries/items";
import { listNotions, listSwatches, listYarns, saveNotion, saveSwatch, saveYarn } from "../db/queries/materials";
import { createRun, finishRun, startRun } from "../db/queries/runs";
import { postMoves } from "../db/queries/stock";
import { createWorkshop, findWorkshop, listChannels, saveChannel } from "../db/queries/workshops";
import type { Scope } from "../db/scope";
import type { Minor } from "../core/units";

const pattern = (name: string) => readFileSync(path.join(import.meta.dirname, "patterns", `${name}.txt`), "utf8");

interface DemoYarn {
  readonly key: string;
  readonly name: string;
  readonly shade: string;
  readonly colour: string;
  readonly have: number;
}
const COTTON = { name: "DK cotton", fibre: "100 % cotton", weightClass: 3, hookUm: 4000, mmPer100g: 230_000, ballMg: 50_000, ballPrice: 290 };
const MIX = { name: "Worsted wool mix", fibre: "55 % wool, 45 % acrylic", weightClass: 4, hookUm: 5000, mmPer100g: 175_000, ballMg: 100_000, ballPrice: 640 };
const COTTONS: readonly DemoYarn[] = [
  { key: "slate", name: "DK cotton", shade: "slate", colour: "#3d4c57", have: 124_000 },
  { key: "white", name: "DK cotton", shade: "chalk white", colour: "#f1f0ea", have: 86_500 },
  { key: "orange", name: "DK cotton", shade: "buoy orange", colour: "#d9692b", have: 31_000 },
  { key: "navy", name: "DK cotton", shade: "deep navy", colour: "#22304f", have: 12_500 },
  { key: "silver", name: "DK cotton", shade: "herring silver", colour: "#aab4ba", have: 9_000 },
  { key: "red", name: "DK cotton", shade: "signal red", colour: "#b5322c", have: 74_000 },
  { key: "yellow", name: "DK cotton", shade: "oilskin yellow", colour: "#e5b72f", have: 18_000 },
  { key: "sand", name: "DK cotton", shade: "wet sand", colour: "#b79b74", have: 33_000 },
  { key: "coral", name: "DK cotton", shade: "crab coral", colour: "#d66b5a", have: 27_500 },
  { key: "teal", name: "DK cotton", shade: "boat teal", colour: "#2f7f84", have: 46_000 },
  { key: "cream", name: "DK cotton", shade: "sail cream", colour: "#e9dfc5", have: 39_000 },
];

/** The harbour-town stall of design §6, everything invented. `today` is passed in so that markets lie ahead. */
export async function seedDemo(db: Database, today: string, now: Date): Promise<string> {
  const workshopId = await createWorkshop(db, "Harbour stall", { locale: "en-IE", currency: "EUR", weekMinutes: 960, workDays: "1101110", wagePerHour: 1200, overheadPerHour: 180, marginBp: 800, pricePoints: "0,50" });
  const scope: Scope = { db, workshopId, now };
  const channels = await listChannels(scope);
  const stall = channels[0]?.id ?? "";
  const shop = await saveChannel(scope, { name: "Own web shop", percentBp: 350, fixed: 30 });
  const shelf = await saveChannel(scope, { name: "Gift shop shelf", percentBp: 3000, fixed: 0 });

  // The stock was counted in summer, before the runs that used it.
  const summer: Scope = { ...scope, now: new Date(now.getTime() - 150 * 86_400_000) };
  const yarnIds = new Map<string, string>();
  for (const { key, have, ...y } of COTTONS) {
    const id = await saveYarn(scope, { ...COTTON, ...y });
    yarnIds.set(key, id);
    await postMoves(summer, [{ kind: "weighed", materialKind: "yarn", materialId: id, quantity: have, note: "stocktake in summer" }]);
  }
  const fog = await saveYarn(scope, { ...MIX, shade: "fog grey", colour: "#c5cacb" });
  yarnIds.set("pale grey", fog);
  await postMoves(summer, [{ kind: "weighed", materialKind: "yarn", materialId: fog, quantity: 140_000, note: "stocktake in summer" }]);
  const yarn = (key: string) => yarnIds.get(key) ?? "";

  const eyes6 = await saveNotion(scope, { kind: "eye", name: "Black eyes, 6 mm", sizeUm: 6000, colour: "#111111", packSize: 50, packPrice: 495 });
  const eyes5 = await saveNotion(scope, { kind: "eye", name: "Black eyes, 5 mm", sizeUm: 5000, colour: "#111111", packSize: 50, packPrice: 450 });
  const ring = await saveNotion(scope, { kind: "ring", name: "Split ring with chain, 25 mm", sizeUm: 25_000, colour: null, packSize: 20, packPrice: 560 });
  const cord = await saveNotion(scope, { kind: "other", name: "Cotton hanging loop", sizeUm: null, colour: null, packSize: 25, packPrice: 300 });
  const fibre = await saveNotion(scope, { kind: "filling", name: "Polyester fibre", sizeUm: null, colour: null, packSize: 250_000, packPrice: 520 });
  const tag = await saveNotion(scope, { kind: "packaging", name: "Swing tag and string", sizeUm: null, colour: null, packSize: 100, packPrice: 850 });
  const bag = await saveNotion(scope, { kind: "packaging", name: "Paper bag, small", sizeUm: null, colour: null, packSize: 100, packPrice: 600 });
  await postMoves(summer, [
    { kind: "counted", materialKind: "notion", materialId: eyes6, quantity: 148 }, { kind: "counted", materialKind: "notion", materialId: eyes5, quantity: 34 },
    { kind: "counted", materialKind: "notion", materialId: ring, quantity: 62 }, { kind: "counted", materialKind: "notion", materialId: cord, quantity: 70 },
    { kind: "weighed", materialKind: "notion", materialId: fibre, quantity: 420_000 }, { kind: "counted", materialKind: "notion", materialId: tag, quantity: 130 }, { kind: "counted", materialKind: "notion", materialId: bag, quantity: 240 },
  ]);
  const start = parseDate(today);
  const ago = (days: number) => start.subtract({ days }).toString();
  const ahead = (days: number) => start.add({ days }).toString();
  const noSample = { sampleStitches: null, sampleMm: null };
  await saveSwatch(scope, { yarnId: yarn("slate"), madeOn: ago(20), hookUm: 3000, stitches: 20, overMm: 92, rounds: 20, roundsOverMm: 88, sampleStitches: 30, sampleMm: 825 });
  await saveSwatch(scope, { yarnId: yarn("white"), madeOn: ago(19), hookUm: 3000, stitches: 20, overMm: 93, rounds: 20, roundsOverMm: 87, ...noSample });
  await saveSwatch(scope, { yarnId: fog, madeOn: ago(41), hookUm: 3500, stitches: 18, overMm: 98, rounds: 18, roundsOverMm: 92, sampleStitches: 24, sampleMm: 770 });

  const slots = (keys: readonly string[], hookUm = 3000) => keys.map((slot) => ({ slot, yarnId: yarn(slot), hookUm, strands: 1 }));
  const key = [{ notionId: ring, quantity: 1 }];
  const loop = [{ notionId: cord, quantity: 1 }];
  const pack = [{ notionId: tag, quantity: 1 }, { notionId: bag, quantity: 1 }, { notionId: fibre, quantity: 1 }];
  const add = (name: string, kind: ItemKind, file: string, keys: readonly string[], more: readonly { notionId: string; quantity: number }[], extra: { price?: number; channelId?: string; hookUm?: number; hanger?: boolean } = {}) =>
    createItem(scope, { name, kind, price: extra.price ?? null, channelId: extra.channelId ?? stall }, { pattern: pattern(file), firmness: "medium", hanger: extra.hanger ?? true, note: "", slots: slots(keys, extra.hookUm), notions: [...more, ...pack] });
  const puffin = await add("Puffin keychain", "keychain", "puffin", ["slate", "white", "orange"], [{ notionId: eyes6, quantity: 2 }, ...key], { price: 1650 });
  const seal = await add("Seal pup keychain", "keychain", "seal-pup", ["pale grey"], [{ notionId: eyes6, quantity: 2 }, ...key], { hookUm: 3500 });
  const sardine = await add("Sardine keychain", "keychain", "sardine", ["silver", "navy"], [{ notionId: eyes5, quantity: 2 }, ...key], { price: 900 });
  const crab = await add("Hermit crab keychain", "keychain", "hermit-crab", ["sand", "coral"], [{ notionId: eyes5, quantity: 2 }, ...key], { channelId: shop });
  const lighthouse = await add("Lighthouse ornament", "ornament", "lighthouse", ["white", "red", "yellow"], [], { hanger: false });
  const buoy = await add("Buoy ornament", "ornament", "buoy", ["red", "white", "navy"], loop);
  const boat = await add("Rowing boat ornament", "ornament", "rowing-boat", ["teal", "cream", "sand"], loop, { channelId: shelf });

  const workshop = await findWorkshop(db, workshopId);
  if (!workshop) throw new Error("the demo workshop was not made");
  const reading = { locale: workshop.locale, system: workshop.units, currency: workshop.currency };
  const [yarns, swatches, notions] = [await listYarns(scope), await listSwatches(scope), await listNotions(scope)];
  const around = { yarns: yarns.map((y) => yarnView(y, swatches, reading)), notions: notions.map(notionView), money: { wagePerHour: workshop.wagePerHour, overheadPerHour: workshop.overheadPerHour, marginBp: workshop.marginBp, pricePoints: [0, 50] }, fees: { label: "Market stall", percentBp: 0, fixed: 0 as Minor }, reading, terms: workshop.terms };
  const line = async (itemId: string, quantity: number) => {
    const found = await findItem(scope, itemId);
    if (!found) throw new Error("a demo item is missing");
    const draft: ItemDraft = { pattern: found.revision.pattern, firmness: found.revision.firmness, hanger: found.revision.hanger, slots: found.revision.slots.map((s) => ({ slot: s.slot, yarnId: s.yarnId, hookMm: s.hookUm / 1000, strands: s.strands })), notions: found.revision.notions };
    const a = analyseItem(draft, { ...around, price: found.item.price ?? undefined });
    return { itemId, revisionId: found.revision.id, quantity, plannedWith: { label: found.item.name, revision: found.revision.number, seconds: a.piece.seconds.value, secondsLow: a.piece.seconds.low, secondsHigh: a.piece.seconds.high, cost: a.cost.total, price: a.price, needs: a.needs } };
  };
  const plannedWith = { weekMinutes: workshop.weekMinutes, workDays: workshop.workDays, wagePerHour: workshop.wagePerHour, overheadPerHour: workshop.overheadPerHour };
  const run = async (name: string, startOn: string, dueOn: string, lines: readonly [string, number][]) => createRun(scope, { name, startOn, dueOn, plannedWith, lines: await Promise.all(lines.map(([id, n]) => line(id, n))) });
  const autumn = await run("Autumn market", ago(80), ago(52), [[puffin, 12], [buoy, 10]]);
  await finishRun({ ...scope, now: new Date(now.getTime() - 54 * 86_400_000) }, autumn, ago(54));
  const refill = await run("Gift shop refill", ago(45), ago(30), [[boat, 8], [lighthouse, 6]]);
  await finishRun({ ...scope, now: new Date(now.getTime() - 31 * 86_400_000) }, refill, ago(31));
  const advent = await run("First winter market", ago(6), ahead(12), [[puffin, 10], [seal, 6], [sardine, 12]]);
  await startRun(scope, advent);
  await run("Second winter market", ahead(13), ahead(33), [[puffin, 16], [buoy, 14], [crab, 10], [lighthouse, 8]]);
  return workshopId;
}
