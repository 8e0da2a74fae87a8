import { listYarns, type NewSwatch } from "@db/queries/materials";
import { doubtOf, type Doubt } from "@core/calibrate";
import type { WeightClass } from "@core/fabric";
import { todayOf, type Opened } from "../../server/scope.server";
import { groupOf, knowledgeOf, swatchMeasures } from "@core/hand";
import { handDataOf, loadMeasured } from "../../server/measured.server";

/** Asks about a swatch that lies far from what is known of this hand, taking up the yarn the same way. */
export async function doubtAboutSwatch(
  { scope, workshop }: Opened,
  s: NewSwatch,
): Promise<Doubt | undefined> {
  const [measured, yarns] = await Promise.all([loadMeasured(scope), listYarns(scope, true)]);
  const hand = measured.hands.find((h) => h.id === s.handId) ?? measured.hands[0];
  const yarn = yarns.find((y) => y.id === s.yarnId);
  if (!hand || !yarn) return undefined;
  const [measure] = swatchMeasures({ ...s, id: "", setAside: false }, yarn.weightClass as WeightClass);
  if (!measure) return undefined;
  const known = knowledgeOf(
    handDataOf(measured, yarns, { ...hand, loops: s.loops ?? hand.loops }),
    todayOf(scope),
    workshop.halfLifeDays,
  );
  const now = known.tension.of(groupOf(measure.yarnId, measure.hookMm));
  return doubtOf(
    "length",
    Math.log(measure.ratio) - now.mean,
    Math.hypot(now.sd, Math.sqrt(measure.variance)),
  );
}
