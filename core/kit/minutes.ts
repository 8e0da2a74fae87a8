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

/** Seconds for one kit. `metres`: wound, by colour; `kinds`: of small things. */
export const kitSeconds = (metres: readonly number[], kinds: number, startedRings: number): number =>
  metres.reduce((s, m) => s + KIT_SECONDS.windColour + m * KIT_SECONDS.windMetre, 0) +
  kinds * KIT_SECONDS.count +
  startedRings * KIT_SECONDS.startedRing +
  KIT_SECONDS.pack;
