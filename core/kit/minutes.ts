/** Seconds that one kit takes beside its yarn's making: common practice, no source. */
export const KIT_SECONDS = {
  /** Setting the winder up for a colour, and a metre wound. */
  windColour: 25,
  windMetre: 1.6,
  /** Counting out and bagging one kind of small thing. */
  count: 12,
  pack: 90,
  startedRing: 70,
} as const;

/** How far one maker's winding and packing lies from these: sigma of its logarithm (from memory). */
export const KIT_PACE_SIGMA = 0.25;

export const KIT_STAGES = ["winding", "ring", "counting", "bagging"] as const;
export type KitStage = (typeof KIT_STAGES)[number];

/** One stretch of work on one kit. `of`: which of the colours or things, from 0. */
export interface KitTask {
  readonly stage: KitStage;
  readonly of: number;
  readonly seconds: number;
}

/**
 * What one kit asks for, in the order of the table: each colour wound, rings started, each kind of small thing
 * counted out, all of it packed. `metres`: wound, by colour; `kinds`: of small things. Seconds.
 */
export const kitTasks = (metres: readonly number[], kinds: number, startedRings: number): KitTask[] => [
  ...metres.map((m, of): KitTask => ({
    stage: "winding",
    of,
    seconds: KIT_SECONDS.windColour + m * KIT_SECONDS.windMetre,
  })),
  ...Array.from({ length: startedRings }, (_, of): KitTask => ({
    stage: "ring",
    of,
    seconds: KIT_SECONDS.startedRing,
  })),
  ...Array.from({ length: kinds }, (_, of): KitTask => ({
    stage: "counting",
    of,
    seconds: KIT_SECONDS.count,
  })),
  { stage: "bagging", of: 0, seconds: KIT_SECONDS.pack },
];

/** Seconds for one kit: the sum of its tasks. */
export const kitSeconds = (metres: readonly number[], kinds: number, startedRings: number): number =>
  kitTasks(metres, kinds, startedRings).reduce((s, t) => s + t.seconds, 0);
