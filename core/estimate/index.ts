export * from "./value";
export * from "./work";
export {
  tensionOf,
  tradePerStitch,
  type LearnedYarn,
  type YarnSpec,
  type YarnSwatch,
  type Tension,
  type Held,
  type SlotYarn,
} from "./yarn";
export { compareYarns, RING_SIZES, type Compared } from "./compare";
export { PACE_PRIOR, priorSd } from "./pace-prior";
export { leaksOf, type Leak } from "./conserve";
export {
  DENSITY_SIGMA,
  PACKING_SPREAD,
  studentFactor,
  TENSION_PRIOR,
  TRADE_DOUBT,
  TRADE_WORTH,
  YARN_SIGMA,
} from "./prior";
export { tinyFactor, TRADE_PACE } from "./time";
export {
  estimatePiece,
  hardwareOf,
  mainPart,
  withAssembly,
  type PieceInput,
  type PieceEstimate,
  type PartEstimate,
  type HardwareNeed,
  paceOf,
} from "./piece";
