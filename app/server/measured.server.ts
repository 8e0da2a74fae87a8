import {
  listHands,
  listTimings,
  listWeighIns,
  type Hand,
  type TimingRow,
  type WeighIn,
} from "../../db/queries/hands";
import { listSwatches, type Swatch, type Yarn } from "../../db/queries/materials";
import type { Scope } from "../../db/scope";
import { keep } from "./kept";
import type { Work } from "@core/estimate";
import type { WeightClass } from "@core/fabric";
import {
  filledOf,
  packingKnown,
  swatchMeasures,
  weighRatio,
  type DensityMeasure,
  type HandData,
} from "@core/hand";

export interface Measured {
  readonly hands: readonly Hand[];
  readonly swatches: readonly Swatch[];
  readonly weighIns: readonly WeighIn[];
  readonly timings: readonly TimingRow[];
}

/** All that was ever measured: read again only after something was. */
export const loadMeasured = (scope: Scope): Promise<Measured> =>
  keep(scope, "measured", ["measured"], async () => {
    const [hands, swatches, weighIns, timings] = await Promise.all([
      listHands(scope),
      listSwatches(scope),
      listWeighIns(scope),
      listTimings(scope),
    ]);
    return { hands, swatches, weighIns, timings };
  });

/** Of all hands those that who asks may see: a helper has her own. */
export const handsSeen = (hands: readonly Hand[], ownHand: string | null | undefined): readonly Hand[] =>
  ownHand === undefined ? hands : hands.filter((h) => h.id === ownHand);

/**
 * One hand's measurements; a swatch without a hand is the maker's own. Yarn-over and yarn-under are kept
 * apart.
 */
export function handDataOf(
  m: Measured,
  yarns: readonly Pick<Yarn, "id" | "weightClass" | "name">[],
  hand: Hand | undefined,
): HandData {
  const first = m.hands[0]?.id;
  const own = (id: string | null) => (id ?? first) === hand?.id;
  const classOf = new Map(yarns.map((y) => [y.id, y.weightClass as WeightClass]));
  const nameOf = new Map(yarns.map((y) => [y.id, y.name]));
  const loops = hand?.loops ?? "over";
  const density = m.weighIns
    .filter((w) => own(w.handId) && w.kind === "filling")
    .map((w): DensityMeasure => ({
      id: w.id,
      firmness: w.firmness ?? "medium",
      madeOn: w.madeOn,
      setAside: w.setAside,
      pieces: w.pieces,
      ...weighRatio(w),
    }));
  const packing = packingKnown(density);
  return {
    tension: [
      ...m.swatches
        .filter((s) => own(s.handId) && s.loops === loops)
        .flatMap((s) => {
          const weightClass = classOf.get(s.yarnId);
          return weightClass === undefined
            ? []
            : swatchMeasures(s, weightClass).map((m) => ({ ...m, line: nameOf.get(s.yarnId) }));
        }),
      ...m.weighIns
        .filter(
          (w) =>
            own(w.handId) && w.kind === "yarn" && w.loops === loops && w.yarnId !== null && w.hookUm !== null,
        )
        .map((w) => ({
          id: w.id,
          kind: "weigh-in" as const,
          yarnId: w.yarnId ?? "",
          line: nameOf.get(w.yarnId ?? ""),
          itemId: w.itemId ?? undefined,
          hookMm: (w.hookUm ?? 0) / 1000,
          madeOn: w.madeOn,
          setAside: w.setAside,
          filled: filledOf(w),
          ...weighRatio(w, packing(w.firmness ?? "medium")),
        })),
    ],
    density,
    timings: m.timings
      .filter((t) => own(t.handId))
      .map((t) => ({
        id: t.id,
        itemId: t.itemId,
        stage: t.stage,
        work: t.work as Work,
        seconds: t.seconds,
        pieces: t.pieces,
        laps: t.laps,
        madeOn: t.madeOn,
        setAside: t.setAside,
      })),
  };
}
