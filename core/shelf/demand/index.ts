export { countMean, countQuantile } from "./counts";
export { learnDemand, type DemandModel, type DemandOf, type Period, type Series } from "./learn";
export { GENERAL_SEASON } from "./season";
