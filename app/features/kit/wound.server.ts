import { data } from "react-router";
import { z } from "zod";
import { turnOf } from "@core/kit";
import { printMass, type Grams } from "@core/units";
import { findKit, listWindings, removeWinding, saveWinding, type Winding } from "@db/queries/kits";
import { fields, id } from "../../forms";
import { allYarns } from "../../server/rows.server";
import { dayOf, readingOf, type Opened } from "../../server/scope.server";
import { weighedWindings, type Surroundings } from "../items/load.server";
import type { KitView } from "./kit.server";

/** Weighed windings that the page shows. */
const SHOWN = 6;
/** Off by more than this it is no winding but its core, its bag or another yarn. */
const FAR = 2;

/** What was weighed of a kit's yarns, and what it says of each. */
export async function woundOf({ scope }: Opened, view: KitView | undefined, s: Surroundings) {
  const all = await listWindings(scope);
  const own = new Map((view?.colours ?? []).map((c) => [c.yarnId, c.label]));
  return {
    scatter: s.wound.scatter,
    all: s.wound.weighed,
    yarns: [...own].flatMap(([yarnId, label]) => {
      const of = turnOf(s.wound, yarnId);
      return yarnId === "" ? [] : [{ yarnId, label, ...of }];
    }),
    last: all
      .filter((w) => own.has(w.yarnId))
      .slice(-SHOWN)
      .reverse()
      .map((w) => shown(w, own.get(w.yarnId) ?? "", scope.zone)),
  };
}
export type Wound = Awaited<ReturnType<typeof woundOf>>;

const shown = (w: Winding, label: string, zone: string | undefined) => ({
  id: w.id,
  label,
  turns: w.turns,
  grams: w.mg / 1000,
  on: dayOf(w.createdAt, zone),
});

/** Keeps one weighed winding. */
export async function keepWound({ scope, workshop }: Opened, itemId: string, form: FormData) {
  const f = fields(workshop.locale, workshop.currency, workshop.units);
  const read = z
    .object({
      yarnId: id,
      turns: f.count("Write how many turns it has.", 1, 5000),
      mg: f.scaleMg("Write what it weighs, without core and bag."),
    })
    .safeParse(Object.fromEntries(form));
  if (!read.success) return refused(form, read.error.issues.map((i) => i.message).join(" "));
  const { winderMm } = await findKit(scope, itemId);
  const content = { ...read.data, turnMm: winderMm };
  const [weighed] = weighedWindings([content], await allYarns(scope));
  const off = weighed ? weighed.found / weighed.expected : 1;
  if (!(off < FAR && off > 1 / FAR)) {
    const should = printMass(((weighed?.expected ?? 0) / 1000) as Grams, readingOf(workshop));
    return refused(
      form,
      `${read.data.turns} turns should weigh about ${should}. Take core and bag off the scale, and see that it is this yarn.`,
    );
  }
  await saveWinding(scope, content);
  return { ok: true };
}

const refused = (form: FormData, wrong: string) =>
  data(
    { wound: { wrong, turns: String(form.get("turns") ?? ""), mg: String(form.get("mg") ?? "") } },
    { status: 400 },
  );

/** Takes a weighing back. */
export async function dropWound({ scope }: Opened, form: FormData) {
  const own = z.object({ id }).safeParse(Object.fromEntries(form));
  if (!own.success) throw data(null, { status: 400 });
  await removeWinding(scope, own.data.id);
  return { ok: true };
}
