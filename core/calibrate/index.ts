export { lengthFromSample, lengthFromWraps, classFromWraps } from "./unlabelled";
export {
  learn,
  aged,
  weighVariance,
  DENSITY_SPREAD,
  UNRAVEL_SIGMA,
  GAUGE_SIGMA,
  WEIGH_SIGMA,
  type Observation,
  type Learned,
  type Learning,
  type Spread,
} from "./hierarchy";
export {
  HandLearner,
  learnHand,
  type HandBelief,
  type HandObservation,
  type HandSpreads,
  PACK_SIGMA,
  type Filled,
  type PackingObservation,
} from "./hand-model";
export { learnTension, learnTensionAndPacking, tensionLearner, TENSION_SPREADS } from "./tension";
export { calibrationOf, normalBelow, type Calibration } from "./calibration";
export {
  learnPace,
  PaceLearner,
  learningCurve,
  lapOn,
  TIMING_SIGMA,
  type Timing,
  type Pace,
  type LearningCurve,
} from "./pace";
export { doubtOf, pauseDoubt, type Doubt } from "./doubt";
export { nextMeasurements, type Aim, type NextMeasurement, type PlannedWork, type PlannedYarn } from "./next";
export { learnBatch, batchFactor, lapFactor, USUAL_BATCH, type BatchLearning, type Sitting } from "./batch";
export { driftOf, type Drift, type Residual } from "./drift";
export { widthFrom, WIDTH_SLOPE } from "./width";
export { longLaps, withoutPauses, type LongLap } from "./laps";
