export { countMean, countQuantile } from "./counts";
export { learnDemand, type Ahead, type DemandModel, type DemandOf, type Period, type Series } from "./learn";
export { GENERAL_SEASON, SEASONS, type SeasonName } from "./season";
